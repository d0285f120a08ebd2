package brightlintel.building;

import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.List;
import java.util.Optional;

/**
 * A room. One within walls has no outline of its own: it is what encloses its place, and follows the walls.
 *
 * @param number  "" for none
 * @param name    "" for none
 * @param written the area that stands in the drawing, square metres
 * @param height  clear; where nobody said it, up to the slab of the next storey
 * @param zone    what it belongs to, "" for nothing
 */
public record Room(ElementId id, String number, String name, Bound bound, Optional<Double> written, Optional<Given<Double>> height,
                   String zone, Provenance from) implements StoreyElement {
    private static final double HIGHEST = 1000;

    /** What bounds a room. */
    public sealed interface Bound {
        /** Walls, columns and separation lines round a place. */
        record Within(Point at) implements Bound {
            public Within {
                if (!at.isFinite()) throw new IllegalArgumentException("room at " + at);
            }
        }

        /** An outline of its own; holes are no part of it. */
        record Drawn(Ring outline, List<Ring> holes) implements Bound {
            public Drawn {
                outline = outline.counterClockwise();
                holes = List.copyOf(holes);
            }
        }
    }

    public Room {
        if (height.isPresent() && !(height.get().value() > 0 && height.get().value() < HIGHEST))
            throw new IllegalArgumentException("height " + height.get().value() + " is not within 0.." + HIGHEST);
    }

    /** Number and name, as they are spoken. */
    public String title() {
        return (number + " " + name).strip();
    }

    public Room withNumber(String n) {
        return new Room(id, n, name, bound, written, height, zone, from);
    }

    public Room withName(String n) {
        return new Room(id, number, n, bound, written, height, zone, from);
    }

    public Room with(Bound b) {
        return new Room(id, number, name, b, written, height, zone, from);
    }

    public Room withWritten(Optional<Double> area) {
        return new Room(id, number, name, bound, area, height, zone, from);
    }

    public Room withHeight(Optional<Given<Double>> h) {
        return new Room(id, number, name, bound, written, h, zone, from);
    }

    public Room withZone(String z) {
        return new Room(id, number, name, bound, written, height, z, from);
    }

    @Override public Room withId(ElementId i, Provenance p) {
        return new Room(i, number, name, bound, written, height, zone, p);
    }
}
