package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.KindId;
import brightlintel.building.Opening;
import brightlintel.building.OpeningKind;
import brightlintel.building.Project;
import brightlintel.building.WallKind;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Kinds of doors and windows: made, changed with all openings that are of them, given, taken away. */
public final class OpeningKinds {
    private static final Kinds<OpeningKind> ALL = new Kinds<>(Project::openingKinds, Project::withOpeningKinds);

    private OpeningKinds() { }

    /** Nothing where another kind has the name. */
    public static Edit add(OpeningKind k) {
        return ALL.add("edit.opening-kind-add", k);
    }

    /** Kinds of walls and openings; those whose names are taken stay away. */
    public static Edit addAll(List<WallKind> walls, List<OpeningKind> openings) {
        return Edit.of("edit.kinds-read", p -> {
            Project out = p;
            for (WallKind k : walls) out = WallKinds.add(k).apply(out);
            for (OpeningKind k : openings) out = add(k).apply(out);
            return out;
        });
    }

    public static boolean isTaken(Project p, String name, KindId by) {
        return ALL.isTaken(p, name, by);
    }

    /** With all openings that are of it, on every storey; they grow about their middles. */
    public static Edit change(String name, KindId id, UnaryOperator<OpeningKind> f) {
        return ALL.change(name, id, f, is -> Edit.of(name, p -> p.withAllContents(c -> c.map(e -> e instanceof Opening o && isOf(o, id)
            && !o.with(is).equals(o) ? o.with(is) : e))));
    }

    public static Edit give(Set<ElementId> openings, KindId id) {
        return Edit.of("edit.opening-kind", p -> p.openingKind(id).map(k -> Tracing.changeOpenings("edit.opening-kind", openings, o ->
            o.with(k)).apply(p)).orElse(p));
    }

    /** Its openings keep their sizes, and are of no kind. */
    public static Edit remove(KindId id) {
        return Edit.of("edit.opening-kind-remove", p -> ALL.without(p, id).withAllContents(c -> c.map(e -> e instanceof Opening o
            && isOf(o, id) ? o.withoutKind() : e)));
    }

    /** The kind that what is drawn like this is of. */
    public static Optional<OpeningKind> fitting(Project p, Opening.Filling f, double width) {
        return p.openingKinds().stream().filter(k -> k.fits(f, width)).findFirst();
    }

    private static boolean isOf(Opening o, KindId id) {
        return o.kind().filter(id::equals).isPresent();
    }
}
