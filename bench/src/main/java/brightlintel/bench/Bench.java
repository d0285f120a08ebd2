package brightlintel.bench;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.ElementId;
import brightlintel.building.FileId;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.building.Wall;
import brightlintel.demo.HeronQuay;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.edit.Tracing;
import brightlintel.find.Finder;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.SegmentIndex;
import brightlintel.geom.Tolerances;
import brightlintel.geom.Vec3;
import brightlintel.joint.Footprints;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import brightlintel.paint.Raster;
import brightlintel.paint.StrokePainter;
import brightlintel.place.Extent;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.DrawingReader;
import brightlintel.snap.SnapSettings;
import brightlintel.snap.Snapper;
import brightlintel.solid.Body;
import brightlintel.solid.Solids;
import brightlintel.view3d.Camera;
import brightlintel.view3d.Painter3d;
import brightlintel.write.dwg.DwgWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;

/** Measures the hot paths and prints a table. Run it with bench/run. */
public final class Bench {
    private static final int ROUNDS = 9, WARM = 40;
    static volatile Object sink;

    private Bench() { }

    public static void main(String[] args) throws Exception {
        Runtime rt = Runtime.getRuntime();
        System.out.println("machine: " + rt.availableProcessors() + " cores, JDK " + System.getProperty("java.version") + ", heap at most "
            + rt.maxMemory() / (1 << 20) + " MB");
        System.out.println("| what | median | best | note |\n| --- | --- | --- | --- |");
        if (args.length > 0 && args[0].equals("space")) {
            space();
            return;
        }
        if (args.length > 1 && args[0].equals("files")) {
            files(Path.of(args[1]));
            return;
        }
        if (args.length > 0 && args[0].equals("true")) {
            TrueBench.run();
            return;
        }
        if (args.length > 0 && args[0].equals("glance")) {
            GlanceBench.run();
            return;
        }
        if (args.length > 0 && args[0].equals("board")) {
            BoardBench.run();
            return;
        }
        if (args.length > 0 && args[0].equals("model")) {
            ModelBench.run();
            return;
        }
        if (args.length > 0 && args[0].equals("recognise")) {
            RecogniseBench.run();
            return;
        }
        if (args.length > 0 && args[0].equals("pages")) {
            PageBench.run();
            return;
        }
        if (args.length > 0 && args[0].equals("large")) {
            LargeFiles.main(args);
            return;
        }
        Path folder = Files.createTempDirectory("bench-");
        try {
            Strokes s = drawing(folder, "200,000 mixed entities, 150 layers, nested blocks", 200_000, true);
            painting(s);
            snapping(s);
            drawing(folder, "450,000 plain entities", 450_000, false);
            packed(folder);
            index();
            joints();
            space();
            PageBench.run();
        } finally {
            for (String f : List.of("mixed.dxf", "plain.dxf", "plain.dwg")) Files.deleteIfExists(folder.resolve(f));
            Files.deleteIfExists(folder);
        }
    }

    static void row(String what, String note, Callable<?> job) throws Exception {
        double[] ms = new double[ROUNDS];
        for (int i = -5; i < ROUNDS; i++) {
            long t = System.nanoTime();
            sink = job.call();
            if (i >= 0) ms[i] = (System.nanoTime() - t) / 1e6;
        }
        Arrays.sort(ms);
        System.out.printf(Locale.ROOT, "| %s | %.1f ms | %.1f ms | %s |%n", what, ms[ROUNDS / 2], ms[0], note);
    }

    private static Strokes drawing(Path folder, String name, int n, boolean mixed) throws Exception {
        Path f = folder.resolve(mixed ? "mixed.dxf" : "plain.dxf");
        if (mixed) LargeDxf.mixed(f, n);
        else LargeDxf.plain(f, n);
        String size = Files.size(f) / 1_000_000 + " MB";
        row("read " + name, size, () -> read(f));
        long before = used();
        RawDrawing d = read(f);
        long after = used();
        row("flatten and index it", "", () -> Flattening.of(d, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE));
        Strokes s = Flattening.of(d, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
        System.out.printf("| memory of the drawing value | %d MB | | file %s; %d strokes, %d chords |%n", (after - before) >> 20, size,
            s.size(), s.chords());
        return s;
    }

    /** Every drawing of a folder, read warm. */
    private static void files(Path folder) throws Exception {
        try (Stream<Path> all = Files.list(folder)) {
            for (Path f : all.filter(x -> x.toString().matches(".*[.](dxf|dwg)")).sorted().toList()) {
                for (int i = 0; i < WARM; i++) sink = read(f);
                RawDrawing d = read(f);
                int n = d.spaces().stream().mapToInt(s -> s.entities().size()).sum() + d.blocks().values().stream()
                    .mapToInt(b -> b.entities().size()).sum();
                row("read " + f.getFileName(), n + " entities, " + Files.size(f) / 1000 + " KB", () -> read(f));
            }
        }
    }

    /** The plain drawing once more, bit-packed. */
    private static void packed(Path folder) throws Exception {
        Path f = folder.resolve("plain.dwg");
        RawDrawing d = read(folder.resolve("plain.dxf"));
        try (OutputStream out = Files.newOutputStream(f)) {
            DwgWriter.write(d, out);
        }
        String size = Files.size(f) / 1_000_000 + " MB";
        row("read the same 450,000 as DWG of R2000", size, () -> read(f));
        row("write it", size, () -> {
            DwgWriter.write(d, OutputStream.nullOutputStream());
            return d;
        });
    }

    private static RawDrawing read(Path f) throws IOException {
        return DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
    }

    private static long used() {
        for (int i = 0; i < 3; i++) System.gc();
        Runtime rt = Runtime.getRuntime();
        return rt.totalMemory() - rt.freeMemory();
    }

    static PlacedDrawing placed(Strokes s) {
        Underlay u = new Underlay(new UnderlayId("u"), new FileId("f"), "0", new SpaceKey.Model(), Optional.empty(),
            Placement.assumed(0.001, s.origin()),
            Clearing.NONE, Appearance.faded(0.3), false);
        return new PlacedDrawing(u, s, new Finder("0", new SpaceKey.Model(), s));
    }

    private static void painting(Strokes s) throws Exception {
        PlacedDrawing d = placed(s);
        row("where is the plan, without strays", "", () -> Extent.of(s, d.cleared(), d.toBuilding()));
        Raster r = new Raster(1047, 1080);
        StrokePainter.Look look = new StrokePainter.Look(Palette.LIGHT, true, 0.3);
        PlanView all = PlanView.fit(d.extent().main(), r.width, r.height, 40);
        row("paint all of it", "1047x1080 with margin", () -> StrokePainter.paint(d, all, look, r, () -> false));
        PlanView near = all.zoomed(8, 500, 500);
        row("paint an eighth of it", "", () -> StrokePainter.paint(d, near, look, r, () -> false));
    }

    private static void snapping(Strokes s) throws Exception {
        PlacedDrawing d = placed(s);
        Snapper snapper = new Snapper(new Snapper.Scene(List.of(d), List.of(), List.of(), List.of()), SnapSettings.USUAL);
        Box b = d.extent().main();
        Random r = new Random(4);
        row("snap a hundred times", "ring of 12 px at 20 px a metre", () -> {
            int found = 0;
            for (int i = 0; i < 100; i++)
                found += snapper.near(new Point(b.minX() + r.nextDouble() * b.width(), b.minY() + r.nextDouble() * b.height()), 0.6,
                    Optional.of(b.centre())).size();
            return found;
        });
    }

    private static void index() throws Exception {
        int n = 1_000_000;
        double[] xy = new double[4 * n];
        Random r = new Random(9);
        for (int i = 0; i < n; i++) {
            xy[4 * i] = r.nextDouble() * 1000;
            xy[4 * i + 1] = r.nextDouble() * 1000;
            xy[4 * i + 2] = xy[4 * i] + r.nextGaussian();
            xy[4 * i + 3] = xy[4 * i + 1] + r.nextGaussian();
        }
        row("index of a million segments, ours: build", "", () -> SegmentIndex.of(xy));
        row("index of a million segments, STRtree: build", "yardstick", () -> tree(xy));
        SegmentIndex ours = SegmentIndex.of(xy);
        STRtree theirs = tree(xy);
        row("10,000 queries of 1 x 1, ours", "", () -> {
            Random q = new Random(3);
            int[] found = new int[1];
            for (int i = 0; i < 10_000; i++)
                ours.query(Box.around(new Point(q.nextDouble() * 1000, q.nextDouble() * 1000), 0.5), _ -> found[0]++);
            return found[0];
        });
        row("10,000 queries of 1 x 1, STRtree", "yardstick", () -> {
            Random q = new Random(3);
            int found = 0;
            for (int i = 0; i < 10_000; i++) {
                double x = q.nextDouble() * 1000, y = q.nextDouble() * 1000;
                found += theirs.query(new Envelope(x - 0.5, x + 0.5, y - 0.5, y + 0.5)).size();
            }
            return found;
        });
    }

    private static STRtree tree(double[] xy) {
        STRtree t = new STRtree();
        for (int i = 0; i < xy.length / 4; i++) t.insert(new Envelope(xy[4 * i], xy[4 * i + 2], xy[4 * i + 1], xy[4 * i + 3]), i);
        t.build();
        return t;
    }

    private static void joints() throws Exception {
        List<Wall> walls = new ArrayList<>();
        for (int i = 0; i < 25; i++)
            for (Wall w : HeronQuay.ground().walls())
                walls.add(w.withId(ElementId.fresh()).with(w.reference().mapped(Affine.move(i % 5 * 40, i / 5 * 30))));
        row("solve the joints of " + walls.size() + " walls", "", () -> Footprints.of(walls, Tolerances.BUILDING));
    }

    /** A made-up block of houses of about 20,000 triangles. */
    private static void space() throws Exception {
        List<Body> bodies = new ArrayList<>();
        var p = HeronQuay.ground();
        var project = Project.empty("P", "G");
        var g = project.storeys().getFirst().id();
        project = Tracing.addWalls(g, p.walls()).apply(project);
        for (var o : p.openings()) project = Tracing.addOpening(g, o).apply(project);
        List<Body> one = Solids.of(project, g, Tolerances.BUILDING);
        int triangles = 0;
        for (int i = 0; triangles < 20_000; i++)
            for (Body b : one) {
                bodies.add(moved(b, i % 5 * 40, i / 5 * 30));
                triangles += b.triangles().length / 9;
            }
        Raster r = new Raster(900, 650);
        Painter3d painter = new Painter3d();
        Camera c = Camera.fit(Camera.usual(Vec3.ZERO, 10), Painter3d.corners(bodies), 900, 650);
        Camera[] turning = {c};
        int lines = bodies.stream().mapToInt(b -> b.edges().length / 6).sum();
        row("a picture in space of " + triangles + " triangles, " + lines + " edges", "900x650, turning; 16.7 ms is 60 a second", () -> {
            turning[0] = turning[0].orbited(3, 0);
            painter.paint(bodies, turning[0], new Painter3d.Look(Palette.LIGHT, Set.of()), r);
            return r;
        });
    }

    private static Body moved(Body b, double dx, double dy) {
        float[] t = b.triangles().clone(), e = b.edges().clone();
        for (float[] a : List.of(t, e))
            for (int i = 0; i < a.length; i += 3) {
                a[i] += (float) dx;
                a[i + 1] += (float) dy;
            }
        return new Body(b.id(), b.storey(), b.matter(), t, e);
    }
}
