package brightlintel.geom;

import java.util.OptionalDouble;

/** Nearest point and crossing on exact curves, by Newton's steps from a guess that the chords give. */
public final class CurveMath {
    private static final int STEPS = 24;

    private CurveMath() { }

    /** Parameters of a crossing, one on each curve. */
    public record Crossing(double t, double s, Point at) { }

    /** The t in 0..1 nearest to p, starting from a guess; ends count as nearest where the foot lies outside. */
    public static double nearest(Curve c, Point p, double guess) {
        double t = Math.clamp(guess, 0, 1);
        for (int i = 0; i < STEPS; i++) {
            Point d = c.derivative(t);
            double slope = d.dot(d);
            if (!(slope > 0)) break;
            double next = Math.clamp(t + p.minus(c.at(t)).dot(d) / slope, 0, 1);
            if (Math.abs(next - t) < 1e-14) return next;
            t = next;
        }
        return t;
    }

    /** The nearest t over the whole curve, however it winds. */
    public static double nearest(Curve c, Point p) {
        if (c instanceof Curve.Straight) return nearest(c, p, 0.5);
        int tries = 32;
        double best = 0, bestDistance = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= tries; i++) {
            double d = c.at(i / (double) tries).distance(p);
            if (d < bestDistance) {
                bestDistance = d;
                best = i / (double) tries;
            }
        }
        return nearest(c, p, best);
    }

    /** Where a line from p meets the curve squarely, near the guess; nothing where the foot lies beyond an end. */
    public static OptionalDouble squareTo(Curve c, Point p, double guess) {
        double t = nearest(c, p, guess);
        Point d = c.derivative(t), way = p.minus(c.at(t));
        boolean square = Math.abs(d.dot(way)) <= 1e-6 * d.length() * Math.max(way.length(), 1e-9);
        return square ? OptionalDouble.of(t) : OptionalDouble.empty();
    }

    /** A crossing near the guesses, or null where the steps do not settle on one within both curves. */
    public static Crossing crossing(Curve a, double t0, Curve b, double s0) {
        double t = t0, s = s0;
        for (int i = 0; i < STEPS; i++) {
            Point gap = b.at(s).minus(a.at(t)), da = a.derivative(t), db = b.derivative(s);
            double det = da.cross(db);
            if (!(Math.abs(det) > 1e-12 * da.length() * db.length())) return null;
            double dt = gap.cross(db) / det, ds = gap.cross(da) / det;
            t += dt;
            s += ds;
            if (t < -0.5 || t > 1.5 || s < -0.5 || s > 1.5) return null;
            if (Math.abs(dt) < 1e-13 && Math.abs(ds) < 1e-13) break;
        }
        double slack = 1e-9;
        if (t < -slack || t > 1 + slack || s < -slack || s > 1 + slack) return null;
        Point at = a.at(Math.clamp(t, 0, 1));
        return at.isFinite() ? new Crossing(t, s, at) : null;
    }
}
