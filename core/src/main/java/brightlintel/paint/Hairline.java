package brightlintel.paint;

/** Anti-aliased lines one pixel wide, clipped to a rectangle; two pixels are touched at each step (after Wu, 1991). */
final class Hairline {
    private Hairline() { }

    /** @param alpha 0..256; pixel centres lie at .5 */
    static void paint(Raster r, int minX, int minY, int maxX, int maxY, float x0, float y0, float x1, float y1, int colour, int alpha) {
        float dx = x1 - x0, dy = y1 - y0;
        if (Math.abs(dx) >= Math.abs(dy)) flat(r, minX, minY, maxX, maxY, x0, y0, x1, y1, colour, alpha);
        else steep(r, minX, minY, maxX, maxY, x0, y0, x1, y1, colour, alpha);
    }

    private static void flat(Raster r, int minX, int minY, int maxX, int maxY, float x0, float y0, float x1, float y1, int colour,
        int alpha) {
        if (x0 > x1) {
            float t = x0;
            x0 = x1;
            x1 = t;
            t = y0;
            y0 = y1;
            y1 = t;
        }
        if (x1 < minX || x0 > maxX) return;
        float slope = x1 > x0 ? (y1 - y0) / (x1 - x0) : 0;
        int from = Math.max(minX, (int) x0), to = Math.min(maxX - 1, (int) x1);
        for (int x = from; x <= to; x++) {
            float cover = Math.min(x1, x + 1) - Math.max(x0, x);
            if (x1 - x0 < 1e-6f) cover = Math.min(1, Math.abs(y1 - y0));
            float y = y0 + slope * (x + 0.5f - x0) - 0.5f;
            int row = (int) Math.floor(y);
            int low = (int) ((y - row) * 256), a = (int) (alpha * Math.max(0, cover));
            if (row >= minY && row < maxY) r.blend(row * r.width + x, colour, a * (256 - low) >> 8);
            if (row + 1 >= minY && row + 1 < maxY) r.blend((row + 1) * r.width + x, colour, a * low >> 8);
        }
    }

    private static void steep(Raster r, int minX, int minY, int maxX, int maxY, float x0, float y0, float x1, float y1, int colour,
        int alpha) {
        if (y0 > y1) {
            float t = x0;
            x0 = x1;
            x1 = t;
            t = y0;
            y0 = y1;
            y1 = t;
        }
        if (y1 < minY || y0 > maxY) return;
        float slope = (x1 - x0) / (y1 - y0);
        int from = Math.max(minY, (int) y0), to = Math.min(maxY - 1, (int) y1);
        for (int y = from; y <= to; y++) {
            float cover = Math.min(y1, y + 1) - Math.max(y0, y);
            float x = x0 + slope * (y + 0.5f - y0) - 0.5f;
            int column = (int) Math.floor(x);
            int low = (int) ((x - column) * 256), a = (int) (alpha * Math.max(0, cover));
            if (column >= minX && column < maxX) r.blend(y * r.width + column, colour, a * (256 - low) >> 8);
            if (column + 1 >= minX && column + 1 < maxX) r.blend(y * r.width + column + 1, colour, a * low >> 8);
        }
    }
}
