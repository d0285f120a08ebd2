package brightlintel.view3d;

import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import brightlintel.paint.Raster;

/** Lays a sheet into a picture of bodies: over what lies behind it, under what stands before it. */
final class SheetPainter {
    /** Seen from its edge a sheet is nothing. */
    private static final double FLAT = 0.02;
    /** Sheets win over the slab that they lie on by this much depth, metres. */
    private static final float BIAS = 0.03f;
    private final Sheet sheet;
    private final Sheet.Cover cover;
    /** From pixels of the picture to those of the sheet, and to depth. */
    private final Affine back;
    private final float depthAt, depthPerX, depthPerY;
    private final boolean seen;

    SheetPainter(Sheet s, Camera c, int width, int height) {
        sheet = s;
        Vec3 r = c.right(), u = c.up(), f = c.forward(), t = c.target();
        seen = Math.abs(f.z()) > FLAT;
        double k = c.pxPerMetre(), fz = seen ? f.z() : 1;
        // depth of the plane under a pixel; r is level, so that only y changes it
        depthPerX = (float) (-r.z() / k / fz);
        depthPerY = (float) (u.z() / k / fz);
        depthAt = (float) ((s.level - t.z()) / fz - depthPerX * width / 2.0 - depthPerY * height / 2.0);
        Affine toPlan = toPlan(c, width, height);
        Affine toSheet = toPlan.then(s.toPixels);
        int halvings = Math.max(0, (int) Math.round(Math.log(Math.max(1e-9, toSheet.meanScale())) / Math.log(2)));
        int size = Math.min(halvings, s.sizes.size() - 1);
        cover = s.sizes.get(size);
        Sheet.Cover whole = s.sizes.getFirst();
        back = toSheet.then(Affine.scale(cover.width() / (double) whole.width(), cover.height() / (double) whole.height()));
    }

    private Affine toPlan(Camera c, int width, int height) {
        Point o = plan(c, width, height, 0, 0), x = plan(c, width, height, 1, 0).minus(o), y = plan(c, width, height, 0, 1).minus(o);
        return new Affine(x.x(), x.y(), y.x(), y.y(), o.x(), o.y());
    }

    private Point plan(Camera c, int width, int height, double px, double py) {
        double z = depthAt + depthPerX * px + depthPerY * py, k = c.pxPerMetre();
        Vec3 p = c.target().plus(c.right().times((px - width / 2.0) / k)).plus(c.up().times((height / 2.0 - py) / k))
            .plus(c.forward().times(z));
        return new Point(p.x(), p.y());
    }

    void paint(Raster r, float[] depth, CutPlanes cuts, int y0, int y1) {
        if (!seen) return;
        int strength = (int) (256 * sheet.strength);
        for (int y = y0; y < y1; y++) {
            double v = y + 0.5, sx = back.a() * 0.5 + back.c() * v + back.tx(), sy = back.b() * 0.5 + back.d() * v + back.ty();
            float z = depthAt + depthPerX * 0.5f + depthPerY * (y + 0.5f);
            for (int x = 0; x < r.width; x++, sx += back.a(), sy += back.b(), z += depthPerX) {
                if (!(sx >= 0 && sy >= 0 && sx < cover.width() && sy < cover.height())) continue;
                int at = y * r.width + x;
                if (z - BIAS > depth[at]) continue;
                int c = at(sx - 0.5, sy - 0.5);
                if (c > 0 && (cuts.count == 0 || cuts.keeps(x + 0.5f, y + 0.5f, z))) r.blend(at, sheet.ink, c * strength / 255);
            }
        }
    }

    /** Of four pixels by nearness. */
    private int at(double x, double y) {
        int x0 = (int) Math.floor(x), y0 = (int) Math.floor(y);
        int fx = (int) ((x - x0) * 256), fy = (int) ((y - y0) * 256);
        int top = px(x0, y0) * (256 - fx) + px(x0 + 1, y0) * fx, low = px(x0, y0 + 1) * (256 - fx) + px(x0 + 1, y0 + 1) * fx;
        return top * (256 - fy) + low * fy >> 16;
    }

    private int px(int x, int y) {
        return x < 0 || y < 0 || x >= cover.width() || y >= cover.height() ? 0 : cover.cover()[y * cover.width() + x] & 255;
    }
}
