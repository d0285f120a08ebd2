package brightlintel.flatten;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.geom.Affine3;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A stored spline as an exact curve in the plan. Where a file gives fit points only, a smooth curve is laid through them (Catmull-Rom). */
final class Splines {
    private Splines() { }

    /** @throws IllegalArgumentException where degree, knots and points do not fit together */
    static Nurbs of(Entity.Spline s, Affine3 map) {
        List<Point> controls = points(s.controls(), map);
        if (controls.size() < 2) return throughFits(points(s.fits(), map), s.closed());
        double[] weights = s.weights().size() == controls.size() ? s.weights().toArray() : ones(controls.size());
        for (double w : weights) if (!(w > 0)) throw new IllegalArgumentException("weight " + w);
        double[] knots = s.knots().toArray();
        if (s.degree() < 1) throw new IllegalArgumentException("degree " + s.degree());
        int degree = Math.min(s.degree(), controls.size() - 1);
        if (knots.length != controls.size() + degree + 1) knots = clamped(controls.size(), degree);
        return new Nurbs(degree, knots, weights, controls);
    }

    private static double[] ones(int n) {
        double[] w = new double[n];
        Arrays.fill(w, 1);
        return w;
    }

    private static double[] clamped(int n, int degree) {
        double[] k = new double[n + degree + 1];
        for (int i = 0; i < k.length; i++) k[i] = Math.clamp(i - degree, 0, n - degree);
        return k;
    }

    private static List<Point> points(Doubles xyz, Affine3 map) {
        List<Point> out = new ArrayList<>(xyz.size() / 3);
        for (int i = 0; i + 2 < xyz.size(); i += 3) out.add(map.apply(new Vec3(xyz.get(i), xyz.get(i + 1), xyz.get(i + 2))).flat());
        return out;
    }

    private static Nurbs throughFits(List<Point> fits, boolean closed) {
        List<Point> p = new ArrayList<>(fits);
        if (closed && p.size() > 2) p.add(p.getFirst());
        int n = p.size();
        if (n < 2) throw new IllegalArgumentException("a spline of " + n + " points");
        List<Point> controls = new ArrayList<>();
        controls.add(p.getFirst());
        for (int i = 0; i + 1 < n; i++) {
            controls.add(p.get(i).plus(tangent(p, i, closed).times(1 / 3.0)));
            controls.add(p.get(i + 1).minus(tangent(p, i + 1, closed).times(1 / 3.0)));
            controls.add(p.get(i + 1));
        }
        double[] knots = new double[controls.size() + 4];
        for (int i = 0; i < knots.length; i++) knots[i] = Math.clamp((i + 2) / 3 - 1, 0, n - 1);
        return new Nurbs(3, knots, ones(controls.size()), controls);
    }

    private static Point tangent(List<Point> p, int i, boolean closed) {
        int n = p.size();
        if (closed && n > 2 && (i == 0 || i == n - 1)) return p.get(1).minus(p.get(n - 2)).times(0.5);
        if (i == 0) return p.get(1).minus(p.get(0));
        if (i == n - 1) return p.get(n - 1).minus(p.get(n - 2));
        return p.get(i + 1).minus(p.get(i - 1)).times(0.5);
    }
}
