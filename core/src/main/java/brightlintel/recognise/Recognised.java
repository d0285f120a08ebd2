package brightlintel.recognise;

import brightlintel.building.Cast;
import brightlintel.building.Column;
import brightlintel.building.DrawnRef;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Room;
import brightlintel.building.Wall;
import brightlintel.correct.Reckoning;
import brightlintel.drawing.Progress;
import brightlintel.geom.Ring;
import brightlintel.joint.Enclosure;
import brightlintel.place.PlacedDrawing;
import brightlintel.role.Casting;
import brightlintel.role.RoleFinding;
import brightlintel.role.Undrawn;
import brightlintel.trace.DrawnGrid;
import brightlintel.trace.DrawnMarks;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A storey as it is recognised: elements of the same values as those made by hand, each proposed with its confidence. Roles are hints of
 * which strokes may be what. Together with what is left over they account for every stroke that has a role of building.
 *
 * @param grid    by its own labels
 * @param rooms   each with a place within what encloses it
 * @param grounds of the rooms, in their order, as the proposed walls enclose them
 * @param left    what looked like building and became none, from the top down
 * @param wells   where the floor is open to the one below, if there is one
 */
public record Recognised(List<GridLine> grid, List<Wall> walls, List<Opening> openings, List<Column> columns, List<Room> rooms,
                         List<Enclosure> grounds, List<Leftover> left, List<Ring> wells, Map<ElementId, List<Double>> built) {
    /** From this confidence on a proposal counts as sure. Where it comes from: docs/recognise.md. */
    public static final double SURE_FROM = 0.88;
    public static final Recognised NOTHING = new Recognised(List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
        List.of(), Map.of());
    private static final double FAIR = 0.75, TAGGED = 0.97;

    public Recognised {
        grid = List.copyOf(grid);
        walls = List.copyOf(walls);
        openings = List.copyOf(openings);
        columns = List.copyOf(columns);
        rooms = List.copyOf(rooms);
        grounds = List.copyOf(grounds);
        left = List.copyOf(left);
        wells = List.copyOf(wells);
        built = Map.copyOf(built);
    }

    /** 0 to 1; 1 for what nobody proposed. */
    public static double confidence(Element e) {
        return e.from().way() instanceof Provenance.Way.Proposed(double c) ? c : 1;
    }

    public static boolean isSure(Element e) {
        return confidence(e) >= SURE_FROM;
    }

    /** Of all kinds. */
    public int size() {
        return grid.size() + walls.size() + openings.size() + columns.size() + rooms.size();
    }

    /** Of wells those that lie wholly within the edge of a slab. */
    public static List<Ring> holes(List<Ring> wells, Ring edge) {
        return wells.stream().filter(r -> r.corners().stream().allMatch(edge::holds)).toList();
    }

    /** By the roles that were found. */
    public static Recognised of(PlacedDrawing d, Reckoning r, RoleFinding roles) {
        return of(d, r, roles, Casting.proposed(roles, d.strokes()), Progress.NONE);
    }

    /**
     * @param drawn true, cleared and mended
     * @param received what was found of the drawing as it was received
     * @param casts what its parts stand for: found, or said
     */
    public static Recognised of(PlacedDrawing drawn, Reckoning received, RoleFinding roles, List<Cast> casts, Progress progress) {
        Reckoning r = received.unstretched();
        Undrawn undrawn = Undrawn.of(r);
        PlacedDrawing d = undrawn.isNone() ? drawn : drawn.beside(undrawn.beside(drawn.strokes()), undrawn::isMiddle,
            i -> drawnRef(i, undrawn, drawn));
        StrokeRoles of = new StrokeRoles(d, roles, casts);
        progress.at(Progress.Stage.RECOGNISING, 0, 5);
        List<GridLine> lines = grid(DrawnGrid.of(d, r.look().allTagged(), of::isGrid), d);
        progress.at(Progress.Stage.RECOGNISING, 1, 5);
        List<DrawnMarks.Mark> marks = DrawnMarks.all(d, of::isColumn);
        WallFinding finding = new WallFinding(d, of.faces());
        Passages whole = new Passages(new Reaching(d, finding.walls(), marks).reached(), finding.gaps());
        BuildUps layers = new BuildUps(d, of::role);
        List<Wall> walled = layers.outsideLeft(whole.walls());
        progress.at(Progress.Stage.RECOGNISING, 2, 5);
        List<Opening> symbols = new Opened(d, of::role, of::isToldWall, walled).of(whole.gaps());
        progress.at(Progress.Stage.RECOGNISING, 3, 5);
        List<Wall> believed = Confidence.believed(Buildings.of(walled, symbols));
        List<Column> posts = new Posts(marks, DrawnMarks.all(d, of::mayBeColumn), i -> !of.isToldColumn(i), believed, lines).columns();
        AtColumns ended = new AtColumns(d, of::isLine, believed, symbols.stream().filter(o -> isIn(o, believed, posts)).toList(), posts);
        List<Wall> found = ended.walls();
        Leaders leaders = new Leaders(d, of::mayLead);
        Schedules lists = new Schedules(d, leaders);
        List<Opening> holes = lists.openings(new OpeningWords(d, leaders).read(Confidence.weighed(ended.openings(), found), found), found);
        progress.at(Progress.Stage.RECOGNISING, 4, 5);
        RoomsFound rooms = RoomsFound.of(d, leaders, found, holes, posts, of::isMeasure);
        List<Leftover> left = new Leftovers(d, of::role, found, holes, posts, lines).of().stream()
            .filter(l -> undrawn.stroke(l.stroke()).isPresent()).map(l -> l.of(undrawn.stroke(l.stroke()).getAsInt())).toList();
        List<Ring> wells = FloorHoles.of(d, of::role, rooms.enclosed(), rooms.shafts());
        progress.at(Progress.Stage.RECOGNISING, 5, 5);
        return new Recognised(lines, found.stream().map(Stated::of).toList(), holes.stream().map(Stated::of).toList(),
            posts.stream().map(Stated::of).toList(), lists.rooms(rooms.rooms()).stream().map(Stated::of).toList(), rooms.grounds(), left,
            wells,
            layers.of(found));
    }

    /** What an edge that nobody drew belongs to. */
    private static Optional<DrawnRef> drawnRef(int stroke, Undrawn u, PlacedDrawing d) {
        if (stroke < d.strokes().size()) return Optional.empty();
        return Optional.of(u.fill(stroke).isPresent() ? d.finder().markRef(u.fill(stroke).getAsInt())
            : d.ref(u.stroke(stroke).getAsInt(), 0, 1));
    }

    /** A label that the sequence asks for is not sure. */
    private static List<GridLine> grid(List<DrawnGrid.Line> drawn, PlacedDrawing d) {
        List<GridLine> out = new ArrayList<>();
        for (DrawnGrid.Line l : drawn) for (GridLine g : DrawnGrid.elements(List.of(l), d, List.of()))
            out.add(g.with(new Provenance(new Provenance.Way.Proposed(l.tagged() ? TAGGED : FAIR), g.from().on())));
        return out;
    }

    /** In a wall that is there, and no column that stands in it. */
    private static boolean isIn(Opening o, List<Wall> walls, List<Column> posts) {
        return walls.stream().filter(w -> w.id().equals(o.wall())).findFirst().map(w -> w.middle(o.along())).filter(p -> posts.stream()
            .noneMatch(c -> c.ground().holds(p))).isPresent();
    }
}
