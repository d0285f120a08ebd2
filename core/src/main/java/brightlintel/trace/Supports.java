package brightlintel.trace;

import brightlintel.building.DrawnRef;
import brightlintel.building.Provenance;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.building.Support;
import brightlintel.building.Wall;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.CurveMath;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The strokes that a hand-traced element lies on, and how far it lies from them. */
public final class Supports {
    /** A stroke further from a face than this is not what was traced. */
    private static final double NEAR = 0.06;
    private static final double PARALLEL = Math.toRadians(2);
    /** A support covers at least this share of the shorter of both. */
    private static final double SHARED = 0.2;
    private static final int SAMPLES = 9;
    private static final int MOST = 24;

    private Supports() { }

    public static List<Support> ofWall(Wall w, List<PlacedDrawing> drawings) {
        List<Support> out = new ArrayList<>();
        double middle = (w.left() - w.right()) / 2;
        for (PlacedDrawing d : drawings) {
            out.addAll(along(w.reference(), w.left(), Support.Face.LEFT, d));
            out.addAll(along(w.reference(), -w.right(), Support.Face.RIGHT, d));
        }
        if (out.isEmpty()) for (PlacedDrawing d : drawings) out.addAll(along(w.reference(), middle, Support.Face.AXIS, d));
        return out.stream().sorted(Comparator.comparingDouble(Support::distance)).limit(MOST).toList();
    }

    /** Of an outline: strokes along its edges. */
    public static Provenance ofOutline(Ring r, List<PlacedDrawing> drawings) {
        return ofLines(r.pieces(), drawings);
    }

    /** Of a stair: strokes along the edges of its steps. */
    public static Provenance ofStair(Stair s, List<PlacedDrawing> drawings) {
        return ofLines(StairPlan.of(s).steps().stream().map(x -> x.ground().piece(0)).toList(), drawings);
    }

    private static Provenance ofLines(List<Piece> lines, List<PlacedDrawing> drawings) {
        Map<DrawnRef, Support> best = new LinkedHashMap<>();
        for (PlacedDrawing d : drawings)
            for (Piece p : lines) if (p.length() > NEAR) for (Support s : along(p, 0, Support.Face.OUTLINE, d))
                best.merge(s.drawn(), s, (a, b) -> a.distance() <= b.distance() ? a : b);
        return new Provenance(new Provenance.Way.ByHand(), best.values().stream().sorted(Comparator.comparingDouble(Support::distance))
            .limit(MOST).toList());
    }

    /** Strokes that run along a line of the piece offset to the left. */
    public static List<Support> along(Piece piece, double offset, Support.Face face, PlacedDrawing d) {
        Set<Integer> candidates = new LinkedHashSet<>();
        double length = piece.length();
        for (int i = 0; i < SAMPLES; i++) candidates.addAll(d.strokesNear(piece.at(length * (i + 0.5) / SAMPLES, offset), NEAR));
        List<Support> out = new ArrayList<>();
        for (int s : candidates) {
            Overlap o = overlap(piece, offset, d.curve(s));
            if (o != null) out.add(d.support(s, o.from, o.to, face, Math.round(o.distance * 1e7) / 1e7));
        }
        return out;
    }

    private record Overlap(double from, double to, double distance) { }

    /** Both ends of the common stretch are measured: the worse counts. */
    private static Overlap overlap(Piece piece, double offset, Curve c) {
        Point a = piece.unroll(c.first()), b = piece.unroll(c.last());
        double lo = Math.max(0, Math.min(a.x(), b.x())), hi = Math.min(piece.length(), Math.max(a.x(), b.x()));
        double length = c.length();
        if (hi - lo < SHARED * Math.min(length, piece.length())) return null;
        double worst = 0, t0 = 1, t1 = 0;
        for (double x : new double[] {lo, (lo + hi) / 2, hi}) {
            Point p = piece.at(x, offset);
            double t = CurveMath.nearest(c, p);
            if (Angles.betweenLines(c.derivative(t).angle(), piece.direction(x).angle()) > PARALLEL) return null;
            worst = Math.max(worst, c.at(t).distance(p));
            t0 = Math.min(t0, t);
            t1 = Math.max(t1, t);
        }
        return worst <= NEAR ? new Overlap(t0, t1, worst) : null;
    }
}
