package brightlintel.geom;

/** x' = a x + c y + tx, y' = b x + d y + ty. */
public record Affine(double a, double b, double c, double d, double tx, double ty) {
    public static final Affine IDENTITY = new Affine(1, 0, 0, 1, 0, 0);

    public static Affine move(double tx, double ty) {
        return new Affine(1, 0, 0, 1, tx, ty);
    }

    public static Affine move(Point by) {
        return move(by.x(), by.y());
    }

    public static Affine scale(double sx, double sy) {
        return new Affine(sx, 0, 0, sy, 0, 0);
    }

    public static Affine turn(double radians) {
        double c = Math.cos(radians), s = Math.sin(radians);
        return new Affine(c, s, -s, c, 0, 0);
    }

    /** This first, then next. */
    public Affine then(Affine n) {
        return new Affine(n.a * a + n.c * b, n.b * a + n.d * b, n.a * c + n.c * d, n.b * c + n.d * d,
            n.a * tx + n.c * ty + n.tx, n.b * tx + n.d * ty + n.ty);
    }

    public Point apply(Point p) {
        return apply(p.x(), p.y());
    }

    public Point apply(double x, double y) {
        return new Point(a * x + c * y + tx, b * x + d * y + ty);
    }

    /** Without the move: for directions. */
    public Point applyVector(Point v) {
        return new Point(a * v.x() + c * v.y(), b * v.x() + d * v.y());
    }

    public double determinant() {
        return a * d - b * c;
    }

    /** Lengths grow by this on average; exact where both axes are scaled alike. */
    public double meanScale() {
        return Math.sqrt(Math.abs(determinant()));
    }

    /** @throws IllegalArgumentException where the plane collapses to a line */
    public Affine inverse() {
        double det = determinant();
        if (!(Math.abs(det) > 1e-300)) throw new IllegalArgumentException("determinant " + det + " has no inverse");
        return new Affine(d / det, -b / det, -c / det, a / det, (c * ty - d * tx) / det, (b * tx - a * ty) / det);
    }

    public boolean isFinite() {
        return Double.isFinite(a + b + c + d + tx + ty);
    }
}
