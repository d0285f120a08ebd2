package brightlintel.correct;

import brightlintel.correct.line.Lining;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where a drawing lies in the building: at + turned back by turn ((file - anchor) * metresPerUnit).
 *
 * @param turn    by which the plan lies turned in its file, with its quarters, radians
 * @param anchor  file units
 * @param at      building, metres
 * @param aligned how it came to lie on the first drawing; nothing for that one
 */
public record Laying(double metresPerUnit, double turn, Point anchor, Point at, Optional<Lining.Aligned> aligned) {
    /** Of drawings of one building, in their order: the first by its own datum, the others on the first. */
    public static List<Laying> of(List<Reckoning> all) {
        List<Laying> out = new ArrayList<>();
        Reckoning first = all.getFirst();
        Point zero = first.zero();
        out.add(new Laying(first.size().metresPerUnit(), first.turn().whole(), first.inFile(zero), Point.ORIGIN, Optional.empty()));
        for (Reckoning r : all.subList(1, all.size())) {
            Optional<Lining.Aligned> a = Lining.of(first, r);
            double turn = a.map(Lining.Aligned::movedTurn).orElse(r.turn().whole());
            Point at = a.map(x -> r.upright(r.zero(), turn).plus(x.shift()).minus(first.upright(zero, x.fixedTurn()))).orElse(Point.ORIGIN);
            out.add(new Laying(r.size().metresPerUnit(), turn, r.inFile(r.zero()), at, a));
        }
        return out;
    }
}
