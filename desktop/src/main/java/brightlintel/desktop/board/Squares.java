package brightlintel.desktop.board;

import brightlintel.geom.Point;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.Predicate;

/** Painted squares of the plan, bounded in bytes: those that nobody looked at longest go first. Not for several threads. */
final class Squares {
    static final int SIDE = 256;
    static final long SQUARE_BYTES = 4L * SIDE * SIDE;
    private static final int MOST_SPARE = 64;
    private long mostBytes;
    private final Map<Key, Raster> painted = new LinkedHashMap<>(64, 0.75f, true);
    /** Let go of, to be painted on again: a quarter of a megabyte for each is not asked for anew while the view moves. */
    private final Deque<Raster> spare = new ArrayDeque<>();
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

    void bound(long bytes) {
        mostBytes = bytes;
    }

    Raster get(Key k) {
        return painted.get(k);
    }

    boolean has(Key k) {
        return painted.containsKey(k);
    }

    /** To be painted on: what it holds is left over. */
    Raster blank() {
        Raster r = spare.poll();
        return r == null ? new Raster(SIDE, SIDE) : r;
    }

    /** A copy, null where there is none: a square itself may be let go of and painted on at any time. */
    Raster copy(Key k) {
        Raster from = painted.get(k);
        if (from == null) return null;
        Raster to = blank();
        System.arraycopy(from.pixels, 0, to.pixels, 0, to.pixels.length);
        return to;
    }

    private void letGo(Raster r) {
        if (spare.size() < MOST_SPARE) spare.add(r);
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
        Raster was = painted.put(k, r);
        if (was == null) count(k, 1);
        else letGo(was);
        Iterator<Map.Entry<Key, Raster>> eldest = painted.entrySet().iterator();
        while (bytes() > mostBytes && eldest.hasNext()) {
            Map.Entry<Key, Raster> old = eldest.next();
            if (old.getKey().equals(k) || keep.test(old.getKey())) continue;
            eldest.remove();
            count(old.getKey(), -1);
            letGo(old.getValue());
        }
    }

    void dropIf(Predicate<Key> which) {
        painted.entrySet().removeIf(e -> {
            boolean drop = which.test(e.getKey());
            if (drop) {
                count(e.getKey(), -1);
                letGo(e.getValue());
            }
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
