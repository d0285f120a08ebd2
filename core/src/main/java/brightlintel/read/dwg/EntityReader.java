package brightlintel.read.dwg;

import brightlintel.drawing.Code;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import brightlintel.drawing.Style;
import brightlintel.geom.Vec3;
import brightlintel.read.ReadLimits;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Makes entities of objects and gathers them by their owners. */
final class EntityReader {
    /** Owner of what lies in the model, and of what lies on the current sheet. */
    static final long MODEL = -2, SHEET = -1;
    private final Records records;
    private final Report.Builder report;
    private final ReadLimits limits;
    private final Map<Long, List<Entity>> byOwner = new LinkedHashMap<>();
    private final Followers<Vertex> vertices = new Followers<>();
    private final Followers<Entity.Text> attributes = new Followers<>();
    private final Map<Style, Style> styles = new HashMap<>();
    private Style last = Style.PLAIN;
    private long lastLayer = -1;
    private long ordinal;

    /** @param faces four vertex numbers of a face, or empty for a place */
    private record Vertex(Vec3 at, double bulge, int flags, List<Integer> faces) { }

    /** What stands in for a polyline or a block reference until its followers are known. */
    private record Head(Entity empty, long handle, List<Long> order, double elevation) { }

    private final Map<Entity, Head> heads = new java.util.IdentityHashMap<>();

    EntityReader(Records records, ReadLimits limits, Report.Builder report) {
        this.records = records;
        this.limits = limits;
        this.report = report;
    }

    /** @param kindName of a class's kind, "" for the fixed ones */
    void read(ObjectBits o, int type, String kindName) {
        if (type == Kind.ENDBLK || type == Kind.SEQEND) return;
        if (ordinal++ >= limits.entities()) {
            if (ordinal == limits.entities() + 1L) report.say(Code.TOO_MANY_ENTITIES, new Location.Whole(), limits.entities());
            return;
        }
        o.begin();
        EntityHead head = EntityHead.read(o);
        EntityHead.Ties ties = head.ties(o);
        long owner = head.mode() == 2 ? MODEL : head.mode() == 1 ? SHEET : ties.owner();
        if (type == Kind.BLOCK) {
            records.named(owner, o.text());
            return;
        }
        EntityKey key = new EntityKey(Long.toHexString(o.handle()).toUpperCase(Locale.ROOT), ordinal);
        Style style = style(head, ties);
        if (type >= Kind.VERTEX_2D && type <= Kind.VERTEX_FACE) {
            vertices.add(owner, o.handle(), ties.next(), vertex(o, type));
            return;
        }
        if (type == Kind.ATTRIB) {
            Entity.Text a = Texts.text(Entity.TextSort.ATTRIB, key, style, o);
            if (Finite.is(a)) attributes.add(owner, o.handle(), ties.next(), a);
            else report.say(Code.NUMBER_NOT_FINITE, new Location.Whole(), "ATTRIB");
            return;
        }
        Entity e = shape(key, style, o, type, kindName);
        if (!Finite.is(e)) report.say(Code.NUMBER_NOT_FINITE, new Location.Whole(), e.kind());
        else byOwner.computeIfAbsent(owner, _ -> new ArrayList<>()).add(e);
        if (e instanceof Entity.KnownByKindOnly) report.say(Code.NOT_UNDERSTOOD_YET, new Location.Whole(), e.kind());
    }

    private Style style(EntityHead h, EntityHead.Ties t) {
        String lineType = switch (h.lineType()) {
            case 0 -> "";
            case 1 -> "ByBlock";
            case 2 -> "Continuous";
            default -> records.lineType(t.lineType());
        };
        double scale = h.lineTypeScale() > 0 && Double.isFinite(h.lineTypeScale()) ? h.lineTypeScale() : 1;
        if (t.layer() == lastLayer && last.colour().equals(h.colour()) && last.visible() == h.visible() && last.lineType().equals(lineType) && last.lineTypeScale() == scale
            && last.weight() == h.weight()) return last;
        lastLayer = t.layer();
        String layer = records.layer(t.layer());
        last = styles.computeIfAbsent(new Style(layer.isEmpty() ? "0" : layer, h.colour(), lineType, scale, h.weight(), h.visible()), s -> s);
        return last;
    }

    private Entity shape(EntityKey key, Style style, ObjectBits o, int type, String kindName) {
        Bits in = o.data();
        return switch (type) {
            case Kind.LINE -> Curves.line(key, style, in);
            case Kind.POINT -> Curves.point(key, style, in);
            case Kind.CIRCLE -> Curves.circle(key, style, in);
            case Kind.ARC -> Curves.arc(key, style, in);
            case Kind.ELLIPSE -> Curves.ellipse(key, style, in);
            case Kind.LWPOLYLINE -> Curves.light(key, style, in, o.version());
            case Kind.SPLINE -> Curves.spline(key, style, in, o.version());
            case Kind.SOLID -> Curves.solid(key, style, in, "SOLID");
            case Kind.TRACE -> Curves.solid(key, style, in, "TRACE");
            case Kind.FACE -> Curves.face(key, style, in);
            case Kind.RAY, Kind.XLINE -> Curves.endless(key, style, in, type == Kind.RAY);
            case Kind.LEADER -> Curves.leader(key, style, in);
            case Kind.VIEWPORT -> Curves.viewport(key, style, in);
            case Kind.TEXT -> Texts.text(Entity.TextSort.TEXT, key, style, o);
            case Kind.ATTDEF -> Texts.text(Entity.TextSort.ATTDEF, key, style, o);
            case Kind.MTEXT -> Texts.longText(key, style, o);
            case Kind.HATCH -> Hatches.read(key, style, o);
            case Kind.DIM_ORDINATE, Kind.DIM_LINEAR, Kind.DIM_ALIGNED, Kind.DIM_ANGLE_3P, Kind.DIM_ANGLE_2L, Kind.DIM_RADIUS, Kind.DIM_DIAMETER ->
                Dimensions.read(key, style, o, type, records.dimensionStyle(o.reference()), records.block(o.reference()));
            case Kind.INSERT, Kind.MINSERT -> insert(key, style, o, type == Kind.MINSERT);
            case Kind.POLYLINE_2D, Kind.POLYLINE_3D, Kind.POLYLINE_PFACE, Kind.POLYLINE_MESH -> polyline(key, style, o, type);
            default -> ofClass(key, style, o, type, kindName);
        };
    }

    private Entity ofClass(EntityKey key, Style style, ObjectBits o, int type, String kindName) {
        return switch (kindName) {
            case "IMAGE" -> Curves.picture(key, style, o.data(), records.pictureFile(o.reference()));
            case "MULTILEADER" -> Texts.multiLeader(key, style, o);
            default -> new Entity.KnownByKindOnly(key, style, Vec3.UP, kindName.isEmpty() ? Kind.counted(type) : kindName);
        };
    }

    private Entity insert(EntityKey key, Style style, ObjectBits o, boolean array) {
        Bits in = o.data();
        Vec3 at = in.bitPoint();
        Vec3 scale = switch (in.two()) {
            case 3 -> new Vec3(1, 1, 1);
            case 1 -> {
                double y = in.doubleLike(1);
                yield new Vec3(1, y, in.doubleLike(1));
            }
            case 2 -> {
                double x = in.rawDouble();
                yield new Vec3(x, x, x);
            }
            default -> {
                double x = in.rawDouble(), y = in.doubleLike(x);
                yield new Vec3(x, y, in.doubleLike(x));
            }
        };
        double rotation = in.bitDouble();
        Vec3 up = in.bitPoint();
        boolean follows = in.bit();
        int owned = follows && o.version().from(Version.R2004) ? in.bitLong() : 0;
        int columns = 1, rows = 1;
        double columnStep = 0, rowStep = 0;
        if (array) {
            columns = Math.max(1, in.bitShort() & 0xffff);
            rows = Math.max(1, in.bitShort() & 0xffff);
            columnStep = in.bitDouble();
            rowStep = in.bitDouble();
        }
        Entity.Insert e = new Entity.Insert(key, style, up, records.block(o.reference()), at, scale, rotation, columns, rows, columnStep, rowStep, List.of());
        if (follows) heads.put(e, new Head(e, o.handle(), order(o, owned), 0));
        return e;
    }

    /** The list of what is owned, or the first of its chain. */
    private static List<Long> order(ObjectBits o, int owned) {
        if (!o.version().from(Version.R2004)) return List.of(o.reference());
        List<Long> out = new ArrayList<>();
        for (int i = 0; i < owned; i++) {
            long h = o.reference();
            if (h == 0) break;
            out.add(h);
        }
        return out;
    }

    private Entity polyline(EntityKey key, Style style, ObjectBits o, int type) {
        Bits in = o.data();
        double z = 0;
        int rows = 0, columns = 0;
        boolean closed = false;
        Vec3 up = Vec3.UP;
        Entity.PolylineKind sort = switch (type) {
            case Kind.POLYLINE_2D -> Entity.PolylineKind.PLANE;
            case Kind.POLYLINE_3D -> Entity.PolylineKind.SPACE;
            case Kind.POLYLINE_MESH -> Entity.PolylineKind.MESH;
            default -> Entity.PolylineKind.POLYFACE;
        };
        switch (sort) {
            case PLANE -> {
                closed = (in.bitShort() & 1) != 0;
                in.bitShort();
                in.bitDouble();
                in.bitDouble();
                in.thickness();
                z = in.bitDouble();
                up = in.extrusion();
            }
            case SPACE -> {
                in.rawByte();
                closed = (in.rawByte() & 1) != 0;
            }
            case MESH -> {
                closed = (in.bitShort() & 1) != 0;
                in.bitShort();
                rows = in.bitShort();
                columns = in.bitShort();
                in.bitShort();
                in.bitShort();
            }
            default -> {
                rows = in.bitShort();
                columns = in.bitShort();
            }
        }
        int owned = o.version().from(Version.R2004) ? in.bitLong() : 0;
        Entity.Polyline e = new Entity.Polyline(key, style, up, sort, closed, Doubles.NONE, List.of(), rows, columns, List.of());
        heads.put(e, new Head(e, o.handle(), order(o, owned), z));
        return e;
    }

    private static Vertex vertex(ObjectBits o, int type) {
        Bits in = o.data();
        if (type == Kind.VERTEX_FACE) {
            int a = in.bitShort(), b = in.bitShort(), c = in.bitShort();
            return new Vertex(Vec3.ZERO, 0, 128, List.of(a, b, c, in.bitShort()));
        }
        int flags = in.rawByte();
        Vec3 at = in.bitPoint();
        if (type != Kind.VERTEX_2D) return new Vertex(at, 0, flags, List.of());
        if (in.bitDouble() >= 0) in.bitDouble();
        return new Vertex(at, in.bitDouble(), flags, List.of());
    }

    /** All entities by the handle of their block, followers joined; {@link #MODEL} and {@link #SHEET} for those. */
    Map<Long, List<Entity>> byOwner() {
        Map<Long, List<Entity>> out = new LinkedHashMap<>();
        byOwner.forEach((owner, list) -> {
            List<Entity> joined = new ArrayList<>(list.size());
            for (Entity e : list) {
                Entity whole = heads.isEmpty() ? e : joined(e, heads.get(e));
                if (Finite.is(whole)) joined.add(whole);
                else report.say(Code.NUMBER_NOT_FINITE, new Location.Whole(), whole.kind());
            }
            out.put(owner, joined);
        });
        return out;
    }

    private Entity joined(Entity e, Head h) {
        if (h == null) return e;
        if (e instanceof Entity.Insert i)
            return new Entity.Insert(i.key(), i.style(), i.extrusion(), i.block(), i.at(), i.scale(), i.rotation(), i.columns(), i.rows(), i.columnStep(), i.rowStep(),
                attributes.of(h.handle, h.order));
        Entity.Polyline p = (Entity.Polyline) e;
        boolean plane = p.sort() == Entity.PolylineKind.PLANE;
        List<Vertex> all = vertices.of(h.handle, h.order);
        List<Vertex> places = all.stream().filter(v -> v.faces.isEmpty()).toList();
        double[] xyzb = new double[4 * places.size()];
        List<Integer> frame = new ArrayList<>(), faces = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            Vertex v = places.get(i);
            if ((v.flags & 16) != 0) frame.add(i);
            xyzb[4 * i] = v.at.x();
            xyzb[4 * i + 1] = v.at.y();
            xyzb[4 * i + 2] = plane ? h.elevation : v.at.z();
            xyzb[4 * i + 3] = plane ? v.bulge : 0;
        }
        all.forEach(v -> faces.addAll(v.faces));
        return new Entity.Polyline(p.key(), p.style(), p.extrusion(), p.sort(), p.closed(), Doubles.of(xyzb), frame, p.rows(), p.columns(), faces);
    }
}
