package brightlintel.view3d;

import brightlintel.geom.Point;
import brightlintel.geom.Vec3;

/**
 * A parallel view from outside: lengths along an axis stay comparable, as in a drawing.
 *
 * @param yaw   turn about the upright axis, radians; 0 looks along +y
 * @param pitch how far one looks down, radians: 0 level, pi/2 straight down
 */
public record Camera(Vec3 target, double yaw, double pitch, double pxPerMetre) {
    private static final double STEEPEST = Math.PI / 2;

    public Camera {
        pitch = Math.clamp(pitch, -STEEPEST, STEEPEST);
        pxPerMetre = Math.clamp(pxPerMetre, 0.01, 1e5);
    }

    public static Camera usual(Vec3 target, double pxPerMetre) {
        return new Camera(target, Math.toRadians(35), Math.toRadians(32), pxPerMetre);
    }

    public Camera orbited(double dxPx, double dyPx) {
        return new Camera(target, yaw + dxPx * 0.008, pitch + dyPx * 0.008, pxPerMetre);
    }

    public Camera zoomed(double factor) {
        return new Camera(target, yaw, pitch, pxPerMetre * factor);
    }

    public Camera panned(double dxPx, double dyPx) {
        return new Camera(target.minus(right().times(dxPx / pxPerMetre)).plus(up().times(dyPx / pxPerMetre)), yaw, pitch, pxPerMetre);
    }

    /** Where a place is seen in a picture of this size; pixels, y down. */
    public Point toPx(Vec3 p, int width, int height) {
        Vec3 d = p.minus(target);
        return new Point(width / 2.0 + d.dot(right()) * pxPerMetre, height / 2.0 - d.dot(up()) * pxPerMetre);
    }

    Vec3 right() {
        return new Vec3(Math.cos(yaw), -Math.sin(yaw), 0);
    }

    /** Into the picture. */
    Vec3 forward() {
        return new Vec3(Math.sin(yaw) * Math.cos(pitch), Math.cos(yaw) * Math.cos(pitch), -Math.sin(pitch));
    }

    Vec3 up() {
        return right().cross(forward());
    }

    /** Sees all of these. */
    public static Camera fit(Camera like, Iterable<Vec3> points, int width, int height) {
        Vec3 r = like.right(), u = like.up(), f = like.forward();
        double[] lo = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY}, hi = {-lo[0], -lo[0], -lo[0]};
        for (Vec3 p : points) {
            double[] v = {p.dot(r), p.dot(u), p.dot(f)};
            for (int i = 0; i < 3; i++) {
                lo[i] = Math.min(lo[i], v[i]);
                hi[i] = Math.max(hi[i], v[i]);
            }
        }
        if (lo[0] > hi[0]) return like;
        Vec3 mid = r.times((lo[0] + hi[0]) / 2).plus(u.times((lo[1] + hi[1]) / 2)).plus(f.times((lo[2] + hi[2]) / 2));
        double k = Math.min((width - 60) / Math.max(hi[0] - lo[0], 0.1), (height - 60) / Math.max(hi[1] - lo[1], 0.1));
        return new Camera(mid, like.yaw, like.pitch, k);
    }
}
