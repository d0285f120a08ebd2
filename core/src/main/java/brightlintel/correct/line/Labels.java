package brightlintel.correct.line;

import brightlintel.correct.look.Bubbles;
import brightlintel.correct.look.Look;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Where the labelled grid lines of a plan are, metres, in its upright frame: by label, across x and across y. A label stands at several
 * places where the plan is on its sheet more than once.
 */
record Labels(Map<String, List<Double>> x, Map<String, List<Double>> y) {
    /** Metres: what drawing offices differ by. */
    private static final double SAME = 0.003;
    private static final int LEAST = 2, MOST = 3;

    static Labels of(Look look, double turn, double metres) {
        Map<String, List<Double>> x = new TreeMap<>(), y = new TreeMap<>();
        for (Bubbles.Tagged t : look.tagged()) {
            Point at = t.at().times(metres).turn(-turn);
            double a = t.direction().angle() - turn;
            boolean plumb = Angles.betweenLines(a, Math.PI / 2) < Math.toRadians(0.5);
            if (!plumb && Angles.betweenLines(a, 0) >= Math.toRadians(0.5)) continue;
            double v = plumb ? at.x() : at.y();
            List<Double> of = (plumb ? x : y).computeIfAbsent(t.label(), _ -> new ArrayList<>());
            // the tag at its other end
            if (of.stream().noneMatch(w -> Math.abs(w - v) < SAME)) of.add(v);
        }
        return new Labels(x, y);
    }

    /** Shifts that lay lines of one name on each other, at least two each way; those with most names first. */
    static List<Point> shifts(Labels fixed, Labels moved) {
        List<Point> out = new ArrayList<>();
        List<Double> ys = axis(fixed.y, moved.y);
        for (double x : axis(fixed.x, moved.x)) for (double y : ys) out.add(new Point(x, y));
        return out;
    }

    private record Off(double by, String label) { }

    private record Agreed(double by, int labels) { }

    private static List<Double> axis(Map<String, List<Double>> fixed, Map<String, List<Double>> moved) {
        List<Off> all = new ArrayList<>();
        fixed.forEach((label, at) -> {
            for (double f : at) for (double m : moved.getOrDefault(label, List.of())) all.add(new Off(f - m, label));
        });
        all.sort(Comparator.comparingDouble(Off::by));
        List<Agreed> agreed = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Set<String> labels = new HashSet<>();
            int k = i;
            for (; k < all.size() && all.get(k).by - all.get(i).by < SAME; k++) labels.add(all.get(k).label);
            if (labels.size() >= LEAST) agreed.add(new Agreed(all.get(i + (k - 1 - i) / 2).by, labels.size()));
        }
        agreed.sort(Comparator.comparingInt(Agreed::labels).reversed());
        List<Double> out = new ArrayList<>();
        for (Agreed a : agreed)
            if (out.size() < MOST && 2 * a.labels > agreed.getFirst().labels && out.stream().noneMatch(v -> Math.abs(v - a.by) < 2 * SAME))
                out.add(a.by);
        return out;
    }
}
