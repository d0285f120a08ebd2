package brightlintel.bench;

import brightlintel.demo.HeronQuayDrawings;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.SpaceKey;
import brightlintel.flatten.Flattening;
import brightlintel.read.DrawingReader;
import brightlintel.read.ReadLimits;
import brightlintel.read.Refused;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;

/** Thousands of spoiled files: counts how they end. Run it with bench/run damage [N]. */
public final class DamageCampaign {
    private DamageCampaign() { }

    public static void main(String[] args) throws Exception {
        int n = args.length > 0 ? Integer.parseInt(args[0]) : 4000;
        List<byte[]> samples = List.of(HeronQuayDrawings.ground().getBytes(StandardCharsets.UTF_8), HeronQuayDrawings.upper().getBytes(StandardCharsets.UTF_8));
        Map<String, Integer> ends = new TreeMap<>();
        double slowest = 0;
        Path f = Files.createTempFile("damage", ".dxf");
        Random r = new Random(11);
        for (int i = 0; i < n; i++) {
            Files.write(f, brightlintel.demo.Spoil.of(samples.get(i % samples.size()), r));
            long t = System.nanoTime();
            String end;
            try {
                RawDrawing d = DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
                Flattening.of(d, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
                end = d.report().entries().isEmpty() ? "read, nothing to report" : "read, with a report";
            } catch (Refused e) {
                end = "refused: " + e.why();
            } catch (Throwable e) {
                end = "CRASHED: " + e;
            }
            ends.merge(end, 1, Integer::sum);
            slowest = Math.max(slowest, (System.nanoTime() - t) / 1e9);
        }
        Files.delete(f);
        ends.forEach((k, v) -> System.out.println(v + "\t" + k));
        System.out.printf("slowest %.2f s of %d files%n", slowest, n);
    }
}
