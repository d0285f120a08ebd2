package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Outlines that were drawn over what is there already: of rooms, of the floor. Both run along faces of walls and would pass for them; but
 * the faces are drawn beside them once more, or nothing lies beside them at all.
 */
final class Outlining {
    /** Square metres and metres of a room; metres by which an outline of the floor may lie off the walls. */
    private static final double LEAST = 0.8, MOST = 5000, SIDE = 0.7, OVER = 3;
    /** Metres: lines that lie on each other; how far apart it is looked. Of its length: drawn beside it once more, or not a face. */
    private static final double ON = 0.012, STEP = 0.6, AGAIN = 0.5, NO_FACE = 0.6;
    private final Sight s;
    private final Box building;
    private final Near labels;

    Outlining(Sight s, Box building) {
        this.s = s;
        this.building = building;
        this.labels = Near.of(s.strokes.texts().stream().filter(t -> t.plain().chars().anyMatch(Character::isLetter)
            && t.plain().length() > 1)
            .map(t -> s.at(t.box().centre())).toList());
    }

    Optional<Role> of(Unit u) {
        if (u.isBlock() || u.strokes().size() < 3 || building.isEmpty()) return Optional.empty();
        List<Point> p = new ArrayList<>();
        for (int i : u.strokes()) p.add(s.at(s.strokes.curveOf(i).first()));
        Point last = s.at(s.strokes.curveOf(u.strokes().getLast()).last());
        if (last.distance(p.getFirst()) > ON) return Optional.empty();
        Ring r = new Ring(p);
        Box b = r.box();
        if (Math.min(b.width(), b.height()) < SIDE || r.area() < LEAST || r.area() > MOST) return Optional.empty();
        boolean floor = b.grown(ON).holds(building) && b.width() < building.width() + 2 * OVER && b.height() < building.height() + 2 * OVER;
        if (!floor && !(building.grown(SIDE).holds(b) && holdsLabel(r))) return Optional.empty();
        if (!isDrawnOver(u)) return Optional.empty();
        return Optional.of(floor ? Role.SLAB_EDGE : Role.ROOM_OUTLINE);
    }

    private boolean holdsLabel(Ring r) {
        boolean[] found = {false};
        labels.points(r.box(), p -> found[0] |= r.holds(p));
        return found[0];
    }

    private boolean isDrawnOver(Unit u) {
        double all = 0, again = 0, noFace = 0;
        for (int i : u.strokes()) {
            double l = s.length(i);
            all += l;
            if (s.role(i) != Role.WALL && s.role(i) != Role.WINDOW) noFace += l;
            int n = Math.max(1, (int) Math.round(l / STEP));
            for (int k = 0; k < n; k++) if (liesOnAnother(u, i, (k + 0.5) / n)) again += l / n;
        }
        return again > AGAIN * all || noFace > NO_FACE * all;
    }

    private boolean liesOnAnother(Unit u, int own, double t) {
        Strokes all = s.strokes;
        Point at = all.curveOf(own).at(t), along = all.curveOf(own).derivative(t).unit();
        double near = ON / s.metres;
        boolean[] found = {false};
        all.chordsIn(Box.around(at, near), c -> {
            int i = all.strokeOf(c);
            if (found[0] || !s.isShown(i) || !all.isStraight(i) || u.strokes().contains(i)) return;
            Point a = all.curveOf(i).first(), d = all.curveOf(i).last().minus(a);
            double l = d.length(), where = d.dot(at.minus(a)) / Math.max(l, 1e-12);
            found[0] = Math.abs(d.cross(along)) < 0.02 * l && Math.abs(d.cross(at.minus(a))) < near * l && where > -near && where < l
                + near;
        });
        return found[0];
    }
}
