package brightlintel.role;

import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.SegmentIndex;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntConsumer;

/** Boxes or points by place, so that what lies near is found without looking through all. */
final class Near {
    private final SegmentIndex index;

    private final List<Box> boxes;

    private Near(List<Box> boxes) {
        this.boxes = boxes;
        this.index = SegmentIndex.ofBoxes(boxes);
    }

    static Near of(List<Point> points) {
        return ofBoxes(points.stream().map(p -> Box.around(p, 0)).toList());
    }

    static Near ofBoxes(List<Box> boxes) {
        return new Near(boxes);
    }

    /** Middles of those there. */
    void points(Box b, Consumer<Point> hit) {
        index.query(b, i -> hit.accept(boxes.get(i).centre()));
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
