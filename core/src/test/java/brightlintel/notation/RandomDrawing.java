package brightlintel.notation;

import brightlintel.drawing.Block;
import brightlintel.drawing.Colour;
import brightlintel.drawing.Companions;
import brightlintel.drawing.DimensionStyle;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Entity.Across;
import brightlintel.drawing.Entity.PolylineKind;
import brightlintel.drawing.Entity.TextSort;
import brightlintel.drawing.Entity.Upward;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Format;
import brightlintel.drawing.Header;
import brightlintel.drawing.Layer;
import brightlintel.drawing.LineType;
import brightlintel.drawing.Paper;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Style;
import brightlintel.drawing.Tables;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/** Drawings of all kinds that our writers know, with figures by chance. */
public final class RandomDrawing {
    private static final String[] LAYERS = {"0", "A-WALL", "Tür ü", "S-GRID", "junk"};
    private static final int[] WEIGHTS = {-3, -2, -1, 0, 13, 35, 211};
    private static final int KINDS = 23;
    private final Random r;
    private final List<String> blocks = new ArrayList<>();
    private long ordinal;

    private RandomDrawing(long seed) {
        r = new Random(seed);
    }

    public static RawDrawing of(long seed, int entities) {
        return new RandomDrawing(seed).drawing(entities);
    }

    private RawDrawing drawing(int entities) {
        List<Layer> layers = new ArrayList<>();
        for (String n : LAYERS)
            layers.add(new Layer(n, colour(), r.nextBoolean(), r.nextInt(4) == 0, r.nextInt(4) == 0, r.nextBoolean()
                ? "AXIS" : "Continuous", r.nextBoolean() ? -3 : 25, r.nextBoolean(), true));
        Map<String, LineType> types = new LinkedHashMap<>();
        types.put("axis", new LineType("AXIS", "long and short", 1.25,
            List.of(LineType.Dash.plain(0.9), LineType.Dash.plain(-0.12), LineType.Dash.plain(0), LineType.Dash.plain(-0.23))));
        Map<String, Block> made = new LinkedHashMap<>();
        for (int i = 0; i < 3; i++) {
            String name = "BLOCK " + i;
            made.put("block " + i, new Block(name, point(), list(4), ""));
            blocks.add(name);
        }
        List<Space> spaces = List.of(Space.model(list(entities)),
            new Space(new SpaceKey.Layout("Sheet A"), Paper.ofLayout(841, 594, 1), list(3)),
            new Space(new SpaceKey.Layout("Sheet B"), Paper.ofLayout(279.4, 215.9, 0), list(3)));
        return new RawDrawing("", Format.DWG, "",
            new Header(Map.of("$INSUNITS", Integer.toString(r.nextInt(7)), "$MEASUREMENT", Integer.toString(r.nextInt(2)), "$LTSCALE",
            "2.5", "$LUNITS", "2")), layers,
            new Tables(types, List.of(new DimensionStyle("HALF", 0.5, 2, 3.5))), spaces, made, Companions.NONE, Report.EMPTY);
    }

    private List<Entity> list(int n) {
        return IntStream.range(0, n).mapToObj(_ -> entity(r.nextInt(KINDS))).toList();
    }

    private EntityKey key() {
        return new EntityKey("", ++ordinal);
    }

    private Colour colour() {
        return new Colour(1 + r.nextInt(255), Optional.empty());
    }

    private Style style() {
        Colour c = switch (r.nextInt(3)) {
            case 0 -> Colour.BY_LAYER;
            case 1 -> Colour.BY_BLOCK;
            default -> colour();
        };
        return new Style(LAYERS[r.nextInt(LAYERS.length)], c, new String[] {"", "ByBlock", "Continuous", "AXIS"}[r.nextInt(4)],
            r.nextBoolean() ? 1 : figure(), WEIGHTS[r.nextInt(WEIGHTS.length)], r.nextInt(5) > 0);
    }

    private double figure() {
        return switch (r.nextInt(5)) {
            case 0 -> 1;
            case 1 -> 1 + r.nextInt(1000);
            default -> 0.1 + r.nextDouble() * Math.pow(10, r.nextInt(6));
        };
    }

    private double place() {
        return r.nextInt(4) == 0 ? 0 : (r.nextDouble() - 0.5) * Math.pow(10, r.nextInt(8));
    }

    private double angle() {
        return r.nextDouble() * 2 * Math.PI;
    }

    private Vec3 point() {
        return new Vec3(place(), place(), r.nextBoolean() ? 0 : place());
    }

    private Vec3 flat() {
        return new Vec3(place(), place(), 0);
    }

    private Vec3 up() {
        return r.nextInt(4) > 0 ? Vec3.UP : new Vec3(0, 0, -1);
    }

    private double[] rows(int n, int width) {
        double[] d = new double[n * width];
        for (int i = 0; i < d.length; i++) d[i] = place();
        return d;
    }

    private Entity entity(int kind) {
        return switch (kind) {
            case 0 -> new Entity.Line(key(), style(), up(), point(), point());
            case 1 -> new Entity.Dot(key(), style(), up(), point());
            case 2 -> new Entity.Circle(key(), style(), up(), point(), figure());
            case 3 -> new Entity.Arc(key(), style(), up(), point(), figure(), angle(), angle());
            case 4 -> new Entity.Ellipse(key(), style(), up(), point(), new Vec3(figure(), place(), 0), 0.05 + 0.9 * r.nextDouble(), 0,
                angle());
            case 5, 6, 7, 8, 9 -> polyline(PolylineKind.values()[kind - 5]);
            case 10 -> spline();
            case 11 -> text(TextSort.TEXT);
            case 12 -> text(TextSort.ATTDEF);
            case 13 -> longText();
            case 14, 15 -> insert();
            case 16 -> dimension();
            case 17 -> new Entity.Corners(key(), style(), Vec3.UP, "3DFACE", Doubles.of(rows(4, 3)));
            case 18 -> corners();
            case 19 -> hatch();
            case 20 -> new Entity.Leader(key(), style(), Vec3.UP, Doubles.of(rows(3, 3)));
            case 21 -> lines();
            default -> new Entity.Endless(key(), style(), Vec3.UP, r.nextBoolean(), point(), new Vec3(0.6, 0.8, 0));
        };
    }

    private Entity polyline(PolylineKind sort) {
        int n = sort == PolylineKind.MESH ? 6 : 2 + r.nextInt(6);
        boolean plane = sort == PolylineKind.LIGHT || sort == PolylineKind.PLANE;
        double z = r.nextBoolean() ? 0 : place();
        double[] p = rows(n, 4);
        for (int i = 0; i < n; i++) {
            if (plane) p[4 * i + 2] = z;
            p[4 * i + 3] = plane && r.nextInt(3) == 0 ? r.nextDouble() - 0.5 : 0;
        }
        boolean faces = sort == PolylineKind.POLYFACE, mesh = sort == PolylineKind.MESH;
        return new Entity.Polyline(key(), style(), plane ? up() : Vec3.UP, sort, !faces && r.nextBoolean(), Doubles.of(p), List.of(), mesh
            ? 2 : faces ? n : 0, mesh ? 3 : faces ? 1 : 0,
            faces ? List.of(1, -2, 1, 0) : List.of(), plane ? widths(n) : Doubles.NONE);
    }

    /** None, one all along, or one for each end. */
    private Doubles widths(int n) {
        int sort = r.nextInt(3);
        double one = figure();
        double[] all = new double[2 * n];
        for (int i = 0; i < all.length; i++) all[i] = sort == 0 ? 0 : sort == 1 ? one : figure();
        return Doubles.of(all);
    }

    /** Beside each other, some broken. */
    private Entity lines() {
        int n = 2 + r.nextInt(3), lines = 1 + r.nextInt(3);
        List<Entity.Joint> joints = new ArrayList<>();
        for (int i = 0; i < n; i++) joints.add(new Entity.Joint(point(), new Vec3(0.6, 0.8, 0), new Vec3(-0.8, 0.6, 0),
            IntStream.range(0, lines).mapToObj(_ -> Doubles.of(rows(1 + r.nextInt(4), 1))).toList()));
        return new Entity.MultiLine(key(), style(), Vec3.UP, r.nextBoolean(), joints);
    }

    private Entity spline() {
        int n = 4 + r.nextInt(5);
        if (r.nextInt(3) == 0)
            return new Entity.Spline(key(), style(), Vec3.UP, 3, false, Doubles.NONE, Doubles.NONE, Doubles.NONE, Doubles.of(rows(n, 3)));
        double[] knots = new double[n + 4], weights = new double[r.nextBoolean() ? n : 0];
        for (int i = 0; i < knots.length; i++) knots[i] = Math.clamp(i - 3, 0, n - 3);
        for (int i = 0; i < weights.length; i++) weights[i] = 0.5 + r.nextDouble();
        return new Entity.Spline(key(), style(), Vec3.UP, 3, r.nextBoolean(), Doubles.of(knots), Doubles.of(weights),
            Doubles.of(rows(n, 3)), Doubles.NONE);
    }

    private Entity.Text text(TextSort sort) {
        Vec3 at = flat();
        Across across = Across.values()[r.nextInt(3)];
        Upward upward = Upward.values()[r.nextInt(4)];
        boolean plain = across == Across.LEFT && upward == Upward.BASE;
        return new Entity.Text(key(), style(), up(), sort, "Room " + r.nextInt(99) + " ö %%c", sort == TextSort.TEXT
            ? "" : "TAG" + r.nextInt(9), figure(), at, plain ? at : flat(), r.nextBoolean() ? 0 : angle(),
            r.nextBoolean() ? 1 : 0.8, 0, across, upward, sort == TextSort.TEXT || r.nextBoolean());
    }

    private Entity longText() {
        Vec3 at = point();
        return new Entity.Text(key(), style(), Vec3.UP, TextSort.MTEXT, "{\\H0.7x;Level +3.20}\\Pfloor: screed ☃ "
            + "long ".repeat(r.nextInt(90)), "", figure(), at, at, r.nextBoolean() ? 0 : 0.5, 1, r.nextBoolean() ? 0 : figure(),
            Across.values()[r.nextInt(3)], new Upward[] {Upward.TOP, Upward.MIDDLE, Upward.BOTTOM}[r.nextInt(3)], true);
    }

    private Entity insert() {
        if (blocks.isEmpty()) return new Entity.Dot(key(), style(), Vec3.UP, point());
        boolean array = r.nextInt(3) == 0;
        List<Entity.Text> attributes = r.nextInt(3) > 0
            ? List.of() : IntStream.range(0, 1 + r.nextInt(3)).mapToObj(_ -> text(TextSort.ATTRIB)).toList();
        Vec3 scale = switch (r.nextInt(3)) {
            case 0 -> new Vec3(1, 1, 1);
            case 1 -> new Vec3(-figure(), figure(), 1);
            default -> new Vec3(2, 2, 2);
        };
        return new Entity.Insert(key(), style(), up(), blocks.get(r.nextInt(blocks.size())), point(), scale, r.nextBoolean()
            ? 0 : angle(), array ? 3 : 1, array ? 2 : 1, array ? figure() : 0, array ? figure() : 0, attributes);
    }

    private Entity dimension() {
        int sort = r.nextInt(7);
        Vec3 none = Vec3.ZERO, first = sort == 3 || sort == 4 ? none : point(), second = sort == 3 || sort == 4
            ? none : point(), arc = sort >= 2 && sort <= 5 ? point() : none;
        return new Entity.Dimension(key(), style(), Vec3.UP, sort, blocks.isEmpty() ? "" : blocks.getFirst(), figure(), r.nextBoolean()
            ? "" : "typ. 300", sort == 2 ? flat() : point(), flat(), first, second, arc,
            sort == 0 ? angle() : 0, "HALF");
    }

    private Entity corners() {
        double[] p = rows(4, 3);
        for (int i = 2; i < 12; i += 3) p[i] = p[2];
        return new Entity.Corners(key(), style(), up(), r.nextBoolean() ? "SOLID" : "TRACE", Doubles.of(p));
    }

    private Entity hatch() {
        boolean solid = r.nextBoolean();
        double[] ring = rows(4, 3);
        for (int i = 2; i < 12; i += 3) ring[i] = r.nextBoolean() ? 0 : r.nextDouble();
        List<Entity.Edge> edges = List.of(new Entity.Edge.Straight(place(), place(), place(), place()),
            new Entity.Edge.ArcEdge(place(), place(), figure(), angle(), angle(), r.nextBoolean()),
            new Entity.Edge.EllipseEdge(place(), place(), figure(), place(), 0.5, angle(), angle(), r.nextBoolean()),
            new Entity.Edge.SplineEdge(3, Doubles.of(0, 0, 0, 0, 1, 1, 1, 1),
            Doubles.of(place(), place(), 1, place(), place(), 1, place(), place(), 1, place(), place(), 1), Doubles.NONE));
        List<Entity.Loop> loops = List.of(new Entity.Loop(3, true, Doubles.of(ring), List.of()),
            new Entity.Loop(16, true, Doubles.NONE, edges));
        List<Entity.PatternLine> lines = solid
            ? List.of() : List.of(new Entity.PatternLine(angle(), place(), place(), figure(), figure(), Doubles.NONE),
            new Entity.PatternLine(angle(), 0, 0, 0, figure(), Doubles.of(2, -1, 0, -1)));
        return new Entity.Hatch(key(), style(), Vec3.UP, solid ? "SOLID" : "OWN", solid, r.nextBoolean() ? 0 : place(), loops, lines);
    }
}
