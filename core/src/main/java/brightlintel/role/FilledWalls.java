package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.drawing.Entity;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Filled areas that are walls: nobody drew a line round them, and most of their edges lie beside others as faces of walls do. Short ones
 * are on a layer on which not few of them are.
 */
final class FilledWalls {
    /** As much seen of a wall makes a stroke a face; of a layer's bare areas those that show faces, by length. */
    private static final double FACE = 0.3, NOT_FEW = 0.3;
    /** Metres: no wall is deeper. */
    private static final double DEEP = 0.66;
    private final Sight s;
    private final Set<Unit> walls = Collections.newSetFromMap(new IdentityHashMap<>());

    FilledWalls(Sight s, List<Unit> units) {
        this.s = s;
        Map<Integer, List<Unit>> bare = new HashMap<>();
        for (Unit u : units) if (isBare(u)) bare.computeIfAbsent(u.layer(), _ -> new ArrayList<>()).add(u);
        for (List<Unit> some : bare.values()) {
            double all = some.stream().mapToDouble(this::length).sum(), faces = some.stream().mapToDouble(this::faces).sum();
            for (Unit u : some) if (faces(u) > length(u) / 2 || faces > NOT_FEW * all && isSlender(u)) walls.add(u);
        }
    }

    boolean holds(Unit u) {
        return walls.contains(u);
    }

    private double length(Unit u) {
        return u.strokes().stream().mapToDouble(s::length).sum();
    }

    private double faces(Unit u) {
        return u.strokes().stream().filter(i -> s.of(i, Role.WALL) > FACE).mapToDouble(s::length).sum();
    }

    private boolean isSlender(Unit u) {
        Box b = Box.EMPTY;
        for (int i : u.strokes()) b = b.with(s.box(i));
        return Math.min(b.width(), b.height()) < DEEP;
    }

    /** Filled whole; the edges that pages have of all fills may be drawn once more. */
    private boolean isBare(Unit u) {
        if (u.isBlock() || u.strokes().isEmpty()) return false;
        for (int i : u.strokes()) {
            Entity e = s.strokes.entityOf(i);
            boolean figure = e instanceof Entity.Corners c && !c.kind().equals("3DFACE");
            if (!figure && !(e instanceof Entity.Hatch h && h.solid() && !h.edged()) || figure && isDrawnOver(i)) return false;
        }
        return true;
    }

    /** Whether a stroke of something that is not filled lies along it. */
    private boolean isDrawnOver(int stroke) {
        Curve own = s.strokes.curveOf(stroke);
        return BareFills.isDrawn(s.strokes, own.at(0.4), own.derivative(0.4).angle(), s.metres, i -> s.strokes.isStraight(i)
            && !(s.strokes.entityOf(i) instanceof Entity.Corners) && !(s.strokes.entityOf(i) instanceof Entity.Hatch));
    }
}
