package brightlintel.bench;

import brightlintel.correct.Laying;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.read.DrawingReader;
import brightlintel.role.RoleFinding;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** How long size, turn and datum take, and to lay one storey on another, as drawings grow. */
final class TrueBench {
    private static final int[] ENTITIES = {6_250, 12_500, 25_000, 50_000, 100_000};
    private static final int ROUNDS = 7;

    private TrueBench() { }

    static void run() throws Exception {
        System.out.println("| strokes | size, turn, datum, strays: median | worst | laid on itself: median | roles: median |\n"
            + "| --- | --- | --- | --- | --- |");
        for (int n : ENTITIES) {
            Path f = Files.createTempFile("true", ".dxf");
            try {
                LargeDxf.mixed(f, n);
                RawDrawing d = DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
                Strokes s = Flattening.of(d, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
                row(Drawn.asReceived(d, new SpaceKey.Model(), s));
            } finally {
                Files.deleteIfExists(f);
            }
        }
    }

    private static void row(Drawn d) {
        double[] alone = new double[ROUNDS], laid = new double[ROUNDS], roles = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            long t = System.nanoTime();
            Reckoning r = Reckoning.of(d);
            long half = System.nanoTime();
            Bench.sink = Laying.of(List.of(r, r));
            alone[i] = (half - t) / 1e6;
            long then = System.nanoTime();
            Bench.sink = RoleFinding.of(r);
            laid[i] = (then - half) / 1e6;
            roles[i] = (System.nanoTime() - then) / 1e6;
        }
        Arrays.sort(alone);
        Arrays.sort(laid);
        Arrays.sort(roles);
        System.out.printf(Locale.ROOT, "| %,d | %.0f ms | %.0f ms | %.0f ms | %.0f ms |%n", d.strokes().size(), alone[ROUNDS / 2],
            alone[ROUNDS - 1],
            laid[ROUNDS / 2], roles[ROUNDS / 2]);
    }
}
