package brightlintel.correct.size;

import brightlintel.correct.look.Doors;
import brightlintel.correct.look.Look;
import brightlintel.correct.look.Spacings;
import brightlintel.correct.look.Steps;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Things that have a usual size: door leaves, walls, treads, letters, and the plan itself. */
final class Usual {
    /** Leaves are 0.6 to 1.2 m wide (DIN 18101: 0.61 to 1.235), most 0.8 to 0.9. */
    private static final double LEAF = 0.85, LEAF_SPREAD = 0.17, LEAF_OTHER = 0.02;
    /** Partitions from 0.07, outer walls to 0.5; lining and window lines lie closer. */
    private static final double WALL = 0.17, WALL_SPREAD = 0.55, WALL_OTHER = 0.08;
    /** 0.25 to 0.32 m (ISO 9527, DIN 18065: 0.23 to 0.37). */
    private static final double TREAD = 0.28, TREAD_SPREAD = 0.09, TREAD_OTHER = 0.15;
    /** 2 to 5 mm on paper, at 1:50 to 1:200. */
    private static final double LETTER = 0.22, LETTER_SPREAD = 0.6, LETTER_OTHER = 0.1;
    /** From a cabin to a school. */
    private static final double PLAN = 28, PLAN_SPREAD = 0.9, PLAN_OTHER = 0.01;
    private static final int ENOUGH = 3;

    private Usual() { }

    static double median(double[] v) {
        double[] s = v.clone();
        Arrays.sort(s);
        return s[s.length / 2];
    }

    /** The radius that most leaves have about: leaves of one plan differ, arcs of another kind differ more. */
    static List<Opinion> doors(Look look) {
        List<Doors.Door> doors = look.doors();
        if (doors.isEmpty()) return List.of();
        double r = centre(doors.stream().mapToDouble(Doors.Door::radius).toArray());
        List<Doors.Door> like = doors.stream().filter(d -> Math.abs(Math.log(d.radius() / r)) < 0.45).toList();
        double weight = Math.min(1.6, 0.5 + 0.3 * like.size());
        return List.of(new Opinion(SizeKind.DOORS, LEAF / r, like.size(), doors.size(), r,
            like.stream().map(Doors.Door::hinge).toList(), Opinion.usual(r, LEAF, LEAF_SPREAD, LEAF_OTHER, weight)));
    }

    /** The middle of the densest stretch of logarithms. */
    private static double centre(double[] radius) {
        double best = radius[0];
        int most = -1;
        double[] sorted = radius.clone();
        Arrays.sort(sorted);
        for (int i = 0; i < sorted.length; i++) {
            int k = i;
            while (k < sorted.length && sorted[k] < sorted[i] * 1.6) k++;
            if (k - i > most) {
                most = k - i;
                best = sorted[i + (k - i) / 2];
            }
        }
        return best;
    }

    /** The middle of the distances of what lies close together, each by the length along which it does. */
    static List<Opinion> walls(Look look) {
        List<Spacings.Pair> pairs = look.pairs().stream().filter(p -> p.overlap() > 4 * p.distance()).toList();
        if (pairs.size() < 2 * ENOUGH) return List.of();
        double d = weightedMedian(pairs);
        List<Spacings.Pair> like = pairs.stream().filter(p -> Math.abs(Math.log(p.distance() / d)) < WALL_SPREAD).toList();
        return List.of(new Opinion(SizeKind.WALLS, WALL / d, like.size(), pairs.size(), d,
            like.stream().map(Spacings.Pair::at).toList(), Opinion.usual(d, WALL, WALL_SPREAD, WALL_OTHER, 1)));
    }

    private static double weightedMedian(List<Spacings.Pair> pairs) {
        List<Spacings.Pair> sorted = new ArrayList<>(pairs);
        sorted.sort((a, b) -> Double.compare(a.distance(), b.distance()));
        double all = 0, sum = 0;
        for (Spacings.Pair p : sorted) all += p.overlap();
        for (Spacings.Pair p : sorted) {
            sum += p.overlap();
            if (sum >= all / 2) return p.distance();
        }
        return sorted.getLast().distance();
    }

    static List<Opinion> steps(Look look) {
        List<Steps.Flight> flights = look.flights();
        if (flights.isEmpty()) return List.of();
        double t = median(flights.stream().mapToDouble(Steps.Flight::tread).toArray());
        int like = (int) flights.stream().filter(f -> Math.abs(f.tread() / t - 1) < 0.1).count();
        return List.of(new Opinion(SizeKind.STEPS, TREAD / t, like, flights.size(), t,
            flights.stream().map(Steps.Flight::at).toList(), Opinion.usual(t, TREAD, TREAD_SPREAD, TREAD_OTHER, 0.8)));
    }

    static List<Opinion> letters(Look look) {
        Strokes s = look.strokes();
        List<Double> heights = new ArrayList<>();
        List<Point> at = new ArrayList<>();
        for (int i = 0; i < s.texts().size(); i++) {
            if (!look.drawn().markShown().test(i)) continue;
            heights.add(s.texts().get(i).map().applyVector(new Point(0, 1)).length());
            at.add(s.texts().get(i).box().centre());
        }
        if (heights.size() < ENOUGH) return List.of();
        double h = median(heights.stream().mapToDouble(x -> x).toArray());
        if (!(h > 0)) return List.of();
        return List.of(new Opinion(SizeKind.LETTERS, LETTER / h, heights.size(), heights.size(), h, at,
            Opinion.usual(h, LETTER, LETTER_SPREAD, LETTER_OTHER, 0.6)));
    }

    static List<Opinion> extent(Look look) {
        double d = look.bulk().diagonal();
        if (!(d > 0)) return List.of();
        return List.of(new Opinion(SizeKind.EXTENT, PLAN / d, 1, 1, d, List.of(look.bulk().centre()),
            Opinion.usual(d, PLAN, PLAN_SPREAD, PLAN_OTHER, 1)));
    }
}
