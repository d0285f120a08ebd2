package brightlintel.flatten;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.geom.Affine;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Piece;
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
            List<Point> p = l.edges().isEmpty() ? polyline(l.polyline(), chordError) : edges(l.edges(), chordError);
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

    private static List<Point> polyline(Doubles p, double chordError) {
        List<Point> out = new ArrayList<>();
        int n = p.size() / 3;
        for (int i = 0; i < n; i++) {
            int k = (i + 1) % n;
            Point a = new Point(p.get(3 * i), p.get(3 * i + 1)), b = new Point(p.get(3 * k), p.get(3 * k + 1));
            Piece piece = new Piece(a, b, p.get(3 * i + 2));
            if (piece.isStraight() || a.equals(b)) out.add(a);
            else {
                List<Point> arc = Chords.of(piece.curve(), chordError);
                out.addAll(arc.subList(0, arc.size() - 1));
            }
        }
        return out;
    }

    private static List<Point> edges(List<Entity.Edge> edges, double chordError) {
        List<Point> out = new ArrayList<>();
        for (Entity.Edge e : edges) out.addAll(Chords.of(curve(e), chordError));
        return out;
    }

    /** Clockwise arcs are stored with their angles mirrored. */
    private static Curve curve(Entity.Edge e) {
        return switch (e) {
            case Entity.Edge.Straight s -> new Curve.Straight(new Point(s.x0(), s.y0()), new Point(s.x1(), s.y1()));
            case Entity.Edge.ArcEdge a -> {
                double sweep = Angles.sweep(a.start(), a.end());
                yield Curve.EllipticArc.circular(new Point(a.x(), a.y()), a.radius(), a.counterClockwise() ? a.start() : -a.start(), a.counterClockwise() ? sweep : -sweep);
            }
            case Entity.Edge.EllipseEdge a -> {
                Point u = new Point(a.majorX(), a.majorY());
                double sweep = Angles.sweep(a.start(), a.end());
                yield new Curve.EllipticArc(new Point(a.x(), a.y()), u, u.left().times(a.ratio()), a.counterClockwise() ? a.start() : -a.start(), a.counterClockwise() ? sweep : -sweep);
            }
            case Entity.Edge.SplineEdge s -> {
                int n = s.controls().size() / 3;
                List<Point> points = new ArrayList<>();
                double[] weights = new double[n];
                for (int i = 0; i < n; i++) {
                    points.add(new Point(s.controls().get(3 * i), s.controls().get(3 * i + 1)));
                    weights[i] = s.controls().get(3 * i + 2);
                }
                yield new Nurbs(s.degree(), s.knots().toArray(), weights, points);
            }
        };
    }

    /** The families of lines, each cut where it leaves the outlines by the even-odd rule, then dashed. */
    static Pattern pattern(Entity.Hatch h, List<double[]> rings, Affine map) {
        Lines out = new Lines();
        double scale = map.meanScale(), turn = Math.atan2(map.b(), map.a());
        for (Entity.PatternLine f : h.lines()) {
            Point d = Point.polar(f.angle() + turn, 1), n = d.left();
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
