package brightlintel.drawing;

import brightlintel.geom.Vec3;
import java.util.List;

/** @param external path of the drawing that this block stands for, as the file has it; "" for a block of its own */
public record Block(String name, Vec3 base, List<Entity> entities, String external) {
    public Block {
        entities = List.copyOf(entities);
    }
}
