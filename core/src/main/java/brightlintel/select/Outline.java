package brightlintel.select;

import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.List;

/**
 * A region with straight edges, as flat arrays: a box or any outline. What lies on an edge counts as touched; an outline that crosses
 * itself holds what an odd number of its edges lie around.
 */
public final class Outline {
    private final double[] xy;
    private final Box box;
    private final boolean upright;

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
        boolean in = false;
        for (int i = 0, k = xy.length - 2; i < xy.length; k = i, i += 2)
            if (xy[i + 1] > y != xy[k + 1] > y && x < xy[i] + (xy[k] - xy[i]) * (y - xy[i + 1]) / (xy[k + 1] - xy[i + 1])) in = !in;
        return in;
    }

    private boolean crosses(double ax, double ay, double bx, double by) {
        if (Math.max(ax, bx) < box.minX() || Math.min(ax, bx) > box.maxX()) return false;
        if (Math.max(ay, by) < box.minY() || Math.min(ay, by) > box.maxY()) return false;
        for (int i = 0, k = xy.length - 2; i < xy.length; k = i, i += 2)
            if (meet(ax, ay, bx, by, xy[k], xy[k + 1], xy[i], xy[i + 1])) return true;
        return false;
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
