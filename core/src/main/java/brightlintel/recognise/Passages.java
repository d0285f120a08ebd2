package brightlintel.recognise;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import brightlintel.building.ElementId;
import brightlintel.building.Provenance;
import brightlintel.building.Support;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.recognise.WallFinding.Gap;

/**
 * Two walls in line of one thickness whose ends towards each other meet nothing are one wall with a passage in it: a partition ends at
 * another wall as a rule. Nothing is drawn there, so that it is never sure.
 */
final class Passages {
    /** Metres: of a passage; by which two are in line and of one thickness. Confidence of what was put together. */
    private static final double NARROW = 0.6, WIDE = 2.6, IN_LINE = 0.01, MOST = 0.86;
    private final List<Wall> walls;
    private final List<Gap> gaps;

    Passages(List<Wall> walls, List<Gap> gaps) {
        this.walls = new ArrayList<>(walls);
        this.gaps = new ArrayList<>(gaps);
        Map<ElementId, ElementId> joined = new HashMap<>();
        for (int i = 0; i < this.walls.size(); i++) {
            for (Wall next = next(this.walls.get(i)); next != null; next = next(this.walls.get(i))) {
                Wall one = join(this.walls.get(i), next);
                joined.put(next.id(), one.id());
                int at = this.walls.indexOf(next);
                this.walls.set(i, one);
                this.walls.remove(at);
                if (at < i) i--;
            }
        }
        this.gaps.replaceAll(g -> {
            ElementId on = g.wall();
            while (joined.containsKey(on)) on = joined.get(on);
            return new Gap(on, g.at(), g.width());
        });
    }

    List<Wall> walls() {
        return walls;
    }

    /** Those that were known, on the walls that they are in now, and the new ones. */
    List<Gap> gaps() {
        return gaps;
    }

    /** The wall that goes on beyond the end of one; null for none. */
    private Wall next(Wall w) {
        if (!w.reference().isStraight() || !Ends.isBare(w, w.reference().b(), walls)) return null;
        Wall best = null;
        double least = WIDE;
        for (Wall o : walls) {
            if (o == w || !o.reference().isStraight() || Math.abs(o.thickness().value() - w.thickness().value()) > IN_LINE) continue;
            for (Point p : List.of(o.reference().a(), o.reference().b())) {
                Point u = w.reference().unroll(p), far = w.reference().unroll(p.equals(o.reference().a()) ? o.reference().b()
                    : o.reference().a());
                double gap = u.x() - w.length();
                boolean inLine = Math.abs(u.y()) < IN_LINE && Math.abs(far.y()) < 2 * IN_LINE && far.x() > u.x();
                if (!inLine || gap < NARROW || gap > least || !Ends.isBare(o, p, walls)) continue;
                least = gap;
                best = o;
            }
        }
        return best != null && !isCrossed(w, least) ? best : null;
    }

    /** Whether another wall stands in the gap. */
    private boolean isCrossed(Wall w, double gap) {
        Point u = w.reference().direction(0);
        for (double share : new double[] {0.25, 0.5, 0.75}) {
            Point at = w.reference().b().plus(u.times(share * gap));
            if (walls.stream().anyMatch(o -> o.reference().distance(at) < o.thickness().value() / 2)) return true;
        }
        return false;
    }

    private Wall join(Wall w, Wall next) {
        Piece p = w.reference(), q = next.reference();
        boolean along = p.direction(0).dot(q.direction(0)) > 0;
        Point from = along ? q.a() : q.b(), to = along ? q.b() : q.a();
        gaps.add(new Gap(w.id(), p.b().towards(from, 0.5), p.b().distance(from)));
        double c = Math.min(MOST, Math.min(Recognised.confidence(w), Recognised.confidence(next)));
        List<Support> on = new ArrayList<>(w.from().on());
        on.addAll(next.from().on());
        return w.with(Piece.straight(p.a(), to)).with(new Provenance(new Provenance.Way.Proposed(c), on));
    }
}
