package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntPredicate;

import brightlintel.drawing.Strokes;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;

/** Straight strokes that may be faces, as lines: those of one direction together, those on one line as one, in stretches. Metres. */
final class Faces {
    /** Radians between strokes of one direction; metres off a line, and between stretches that are one. */
    private static final double TURN = Math.toRadians(0.25), OFF = 0.004, TOUCH = 0.012, SHORT = 0.02;

    /** @param strokes that cover it */
    record Stretch(double from, double to, List<Integer> strokes) {
        double length() {
            return to - from;
        }
    }

    /**
     * @param off       to the left of the direction's own line through 0,0
     * @param stretches with what only may be a face; sure: of strokes that are faces
     */
    record Line(double off, List<Stretch> stretches, List<Stretch> sure) { }

    /** Lines of one direction, by their offsets. */
    record Direction(Point along, List<Line> lines) {
        Point at(double way, double off) {
            return along.times(way).plus(along.left().times(off));
        }
    }

    private record Bit(double angle, Point a, Point b, int stroke, boolean sure) {
        double length() {
            return a.distance(b);
        }
    }

    private Faces() { }

    /** @param sure faces; perhaps: what runs along them in openings */
    static List<Direction> of(PlacedDrawing d, IntPredicate sure, IntPredicate perhaps) {
        Strokes s = d.strokes();
        List<Bit> bits = new ArrayList<>();
        for (int i = 0; i < s.size(); i++) {
            if (!sure.test(i) && !perhaps.test(i) || !d.cleared().strokeShown(i) || !(d.curve(i) instanceof Curve.Straight c)
                || c.length() < SHORT) continue;
            double w = c.b().minus(c.a()).angle();
            bits.add(new Bit((w % Math.PI + Math.PI) % Math.PI, c.a(), c.b(), i, sure.test(i)));
        }
        bits.sort(Comparator.comparingDouble(Bit::angle));
        List<Direction> out = new ArrayList<>();
        List<Bit> left = new ArrayList<>(bits);
        // nearly level ones lie at both ends of the half turn
        left.replaceAll(b -> b.angle > Math.PI - TURN ? new Bit(b.angle - Math.PI, b.a, b.b, b.stroke, b.sure) : b);
        left.sort(Comparator.comparingDouble(Bit::angle));
        for (int i = 0; i < left.size();) {
            int to = i;
            double first = left.get(i).angle;
            while (to < left.size() && left.get(to).angle - first < 2 * TURN) to++;
            out.add(direction(left.subList(i, to)));
            i = to;
        }
        return out;
    }

    private static Direction direction(List<Bit> bits) {
        double sum = 0, weight = 0;
        for (Bit b : bits) {
            sum += b.angle * b.length();
            weight += b.length();
        }
        Point u = Point.polar(sum / weight, 1), n = u.left();
        List<Bit> sorted = new ArrayList<>(bits);
        sorted.sort(Comparator.comparingDouble(b -> off(b, n)));
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < sorted.size();) {
            int to = i + 1;
            while (to < sorted.size() && off(sorted.get(to), n) - off(sorted.get(to - 1), n) < OFF) to++;
            lines.add(line(sorted.subList(i, to), u, n));
            i = to;
        }
        return new Direction(u, lines);
    }

    private static double off(Bit b, Point n) {
        return n.dot(b.a.towards(b.b, 0.5));
    }

    private static Line line(List<Bit> bits, Point u, Point n) {
        double sum = 0, weight = 0;
        List<Stretch> all = new ArrayList<>(), sure = new ArrayList<>();
        for (Bit b : bits) {
            sum += off(b, n) * b.length();
            weight += b.length();
            double p = u.dot(b.a), q = u.dot(b.b);
            Stretch x = new Stretch(Math.min(p, q), Math.max(p, q), List.of(b.stroke));
            all.add(x);
            if (b.sure) sure.add(x);
        }
        return new Line(sum / weight, joined(all), joined(sure));
    }

    /** Those that touch as one. */
    static List<Stretch> joined(List<Stretch> some) {
        List<Stretch> all = new ArrayList<>(some);
        all.sort(Comparator.comparingDouble(Stretch::from));
        List<Stretch> out = new ArrayList<>();
        for (Stretch s : all) {
            if (out.isEmpty() || s.from > out.getLast().to + TOUCH) {
                out.add(s);
                continue;
            }
            Stretch last = out.removeLast();
            List<Integer> strokes = new ArrayList<>(last.strokes);
            strokes.addAll(s.strokes);
            out.add(new Stretch(last.from, Math.max(last.to, s.to), strokes));
        }
        return out;
    }
}
