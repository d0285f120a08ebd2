package brightlintel.recognise;

import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.List;
import java.util.Optional;

/**
 * Doors of which only the leaf is drawn, as it stands open: a line from a jamb out of the wall, as long as the gap is wide, or two of
 * half of it from both.
 */
final class LeafAlone {
    /** Metres: from a jamb's edge. Of the gap: shorter leaves leave it open, longer ones shut nothing. Out of the wall, sine. */
    private static final double AT_JAMB = 0.08, LEAST = 0.85, MOST = 1.08, OUT = 0.3, WITHIN = 0.02;
    private final PlacedDrawing d;
    private final List<Wall> walls;

    LeafAlone(PlacedDrawing d, List<Wall> walls) {
        this.d = d;
        this.walls = walls;
    }

    Optional<Opening.Filling.Door> in(Wall w, double from, double to) {
        double wide = to - from;
        for (boolean far : new boolean[] {false, true}) for (boolean left : new boolean[] {true, false})
            if (stands(w, far ? to : from, far ? -1 : 1, left, wide))
                return Optional.of(new Opening.Filling.Door(far, left, Opening.Filling.Way.SINGLE));
        for (boolean left : new boolean[] {true, false})
            if (stands(w, from, 1, left, wide / 2) && stands(w, to, -1, left, wide / 2))
                return Optional.of(new Opening.Filling.Door(false, left, Opening.Filling.Way.DOUBLE));
        return Optional.empty();
    }

    /** @param jamb along the wall; way: along it into the gap */
    private boolean stands(Wall w, double jamb, double way, boolean left, double wide) {
        double face = left ? w.left() : -w.right(), out = left ? 1 : -1;
        for (int i : d.strokesNear(w.reference().at(jamb, face), AT_JAMB + WITHIN)) {
            if (!(d.curve(i) instanceof Curve.Straight s) || s.length() < LEAST * wide || s.length() > MOST * wide) continue;
            Point a = w.reference().unroll(s.a()), b = w.reference().unroll(s.b());
            // from the hinge, which may lie at either face or between
            boolean begins = isHinge(a, jamb, w);
            if (!begins && !isHinge(b, jamb, w)) continue;
            Point along = begins ? b.minus(a) : a.minus(b);
            boolean leaves = along.y() * out > OUT * s.length() && along.x() * way > -OUT * s.length();
            if (leaves && walls.stream().noneMatch(x -> x != w && x.holds(s.at(0.5), WITHIN))) return true;
        }
        return false;
    }

    private static boolean isHinge(Point unrolled, double jamb, Wall w) {
        return Math.abs(unrolled.x() - jamb) < AT_JAMB && unrolled.y() < w.left() + AT_JAMB && unrolled.y() > -w.right() - AT_JAMB;
    }
}
