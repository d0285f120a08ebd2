package brightlintel.paint;

import brightlintel.drawing.FillMark;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntPredicate;

/** Paints texts and fills: fills under the strokes and fainter than they are, texts over them. */
final class MarksPainter {
    /** Smaller texts are bars, and smaller ones still are nothing. Pixels. */
    private static final double SMALLEST_TEXT = 4, SMALLEST_BAR = 1.1, LARGEST = 4000;
    /** Height of capitals, of our font's size. */
    private static final double CAPITALS = 0.66;
    private static final double BAR = 0.28, WASH = 0.22, DEEP = 0.4;
    private static final int LINE = 120;
    private final PlacedDrawing d;
    private final StrokePainter.Look look;
    /** Outlines turned so that holes run the other way round, worked out when first painted. */
    private final Map<Integer, List<double[]>> turned = new ConcurrentHashMap<>();
    /** How far letters of the tallest text reach out of their box, metres. */
    private final double deepest;

    /** Shown texts and fills that reach into a picture, by their place in the drawing's lists. */
    record Seen(List<Integer> texts, List<Integer> fills) {
        /** @param marks by their number among all marks */
        Seen only(IntPredicate marks, int ofTexts) {
            return new Seen(texts.stream().filter(marks::test).toList(), fills.stream().filter(f -> marks.test(ofTexts + f)).toList());
        }
    }

    MarksPainter(PlacedDrawing d, StrokePainter.Look look) {
        this.d = d;
        this.look = look;
        double tallest = d.strokes().texts().stream().mapToDouble(t -> t.map().meanScale()).filter(Double::isFinite).max().orElse(0);
        deepest = DEEP * tallest * d.toBuilding().meanScale();
    }

    Seen in(Box metres) {
        int texts = d.strokes().texts().size(), fills = d.strokes().fills().size();
        Seen out = new Seen(new ArrayList<>(), new ArrayList<>());
        if (texts + fills > 0) d.marksIn(metres.grown(deepest), m -> {
            if (!d.cleared().markShown(m)) return;
            if (m < texts) out.texts.add(m);
            else if (m < texts + fills) out.fills.add(m - texts);
        });
        return out;
    }

    /** A wash for a fill, thin lines for a pattern. Patterns too fine to be told apart become a wash. */
    void fills(Seen seen, Affine toPx, Raster r) {
        Fill fill = new Fill(r);
        for (int n : seen.fills) {
            FillMark f = d.strokes().fills().get(n);
            int ink = Palette.mix(look.ink(f.colour()), look.palette().paper(), 0.35);
            if (f.lines().length == 0 || isTooFine(f, toPx)) {
                List<List<Point>> rings = new ArrayList<>();
                for (double[] ring : turned.computeIfAbsent(n, i -> turned(d.strokes().fills().get(i)))) rings.add(px(ring, toPx));
                fill.rings(rings, ink, WASH);
            } else pattern(f.lines(), toPx, ink, r);
        }
    }

    private static void pattern(double[] lines, Affine toPx, int ink, Raster r) {
        for (int i = 0; i + 3 < lines.length; i += 4) {
            Point a = toPx.apply(lines[i], lines[i + 1]), b = toPx.apply(lines[i + 2], lines[i + 3]);
            if (Math.max(a.x(), b.x()) < -1 || Math.min(a.x(), b.x()) > r.width + 1 || Math.max(a.y(), b.y()) < -1
                || Math.min(a.y(), b.y()) > r.height + 1) continue;
            if (a.distance(b) < 5 * LARGEST)
                Hairline.paint(r, 0, 0, r.width, r.height, (float) a.x(), (float) a.y(), (float) b.x(), (float) b.y(), ink, LINE);
        }
    }

    private static boolean isTooFine(FillMark f, Affine toPx) {
        double lo = Double.POSITIVE_INFINITY, hi = Double.NEGATIVE_INFINITY;
        for (double[] ring : f.rings())
            for (int i = 0; i < ring.length; i += 2) {
                double across = (toPx.a() + toPx.b()) * ring[i] + (toPx.c() + toPx.d()) * ring[i + 1];
                lo = Math.min(lo, across);
                hi = Math.max(hi, across);
            }
        return f.lines().length / 4.0 > 1.2 * (hi - lo);
    }

    /** Rings of any orientation; a ring inside an odd number of others is a hole. */
    private static List<double[]> turned(FillMark f) {
        List<Ring> rings = new ArrayList<>();
        for (double[] r : f.rings()) if (r.length >= 6) rings.add(new Ring(px(r, Affine.IDENTITY)));
        List<double[]> out = new ArrayList<>();
        for (Ring r : rings) {
            long around = rings.stream().filter(o -> o != r && o.holds(r.corners().getFirst())).count();
            List<Point> p = r.signedArea() > 0 == (around % 2 == 0) ? r.corners() : r.corners().reversed();
            double[] flat = new double[2 * p.size()];
            for (int i = 0; i < p.size(); i++) {
                flat[2 * i] = p.get(i).x();
                flat[2 * i + 1] = p.get(i).y();
            }
            out.add(flat);
        }
        return out;
    }

    private static List<Point> px(double[] ring, Affine toPx) {
        List<Point> out = new ArrayList<>(ring.length / 2);
        for (int i = 0; i < ring.length; i += 2) out.add(toPx.apply(ring[i], ring[i + 1]));
        return out;
    }

    void texts(Seen seen, Affine toPx, Raster r) {
        Brush brush = new Brush(r);
        for (int i : seen.texts) {
            Strokes.TextMark t = d.strokes().texts().get(i);
            Affine m = t.map().then(toPx);
            double size = m.meanScale();
            Point at = m.apply(0, 0);
            if (!(size >= SMALLEST_BAR) || size > LARGEST || Math.abs(at.x()) > 5 * LARGEST || Math.abs(at.y()) > 5 * LARGEST) continue;
            text(brush, t, m, look.ink(t.colour()), size < SMALLEST_TEXT);
        }
    }

    /** A word in a line type. */
    void word(BrokenLines.Word w, int ink, Raster r) {
        if (ink >= 0) new Brush(r).text(w.text(), Affine.scale(1 / CAPITALS, 1 / CAPITALS).then(w.map()), Fonts.Weight.REGULAR, ink);
    }

    /** Stored heights are those of capitals. @param bars only where the lines are */
    private static void text(Brush brush, Strokes.TextMark t, Affine m, int colour, boolean bars) {
        String[] lines = t.plain().split("\n");
        double size = 1 / CAPITALS;
        for (int i = 0; i < lines.length; i++) {
            double plain = brush.textWidth(lines[i], size, Fonts.Weight.REGULAR), factor = t.fits() > 0 && plain > 0
                ? t.fits() / plain : t.widthFactor();
            double width = plain * factor, y = t.firstLine() - i * Strokes.TextMark.STEP;
            double x = switch (t.across()) {
                case LEFT, STRETCHED -> 0;
                case CENTRE -> -width / 2;
                case RIGHT -> -width;
            };
            if (!bars)
                brush.text(lines[i], Affine.scale(size * factor, size).then(Affine.move(x, y)).then(m), Fonts.Weight.REGULAR, colour);
            else if (width > 0)
                brush.fill(List.of(m.apply(x, y + 0.1), m.apply(x + width, y + 0.1), m.apply(x + width, y + 0.8), m.apply(x, y + 0.8)),
                    colour, BAR);
        }
    }
}
