package brightlintel.view3d;

import brightlintel.geom.Point;
import brightlintel.geom.Vec3;

/**
 * Takes away what lies beyond a plane.
 *
 * @param towards what is taken away, of length one
 * @param far     of the plane from 0,0,0, in that direction; metres
 */
public record Cut(Vec3 towards, double far) {
    public Cut {
        if (!(Math.abs(towards.length() - 1) < 1e-6)) throw new IllegalArgumentException("towards " + towards + " is not of length one");
        if (!Double.isFinite(far)) throw new IllegalArgumentException("far " + far + " is not finite");
    }

    /** Takes away what is higher. */
    public static Cut above(double height) {
        return new Cut(new Vec3(0, 0, 1), height);
    }

    /** Upright, through a place of the plan. @param towards in the plan, radians: the side that is taken away */
    public static Cut across(Point through, double towards) {
        Point n = Point.polar(towards, 1);
        return new Cut(new Vec3(n.x(), n.y(), 0), through.dot(n));
    }

    public boolean keeps(Vec3 p) {
        return p.dot(towards) <= far;
    }
}
