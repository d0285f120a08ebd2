package brightlintel.write.ifc;

import static brightlintel.write.ifc.StepText.NONE;

import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.joint.Areas;
import brightlintel.joint.Enclosure;
import brightlintel.write.ifc.StepText.Ref;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

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
        return s.add("IFCGEOMETRICREPRESENTATIONSUBCONTEXT", name, "Model", StepText.DERIVED, StepText.DERIVED, StepText.DERIVED,
            StepText.DERIVED, context,
            NONE, StepText.of(view), NONE);
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

    /** An outline in local coordinates, drawn up from a height. */
    record Block(Ring ring, double from, double height) { }

    Ref blocks(List<Block> blocks) {
        List<Ref> solids = new ArrayList<>();
        for (Block b : blocks) solids.add(extruded(b.ring, List.of(), b.from, b.height));
        return s.add("IFCSHAPEREPRESENTATION", body, "Body", "SweptSolid", solids);
    }

    /** Outlines, in local coordinates, drawn up from a height. */
    Ref prisms(List<Ring> rings, List<Ring> holes, double from, double height) {
        List<Ref> solids = new ArrayList<>();
        for (Enclosure e : Areas.plates(rings, holes)) solids.add(extruded(e.outline(), e.holes(), from, height));
        return s.add("IFCSHAPEREPRESENTATION", body, "Body", "SweptSolid", solids);
    }

    private Ref extruded(Ring r, List<Ring> holes, double from, double height) {
        Ref profile = holes.isEmpty() ? s.add("IFCARBITRARYCLOSEDPROFILEDEF", StepText.of("AREA"), NONE, closed(r.counterClockwise()))
            : s.add("IFCARBITRARYPROFILEDEFWITHVOIDS", StepText.of("AREA"), NONE, closed(r.counterClockwise()),
            holes.stream().map(this::closed).toList());
        Ref at = s.once("IFCAXIS2PLACEMENT3D", point(0, 0, from), NONE, NONE);
        return s.add("IFCEXTRUDEDAREASOLID", profile, at, direction(0, 0, 1), height);
    }

    /** Several outlines, each with its own holes, as one body. */
    Ref plates(List<Enclosure> ground, double height) {
        return s.add("IFCSHAPEREPRESENTATION", body, "Body", "SweptSolid", ground.stream().flatMap(e -> Areas.plates(List.of(
            e.outline()), e.holes()).stream()).map(e -> extruded(e.outline(), e.holes(), 0, height)).toList());
    }

    /** Straight outlines as the plain polyline that every reader knows, those with arcs as they are. */
    private Ref closed(Ring r) {
        if (!r.isStraight()) return arcs(r);
        List<Ref> points = new ArrayList<>();
        for (Point p : r.corners()) points.add(point(p));
        points.add(points.getFirst());
        return s.add("IFCPOLYLINE", points);
    }

    private Ref arcs(Ring r) {
        List<List<Double>> points = new ArrayList<>();
        List<StepText.Word> segments = new ArrayList<>();
        for (Piece p : r.pieces()) {
            int from = points.size() + 1;
            points.add(List.of(p.a().x(), p.a().y()));
            if (!p.isStraight()) {
                Point middle = p.at(p.length() / 2);
                points.add(List.of(middle.x(), middle.y()));
            }
            int last = points.size() + 1;
            segments.add(p.isStraight() ? StepText.typed("IFCLINEINDEX", List.of(from, last))
                : StepText.typed("IFCARCINDEX", List.of(from, from + 1, last)));
        }
        points.add(points.getFirst());
        return s.add("IFCINDEXEDPOLYCURVE", s.add("IFCCARTESIANPOINTLIST2D", points), segments, false);
    }

    /** A body of triangles, nine numbers each; corners that are one are written once. */
    Ref mesh(float[] triangles, Affine local, double lower) {
        Map<List<Double>, Integer> numbers = new LinkedHashMap<>();
        List<List<Integer>> faces = new ArrayList<>();
        for (int t = 0; t < triangles.length; t += 9) {
            List<Integer> face = new ArrayList<>();
            for (int c = t; c < t + 9; c += 3) {
                Point p = local.apply(triangles[c], triangles[c + 1]);
                face.add(numbers.computeIfAbsent(List.of(rounded(p.x()), rounded(p.y()), rounded(triangles[c + 2] - lower)),
                    _ -> numbers.size() + 1));
            }
            if (new HashSet<>(face).size() == 3) faces.add(face);
        }
        Ref list = s.add("IFCCARTESIANPOINTLIST3D", List.copyOf(numbers.keySet()));
        return s.add("IFCSHAPEREPRESENTATION", body, "Body", "Tessellation",
            List.of(s.add("IFCTRIANGULATEDFACESET", list, NONE, true, faces, NONE)));
    }

    /** Tenths of a millimetre: corners of neighbouring triangles come out as one. */
    private static double rounded(double v) {
        return Math.rint(v * 1e4) / 1e4;
    }

    Ref curve(Piece p) {
        if (p.isStraight()) return s.add("IFCPOLYLINE", List.of(point(p.a()), point(p.b())));
        Point mid = p.at(p.length() / 2);
        Ref list = s.add("IFCCARTESIANPOINTLIST2D",
            List.of(List.of(p.a().x(), p.a().y()), List.of(mid.x(), mid.y()), List.of(p.b().x(), p.b().y())));
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
