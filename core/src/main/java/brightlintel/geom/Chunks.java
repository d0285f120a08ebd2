package brightlintel.geom;

import java.util.stream.IntStream;

/** Runs a loop over a long table on all cores, a run of rows at a time. Runs must not touch each other's rows. */
public final class Chunks {
    private static final int ROWS = 1 << 14;

    private Chunks() { }

    public interface Run {
        void rows(int from, int to);
    }

    public static void of(int n, Run run) {
        int chunks = (n + ROWS - 1) / ROWS;
        if (chunks < 2) run.rows(0, n);
        else IntStream.range(0, chunks).parallel().forEach(c -> run.rows(c * ROWS, Math.min(n, (c + 1) * ROWS)));
    }
}
