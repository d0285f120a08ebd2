package brightlintel.paint;

import brightlintel.drawing.Pixels;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;

/** Lays a picture under the drawing, turned and scaled; faded towards the paper so that lines read on it. */
final class Underlaid {
    private static final int COVER = 110;

    private Underlaid() { }

    /** @param toPx takes pixels of the picture, from its lower left corner, to those of the raster */
    static void paint(Raster r, Pixels p, Affine toPx) {
        if (!(Math.abs(toPx.determinant()) > 1e-12) || !toPx.isFinite()) return;
        double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = Double.NEGATIVE_INFINITY, maxY = maxX;
        for (int i = 0; i < 4; i++) {
            Point c = toPx.apply(i % 2 * p.width(), i / 2 * p.height());
            minX = Math.min(minX, c.x());
            maxX = Math.max(maxX, c.x());
            minY = Math.min(minY, c.y());
            maxY = Math.max(maxY, c.y());
        }
        Affine back = toPx.inverse();
        for (int y = (int) Math.max(0, minY); y < Math.min(r.height, maxY); y++)
            for (int x = (int) Math.max(0, minX); x < Math.min(r.width, maxX); x++) {
                Point q = back.apply(x + 0.5, y + 0.5);
                int px = (int) Math.floor(q.x()), py = p.height() - 1 - (int) Math.floor(q.y());
                if (px < 0 || py < 0 || px >= p.width() || py >= p.height()) continue;
                int c = p.at(px, py);
                r.blend(y * r.width + x, c & 0xffffff, COVER * (c >>> 24) / 255);
            }
    }
}
