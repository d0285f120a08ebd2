package brightlintel.building;

import brightlintel.geom.Point;
import java.util.List;

/**
 * A stroke that an element stands on.
 *
 * @param asTraced  the stroke's ends when it was traced, file units: for the day the key is gone
 * @param distance  how far the element lay from it then, metres
 */
public record Support(UnderlayId underlay, StrokeRef stroke, Face face, List<Point> asTraced, double distance) {
    public enum Face { LEFT, RIGHT, REFERENCE, START, END, AXIS, OUTLINE }

    public Support {
        asTraced = List.copyOf(asTraced);
    }
}
