package brightlintel.correct.look;

import brightlintel.geom.Circle;
import brightlintel.geom.Point;
import java.util.List;
import java.util.Optional;

/** Whether corners lie on a circle. */
final class Roundness {
    private Roundness() { }

    /** The circle by least squares. @param off of its radius, how far corners may lie off it; longest: from corner to corner */
    static Optional<Circle> of(List<Point> closed, double off, double longest) {
        Optional<Circle> about = Circle.about(closed.subList(0, closed.size() - 1));
        if (about.isEmpty()) return about;
        double r = about.get().radius(), side = 0;
        for (int i = 0; i + 1 < closed.size(); i++) side = Math.max(side, closed.get(i).distance(closed.get(i + 1)));
        double most = side;
        return about.filter(c -> most <= longest * r && closed.stream().allMatch(p -> c.off(p) <= off * r));
    }
}
