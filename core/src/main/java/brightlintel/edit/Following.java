package brightlintel.edit;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.StoreyElement;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.geom.Tolerances;
import brightlintel.joint.SlabOutline;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/** What keeps to the outer faces of walls, slabs and outlines of storeys, when those walls change. */
final class Following {
    private Following() { }

    /** The walls; nothing where it lies as it was drawn. */
    static Optional<Set<ElementId>> walls(StoreyElement e) {
        return switch (e) {
            case Slab s -> s.follows();
            case BuildingOutline b -> b.follows();
            case Wall _, Opening _, Column _, Room _, Separation _, Stair _, Roof _, Zone _ -> Optional.empty();
        };
    }

    /** With other walls, where it follows some. */
    static StoreyElement with(StoreyElement e, UnaryOperator<Set<ElementId>> others) {
        Optional<Set<ElementId>> was = walls(e), is = was.map(others);
        return is.equals(was) ? e : following(e, is);
    }

    /** From now on where it lies now. */
    static StoreyElement settled(StoreyElement e, Contents c) {
        if (walls(e).isEmpty()) return e;
        StoreyElement there = switch (e) {
            case Slab s -> s.with(SlabOutline.of(s, c, Tolerances.BUILDING));
            case BuildingOutline b -> b.with(SlabOutline.of(b, c, Tolerances.BUILDING));
            case Wall _, Opening _, Column _, Room _, Separation _, Stair _, Roof _, Zone _ -> e;
        };
        return following(there, Optional.empty());
    }

    private static StoreyElement following(StoreyElement e, Optional<Set<ElementId>> walls) {
        return switch (e) {
            case Slab s -> s.following(walls);
            case BuildingOutline b -> b.following(walls);
            case Wall _, Opening _, Column _, Room _, Separation _, Stair _, Roof _, Zone _ -> e;
        };
    }
}
