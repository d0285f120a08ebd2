package brightlintel.write.ifc;

import static brightlintel.write.ifc.StepText.NONE;

import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.write.ifc.StepText.Ref;
import java.util.ArrayList;
import java.util.List;

/** Placements, curves, profiles and extruded bodies. Metres. */
final class IfcShapes {
    private final StepText s;
    private final Ref body, axis, footprint;

    IfcShapes(StepText s, Ref context) {
        this.s = s;
        body = sub(context, "Body", "MODEL_VIEW");
        axis = sub(context, "Axis", "GRAPH_VIEW");
        footprint = sub(context, "FootPrint", "MODEL_VIEW");
    }

    private Ref sub(Ref context, String name, String view) {
        return s.add("IFCGEOMETRICREPRESENTATIONSUBCONTEXT", name, "Model", StepText.DERIVED, StepText.DERIVED, StepText.DERIVED, StepText.DERIVED, context, NONE, StepText.of(view), NONE);
    }

    Ref point(double x, double y, double z) {
        return s.once("IFCCARTESIANPOINT", List.of(x, y, z));
    }

    Ref point(Point p) {
        return s.once("IFCCARTESIANPOINT", List.of(p.x(), p.y()));
    }

    Ref direction(double x, double y, double z) {
        return s.once("IFCDIRECTION", List.of(x, y, z));
    }

    /** Turned about z so that local x runs along a direction. */
    Ref placement(Ref in, double x, double y, double z, Point along) {
        Ref axes = s.add("IFCAXIS2PLACEMENT3D", point(x, y, z), direction(0, 0, 1), direction(along.x(), along.y(), 0));
        return s.add("IFCLOCALPLACEMENT", in == null ? NONE : in, axes);
    }

    /** Outlines, in local coordinates, drawn up from a height. */
    Ref prisms(List<Ring> rings, List<Ring> holes, double from, double height) {
        List<Ref> solids = new ArrayList<>();
        for (Ring r : rings) {
            Ref profile = holes.isEmpty() ? s.add("IFCARBITRARYCLOSEDPROFILEDEF", StepText.of("AREA"), NONE, closed(r.counterClockwise()))
                : s.add("IFCARBITRARYPROFILEDEFWITHVOIDS", StepText.of("AREA"), NONE, closed(r.counterClockwise()), holes.stream().map(this::closed).toList());
            Ref at = s.once("IFCAXIS2PLACEMENT3D", point(0, 0, from), NONE, NONE);
            solids.add(s.add("IFCEXTRUDEDAREASOLID", profile, at, direction(0, 0, 1), height));
        }
        return s.add("IFCSHAPEREPRESENTATION", body, "Body", "SweptSolid", solids);
    }

    private Ref closed(Ring r) {
        List<Ref> points = new ArrayList<>();
        for (Point p : r.points()) points.add(point(p));
        points.add(points.getFirst());
        return s.add("IFCPOLYLINE", points);
    }

    Ref curve(Piece p) {
        if (p.isStraight()) return s.add("IFCPOLYLINE", List.of(point(p.a()), point(p.b())));
        Point mid = p.at(p.length() / 2);
        Ref list = s.add("IFCCARTESIANPOINTLIST2D", List.of(List.of(p.a().x(), p.a().y()), List.of(mid.x(), mid.y()), List.of(p.b().x(), p.b().y())));
        return s.add("IFCINDEXEDPOLYCURVE", list, List.of(StepText.typed("IFCARCINDEX", List.of(1, 2, 3))), NONE);
    }

    Ref axis(Piece local) {
        return s.add("IFCSHAPEREPRESENTATION", axis, "Axis", "Curve2D", List.of(curve(local)));
    }

    Ref curves(List<Ref> curves) {
        return s.add("IFCSHAPEREPRESENTATION", footprint, "FootPrint", "GeometricCurveSet", List.of(s.add("IFCGEOMETRICCURVESET", curves)));
    }

    Ref shape(Ref... representations) {
        return s.add("IFCPRODUCTDEFINITIONSHAPE", NONE, NONE, List.of(representations));
    }
}
