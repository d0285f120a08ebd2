package brightlintel.desktop.tool;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.building.StoreyElement;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Box;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Wells;
import brightlintel.place.PlacedDrawing;
import brightlintel.select.Outline;
import brightlintel.select.Picked;
import brightlintel.select.Selecting;
import brightlintel.solid.PlanLines;
import brightlintel.solid.Solids;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Which element lies at a place of the storey in hand: openings before walls, walls before grid lines, slabs last. */
public final class Picking {
    private static final double CHORD = 0.01;
    /** Half a millimetre. */
    private static final double SAME = 5e-4;

    private Picking() { }

    public static Optional<Element> at(Workspace w, Point p, double reach) {
        for (Opening o : w.contents().openings()) {
            Wall host = w.contents().wall(o.wall()).orElse(null);
            if (host == null) continue;
            Ring ground = ground(o, host);
            if (ground.holds(p) || ground.distance(p) <= reach / 2) return Optional.of(o);
        }
        Optional<Column> column = w.contents().columns().stream().filter(c -> c.ground().holds(p) || c.ground().distance(p) <= reach / 2)
            .min(Comparator.comparingDouble(c -> c.at().distance(p)));
        if (column.isPresent()) return column.map(x -> x);
        Optional<Wall> wall = wallAt(w, p, reach);
        if (wall.isPresent()) return wall.map(x -> x);
        Optional<GridLine> grid = w.project().grid().stream().filter(g -> w.looks().grid() && g.isOn(w.storeyId()))
            .filter(g -> g.line().distance(p) <= reach || g.line().a().distance(p) <= 2.5 * reach)
            .min(Comparator.comparingDouble(g -> g.line().distance(p)));
        if (grid.isPresent()) return grid.map(x -> x);
        Optional<Separation> line = w.contents().separations().stream().filter(s -> s.line().distance(p) <= reach).findFirst();
        if (line.isPresent()) return line.map(x -> x);
        Optional<Element> sketched = byEdge(w, p, reach);
        if (sketched.isPresent()) return sketched;
        Optional<Room> room = RoomTool.roomAt(w, p);
        if (room.isPresent()) return room.map(x -> x);
        Optional<Element> slab = w.contents().slabs().stream().filter(s -> w.solved().ground(s).stream().anyMatch(e -> e.holds(p)))
            .findFirst().map(x -> x);
        if (slab.isPresent()) return slab;
        return w.contents().zones().stream().filter(z -> z.outline().holds(p) && z.holes().stream().noneMatch(h -> h.holds(p)))
            .findFirst().map(x -> x);
    }

    /** Stairs by their ground; what is seen by its edge alone by that: roofs, zones, the outline of the storey. */
    private static Optional<Element> byEdge(Workspace w, Point p, double reach) {
        for (Stair s : w.contents().stairs())
            if (StairPlan.of(s).steps().stream().anyMatch(x -> x.ground().holds(p))) return Optional.of(s);
        for (Roof r : w.contents().roofs()) {
            Ring edge = w.contents().form(r).map(RoofForm::edge).orElse(r.outline());
            boolean ridge = w.contents().form(r).stream().flatMap(f -> PlanLines.ridges(f).stream())
                .anyMatch(l -> Piece.straight(l.get(0), l.get(1)).distance(p) <= reach);
            if (ridge || edge.distance(p) <= reach) return Optional.of(r);
        }
        for (Zone z : w.contents().zones()) if (z.outline().distance(p) <= reach) return Optional.of(z);
        for (BuildingOutline b : w.contents().outlines()) if (w.solved().outline(b).distance(p) <= reach) return Optional.of(b);
        return Optional.empty();
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
        return w.solved().outline(s);
    }

    /**
     * Selects what lies in a region: of the drawing where the stage is about the drawing, else of the model.
     *
     * @param inside only what lies wholly in it; else what it touches
     * @param more   beside what is selected already
     */
    static void select(Workspace w, Outline o, boolean inside, boolean more) {
        if (w.stage().isAboutDrawing()) {
            w.onBoard().pick((d, before) -> (more ? before : Picked.NOTHING).with(Selecting.in(d, o, inside)));
            return;
        }
        Set<ElementId> ids = new LinkedHashSet<>(more ? w.selection() : Set.of());
        ids.addAll(in(w, o, inside));
        w.select(ids);
    }

    /** @param inside only what lies wholly in the region; else what it touches */
    public static List<ElementId> in(Workspace w, Outline box, boolean inside) {
        List<ElementId> out = new ArrayList<>();
        for (StoreyElement e : w.contents().elements()) if (hit(box, ground(w, e), inside)) out.add(e.id());
        for (GridLine g : w.project().grid()) {
            Point a = g.line().a(), b = g.line().b();
            boolean in = inside ? box.holds(a.x(), a.y(), b.x(), b.y()) : box.touches(a.x(), a.y(), b.x(), b.y());
            if (in && w.looks().grid() && g.isOn(w.storeyId())) out.add(g.id());
        }
        return out;
    }

    private static List<Ring> ground(Workspace w, StoreyElement e) {
        return switch (e) {
            case Wall x -> w.solved().footprints().of(x.id());
            case Opening o -> w.contents().wall(o.wall()).map(h -> List.of(ground(o, h))).orElse(List.of());
            case Column c -> List.of(c.ground());
            case Room r -> w.solved().enclosures().of(r).map(x -> List.of(x.outline())).orElse(List.of());
            case Separation s -> List.of(new Ring(List.of(s.line().a(), s.line().at(s.line().length() / 2), s.line().b())));
            case Slab s -> List.of(outline(w, s));
            case Stair s -> Wells.ground(s);
            case Roof r -> List.of(w.contents().form(r).map(RoofForm::edge).orElse(r.outline()));
            case Zone z -> List.of(z.outline());
            case BuildingOutline b -> List.of(w.solved().outline(b));
        };
    }

    private static boolean hit(Outline box, List<Ring> rings, boolean inside) {
        if (rings.isEmpty()) return false;
        for (Ring r : rings) {
            List<Point> p = r.chords(CHORD);
            for (int i = 0; i < p.size(); i++) {
                Point a = p.get(i), b = p.get((i + 1) % p.size());
                boolean in = inside ? box.holds(a.x(), a.y(), b.x(), b.y()) : box.touches(a.x(), a.y(), b.x(), b.y());
                if (in != inside) return in;
            }
        }
        return inside;
    }

    /** All that is seen, of the drawings or of the model as the stage has it. */
    public static void selectAll(Workspace w) {
        if (w.stage().isAboutDrawing()) w.onBoard().pick((d, _) -> Selecting.all(d));
        else w.select(new LinkedHashSet<>(w.contents().elements().stream().map(Element::id).toList()));
    }

    /**
     * What is like the selected ones: of the model, elements of the same kind and thickness or size; of the drawing, see {@link Selecting}.
     */
    public static void selectLike(Workspace w) {
        if (w.selection().isEmpty()) {
            w.onBoard().pick(Picking::like);
            return;
        }
        Set<ElementId> ids = new LinkedHashSet<>(w.selection());
        for (Element like : w.selected()) {
            w.contents().elements().stream().filter(e -> isLike(e, like)).forEach(e -> ids.add(e.id()));
            if (like instanceof GridLine)
                w.project().grid().stream().filter(g -> g.isOn(w.storeyId())).forEach(g -> ids.add(g.id()));
        }
        w.select(ids);
    }

    private static Picked like(PlacedDrawing d, Picked picked) {
        // those that one of them brought in are like it already
        Picked found = Picked.NOTHING;
        for (int s : picked.strokes().toArray()) if (!found.hasStroke(s)) found = found.with(Selecting.like(d, s));
        for (int m : picked.marks().toArray()) if (!found.hasMark(m)) found = found.with(Selecting.likeMark(d, m));
        return picked.with(found);
    }

    private static boolean isLike(StoreyElement e, Element like) {
        return switch (like) {
            case Wall x -> e instanceof Wall y && isSame(x.thickness().value(), y.thickness().value());
            case Opening x -> e instanceof Opening y && x.filling().getClass() == y.filling().getClass()
                && isSame(x.width().value(), y.width().value());
            case Slab x -> e instanceof Slab y && isSame(x.thickness().value(), y.thickness().value());
            case Column x -> e instanceof Column y && x.section().equals(y.section());
            case Room x -> e instanceof Room y && !x.name().isEmpty() && x.name().equals(y.name());
            case Separation _ -> e instanceof Separation;
            case Stair x -> e instanceof Stair y && isSame(x.width().value(), y.width().value());
            case Roof _ -> e instanceof Roof;
            case Zone _ -> e instanceof Zone;
            case BuildingOutline _ -> e instanceof BuildingOutline;
            case GridLine _ -> false;
        };
    }

    private static boolean isSame(double a, double b) {
        return Math.abs(a - b) < SAME;
    }
}
