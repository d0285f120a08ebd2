package brightlintel.recognise;

import brightlintel.geom.Point;
import brightlintel.recognise.Faces.Direction;
import brightlintel.recognise.Faces.Line;
import brightlintel.recognise.Faces.Stretch;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Tiles of a room so small that no direction has a row of lines: at one spacing both ways, each line through all of the other direction,
 * three of
 * them one way at least. Walls that cross without being cleaned are as thick both ways, but two lines each.
 */
final class Tiling {
    /** Metres: spacings; by how much they are one; a line beyond the last that it crosses. */
    private static final double NARROW = 0.08, WIDE = 1.3, SAME = 0.006, BEYOND = 0.02;
    /** Radians off square. */
    private static final double SQUARE = 0.01;
    private static final int MOST = 60;

    private Tiling() { }

    /** @param line and stretch by number */
    private record Bit(int line, int stretch, double off, Stretch at) { }

    private record Pair(Direction in, Bit a, Bit b) {
        double spacing() {
            return b.off - a.off;
        }
    }

    /** The same without tiles. */
    static List<Direction> without(List<Direction> all) {
        Map<Direction, Map<Long, List<Pair>>> pairs = new IdentityHashMap<>();
        Map<Direction, Set<Bit>> tiles = new IdentityHashMap<>();
        for (int i = 0; i < all.size(); i++) for (int k = i + 1; k < all.size(); k++) {
            Direction p = all.get(i), q = all.get(k);
            if (Math.abs(p.along().dot(q.along())) > SQUARE) continue;
            Map<Long, List<Pair>> ofP = pairs.computeIfAbsent(p, Tiling::pairs), ofQ = pairs.computeIfAbsent(q, Tiling::pairs);
            ofP.forEach((key, some) -> {
                for (long near = key - 1; near <= key + 1; near++) {
                    cross(some, ofQ.getOrDefault(near, List.of()), tiles);
                    cross(ofQ.getOrDefault(near, List.of()), some, tiles);
                }
            });
        }
        return all.stream().map(d -> tiles.containsKey(d) ? left(d, tiles.get(d)) : d).toList();
    }

    /** Neighbours with nothing between, by their spacing. */
    private static Map<Long, List<Pair>> pairs(Direction d) {
        Map<Long, List<Pair>> out = new HashMap<>();
        List<Line> l = d.lines();
        for (int i = 0; i < l.size(); i++) for (int k = i + 1; k < l.size() && l.get(k).off() - l.get(i).off() <= WIDE; k++) {
            double spacing = l.get(k).off() - l.get(i).off();
            if (spacing < NARROW) continue;
            for (int a = 0; a < l.get(i).stretches().size(); a++) for (int b = 0; b < l.get(k).stretches().size(); b++) {
                Stretch s = l.get(i).stretches().get(a), t = l.get(k).stretches().get(b);
                double both = Math.min(s.to(), t.to()) - Math.max(s.from(), t.from());
                if (both > spacing) out.computeIfAbsent(Math.round(spacing / SAME), _ -> new ArrayList<>()).add(new Pair(d, new Bit(i, a,
                    l.get(i).off(), s), new Bit(k, b, l.get(k).off(), t)));
            }
        }
        return out;
    }

    private static void cross(List<Pair> some, List<Pair> others, Map<Direction, Set<Bit>> tiles) {
        // as many pairs of one spacing are walls of a large building: tiles of one are a row by themselves
        if (some.size() > MOST * MOST || others.size() > MOST * MOST) return;
        for (Pair x : some) {
            List<Pair> through = others.stream().filter(y -> Math.abs(x.spacing() - y.spacing()) < SAME && areThrough(x, y)).toList();
            Set<Bit> across = new HashSet<>();
            for (Pair y : through) {
                across.add(y.a);
                across.add(y.b);
            }
            if (across.size() < 3 || !chained(through)) continue;
            tiles.computeIfAbsent(x.in, _ -> new HashSet<>()).addAll(List.of(x.a, x.b));
            tiles.computeIfAbsent(through.getFirst().in, _ -> new HashSet<>()).addAll(across);
        }
    }

    /** Whether two of the pairs share a line: three in a row. */
    private static boolean chained(List<Pair> some) {
        for (Pair p : some) for (Pair q : some) if (p != q && p.b.equals(q.a)) return true;
        return false;
    }

    /** Whether each line of one pair runs through both of the other. */
    private static boolean areThrough(Pair x, Pair y) {
        for (Bit a : new Bit[] {x.a, x.b}) for (Bit b : new Bit[] {y.a, y.b}) {
            Point onA = x.in.at(0, a.off), u = x.in.along(), onB = y.in.at(0, b.off), v = y.in.along();
            double sin = u.cross(v), at = onB.minus(onA).cross(v) / sin, there = onA.minus(onB).cross(u) / -sin;
            if (at < a.at.from() + BEYOND || at > a.at.to() - BEYOND || there < b.at.from() + BEYOND
                || there > b.at.to() - BEYOND) return false;
        }
        return true;
    }

    private static Direction left(Direction d, Set<Bit> tiles) {
        List<Line> out = new ArrayList<>();
        for (int i = 0; i < d.lines().size(); i++) {
            Line l = d.lines().get(i);
            List<Stretch> kept = new ArrayList<>(), gone = new ArrayList<>();
            for (int a = 0; a < l.stretches().size(); a++)
                (tiles.contains(new Bit(i, a, l.off(), l.stretches().get(a))) ? gone : kept).add(l.stretches().get(a));
            if (gone.isEmpty()) out.add(l);
            else if (!kept.isEmpty()) out.add(l.without(kept, gone));
        }
        return d.with(out);
    }
}
