package brightlintel.read.dxf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Style;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.List;

/**
 * Reads a hatch in the order of its groups: the same codes mean other things from one part to the next. Counts are held against what is
 * left.
 */
final class HatchReader {
    private final Groups g;
    private int at;

    HatchReader(Groups g) {
        this.g = g;
    }

    Entity.Hatch read(EntityKey key, Style style, Vec3 up) throws BadShape {
        while (at < g.size() && g.code(at) != 91) at++;
        int loops = (int) next(91);
        if (loops < 0 || loops > g.size()) throw new BadShape(Code.BAD_SHAPE);
        List<Entity.Loop> out = new ArrayList<>();
        for (int i = 0; i < loops; i++) out.add(loop());
        boolean solid = g.whole(70, 0) == 1;
        return new Entity.Hatch(key, style, up, g.text(2, ""), solid, g.number(30, 0), out, solid ? List.of() : lines());
    }

    private boolean is(int code) {
        return at < g.size() && g.code(at) == code;
    }

    private double next(int code) throws BadShape {
        if (!is(code)) throw new BadShape(Code.BAD_SHAPE);
        return g.number(at++);
    }

    private double maybe(int code, double otherwise) {
        return is(code) ? g.number(at++) : otherwise;
    }

    private int count(int code) throws BadShape {
        double n = next(code);
        if (!(n >= 0 && n <= g.size() - at)) throw new BadShape(Code.BAD_SHAPE);
        return (int) n;
    }

    private Entity.Loop loop() throws BadShape {
        int flags = (int) next(92);
        Entity.Loop l = (flags & 2) != 0 ? polyline(flags) : edges(flags);
        if (is(97)) {
            int sources = count(97);
            for (int i = 0; i < sources && is(330); i++) at++;
        }
        return l;
    }

    private Entity.Loop polyline(int flags) throws BadShape {
        boolean bulges = maybe(72, 0) == 1;
        boolean closed = maybe(73, 1) == 1;
        int n = count(93);
        double[] p = new double[3 * n];
        for (int i = 0; i < n; i++) {
            p[3 * i] = next(10);
            p[3 * i + 1] = next(20);
            p[3 * i + 2] = bulges ? maybe(42, 0) : 0;
        }
        return new Entity.Loop(flags, closed, Doubles.of(p), List.of());
    }

    private Entity.Loop edges(int flags) throws BadShape {
        int n = count(93);
        List<Entity.Edge> out = new ArrayList<>();
        for (int i = 0; i < n; i++)
            out.add(switch ((int) next(72)) {
                case 1 -> new Entity.Edge.Straight(next(10), next(20), next(11), next(21));
                case 2 -> new Entity.Edge.ArcEdge(next(10), next(20), next(40), Math.toRadians(next(50)), Math.toRadians(next(51)),
                    maybe(73, 1) == 1);
                case 3 -> new Entity.Edge.EllipseEdge(next(10), next(20), next(11), next(21), next(40), Math.toRadians(next(50)),
                    Math.toRadians(next(51)), maybe(73, 1) == 1);
                case 4 -> spline();
                default -> throw new BadShape(Code.BAD_SHAPE);
            });
        return new Entity.Loop(flags, true, Doubles.NONE, out);
    }

    private Entity.Edge spline() throws BadShape {
        int degree = (int) next(94);
        maybe(73, 0);
        maybe(74, 0);
        int knots = count(95), controls = count(96);
        double[] k = new double[knots], c = new double[3 * controls];
        for (int i = 0; i < knots; i++) k[i] = next(40);
        for (int i = 0; i < controls; i++) {
            c[3 * i] = next(10);
            c[3 * i + 1] = next(20);
            c[3 * i + 2] = maybe(42, 1);
        }
        double[] f = new double[0];
        // fit data stand before the sources, under the same code 97 as their count
        if (is(97) && at + 1 < g.size() && g.code(at + 1) == 11) {
            int n = count(97);
            f = new double[2 * n];
            for (int i = 0; i < n; i++) {
                f[2 * i] = next(11);
                f[2 * i + 1] = next(21);
            }
            for (int code : new int[] {12, 22, 13, 23}) maybe(code, 0);
        } else if (is(97) && at + 1 < g.size() && (g.code(at + 1) == 72 || g.code(at + 1) == 97)) at++;
        return new Entity.Edge.SplineEdge(degree, Doubles.of(k), Doubles.of(c), Doubles.of(f));
    }

    private List<Entity.PatternLine> lines() throws BadShape {
        while (at < g.size() && g.code(at) != 78) at++;
        if (at >= g.size()) return List.of();
        int n = count(78);
        List<Entity.PatternLine> out = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double angle = Math.toRadians(next(53)), x = next(43), y = next(44), dx = next(45), dy = next(46);
            double[] dashes = new double[count(79)];
            for (int k = 0; k < dashes.length; k++) dashes[k] = next(49);
            out.add(new Entity.PatternLine(angle, x, y, dx, dy, Doubles.of(dashes)));
        }
        return out;
    }
}
