package brightlintel.geom;

import java.math.BigDecimal;

/** Exact questions: no tolerance. */
public final class Orientation {
    /** Relative error bound of the plain determinant: Shewchuk 1997, bound A (3 + 16 eps) eps, rounded up. */
    private static final double BOUND = 4e-16;

    private Orientation() { }

    /** +1 if p is left of a->b, -1 if right, 0 if exactly on it. Swapping a and b always flips the sign. */
    public static int side(Point a, Point b, Point p) {
        double l = (a.x() - p.x()) * (b.y() - p.y()), r = (a.y() - p.y()) * (b.x() - p.x()), det = l - r;
        double bound = BOUND * (Math.abs(l) + Math.abs(r));
        return Math.abs(det) > bound ? (int) Math.signum(det) : sideExact(a, b, p);
    }

    private static int sideExact(Point a, Point b, Point p) {
        BigDecimal ax = minus(a.x(), p.x()), ay = minus(a.y(), p.y()), bx = minus(b.x(), p.x()), by = minus(b.y(), p.y());
        return ax.multiply(by).subtract(ay.multiply(bx)).signum();
    }

    private static BigDecimal minus(double a, double b) {
        return new BigDecimal(a).subtract(new BigDecimal(b));
    }
}
