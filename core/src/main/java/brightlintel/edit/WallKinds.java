package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.KindId;
import brightlintel.building.Project;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Kinds of walls: made, changed with all their walls, given to walls, taken away. */
public final class WallKinds {
    private static final Kinds<WallKind> ALL = new Kinds<>(Project::wallKinds, Project::withWallKinds);

    private WallKinds() { }

    /** Nothing where another kind has the name. */
    public static Edit add(WallKind k) {
        return ALL.add("edit.kind-add", k);
    }

    public static boolean isTaken(Project p, String name, KindId by) {
        return ALL.isTaken(p, name, by);
    }

    /** With all walls that are of it, on every storey. */
    public static Edit change(String name, KindId id, UnaryOperator<WallKind> f) {
        return ALL.change(name, id, f, is -> Edit.of(name, p -> {
            Set<ElementId> walls = Set.copyOf(p.storeys().stream().flatMap(s -> p.on(s.id()).walls().stream())
                .filter(w -> w.kind().filter(id::equals).isPresent() && w.thickness().value() != is.thickness()).map(w -> w.id()).toList());
            return Tracing.changeWalls(name, walls, w -> w.with(is)).apply(p);
        }));
    }

    public static Edit give(Set<ElementId> walls, KindId id) {
        return Edit.of("edit.wall-kind", p -> p.wallKind(id).map(k -> Tracing.changeWalls("edit.wall-kind", walls, w -> w.with(k)).apply(p))
            .orElse(p));
    }

    /** Its walls keep their thickness, and are of no kind. */
    public static Edit remove(KindId id) {
        return Edit.of("edit.kind-remove", p -> ALL.without(p, id).withAllContents(c -> c.map(e -> e instanceof Wall w
            && w.kind().filter(id::equals).isPresent() ? w.withoutKind() : e)));
    }
}
