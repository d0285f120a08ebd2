package brightlintel.read.dwg;

import brightlintel.drawing.Code;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import brightlintel.drawing.Style;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.List;

/** Makes entities of objects. */
final class EntityReader {
    private final Records records;
    private final Report.Builder report;
    private final Styles styles;
    private final Gathered gathered = new Gathered();

    EntityReader(Records records, Report.Builder report) {
        this.records = records;
        this.report = report;
        styles = new Styles(records);
    }

    Gathered gathered() {
        return gathered;
    }

    /** @param kindName of a class's kind, "" for the fixed ones */
    void read(ObjectBits o, int type, String kindName, long ordinal) {
        if (type == Kind.ENDBLK || type == Kind.SEQEND || type == Kind.BLOCK) return;
        o.begin();
        EntityHead head = EntityHead.read(o);
        EntityHead.Ties ties = head.ties(o);
        long owner = head.mode() == 2 ? Gathered.MODEL : head.mode() == 1 ? Gathered.SHEET : ties.owner();
        if (type >= Kind.VERTEX_2D && type <= Kind.VERTEX_FACE) {
            gathered.vertex(owner, o.handle(), ties.next(), vertex(o, type));
            return;
        }
        EntityKey key = new EntityKey(Handles.word(o.handle()), ordinal);
        Style style = styles.of(head, ties);
        Entity e = type == Kind.ATTRIB ? Texts.text(Entity.TextSort.ATTRIB, key, style, o) : shape(key, style, o, type, kindName);
        if (!Finite.is(e)) report.say(Code.NUMBER_NOT_FINITE, new Location.Whole(), e.kind());
        else if (type == Kind.ATTRIB) gathered.attribute(owner, o.handle(), ties.next(), (Entity.Text) e);
        else gathered.add(owner, e);
        if (e instanceof Entity.KnownByKindOnly) report.say(Code.NOT_UNDERSTOOD_YET, new Location.Whole(), e.kind());
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
            case Kind.MLINE -> Curves.multiLine(key, style, in);
            case Kind.SPLINE -> Curves.spline(key, style, in, o.version());
            case Kind.SOLID -> Curves.solid(key, style, in, "SOLID");
            case Kind.TRACE -> Curves.solid(key, style, in, "TRACE");
            case Kind.FACE -> Curves.face(key, style, in);
            case Kind.RAY, Kind.XLINE -> Curves.endless(key, style, in, type == Kind.RAY);
            case Kind.LEADER -> Curves.leader(key, style, in);
            case Kind.VIEWPORT -> Curves.viewport(key, style, in);
            case Kind.TEXT -> Texts.text(Entity.TextSort.TEXT, key, style, o).withTextStyle(records.textStyle(o.reference()));
            case Kind.ATTDEF -> Texts.text(Entity.TextSort.ATTDEF, key, style, o);
            case Kind.MTEXT -> Texts.longText(key, style, o).withTextStyle(records.textStyle(o.reference()));
            case Kind.HATCH -> Hatches.read(key, style, o);
            case Kind.DIM_ORDINATE, Kind.DIM_LINEAR, Kind.DIM_ALIGNED, Kind.DIM_ANGLE_3P, Kind.DIM_ANGLE_2L, Kind.DIM_RADIUS,
                Kind.DIM_DIAMETER ->
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
        Entity.Insert e = new Entity.Insert(key, style, up, records.block(o.reference()), at, scale, rotation, columns, rows, columnStep,
            rowStep, List.of());
        if (follows) gathered.head(e, o.handle(), order(o, owned), 0);
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
        gathered.head(e, o.handle(), order(o, owned), z);
        return e;
    }

    private static Gathered.Vertex vertex(ObjectBits o, int type) {
        Bits in = o.data();
        if (type == Kind.VERTEX_FACE) {
            int a = in.bitShort(), b = in.bitShort(), c = in.bitShort();
            return new Gathered.Vertex(Vec3.ZERO, 128, List.of(a, b, c, in.bitShort()));
        }
        int flags = in.rawByte();
        Vec3 at = in.bitPoint();
        if (type != Kind.VERTEX_2D) return new Gathered.Vertex(at, flags, List.of());
        // below 0 it is both
        double wide = in.bitDouble(), end = wide < 0 ? -wide : in.bitDouble();
        return new Gathered.Vertex(at, in.bitDouble(), Math.abs(wide), end, flags, List.of());
    }
}
