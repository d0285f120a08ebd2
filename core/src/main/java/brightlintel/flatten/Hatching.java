package brightlintel.flatten;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.HatchEdges;
import brightlintel.geom.Affine;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Outlines of a hatch, and its pattern cut to them. */
final class Hatching {
    /** A pattern of more lines than this cannot be told from a fill. */
    private static final int DENSEST = 20_000;

    private Hatching() { }

    /** @param tooDense the pattern was given up: paint it as a fill */
    record Pattern(double[] lines, boolean tooDense) { }

    /** @param map from the hatch's plane to shifted file units */
    static List<double[]> rings(Entity.Hatch h, Affine map, double chordError) {
        List<double[]> out = new ArrayList<>();
        for (Entity.Loop l : h.loops()) {
            List<Point> p = chords(HatchEdges.of(l), chordError);
            double[] flat = new double[2 * p.size()];
            for (int i = 0; i < p.size(); i++) {
                Point q = map.apply(p.get(i));
                if (!q.isFinite()) throw new IllegalArgumentException("not finite");
                flat[2 * i] = q.x();
                flat[2 * i + 1] = q.y();
            }
            if (p.size() > 2) out.add(flat);
        }
        return out;
    }

    private static List<Point> chords(List<Curve> loop, double chordError) {
        List<Point> out = new ArrayList<>();
        for (Curve c : loop) {
            List<Point> p = Chords.of(c, chordError);
            out.addAll(c instanceof Curve.Straight ? p.subList(0, 1) : p);
        }
        return out;
    }

    /** The families of lines, each cut where it leaves the outlines by the even-odd rule, then dashed. */
    static Pattern pattern(Entity.Hatch h, List<double[]> rings, Affine map) {
        Lines out = new Lines();
        double scale = map.meanScale();
        for (Entity.PatternLine f : h.lines()) {
            // the direction is mapped as a vector: in a mirrored block its angle does not just turn
            Point d = map.applyVector(Point.polar(f.angle(), 1)).unit(), n = d.left();
            Point origin = map.apply(f.x(), f.y()), step = map.applyVector(new Point(f.stepX(), f.stepY()));
            double apart = step.dot(n);
            if (!(Math.abs(apart) > 1e-12)) continue;
            double lo = Double.POSITIVE_INFINITY, hi = Double.NEGATIVE_INFINITY;
            for (double[] r : rings)
                for (int i = 0; i < r.length; i += 2) {
                    double off = (new Point(r[i], r[i + 1]).minus(origin).dot(n)) / apart;
                    lo = Math.min(lo, off);
                    hi = Math.max(hi, off);
                }
            if (!(hi - lo < DENSEST)) return new Pattern(new double[0], true);
            for (long k = (long) Math.ceil(lo); k <= hi; k++) {
                family(rings, origin.plus(step.times(k)), d, f.dashes(), scale, out);
                if (out.size > 4 * DENSEST) return new Pattern(new double[0], true);
            }
        }
        return new Pattern(Arrays.copyOf(out.xy, out.size), false);
    }

    private static void family(List<double[]> rings, Point p, Point d, Doubles dashes, double scale, Lines out) {
        double[] cuts = new double[16];
        int n = 0;
        for (double[] r : rings)
            for (int i = 0; i < r.length; i += 2) {
                int k = (i + 2) % r.length;
                double a = d.cross(new Point(r[i], r[i + 1]).minus(p)), b = d.cross(new Point(r[k], r[k + 1]).minus(p));
                if (a > 0 == b > 0) continue;
                double t = a / (a - b);
                if (n == cuts.length) cuts = Arrays.copyOf(cuts, 2 * n);
                cuts[n++] = d.dot(new Point(r[i] + (r[k] - r[i]) * t, r[i + 1] + (r[k + 1] - r[i + 1]) * t).minus(p));
            }
        Arrays.sort(cuts, 0, n);
        for (int i = 0; i + 1 < n; i += 2) dash(p, d, cuts[i], cuts[i + 1], dashes, scale, out);
    }

    private static void dash(Point p, Point d, double from, double to, Doubles dashes, double scale, Lines out) {
        double period = 0;
        for (int i = 0; i < dashes.size(); i++) period += Math.abs(dashes.get(i)) * scale;
        if (!(period > 0) || (to - from) / period > 2000) {
            out.add(p.plus(d.times(from)), p.plus(d.times(to)));
            return;
        }
        for (double at = Math.floor(from / period) * period; at < to; ) {
            for (int i = 0; i < dashes.size(); i++) {
                double l = Math.abs(dashes.get(i)) * scale, a = Math.max(at, from), b = Math.min(at + l, to);
                if (dashes.get(i) >= 0 && b >= a) out.add(p.plus(d.times(a)), p.plus(d.times(b)));
                at += l;
            }
        }
    }

    private static final class Lines {
        private double[] xy = new double[64];
        private int size;

        void add(Point a, Point b) {
            if (size + 4 > xy.length) xy = Arrays.copyOf(xy, 2 * xy.length);
            xy[size++] = a.x();
            xy[size++] = a.y();
            xy[size++] = b.x();
            xy[size++] = b.y();
        }
    }
}
