package brightlintel.joint;

import brightlintel.building.Column;
import brightlintel.building.ElementId;
import brightlintel.building.Wall;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Where a column stands in a wall, the ground is the column's: the wall ends at it on both sides, or has a notch. */
final class ColumnCuts {
    /** Square metres; below it is rounding. Metres that reach across any wall. */
    private static final double NOTHING = 1e-6, FAR = 60;

    private ColumnCuts() { }

    private record Standing(Column column, Geometry ground, Box box) { }

    static Map<ElementId, List<Ring>> cut(Map<ElementId, List<Ring>> grounds, List<Wall> walls, List<Column> columns, Tolerances tol) {
        if (columns.isEmpty()) return grounds;
        List<Standing> standing = new ArrayList<>();
        for (Column c : columns) {
            Ring r = new Ring(c.ground().chords(tol.chordError()));
            standing.add(new Standing(c, Areas.polygon(r), r.box()));
        }
        Map<ElementId, List<Ring>> out = new LinkedHashMap<>(grounds);
        for (Wall w : walls) {
            List<Ring> own = grounds.getOrDefault(w.id(), List.of());
            for (Standing s : standing) own = without(own, w, s);
            out.put(w.id(), List.copyOf(own));
        }
        return out;
    }

    private static List<Ring> without(List<Ring> own, Wall w, Standing s) {
        List<Ring> out = new ArrayList<>();
        for (Ring r : own) {
            if (!r.box().meets(s.box) || OverlayNGRobust.overlay(Areas.polygon(r), s.ground, OverlayNG.INTERSECTION).getArea() < NOTHING) {
                out.add(r);
                continue;
            }
            // a column that is nearly flush with a face leaves no skin before it
            Geometry rest = Areas.withoutSlivers(OverlayNGRobust.overlay(Areas.polygon(r), s.ground, OverlayNG.DIFFERENCE));
            // one that stands wholly within the wall parts it
            for (Geometry g : hasHole(rest) ? halves(rest, w, s.column.at()) : List.of(rest))
                Areas.rings(g).stream().filter(x -> x.area() > NOTHING).forEach(out::add);
        }
        return out;
    }

    private static boolean hasHole(Geometry g) {
        for (int i = 0; i < g.getNumGeometries(); i++) if (g.getGeometryN(i) instanceof Polygon p
            && p.getNumInteriorRing() > 0) return true;
        return false;
    }

    private static List<Geometry> halves(Geometry g, Wall w, Point at) {
        double along = w.reference().unroll(at).x();
        Point a = w.reference().at(along, -FAR), b = w.reference().at(along, FAR), d = w.reference().direction(along).times(FAR);
        Geometry beyond = Areas.polygon(new Ring(List.of(a, a.plus(d), b.plus(d), b)));
        return List.of(OverlayNGRobust.overlay(g, beyond, OverlayNG.DIFFERENCE), OverlayNGRobust.overlay(g, beyond,
            OverlayNG.INTERSECTION));
    }
}
