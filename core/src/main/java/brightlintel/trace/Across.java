package brightlintel.trace;

import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.CurveMath;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Thickness by crossing a drawn wall: pairs of strokes crossed that run alike, the likeliest faces first. */
public final class Across {
    private static final double ALIKE = Math.toRadians(3);
    private static final double SAME = 1e-6;
    /** Thinner than a partition of plasterboard: rather a layer of a wall than a wall. */
    private static final double THIN = 0.07;

    private Across() { }

    /**
     * @param thickness square to the faces, metres
     * @param drawing   whose strokes they are
     */
    public record Reading(double thickness, Point first, Point second, PlacedDrawing drawing, int firstStroke, int secondStroke) {
        boolean isOfOneLayer() {
            return drawing.strokes().layerOf(firstStroke) == drawing.strokes().layerOf(secondStroke);
        }
    }

    private record Cut(double along, int stroke, Point at, double angle) { }

    /**
     * Faces of a wall are drawn on one layer, and nothing else of it lies between them: pairs of one layer come first, and among them the nearest. A
     * tick, a dimension or a piece of furniture that the line crosses too makes wider pairs, which come later. Thicknesses that are one come once.
     */
    public static List<Reading> read(Point a, Point b, List<PlacedDrawing> drawings, Tolerances tol) {
        List<Reading> out = new ArrayList<>();
        for (PlacedDrawing d : drawings) out.addAll(pairs(cuts(a, b, d), d, tol));
        out.sort(Comparator.comparing((Reading r) -> !r.isOfOneLayer()).thenComparing(r -> r.thickness < THIN).thenComparingDouble(Reading::thickness));
        List<Reading> different = new ArrayList<>();
        for (Reading r : out) if (different.stream().noneMatch(x -> Math.abs(x.thickness - r.thickness) < SAME)) different.add(r);
        return different;
    }

    private static List<Cut> cuts(Point a, Point b, PlacedDrawing d) {
        List<Cut> cuts = new ArrayList<>();
        Curve line = new Curve.Straight(a, b);
        Point mid = a.towards(b, 0.5);
        for (int s : d.strokesNear(mid, a.distance(b) / 2 + SAME))
            for (Curve c : d.shownCurves(s)) {
                CurveMath.Crossing x = CurveMath.crossing(line, 0.5, c, CurveMath.nearest(c, mid));
                if (x != null) cuts.add(new Cut(x.t(), s, x.at(), c.derivative(Math.clamp(x.s(), 0, 1)).angle()));
            }
        cuts.sort(Comparator.comparingDouble(Cut::along));
        return cuts;
    }

    private static List<Reading> pairs(List<Cut> cuts, PlacedDrawing d, Tolerances tol) {
        List<Reading> out = new ArrayList<>();
        for (int i = 0; i < cuts.size(); i++)
            for (int k = i + 1; k < cuts.size(); k++) {
                Cut first = cuts.get(i), last = cuts.get(k);
                if (Angles.betweenLines(first.angle, last.angle) > ALIKE) continue;
                double t = Math.abs(last.at.minus(first.at).cross(Point.polar(first.angle, 1)));
                if (t >= tol.thinnestWall() && t <= tol.thickestWall()) out.add(new Reading(t, first.at, last.at, d, first.stroke, last.stroke));
            }
        return out;
    }
}
