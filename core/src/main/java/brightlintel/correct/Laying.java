package brightlintel.correct;

import brightlintel.correct.lie.DatumFinding;
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
        Point zero = datum(first);
        double m = first.size().metresPerUnit();
        out.add(new Laying(m, first.turn().whole(), first.inFile(zero), Point.ORIGIN, Optional.empty()));
        for (Reckoning r : all.subList(1, all.size())) {
            Optional<Lining.Aligned> a = Lining.of(first, r);
            double turn = a.map(Lining.Aligned::movedTurn).orElse(r.turn().whole()), k = r.size().metresPerUnit();
            Point own = datum(r);
            Point at = a.map(x -> own.times(k).turn(-turn).plus(x.shift()).minus(zero.times(m).turn(-x.fixedTurn()))).orElse(Point.ORIGIN);
            out.add(new Laying(k, turn, r.inFile(own), at, a));
        }
        return out;
    }

    private static Point datum(Reckoning r) {
        return r.datum().proposals().stream().findFirst().map(DatumFinding.Proposal::at).orElse(Point.ORIGIN);
    }
}
