package brightlintel.desktop.tool;

import brightlintel.building.GridLine;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Workspace;
import brightlintel.geom.Curve;
import brightlintel.geom.CurveMath;
import brightlintel.geom.Piece;
import brightlintel.geom.Ring;
import brightlintel.place.PlacedDrawing;
import java.util.Optional;
import java.util.function.Predicate;

/** The line or arc under the pointer: of the drawings, of the model, of the grid. */
final class Curves {
    private static final int LOOKED_AT = 12;
    private final Aim aim;
    private final Predicate<Curve> wanted;
    private Curve best;
    private double least;

    private Curves(Aim aim, Predicate<Curve> wanted) {
        this.aim = aim;
        this.wanted = wanted;
        this.least = aim.reach();
    }

    static Optional<Curve> at(Workspace w, Aim aim, Predicate<Curve> wanted) {
        Curves c = new Curves(aim, wanted);
        for (PlacedDrawing d : w.drawings())
            for (int s : d.strokesNear(aim.raw(), aim.reach(), LOOKED_AT)) d.shownCurves(s).forEach(c::offer);
        for (Wall x : w.contents().walls())
            for (Ring r : w.solved().footprints().of(x.id())) for (Piece e : r.pieces()) c.offer(e.curve());
        for (GridLine g : w.project().grid()) if (g.isOn(w.storeyId())) c.offer(g.line().curve());
        return Optional.ofNullable(c.best);
    }

    private void offer(Curve c) {
        if (!wanted.test(c)) return;
        double d = c.at(CurveMath.nearest(c, aim.raw())).distance(aim.raw());
        if (!(d <= least)) return;
        least = d;
        best = c;
    }
}
