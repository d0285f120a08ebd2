package brightlintel.correct.size;

import brightlintel.correct.SheetNotes;
import brightlintel.correct.look.Look;
import brightlintel.drawing.Paper;
import brightlintel.drawing.Space;
import java.util.List;
import java.util.Optional;

/** What a sheet says of itself: the scale that is written on it, and a frame that should be as large as its sheet. */
final class Sheets {
    /** A note on a sheet is right unless the sheet was shrunk, or the note belongs to a detail. */
    private static final double SCALE = -2.2, SHEET = -1.5;

    private Sheets() { }

    static List<Opinion> scales(Look look) {
        Optional<Double> unit = unit(look);
        if (unit.isEmpty()) return List.of();
        SheetNotes notes = SheetNotes.of(look.drawn().file(), look.drawn().space());
        return notes.scale().map(s -> new Opinion(SizeKind.SCALE, s.denominator() * unit.get(), 1, notes.scales().size(), s.denominator(),
            List.of(s.at().minus(look.strokes().origin())), f -> near(f, s.denominator() * unit.get()) ? 0 : SCALE)).stream().toList();
    }

    static List<Opinion> frame(Look look) {
        Optional<Double> unit = unit(look);
        if (unit.isEmpty()) return List.of();
        SheetNotes notes = SheetNotes.of(look.drawn().file(), look.drawn().space());
        if (notes.frame().isEmpty() || notes.scale().isEmpty()) return List.of();
        SheetNotes.SheetFrame frame = notes.frame().get();
        double at = notes.scale().get().denominator() * unit.get() / frame.share();
        return List.of(new Opinion(SizeKind.SHEET, at, 1, 1, frame.share(), List.of(frame.box().centre().minus(look.strokes().origin())),
            f -> near(f, at) ? 0 : SHEET));
    }

    /** Metres on paper of a unit of the sheet. */
    private static Optional<Double> unit(Look look) {
        return look.drawn().place().flatMap(Space::paper).map(Paper::metresPerUnit);
    }

    private static boolean near(double f, double at) {
        return Math.abs(Math.log(f / at)) < Candidates.SAME;
    }
}
