package brightlintel.bench;

import brightlintel.building.Mend;
import brightlintel.building.Repair;
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
import brightlintel.repair.Mending;
import brightlintel.role.RoleFinding;
import brightlintel.sheet.SheetParts;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;

/** How long size, turn and datum take, to lay one storey on another, roles, parts and repair, as drawings grow. */
final class TrueBench {
    private static final int[] ENTITIES = {6_250, 12_500, 25_000, 50_000, 100_000};
    private static final int ROUNDS = 7;

    private TrueBench() { }

    static void run() throws Exception {
        System.out.println("| strokes | size, turn, datum, strays: median | worst | laid on itself: median "
            + "| roles | parts of a sheet | repair |\n"
            + "| --- | --- | --- | --- | --- | --- | --- |");
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

    private interface Step {
        Object run();
    }

    /** Milliseconds: median, and worst. */
    private static double[] timed(Step step) {
        double[] ms = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            long t = System.nanoTime();
            Bench.sink = step.run();
            ms[i] = (System.nanoTime() - t) / 1e6;
        }
        Arrays.sort(ms);
        return new double[] {ms[ROUNDS / 2], ms[ROUNDS - 1]};
    }

    private static void row(Drawn d) {
        double[] alone = timed(() -> Reckoning.of(d));
        Reckoning r = Reckoning.of(d);
        Repair.Mended all = new Repair.Mended(EnumSet.allOf(Mend.class), 0.01);
        double laid = timed(() -> Laying.of(List.of(r, r)))[0], roles = timed(() -> RoleFinding.of(r))[0], parts = timed(() ->
            SheetParts.of(r))[0],
            repair = timed(() -> Mending.of(d.strokes(), all, r.size().metresPerUnit(), Progress.NONE))[0];
        System.out.printf(Locale.ROOT, "| %,d | %.0f ms | %.0f ms | %.0f ms | %.0f ms | %.0f ms | %.0f ms |%n", d.strokes().size(),
            alone[0],
            alone[1], laid, roles, parts, repair);
    }
}
