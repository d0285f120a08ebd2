package brightlintel.write.ifc;

import static brightlintel.write.ifc.StepText.NONE;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import brightlintel.building.Heights;
import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.solid.Body;
import brightlintel.solid.RoofBody;
import brightlintel.solid.StairBody;
import brightlintel.write.ifc.StepText.Ref;

/** Stairs and roofs. */
final class IfcUpper {
    private static final Point EAST = new Point(1, 0);
    private final StepText s;
    private final IfcShapes shapes;
    private final IfcSets sets;

    IfcUpper(StepText s, IfcShapes shapes, IfcSets sets) {
        this.s = s;
        this.shapes = shapes;
        this.sets = sets;
    }

    /** A stair of one flight part, which holds its steps and landings. */
    Ref stair(Stair x, Heights heights, Ref atStorey) {
        StairPlan plan = StairPlan.of(x);
        double rise = heights.rise(x);
        String id = x.id().value();
        Ref at = shapes.placement(atStorey, 0, 0, heights.aboveFloor(x.base()), EAST);
        List<IfcShapes.Block> blocks = plan.steps().stream().map(t -> {
            double bottom = StairBody.bottom(t, rise);
            return new IfcShapes.Block(t.ground(), bottom, t.number() * rise - bottom);
        }).toList();
        Ref stair = s.add("IFCSTAIR", IfcSets.of(id), NONE, "Stair " + plan.risers(), NONE, NONE, at, NONE, NONE, StepText.of(type(x,
            plan)));
        Ref flight = s.add("IFCSTAIRFLIGHT", sets.id("flight/" + id), NONE, "Steps", NONE, NONE, shapes.placement(at, 0, 0, 0, EAST),
            shapes.shape(shapes.blocks(blocks)), NONE, plan.risers(), plan.steps().size(), rise, plan.going(), StepText.of("NOTDEFINED"));
        sets.aggregate("stair/" + id, stair, List.of(flight));
        sets.properties("Pset_StairCommon", id, stair, sets.property("NumberOfRiser", "IFCCOUNTMEASURE", plan.risers()),
            sets.property("NumberOfTreads", "IFCCOUNTMEASURE", plan.steps().size()),
            sets.property("RiserHeight", "IFCPOSITIVELENGTHMEASURE", rise),
            sets.property("TreadLength", "IFCPOSITIVELENGTHMEASURE", plan.going()));
        double length = x.line().stream().mapToDouble(p -> p.length()).sum(), volume = StairBody.volume(x, rise);
        sets.quantities("Qto_StairFlightBaseQuantities", id, flight, sets.length("Length", length), sets.volume("GrossVolume", volume),
            sets.volume("NetVolume", volume));
        return stair;
    }

    private static String type(Stair x, StairPlan plan) {
        long landings = plan.steps().stream().filter(StairPlan.Step::landing).count();
        boolean round = x.line().stream().anyMatch(p -> !p.isStraight());
        if (round) return x.line().size() == 1 ? "SPIRAL_STAIR" : "CURVED_RUN_STAIR";
        double turned = x.line().getFirst().direction(0).dot(x.line().getLast().direction(0));
        if (landings == 0) return "STRAIGHT_RUN_STAIR";
        if (turned < -0.7) return "HALF_TURN_STAIR";
        return landings == 1 ? "QUARTER_TURN_STAIR" : "USERDEFINED";
    }

    /** @param form nothing where its slopes never meet: it has no body then */
    Ref roof(Roof r, Optional<RoofForm> form, Heights heights, Ref atStorey) {
        String id = r.id().value();
        double eaves = heights.aboveFloor(r.eaves());
        Ref at = shapes.placement(atStorey, 0, 0, eaves, EAST);
        Ref shape = form.map(f -> {
            Body b = RoofBody.of(r, f, heights.storey().id(), 0);
            return shapes.shape(shapes.mesh(b.triangles(), Affine.IDENTITY, 0));
        }).orElse(null);
        Ref roof = s.add("IFCROOF", IfcSets.of(id), NONE, "Roof", NONE, NONE, at, shape == null ? NONE : shape, NONE,
            StepText.of(type(r)));
        form.ifPresent(f -> {
            sets.quantities("Qto_RoofBaseQuantities", id, roof, sets.area("GrossArea", f.area()), sets.area("NetArea", f.area()),
                sets.area("ProjectedArea", f.edge().area()));
            sets.properties("Pset_RoofCommon", id, roof, sets.property("IsExternal", "IFCBOOLEAN", true));
        });
        return roof;
    }

    private static String type(Roof r) {
        List<Roof.Edge> slopes = new ArrayList<>(r.edges().stream().filter(e -> e instanceof Roof.Edge.Slope).toList());
        boolean four = r.outline().size() == 4 && r.outline().isStraight();
        if (slopes.isEmpty()) return "FLAT_ROOF";
        if (!four) return "FREEFORM";
        return switch (slopes.size()) {
            case 1 -> "SHED_ROOF";
            case 2 -> "GABLE_ROOF";
            case 4 -> "HIP_ROOF";
            default -> "FREEFORM";
        };
    }

    /** A ring with its holes as ground that is used, with a height. */
    Ref ground(Ring outline, List<Ring> holes, double height) {
        return shapes.shape(shapes.prisms(List.of(outline), holes, 0, height));
    }
}
