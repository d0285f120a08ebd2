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

    /** The same curve between two of its parameters. */
    Curve part(double from, double to);

    double length();

    default Point first() {
        return at(0);
    }

    default Point last() {
        return at(1);
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

        @Override public Curve part(double from, double to) {
            return new Straight(at(from), at(to));
        }

        @Override public double length() {
            return a.distance(b);
        }
    }

    /** centre + u cos(w) + v sin(w), w from start over sweep. u and v need not be square to each other: conjugate half axes. */
    record EllipticArc(Point centre, Point u, Point v, double start, double sweep) implements Curve {
        /** Radians: off square, off a quarter turn. */
        private static final double SLIP = 0.02;

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

        @Override public Curve part(double from, double to) {
            return new EllipticArc(centre, u, v, start + sweep * from, sweep * (to - from));
        }

        public boolean isCircular() {
            double size = u.length() + v.length();
            return Math.abs(u.dot(v)) < 1e-9 * size * size && Math.abs(u.length() - v.length()) < 1e-9 * size;
        }

        /**
         * A quarter of an ellipse from half axis to half axis: of a circle that was drawn out along them, as the way of a leaf is where a
         * door was put in unevenly. Half axes that differ by more than a half are of something else.
         */
        public boolean isQuarterDrawnOut() {
            double a = u.length(), b = v.length(), quarter = Math.PI / 2;
            return Math.abs(u.dot(v)) < SLIP * a * b && Math.max(a, b) < 1.5 * Math.min(a, b) && Math.abs(Math.abs(sweep) - quarter) < SLIP
                && Math.abs(Math.IEEEremainder(start, quarter)) < SLIP;
        }

        /** Takes the circle of radius one to the ellipse that the arc is of. Of an arc that is flat it has no way back. */
        public Affine frame() {
            return new Affine(u.x(), u.y(), v.x(), v.y(), centre.x(), centre.y());
        }

        /** The parameter of an angle in the arc's frame; beyond 1 where the arc does not reach it. */
        public double parameter(double angle) {
            double way = Angles.positive((angle - start) * Math.signum(sweep)), span = Math.abs(sweep);
            return way > span && Angles.TURN - way < 1e-9 ? 0 : way / span;
        }

        public boolean isWhole() {
            return Math.abs(sweep) > Angles.TURN - 1e-9;
        }

        /**
         * The parameter at which a circular arc, drawn on all round, passes nearest to a point: 0..1 on the arc, else beyond its nearer
         * end.
         */
        double towards(Point p) {
            Point d = p.minus(centre);
            double angle = Math.atan2(d.dot(v) / v.dot(v), d.dot(u) / u.dot(u));
            double way = Angles.positive((angle - start) * Math.signum(sweep)), span = Math.abs(sweep);
            // past the end by more than half of what is left of the circle, it is nearer to the start
            return way > span && way - span > (Angles.TURN - span) / 2 ? (way - Angles.TURN) / span : way / span;
        }

        @Override public double length() {
            return isCircular() ? u.length() * Math.abs(sweep) : ArcLength.of(this, 0, 0.25, 0.5, 0.75, 1);
        }
    }
}
