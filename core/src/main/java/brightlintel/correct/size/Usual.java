package brightlintel.correct.size;

import brightlintel.correct.look.Doors;
import brightlintel.correct.look.Look;
import brightlintel.correct.look.Spacings;
import brightlintel.correct.look.Steps;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Things that have a usual size: door leaves, walls, treads, letters, and the plan itself. */
final class Usual {
    /** Leaves are 0.6 to 1.2 m wide (DIN 18101: 0.61 to 1.235), most 0.8 to 0.9. */
    private static final double LEAF = 0.85, LEAF_SPREAD = 0.17, LEAF_OTHER = 0.02;
    /** Partitions from 0.07 m, outer walls to 0.5; lining and window lines lie closer, furniture and chains of measures further apart. */
    private static final double THIN = 0.07, THICK = 0.52, WALL_OTHER = 0.08;
    /** 0.25 to 0.32 m (ISO 9527, DIN 18065: 0.23 to 0.37). */
    private static final double TREAD = 0.28, TREAD_SPREAD = 0.09, TREAD_OTHER = 0.15;
    /** 0.6 to 2.5 m; three lines of one length may be a bench, or a wall of three faces. */
    private static final double WINDOW = 1.25, WINDOW_SPREAD = 0.5, WINDOW_OTHER = 0.3, WINDOW_WEIGHT = 0.6;
    /** 2 to 5 mm on paper, at 1:50 to 1:200. */
    private static final double LETTER = 0.22, LETTER_SPREAD = 0.6, LETTER_OTHER = 0.1;
    /** From a cabin to a school; a site or a detail may be anything. */
    private static final double PLAN = 28, PLAN_SPREAD = 0.9, PLAN_OTHER = 0.06;
    private static final int ENOUGH = 3;

    private Usual() { }

    static double median(double[] v) {
        double[] s = v.clone();
        Arrays.sort(s);
        return s[s.length / 2];
    }

    /** The radius that most leaves have about: leaves of one plan differ, arcs of another kind differ more. */
    static List<Opinion> doors(Look look) {
        List<Doors.Door> doors = look.doors().stream().filter(Doors.Door::round).toList();
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

    /**
     * How much of what lies close together does so as the faces of walls do, by the length along which it does: a share for each factor,
     * held against the largest share that any factor gives.
     */
    static List<Opinion> walls(Look look) {
        List<Spacings.Pair> pairs = look.pairs().stream().filter(p -> p.overlap() > 4 * p.distance())
            .sorted(Comparator.comparingDouble(Spacings.Pair::distance)).toList();
        if (pairs.size() < 2 * ENOUGH) return List.of();
        double[] distance = pairs.stream().mapToDouble(Spacings.Pair::distance).toArray(), sum = new double[pairs.size() + 1];
        for (int i = 0; i < distance.length; i++) sum[i + 1] = sum[i] + pairs.get(i).overlap();
        double best = 0, at = 1;
        for (double d : distance) {
            double share = share(distance, sum, THIN / d);
            if (share > best) {
                best = share;
                at = THIN / d;
            }
        }
        double most = best, f0 = at;
        List<Spacings.Pair> like = pairs.stream().filter(p -> p.distance() * f0 >= THIN * (1 - 1e-9)
            && p.distance() * f0 <= THICK).toList();
        if (like.isEmpty()) return List.of();
        return List.of(new Opinion(SizeKind.WALLS, at, like.size(), pairs.size(), median(like.stream().mapToDouble(Spacings.Pair::distance)
            .toArray()), like.stream().map(Spacings.Pair::at).toList(),
            f -> Math.log((share(distance, sum, f) + WALL_OTHER) / (most + WALL_OTHER))));
    }

    private static double share(double[] distance, double[] sum, double f) {
        int from = first(distance, THIN / f * (1 - 1e-9)), to = first(distance, THICK / f);
        return (sum[to] - sum[from]) / sum[distance.length];
    }

    private static int first(double[] sorted, double atLeast) {
        int i = Arrays.binarySearch(sorted, atLeast);
        if (i < 0) return -i - 1;
        while (i > 0 && sorted[i - 1] >= atLeast) i--;
        return i;
    }

    static List<Opinion> steps(Look look) {
        List<Steps.Flight> flights = look.flights();
        if (flights.isEmpty()) return List.of();
        double t = median(flights.stream().mapToDouble(Steps.Flight::tread).toArray());
        int like = (int) flights.stream().filter(f -> Math.abs(f.tread() / t - 1) < 0.1).count();
        return List.of(new Opinion(SizeKind.STEPS, TREAD / t, like, flights.size(), t,
            flights.stream().map(Steps.Flight::at).toList(), Opinion.usual(t, TREAD, TREAD_SPREAD, TREAD_OTHER, 0.8)));
    }

    /** How long the lines of windows are, by the usual one. */
    static List<Opinion> windows(Look look) {
        List<Steps.Flight> rows = look.windows();
        if (rows.size() < ENOUGH) return List.of();
        double[] wide = rows.stream().mapToDouble(r -> look.strokes().curveOf(r.strokes().getFirst()).length()).toArray();
        double w = median(wide);
        int like = (int) Arrays.stream(wide).filter(x -> Math.abs(Math.log(x / w)) < WINDOW_SPREAD).count();
        return List.of(new Opinion(SizeKind.WINDOWS, WINDOW / w, like, rows.size(), w, rows.stream().map(Steps.Flight::at).toList(),
            Opinion.usual(w, WINDOW, WINDOW_SPREAD, WINDOW_OTHER, WINDOW_WEIGHT)));
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
