package brightlintel.drawing;

import java.util.Optional;

/**
 * A decoded picture, rows from the top, 0xAARRGGBB; not to be changed.
 *
 * @param detail where this is less than there was
 */
public record Pixels(int width, int height, int[] argb, Optional<Detail> detail) {
    public Pixels {
        if (width < 1 || height < 1 || argb.length != width * height)
            throw new IllegalArgumentException(width + " x " + height + " of " + argb.length);
    }

    public Pixels(int width, int height, int[] argb) {
        this(width, height, argb, Optional.empty());
    }

    public Pixels with(Detail d) {
        return new Pixels(width, height, argb, Optional.of(d));
    }

    /** Of four pixels, two channels at a time. */
    public static int mean(int a, int b, int c, int d) {
        int low = 0xff00ff;
        int rb = (a & low) + (b & low) + (c & low) + (d & low) + 0x20002 >>> 2 & low;
        int ag = (a >>> 8 & low) + (b >>> 8 & low) + (c >>> 8 & low) + (d >>> 8 & low) + 0x20002 >>> 2 & low;
        return rb | ag << 8;
    }

    public int at(int x, int y) {
        return argb[y * width + x];
    }
}
