package brightlintel.paint;

import brightlintel.clear.Cleared;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Paints chords into one picture: broken lines in their dashes, strokes that are cut in their shown parts. */
final class ChordPainter {
    /** Chords shorter than this are a dot whose cover is their length. */
    private static final float DOT = 0.4f;
    /** From this width on a line is an area. */
    private static final float BROAD = 1.4f;
    /** Beyond it floats would lose their digits. */
    private static final double FAR = 8192;
    private final Strokes strokes;
    private final Cleared shown;
    private final Affine m;
    private final Raster r;
    private final Brush brush;
    private final BrokenLines broken;
    private final Set<Integer> cutSplines = new HashSet<>();
    private int colour, alpha = 256;
    private float width = 1;
    private boolean broad;

    ChordPainter(PlacedDrawing d, Affine toPx, Raster r) {
        this.strokes = d.strokes();
        this.shown = d.cleared();
        this.m = toPx;
        this.r = r;
        this.brush = new Brush(r);
        this.broken = strokes.hasDashes() ? new BrokenLines(strokes, m.meanScale(), r) : null;
    }

    /** Words in line types that were met. */
    List<BrokenLines.Word> words() {
        return broken == null ? List.of() : broken.words();
    }

    void paint(int chord, int ink, float wide) {
        colour = ink;
        if (wide != width) {
            width = wide;
            broad = wide >= BROAD;
            alpha = (int) (256 * Math.clamp(wide, 0.2f, 1f));
        }
        double[] xy = strokes.xy();
        int i = 4 * chord;
        double x0 = m.a() * xy[i] + m.c() * xy[i + 1] + m.tx(), x1 = m.a() * xy[i + 2] + m.c() * xy[i + 3] + m.tx();
        double y0 = m.b() * xy[i] + m.d() * xy[i + 1] + m.ty(), y1 = m.b() * xy[i + 2] + m.d() * xy[i + 3] + m.ty();
        int stroke = strokes.strokeOf(chord);
        if (broken == null && !shown.strokeCut(stroke)) {
            line(x0, y0, x1, y1);
            return;
        }
        BrokenLines.Sink sink = shown.strokeCut(stroke) ? cut(chord, stroke, x0, y0, x1, y1) : this::line;
        if (broken == null || !broken.cut(chord, x0, y0, x1, y1, sink)) sink.dash(x0, y0, x1, y1);
    }

    /**
     * Takes parts of a chord and paints what lies within the shown stretches of its stroke. Chords part lines and arcs evenly, but not
     * splines.
     */
    private BrokenLines.Sink cut(int chord, int stroke, double x0, double y0, double x1, double y1) {
        double[] stretches = shown.stretches(stroke);
        int first = strokes.firstChord(stroke), n = strokes.firstChord(stroke + 1) - first;
        if (strokes.curveOf(stroke) instanceof Nurbs spline) {
            if (cutSplines.add(stroke)) for (int k = 0; k < stretches.length; k += 2) sampled(spline, stretches[k], stretches[k + 1], n);
            return (_, _, _, _) -> { };
        }
        double dx = x1 - x0, dy = y1 - y0, l2 = dx * dx + dy * dy;
        return (ax, ay, bx, by) -> {
            double from = l2 > 0 ? ((ax - x0) * dx + (ay - y0) * dy) / l2 : 0, to = l2 > 0 ? ((bx - x0) * dx + (by - y0) * dy) / l2 : 1;
            for (int k = 0; k < stretches.length; k += 2) {
                double lo = Math.max(from, stretches[k] * n - (chord - first)), hi = Math.min(to, stretches[k + 1] * n - (chord - first));
                if (lo < hi) line(x0 + dx * lo, y0 + dy * lo, x0 + dx * hi, y0 + dy * hi);
            }
        };
    }

    private void sampled(Nurbs c, double from, double to, int chords) {
        int n = Math.max(8, (int) Math.ceil(2 * chords * (to - from)));
        Point a = m.apply(c.at(from));
        for (int i = 1; i <= n; i++) {
            Point b = m.apply(c.at(from + (to - from) * i / n));
            line(a.x(), a.y(), b.x(), b.y());
            a = b;
        }
    }

    private void line(double x0, double y0, double x1, double y1) {
        int w = r.width, h = r.height;
        if (x0 < -width && x1 < -width || x0 > w + width && x1 > w + width || y0 < -width && y1 < -width
            || y0 > h + width && y1 > h + width) return;
        if (broad) brush.line(new Point(x0, y0), new Point(x1, y1), width, colour);
        else if (Math.abs(x1 - x0) + Math.abs(y1 - y0) < DOT) dot(x0, y0, Math.abs(x1 - x0) + Math.abs(y1 - y0));
        else if (Math.abs(x0) < FAR && Math.abs(y0) < FAR && Math.abs(x1) < FAR && Math.abs(y1) < FAR)
            Hairline.paint(r, 0, 0, w, h, (float) x0, (float) y0, (float) x1, (float) y1, colour, alpha);
        else clipped(x0, y0, x1, y1);
    }

    private void dot(double x, double y, double length) {
        int px = (int) Math.floor(x), py = (int) Math.floor(y);
        if (px >= 0 && py >= 0 && px < r.width && py < r.height) r.blend(py * r.width + px, colour, (int) (length * alpha));
    }

    /** To a margin round the picture, however far a line runs. */
    private void clipped(double x0, double y0, double x1, double y1) {
        double lo = 0, hi = 1, dx = x1 - x0, dy = y1 - y0, margin = FAR / 4;
        double[][] sides = {{-dx, x0 + margin}, {dx, r.width + margin - x0}, {-dy, y0 + margin}, {dy, r.height + margin - y0}};
        for (double[] s : sides) {
            if (s[0] < 0) lo = Math.max(lo, s[1] / s[0]);
            else if (s[0] > 0) hi = Math.min(hi, s[1] / s[0]);
            else if (s[1] < 0) return;
        }
        if (lo < hi)
            Hairline.paint(r, 0, 0, r.width, r.height, (float) (x0 + dx * lo), (float) (y0 + dy * lo), (float) (x0 + dx * hi),
                (float) (y0 + dy * hi), colour, alpha);
    }
}
