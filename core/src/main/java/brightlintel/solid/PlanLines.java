package brightlintel.solid;

import java.util.ArrayList;
import java.util.List;

import brightlintel.building.Opening;
import brightlintel.building.RoofForm;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;

/** What elements that are more than their ground look like in plan, for the board, for sheets and for base plans alike. Metres. */
public final class PlanLines {
    private static final double CHORD = 0.002, BARB = 0.22, SAME = 1e-4;

    private PlanLines() { }

    /** The edge of each step. */
    public static List<List<Point>> steps(Stair s) {
        return StairPlan.of(s).steps().stream().map(x -> x.ground().chords(CHORD)).toList();
    }

    /** The line that is walked, with the arrow that points up at its end. */
    public static List<List<Point>> walk(Stair s) {
        List<Point> line = new ArrayList<>();
        for (Piece p : s.line()) line.addAll(line.isEmpty() ? p.points(CHORD) : p.points(CHORD).subList(1, p.points(CHORD).size()));
        Piece last = s.line().getLast();
        Point tip = last.b(), back = last.direction(last.length()).times(-BARB), wide = back.left().times(0.5);
        return List.of(line, List.of(tip.plus(back).plus(wide), tip, tip.plus(back).minus(wide)));
    }

    /** Ridges, hips and valleys; the eaves are {@link RoofForm#edge}. */
    public static List<List<Point>> ridges(RoofForm f) {
        List<List<Point>> out = new ArrayList<>();
        for (RoofForm.Face x : f.faces()) {
            List<Point> p = x.plan().corners();
            for (int i = 0; i < p.size(); i++) {
                Point a = p.get(i), b = p.get((i + 1) % p.size()), m = a.towards(b, 0.5);
                boolean known = out.stream().anyMatch(l -> l.get(0).towards(l.get(1), 0.5).distance(m) < SAME);
                if (!known && f.edge().distance(m) > SAME) out.add(List.of(a, b));
            }
        }
        return out;
    }

    /** Posts in plan, then the panes between them. */
    public static List<List<Point>> glazed(Opening o, Opening.Filling.Glazed g, Wall w) {
        GlazedBody b = new GlazedBody(o, g, w, Tolerances.BUILDING);
        List<List<Point>> out = new ArrayList<>();
        double middle = (w.left() - w.right()) / 2;
        for (GlazedBody.Part p : b.posts()) if (p.bottom() <= o.sill().value() + SAME && p.top() >= o.head().value() - SAME) {
            List<Point> ring = new ArrayList<>(b.ground(p, true).corners());
            ring.add(ring.getFirst());
            out.add(ring);
        }
        for (GlazedBody.Part p : b.panes()) {
            if (p.bottom() > o.sill().value() + g.post() + SAME) continue;
            Ring ground = b.ground(p, false);
            out.add(ground.size() == 4 ? List.of(w.reference().at(p.from(), middle), w.reference().at(p.to(), middle)) : ground.corners());
        }
        return out;
    }
}
