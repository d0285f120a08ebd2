package brightlintel.role;

import brightlintel.geom.ClosedChains;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Small closed marks that were drawn line by line: columns and pieces of furniture of many pages and old drawings. Each is one unit. */
final class Loops {
    /** Metres: a side is no longer, ends that meet are as near. Sides of one at most. */
    private static final double SIDE = 1.3, MEET = 0.003;
    private static final int MOST = 24;

    private Loops() { }

    static List<Unit> joined(List<Unit> units, Sight s) {
        List<Integer> sides = new ArrayList<>();
        for (int u = 0; u < units.size(); u++) if (isSide(units.get(u), s)) sides.add(u);
        List<List<Integer>> chains = ClosedChains.of(new ClosedChains.Pieces() {
            @Override public int count() {
                return sides.size();
            }

            @Override public Point end(int i, int e) {
                Curve c = s.strokes.curveOf(stroke(units.get(sides.get(i))));
                return s.at(e == 0 ? c.first() : c.last());
            }

            @Override public boolean belong(int a, int b) {
                return units.get(sides.get(a)).layer() == units.get(sides.get(b)).layer();
            }
        }, MEET, MOST);
        Map<Integer, List<Integer>> first = new HashMap<>();
        boolean[] part = new boolean[units.size()];
        for (List<Integer> c : chains) {
            first.put(sides.get(c.getFirst()), c.stream().map(i -> stroke(units.get(sides.get(i)))).toList());
            for (int i : c) part[sides.get(i)] = true;
        }
        List<Unit> out = new ArrayList<>(units.size());
        for (int u = 0; u < units.size(); u++) {
            Unit x = units.get(u);
            if (first.containsKey(u)) out.add(new Unit(x.layer(), x.block(), x.kind(), first.get(u), List.of()));
            else if (!part[u]) out.add(x);
        }
        return out;
    }

    private static int stroke(Unit u) {
        return u.strokes().getFirst();
    }

    private static boolean isSide(Unit u, Sight s) {
        if (u.isBlock() || u.strokes().size() != 1 || !u.marks().isEmpty()) return false;
        int i = stroke(u);
        return s.strokes.isStraight(i) && s.length(i) <= SIDE && s.length(i) > 2 * MEET;
    }
}
