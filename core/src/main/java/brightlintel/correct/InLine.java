package brightlintel.correct;

import brightlintel.building.Placement;
import brightlintel.correct.line.Lining;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import java.util.Optional;

/**
 * Where a drawing comes to lie so that it is in line with another one that lies in the building already.
 *
 * @param turn   of its placement, radians
 * @param anchor file units; at: building, metres
 */
public record InLine(double turn, Point anchor, Point at, Lining.Aligned aligned) {
    /** A drawing that is not placed at the size that it was found to have cannot have others laid on it by that size. */
    private static final double SIZE = 0.001;

    /**
     * @param fixed  the other drawing, as it was reckoned; place: where it lies
     * @return nothing where no line lies on any, or where the other is mirrored, straightened or of another size than was found
     */
    public static Optional<InLine> of(Reckoning fixed, Placement place, Reckoning moved) {
        double m = fixed.size().metresPerUnit();
        boolean sized = Math.abs(place.scale().value().mean() / m - 1) < SIZE;
        if (!sized || place.mirrored() || place.straightening().isPresent()) return Optional.empty();
        return Lining.of(fixed, moved).map(a -> {
            Point upright = moved.upright(moved.zero(), a.movedTurn()).plus(a.shift());
            Point inFixed = fixed.inFile(upright.turn(a.fixedTurn()).times(1 / m));
            double turn = Angles.signed(place.turn().value() + a.fixedTurn() - a.movedTurn());
            return new InLine(turn, moved.inFile(moved.zero()), place.apply(inFixed), a);
        });
    }
}
