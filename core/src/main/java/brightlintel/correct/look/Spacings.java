package brightlintel.correct.look;

import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * From each straight stroke along a main direction to the next one beside it: the faces of walls are most of what lies close together along
 * a good length, and steps of stairs are many at one distance.
 */
public final class Spacings {
    /** Of the shorter of two strokes: they lie beside each other. Of the distance: they are a pair, not two crumbs. */
    private static final double BESIDE = 0.5, LONGER = 2;
    private static final int LOOKED = 400;

    private Spacings() { }

    /** @param distance file units; overlap: along which they lie beside each other */
    public record Pair(double distance, double overlap, int a, int b, Point at) { }

    static List<Pair> of(Frame f) {
        List<Pair> out = new ArrayList<>();
        of(f, true, out);
        of(f, false, out);
        return out;
    }

    private static void of(Frame f, boolean level, List<Pair> out) {
        Segments s = f.segments();
        int n = 0;
        Line[] lines = new Line[s.size()];
        for (int i = 0; i < s.size(); i++) {
            if (level ? !f.isLevel(i) : !f.isPlumb(i)) continue;
            double u0 = level ? s.x0(i) : s.y0(i), u1 = level ? s.x1(i) : s.y1(i);
            double v = level ? (s.y0(i) + s.y1(i)) / 2 : (s.x0(i) + s.x1(i)) / 2;
            lines[n++] = new Line(v, Math.min(u0, u1), Math.max(u0, u1), i);
        }
        lines = Arrays.copyOf(lines, n);
        Arrays.sort(lines, (a, b) -> Double.compare(a.v, b.v));
        for (int i = 0; i < n; i++) next(f, level, lines, i, out);
    }

    private record Line(double v, double from, double to, int segment) { }

    private static void next(Frame f, boolean level, Line[] lines, int i, List<Pair> out) {
        Line a = lines[i];
        double longA = a.to - a.from;
        for (int j = i + 1; j < Math.min(lines.length, i + LOOKED); j++) {
            Line b = lines[j];
            double d = b.v - a.v, overlap = Math.min(a.to, b.to) - Math.max(a.from, b.from);
            if (d > longA) return;
            // the same line drawn twice, or a face a hair beside itself
            if (d < 1e-4 * longA || overlap < BESIDE * Math.min(longA, b.to - b.from)) continue;
            if (overlap >= LONGER * d) {
                double u = (Math.max(a.from, b.from) + Math.min(a.to, b.to)) / 2, v = (a.v + b.v) / 2;
                out.add(new Pair(d, overlap, f.segments().stroke(a.segment), f.segments().stroke(b.segment),
                    level ? f.out(u, v) : f.out(v, u)));
            }
            return;
        }
    }
}
