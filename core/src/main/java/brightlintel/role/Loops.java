package brightlintel.role;

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
    private final Sight s;
    private final List<Unit> units;
    /** Places where ends meet, by cells. */
    private final Map<Long, Meeting> meetings = new HashMap<>();
    /** By 2 * unit + end. */
    private final Meeting[] of;

    private record Meeting(Point at, List<Integer> ends) { }

    private Loops(Sight s, List<Unit> units) {
        this.s = s;
        this.units = units;
        this.of = new Meeting[2 * units.size()];
    }

    static List<Unit> joined(List<Unit> units, Sight s) {
        return new Loops(s, units).all();
    }

    private List<Unit> all() {
        for (int u = 0; u < units.size(); u++) if (isSide(units.get(u))) for (int e = 0; e < 2; e++) {
            of[2 * u + e] = meeting(end(u, e));
            of[2 * u + e].ends.add(2 * u + e);
        }
        List<Unit> out = new ArrayList<>(units.size());
        boolean[] done = new boolean[units.size()];
        for (int u = 0; u < units.size(); u++) {
            if (done[u]) continue;
            Unit unit = units.get(u);
            List<Integer> loop = isSide(unit) ? loop(u) : List.of();
            for (int k : loop) done[k] = true;
            out.add(loop.isEmpty() ? unit : new Unit(unit.layer(), unit.block(), unit.kind(),
                loop.stream().map(k -> units.get(k).strokes().getFirst()).toList(), List.of()));
        }
        return out;
    }

    private boolean isSide(Unit u) {
        if (u.isBlock() || u.strokes().size() != 1 || !u.marks().isEmpty()) return false;
        int i = u.strokes().getFirst();
        return s.strokes.isStraight(i) && s.length(i) <= SIDE && s.length(i) > 2 * MEET;
    }

    private Point end(int unit, int e) {
        int i = units.get(unit).strokes().getFirst();
        return s.at(e == 0 ? s.strokes.curveOf(i).first() : s.strokes.curveOf(i).last());
    }

    /** The one that is there already, or a new one. */
    private Meeting meeting(Point p) {
        long x = Math.round(p.x() / MEET), y = Math.round(p.y() / MEET);
        for (long i = x - 1; i <= x + 1; i++) for (long k = y - 1; k <= y + 1; k++) {
            Meeting there = meetings.get(key(i, k));
            if (there != null && there.at.distance(p) < MEET) return there;
        }
        return meetings.computeIfAbsent(key(x, y), _ -> new Meeting(p, new ArrayList<>(2)));
    }

    private static long key(long x, long y) {
        return x * 0x9E3779B97F4A7C15L ^ y * 0xC2B2AE3D27D4EB4FL;
    }

    /** Units one after the other back to the first; none where ends lie bare, or more than two meet. */
    private List<Integer> loop(int from) {
        List<Integer> out = new ArrayList<>();
        int at = from, leave = 1;
        while (out.size() < MOST) {
            out.add(at);
            List<Integer> there = of[2 * at + leave].ends;
            if (there.size() != 2) return List.of();
            int next = there.get(0) == 2 * at + leave ? there.get(1) : there.get(0);
            if (units.get(next / 2).layer() != units.get(at).layer() || next / 2 == at) return List.of();
            if (next / 2 == from) return next % 2 == 0 && out.size() > 2 ? out : List.of();
            at = next / 2;
            leave = 1 - next % 2;
        }
        return List.of();
    }
}
