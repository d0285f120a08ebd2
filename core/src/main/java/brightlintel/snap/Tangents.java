package brightlintel.snap;

import brightlintel.geom.Affine;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;

/** Places on arcs and ellipses that straight lines do not have. */
final class Tangents {
    private Tangents() { }

    /**
     * Where lines from a place touch the arc: in its own frame, where it is the circle of radius one. None from within.
     *
     * @return parameters within 0..1
     */
    static double[] from(Point p, Curve.EllipticArc arc) {
        Affine frame = arc.frame();
        if (!(Math.abs(frame.determinant()) > 0)) return new double[0];
        Point q = frame.inverse().apply(p);
        double far = q.length();
        if (!(far > 1)) return new double[0];
        double half = Math.acos(1 / far);
        return DoubleStream.of(q.angle() - half, q.angle() + half).map(arc::parameter).filter(t -> t <= 1).toArray();
    }

    /** The place nearest to the pointer of those that part the circle evenly, counted from the right; of an ellipse, its own angle. */
    static OptionalDouble step(Curve.EllipticArc arc, Point pointer, double step) {
        Affine frame = arc.frame();
        if (!(Math.abs(frame.determinant()) > 0)) return OptionalDouble.empty();
        // counted in the building where the arc is a circle, whichever way it was drawn
        double zero = arc.isCircular() ? frame.inverse().applyVector(new Point(arc.u().length(), 0)).angle() : 0;
        double turned = arc.u().cross(arc.v()) < 0 ? -1 : 1;
        double w = frame.inverse().apply(pointer).angle(), even = zero + turned * step * Math.rint(turned * (w - zero) / step);
        double t = arc.parameter(even);
        return t <= 1 ? OptionalDouble.of(t) : OptionalDouble.empty();
    }
}
