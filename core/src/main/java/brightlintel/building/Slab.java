package brightlintel.building;

import brightlintel.geom.Ring;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * @param outline   as drawn; where the slab follows walls, the outline when they were last all there
 * @param topOffset of its upper face above the storey's level
 * @param follows   walls whose outer faces it keeps to
 */
public record Slab(ElementId id, Ring outline, List<Ring> holes, double topOffset, Given<Double> thickness, Optional<Set<ElementId>> follows,
                   Provenance from) implements Element {
    public Slab {
        holes = List.copyOf(holes);
        follows = follows.map(Set::copyOf);
        if (!(thickness.value() > 0.001 && thickness.value() < 20)) throw new IllegalArgumentException("thickness " + thickness.value() + " is not within 0.001..20");
    }

    public double area() {
        return outline.area() - holes.stream().mapToDouble(Ring::area).sum();
    }

    public Slab with(Ring o) {
        return new Slab(id, o, holes, topOffset, thickness, follows, from);
    }

    public Slab withThickness(Given<Double> t) {
        return new Slab(id, outline, holes, topOffset, t, follows, from);
    }

    public Slab withTopOffset(double t) {
        return new Slab(id, outline, holes, t, thickness, follows, from);
    }
}
