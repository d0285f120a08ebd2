package brightlintel.joint;

import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.union.CascadedPolygonUnion;
import org.locationtech.jts.precision.GeometryPrecisionReducer;
import org.locationtech.jts.precision.MinimumClearance;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/** Rings to and from the library that unites and subtracts areas. */
public final class Areas {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Closes hairlines between neighbours before they are united. */
    private static final double HAIR = 1e-5;
    /** Metres: half of what is too thin to be built. */
    private static final double SLIVER = 0.0015;
    /**
     * Metres: edges and gaps that a body must not have; half of what it may hang together by; its corners are whole tenths of a millimetre.
     */
    private static final double SHORTEST = 3e-4, PINCH = 1e-4;
    private static final PrecisionModel TENTH = new PrecisionModel(1e4);
    /** Metres; of the side of a square as large: how far a centre of gravity has to lie within, how exactly another is looked for. */
    private static final double CHORD = 0.005, ROOMY = 0.2, FINE = 0.02;

    private Areas() { }

    /** Whether the outline nowhere crosses itself. */
    static boolean isSimple(Ring r) {
        return plain(r).isValid();
    }

    static Geometry polygon(Ring r) {
        Polygon p = plain(r);
        return p.isValid() ? p : p.buffer(0);
    }

    private static Polygon plain(Ring r) {
        Coordinate[] c = new Coordinate[r.corners().size() + 1];
        for (int i = 0; i < c.length; i++) {
            Point p = r.corners().get(i % r.corners().size());
            c[i] = new Coordinate(p.x(), p.y());
        }
        return FACTORY.createPolygon(c);
    }

    /** Square metres of both; robust where edges nearly lie on each other. */
    static double common(Ring a, Ring b) {
        return OverlayNGRobust.overlay(polygon(a), polygon(b), OverlayNG.INTERSECTION).getArea();
    }

    static Geometry without(Geometry g, Ring hole) {
        return OverlayNGRobust.overlay(g, polygon(hole), OverlayNG.DIFFERENCE);
    }

    static List<Ring> rings(Geometry g) {
        List<Ring> out = new ArrayList<>();
        for (int i = 0; i < g.getNumGeometries(); i++)
            if (g.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) out.add(ring(p.getExteriorRing().getCoordinates()));
        out.sort(Comparator.comparingDouble((Ring r) -> r.box().minX()).thenComparingDouble(r -> r.box().minY()));
        return out;
    }

    private static Ring ring(Coordinate[] c) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i + 1 < c.length; i++) points.add(new Point(c[i].x, c[i].y));
        return new Ring(points).counterClockwise();
    }

    /** The outer edges of all these together, without their holes. */
    public static List<Ring> outerEdges(Collection<Ring> rings) {
        if (rings.isEmpty()) return List.of();
        Geometry all = CascadedPolygonUnion.union(rings.stream().map(r -> mitred(polygon(r), HAIR)).toList());
        List<Ring> out = new ArrayList<>();
        for (Ring r : rings(all)) out.addAll(rings(TopologyPreservingSimplifier.simplify(mitred(polygon(r), -HAIR), 4 * HAIR)));
        return out;
    }

    /** Nothing thinner than a few millimetres is left of a wall; what is thick keeps its corners, exactly where nothing thin was. */
    static Geometry withoutSlivers(Geometry g) {
        Geometry opened = mitred(mitred(g, -SLIVER), SLIVER);
        return g.getArea() - opened.getArea() > HAIR ? opened : g;
    }

    /**
     * The ground of these outlines without these holes as bodies are made of it: united, with holes of its own, and with no edge too short,
     * no spike and no place where it only touches itself, which leave a body open for those who read it. What has none of these, or round
     * edges, comes back as it is.
     */
    public static List<Enclosure> plates(List<Ring> outlines, List<Ring> holes) {
        boolean straight = outlines.stream().allMatch(Ring::isStraight) && holes.stream().allMatch(Ring::isStraight);
        if (!straight || outlines.size() == 1 && isSound(outlines.getFirst(), holes))
            return outlines.stream().map(r -> new Enclosure(r, holes)).toList();
        Geometry g = CascadedPolygonUnion.union(outlines.stream().map(Areas::polygon).toList());
        for (Ring h : holes) g = without(g, h);
        Geometry opened = mitred(mitred(GeometryPrecisionReducer.reduce(g, TENTH), -PINCH), PINCH);
        List<Enclosure> out = new ArrayList<>();
        Geometry all = parted(GeometryPrecisionReducer.reduce(opened, TENTH));
        for (int i = 0; i < all.getNumGeometries(); i++) if (all.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) {
            List<Ring> edges = edges(p);
            out.add(new Enclosure(edges.getFirst(), edges.subList(1, edges.size())));
        }
        return out;
    }

    /**
     * Cut through holes whose sides lie in line with corners of another edge: readers take such corners out when they fill the ground, and
     * the body comes apart.
     */
    private static Geometry parted(Geometry g) {
        List<Geometry> parts = new ArrayList<>();
        for (int i = 0; i < g.getNumGeometries(); i++) {
            if (!(g.getGeometryN(i) instanceof Polygon p)) continue;
            if (!isInLine(p)) {
                parts.add(p);
                continue;
            }
            Envelope all = p.getEnvelopeInternal(), hole = p.getInteriorRingN(0).getEnvelopeInternal();
            Geometry left = FACTORY.toGeometry(new Envelope(all.getMinX() - 1, (hole.getMinX() + hole.getMaxX()) / 2, all.getMinY() - 1,
                all.getMaxY() + 1));
            for (int op : new int[] {OverlayNG.INTERSECTION, OverlayNG.DIFFERENCE}) {
                Geometry part = parted(OverlayNGRobust.overlay(p, left, op));
                for (int k = 0; k < part.getNumGeometries(); k++) parts.add(part.getGeometryN(k));
            }
        }
        return FACTORY.buildGeometry(parts);
    }

    private static boolean isInLine(Polygon p) {
        for (int h = 0; h < p.getNumInteriorRing(); h++) {
            Coordinate[] c = p.getInteriorRingN(h).getCoordinates();
            for (int i = 0; i + 1 < c.length; i++) {
                for (int k = -1; k < p.getNumInteriorRing(); k++) {
                    if (k == h) continue;
                    for (Coordinate q : (k < 0 ? p.getExteriorRing() : p.getInteriorRingN(k)).getCoordinates())
                        if (Distance.pointToLinePerpendicular(q, c[i], c[i + 1]) < PINCH) return true;
                }
            }
        }
        return false;
    }

    private static boolean isSound(Ring r, List<Ring> holes) {
        Polygon p = FACTORY.createPolygon(plain(r).getExteriorRing(), holes.stream().map(h -> plain(h).getExteriorRing()).toArray(
            LinearRing[]::new));
        return p.isValid() && !isInLine(p) && MinimumClearance.getDistance(p) > SHORTEST;
    }

    private static Geometry mitred(Geometry g, double by) {
        return BufferOp.bufferOp(g, by, new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 5));
    }

    /** The ground of all these together, a hair larger: {@link #opened} takes what is left of a plan back by as much. */
    static Geometry unitedClosed(Collection<Ring> rings) {
        return CascadedPolygonUnion.union(rings.stream().map(r -> mitred(polygon(r), HAIR)).toList());
    }

    /** What was left between grounds, without the hair; of each part its outline, then its holes. */
    static List<List<Ring>> opened(Polygon p) {
        Geometry g = TopologyPreservingSimplifier.simplify(mitred(p, HAIR), 4 * HAIR);
        List<List<Ring>> out = new ArrayList<>();
        for (int i = 0; i < g.getNumGeometries(); i++)
            if (g.getGeometryN(i) instanceof Polygon x && !x.isEmpty()) out.add(edges(x));
        return out;
    }

    /** The outer edge, then those of the holes. */
    private static List<Ring> edges(Polygon p) {
        List<Ring> out = new ArrayList<>(List.of(ring(p.getExteriorRing().getCoordinates())));
        for (int k = 0; k < p.getNumInteriorRing(); k++) out.add(ring(p.getInteriorRingN(k).getCoordinates()));
        return out;
    }

    /** Every edge ring, outer and inner, of these together with the holes taken out. */
    public static List<Ring> allEdges(Collection<Ring> rings, Collection<Ring> holes) {
        Geometry all = CascadedPolygonUnion.union(rings.stream().map(r -> mitred(polygon(r), HAIR)).toList());
        // the demo's drawings are made of these, in this order
        for (Ring h : holes) all = all.difference(polygon(h));
        all = TopologyPreservingSimplifier.simplify(mitred(all, -HAIR), 4 * HAIR);
        List<Ring> out = new ArrayList<>();
        for (int i = 0; i < all.getNumGeometries(); i++)
            if (all.getGeometryN(i) instanceof Polygon p) out.addAll(edges(p));
        return out;
    }

    static Geometry polygon(Enclosure e) {
        Geometry g = polygon(new Ring(e.outline().chords(CHORD)));
        for (Ring h : e.holes()) g = without(g, new Ring(h.chords(CHORD)));
        return g;
    }

    static Enclosure enclosure(Polygon p) {
        List<Ring> holes = new ArrayList<>();
        for (int k = 0; k < p.getNumInteriorRing(); k++) holes.add(ring(p.getInteriorRingN(k).getCoordinates()));
        return new Enclosure(ring(p.getExteriorRing().getCoordinates()), holes);
    }

    /** A place well inside an area with holes: of a convex one its centre of gravity, else the middle of the largest circle in it. */
    static Point middle(Ring outline, List<Ring> holes) {
        Geometry g = polygon(new Enclosure(outline, holes));
        if (g.isEmpty()) return outline.corners().getFirst();
        double side = Math.sqrt(g.getArea());
        Coordinate c = g.getCentroid().getCoordinate();
        Geometry at = FACTORY.createPoint(c);
        boolean within = g.getNumGeometries() == 1 && g.covers(at) && g.getBoundary().distance(at) > ROOMY * side;
        Coordinate m = within ? c : MaximumInscribedCircle.getCenter(g, FINE * side).getCoordinate();
        return new Point(m.x, m.y);
    }

    /** Square metres covered by any of these. */
    public static double united(Collection<Ring> rings) {
        if (rings.isEmpty()) return 0;
        return OverlayNGRobust.union(rings.stream().map(Areas::polygon).toList()).getArea();
    }
}
