package brightlintel.recognise;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.geom.Box;

/** Walls that hang together, and which heaps of them are a building: one has doors or windows, a frame round a sheet has none. */
final class Buildings {
    /** Metres between walls of one building; of the most openings of a heap: how many make another. */
    private static final double NEAR = 0.4, SHARE = 0.1;

    private Buildings() { }

    static List<Wall> of(List<Wall> walls, List<Opening> openings) {
        int[] heap = new int[walls.size()];
        for (int i = 0; i < heap.length; i++) heap[i] = i;
        List<Box> boxes = walls.stream().map(w -> w.reference().box().grown(w.thickness().value() / 2 + NEAR / 2)).toList();
        for (int i = 0; i < heap.length; i++) for (int k = 0; k < i; k++)
            if (boxes.get(i).meets(boxes.get(k)) && touch(walls.get(i), walls.get(k))) join(heap, i, k);
        Map<ElementId, Integer> count = new HashMap<>();
        for (Opening o : openings) count.merge(o.wall(), 1, Integer::sum);
        Map<Integer, Integer> of = new HashMap<>();
        for (int i = 0; i < heap.length; i++) of.merge(find(heap, i), count.getOrDefault(walls.get(i).id(), 0), Integer::sum);
        int most = of.values().stream().mapToInt(x -> x).max().orElse(0);
        // where nothing opens there is nothing to tell them by
        if (most == 0) return walls;
        List<Wall> out = new ArrayList<>();
        for (int i = 0; i < heap.length; i++) if (of.get(find(heap, i)) > SHARE * most) out.add(walls.get(i));
        return out;
    }

    private static boolean touch(Wall a, Wall b) {
        double reach = NEAR + (a.thickness().value() + b.thickness().value()) / 2;
        return a.reference().distance(b.reference().a()) < reach || a.reference().distance(b.reference().b()) < reach
            || b.reference().distance(a.reference().a()) < reach || b.reference().distance(a.reference().b()) < reach;
    }

    private static int find(int[] g, int i) {
        while (g[i] != i) i = g[i];
        return i;
    }

    private static void join(int[] g, int a, int b) {
        int x = find(g, a), y = find(g, b);
        g[Math.max(x, y)] = Math.min(x, y);
    }
}
