package brightlintel.drawing;

/** A decoded picture, rows from the top, 0xAARRGGBB; not to be changed. */
public record Pixels(int width, int height, int[] argb) {
    public Pixels {
        if (width < 1 || height < 1 || argb.length != width * height)
            throw new IllegalArgumentException(width + " x " + height + " of " + argb.length);
    }

    public int at(int x, int y) {
        return argb[y * width + x];
    }
}
