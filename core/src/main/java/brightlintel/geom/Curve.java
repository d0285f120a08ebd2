package brightlintel.geom;

/**
 * An exact curve over t in 0..1. All kinds stay in their kind under an affine map, so that a drawing put in its place keeps true arcs,
 * ellipses and splines; chords are for painting.
 */
public sealed interface Curve permits Curve.Straight, Curve.EllipticArc, Nurbs {
    Point at(double t);

    /** By t, not by length. */
    Point derivative(double t);

    Curve mapped(Affine m);

    default Point first() {
        return at(0);
    }

    default Point last() {
        return at(1);
    }

    default double length() {
        final int steps = 64;
        double sum = 0;
        Point last = at(0);
        for (int i = 1; i <= steps; i++) {
            Point next = at(i / (double) steps);
            sum += next.distance(last);
            last = next;
        }
        return sum;
    }

    record Straight(Point a, Point b) implements Curve {
        @Override public Point at(double t) {
            return a.towards(b, t);
        }

        @Override public Point derivative(double t) {
            return b.minus(a);
        }

        @Override public Curve mapped(Affine m) {
            return new Straight(m.apply(a), m.apply(b));
        }

        @Override public double length() {
            return a.distance(b);
        }
    }

    /** centre + u cos(w) + v sin(w), w from start over sweep. u and v need not be square to each other: conjugate half axes. */
    record EllipticArc(Point centre, Point u, Point v, double start, double sweep) implements Curve {
        public static EllipticArc circular(Point centre, double radius, double start, double sweep) {
            return new EllipticArc(centre, new Point(radius, 0), new Point(0, radius), start, sweep);
        }

        @Override public Point at(double t) {
            double w = start + sweep * t;
            return centre.plus(u.times(Math.cos(w))).plus(v.times(Math.sin(w)));
        }

        @Override public Point derivative(double t) {
            double w = start + sweep * t;
            return u.times(-Math.sin(w) * sweep).plus(v.times(Math.cos(w) * sweep));
        }

        @Override public Curve mapped(Affine m) {
            return new EllipticArc(m.apply(centre), m.applyVector(u), m.applyVector(v), start, sweep);
        }

        public boolean isCircular() {
            double size = u.length() + v.length();
            return Math.abs(u.dot(v)) < 1e-9 * size * size && Math.abs(u.length() - v.length()) < 1e-9 * size;
        }

        public boolean isWhole() {
            return Math.abs(sweep) > Angles.TURN - 1e-9;
        }

        @Override public double length() {
            return isCircular() ? u.length() * Math.abs(sweep) : Curve.super.length();
        }
    }
}
