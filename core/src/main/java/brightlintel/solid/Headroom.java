package brightlintel.solid;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import brightlintel.building.Contents;
import brightlintel.building.Heights;
import brightlintel.building.Project;
import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosure;
import brightlintel.joint.SlabOutline;
import brightlintel.joint.Wells;

/**
 * How high one stands free on a stair: upright, from each step to the lowest slab, stair or roof above it.
 *
 * @param metres the least of them
 * @param step   where that is, counted from below
 */
public record Headroom(double metres, int step) {
    /** Metres that building rules commonly ask for over a stair. */
    public static final double WANTED = 2.0;
    /** Square metres over a step that count. */
    private static final double GRAIN = 0.02;

    /** Nothing where nothing is above. Cost: steps times what is above. */
    public static Optional<Headroom> of(Project p, StoreyId on, Stair stair) {
        Heights own = Heights.of(p, on);
        double base = own.of(stair.base()), rise = own.rise(stair);
        List<Over> above = above(p, stair);
        Headroom least = null;
        for (StairPlan.Step s : StairPlan.of(stair).steps()) {
            double tread = base + s.number() * rise;
            for (Over o : above) {
                double free = o.over(s.ground(), tread) - tread;
                if (least == null ? free < Double.POSITIVE_INFINITY : free < least.metres) least = new Headroom(free, s.number());
            }
        }
        return Optional.ofNullable(least);
    }

    public boolean isEnough() {
        return metres >= WANTED - 1e-9;
    }

    /** What may be above a step. */
    private interface Over {
        /** The underside over some ground, as low as it is anywhere there and above a height; infinite where it is not. */
        double over(Ring ground, double tread);
    }

    private static List<Over> above(Project p, Stair own) {
        List<Over> out = new ArrayList<>();
        for (Storey st : p.storeys()) {
            Heights h = new Heights(p, st);
            Contents c = p.on(st.id());
            List<Ring> wells = c.slabs().isEmpty() ? List.of() : Wells.of(p, st.id());
            for (Slab s : c.slabs()) {
                List<Enclosure> left = Wells.without(s, SlabOutline.of(s, c, Tolerances.BUILDING), wells);
                double under = h.of(s.top()) - s.thickness().value();
                out.add((ground, tread) -> under > tread && left.stream().anyMatch(e -> shares(e, ground)) ? under
                    : Double.POSITIVE_INFINITY);
            }
            for (Stair s : c.stairs()) if (!s.id().equals(own.id())) out.add(stair(s, h));
            for (Roof r : c.roofs()) c.form(r).ifPresent(f -> out.add(roof(f, h.of(r.eaves()))));
        }
        return out;
    }

    private static Over stair(Stair s, Heights h) {
        StairPlan plan = StairPlan.of(s);
        double base = h.of(s.base()), rise = h.rise(s);
        return (ground, tread) -> {
            double least = Double.POSITIVE_INFINITY;
            for (StairPlan.Step x : plan.steps()) {
                double under = base + StairBody.bottom(x, rise);
                if (under > tread && under < least && shares(new Enclosure(x.ground(), List.of()), ground)) least = under;
            }
            return least;
        };
    }

    private static Over roof(RoofForm f, double eaves) {
        return (ground, tread) -> {
            double least = Double.POSITIVE_INFINITY;
            for (Point q : ground.corners()) {
                double under = eaves + f.under(q).orElse(Double.POSITIVE_INFINITY);
                if (under > tread) least = Math.min(least, under);
            }
            return least;
        };
    }

    private static boolean shares(Enclosure e, Ring ground) {
        return e.shared(ground) > GRAIN;
    }
}
