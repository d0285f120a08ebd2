package brightlintel.bench;

import brightlintel.demo.DemoDrawings;
import brightlintel.demo.HeronQuayDrawings;
import brightlintel.demo.Spoil;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.flatten.Flattening;
import brightlintel.read.DrawingReader;
import brightlintel.read.Refused;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * Thousands of spoiled files: counts how they end. Run it with bench/run damage [N] [FOLDER...]; the files of the demo, or all
 * drawings, pages and pictures in the folders, are spoiled in turn. A file that takes longer than ten seconds counts as hanging.
 */
public final class DamageCampaign {
    private static final double HANGS = 10;

    private DamageCampaign() { }

    public static void main(String[] args) throws Exception {
        int n = args.length > 0 ? Integer.parseInt(args[0]) : 4000;
        List<byte[]> samples = new ArrayList<>(List.of(DemoDrawings.bytes(DemoDrawings.GROUND),
            HeronQuayDrawings.upper().getBytes(StandardCharsets.UTF_8),
            DemoDrawings.bytes(DemoDrawings.ANNEXE), DemoDrawings.bytes(DemoDrawings.OLD_SURVEY)));
        // a folder alone: its files and no others
        if (args.length > 1) samples.clear();
        for (int i = 1; i < args.length; i++) samples.addAll(drawingsIn(Path.of(args[i])));
        Map<String, Integer> ends = new TreeMap<>();
        double slowest = 0;
        Path f = Files.createTempFile("damage", ".dxf");
        Random r = new Random(11);
        for (int i = 0; i < n; i++) {
            Files.write(f, Spoil.of(samples.get(i % samples.size()), r));
            long t = System.nanoTime();
            String end = end(f);
            double took = (System.nanoTime() - t) / 1e9;
            if (end.startsWith("CRASHED") || took > HANGS)
                Files.copy(f, Path.of(System.getProperty("java.io.tmpdir"), "damaged-" + i), StandardCopyOption.REPLACE_EXISTING);
            ends.merge(took > HANGS ? "HANGS" : end, 1, Integer::sum);
            slowest = Math.max(slowest, took);
        }
        Files.delete(f);
        ends.forEach((k, v) -> System.out.println(v + "\t" + k));
        System.out.printf("%d samples; slowest %.2f s of %d files; heap at most %d MB%n", samples.size(), slowest, n,
            Runtime.getRuntime().maxMemory() >> 20);
    }

    private static List<byte[]> drawingsIn(Path folder) throws IOException {
        List<byte[]> out = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path f : files.filter(x -> x.toString().matches(".*[.](dxf|dwg|pdf|png|jpg|tiff?)")).sorted().toList())
                out.add(Files.readAllBytes(f));
        }
        return out;
    }

    private static String end(Path f) {
        try {
            RawDrawing d = DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
            Flattening.of(d, d.format().isPaged() ? d.spaces().getFirst().key() : new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
            return d.report().entries().isEmpty() ? "read, nothing to report" : "read, with a report";
        } catch (Refused e) {
            return "refused: " + e.why();
        } catch (Throwable e) {
            StackTraceElement at = e.getStackTrace().length > 0 ? e.getStackTrace()[0] : null;
            return "CRASHED: " + e + " at " + at;
        }
    }
}
