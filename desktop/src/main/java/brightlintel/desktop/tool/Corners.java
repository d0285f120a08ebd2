package brightlintel.desktop.tool;

import brightlintel.desktop.state.Aim;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Corners that are clicked or typed one after the other, taken back, and closed. */
final class Corners {
    private static final double APART = 0.001, CLOSES = 0.8;
    private final List<Point> points = new ArrayList<>();

    List<Point> all() {
        return points;
    }

    int size() {
        return points.size();
    }

    boolean isEmpty() {
        return points.isEmpty();
    }

    /** @return whether it was a click on the start of three or more */
    boolean clicked(Aim aim) {
        if (points.size() > 2 && aim.at().distance(points.getFirst()) <= aim.reach() * CLOSES) return true;
        if (points.isEmpty() || aim.at().distance(points.getLast()) > APART) points.add(aim.at());
        return false;
    }

    /** A length towards the pointer, or in a direction. */
    boolean typed(double value, Optional<Double> direction, Point pointer) {
        if (points.isEmpty() || !(value > APART)) return false;
        Point way = pointer.minus(points.getLast());
        if (direction.isEmpty() && way.length() < 1e-9) return false;
        points.add(points.getLast().plus(Point.polar(direction.orElse(way.angle()), value)));
        return true;
    }

    /** Two opposite corners as the four of a box, level. */
    List<Point> box() {
        Point a = points.get(0), b = points.get(1);
        return List.of(a, new Point(b.x(), a.y()), b, new Point(a.x(), b.y()));
    }

    boolean back() {
        if (points.isEmpty()) return false;
        points.removeLast();
        return true;
    }

    /** @return whether there were any */
    boolean clear() {
        boolean had = !points.isEmpty();
        points.clear();
        return had;
    }

    Optional<Point> last() {
        return points.isEmpty() ? Optional.empty() : Optional.of(points.getLast());
    }

    List<Point> first() {
        return points.isEmpty() ? List.of() : List.of(points.getFirst());
    }

    /** The outline that is being made. @param asBox two corners are shown as a box */
    List<Mark> marks(Point pointer, boolean asBox) {
        List<Mark> out = new ArrayList<>();
        if (points.isEmpty()) return out;
        List<Point> ring = new ArrayList<>(points);
        ring.add(pointer);
        if (asBox && points.size() == 2) out.add(new Mark.Area(box()));
        else if (ring.size() > 2) out.add(new Mark.Area(ring));
        out.add(new Mark.Path(ring));
        points.forEach(p -> out.add(new Mark.Handle(p, "")));
        return out;
    }
}
