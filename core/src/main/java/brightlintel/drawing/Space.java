package brightlintel.drawing;

import java.util.List;

public record Space(SpaceKey key, List<Entity> entities) {
    public Space {
        entities = List.copyOf(entities);
    }
}
