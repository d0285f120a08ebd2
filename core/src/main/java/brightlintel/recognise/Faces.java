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
    /**
     * Radians between strokes of one direction, and between those that give it its angle; metres off a line, and between stretches that
     * are one.
     */
    private static final double TURN = Math.toRadians(0.25), EXACT = Math.toRadians(0.03), OFF = 0.004, MOST_OFF = 0.015, TOUCH = 0.012,
        SHORT = 0.02;

    /** @param strokes that cover it */
    record Stretch(double from, double to, List<Integer> strokes) {
        double length() {
            return to - from;
        }
    }

    /**
     * @param off       to the left of the direction's own line through 0,0
     * @param stretches with what only may be a face; sure: of strokes that are faces
     * @param ends      where strokes begin and end, in order
     */
    record Line(double off, List<Stretch> stretches, List<Stretch> sure, List<Double> ends) {
        /** What is left of it. */
        Line without(List<Stretch> kept, List<Stretch> gone) {
            return new Line(off, kept, sure.stream().filter(s -> gone.stream().noneMatch(g -> g.from() <= s.from() && g.to() >= s.to()))
                .toList(), ends);
        }
    }

    /**
     * Lines of one direction, by their offsets.
     *
     * @param slip metres by which ends lie off their lines, 0 where it is drawn exactly
     */
    record Direction(Point along, List<Line> lines, double slip) {
        Direction with(List<Line> others) {
            return new Direction(along, others, slip);
        }

        Point at(double way, double off) {
            return along.times(way).plus(along.left().times(off));
        }
    }

    /** A stroke. */
    record Bit(double angle, Point a, Point b, int stroke, boolean sure) {
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
        List<Double> peaks = Freehand.peaks(bits);
        double slip = Freehand.of(bits, peaks), off = Math.max(OFF, Math.min(MOST_OFF, 2 * slip));
        List<Bit> straight = Freehand.straightened(bits, peaks, slip, TURN / 2);
        return Tiling.without(directions(straight).stream().map(x -> direction(x, off, slip)).toList()).stream().map(x -> Rows.without(x,
            s::layerOf)).toList();
    }

    /** Strokes about the angles that most are drawn at, the heaviest first: what lies a little askew does not turn the rest. */
    private static List<List<Bit>> directions(List<Bit> some) {
        List<Bit> bits = new ArrayList<>(some);
        // nearly level ones lie at both ends of the half turn
        bits.replaceAll(b -> b.angle > Math.PI - TURN ? new Bit(b.angle - Math.PI, b.a, b.b, b.stroke, b.sure) : b);
        bits.sort(Comparator.comparingDouble(Bit::angle));
        int n = bits.size();
        double[] sum = new double[n + 1], weight = new double[n];
        for (int i = 0; i < n; i++) sum[i + 1] = sum[i] + bits.get(i).length();
        int lo = 0, hi = 0;
        for (int i = 0; i < n; i++) {
            double at = bits.get(i).angle;
            while (bits.get(lo).angle < at - EXACT) lo++;
            while (hi < n && bits.get(hi).angle <= at + EXACT) hi++;
            weight[i] = sum[hi] - sum[lo];
        }
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < n; i++) order.add(i);
        order.sort(Comparator.comparingDouble((Integer i) -> -weight[i]).thenComparing(i -> i));
        boolean[] taken = new boolean[n];
        List<List<Bit>> out = new ArrayList<>();
        for (int i : order) {
            if (taken[i]) continue;
            double at = bits.get(i).angle;
            int from = i, to = i;
            while (from > 0 && !taken[from - 1] && bits.get(from - 1).angle >= at - TURN) from--;
            while (to + 1 < n && !taken[to + 1] && bits.get(to + 1).angle <= at + TURN) to++;
            for (int k = from; k <= to; k++) taken[k] = true;
            out.add(about(at, bits.subList(from, to + 1)));
        }
        return out;
    }

    /** Those nearest to the peak first: the direction is theirs. */
    private static List<Bit> about(double peak, List<Bit> some) {
        List<Bit> out = new ArrayList<>(some);
        out.sort(Comparator.comparing((Bit b) -> Math.abs(b.angle - peak) > EXACT));
        return out;
    }

    /** @param apart metres between lines that are two */
    private static Direction direction(List<Bit> bits, double apart, double slip) {
        double sum = 0, weight = 0, peak = bits.getFirst().angle;
        for (Bit b : bits) if (Math.abs(b.angle - peak) <= 2 * EXACT) {
            sum += b.angle * b.length();
            weight += b.length();
        }
        Point u = Point.polar(sum / weight, 1), n = u.left();
        List<Bit> sorted = new ArrayList<>(bits);
        sorted.sort(Comparator.comparingDouble(b -> off(b, n)));
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < sorted.size();) {
            int to = i + 1;
            while (to < sorted.size() && off(sorted.get(to), n) - off(sorted.get(to - 1), n) < apart) to++;
            lines.add(line(sorted.subList(i, to), u, n));
            i = to;
        }
        return new Direction(u, lines, slip);
    }

    private static double off(Bit b, Point n) {
        return n.dot(b.a.towards(b.b, 0.5));
    }

    private static Line line(List<Bit> bits, Point u, Point n) {
        double sum = 0, weight = 0;
        List<Stretch> all = new ArrayList<>(), sure = new ArrayList<>();
        List<Double> ends = new ArrayList<>();
        for (Bit b : bits) {
            sum += off(b, n) * b.length();
            weight += b.length();
            double p = u.dot(b.a), q = u.dot(b.b);
            Stretch x = new Stretch(Math.min(p, q), Math.max(p, q), List.of(b.stroke));
            all.add(x);
            ends.addAll(List.of(x.from, x.to));
            if (b.sure) sure.add(x);
        }
        ends.sort(null);
        return new Line(sum / weight, joined(all), joined(sure), ends);
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
