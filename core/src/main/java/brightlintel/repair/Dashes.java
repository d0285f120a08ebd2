package brightlintel.repair;

import brightlintel.building.Mend;
import brightlintel.geom.Box;
import brightlintel.geom.Chunks;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Broken lines whose dashes were drawn one by one: a row of pieces with equal gaps, none of which meets anything. What stands in rows
 * beside
 * real openings is longer apart.
 */
final class Dashes {
    private static final int LEAST = 5, NONE = -1;
    /** Metres: longest dash, and gap; no opening of half a metre is one. Share by which gaps and dashes differ. */
    private static final double LONG = 1.2, GAP = 0.3, EVEN = 0.16;
    private final Bundle b;
    private final int[] next;

    private Dashes(Bundle b) {
        this.b = b;
        next = new int[2 * b.size()];
        Arrays.fill(next, NONE);
    }

    /** Over an index that is new. */
    static boolean mend(Bundle b) {
        return new Dashes(b).all();
    }

    private boolean all() {
        Chunks.of(b.size(), (from, to) -> {
            for (int i = from; i < to; i++) if (isDash(i)) for (int e = 0; e < 2; e++) next[2 * i + e] = following(i, e);
        });
        boolean[] seen = new boolean[b.size()];
        boolean any = false;
        for (int i = 0; i < b.size(); i++) {
            if (seen[i] || !isDash(i)) continue;
            int k = 2 * i;
            for (int n = 0; n < b.size() && mutual(k) && next[k] / 2 != i; n++) k = next[k] ^ 1;
            List<Integer> row = new ArrayList<>();
            k ^= 1;
            while (!seen[k / 2]) {
                seen[k / 2] = true;
                row.add(k);
                if (!mutual(k)) break;
                k = next[k] ^ 1;
            }
            any |= row(row);
        }
        return any;
    }

    private boolean isDash(int i) {
        return b.isLine(i) && b.length(i) > 0 && b.length(i) <= LONG / b.metres;
    }

    private boolean mutual(int k) {
        return next[k] != NONE && next[next[k]] == k;
    }

    /** The end of the next piece of the same line, 2 * stroke + end. */
    private int following(int i, int e) {
        if (!b.isFree(i, e)) return NONE;
        Point p = b.end(i, e), u = p.minus(b.end(i, 1 - e)).unit();
        double most = GAP / b.metres;
        int[] best = {NONE};
        double[] gap = {most};
        b.near(Box.of(p, p.plus(u.times(most))).grown(b.beside), j -> {
            if (j == i || !b.sameLayer(i, j) || !isDash(j)) return;
            for (int f = 0; f < 2; f++) {
                Point q = b.end(j, f).minus(p), far = b.end(j, 1 - f).minus(p);
                double d = u.dot(q);
                if (d > b.touch && d < gap[0] && u.dot(far) > d && Math.abs(u.cross(q)) <= b.beside && Math.abs(u.cross(far)) <= b.beside
                    && b.isFree(j, f)) {
                    gap[0] = d;
                    best[0] = 2 * j + f;
                }
            }
        });
        return best[0];
    }

    private boolean row(List<Integer> row) {
        if (row.size() < LEAST) return false;
        double[] gaps = new double[row.size() - 1], lengths = new double[row.size()];
        for (int i = 0; i < gaps.length; i++) gaps[i] = to(row.get(i)).distance(from(row.get(i + 1)));
        for (int i = 0; i < lengths.length; i++) lengths[i] = b.length(row.get(i) / 2);
        double g = median(gaps), longest = Arrays.stream(lengths).max().orElse(0);
        for (double x : gaps) if (Math.abs(x - g) > EVEN * g + b.beside) return false;
        // dashes, or dashes and dots; those at both ends may be cut
        double dot = Arrays.stream(lengths, 1, lengths.length - 1).min().orElse(0);
        for (int i = 1; i + 1 < lengths.length; i++)
            if (Math.abs(lengths[i] - longest) > EVEN * longest && Math.abs(lengths[i] - dot) > EVEN * dot + b.beside) return false;
        if (g > 1.2 * longest) return false;
        int first = row.getFirst() / 2;
        Point a = from(row.getFirst()), z = to(row.getLast());
        for (int i = 0; i + 1 < row.size(); i++)
            b.bit(Mend.DASHES, new Curve.Straight(to(row.get(i)), from(row.get(i + 1))), true);
        b.reshape(first, a, z);
        for (int k : row.subList(1, row.size())) b.becomes(k / 2, first);
        b.count(Mend.DASHES, 1);
        return true;
    }

    private static double median(double[] v) {
        double[] s = v.clone();
        Arrays.sort(s);
        return s[s.length / 2];
    }

    private Point from(int k) {
        return b.end(k / 2, 1 - k % 2);
    }

    private Point to(int k) {
        return b.end(k / 2, k % 2);
    }
}
