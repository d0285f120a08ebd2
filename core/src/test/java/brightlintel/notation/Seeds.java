package brightlintel.notation;

import java.util.Arrays;
import java.util.function.LongConsumer;
import java.util.stream.LongStream;

/** Seeds of laws. The usual ones, or the one that {@code -Dseed=...} gives from outside; one that fails is named. */
public final class Seeds {
    private Seeds() { }

    /** 1, 2, ... n, or the one given from outside. */
    public static long[] upTo(int n) {
        String given = System.getProperty("seed", "");
        return given.isBlank() ? LongStream.rangeClosed(1, n).toArray() : new long[] {Long.parseLong(given)};
    }

    /** Runs a law for each seed. */
    public static void each(int n, LongConsumer law) {
        for (long seed : upTo(n)) {
            try {
                law.accept(seed);
            } catch (AssertionError | RuntimeException e) {
                throw new AssertionError("with -Dseed=" + seed + " of " + Arrays.toString(upTo(n)) + ": " + e.getMessage(), e);
            }
        }
    }
}
