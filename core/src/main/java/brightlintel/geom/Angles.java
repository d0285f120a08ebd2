package brightlintel.geom;

/** Angles in radians. */
public final class Angles {
    public static final double TURN = 2 * Math.PI;

    private Angles() { }

    /** 0 up to, not including, a full turn. */
    public static double positive(double a) {
        double r = a % TURN;
        if (r < 0) r += TURN;
        return r >= TURN ? 0 : r;
    }

    /** -pi..pi. */
    public static double signed(double a) {
        double r = positive(a);
        return r > Math.PI ? r - TURN : r;
    }

    /** Counter-clockwise way from one angle to another, over 0 up to a full turn; equal angles are a full turn. */
    public static double sweep(double from, double to) {
        double s = positive(to - from);
        return s <= 1e-12 ? TURN : s;
    }

    /** Smallest difference between two undirected lines, 0..pi/2. */
    public static double betweenLines(double a, double b) {
        double d = positive(a - b) % Math.PI;
        return Math.min(d, Math.PI - d);
    }
}
