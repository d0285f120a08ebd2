package brightlintel.building;

import java.util.List;
import java.util.Optional;

/** What stands on one storey, in the order in which it was drawn. */
public record Contents(List<Wall> walls, List<Opening> openings, List<Slab> slabs) {
    public static final Contents NONE = new Contents(List.of(), List.of(), List.of());

    public Contents {
        walls = List.copyOf(walls);
        openings = List.copyOf(openings);
        slabs = List.copyOf(slabs);
    }

    public Contents withWalls(List<Wall> w) {
        return new Contents(w, openings, slabs);
    }

    public Contents withOpenings(List<Opening> o) {
        return new Contents(walls, o, slabs);
    }

    public Contents withSlabs(List<Slab> s) {
        return new Contents(walls, openings, s);
    }

    public Optional<Wall> wall(ElementId id) {
        return walls.stream().filter(w -> w.id().equals(id)).findFirst();
    }

    public List<Opening> openingsIn(ElementId wall) {
        return openings.stream().filter(o -> o.wall().equals(wall)).toList();
    }

    public boolean isEmpty() {
        return walls.isEmpty() && openings.isEmpty() && slabs.isEmpty();
    }
}
