package brightlintel.correct.look;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The main directions of a plan, modulo a quarter turn: peaks of a histogram of its straight strokes, weighted by length, each refined on
 * the strokes themselves. No stroke counts more than a long wall does, so that a few lines of a sheet's frame, set square to the page,
 * do not outweigh a plan that is turned on it.
 */
public final class Directions {
    private static final double QUARTER = Math.PI / 2;
    /** A tenth of a degree: finer than a plan is turned by accident, and wide enough to gather strokes drawn with rounded ends. */
    private static final int BINS = 900, SMOOTH = 3;
    private static final double[] NARROWING = {Math.toRadians(0.35), Math.toRadians(0.12), Math.toRadians(0.05)};
    /** Share of all lengths, and radians from those found, for a direction to be named: a wing, not a flight of steps. */
    private static final double SHARE = 0.06, APART = Math.toRadians(2);
    /** Of all lengths, from the shortest: no stroke counts for more. */
    private static final double LONG = 0.9;

    private Directions() { }

    /** @param angle radians, -45..45 degrees; share: of the lengths of all strokes within half a degree of it */
    public record Direction(double angle, double share) { }

    /** The strongest first; none where nothing is straight. */
    public static List<Direction> of(Segments s) {
        List<Direction> out = new ArrayList<>();
        if (s.size() == 0) return out;
        double[] length = new double[s.size()], sorted, angle = new double[s.size()], weight = new double[s.size()];
        for (int i = 0; i < s.size(); i++) length[i] = s.length(i);
        sorted = length.clone();
        Arrays.sort(sorted);
        double most = sorted[(int) (LONG * (sorted.length - 1))], all = 0;
        double[] bins = new double[BINS];
        for (int i = 0; i < s.size(); i++) {
            angle[i] = s.angle(i) % QUARTER;
            weight[i] = Math.min(length[i], most);
            all += weight[i];
            bins[(int) (angle[i] / QUARTER * BINS) % BINS] += weight[i];
        }
        if (!(all > 0)) return out;
        double[] smooth = smooth(bins);
        while (out.size() < 4) {
            int best = 0;
            for (int b = 1; b < BINS; b++) if (smooth[b] > smooth[best]) best = b;
            if (smooth[best] <= 0) break;
            double a = refined((best + 0.5) / BINS * QUARTER, angle, weight, length);
            double share = share(a, angle, weight) / all;
            if (!out.isEmpty() && share < SHARE) break;
            out.add(new Direction(a > QUARTER / 2 ? a - QUARTER : a, share));
            blank(smooth, a);
        }
        return out;
    }

    private static double[] smooth(double[] bins) {
        double[] out = new double[BINS];
        for (int b = 0; b < BINS; b++)
            for (int k = -SMOOTH; k <= SMOOTH; k++) out[b] += bins[(b + k + BINS) % BINS] * (SMOOTH + 1 - Math.abs(k));
        return out;
    }

    private static void blank(double[] smooth, double about) {
        for (int b = 0; b < BINS; b++) if (Math.abs(off((b + 0.5) / BINS * QUARTER, about)) < APART) smooth[b] = 0;
    }

    /** Signed, -45..45 degrees. */
    private static double off(double a, double from) {
        double d = (a - from) % QUARTER;
        if (d > QUARTER / 2) d -= QUARTER;
        if (d < -QUARTER / 2) d += QUARTER;
        return d;
    }

    /** The mean of what lies about it, in narrowing rings: a long stroke says more exactly how it lies than a short one, by its square. */
    private static double refined(double a, double[] angle, double[] weight, double[] length) {
        for (double ring : NARROWING) {
            double sum = 0, of = 0;
            for (int i = 0; i < angle.length; i++) {
                double d = off(angle[i], a);
                if (Math.abs(d) > ring) continue;
                sum += d * weight[i] * length[i];
                of += weight[i] * length[i];
            }
            if (of > 0) a += sum / of;
        }
        double in = a % QUARTER;
        return in < 0 ? in + QUARTER : in;
    }

    private static double share(double a, double[] angle, double[] weight) {
        double sum = 0;
        for (int i = 0; i < angle.length; i++) if (Math.abs(off(angle[i], a)) < Math.toRadians(0.5)) sum += weight[i];
        return sum;
    }
}
