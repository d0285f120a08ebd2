package brightlintel.read.pdf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Colour;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Layer;
import brightlintel.drawing.LineType;
import brightlintel.drawing.Location;
import brightlintel.drawing.Names;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Report;
import brightlintel.drawing.Style;
import brightlintel.geom.Curve;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** What a page has painted so far: shapes on layers. */
final class Ink {
    /** A page of gradients has a colour for each strip: beyond this, colours are told apart in steps. */
    private static final int MOST_PENS = 200;
    private static final int STEPPED = 0xe0e0e0;
    final List<Entity> entities = new ArrayList<>();
    final Map<String, LineType> lineTypes = new LinkedHashMap<>();
    final Report.Builder report;
    private final int page;
    private final int most;
    private final Map<String, Layer> layers = new LinkedHashMap<>();
    private final Map<Pen, String> layerOfPen = new HashMap<>();
    private final Map<LookKey, Style> styles = new HashMap<>();
    private final Set<Style> ofPens = new HashSet<>();
    private Pen lastPen;
    private String lastGroup;
    private Style lastStyle;
    private long ordinal;

    private record LookKey(Pen pen, String group) { }

    Ink(int page, int mostEntities, Report.Builder report) {
        this.page = page;
        this.most = mostEntities;
        this.report = report;
    }

    Ink(int page, ReadLimits limits, Report.Builder report) {
        this(page, limits.entities(), report);
    }

    List<Layer> layers() {
        return List.copyOf(layers.values());
    }

    /** Layers that the file has itself; a second of the same name stays one. */
    void declare(Layer l) {
        layers.putIfAbsent(l.name(), l);
    }

    /** @param group a layer of the file's own, null where pens stand for layers */
    Style style(Pen pen, String group) {
        if (pen.equals(lastPen) && Objects.equals(group, lastGroup)) return lastStyle;
        lastPen = pen;
        lastGroup = group;
        lastStyle = styles.computeIfAbsent(new LookKey(pen, group), this::make);
        return lastStyle;
    }

    private Style make(LookKey k) {
        Pen pen = k.pen;
        Style s = new Style(k.group != null ? k.group : layer(pen), colour(pen.rgb()), lineType(pen.dashes()), 1,
            pen.use() == Pen.Use.STROKE ? pen.hundredths() : Style.WEIGHT_DEFAULT, true);
        if (k.group == null) ofPens.add(s);
        return s;
    }

    /** The same pen, broken. A pen's own layer is that of broken lines; a layer of the file's own stays. */
    Style broken(Style s, Pen.Dashes d) {
        Pen pen = new Pen(s.colour().toRgb(), s.weight(), d, Pen.Use.STROKE);
        return style(pen, ofPens.contains(s) ? null : s.layer());
    }

    /** As told from areas, where pens stand for layers. */
    Style outlinedText(Style s) {
        return ofPens.contains(s) ? style(new Pen(s.colour().toRgb(), 0, Pen.Dashes.NONE, Pen.Use.OUTLINED_TEXT), null) : s;
    }

    private static Colour colour(int rgb) {
        return new Colour(Colour.PLAIN.index(), Optional.of(rgb));
    }

    private String layer(Pen pen) {
        Pen p = layerOfPen.size() < MOST_PENS ? pen : new Pen(pen.rgb() & STEPPED, pen.hundredths() / 10 * 10, pen.dashes(), pen.use());
        return layerOfPen.computeIfAbsent(p, x -> {
            String name = x.name();
            Layer there = layers.get(name);
            // two colours of one name stay two layers; patterns of one sort are one
            if (there != null && there.colour().toRgb() != x.rgb()) name += String.format(" #%06x", x.rgb());
            layers.putIfAbsent(name, new Layer(name, colour(x.rgb()), x.startsOff(), false, false, "", Style.WEIGHT_DEFAULT, true, true));
            return name;
        });
    }

    /** The pattern in points, "" for an unbroken line. */
    String lineType(Pen.Dashes d) {
        if (d.isNone()) return "";
        int n = d.lengths().length, all = n % 2 == 0 ? n : 2 * n;
        List<LineType.Dash> dashes = IntStream.range(0, all)
            .mapToObj(i -> LineType.Dash.plain(i % 2 == 0 ? d.lengths()[i % n] : -d.lengths()[i % n])).toList();
        StringBuilder name = new StringBuilder(Pen.sort(d.lengths()));
        for (int i = 0; i < n; i++) name.append(i == 0 ? " " : "-").append(plain(d.lengths()[i]));
        String key = name.toString();
        lineTypes.computeIfAbsent(Names.key(key), _ -> new LineType(key, "", dashes.stream().mapToDouble(x -> Math.abs(x.length())).sum(),
            dashes));
        return key;
    }

    private static String plain(float f) {
        String s = String.format(Locale.ROOT, "%.2f", f);
        return s.endsWith("00") ? s.substring(0, s.length() - 3) : s;
    }

    EntityKey key() {
        return new EntityKey("", ordinal++);
    }

    void add(Entity e) {
        if (entities.size() >= most) throw new Enough(Code.TOO_MANY_ENTITIES, most);
        entities.add(e);
    }

    Location at() {
        return new Location.Page(page, 0);
    }

    static Vec3 space(Point p) {
        return new Vec3(p.x(), p.y(), 0);
    }

    void line(Point a, Point b, Style s) {
        if (a.isFinite() && b.isFinite()) add(new Entity.Line(key(), s, Vec3.UP, space(a), space(b)));
    }

    /** Strokes: a circle, an arc, a line, or chains of straight and round pieces between splines. */
    void stroke(Run run, Style s) {
        List<Curve> c = Chords.rounded(run.curves());
        for (Curve x : c) if (!x.first().isFinite() || !x.last().isFinite()) return;
        if (c.size() == 1) {
            add(single(c.getFirst(), s));
            return;
        }
        int from = 0;
        boolean all = isChain(c);
        for (int i = 0; i <= c.size(); i++) {
            if (i < c.size() && fitsChain(c.get(i))) continue;
            if (i > from) add(chain(c.subList(from, i), all && run.closed(), s));
            if (i < c.size()) add(single(c.get(i), s));
            from = i + 1;
        }
    }

    /** Pieces that a polyline can hold: straight ones and arcs that are not the whole circle. */
    private static boolean fitsChain(Curve c) {
        return c instanceof Curve.Straight || c instanceof Curve.EllipticArc a && !a.isWhole();
    }

    private static boolean isChain(List<Curve> curves) {
        for (Curve c : curves) if (!fitsChain(c)) return false;
        return true;
    }

    private static List<Entity.Loop> loops(List<Run> runs) {
        List<Entity.Loop> out = new ArrayList<>(runs.size());
        for (Run r : runs) if (r.curves().size() > 1 || !r.isStraight()) out.add(loop(r));
        return out;
    }

    private Entity single(Curve c, Style s) {
        return switch (c) {
            case Curve.Straight l -> new Entity.Line(key(), s, Vec3.UP, space(l.a()), space(l.b()));
            case Curve.EllipticArc a -> {
                double r = a.u().length();
                Point from = a.sweep() > 0 ? a.first() : a.last(), to = a.sweep() > 0 ? a.last() : a.first();
                yield a.isWhole() ? new Entity.Circle(key(), s, Vec3.UP, space(a.centre()), r)
                    : new Entity.Arc(key(), s, Vec3.UP, space(a.centre()), r, from.minus(a.centre()).angle(),
                    to.minus(a.centre()).angle());
            }
            case Nurbs n -> new Entity.Spline(key(), s, Vec3.UP, n.degree(), false, Doubles.of(n.knots()), Doubles.NONE, controls(n),
                Doubles.NONE);
        };
    }

    private static Doubles controls(Nurbs n) {
        double[] out = new double[3 * n.controls().size()];
        for (int i = 0; i < n.controls().size(); i++) {
            out[3 * i] = n.controls().get(i).x();
            out[3 * i + 1] = n.controls().get(i).y();
        }
        return Doubles.owning(out);
    }

    /** Straight and round pieces as one line, or as what the one of them is. */
    Entity chain(List<Curve> c, boolean closed, Style s) {
        if (c.size() == 1) return single(c.getFirst(), s);
        int n = closed ? c.size() : c.size() + 1;
        double[] v = new double[4 * n];
        for (int i = 0; i < n; i++) {
            Point p = i < c.size() ? c.get(i).first() : c.getLast().last();
            v[4 * i] = p.x();
            v[4 * i + 1] = p.y();
            if (i < c.size() && c.get(i) instanceof Curve.EllipticArc a) v[4 * i + 3] = Math.tan(a.sweep() / 4);
        }
        return new Entity.Polyline(key(), s, Vec3.UP, Entity.PolylineKind.LIGHT, closed, Doubles.owning(v), List.of(), 0, 0, List.of());
    }

    /** An area of several outlines, by the even-odd rule. @param edged nobody drew its edges */
    void area(List<Run> runs, boolean edged, Style s) {
        List<Entity.Loop> loops = loops(runs);
        if (!loops.isEmpty()) add(new Entity.Hatch(key(), s, Vec3.UP, "SOLID", true, 0, loops, List.of(), edged));
    }

    Entity.Hatch hatch(Run run, Entity.PatternLine lines, Style s) {
        return new Entity.Hatch(key(), s, Vec3.UP, "LINES", false, 0, List.of(loop(run)), List.of(lines), false);
    }

    /** An area filled with lines. */
    void pattern(List<Run> runs, List<Entity.PatternLine> lines, Style s) {
        List<Entity.Loop> loops = loops(runs);
        if (!loops.isEmpty()) add(new Entity.Hatch(key(), s, Vec3.UP, "PATTERN", false, 0, loops, lines, false));
    }

    private static final int OUTERMOST = 1;

    private static Entity.Loop loop(Run r) {
        List<Curve> c = Chords.rounded(r.curves());
        if (!isChain(c)) return new Entity.Loop(OUTERMOST, true, Doubles.NONE, edges(r));
        int n = c.size();
        boolean shut = c.getLast().last().distance(c.getFirst().first()) < 1e-9;
        double[] v = new double[3 * (shut ? n : n + 1)];
        for (int i = 0; i < v.length / 3; i++) {
            Point p = i < n ? c.get(i).first() : c.getLast().last();
            v[3 * i] = p.x();
            v[3 * i + 1] = p.y();
            if (i < n && c.get(i) instanceof Curve.EllipticArc a) v[3 * i + 2] = Math.tan(a.sweep() / 4);
        }
        return new Entity.Loop(OUTERMOST, true, Doubles.owning(v), List.of());
    }

    private static List<Entity.Edge> edges(Run r) {
        List<Entity.Edge> out = new ArrayList<>();
        for (Curve c : r.curves()) out.add(switch (c) {
            case Curve.Straight l -> new Entity.Edge.Straight(l.a().x(), l.a().y(), l.b().x(), l.b().y());
            case Curve.EllipticArc a -> {
                boolean left = a.sweep() > 0;
                double from = a.first().minus(a.centre()).angle(), to = from + a.sweep();
                yield new Entity.Edge.ArcEdge(a.centre().x(), a.centre().y(), a.u().length(), left ? from : -from, left ? to : -to, left);
            }
            case Nurbs n -> {
                double[] xyw = new double[3 * n.controls().size()];
                for (int i = 0; i < n.controls().size(); i++) {
                    xyw[3 * i] = n.controls().get(i).x();
                    xyw[3 * i + 1] = n.controls().get(i).y();
                    xyw[3 * i + 2] = 1;
                }
                yield new Entity.Edge.SplineEdge(n.degree(), Doubles.of(n.knots()), Doubles.owning(xyw), Doubles.NONE);
            }
        });
        Point first = r.curves().getFirst().first(), last = r.curves().getLast().last();
        if (!first.equals(last) && !(r.curves().size() == 1 && r.curves().getFirst() instanceof Curve.EllipticArc a && a.isWhole()))
            out.add(new Entity.Edge.Straight(last.x(), last.y(), first.x(), first.y()));
        return out;
    }
}
