package brightlintel.desktop.tool;

import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The first of two points: placed, drawn from, taken back. */
final class FirstPoint {
    private Optional<Point> point = Optional.empty();

    boolean isMissing() {
        return point.isEmpty();
    }

    Optional<Point> get() {
        return point;
    }

    void place(Point p) {
        point = Optional.of(p);
    }

    /** @return false where there was none */
    boolean takeBack() {
        boolean had = point.isPresent();
        point = Optional.empty();
        return had;
    }

    /** A handle on it and a line to the pointer; nothing while it is missing. */
    List<Mark> marks(Point pointer) {
        List<Mark> out = new ArrayList<>();
        point.ifPresent(p -> {
            out.add(new Mark.Handle(p, ""));
            out.add(new Mark.Line(p, pointer, true));
        });
        return out;
    }
}
