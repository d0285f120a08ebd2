package brightlintel.read.dxf;

import brightlintel.drawing.Code;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Entity.Across;
import brightlintel.drawing.Entity.TextSort;
import brightlintel.drawing.Entity.Upward;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Report;
import brightlintel.drawing.Style;
import brightlintel.drawing.TextCodes;
import brightlintel.geom.Vec3;
import java.util.Arrays;
import java.util.List;

/** Makes a value of the groups of one entity. */
final class Shapes {
    private Shapes() { }

    static Entity of(String kind, EntityKey key, Style style, Vec3 up, Groups g, ReadLimits limits, Report.Builder report) throws BadShape {
        return switch (kind) {
            case "LINE" -> new Entity.Line(key, style, up, g.point(10), g.point(11));
            case "POINT" -> new Entity.Dot(key, style, up, g.point(10));
            case "CIRCLE" -> new Entity.Circle(key, style, up, g.point(10), radius(g));
            case "ARC" -> new Entity.Arc(key, style, up, g.point(10), radius(g), Math.toRadians(g.number(50, 0)),
                Math.toRadians(g.number(51, 360)));
            case "ELLIPSE" -> ellipse(key, style, up, g);
            case "LWPOLYLINE" -> light(key, style, up, g);
            case "MLINE" -> MultiLineReader.read(key, style, up, g);
            case "SPLINE" -> spline(key, style, up, g);
            case "TEXT" -> text(TextSort.TEXT, key, style, up, g, limits, report);
            case "MTEXT" -> text(TextSort.MTEXT, key, style, up, g, limits, report);
            case "ATTDEF" -> text(TextSort.ATTDEF, key, style, up, g, limits, report);
            case "ATTRIB" -> text(TextSort.ATTRIB, key, style, up, g, limits, report);
            case "DIMENSION", "ARC_DIMENSION" -> new Entity.Dimension(key, style, up, g.whole(70, 0) & 15, g.text(2, ""),
                g.number(42, Double.NaN), g.text(1, ""),
                g.point(10), g.point(11), g.point(13), g.point(14), g.point(15), Math.toRadians(g.number(50, 0)), g.text(3, ""));
            case "HATCH" -> new HatchReader(g).read(key, style, up);
            case "SOLID", "TRACE", "3DFACE" -> corners(kind, key, style, up, g);
            case "LEADER" -> new Entity.Leader(key, style, up, Doubles.of(g.points(10)));
            case "RAY", "XLINE" -> new Entity.Endless(key, style, up, kind.equals("RAY"), g.point(10), g.point(11));
            case "VIEWPORT" -> new Entity.Viewport(key, style, up, g.point(10), g.number(40, 0), g.number(41, 0), g.number(45, 0));
            case "IMAGE" -> new Entity.Picture(key, style, up, g.point(10), g.point(11), g.point(12), g.number(13, 0), g.number(23, 0),
                g.text(340, ""));
            case "MULTILEADER", "MLEADER" -> MultiLeaderReader.read(key, style, up, g);
            default -> new Entity.KnownByKindOnly(key, style, up, kind);
        };
    }

    /** A missing fourth corner is the third again. */
    private static Entity corners(String kind, EntityKey key, Style style, Vec3 up, Groups g) {
        double[] p = new double[12];
        for (int i = 0; i < 4; i++) {
            Vec3 v = i == 3 && !g.has(13) ? g.point(12) : g.point(10 + i);
            p[3 * i] = v.x();
            p[3 * i + 1] = v.y();
            p[3 * i + 2] = v.z();
        }
        return new Entity.Corners(key, style, up, kind, Doubles.owning(p));
    }

    private static double radius(Groups g) throws BadShape {
        double r = g.number(40, 0);
        if (!(r > 0)) throw new BadShape(Code.BAD_SHAPE);
        return r;
    }

    private static Entity ellipse(EntityKey key, Style style, Vec3 up, Groups g) throws BadShape {
        Vec3 major = g.point(11);
        double ratio = g.number(40, 1);
        if (!(major.length() > 0) || !(Math.abs(ratio) > 0)) throw new BadShape(Code.BAD_SHAPE);
        return new Entity.Ellipse(key, style, up, g.point(10), major, ratio, g.number(41, 0), g.number(42, 2 * Math.PI));
    }

    private static Entity light(EntityKey key, Style style, Vec3 up, Groups g) {
        double z = g.number(38, 0);
        int n = 0;
        for (int i = 0; i < g.size(); i++) if (g.code(i) == 10) n++;
        double[] p = new double[4 * n], wide = new double[2 * n];
        Arrays.fill(wide, g.number(43, 0));
        int k = -1;
        for (int i = 0; i < g.size(); i++) {
            switch (g.code(i)) {
                case 40, 41 -> {
                    if (k >= 0) wide[2 * k + g.code(i) - 40] = g.number(i);
                }
                case 10 -> {
                    k++;
                    p[4 * k] = g.number(i);
                    p[4 * k + 2] = z;
                }
                case 20 -> {
                    if (k >= 0) p[4 * k + 1] = g.number(i);
                }
                case 42 -> {
                    if (k >= 0) p[4 * k + 3] = g.number(i);
                }
                default -> { }
            }
        }
        return new Entity.Polyline(key, style, up, Entity.PolylineKind.LIGHT, (g.whole(70, 0) & 1) != 0, Doubles.owning(p), List.of(), 0, 0,
            List.of(), Doubles.owning(wide));
    }

    private static Entity spline(EntityKey key, Style style, Vec3 up, Groups g) {
        return new Entity.Spline(key, style, up, g.whole(71, 3), (g.whole(70, 0) & 1) != 0, Doubles.of(g.all(40)), Doubles.of(g.all(41)),
            Doubles.of(g.points(10)), Doubles.of(g.points(11)));
    }

    static Entity.Insert insert(EntityKey key, Style style, Vec3 up, Groups g, List<Entity.Text> attributes) {
        Vec3 scale = new Vec3(g.number(41, 1), g.number(42, 1), g.number(43, 1));
        return new Entity.Insert(key, style, up, g.text(2, ""), g.point(10), scale, Math.toRadians(g.number(50, 0)),
            Math.max(1, g.whole(70, 1)),
            Math.max(1, g.whole(71, 1)), g.number(44, 0), g.number(45, 0), attributes);
    }

    static Entity.Text text(TextSort sort, EntityKey key, Style style, Vec3 up, Groups g, ReadLimits limits, Report.Builder report) {
        StringBuilder raw = new StringBuilder();
        if (sort == TextSort.MTEXT) for (int i = 0; i < g.size(); i++) if (g.code(i) == 3) raw.append(g.text(i));
        raw.append(g.text(1, ""));
        if (raw.length() > limits.textLength()) {
            report.say(Code.TEXT_TOO_LONG, g.at(), raw.length());
            raw.setLength(limits.textLength());
        }
        Vec3 at = g.point(10);
        if (sort == TextSort.MTEXT) return longText(key, style, up, g, TextCodes.characters(raw.toString()), at);
        int across = g.whole(72, 0), upward = g.whole(sort == TextSort.TEXT ? 73 : 74, 0);
        Vec3 anchor = g.has(11) && (across != 0 || upward != 0) ? g.point(11) : at;
        boolean shown = sort == TextSort.TEXT || (g.whole(70, 0) & 1) == 0;
        return new Entity.Text(key, style, up, sort, raw.toString(), g.text(2, ""), g.number(40, 0), at, anchor,
            Math.toRadians(g.number(50, 0)),
            g.number(41, 1), 0, Across.of(across), Upward.of(across, upward), shown).withTextStyle(g.text(7, ""));
    }

    private static Entity.Text longText(EntityKey key, Style style, Vec3 up, Groups g, String raw, Vec3 at) {
        int attach = Math.clamp(g.whole(71, 1), 1, 9) - 1;
        double turn = g.has(11) ? Math.atan2(g.number(21, 0), g.number(11, 1)) : Math.toRadians(g.number(50, 0));
        return new Entity.Text(key, style, up, TextSort.MTEXT, raw, "", g.number(40, 0), at, at, turn, 1, g.number(41, 0),
            Across.values()[attach % 3], new Upward[] {Upward.TOP, Upward.MIDDLE, Upward.BOTTOM}[attach / 3], true)
            .withTextStyle(g.text(7, ""));
    }
}
