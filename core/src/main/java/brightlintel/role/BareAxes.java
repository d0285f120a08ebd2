package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Grid lines that nothing is written at: a layer that holds long lines and hardly anything else, rooms apart, each of which crosses those
 * of the
 * other direction and runs on beyond them. Faces of walls come in twos, tables and tiles end where they meet. Upright metres.
 */
final class BareAxes {
    /** Pieces of one line: radians, metres. From line to line at least; beyond the last crossing at one end. */
    private static final double TURN = Math.toRadians(0.2), OFF = 0.006, APART = 1.2, BEYOND = 0.3;
    /**
     * Of the longest of its layer: a line's length at least. Of all that is straight on its layer:
     * what such lines make. Of all pairs: cross.
     */
    private static final double LONG = 0.4, MOSTLY = 0.8, CROSS = 0.8;
    /** Radians between directions that cross; lines at least, with a name that says so or without. */
    private static final double SQUARE = Math.toRadians(30);
    private static final int LEAST = 3, LEAST_SAID = 2;

    record Axis(Point a, Point b, List<Integer> strokes) {
        double length() {
            return a.distance(b);
        }

        Point along() {
            return b.minus(a).unit();
        }
    }

    private record Bit(double angle, double off, Point a, Point b, int stroke) { }

    private BareAxes() { }

    /** Of all layers that hold nothing else. */
    static List<Axis> of(Sight s) {
        Map<Integer, List<Bit>> byLayer = new HashMap<>();
        Map<Integer, Double> straight = new HashMap<>();
        for (int i = 0; i < s.strokes.size(); i++) {
            if (!s.isShown(i) || !s.strokes.isStraight(i)) continue;
            Curve c = s.strokes.curveOf(i);
            Point a = s.at(c.first()), b = s.at(c.last());
            if (!(a.distance(b) > 0)) continue;
            int layer = s.strokes.layerOf(i);
            straight.merge(layer, a.distance(b), Double::sum);
            double w = b.minus(a).angle(), angle = ((w + TURN) % Math.PI + Math.PI) % Math.PI;
            byLayer.computeIfAbsent(layer, _ -> new ArrayList<>()).add(new Bit(angle, 0, a, b, i));
        }
        List<Axis> out = new ArrayList<>();
        byLayer.forEach((layer, bits) -> {
            boolean said = Hints.of(s.strokes.layers().get(layer).name()).filter(r -> r == Role.GRID).isPresent();
            List<Axis> lines = lines(bits);
            if (lines.stream().mapToDouble(Axis::length).sum() >= MOSTLY * straight.get(layer) && isGrid(lines, said)) out.addAll(lines);
        });
        return out;
    }

    /** Long ones, each with all of its pieces. */
    private static List<Axis> lines(List<Bit> some) {
        List<Bit> bits = new ArrayList<>(some);
        bits.sort(Comparator.comparingDouble(Bit::angle));
        List<Axis> all = new ArrayList<>();
        for (int i = 0; i < bits.size();) {
            int to = i + 1;
            while (to < bits.size() && bits.get(to).angle - bits.get(to - 1).angle < TURN) to++;
            Point u = Point.polar(bits.get(i).angle - TURN, 1), n = u.left();
            List<Bit> own = new ArrayList<>(bits.subList(i, to).stream().map(b -> new Bit(b.angle, n.dot(b.a.towards(b.b, 0.5)), b.a, b.b,
                b.stroke)).toList());
            own.sort(Comparator.comparingDouble(Bit::off));
            for (int k = 0; k < own.size();) {
                int last = k + 1;
                while (last < own.size() && own.get(last).off - own.get(last - 1).off < OFF) last++;
                all.add(joined(own.subList(k, last), u));
                k = last;
            }
            i = to;
        }
        double longest = all.stream().mapToDouble(Axis::length).max().orElse(0);
        return all.stream().filter(a -> a.length() > LONG * longest).toList();
    }

    private static Axis joined(List<Bit> pieces, Point u) {
        Point a = pieces.getFirst().a, b = a;
        for (Bit p : pieces) for (Point x : List.of(p.a, p.b)) {
            if (u.dot(x) < u.dot(a)) a = x;
            if (u.dot(x) > u.dot(b)) b = x;
        }
        return new Axis(a, b, pieces.stream().map(Bit::stroke).toList());
    }

    private static boolean isGrid(List<Axis> lines, boolean said) {
        if (lines.size() < (said ? LEAST_SAID : LEAST) || lines.size() > 400) return false;
        int across = 0, cross = 0;
        for (int i = 0; i < lines.size(); i++) {
            Axis x = lines.get(i);
            double first = Double.MAX_VALUE, last = -Double.MAX_VALUE;
            for (Axis y : lines) {
                if (x == y) continue;
                double sin = x.along().cross(y.along());
                if (Math.abs(sin) < Math.sin(SQUARE)) {
                    if (Math.abs(sin) < Math.sin(TURN) * 2 && Math.abs(x.along().cross(y.a.minus(x.a))) < APART) return false;
                    continue;
                }
                across++;
                double at = y.a.minus(x.a).cross(y.along()) / sin, there = x.a.minus(y.a).cross(x.along()) / -sin;
                if (at < 0 || at > x.length() || there < 0 || there > y.length()) continue;
                cross++;
                first = Math.min(first, at);
                last = Math.max(last, at);
            }
            if (last >= 0 && Math.max(first, x.length() - last) < BEYOND) return false;
        }
        return across == 0 ? said : cross >= CROSS * across;
    }
}
