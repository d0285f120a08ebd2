package brightlintel.correct.size;

import brightlintel.geom.Point;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * What one source says of the metres that a drawing unit is.
 *
 * @param at       the factor that it would choose, metres per unit; NaN where it only weighs those of others
 * @param count    of the things it rests on, those that speak for it
 * @param of       all that were asked
 * @param value    of one of them in drawing units, for words: a median radius, a spacing; NaN where that has no sense
 * @param places   where they are, shifted file units
 * @param support  log-likelihood of a factor, 0 at best, bounded below
 */
public record Opinion(SizeKind kind, double at, int count, int of, double value, List<Point> places, DoubleUnaryOperator support) {
    private static final int MOST_PLACES = 400;

    public Opinion {
        places = List.copyOf(places.subList(0, Math.min(MOST_PLACES, places.size())));
    }

    /**
     * Of a length that has a usual size: normal in the logarithm, mixed with a share that is anything else.
     *
     * @param drawn  file units
     * @param usual  metres
     * @param spread of the logarithm
     * @param other  share of cases in which the length is no such thing
     * @param weight of the whole opinion
     */
    static DoubleUnaryOperator usual(double drawn, double usual, double spread, double other, double weight) {
        double mid = Math.log(usual / drawn);
        return f -> {
            double z = (Math.log(f) - mid) / spread;
            return weight * Math.log((Math.exp(-z * z / 2) + other) / (1 + other));
        };
    }

    /** Whether it speaks for a factor rather than against it. */
    public boolean agrees(double factor) {
        return support.applyAsDouble(factor) > -1;
    }

    /** Whether it has nothing to tell of a factor: metric or not where that is right, bays that are round by any factor. */
    public boolean isSilent(double factor) {
        return kind == SizeKind.SYSTEM && agrees(factor) || kind == SizeKind.ROUND && support.applyAsDouble(factor) == Rounds.NOTHING;
    }
}
