package brightlintel.view3d;

import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import brightlintel.paint.Raster;
import java.util.ArrayList;
import java.util.List;

/**
 * A drawing that lies level in space: how much ink covers each pixel of it. What is seen small is fetched from halves and quarters of it,
 * so that thin lines fade and do not flicker.
 */
public final class Sheet {
    private static final int SMALLEST = 8;
    /** Thin lines that are made smaller stay a little stronger than they would be. */
    private static final int KEPT = 5;
    final double level;
    final int ink;
    final double strength;
    /** From metres of the plan to pixels of the first size, y down. */
    final Affine toPixels;
    final List<Cover> sizes = new ArrayList<>();

    record Cover(byte[] cover, int width, int height) { }

    private Sheet(double level, int ink, double strength, Affine toPixels) {
        this.level = level;
        this.ink = ink;
        this.strength = strength;
        this.toPixels = toPixels;
    }

    /**
     * Of a drawing that was painted in one ink on paper.
     *
     * @param toPixels from the plan to the picture
     * @param level    metres above the project's ±0.00
     */
    public static Sheet of(Raster r, int paper, int ink, Affine toPixels, double level, double strength) {
        Sheet s = new Sheet(level, ink, strength, toPixels);
        byte[] c = new byte[r.width * r.height];
        int far = Math.max(1, far(ink, paper));
        for (int i = 0; i < c.length; i++) c[i] = (byte) Math.min(255, 255 * far(r.pixels[i] & 0xffffff, paper) / far);
        Cover last = new Cover(c, r.width, r.height);
        s.sizes.add(last);
        while (last.width >= 2 * SMALLEST && last.height >= 2 * SMALLEST) s.sizes.add(last = half(last));
        return s;
    }

    /** The same sheet at another level or strength: nothing is painted again. */
    public Sheet at(double otherLevel, double otherStrength) {
        Sheet s = new Sheet(otherLevel, ink, otherStrength, toPixels);
        s.sizes.addAll(sizes);
        return s;
    }

    /** In space, for fitting a view. */
    public List<Vec3> corners() {
        Affine back = toPixels.inverse();
        Cover whole = sizes.getFirst();
        List<Vec3> out = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            Point p = back.apply(i % 2 * whole.width, i / 2 * whole.height);
            out.add(new Vec3(p.x(), p.y(), level));
        }
        return out;
    }

    private static int far(int a, int b) {
        return Math.abs((a >> 16 & 255) - (b >> 16 & 255)) + Math.abs((a >> 8 & 255) - (b >> 8 & 255)) + Math.abs((a & 255) - (b & 255));
    }

    private static Cover half(Cover c) {
        int w = c.width / 2, h = c.height / 2;
        byte[] out = new byte[w * h];
        for (int y = 0; y < h; y++)
            for (int x = 0; x < w; x++) {
                int i = 2 * y * c.width + 2 * x;
                int sum = (c.cover[i] & 255) + (c.cover[i + 1] & 255) + (c.cover[i + c.width] & 255) + (c.cover[i + c.width + 1] & 255);
                out[y * w + x] = (byte) Math.min(255, sum * KEPT >> 4);
            }
        return new Cover(out, w, h);
    }
}
