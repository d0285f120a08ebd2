package brightlintel.write.ifc;

import static brightlintel.write.ifc.StepText.NONE;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Heights;
import brightlintel.building.KindId;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.building.Room;
import brightlintel.building.Section;
import brightlintel.building.Separation;
import brightlintel.building.Site;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.TopLine;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import brightlintel.building.Zone;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Enclosures;
import brightlintel.joint.Footprints;
import brightlintel.joint.SlabOutline;
import brightlintel.joint.Wells;
import brightlintel.solid.GlazedBody;
import brightlintel.solid.Solids;
import brightlintel.write.ifc.StepText.Ref;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * Walls keep whole bodies; openings void them. GlobalIds follow from the ids of the project, so they stay the same from one hand-over to
 * the next. The only thing that differs between two hand-overs of one project is the time in the header.
 */
public final class IfcWriter {
    private static final double LEAF = 0.04, PANE = 0.06;
    private static final Point EAST = new Point(1, 0);
    private final Project project;
    private final Tolerances tol;
    private final StepText s = new StepText();
    private final IfcShapes shapes;
    private final IfcSets sets;
    private final IfcUpper upper;
    private final IfcZones zones;
    private final IfcOpeningTypes openingTypes;
    private final Ref context;
    private final List<Note> notes = new ArrayList<>();
    private final Map<KindId, List<Ref>> ofKind = new LinkedHashMap<>();

    /** What could not be handed over as it is. */
    public enum Note { GRID_NEEDS_TWO_DIRECTIONS, OPENING_WITHOUT_WALL, WALL_WITHOUT_GROUND, ROOM_NOT_CLOSED, ROOF_NOT_CLOSED }

    private IfcWriter(Project project, Tolerances tol) {
        this.project = project;
        this.tol = tol;
        double north = project.site().north().value();
        Ref world = s.add("IFCAXIS2PLACEMENT3D", s.once("IFCCARTESIANPOINT", List.of(0.0, 0.0, 0.0)), NONE, NONE);
        Ref trueNorth = s.add("IFCDIRECTION", List.of(-Math.sin(north), Math.cos(north)));
        context = s.add("IFCGEOMETRICREPRESENTATIONCONTEXT", NONE, "Model", 3, 1e-5, world, trueNorth);
        shapes = new IfcShapes(s, context);
        sets = new IfcSets(s, project.id());
        upper = new IfcUpper(s, shapes, sets);
        zones = new IfcZones(s, shapes, sets);
        openingTypes = new IfcOpeningTypes(s, sets, project);
    }

    /** @return what was left out */
    public static List<Note> write(Project p, Tolerances tol, String fileName, Instant now, OutputStream out) throws IOException {
        IfcWriter w = new IfcWriter(p, tol);
        w.project();
        String head = "ISO-10303-21;\nHEADER;\nFILE_DESCRIPTION((" + StepText.text("Building model, handed over") + "),'2;1');\nFILE_NAME("
            + StepText.text(fileName) + ",'" + DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss").withZone(ZoneOffset.UTC).format(now)
            + "',(''),(''),'Bright Lintel 0.1.0','Bright Lintel 0.1.0','');\n"
            + "FILE_SCHEMA(('IFC4'));\nENDSEC;\nDATA;\n";
        out.write((head + w.s + "ENDSEC;\nEND-ISO-10303-21;\n").getBytes(StandardCharsets.US_ASCII));
        return w.notes.stream().distinct().toList();
    }

    private void project() {
        List<Ref> units = List.of(unit("LENGTHUNIT", "METRE"), unit("AREAUNIT", "SQUARE_METRE"), unit("VOLUMEUNIT", "CUBIC_METRE"),
            unit("PLANEANGLEUNIT", "RADIAN"));
        Ref assignment = s.add("IFCUNITASSIGNMENT", units);
        Ref p = s.add("IFCPROJECT", IfcSets.of(project.id()), NONE, project.name(), NONE, NONE, NONE, NONE, List.of(context), assignment);
        if (project.site().isKnown()) survey();
        Ref atSite = shapes.placement(null, 0, 0, 0, EAST);
        double datum = project.site().datum().value();
        Ref site = s.add("IFCSITE", sets.id("site"), NONE, project.name(), NONE, NONE, atSite, NONE, NONE, StepText.of("ELEMENT"), NONE,
            NONE,
            datum, NONE, NONE);
        sets.aggregate("site", p, List.of(site));
        Ref atBuilding = shapes.placement(atSite, 0, 0, 0, EAST);
        List<Ref> buildings = project.parts().stream().map(part -> building(part, atBuilding)).toList();
        sets.aggregate("building", site, buildings);
        for (WallKind k : project.wallKinds()) if (ofKind.containsKey(k.id())) wallKind(k, ofKind.get(k.id()));
        openingTypes.write();
        zones.groups();
        grid(buildings.getFirst(), atBuilding);
    }

    /** One for each part of the building, all in one place. */
    private Ref building(String part, Ref at) {
        String key = part.isEmpty() ? "" : "/" + part;
        Ref building = s.add("IFCBUILDING", sets.id("building" + key), NONE, part.isEmpty() ? project.name() : part, NONE, NONE, at, NONE,
            NONE, StepText.of("ELEMENT"), project.site().datum().value(), NONE, NONE);
        sets.aggregate("storeys" + key, building, project.stack(part).stream().map(st -> storey(st, at)).toList());
        return building;
    }

    /**
     * Where the building's 0,0,0 lies in the survey, and how its x axis runs there. Its own coordinates stay small: the large figures stand
     * here alone. True north is taken for the survey's north.
     */
    private void survey() {
        Site site = project.site();
        double north = site.north().value();
        Ref crs = s.add("IFCPROJECTEDCRS", "Survey", "As stated in the project; the system is not named", NONE, NONE, NONE, NONE, NONE);
        s.add("IFCMAPCONVERSION", context, crs, site.survey().value().x(), site.survey().value().y(), site.datum().value(), Math.cos(north),
            -Math.sin(north), 1.0);
    }

    private Ref unit(String type, String name) {
        return s.add("IFCSIUNIT", StepText.DERIVED, StepText.of(type), NONE, StepText.of(name));
    }

    private Ref storey(Storey st, Ref atBuilding) {
        double level = st.level().value();
        Ref at = shapes.placement(atBuilding, 0, 0, level, EAST);
        Ref storey = s.add("IFCBUILDINGSTOREY", IfcSets.of(st.id().value()), NONE, st.name(), NONE, NONE, at, NONE, NONE,
            StepText.of("ELEMENT"), level);
        Floor floor = new Floor(Heights.of(project, st.id()), project.on(st.id()), Footprints.of(project.on(st.id()), tol), at,
            new ArrayList<>(), new HashMap<>(), new Enclosures[1]);
        List<Ref> spaces = new ArrayList<>();
        Map<Room, Ref> bounded = new LinkedHashMap<>();
        for (StoreyElement e : floor.contents.elements())
            switch (e) {
                case Wall w -> wall(w, floor);
                // with its wall
                case Opening o -> {
                    if (floor.contents.wall(o.wall()).isEmpty()) notes.add(Note.OPENING_WITHOUT_WALL);
                }
                case Slab x -> floor.contained.add(slab(x, floor));
                case Column x -> floor.put(x.id(), column(x, floor));
                case Stair x -> floor.contained.add(upper.stair(x, floor.heights, at));
                case Roof x -> roof(x, floor);
                case Zone z -> zones.zone(z, st, storey, at);
                case BuildingOutline b -> zones.outline(b, SlabOutline.of(b, floor.contents, tol), st, storey, at);
                case Room r -> rooms(floor).of(r).ifPresentOrElse(y -> {
                    Ref space = space(r, y, floor);
                    spaces.add(space);
                    bounded.put(r, space);
                    zones.room(r, space);
                }, () ->
                    notes.add(Note.ROOM_NOT_CLOSED));
                // parts rooms, and is nothing itself
                case Separation _ -> { }
            }
        if (!spaces.isEmpty()) sets.aggregate("rooms/" + st.id().value(), storey, spaces);
        bounds(bounded, floor);
        if (!floor.contained.isEmpty())
            s.add("IFCRELCONTAINEDINSPATIALSTRUCTURE", sets.id("contained/" + st.id().value()), NONE, NONE, NONE, floor.contained, storey);
        return storey;
    }

    /** Once all that may bound a room is written. */
    private void bounds(Map<Room, Ref> spaces, Floor f) {
        if (spaces.isEmpty()) return;
        IfcBoundaries b = new IfcBoundaries(s, shapes, sets, f.contents, f.footprints, rooms(f), f.written);
        spaces.forEach((r, space) -> rooms(f).of(r).ifPresent(e -> b.of(r, space, e, f.heights.clear(r))));
        f.contained.addAll(b.air());
    }

    private void roof(Roof r, Floor f) {
        Optional<RoofForm> form = f.contents.form(r);
        if (form.isEmpty()) notes.add(Note.ROOF_NOT_CLOSED);
        f.contained.add(upper.roof(r, form, f.heights, f.at));
    }

    /** A storey that is being written. */
    private record Floor(Heights heights, Contents contents, Footprints footprints, Ref at, List<Ref> contained, Map<ElementId,
        Ref> written,
                         Enclosures[] rooms) {
        void put(ElementId id, Ref ref) {
            contained.add(ref);
            written.put(id, ref);
        }
    }

    /** Solved once for each storey that has rooms. */
    private Enclosures rooms(Floor f) {
        if (f.rooms[0] == null) f.rooms[0] = Enclosures.of(f.contents, f.footprints, tol);
        return f.rooms[0];
    }

    private void wall(Wall w, Floor in) {
        Point a = w.reference().a(), along = w.reference().b().minus(a).unit();
        Affine local = Affine.move(a.times(-1)).then(Affine.turn(-along.angle()));
        TopLine top = in.heights.top(w);
        double base = in.heights.aboveFloor(w.base());
        Ref at = shapes.placement(in.at, a.x(), a.y(), base, along);
        List<Ring> ground = in.footprints.of(w.id());
        List<Opening> openings = in.contents.openingsIn(w.id());
        IfcVoids voids = new IfcVoids(w, ground, tol);
        double[] jambs = openings.stream().flatMapToDouble(o -> DoubleStream.of(o.start(), o.end())).toArray();
        Ref wall = s.add("IFCWALL", IfcSets.of(w.id().value()), NONE, name(w), NONE, NONE, at,
            body(w, voids.offJambs(ground, jambs), local, top, in), NONE, StepText.of("SOLIDWALL"));
        in.put(w.id(), wall);
        w.kind().ifPresent(k -> ofKind.computeIfAbsent(k, _ -> new ArrayList<>()).add(wall));
        double area = ground.stream().mapToDouble(Ring::area).sum();
        sets.quantities("Qto_WallBaseQuantities", w.id().value(), wall, sets.length("Length", w.length()), sets.length("Width",
            w.thickness().value()),
            sets.length("Height", top.most()), sets.area("GrossFootprintArea", area), sets.volume("GrossVolume", Solids.volume(w, ground,
                List.of(), top)),
            sets.volume("NetVolume", Solids.volume(w, ground, openings, top)));
        if (openings.isEmpty()) return;
        Host host = new Host(w, wall, at, local, base, voids);
        for (Opening o : openings) opening(o, host, in);
    }

    /** A wall whose ground others cover wholly, like one drawn twice, has an axis but no body. */
    private Ref body(Wall w, List<Ring> ground, Affine local, TopLine top, Floor in) {
        Ref axis = shapes.axis(w.reference().mapped(local));
        if (ground.isEmpty()) {
            notes.add(Note.WALL_WITHOUT_GROUND);
            return shapes.shape(axis);
        }
        if (top.isLevel())
            return shapes.shape(axis, shapes.prisms(ground.stream().map(r -> r.mapped(local)).toList(), List.of(), 0, top.most()));
        return shapes.shape(axis, shapes.mesh(Solids.wall(w, in.heights.storey().id(), ground, List.of(), 0, top).triangles(), local, 0));
    }

    private static String name(Wall w) {
        return "Wall " + Math.round(w.thickness().value() * 1000);
    }

    /** A wall that was written. @param base above the storey's floor */
    private record Host(Wall wall, Ref ref, Ref at, Affine local, double base, IfcVoids voids) { }

    private void opening(Opening o, Host host, Floor in) {
        Wall w = host.wall;
        double sill = o.sill().value(), height = o.head().value() - sill;
        Ref at = shapes.placement(host.at, 0, 0, sill, EAST);
        Ring ground = host.voids.of(o).mapped(host.local);
        Ref hole = s.add("IFCOPENINGELEMENT", sets.id("hole/" + o.id().value()), NONE, NONE, NONE, NONE, at,
            shapes.shape(shapes.prisms(List.of(ground), List.of(), 0, height)), NONE, StepText.of("OPENING"));
        s.add("IFCRELVOIDSELEMENT", sets.id("voids/" + o.id().value()), NONE, NONE, NONE, host.ref, hole);
        if (o.filling() instanceof Opening.Filling.Glazed g) in.put(o.id(), glazed(o, g, host, hole, in.at));
        else if (!(o.filling() instanceof Opening.Filling.Empty)) in.put(o.id(), filling(o, host, hole, in.at));
    }

    /**
     * Placed at a jamb, in the middle of the wall, x along the opening. A door opens towards y and its hinge is looked for from there, as
     * the standard asks: one that opens to the right of its wall is placed the other way round.
     */
    private Ref filling(Opening o, Host host, Ref hole, Ref atStorey) {
        Wall w = host.wall;
        double middle = (w.left() - w.right()) / 2, height = o.head().value() - o.sill().value();
        boolean window = o.filling() instanceof Opening.Filling.Window, back = o.filling() instanceof Opening.Filling.Door d
            && !d.opensLeft();
        Point start = w.reference().at(back ? o.end() : o.start(), middle), along = w.reference().direction(o.along()).times(back ? -1 : 1);
        Affine local = Affine.move(start.times(-1)).then(Affine.turn(-along.angle()));
        Ref at = shapes.placement(atStorey, start.x(), start.y(), host.base + o.sill().value(), along);
        double half = (window ? PANE : LEAF) / 2;
        Ring ground = Solids.openingGround(o, w, middle - half, middle + half, tol).mapped(local);
        Ref shape = shapes.shape(shapes.prisms(List.of(ground), List.of(), 0, height));
        String id = IfcSets.of(o.id().value());
        Ref product = window
            ? s.add("IFCWINDOW", id, NONE, "Window " + mm(o), NONE, sash(o), at, shape, NONE, height, o.width().value(),
                StepText.of("WINDOW"),
                StepText.of("NOTDEFINED"), NONE)
            : s.add("IFCDOOR", id, NONE, "Door " + mm(o), NONE, NONE, at, shape, NONE, height, o.width().value(), StepText.of("DOOR"),
                StepText.of(swing(o)), NONE);
        s.add("IFCRELFILLSELEMENT", sets.id("fills/" + o.id().value()), NONE, NONE, NONE, hole, product);
        sets.quantities(window ? "Qto_WindowBaseQuantities" : "Qto_DoorBaseQuantities", o.id().value(), product, sets.length("Width",
            o.width().value()), sets.length("Height", height), sets.area("Area", o.width().value() * height));
        openingTypes.of(o, swing(o), product);
        sets.common(window ? "Pset_WindowCommon" : "Pset_DoorCommon", o.id().value(), product, (window ? "Window " : "Door ") + mm(o),
            isOuter(w), o.fire().isEmpty() ? new Ref[0] : new Ref[] {sets.property("FireRating", "IFCLABEL", o.fire())});
        return product;
    }

    /** Posts and rails as members, panes as plates, in the place of the wall. */
    private Ref glazed(Opening o, Opening.Filling.Glazed g, Host host, Ref hole, Ref atStorey) {
        GlazedBody body = new GlazedBody(o, g, host.wall, tol);
        Point a = host.wall.reference().a(), along = host.wall.reference().b().minus(a).unit();
        Ref at = shapes.placement(atStorey, a.x(), a.y(), host.base, along);
        double height = o.head().value() - o.sill().value(), width = o.width().value();
        String id = o.id().value();
        Ref wall = s.add("IFCCURTAINWALL", IfcSets.of(id), NONE, "Glazed wall " + mm(o), NONE, NONE, at, NONE, NONE,
            StepText.of("NOTDEFINED"));
        List<Ref> parts = new ArrayList<>();
        for (GlazedBody.Part p : body.posts()) parts.add(part("IFCMEMBER", "MULLION", "Post", p, body.ground(p, true), host, at, id
            + "/post/" + parts.size()));
        for (GlazedBody.Part p : body.panes()) parts.add(part("IFCPLATE", "CURTAIN_PANEL", "Pane", p, body.ground(p, false), host, at, id
            + "/pane/" + parts.size()));
        sets.aggregate("glazed/" + id, wall, parts);
        s.add("IFCRELFILLSELEMENT", sets.id("fills/" + id), NONE, NONE, NONE, hole, wall);
        sets.quantities("Qto_CurtainWallQuantities", id, wall, sets.length("Length", width), sets.length("Height", height),
            sets.length("Width", g.post()), sets.area("GrossSideArea", width * height), sets.area("NetSideArea", width * height));
        sets.common("Pset_CurtainWallCommon", id, wall, "Glazed wall " + mm(o), isOuter(host.wall));
        return wall;
    }

    private Ref part(String type, String sort, String name, GlazedBody.Part p, Ring ground, Host host, Ref at, String key) {
        return s.add(type, sets.id("glazed/" + key), NONE, name, NONE, NONE, shapes.placement(at, 0, 0, 0, EAST),
            shapes.shape(shapes.blocks(List.of(new IfcShapes.Block(ground.mapped(host.local), p.bottom(), p.top() - p.bottom())))), NONE,
            StepText.of(sort));
    }

    /** Only where the wall's kind says so. */
    private Optional<Boolean> isOuter(Wall w) {
        return w.kind().flatMap(project::wallKind).map(WallKind::outer);
    }

    private static String sash(Opening o) {
        return o.filling() instanceof Opening.Filling.Window(Opening.Filling.Sash x) ? x.name() : "";
    }

    private static long mm(Opening o) {
        return Math.round(o.width().value() * 1000);
    }

    /** Left and right as the standard sees them: looking the way the door opens. */
    private static String swing(Opening o) {
        if (!(o.filling() instanceof Opening.Filling.Door d)) return "NOTDEFINED";
        String hand = d.opensLeft() != d.hingeFar() ? "LEFT" : "RIGHT";
        return switch (d.way()) {
            case SINGLE -> "SINGLE_SWING_" + hand;
            case DOUBLE -> "DOUBLE_DOOR_SINGLE_SWING";
            case SLIDING -> "SLIDING_TO_" + hand;
            case FOLDING -> "FOLDING_TO_" + hand;
            case GATE -> "ROLLINGUP";
        };
    }

    private Ref slab(Slab slab, Floor in) {
        Ring outline = SlabOutline.of(slab, in.contents, tol);
        List<Enclosure> ground = Wells.without(slab, outline, Wells.of(project, in.heights.storey().id()));
        double t = slab.thickness().value();
        Ref at = shapes.placement(in.at, 0, 0, in.heights.aboveFloor(slab.top()) - t, EAST);
        Ref shape = shapes.shape(shapes.plates(ground, t));
        double net = ground.stream().mapToDouble(Enclosure::area).sum();
        Ref ref = s.add("IFCSLAB", IfcSets.of(slab.id().value()), NONE, "Slab " + Math.round(t * 1000), NONE, NONE, at, shape, NONE,
            StepText.of("FLOOR"));
        sets.quantities("Qto_SlabBaseQuantities", slab.id().value(), ref, sets.length("Depth", t), sets.area("GrossArea", outline.area()),
            sets.area("NetArea", net), sets.volume("NetVolume", net * t));
        sets.common("Pset_SlabCommon", slab.id().value(), ref, "Slab " + Math.round(t * 1000), Optional.empty(),
            sets.property("PitchAngle", "IFCPLANEANGLEMEASURE", 0.0));
        return ref;
    }

    /** A type, its build-up, and whether it is outer; with the walls that are of it. */
    private void wallKind(WallKind k, List<Ref> walls) {
        String key = "kind/" + k.id().value();
        Ref set = sets.set(key + "/set", "Pset_WallCommon", sets.property("IsExternal", "IFCBOOLEAN", k.outer()));
        Ref type = s.add("IFCWALLTYPE", IfcSets.of(k.id().value()), NONE, k.name(), NONE, NONE, List.of(set), NONE, NONE, NONE,
            StepText.of("SOLIDWALL"));
        s.add("IFCRELDEFINESBYTYPE", sets.id(key + "/walls"), NONE, NONE, NONE, walls, type);
        if (k.layers().isEmpty()) return;
        List<Ref> layers = new ArrayList<>();
        for (WallKind.Layer l : k.layers())
            layers.add(s.add("IFCMATERIALLAYER", s.add("IFCMATERIAL", l.material(), NONE, NONE), l.thickness(), NONE, NONE, NONE, NONE,
                NONE));
        Ref build = s.add("IFCMATERIALLAYERSET", layers, k.name(), NONE);
        s.add("IFCRELASSOCIATESMATERIAL", sets.id(key + "/layers"), NONE, NONE, NONE, List.of(type), build);
    }

    private Ref column(Column c, Floor in) {
        Point along = Point.polar(c.turn(), 1);
        double height = in.heights.height(c);
        Ref at = shapes.placement(in.at, c.at().x(), c.at().y(), in.heights.aboveFloor(c.base()), along);
        Ref shape = shapes.shape(shapes.prisms(List.of(c.section().outline()), List.of(), 0, height));
        Ref ref = s.add("IFCCOLUMN", IfcSets.of(c.id().value()), NONE, "Column " + size(c.section()), NONE, NONE, at, shape, NONE,
            StepText.of("COLUMN"));
        double area = c.section().area();
        sets.quantities("Qto_ColumnBaseQuantities", c.id().value(), ref, sets.length("Length", height), sets.area("CrossSectionArea", area),
            sets.volume("GrossVolume", area * height), sets.volume("NetVolume", area * height));
        sets.common("Pset_ColumnCommon", c.id().value(), ref, "Column " + size(c.section()), Optional.empty(),
            sets.property("Slope", "IFCPLANEANGLEMEASURE", Math.PI / 2));
        return ref;
    }

    private static String size(Section s) {
        return switch (s) {
            case Section.Round(double d) -> Long.toString(Math.round(1000 * d));
            case Section.Rectangle(double w, double d) -> Math.round(1000 * w) + "x" + Math.round(1000 * d);
            case Section.Shape(Ring r) -> Math.round(1000 * r.box().width()) + "x" + Math.round(1000 * r.box().height());
        };
    }

    private Ref space(Room r, Enclosure e, Floor in) {
        double height = in.heights.clear(r);
        Ref at = shapes.placement(in.at, 0, 0, 0, EAST);
        Ref shape = shapes.shape(shapes.prisms(List.of(e.outline()), e.holes(), 0, height));
        Ref ref = s.add("IFCSPACE", IfcSets.of(r.id().value()), NONE, r.number().isEmpty() ? r.name() : r.number(), NONE, NONE, at, shape,
            r.name().isEmpty() ? NONE : r.name(), StepText.of("ELEMENT"), StepText.of("SPACE"), NONE);
        sets.quantities("Qto_SpaceBaseQuantities", r.id().value(), ref, sets.length("Height", height), sets.length("NetPerimeter",
            e.perimeter()),
            sets.area("NetFloorArea", e.area()), sets.volume("NetVolume", e.area() * height));
        sets.common("Pset_SpaceCommon", r.id().value(), ref, r.number().isEmpty() ? r.name() : r.number(), Optional.of(false),
            r.written().map(a -> sets.property("NetPlannedArea", "IFCAREAMEASURE", a)).stream().toArray(Ref[]::new));
        return ref;
    }

    private void grid(Ref building, Ref atBuilding) {
        if (project.grid().isEmpty()) return;
        Optional<Ref> grid = new IfcGrids(s, shapes).write(project.grid(), sets.id("grid"), shapes.placement(atBuilding, 0, 0, 0, EAST));
        if (grid.isEmpty()) notes.add(Note.GRID_NEEDS_TWO_DIRECTIONS);
        else s.add("IFCRELCONTAINEDINSPATIALSTRUCTURE", sets.id("contained/grid"), NONE, NONE, NONE, List.of(grid.get()), building);
    }
}
