package brightlintel.correct;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Paper;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.TextCodes;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a sheet says of itself: its title, the scales that are written on it, and a frame that is a little smaller than a standard sheet, as
 * it is when a sheet was shrunk to fit. Evidence, not decisions.
 */
public record SheetNotes(Optional<String> title, List<ScaleNote> scales, Optional<SheetFrame> frame) {
    private static final int LONGEST_TITLE = 60;

    /** @param at units of the sheet */
    public record ScaleNote(String text, double denominator, Point at) { }

    /** @param sheet as it is called; share: the frame's size over that of the sheet */
    public record SheetFrame(String sheet, double share, Box box) { }

    public SheetNotes {
        scales = List.copyOf(scales);
    }

    public static SheetNotes of(RawDrawing d, SpaceKey key) {
        Optional<Space> space = d.space(key);
        if (space.isEmpty()) return new SheetNotes(Optional.empty(), List.of(), Optional.empty());
        List<ScaleNote> scales = new ArrayList<>();
        Entity.Text tallest = null, storey = null;
        for (Entity e : space.get().entities()) {
            if (!(e instanceof Entity.Text t) || !t.shown()) continue;
            String plain = TextCodes.plain(t).strip();
            for (double n : ScaleWords.in(plain)) scales.add(new ScaleNote(plain, n, t.at().flat()));
            if (plain.length() > LONGEST_TITLE || plain.chars().filter(Character::isLetter).count() < 2) continue;
            if (StoreyWords.level(plain).isPresent() && (storey == null || t.height() > storey.height())) storey = t;
            if (tallest == null || t.height() > tallest.height()) tallest = t;
        }
        Entity.Text title = storey != null ? storey : tallest;
        return new SheetNotes(Optional.ofNullable(title).map(t -> TextCodes.plain(t).strip()), scales,
            space.get().paper().flatMap(p -> frame(space.get(), p)));
    }

    /** The scale of the sheet, where all that is written agrees. */
    public Optional<ScaleNote> scale() {
        return scales.stream().map(ScaleNote::denominator).distinct().count() == 1 ? Optional.of(scales.getFirst()) : Optional.empty();
    }

    // ---- the frame

    private record Sheet(String name, double width, double height) { }

    private static final List<Sheet> SHEETS = List.of(new Sheet("A0", 841, 1189), new Sheet("A1", 594, 841), new Sheet("A2", 420, 594),
        new Sheet("A3", 297, 420), new Sheet("A4", 210, 297), new Sheet("ANSI B", 279.4, 431.8), new Sheet("ANSI C", 431.8, 558.8),
        new Sheet("ANSI D", 558.8, 863.6), new Sheet("ANSI E", 863.6, 1117.6), new Sheet("ARCH C", 457.2, 609.6),
        new Sheet("ARCH D", 609.6, 914.4),
        new Sheet("ARCH E", 914.4, 1219.2));
    private static final double SMALLEST = 0.85, LARGEST = 0.995, ALIKE = 0.002, HALF = 0.5, MM = 1000;

    /** An upright rectangle of half the page and more, in the shape of a sheet that the page can be. */
    private static Optional<SheetFrame> frame(Space s, Paper paper) {
        double wide = paper.width() / paper.metresPerUnit(), high = paper.height() / paper.metresPerUnit();
        List<SheetFrame> found = new ArrayList<>();
        for (Box b : rectangles(s, wide, high)) {
            double w = b.width() * paper.metresPerUnit() * MM, h = b.height() * paper.metresPerUnit() * MM;
            for (Sheet sheet : SHEETS) {
                double across = w > h ? sheet.height : sheet.width, up = w > h ? sheet.width : sheet.height;
                boolean fits = Math.abs(paper.width() * MM - across) < 0.03 * across && Math.abs(paper.height() * MM - up) < 0.03 * up;
                double kx = w / across, ky = h / up;
                if (fits && Math.abs(kx - ky) < ALIKE && kx > SMALLEST && kx < LARGEST)
                    found.add(new SheetFrame(sheet.name, (kx + ky) / 2, b));
            }
        }
        return found.stream().max(Comparator.comparingDouble(SheetFrame::share));
    }

    private static List<Box> rectangles(Space s, double wide, double high) {
        List<Box> out = new ArrayList<>();
        List<Double> levels = new ArrayList<>(), plumbs = new ArrayList<>();
        for (Entity e : s.entities()) {
            if (e instanceof Entity.Polyline p && p.size() >= 4) {
                Box b = Box.EMPTY;
                for (int i = 0; i < p.size(); i++) b = b.with(new Point(p.points().get(4 * i), p.points().get(4 * i + 1)));
                if (p.size() <= 5 && b.width() > HALF * wide && b.height() > HALF * high) out.add(b);
            }
            if (!(e instanceof Entity.Line l)) continue;
            double dx = Math.abs(l.b().x() - l.a().x()), dy = Math.abs(l.b().y() - l.a().y());
            if (dy < 1e-3 * dx && dx > HALF * wide) levels.add(l.a().y());
            if (dx < 1e-3 * dy && dy > HALF * high) plumbs.add(l.a().x());
        }
        // drawn as four lines: the outermost of each
        if (levels.size() > 1 && plumbs.size() > 1)
            out.add(new Box(plumbs.stream().min(Double::compare).orElseThrow(), levels.stream().min(Double::compare).orElseThrow(),
                plumbs.stream().max(Double::compare).orElseThrow(), levels.stream().max(Double::compare).orElseThrow()));
        return out;
    }
}
