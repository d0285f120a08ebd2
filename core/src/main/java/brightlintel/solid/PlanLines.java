package brightlintel.solid;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

import brightlintel.building.Opening;
import brightlintel.building.RoofForm;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
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

    /** Between one layer of a wall and the next, as far as its ground goes. @param ground what the wall covers, solved */
    public static List<List<Point>> layers(Wall w, WallKind k, List<Ring> ground) {
        List<List<Point>> out = new ArrayList<>();
        List<List<Point>> rings = ground.stream().map(r -> r.chords(CHORD)).toList();
        double off = w.left();
        for (WallKind.Layer l : k.layers().subList(0, Math.max(0, k.layers().size() - 1))) {
            off -= l.thickness();
            List<Point> line = beyond(w.reference(), off, w.thickness().value());
            int begun = out.size();
            for (int i = 0; i + 1 < line.size(); i++) for (List<Point> s : within(line.get(i), line.get(i + 1), rings)) {
                if (out.size() > begun && out.getLast().getLast().distance(s.getFirst()) < SAME) out.getLast().add(s.getLast());
                else out.add(new ArrayList<>(s));
            }
        }
        return out;
    }

    /** Beside a piece, straight on over both of its ends. */
    private static List<Point> beyond(Piece p, double left, double by) {
        int n = p.isStraight() ? 1 : p.chords(CHORD, Math.abs(left));
        List<Point> out = new ArrayList<>();
        out.add(p.at(0, left).minus(p.direction(0).times(by)));
        for (int i = 0; i <= n; i++) out.add(p.at(p.length() * i / n, left));
        out.add(p.at(p.length(), left).plus(p.direction(p.length()).times(by)));
        return out;
    }

    /** The stretches of a line that lie in one of these or more. */
    private static List<List<Point>> within(Point a, Point b, List<List<Point>> rings) {
        Point d = b.minus(a);
        TreeSet<Double> cuts = new TreeSet<>(List.of(0.0, 1.0));
        for (List<Point> r : rings) for (int i = 0; i < r.size(); i++) {
            Point c = r.get(i), e = r.get((i + 1) % r.size()).minus(c);
            double cross = d.cross(e);
            if (cross == 0) continue;
            double s = c.minus(a).cross(e) / cross, t = c.minus(a).cross(d) / cross;
            if (s > 0 && s < 1 && t >= 0 && t <= 1) cuts.add(s);
        }
        List<List<Point>> out = new ArrayList<>();
        double from = 0;
        for (double to : cuts) {
            Point middle = a.towards(b, (from + to) / 2);
            if (to > from && rings.stream().anyMatch(r -> new Ring(r).holds(middle))) out.add(List.of(a.towards(b, from), a.towards(b,
                to)));
            from = to;
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
