package brightlintel.edit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.Ids;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosures;

/**
 * What stands on one storey once more on others: wholly or by kind, each its own from then on, or the same as its source until it is
 * parted.
 */
public final class Repeating {
    /** Metres beside a wall where the outside is looked for. */
    private static final double BESIDE = 0.05;

    /** Kinds that can be repeated or left. Outer doors are those between a room and what is no room. */
    public enum What { WALLS, OUTER_DOORS, DOORS, WINDOWS, COLUMNS, ROOMS, SLABS, STAIRS, ROOF, ZONES }

    private Repeating() { }

    /** As new elements; what is of these kinds and can stand without the others. */
    public static Edit onto(StoreyId from, Collection<StoreyId> into, Set<What> what) {
        List<StoreyId> all = List.copyOf(into);
        return Edit.of("edit.storey-repeat-onto", p -> {
            Contents some = only(p.on(from), what);
            Project out = p;
            for (StoreyId s : all) if (!s.equals(from)) out = out.withContents(s, c -> c.plus(copies(some, _ -> ElementId.fresh())));
            return out;
        });
    }

    /** These storeys hold what their source holds, whenever that changes; what stood on them goes. */
    public static Edit same(StoreyId source, Collection<StoreyId> storeys) {
        List<StoreyId> all = List.copyOf(storeys);
        return Edit.of("edit.storey-same", p -> {
            StoreyId root = p.storey(source).flatMap(Storey::sameAs).orElse(source);
            Project out = p;
            for (StoreyId s : all) {
                if (s.equals(root)) continue;
                out = out.withStorey(s, x -> x.withSameAs(Optional.of(root))).withContents(s, _ -> twin(p.on(root), s));
            }
            return out;
        });
    }

    /** From now on it is its own. */
    public static Edit part(StoreyId storey) {
        return Edit.of("edit.storey-part", p -> p.withStorey(storey, s -> s.withSameAs(Optional.empty())));
    }

    /** An edit after which storeys that are the same as others still are; one that was changed itself is its own from then on. */
    public static Edit keeping(Edit e) {
        return new Edit(e.name(), e.subject(), e.gesture(), p -> settled(p, e.apply(p)));
    }

    private static Project settled(Project before, Project next) {
        if (next == before || next.storeys().stream().allMatch(s -> s.sameAs().isEmpty())) return next;
        Project out = next;
        for (Storey s : next.storeys()) {
            if (s.sameAs().isEmpty()) continue;
            StoreyId source = s.sameAs().get();
            boolean gone = next.storey(source).isEmpty();
            boolean linkedBefore = before.storey(s.id()).flatMap(Storey::sameAs).equals(s.sameAs());
            boolean touched = linkedBefore && !next.on(s.id()).equals(before.on(s.id()));
            if (gone || touched) out = out.withStorey(s.id(), x -> x.withSameAs(Optional.empty()));
            else if (next.on(source) != before.on(source)) {
                Contents now = twin(next.on(source), s.id());
                out = out.withContents(s.id(), _ -> now);
            }
        }
        return out;
    }

    /** The same each time, so that what refers to them holds. */
    private static Contents twin(Contents source, StoreyId on) {
        return new Contents(copies(source, id -> new ElementId(Ids.derived(on.value(), id.value()).toString())));
    }

    static List<StoreyElement> copies(Contents c, Function<ElementId, ElementId> name) {
        Map<ElementId, ElementId> ids = new HashMap<>();
        for (StoreyElement e : c.elements()) ids.put(e.id(), name.apply(e.id()));
        List<StoreyElement> out = new ArrayList<>();
        for (StoreyElement e : c.elements()) {
            Provenance from = new Provenance(new Provenance.Way.Repeated(e.id()), List.of());
            StoreyElement twin = e.withId(ids.get(e.id()), from);
            out.add(switch (twin) {
                case Opening o -> o.withWall(ids.getOrDefault(o.wall(), o.wall()));
                case Slab _, BuildingOutline _ -> Following.with(twin, f -> renamed(f, ids));
                case Wall _, Column _, Room _, Separation _, Stair _, Roof _, Zone _ -> twin;
            });
        }
        return out;
    }

    private static Set<ElementId> renamed(Set<ElementId> followed, Map<ElementId, ElementId> ids) {
        Set<ElementId> out = new HashSet<>();
        followed.forEach(i -> out.add(ids.getOrDefault(i, i)));
        return out;
    }

    /** What is of these kinds; an opening only with its wall, and what followed walls that stay behind as it lies now. */
    static Contents only(Contents c, Set<What> what) {
        if (what.containsAll(EnumSet.allOf(What.class))) return c;
        boolean doors = what.contains(What.DOORS) != what.contains(What.OUTER_DOORS);
        Enclosures rooms = doors ? Enclosures.of(c, Tolerances.BUILDING) : null;
        List<StoreyElement> out = new ArrayList<>();
        for (StoreyElement e : c.elements()) {
            boolean kept = switch (e) {
                case Wall _ -> what.contains(What.WALLS);
                case Opening o -> what.contains(What.WALLS) && what.contains(kind(o, c, rooms));
                case Column _ -> what.contains(What.COLUMNS);
                case Room _, Separation _ -> what.contains(What.ROOMS);
                case Slab _ -> what.contains(What.SLABS);
                case Stair _ -> what.contains(What.STAIRS);
                case Roof _ -> what.contains(What.ROOF);
                case Zone _, BuildingOutline _ -> what.contains(What.ZONES);
            };
            if (kept) out.add(what.contains(What.WALLS) ? e : Following.settled(e, c));
        }
        return new Contents(out);
    }

    private static What kind(Opening o, Contents c, Enclosures rooms) {
        return switch (o.filling()) {
            case Opening.Filling.Window _, Opening.Filling.Glazed _ -> What.WINDOWS;
            case Opening.Filling.Door _, Opening.Filling.Empty _ -> rooms == null ? What.DOORS : c.wall(o.wall()).filter(w -> isOuter(w, o,
                rooms)).map(_ -> What.OUTER_DOORS).orElse(What.DOORS);
        };
    }

    private static boolean isOuter(Wall w, Opening o, Enclosures rooms) {
        Point left = w.reference().at(o.along(), w.left() + BESIDE), right = w.reference().at(o.along(), -w.right() - BESIDE);
        return rooms.at(left).isEmpty() || rooms.at(right).isEmpty();
    }
}
