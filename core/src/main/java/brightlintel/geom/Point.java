package brightlintel.geom;

/** A point or a vector in the plane. The unit is that of the context: file units before placing, metres after it. */
public record Point(double x, double y) {
    public static final Point ORIGIN = new Point(0, 0);

    public static Point polar(double angle, double length) {
        return new Point(Math.cos(angle) * length, Math.sin(angle) * length);
    }

    public Point plus(Point p) {
        return new Point(x + p.x, y + p.y);
    }

    public Point minus(Point p) {
        return new Point(x - p.x, y - p.y);
    }

    public Point times(double f) {
        return new Point(x * f, y * f);
    }

    public double dot(Point p) {
        return x * p.x + y * p.y;
    }

    public double cross(Point p) {
        return x * p.y - y * p.x;
    }

    public double length() {
        return Math.hypot(x, y);
    }

    public double distance(Point p) {
        return Math.hypot(x - p.x, y - p.y);
    }

    /** Counter-clockwise angle from the x axis, -pi..pi. */
    public double angle() {
        return Math.atan2(y, x);
    }

    /** Same direction, length 1; the x axis for a vector without length. */
    public Point unit() {
        double l = length();
        return l > 0 ? new Point(x / l, y / l) : new Point(1, 0);
    }

    /** Turned a quarter counter-clockwise. */
    public Point left() {
        return new Point(-y, x);
    }

    public Point turn(double radians) {
        double c = Math.cos(radians), s = Math.sin(radians);
        return new Point(x * c - y * s, x * s + y * c);
    }

    public Point towards(Point p, double share) {
        return new Point(x + (p.x - x) * share, y + (p.y - y) * share);
    }

    public boolean isFinite() {
        return Double.isFinite(x) && Double.isFinite(y);
    }
}
