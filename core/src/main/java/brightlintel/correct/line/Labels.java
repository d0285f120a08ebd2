package brightlintel.correct.line;

import brightlintel.correct.look.Bubbles;
import brightlintel.correct.look.Look;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Where the labelled grid lines of a plan are, metres, in its upright frame; by label, across x and across y. */
record Labels(Map<String, Double> x, Map<String, Double> y) {
    /** Metres: the same line's tag at its other end. */
    private static final double SAME = 0.003;

    static Labels of(Look look, double turn, double metres) {
        Map<String, Double> x = new TreeMap<>(), y = new TreeMap<>();
        Map<String, Boolean> twice = new HashMap<>();
        for (Bubbles.Tagged t : look.tagged()) {
            Point at = t.at().times(metres).turn(-turn);
            double a = t.direction().angle() - turn;
            boolean plumb = Angles.betweenLines(a, Math.PI / 2) < Math.toRadians(0.5);
            if (!plumb && Angles.betweenLines(a, 0) >= Math.toRadians(0.5)) continue;
            Map<String, Double> of = plumb ? x : y;
            double v = plumb ? at.x() : at.y();
            Double was = of.put(t.label(), v);
            if (was != null && Math.abs(was - v) > SAME) twice.put((plumb ? "x" : "y") + t.label(), true);
        }
        // a label that stands at two lines, in a plan that is there twice, names neither
        twice.keySet().forEach(k -> (k.charAt(0) == 'x' ? x : y).remove(k.substring(1)));
        return new Labels(x, y);
    }

    /** The shift that lays lines of one name on each other, where at least two each way agree. */
    static Optional<Shift> shift(Labels fixed, Labels moved) {
        Optional<Axis> x = axis(fixed.x, moved.x), y = axis(fixed.y, moved.y);
        if (x.isEmpty() || y.isEmpty()) return Optional.empty();
        return Optional.of(new Shift(new Point(x.get().by, y.get().by), x.get().lines + y.get().lines));
    }

    record Shift(Point by, int lines) { }

    private record Axis(double by, int lines) { }

    private static Optional<Axis> axis(Map<String, Double> fixed, Map<String, Double> moved) {
        Map<String, Double> off = new LinkedHashMap<>();
        fixed.forEach((label, v) -> {
            if (moved.containsKey(label)) off.put(label, v - moved.get(label));
        });
        if (off.size() < 2) return Optional.empty();
        double[] d = off.values().stream().mapToDouble(v -> v).sorted().toArray();
        double middle = d[d.length / 2];
        int agree = 0;
        for (double v : d) if (Math.abs(v - middle) < SAME) agree++;
        return agree >= 2 && 2 * agree > d.length ? Optional.of(new Axis(middle, agree)) : Optional.empty();
    }
}
