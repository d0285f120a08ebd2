package brightlintel.geom;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;

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
            throw new IllegalArgumentException("degree " + degree + ", " + knots.length + " knots, " + controls.size()
                + " control points do not fit");
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
        return Arrays.stream(knots, degree, controls.size() + 1).distinct().map(k -> (k - from) / (to - from)).toArray();
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

    @Override public double length() {
        return ArcLength.of(this, breaks());
    }

    /** Knots are put in at both ends until they hold the curve there (Boehm 1980); what lies between is the part. */
    @Override public Curve part(double from, double to) {
        double lo = knots[degree], wide = knots[controls.size()] - lo;
        if (!(to > from)) throw new IllegalArgumentException("no part from " + from + " to " + to);
        return held(lo + wide * Math.clamp(from, 0, 1)).held(lo + wide * Math.clamp(to, 0, 1))
            .between(lo + wide * Math.clamp(from, 0, 1), lo + wide * Math.clamp(to, 0, 1));
    }

    private int times(double u) {
        int n = 0;
        for (double k : knots) if (k == u) n++;
        return n;
    }

    /** With a knot as often as the degree says, so that the curve passes through a control point there. */
    private Nurbs held(double u) {
        Nurbs out = this;
        for (int n = times(u); n < degree; n++) out = out.with(u);
        return out;
    }

    private Nurbs with(double u) {
        int span = spanOf(u), n = controls.size();
        double[] k = new double[knots.length + 1], w = new double[n + 1];
        System.arraycopy(knots, 0, k, 0, span + 1);
        k[span + 1] = u;
        System.arraycopy(knots, span + 1, k, span + 2, knots.length - span - 1);
        List<Point> c = new ArrayList<>(n + 1);
        for (int i = 0; i <= n; i++) {
            double f = i <= span - degree ? 1 : i > span ? 0 : (u - knots[i]) / (knots[i + degree] - knots[i]);
            if (f >= 1 || i == n) f = i == n ? 0 : 1;
            double a = f < 1 ? weights[i - 1] * (1 - f) : 0, b = f > 0 ? weights[i] * f : 0;
            w[i] = a + b;
            Point p = (f < 1 ? controls.get(i - 1).times(a) : Point.ORIGIN).plus(f > 0 ? controls.get(i).times(b) : Point.ORIGIN);
            c.add(p.times(1 / w[i]));
        }
        return new Nurbs(degree, k, w, c);
    }

    /** Between two knots that hold the curve. */
    private Nurbs between(double from, double to) {
        int first = 0, last = knots.length - 1;
        while (knots[first] < from) first++;
        while (knots[last] > to) last--;
        while (first + degree < knots.length && knots[first + degree] == from) first++;
        while (last - degree >= 0 && knots[last - degree] == to) last--;
        int a = Math.max(0, first - 1), b = Math.min(controls.size() - 1, last - degree);
        double[] k = new double[b - a + degree + 2];
        for (int i = 0; i < k.length; i++) k[i] = i <= degree ? from : i > b - a ? to : knots[a + i];
        return new Nurbs(degree, k, Arrays.copyOfRange(weights, a, b + 1), controls.subList(a, b + 1));
    }

    @Override public boolean equals(Object o) {
        return o instanceof Nurbs n && degree == n.degree && Arrays.equals(knots, n.knots) && Arrays.equals(weights, n.weights)
            && controls.equals(n.controls);
    }

    @Override public int hashCode() {
        return Objects.hash(degree, Arrays.hashCode(knots), controls);
    }

    @Override public String toString() {
        return "Nurbs[" + degree + ", " + controls + "]";
    }

    /** Exact: a rational spline maps by its control points. */
    @Override public Curve mapped(Affine m) {
        return new Nurbs(degree, knots, weights, controls.stream().map(m::apply).toList());
    }
}
