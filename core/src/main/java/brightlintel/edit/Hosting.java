package brightlintel.edit;

import brightlintel.building.Contents;
import brightlintel.building.Heights;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.building.TopLine;
import brightlintel.building.Wall;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Keeps openings where they stand while their walls change, and tells which no longer fit. */
public final class Hosting {
    private static final double SLACK = 1e-6;

    private Hosting() { }

    /** The same opening, its middle at the same place of the plan, on the changed wall. */
    static Opening kept(Opening o, Wall before, Wall after) {
        Point place = before.middle(o.along());
        return o.withAlong(after.reference().unroll(place).x());
    }

    public static List<Opening> misfits(Project p, StoreyId on) {
        return misfits(p.on(on), Heights.of(p, on)::top);
    }

    /** Openings that reach beyond their wall, overlap another in it, or are higher than it. They are kept, and named. */
    public static List<Opening> misfits(Contents c, Function<Wall, TopLine> top) {
        List<Opening> out = new ArrayList<>();
        for (Opening o : c.openings()) {
            Wall w = c.wall(o.wall()).orElse(null);
            boolean beyond = w == null || o.start() < -SLACK || o.end() > w.length() + SLACK
                || o.head().value() > top.apply(w).least(o.start(), o.end()) + SLACK;
            if (beyond || c.openingsIn(o.wall()).stream().anyMatch(x -> !x.id().equals(o.id()) && overlap(x, o))) out.add(o);
        }
        return out;
    }

    private static boolean overlap(Opening a, Opening b) {
        return a.start() < b.end() - SLACK && b.start() < a.end() - SLACK
            && a.sill().value() < b.head().value() - SLACK && b.sill().value() < a.head().value() - SLACK;
    }
}
