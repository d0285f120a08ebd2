package brightlintel.correct;

import brightlintel.geom.Angles;
import brightlintel.geom.Point;

/** Turns that set a main direction level or plumb. */
public final class Upright {
    private Upright() { }

    /** The smallest turn that brings a -> b onto an axis, radians; within -45..45 degrees. */
    public static double turnFor(Point a, Point b) {
        double angle = Angles.positive(b.minus(a).angle()) % (Math.PI / 2);
        return angle > Math.PI / 4 ? Math.PI / 2 - angle : -angle;
    }
}
