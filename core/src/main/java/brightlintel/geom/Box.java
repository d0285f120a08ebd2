package brightlintel.geom;

/** An upright rectangle; {@link #EMPTY} holds nothing and grows from nothing. */
public record Box(double minX, double minY, double maxX, double maxY) {
    public static final Box EMPTY = new Box(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY,
        Double.NEGATIVE_INFINITY);

    public static Box around(Point p, double half) {
        return new Box(p.x() - half, p.y() - half, p.x() + half, p.y() + half);
    }

    public static Box of(Iterable<Point> points) {
        Box b = EMPTY;
        for (Point p : points) b = b.with(p);
        return b;
    }

    public static Box of(Point a, Point b) {
        return EMPTY.with(a).with(b);
    }

    public boolean isEmpty() {
        return !(minX <= maxX && minY <= maxY);
    }

    public Box with(Point p) {
        return new Box(Math.min(minX, p.x()), Math.min(minY, p.y()), Math.max(maxX, p.x()), Math.max(maxY, p.y()));
    }

    public Box with(Box b) {
        return new Box(Math.min(minX, b.minX), Math.min(minY, b.minY), Math.max(maxX, b.maxX), Math.max(maxY, b.maxY));
    }

    public Box grown(double by) {
        return isEmpty() ? this : new Box(minX - by, minY - by, maxX + by, maxY + by);
    }

    public boolean meets(Box b) {
        return minX <= b.maxX && b.minX <= maxX && minY <= b.maxY && b.minY <= maxY;
    }

    public boolean holds(Point p) {
        return p.x() >= minX && p.x() <= maxX && p.y() >= minY && p.y() <= maxY;
    }

    public boolean holds(Box b) {
        return b.minX >= minX && b.maxX <= maxX && b.minY >= minY && b.maxY <= maxY;
    }

    public double width() {
        return isEmpty() ? 0 : maxX - minX;
    }

    public double height() {
        return isEmpty() ? 0 : maxY - minY;
    }

    public double diagonal() {
        return Math.hypot(width(), height());
    }

    public Point centre() {
        return new Point((minX + maxX) / 2, (minY + maxY) / 2);
    }

    /** The smallest upright box around this one once it is moved by m. */
    public Box mapped(Affine m) {
        return isEmpty() ? this : EMPTY.with(m.apply(minX, minY)).with(m.apply(maxX, minY)).with(m.apply(minX, maxY))
            .with(m.apply(maxX, maxY));
    }
}
