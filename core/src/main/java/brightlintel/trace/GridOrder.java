package brightlintel.trace;

import brightlintel.building.GridHub;
import brightlintel.building.GridLabels;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.trace.DrawnGrid.Line;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * Families of grid lines, each in its order, and the labels that its sequence asks for: lines that run up the plan from the left, those
 * across it from below, rays round the place at which they meet, arcs about one place from the inside out.
 */
final class GridOrder {
    /** Metres between middles of arcs of one family. */
    private static final double MEET = 0.05;
    private final List<Line> lines;
    private final List<Line> out = new ArrayList<>();
    private final Set<String> taken = new HashSet<>();

    private GridOrder(List<Line> lines) {
        this.lines = lines;
        lines.forEach(l -> taken.add(l.label()));
    }

    /** Each with a label and a family: what is missing follows from its neighbours. */
    static List<Line> of(List<Line> lines) {
        return new GridOrder(lines).all();
    }

    private List<Line> all() {
        Optional<Point> hub = GridHub.of(lines.stream().map(Line::line).toList());
        List<Line> arcs = lines.stream().filter(l -> !l.line().isStraight()).toList(), rays = hub.map(h -> lines.stream().filter(l ->
            GridHub.meets(l.line(), h)).map(l -> outward(l, h)).toList()).orElse(List.of());
        List<Line> plain = lines.stream().filter(l -> l.line().isStraight() && hub.filter(h -> GridHub.meets(l.line(), h))
            .isEmpty()).toList();
        family("letters", plain.stream().filter(runsUp()).toList(), l -> l.line().at(l.line().length() / 2).x());
        family("figures", plain.stream().filter(runsUp().negate()).toList(), l -> l.line().at(l.line().length() / 2).y());
        if (!rays.isEmpty()) {
            double first = first(rays.stream().mapToDouble(l -> way(l, hub.orElseThrow())).sorted().toArray());
            family("figures", rays, l -> Angles.positive(way(l, hub.orElseThrow()) - first + 1e-9));
        }
        List<Line> left = new ArrayList<>(arcs);
        while (!left.isEmpty()) {
            Point middle = left.getFirst().line().centre();
            List<Line> own = left.stream().filter(l -> l.line().centre().distance(middle) < MEET).toList();
            family("letters", own, l -> l.line().radius());
            left.removeAll(own);
        }
        return out;
    }

    private static Predicate<Line> runsUp() {
        return l -> GridLabels.family(l.line()).equals("letters");
    }

    /** Rays have their labels at their outer ends. */
    private static Line outward(Line l, Point hub) {
        boolean from = l.line().a().distance(hub) >= l.line().b().distance(hub);
        return from ? l : new Line(l.label(), l.line().reversed(), l.tagged(), l.strokes(), l.family());
    }

    private static double way(Line l, Point hub) {
        return Angles.positive(l.line().at(l.line().length() / 2).minus(hub).angle());
    }

    /** After the widest gap. */
    private static double first(double[] sorted) {
        int n = sorted.length, best = 0;
        double widest = -1;
        for (int i = 0; i < n; i++) {
            double gap = i == 0 ? sorted[0] + Angles.TURN - sorted[n - 1] : sorted[i] - sorted[i - 1];
            if (gap > widest + 1e-6) {
                widest = gap;
                best = i;
            }
        }
        return sorted[best];
    }

    private void family(String usual, List<Line> some, ToDoubleFunction<Line> order) {
        List<Line> family = new ArrayList<>(some);
        family.sort(Comparator.comparingDouble(order));
        List<String> there = family.stream().map(Line::label).filter(l -> !l.isEmpty()).toList();
        // what stands there tells more than where it usually stands
        long figures = there.stream().filter(l -> Character.isDigit(l.charAt(0))).count();
        boolean letters = there.isEmpty() ? usual.equals("letters") : 2 * figures < there.size();
        boolean down = runsDown(there);
        List<Line> named = new ArrayList<>();
        for (Line l : down ? family.reversed() : family) {
            if (!l.label().isEmpty()) {
                named.add(l.in(usual));
                continue;
            }
            String before = named.isEmpty() ? "" : named.getLast().label();
            List<Line> all = down ? family.reversed() : family;
            String after = all.subList(named.size() + 1, all.size()).stream().map(Line::label).filter(x -> !x.isEmpty()).findFirst()
                .orElse("");
            String label = GridLabels.between(before, after, letters, taken);
            taken.add(label);
            named.add(new Line(label, l.line(), false, l.strokes(), usual));
        }
        out.addAll(down ? named.reversed() : named);
    }

    private static boolean runsDown(List<String> labels) {
        int up = 0, down = 0;
        for (int i = 1; i < labels.size(); i++) {
            int c = GridLabels.compare(labels.get(i - 1), labels.get(i));
            if (c < 0) up++;
            if (c > 0) down++;
        }
        return down > up;
    }
}
