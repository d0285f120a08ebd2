package brightlintel.drawing;

import java.util.List;
import java.util.Optional;

/** @param paper of a layout or page whose sheet is known; a model has none */
public record Space(SpaceKey key, Optional<Paper> paper, List<Entity> entities) {
    public Space {
        entities = List.copyOf(entities);
    }

    /** How many entities it has beside windows into the model. */
    public long drawn() {
        return entities.stream().filter(e -> !(e instanceof Entity.Viewport)).count();
    }

    public static Space model(List<Entity> entities) {
        return new Space(new SpaceKey.Model(), Optional.empty(), entities);
    }
}
