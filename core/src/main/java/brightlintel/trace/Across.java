package brightlintel.trace;

import brightlintel.geom.Angles;
import brightlintel.geom.Crossings;
import brightlintel.geom.Curve;
import brightlintel.geom.CurveMath;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Thickness by crossing a drawn wall: pairs of strokes crossed that run alike, the likeliest faces first.
 *
 * <p>The click line often crosses more than the wall: glazing in it, plaster and insulation along it, its axis, a dimension beside it, the
 * next wall.
 * Faces are drawn on one layer. Of one layer, a pair is sound if all that was crossed between its strokes belongs into a wall: lies close
 * to a face as finishes do, or is matched by its mirror image about the pair's middle as glazing and axes are. A sound pair within another
 * is a part of that wall; of those that are left the thinnest comes first. Then come all others, so that the user can step on to whatever
 * was meant.
 */
public final class Across {
    private static final double ALIKE = Math.toRadians(3);
    private static final double SAME = 1e-6;
    /** Plaster and insulation lie no further from a face than this. */
    private static final double FINISH = 0.2;
    /** As a share of the pair: finishes on both faces must leave a body between them. */
    private static final double FINISH_SHARE = 0.34;
    /** A mirror image may be off by this: drawn by hand. */
    private static final double MATCHED = 0.005;
    /** Thicker than the walls of houses: rather two walls and what is between them. */
    private static final double USUAL = 0.7;

    private Across() { }

    /**
     * @param thickness square to the faces, metres
     * @param drawing   whose strokes they are
     */
    public record Reading(double thickness, Point first, Point second, PlacedDrawing drawing, int firstStroke, int secondStroke) { }

    private record Cut(double along, int stroke, int layer, Point at, double angle) {
        /** Square to the first one's direction. */
        double from(Cut first) {
            return Math.abs(at.minus(first.at).cross(Point.polar(first.angle, 1)));
        }

        boolean isAlike(Cut other) {
            return Angles.betweenLines(angle, other.angle) <= ALIKE;
        }
    }

    private record Ranked(int rank, Reading reading) { }

    /** Thicknesses that are one come once. */
    public static List<Reading> read(Point a, Point b, List<PlacedDrawing> drawings, Tolerances tol) {
        List<Ranked> all = new ArrayList<>();
        for (PlacedDrawing d : drawings) all.addAll(pairs(cuts(a, b, d), d, tol));
        all.sort(Comparator.comparingInt(Ranked::rank).thenComparingDouble(r -> r.reading.thickness));
        List<Reading> different = new ArrayList<>();
        for (Ranked r : all)
            if (different.stream().noneMatch(x -> Math.abs(x.thickness - r.reading.thickness) < SAME)) different.add(r.reading);
        return different;
    }

    private static List<Cut> cuts(Point a, Point b, PlacedDrawing d) {
        List<Cut> cuts = new ArrayList<>();
        Curve line = new Curve.Straight(a, b);
        Point mid = a.towards(b, 0.5);
        for (int s : d.strokesNear(mid, a.distance(b) / 2 + SAME))
            for (Curve c : d.shownCurves(s))
                for (CurveMath.Crossing x : Crossings.of(line, c))
                    cuts.add(new Cut(x.t(), s, d.strokes().layerOf(s), x.at(), c.derivative(Math.clamp(x.s(), 0, 1)).angle()));
        cuts.sort(Comparator.comparingDouble(Cut::along));
        return cuts;
    }

    private static List<Ranked> pairs(List<Cut> cuts, PlacedDrawing d, Tolerances tol) {
        List<int[]> sound = new ArrayList<>(), rest = new ArrayList<>();
        for (int i = 0; i < cuts.size(); i++)
            for (int k = i + 1; k < cuts.size(); k++) {
                if (!cuts.get(i).isAlike(cuts.get(k))) continue;
                double t = cuts.get(k).from(cuts.get(i));
                if (t < tol.thinnestWall() || t > tol.thickestWall()) continue;
                (t <= USUAL && isSound(cuts, i, k, t) ? sound : rest).add(new int[] {i, k});
            }
        List<Ranked> out = new ArrayList<>();
        for (int[] p : sound) {
            boolean part = sound.stream().anyMatch(o -> o != p && o[0] <= p[0] && o[1] >= p[1]
                && cuts.get(o[0]).layer == cuts.get(p[0]).layer);
            out.add(new Ranked(part ? 1 : 0, reading(cuts.get(p[0]), cuts.get(p[1]), d)));
        }
        for (int[] p : rest)
            out.add(new Ranked(cuts.get(p[0]).layer == cuts.get(p[1]).layer ? 1 : 2, reading(cuts.get(p[0]), cuts.get(p[1]), d)));
        return out;
    }

    private static Reading reading(Cut first, Cut last, PlacedDrawing d) {
        return new Reading(last.from(first), first.at, last.at, d, first.stroke, last.stroke);
    }

    private static boolean isSound(List<Cut> cuts, int i, int k, double thickness) {
        Cut first = cuts.get(i);
        if (first.layer != cuts.get(k).layer) return false;
        double finish = Math.min(FINISH, FINISH_SHARE * thickness);
        List<Double> between = cuts.subList(i + 1, k).stream().filter(c -> c.layer == first.layer && c.isAlike(first))
            .map(c -> c.from(first)).toList();
        for (double x : between) {
            boolean close = Math.min(x, thickness - x) <= finish;
            if (!close && between.stream().noneMatch(y -> Math.abs(x + y - thickness) <= MATCHED)) return false;
        }
        return true;
    }
}
