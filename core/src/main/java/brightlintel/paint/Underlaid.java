package brightlintel.paint;

import brightlintel.drawing.Detail;
import brightlintel.drawing.Pixels;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.function.BooleanSupplier;

/**
 * Lays a picture under the drawing, turned and scaled. Its paper is clear and its ink is ink: only what is darker than paper is seen, so
 * that lines read on it, in light and dark alike. Seen from far the picture is first made smaller, so that thin lines fade and do not
 * flicker.
 */
final class Underlaid {
    private static final double STRONGEST = 235;
    /** From so many pixels on the screen for one that was kept, the full size is wanted. */
    private static final double CLOSE = 1.05;
    private static final long LARGEST = 16L << 20;

    private Underlaid() { }

    /**
     * @param toPx takes pixels of the picture, from its lower left corner, to those of the raster
     * @param ink  one for all, or -1 for the picture's own colours
     */
    static void paint(Raster r, Pixels whole, Affine toPx, Look look, BooleanSupplier stop) {
        if (!(Math.abs(toPx.determinant()) > 1e-12) || !toPx.isFinite()) return;
        if (toPx.meanScale() > CLOSE && whole.detail().isPresent()) {
            Detail d = whole.detail().get();
            d.want();
            Affine full = Affine.scale(whole.width() / (double) d.width(), whole.height() / (double) d.height()).then(toPx);
            if (d.isThere() && close(r, d, full, look, stop)) return;
        }
        int halvings = Math.max(0, (int) Math.floor(-Math.log(toPx.meanScale()) / Math.log(2)));
        Pixels p = Pyramid.of(whole, halvings);
        laid(r, p, Affine.scale(whole.width() / (double) p.width(), whole.height() / (double) p.height()).then(toPx), look, stop);
    }

    /**
     * From squares of about as many pixels as are seen, put together.
     *
     * @param full from pixels of the full size
     * @return whether it could
     */
    private static boolean close(Raster r, Detail d, Affine full, Look look, BooleanSupplier stop) {
        int level = Math.clamp((long) Math.floor(-Math.log(full.meanScale()) / Math.log(2)), 0, Math.max(0, d.levels() - 1));
        double step = 1L << level;
        Box seen = new Box(0, 0, r.width, r.height).mapped(full.inverse());
        int side = Detail.SIDE, across = (int) Math.ceil(d.width() / step / side), down = (int) Math.ceil(d.height() / step / side);
        int c0 = square(seen.minX() / step - 1, across), c1 = square(seen.maxX() / step + 1, across);
        int r0 = square((d.height() - seen.maxY()) / step - 1, down), r1 = square((d.height() - seen.minY()) / step + 1, down);
        long pixels = (long) (c1 - c0 + 1) * (r1 - r0 + 1) * side * side;
        if (pixels > LARGEST) return false;
        int w = (c1 - c0 + 1) * side, h = (r1 - r0 + 1) * side;
        int[] out = new int[w * h];
        for (int row = r0; row <= r1; row++)
            for (int col = c0; col <= c1; col++) {
                Pixels p = d.square(level, col, row);
                if (p == null) continue;
                for (int y = 0; y < p.height(); y++)
                    System.arraycopy(p.argb(), y * p.width(), out, ((row - r0) * side + y) * w + (col - c0) * side, p.width());
            }
        Affine place = Affine.scale(step, step).then(Affine.move((double) c0 * side * step, d.height() - (r0 * (double) side + h) * step));
        laid(r, new Pixels(w, h, out), place.then(full), look, stop);
        return true;
    }

    private static int square(double pixels, int of) {
        return Math.clamp((long) Math.floor(pixels / Detail.SIDE), 0, of - 1);
    }

    /** @param map from the lower left corner of the pixels */
    private static void laid(Raster r, Pixels p, Affine map, Look look, BooleanSupplier stop) {
        Affine back = map.inverse();
        double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = Double.NEGATIVE_INFINITY, maxY = maxX;
        for (int i = 0; i < 4; i++) {
            Point c = map.apply(i % 2 * p.width(), i / 2 * p.height());
            minX = Math.min(minX, c.x());
            maxX = Math.max(maxX, c.x());
            minY = Math.min(minY, c.y());
            maxY = Math.max(maxY, c.y());
        }
        int x0 = (int) Math.max(0, minX), x1 = (int) Math.min(r.width, Math.ceil(maxX));
        double strength = STRONGEST * (1 - look.fade) / 255;
        for (int y = (int) Math.max(0, minY); y < Math.min(r.height, maxY); y++) {
            if (stop.getAsBoolean()) return;
            double qx = back.a() * (x0 + 0.5) + back.c() * (y + 0.5) + back.tx(), qy = back.b() * (x0 + 0.5) + back.d() * (y + 0.5)
                + back.ty();
            for (int x = x0; x < x1; x++, qx += back.a(), qy += back.b()) {
                int c = between(p, qx - 0.5, p.height() - qy - 0.5);
                int cover = (int) (strength * dark(c) * (c >>> 24) / 255);
                if (cover > 0) r.blend(y * r.width + x, look.ink < 0 ? c & 0xffffff : look.ink, cover);
            }
        }
    }

    /** Of four pixels by nearness; rows from the top. Clear outside. */
    private static int between(Pixels p, double x, double y) {
        int x0 = (int) Math.floor(x), y0 = (int) Math.floor(y);
        if (x0 < -1 || y0 < -1 || x0 >= p.width() || y0 >= p.height()) return 0;
        int fx = (int) ((x - x0) * 256), fy = (int) ((y - y0) * 256);
        return mix(mix(at(p, x0, y0), at(p, x0 + 1, y0), fx), mix(at(p, x0, y0 + 1), at(p, x0 + 1, y0 + 1), fx), fy);
    }

    private static int at(Pixels p, int x, int y) {
        return x < 0 || y < 0 || x >= p.width() || y >= p.height() ? 0xffffff : p.argb()[y * p.width() + x];
    }

    /** Two channels at a time. @param f of 256 */
    private static int mix(int a, int b, int f) {
        int low = 0xff00ff, rb = a & low, ag = a >>> 8 & low;
        return rb + (((b & low) - rb) * f >> 8) & low | (ag + (((b >>> 8 & low) - ag) * f >> 8) & low) << 8;
    }

    record Look(double fade, int ink) { }

    /** How much of ink there is: by the darkest of its colours, so that coloured lines count too. */
    private static int dark(int c) {
        return 255 - Math.min(c >> 16 & 255, Math.min(c >> 8 & 255, c & 255));
    }
}
