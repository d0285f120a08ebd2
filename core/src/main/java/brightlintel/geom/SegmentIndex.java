package brightlintel.geom;

import java.util.function.IntConsumer;

/** Finds segments near a box. May give a near miss, never misses a hit; indexes come in rising order. Unit of its segments. */
public interface SegmentIndex {
    void query(Box box, IntConsumer hit);

    /** @param xy x0 y0 x1 y1, one segment after another; not copied, must not change */
    static SegmentIndex of(double[] xy) {
        return new PackedIndex(xy);
    }
}
