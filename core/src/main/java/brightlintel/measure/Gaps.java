package brightlintel.measure;

import brightlintel.geom.Angles;
import brightlintel.geom.Crossings;
import brightlintel.geom.Curve;
import brightlintel.geom.CurveMath;
import brightlintel.geom.Point;

/** The distance of two curves. */
public final class Gaps {
    private static final int SAMPLES = 48, STEPS = 60;

    private Gaps() { }

    /** @param at where the first was pointed at: between parallel lines the distance is shown there */
    public static Measured.Gap of(Curve a, Curve b, Point at) {
        double between = angle(a, b);
        if (between < Measured.Gap.PARALLEL) return parallel(a, b, at, between);
        var crossings = Crossings.of(a, b);
        if (!crossings.isEmpty()) return new Measured.Gap(crossings.getFirst().at(), crossings.getFirst().at(), between);
        Point p = null, q = null;
        for (int i = 0; i <= SAMPLES; i++)
            for (boolean swap : new boolean[] {false, true}) {
                Point from = (swap ? b : a).at(i / (double) SAMPLES), to = foot(swap ? a : b, from);
                if (p == null || from.distance(to) < p.distance(q)) {
                    p = swap ? to : from;
                    q = swap ? from : to;
                }
            }
        return settled(a, b, p, between);
    }

    /** From one to the other and back, which only ever comes nearer. */
    private static Measured.Gap settled(Curve a, Curve b, Point start, double between) {
        Point p = start, q = foot(b, p);
        for (int i = 0; i < STEPS; i++) {
            Point next = foot(a, q);
            if (next.equals(p)) break;
            p = next;
            q = foot(b, p);
        }
        return new Measured.Gap(p, q, between);
    }

    private static Point foot(Curve c, Point p) {
        return c.at(CurveMath.nearest(c, p));
    }

    /** Lines drawn on beyond their ends: two that lie past each other have a distance too. */
    private static Measured.Gap parallel(Curve a, Curve b, Point at, double between) {
        Point p = onLine(a, at);
        return new Measured.Gap(p, onLine(b, p), between);
    }

    private static Point onLine(Curve line, Point p) {
        Point a = line.first(), d = line.last().minus(a);
        return a.plus(d.times(p.minus(a).dot(d) / d.dot(d)));
    }

    /** Of two straight lines, 0 to a quarter turn; curves run in no one direction and count as square to everything. */
    private static double angle(Curve a, Curve b) {
        boolean straight = a instanceof Curve.Straight && b instanceof Curve.Straight;
        return straight ? Angles.betweenLines(a.last().minus(a.first()).angle(), b.last().minus(b.first()).angle()) : Math.PI / 2;
    }
}
