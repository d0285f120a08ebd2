package brightlintel.write.dwg;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Paper;
import brightlintel.geom.Vec3;
import java.util.List;
import java.util.Optional;

/**
 * What holds entities: the model, a sheet or a block, with the handles it was given.
 *
 * @param mode   how its entities name their owner: 2 model, 1 current sheet, 0 by its handle
 * @param layout handle of the layout, 0 for a block
 * @param first  handle of the first entity; the others follow in a row
 */
record Holder(String name, Vec3 base, String external, List<Entity> entities, int mode, long record, long begin, long end, long layout,
              String layoutName, Optional<Paper> paper, long first) {
    static final int MODEL = 2, SHEET = 1, BLOCK = 0;

    static Holder of(String name, Vec3 base, String external, List<Entity> all, int mode, String layoutName, Optional<Paper> paper,
        Register register) {
        List<Entity> entities = all.stream().filter(e -> Shapes.type(e) != 0).toList();
        long record = register.next(), begin = register.next(), end = register.next();
        return new Holder(name, base, external, entities, mode, record, begin, end, layoutName.isEmpty() ? 0 : register.next(), layoutName,
            paper,
            register.next(entities.size()));
    }
}
