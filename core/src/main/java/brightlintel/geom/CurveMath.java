package brightlintel.geom;

import java.util.OptionalDouble;

/**
 * Nearest point and crossing on exact curves: in closed form on lines and circles, else by guarded Newton's steps from a guess that the
 * chords give.
 */
public final class CurveMath {
    private static final int STEPS = 24;
    private static final int TRIES = 32;
    private static final int NARROWINGS = 36;
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;
    private static final double SQUARE = 1e-6;
    /** Two curves meet where their places differ by less than this share of the coordinates. */
    private static final double MET = 1e-9;

    private CurveMath() { }

    /** Parameters of a crossing, one on each curve. */
    public record Crossing(double t, double s, Point at) { }

    /** The nearest t over the whole curve, however it winds; ends count as nearest where the foot lies outside. */
    public static double nearest(Curve c, Point p) {
        if (c instanceof Curve.Straight s) return onLine(s, p);
        if (c instanceof Curve.EllipticArc a && a.isCircular()) return Math.clamp(a.towards(p), 0, 1);
        double best = 0, least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= TRIES; i++) {
            double d = c.at(i / (double) TRIES).distance(p);
            if (d < least) {
                least = d;
                best = i / (double) TRIES;
            }
        }
        // a whole ellipse has no end at its seam: what is nearest may lie just across it
        boolean closed = c instanceof Curve.EllipticArc a && a.isWhole();
        double lo = best - 1.0 / TRIES, hi = best + 1.0 / TRIES;
        double t = narrowed(c, p, closed ? lo : Math.max(0, lo), closed ? hi : Math.min(1, hi));
        return closed ? t - Math.floor(t) : Math.clamp(t, 0, 1);
    }

    /** The least between two parameters by the golden section, which no curvature leads astray; then made sharp by steps to the foot. */
    private static double narrowed(Curve c, Point p, double lo, double hi) {
        double a = lo, b = hi, x = b - GOLDEN * (b - a), y = a + GOLDEN * (b - a), fx = c.at(x).distance(p), fy = c.at(y).distance(p);
        for (int i = 0; i < NARROWINGS; i++) {
            if (fx < fy) {
                b = y;
                y = x;
                fy = fx;
                x = b - GOLDEN * (b - a);
                fx = c.at(x).distance(p);
            } else {
                a = x;
                x = y;
                fx = fy;
                y = a + GOLDEN * (b - a);
                fy = c.at(y).distance(p);
            }
        }
        double t = (a + b) / 2;
        for (double end : new double[] {lo, hi}) if (c.at(end).distance(p) < c.at(t).distance(p)) t = end;
        double sharp = sharpened(c, p, t);
        return sharp >= lo && sharp <= hi && c.at(sharp).distance(p) <= c.at(t).distance(p) ? sharp : t;
    }

    private static double sharpened(Curve c, Point p, double t) {
        double h = 1e-5, now = t;
        for (int i = 0; i < 4; i++) {
            double slope = (along(c, p, now + h) - along(c, p, now - h)) / (2 * h), next = now - along(c, p, now) / slope;
            if (!(Math.abs(next - now) < 1e-3)) break;
            now = next;
        }
        return now;
    }

    private static double onLine(Curve.Straight s, Point p) {
        Point d = s.b().minus(s.a());
        double l2 = d.dot(d);
        return l2 > 0 ? Math.clamp(p.minus(s.a()).dot(d) / l2, 0, 1) : 0;
    }

    /** Where a line from p meets the curve squarely, the place nearest to the guess; nothing where no foot lies between the ends. */
    public static OptionalDouble squareTo(Curve c, Point p, double guess) {
        return switch (c) {
            case Curve.Straight s -> footOnLine(s, p);
            case Curve.EllipticArc a when a.isCircular() -> footOnCircle(a, p, guess);
            default -> footByNewton(c, p, guess);
        };
    }

    private static OptionalDouble footOnLine(Curve.Straight s, Point p) {
        Point d = s.b().minus(s.a());
        double t = p.minus(s.a()).dot(d) / d.dot(d);
        return t >= 0 && t <= 1 ? OptionalDouble.of(t) : OptionalDouble.empty();
    }

    /** The near side or the far side of the circle, whichever the guess is at. */
    private static OptionalDouble footOnCircle(Curve.EllipticArc a, Point p, double guess) {
        if (p.distance(a.centre()) < 1e-12 * a.u().length()) return OptionalDouble.of(guess);
        Point near = a.at(guess);
        double best = Double.NaN, least = Double.POSITIVE_INFINITY;
        for (Point q : new Point[] {p, a.centre().times(2).minus(p)}) {
            double t = a.towards(q), d = t >= 0 && t <= 1 ? a.at(t).distance(near) : Double.POSITIVE_INFINITY;
            if (d < least) {
                least = d;
                best = t;
            }
        }
        return Double.isNaN(best) ? OptionalDouble.empty() : OptionalDouble.of(best);
    }

    /** Zero of the way's share along the curve; its slope is taken by differences. */
    private static OptionalDouble footByNewton(Curve c, Point p, double guess) {
        double t = Math.clamp(guess, 0, 1), h = 1e-5;
        for (int i = 0; i < STEPS; i++) {
            double lo = Math.max(0, t - h), hi = Math.min(1, t + h), slope = (along(c, p, hi) - along(c, p, lo)) / (hi - lo);
            if (!(Math.abs(slope) > 0)) break;
            double next = Math.clamp(t - along(c, p, t) / slope, 0, 1);
            if (Math.abs(next - t) < 1e-14) break;
            t = next;
        }
        Point d = c.derivative(t), way = p.minus(c.at(t));
        boolean square = Math.abs(d.dot(way)) <= SQUARE * d.length() * Math.max(way.length(), 1e-9);
        return square ? OptionalDouble.of(t) : OptionalDouble.empty();
    }

    private static double along(Curve c, Point p, double t) {
        return p.minus(c.at(t)).dot(c.derivative(t));
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
        Point at = a.at(Math.clamp(t, 0, 1)), other = b.at(Math.clamp(s, 0, 1));
        double size = 1 + Math.max(Math.abs(at.x()), Math.abs(at.y()));
        return at.isFinite() && at.distance(other) <= MET * size ? new Crossing(t, s, at) : null;
    }
}
