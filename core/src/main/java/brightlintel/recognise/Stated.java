package brightlintel.recognise;

import brightlintel.building.Column;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Room;
import brightlintel.building.Wall;

/**
 * Weights as shares of what is right: what was weighed is held against what was right of it in made plans (docs/recognise.md). Of what is
 * not sure more is right than its weight says; it is never stated to be as right as what is sure.
 */
final class Stated {
    /** Of the least weight that occurs, by kind; the most of what is not sure. */
    private static final double LEAST = 0.6, WALLS = 0.74, OPENINGS = 0.84, COLUMNS = 0.86, ROOMS = 0.85, MOST = 0.87;

    private Stated() { }

    static Wall of(Wall w) {
        return Recognised.isSure(w) ? w : w.with(as(w.from(), WALLS));
    }

    static Opening of(Opening o) {
        return Recognised.isSure(o) ? o : o.withId(o.id(), as(o.from(), OPENINGS));
    }

    static Column of(Column c) {
        return Recognised.isSure(c) ? c : c.withId(c.id(), as(c.from(), COLUMNS));
    }

    static Room of(Room r) {
        return Recognised.isSure(r) ? r : r.withId(r.id(), as(r.from(), ROOMS));
    }

    private static Provenance as(Provenance p, double least) {
        double weight = p.way() instanceof Provenance.Way.Proposed(double c) ? c : 1, share = (weight - LEAST)
            / (Recognised.SURE_FROM - LEAST);
        return new Provenance(new Provenance.Way.Proposed(Math.max(weight, Math.min(MOST, least + share * (MOST
            - least)))), p.on());
    }
}
