package brightlintel.correct.size;

import brightlintel.correct.SheetNotes;
import brightlintel.correct.look.Look;
import brightlintel.drawing.Paper;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a sheet says of itself: the scale that is written on it, and a frame that should be as large as its sheet. */
final class Sheets {
    /** A note on a sheet is right unless the sheet was shrunk, or the note belongs to a detail. */
    private static final double SCALE = -2.2, SHEET = -1.5;

    private Sheets() { }

    static List<Opinion> opinions(Look look) {
        List<Opinion> out = new ArrayList<>();
        Optional<Paper> paper = look.drawn().paper();
        if (paper.isEmpty()) return out;
        SheetNotes notes = SheetNotes.of(look.drawn().file(), look.drawn().space());
        notes.scale().ifPresent(s -> {
            double at = s.denominator() * paper.get().metresPerUnit();
            out.add(new Opinion(SizeKind.SCALE, at, 1, notes.scales().size(), s.denominator(),
                List.of(s.at().minus(look.strokes().origin())),
                f -> near(f, at) ? 0 : SCALE));
            notes.frame().ifPresent(frame -> out.add(frame(look, frame, at / frame.share())));
        });
        return out;
    }

    private static Opinion frame(Look look, SheetNotes.SheetFrame frame, double at) {
        return new Opinion(SizeKind.SHEET, at, 1, 1, frame.share(), List.of(frame.box().centre().minus(look.strokes().origin())),
            f -> near(f, at) ? 0 : SHEET);
    }

    private static boolean near(double f, double at) {
        return Math.abs(Math.log(f / at)) < Candidates.SAME;
    }
}
