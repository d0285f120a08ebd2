package brightlintel.building;

import brightlintel.drawing.EntityKey;
import brightlintel.drawing.SpaceKey;
import java.util.List;

/** Names something drawn in a file so that it is found again after saving: a stroke, or a text, fill or picture. */
public sealed interface DrawnRef permits StrokeRef, MarkRef {
    String sha256();

    SpaceKey space();

    List<Step> blockPath();

    EntityKey entity();

    /** One insert on the way down. */
    record Step(EntityKey insert, int row, int column) { }
}
