package brightlintel.bench;

import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.DrawingReader;
import brightlintel.select.Outline;
import brightlintel.select.Picked;
import brightlintel.select.Selecting;
import brightlintel.snap.SnapKind;
import brightlintel.snap.SnapSettings;
import brightlintel.snap.Snapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.function.IntUnaryOperator;
import java.util.function.Supplier;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.index.strtree.STRtree;

/** What a pointer asks of a board with a million strokes: what lies in its ring, what lies in a box. */
final class BoardBench {
    private static final int ENTITIES = 275_000, PLACES = 4000, CROSSED = 24, WANTED = 100_000;
    /** Twelve pixels, at the scales of a whole plan, a storey, a room: metres. */
    private static final double[] RINGS = {0.6, 0.2, 0.05};

    private BoardBench() { }

    static void run() throws Exception {
        Path f = Files.createTempFile("million", ".dxf");
        try {
            LargeDxf.mixed(f, ENTITIES);
            var raw = DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
            PlacedDrawing d = Bench.placed(Flattening.of(raw, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE));
            System.out.printf(Locale.ROOT, "%,d strokes of %,d chords%n%n", d.strokes().size(), d.strokes().chords());
            System.out.println("| a snap at one of 4,000 places | median | 95 % | worst | found, at most |");
            System.out.println("| --- | --- | --- | --- | --- |");
            STRtree tree = tree(d);
            for (double ring : RINGS) snaps(d, tree, ring);
            System.out.println("\n| selection | median of 15 | worst | selected |\n| --- | --- | --- | --- |");
            selections(d);
        } finally {
            Files.deleteIfExists(f);
        }
    }

    private static void snaps(PlacedDrawing d, STRtree tree, double ring) {
        SnapSettings all = SnapSettings.USUAL;
        for (var k : SnapKind.values()) if (!all.on().contains(k)) all = all.toggled(k);
        Snapper snapper = new Snapper(new Snapper.Scene(List.of(d), List.of(), List.of(), List.of()), all);
        Point[] at = places(d, ring);
        Optional<Point> from = Optional.of(d.extent().main().centre());
        places("ours, all kinds with all crossings, ring of " + ring + " m", at.length,
            i -> snapper.near(at[i], ring, from).size());
        places("STRtree: nearest strokes and crossings of their chords", at.length, i -> theirs(d, tree, at[i], ring));
    }

    /** On strokes, where a pointer goes: half of them at ends, where most meet. */
    private static Point[] places(PlacedDrawing d, double ring) {
        Random r = new Random(17);
        Point[] out = new Point[PLACES];
        for (int i = 0; i < PLACES; i++) {
            var c = d.curve(r.nextInt(d.strokes().size()));
            out[i] = c.at(i % 2 == 0 ? 0 : r.nextDouble()).plus(new Point(r.nextGaussian(), r.nextGaussian()).times(ring / 4));
        }
        return out;
    }

    private static void places(String name, int n, IntUnaryOperator job) {
        long most = 0;
        double[] ms = new double[n];
        for (int round = 0; round < 2; round++)
            for (int i = 0; i < n; i++) {
                long t = System.nanoTime();
                most = Math.max(most, job.applyAsInt(i));
                ms[i] = (System.nanoTime() - t) / 1e6;
            }
        Arrays.sort(ms);
        System.out.printf(Locale.ROOT, "| %s | %.3f ms | %.3f ms | %.2f ms | %,d |%n", name, ms[n / 2], ms[n * 95 / 100], ms[n - 1], most);
    }

    private static STRtree tree(PlacedDrawing d) {
        STRtree t = new STRtree(16);
        Strokes s = d.strokes();
        for (int c = 0; c < s.chords(); c++) {
            Point a = d.chordStart(c), b = d.chordEnd(c);
            t.insert(new Envelope(a.x(), b.x(), a.y(), b.y()), c);
        }
        t.build();
        return t;
    }

    private record Near(LineSegment segment, double distance) { }

    @SuppressWarnings("unchecked")
    private static int theirs(PlacedDrawing d, STRtree tree, Point at, double ring) {
        Coordinate p = new Coordinate(at.x(), at.y());
        List<Near> near = new ArrayList<>();
        for (int c : (List<Integer>) tree.query(new Envelope(at.x() - ring, at.x() + ring, at.y() - ring, at.y() + ring))) {
            Point a = d.chordStart(c), b = d.chordEnd(c);
            LineSegment s = new LineSegment(a.x(), a.y(), b.x(), b.y());
            double far = s.distance(p);
            if (far <= ring) near.add(new Near(s, far));
        }
        near.sort(Comparator.comparingDouble(Near::distance));
        int crossings = 0;
        RobustLineIntersector x = new RobustLineIntersector();
        for (int i = 0; i < Math.min(CROSSED, near.size()); i++)
            for (int k = 0; k < i; k++) {
                x.computeIntersection(near.get(i).segment.p0, near.get(i).segment.p1, near.get(k).segment.p0, near.get(k).segment.p1);
                if (x.hasIntersection() && x.getIntersection(0).distance(p) <= ring) crossings++;
            }
        return near.size() + crossings;
    }

    private static void selections(PlacedDrawing d) {
        Box all = d.extent().main();
        Point mid = all.centre();
        double share = Math.sqrt((double) WANTED / d.strokes().size());
        Box box = Box.of(mid.minus(new Point(all.width(), all.height()).times(share / 2)),
            mid.plus(new Point(all.width(), all.height()).times(share / 2)));
        List<Point> star = new ArrayList<>();
        for (int i = 0; i < 24; i++)
            star.add(mid.plus(Point.polar(i * Math.PI / 12, (i % 2 == 0 ? 0.75 : 0.52) * share * Math.min(all.width(), all.height()))));
        select("by a box, what it touches", () -> Selecting.in(d, Outline.of(box), false));
        select("by a box, what lies wholly in it", () -> Selecting.in(d, Outline.of(box), true));
        select("by an outline of 24 corners, what it touches", () -> Selecting.in(d, Outline.of(star), false));
        select("by an outline of 24 corners, what lies wholly in it", () -> Selecting.in(d, Outline.of(star), true));
        select("everything like one line", () -> Selecting.like(d, 0));
        select("all", () -> Selecting.all(d));
    }

    private static void select(String name, Supplier<Picked> job) {
        double[] ms = new double[15];
        int n = 0;
        for (int i = -4; i < ms.length; i++) {
            long t = System.nanoTime();
            n = job.get().count();
            if (i >= 0) ms[i] = (System.nanoTime() - t) / 1e6;
        }
        Arrays.sort(ms);
        System.out.printf(Locale.ROOT, "| %s | %.1f ms | %.1f ms | %,d |%n", name, ms[ms.length / 2], ms[ms.length - 1], n);
    }
}
