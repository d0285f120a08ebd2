package brightlintel.solid;

import brightlintel.building.Heights;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.building.StoreyId;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;

/** Steps as blocks, each as deep as a riser and the plate under it. */
public final class StairBody {
    /** Metres of plate under a step, measured upright. */
    private static final double PLATE = 0.15;

    private StairBody() { }

    static Body of(Stair s, StoreyId on, Heights heights, Tolerances tol) {
        Facets f = new Facets();
        double base = heights.of(s.base()), rise = heights.rise(s);
        for (StairPlan.Step x : StairPlan.of(s).steps())
            Solids.prism(new Ring(x.ground().chords(tol.chordError())).counterClockwise(), base + bottom(x, rise), base + x.number() * rise,
                f);
        return new Body(s.id(), on, Body.Matter.STAIR, f.triangles(), f.edges());
    }

    /** Of a step's block, above the stair's base. */
    public static double bottom(StairPlan.Step x, double rise) {
        return Math.max(0, (x.number() - 1) * rise - PLATE);
    }

    /** Cubic metres. */
    public static double volume(Stair s, double rise) {
        return StairPlan.of(s).steps().stream().mapToDouble(x -> x.ground().area() * (x.number() * rise - bottom(x, rise))).sum();
    }
}
