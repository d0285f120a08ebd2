package brightlintel.sheet;

import brightlintel.geom.CellNumbers;
import brightlintel.geom.Point;
import java.util.Arrays;
import java.util.List;

/** The squares of a sheet that strokes run through, joined where they lie no more than three apart. */
final class Cells {
    private static final int REACH = 3;
    private final double side;
    private final CellNumbers cells = new CellNumbers();
    private final int[] cellOf;
    private int[] parent = new int[1024];
    private int size;

    Cells(Ground g, List<Integer> some, double side) {
        this.side = side;
        cellOf = new int[g.strokes.size()];
        Arrays.fill(cellOf, -1);
        for (int i : some) mark(g, i);
        join();
    }

    private void mark(Ground g, int stroke) {
        for (int c = g.strokes.firstChord(stroke); c < g.strokes.firstChord(stroke + 1); c++) {
            Point a = g.chordStart(c), b = g.chordEnd(c);
            int steps = (int) Math.ceil(a.distance(b) / side);
            for (int k = 0; k <= steps; k++) {
                int cell = cell(steps == 0 ? a : a.towards(b, k / (double) steps));
                if (cellOf[stroke] < 0) cellOf[stroke] = cell;
                else union(cellOf[stroke], cell);
            }
        }
    }

    private int cell(Point p) {
        int n = cells.of((long) Math.floor(p.x() / side), (long) Math.floor(p.y() / side));
        while (size <= n) {
            if (size == parent.length) parent = Arrays.copyOf(parent, 2 * size);
            parent[size] = size;
            size++;
        }
        return n;
    }

    private void join() {
        cells.each((cell, x, y) -> {
            for (int dx = 0; dx <= REACH; dx++)
                for (int dy = dx == 0 ? 1 : -REACH; dy <= REACH; dy++) {
                    if (dx * dx + dy * dy > (REACH + 0.5) * (REACH + 0.5)) continue;
                    int other = cells.find(x + dx, y + dy);
                    if (other >= 0) union(cell, other);
                }
        });
    }

    private void union(int a, int b) {
        int x = find(a), y = find(b);
        if (x != y) parent[Math.max(x, y)] = Math.min(x, y);
    }

    private int find(int i) {
        while (parent[i] != i) {
            parent[i] = parent[parent[i]];
            i = parent[i];
        }
        return i;
    }

    /** The same for strokes that lie together. */
    int root(int stroke) {
        return find(cellOf[stroke]);
    }
}
