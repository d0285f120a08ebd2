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
import java.util.Optional;

/** Thickness by crossing a drawn wall: of the strokes crossed, the outermost two that run alike are its faces. */
public final class Across {
    private static final double ALIKE = Math.toRadians(3);

    private Across() { }

    /** @param thickness square to the faces, metres */
    public record Reading(double thickness, Point first, Point second, int firstStroke, int secondStroke) { }

    private record Cut(double along, int stroke, Point at, double angle) { }

    public static Optional<Reading> read(Point a, Point b, PlacedDrawing d, Tolerances tol) {
        List<Cut> cuts = new ArrayList<>();
        Curve line = new Curve.Straight(a, b);
        Point mid = a.towards(b, 0.5);
        for (int s : d.strokesNear(mid, a.distance(b) / 2 + 1e-6)) {
            Curve c = d.curve(s);
            CurveMath.Crossing x = CurveMath.crossing(line, 0.5, c, CurveMath.nearest(c, mid));
            if (x != null) cuts.add(new Cut(x.t(), s, x.at(), c.derivative(Math.clamp(x.s(), 0, 1)).angle()));
        }
        cuts.sort(Comparator.comparingDouble(Cut::along));
        Reading best = null;
        for (Cut first : cuts)
            for (Cut last : cuts.reversed()) {
                if (last.along <= first.along || Angles.betweenLines(first.angle, last.angle) > ALIKE) continue;
                double t = Math.abs(last.at.minus(first.at).cross(Point.polar(first.angle, 1)));
                if (t < tol.thinnestWall() || t > tol.thickestWall() || best != null && t <= best.thickness) continue;
                best = new Reading(t, first.at, last.at, first.stroke, last.stroke);
            }
        return Optional.ofNullable(best);
    }
}
