package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Provenance;
import brightlintel.building.Wall;
import brightlintel.demo.DemoDrawings;
import brightlintel.demo.HeronQuay;
import brightlintel.drawing.Progress;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.Seeds;
import brightlintel.notation.Sketch;
import brightlintel.place.PlacedDrawing;
import brightlintel.read.Wanted;
import brightlintel.receive.Cleaned;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;

/** Walls from faces, and the demo's ground floor from its file alone. */
class RecognisedTest {
    @TempDir Path folder;

    private static PlacedDrawing placed(Sketch s) {
        return Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
    }

    /** All strokes may be faces. */
    private static List<Wall> walls(Sketch s) {
        return new WallFinding(placed(s), new StrokeRoles.FaceRoles(_ -> true, _ -> false, _ -> false, _ -> true, _ -> false)).walls();
    }

    private static Sketch box(Sketch s, double x0, double y0, double x1, double y1) {
        return s.line(x0, y0, x1, y0).line(x1, y0, x1, y1).line(x1, y1, x0, y1).line(x0, y1, x0, y0);
    }

    @Test void twoOutlinesAreFourWallsThatMeet() {
        List<Wall> w = walls(box(box(new Sketch(), 0, 0, 8000, 6000), 300, 300, 7700, 5700));
        assertThat(w).hasSize(4).allMatch(x -> Math.abs(x.thickness().value() - 0.3) < 1e-6);
        double length = w.stream().mapToDouble(Wall::length).sum();
        assertThat(length).as("from middle to middle").isCloseTo(2 * (7.7 + 5.7), within(1e-6));
        assertThat(w).allMatch(x -> x.from().way() instanceof Provenance.Way.Proposed && !x.from().on().isEmpty());
    }

    @Test void aWallRunsOnOverAPierAndAGapWithJambs() {
        Sketch s = new Sketch();
        for (double y : new double[] {0, 200}) s.line(0, y, 3000, y).line(3900, y, 4200, y).line(5100, y, 9000, y);
        for (double x : new double[] {3000, 3900, 4200, 5100}) s.line(x, 0, x, 200);
        assertThat(walls(s)).singleElement().satisfies(w -> assertThat(w.length()).isCloseTo(9, within(1e-6)));
    }

    @Test void facingWallsOfARoomAreTwo() {
        Sketch s = new Sketch();
        for (double y : new double[] {0, 200, 600, 800}) s.line(0, y, 6000, y);
        // a shaft of 40 cm between two walls of 20 cm, and more walls of 20 cm elsewhere
        for (double y : new double[] {5000, 5200}) s.line(0, y, 6000, y);
        List<Wall> w = walls(s);
        assertThat(w).hasSize(3).allMatch(x -> Math.abs(x.thickness().value() - 0.2) < 1e-6);
    }

    @Test void arcsAboutOneCentreAreARoundWall() {
        Sketch s = new Sketch().arc(0, 0, 3000, 20, 160).arc(0, 0, 3250, 20, 160);
        assertThat(walls(s)).singleElement().satisfies(w -> {
            assertThat(w.thickness().value()).isCloseTo(0.25, within(1e-6));
            assertThat(w.reference().radius()).isCloseTo(3.125, within(1e-6));
        });
    }

    @Test void oneLineIsNoWall() {
        assertThat(walls(new Sketch().line(0, 0, 5000, 0).line(0, 2000, 5000, 2000))).isEmpty();
    }

    /** Law: turned, and drawn in another order, the walls are the same. */
    @Test void whateverTheTurnAndTheOrder() {
        Seeds.each(30, seed -> {
            Random r = new Random(seed);
            double w = 6000 + r.nextInt(6000), d = 5000 + r.nextInt(4000), t = 100 + r.nextInt(300);
            List<double[]> lines = new ArrayList<>();
            for (double[] b : new double[][] {{0, 0, w, d}, {t, t, w - t, d - t}}) {
                lines.add(new double[] {b[0], b[1], b[2], b[1]});
                lines.add(new double[] {b[2], b[1], b[2], b[3]});
                lines.add(new double[] {b[2], b[3], b[0], b[3]});
                lines.add(new double[] {b[0], b[3], b[0], b[1]});
            }
            Collections.shuffle(lines, r);
            Sketch s = new Sketch();
            lines.forEach(l -> s.line(l[0], l[1], l[2], l[3]));
            List<Wall> found = walls(s.turned(r.nextDouble() * 6));
            assertThat(found).as("seed " + seed).hasSize(4);
            assertThat(found.stream().mapToDouble(Wall::length).sum()).as("seed " + seed).isCloseTo(2 * (w - t + d - t) / 1000, within(1e-3));
        });
    }

    @Test void theDemosGroundFloorIsRecognisedFromItsFile() throws IOException {
        Recognised found = demo(DemoDrawings.GROUND);
        HeronQuay.Plan truth = HeronQuay.ground();
        double whole = 0, right = 0;
        for (Wall t : truth.walls()) for (double x = 0.05; x < t.length(); x += 0.1) {
            Point p = t.middle(x);
            whole++;
            if (found.walls().stream().anyMatch(w -> lies(p, w, t.thickness().value()))) right++;
        }
        assertThat(right / whole).as("share of the walls that is found").isGreaterThan(0.95);
        double made = found.walls().stream().mapToDouble(Wall::length).sum(), drawn = truth.walls().stream().mapToDouble(Wall::length).sum();
        assertThat(made).as("and little more").isLessThan(1.05 * drawn);
        assertThat(found.grid()).hasSize(7);
        List<Opening> doors = found.openings().stream().filter(o -> o.filling() instanceof Opening.Filling.Door).toList();
        // four with leaves, and two gates, drawn as lines where doors are
        assertThat(doors).hasSize(6);
        assertThat(found.openings()).hasSize(13);
        assertThat(found.openings().stream().filter(o -> o.filling() instanceof Opening.Filling.Window)).hasSize(7);
        assertThat(found.rooms()).extracting(r -> r.name()).contains("Boat bay 1", "Boat bay 2", "Workshop", "Changing A", "Changing B", "Corridor");
    }

    /** A page on which walls are filled and nobody drew their edges: the annexe of the demo. */
    @Test void theAnnexeIsRecognisedFromItsPage() throws IOException {
        Recognised found = demo(DemoDrawings.ANNEXE);
        double drawn = HeronQuay.annexe().walls().stream().mapToDouble(Wall::length).sum();
        assertThat(found.walls().stream().filter(w -> Math.abs(w.thickness().value() - HeronQuay.BAY) < 0.01)).hasSizeGreaterThanOrEqualTo(4);
        assertThat(found.walls().stream().mapToDouble(Wall::length).sum()).isBetween(0.85 * drawn, 1.15 * drawn);
    }

    /** A drawing of the demo, from its file, as it is received when nothing was said of it. */
    private Recognised demo(String name) throws IOException {
        return demo(name, folder);
    }

    static Recognised demo(String name, Path folder) throws IOException {
        Path file = Files.write(folder.resolve(name), DemoDrawings.bytes(name));
        DrawingShelf shelf = new DrawingShelf(new Originals(folder.resolve("o")));
        Cleaned c = Cleaned.whole(name, shelf.take(file, new Wanted(1, ""), Progress.NONE));
        PlacedDrawing d = shelf.placed(c.project().underlay(c.underlay()).orElseThrow(), Progress.NONE);
        return Recognised.of(d, c.reckoning(), c.roles());
    }

    private static boolean lies(Point p, Wall w, double thickness) {
        Point u = w.reference().unroll(p);
        return u.x() > -0.05 && u.x() < w.length() + 0.05 && Math.abs(u.y()) < 0.02 && Math.abs(w.thickness().value() - thickness) < 0.01;
    }
}
