package brightlintel.recognise;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;

import brightlintel.building.ElementId;
import brightlintel.building.Wall;
import brightlintel.trace.DrawnOpenings;

/**
 * Lines of layers between two openings begin and end together, as the lines of a window do. Walls
 * end on piers, not on windows: what lies at the same places across as the lines at a wall's end is a pier.
 */
final class Piers {
    /** Metres: across, by which lines are at one place; along, from a wall's end to where the lines of its layers end, beside its half. */
    private static final double SAME = 0.006, END = 0.12;
    private final IntPredicate isTold;
    private final Map<ElementId, Wall> walls = new HashMap<>();
    private final Map<ElementId, List<DrawnOpenings.Symbol>> ofWall = new HashMap<>();

    /** @param isTold what is a wall by its layer */
    Piers(List<Wall> all, List<DrawnOpenings.Symbol> symbols, IntPredicate isTold) {
        this.isTold = isTold;
        for (Wall w : all) walls.put(w.id(), w);
        for (DrawnOpenings.Symbol s : symbols) ofWall.computeIfAbsent(s.wall(), _ -> new ArrayList<>()).add(s);
    }

    boolean isPier(DrawnOpenings.Symbol s) {
        Wall w = walls.get(s.wall());
        List<DrawnOpenings.Symbol> all = ofWall.get(s.wall()), first = all.stream().filter(o -> o.from() < end(w)).toList(),
            last = all.stream().filter(o -> o.to() > w.length() - end(w)).toList();
        boolean beginsSo = first.stream().anyMatch(o -> isAlike(s, o, w)), endsSo = last.stream().anyMatch(o -> isAlike(s, o, w));
        if (s.strokes().stream().allMatch(isTold::test)) return beginsSo || endsSo;
        return beginsSo && endsSo && all.stream().anyMatch(o -> !isAlike(s, o, w));
    }

    private static double end(Wall w) {
        return w.thickness().value() / 2 + END;
    }

    /** Whether the lines of each lie at the places of the other's; faces are both. */
    private static boolean isAlike(DrawnOpenings.Symbol a, DrawnOpenings.Symbol b, Wall w) {
        double[] p = within(a, w), q = within(b, w);
        if (p.length != q.length) return false;
        for (int i = 0; i < p.length; i++) if (Math.abs(p[i] - q[i]) > SAME) return false;
        return true;
    }

    /** Places across of the lines that are no faces. */
    private static double[] within(DrawnOpenings.Symbol s, Wall w) {
        return s.strokes().stream().mapToDouble(i -> w.reference().unroll(s.drawing().curve(i).at(0.5)).y()).filter(y -> y < w.left() - SAME
            && y > -w.right() + SAME).sorted().toArray();
    }
}
