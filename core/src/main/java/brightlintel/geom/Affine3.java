package brightlintel.geom;

/** A map of space: where the three axes and the origin go. */
public record Affine3(Vec3 x, Vec3 y, Vec3 z, Vec3 origin) {
    public static final Affine3 IDENTITY = new Affine3(new Vec3(1, 0, 0), new Vec3(0, 1, 0), Vec3.UP, Vec3.ZERO);

    public Vec3 apply(Vec3 p) {
        return vector(p).plus(origin);
    }

    public Vec3 vector(Vec3 v) {
        return new Vec3(x.x() * v.x() + y.x() * v.y() + z.x() * v.z(), x.y() * v.x() + y.y() * v.y() + z.y() * v.z(),
            x.z() * v.x() + y.z() * v.y() + z.z() * v.z());
    }

    /** Inner first, then this. */
    public Affine3 of(Affine3 inner) {
        return new Affine3(vector(inner.x), vector(inner.y), vector(inner.z), apply(inner.origin));
    }

    /** Seen from above. */
    public Affine flat() {
        return new Affine(x.x(), x.y(), y.x(), y.y(), origin.x(), origin.y());
    }

    public boolean isFinite() {
        return x.isFinite() && y.isFinite() && z.isFinite() && origin.isFinite();
    }
}
