package brightlintel.read.pdf;

import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** What is let through at a moment: an upright box, and outlines beside it, all of which must hold a place for it to be seen. */
final class Clip {
    /** Lines along the border are in: figures are rounded. */
    private static final double EDGE = 0.02;
    private static final double CHORD_ERROR = 0.01;
    private static final int DEEPEST = 8, STEPS = 48, HALVINGS = 30;
    /** An outline of more edges than this is held by its box alone. */
    private static final int MOST_EDGES = 20_000;
    private final Box box;
    private final List<Outline> outlines;

    private record Outline(Box box, List<double[]> rings, boolean evenOdd) { }

    private Clip(Box box, List<Outline> outlines) {
        this.box = box;
        this.outlines = outlines;
    }

    static Clip of(Box page, List<Path2D> paths, Affine map) {
        Box box = page.grown(EDGE);
        List<Outline> outlines = new ArrayList<>();
        for (Path2D p : paths) {
            Outline o = outline(p, map);
            Box b = o.box.grown(EDGE);
            box = new Box(Math.max(box.minX(), b.minX()), Math.max(box.minY(), b.minY()), Math.min(box.maxX(), b.maxX()),
                Math.min(box.maxY(), b.maxY()));
            int edges = 0;
            for (double[] r : o.rings) edges += r.length / 2;
            if (!isBox(o) && edges < MOST_EDGES) outlines.add(o);
        }
        return new Clip(box, outlines);
    }

    private static Outline outline(Path2D path, Affine map) {
        List<double[]> rings = new ArrayList<>();
        double[] ring = new double[32], c = new double[6];
        int n = 0;
        Box box = Box.EMPTY;
        PathIterator it = new FlatteningPathIterator(path.getPathIterator(null), CHORD_ERROR, DEEPEST);
        for (; !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            if (kind == PathIterator.SEG_CLOSE) continue;
            if (kind == PathIterator.SEG_MOVETO) {
                if (n > 4) rings.add(Arrays.copyOf(ring, n));
                n = 0;
            }
            Point p = map.apply(c[0], c[1]);
            if (n + 2 > ring.length) ring = Arrays.copyOf(ring, 2 * ring.length);
            ring[n++] = p.x();
            ring[n++] = p.y();
        }
        if (n > 4) rings.add(Arrays.copyOf(ring, n));
        for (double[] r : rings) for (int i = 0; i < r.length; i += 2) box = box.with(new Point(r[i], r[i + 1]));
        return new Outline(box, rings, path.getWindingRule() == Path2D.WIND_EVEN_ODD);
    }

    private static boolean isBox(Outline o) {
        if (o.rings.size() != 1) return o.rings.isEmpty();
        double[] r = o.rings.getFirst();
        Box b = o.box;
        if (r.length > 10) return false;
        for (int i = 0; i < r.length; i += 2) {
            boolean corner = (near(r[i], b.minX()) || near(r[i], b.maxX())) && (near(r[i + 1], b.minY()) || near(r[i + 1], b.maxY()));
            if (!corner) return false;
        }
        return r.length >= 8;
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) < EDGE;
    }

    Box box() {
        return box;
    }

    boolean isUpright() {
        return outlines.isEmpty();
    }

    boolean passes(Box b) {
        return outlines.isEmpty() && box.holds(b);
    }

    boolean blocks(Box b) {
        return box.isEmpty() || !box.meets(b);
    }

    /** Outlines beside the box, each with its rings: x, y in turn. */
    List<List<double[]>> outlines() {
        return outlines.stream().map(Outline::rings).toList();
    }

    boolean evenOdd(int outline) {
        return outlines.get(outline).evenOdd;
    }

    boolean holds(Point p) {
        if (!box.holds(p)) return false;
        for (Outline o : outlines) if (!holds(o, p)) return false;
        return true;
    }

    private static boolean holds(Outline o, Point p) {
        int winding = 0, crossings = 0;
        for (double[] r : o.rings)
            for (int i = 0, j = r.length - 2; i < r.length; j = i, i += 2) {
                boolean up = r[j + 1] <= p.y(), upNow = r[i + 1] <= p.y();
                if (up == upNow) continue;
                double x = r[j] + (r[i] - r[j]) * (p.y() - r[j + 1]) / (r[i + 1] - r[j + 1]);
                if (x <= p.x()) continue;
                crossings++;
                winding += up ? 1 : -1;
            }
        return o.evenOdd ? crossings % 2 == 1 : winding != 0;
    }

    /** Parameters between which a curve is seen, in pairs. */
    double[] stretches(Curve c) {
        double[] cuts = {0, 1};
        int n = 2;
        double[] found = new double[64];
        int k = 0;
        double[] upright = {box.minX(), box.minY(), box.maxX(), box.minY(), box.maxX(), box.maxY(), box.minX(), box.maxY()};
        k = crossings(c, upright, found, k);
        for (Outline o : outlines) for (double[] r : o.rings) {
            if (k + 4 * r.length > found.length) found = Arrays.copyOf(found, 2 * (k + 4 * r.length));
            k = crossings(c, r, found, k);
        }
        cuts = Arrays.copyOf(cuts, n + k);
        System.arraycopy(found, 0, cuts, n, k);
        Arrays.sort(cuts);
        double[] out = new double[2 * cuts.length];
        int m = 0;
        for (int i = 0; i + 1 < cuts.length; i++) {
            if (cuts[i + 1] - cuts[i] < 1e-9 || !holds(c.at((cuts[i] + cuts[i + 1]) / 2))) continue;
            if (m > 0 && out[m - 1] == cuts[i]) out[m - 1] = cuts[i + 1];
            else {
                out[m++] = cuts[i];
                out[m++] = cuts[i + 1];
            }
        }
        return Arrays.copyOf(out, m);
    }

    private static int crossings(Curve c, double[] ring, double[] found, int k) {
        int steps = c instanceof Curve.Straight ? 1 : STEPS;
        Point a = c.first();
        for (int s = 1; s <= steps; s++) {
            Point b = c.at(s / (double) steps);
            for (int i = 0, j = ring.length - 2; i < ring.length && k < found.length; j = i, i += 2) {
                Point p = new Point(ring[j], ring[j + 1]), q = new Point(ring[i], ring[i + 1]), way = q.minus(p);
                double da = way.cross(a.minus(p)), db = way.cross(b.minus(p));
                if (da > 0 == db > 0) continue;
                double t = da / (da - db), along = way.dot(a.towards(b, t).minus(p));
                if (along < 0 || along > way.dot(way)) continue;
                double t0 = (s - 1) / (double) steps, t1 = s / (double) steps;
                found[k++] = steps == 1 ? t : halved(c, p, way, t0, t1, da > 0);
            }
            a = b;
        }
        return k;
    }

    private static double halved(Curve c, Point p, Point way, double t0, double t1, boolean left) {
        for (int i = 0; i < HALVINGS; i++) {
            double m = (t0 + t1) / 2;
            if (way.cross(c.at(m).minus(p)) > 0 == left) t0 = m;
            else t1 = m;
        }
        return (t0 + t1) / 2;
    }
}
