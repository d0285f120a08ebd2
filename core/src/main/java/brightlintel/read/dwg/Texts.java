package brightlintel.read.dwg;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Entity.Across;
import brightlintel.drawing.Entity.TextSort;
import brightlintel.drawing.Entity.Upward;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Style;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.List;

/** Shapes of texts: short ones, attributes and their definitions, long ones, and leaders that carry one. */
final class Texts {
    private Texts() { }

    /** A byte tells which of its values are the usual ones and left out. */
    static Entity.Text text(TextSort sort, EntityKey key, Style style, ObjectBits o) {
        Bits in = o.data();
        int left = in.rawByte();
        double z = (left & 1) == 0 ? in.rawDouble() : 0;
        Vec3 at = in.rawPoint(z);
        Vec3 anchor = at;
        if ((left & 2) == 0) {
            double x = in.doubleLike(at.x());
            anchor = new Vec3(x, in.doubleLike(at.y()), z);
        }
        Vec3 up = in.extrusion();
        in.thickness();
        if ((left & 4) == 0) in.rawDouble();
        double rotation = (left & 8) == 0 ? in.rawDouble() : 0, height = in.rawDouble(), widthFactor = (left & 16) == 0
            ? in.rawDouble() : 1;
        String raw = o.text();
        if ((left & 32) == 0) in.bitShort();
        int across = (left & 64) == 0 ? in.bitShort() : 0, upward = (left & 128) == 0 ? in.bitShort() : 0;
        String tag = "";
        boolean shown = true;
        if (sort != TextSort.TEXT) {
            boolean many = false;
            if (o.version().from(Version.R2010)) in.rawByte();
            if (o.version().from(Version.R2018)) many = in.rawByte() > 1;
            if (many) raw = inner(o);
            tag = o.text();
            in.bitShort();
            shown = (in.rawByte() & 1) == 0;
        }
        return new Entity.Text(key, style, up, sort, raw, tag, height, at, across != 0 || upward != 0 ? anchor : at, rotation, widthFactor,
            0, Across.of(across), Upward.of(across, upward), shown);
    }

    /** An attribute of several lines holds a long text with a head of its own. */
    private static String inner(ObjectBits o) {
        EntityHead.read(o);
        String raw = longText(null, null, o).raw();
        Bits in = o.data();
        rest(o);
        int annotation = in.bitShort();
        if (annotation > 0) {
            in.skip(8L * annotation);
            in.bitShort();
        }
        return raw;
    }

    /** What follows the text of a long text, to get by it. */
    private static void rest(ObjectBits o) {
        Bits in = o.data();
        in.bitShort();
        in.bitDouble();
        in.bit();
        if (o.version().from(Version.R2004) && (in.bitLong() & (o.version().from(Version.R2018) ? 0x11 : 1)) != 0) {
            in.bitDouble();
            o.colour();
            in.bitLong();
        }
        if (o.version().from(Version.R2018) && in.bit()) {
            in.bitShort();
            in.bit();
        }
    }

    static Entity.Text longText(EntityKey key, Style style, ObjectBits o) {
        Bits in = o.data();
        Vec3 at = in.bitPoint(), up = in.bitPoint(), way = in.bitPoint();
        double width = in.bitDouble();
        if (o.version().from(Version.R2007)) in.bitDouble();
        double height = in.bitDouble();
        int attach = Math.clamp(in.bitShort(), 1, 9) - 1;
        in.bitShort();
        in.bitDouble();
        in.bitDouble();
        return new Entity.Text(key, style, up, TextSort.MTEXT, o.text(), "", height, at, at, Math.atan2(way.y(), way.x()), 1, width,
            Across.values()[attach % 3],
            new Upward[] {Upward.TOP, Upward.MIDDLE, Upward.BOTTOM}[attach / 3], true);
    }

    /** Lines first, then the text, where it has one. */
    static Entity multiLeader(EntityKey key, Style style, ObjectBits o) {
        Bits in = o.data();
        if (o.version().from(Version.R2010)) in.bitShort();
        List<Doubles> lines = new ArrayList<>();
        int roots = in.count(in.bitLong(), 32);
        for (int i = 0; i < roots; i++) root(o, lines);
        in.bitDouble();
        in.bitPoint();
        double height = in.bitDouble();
        in.bitDouble();
        in.bitDouble();
        for (int i = 0; i < 4; i++) in.bitShort();
        if (!in.bit()) return new Entity.MultiLeader(key, style, Vec3.UP, "", 0, Vec3.ZERO, 0, lines);
        String raw = o.text();
        in.bitPoint();
        Vec3 at = in.bitPoint();
        in.bitPoint();
        return new Entity.MultiLeader(key, style, Vec3.UP, raw, height, at, in.bitDouble(), lines);
    }

    private static void root(ObjectBits o, List<Doubles> lines) {
        Bits in = o.data();
        in.bit();
        in.bit();
        in.bitPoint();
        in.bitPoint();
        Curves.points(in, 2 * in.count(in.bitLong(), 12));
        in.bitLong();
        in.bitDouble();
        int n = in.count(in.bitLong(), 8);
        for (int i = 0; i < n; i++) {
            double[] p = Curves.points(in, in.count(in.bitLong(), 6));
            if (p.length > 0) lines.add(Doubles.of(p));
            int breaks = in.count(in.bitLong(), 8);
            if (breaks > 0) {
                in.bitLong();
                Curves.points(in, 2 * in.count(in.bitLong(), 12));
            }
            in.bitLong();
            if (!o.version().from(Version.R2010)) continue;
            in.bitShort();
            o.colour();
            in.bitLong();
            in.bitDouble();
            in.bitLong();
        }
        if (o.version().from(Version.R2010)) in.bitShort();
    }
}
