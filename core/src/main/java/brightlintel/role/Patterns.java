package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.correct.look.Directions;
import brightlintel.correct.look.Spacings;
import brightlintel.geom.Angles;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Hatches that were taken to pieces: many short lines one way that no wall runs, or many at one distance from each other. */
final class Patterns {
    private static final int DEGREES = 180, LEAST = 14, ROW = 11;
    private static final double OFF = Math.toRadians(4), LONGEST = 6, EVEN = 0.03, WIDEST = 0.65;
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
            int both = by.get(i).size() + by.get((i + 1) % DEGREES).size();
            if (both < LEAST) continue;
            for (int k : by.get(i)) if (s.length(k) < LONGEST) s.seeUpTo(k, Role.HATCH, 2, 2);
        }
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
