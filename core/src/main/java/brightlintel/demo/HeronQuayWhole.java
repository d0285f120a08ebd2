package brightlintel.demo;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Division;
import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Ids;
import brightlintel.building.KindId;
import brightlintel.building.LevelId;
import brightlintel.building.Opening;
import brightlintel.building.OpeningKind;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Section;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Stand;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import brightlintel.drawing.Progress;
import brightlintel.edit.Levels;
import brightlintel.edit.OpeningKinds;
import brightlintel.edit.Tracing;
import brightlintel.edit.WallKinds;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.SlabOutline;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.trace.Supports;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The demo as it is shown: the ground floor traced whole, of the upper floor its outline, slab and roof. */
public final class HeronQuayWhole {
    private static final double BAY_X = 24, BAY_Y = 5.6, PITCH = Math.toRadians(22), MEAN = 1.26, WIDE = 1.52;
    private Project p;

    private HeronQuayWhole(Project p) {
        this.p = p;
    }

    /** The same project each time. */
    public static Project build(DrawingShelf shelf) throws IOException {
        return of(HeronQuayProject.build(shelf), shelf);
    }

    /** What was begun, gone on with. */
    public static Project of(Project begun, DrawingShelf shelf) throws IOException {
        HeronQuayWhole h = new HeronQuayWhole(begun);
        StoreyId ground = begun.storeys().getFirst().id(), upper = begun.storeys().getLast().id();
        h.kinds();
        h.ground(ground, shelf.placed(begun.underlays().stream().filter(u -> begun.storey(ground).orElseThrow().underlays().getLast()
            .equals(u.id())).findFirst().orElseThrow(), Progress.NONE));
        h.upper(upper);
        h.apply(Levels.add(new LevelId(id("plinth")), "Plinth", -0.15));
        h.apply(Levels.add(new LevelId(id("eaves")), "Eaves", HeronQuay.GROUND_HEIGHT + HeronQuay.UPPER_HEIGHT));
        return h.p;
    }

    private static String id(String role) {
        return Ids.derived("heron-quay", role).toString();
    }

    private static ElementId element(String role) {
        return new ElementId(id(role));
    }

    private void apply(Edit e) {
        p = e.apply(p);
    }

    private void kinds() {
        kind("outer", "outer 360", HeronQuay.OUTER, true, List.of(new WallKind.Layer("brick", 0.24), new WallKind.Layer("wood fibre",
            0.12)));
        kind("bay", "bay 240", HeronQuay.BAY, false, List.of());
        kind("partition", "partition 140", HeronQuay.INNER, false, List.of());
    }

    private void kind(String key, String name, double thickness, boolean outer, List<WallKind.Layer> layers) {
        apply(WallKinds.add(new WallKind(new KindId(id("kind/" + key)), name, thickness, outer, -1, layers)));
    }

    private void ground(StoreyId on, PlacedDrawing d) {
        HeronQuay.Plan plan = HeronQuay.ground();
        Set<ElementId> there = p.on(on).elements().stream().map(e -> e.id()).collect(Collectors.toCollection(HashSet::new));
        List<Wall> walls = new ArrayList<>();
        for (Wall w : plan.walls()) if (!there.contains(w.id()))
            walls.add(w.with(new Provenance(new Provenance.Way.ByHand(), Supports.ofWall(w, List.of(d)))));
        apply(Tracing.addWalls(on, walls));
        List<StoreyElement> more = new ArrayList<>();
        for (Opening o : plan.openings()) if (!there.contains(o.id())) more.add(o);
        apply(Tracing.add("edit.doors", on, more));
        for (WallKind k : p.wallKinds()) apply(WallKinds.give(p.on(on).walls().stream().filter(w -> Math.abs(w.thickness().value()
            - k.thickness()) < 1e-9).map(Wall::id).collect(Collectors.toSet()), k.id()));
        // the gates of the boat bays: one rolls up, the other is a front of posts and panes towards the terrace
        List<Opening> gates = p.on(on).openings().stream().filter(o -> o.filling() instanceof Opening.Filling.Empty).toList();
        apply(Tracing.changeOpenings("edit.door-way", Set.of(gates.get(0).id()), o -> o.with(new Opening.Filling.Door(false, true,
            Opening.Filling.Way.GATE))));
        apply(Tracing.changeOpenings("edit.glazed", Set.of(gates.get(1).id()), o ->
            o.with(new Opening.Filling.Glazed(new Division.Number(4),
            new Division.Number(2), 0.06, false))));
        OpeningKind door = new OpeningKind(new KindId(id("kind/door")), "door 900", new Opening.Filling.Door(false, true), 0.9, 0, 2.1);
        apply(OpeningKinds.add(door));
        apply(OpeningKinds.give(p.on(on).openings().stream().filter(o -> door.fits(o.filling(), o.width().value())).map(Opening::id)
            .collect(Collectors.toSet()), door.id()));
        apply(Tracing.add("edit.columns", on, columns()));
        apply(Tracing.add("edit.stair", on, List.of(stair())));
        // the bay is open to the workshop below the corridor's wall
        apply(Tracing.add("edit.separation", on, List.of(new Separation(element("separation"), Piece.straight(new Point(BAY_X, 3.3),
            new Point(BAY_X, 5)), Provenance.BY_HAND))));
        apply(Tracing.add("edit.rooms", on, rooms()));
        apply(Tracing.add("edit.outline", on, List.of(new BuildingOutline(element("outline/ground"), p.on(on).slabs().getFirst().outline(),
            p.on(on).slabs().getFirst().follows(), BuildingOutline.Under.GROUND, BuildingOutline.Over.ROOMS, Optional.empty(),
            Provenance.BY_HAND))));
    }

    private static List<Column> columns() {
        List<Column> out = new ArrayList<>();
        for (Point at : HeronQuay.COLUMNS) out.add(new Column(element("column" + out.size()), new Section.Rectangle(HeronQuay.COLUMN,
            HeronQuay.COLUMN), at, 0, Stand.FLOOR, Top.NEXT, Provenance.BY_HAND));
        return out;
    }

    /** Round the bay, from the south. */
    private static Stair stair() {
        return new Stair(element("stair"), List.of(new Piece(new Point(BAY_X, BAY_Y - MEAN), new Point(BAY_X, BAY_Y + MEAN), 1)),
            Given.stated(WIDE), Given.stated(18), Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
    }

    private static List<Room> rooms() {
        List<Room> out = new ArrayList<>();
        room(out, "Boat bay 1", 4, 12, "Boats");
        room(out, "Boat bay 2", 11.5, 12, "Boats");
        room(out, "Workshop", 19.5, 1.6, "Boats");
        room(out, "Corridor", 18.2, 5.7, "Club");
        room(out, "Changing A", 17.1, 8.6, "Club");
        room(out, "Changing B", 21.4, 10.6, "Club");
        room(out, "Stair", 23, 6.5, "Club");
        return out;
    }

    private static void room(List<Room> to, String name, double x, double y, String zone) {
        String number = "0.0" + (to.size() + 1);
        to.add(new Room(element("room" + number), number, name, new Room.Bound.Within(new Point(x, y)), Optional.empty(),
            Optional.empty(), zone,
            Provenance.BY_HAND));
    }

    /** The walls are left to whoever looks at it; how far they reach is known, and what lies over them. */
    private void upper(StoreyId on) {
        Ring shell = SlabOutline.around(HeronQuay.upper().walls().subList(0, 6), Tolerances.BUILDING).orElseThrow();
        List<StoreyElement> out = new ArrayList<>();
        out.add(new Slab(element("slab/upper"), p.on(p.storeys().getFirst().id()).slabs().getFirst().outline(), List.of(), Stand.FLOOR,
            Given.assumed(0.25), Optional.empty(), Provenance.BY_HAND));
        out.add(new BuildingOutline(element("outline/upper"), shell, Optional.empty(), BuildingOutline.Under.ROOMS,
            BuildingOutline.Over.ROOF,
            Optional.empty(), Provenance.BY_HAND));
        List<Roof.Edge> edges = new ArrayList<>();
        for (int i = 0; i < shell.size(); i++) edges.add(new Roof.Edge.Slope(PITCH));
        out.add(new Roof(element("roof"), shell, new Roof.Cover.Pitched(edges), Given.stated(0.6), Given.stated(0.3),
            new Stand.OnFloor(HeronQuay.UPPER_HEIGHT), Provenance.BY_HAND));
        apply(Tracing.add("edit.roof", on, out));
    }
}
