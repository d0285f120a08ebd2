package brightlintel.recognise;

import java.util.Collection;

import brightlintel.building.Wall;
import brightlintel.geom.Point;

/** Ends of walls, and what they meet. */
final class Ends {
    /** Metres between bodies that meet. */
    private static final double MEETS = 0.06;

    private Ends() { }

    /** Whether an end of a wall meets none of the others. */
    static boolean isBare(Wall w, Point end, Collection<Wall> others) {
        return others.stream().noneMatch(o -> !o.id().equals(w.id()) && o.reference().distance(end) < (o.thickness().value()
            + w.thickness().value()) / 2 + MEETS);
    }
}
