package brightlintel.paint;

import java.util.Arrays;

/** A picture, rows from the top. The array is the picture itself: whoever holds it may paint. */
public final class Raster {
    public final int width;
    public final int height;
    public final int[] pixels;

    public Raster(int width, int height) {
        this(width, height, new int[width * height]);
    }

    public Raster(int width, int height, int[] pixels) {
        if (width <= 0 || height <= 0 || pixels.length < width * height)
            throw new IllegalArgumentException("picture " + width + " x " + height);
        this.width = width;
        this.height = height;
        this.pixels = pixels;
    }

    public void clear(int colour) {
        Arrays.fill(pixels, 0, width * height, 0xff000000 | colour);
    }

    /** @param cover 0..256 */
    public void blend(int i, int colour, int cover) {
        int d = pixels[i];
        // where lines lie thick nothing changes any more
        if ((d & 0xffffff) == colour) return;
        int rb = d & 0xff00ff, g = d & 0x00ff00;
        int r2 = (colour & 0xff00ff) - rb, g2 = (colour & 0x00ff00) - g;
        pixels[i] = 0xff000000 | (rb + (r2 * cover >> 8) & 0xff00ff) | (g + (g2 * cover >> 8) & 0x00ff00);
    }

    public int at(int x, int y) {
        return pixels[y * width + x] & 0xffffff;
    }
}
