package brightlintel.geom;

import java.util.ArrayList;
import java.util.List;

/**
 * One straight or arc piece. The bulge is the tangent of a quarter of the sweep: 0 straight, positive turning left (counter-clockwise)
 * from a to b, 1 a half circle.
 */
public record Piece(Point a, Point b, double bulge) {
    /** Below this sweep an arc cannot be told from its chord at the size of a building. */
    private static final double STRAIGHT = 1e-9;

    public Piece {
        if (!a.isFinite() || !b.isFinite() || !Double.isFinite(bulge))
            throw new IllegalArgumentException("piece " + a + " " + b + " " + bulge + " is not finite");
    }

    public static Piece straight(Point a, Point b) {
        return new Piece(a, b, 0);
    }

    public boolean isStraight() {
        return Math.abs(bulge) < STRAIGHT;
    }

    /** Signed, counter-clockwise positive. */
    public double sweep() {
        return 4 * Math.atan(bulge);
    }

    /** Positive; infinite for a straight piece. */
    public double radius() {
        return isStraight() ? Double.POSITIVE_INFINITY : a.distance(b) * (1 + bulge * bulge) / (4 * Math.abs(bulge));
    }

    public Point centre() {
        double f = (1 - bulge * bulge) / (4 * bulge);
        return a.towards(b, 0.5).plus(b.minus(a).left().times(f));
    }

    public double length() {
        return isStraight() ? a.distance(b) : radius() * Math.abs(sweep());
    }

    public Curve curve() {
        return isStraight() ? new Curve.Straight(a, b)
            : Curve.EllipticArc.circular(centre(), radius(), a.minus(centre()).angle(), sweep());
    }

    /** The point at a way along the piece from a, offset to the left by a distance; beyond the ends the piece is prolonged. */
    public Point at(double along, double left) {
        if (isStraight()) {
            Point d = b.minus(a).unit();
            return a.plus(d.times(along)).plus(d.left().times(left));
        }
        Point c = centre();
        double turn = Math.signum(bulge), r = radius();
        double w = a.minus(c).angle() + turn * along / r;
        return c.plus(Point.polar(w, r - turn * left));
    }

    public Point at(double along) {
        return at(along, 0);
    }

    /** Unit vector of travel at a way along. */
    public Point direction(double along) {
        if (isStraight()) return b.minus(a).unit();
        double turn = Math.signum(bulge);
        return Point.polar(a.minus(centre()).angle() + turn * along / radius() + turn * Math.PI / 2, 1);
    }

    /**
     * The inverse of {@link #at(double, double)}: x is the way along, y the offset to the left. On an arc, the nearest turn to its middle.
     */
    public Point unroll(Point p) {
        if (isStraight()) {
            Point d = b.minus(a).unit(), v = p.minus(a);
            return new Point(v.dot(d), d.cross(v));
        }
        Point c = centre();
        double turn = Math.signum(bulge), r = radius(), start = a.minus(c).angle();
        double half = Math.abs(sweep()) / 2;
        double w = half + Angles.signed((p.minus(c).angle() - start) * turn - half);
        return new Point(w * r, (r - p.distance(c)) * turn);
    }

    public Piece reversed() {
        // no straight piece with a zero of another sign: it would not equal one
        return new Piece(b, a, bulge == 0 ? 0 : -bulge);
    }

    public Piece mapped(Affine m) {
        return new Piece(m.apply(a), m.apply(b), m.determinant() < 0 ? -bulge : bulge);
    }

    /** The part between two ways along. */
    public Piece part(double from, double to) {
        if (isStraight()) return straight(at(from), at(to));
        double share = (to - from) / length();
        return new Piece(at(from), at(to), Math.tan(sweep() * share / 4));
    }

    /** How many chords keep within the error at an offset to the left. */
    public int chords(double chordError, double left) {
        if (isStraight()) return 1;
        double r = Math.abs(radius() - Math.signum(bulge) * left);
        if (r <= chordError) return 2;
        double step = 2 * Math.acos(1 - chordError / r);
        return Math.max(2, (int) Math.ceil(Math.abs(sweep()) / step));
    }

    /** Points of the piece with both ends, chords within the error. */
    public List<Point> points(double chordError) {
        int n = chords(chordError, 0);
        List<Point> out = new ArrayList<>(n + 1);
        out.add(a);
        for (int i = 1; i < n; i++) out.add(at(length() * i / n));
        out.add(b);
        return out;
    }

    /** Exact: an arc reaches out to the extremes that it passes. */
    public Box box() {
        Box b = Box.of(a, b());
        if (isStraight()) return b;
        Point c = centre();
        double r = radius(), start = a.minus(c).angle(), sweep = sweep();
        for (int q = 0; q < 4; q++) {
            double way = Angles.positive((q * Math.PI / 2 - start) * Math.signum(sweep));
            if (way <= Math.abs(sweep)) b = b.with(c.plus(Point.polar(q * Math.PI / 2, r)));
        }
        return b;
    }

    public double distance(Point p) {
        return curve().at(CurveMath.nearest(curve(), p)).distance(p);
    }
}
