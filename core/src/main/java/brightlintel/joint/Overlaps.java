package brightlintel.joint;

import brightlintel.building.Wall;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Geometry;

/** The second, looser way: where two solved walls still cover the same ground, the stronger keeps it. */
final class Overlaps {
    /** Square metres; below it is rounding. */
    private static final double NOTHING = 1e-6;
    /** Metres: shared edges touch by rounding. */
    private static final double TOUCH = 1e-6;

    private Overlaps() { }

    /** @param raw in order of strength */
    static Map<Wall, List<Ring>> cut(Map<Wall, List<Ring>> raw) {
        Map<Wall, List<Ring>> out = new LinkedHashMap<>();
        Map<Wall, Box> boxes = new LinkedHashMap<>();
        for (Map.Entry<Wall, List<Ring>> e : raw.entrySet()) {
            List<Ring> mine = new ArrayList<>();
            for (Ring part : e.getValue()) {
                List<Ring> rest = List.of(part);
                for (Ring before : mine) rest = without(rest, before);
                mine = new ArrayList<>(mine);
                mine.addAll(rest);
            }
            Box box = mine.stream().map(Ring::box).reduce(Box.EMPTY, Box::with);
            for (Map.Entry<Wall, List<Ring>> o : out.entrySet())
                if (boxes.get(o.getKey()).grown(-TOUCH).meets(box)) for (Ring r : o.getValue()) mine = without(mine, r);
            out.put(e.getKey(), mine);
            boxes.put(e.getKey(), box);
        }
        return out;
    }

    private static List<Ring> without(List<Ring> mine, Ring other) {
        List<Ring> out = new ArrayList<>();
        for (Ring r : mine) {
            if (apart(r, other) || Areas.common(r, other) < NOTHING) out.add(r);
            else {
                Geometry rest = Areas.without(Areas.polygon(r), other);
                Areas.rings(rest).stream().filter(x -> x.area() > NOTHING).forEach(out::add);
            }
        }
        return out;
    }

    /** An edge of one has all of the other outside: quick, and true for nearly every pair of neighbours. */
    private static boolean apart(Ring a, Ring b) {
        return hasSeparatingEdge(a, b) || hasSeparatingEdge(b, a);
    }

    private static boolean hasSeparatingEdge(Ring a, Ring b) {
        List<Point> p = a.corners();
        for (int i = 0; i < p.size(); i++) {
            Point s = p.get(i), d = p.get((i + 1) % p.size()).minus(s).unit();
            if (p.stream().allMatch(q -> d.cross(q.minus(s)) >= -TOUCH) && b.corners().stream().allMatch(q -> d.cross(q.minus(s)) <= TOUCH))
                return true;
        }
        return false;
    }
}
