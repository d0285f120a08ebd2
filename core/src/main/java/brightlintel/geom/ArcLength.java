package brightlintel.geom;

/** The way along a curve: five Gauss points an interval, halved until halving changes nothing any more. */
final class ArcLength {
    private static final double[] NODES = {0, 0.5384693101056831, -0.5384693101056831, 0.9061798459386640, -0.9061798459386640};
    private static final double[] SHARES = {0.5688888888888889, 0.4786286704993665, 0.4786286704993665, 0.2369268850561891,
        0.2369268850561891};
    private static final double ENOUGH = 1e-10;
    private static final int DEEPEST = 24;

    private ArcLength() { }

    /** @param breaks parameters between which the curve is smooth, rising, both ends among them */
    static double of(Curve c, double... breaks) {
        double rough = 0, sum = 0;
        for (int i = 0; i + 1 < breaks.length; i++) rough += gauss(c, breaks[i], breaks[i + 1]);
        for (int i = 0; i + 1 < breaks.length; i++)
            sum += halved(c, breaks[i], breaks[i + 1], gauss(c, breaks[i], breaks[i + 1]), rough * ENOUGH, 0);
        return sum;
    }

    private static double halved(Curve c, double from, double to, double whole, double enough, int depth) {
        double middle = (from + to) / 2, left = gauss(c, from, middle), right = gauss(c, middle, to);
        // written so that NaN ends too
        if (!(Math.abs(left + right - whole) > enough) || depth >= DEEPEST) return left + right;
        return halved(c, from, middle, left, enough, depth + 1) + halved(c, middle, to, right, enough, depth + 1);
    }

    private static double gauss(Curve c, double from, double to) {
        double half = (to - from) / 2, middle = (from + to) / 2, sum = 0;
        for (int i = 0; i < NODES.length; i++) sum += SHARES[i] * c.derivative(middle + half * NODES[i]).length();
        return sum * half;
    }
}
