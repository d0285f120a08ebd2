package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.KindId;
import brightlintel.building.Project;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Kinds of walls: made, changed with all their walls, given to walls, taken away. */
public final class WallKinds {
    private WallKinds() { }

    /** Nothing where another kind has the name. */
    public static Edit add(WallKind k) {
        return Edit.of("edit.kind-add", k.name(), p -> {
            if (isTaken(p, k.name(), k.id())) return p;
            List<WallKind> out = new ArrayList<>(p.wallKinds());
            out.add(k);
            return p.withWallKinds(out);
        });
    }

    /** Several; those whose names are taken stay away. */
    public static Edit addAll(List<WallKind> some) {
        return Edit.of("edit.kinds-read", p -> {
            Project out = p;
            for (WallKind k : some) out = add(k).apply(out);
            return out;
        });
    }

    public static boolean isTaken(Project p, String name, KindId by) {
        return p.wallKinds().stream().anyMatch(k -> k.name().equalsIgnoreCase(name.strip()) && !k.id().equals(by));
    }

    /** With all walls that are of it, on every storey. */
    public static Edit change(String name, KindId id, UnaryOperator<WallKind> f) {
        return Edit.of(name, p -> {
            WallKind was = p.wallKind(id).orElse(null), is = was == null ? null : f.apply(was);
            if (is == null || is.equals(was) || isTaken(p, is.name(), id) || is.name().isBlank()) return p;
            Project out = p.withWallKinds(p.wallKinds().stream().map(k -> k.id().equals(id) ? is : k).toList());
            if (is.thickness() == was.thickness()) return out;
            Set<ElementId> walls = Set.copyOf(p.storeys().stream().flatMap(s -> p.on(s.id()).walls().stream())
                .filter(w -> w.kind().filter(id::equals).isPresent()).map(w -> w.id()).toList());
            return Tracing.changeWalls(name, walls, w -> w.with(is)).apply(out);
        });
    }

    public static Edit give(Set<ElementId> walls, KindId id) {
        return Edit.of("edit.wall-kind", p -> p.wallKind(id).map(k -> Tracing.changeWalls("edit.wall-kind", walls, w -> w.with(k)).apply(p))
            .orElse(p));
    }

    /** Its walls keep their thickness, and are of no kind. */
    public static Edit remove(KindId id) {
        return Edit.of("edit.kind-remove", p -> p.withWallKinds(p.wallKinds().stream().filter(k -> !k.id().equals(id)).toList())
            .withAllContents(c -> c.map(e -> e instanceof Wall w && w.kind().filter(id::equals).isPresent()
                ? w.withoutKind() : e)));
    }
}
