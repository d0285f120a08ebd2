package brightlintel.notation;

import brightlintel.drawing.Block;
import brightlintel.drawing.Colour;
import brightlintel.drawing.Companions;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Format;
import brightlintel.drawing.Header;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Names;
import brightlintel.drawing.Paper;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Style;
import brightlintel.drawing.Tables;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A drawing made stroke by stroke, in file units: lines, arcs, circles, texts and dimensions. */
public final class Sketch {
    private final List<Entity> out = new ArrayList<>();
    private final Map<String, Layer> layers = new LinkedHashMap<>(Map.of("0", Layer.plain("0", Colour.PLAIN)));
    private Style style = Style.PLAIN;
    private final Map<String, Block> blocks = new LinkedHashMap<>();
    private final Map<String, String> words = new LinkedHashMap<>();
    private Optional<Paper> paper = Optional.empty();

    public Sketch line(double x0, double y0, double x1, double y1) {
        out.add(new Entity.Line(key(), style, Vec3.UP, new Vec3(x0, y0, 0), new Vec3(x1, y1, 0)));
        return this;
    }

    /** What follows is on a layer. */
    public Sketch on(String layer) {
        layers.computeIfAbsent(layer, n -> Layer.plain(n, Colour.PLAIN));
        style = Style.on(layer);
        return this;
    }

    /** What follows is on a layer, in a colour of its own. */
    public Sketch on(String layer, int colour) {
        on(layer);
        style = new Style(layer, new Colour(colour, Optional.empty()), "", 1, Style.WEIGHT_BY_LAYER, true);
        return this;
    }

    /** What follows is drawn with a pen as wide, hundredths of a millimetre on paper. */
    public Sketch pen(int hundredths) {
        style = new Style(style.layer(), style.colour(), style.lineType(), style.lineTypeScale(), hundredths, true);
        return this;
    }

    /** Degrees. */
    public Sketch arc(double x, double y, double r, double from, double to) {
        out.add(new Entity.Arc(key(), style, Vec3.UP, new Vec3(x, y, 0), r, Math.toRadians(from), Math.toRadians(to)));
        return this;
    }

    /** A quarter turn from (x + a, y) to (x, y + b), as pages hold it: one cubic piece. */
    public Sketch quarter(double x, double y, double a, double b) {
        double k = 4 * (Math.sqrt(2) - 1) / 3;
        out.add(new Entity.Spline(key(), style, Vec3.UP, 3, false, Doubles.of(0, 0, 0, 0, 1, 1, 1, 1), Doubles.NONE, Doubles.of(x + a, y, 0, x + a,
            y + k * b, 0, x + k * a, y + b, 0, x, y + b, 0), Doubles.NONE));
        return this;
    }

    public Sketch circle(double x, double y, double r) {
        out.add(new Entity.Circle(key(), style, Vec3.UP, new Vec3(x, y, 0), r));
        return this;
    }

    /** Its middle there, of height h; degrees. */
    public Sketch text(String text, double x, double y, double h, double turn) {
        Vec3 at = new Vec3(x, y, 0);
        out.add(new Entity.Text(key(), style, Vec3.UP, Entity.TextSort.TEXT, text, "", h, at, at, Math.toRadians(turn), 1, 0,
            Entity.Across.CENTRE, Entity.Upward.MIDDLE, true));
        return this;
    }

    /** The last text is written in a style of the file. */
    public Sketch inStyle(String textStyle) {
        out.add(((Entity.Text) out.removeLast()).withTextStyle(textStyle));
        return this;
    }

    /** Level; over is typed over the length. */
    public Sketch dimension(double x0, double x1, double y, String over) {
        out.add(new Entity.Dimension(key(), style, Vec3.UP, 0, "", Math.abs(x1 - x0), over, new Vec3(x1, y, 0),
            new Vec3((x0 + x1) / 2, y, 0), new Vec3(x0, y, 0), new Vec3(x1, y, 0), Vec3.ZERO, 0, ""));
        return this;
    }

    /** One line through points x0 y0 x1 y1 ... */
    public Sketch polyline(boolean closed, double... xy) {
        double[] rows = new double[2 * xy.length];
        for (int i = 0; i < xy.length / 2; i++) {
            rows[4 * i] = xy[2 * i];
            rows[4 * i + 1] = xy[2 * i + 1];
        }
        out.add(new Entity.Polyline(key(), style, Vec3.UP, Entity.PolylineKind.LIGHT, closed, Doubles.of(rows), List.of(), 0, 0, List.of()));
        return this;
    }

    /** The last polyline as a band. */
    public Sketch wide(double width) {
        out.add(((Entity.Polyline) out.removeLast()).withWidth(width));
        return this;
    }

    /** Two lines beside each other from point to point x0 y0 x1 y1 ..., mitred; over where none of them is drawn: from, to along the first stretch. */
    public Sketch lines(double apart, double[] xy, double... over) {
        List<Entity.Joint> joints = new ArrayList<>();
        int n = xy.length / 2;
        for (int i = 0; i < n; i++) {
            Point at = new Point(xy[2 * i], xy[2 * i + 1]);
            Point in = at.minus(new Point(xy[2 * Math.max(0, i - 1)], xy[2 * Math.max(0, i - 1) + 1]));
            Point on = i + 1 < n ? new Point(xy[2 * i + 2], xy[2 * i + 3]).minus(at) : in;
            if (i == 0) in = on;
            Point sum = in.unit().left().plus(on.unit().left()), mitre = sum.times(2 / sum.dot(sum));
            List<Doubles> ways = new ArrayList<>();
            for (double off : new double[] {apart / 2, -apart / 2}) {
                double[] way = new double[2 + (i == 0 ? over.length : 0)];
                way[0] = off;
                if (i == 0) System.arraycopy(over, 0, way, 2, over.length);
                ways.add(Doubles.of(way));
            }
            joints.add(new Entity.Joint(space(at), space(on.unit()), space(mitre), ways));
        }
        out.add(new Entity.MultiLine(key(), style, Vec3.UP, false, joints));
        return this;
    }

    private static Vec3 space(Point p) {
        return new Vec3(p.x(), p.y(), 0);
    }

    /** A filled figure of four corners, one after another. */
    public Sketch solid(double x0, double y0, double x1, double y1, double x2, double y2, double x3, double y3) {
        // as stored, its third and fourth corner change places
        out.add(new Entity.Corners(key(), style, Vec3.UP, "SOLID", Doubles.of(x0, y0, 0, x1, y1, 0, x3, y3, 0, x2, y2, 0)));
        return this;
    }

    /** An area filled without a line round it. */
    public Sketch filled(double... xy) {
        double[] rows = new double[xy.length / 2 * 3];
        for (int i = 0; i < xy.length / 2; i++) {
            rows[3 * i] = xy[2 * i];
            rows[3 * i + 1] = xy[2 * i + 1];
        }
        out.add(new Entity.Hatch(key(), style, Vec3.UP, "SOLID", true, 0, List.of(new Entity.Loop(3, true, Doubles.of(rows), List.of())), List.of(), false));
        return this;
    }

    public Sketch rectangle(double x, double y, double w, double h) {
        return polyline(true, x, y, x + w, y, x + w, y + h, x, y + h);
    }

    /** Two faces of a level wall. */
    public Sketch wall(double x0, double x1, double y, double thick) {
        return line(x0, y, x1, y).line(x0, y + thick, x1, y + thick);
    }

    /** With its arrow at the first of its points x0 y0 x1 y1 ... */
    public Sketch leader(double... xy) {
        double[] rows = new double[xy.length / 2 * 3];
        for (int i = 0; i < xy.length / 2; i++) {
            rows[3 * i] = xy[2 * i];
            rows[3 * i + 1] = xy[2 * i + 1];
        }
        out.add(new Entity.Leader(key(), style, Vec3.UP, Doubles.of(rows)));
        return this;
    }

    /** A leaf open by a right angle, to the right of its hinge. */
    public Sketch door(double x, double y, double leaf) {
        return line(x, y, x, y + leaf).arc(x, y, leaf, 0, 90);
    }

    /** All so far becomes a block, and what follows is drawn beside its references. */
    public Sketch asBlock(String name) {
        blocks.put(Names.key(name), new Block(name, Vec3.ZERO, out, ""));
        out.clear();
        return this;
    }

    /** A reference to a block; degrees. */
    public Sketch insert(String name, double x, double y, double scaleX, double scaleY, double turn) {
        out.add(new Entity.Insert(key(), style, Vec3.UP, name, new Vec3(x, y, 0), new Vec3(scaleX, scaleY, 1), Math.toRadians(turn), 1, 1, 0, 0, List.of()));
        return this;
    }

    /** Lines, polylines, arcs, texts and references to blocks so far, turned about 0,0; radians. */
    public Sketch turned(double by) {
        out.replaceAll(e -> switch (e) {
            case Entity.Circle c -> new Entity.Circle(c.key(), c.style(), c.extrusion(), turned(c.centre(), by), c.radius());
            case Entity.Line l -> new Entity.Line(l.key(), l.style(), l.extrusion(), turned(l.a(), by), turned(l.b(), by));
            case Entity.Arc a -> new Entity.Arc(a.key(), a.style(), a.extrusion(), turned(a.centre(), by), a.radius(), a.start() + by, a.end() + by);
            case Entity.Text t -> new Entity.Text(t.key(), t.style(), t.extrusion(), t.sort(), t.raw(), t.tag(), t.height(), turned(t.at(), by),
                turned(t.anchor(), by), t.rotation() + by, t.widthFactor(), t.width(), t.across(), t.upward(), t.shown());
            case Entity.Polyline p -> new Entity.Polyline(p.key(), p.style(), p.extrusion(), p.sort(), p.closed(), turned(p.points(), by), List.of(), 0, 0,
                List.of(), p.widths());
            case Entity.MultiLine m -> new Entity.MultiLine(m.key(), m.style(), m.extrusion(), m.closed(), m.joints().stream().map(j -> new Entity.Joint(
                turned(j.at(), by), turned(j.along(), by), turned(j.mitre(), by), j.ways())).toList());
            case Entity.Corners c -> new Entity.Corners(c.key(), c.style(), c.extrusion(), c.kind(), turned(c.points(), by, 3));
            case Entity.Hatch h -> new Entity.Hatch(h.key(), h.style(), h.extrusion(), h.pattern(), h.solid(), h.elevation(), h.loops().stream().map(l ->
                new Entity.Loop(l.flags(), l.closed(), turned(l.polyline(), by, 3), l.edges())).toList(), h.lines(), h.edged());
            case Entity.Insert i -> new Entity.Insert(i.key(), i.style(), i.extrusion(), i.block(), turned(i.at(), by), i.scale(), i.rotation() + by, 1, 1, 0,
                0, List.of());
            default -> throw new IllegalArgumentException(e.kind());
        });
        return this;
    }

    private static Vec3 turned(Vec3 p, double by) {
        Point q = p.flat().turn(by);
        return new Vec3(q.x(), q.y(), p.z());
    }

    private static Doubles turned(Doubles rows, double by) {
        return turned(rows, by, 4);
    }

    private static Doubles turned(Doubles rows, double by, int each) {
        double[] all = new double[rows.size()];
        for (int i = 0; i < all.length; i += each) {
            Point q = new Point(rows.get(i), rows.get(i + 1)).turn(by);
            all[i] = q.x();
            all[i + 1] = q.y();
        }
        return Doubles.of(all);
    }

    public Sketch word(String name, String value) {
        words.put(name, value);
        return this;
    }

    /** On a page in points of so many millimetres. */
    public Sketch onPage(double widthMm, double heightMm) {
        paper = Optional.of(new Paper(widthMm / 1000, heightMm / 1000, 0.0254 / 72));
        return this;
    }

    private EntityKey key() {
        return new EntityKey("", out.size());
    }

    public SpaceKey space() {
        return paper.isPresent() ? new SpaceKey.Page(1) : new SpaceKey.Model();
    }

    public RawDrawing drawing() {
        return new RawDrawing("", paper.isPresent() ? Format.PDF : Format.DXF, "", new Header(words),
            List.copyOf(layers.values()), Tables.NONE, List.of(new Space(space(), paper, out)), blocks, Companions.NONE,
            Report.EMPTY);
    }
}
