package brightlintel.read.dwg;

import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Style;
import brightlintel.geom.Vec3;

/** Written measures of all seven sorts. */
final class Dimensions {
    private Dimensions() { }

    static Entity read(EntityKey key, Style style, ObjectBits o, int type, String dimensionStyle, String block) {
        Bits in = o.data();
        Version v = o.version();
        if (v.from(Version.R2010)) in.rawByte();
        Vec3 up = in.bitPoint();
        double tx = in.rawDouble(), ty = in.rawDouble();
        Vec3 textAt = new Vec3(tx, ty, in.bitDouble());
        in.rawByte();
        String override = o.text();
        in.bitDouble();
        in.bitDouble();
        in.bitPoint();
        in.bitDouble();
        in.bitShort();
        in.bitShort();
        in.bitDouble();
        double measured = in.bitDouble();
        if (v.from(Version.R2007)) in.skip(3);
        in.rawPoint(0);
        Vec3 at, first = Vec3.ZERO, second = Vec3.ZERO, arc = Vec3.ZERO;
        double rotation = 0;
        switch (type) {
            case Kind.DIM_LINEAR, Kind.DIM_ALIGNED -> {
                first = in.bitPoint();
                second = in.bitPoint();
                at = in.bitPoint();
                in.bitDouble();
                if (type == Kind.DIM_LINEAR) rotation = in.bitDouble();
            }
            case Kind.DIM_ORDINATE -> {
                at = in.bitPoint();
                first = in.bitPoint();
                second = in.bitPoint();
            }
            case Kind.DIM_ANGLE_3P -> {
                at = in.bitPoint();
                first = in.bitPoint();
                second = in.bitPoint();
                arc = in.bitPoint();
            }
            case Kind.DIM_ANGLE_2L -> {
                in.rawPoint(0);
                first = in.bitPoint();
                second = in.bitPoint();
                arc = in.bitPoint();
                at = in.bitPoint();
            }
            case Kind.DIM_RADIUS -> {
                at = in.bitPoint();
                arc = in.bitPoint();
            }
            default -> {
                arc = in.bitPoint();
                at = in.bitPoint();
            }
        }
        return new Entity.Dimension(key, style, up, sort(type), block, measured, override, at, textAt, first, second, arc, rotation,
            dimensionStyle);
    }

    private static int sort(int type) {
        return switch (type) {
            case Kind.DIM_LINEAR -> 0;
            case Kind.DIM_ALIGNED -> 1;
            case Kind.DIM_ANGLE_2L -> 2;
            case Kind.DIM_DIAMETER -> 3;
            case Kind.DIM_RADIUS -> 4;
            case Kind.DIM_ANGLE_3P -> 5;
            default -> 6;
        };
    }
}
