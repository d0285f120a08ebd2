package brightlintel.drawing;

import brightlintel.geom.Vec3;
import java.util.List;

public record Block(String name, Vec3 base, List<Entity> entities) {
    public Block {
        entities = List.copyOf(entities);
    }
}
