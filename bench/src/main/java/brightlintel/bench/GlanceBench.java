package brightlintel.bench;

import brightlintel.drawing.Progress;
import brightlintel.receive.DrawingShelf;
import brightlintel.receive.FirstSight;
import brightlintel.receive.PageGlance;
import brightlintel.store.Originals;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;

/** How long a drawing takes from opening it to its first picture, in one process: the first is cold. Run it with bench/run glance. */
final class GlanceBench {
    private static final int ROUNDS = 5, SIDE = 900;

    private GlanceBench() { }

    static void run() throws Exception {
        for (int entities : new int[] {20_000, 100_000, 225_000, 450_000}) {
            Path f = Files.createTempFile("glance", ".dxf");
            LargeDxf.plain(f, entities);
            double[] ms = new double[ROUNDS];
            double first = 0;
            long begin = System.nanoTime();
            boolean sight = FirstSight.of(f, SIDE).isPresent();
            if (sight) System.out.printf(Locale.ROOT, "| first sight of %,d entities | %.0f ms | | |%n", entities,
                (System.nanoTime() - begin) / 1e6);
            for (int i = 0; i < ROUNDS; i++) {
                DrawingShelf shelf = new DrawingShelf(Originals.temporary());
                long t = System.nanoTime();
                DrawingShelf.Shelved s = shelf.take(f, Progress.NONE);
                double read = (System.nanoTime() - t) / 1e6;
                Bench.sink = PageGlance.of(s, 1, SIDE);
                ms[i] = (System.nanoTime() - t) / 1e6;
                if (i == 0) first = ms[0];
                if (i == ROUNDS - 1) System.out.printf(Locale.ROOT, "| (of the last: taken and read %.0f ms) | %.0f ms | | |%n", read,
                    ms[i]);
            }
            Arrays.sort(ms);
            System.out.printf(Locale.ROOT, "| first picture of %,d entities, %d MB | %.0f ms | %.0f ms | first of all %.0f ms |%n",
                entities, Files.size(f) / 1_000_000, ms[ROUNDS / 2], ms[0], first);
            Files.delete(f);
        }
    }
}
