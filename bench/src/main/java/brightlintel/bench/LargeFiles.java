package brightlintel.bench;

import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.read.DrawingReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/**
 * Whether reading stays linear and lean: drawings of up to 500 MB, each read in a process of its own whose heap is two and a half times the
 * file and no more. Run it with bench/run large.
 */
public final class LargeFiles {
    private static final double HEAP = 2.5;

    private LargeFiles() { }

    public static void main(String[] args) throws Exception {
        if (args.length > 1) {
            once(Path.of(args[1]));
            return;
        }
        for (int entities : new int[] {225_000, 450_000, 900_000, 2_920_000}) {
            Path f = Files.createTempFile("large", ".dxf");
            try {
                LargeDxf.plain(f, entities);
                long mb = Files.size(f) / 1_000_000;
                System.out.printf("| read %,d plain entities, cold, in a heap of %d MB | ", entities, Math.round(HEAP * mb));
                System.out.flush();
                List<String> command = List.of(ProcessHandle.current().info().command().orElseThrow(), "-Xmx" + Math.round(HEAP * mb) + "m",
                    "-XX:+UseSerialGC",
                    "-p", System.getProperty("jdk.module.path"), "-m", "brightlintel.bench/brightlintel.bench.LargeFiles", "large",
                    f.toString());
                new ProcessBuilder(command).inheritIO().start().waitFor();
            } finally {
                Files.delete(f);
            }
        }
    }

    private static void once(Path f) throws IOException {
        long t = System.nanoTime();
        int n = DrawingReader.look(f, ReadLimits.DEFAULT, Progress.NONE).spaces().getFirst().entities().size();
        double s = (System.nanoTime() - t) / 1e9;
        System.out.printf(Locale.ROOT, "%.2f s | %.1f s per million | %d MB, %,d entities |%n", s, s / n * 1e6, Files.size(f) / 1_000_000,
            n);
    }
}
