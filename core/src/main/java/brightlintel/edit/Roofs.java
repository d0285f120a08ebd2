package brightlintel.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

import brightlintel.building.Roof;
import brightlintel.building.RoofForm;

/** What is done to a roof: its sides, its pitch, its ridge. */
public final class Roofs {
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
