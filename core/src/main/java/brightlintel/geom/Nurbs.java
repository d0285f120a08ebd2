package brightlintel.geom;

import java.util.List;

/** A rational B-spline, clamped to its valid knot span. Evaluated by de Boor's algorithm (Piegl and Tiller, The NURBS Book, 1997, A4.1). */
public final class Nurbs implements Curve {
    private final int degree;
    private final double[] knots;
    private final double[] weights;
    private final List<Point> controls;

    /**
     * @param knots   controls + degree + 1 of them, never falling
     * @param weights one a control point; all 1 for a plain spline
     * @throws IllegalArgumentException where the counts do not fit or the knots have no span
     */
    public Nurbs(int degree, double[] knots, double[] weights, List<Point> controls) {
        if (degree < 1 || controls.size() <= degree || knots.length != controls.size() + degree + 1 || weights.length != controls.size())
            throw new IllegalArgumentException("degree " + degree + ", " + knots.length + " knots, " + controls.size() + " control points do not fit");
        for (int i = 1; i < knots.length; i++)
            if (!(knots[i] >= knots[i - 1])) throw new IllegalArgumentException("knot " + i + " falls");
        if (!(knots[controls.size()] > knots[degree])) throw new IllegalArgumentException("the knots have no span");
        this.degree = degree;
        this.knots = knots.clone();
        this.weights = weights.clone();
        this.controls = List.copyOf(controls);
    }

    public List<Point> controls() {
        return controls;
    }

    public int degree() {
        return degree;
    }

    public double[] knots() {
        return knots.clone();
    }

    public double[] weights() {
        return weights.clone();
    }

    /** All weights are one. */
    public boolean isPlain() {
        for (double w : weights) if (Math.abs(w - 1) > 1e-12) return false;
        return true;
    }

    /** The parameters, in 0..1, where one polynomial piece ends and the next begins. */
    public double[] breaks() {
        double from = knots[degree], to = knots[controls.size()];
        return java.util.Arrays.stream(knots, degree, controls.size() + 1).distinct().map(k -> (k - from) / (to - from)).toArray();
    }

    @Override public Point at(double t) {
        double u = knots[degree] + (knots[controls.size()] - knots[degree]) * Math.clamp(t, 0, 1);
        int span = spanOf(u);
        double[] x = new double[degree + 1], y = new double[degree + 1], w = new double[degree + 1];
        for (int j = 0; j <= degree; j++) {
            int i = span - degree + j;
            w[j] = weights[i];
            x[j] = controls.get(i).x() * w[j];
            y[j] = controls.get(i).y() * w[j];
        }
        for (int r = 1; r <= degree; r++)
            for (int j = degree; j >= r; j--) {
                int i = span - degree + j;
                double wide = knots[i + degree - r + 1] - knots[i];
                double f = wide > 0 ? (u - knots[i]) / wide : 0;
                x[j] += (x[j - 1] - x[j]) * (1 - f);
                y[j] += (y[j - 1] - y[j]) * (1 - f);
                w[j] += (w[j - 1] - w[j]) * (1 - f);
            }
        return new Point(x[degree] / w[degree], y[degree] / w[degree]);
    }

    private int spanOf(double u) {
        int span = degree, last = controls.size() - 1;
        while (span < last && u >= knots[span + 1]) span++;
        return span;
    }

    /** By central difference: good to about nine digits, which Newton's steps towards a crossing do not need to better. */
    @Override public Point derivative(double t) {
        double h = 1e-6, lo = Math.max(0, t - h), hi = Math.min(1, t + h);
        return at(hi).minus(at(lo)).times(1 / (hi - lo));
    }

    /** Exact: a rational spline maps by its control points. */
    @Override public Curve mapped(Affine m) {
        return new Nurbs(degree, knots, weights, controls.stream().map(m::apply).toList());
    }
}
