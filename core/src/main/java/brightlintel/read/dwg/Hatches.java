package brightlintel.read.dwg;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Style;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.List;

/** Fills and patterns with their outlines. */
final class Hatches {
    private static final int POINT = 128, FIGURE = 2;
    private final Bits in;
    private final Version version;

    private Hatches(ObjectBits o) {
        in = o.data();
        version = o.version();
    }

    static Entity read(EntityKey key, Style style, ObjectBits o) {
        return new Hatches(o).hatch(key, style, o);
    }

    private Entity hatch(EntityKey key, Style style, ObjectBits o) {
        boolean gradient = version.from(Version.R2004) && gradient(o);
        double z = in.bitDouble();
        Vec3 up = in.bitPoint();
        String name = o.text();
        boolean solid = in.bit();
        in.bit();
        int n = in.count(in.bitLong(), 8);
        List<Entity.Loop> loops = new ArrayList<>();
        for (int i = 0; i < n; i++) loops.add(loop());
        in.bitShort();
        in.bitShort();
        return new Entity.Hatch(key, style, up, name, solid || gradient, z, loops, solid ? List.of() : lines());
    }

    private boolean gradient(ObjectBits o) {
        boolean is = in.bitLong() != 0;
        in.bitLong();
        in.bitDouble();
        in.bitDouble();
        in.bitLong();
        in.bitDouble();
        int colours = in.count(in.bitLong(), 8);
        for (int i = 0; i < colours; i++) {
            in.bitDouble();
            in.bitShort();
            in.bitLong();
            in.rawByte();
        }
        o.text();
        return is;
    }

    private Entity.Loop loop() {
        int flags = in.bitLong();
        Entity.Loop l = (flags & 2) != 0 ? polyline(flags) : edges(flags);
        in.bitLong();
        return l;
    }

    private Entity.Loop polyline(int flags) {
        boolean bulges = in.bit(), closed = in.bit();
        int n = in.count(in.bitLong(), POINT);
        double[] p = new double[3 * n];
        for (int i = 0; i < n; i++) {
            p[3 * i] = in.rawDouble();
            p[3 * i + 1] = in.rawDouble();
            if (bulges) p[3 * i + 2] = in.bitDouble();
        }
        return new Entity.Loop(flags, closed, Doubles.of(p), List.of());
    }

    private Entity.Loop edges(int flags) {
        int n = in.count(in.bitLong(), 8);
        List<Entity.Edge> out = new ArrayList<>();
        for (int i = 0; i < n; i++)
            out.add(switch (in.rawByte()) {
                case 1 -> new Entity.Edge.Straight(in.rawDouble(), in.rawDouble(), in.rawDouble(), in.rawDouble());
                case 2 -> new Entity.Edge.ArcEdge(in.rawDouble(), in.rawDouble(), in.bitDouble(), in.bitDouble(), in.bitDouble(), in.bit());
                case 3 -> new Entity.Edge.EllipseEdge(in.rawDouble(), in.rawDouble(), in.rawDouble(), in.rawDouble(), in.bitDouble(),
                    in.bitDouble(), in.bitDouble(), in.bit());
                case 4 -> spline();
                default -> throw new Damaged("no such edge");
            });
        return new Entity.Loop(flags, true, Doubles.NONE, out);
    }

    private Entity.Edge spline() {
        int degree = in.bitLong();
        boolean weighted = in.bit();
        in.bit();
        int knots = in.count(in.bitLong(), FIGURE), controls = in.count(in.bitLong(), POINT);
        double[] k = new double[knots], c = new double[3 * controls], f = new double[0];
        for (int i = 0; i < knots; i++) k[i] = in.bitDouble();
        for (int i = 0; i < controls; i++) {
            c[3 * i] = in.rawDouble();
            c[3 * i + 1] = in.rawDouble();
            c[3 * i + 2] = weighted ? in.bitDouble() : 1;
        }
        if (version.from(Version.R2010)) {
            int fits = in.count(in.bitLong(), POINT);
            f = new double[2 * fits];
            for (int i = 0; i < f.length; i++) f[i] = in.rawDouble();
            if (fits > 0) in.skip(4 * 64);
        }
        return new Entity.Edge.SplineEdge(degree, Doubles.of(k), Doubles.of(c), Doubles.of(f));
    }

    private List<Entity.PatternLine> lines() {
        in.bitDouble();
        in.bitDouble();
        in.bit();
        int n = in.count(in.bitShort(), 5 * FIGURE);
        List<Entity.PatternLine> out = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double angle = in.bitDouble(), x = in.bitDouble(), y = in.bitDouble(), dx = in.bitDouble(), dy = in.bitDouble();
            double[] dashes = new double[in.count(in.bitShort(), FIGURE)];
            for (int k = 0; k < dashes.length; k++) dashes[k] = in.bitDouble();
            out.add(new Entity.PatternLine(angle, x, y, dx, dy, Doubles.of(dashes)));
        }
        return out;
    }
}
