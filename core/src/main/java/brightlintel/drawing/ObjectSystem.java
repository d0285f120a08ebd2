package brightlintel.drawing;

import brightlintel.geom.Vec3;

/** An object's own axes from its extrusion, by the rule of the format ("arbitrary axis", with its limit of 1/64). */
public record ObjectSystem(Vec3 x, Vec3 y, Vec3 z) {
    private static final double NEARLY_UP = 1.0 / 64;

    public static ObjectSystem of(Vec3 extrusion) {
        Vec3 z = extrusion.length() > 0 ? extrusion.unit() : Vec3.UP;
        Vec3 x = (Math.abs(z.x()) < NEARLY_UP && Math.abs(z.y()) < NEARLY_UP ? new Vec3(0, 1, 0).cross(z) : Vec3.UP.cross(z)).unit();
        return new ObjectSystem(x, z.cross(x).unit(), z);
    }
}
