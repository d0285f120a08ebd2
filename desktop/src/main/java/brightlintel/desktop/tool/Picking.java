package brightlintel.desktop.tool;

import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Slab;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.solid.Solids;
import brightlintel.trace.SlabOutline;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which element lies at a place of the storey in hand: openings before walls, walls before grid lines, slabs last. */
public final class Picking {
    private Picking() { }

    public static Optional<Element> at(Workspace w, Point p, double reach) {
        for (Opening o : w.contents().openings()) {
            Wall host = w.contents().wall(o.wall()).orElse(null);
            if (host == null) continue;
            Ring ground = ground(o, host);
            if (ground.holds(p) || near(ground, p, reach / 2)) return Optional.of(o);
        }
        Optional<Wall> wall = wallAt(w, p, reach);
        if (wall.isPresent()) return wall.map(x -> x);
        Optional<GridLine> grid = w.project().grid().stream().filter(g -> g.isOn(w.storeyId())).filter(g -> g.line().distance(p) <= reach || g.line().a().distance(p) <= 2.5 * reach)
            .min(Comparator.comparingDouble(g -> g.line().distance(p)));
        if (grid.isPresent()) return grid.map(x -> x);
        return w.contents().slabs().stream().filter(s -> outline(w, s).holds(p)).findFirst().map(x -> x);
    }

    public static Optional<Wall> wallAt(Workspace w, Point p, double reach) {
        Wall best = null;
        double nearest = reach;
        for (Wall x : w.contents().walls()) {
            Point u = x.reference().unroll(p);
            if (u.x() < -reach || u.x() > x.length() + reach) continue;
            double off = Math.max(u.y() - x.left(), -x.right() - u.y());
            double beyond = Math.max(0, Math.max(-u.x(), u.x() - x.length()));
            double d = Math.max(Math.max(off, 0), beyond);
            if (d <= nearest) {
                if (best != null && d >= nearest - 1e-12 && d > 0) continue;
                best = x;
                nearest = d;
            }
        }
        return Optional.ofNullable(best);
    }

    static Ring ground(Opening o, Wall host) {
        return Solids.openingGround(o, host, -host.right(), host.left(), Tolerances.BUILDING);
    }

    private static boolean near(Ring r, Point p, double reach) {
        for (int i = 0; i < r.points().size(); i++)
            if (brightlintel.geom.Piece.straight(r.points().get(i), r.points().get((i + 1) % r.points().size())).distance(p) <= reach) return true;
        return false;
    }

    private static Ring outline(Workspace w, Slab s) {
        return SlabOutline.of(s, w.contents(), Tolerances.BUILDING);
    }

    /** @param inside only what lies wholly in the box; else what it touches */
    public static List<ElementId> in(Workspace w, Box box, boolean inside) {
        List<ElementId> out = new ArrayList<>();
        for (Wall x : w.contents().walls()) if (hit(box, w.footprints().of(x.id()), inside)) out.add(x.id());
        for (Opening o : w.contents().openings()) w.contents().wall(o.wall()).filter(h -> hit(box, List.of(ground(o, h)), inside)).ifPresent(_ -> out.add(o.id()));
        for (Slab s : w.contents().slabs()) if (hit(box, List.of(outline(w, s)), inside)) out.add(s.id());
        for (GridLine g : w.project().grid())
            if (g.isOn(w.storeyId()) && (inside ? box.holds(g.line().a()) && box.holds(g.line().b()) : crosses(box, g.line().a(), g.line().b()))) out.add(g.id());
        return out;
    }

    private static boolean hit(Box box, List<Ring> rings, boolean inside) {
        if (rings.isEmpty()) return false;
        if (inside) return rings.stream().allMatch(r -> box.holds(r.box()));
        for (Ring r : rings)
            for (int i = 0; i < r.points().size(); i++) if (crosses(box, r.points().get(i), r.points().get((i + 1) % r.points().size()))) return true;
        return false;
    }

    /** Whether a straight line meets a box (Liang and Barsky, 1984). */
    private static boolean crosses(Box box, Point a, Point b) {
        double lo = 0, hi = 1, dx = b.x() - a.x(), dy = b.y() - a.y();
        double[][] sides = {{-dx, a.x() - box.minX()}, {dx, box.maxX() - a.x()}, {-dy, a.y() - box.minY()}, {dy, box.maxY() - a.y()}};
        for (double[] s : sides) {
            if (s[0] < 0) lo = Math.max(lo, s[1] / s[0]);
            else if (s[0] > 0) hi = Math.min(hi, s[1] / s[0]);
            else if (s[1] < 0) return false;
        }
        return lo <= hi;
    }
}
