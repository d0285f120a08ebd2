package brightlintel.building;

import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * @param outline   as drawn; where the slab follows walls, the outline when they were last all there
 * @param top       of its upper face
 * @param follows   walls whose outer faces it keeps to
 */
public record Slab(ElementId id, Ring outline, List<Ring> holes, Stand top, Given<Double> thickness, Optional<Set<ElementId>> follows,
                   Provenance from) implements StoreyElement {
    public Slab {
        holes = List.copyOf(holes);
        follows = follows.map(Set::copyOf);
        if (!(thickness.value() > 0.001 && thickness.value() < 20))
            throw new IllegalArgumentException("thickness " + thickness.value() + " is not within 0.001..20");
    }

    public double area() {
        return outline.area() - holes.stream().mapToDouble(Ring::area).sum();
    }

    public Slab with(Ring o) {
        return new Slab(id, o, holes, top, thickness, follows, from);
    }

    public Slab withThickness(Given<Double> t) {
        return new Slab(id, outline, holes, top, t, follows, from);
    }

    public Slab withTop(Stand t) {
        return new Slab(id, outline, holes, t, thickness, follows, from);
    }

    public Slab withHoles(List<Ring> h) {
        return new Slab(id, outline, h, top, thickness, follows, from);
    }

    public Slab following(Optional<Set<ElementId>> f) {
        return new Slab(id, outline, holes, top, thickness, f, from);
    }

    @Override public Slab withId(ElementId i, Provenance p) {
        return new Slab(i, outline, holes, top, thickness, follows, p);
    }

    /** Within the outline and in none of the holes. */
    public boolean covers(Point p) {
        return outline.holds(p) && holes.stream().noneMatch(h -> h.holds(p));
    }
}
