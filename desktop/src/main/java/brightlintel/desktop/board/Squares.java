package brightlintel.desktop.board;

import brightlintel.geom.Point;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.Predicate;

/** Painted squares of the plan, bounded in bytes: those that nobody looked at longest go first. Not for several threads. */
final class Squares {
    static final int SIDE = 256;
    private static final long SQUARE_BYTES = 4L * SIDE * SIDE;
    private final long mostBytes;
    private final Map<Key, Raster> painted = new LinkedHashMap<>(64, 0.75f, true);
    /** How many there are of each ground and step. */
    private final Map<Ground, Map<Integer, Integer>> steps = new HashMap<>();

    /** @param step of its scale, see {@link PlanView#step()}; columns to the right and rows down from the plan's origin */
    record Key(Ground ground, int step, long column, long row) {
        PlanView view() {
            double k = PlanView.scaleOf(step);
            return new PlanView(new Point((column + 0.5) * SIDE / k, -(row + 0.5) * SIDE / k), k, SIDE, SIDE);
        }

        Key of(Ground g) {
            return new Key(g, step, column, row);
        }
    }

    Squares(long mostBytes) {
        this.mostBytes = mostBytes;
    }

    Raster get(Key k) {
        return painted.get(k);
    }

    boolean has(Key k) {
        return painted.containsKey(k);
    }

    long bytes() {
        return painted.size() * SQUARE_BYTES;
    }

    /** Steps of a ground for which there is anything. */
    TreeSet<Integer> steps(Ground g) {
        return new TreeSet<>(steps.getOrDefault(g, Map.of()).keySet());
    }

    /** @param keep what is not to make room */
    void put(Key k, Raster r, Predicate<Key> keep) {
        if (painted.put(k, r) == null) count(k, 1);
        Iterator<Key> eldest = painted.keySet().iterator();
        while (bytes() > mostBytes && eldest.hasNext()) {
            Key old = eldest.next();
            if (old.equals(k) || keep.test(old)) continue;
            eldest.remove();
            count(old, -1);
        }
    }

    void dropIf(Predicate<Key> which) {
        painted.keySet().removeIf(k -> {
            boolean drop = which.test(k);
            if (drop) count(k, -1);
            return drop;
        });
    }

    private void count(Key k, int by) {
        Map<Integer, Integer> of = steps.computeIfAbsent(k.ground, _ -> new HashMap<>());
        of.merge(k.step, by, Integer::sum);
        if (of.get(k.step) == 0) of.remove(k.step);
        if (of.isEmpty()) steps.remove(k.ground);
    }
}
