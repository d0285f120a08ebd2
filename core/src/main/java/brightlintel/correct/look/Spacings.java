package brightlintel.correct.look;

import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Comparator;
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
        List<Frame.Line> lines = f.lines(level);
        lines.sort(Comparator.comparingDouble(Frame.Line::v));
        for (int i = 0; i < lines.size(); i++) next(f, level, lines, i, out);
    }

    private static void next(Frame f, boolean level, List<Frame.Line> lines, int i, List<Pair> out) {
        Frame.Line a = lines.get(i);
        double longA = a.length();
        for (int j = i + 1; j < Math.min(lines.size(), i + LOOKED); j++) {
            Frame.Line b = lines.get(j);
            double d = b.v() - a.v(), overlap = Math.min(a.to(), b.to()) - Math.max(a.from(), b.from());
            if (d > longA) return;
            // the same line drawn twice, or a face a hair beside itself
            if (d < 1e-4 * longA || overlap < BESIDE * Math.min(longA, b.length())) continue;
            if (overlap >= LONGER * d) {
                double u = (Math.max(a.from(), b.from()) + Math.min(a.to(), b.to())) / 2, v = (a.v() + b.v()) / 2;
                out.add(new Pair(d, overlap, a.stroke(), b.stroke(), f.out(level, u, v)));
            }
            return;
        }
    }
}
