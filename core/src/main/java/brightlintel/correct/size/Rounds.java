package brightlintel.correct.size;

import brightlintel.correct.look.Bubbles;
import brightlintel.correct.look.Look;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * Bays of a grid are round where they were drawn: whole steps of five centimetres, or of inches. By a factor that is a little off, as
 * that of
 * a sheet that was shrunk, hardly any of them is. By a factor ten times too large all of them are, which says nothing.
 */
final class Rounds {
    /** Metres: the steps that bays are laid out by, and how near a round one is; shorter ones are no bays. */
    private static final double[] STEPS = {0.05, 0.0254};
    private static final double NEAR = 0.0008, SHORT = 0.6;
    /** Share of bays that are round in truth; the most that all of them say, and the least: many a grid is laid out by other lengths. */
    private static final double ROUND = 0.75, MOST = 6, LESS = -1, COARSE = 10;
    /** What bays say that are round by any factor. */
    static final double NOTHING = -MOST;
    private static final int LEAST = 3;

    private Rounds() { }

    static List<Opinion> opinions(Look look) {
        List<Double> bays = bays(look);
        if (bays.size() < LEAST) return List.of();
        return List.of(new Opinion(SizeKind.ROUND, Double.NaN, bays.size(), bays.size(), Double.NaN,
            places(look), f -> Math.clamp(log(bays, f), LESS, MOST) - MOST));
    }

    private static List<Point> places(Look look) {
        List<Point> out = new ArrayList<>(look.tagged().stream().map(Bubbles.Tagged::at).toList());
        out.addAll(look.columns().at());
        return out;
    }

    /** How far the bays speak for a factor: of the step that fits best. */
    private static double log(List<Double> bays, double f) {
        double best = Double.NEGATIVE_INFINITY;
        for (double step : STEPS) {
            double chance = 2 * NEAR / step, sum = 0;
            // all are round in steps ten times as large: so they are by any factor, and say nothing
            if (share(bays, f, COARSE * step) >= ROUND) return 0;
            for (double b : bays) sum += Math.log(isRound(b * f, step) ? ROUND / chance : 1 - ROUND);
            best = Math.max(best, sum);
        }
        return best;
    }

    private static double share(List<Double> bays, double f, double step) {
        return (double) bays.stream().filter(b -> isRound(b * f, step)).count() / bays.size();
    }

    private static boolean isRound(double metres, double step) {
        return metres > SHORT && Math.abs(metres - Math.rint(metres / step) * step) < NEAR;
    }

    /** Whether bays alone tell that a factor is exactly right: all but few of them are round by it. */
    static boolean prove(Look look, double f) {
        List<Double> bays = bays(look);
        for (double step : STEPS) {
            if (bays.size() >= LEAST && share(bays, f, step) >= ROUND) return true;
        }
        return false;
    }

    /** Different distances from each grid line or row of columns to the next, drawing units. */
    private static List<Double> bays(Look look) {
        List<Double> out = new ArrayList<>();
        if (look.directions().isEmpty()) return out;
        double turn = look.directions().getFirst().angle();
        double same = 2e-4 * look.bulk().diagonal();
        for (boolean plumb : new boolean[] {true, false}) {
            TreeSet<Double> at = new TreeSet<>(plumb ? look.columns().x() : look.columns().y());
            for (Bubbles.Tagged t : look.tagged()) {
                if (Angles.betweenLines(t.direction().angle() - turn, plumb ? Math.PI / 2 : 0) > Math.toRadians(0.5)) continue;
                Point p = t.at().turn(-turn);
                at.add(plumb ? p.x() : p.y());
            }
            double last = Double.NaN;
            for (double v : at) {
                double bay = v - last;
                if (bay > same && out.stream().noneMatch(b -> Math.abs(b - bay) < same)) out.add(bay);
                last = bay <= same ? last : v;
            }
        }
        return out;
    }
}
