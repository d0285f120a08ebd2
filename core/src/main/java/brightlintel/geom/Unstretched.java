package brightlintel.geom;

import java.util.Optional;

/**
 * What is round again once an uneven stretch is undone: a sheet that a printer drew out holds ellipses and splines for arcs, and the
 * factors that undo it are measured, so that nothing is round exactly.
 */
public final class Unstretched {
    /** Of the radius: how far a curve may leave its circle. Of its length: the largest radius. Radians: less of a circle is none. */
    private static final double OFF = 6e-3, LARGEST = 50;
    private static final double LEAST = Math.toRadians(2.5);
    private static final double[] PLACES = {0.12, 0.25, 0.37, 0.63, 0.75, 0.88};

    private Unstretched() { }

    /** The arc, from the same start to the same end, that a curve is about; itself where it is about none. */
    public static Curve of(Curve c) {
        return switch (c) {
            case Curve.Straight s -> s;
            case Curve.EllipticArc a when a.isCircular() -> a;
            case Curve.EllipticArc a when a.isWhole() -> whole(a).orElse(c);
            case Curve.EllipticArc _, Nurbs _ -> arc(c).orElse(c);
        };
    }

    private static Optional<Curve> whole(Curve.EllipticArc a) {
        double u = a.u().length(), v = a.v().length(), r = (u + v) / 2;
        boolean round = Math.abs(u - v) < 2 * OFF * r && Math.abs(a.u().dot(a.v())) < 2 * OFF * r * r;
        return round ? Optional.of(Curve.EllipticArc.circular(a.centre(), r, a.first().minus(a.centre()).angle(), Math.copySign(
            Angles.TURN, a.sweep() * a.u().cross(a.v())))) : Optional.empty();
    }

    private static Optional<Curve> arc(Curve c) {
        Point p = c.first(), m = c.at(0.5), q = c.last(), centre = ThreePoints.centre(p, m, q, 1e-9).orElse(null);
        if (centre == null) return Optional.empty();
        double r = centre.distance(p), start = p.minus(centre).angle(), half = Angles.signed(m.minus(centre).angle() - start);
        double rest = Angles.signed(q.minus(centre).angle() - m.minus(centre).angle()), sweep = half + rest;
        if (half * rest <= 0 || Math.abs(sweep) < LEAST || r > LARGEST * p.distance(m)) return Optional.empty();
        for (double t : PLACES) if (Math.abs(c.at(t).distance(centre) - r) > OFF * r) return Optional.empty();
        return Optional.of(Curve.EllipticArc.circular(centre, r, start, sweep));
    }
}
