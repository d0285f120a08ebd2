package brightlintel.geom;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Pieces that were drawn one by one and lead from end to end back to where they began, with nothing else meeting them. */
public final class ClosedChains {
    private final Pieces pieces;
    private final double meet;
    private final int most;
    /** Places where ends meet, by cells. */
    private final Map<Long, Meeting> meetings = new HashMap<>();
    /** By 2 * piece + end. */
    private final Meeting[] of;

    /** What is asked of the pieces. */
    public interface Pieces {
        int count();

        /** @param e 0 or 1 */
        Point end(int piece, int e);

        /** Whether two that meet may be of one chain. */
        boolean belong(int one, int other);
    }

    private record Meeting(Point at, List<Integer> ends) { }

    private ClosedChains(Pieces pieces, double meet, int most) {
        this.pieces = pieces;
        this.meet = meet;
        this.most = most;
        of = new Meeting[2 * pieces.count()];
    }

    /**
     * @param meet how far apart ends lie at most that are one place
     * @param most pieces of one chain
     * @return of each chain its pieces, in order
     */
    public static List<List<Integer>> of(Pieces pieces, double meet, int most) {
        return new ClosedChains(pieces, meet, most).all();
    }

    private List<List<Integer>> all() {
        for (int i = 0; i < of.length; i++) {
            of[i] = meeting(pieces.end(i / 2, i % 2));
            of[i].ends.add(i);
        }
        List<List<Integer>> out = new ArrayList<>();
        boolean[] done = new boolean[pieces.count()];
        for (int i = 0; i < pieces.count(); i++) {
            List<Integer> chain = done[i] ? List.of() : chain(i);
            for (int k : chain) done[k] = true;
            if (!chain.isEmpty()) out.add(chain);
        }
        return out;
    }

    /** The one that is there already, or a new one. */
    private Meeting meeting(Point p) {
        long x = Math.round(p.x() / meet), y = Math.round(p.y() / meet);
        for (long i = x - 1; i <= x + 1; i++) for (long k = y - 1; k <= y + 1; k++) {
            Meeting there = meetings.get(key(i, k));
            if (there != null && there.at.distance(p) < meet) return there;
        }
        return meetings.computeIfAbsent(key(x, y), _ -> new Meeting(p, new ArrayList<>(2)));
    }

    private static long key(long x, long y) {
        return x * 0x9E3779B97F4A7C15L ^ y * 0xC2B2AE3D27D4EB4FL;
    }

    /** One after the other back to the first; none where ends lie bare, or more than two meet. */
    private List<Integer> chain(int from) {
        List<Integer> out = new ArrayList<>();
        int at = from, leave = 1;
        while (out.size() < most) {
            out.add(at);
            List<Integer> there = of[2 * at + leave].ends;
            if (there.size() != 2) return List.of();
            int next = there.get(0) == 2 * at + leave ? there.get(1) : there.get(0);
            if (next / 2 == at || !pieces.belong(at, next / 2)) return List.of();
            if (next / 2 == from) return next % 2 == 0 && out.size() > 2 ? out : List.of();
            at = next / 2;
            leave = 1 - next % 2;
        }
        return List.of();
    }
}
