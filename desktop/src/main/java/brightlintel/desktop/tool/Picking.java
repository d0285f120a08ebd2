package brightlintel.desktop.tool;

import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Slab;
import brightlintel.building.StoreyElement;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.solid.Solids;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which element lies at a place of the storey in hand: openings before walls, walls before grid lines, slabs last. */
public final class Picking {
    private static final double CHORD = 0.01;

    private Picking() { }

    public static Optional<Element> at(Workspace w, Point p, double reach) {
        for (Opening o : w.contents().openings()) {
            Wall host = w.contents().wall(o.wall()).orElse(null);
            if (host == null) continue;
            Ring ground = ground(o, host);
            if (ground.holds(p) || ground.distance(p) <= reach / 2) return Optional.of(o);
        }
        Optional<Wall> wall = wallAt(w, p, reach);
        if (wall.isPresent()) return wall.map(x -> x);
        Optional<GridLine> grid = w.project().grid().stream().filter(g -> g.isOn(w.storeyId()))
            .filter(g -> g.line().distance(p) <= reach || g.line().a().distance(p) <= 2.5 * reach)
            .min(Comparator.comparingDouble(g -> g.line().distance(p)));
        if (grid.isPresent()) return grid.map(x -> x);
        return w.contents().slabs().stream().filter(s -> s.with(outline(w, s)).covers(p)).findFirst().map(x -> x);
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

    private static Ring outline(Workspace w, Slab s) {
        return w.outline(s);
    }

    /** @param inside only what lies wholly in the box; else what it touches */
    public static List<ElementId> in(Workspace w, Box box, boolean inside) {
        List<ElementId> out = new ArrayList<>();
        for (StoreyElement e : w.contents().elements()) if (hit(box, ground(w, e), inside)) out.add(e.id());
        for (GridLine g : w.project().grid()) {
            Point a = g.line().a(), b = g.line().b();
            if (g.isOn(w.storeyId()) && (inside ? box.holds(a) && box.holds(b) : crosses(box, a, b))) out.add(g.id());
        }
        return out;
    }

    private static List<Ring> ground(Workspace w, StoreyElement e) {
        return switch (e) {
            case Wall x -> w.footprints().of(x.id());
            case Opening o -> w.contents().wall(o.wall()).map(h -> List.of(ground(o, h))).orElse(List.of());
            case Slab s -> List.of(outline(w, s));
        };
    }

    private static boolean hit(Box box, List<Ring> rings, boolean inside) {
        if (rings.isEmpty()) return false;
        if (inside) return rings.stream().allMatch(r -> box.holds(r.box()));
        for (Ring r : rings)
            if (crosses(box, r.chords(CHORD))) return true;
        return false;
    }

    private static boolean crosses(Box box, List<Point> ring) {
        for (int i = 0; i < ring.size(); i++) if (crosses(box, ring.get(i), ring.get((i + 1) % ring.size()))) return true;
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
