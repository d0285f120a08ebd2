package brightlintel.repair;

import brightlintel.building.Mend;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.ThreePoints;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Arcs and circles that were drawn as many short lines: chains that turn the same way by about the same angle, piece by piece. */
final class Arcs {
    /** Pieces of an arc at least, metres that one is long at most, and by how much one turns against the last. */
    private static final int LEAST = 5;
    private static final double LONG = 0.8, TURN_LEAST = Math.toRadians(0.4), TURN_MOST = Math.toRadians(22), SWEEP = Math.toRadians(14);
    /** Metres: how far corners may lie off the circle. Of the usual piece: how much longer or shorter others are. */
    private static final double OFF = 0.4e-3, UNEVEN = 2.2;
    private final Bundle b;
    private final Map<Long, int[]> at = new HashMap<>();

    private Arcs(Bundle b) {
        this.b = b;
    }

    static void mend(Bundle b) {
        new Arcs(b).all();
    }

    private void all() {
        double most = LONG / b.metres;
        for (int i = 0; i < b.size(); i++) if (b.isLine(i) && b.length(i) <= most && b.length(i) > 0) for (int e = 0; e < 2; e++) put(i, e);
        boolean[] seen = new boolean[b.size()];
        for (int i = 0; i < b.size(); i++) {
            if (seen[i] || !b.isLine(i) || b.length(i) > most || !(b.length(i) > 0)) continue;
            runs(chain(i, seen));
        }
    }

    private long key(Point p) {
        double cell = 4 * b.touch;
        return Math.round(p.x() / cell) * 0x9E3779B97F4A7C15L ^ Math.round(p.y() / cell) * 0xC2B2AE3D27D4EB4FL;
    }

    private void put(int i, int e) {
        at.merge(key(b.end(i, e)), new int[] {2 * i + e}, (x, y) -> {
            int[] out = new int[x.length + 1];
            System.arraycopy(x, 0, out, 0, x.length);
            out[x.length] = y[0];
            return out;
        });
    }

    /** The one other end that meets this one, 2 * stroke + end, or -1 where there are none or several. */
    private int next(int i, int e) {
        int[] there = at.get(key(b.end(i, e)));
        if (there == null || there.length != 2) return -1;
        int other = there[0] == 2 * i + e ? there[1] : there[0];
        return other / 2 != i && b.sameLayer(i, other / 2) ? other : -1;
    }

    /** Ends in the order of the chain: each 2 * stroke + the end that is left. */
    private List<Integer> chain(int from, boolean[] seen) {
        // back to its beginning first
        int i = from, e = 0;
        for (int n = 0; n < b.size(); n++) {
            int k = next(i, e);
            if (k < 0 || k / 2 == from) break;
            i = k / 2;
            e = 1 - k % 2;
        }
        List<Integer> out = new ArrayList<>();
        int leave = 1 - e;
        while (!seen[i]) {
            seen[i] = true;
            out.add(2 * i + leave);
            int k = next(i, leave);
            if (k < 0) break;
            i = k / 2;
            leave = 1 - k % 2;
        }
        return out;
    }

    private Point from(int k) {
        return b.end(k / 2, 1 - k % 2);
    }

    private Point to(int k) {
        return b.end(k / 2, k % 2);
    }

    private void runs(List<Integer> chain) {
        int begin = 0;
        double last = 0;
        for (int k = 1; k <= chain.size(); k++) {
            double turn = k < chain.size() ? turn(chain.get(k - 1), chain.get(k)) : 0;
            boolean goes = k < chain.size() && Math.abs(turn) > TURN_LEAST && Math.abs(turn) < TURN_MOST
                && even(b.length(chain.get(k) / 2), b.length(chain.get(k - 1) / 2)) && (k == begin + 1 || turn * last > 0);
            if (goes) {
                last = turn;
                continue;
            }
            run(chain.subList(begin, k));
            begin = k < chain.size() ? k : begin;
        }
    }

    private static boolean even(double a, double c) {
        return a < UNEVEN * c && c < UNEVEN * a;
    }

    private double turn(int k, int next) {
        Point u = to(k).minus(from(k)), v = to(next).minus(from(next));
        return Math.atan2(u.cross(v), u.dot(v));
    }

    private void run(List<Integer> run) {
        if (run.size() < LEAST) return;
        Point a = from(run.getFirst()), z = to(run.getLast());
        boolean closed = a.distance(z) <= 4 * b.touch;
        Point m = to(run.get((run.size() - 1) / 2)), third = closed ? to(run.get((run.size() - 1) * 3 / 4)) : z;
        Point c = ThreePoints.centre(a, m, third, 1e-12).orElse(null);
        if (c == null) return;
        double r = c.distance(a), sweep = 0;
        for (int k : run) {
            if (Math.abs(c.distance(to(k)) - r) > Math.max(OFF, b.rounded) / b.metres) return;
            sweep += Math.atan2(from(k).minus(c).cross(to(k).minus(c)), from(k).minus(c).dot(to(k).minus(c)));
        }
        if (Math.abs(sweep) < SWEEP) return;
        int first = run.getFirst() / 2;
        b.count(Mend.ARCS, 1);
        Curve.EllipticArc arc = Curve.EllipticArc.circular(c, r, a.minus(c).angle(), closed ? Math.copySign(Angles.TURN, sweep) : sweep);
        b.bit(Mend.ARCS, arc, true);
        b.bend(first, arc);
        for (int k : run.subList(1, run.size())) b.becomes(k / 2, first);
    }
}
