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
    /** Radians: nearer to a direction that is known a line is of none of its own; between lines of one other direction. */
    private static final double ALONG = Math.toRadians(1.2), AS_ONE = Math.toRadians(0.2);

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
        of(f.lines(level), (u, v) -> f.out(level, u, v), out);
    }

    /** Where a place along and across lines of one direction lies. */
    private interface Out {
        Point at(double u, double v);
    }

    private static void of(List<Frame.Line> lines, Out place, List<Pair> out) {
        lines.sort(Comparator.comparingDouble(Frame.Line::v));
        for (int i = 0; i < lines.size(); i++) next(place, lines, i, out);
    }

    /** A segment by its direction, in a half turn. */
    private record Askew(double angle, int segment) { }

    /**
     * Pairs along all other directions: walls of a house none of whose walls are parallel lie along none that much is drawn along.
     *
     * @param main along which pairs are known
     */
    static List<Pair> askew(Segments s, List<Double> main) {
        List<Askew> all = new ArrayList<>();
        for (int i = 0; i < s.size(); i++) {
            double angle = s.angle(i) % Math.PI;
            if (main.stream().noneMatch(m -> Math.abs(Math.IEEEremainder(angle - m, Math.PI / 2)) <= ALONG)) all.add(new Askew(angle, i));
        }
        all.sort(Comparator.comparingDouble(Askew::angle));
        List<Pair> out = new ArrayList<>();
        for (int i = 0; i < all.size();) {
            int to = i + 1;
            while (to < all.size() && all.get(to).angle - all.get(i).angle <= AS_ONE) to++;
            if (to - i > 1) beside(s, all.subList(i, to), out);
            i = to;
        }
        return out;
    }

    private static void beside(Segments s, List<Askew> some, List<Pair> out) {
        double angle = some.stream().mapToDouble(Askew::angle).average().orElseThrow();
        Point along = Point.polar(angle, 1), across = along.left();
        List<Frame.Line> lines = new ArrayList<>();
        for (Askew x : some) {
            Point a = new Point(s.x0(x.segment), s.y0(x.segment)), b = new Point(s.x1(x.segment), s.y1(x.segment));
            double p = along.dot(a), q = along.dot(b);
            lines.add(new Frame.Line(across.dot(a.towards(b, 0.5)), Math.min(p, q), Math.max(p, q), s.stroke(x.segment)));
        }
        of(lines, (u, v) -> along.times(u).plus(across.times(v)), out);
    }

    private static void next(Out place, List<Frame.Line> lines, int i, List<Pair> out) {
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
                out.add(new Pair(d, overlap, a.stroke(), b.stroke(), place.at(u, v)));
            }
            return;
        }
    }
}
