package brightlintel.geom;

import java.util.List;
import java.util.Optional;

/** A circle of the plane. */
public record Circle(Point centre, double radius) {
    private static final double FLAT = 1e-9;

    /** How far a place lies from its line. */
    public double off(Point p) {
        return Math.abs(p.distance(centre) - radius);
    }

    /**
     * The one that lies nearest to some places, by least squares of the powers of the places; nothing where they lie on a line, or are
     * fewer than three.
     */
    public static Optional<Circle> about(List<Point> places) {
        int n = places.size();
        if (n < 3) return Optional.empty();
        Point o = places.getFirst();
        double mx = 0, my = 0;
        for (Point p : places) {
            mx += p.x() - o.x();
            my += p.y() - o.y();
        }
        Point m = o.plus(new Point(mx / n, my / n));
        double xx = 0, xy = 0, yy = 0, xz = 0, yz = 0, z = 0;
        for (Point p : places) {
            double x = p.x() - m.x(), y = p.y() - m.y(), q = x * x + y * y;
            xx += x * x;
            xy += x * y;
            yy += y * y;
            xz += x * q;
            yz += y * q;
            z += q;
        }
        double det = xx * yy - xy * xy;
        if (!(det > FLAT * z * z)) return Optional.empty();
        double a = (xz * yy - yz * xy) / (2 * det), b = (yz * xx - xz * xy) / (2 * det);
        return Optional.of(new Circle(m.plus(new Point(a, b)), Math.sqrt(a * a + b * b + z / n)));
    }
}
