package brightlintel.read.pdf;

import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Point;
import brightlintel.geom.ThreePoints;
import java.util.List;

/**
 * Cubic curves of a page as what they were: pages know no arcs, so writers make them of cubic pieces that keep within 3e-4 of the radius
 * for a quarter of a circle, and far closer for less. A piece within that, and the rounding of its figures, of a circle is an arc again;
 * arcs that go on round the same centre are one. All others stay exact, as splines of degree 3.
 */
final class Bezier {
    private static final double[] KNOTS = {0, 0, 0, 0, 1, 1, 1, 1}, EVEN = {1, 1, 1, 1};
    /** Share of the radius by which the usual cubic leaves a quarter circle (2.7e-4); by the sixth power of the sweep for less. */
    private static final double QUARTER_ERROR = 3.2e-4;
    /** Rounded figures: two decimals of a point, and some for a centre far away. */
    private static final double ROUNDED = 0.012;
    /** A flatter piece than this, points, is straight: 4 micrometres on paper. */
    private static final double FLAT = 0.01;
    private static final double WIDEST = Math.toRadians(125);

    private Bezier() { }

    /** Adds one piece; an arc that goes on where the last left off lengthens it. */
    static void add(Point p0, Point p1, Point p2, Point p3, List<Curve> to) {
        if (p0.equals(p3) && p0.equals(p1) && p0.equals(p2)) return;
        if (isFlat(p0, p1, p2, p3)) {
            to.add(new Curve.Straight(p0, p3));
            return;
        }
        Curve.EllipticArc arc = arc(p0, p1, p2, p3);
        if (arc == null) {
            to.add(new Nurbs(3, KNOTS, EVEN, List.of(p0, p1, p2, p3)));
            return;
        }
        Curve last = to.isEmpty() ? null : to.getLast();
        Curve.EllipticArc longer = last instanceof Curve.EllipticArc a ? joined(a, arc) : null;
        if (longer == null) to.add(arc);
        else to.set(to.size() - 1, longer);
    }

    private static boolean isFlat(Point p0, Point p1, Point p2, Point p3) {
        Point d = p3.minus(p0);
        double l = d.length();
        if (!(l > 0)) return false;
        double a = d.cross(p1.minus(p0)) / l, b = d.cross(p2.minus(p0)) / l, s = d.dot(p1.minus(p0)) / l, t = d.dot(p2.minus(p0)) / l;
        return Math.abs(a) < FLAT && Math.abs(b) < FLAT && s > -FLAT && s < l + FLAT && t > -FLAT && t < l + FLAT;
    }

    private static Point at(Point p0, Point p1, Point p2, Point p3, double t) {
        double s = 1 - t;
        return p0.times(s * s * s).plus(p1.times(3 * s * s * t)).plus(p2.times(3 * s * t * t)).plus(p3.times(t * t * t));
    }

    private static Curve.EllipticArc arc(Point p0, Point p1, Point p2, Point p3) {
        Point m = at(p0, p1, p2, p3, 0.5), c = ThreePoints.centre(p0, m, p3, 1e-9).orElse(null);
        if (c == null) return null;
        double r = c.distance(p0), sign = Math.signum(m.minus(p0).cross(p3.minus(m)));
        double start = p0.minus(c).angle(), end = p3.minus(c).angle();
        double sweep = sign > 0 ? Angles.positive(end - start) : -Angles.positive(start - end);
        double wide = Math.abs(sweep);
        if (!(wide > 0 && wide < WIDEST)) return null;
        double allowed = r * QUARTER_ERROR * Math.pow(wide / (Math.PI / 2), 6) + ROUNDED;
        for (double t : new double[] {0.1, 0.25, 0.4, 0.6, 0.75, 0.9})
            if (Math.abs(at(p0, p1, p2, p3, t).distance(c) - r) > allowed) return null;
        // as evenly walked as a circle is: a spline may lie near a circle and still be none
        Point q = at(p0, p1, p2, p3, 0.25);
        double walked = sign * Angles.signed(q.minus(c).angle() - start) / wide;
        return walked > 0.2 && walked < 0.3 ? Curve.EllipticArc.circular(c, r, start, sweep) : null;
    }

    /** One arc of both, about the mean of their centres; null where they are of two circles. */
    private static Curve.EllipticArc joined(Curve.EllipticArc a, Curve.EllipticArc b) {
        double ra = a.u().length(), rb = b.u().length(), near = 2 * ROUNDED + 6e-4 * Math.max(ra, rb);
        boolean same = a.sweep() * b.sweep() > 0 && Math.abs(ra - rb) < near && a.centre().distance(b.centre()) < near
            && Math.abs(a.sweep() + b.sweep()) < Angles.TURN + 0.02;
        if (!same) return null;
        double wa = Math.abs(a.sweep()), wb = Math.abs(b.sweep()), share = wb / (wa + wb);
        Point c = a.centre().towards(b.centre(), share);
        double r = ra + (rb - ra) * share, sweep = a.sweep() + b.sweep();
        boolean whole = Math.abs(sweep) > Angles.TURN - 0.02;
        return Curve.EllipticArc.circular(c, r, a.first().minus(c).angle(), whole ? Math.copySign(Angles.TURN, sweep) : sweep);
    }
}
