package brightlintel.paint;

import brightlintel.drawing.LineType;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import java.util.ArrayList;
import java.util.List;

/**
 * Cuts the chords of a stroke into the dashes of its line type, in pixels. Both ends of a stroke get a dash, as the format asks; a pattern
 * too fine to be seen, or longer than its line, is left unbroken. Quickest where the chords of a stroke come one after another.
 */
final class BrokenLines {
    private static final double FINEST = 4;
    private static final int MOST_WORDS = 4000;
    private final Strokes strokes;
    private final double pxPerUnit;
    private final Raster r;
    private final List<Word> words = new ArrayList<>();
    private int stroke = -1, next = -1;
    private double length, from, repeat, scale, lead;
    private LineType type;

    /** A dash, ends in pixels. */
    interface Sink {
        void dash(double x0, double y0, double x1, double y1);
    }

    /** A word that belongs to the pattern: text space to pixels. */
    record Word(String text, Affine map, int stroke) { }

    BrokenLines(Strokes strokes, double pxPerUnit, Raster r) {
        this.strokes = strokes;
        this.pxPerUnit = pxPerUnit;
        this.r = r;
    }

    List<Word> words() {
        return words;
    }

    /** @return false where the chord is to be drawn unbroken */
    boolean cut(int chord, double x0, double y0, double x1, double y1, Sink out) {
        int s = strokes.strokeOf(chord);
        if (s != stroke) begin(s);
        if (type == null) return false;
        if (chord != next) {
            from = 0;
            for (int c = strokes.firstChord(s); c < chord; c++) from += px(c);
        }
        next = chord + 1;
        double start = from, l = Math.hypot(x1 - x0, y1 - y0);
        from += l;
        double[] seen = seen(x0, y0, x1 - x0, y1 - y0);
        if (seen == null || !(l > 0)) return true;
        double t = start + seen[0] * l, end = start + seen[1] * l;
        dashes(t, end, (a, b) -> out.dash(x0 + (x1 - x0) * (a - start) / l, y0 + (y1 - y0) * (a - start) / l,
            x0 + (x1 - x0) * (b - start) / l, y0 + (y1 - y0) * (b - start) / l));
        words(t, end, start, x0, y0, (x1 - x0) / l, (y1 - y0) / l);
        return true;
    }

    private double px(int chord) {
        double[] xy = strokes.xy();
        int i = 4 * chord;
        return Math.hypot(xy[i + 2] - xy[i], xy[i + 3] - xy[i + 1]) * pxPerUnit;
    }

    private void begin(int s) {
        stroke = s;
        type = null;
        Strokes.Dashing d = strokes.dashingOf(s);
        if (d == null) return;
        scale = d.scale() * pxPerUnit;
        repeat = d.type().repeat() * scale;
        if (repeat < FINEST) return;
        length = 0;
        for (int c = strokes.firstChord(s); c < strokes.firstChord(s + 1); c++) length += px(c);
        if (length < repeat) return;
        type = d.type();
        next = -1;
        double first = Math.max(0, type.dashes().getFirst().length() * scale);
        lead = (length % repeat + first) / 2 - first;
    }

    private interface Span {
        void take(double a, double b);
    }

    private void dashes(double a, double b, Span out) {
        double first = lead + Math.max(0, type.dashes().getFirst().length() * scale), last = length - first;
        if (a < first) out.take(a, Math.min(b, first));
        if (b > last) out.take(Math.max(a, last), b);
        double lo = Math.max(a, first), hi = Math.min(b, last);
        double p = lead + Math.floor((lo - lead) / repeat) * repeat;
        while (p < hi)
            for (LineType.Dash d : type.dashes()) {
                double l = Math.abs(d.length()) * scale;
                double d0 = Math.max(p, lo), d1 = Math.min(d.length() == 0 ? p + 1 : p + l, hi);
                if (d.length() >= 0 && d1 > d0) out.take(d0, d1);
                p += l;
            }
    }

    /** Words stand behind the piece they belong to. */
    private void words(double a, double b, double start, double x0, double y0, double ux, double uy) {
        if (type.dashes().stream().allMatch(d -> d.text().isEmpty())) return;
        double p = lead + Math.floor((a - lead) / repeat) * repeat;
        while (p < b && words.size() < MOST_WORDS)
            for (LineType.Dash d : type.dashes()) {
                p += Math.abs(d.length()) * scale;
                double h = d.height() * scale;
                if (d.text().isEmpty() || p < a || p > b || p > length || h < 4) continue;
                double turn = Math.atan2(-uy, ux) + d.turn();
                Affine onLine = Affine.scale(h, h).then(Affine.move(d.dx() * scale, d.dy() * scale))
                    .then(Affine.turn(d.absolute() ? d.turn() : turn));
                words.add(new Word(d.text(), onLine.then(Affine.scale(1, -1))
                    .then(Affine.move(x0 + ux * (p - start), y0 + uy * (p - start))), stroke));
            }
    }

    /** The part of a chord that lies in the picture, or null. */
    private double[] seen(double x0, double y0, double dx, double dy) {
        double lo = 0, hi = 1;
        double[][] sides = {{-dx, x0 + 2}, {dx, r.width + 2 - x0}, {-dy, y0 + 2}, {dy, r.height + 2 - y0}};
        for (double[] s : sides) {
            if (s[0] < 0) lo = Math.max(lo, s[1] / s[0]);
            else if (s[0] > 0) hi = Math.min(hi, s[1] / s[0]);
            else if (s[1] < 0) return null;
        }
        return lo < hi ? new double[] {lo, hi} : null;
    }
}
