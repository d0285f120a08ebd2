package brightlintel.geom;

import java.util.List;
import java.util.function.IntConsumer;

/** Finds segments near a box. May give a near miss, never misses a hit; indexes come in rising order. Unit of its segments. */
public interface SegmentIndex {
    void query(Box box, IntConsumer hit);

    /** Of boxes: one is indexed as its diagonal. */
    static SegmentIndex ofBoxes(List<Box> boxes) {
        double[] xy = new double[4 * boxes.size()];
        for (int i = 0; i < boxes.size(); i++) {
            Box b = boxes.get(i);
            xy[4 * i] = b.minX();
            xy[4 * i + 1] = b.minY();
            xy[4 * i + 2] = b.maxX();
            xy[4 * i + 3] = b.maxY();
        }
        return of(xy);
    }

    /** @param xy x0 y0 x1 y1, one segment after another; not copied, must not change */
    static SegmentIndex of(double[] xy) {
        return new PackedIndex(xy);
    }
}
