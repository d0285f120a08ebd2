package brightlintel.building;

import brightlintel.drawing.EntityKey;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Point;
import java.util.List;

/** A text, a fill or a picture. @param at the middle of where it lay then, file units: for the day when its key is gone */
public record MarkRef(String sha256, SpaceKey space, List<Step> blockPath, EntityKey entity, Sort sort, Point at) implements DrawnRef {
    public enum Sort { TEXT, FILL, PICTURE }

    public MarkRef {
        blockPath = List.copyOf(blockPath);
    }
}
