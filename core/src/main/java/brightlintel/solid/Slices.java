package brightlintel.solid;

import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * A wall's ground parted across at the jambs of its openings. Worked in the unrolled plane (x along the wall, y to its left), so that curved
 * walls are cut by radii with the same code.
 */
final class Slices {
    private static final double THIN = 1e-6;

    private Slices() { }

    /** @param outline unrolled; solid: pairs of bottom and top above the wall's base */
    record Slice(double from, double to, List<Point> outline, List<double[]> solid) { }

    /** Slices of one ring, in order along the wall. */
    static List<Slice> of(Wall w, Ring ring, List<Opening> openings, double height) {
        List<Point> flat = ring.points().stream().map(w.reference()::unroll).toList();
        double lo = flat.stream().mapToDouble(Point::x).min().orElseThrow(), hi = flat.stream().mapToDouble(Point::x).max().orElseThrow();
        TreeSet<Double> breaks = new TreeSet<>(List.of(lo, hi));
        for (Opening o : openings)
            for (double s : new double[] {o.start(), o.end()}) if (s > lo + THIN && s < hi - THIN) breaks.add(s);
        List<Double> at = new ArrayList<>(breaks);
        List<Slice> out = new ArrayList<>();
        for (int i = 0; i + 1 < at.size(); i++) {
            double a = at.get(i), b = at.get(i + 1);
            List<Point> part = clip(clip(flat, a, i > 0, 1), b, i + 2 < at.size(), -1);
            if (part.size() >= 3) out.add(new Slice(a, b, part, solid(openings, (a + b) / 2, height)));
        }
        return out;
    }

    /** What is left of the height at a place along. */
    private static List<double[]> solid(List<Opening> openings, double at, double height) {
        List<double[]> out = new ArrayList<>(List.of(new double[] {0, height}));
        for (Opening o : openings) {
            if (at < o.start() || at > o.end()) continue;
            List<double[]> next = new ArrayList<>();
            for (double[] z : out) {
                double s = Math.clamp(o.sill().value(), z[0], z[1]), h = Math.clamp(o.head().value(), z[0], z[1]);
                if (s - z[0] > THIN) next.add(new double[] {z[0], s});
                if (z[1] - h > THIN) next.add(new double[] {h, z[1]});
            }
            out = next;
        }
        return out;
    }

    /** Keeps the side where sign * (x - at) >= 0. Points on the cut get exactly that x, so that they can be told later. */
    private static List<Point> clip(List<Point> poly, double at, boolean needed, int sign) {
        if (!needed) return poly;
        List<Point> out = new ArrayList<>();
        for (int i = 0; i < poly.size(); i++) {
            Point a = poly.get(i), b = poly.get((i + 1) % poly.size());
            double da = sign * (a.x() - at), db = sign * (b.x() - at);
            if (da >= 0) out.add(a);
            if (da > 0 && db < 0 || da < 0 && db > 0) out.add(new Point(at, a.y() + (b.y() - a.y()) * (at - a.x()) / (b.x() - a.x())));
        }
        return out;
    }

    static double area(List<Point> unrolled, Wall w) {
        return unrolled.size() < 3 ? 0 : new Ring(unrolled.stream().map(p -> w.reference().at(p.x(), p.y())).toList()).area();
    }
}
