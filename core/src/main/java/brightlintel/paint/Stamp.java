package brightlintel.paint;

import brightlintel.geom.Affine;

/**
 * How much of each pixel a text covers, worked out once for many frames.
 *
 * @param left  of its first column, from where the text stands; top: of its first row
 * @param cover 0..255, rows from the top
 */
public record Stamp(int left, int top, int width, int height, byte[] cover) {
    private static final int WHITE = 0xffffff;

    /** @param upward whether it runs from below upwards instead of from left to right */
    public static Stamp of(String text, double size, Fonts.Weight weight, boolean upward) {
        int along = (int) Math.ceil(new Brush(new Raster(1, 1)).textWidth(text, size, weight)) + 3, up = (int) Math.ceil(size * 1.2),
            down = (int) Math.ceil(size * 0.5);
        int left = upward ? -up : -1, top = upward ? -along : -up, w = upward ? up + down : along + 1, h = upward ? along + 1 : up + down;
        Raster r = new Raster(w, h);
        r.clear(0);
        Affine plain = Affine.scale(size, -size);
        new Brush(r).text(text, (upward ? plain.then(Affine.turn(-Math.PI / 2)) : plain).then(Affine.move(-left, -top)), weight, WHITE);
        byte[] cover = new byte[w * h];
        for (int i = 0; i < cover.length; i++) cover[i] = (byte) (r.pixels[i] & 255);
        return new Stamp(left, top, w, h, cover);
    }
}
