package brightlintel.flatten;

import brightlintel.drawing.Entity;
import brightlintel.drawing.ObjectSystem;
import brightlintel.geom.Affine3;
import brightlintel.geom.Vec3;

/** Where the coordinates of an entity or of a block's content count from. */
final class Frames {
    private Frames() { }

    /** The plane that an extrusion stands on, by the format's own rule for its axes. */
    static Affine3 system(Vec3 extrusion) {
        if (extrusion.equals(Vec3.UP)) return Affine3.IDENTITY;
        ObjectSystem o = ObjectSystem.of(extrusion);
        return new Affine3(o.x(), o.y(), o.z(), Vec3.ZERO);
    }

    /** One cell of a reference, as if its block's base point were 0,0,0. */
    static Affine3 cell(Entity.Insert i, int row, int column) {
        double c = Math.cos(i.rotation()), n = Math.sin(i.rotation()), dx = column * i.columnStep(), dy = row * i.rowStep();
        Vec3 at = i.at().plus(new Vec3(c * dx - n * dy, n * dx + c * dy, 0));
        return system(i.extrusion()).of(new Affine3(new Vec3(c, n, 0).times(i.scale().x()), new Vec3(-n, c, 0).times(i.scale().y()),
            Vec3.UP.times(i.scale().z()), at));
    }

    /** The same frame, with this point of the content where its origin was. */
    static Affine3 from(Affine3 map, Vec3 base) {
        return new Affine3(map.x(), map.y(), map.z(), map.apply(base.times(-1)));
    }
}
