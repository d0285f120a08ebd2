package brightlintel.desktop.state;

import brightlintel.geom.Point;
import brightlintel.snap.Snap;
import java.util.Optional;

/**
 * Where the pointer is and what it means there.
 *
 * @param raw   under the pointer, metres
 * @param at    after snapping and ortho: what a click takes
 * @param reach a few pixels, in metres
 */
public record Aim(Point raw, Point at, Optional<Snap> snap, double reach) {
    public static final Aim NOWHERE = new Aim(Point.ORIGIN, Point.ORIGIN, Optional.empty(), 0);
}
