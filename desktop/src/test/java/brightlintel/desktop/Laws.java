package brightlintel.desktop;

import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.LongStream;

/** Laws over random doings; {@code -Dseed=...} gives the seed from outside, and one that fails is named. */
public final class Laws {
    private Laws() { }

    public static void each(int n, Consumer<Random> law) {
        Long given = Long.getLong("seed");
        for (long seed : given == null ? LongStream.rangeClosed(1, n).toArray() : new long[] {given}) {
            try {
                law.accept(new Random(seed));
            } catch (AssertionError | RuntimeException e) {
                throw new AssertionError("with -Dseed=" + seed + ": " + e.getMessage(), e);
            }
        }
    }
}
