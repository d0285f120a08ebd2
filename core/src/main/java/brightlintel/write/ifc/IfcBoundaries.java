package brightlintel.write.ifc;

import static brightlintel.write.ifc.StepText.NONE;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Room;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Enclosures;
import brightlintel.joint.Footprints;
import brightlintel.write.ifc.StepText.Ref;

/** What bounds each room: faces of walls and columns, the doors and windows in them, and air where a separation is. First level. */
final class IfcBoundaries {
    /** Metres beyond a room's edge where what bounds it is looked for; into what lies beyond it. */
    private static final double INTO = 0.01, BEYOND = 0.05;
    private final StepText s;
    private final IfcShapes shapes;
    private final IfcSets sets;
    private final Contents contents;
    private final Footprints footprints;
    private final Enclosures rooms;
    /** Elements of the storey that were written. */
    private final Map<ElementId, Ref> written;
    private final Map<ElementId, List<Ring>> grounds = new HashMap<>();
    /** What stands for air. */
    private final List<Ref> air = new ArrayList<>();
    private int count;

    IfcBoundaries(StepText s, IfcShapes shapes, IfcSets sets, Contents contents, Footprints footprints, Enclosures rooms,
                  Map<ElementId, Ref> written) {
        this.s = s;
        this.shapes = shapes;
        this.sets = sets;
        this.contents = contents;
        this.footprints = footprints;
        this.rooms = rooms;
        this.written = written;
        grounds.putAll(footprints.all());
        for (Column c : contents.columns()) grounds.put(c.id(), List.of(new Ring(c.ground().chords(0.005))));
    }

    void of(Room r, Ref space, Enclosure e, double height) {
        count = 0;
        edges(r, space, e.outline(), height);
        e.holes().forEach(h -> edges(r, space, h.counterClockwise().reversed(), height));
    }

    private void edges(Room r, Ref space, Ring ring, double height) {
        for (Piece p : ring.pieces()) {
            Point middle = p.at(p.length() / 2), out = middle.plus(p.direction(p.length() / 2).left().times(-INTO));
            Optional<ElementId> by = at(out);
            if (by.isEmpty() || !written.containsKey(by.get())) {
                boundary(r, space, null, p, 0, height, "VIRTUAL", "INTERNAL");
                continue;
            }
            String side = contents.wall(by.get()).map(w -> isOuter(w, middle) ? "EXTERNAL" : "INTERNAL").orElse("INTERNAL");
            boundary(r, space, written.get(by.get()), p, 0, height, "PHYSICAL", side);
            contents.wall(by.get()).ifPresent(w -> openings(r, space, w, p, height, side));
        }
    }

    private Optional<ElementId> at(Point p) {
        for (Map.Entry<ElementId, List<Ring>> g : grounds.entrySet())
            for (Ring ring : g.getValue()) if (ring.box().grown(INTO).holds(p) && ring.holds(p)) return Optional.of(g.getKey());
        return Optional.empty();
    }

    /** Whether what lies on the other side of a wall is no room. */
    private boolean isOuter(Wall w, Point face) {
        Point u = w.reference().unroll(face);
        boolean left = u.y() > (w.left() - w.right()) / 2;
        Point beyond = w.reference().at(u.x(), left ? -w.right() - BEYOND : w.left() + BEYOND);
        return rooms.at(beyond).isEmpty() && at(beyond).isEmpty();
    }

    private void openings(Room r, Ref space, Wall w, Piece edge, double height, String side) {
        for (Opening o : contents.openingsIn(w.id())) {
            Ref filling = written.get(o.id());
            Point at = edge.unroll(w.middle(o.along()));
            if (filling == null || at.x() < 0 || at.x() > edge.length()) continue;
            double from = Math.max(0, at.x() - o.width().value() / 2), to = Math.min(edge.length(), at.x() + o.width().value() / 2);
            double head = Math.min(height, o.head().value()), sill = Math.max(0, o.sill().value());
            if (to - from > INTO && head - sill > INTO) boundary(r, space, filling, edge.part(from, to), sill, head, "PHYSICAL", side);
        }
    }

    private Ref open(Room r) {
        Ref ref = s.add("IFCVIRTUALELEMENT", sets.id("air/" + r.id().value() + "/" + count), NONE, "Separation", NONE, NONE, NONE, NONE,
            NONE);
        air.add(ref);
        return ref;
    }

    List<Ref> air() {
        return air;
    }

    /** @param by nothing for air */
    private void boundary(Room r, Ref space, Ref by, Piece p, double from, double to, String what, String side) {
        Ref related = by == null ? open(r) : by;
        Ref surface = s.add("IFCSURFACEOFLINEAREXTRUSION", s.add("IFCARBITRARYOPENPROFILEDEF", StepText.of("CURVE"), NONE, shapes.curve(p)),
            s.add("IFCAXIS2PLACEMENT3D", shapes.point(0, 0, from), NONE, NONE), shapes.direction(0, 0, 1), to - from);
        s.add("IFCRELSPACEBOUNDARY1STLEVEL", sets.id("bounds/" + r.id().value() + "/" + count++), NONE, "1stLevel", NONE, space, related,
            s.add("IFCCONNECTIONSURFACEGEOMETRY", surface, NONE), StepText.of(what), StepText.of(side), NONE);
    }
}
