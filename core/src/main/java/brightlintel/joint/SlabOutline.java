package brightlintel.joint;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Slab;
import brightlintel.building.Wall;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Outlines of slabs from the outer faces of walls. */
public final class SlabOutline {
    /** Walls that enclose something are clearly more than their own ground. */
    private static final double CLOSED = 1.05;

    private SlabOutline() { }

    /** The outer edge round these walls; nothing where they enclose nothing but themselves. */
    public static Optional<Ring> around(List<Wall> walls, Tolerances tol) {
        if (walls.isEmpty()) return Optional.empty();
        Footprints f = Footprints.of(walls, tol);
        List<Ring> own = f.all().values().stream().flatMap(Collection::stream).toList();
        double covered = own.stream().mapToDouble(Ring::area).sum();
        return Areas.outerEdges(own).stream().max(Comparator.comparingDouble(Ring::area)).filter(r -> r.area() > covered * CLOSED)
            .map(r -> Arcs.recovered(r, walls, tol));
    }

    /** Whether one of a wall's faces lies on the outer edge, at its middle. */
    public static boolean isOuter(Wall w, Ring edge) {
        double along = w.length() / 2, near = 0.02;
        return edge.distance(w.reference().at(along, w.left())) < near || edge.distance(w.reference().at(along, -w.right())) < near;
    }

    /** The walls that hang together with one, by touching footprints' nodes: ends closer than the join gap, or ends in bodies. */
    public static Set<ElementId> connected(List<Wall> walls, ElementId start, Tolerances tol) {
        Set<ElementId> out = new HashSet<>(Set.of(start));
        boolean grew = true;
        while (grew) {
            grew = false;
            for (Wall w : walls)
                if (!out.contains(w.id()) && walls.stream().anyMatch(o -> out.contains(o.id()) && touch(w, o, tol)))
                    grew |= out.add(w.id());
        }
        return out;
    }

    private static boolean touch(Wall a, Wall b, Tolerances tol) {
        double reach = tol.joinGap() + Math.max(a.thickness().value(), b.thickness().value());
        return a.reference().distance(b.reference().a()) <= reach || a.reference().distance(b.reference().b()) <= reach
            || b.reference().distance(a.reference().a()) <= reach || b.reference().distance(a.reference().b()) <= reach;
    }

    /** Where a slab lies now: along the walls it follows while all of them stand and still close, else where it lay last. */
    public static Ring of(Slab s, Contents c, Tolerances tol) {
        return following(s.outline(), s.follows(), c, tol);
    }

    /** Where a building's outline lies now, in the same way. */
    public static Ring of(BuildingOutline b, Contents c, Tolerances tol) {
        return following(b.outline(), b.follows(), c, tol);
    }

    private static Ring following(Ring last, Optional<Set<ElementId>> follows, Contents c, Tolerances tol) {
        if (follows.isEmpty()) return last;
        List<Wall> walls = new ArrayList<>();
        for (Wall w : c.walls()) if (follows.get().contains(w.id())) walls.add(w);
        if (walls.size() < follows.get().size()) return last;
        return around(walls, tol).orElse(last);
    }
}
