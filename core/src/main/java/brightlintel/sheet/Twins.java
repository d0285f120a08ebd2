package brightlintel.sheet;

import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/** Parts that show the same: strokes of the same lengths at the same places in them. */
final class Twins {
    /** Of the size of a part: how far strokes may lie apart; share of strokes that are found in the other. */
    private static final double ALIKE = 0.004, SHARE = 0.9;
    private final Ground g;
    private final List<Heap> seen = new ArrayList<>();

    Twins(Ground g) {
        this.g = g;
    }

    /** The number of the first of those asked before that shows the same. */
    OptionalInt of(Heap h) {
        OptionalInt out = OptionalInt.empty();
        for (int i = 0; i < seen.size() && out.isEmpty(); i++) if (alike(seen.get(i), h)) out = OptionalInt.of(i);
        seen.add(h);
        return out;
    }

    private record Key(long x, long y, long w, long h) { }

    private boolean alike(Heap a, Heap b) {
        double near = ALIKE * Math.max(a.longSide(), b.longSide());
        if (Math.abs(a.strokes.size() - b.strokes.size()) > (1 - SHARE) * a.strokes.size()) return false;
        // titles and chains of measures may differ: the corner that most strokes lie from
        Point from = middle(a), to = middle(b);
        Set<Key> there = new HashSet<>();
        for (int s : a.strokes) {
            Key k = key(s, from, near);
            for (long dx = -1; dx <= 1; dx++) for (long dy = -1; dy <= 1; dy++) there.add(new Key(k.x + dx, k.y + dy, k.w, k.h));
        }
        long found = b.strokes.stream().filter(s -> there.contains(key(s, to, near))).count();
        return found >= SHARE * Math.max(a.strokes.size(), b.strokes.size());
    }

    private Key key(int s, Point from, double near) {
        Box b = g.box(s);
        Point c = b.centre().minus(from);
        return new Key(Math.round(c.x() / near), Math.round(c.y() / near), Math.round(b.width() / (2 * near)),
            Math.round(b.height() / (2 * near)));
    }

    /** Mean of the middles of its strokes, by length. */
    private Point middle(Heap h) {
        double x = 0, y = 0, all = 0;
        for (int s : h.strokes) {
            double l = g.length(s);
            x += l * g.box(s).centre().x();
            y += l * g.box(s).centre().y();
            all += l;
        }
        return all > 0 ? new Point(x / all, y / all) : h.box.centre();
    }
}
