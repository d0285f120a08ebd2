package brightlintel.edit;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Walls, openings, slabs and grid lines: add, change, move, split, delete. */
public final class Tracing {
    private static final double LEAST_PART = 0.01;
    private static final double LEAST_PIECE = 0.001;

    private Tracing() { }

    public static Edit addWalls(StoreyId on, List<Wall> walls) {
        return Edit.of("edit.wall", p -> p.withContents(on, c -> c.plus(walls)));
    }

    /** Nothing where its wall is not there. */
    public static Edit addOpening(StoreyId on, Opening o) {
        return Edit.of(o.filling() instanceof Opening.Filling.Window ? "edit.window" : "edit.door",
            p -> p.withContents(on, c -> c.wall(o.wall()).isPresent() ? c.plus(List.of(o)) : c));
    }

    public static Edit addSlab(StoreyId on, Slab s) {
        return Edit.of("edit.slab", p -> p.withContents(on, c -> c.plus(List.of(s))));
    }

    /** Any number of one kind in one step. */
    public static Edit add(String name, StoreyId on, List<? extends StoreyElement> some) {
        return Edit.of(name, p -> p.withContents(on, c -> c.plus(some)));
    }

    /** Nothing where another line bears the label. */
    public static Edit addGridLine(GridLine g) {
        return Edit.of("edit.grid-line", g.label(), p -> {
            if (isTaken(p, g.label(), g.id())) return p;
            List<GridLine> out = new ArrayList<>(p.grid());
            out.add(g);
            return p.withGrid(out);
        });
    }

    /** Whether a grid line other than this one bears a label: two would both be called by it, on site and in every table. */
    public static boolean isTaken(Project p, String label, ElementId by) {
        return p.grid().stream().anyMatch(g -> g.label().equalsIgnoreCase(label) && !g.id().equals(by));
    }

    /** Nothing where another line bears the label. */
    public static Edit labelGridLine(ElementId id, String label) {
        return Edit.of("edit.grid-label", p -> isTaken(p, label, id) ? p
            : p.withGrid(p.grid().stream().map(g -> g.id().equals(id) ? g.withLabel(label) : g).toList()));
    }

    /** Walls keep their openings where they stand; slabs that follow walls stay as they are and follow when they are drawn. */
    public static Edit changeWalls(String name, Set<ElementId> which, UnaryOperator<Wall> f) {
        return Edit.of(name, p -> p.withAllContents(c -> {
            Map<ElementId, Wall[]> changed = new HashMap<>();
            for (Wall w : c.walls()) {
                Wall next = which.contains(w.id()) ? f.apply(w) : w;
                if (!next.equals(w)) changed.put(w.id(), new Wall[] {w, next});
            }
            return c.map(e -> switch (e) {
                case Wall w -> changed.containsKey(w.id()) ? changed.get(w.id())[1] : w;
                case Opening o -> {
                    Wall[] pair = changed.get(o.wall());
                    yield pair == null || pair[0].reference().equals(pair[1].reference()) ? o : Hosting.kept(o, pair[0], pair[1]);
                }
                case Slab _, Column _, Room _, Separation _, Stair _, Roof _, Zone _, BuildingOutline _ -> e;
            });
        }));
    }

    /** Every wall end at the first place goes to the second: a corner dragged. Corners of slabs, rooms and separations there go along. */
    public static Edit moveCorner(StoreyId on, Point from, Point to, double within) {
        String name = "edit.move-corner";
        return Edit.of(name, p -> {
            Set<ElementId> ids = new HashSet<>();
            p.on(on).walls().forEach(w -> {
                if (w.reference().a().distance(from) <= within || w.reference().b().distance(from) <= within) ids.add(w.id());
            });
            Project moved = changeWalls(name, ids, w -> w.with(moved(w.reference(), from, to, within))).apply(p);
            return moved.withContents(on, c -> c.map(e -> switch (e) {
                case Slab s -> moved(s, from, to, within);
                case Room r -> moved(r, from, to, within);
                case Separation s -> s.with(moved(s.line(), from, to, within));
                case Column x -> x.at().distance(from) <= within ? x.withAt(to) : x;
                case Stair s -> moved(s, from, to, within);
                case Roof r -> r.with(moved(r.outline(), from, to, within), r.cover());
                case Zone z -> z.with(moved(z.outline(), from, to, within));
                case BuildingOutline b -> b.follows().isPresent() ? b : b.with(moved(b.outline(), from, to, within));
                case Wall _, Opening _ -> e;
            }));
        });
    }

    private static Piece moved(Piece p, Point from, Point to, double within) {
        Point a = p.a().distance(from) <= within ? to : p.a(), b = p.b().distance(from) <= within ? to : p.b();
        return a.distance(b) > LEAST_PIECE ? new Piece(a, b, p.bulge()) : p;
    }

    private static Ring moved(Ring r, Point from, Point to, double within) {
        return r.corners().stream().anyMatch(q -> q.distance(from) <= within) ? r.withCorners(q -> q.distance(from) <= within ? to : q) : r;
    }

    private static Stair moved(Stair s, Point from, Point to, double within) {
        List<Piece> line = s.line().stream().map(p -> moved(p, from, to, within)).toList();
        return line.equals(s.line()) ? s : s.with(line);
    }

    private static Slab moved(Slab s, Point from, Point to, double within) {
        if (s.follows().isPresent()) return s;
        UnaryOperator<Ring> move = r -> moved(r, from, to, within);
        Slab next = s.with(move.apply(s.outline())).withHoles(s.holes().stream().map(move).toList());
        return next.equals(s) ? s : next;
    }

    private static Room moved(Room r, Point from, Point to, double within) {
        return switch (r.bound()) {
            case Room.Bound.Within _ -> r;
            case Room.Bound.Drawn(Ring outline, List<Ring> holes) -> {
                UnaryOperator<Ring> move = x -> moved(x, from, to, within);
                yield r.with(new Room.Bound.Drawn(move.apply(outline), holes.stream().map(move).toList()));
            }
        };
    }

    /** The first part keeps the id; each opening goes with the part that holds its middle; slabs that follow the wall follow both. */
    public static Edit splitWall(ElementId id, double along) {
        ElementId second = ElementId.fresh();
        return Edit.of("edit.split-wall", p -> p.withAllContents(c -> {
            Wall w = c.wall(id).orElse(null);
            if (w == null || along < LEAST_PART || along > w.length() - LEAST_PART) return c;
            Wall first = w.with(w.reference().part(0, along)).withRuns(at(w, Wall.End.START)),
                rest = w.withId(second).with(w.reference().part(along, w.length())).withRuns(at(w, Wall.End.END));
            return c.replaced(id, List.of(first, rest)).map(e -> switch (e) {
                case Wall x -> x;
                case Opening o -> o.wall().equals(id) && o.along() > along ? o.withWall(second).withAlong(o.along() - along) : o;
                case Slab _, BuildingOutline _ -> Following.with(e, f -> f.contains(id) ? with(f, second) : f);
                case Column _, Room _, Separation _, Stair _, Roof _, Zone _ -> e;
            });
        }));
    }

    private static Set<Wall.End> at(Wall w, Wall.End end) {
        return w.runs().contains(end) ? Set.of(end) : Set.of();
    }

    private static Set<ElementId> with(Set<ElementId> ids, ElementId more) {
        Set<ElementId> out = new HashSet<>(ids);
        out.add(more);
        return out;
    }

    private static <T extends StoreyElement> Edit change(String name, Set<ElementId> which, Class<T> kind, UnaryOperator<T> f) {
        return Edit.of(name, p -> p.withAllContents(c -> c.map(e -> kind.isInstance(e) && which.contains(e.id()) ? f.apply(kind.cast(e))
            : e)));
    }

    public static Edit changeOpenings(String name, Set<ElementId> which, UnaryOperator<Opening> f) {
        return change(name, which, Opening.class, f);
    }

    public static Edit changeSlabs(String name, Set<ElementId> which, UnaryOperator<Slab> f) {
        return change(name, which, Slab.class, f);
    }

    public static Edit changeStairs(String name, Set<ElementId> which, UnaryOperator<Stair> f) {
        return change(name, which, Stair.class, f);
    }

    public static Edit changeRoofs(String name, Set<ElementId> which, UnaryOperator<Roof> f) {
        return change(name, which, Roof.class, f);
    }

    public static Edit changeZones(String name, Set<ElementId> which, UnaryOperator<Zone> f) {
        return change(name, which, Zone.class, f);
    }

    public static Edit changeOutlines(String name, Set<ElementId> which, UnaryOperator<BuildingOutline> f) {
        return change(name, which, BuildingOutline.class, f);
    }

    public static Edit changeColumns(String name, Set<ElementId> which, UnaryOperator<Column> f) {
        return change(name, which, Column.class, f);
    }

    /** Elements as they are to be; where each stands, and what hosts it, stays. */
    public static Edit replace(String name, Map<ElementId, StoreyElement> to) {
        return Edit.of(name, p -> p.withAllContents(c -> c.map(e -> to.getOrDefault(e.id(), e))));
    }

    public static Edit changeRooms(String name, Set<ElementId> which, UnaryOperator<Room> f) {
        return change(name, which, Room.class, f);
    }

    public static Edit changeGrid(String name, Set<ElementId> which, UnaryOperator<GridLine> f) {
        return Edit.of(name, p -> p.withGrid(p.grid().stream().map(g -> which.contains(g.id()) ? f.apply(g) : g).toList()));
    }

    /** Openings go with their wall. A slab that followed one of the walls stays where it lies now. */
    public static Edit delete(Collection<ElementId> which) {
        Set<ElementId> ids = Set.copyOf(which);
        return Edit.of("edit.delete", p -> p.withGrid(p.grid().stream().filter(g -> !ids.contains(g.id())).toList())
            .withAllContents(c -> c.map(e -> follows(e, ids) ? Following.settled(e, c) : e).without(e -> ids.contains(e.id())
            || isHostedBy(e, ids))));
    }

    private static boolean follows(StoreyElement e, Set<ElementId> walls) {
        return Following.walls(e).filter(f -> f.stream().anyMatch(walls::contains)).isPresent();
    }

    private static boolean isHostedBy(StoreyElement e, Set<ElementId> walls) {
        return switch (e) {
            case Opening o -> walls.contains(o.wall());
            case Wall _, Slab _, Column _, Room _, Separation _, Stair _, Roof _, Zone _, BuildingOutline _ -> false;
        };
    }
}
