package brightlintel.repair;

import brightlintel.geom.Box;
import brightlintel.geom.CellNumbers;
import java.util.Arrays;
import java.util.function.IntConsumer;

/**
 * Pieces of line by the cells that they run through: long ones far across a drawing are met only where they are. More may be added at any
 * time; none is taken away, so that whoever asks looks at each himself.
 */
final class Grid {
    private static final double HAIR = 1e-9;
    private static final int NONE = -1;
    private final double side;
    private final CellNumbers cells = new CellNumbers();
    private int[] head = new int[1024], next = new int[4096], item = new int[4096];
    private int size;

    Grid(double side) {
        this.side = side;
        Arrays.fill(head, NONE);
    }

    void add(int what, double ax, double ay, double bx, double by) {
        double hair = HAIR * side;
        long first = column(Math.min(ax, bx) - hair), last = column(Math.max(ax, bx) + hair);
        for (long c = first; c <= last; c++) {
            // the stretch of it in this column
            double y0 = ay, y1 = by;
            if (last > first && ax != bx) {
                double x0 = Math.clamp(c * side - hair, Math.min(ax, bx), Math.max(ax, bx));
                double x1 = Math.clamp((c + 1) * side + hair, Math.min(ax, bx), Math.max(ax, bx));
                y0 = ay + (by - ay) * (x0 - ax) / (bx - ax);
                y1 = ay + (by - ay) * (x1 - ax) / (bx - ax);
            }
            long low = column(Math.min(y0, y1) - hair), high = column(Math.max(y0, y1) + hair);
            for (long r = low; r <= high; r++) put(cells.of(c, r), what);
        }
    }

    private long column(double v) {
        return (long) Math.floor(v / side);
    }

    private void put(int cell, int what) {
        if (cell >= head.length) {
            int old = head.length;
            head = Arrays.copyOf(head, 2 * old);
            Arrays.fill(head, old, head.length, NONE);
        }
        if (size == item.length) {
            item = Arrays.copyOf(item, 2 * size);
            next = Arrays.copyOf(next, 2 * size);
        }
        item[size] = what;
        next[size] = head[cell];
        head[cell] = size++;
    }

    /** What runs through the cells of a box, perhaps several times. */
    void in(Box b, IntConsumer hit) {
        long last = column(b.maxX()), high = column(b.maxY());
        for (long c = column(b.minX()); c <= last; c++)
            for (long r = column(b.minY()); r <= high; r++) {
                int cell = cells.find(c, r);
                if (cell >= 0) for (int k = head[cell]; k != NONE; k = next[k]) hit.accept(item[k]);
            }
    }
}
