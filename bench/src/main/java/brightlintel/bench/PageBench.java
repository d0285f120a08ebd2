package brightlintel.bench;

import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.read.DrawingReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/** A heavy page against the library alone, in turn in one run. */
final class PageBench {
    private static final int PATHS = 200_000, ROUNDS = 11, WARM = 4;

    private PageBench() { }

    static void run() throws Exception {
        Path f = Files.createTempFile("heavy", ".pdf");
        try {
            LargePdf.mixed(f, PATHS);
            double[] bare = new double[ROUNDS], ours = new double[ROUNDS];
            for (int i = -WARM; i < ROUNDS; i++) {
                double b = timed(() -> bare(f)), o = timed(() -> ours(f));
                if (i < 0) continue;
                bare[i] = b;
                ours[i] = o;
            }
            Arrays.sort(bare);
            Arrays.sort(ours);
            System.out.printf(Locale.ROOT, "| a page of %,d paths, the library alone | %.1f ms | %.1f ms | yardstick |%n", PATHS,
                bare[ROUNDS / 2], bare[0]);
            System.out.printf(Locale.ROOT, "| the same page read into a drawing | %.1f ms | %.1f ms | %.2f times the yardstick |%n",
                ours[ROUNDS / 2], ours[0],
                ours[ROUNDS / 2] / bare[ROUNDS / 2]);
            long before = used();
            RawDrawing d = ours(f);
            long after = used();
            System.out.printf(Locale.ROOT, "| memory of the drawing value | %d MB | | %,d shapes |%n", after - before >> 20,
                d.spaces().getFirst().entities().size());
        } finally {
            Files.delete(f);
        }
    }

    private interface Job {
        Object run() throws IOException;
    }

    private static double timed(Job j) throws IOException {
        long t = System.nanoTime();
        Bench.sink = j.run();
        return (System.nanoTime() - t) / 1e6;
    }

    private static Object bare(Path f) throws IOException {
        try (PDDocument d = Loader.loadPDF(f.toFile())) {
            BareWalk w = new BareWalk(d.getPage(0));
            w.run();
            return w.painted;
        }
    }

    private static RawDrawing ours(Path f) throws IOException {
        return DrawingReader.look(f, ReadLimits.DEFAULT, Progress.NONE);
    }

    private static long used() {
        for (int i = 0; i < 3; i++) System.gc();
        return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
    }
}
