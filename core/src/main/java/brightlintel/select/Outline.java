package brightlintel.select;

import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.List;

/**
 * A region with straight edges, as flat arrays: a box or any outline. What lies on an edge counts as touched; an outline that crosses
 * itself holds what an odd number of its edges lie around.
 */
public final class Outline {
    private static final int CELLS = 128, FEW = 24;
    private static final byte EDGE = 1, INSIDE = 2, OUTSIDE = 3;
    private final double[] xy;
    private final Box box;
    private final boolean upright;
    /** Cells that no edge comes into lie all inside or all outside; null for a box, which needs none. */
    private final byte[] cells;

    private Outline(double[] xy, boolean upright) {
        this.xy = xy;
        this.upright = upright;
        double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = Double.NEGATIVE_INFINITY, maxY = maxX;
        for (int i = 0; i < xy.length; i += 2) {
            minX = Math.min(minX, xy[i]);
            maxX = Math.max(maxX, xy[i]);
            minY = Math.min(minY, xy[i + 1]);
            maxY = Math.max(maxY, xy[i + 1]);
        }
        this.box = new Box(minX, minY, maxX, maxY);
        this.cells = upright ? null : cells();
    }

    private byte[] cells() {
        byte[] out = new byte[CELLS * CELLS];
        for (int i = 0, k = xy.length - 2; i < xy.length; k = i, i += 2) edge(xy[k], xy[k + 1], xy[i], xy[i + 1], out);
        for (int row = 0; row < CELLS; row++)
            for (int col = 0; col < CELLS; col++)
                if (out[row * CELLS + col] != EDGE) out[row * CELLS + col] = round(box.minX() + box.width() * (col + 0.5) / CELLS,
                    box.minY() + box.height() * (row + 0.5) / CELLS) ? INSIDE : OUTSIDE;
        return out;
    }

    /** Marks the cells that an edge comes into, row by row, and those beside them: rounding may not make a place fall through. */
    private void edge(double ax, double ay, double bx, double by, byte[] out) {
        int low = row(Math.min(ay, by)), high = row(Math.max(ay, by));
        for (int row = low; row <= high; row++) {
            double y0 = box.minY() + box.height() * row / CELLS, y1 = box.minY() + box.height() * (row + 1) / CELLS;
            double t0 = by == ay ? 0 : Math.clamp((y0 - ay) / (by - ay), 0, 1), t1 = by == ay ? 1 : Math.clamp((y1 - ay) / (by - ay), 0, 1);
            double x0 = ax + (bx - ax) * t0, x1 = ax + (bx - ax) * t1;
            int from = column(Math.min(x0, x1)), to = column(Math.max(x0, x1));
            for (int r = Math.max(0, row - 1); r <= Math.min(CELLS - 1, row + 1); r++)
                for (int c = Math.max(0, from - 1); c <= Math.min(CELLS - 1, to + 1); c++) out[r * CELLS + c] = EDGE;
        }
    }

    private int column(double x) {
        return box.width() > 0 ? Math.clamp((long) ((x - box.minX()) / box.width() * CELLS), 0, CELLS - 1) : 0;
    }

    private int row(double y) {
        return box.height() > 0 ? Math.clamp((long) ((y - box.minY()) / box.height() * CELLS), 0, CELLS - 1) : 0;
    }

    public static Outline of(Box b) {
        return new Outline(new double[] {b.minX(), b.minY(), b.maxX(), b.minY(), b.maxX(), b.maxY(), b.minX(), b.maxY()}, true);
    }

    /** @param corners three or more */
    public static Outline of(List<Point> corners) {
        if (corners.size() < 3) throw new IllegalArgumentException("corners " + corners.size() + " are fewer than 3");
        double[] xy = new double[2 * corners.size()];
        for (int i = 0; i < corners.size(); i++) {
            xy[2 * i] = corners.get(i).x();
            xy[2 * i + 1] = corners.get(i).y();
        }
        return new Outline(xy, false);
    }

    public Box box() {
        return box;
    }

    /** Whether any of a straight line lies in the region. */
    public boolean touches(double ax, double ay, double bx, double by) {
        return holds(ax, ay) || holds(bx, by) || crosses(ax, ay, bx, by);
    }

    /** Whether all of a straight line lies in the region. */
    public boolean holds(double ax, double ay, double bx, double by) {
        return holds(ax, ay) && holds(bx, by) && (upright || !crosses(ax, ay, bx, by));
    }

    public boolean holds(double x, double y) {
        if (!(x >= box.minX() && x <= box.maxX() && y >= box.minY() && y <= box.maxY())) return false;
        if (upright) return true;
        byte cell = cells[row(y) * CELLS + column(x)];
        return cell == EDGE ? round(x, y) : cell == INSIDE;
    }

    /** By how many edges lie to the right. */
    private boolean round(double x, double y) {
        boolean in = false;
        double kx = xy[xy.length - 2], ky = xy[xy.length - 1];
        for (int i = 0; i < xy.length; i += 2) {
            double ix = xy[i], iy = xy[i + 1];
            if (iy > y != ky > y) {
                double side = (kx - ix) * (y - iy) - (x - ix) * (ky - iy);
                if (ky > iy ? side > 0 : side < 0) in = !in;
            }
            kx = ix;
            ky = iy;
        }
        return in;
    }

    private boolean crosses(double ax, double ay, double bx, double by) {
        if (Math.max(ax, bx) < box.minX() || Math.min(ax, bx) > box.maxX()) return false;
        if (Math.max(ay, by) < box.minY() || Math.min(ay, by) > box.maxY()) return false;
        if (cells != null && meetsNoEdge(ax, ay, bx, by)) return false;
        for (int i = 0, k = xy.length - 2; i < xy.length; k = i, i += 2)
            if (meet(ax, ay, bx, by, xy[k], xy[k + 1], xy[i], xy[i + 1])) return true;
        return false;
    }

    /** Told from the cells about a line, where these are few. */
    private boolean meetsNoEdge(double ax, double ay, double bx, double by) {
        int c0 = column(Math.min(ax, bx)), c1 = column(Math.max(ax, bx)), r0 = row(Math.min(ay, by)), r1 = row(Math.max(ay, by));
        if ((c1 - c0 + 1) * (r1 - r0 + 1) > FEW) return false;
        for (int r = r0; r <= r1; r++) for (int c = c0; c <= c1; c++) if (cells[r * CELLS + c] == EDGE) return false;
        return true;
    }

    private static boolean meet(double ax, double ay, double bx, double by, double cx, double cy, double dx, double dy) {
        double c = cross(ax, ay, bx, by, cx, cy), d = cross(ax, ay, bx, by, dx, dy), a = cross(cx, cy, dx, dy, ax, ay),
            b = cross(cx, cy, dx, dy, bx, by);
        if (c == 0 && d == 0)
            return Math.max(ax, bx) >= Math.min(cx, dx) && Math.max(cx, dx) >= Math.min(ax, bx) && Math.max(ay, by) >= Math.min(cy, dy)
                && Math.max(cy, dy) >= Math.min(ay, by);
        return opposite(c, d) && opposite(a, b);
    }

    private static boolean opposite(double p, double q) {
        return p <= 0 && q >= 0 || p >= 0 && q <= 0;
    }

    private static double cross(double ax, double ay, double bx, double by, double px, double py) {
        return (bx - ax) * (py - ay) - (by - ay) * (px - ax);
    }
}
