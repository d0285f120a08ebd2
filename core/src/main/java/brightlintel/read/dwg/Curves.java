package brightlintel.read.dwg;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Style;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Shapes of lines and curves. */
final class Curves {
    private static final int FIGURE = 2;

    private Curves() { }

    static Entity line(EntityKey key, Style style, Bits in) {
        boolean flat = in.bit();
        double x0 = in.rawDouble(), x1 = in.doubleLike(x0), y0 = in.rawDouble(), y1 = in.doubleLike(y0), z0 = 0, z1 = 0;
        if (!flat) {
            z0 = in.rawDouble();
            z1 = in.doubleLike(z0);
        }
        in.thickness();
        return new Entity.Line(key, style, in.extrusion(), new Vec3(x0, y0, z0), new Vec3(x1, y1, z1));
    }

    static Entity point(EntityKey key, Style style, Bits in) {
        Vec3 at = in.bitPoint();
        in.thickness();
        return new Entity.Dot(key, style, in.extrusion(), at);
    }

    static Entity circle(EntityKey key, Style style, Bits in) {
        Vec3 centre = in.bitPoint();
        double r = radius(in);
        in.thickness();
        return new Entity.Circle(key, style, in.extrusion(), centre, r);
    }

    static Entity arc(EntityKey key, Style style, Bits in) {
        Vec3 centre = in.bitPoint();
        double r = radius(in);
        in.thickness();
        Vec3 up = in.extrusion();
        double start = in.bitDouble();
        return new Entity.Arc(key, style, up, centre, r, start, in.bitDouble());
    }

    private static double radius(Bits in) {
        double r = in.bitDouble();
        if (!(r > 0)) throw new Damaged("a radius of " + r);
        return r;
    }

    static Entity ellipse(EntityKey key, Style style, Bits in) {
        Vec3 centre = in.bitPoint(), major = in.bitPoint(), up = in.bitPoint();
        double ratio = in.bitDouble(), start = in.bitDouble(), end = in.bitDouble();
        if (!(major.length() > 0) || !(Math.abs(ratio) > 0)) throw new Damaged("an ellipse without an axis");
        return new Entity.Ellipse(key, style, up, centre, major, ratio, start, end);
    }

    static Entity light(EntityKey key, Style style, Bits in, Version v) {
        int flags = in.bitShort();
        double all = (flags & 4) != 0 ? in.bitDouble() : 0;
        double z = (flags & 8) != 0 ? in.bitDouble() : 0;
        if ((flags & 2) != 0) in.bitDouble();
        Vec3 up = (flags & 1) != 0 ? in.bitPoint() : Vec3.UP;
        int n = in.count(in.bitLong(), 4), bulges = (flags & 16) != 0 ? in.count(in.bitLong(), FIGURE) : 0;
        int ids = v.from(Version.R2010) && (flags & 1024) != 0 ? in.count(in.bitLong(), FIGURE) : 0;
        int widths = (flags & 32) != 0 ? in.count(in.bitLong(), 2 * FIGURE) : 0;
        double[] p = new double[4 * n], wide = new double[2 * n];
        Arrays.fill(wide, all);
        for (int i = 0; i < n; i++) {
            p[4 * i] = i == 0 ? in.rawDouble() : in.doubleLike(p[4 * i - 4]);
            p[4 * i + 1] = i == 0 ? in.rawDouble() : in.doubleLike(p[4 * i - 3]);
            p[4 * i + 2] = z;
        }
        for (int i = 0; i < bulges; i++) {
            double b = in.bitDouble();
            if (i < n) p[4 * i + 3] = b;
        }
        for (int i = 0; i < ids; i++) in.bitLong();
        for (int i = 0; i < 2 * widths; i++) {
            double w = in.bitDouble();
            if (i < 2 * n) wide[i] = w;
        }
        return new Entity.Polyline(key, style, up, Entity.PolylineKind.LIGHT, (flags & 512) != 0, Doubles.owning(p), List.of(), 0, 0,
            List.of(), Doubles.owning(wide));
    }

    static Entity multiLine(EntityKey key, Style style, Bits in) {
        in.bitDouble();
        in.rawByte();
        in.bitPoint();
        Vec3 up = in.bitPoint();
        boolean closed = in.bitShort() == 3;
        int lines = in.rawByte(), n = in.count(in.bitShort() & 0xffff, 9 * FIGURE);
        List<Entity.Joint> joints = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Vec3 at = in.bitPoint(), along = in.bitPoint(), mitre = in.bitPoint();
            List<Doubles> ways = new ArrayList<>();
            for (int k = 0; k < lines; k++) {
                double[] way = new double[in.count(in.bitShort() & 0xffff, FIGURE)];
                for (int j = 0; j < way.length; j++) way[j] = in.bitDouble();
                ways.add(Doubles.owning(way));
                int filled = in.count(in.bitShort() & 0xffff, FIGURE);
                for (int j = 0; j < filled; j++) in.bitDouble();
            }
            joints.add(new Entity.Joint(at, along, mitre, ways));
        }
        if (n < 2 || lines < 1) throw new Damaged("lines beside each other, of " + n + " vertices");
        return new Entity.MultiLine(key, style, up, closed, joints);
    }

    static double[] points(Bits in, int n) {
        double[] p = new double[3 * n];
        for (int i = 0; i < p.length; i++) p[i] = in.bitDouble();
        return p;
    }

    static Entity spline(EntityKey key, Style style, Bits in, Version v) {
        int scenario = in.bitLong();
        boolean closed = false;
        if (v.from(Version.R2013)) {
            int flags = in.bitLong(), parameter = in.bitLong();
            if ((flags & 1) != 0) scenario = 2;
            if (parameter == 15) scenario = 1;
            closed = (flags & 4) != 0;
        }
        int degree = in.bitLong();
        if (scenario == 2) {
            in.bitDouble();
            Curves.points(in, 2);
            int n = in.count(in.bitLong(), 3 * FIGURE);
            return new Entity.Spline(key, style, Vec3.UP, degree, closed, Doubles.NONE, Doubles.NONE, Doubles.NONE,
                Doubles.of(points(in, n)));
        }
        if (scenario != 1) throw new Damaged("a spline of sort " + scenario);
        in.bit();
        closed = in.bit();
        in.bit();
        in.bitDouble();
        in.bitDouble();
        int knots = in.count(in.bitLong(), FIGURE), controls = in.count(in.bitLong(), 3 * FIGURE);
        boolean weighted = in.bit();
        double[] k = new double[knots], c = new double[3 * controls], w = new double[weighted ? controls : 0];
        for (int i = 0; i < knots; i++) k[i] = in.bitDouble();
        for (int i = 0; i < controls; i++) {
            for (int j = 0; j < 3; j++) c[3 * i + j] = in.bitDouble();
            if (weighted) w[i] = in.bitDouble();
        }
        return new Entity.Spline(key, style, Vec3.UP, degree, closed, Doubles.of(k), Doubles.of(w), Doubles.of(c), Doubles.NONE);
    }

    /** Solid and trace lie in a plane at a height. */
    static Entity solid(EntityKey key, Style style, Bits in, String kind) {
        in.thickness();
        double z = in.bitDouble();
        double[] p = new double[12];
        for (int i = 0; i < 4; i++) {
            p[3 * i] = in.rawDouble();
            p[3 * i + 1] = in.rawDouble();
            p[3 * i + 2] = z;
        }
        return new Entity.Corners(key, style, in.extrusion(), kind, Doubles.of(p));
    }

    static Entity face(EntityKey key, Style style, Bits in) {
        in.bit();
        boolean flat = in.bit();
        double[] p = new double[12];
        p[0] = in.rawDouble();
        p[1] = in.rawDouble();
        p[2] = flat ? 0 : in.rawDouble();
        for (int i = 3; i < 12; i++) p[i] = in.doubleLike(p[i - 3]);
        return new Entity.Corners(key, style, Vec3.UP, "3DFACE", Doubles.of(p));
    }

    static Entity endless(EntityKey key, Style style, Bits in, boolean oneWay) {
        Vec3 at = in.bitPoint();
        return new Entity.Endless(key, style, Vec3.UP, oneWay, at, in.bitPoint());
    }

    static Entity leader(EntityKey key, Style style, Bits in) {
        in.bit();
        in.bitShort();
        in.bitShort();
        double[] p = points(in, in.count(in.bitLong(), 3 * FIGURE));
        in.bitPoint();
        return new Entity.Leader(key, style, in.bitPoint(), Doubles.of(p));
    }

    static Entity viewport(EntityKey key, Style style, Bits in) {
        Vec3 centre = in.bitPoint();
        double width = in.bitDouble(), height = in.bitDouble();
        in.bitPoint();
        in.bitPoint();
        in.bitDouble();
        return new Entity.Viewport(key, style, Vec3.UP, centre, width, height, in.bitDouble());
    }

    static Entity picture(EntityKey key, Style style, Bits in, String file) {
        in.bitLong();
        Vec3 at = in.bitPoint(), u = in.bitPoint(), v = in.bitPoint();
        double width = in.rawDouble();
        return new Entity.Picture(key, style, Vec3.UP, at, u, v, width, in.rawDouble(), file);
    }
}
