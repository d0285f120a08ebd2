package brightlintel.repair;

import brightlintel.building.Mend;
import brightlintel.geom.Box;
import brightlintel.geom.Chunks;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.Set;

/**
 * Ends that meet nothing: lengthened to a corner or to a line that they fall short of, cut back where they run on behind one. All ends are
 * looked at as they lie, and moved together, so that their order does not matter.
 */
final class Ends {
    /** Sine of the angle by which lines have to differ to have a corner; of its length: an end that may be cut off. */
    private static final double ANGLE = 0.09, TAIL = 0.34;
    private final Bundle b;
    private final Set<Mend> kinds;

    /** Where an end goes. @param with the end of the other that goes there too, 2 * stroke + end, or -1 */
    private record Move(Point to, Mend kind, double cost, int with) { }

    private Ends(Bundle b, Set<Mend> kinds) {
        this.b = b;
        this.kinds = kinds;
    }

    /** Over an index that is new. */
    static boolean mend(Bundle b, Set<Mend> kinds) {
        if (!kinds.contains(Mend.GAPS) && !kinds.contains(Mend.OVERSHOOTS)) return false;
        return new Ends(b, kinds).all();
    }

    private boolean all() {
        Move[] moves = new Move[2 * b.size()];
        Chunks.of(b.size(), (from, to) -> {
            for (int i = from; i < to; i++) {
                if (!b.isLine(i) || !b.isActive(i) || !(b.length(i) > 0)) continue;
                for (int e = 0; e < 2; e++) if (b.isFree(i, e)) moves[2 * i + e] = best(i, e);
            }
            b.passed(to - from);
        });
        boolean any = false;
        for (int k = 0; k < moves.length; k++) {
            Move m = moves[k];
            if (m == null) continue;
            // a corner is made by two ends that both want it
            if (m.with >= 0 && (moves[m.with] == null || moves[m.with].with != k)) continue;
            int i = k / 2, e = k % 2;
            b.bit(m.kind, new Curve.Straight(b.end(i, e), m.to), m.kind == Mend.GAPS);
            b.move(i, e, m.to);
            b.count(m.kind, 1);
            any = true;
        }
        return any;
    }

    private Move best(int i, int e) {
        Move[] out = new Move[1];
        Point p = b.end(i, e), u = p.minus(b.end(i, 1 - e)).unit();
        double l = b.length(i);
        b.near(Box.around(p, 1.5 * b.tolerance), j -> {
            if (j == i || !b.sameLayer(i, j) || !b.isLine(j)) return;
            Move m = meet(p, u, l, j);
            if (m != null && kinds.contains(m.kind) && (out[0] == null || m.cost < out[0].cost)) out[0] = m;
        });
        return out[0];
    }

    /** Where the line of an end and another line meet, if that is near enough to both. */
    private Move meet(Point p, Point u, double l, int j) {
        Point o = b.end(j, 0), v = b.direction(j);
        double sin = u.cross(v);
        if (Math.abs(sin) < ANGLE) return null;
        // beyond the end of the one, and along the other
        double beyond = o.minus(p).cross(v) / sin, along = o.minus(p).cross(u) / sin, lj = b.length(j);
        if (Math.abs(beyond) > b.tolerance) return null;
        double off = Math.max(0, Math.max(-along, along - lj));
        if (off > b.tolerance) return null;
        Point x = p.plus(u.times(beyond));
        if (beyond < -b.touch) return off <= b.touch && -beyond < TAIL * l ? new Move(x, Mend.OVERSHOOTS, -beyond, -1) : null;
        if (off <= b.touch) return beyond > b.touch ? new Move(x, Mend.GAPS, beyond, -1) : null;
        int end = along < 0 ? 0 : 1;
        if (!b.isFree(j, end)) return null;
        return new Move(x, Mend.GAPS, Math.max(beyond, off), 2 * j + end);
    }
}
