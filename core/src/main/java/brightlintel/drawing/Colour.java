package brightlintel.drawing;

import java.util.Optional;

/** A colour as stored: an index of the exchange format (0 by block, 256 by layer), or a true colour. */
public record Colour(int index, Optional<Integer> rgb) {
    public static final Colour BY_BLOCK = new Colour(0, Optional.empty());
    public static final Colour BY_LAYER = new Colour(256, Optional.empty());
    public static final Colour PLAIN = new Colour(7, Optional.empty());

    public boolean byLayer() {
        return index == 256 && rgb.isEmpty();
    }

    public boolean byBlock() {
        return index == 0 && rgb.isEmpty();
    }

    /** 0xRRGGBB. Index 7 is ink on paper and is given as black. */
    public int toRgb() {
        return rgb.orElseGet(() -> ofIndex(index));
    }

    /** The index whose colour is nearest to a true one. */
    public static int nearest(int rgb) {
        int best = 7, least = Integer.MAX_VALUE;
        for (int i = 1; i < 256; i++) {
            int c = ofIndex(i), dr = (c >> 16 & 255) - (rgb >> 16 & 255), dg = (c >> 8 & 255) - (rgb >> 8 & 255),
                db = (c & 255) - (rgb & 255), d = dr * dr + dg * dg + db * db;
            if (d < least) {
                least = d;
                best = i;
            }
        }
        return best;
    }

    private static int ofIndex(int i) {
        int[] plain = {0x000000, 0xff0000, 0xffff00, 0x00ff00, 0x00ffff, 0x0000ff, 0xff00ff, 0x000000, 0x808080, 0xc0c0c0};
        if (i < plain.length) return plain[Math.max(i, 0)];
        if (i >= 250) return 0x010101 * new int[] {51, 91, 132, 173, 214, 255}[Math.min(i, 255) - 250];
        double[] values = {1, 0.65, 0.5, 0.3, 0.15};
        double hue = (i / 10 - 1) * 15.0, value = values[i % 10 / 2], low = i % 2 == 0 ? 0 : value / 2;
        return (channel(hue + 120, low, value) << 16) | (channel(hue, low, value) << 8) | channel(hue - 120, low, value);
    }

    private static int channel(double hue, double low, double high) {
        double h = ((hue % 360) + 360) % 360;
        double f = h < 60 ? h / 60 : h < 180 ? 1 : h < 240 ? (240 - h) / 60 : 0;
        return (int) Math.round((low + (high - low) * f) * 255);
    }
}
