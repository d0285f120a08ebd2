package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.drawing.Progress;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.notation.Sketch;
import brightlintel.read.Wanted;
import brightlintel.receive.Cleaned;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import brightlintel.write.dxf.DxfWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A round building from its file on: a ring of windows, a ring of doors about a court, partitions as rays, a grid of rays and arcs. */
class RoundBuildingTest {
    private static final int SECTORS = 6;
    private static final double IN = 3000, COURT = 3150, FACE = 10_000, OUT = 10_300, PARTITION = 100;
    @TempDir Path folder;

    /** An arc from one angle to another without what lies about some others; half of each in millimetres. */
    private static void arc(Sketch s, double r, double[] cuts, double half) {
        double[] sorted = cuts.clone();
        for (int i = 0; i < sorted.length; i++) {
            double from = sorted[i] + Math.toDegrees(half / r), to = sorted[(i + 1) % sorted.length] - Math.toDegrees(half / r)
                + (i + 1 == sorted.length ? 360 : 0);
            s.arc(0, 0, r, from, to);
        }
    }

    private static double[] every(double first) {
        double[] out = new double[SECTORS];
        for (int i = 0; i < SECTORS; i++) out[i] = first + 60 * i;
        return out;
    }

    private static double[] both(double[] a, double[] b) {
        double[] out = new double[a.length + b.length];
        System.arraycopy(a, 0, out, 0, a.length);
        System.arraycopy(b, 0, out, a.length, b.length);
        Arrays.sort(out);
        return out;
    }

    private static Point polar(double degrees, double r) {
        return Point.polar(Math.toRadians(degrees), r);
    }

    private static void line(Sketch s, Point a, Point b) {
        s.line(a.x(), a.y(), b.x(), b.y());
    }

    /** @param one all on one layer */
    private static Sketch drawn(boolean one) {
        Sketch s = new Sketch();
        for (int i = 0; i < 5; i++) s.dimension(0, 3100 + 450 * i, -16_000 - 500 * i, String.format(Locale.ROOT, "%d", 3100 + 450 * i));
        double window = 700, door = 450;
        s.on(one ? "0" : "WALLS");
        arc(s, OUT, every(30), window);
        // of the inner face partitions take a piece each
        double[] cuts = both(every(0), every(30));
        for (int i = 0; i < cuts.length; i++) {
            double half = i % 2 == 0 ? PARTITION / 2 : window, next = i % 2 == 0 ? window : PARTITION / 2;
            s.arc(0, 0, FACE, cuts[i] + Math.toDegrees(half / FACE), cuts[(i + 1) % cuts.length] + (i + 1 == cuts.length ? 360 : 0)
                - Math.toDegrees(next / FACE));
            double h = i % 2 == 0 ? PARTITION / 2 : door, n = i % 2 == 0 ? door : PARTITION / 2;
            s.arc(0, 0, COURT, cuts[i] + Math.toDegrees(h / COURT), cuts[(i + 1) % cuts.length] + (i + 1 == cuts.length ? 360 : 0)
                - Math.toDegrees(n / COURT));
        }
        arc(s, IN, every(30), door * IN / COURT);
        for (int i = 0; i < SECTORS; i++) {
            Point u = polar(60 * i, 1), n = u.left().times(PARTITION / 2);
            for (int side : new int[] {-1, 1}) line(s, u.times(COURT).plus(n.times(side)), u.times(FACE).plus(n.times(side)));
            for (int side : new int[] {-1, 1}) {
                double at = 30 + 60 * i + side * Math.toDegrees(window / OUT);
                line(s, polar(at, FACE), polar(at, OUT));
                double in = 30 + 60 * i + side * Math.toDegrees(door / COURT);
                line(s, polar(in, IN), polar(in, COURT));
            }
        }
        s.on(one ? "0" : "WINDOWS");
        for (int i = 0; i < SECTORS; i++) for (double r : new double[] {FACE, 10_130, 10_170, OUT})
            s.arc(0, 0, r, 30 + 60 * i - Math.toDegrees(window / OUT), 30 + 60 * i + Math.toDegrees(window / OUT));
        s.on(one ? "0" : "DOORS");
        for (int i = 0; i < SECTORS; i++) {
            double at = 30 + 60 * i, d = Math.toDegrees(door / COURT);
            Point hinge = polar(at - d, COURT), shut = polar(at + d, COURT), u = shut.minus(hinge), open = hinge.plus(u.left().times(-1));
            line(s, hinge, open);
            s.arc(hinge.x(), hinge.y(), u.length(), Math.toDegrees(open.minus(hinge).angle()), Math.toDegrees(u.angle()));
        }
        s.on(one ? "0" : "GRID");
        for (int i = 0; i < SECTORS; i++) {
            Point u = polar(60 * i + 30, 1);
            line(s, u.times(2000), u.times(13_000));
            tag(s, u.times(13_400), Integer.toString(i + 1));
        }
        double middle = (IN + COURT) / 2;
        s.arc(0, 0, middle, 20, 300);
        tag(s, polar(20 - Math.toDegrees(400 / middle), middle), "A");
        s.arc(0, 0, 10_150, 20, 300);
        tag(s, polar(20 - Math.toDegrees(400 / 10_150.0), 10_150), "B");
        return s;
    }

    private static void tag(Sketch s, Point at, String label) {
        s.circle(at.x(), at.y(), 400).text(label, at.x(), at.y(), 300, 0);
    }

    private Recognised found(Sketch s) throws IOException {
        Path file = folder.resolve("round.dxf");
        try (OutputStream out = Files.newOutputStream(file)) {
            DxfWriter.write(s.drawing(), out);
        }
        DrawingShelf shelf = new DrawingShelf(new Originals(folder.resolve("o")));
        Cleaned c = Cleaned.whole("round", shelf.take(file, new Wanted(1, ""), Progress.NONE));
        return Recognised.of(shelf.placed(c.project().underlay(c.underlay()).orElseThrow(), Progress.NONE), c.reckoning(), c.roles());
    }

    @ParameterizedTest @ValueSource(booleans = {false, true})
    void ringsPartitionsRoomsAndTheGridOfARoundBuilding(boolean one) throws IOException {
        Recognised r = found(drawn(one));
        List<Wall> round = new ArrayList<>(r.walls().stream().filter(w -> !w.reference().isStraight()).toList());
        round.sort(Comparator.comparingDouble(Wall::length));
        assertThat(round).hasSize(4);
        for (int i = 0; i < 4; i++) {
            assertThat(round.get(i).thickness().value()).isCloseTo(i < 2 ? 0.15 : 0.3, within(0.002));
            assertThat(round.get(i).reference().radius()).isCloseTo(i < 2 ? 3.075 : 10.15, within(0.002));
        }
        assertThat(round.stream().mapToDouble(Wall::length).sum()).isCloseTo(Angles.TURN * (3.075 + 10.15), within(0.05));
        assertThat(r.walls()).hasSize(4 + SECTORS);
        assertThat(r.openings()).filteredOn(o -> o.filling() instanceof Opening.Filling.Window).hasSize(SECTORS)
            .allSatisfy(o -> assertThat(o.width().value()).isCloseTo(1.4, within(0.05)));
        assertThat(r.openings()).filteredOn(o -> o.filling() instanceof Opening.Filling.Door).hasSize(SECTORS)
            .allSatisfy(o -> assertThat(o.width().value()).isCloseTo(0.9, within(0.05)));
        assertThat(r.openings()).hasSize(2 * SECTORS);
        assertThat(r.rooms()).as("six, and the court").hasSize(SECTORS + 1);
        assertThat(r.grid()).extracting(g -> g.label()).containsExactlyInAnyOrder("1", "2", "3", "4", "5", "6", "A", "B");
    }
}
