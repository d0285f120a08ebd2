package brightlintel.paint;

import brightlintel.geom.Point;
import java.util.Arrays;
import java.util.List;

/**
 * Fills outlines with exact area coverage: each edge adds its signed area to the cells it passes, a running sum along each row gives the
 * cover (the way of font rasterisers). Outlines must not overlap themselves; holes run the other way round.
 */
public final class Fill {
    private final Raster r;
    private float[] cells = new float[0];
    private int x0, y0, w, h;

    public Fill(Raster r) {
        this.r = r;
    }

    /** @param rings in pixels; alpha 0..1 */
    public void rings(List<List<Point>> rings, int colour, double alpha) {
        double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = Double.NEGATIVE_INFINITY, maxY = maxX;
        for (List<Point> ring : rings)
            for (Point p : ring) {
                minX = Math.min(minX, p.x());
                maxX = Math.max(maxX, p.x());
                minY = Math.min(minY, p.y());
                maxY = Math.max(maxY, p.y());
            }
        if (!(maxX > 0 && maxY > 0 && minX < r.width && minY < r.height)) return;
        x0 = Math.max(0, (int) minX);
        y0 = Math.max(0, (int) minY);
        w = Math.min(r.width, (int) maxX + 1) - x0 + 1;
        h = Math.min(r.height, (int) maxY + 1) - y0;
        if (w <= 1 || h <= 0) return;
        if (cells.length < w * h + 2) cells = new float[w * h + 2];
        else Arrays.fill(cells, 0, w * h + 2, 0);
        for (List<Point> ring : rings)
            for (int i = 0; i < ring.size(); i++) edge(ring.get(i), ring.get((i + 1) % ring.size()));
        sweep(colour, alpha);
    }

    public void ring(List<Point> ring, int colour, double alpha) {
        rings(List.of(ring), colour, alpha);
    }

    private void sweep(int colour, double alpha) {
        int full = (int) Math.round(alpha * 256);
        for (int y = 0; y < h; y++) {
            float sum = 0;
            int row = (y0 + y) * r.width + x0;
            for (int x = 0; x < w - 1; x++) {
                sum += cells[y * w + x];
                int cover = (int) (Math.min(1, Math.abs(sum)) * full);
                if (cover > 0) r.blend(row + x, colour, cover);
            }
        }
    }

    private void edge(Point a, Point b) {
        double ax = a.x() - x0, ay = a.y() - y0, bx = b.x() - x0, by = b.y() - y0;
        if (ay == by) return;
        double dir = 1;
        if (ay > by) {
            double t = ax;
            ax = bx;
            bx = t;
            t = ay;
            ay = by;
            by = t;
            dir = -1;
        }
        double slope = (bx - ax) / (by - ay);
        double from = Math.max(ay, 0), to = Math.min(by, h);
        for (int y = (int) from; y < to; y++) {
            double ya = Math.max(from, y), yb = Math.min(to, y + 1.0);
            row(y, ax + slope * (ya - ay), ax + slope * (yb - ay), (yb - ya) * dir);
        }
    }

    /** An edge piece within one row, from xa to xb, of signed height d. What lies left of the cells counts for the whole row. */
    private void row(int y, double xa, double xb, double d) {
        double lo = Math.min(xa, xb), hi = Math.max(xa, xb), last = w - 1.0;
        int row = y * w;
        if (lo >= last) return;
        if (hi <= 0) {
            cells[row] += (float) d;
            return;
        }
        if (lo < 0) {
            double share = -lo / (hi - lo);
            cells[row] += (float) (d * share);
            d *= 1 - share;
            lo = 0;
        }
        if (hi > last) {
            d *= (last - lo) / (hi - lo);
            hi = last;
        }
        int first = (int) lo, end = (int) Math.ceil(hi);
        if (end <= first + 1) {
            double mid = (lo + hi) / 2 - first;
            cells[row + first] += (float) (d * (1 - mid));
            cells[row + first + 1] += (float) (d * mid);
            return;
        }
        double per = d / (hi - lo), carry = 0;
        for (int x = first; x < end; x++) {
            double a = Math.max(lo, x), b = Math.min(hi, x + 1.0), part = per * (b - a), mid = (a + b) / 2 - x;
            cells[row + x] += (float) (part * (1 - mid) + carry);
            carry = part * mid;
        }
        cells[row + end] += (float) carry;
    }
}
