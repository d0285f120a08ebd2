package brightlintel.joint;

import java.util.ArrayList;
import java.util.List;

import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

import brightlintel.building.Heights;
import brightlintel.building.Project;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;

/** Where stairs come up through the slabs of a storey. */
public final class Wells {
    /** Metres between the floor and where a stair ends that leads to it. */
    private static final double REACH = 0.5, LEAST = 0.01;

    private Wells() { }

    /** The grounds of the stairs that lead up to a storey's floor. */
    public static List<Ring> of(Project p, StoreyId on) {
        Storey to = p.storey(on).orElse(null);
        List<Ring> out = new ArrayList<>();
        if (to == null) return out;
        for (Storey s : p.storeys()) {
            if (s.level().value() >= to.level().value()) continue;
            Heights h = new Heights(p, s);
            for (Stair x : p.on(s.id()).stairs())
                if (Math.abs(h.of(x.base()) + h.height(x) - to.level().value()) < REACH) out.addAll(ground(x));
        }
        return out;
    }

    /** What a stair covers. */
    public static List<Ring> ground(Stair s) {
        return Areas.outerEdges(StairPlan.of(s).steps().stream().map(x -> new Ring(x.ground().chords(
            Tolerances.BUILDING.chordError()))).toList());
    }

    /** What is left of a slab about its own holes and these wells. @param outline where it lies now */
    public static List<Enclosure> without(Slab s, Ring outline, List<Ring> wells) {
        List<Ring> there = wells.stream().filter(w -> w.box().meets(outline.box())).toList();
        if (there.isEmpty()) return List.of(new Enclosure(outline, s.holes()));
        Geometry g = Areas.polygon(new Enclosure(outline, s.holes()));
        for (Ring w : there) g = Areas.without(g, w);
        List<Enclosure> out = new ArrayList<>();
        for (int i = 0; i < g.getNumGeometries(); i++)
            if (g.getGeometryN(i) instanceof Polygon part && part.getArea() > LEAST) out.add(Areas.enclosure(part));
        return out;
    }
}
