package brightlintel.joint;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Wall;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * What walls, columns and separation lines of a storey enclose, doors and windows taken as closed. Solved once; cost about n log n in
 * walls.
 */
public final class Enclosures {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Metres about all that stands there; by which a separation reaches into what it ends at. Square metres: less is a cavity. */
    private static final double AROUND = 10, INTO = 0.02, LEAST = 0.05, SLIVER = 0.05;
    private final List<Enclosure> all;
    private final Ground open;

    /** What is not enclosed, and what stands in it. */
    private record Ground(Geometry free, Envelope edge) { }

    private Enclosures(List<Enclosure> all, Ground open) {
        this.all = List.copyOf(all);
        this.open = open;
    }

    public static Enclosures of(Contents c, Tolerances tol) {
        return of(c, Footprints.of(c, tol), tol);
    }

    /** @param f of the same walls and columns */
    public static Enclosures of(Contents c, Footprints f, Tolerances tol) {
        List<Ring> solid = new ArrayList<>();
        f.all().values().forEach(solid::addAll);
        for (Column x : c.columns()) solid.add(new Ring(x.ground().chords(tol.chordError())));
        if (solid.isEmpty()) return new Enclosures(List.of(), null);
        Box box = Box.EMPTY;
        for (Ring r : solid) box = box.with(r.box());
        box = box.grown(AROUND);
        Geometry whole = Areas.polygon(new Ring(List.of(new Point(box.minX(), box.minY()), new Point(box.maxX(), box.minY()),
            new Point(box.maxX(), box.maxY()), new Point(box.minX(), box.maxY()))));
        Geometry free = OverlayNGRobust.overlay(whole, Areas.unitedClosed(solid), OverlayNG.DIFFERENCE);
        Envelope edge = whole.getEnvelopeInternal();
        Geometry parted = parted(free, c.separations(), tol);
        List<Enclosure> out = new ArrayList<>();
        List<Wall> round = c.walls().stream().filter(w -> !w.reference().isStraight()).toList();
        for (int i = 0; i < parted.getNumGeometries(); i++)
            if (parted.getGeometryN(i) instanceof Polygon p && !touches(p, edge) && p.getArea() > LEAST) enclosure(p, round, tol, out);
        out.sort(Comparator.comparingDouble((Enclosure e) -> -Math.rint(e.outline().box().maxY() * 10)).thenComparingDouble(e ->
            e.outline().box().minX()));
        return new Enclosures(out, new Ground(parted, edge));
    }

    /** Parted along separation lines, each a little longer at both ends so that it meets what it ends at. */
    private static Geometry parted(Geometry free, List<Separation> lines, Tolerances tol) {
        if (lines.isEmpty()) return free;
        List<Geometry> all = new ArrayList<>(List.of(free.getBoundary()));
        for (Separation s : lines) {
            List<Point> p = new ArrayList<>(s.line().points(tol.chordError()));
            p.addFirst(s.line().at(-INTO));
            p.addLast(s.line().at(s.line().length() + INTO));
            all.add(line(p));
        }
        Polygonizer polygons = new Polygonizer();
        polygons.add(OverlayNGRobust.union(FACTORY.buildGeometry(all)));
        List<Polygon> out = new ArrayList<>();
        for (Object o : polygons.getPolygons()) if (o instanceof Polygon p && free.contains(p.getInteriorPoint())) out.add(p);
        return FACTORY.buildGeometry(out);
    }

    private static LineString line(List<Point> p) {
        return FACTORY.createLineString(p.stream().map(x -> new Coordinate(x.x(), x.y())).toArray(Coordinate[]::new));
    }

    private static boolean touches(Geometry g, Envelope edge) {
        Envelope e = g.getEnvelopeInternal();
        return e.getMinX() <= edge.getMinX() || e.getMinY() <= edge.getMinY() || e.getMaxX() >= edge.getMaxX()
            || e.getMaxY() >= edge.getMaxY();
    }

    private static void enclosure(Polygon p, List<Wall> round, Tolerances tol, List<Enclosure> out) {
        List<List<Ring>> parts = Areas.opened(p);
        for (List<Ring> rings : parts) {
            List<Ring> exact = rings.stream().map(r -> round.isEmpty() ? r : Arcs.recovered(r, round, tol)).toList();
            out.add(new Enclosure(exact.getFirst(), exact.subList(1, exact.size())));
        }
    }

    /** From the upper left, row by row. */
    public List<Enclosure> all() {
        return all;
    }

    /** Nothing where it is open to the outside, or where a wall stands. */
    public Optional<Enclosure> at(Point p) {
        return all.stream().filter(e -> e.holds(p)).findFirst();
    }

    /** The ground of a room; nothing where its walls no longer close. */
    public Optional<Enclosure> of(Room r) {
        return switch (r.bound()) {
            case Room.Bound.Drawn(Ring outline, List<Ring> holes) -> Optional.of(new Enclosure(outline, holes));
            case Room.Bound.Within(Point at) -> at(at);
        };
    }

    /** What is left of the enclosed ground beside these; slivers are left out. */
    public List<Enclosure> remaining(List<Enclosure> taken) {
        List<Enclosure> out = new ArrayList<>();
        for (Enclosure e : all) {
            Geometry g = Areas.polygon(e);
            for (Enclosure t : taken) if (t.outline().box().meets(e.outline().box())) g = g.difference(Areas.polygon(t));
            for (int i = 0; i < g.getNumGeometries(); i++)
                if (g.getGeometryN(i) instanceof Polygon p && p.buffer(-SLIVER).getArea() > LEAST) for (List<Ring> r : Areas.opened(p))
                    out.add(new Enclosure(r.getFirst(), r.subList(1, r.size())));
        }
        return out;
    }

    /** Whether a place is open to the outside, and not in a wall. */
    public boolean isOpen(Point p) {
        return open != null && at(p).isEmpty() && open.free.covers(FACTORY.createPoint(new Coordinate(p.x(), p.y())));
    }

    /** Whether a place would be enclosed if these gaps were closed. */
    boolean closes(Point p, List<Leaks.Gap> gaps) {
        if (open == null) return false;
        Geometry free = open.free;
        for (Leaks.Gap g : gaps) free = free.difference(line(List.of(g.from(), g.to())).buffer(INTO));
        Geometry at = FACTORY.createPoint(new Coordinate(p.x(), p.y()));
        for (int i = 0; i < free.getNumGeometries(); i++) {
            Geometry one = free.getGeometryN(i);
            if (one.covers(at)) return !touches(one, open.edge);
        }
        return false;
    }
}
