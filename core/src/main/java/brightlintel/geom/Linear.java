package brightlintel.geom;

/** Small systems of linear equations. */
public final class Linear {
    private static final double SINGULAR = 1e-12;

    private Linear() { }

    /**
     * Solves by elimination with the largest pivot of each column.
     *
     * @param m a row an equation, its right side last; overwritten
     * @throws IllegalArgumentException where the equations do not settle all unknowns
     */
    public static double[] solve(double[][] m) {
        int n = m.length;
        for (int i = 0; i < n; i++) {
            int best = i;
            for (int r = i + 1; r < n; r++) if (Math.abs(m[r][i]) > Math.abs(m[best][i])) best = r;
            double[] t = m[i];
            m[i] = m[best];
            m[best] = t;
            if (!(Math.abs(m[i][i]) > SINGULAR)) throw new IllegalArgumentException("the equations do not settle all unknowns");
            for (int r = i + 1; r < n; r++) {
                double k = m[r][i] / m[i][i];
                for (int c = i; c <= n; c++) m[r][c] -= k * m[i][c];
            }
        }
        double[] x = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            double s = m[i][n];
            for (int c = i + 1; c < n; c++) s -= m[i][c] * x[c];
            x[i] = s / m[i][i];
        }
        return x;
    }
}
