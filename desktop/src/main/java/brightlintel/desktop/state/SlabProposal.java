package brightlintel.desktop.state;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Provenance;
import brightlintel.building.Slab;
import brightlintel.building.Stand;
import brightlintel.building.Wall;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.SlabOutline;
import brightlintel.recognise.Recognised;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The slab round all walls of a storey that has none yet, made anew from them each time. */
final class SlabProposal {
    /** Metres: thick as a slab is. */
    private static final double THICK = 0.25;
    /** One for all: it is nobody's yet. */
    private static final ElementId ID = ElementId.fresh();
    private final Workspace w;
    private List<Wall> of;
    private Optional<Ring> ring = Optional.empty();

    SlabProposal(Workspace w) {
        this.w = w;
    }

    Optional<Slab> of(Recognised found) {
        List<Wall> walls = w.contents().walls();
        if (walls.isEmpty() || !w.contents().slabs().isEmpty()) return Optional.empty();
        if (of != walls) ring = SlabOutline.around(walls, Tolerances.BUILDING);
        of = walls;
        List<Ring> wells = w.project().below(w.storeyId()).isPresent() ? found.wells() : List.of();
        Set<ElementId> follows = walls.stream().map(Wall::id).collect(Collectors.toUnmodifiableSet());
        return ring.map(r -> new Slab(ID, r.counterClockwise(), Recognised.holes(wells, r), Stand.FLOOR, Given.assumed(THICK),
            Optional.of(follows), new Provenance(new Provenance.Way.Proposed(Recognised.SURE_FROM), List.of())));
    }
}
