package brightlintel.geom;

import java.util.List;

/**
 * A map of the plane that keeps lines straight, as a camera makes it: x' = (a x + b y + c) / (g x + h y + 1), y' = (d x + e y + f) / (g x +
 * h y + 1).
 */
public record Homography(double a, double b, double c, double d, double e, double f, double g, double h) {
    public static final Homography IDENTITY = new Homography(1, 0, 0, 0, 1, 0, 0, 0);
    private static final int UNKNOWNS = 8;

    /**
     * The one that takes four points to four others, solved about their middles, so that pixels counted in thousands lose no digits.
     *
     * @throws IllegalArgumentException where three of them lie on one line
     */
    public static Homography of(List<Point> from, List<Point> to) {
        double[][] m = new double[UNKNOWNS][UNKNOWNS + 1];
        Frame in = Frame.of(from), out = Frame.of(to);
        for (int i = 0; i < 4; i++) {
            Point p = in.in(from.get(i)), q = out.in(to.get(i));
            m[2 * i] = new double[] {p.x(), p.y(), 1, 0, 0, 0, -q.x() * p.x(), -q.x() * p.y(), q.x()};
            m[2 * i + 1] = new double[] {0, 0, 0, p.x(), p.y(), 1, -q.y() * p.x(), -q.y() * p.y(), q.y()};
        }
        double[] s = Linear.solve(m);
        return of(in.matrix(), new Homography(s[0], s[1], s[2], s[3], s[4], s[5], s[6], s[7]), out);
    }

    /** Coordinates about the middle, of size one. */
    private record Frame(Point middle, double size) {
        static Frame of(List<Point> points) {
            Box b = Box.of(points);
            return new Frame(b.centre(), Math.max(b.diagonal(), 1e-300));
        }

        Point in(Point p) {
            return p.minus(middle).times(1 / size);
        }

        double[][] matrix() {
            return new double[][] {{1 / size, 0, -middle.x() / size}, {0, 1 / size, -middle.y() / size}, {0, 0, 1}};
        }
    }

    private static Homography of(double[][] first, Homography s, Frame out) {
        double[][] last = {{out.size, 0, out.middle.x()}, {0, out.size, out.middle.y()}, {0, 0, 1}};
        return of(times(last, times(s.matrix(), first)));
    }

    private double[][] matrix() {
        return new double[][] {{a, b, c}, {d, e, f}, {g, h, 1}};
    }

    private static double[][] times(double[][] l, double[][] r) {
        double[][] out = new double[3][3];
        for (int i = 0; i < 3; i++) for (int k = 0; k < 3; k++) for (int j = 0; j < 3; j++) out[i][k] += l[i][j] * r[j][k];
        return out;
    }

    private static Homography of(double[][] m) {
        double w = m[2][2];
        if (!(Math.abs(w) > 1e-12)) throw new IllegalArgumentException("the origin goes to infinity");
        return new Homography(m[0][0] / w, m[0][1] / w, m[0][2] / w, m[1][0] / w, m[1][1] / w, m[1][2] / w, m[2][0] / w, m[2][1] / w);
    }

    public Point apply(Point p) {
        double w = weight(p);
        return new Point((a * p.x() + b * p.y() + c) / w, (d * p.x() + e * p.y() + f) / w);
    }

    /** Of one sign on one side of the horizon, which is where it is 0. */
    public double weight(Point p) {
        return g * p.x() + h * p.y() + 1;
    }

    public Homography inverse() {
        double[][] adjoint = {{e - f * h, c * h - b, b * f - c * e}, {f * g - d, a - c * g, c * d - a * f},
            {d * h - e * g, b * g - a * h, a * e - b * d}};
        return of(adjoint);
    }
}
