package brightlintel.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;

/** What is done to a roof: its sides, its pitch, its ridge. */
public final class Roofs {
    private static final double LEAST = 0.01;
    private static final double USUAL = Math.toRadians(35), PARAPET = 0.4, WIDTH = 0.25;

    private Roofs() { }

    /** Of its first slope, radians. */
    public static double pitch(Roof r) {
        return r.edges().stream().filter(e -> e instanceof Roof.Edge.Slope).findFirst().map(e ->
            ((Roof.Edge.Slope) e).pitch()).orElse(USUAL);
    }

    public static Roof side(Roof r, int side, Roof.Edge e) {
        if (side < 0 || side >= r.edges().size()) return r;
        List<Roof.Edge> out = new ArrayList<>(r.edges());
        out.set(side, e);
        return r.with(new Roof.Cover.Pitched(out));
    }

    /** All of its slopes. */
    public static Roof pitch(Roof r, double pitch) {
        return r.cover() instanceof Roof.Cover.Pitched(List<Roof.Edge> edges) ? r.with(new Roof.Cover.Pitched(edges.stream().map(e ->
            e instanceof Roof.Edge.Slope ? new Roof.Edge.Slope(pitch) : e).toList())) : r;
    }

    public static Roof pitched(Roof r) {
        return r.cover() instanceof Roof.Cover.Pitched ? r : r.with(new Roof.Cover.Pitched(Collections.nCopies(r.outline().size(),
            new Roof.Edge.Slope(USUAL))));
    }

    public static Roof flat(Roof r) {
        return r.cover() instanceof Roof.Cover.Flat ? r : r.with(new Roof.Cover.Flat(PARAPET, WIDTH));
    }

    /**
     * With the slope over a place as steep as it takes for the underside to lie at a height there; nothing where no slope is, where the
     * place lies on or outside its eaves, or where slopes no longer meet.
     *
     * @param height above the eaves' stand
     */
    public static Optional<Roof> through(Roof r, Point at, double height) {
        return sideOver(r, at).filter(side -> inside(r, side, at) > LEAST && height > LEAST).map(side ->
            side(r, side, new Roof.Edge.Slope(Math.atan2(height, inside(r, side, at))))).filter(x -> RoofForm.of(x).isPresent());
    }

    /** The side whose slope lies over a place. */
    public static Optional<Integer> sideOver(Roof r, Point at) {
        return RoofForm.of(r).flatMap(f -> f.faces().stream().filter(x -> x.plan().holds(at)).findFirst()).map(RoofForm.Face::side)
            .filter(i -> i < r.edges().size() && r.edges().get(i) instanceof Roof.Edge.Slope);
    }

    /** How far a place lies within a side of the outline, square to it. */
    private static double inside(Roof r, int side, Point at) {
        Piece p = r.outline().piece(side);
        double left = p.isStraight() ? at.minus(p.a()).dot(p.direction(0).left()) : p.unroll(at).y();
        return r.outline().signedArea() > 0 ? left : -left;
    }

    /**
     * With all slopes steeper or flatter alike, so that its highest place lies at a height above its eaves; as it was where it is not
     * solved.
     */
    public static Roof ridgeAt(Roof r, double height) {
        double now = RoofForm.of(r).map(RoofForm::ridge).orElse(0.0);
        if (!(now > 1e-6) || !(height > 0.01) || !(r.cover() instanceof Roof.Cover.Pitched(List<Roof.Edge> edges))) return r;
        // the plan of ridges stays, and all heights grow alike
        double by = height / now;
        return r.with(new Roof.Cover.Pitched(edges.stream().map(e -> e instanceof Roof.Edge.Slope(double p)
            ? new Roof.Edge.Slope(Math.atan(Math.tan(p) * by)) : e).toList()));
    }
}
