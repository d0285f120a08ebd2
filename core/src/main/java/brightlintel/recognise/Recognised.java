package brightlintel.recognise;

import brightlintel.building.Cast;
import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.DrawnRef;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Role;
import brightlintel.building.Room;
import brightlintel.building.StoreyElement;
import brightlintel.building.Wall;
import brightlintel.correct.Reckoning;
import brightlintel.drawing.Carriers;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Progress;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Enclosures;
import brightlintel.place.PlacedDrawing;
import brightlintel.role.Casting;
import brightlintel.role.RoleFinding;
import brightlintel.role.Undrawn;
import brightlintel.trace.DrawnGrid;
import brightlintel.trace.DrawnMarks;
import brightlintel.trace.RoomWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;
import java.util.function.Predicate;
import java.util.stream.Collectors;

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
    private static final double SURE = 0.9, FAIR = 0.75, TAGGED = 0.97;
    /** Of things on a layer: as many that are told to be walls make it one that holds walls. */
    private static final double WALLS = 0.1;
    private static final Set<Role> NO_LINE = EnumSet.of(Role.GRID, Role.HATCH, Role.DIMENSION, Role.TEXT, Role.ROOM_LABEL, Role.SHEET,
        Role.SITE);
    /** What a line is that may lead from words to what they speak of. */
    private static final Set<Role> LEADS = EnumSet.of(Role.TEXT, Role.ROOM_LABEL, Role.OTHER, Role.FURNITURE, Role.DIMENSION);
    private static final Set<Role> PERHAPS = EnumSet.of(Role.WALL, Role.FURNITURE, Role.OTHER, Role.DOOR, Role.STAIR, Role.COLUMN,
        Role.DIMENSION, Role.SITE, Role.WINDOW);

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
        Casting.Lookup cast = new Casting.Lookup(casts);
        IntPredicate mixed = of(d.strokes(), roles, RoleFinding.OfPart::isMixed);
        // of its layer, colour or block; on a layer that holds several things, its own
        IntFunction<Role> role = i -> mixed.test(i) ? roles.of().get(i) : cast.of(d.strokes(), i).orElse(roles.of().get(i));
        Map<String, Double> metres = wallMetres(d, roles);
        double all = metres.values().stream().mapToDouble(x -> x).sum();
        IntPredicate holds = of(d.strokes(), roles, p -> p.isMixed() || holdsWalls(p, metres.getOrDefault(p.name(), 0.0) / all));
        IntFunction<Role> own = i -> holds.test(i) ? roles.of().get(i) : role.apply(i);
        Carriers carriers = Carriers.of(d.strokes());
        IntPredicate alone = i -> carriers.thing(d.strokes().pathOf(i)) == null;
        IntPredicate open = new Leaves(d)::isLeaf, walls = i -> !open.test(i) && mayBeWall(i, own.apply(i), d.strokes(), alone, mixed);
        IntPredicate grid = i -> role.apply(i) == Role.GRID, columns = i -> role.apply(i) == Role.COLUMN;
        IntPredicate openings = i -> role.apply(i) == Role.DOOR || role.apply(i) == Role.WINDOW;
        // one face of a wall may have been told and the other taken for something else
        IntPredicate perhaps = i -> !open.test(i) && (role.apply(i) == Role.WINDOW || holds.test(i) && alone.test(i)
            && PERHAPS.contains(own.apply(i)));
        progress.at(Progress.Stage.RECOGNISING, 0, 5);
        List<GridLine> lines = grid(DrawnGrid.of(d, r.look().allTagged(), grid), d);
        progress.at(Progress.Stage.RECOGNISING, 1, 5);
        // on crossings they are told wherever they were drawn
        List<DrawnMarks.Mark> marks = DrawnMarks.all(d, i -> columns.test(i) || roles.of().get(i) == Role.COLUMN);
        IntPredicate told = i -> !mixed.test(i) && role.apply(i) == Role.WALL;
        WallFinding finding = new WallFinding(d, walls, perhaps, openings, i -> !NO_LINE.contains(role.apply(i)), told);
        Passages whole = new Passages(new Reaching(d, finding.walls(), marks).reached(), finding.gaps());
        BuildUps layers = new BuildUps(d, role);
        List<Wall> walled = layers.outsideLeft(whole.walls());
        progress.at(Progress.Stage.RECOGNISING, 2, 5);
        List<Opening> symbols = new Opened(d, role, told, walled).of(whole.gaps());
        progress.at(Progress.Stage.RECOGNISING, 3, 5);
        List<Wall> believed = Confidence.believed(Buildings.of(walled, symbols));
        List<Column> posts = new Posts(marks, DrawnMarks.all(d, i -> mixed.test(i) && PERHAPS.contains(own.apply(i))),
            i -> mixed.test(i) || !columns.test(i), believed, lines).columns();
        AtColumns ended = new AtColumns(d, i -> !NO_LINE.contains(role.apply(i)), believed, symbols.stream().filter(o -> isIn(o, believed, posts)).toList(), posts);
        List<Wall> found = ended.walls();
        Leaders leaders = new Leaders(d, i -> LEADS.contains(role.apply(i)));
        Schedules lists = new Schedules(d, leaders);
        List<Opening> holes = lists.openings(new OpeningWords(d, leaders).read(Confidence.weighed(ended.openings(), found), found), found);
        progress.at(Progress.Stage.RECOGNISING, 4, 5);
        Rooms rooms = Rooms.of(d, leaders, found, holes, posts, i -> roles.ofMarks().get(i) == Role.DIMENSION
            || roles.ofMarks().get(i) == Role.GRID);
        List<Leftover> left = new Leftovers(d, role, found, holes, posts, lines).of().stream()
            .filter(l -> undrawn.stroke(l.stroke()).isPresent()).map(l -> l.of(undrawn.stroke(l.stroke()).getAsInt())).toList();
        List<Ring> wells = FloorHoles.of(d, role, rooms.enclosed, rooms.shafts);
        progress.at(Progress.Stage.RECOGNISING, 5, 5);
        return new Recognised(lines, found.stream().map(Stated::of).toList(), holes.stream().map(Stated::of).toList(),
            posts.stream().map(Stated::of).toList(), lists.rooms(rooms.rooms).stream().map(Stated::of).toList(), rooms.grounds, left, wells,
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

    /** On a layer that holds several things, what was not told for sure may be a face as well. */
    private static boolean mayBeWall(int stroke, Role r, Strokes s, IntPredicate alone, IntPredicate mixed) {
        // the edge of an area that was filled is a face where nobody drew it
        Entity e = s.entityOf(stroke);
        boolean filled = r == Role.HATCH && (e instanceof Entity.Hatch h && h.solid() || e instanceof Entity.Corners c
            && !c.kind().equals("3DFACE"));
        return r == Role.WALL || filled || (r == Role.WINDOW || r == Role.OTHER) && alone.test(stroke) && mixed.test(stroke);
    }

    /** Strokes on layers of a sort. */
    private static IntPredicate of(Strokes s, RoleFinding roles, Predicate<RoleFinding.OfPart> sort) {
        Set<String> names = roles.layers().stream().filter(sort).map(RoleFinding.OfPart::name).collect(Collectors.toSet());
        return i -> names.contains(s.layers().get(s.layerOf(i)).name());
    }

    /** In a wall that is there, and no column that stands in it. */
    private static boolean isIn(Opening o, List<Wall> walls, List<Column> posts) {
        return walls.stream().filter(w -> w.id().equals(o.wall())).findFirst().map(w -> w.middle(o.along())).filter(p -> posts.stream()
            .noneMatch(c -> c.ground().holds(p))).isPresent();
    }

    /** @param share of all that is told to be walls: on one of the layers that most of them are on, others are walls, too */
    private static boolean holdsWalls(RoleFinding.OfPart p, double share) {
        int all = p.roles().values().stream().mapToInt(x -> x).sum();
        return p.role() != Role.DIMENSION && p.role() != Role.WALL && (p.roles().getOrDefault(Role.WALL, 0) >= WALLS * all || share
            >= WALLS);
    }

    /** Of strokes that are told to be walls by themselves, by layer. */
    private static Map<String, Double> wallMetres(PlacedDrawing d, RoleFinding roles) {
        Map<String, Double> out = new HashMap<>();
        Strokes s = d.strokes();
        for (int i = 0; i < s.size(); i++) if (roles.of().get(i) == Role.WALL && d.cleared().strokeShown(i))
            out.merge(s.layers().get(s.layerOf(i)).name(), d.curve(i).length(), Double::sum);
        return out;
    }

    /** @param enclosed all that walls and columns enclose; shafts: what nothing leads into, nobody named, and is small */
    private record Rooms(List<Room> rooms, List<Enclosure> grounds, List<Enclosure> enclosed, List<Enclosure> shafts) {
        /** Square metres: a cavity is smaller; a shaft that nothing leads into. Metres: a room's edge from a wall's face. */
        private static final double LEAST = 0.4, SHAFT = 3, BY = 0.02;

        static Rooms of(PlacedDrawing d, Leaders leaders, List<Wall> walls, List<Opening> openings, List<Column> columns,
            IntPredicate measure) {
            List<StoreyElement> all = new ArrayList<>(walls);
            all.addAll(columns);
            List<Room> rooms = new ArrayList<>();
            List<Enclosure> grounds = new ArrayList<>();
            List<Enclosure> enclosed = Enclosures.of(new Contents(all), Tolerances.BUILDING).all().stream().filter(e -> e.area() >= LEAST)
                .toList();
            Map<ElementId, Wall> byId = walls.stream().collect(Collectors.toMap(Wall::id, w -> w));
            Labels labels = new Labels(d, leaders, enclosed, measure,
                openings.stream().map(o -> byId.get(o.wall()).middle(o.along())).toList());
            List<Enclosure> shafts = new ArrayList<>();
            for (Enclosure e : enclosed) {
                RoomWords words = labels.in(e);
                if (e.area() < SHAFT && words.name().isEmpty() && words.number().isEmpty() && openings.stream().noneMatch(o -> leadsInto(o,
                    byId.get(o.wall()), e))) {
                    shafts.add(e);
                    continue;
                }
                boolean agrees = words.area().isEmpty() || Math.abs(words.area().get() - e.area()) < Math.max(0.1, 0.02 * e.area());
                boolean named = !words.name().isEmpty() || !words.number().isEmpty();
                double confidence = agrees && words.area().isPresent() ? SURE : !agrees || !named ? FAIR - 0.15
                    : labels.isPlain(e) && bounds(e, walls, openings) ? SURE - 0.01 : FAIR + 0.05;
                rooms.add(new Room(ElementId.fresh(), words.number(), words.name(), new Room.Bound.Within(e.middle()), words.area(),
                    Optional.empty(), "", new Provenance(new Provenance.Way.Proposed(confidence), List.of())));
                grounds.add(e);
            }
            return new Rooms(rooms, grounds, enclosed, shafts);
        }

        private static boolean leadsInto(Opening o, Wall w, Enclosure e) {
            Point at = w.middle(o.along());
            return e.outline().distance(at) < w.thickness().value() / 2 + BY;
        }

        /** Whether all walls round a room are sure, and a door leads into it. */
        private static boolean bounds(Enclosure e, List<Wall> walls, List<Opening> openings) {
            Set<ElementId> round = new HashSet<>();
            for (Piece p : e.outline().pieces()) {
                Point m = p.at(p.length() / 2);
                Optional<Wall> at = walls.stream().filter(w -> {
                    Point u = w.reference().unroll(m);
                    return u.x() > -BY && u.x() < w.length() + BY && Math.abs(Math.abs(u.y()) - w.thickness().value() / 2) < BY;
                }).min(Comparator.comparingDouble(Recognised::confidence));
                if (at.filter(Recognised::isSure).isEmpty()) return false;
                round.add(at.get().id());
            }
            return openings.stream().anyMatch(o -> round.contains(o.wall()) && o.filling() instanceof Opening.Filling.Door && isSure(o));
        }
    }
}
