package brightlintel.building;

import java.util.List;
import java.util.Optional;

import brightlintel.geom.Ring;

/**
 * Ground of one use, drawn for itself: what rooms make up is said by each room's zone.
 *
 * @param outline counter-clockwise
 * @param holes   no part of it
 * @param height  where nobody said it, the storey's
 */
public record Zone(ElementId id, String name, Ring outline, List<Ring> holes, Optional<Given<Double>> height, Provenance from)
    implements StoreyElement {
    public Zone {
        outline = outline.counterClockwise();
        holes = List.copyOf(holes);
        if (height.isPresent() && !(height.get().value() > 0 && height.get().value() < 1000))
            throw new IllegalArgumentException("height " + height.get().value() + " is not within 0..1000");
    }

    public double area() {
        return outline.area() - holes.stream().mapToDouble(Ring::area).sum();
    }

    public Zone withName(String n) {
        return new Zone(id, n, outline, holes, height, from);
    }

    public Zone with(Ring o) {
        return new Zone(id, name, o, holes, height, from);
    }

    public Zone with(Ring o, List<Ring> h) {
        return new Zone(id, name, o, h, height, from);
    }

    public Zone withHeight(Optional<Given<Double>> h) {
        return new Zone(id, name, outline, holes, h, from);
    }

    @Override public Zone withId(ElementId i, Provenance p) {
        return new Zone(i, name, outline, holes, height, p);
    }
}
