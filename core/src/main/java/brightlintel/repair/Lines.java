package brightlintel.repair;

import brightlintel.building.Mend;
import brightlintel.geom.Box;
import brightlintel.geom.Chunks;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentSkipListMap;

/** Pieces of one line become one: doubled, over each other, end to end, or a small gap apart. */
final class Lines {
    /** How far, of what lies beside, ends may lie off the line that they become part of. */
    private static final double SLACK = 1.5;
    private final Bundle b;
    private final Set<Mend> kinds;
    private final int[] parent;
    /** Why a stroke was joined to another. */
    private final Mend[] why;

    private record Pair(int large, int small, Mend kind) { }

    private Lines(Bundle b, Set<Mend> kinds) {
        this.b = b;
        this.kinds = kinds;
        parent = new int[b.size()];
        why = new Mend[b.size()];
        for (int i = 0; i < parent.length; i++) parent[i] = i;
    }

    /** Over an index that is new. */
    static boolean mend(Bundle b, Set<Mend> kinds) {
        return new Lines(b, kinds).join();
    }

    private boolean join() {
        // what lies on one line is looked for on all cores and joined in order
        Map<Integer, List<Pair>> found = new ConcurrentSkipListMap<>();
        Chunks.of(b.size(), (from, to) -> {
            List<Pair> pairs = new ArrayList<>();
            for (int i = from; i < to; i++) if (b.isLine(i) && b.isActive(i)) pairs(i, pairs);
            found.put(from, pairs);
            b.passed(to - from);
        });
        for (List<Pair> some : found.values()) for (Pair p : some) join(p);
        Map<Integer, List<Integer>> groups = new HashMap<>();
        for (int i = 0; i < b.size(); i++) if (find(i) != i || why[i] != null) groups.computeIfAbsent(find(i), _ ->
            new ArrayList<>()).add(i);
        boolean any = false;
        for (Map.Entry<Integer, List<Integer>> g : groups.entrySet()) {
            List<Integer> all = g.getValue();
            if (!all.contains(g.getKey())) all.add(g.getKey());
            if (all.size() > 1) any |= one(all);
        }
        return any;
    }

    private int find(int i) {
        while (parent[i] != i) {
            parent[i] = parent[parent[i]];
            i = parent[i];
        }
        return i;
    }

    /** Of two that lie on one line, an end of one lies at the other. */
    private void pairs(int i, List<Pair> out) {
        for (int e = 0; e < 2; e++) b.near(Box.around(b.end(i, e), b.tolerance), j -> {
            if (j == i || !b.isLine(j) || !b.sameLayer(i, j)) return;
            Pair p = pair(i, j);
            if (p != null) out.add(p);
        });
    }

    private Pair pair(int i, int j) {
        int large = b.length(i) >= b.length(j) ? i : j, small = large == i ? j : i;
        Point o = b.end(large, 0), u = b.direction(large);
        double l = b.length(large);
        Point a = b.end(small, 0).minus(o), c = b.end(small, 1).minus(o);
        if (Math.abs(u.cross(a)) > b.beside || Math.abs(u.cross(c)) > b.beside) return null;
        double from = Math.min(u.dot(a), u.dot(c)), to = Math.max(u.dot(a), u.dot(c)), over = Math.min(l, to) - Math.max(0, from);
        Mend kind = kind(i, j, from, to, l, over);
        return kind == null || !kinds.contains(kind) ? null : new Pair(large, small, kind);
    }

    private void join(Pair p) {
        int x = find(p.large), y = find(p.small);
        if (x == y) return;
        why[p.small] = p.kind;
        parent[Math.max(x, y)] = Math.min(x, y);
    }

    private Mend kind(int i, int j, double from, double to, double l, double over) {
        if (over > b.touch) {
            boolean same = Math.abs(from) <= b.beside && Math.abs(to - l) <= b.beside;
            return same ? Mend.DOUBLED : Mend.OVERLAPS;
        }
        // where the two face each other
        int ei = nearer(i, j), ej = nearer(j, i);
        Point p = b.end(i, ei), q = b.end(j, ej);
        if (over >= -b.touch) return !b.meets(p, i, j) && !b.meets(q, i, j) ? Mend.FRAGMENTS : null;
        return -over <= b.tolerance && b.isFree(i, ei) && b.isFree(j, ej) ? Mend.GAPS : null;
    }

    /** The end of one that lies nearer to the other. */
    private int nearer(int i, int j) {
        return b.distance(j, b.end(i, 0)) <= b.distance(j, b.end(i, 1)) ? 0 : 1;
    }

    /** From the first end to the last along the longest; nothing where some of them lie off that line, as pieces of a wide curve do. */
    private boolean one(List<Integer> all) {
        int longest = all.getFirst();
        for (int i : all) if (b.length(i) > b.length(longest) || b.length(i) == b.length(longest) && i < longest) longest = i;
        Point u = b.direction(longest), o = b.end(longest, 0), first = o, last = b.end(longest, 1);
        for (int i : all) for (int e = 0; e < 2; e++) {
            Point p = b.end(i, e);
            if (u.dot(p.minus(o)) < u.dot(first.minus(o))) first = p;
            if (u.dot(p.minus(o)) > u.dot(last.minus(o))) last = p;
        }
        Point along = last.minus(first).unit();
        for (int i : all) for (int e = 0; e < 2; e++) if (Math.abs(along.cross(b.end(i, e).minus(first))) > SLACK * b.beside) return false;
        shown(all, longest, first, along);
        for (int i : all) if (i != longest) {
            b.becomes(i, longest);
            b.count(reason(i, longest), 1);
        }
        b.reshape(longest, first, last);
        return true;
    }

    private Mend reason(int i, int longest) {
        return why[i] != null ? why[i] : why[longest] != null ? why[longest] : Mend.OVERLAPS;
    }

    /** What was doubled, and what fills the gaps. */
    private void shown(List<Integer> all, int longest, Point first, Point along) {
        List<double[]> spans = new ArrayList<>();
        for (int i : all) {
            double a = along.dot(b.end(i, 0).minus(first)), c = along.dot(b.end(i, 1).minus(first));
            spans.add(new double[] {Math.min(a, c), Math.max(a, c)});
            if (i != longest && (reason(i, longest) == Mend.DOUBLED || reason(i, longest) == Mend.OVERLAPS))
                b.bit(reason(i, longest), new Curve.Straight(b.end(i, 0), b.end(i, 1)), false);
        }
        spans.sort((x, y) -> Double.compare(x[0], y[0]));
        double reach = spans.getFirst()[1];
        for (double[] s : spans) {
            if (s[0] > reach + b.touch)
                b.bit(Mend.GAPS, new Curve.Straight(first.plus(along.times(reach)), first.plus(along.times(s[0]))), true);
            reach = Math.max(reach, s[1]);
        }
    }
}
