package brightlintel.write.ifc;

import static brightlintel.write.ifc.StepText.NONE;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Given;
import brightlintel.building.Room;
import brightlintel.building.Storey;
import brightlintel.building.Zone;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.write.ifc.StepText.Ref;
import java.util.ArrayList;

/** Zones of rooms as groups; drawn ones and outlines of storeys as spatial zones, which no sum of rooms counts twice. */
final class IfcZones {
    private static final Point EAST = new Point(1, 0);
    private final StepText s;
    private final IfcShapes shapes;
    private final IfcSets sets;
    private final Map<String, List<Ref>> rooms = new LinkedHashMap<>();

    IfcZones(StepText s, IfcShapes shapes, IfcSets sets) {
        this.s = s;
        this.shapes = shapes;
        this.sets = sets;
    }

    void room(Room r, Ref space) {
        if (!r.zone().isEmpty()) rooms.computeIfAbsent(r.zone(), _ -> new ArrayList<>()).add(space);
    }

    /** Across storeys. */
    void groups() {
        rooms.forEach((name, spaces) -> {
            Ref zone = s.add("IFCZONE", sets.id("zone/" + name), NONE, name, NONE, NONE, NONE);
            s.add("IFCRELASSIGNSTOGROUP", sets.id("in-zone/" + name), NONE, NONE, NONE, spaces, NONE, zone);
        });
    }

    void zone(Zone z, Storey st, Ref storey, Ref at) {
        Ref ref = spatial(z.id().value(), z.name().isEmpty() ? "Zone" : z.name(), NONE, st, storey, at, z.outline(), z.holes(),
            z.height().map(Given::value).orElse(st.height().value()), "NOTDEFINED");
        sets.quantities("Qto_ZoneQuantities", z.id().value(), ref, sets.area("GrossFloorArea", z.area()));
    }

    /** @param now where it lies now */
    void outline(BuildingOutline b, Ring now, Storey st, Ref storey, Ref at) {
        double height = b.height().map(Given::value).orElse(st.height().value());
        Ref ref = spatial(b.id().value(), "Outline", "Building outline", st, storey, at, now, List.of(), height, "USERDEFINED");
        sets.quantities("Qto_OutlineQuantities", b.id().value(), ref, sets.area("GrossFloorArea", now.area()), sets.length("GrossPerimeter",
            now.perimeter()), sets.volume("GrossVolume", now.area() * height));
        sets.properties("Pset_Outline", b.id().value(), ref, sets.property("BelowFloor", "IFCLABEL", b.under().name()),
            sets.property("AboveCeiling", "IFCLABEL", b.over().name()));
    }

    private Ref spatial(String id, String name, Object type, Storey st, Ref storey, Ref at, Ring outline, List<Ring> holes, double height,
                        String sort) {
        Ref ref = s.add("IFCSPATIALZONE", IfcSets.of(id), NONE, name, NONE, type, shapes.placement(at, 0, 0, 0, EAST),
            shapes.shape(shapes.prisms(List.of(outline), holes, 0, height)), NONE, StepText.of(sort));
        sets.aggregate("zone-on/" + id, storey, List.of(ref));
        return ref;
    }
}
