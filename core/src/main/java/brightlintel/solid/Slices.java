package brightlintel.solid;

import brightlintel.building.Opening;
import brightlintel.building.TopLine;
import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * A wall's ground parted across at the jambs of its openings. Worked in the unrolled plane (x along the wall, y to its left), so that
 * curved walls are cut by radii with the same code.
 */
final class Slices {
    private static final double THIN = 1e-6;

    private Slices() { }

    /** @param toTop its upper face is the wall's own top, which may slope; top is then where it is lowest in the slice */
    record Span(double bottom, double top, boolean toTop) {
        double top(TopLine line, double along) {
            return toTop ? line.at(along) : top;
        }
    }

    /** @param outline unrolled; solid: what is left of the height, above the wall's base */
    record Slice(double from, double to, List<Point> outline, List<Span> solid) { }

    /** Slices of one ring, in order along the wall. */
    static List<Slice> of(Wall w, Ring ring, List<Opening> openings, TopLine top) {
        List<Point> flat = ring.corners().stream().map(w.reference()::unroll).toList();
        double lo = flat.stream().mapToDouble(Point::x).min().orElseThrow(), hi = flat.stream().mapToDouble(Point::x).max().orElseThrow();
        TreeSet<Double> breaks = new TreeSet<>(List.of(lo, hi));
        for (Opening o : openings)
            for (double s : new double[] {o.start(), o.end()}) if (s > lo + THIN && s < hi - THIN) breaks.add(s);
        for (TopLine.Knot k : top.knots()) if (k.along() > lo + THIN && k.along() < hi - THIN) breaks.add(k.along());
        List<Double> at = new ArrayList<>(breaks);
        List<Slice> out = new ArrayList<>();
        for (int i = 0; i + 1 < at.size(); i++) {
            double a = at.get(i), b = at.get(i + 1);
            List<Point> part = clip(clip(flat, a, i > 0, 1), b, i + 2 < at.size(), -1);
            if (part.size() >= 3) out.add(new Slice(a, b, part, solid(openings, (a + b) / 2, top.least(a, b))));
        }
        return out;
    }

    /** What is left of the height at a place along. */
    private static List<Span> solid(List<Opening> openings, double at, double height) {
        List<Span> out = new ArrayList<>(List.of(new Span(0, height, true)));
        for (Opening o : openings) {
            if (at < o.start() || at > o.end()) continue;
            List<Span> next = new ArrayList<>();
            for (Span z : out) {
                double s = Math.clamp(o.sill().value(), z.bottom, z.top), h = Math.clamp(o.head().value(), z.bottom, z.top);
                if (s - z.bottom > THIN) next.add(new Span(z.bottom, s, z.toTop && s >= z.top));
                if (z.top - h > THIN) next.add(new Span(h, z.top, z.toTop));
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

    /** Cubic metres of a slice; a sloping top is taken where the slice's ground has its middle. */
    static double volume(Slice s, Wall w, TopLine top) {
        if (s.outline.size() < 3) return 0;
        double area = new Ring(s.outline.stream().map(p -> w.reference().at(p.x(), p.y())).toList()).area(), middle = middle(s.outline),
            sum = 0;
        for (Span z : s.solid) sum += area * (z.top(top, middle) - z.bottom);
        return sum;
    }

    /** Of a polygon, along x. */
    private static double middle(List<Point> p) {
        double area = 0, moment = 0;
        for (int i = 0; i < p.size(); i++) {
            Point a = p.get(i), b = p.get((i + 1) % p.size());
            double c = a.cross(b);
            area += c;
            moment += c * (a.x() + b.x());
        }
        return Math.abs(area) > 0 ? moment / (3 * area) : p.getFirst().x();
    }
}
