package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

import brightlintel.geom.Point;

import brightlintel.recognise.Faces.Direction;
import brightlintel.recognise.Faces.Line;
import brightlintel.recognise.Faces.Stretch;

/**
 * Pieces of walls: two faces beside each other with nothing between. Each stretch of a face bounds one body; where two could be, the
 * thickness that the whole drawing has more of is taken.
 */
final class Bodies {
    /** Metres: thicknesses; a stretch that is looked at; lines nearer to a face than this are drawn on it. */
    private static final double THIN = 0.055, THICK = 0.66, LEAST = 0.06, ON = 0.012;
    /** Metres that thicknesses of one kind differ by. */
    private static final double STEP = 0.005;
    /** Metres that middles, and thicknesses, of bodies in line differ by at most. */
    private static final double IN_LINE = 2 * STEP;
    /** Of how far ends slip, where they do: what is in line may differ by as much; metres at most. */
    private static final double SLIPS = 2.5, MOST_SLIP = 0.03;
    /** Of its thickness: a body that is shorter is believed only in line with a longer one. */
    private static final double LONG = 1.6;
    /** Of a thickness that the drawing has much of, shorter ones are believed; of the most frequent's metres. */
    private static final double PIER = 0.7, COMMON = 0.15, USUAL = 0.1;
    /** Of all bodies: how many may be closed by themselves where that is no manner of walls. */
    private static final double APART = 0.2;
    /** Metres: from a wall to what stands with its back to it. */
    private static final double BACK = 0.08;
    /** Metres: how thick a layer beside a core is at most; of its length, what its line may leave out. */
    private static final double LAYER = 0.16, BARE = 0.2;
    /** Of a stretch: how much of it may not be sure beside something that is no wall. */
    private static final double FAINT = 0.5;

    /**
     * @param direction of its faces; right and left their offsets; drawn: how much of it is between faces that are sure, metres; apart:
     * in what is closed all round by itself; guessed: layers were added to it that no opening speaks for
     */
    record Body(Direction direction, double right, double left, double from, double to, double drawn, boolean apart,
                boolean guessed, List<Integer> strokes) {
        /** Whether another sure line runs along close beside it: it may be the core of a wall of several layers, or one of them. */
        boolean isLayer() {
            if (guessed) return true;
            for (Line l : direction.lines()) {
                double far = Math.max(right - l.off(), l.off() - left);
                if (far < ON || far > LAYER) continue;
                double bare = free(List.of(new double[] {from, to}), l.sure()).stream().mapToDouble(f -> f[1] - f[0]).sum();
                if (bare < BARE * length()) return true;
            }
            return false;
        }

        /** The same as thick as all of its layers. */
        Body grown(double byRight, double byLeft, boolean told) {
            return new Body(direction, right + byRight, left + byLeft, from, to, drawn, apart, !told, strokes);
        }

        double thickness() {
            return left - right;
        }

        /** Metres by which one in line with it may differ. */
        double inLine() {
            return Math.max(IN_LINE, Math.min(SLIPS * direction.slip(), MOST_SLIP));
        }

        double middle() {
            return (left + right) / 2;
        }

        double length() {
            return to - from;
        }
    }

    private record Candidate(int right, int left, Body body) { }

    private Bodies() { }

    static List<Body> of(List<Direction> directions, Pieces pieces) {
        List<Candidate> all = new ArrayList<>();
        List<Integer> of = new ArrayList<>();
        for (int k = 0; k < directions.size(); k++) {
            int before = all.size();
            candidates(directions.get(k), pieces, all);
            for (int i = before; i < all.size(); i++) of.add(k);
        }
        Map<Long, Double> weight = weights(all);
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) order.add(i);
        // a column's sides may lie beside a wall's faces
        order.sort(Comparator.comparing((Integer i) -> all.get(i).body.apart).thenComparingDouble(i -> -weight(weight, all.get(i).body))
            .thenComparingDouble(i -> -all.get(i).body.length()));
        Map<Long, List<Stretch>> used = new HashMap<>();
        List<Body> out = new ArrayList<>();
        for (int i : order) {
            Candidate c = all.get(i);
            long right = (long) of.get(i) << 32 | c.right, left = (long) of.get(i) << 32 | c.left;
            List<double[]> free = free(free(List.of(new double[] {c.body.from, c.body.to}), used.get(right)), used.get(left));
            for (double[] f : free) {
                if (f[1] - f[0] < LEAST) continue;
                Stretch s = new Stretch(f[0], f[1], List.of());
                used.computeIfAbsent(right, _ -> new ArrayList<>()).add(s);
                used.computeIfAbsent(left, _ -> new ArrayList<>()).add(s);
                out.add(new Body(c.body.direction, c.body.right, c.body.left, f[0], f[1], Math.min(c.body.drawn, f[1] - f[0]),
                    c.body.apart, false, c.body.strokes));
            }
        }
        return Layers.whole(withoutPieces(believed(out, weight), pieces), directions);
    }

    private static void candidates(Direction d, Pieces pieces, List<Candidate> to) {
        List<Line> l = d.lines();
        for (int i = 0; i < l.size(); i++)
            for (int k = i + 1; k < l.size() && l.get(k).off() - l.get(i).off() <= THICK; k++) {
                double t = l.get(k).off() - l.get(i).off();
                if (t < THIN) continue;
                for (Stretch a : l.get(i).stretches()) for (Stretch b : l.get(k).stretches()) {
                    double from = Math.max(a.from(), b.from()), upTo = Math.min(a.to(), b.to());
                    if (upTo - from < LEAST) continue;
                    double middle = (l.get(i).off() + l.get(k).off()) / 2;
                    Point between = d.at((from + upTo) / 2, middle);
                    if (pieces.turnsAway(a.strokes(), between) || pieces.turnsAway(b.strokes(), between)) continue;
                    List<double[]> free = List.of(new double[] {from, upTo});
                    for (int m = i + 1; m < k; m++) {
                        boolean within = l.get(m).off() > l.get(i).off() + ON && l.get(m).off() < l.get(k).off() - ON;
                        if (within) free = free(free, l.get(m).sure());
                    }
                    // a measure's line beside a bed is no face
                    if (pieces.isSide(a.strokes(), between) && bare(l.get(k), from, upTo) > FAINT * (upTo - from)
                        || pieces.isSide(b.strokes(), between) && bare(l.get(i), from, upTo) > FAINT * (upTo - from)) continue;
                    boolean apart = pieces.isWithin(a.strokes(), between) || pieces.isWithin(b.strokes(), between);
                    List<Integer> strokes = new ArrayList<>(a.strokes());
                    strokes.addAll(b.strokes());
                    for (double[] f : free) if (f[1] - f[0] >= LEAST && !isInside(d, f, middle, pieces))
                        to.add(new Candidate(i, k, new Body(d, l.get(i).off(), l.get(k).off(), f[0], f[1], covered(l.get(i), l.get(k), f[0],
                            f[1]), apart, false, strokes)));
                }
            }
    }

    /** Whether all of a stretch lies within what is no wall: a frame of words may lie across a wall. */
    private static boolean isInside(Direction d, double[] f, double off, Pieces pieces) {
        return pieces.holds(d.at((f[0] + f[1]) / 2, off)) && pieces.holds(d.at(f[0] + LEAST / 3, off))
            && pieces.holds(d.at(f[1] - LEAST / 3,
            off));
    }

    /** Metres where a line is not sure. */
    private static double bare(Line l, double from, double to) {
        return free(List.of(new double[] {from, to}), l.sure()).stream().mapToDouble(f -> f[1] - f[0]).sum();
    }

    /** Metres where at least one face is sure. */
    private static double covered(Line a, Line b, double from, double to) {
        List<double[]> bare = free(free(List.of(new double[] {from, to}), a.sure()), b.sure());
        return to - from - bare.stream().mapToDouble(f -> f[1] - f[0]).sum();
    }

    /** Metres of bodies of each thickness: short ones say nothing. */
    private static Map<Long, Double> weights(List<Candidate> all) {
        Map<Long, Double> out = new TreeMap<>();
        for (Candidate c : all) if (c.body.drawn > LONG * c.body.thickness()) out.merge(key(c.body), c.body.drawn, Double::sum);
        return out;
    }

    private static long key(Body b) {
        return Math.round(b.thickness() / STEP);
    }

    private static double weight(Map<Long, Double> w, Body b) {
        long k = key(b);
        return w.getOrDefault(k - 1, 0.0) + w.getOrDefault(k, 0.0) + w.getOrDefault(k + 1, 0.0);
    }

    /** What is left of stretches beside others. */
    static List<double[]> free(List<double[]> some, List<Stretch> taken) {
        if (taken == null) return some;
        List<double[]> out = new ArrayList<>(some);
        for (Stretch t : taken) {
            List<double[]> next = new ArrayList<>();
            for (double[] f : out) {
                if (t.to() <= f[0] || t.from() >= f[1]) {
                    next.add(f);
                    continue;
                }
                if (t.from() > f[0]) next.add(new double[] {f[0], t.from()});
                if (t.to() < f[1]) next.add(new double[] {t.to(), f[1]});
            }
            out = next;
        }
        return out;
    }

    /** Long ones, and short ones in line with a long one of their thickness: piers between openings. */
    private static List<Body> believed(List<Body> all, Map<Long, Double> weight) {
        double most = all.stream().mapToDouble(b -> weight(weight, b)).max().orElse(0);
        List<Body> out = new ArrayList<>(all.stream().filter(b -> b.drawn > LONG * b.thickness() || b.drawn > PIER * b.thickness()
            && weight(weight, b) > COMMON * most || b.length() > LONG * b.thickness() && weight(weight, b) > USUAL * most).toList());
        BodiesByLine sure = new BodiesByLine(out);
        Set<Body> known = Collections.newSetFromMap(new IdentityHashMap<>());
        known.addAll(out);
        for (Body b : all) if (!known.contains(b) && !sure.inLine(b).isEmpty()) out.add(b);
        return out;
    }

    /**
     * Without what is closed all round by itself, and in line with no body that is not: cupboards, unless each wall has an outline of its
     * own. What its layer tells to be a wall is one, unless it stands with its back to another.
     */
    private static List<Body> withoutPieces(List<Body> all, Pieces pieces) {
        List<Body> some = all.stream().filter(b -> !b.apart).toList();
        double other = some.stream().mapToDouble(Body::length).sum(), whole = all.stream().mapToDouble(Body::length).sum();
        if (other < (1 - APART) * whole) return all;
        BodiesByLine index = new BodiesByLine(some);
        return all.stream().filter(b -> !b.apart || !index.inLine(b).isEmpty() || pieces.isTold(b.strokes)
            && !standsBeside(b, index)).toList();
    }

    private static boolean standsBeside(Body b, BodiesByLine others) {
        boolean[] found = {false};
        others.near(b, (b.thickness() + THICK) / 2 + BACK, o -> {
            double gap = Math.abs(o.middle() - b.middle()) - (o.thickness() + b.thickness()) / 2;
            double along = Math.min(o.to, b.to) - Math.max(o.from, b.from);
            found[0] |= gap > -ON && gap < BACK && along > b.length() / 2;
        });
        return found[0];
    }

    static boolean isInLine(Body a, Body b) {
        return a.direction == b.direction && Math.abs(a.middle() - b.middle()) < a.inLine() && Math.abs(a.thickness() - b.thickness())
            < a.inLine();
    }
}
