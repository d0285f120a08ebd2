package brightlintel.role;

import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.SegmentIndex;
import java.util.List;
import java.util.function.IntConsumer;

/** Boxes or points by place, so that what lies near is found without looking through all. */
final class Near {
    private final SegmentIndex index;

    private Near(SegmentIndex index) {
        this.index = index;
    }

    static Near of(List<Point> points) {
        return ofBoxes(points.stream().map(p -> Box.around(p, 0)).toList());
    }

    static Near ofBoxes(List<Box> boxes) {
        return new Near(SegmentIndex.ofBoxes(boxes));
    }

    void in(Box b, IntConsumer hit) {
        index.query(b, hit);
    }

    boolean anyIn(Box b) {
        boolean[] found = {false};
        index.query(b, _ -> found[0] = true);
        return found[0];
    }
}
