package brightlintel.paint;

import brightlintel.clear.Cleared;
import brightlintel.drawing.FillMark;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Point;
import brightlintel.place.LaidPicture;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;

/**
 * Paints the strokes of a drawing, by the million: chords are sorted into squares of the picture, so that each thread stays in its cache,
 * and squares are painted side by side. Pure: gives up early when told.
 */
public final class StrokePainter {
    private static final int SQUARE = 64;
    /** Chords shorter than this are a dot whose cover is their length. */
    private static final float DOT = 0.4f;
    private static final double SMALLEST_TEXT = 4;
    /** Height of capitals, of our font's size. */
    private static final double CAPITALS = 0.66;

    private StrokePainter() { }

    /**
     * @param muted one quiet ink for all, or the drawing's colours
     * @param lit   layer to be lit up, -1 for none
     */
    public record Look(Palette palette, boolean muted, int lit, double fade) { }

    /** @return false where it gave up */
    public static boolean paint(PlacedDrawing d, PlanView view, Look look, Raster r, BooleanSupplier stop) {
        Affine toPx = d.toBuilding().then(view.toPx());
        Underlaid.Look scan = new Underlaid.Look(look.fade, look.muted || look.palette.isDark() ? look.palette.ink2() : -1);
        for (LaidPicture p : d.pictures()) Underlaid.paint(r, p.pixels(), p.toBuilding().then(view.toPx()), scan, stop);
        fills(d, toPx, look, r);
        if (stop.getAsBoolean()) return false;
        Bins bins = new Bins(d, toPx, r, stop);
        if (stop.getAsBoolean()) return false;
        int[] ink = inks(d, look);
        IntStream.range(0, bins.count()).parallel().forEach(b -> {
            if (!stop.getAsBoolean()) bins.paint(b, r, ink, look.palette);
        });
        if (stop.getAsBoolean()) return false;
        texts(d, toPx, look, r);
        words(bins.broken.words(), ink, r);
        return !stop.getAsBoolean();
    }

    /**
     * Under the strokes, fainter than they are: a wash for a fill, thin lines for a pattern. Patterns too fine to be told apart become a
     * wash.
     */
    private static void fills(PlacedDrawing d, Affine toPx, Look look, Raster r) {
        Fill fill = new Fill(r);
        for (int n = 0; n < d.strokes().fills().size(); n++) {
            FillMark f = d.strokes().fills().get(n);
            if (!d.cleared().fillShown(n)) continue;
            int ink = Palette.mix(ink(f.colour(), f.layer(), look), look.palette.paper(), 0.35);
            boolean fine = f.lines().length > 0 && f.lines().length / 4.0 > 1.2 * heightPx(f, toPx);
            if (f.lines().length == 0 || fine) {
                List<List<Point>> rings = new ArrayList<>();
                for (double[] ring : f.rings()) rings.add(px(ring, toPx));
                fill.evenOdd(rings, ink, 0.22);
            } else
                for (int i = 0; i + 3 < f.lines().length; i += 4) {
                    Point a = toPx.apply(f.lines()[i], f.lines()[i + 1]), b = toPx.apply(f.lines()[i + 2], f.lines()[i + 3]);
                    if (Math.max(a.x(), b.x()) < 0 || Math.min(a.x(), b.x()) > r.width || Math.max(a.y(), b.y()) < 0
                        || Math.min(a.y(), b.y()) > r.height) continue;
                    if (a.distance(b) < 20_000)
                        Hairline.paint(r, 0, 0, r.width, r.height, (float) a.x(), (float) a.y(), (float) b.x(), (float) b.y(), ink, 120);
                }
        }
    }

    private static double heightPx(FillMark f, Affine toPx) {
        double lo = Double.POSITIVE_INFINITY, hi = Double.NEGATIVE_INFINITY;
        for (double[] ring : f.rings())
            for (Point p : px(ring, toPx)) {
                lo = Math.min(lo, p.x() + p.y());
                hi = Math.max(hi, p.x() + p.y());
            }
        return hi - lo;
    }

    private static List<Point> px(double[] ring, Affine toPx) {
        List<Point> out = new ArrayList<>(ring.length / 2);
        for (int i = 0; i < ring.length; i += 2) out.add(toPx.apply(ring[i], ring[i + 1]));
        return out;
    }

    /** Ink of each stroke, -1 for those not shown. */
    private static int[] inks(PlacedDrawing d, Look look) {
        Strokes s = d.strokes();
        int[] out = new int[s.size()];
        for (int i = 0; i < out.length; i++) {
            out[i] = d.cleared().strokeShown(i) ? ink(s.colourOf(i), s.layerOf(i), look) : -1;
        }
        return out;
    }

    private static int ink(int colour, int layer, Look look) {
        Palette p = look.palette;
        if (layer == look.lit) return p.brass();
        if (look.muted) return Palette.mix(p.ink2(), p.paper(), look.fade);
        return Palette.mix(readable(colour, p), p.paper(), look.fade * 0.5);
    }

    /** A colour that cannot be told from the paper is brought towards the ink. */
    static int readable(int colour, Palette p) {
        if (colour == 0) return p.ink();
        double gap = Math.abs(luminance(colour) - luminance(p.paper()));
        return gap > 0.35 ? colour : Palette.mix(colour, p.ink(), 0.55);
    }

    private static double luminance(int c) {
        return (0.2126 * (c >> 16 & 255) + 0.7152 * (c >> 8 & 255) + 0.0722 * (c & 255)) / 255;
    }

    private static void texts(PlacedDrawing d, Affine toPx, Look look, Raster r) {
        Brush brush = new Brush(r);
        for (int i = 0; i < d.strokes().texts().size(); i++) {
            Strokes.TextMark t = d.strokes().texts().get(i);
            if (!d.cleared().textShown(i)) continue;
            Affine m = t.map().then(toPx);
            double size = m.meanScale();
            Point at = m.apply(0, 0);
            if (size < SMALLEST_TEXT || size > 4000 || at.x() < -4000 || at.y() < -4000 || at.x() > r.width + 4000
                || at.y() > r.height + 4000) continue;
            text(brush, t, m, ink(t.colour(), t.layer(), look));
        }
    }

    /** Words in line types. */
    private static void words(List<BrokenLines.Word> words, int[] ink, Raster r) {
        Brush brush = new Brush(r);
        for (BrokenLines.Word w : words)
            if (ink[w.stroke()] >= 0)
                brush.text(w.text(), Affine.scale(1 / CAPITALS, 1 / CAPITALS).then(w.map()), Fonts.Weight.REGULAR, ink[w.stroke()]);
    }

    /** Stored heights are those of capitals. */
    private static void text(Brush brush, Strokes.TextMark t, Affine m, int colour) {
        String[] lines = t.plain().split("\n");
        double size = 1 / CAPITALS;
        for (int i = 0; i < lines.length; i++) {
            double plain = brush.textWidth(lines[i], size, Fonts.Weight.REGULAR), factor = t.fits() > 0 && plain > 0
                ? t.fits() / plain : t.widthFactor();
            double width = plain * factor;
            double x = switch (t.across()) {
                case LEFT, STRETCHED -> 0;
                case CENTRE -> -width / 2;
                case RIGHT -> -width;
            };
            Affine place = Affine.scale(size * factor, size).then(Affine.move(x, t.firstLine() - i * Strokes.TextMark.STEP)).then(m);
            brush.text(lines[i], place, Fonts.Weight.REGULAR, colour);
        }
    }

    /** Chords in pixels, sorted into squares by counting. */
    private static final class Bins {
        private final int across, down;
        private final float[] px;
        private final int[] stroke;
        private final int[] first;
        private final int[] entries;
        private final BrokenLines broken;
        private final Set<Integer> cutSplines = new HashSet<>();
        private float[] out;
        private int[] from;
        private int kept;

        Bins(PlacedDrawing d, Affine m, Raster r, BooleanSupplier stop) {
            across = (r.width + SQUARE - 1) / SQUARE;
            down = (r.height + SQUARE - 1) / SQUARE;
            broken = new BrokenLines(d.strokes(), m.meanScale(), r);
            collect(d, m, r, stop);
            px = out;
            stroke = from;
            first = new int[across * down + 1];
            for (int i = 0; i < kept; i++) visit(i, k -> first[k + 1]++);
            for (int k = 0; k < across * down; k++) first[k + 1] += first[k];
            entries = new int[first[across * down]];
            int[] at = Arrays.copyOf(first, across * down);
            for (int i = 0; i < kept; i++) {
                int chord = i;
                visit(i, k -> entries[at[k]++] = chord);
            }
        }

        private void collect(PlacedDrawing d, Affine m, Raster r, BooleanSupplier stop) {
            Strokes s = d.strokes();
            int n = s.chords();
            Cleared shown = d.cleared();
            boolean dashes = s.hasDashes();
            out = new float[4 * Math.min(n, 1 << 16)];
            from = new int[out.length / 4];
            double[] xy = s.xy();
            double a = m.a(), b = m.b(), c = m.c(), e = m.d(), tx = m.tx(), ty = m.ty();
            for (int i = 0; i < n; i++) {
                if ((i & 0xffff) == 0 && stop.getAsBoolean()) break;
                double x0 = a * xy[4 * i] + c * xy[4 * i + 1] + tx, x1 = a * xy[4 * i + 2] + c * xy[4 * i + 3] + tx;
                double y0 = b * xy[4 * i] + e * xy[4 * i + 1] + ty, y1 = b * xy[4 * i + 2] + e * xy[4 * i + 3] + ty;
                int stroke = s.strokeOf(i);
                boolean beside = x0 < 0 && x1 < 0 || x0 > r.width && x1 > r.width || y0 < 0 && y1 < 0 || y0 > r.height && y1 > r.height;
                if (beside || !shown.strokeShown(stroke)) {
                    if (dashes) broken.pass(i);
                    continue;
                }
                BrokenLines.Sink sink = shown.strokeCut(stroke) ? cut(s, shown.stretches(stroke), i, m, x0, y0, x1, y1, r)
                    : (ax, ay, bx, by) -> keep(r, ax, ay, bx, by, stroke);
                if (!dashes || !broken.cut(i, x0, y0, x1, y1, sink)) sink.dash(x0, y0, x1, y1);
            }
        }

        /**
         * Takes parts of a chord and keeps what lies within the shown stretches of its stroke. Chords part lines and arcs evenly, but not
         * splines.
         */
        private BrokenLines.Sink cut(Strokes s, double[] stretches, int chord, Affine m, double x0, double y0, double x1, double y1,
            Raster r) {
            int stroke = s.strokeOf(chord), first = s.firstChord(stroke), n = s.firstChord(stroke + 1) - first;
            if (s.curveOf(stroke) instanceof Nurbs spline) {
                if (cutSplines.add(stroke))
                    for (int k = 0; k < stretches.length; k += 2) sampled(spline, stretches[k], stretches[k + 1], n, m, r, stroke);
                return (_, _, _, _) -> { };
            }
            double dx = x1 - x0, dy = y1 - y0, l2 = dx * dx + dy * dy;
            return (ax, ay, bx, by) -> {
                double from = l2 > 0 ? ((ax - x0) * dx + (ay - y0) * dy) / l2 : 0, to = l2 > 0 ? ((bx - x0) * dx + (by - y0) * dy) / l2 : 1;
                for (int k = 0; k < stretches.length; k += 2) {
                    double lo = Math.max(from, stretches[k] * n - (chord - first)),
                        hi = Math.min(to, stretches[k + 1] * n - (chord - first));
                    if (lo < hi) keep(r, x0 + dx * lo, y0 + dy * lo, x0 + dx * hi, y0 + dy * hi, stroke);
                }
            };
        }

        private void sampled(Nurbs c, double from, double to, int chords, Affine m, Raster r, int stroke) {
            int n = Math.max(8, (int) Math.ceil(2 * chords * (to - from)));
            Point a = m.apply(c.at(from));
            for (int i = 1; i <= n; i++) {
                Point b = m.apply(c.at(from + (to - from) * i / n));
                keep(r, a.x(), a.y(), b.x(), b.y(), stroke);
                a = b;
            }
        }

        /** Clipped to a margin round the picture, so that floats keep their digits however far a line runs. */
        private void keep(Raster r, double x0, double y0, double x1, double y1, int stroke) {
            double lo = 0, hi = 1, dx = x1 - x0, dy = y1 - y0;
            double[][] sides = {{-dx, x0 + 2}, {dx, r.width + 2 - x0}, {-dy, y0 + 2}, {dy, r.height + 2 - y0}};
            if (Math.abs(x0) + Math.abs(y0) + Math.abs(x1) + Math.abs(y1) > 8192)
                for (double[] s : sides) {
                    if (s[0] < 0) lo = Math.max(lo, s[1] / s[0]);
                    else if (s[0] > 0) hi = Math.min(hi, s[1] / s[0]);
                    else if (s[1] < 0) return;
                }
            if (!(lo <= hi)) return;
            if (4 * kept == out.length) {
                out = Arrays.copyOf(out, 2 * out.length);
                from = Arrays.copyOf(from, 2 * from.length);
            }
            out[4 * kept] = (float) (x0 + dx * lo);
            out[4 * kept + 1] = (float) (y0 + dy * lo);
            out[4 * kept + 2] = (float) (x0 + dx * hi);
            out[4 * kept + 3] = (float) (y0 + dy * hi);
            from[kept++] = stroke;
        }

        int count() {
            return across * down;
        }

        private void visit(int i, IntConsumer square) {
            float x0 = px[4 * i], y0 = px[4 * i + 1], x1 = px[4 * i + 2], y1 = px[4 * i + 3];
            int cx0 = Math.clamp((int) (Math.min(x0, x1) - 1) / SQUARE, 0, across - 1),
                cx1 = Math.clamp((int) (Math.max(x0, x1) + 1) / SQUARE, 0, across - 1);
            int cy0 = Math.clamp((int) (Math.min(y0, y1) - 1) / SQUARE, 0, down - 1),
                cy1 = Math.clamp((int) (Math.max(y0, y1) + 1) / SQUARE, 0, down - 1);
            boolean small = cx0 == cx1 || cy0 == cy1;
            for (int y = cy0; y <= cy1; y++)
                for (int x = cx0; x <= cx1; x++) if (small || passes(x0, y0, x1, y1, x, y)) square.accept(y * across + x);
        }

        /** Whether a line comes within a square and a pixel round it. */
        private static boolean passes(float x0, float y0, float x1, float y1, int cx, int cy) {
            float mx = (cx + 0.5f) * SQUARE, my = (cy + 0.5f) * SQUARE, dx = x1 - x0, dy = y1 - y0;
            return Math.abs(dx * (my - y0) - dy * (mx - x0)) <= (SQUARE / 2f + 2) * (Math.abs(dx) + Math.abs(dy));
        }

        void paint(int square, Raster r, int[] ink, Palette p) {
            int x0 = square % across * SQUARE, y0 = square / across * SQUARE, x1 = Math.min(r.width, x0 + SQUARE),
                y1 = Math.min(r.height, y0 + SQUARE);
            for (int e = first[square]; e < first[square + 1]; e++) {
                int i = entries[e], colour = ink[stroke[i]];
                if (colour < 0) continue;
                float ax = px[4 * i], ay = px[4 * i + 1], bx = px[4 * i + 2], by = px[4 * i + 3],
                    length = Math.abs(bx - ax) + Math.abs(by - ay);
                if (length < DOT) {
                    int x = (int) ax, y = (int) ay;
                    if (ax >= x0 && ay >= y0 && x < x1 && y < y1) r.blend(y * r.width + x, colour, (int) (length * 256));
                } else Hairline.paint(r, x0, y0, x1, y1, ax, ay, bx, by, colour, 256);
            }
        }
    }
}
