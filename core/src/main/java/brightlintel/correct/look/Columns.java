package brightlintel.correct.look;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Small closed marks of one size that stand in rows both ways, far apart for their size: columns. Chairs stand close. */
public final class Columns {
    private static final int LEAST = 6, ROW = 2;
    /** In steps of a logarithm: what counts as one size. Of the size: what counts as one row, and how far apart rows are at least. */
    private static final double SIZE = 0.02, ROW_WIDE = 0.15, APART = 5, SLENDER = 4;

    private Columns() { }

    /** Rows of columns, one way and the other, as they lie in the plan turned upright: coordinates in rising order. */
    public record Rows(List<Double> x, List<Double> y, List<Point> at) {
        static final Rows NONE = new Rows(List.of(), List.of(), List.of());
    }

    private record Size(long small, long large) { }

    static Rows of(Drawn d, List<Outlines.Run> runs, double turn) {
        Map<Size, List<Point>> bySize = new HashMap<>();
        Map<Size, Double> length = new HashMap<>();
        for (Outlines.Run r : runs) if (r.isClosed() && r.points().size() <= 9) {
            Box b = Box.of(r.points().stream().map(p -> p.turn(-turn)).toList());
            put(bySize, length, b.centre(), b.width(), b.height());
        }
        Strokes s = d.strokes();
        for (int i = 0; i < s.size(); i++)
            if (d.strokeShown().test(i) && s.pathOf(i) == null && s.entityOf(i) instanceof Entity.Circle c)
                put(bySize, length, new Point(c.centre().x(), c.centre().y()).minus(s.origin()).turn(-turn), 2 * c.radius(),
                    2 * c.radius());
        Rows best = Rows.NONE;
        for (Map.Entry<Size, List<Point>> e : bySize.entrySet()) {
            if (e.getValue().size() < LEAST) continue;
            Rows rows = rows(e.getValue(), length.get(e.getKey()), turn);
            if (rows.at.size() > best.at.size()) best = rows;
        }
        return best;
    }

    private static void put(Map<Size, List<Point>> bySize, Map<Size, Double> length, Point at, double w, double h) {
        double small = Math.min(w, h), large = Math.max(w, h);
        if (!(small > 0) || large > SLENDER * small) return;
        Size k = new Size(Math.round(Math.log(small) / SIZE), Math.round(Math.log(large) / SIZE));
        bySize.computeIfAbsent(k, _ -> new ArrayList<>()).add(at);
        length.put(k, large);
    }

    /** Rows that at least two of them share; all of them have to lie in such rows both ways, bar a few. */
    private static Rows rows(List<Point> at, double size, double turn) {
        TreeMap<Double, Integer> x = shared(at.stream().map(Point::x).sorted().toList(), ROW_WIDE * size),
            y = shared(at.stream().map(Point::y).sorted().toList(), ROW_WIDE * size);
        long within = at.stream().filter(p -> has(x, p.x(), size) && has(y, p.y(), size)).count();
        boolean apart = apart(x, size) && apart(y, size);
        if (x.size() < 2 || y.size() < 2 || !apart || within < 0.8 * at.size()) return Rows.NONE;
        return new Rows(List.copyOf(x.keySet()), List.copyOf(y.keySet()), at.stream().map(p -> p.turn(turn)).toList());
    }

    private static boolean apart(TreeMap<Double, Integer> rows, double size) {
        double last = Double.NEGATIVE_INFINITY;
        for (double v : rows.keySet()) {
            if (v - last < APART * size) return false;
            last = v;
        }
        return true;
    }

    private static boolean has(TreeMap<Double, Integer> rows, double v, double size) {
        Double below = rows.floorKey(v), above = rows.ceilingKey(v);
        return below != null && v - below <= ROW_WIDE * size || above != null && above - v <= ROW_WIDE * size;
    }

    private static TreeMap<Double, Integer> shared(List<Double> sorted, double near) {
        TreeMap<Double, Integer> out = new TreeMap<>();
        for (int i = 0; i < sorted.size();) {
            int k = i;
            double sum = 0;
            while (k < sorted.size() && sorted.get(k) - sorted.get(i) <= near) sum += sorted.get(k++);
            if (k - i >= ROW) out.put(sum / (k - i), k - i);
            i = k;
        }
        return out;
    }
}
