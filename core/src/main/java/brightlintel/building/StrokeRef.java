package brightlintel.building;

import brightlintel.drawing.EntityKey;
import brightlintel.drawing.SpaceKey;
import java.util.List;

/** A part of a stroke, by key: from and to in 0..1 along it. */
public record StrokeRef(String sha256, SpaceKey space, List<Step> blockPath, EntityKey entity, int piece, double from, double to) {
    public StrokeRef {
        blockPath = List.copyOf(blockPath);
    }

    /** One insert on the way down. */
    public record Step(EntityKey insert, int row, int column) { }
}
