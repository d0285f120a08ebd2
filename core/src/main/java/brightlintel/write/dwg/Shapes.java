package brightlintel.write.dwg;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.geom.Vec3;
import brightlintel.read.dwg.Kind;

/** The figures of shapes, the mirror of their reading. */
final class Shapes {
    private static final int CLOSED = 512, WIDTHS = 32, ONE_WIDTH = 4, BULGES = 16, ELEVATED = 8, TILTED = 1;
    private final BitsOut out;

    Shapes(BitsOut out) {
        this.out = out;
    }

    /** Number of its kind, 0 for kinds that are not written. */
    static int type(Entity e) {
        return switch (e) {
            case Entity.Line _ -> Kind.LINE;
            case Entity.Dot _ -> Kind.POINT;
            case Entity.Circle _ -> Kind.CIRCLE;
            case Entity.Arc _ -> Kind.ARC;
            case Entity.Ellipse _ -> Kind.ELLIPSE;
            case Entity.Polyline p -> switch (p.sort()) {
                case LIGHT -> Kind.LWPOLYLINE;
                case PLANE -> Kind.POLYLINE_2D;
                case SPACE -> Kind.POLYLINE_3D;
                case MESH -> Kind.POLYLINE_MESH;
                case POLYFACE -> Kind.POLYLINE_PFACE;
            };
            case Entity.MultiLine _ -> Kind.MLINE;
            case Entity.Spline _ -> Kind.SPLINE;
            case Entity.Text t -> switch (t.sort()) {
                case TEXT -> Kind.TEXT;
                case MTEXT -> Kind.MTEXT;
                case ATTRIB -> Kind.ATTRIB;
                case ATTDEF -> Kind.ATTDEF;
            };
            case Entity.Insert i -> i.columns() > 1 || i.rows() > 1 ? Kind.MINSERT : Kind.INSERT;
            case Entity.Dimension d -> new int[] {Kind.DIM_LINEAR, Kind.DIM_ALIGNED, Kind.DIM_ANGLE_2L, Kind.DIM_DIAMETER, Kind.DIM_RADIUS,
                Kind.DIM_ANGLE_3P, Kind.DIM_ORDINATE}[Math.clamp(d.sort(), 0, 6)];
            case Entity.Corners c -> switch (c.kind()) {
                case "SOLID" -> Kind.SOLID;
                case "TRACE" -> Kind.TRACE;
                default -> Kind.FACE;
            };
            case Entity.Hatch _ -> Kind.HATCH;
            case Entity.Leader _ -> Kind.LEADER;
            case Entity.Endless x -> x.oneWay() ? Kind.RAY : Kind.XLINE;
            case Entity.Viewport _ -> Kind.VIEWPORT;
            case Entity.MultiLeader _, Entity.Picture _, Entity.KnownByKindOnly _ -> 0;
        };
    }

    void line(Entity.Line l) {
        boolean flat = l.a().z() == 0 && l.b().z() == 0;
        out.bit(flat);
        out.rawDouble(l.a().x());
        out.doubleLike(l.b().x(), l.a().x());
        out.rawDouble(l.a().y());
        out.doubleLike(l.b().y(), l.a().y());
        if (!flat) {
            out.rawDouble(l.a().z());
            out.doubleLike(l.b().z(), l.a().z());
        }
        out.noThickness();
        out.extrusion(l.extrusion());
    }

    void dot(Entity.Dot d) {
        out.point(d.at());
        out.noThickness();
        out.extrusion(d.extrusion());
        out.bitDouble(0);
    }

    void circle(Entity.Circle c) {
        out.point(c.centre());
        out.bitDouble(c.radius());
        out.noThickness();
        out.extrusion(c.extrusion());
    }

    void arc(Entity.Arc a) {
        out.point(a.centre());
        out.bitDouble(a.radius());
        out.noThickness();
        out.extrusion(a.extrusion());
        out.bitDoubles(a.start(), a.end());
    }

    void ellipse(Entity.Ellipse e) {
        out.point(e.centre());
        out.point(e.major());
        out.point(e.extrusion());
        out.bitDoubles(e.ratio(), e.start(), e.end());
    }

    void light(Entity.Polyline p) {
        Doubles v = p.points();
        int n = p.size();
        double z = n > 0 ? v.get(2) : 0;
        boolean bulges = false, alike = p.isOfOneWidth(), band = p.widths().size() > 0 && !alike, tilted = !p.extrusion().equals(Vec3.UP);
        for (int i = 0; i < n; i++) bulges |= v.get(4 * i + 3) != 0;
        out.bitShort((p.closed() ? CLOSED : 0) + (bulges ? BULGES : 0) + (band ? WIDTHS : 0) + (alike ? ONE_WIDTH : 0)
            + (z != 0 ? ELEVATED : 0) + (tilted ? TILTED : 0));
        if (alike) out.bitDouble(p.widths().get(0));
        if (z != 0) out.bitDouble(z);
        if (tilted) out.point(p.extrusion());
        out.bitLong(n);
        if (bulges) out.bitLong(n);
        if (band) out.bitLong(n);
        for (int i = 0; i < n; i++) {
            if (i == 0) out.flat(v.get(0), v.get(1));
            else {
                out.doubleLike(v.get(4 * i), v.get(4 * i - 4));
                out.doubleLike(v.get(4 * i + 1), v.get(4 * i - 3));
            }
        }
        if (bulges) for (int i = 0; i < n; i++) out.bitDouble(v.get(4 * i + 3));
        if (band) for (int i = 0; i < 2 * n; i++) out.bitDouble(p.widths().get(i));
    }

    void multiLine(Entity.MultiLine m) {
        int lines = m.joints().getFirst().ways().size();
        out.bitDouble(1);
        out.rawByte(0);
        out.point(m.joints().getFirst().at());
        out.point(m.extrusion());
        out.bitShort(m.closed() ? 3 : 1);
        out.rawByte(lines);
        out.bitShort(m.joints().size());
        for (Entity.Joint j : m.joints()) {
            out.point(j.at());
            out.point(j.along());
            out.point(j.mitre());
            for (Doubles way : j.ways()) {
                out.bitShort(way.size());
                for (int i = 0; i < way.size(); i++) out.bitDouble(way.get(i));
                out.bitShort(0);
            }
        }
    }

    void spline(Entity.Spline s) {
        int controls = s.controls().size() / 3;
        boolean weighted = s.weights().size() == controls && controls > 0;
        out.bitLong(controls > 0 ? 1 : 2);
        out.bitLong(s.degree());
        if (controls == 0) {
            out.bitDoubles(0, 0, 0, 0, 0, 0, 0);
            out.bitLong(s.fits().size() / 3);
            out.bitDoubles(s.fits().toArray());
            return;
        }
        out.bit(weighted);
        out.bit(s.closed());
        out.bit(false);
        out.bitDoubles(1e-7, 1e-7);
        out.bitLong(s.knots().size());
        out.bitLong(controls);
        out.bit(weighted);
        out.bitDoubles(s.knots().toArray());
        for (int i = 0; i < controls; i++) {
            for (int k = 0; k < 3; k++) out.bitDouble(s.controls().get(3 * i + k));
            if (weighted) out.bitDouble(s.weights().get(i));
        }
    }

    /** Solid and trace: flat, at the height of their first corner. */
    void solid(Entity.Corners c) {
        out.noThickness();
        out.bitDouble(c.points().get(2));
        for (int i = 0; i < 4; i++) out.flat(c.points().get(3 * i), c.points().get(3 * i + 1));
        out.extrusion(c.extrusion());
    }

    void face(Entity.Corners c) {
        Doubles p = c.points();
        out.bit(true);
        out.bit(p.get(2) == 0);
        out.flat(p.get(0), p.get(1));
        if (p.get(2) != 0) out.rawDouble(p.get(2));
        for (int i = 3; i < 12; i++) out.doubleLike(p.get(i), p.get(i - 3));
    }

    void endless(Entity.Endless x) {
        out.point(x.at());
        out.point(x.direction());
    }

    void leader(Entity.Leader l) {
        out.bit(false);
        out.bitShort(3);
        out.bitShort(0);
        out.bitLong(l.points().size() / 3);
        out.bitDoubles(l.points().toArray());
        out.point(Vec3.ZERO);
        out.point(l.extrusion());
        out.point(new Vec3(1, 0, 0));
        out.point(Vec3.ZERO);
        out.point(Vec3.ZERO);
        out.bitDoubles(0, 0);
        out.bit(false);
        out.bit(true);
        out.bitShort(0);
        out.bit(false);
        out.bit(false);
    }

    /** Seen from above, without frozen layers. */
    void viewport(Entity.Viewport v) {
        out.point(v.centre());
        out.bitDoubles(v.width(), v.height());
        out.point(Vec3.ZERO);
        out.point(Vec3.UP);
        out.bitDoubles(0, v.viewHeight(), 50, 0, 0, 0);
        for (int i = 0; i < 4; i++) out.flat(i > 1 ? 10 : 0, i > 1 ? 10 : 0);
        out.bitShort(100);
        out.bitLong(0);
        out.bitLong(0);
        out.text("");
        out.rawByte(0);
        out.bit(true);
        out.bit(true);
        out.point(Vec3.ZERO);
        out.point(new Vec3(1, 0, 0));
        out.point(new Vec3(0, 1, 0));
        out.bitDouble(0);
        out.bitShort(0);
    }
}
