package brightlintel.recognise;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Wall;
import brightlintel.geom.Point;

/**
 * How sure walls are: of each thing that speaks against one, a share is taken off. The shares are those of walls in made plans that such a
 * thing was said of and that were wrong (docs/recognise.md).
 */
final class Confidence {
    /** Metres: beside each other, faces of one thing; a short wall. */
    private static final double BESIDE = 0.75, SHORT = 1.0;
    private static final double STEP = 0.01, RARE = 0.06;
    private static final double BEST = 0.985, BARE_END = 0.96, RARE_ONE = 0.88, DOUBLE = 0.7, LONGER_ONE = 0.85, SHORT_ONE = 0.9;
    /**
     * Of a wall's length: one beside it that is so much longer is the wall, and it is not, unless it is longer than furniture, metres.
     * Below
     * the least, three of a hundred are walls.
     */
    private static final double LONGER = 1.5, LONG = 2.8, LEAST = 0.68;
    private final List<Wall> walls;
    private final Map<Long, Double> metres = new HashMap<>();
    private double most;

    private Confidence(List<Wall> walls) {
        this.walls = walls;
        for (Wall w : walls) metres.merge(key(w), w.length(), Double::sum);
        most = metres.values().stream().mapToDouble(x -> x).max().orElse(0);
    }

    private static long key(Wall w) {
        return Math.round(w.thickness().value() / STEP);
    }

    /** Each with what the others say of it, without those that hardly ever are walls: nothing is said beside them. */
    static List<Wall> believed(List<Wall> walls) {
        Set<ElementId> out = new HashSet<>();
        for (Wall w : new Confidence(walls).weighed()) if (Recognised.confidence(w) < LEAST && w.length() < LONG) out.add(w.id());
        return new Confidence(walls.stream().filter(w -> !out.contains(w.id())).toList()).weighed();
    }

    /** Each with what the others say of it. */
    private List<Wall> weighed() {
        List<Wall> out = new ArrayList<>();
        for (Wall w : walls) {
            double c = Recognised.confidence(w);
            for (Point end : List.of(w.reference().a(), w.reference().b())) if (Ends.isBare(w, end, walls)) c *= BARE_END;
            double alike = metres.getOrDefault(key(w) - 1, 0.0) + metres.get(key(w)) + metres.getOrDefault(key(w) + 1, 0.0);
            if (alike < RARE * most) c *= RARE_ONE;
            if (w.length() < SHORT) c *= SHORT_ONE;
            double beside = beside(w);
            if (beside > 0) c *= beside > LONGER * w.length() && w.length() < LONG ? DOUBLE : LONGER_ONE;
            out.add(with(w, Math.min(BEST, c)));
        }
        return out;
    }

    private static Wall with(Wall w, double c) {
        double rounded = Math.rint(100 * c) / 100;
        Wall out = w.with(new Provenance(new Provenance.Way.Proposed(rounded), w.from().on()));
        return out.withThickness(Given.read(w.thickness().value(), rounded));
    }

    /** How long the longest is that runs beside it so near that both may be one, or one of them is something else; 0 for none. */
    private double beside(Wall w) {
        Point m = w.reference().at(w.length() / 2), u = w.reference().direction(w.length() / 2);
        return walls.stream().filter(o -> {
            if (o == w || !o.reference().isStraight() || Math.abs(o.reference().direction(0).cross(u)) > 0.05) return false;
            Point p = o.reference().unroll(m);
            return p.x() > 0 && p.x() < o.length() && Math.abs(p.y()) < BESIDE;
        }).mapToDouble(Wall::length).max().orElse(0);
    }

    /** No surer than the wall that each lies in. */
    static List<Opening> weighed(List<Opening> some, List<Wall> walls) {
        Map<Object, Double> hosts = new HashMap<>();
        for (Wall w : walls) hosts.put(w.id(), Recognised.confidence(w));
        return some.stream().map(o -> {
            double c = Math.min(Recognised.confidence(o), hosts.getOrDefault(o.wall(), 0.5));
            return new Opening(o.id(), o.wall(), o.along(), o.width(), o.sill(), o.head(), o.filling(), o.kind(), o.fire(), new Provenance(
                new Provenance.Way.Proposed(c), o.from().on()));
        }).toList();
    }
}
