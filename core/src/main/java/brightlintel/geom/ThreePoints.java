package brightlintel.geom;

import java.util.Optional;

/** The circle through three places. */
public final class ThreePoints {
    private ThreePoints() { }

    /** @param flat twice the area of the triangle, of its sides squared, from which on they lie on a circle and not on a line */
    public static Optional<Point> centre(Point a, Point b, Point c, double flat) {
        Point u = b.minus(a), v = c.minus(a);
        double d = 2 * u.cross(v), uu = u.dot(u), vv = v.dot(v);
        return Math.abs(d) > flat * (uu + vv) ? Optional.of(a.plus(new Point(v.y() * uu - u.y() * vv,
            u.x() * vv - v.x() * uu).times(1 / d)))
            : Optional.empty();
    }
}
