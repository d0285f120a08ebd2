package brightlintel.building;

import java.util.Optional;
import java.util.Set;

import brightlintel.geom.Ring;

/**
 * How far a storey of the building reaches, to the outside of its walls.
 *
 * @param outline as drawn; where it follows walls, where they lay when they were last all there; counter-clockwise
 * @param follows walls whose outer faces it keeps to
 * @param under   what lies below its floor
 * @param over    what lies above its ceiling
 * @param height  where nobody said it, the storey's
 */
public record BuildingOutline(ElementId id, Ring outline, Optional<Set<ElementId>> follows, Under under, Over over,
                              Optional<Given<Double>> height, Provenance from) implements StoreyElement {
    public enum Under { GROUND, CELLAR, ROOMS, OUTSIDE }

    public enum Over { ROOMS, LOFT, ROOF, OUTSIDE }

    public BuildingOutline {
        outline = outline.counterClockwise();
        follows = follows.map(Set::copyOf);
        if (height.isPresent() && !(height.get().value() > 0 && height.get().value() < 1000))
            throw new IllegalArgumentException("height " + height.get().value() + " is not within 0..1000");
    }

    public BuildingOutline with(Ring o) {
        return new BuildingOutline(id, o, follows, under, over, height, from);
    }

    public BuildingOutline following(Optional<Set<ElementId>> f) {
        return new BuildingOutline(id, outline, f, under, over, height, from);
    }

    public BuildingOutline with(Under u) {
        return new BuildingOutline(id, outline, follows, u, over, height, from);
    }

    public BuildingOutline with(Over o) {
        return new BuildingOutline(id, outline, follows, under, o, height, from);
    }

    public BuildingOutline withHeight(Optional<Given<Double>> h) {
        return new BuildingOutline(id, outline, follows, under, over, h, from);
    }

    @Override public BuildingOutline withId(ElementId i, Provenance p) {
        return new BuildingOutline(i, outline, follows, under, over, height, p);
    }
}
