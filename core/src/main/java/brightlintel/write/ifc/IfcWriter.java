package brightlintel.write.ifc;

import static brightlintel.write.ifc.StepText.NONE;

import brightlintel.building.Contents;
import brightlintel.building.GridLine;
import brightlintel.building.Ids;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Slab;
import brightlintel.building.Storey;
import brightlintel.building.Wall;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Footprints;
import brightlintel.solid.Solids;
import brightlintel.trace.GridLabels;
import brightlintel.trace.SlabOutline;
import brightlintel.write.ifc.StepText.Ref;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/**
 * Walls keep whole bodies; openings void them. GlobalIds follow from the ids of the project, so they stay the same from one hand-over to the
 * next. The only thing that differs between two hand-overs of one project is the time in the header.
 */
public final class IfcWriter {
    /** An opening's body reaches this far out of both faces, so that no skin is left. */
    private static final double BEYOND = 0.05;
    private static final double LEAF = 0.04, PANE = 0.06;
    private static final Point EAST = new Point(1, 0);
    private final Project project;
    private final Tolerances tol;
    private final StepText s = new StepText();
    private final IfcShapes shapes;
    private final Ref context;
    private final List<Note> notes = new ArrayList<>();

    /** What could not be handed over as it is. */
    public enum Note { GRID_NEEDS_TWO_DIRECTIONS, OPENING_WITHOUT_WALL }

    private IfcWriter(Project project, Tolerances tol) {
        this.project = project;
        this.tol = tol;
        double north = project.site().north().value();
        Ref world = s.add("IFCAXIS2PLACEMENT3D", s.once("IFCCARTESIANPOINT", List.of(0.0, 0.0, 0.0)), NONE, NONE);
        Ref trueNorth = s.add("IFCDIRECTION", List.of(-Math.sin(north), Math.cos(north)));
        context = s.add("IFCGEOMETRICREPRESENTATIONCONTEXT", NONE, "Model", 3, 1e-5, world, trueNorth);
        shapes = new IfcShapes(s, context);
    }

    /** @return what was left out */
    public static List<Note> write(Project p, Tolerances tol, String fileName, Instant now, OutputStream out) throws IOException {
        IfcWriter w = new IfcWriter(p, tol);
        w.project();
        String head = "ISO-10303-21;\nHEADER;\nFILE_DESCRIPTION((" + StepText.text("Building model, handed over") + "),'2;1');\nFILE_NAME(" + StepText.text(fileName) + ",'"
            + DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss").withZone(ZoneOffset.UTC).format(now) + "',(''),(''),'Bright Lintel 0.1.0','Bright Lintel 0.1.0','');\n"
            + "FILE_SCHEMA(('IFC4'));\nENDSEC;\nDATA;\n";
        out.write((head + w.s + "ENDSEC;\nEND-ISO-10303-21;\n").getBytes(StandardCharsets.US_ASCII));
        return w.notes.stream().distinct().toList();
    }

    private String id(String role) {
        return GlobalId.of(Ids.derived(project.id(), role));
    }

    private static String id(UUID u) {
        return GlobalId.of(u);
    }

    private void project() {
        List<Ref> units = List.of(unit("LENGTHUNIT", "METRE"), unit("AREAUNIT", "SQUARE_METRE"), unit("VOLUMEUNIT", "CUBIC_METRE"), unit("PLANEANGLEUNIT", "RADIAN"));
        Ref assignment = s.add("IFCUNITASSIGNMENT", units);
        Ref p = s.add("IFCPROJECT", id(Ids.uuid(project.id())), NONE, project.name(), NONE, NONE, NONE, NONE, List.of(context), assignment);
        Ref atSite = shapes.placement(null, 0, 0, 0, EAST);
        Ref site = s.add("IFCSITE", id("site"), NONE, project.name(), NONE, NONE, atSite, NONE, NONE, StepText.of("ELEMENT"), NONE, NONE, NONE, NONE, NONE);
        Ref atBuilding = shapes.placement(atSite, 0, 0, 0, EAST);
        Ref building = s.add("IFCBUILDING", id("building"), NONE, project.name(), NONE, NONE, atBuilding, NONE, NONE, StepText.of("ELEMENT"),
            project.site().datum().value(), NONE, NONE);
        aggregate("site", p, List.of(site));
        aggregate("building", site, List.of(building));
        List<Ref> storeys = new ArrayList<>();
        for (Storey st : project.storeys()) storeys.add(storey(st, atBuilding));
        aggregate("storeys", building, storeys);
        grid(building, atBuilding);
    }

    private Ref unit(String type, String name) {
        return s.add("IFCSIUNIT", StepText.DERIVED, StepText.of(type), NONE, StepText.of(name));
    }

    private void aggregate(String role, Ref whole, List<Ref> parts) {
        s.add("IFCRELAGGREGATES", id("aggregate/" + role), NONE, NONE, NONE, whole, parts);
    }

    private Ref storey(Storey st, Ref atBuilding) {
        double level = st.level().value();
        Ref at = shapes.placement(atBuilding, 0, 0, level, EAST);
        Ref storey = s.add("IFCBUILDINGSTOREY", id(Ids.uuid(st.id().value())), NONE, st.name(), NONE, NONE, at, NONE, NONE, StepText.of("ELEMENT"), level);
        Contents c = project.on(st.id());
        Footprints f = Footprints.of(c.walls(), tol);
        List<Ref> contained = new ArrayList<>();
        for (Wall w : c.walls()) wall(w, st, c, f, at, contained);
        for (Opening o : c.openings()) if (c.wall(o.wall()).isEmpty()) notes.add(Note.OPENING_WITHOUT_WALL);
        for (Slab slab : c.slabs()) contained.add(slab(slab, c, at));
        if (!contained.isEmpty()) s.add("IFCRELCONTAINEDINSPATIALSTRUCTURE", id("contained/" + st.id().value()), NONE, NONE, NONE, contained, storey);
        return storey;
    }

    private void wall(Wall w, Storey st, Contents c, Footprints f, Ref atStorey, List<Ref> contained) {
        Point a = w.reference().a(), along = w.reference().b().minus(a).unit();
        Affine local = Affine.move(a.times(-1)).then(Affine.turn(-along.angle()));
        double height = project.heightOf(st.id(), w);
        Ref at = shapes.placement(atStorey, a.x(), a.y(), w.base(), along);
        List<Ring> rings = f.of(w.id()).stream().map(r -> r.mapped(local)).toList();
        Ref body = shapes.prisms(rings, List.of(), 0, height);
        Ref shape = shapes.shape(shapes.axis(w.reference().mapped(local)), body);
        Ref wall = s.add("IFCWALL", id(Ids.uuid(w.id().value())), NONE, name(w), NONE, NONE, at, shape, NONE, StepText.of("SOLIDWALL"));
        contained.add(wall);
        List<Opening> openings = c.openingsIn(w.id());
        quantities("Qto_WallBaseQuantities", w.id().value(), wall, length("Length", w.length()), length("Width", w.thickness().value()), length("Height", height),
            area("GrossFootprintArea", f.area(w.id())), volume("GrossVolume", f.area(w.id()) * height), volume("NetVolume", Solids.volume(w, f.of(w.id()), openings, height)));
        for (Opening o : openings) opening(o, w, wall, at, local, atStorey, contained);
    }

    private static String name(Wall w) {
        return "Wall " + Math.round(w.thickness().value() * 1000);
    }

    private void opening(Opening o, Wall w, Ref wall, Ref atWall, Affine local, Ref atStorey, List<Ref> contained) {
        double sill = o.sill().value(), height = o.head().value() - sill;
        Ref at = shapes.placement(atWall, 0, 0, sill, EAST);
        Ring ground = Solids.openingGround(o, w, -w.right() - BEYOND, w.left() + BEYOND, tol).mapped(local);
        Ref hole = s.add("IFCOPENINGELEMENT", id("hole/" + o.id().value()), NONE, NONE, NONE, NONE, at, shapes.shape(shapes.prisms(List.of(ground), List.of(), 0, height)), NONE,
            StepText.of("OPENING"));
        s.add("IFCRELVOIDSELEMENT", id("voids/" + o.id().value()), NONE, NONE, NONE, wall, hole);
        if (o.filling() instanceof Opening.Filling.Empty) return;
        contained.add(filling(o, w, hole, atStorey, height));
    }

    /** Placed at the middle of the opening, x along the wall: where its readers look for the hand of a door. */
    private Ref filling(Opening o, Wall w, Ref hole, Ref atStorey, double height) {
        boolean window = o.filling() instanceof Opening.Filling.Window;
        Point start = w.reference().at(o.start(), (w.left() - w.right()) / 2), along = w.reference().direction(o.along());
        Affine local = Affine.move(start.times(-1)).then(Affine.turn(-along.angle()));
        Ref at = shapes.placement(atStorey, start.x(), start.y(), w.base() + o.sill().value(), along);
        double half = (window ? PANE : LEAF) / 2, middle = (w.left() - w.right()) / 2;
        Ring ground = Solids.openingGround(o, w, middle - half, middle + half, tol).mapped(local);
        Ref shape = shapes.shape(shapes.prisms(List.of(ground), List.of(), 0, height));
        String id = id(Ids.uuid(o.id().value()));
        Ref product = window
            ? s.add("IFCWINDOW", id, NONE, "Window " + mm(o), NONE, NONE, at, shape, NONE, height, o.width().value(), StepText.of("WINDOW"), StepText.of("NOTDEFINED"), NONE)
            : s.add("IFCDOOR", id, NONE, "Door " + mm(o), NONE, NONE, at, shape, NONE, height, o.width().value(), StepText.of("DOOR"), StepText.of(swing(o)), NONE);
        s.add("IFCRELFILLSELEMENT", id("fills/" + o.id().value()), NONE, NONE, NONE, hole, product);
        return product;
    }

    private static long mm(Opening o) {
        return Math.round(o.width().value() * 1000);
    }

    /** Left and right as the standard sees them: looking the way the door opens. */
    private static String swing(Opening o) {
        if (!(o.filling() instanceof Opening.Filling.Door d)) return "NOTDEFINED";
        return d.opensLeft() != d.hingeFar() ? "SINGLE_SWING_LEFT" : "SINGLE_SWING_RIGHT";
    }

    private Ref slab(Slab slab, Contents c, Ref atStorey) {
        Ring outline = SlabOutline.of(slab, c, tol);
        double t = slab.thickness().value();
        Ref at = shapes.placement(atStorey, 0, 0, slab.topOffset() - t, EAST);
        Ref shape = shapes.shape(shapes.prisms(List.of(outline), slab.holes(), 0, t));
        Ref ref = s.add("IFCSLAB", id(Ids.uuid(slab.id().value())), NONE, "Slab " + Math.round(t * 1000), NONE, NONE, at, shape, NONE, StepText.of("FLOOR"));
        double area = slab.with(outline).area();
        quantities("Qto_SlabBaseQuantities", slab.id().value(), ref, length("Depth", t), area("GrossArea", outline.area()), area("NetArea", area), volume("NetVolume", area * t));
        return ref;
    }

    private Ref length(String name, double v) {
        return s.add("IFCQUANTITYLENGTH", name, NONE, NONE, v, NONE);
    }

    private Ref area(String name, double v) {
        return s.add("IFCQUANTITYAREA", name, NONE, NONE, v, NONE);
    }

    private Ref volume(String name, double v) {
        return s.add("IFCQUANTITYVOLUME", name, NONE, NONE, v, NONE);
    }

    private void quantities(String set, String of, Ref element, Ref... q) {
        Ref e = s.add("IFCELEMENTQUANTITY", id("quantities/" + of), NONE, set, NONE, NONE, List.of(q));
        s.add("IFCRELDEFINESBYPROPERTIES", id("has-quantities/" + of), NONE, NONE, NONE, List.of(element), e);
    }

    private void grid(Ref building, Ref atBuilding) {
        List<Ref> letters = new ArrayList<>(), figures = new ArrayList<>(), curves = new ArrayList<>();
        if (project.grid().isEmpty()) return;
        boolean both = project.grid().stream().map(g -> GridLabels.family(g.line())).distinct().count() == 2;
        if (!both) {
            notes.add(Note.GRID_NEEDS_TWO_DIRECTIONS);
            return;
        }
        for (GridLine g : project.grid()) {
            Piece line = g.line();
            Ref curve = shapes.curve(line);
            curves.add(curve);
            (GridLabels.family(line).equals("letters") ? letters : figures).add(s.add("IFCGRIDAXIS", g.label(), curve, true));
        }
        Ref at = shapes.placement(atBuilding, 0, 0, 0, EAST);
        Ref grid = s.add("IFCGRID", id("grid"), NONE, "Grid", NONE, NONE, at, shapes.shape(shapes.curves(curves)), letters, figures, NONE, NONE);
        s.add("IFCRELCONTAINEDINSPATIALSTRUCTURE", id("contained/grid"), NONE, NONE, NONE, List.of(grid), building);
    }
}
