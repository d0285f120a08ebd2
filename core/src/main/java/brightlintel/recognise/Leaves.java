package brightlintel.recognise;

import java.util.BitSet;

import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;

/** Leaves of doors that stand open: straight from the middle of a leaf's way to one of its ends. No wall's face is drawn there. */
final class Leaves {
    /** Metres: a leaf's width; of it, how far its ends may lie from the middle and the end of its way. Radians: how far it opens. */
    private static final double NARROW = 0.4, WIDE = 2.2, MISS = 0.05, BEHIND = 0.2;
    private static final double LEAST = Math.toRadians(25), MOST = Math.toRadians(100);
    private final BitSet leaves = new BitSet();

    Leaves(PlacedDrawing d) {
        for (int i = 0; i < d.strokes().size(); i++) {
            if (d.strokes().isStraight(i) || !d.cleared().strokeShown(i) || !(d.curve(i) instanceof Curve.EllipticArc a)
                || !a.isCircular() && !a.isQuarterDrawnOut()) continue;
            double r = a.u().length(), sweep = Math.abs(a.sweep());
            if (r >= NARROW && r <= WIDE && sweep >= LEAST && sweep <= MOST) leaf(d, a, MISS * r);
        }
    }

    private void leaf(PlacedDrawing d, Curve.EllipticArc way, double miss) {
        for (int i : d.strokesNear(way.centre(), miss)) {
            // a leaf may begin at the far face of its wall
            if (!(d.curve(i) instanceof Curve.Straight s)) continue;
            boolean first = s.a().distance(way.centre()) < s.b().distance(way.centre());
            Point hinge = first ? s.a() : s.b(), end = first ? s.b() : s.a();
            Point u = end.minus(hinge).unit(), off = hinge.minus(way.centre());
            boolean hinged = Math.abs(u.cross(off)) < miss && u.dot(off) > -Math.max(miss, BEHIND) && u.dot(off) < miss;
            if (hinged && Math.min(end.distance(way.first()), end.distance(way.last())) < miss) leaves.set(i);
        }
    }

    boolean isLeaf(int stroke) {
        return leaves.get(stroke);
    }
}
