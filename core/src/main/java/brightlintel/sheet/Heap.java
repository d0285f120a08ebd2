package brightlintel.sheet;

import brightlintel.geom.Box;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Strokes that lie together, nearer to each other than to all else. Upright metres. */
final class Heap {
    final List<Integer> strokes = new ArrayList<>();
    Box box = Box.EMPTY;
    double ink;

    void add(int stroke, Box b, double length) {
        strokes.add(stroke);
        box = box.with(b);
        ink += length;
    }

    void add(Heap h) {
        strokes.addAll(h.strokes);
        box = box.with(h.box);
        ink += h.ink;
    }

    double longSide() {
        return Math.max(box.width(), box.height());
    }

    double shortSide() {
        return Math.min(box.width(), box.height());
    }

    /** Between the boxes; 0 where they meet. */
    static double gap(Box a, Box b) {
        double dx = Math.max(0, Math.max(a.minX() - b.maxX(), b.minX() - a.maxX()));
        double dy = Math.max(0, Math.max(a.minY() - b.maxY(), b.minY() - a.maxY()));
        return Math.hypot(dx, dy);
    }

    /**
     * Strokes of a sheet in heaps, the one with most ink first.
     *
     * @param reach nearer than this, metres, strokes lie together: as near as cells of a third of it tell
     */
    static List<Heap> of(Ground g, List<Integer> some, double reach) {
        Cells cells = new Cells(g, some, reach / 3);
        Map<Integer, Heap> byRoot = new HashMap<>();
        for (int i : some) byRoot.computeIfAbsent(cells.root(i), _ -> new Heap()).add(i, g.box(i), g.length(i));
        List<Heap> out = new ArrayList<>(byRoot.values());
        out.sort((a, b) -> Double.compare(b.ink, a.ink));
        return out;
    }
}
