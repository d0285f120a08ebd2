package brightlintel.building;

import brightlintel.drawing.EntityKey;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Curve;
import java.util.List;

/**
 * A part of a stroke: from and to in 0..1 along it.
 *
 * @param curve the whole stroke as it was drawn then, file units: for the day when its key is gone
 */
public record StrokeRef(String sha256, SpaceKey space, List<Step> blockPath, EntityKey entity, int piece, double from, double to,
    Curve curve) implements DrawnRef {
    public StrokeRef {
        blockPath = List.copyOf(blockPath);
    }
}
