package brightlintel.read.picture;

import brightlintel.drawing.Detail;
import brightlintel.drawing.Pixels;
import brightlintel.read.PictureRows;
import java.awt.image.BufferedImage;

/** Makes large pictures smaller by the mean of whole squares of pixels, so that thin lines fade and do not vanish. */
public final class Thinning {
    private Thinning() { }

    private static int step(long w, long h, long most) {
        return (int) Math.max(1, Math.ceil(Math.sqrt((double) w * h / Math.max(1, most))));
    }

    /** @param most pixels that may be left */
    public static Pixels of(BufferedImage image, long most) {
        int w = image.getWidth(), h = image.getHeight();
        int step = step(w, h, most);
        if (step == 1) return new Pixels(w, h, image.getRGB(0, 0, w, h, null, 0, w));
        Rows rows = new Rows(w, h, most);
        PackedBits.rows(image, rows);
        return rows.end();
    }

    /** Takes a picture row by row, from the top. */
    public static final class Rows implements PictureRows {
        private final int width, height, step, outWidth, outHeight;
        private final int[] out;
        private final int[] a, r, g, b;
        private int row;

        public Rows(int width, int height, long most) {
            this.width = width;
            this.height = height;
            this.step = step(width, height, most);
            this.outWidth = (width + step - 1) / step;
            this.outHeight = (height + step - 1) / step;
            this.out = new int[outWidth * outHeight];
            a = new int[outWidth];
            r = new int[outWidth];
            g = new int[outWidth];
            b = new int[outWidth];
        }

        @Override public void row(int[] argb) {
            for (int x = 0; x < width; x++) {
                int i = x / step, p = argb[x];
                a[i] += p >>> 24;
                r[i] += p >> 16 & 255;
                g[i] += p >> 8 & 255;
                b[i] += p & 255;
            }
            next();
        }

        @Override public void bits(byte[] line, boolean inverted) {
            for (int x = 0; x < width; x++) {
                boolean white = (line[x >> 3] >> 7 - (x & 7) & 1) != 0 != inverted;
                int i = x / step;
                a[i] += 255;
                if (white) {
                    r[i] += 255;
                    g[i] += 255;
                    b[i] += 255;
                }
            }
            next();
        }

        private void next() {
            row++;
            if (row % step == 0 || row == height) flush();
        }

        private void flush() {
            int y = (row - 1) / step, high = row - y * step;
            for (int i = 0; i < outWidth; i++) {
                int n = high * (Math.min(width, (i + 1) * step) - i * step);
                out[y * outWidth + i] = a[i] / n << 24 | r[i] / n << 16 | g[i] / n << 8 | b[i] / n;
                a[i] = r[i] = g[i] = b[i] = 0;
            }
        }

        /** What never came is clear. */
        public Pixels end() {
            if (row % step != 0 && row < height) flush();
            Pixels p = new Pixels(outWidth, outHeight, out);
            return step > 1 ? p.with(new Detail.Thinned(width, height)) : p;
        }
    }
}
