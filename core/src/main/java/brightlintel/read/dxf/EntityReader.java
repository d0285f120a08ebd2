package brightlintel.read.dxf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Colour;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Report;
import brightlintel.drawing.Style;
import brightlintel.geom.Vec3;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Entities up to the end of a section or of a block, with the ones that follow a head (vertices, attributes). */
final class EntityReader {
    private static final int PULSE_EVERY = 1000;

    /** Tells the progress; throws when the user has said stop. */
    interface Pulse {
        void beat();
    }

    interface Sink {
        void take(Entity entity, boolean paper);
    }

    private final Tokens in;
    private final Report.Builder report;
    private final ReadLimits limits;
    private final Pulse pulse;
    private final Groups groups = new Groups();
    private final Groups follower = new Groups();
    private final Map<Style, Style> styles = new HashMap<>();
    private final Map<String, Style> usualOn = new HashMap<>();
    private final Set<String> layersUsed = new LinkedHashSet<>();
    private long ordinal;
    private boolean pictures;
    private Style last = Style.PLAIN;

    EntityReader(Tokens in, Report.Builder report, ReadLimits limits, Pulse pulse) {
        this.in = in;
        this.report = report;
        this.limits = limits;
        this.pulse = pulse;
    }

    Set<String> layersUsed() {
        layersUsed.addAll(usualOn.keySet());
        return layersUsed;
    }

    boolean sawPictures() {
        return pictures;
    }

    /** @return false at the end of the file; otherwise the tokens stand after ENDBLK's or ENDSEC's word */
    boolean readUntilEnd(Sink sink) throws IOException {
        while (in.code() != 0) if (!in.next()) return false;
        while (true) {
            String kind = in.text();
            if (kind.equals("ENDSEC")) return in.next();
            if (kind.equals("ENDBLK")) return groups.read(kind, in, report);
            if (kind.equals("EOF") || kind.equals("SECTION") || kind.equals("BLOCK")) return true;
            boolean more = groups.read(kind, in, report);
            boolean paper = groups.whole(67, 0) == 1;
            more = entity(kind, more, paper, sink);
            if (!more) return false;
            if (ordinal % PULSE_EVERY == 0) pulse.beat();
        }
    }

    private boolean entity(String kind, boolean more, boolean paper, Sink sink) throws IOException {
        if (ordinal++ >= limits.entities()) {
            report.say(Code.TOO_MANY_ENTITIES, groups.at(), limits.entities());
            return more;
        }
        if (groups.isOverfull()) report.say(Code.COUNT_BEYOND_LIMIT, groups.at(), kind);
        EntityKey key = key(groups);
        Style style = style(groups);
        Vec3 extrusion = groups.extrusion();
        try {
            return switch (kind) {
                case "POLYLINE" -> polyline(key, style, extrusion, more, paper, sink);
                case "INSERT" -> insert(key, style, extrusion, more, paper, sink);
                case "VERTEX", "SEQEND" -> {
                    report.say(Code.BAD_SHAPE, groups.at(), kind);
                    yield more;
                }
                default -> {
                    if (!groups.allFinite()) throw new BadShape(Code.NUMBER_NOT_FINITE);
                    Entity e = Shapes.of(kind, key, style, extrusion, groups, limits, report);
                    pictures |= e instanceof Entity.Picture;
                    if (e instanceof Entity.KnownByKindOnly) report.say(Code.NOT_UNDERSTOOD_YET, groups.at(), kind);
                    sink.take(e, paper);
                    yield more;
                }
            };
        } catch (BadShape b) {
            report.say(b.code(), groups.at(), kind);
            return more;
        }
    }

    private EntityKey key(Groups g) {
        return new EntityKey(g.text(5, "").toUpperCase(Locale.ROOT), ordinal);
    }

    private Style style(Groups g) {
        String layer = g.text(8, "0");
        int index = g.whole(62, 256);
        Optional<Integer> rgb = g.has(420) ? Optional.of(g.whole(420, 0) & 0xffffff) : Optional.empty();
        boolean visible = g.whole(60, 0) != 1;
        String lineType = g.text(6, "");
        double scale = g.number(48, 1);
        int weight = g.whole(370, Style.WEIGHT_BY_LAYER);
        if (last.layer().equals(layer) && last.colour().index() == index && last.colour().rgb().equals(rgb) && last.visible() == visible
            && last.lineType().equals(lineType) && last.lineTypeScale() == scale && last.weight() == weight) return last;
        boolean usual = index == 256 && rgb.isEmpty() && visible && lineType.isEmpty() && scale == 1 && weight == Style.WEIGHT_BY_LAYER;
        if (usual) {
            last = usualOn.computeIfAbsent(layer, Style::on);
            return last;
        }
        layersUsed.add(layer);
        Style s = new Style(layer, rgb.isEmpty() && index == 256 ? Colour.BY_LAYER : new Colour(Math.clamp(index, 0, 257), rgb),
            lineType.equalsIgnoreCase("ByLayer") ? "" : lineType, scale > 0 ? scale : 1, weight, visible);
        last = styles.computeIfAbsent(s, x -> x);
        return last;
    }

    private boolean polyline(EntityKey key, Style style, Vec3 extrusion, boolean more, boolean paper, Sink sink) throws IOException {
        int flags = groups.whole(70, 0);
        double elevation = groups.number(30, 0);
        int rows = groups.whole(71, 0), columns = groups.whole(72, 0);
        boolean finite = groups.allFinite();
        var at = groups.at();
        Entity.PolylineKind sort = (flags & 64) != 0 ? Entity.PolylineKind.POLYFACE : (flags & 16) != 0 ? Entity.PolylineKind.MESH
            : (flags & 8) != 0 ? Entity.PolylineKind.SPACE : Entity.PolylineKind.PLANE;
        Vertices v = new Vertices(sort, elevation, groups.number(40, 0), groups.number(41, 0));
        while (more && in.text().equals("VERTEX")) {
            more = follower.read("VERTEX", in, report);
            finite &= follower.allFinite();
            v.add(follower);
        }
        if (more && in.text().equals("SEQEND")) more = follower.read("SEQEND", in, report);
        if (!finite) report.say(Code.NUMBER_NOT_FINITE, at, "POLYLINE");
        else sink.take(new Entity.Polyline(key, style, extrusion, sort, (flags & 1) != 0, v.points(), v.frame(), rows, columns, v.faces(),
            v.widths()), paper);
        return more;
    }

    private boolean insert(EntityKey key, Style style, Vec3 extrusion, boolean more, boolean paper, Sink sink) throws IOException {
        boolean finite = groups.allFinite();
        var at = groups.at();
        Entity.Insert head = Shapes.insert(key, style, extrusion, groups, List.of());
        List<Entity.Text> attributes = new ArrayList<>();
        boolean follows = groups.whole(66, 0) == 1;
        while (more && follows && in.text().equals("ATTRIB")) {
            more = follower.read("ATTRIB", in, report);
            ordinal++;
            if (follower.allFinite())
                attributes.add(Shapes.text(Entity.TextSort.ATTRIB, key(follower), style(follower), follower.extrusion(), follower, limits,
                    report));
            else report.say(Code.NUMBER_NOT_FINITE, follower.at(), "ATTRIB");
        }
        if (more && follows && in.text().equals("SEQEND")) more = follower.read("SEQEND", in, report);
        if (!finite) report.say(Code.NUMBER_NOT_FINITE, at, "INSERT");
        else sink.take(new Entity.Insert(head.key(), style, extrusion, head.block(), head.at(), head.scale(), head.rotation(),
            head.columns(), head.rows(),
            head.columnStep(), head.rowStep(), attributes), paper);
        return more;
    }

    /** Vertices of an old-style polyline. */
    private static final class Vertices {
        private final Entity.PolylineKind sort;
        private final double elevation, startWidth, endWidth;
        private final List<double[]> widths = new ArrayList<>();
        private final List<double[]> points = new ArrayList<>();
        private final List<Integer> frame = new ArrayList<>();
        private final List<Integer> faces = new ArrayList<>();

        /** @param startWidth of each vertex that says no other; endWidth the same */
        Vertices(Entity.PolylineKind sort, double elevation, double startWidth, double endWidth) {
            this.sort = sort;
            this.elevation = elevation;
            this.startWidth = startWidth;
            this.endWidth = endWidth;
        }

        void add(Groups g) {
            int flags = g.whole(70, 0);
            if (sort == Entity.PolylineKind.POLYFACE && (flags & 128) != 0 && (flags & 64) == 0) {
                for (int c = 71; c <= 74; c++) faces.add(g.whole(c, 0));
                return;
            }
            boolean plane = sort == Entity.PolylineKind.PLANE;
            if ((flags & 16) != 0) frame.add(points.size());
            widths.add(new double[] {g.number(40, startWidth), g.number(41, endWidth)});
            points.add(new double[] {g.number(10, 0), g.number(20, 0), plane ? elevation : g.number(30, 0), plane ? g.number(42, 0) : 0});
        }

        Doubles points() {
            return flat(points, 4);
        }

        Doubles widths() {
            return sort == Entity.PolylineKind.PLANE ? flat(widths, 2) : Doubles.NONE;
        }

        private static Doubles flat(List<double[]> rows, int each) {
            double[] flat = new double[each * rows.size()];
            for (int i = 0; i < rows.size(); i++) System.arraycopy(rows.get(i), 0, flat, each * i, each);
            return Doubles.owning(flat);
        }

        List<Integer> frame() {
            return frame;
        }

        List<Integer> faces() {
            return faces;
        }
    }
}
