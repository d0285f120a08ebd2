package brightlintel.edit;

import brightlintel.building.Contents;
import brightlintel.building.Edit;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Slab;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Walls, openings, slabs and grid lines: add, change, move, split, delete. */
public final class Tracing {
    private Tracing() { }

    public static Edit addWalls(StoreyId on, List<Wall> walls) {
        return Edit.of("edit.wall", p -> p.withContents(on, c -> c.withWalls(joined(c.walls(), walls))));
    }

    public static Edit addOpening(StoreyId on, Opening o) {
        return Edit.of(o.filling() instanceof Opening.Filling.Window ? "edit.window" : "edit.door", p -> p.withContents(on, c -> c.withOpenings(joined(c.openings(), List.of(o)))));
    }

    public static Edit addSlab(StoreyId on, Slab s) {
        return Edit.of("edit.slab", p -> p.withContents(on, c -> c.withSlabs(joined(c.slabs(), List.of(s)))));
    }

    public static Edit addGridLine(GridLine g) {
        return Edit.of("edit.grid-line", g.label(), p -> p.withGrid(joined(p.grid(), List.of(g))));
    }

    static <T> List<T> joined(List<T> a, List<T> b) {
        List<T> out = new ArrayList<>(a);
        out.addAll(b);
        return out;
    }

    /** Walls keep their openings where they stand; slabs that follow walls stay as they are and follow when they are drawn. */
    public static Edit changeWalls(String name, Set<ElementId> which, UnaryOperator<Wall> f) {
        return Edit.of(name, p -> eachStorey(p, c -> {
            Map<ElementId, Wall[]> changed = new LinkedHashMap<>();
            List<Wall> walls = new ArrayList<>();
            for (Wall w : c.walls()) {
                Wall next = which.contains(w.id()) ? f.apply(w) : w;
                if (!next.equals(w)) changed.put(w.id(), new Wall[] {w, next});
                walls.add(next);
            }
            if (changed.isEmpty()) return c;
            List<Opening> openings = new ArrayList<>(c.openings());
            openings.replaceAll(o -> {
                Wall[] pair = changed.get(o.wall());
                return pair == null || pair[0].reference().equals(pair[1].reference()) ? o : Hosting.kept(o, pair[0], pair[1]);
            });
            return c.withWalls(walls).withOpenings(openings);
        }));
    }

    /** Every wall end at the first place goes to the second: a corner dragged. Slab corners there go along. */
    public static Edit moveCorner(StoreyId on, Point from, Point to, double within) {
        String name = "edit.move-corner";
        return Edit.of(name, p -> {
            Set<ElementId> ids = new HashSet<>();
            p.on(on).walls().forEach(w -> {
                if (w.reference().a().distance(from) <= within || w.reference().b().distance(from) <= within) ids.add(w.id());
            });
            Project moved = changeWalls(name, ids, w -> w.with(moved(w.reference(), from, to, within))).apply(p);
            return moved.withContents(on, c -> c.withSlabs(c.slabs().stream().map(s -> s.with(moved(s.outline(), from, to, within))).toList()));
        });
    }

    private static Piece moved(Piece p, Point from, Point to, double within) {
        Point a = p.a().distance(from) <= within ? to : p.a(), b = p.b().distance(from) <= within ? to : p.b();
        return a.distance(b) > 0.001 ? new Piece(a, b, p.bulge()) : p;
    }

    private static Ring moved(Ring r, Point from, Point to, double within) {
        return new Ring(r.points().stream().map(q -> q.distance(from) <= within ? to : q).toList());
    }

    /** The first part keeps the id; each opening goes with the part that holds its middle. */
    public static Edit splitWall(ElementId id, double along) {
        ElementId second = ElementId.fresh();
        return Edit.of("edit.split-wall", p -> eachStorey(p, c -> {
            Wall w = c.wall(id).orElse(null);
            if (w == null || along < 0.01 || along > w.length() - 0.01) return c;
            List<Wall> walls = new ArrayList<>();
            for (Wall x : c.walls()) {
                if (!x.id().equals(id)) walls.add(x);
                else walls.addAll(List.of(w.with(w.reference().part(0, along)), w.withId(second).with(w.reference().part(along, w.length()))));
            }
            List<Opening> openings = new ArrayList<>(c.openings());
            openings.replaceAll(o -> o.wall().equals(id) && o.along() > along ? o.withWall(second).withAlong(o.along() - along) : o);
            return c.withWalls(walls).withOpenings(openings);
        }));
    }

    public static Edit changeOpenings(String name, Set<ElementId> which, UnaryOperator<Opening> f) {
        return Edit.of(name, p -> eachStorey(p, c -> c.withOpenings(c.openings().stream().map(o -> which.contains(o.id()) ? f.apply(o) : o).toList())));
    }

    public static Edit changeSlabs(String name, Set<ElementId> which, UnaryOperator<Slab> f) {
        return Edit.of(name, p -> eachStorey(p, c -> c.withSlabs(c.slabs().stream().map(s -> which.contains(s.id()) ? f.apply(s) : s).toList())));
    }

    public static Edit changeGrid(String name, Set<ElementId> which, UnaryOperator<GridLine> f) {
        return Edit.of(name, p -> p.withGrid(p.grid().stream().map(g -> which.contains(g.id()) ? f.apply(g) : g).toList()));
    }

    /** Openings go with their wall. */
    public static Edit delete(Collection<ElementId> which) {
        Set<ElementId> ids = Set.copyOf(which);
        return Edit.of("edit.delete", p -> eachStorey(p.withGrid(p.grid().stream().filter(g -> !ids.contains(g.id())).toList()),
            c -> new Contents(c.walls().stream().filter(w -> !ids.contains(w.id())).toList(),
                c.openings().stream().filter(o -> !ids.contains(o.id()) && !ids.contains(o.wall())).toList(),
                c.slabs().stream().filter(s -> !ids.contains(s.id())).toList())));
    }

    private static Project eachStorey(Project p, UnaryOperator<Contents> f) {
        Project out = p;
        for (StoreyId s : p.contents().keySet()) out = out.withContents(s, f);
        return out;
    }

    static Provenance repeated(Element e) {
        return new Provenance(new Provenance.Way.Repeated(e.id()), List.of());
    }
}
