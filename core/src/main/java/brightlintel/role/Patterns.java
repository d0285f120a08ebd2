package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.correct.look.Directions;
import brightlintel.correct.look.Spacings;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Hatches that were taken to pieces: many short lines one way that no wall runs, or many at one distance from each other. */
final class Patterns {
    private static final int DEGREES = 180, LEAST = 14, ROW = 11;
    private static final double OFF = Math.toRadians(4), LONGEST = 6, EVEN = 0.03, WIDEST = 0.65;
    /** Metres: lines nearer to each other are one; as far along do neighbours stand; of steps that are one. */
    private static final double ONE = 0.012, NEAR = 2, EVEN_LEAST = 0.004, AS_ONE = 0.01;
    /** A neighbour is found among the first few; a drawing of hatches alone is not looked through for each of its lines. */
    private static final int MOST_BESIDE = 24, MOST_LOOKED = 1500, FEW = 2;
    private final Sight s;

    Patterns(Sight s) {
        this.s = s;
    }

    void see() {
        slanting();
        rows();
    }

    /** Lines at an angle to all main directions, not few of them alike. */
    private void slanting() {
        List<Directions.Direction> main = s.look.directions();
        List<List<Integer>> by = new ArrayList<>();
        for (int i = 0; i < DEGREES; i++) by.add(new ArrayList<>());
        for (int k = 0; k < s.look.segments().size(); k++) {
            double a = s.look.segments().angle(k);
            // quarter turns of a main direction are main too; of others, those that hold much of what is drawn
            boolean along = main.stream().filter(d -> d == main.getFirst() || d.share() > 0.2)
                .anyMatch(d -> Angles.betweenLines(a, d.angle()) < OFF || Angles.betweenLines(a, d.angle() + Math.PI / 2) < OFF);
            if (!along) by.get((int) Math.round(Math.toDegrees(a)) % DEGREES).add(s.look.segments().stroke(k));
        }
        for (int i = 0; i < DEGREES; i++) {
            List<Integer> both = new ArrayList<>(by.get(i));
            both.addAll(by.get((i + 1) % DEGREES));
            if (both.size() < LEAST) continue;
            Set<Integer> even = inRows(both, Math.toRadians(i + 0.5));
            for (int k : by.get(i)) if (s.length(k) < LONGEST && even.contains(k)) s.seeUpTo(k, Role.HATCH, 2, 2);
        }
    }

    /** A stroke by its place across and along a direction that is nearly its own, metres, and by its own. */
    private record Placed(int stroke, double off, double at, Point middle, Point along) { }

    /** Those whose nearest neighbours lie at one distance: the lines of a hatch do, faces of a wing that stands at an angle do not. */
    private Set<Integer> inRows(List<Integer> strokes, double angle) {
        List<Placed> all = new ArrayList<>();
        Point n = Point.polar(angle, 1), origin = s.strokes.curveOf(strokes.getFirst()).first().times(s.metres);
        for (int k : strokes) {
            Curve c = s.strokes.curveOf(k);
            Point m = c.first().towards(c.last(), 0.5).times(s.metres).minus(origin);
            all.add(new Placed(k, n.cross(m), n.dot(m), m, c.last().minus(c.first()).unit()));
        }
        all.sort(Comparator.comparingDouble(Placed::off));
        Set<Integer> out = new HashSet<>();
        for (int i = 0; i < all.size(); i++) if (isInRow(all, i)) out.add(all.get(i).stroke);
        return out;
    }

    private boolean isInRow(List<Placed> all, int i) {
        List<Double> after = beside(all, i, 1), before = beside(all, i, -1);
        // a line that crosses the hatch may lie between two of it: the next but one is looked at, too
        return Stream.concat(after.stream().limit(FEW), before.stream().limit(FEW)).filter(s -> s <= WIDEST).anyMatch(s ->
            has(after, s) && has(before, s) || has(after, s) && has(after, 2 * s) || has(before, s) && has(before, 2 * s));
    }

    private static boolean has(List<Double> far, double s) {
        return far.stream().anyMatch(f -> Math.abs(f - s) < EVEN * s + EVEN_LEAST);
    }

    /**
     * How far off those lie that stand near, to one side, from the nearest on. By its own direction: by another that is nearly the same,
     * pieces of one line lie at a step from each other.
     */
    private static List<Double> beside(List<Placed> all, int i, int step) {
        Placed p = all.get(i);
        List<Double> out = new ArrayList<>();
        for (int k = i + step, looked = 0; k >= 0 && k < all.size() && looked < MOST_LOOKED; k += step, looked++) {
            Placed q = all.get(k);
            if (Math.abs(q.off - p.off) > 2 * WIDEST || out.size() > MOST_BESIDE) break;
            double far = Math.abs(p.along.cross(q.middle.minus(p.middle)));
            if (far > ONE && Math.abs(q.at - p.at) < NEAR && Math.abs(p.along.cross(q.along)) < AS_ONE) out.add(far);
        }
        out.sort(null);
        return out;
    }

    /** Each line and the next beside it: long runs at one distance. */
    private void rows() {
        int n = s.strokes.size();
        int[] next = new int[n];
        double[] far = new double[n];
        boolean[] follows = new boolean[n];
        Arrays.fill(next, -1);
        for (Spacings.Pair p : s.look.pairs()) {
            if (p.distance() * s.metres > WIDEST || next[p.a()] >= 0) continue;
            next[p.a()] = p.b();
            far[p.a()] = p.distance();
        }
        for (int i = 0; i < n; i++) if (next[i] >= 0 && next[next[i]] >= 0 && even(far[i], far[next[i]])) follows[next[i]] = true;
        for (int i = 0; i < n; i++) {
            if (next[i] < 0 || follows[i]) continue;
            List<Integer> row = new ArrayList<>(List.of(i));
            for (int k = i; next[k] >= 0 && even(far[i], far[k]) && row.size() < n; k = next[k]) row.add(next[k]);
            if (row.size() >= ROW) for (int k : row) s.seeUpTo(k, Role.HATCH, 2.6, 2.6);
        }
    }

    private static boolean even(double a, double b) {
        return Math.abs(a - b) <= EVEN * a;
    }
}
