package brightlintel.inspect;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.TextCodes;
import brightlintel.geom.Angles;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Figures of all entities of a kind: sums, boxes, counts. Coordinates as stored; order never matters. */
final class Digest {
    private static final MathContext TEN = new MathContext(10), SIX = new MathContext(6);
    private static final int STRINGS = 200;

    private Digest() { }

    static double round(double v) {
        return round(v, TEN);
    }

    private static double round(double v, MathContext digits) {
        return !Double.isFinite(v) || Math.abs(v) < 1e-9 ? 0 : new BigDecimal(v).round(digits).doubleValue();
    }

    /** Attributes are entities of their own beside their insert. */
    static List<Entity> flat(List<Entity> entities) {
        if (entities.stream().noneMatch(e -> e instanceof Entity.Insert i && !i.attributes().isEmpty())) return entities;
        List<Entity> out = new ArrayList<>();
        for (Entity e : entities) {
            out.add(e);
            if (e instanceof Entity.Insert i) out.addAll(i.attributes());
        }
        return out;
    }

    static Map<String, Object> of(List<Entity> list) {
        Map<String, Object> d = new LinkedHashMap<>();
        d.put("count", list.size());
        long flipped = list.stream().filter(e -> !(e instanceof Entity.KnownByKindOnly || e instanceof Entity.Picture) && up(e)).count();
        if (flipped > 0) d.put("extrusionNotPlusZ", flipped);
        switch (list.getFirst()) {
            case Entity.Line _ -> lines(d, cast(list));
            case Entity.Dot _ -> {
                List<Entity.Dot> p = cast(list);
                d.put("sumPoints", sum(p.stream().map(Entity.Dot::at)));
                d.put("bbox", box(p.stream().map(Entity.Dot::at)));
            }
            case Entity.Circle _ -> circles(d, cast(list));
            case Entity.Arc _ -> arcs(d, cast(list));
            case Entity.Ellipse _ -> ellipses(d, cast(list));
            case Entity.Polyline _ -> polylines(d, cast(list));
            case Entity.MultiLine _ -> {
                List<Entity.MultiLine> m = cast(list);
                d.put("vertexCount", m.stream().mapToInt(x -> x.joints().size()).sum());
                d.put("sumVertices", sum(m.stream().flatMap(x -> x.joints().stream().map(Entity.Joint::at))));
            }
            case Entity.Spline _ -> splines(d, cast(list));
            case Entity.Text _ -> texts(d, cast(list));
            case Entity.Insert _ -> inserts(d, cast(list));
            case Entity.Dimension _ -> dimensions(d, cast(list));
            case Entity.Hatch _ -> hatches(d, cast(list));
            case Entity.Corners _ -> {
                List<Entity.Corners> c = cast(list);
                d.put("sumCorners", sum(c.stream().flatMap(x -> rows(x.points()).stream())));
                d.put("bbox", box(c.stream().flatMap(x -> rows(x.points()).stream())));
            }
            case Entity.Leader _ -> {
                List<Entity.Leader> l = cast(list);
                d.put("vertexCount", l.stream().mapToInt(x -> x.points().size() / 3).sum());
                d.put("sumVertices", sum(l.stream().flatMap(x -> rows(x.points()).stream())));
            }
            case Entity.MultiLeader _ -> {
                List<String> t = sorted(Digest.<Entity.MultiLeader>cast(list).stream().map(x -> plain(x.raw(), true))
                    .filter(x -> !x.isEmpty()));
                d.put("stringCount", t.size());
                d.put("strings", t.stream().limit(STRINGS).toList());
            }
            case Entity.Endless _ -> {
                List<Entity.Endless> l = cast(list);
                d.put("sumPoints", sum(l.stream().map(Entity.Endless::at)));
                d.put("sumDirections", sum(l.stream().map(x -> x.direction().unit())));
            }
            case Entity.Viewport _ -> {
                List<Entity.Viewport> l = cast(list);
                d.put("sumCentres", sum(l.stream().map(Entity.Viewport::centre)));
                d.put("sumSize", List.of(total(l, Entity.Viewport::width), total(l, Entity.Viewport::height)));
            }
            case Entity.Picture _, Entity.KnownByKindOnly _ -> { }
        }
        return d;
    }

    @SuppressWarnings("unchecked")
    private static <T extends Entity> List<T> cast(List<Entity> list) {
        return (List<T>) list;
    }

    private static boolean up(Entity e) {
        Vec3 v = e.extrusion();
        return Math.abs(v.x()) > 1e-9 || Math.abs(v.y()) > 1e-9 || v.z() < 0;
    }

    /** Compensated (Neumaier 1974): a million lengths must not lose digits. */
    private static double total(Stream<Double> values) {
        double[] s = new double[2];
        values.forEach(v -> {
            double t = s[0] + v;
            s[1] += Math.abs(s[0]) >= Math.abs(v) ? s[0] - t + v : v - t + s[0];
            s[0] = t;
        });
        return round(s[0] + s[1]);
    }

    private static <T> double total(List<T> list, ToDoubleFunction<T> f) {
        return total(list.stream().map(f::applyAsDouble));
    }

    private static List<Double> sum(Stream<Vec3> points) {
        List<Vec3> p = points.toList();
        return List.of(total(p, Vec3::x), total(p, Vec3::y), total(p, Vec3::z));
    }

    private static List<Double> box(Stream<Vec3> points) {
        List<Vec3> p = points.toList();
        if (p.isEmpty()) return null;
        List<Double> out = new ArrayList<>();
        for (ToDoubleFunction<Vec3> f : List.<ToDoubleFunction<Vec3>>of(Vec3::x, Vec3::y, Vec3::z))
            out.add(round(p.stream().mapToDouble(f).min().orElseThrow()));
        for (ToDoubleFunction<Vec3> f : List.<ToDoubleFunction<Vec3>>of(Vec3::x, Vec3::y, Vec3::z))
            out.add(round(p.stream().mapToDouble(f).max().orElseThrow()));
        return out;
    }

    private static <T> Map<String, Integer> tally(Stream<T> values) {
        Map<String, Integer> out = new TreeMap<>();
        values.forEach(v -> out.merge(String.valueOf(v), 1, Integer::sum));
        return out;
    }

    private static void lines(Map<String, Object> d, List<Entity.Line> l) {
        d.put("totalLength", total(l, e -> e.a().minus(e.b()).length()));
        d.put("sumEndpoints", sum(l.stream().flatMap(e -> Stream.of(e.a(), e.b()))));
        d.put("bbox", box(l.stream().flatMap(e -> Stream.of(e.a(), e.b()))));
    }

    private static void circles(Map<String, Object> d, List<Entity.Circle> l) {
        d.put("sumRadius", total(l, Entity.Circle::radius));
        d.put("sumCentres", sum(l.stream().map(Entity.Circle::centre)));
        d.put("bbox", box(l.stream().flatMap(e -> Stream.of(e.centre().minus(new Vec3(e.radius(), e.radius(), 0)),
            e.centre().plus(new Vec3(e.radius(), e.radius(), 0))))));
    }

    private static void arcs(Map<String, Object> d, List<Entity.Arc> l) {
        d.put("sumRadius", total(l, Entity.Arc::radius));
        d.put("sumCentres", sum(l.stream().map(Entity.Arc::centre)));
        d.put("sumSweepDeg", total(l, e -> Math.toDegrees(Angles.sweep(e.start(), e.end()))));
        d.put("totalLength", total(l, e -> e.radius() * Angles.sweep(e.start(), e.end())));
        d.put("sumEndpoints", sum(l.stream()
            .flatMap(e -> Stream.of(e.start(), e.end())
            .map(a -> e.centre().plus(new Vec3(Math.cos(a), Math.sin(a), 0).times(e.radius()))))));
    }

    private static void ellipses(Map<String, Object> d, List<Entity.Ellipse> l) {
        d.put("sumCentres", sum(l.stream().map(Entity.Ellipse::centre)));
        d.put("sumMajorLength", total(l, e -> e.major().length()));
        d.put("sumRatio", total(l, Entity.Ellipse::ratio));
        d.put("sumSweepParam", total(l, e -> Angles.sweep(e.start(), e.end())));
        d.put("bboxCentres", box(l.stream().map(Entity.Ellipse::centre)));
    }

    private static List<Vec3> vertices(Entity.Polyline p) {
        List<Vec3> out = new ArrayList<>();
        for (int i = 0; i < p.size(); i++) out.add(new Vec3(p.points().get(4 * i), p.points().get(4 * i + 1), p.points().get(4 * i + 2)));
        return out;
    }

    private static void polylines(Map<String, Object> d, List<Entity.Polyline> l) {
        d.put("vertexCount", l.stream().mapToInt(Entity.Polyline::size).sum());
        d.put("closed", l.stream().filter(Entity.Polyline::closed).count());
        d.put("bulges", l.stream().mapToLong(p -> IntStream.range(0, p.size()).filter(i -> Math.abs(p.points().get(4 * i + 3)) > 1e-9)
            .count()).sum());
        if (l.getFirst().sort() != Entity.PolylineKind.LIGHT)
            d.put("kinds", tally(l.stream().map(p -> switch (p.sort()) {
                case PLANE -> "2D";
                case SPACE -> "3D";
                case MESH -> "MESH";
                default -> "PFACE";
            })));
        d.put("totalLength", total(l, Digest::length));
        d.put("sumVertices", sum(l.stream().flatMap(p -> vertices(p).stream())));
        d.put("bbox", box(l.stream().flatMap(p -> vertices(p).stream())));
    }

    private static double length(Entity.Polyline p) {
        if (p.sort() == Entity.PolylineKind.MESH || p.sort() == Entity.PolylineKind.POLYFACE) return 0;
        List<Integer> drawn = IntStream.range(0, p.size()).filter(i -> !p.frame().contains(i)).boxed().toList();
        List<Vec3> v = vertices(p);
        double sum = 0;
        for (int k = 0; k < drawn.size() - (p.closed() ? 0 : 1); k++) {
            int i = drawn.get(k);
            Vec3 a = v.get(i), b = v.get(drawn.get((k + 1) % drawn.size()));
            double bulge = p.points().get(4 * i + 3);
            sum += Math.abs(bulge) < 1e-12 || a.equals(b) ? a.minus(b).length()
                : new Piece(Point.ORIGIN, new Point(a.minus(b).length(), 0), bulge).length();
        }
        return sum;
    }

    private static List<Vec3> rows(Doubles p) {
        List<Vec3> out = new ArrayList<>();
        for (int i = 0; i + 2 < p.size(); i += 3) out.add(new Vec3(p.get(i), p.get(i + 1), p.get(i + 2)));
        return out;
    }

    private static void splines(Map<String, Object> d, List<Entity.Spline> l) {
        d.put("byDegree", tally(l.stream().map(Entity.Spline::degree)));
        d.put("controlPoints", l.stream().mapToInt(s -> s.controls().size() / 3).sum());
        d.put("knots", l.stream().mapToInt(s -> s.knots().size()).sum());
        d.put("fitPoints", l.stream().mapToInt(s -> s.fits().size() / 3).sum());
        d.put("sumControlPoints", sum(l.stream().flatMap(s -> rows(s.controls()).stream())));
        d.put("bboxControlPoints", box(l.stream().flatMap(s -> rows(s.controls()).stream())));
        d.put("sumFitPoints", sum(l.stream().flatMap(s -> rows(s.fits()).stream())));
    }

    private static String plain(String raw, boolean formatted) {
        return TextCodes.plain(raw, formatted).replaceAll("[\\s\\u00a0]+", " ").strip();
    }

    /** By UTF-16 unit, which is how strings compare here. */
    private static List<String> sorted(Stream<String> texts) {
        return texts.sorted().toList();
    }

    private static void texts(Map<String, Object> d, List<Entity.Text> l) {
        d.put("stringCount", l.size());
        d.put("strings", sorted(l.stream().map(t -> plain(t.raw(), t.sort() == Entity.TextSort.MTEXT))).stream().limit(STRINGS).toList());
        if (l.getFirst().sort() == Entity.TextSort.ATTRIB || l.getFirst().sort() == Entity.TextSort.ATTDEF)
            d.put("tags", tally(l.stream().map(Entity.Text::tag)));
        d.put("sumHeight", total(l, Entity.Text::height));
        d.put("sumInsert", sum(l.stream().map(Entity.Text::at)));
    }

    private static void inserts(Map<String, Object> d, List<Entity.Insert> l) {
        d.put("byBlock", tally(l.stream().map(Entity.Insert::block)));
        d.put("sumInsert", sum(l.stream().map(Entity.Insert::at)));
        d.put("sumScale", sum(l.stream().map(Entity.Insert::scale)));
        d.put("sumRotationDeg", total(l, e -> Math.toDegrees(Angles.positive(e.rotation()))));
        d.put("arrayed", l.stream().filter(i -> i.columns() > 1 || i.rows() > 1).count());
        d.put("attribs", l.stream().mapToInt(i -> i.attributes().size()).sum());
    }

    private static void dimensions(Map<String, Object> d, List<Entity.Dimension> l) {
        String[] names = {"LINEAR", "ALIGNED", "ANG2LN", "DIAMETER", "RADIUS", "ANG3PT", "ORDINATE", "7", "ARC"};
        d.put("byKind", tally(l.stream().map(x -> x.sort() < names.length ? names[x.sort()] : Integer.toString(x.sort()))));
        d.put("measured", l.stream().map(Entity.Dimension::measured).filter(Double::isFinite).map(v -> round(v, SIX)).sorted()
            .limit(STRINGS).toList());
        d.put("computed", l.stream().map(Digest::computed).filter(v -> v != null && Double.isFinite(v)).map(v -> round(v, SIX)).sorted()
            .limit(STRINGS).toList());
        d.put("textOverrides", sorted(l.stream().map(x -> plain(x.override(), true)).filter(t -> !t.isEmpty())).stream().limit(STRINGS)
            .toList());
        d.put("sumDefPoints", sum(l.stream().map(Entity.Dimension::at)));
    }

    private static void hatches(Map<String, Object> d, List<Entity.Hatch> l) {
        List<Entity.Loop> loops = l.stream().flatMap(h -> h.loops().stream()).toList();
        d.put("byPattern", tally(l.stream().map(Entity.Hatch::pattern)));
        d.put("solid", l.stream().filter(Entity.Hatch::solid).count());
        d.put("paths", loops.size());
        d.put("polylinePathVertices", loops.stream().mapToInt(x -> x.polyline().size() / 3).sum());
        d.put("edges", loops.stream().mapToInt(x -> x.edges().size()).sum());
        d.put("sumBoundaryPoints", sum(loops.stream().flatMap(Digest::boundary)));
    }

    private static Stream<Vec3> boundary(Entity.Loop l) {
        List<Vec3> out = new ArrayList<>();
        for (int i = 0; i + 2 < l.polyline().size(); i += 3) out.add(new Vec3(l.polyline().get(i), l.polyline().get(i + 1), 0));
        for (Entity.Edge e : l.edges())
            switch (e) {
                case Entity.Edge.Straight s -> out.add(new Vec3(s.x0(), s.y0(), 0));
                case Entity.Edge.ArcEdge a -> out.add(new Vec3(a.x(), a.y(), 0));
                case Entity.Edge.EllipseEdge a -> out.add(new Vec3(a.x(), a.y(), 0));
                case Entity.Edge.SplineEdge s -> {
                    for (int i = 0; i + 2 < s.controls().size(); i += 3) out.add(new Vec3(s.controls().get(i), s.controls().get(i + 1), 0));
                }
            }
        return out.stream();
    }

    private static Double computed(Entity.Dimension x) {
        Vec3 v = x.second().minus(x.first());
        return switch (x.sort()) {
            case 0 -> Math.abs(v.x() * Math.cos(x.rotation()) + v.y() * Math.sin(x.rotation()));
            case 1 -> v.length();
            case 3, 4 -> x.at().minus(x.arc()).length();
            default -> null;
        };
    }
}
