package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.MarkRef;
import brightlintel.building.Opening;
import brightlintel.building.StrokeRef;
import brightlintel.building.Support;
import brightlintel.building.Wall;
import brightlintel.drawing.Progress;
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
import java.util.Locale;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Walls that nobody drew a line round: by the width of a polyline, by what is filled. Millimetres. */
class UndrawnTest {
    @TempDir Path folder;

    private Recognised found(Consumer<Sketch> walls) throws IOException {
        Sketch s = new Sketch();
        for (int i = 0; i < 5; i++) s.dimension(0, 3100 + 450 * i, -3000 - 500 * i, String.format(Locale.ROOT, "%d", 3100 + 450 * i));
        s.on("DOORS").door(6900, 4100, 900).door(1500, 100, 900);
        walls.accept(s.on("A"));
        Path file = folder.resolve("a.dxf");
        try (OutputStream out = Files.newOutputStream(file)) {
            DxfWriter.write(s.drawing(), out);
        }
        DrawingShelf shelf = new DrawingShelf(new Originals(folder.resolve("o")));
        Cleaned c = Cleaned.whole("a", shelf.take(file, new Wanted(1, ""), Progress.NONE));
        assertThat(c.isTrue()).isTrue();
        return Recognised.of(shelf.placed(c.project().underlay(c.underlay()).orElseThrow(), Progress.NONE), c.reckoning(), c.roles());
    }

    /** Of a room of 10 by 8, with a wall across; gaps at both doors. @param each from, to */
    private static void plan(Consumer<double[]> each) {
        for (double[] w : new double[][] {{0, 0, 1500, 0}, {2400, 0, 10000, 0}, {10000, 0, 10000, 8000}, {10000, 8000, 0, 8000}, {0, 8000, 0, 0},
            {0, 4000, 6900, 4000}, {7800, 4000, 10000, 4000}}) each.accept(w);
    }

    @Test void aPolylineAsWideAsAWallIsOne() throws IOException {
        Recognised r = found(s -> plan(w -> s.polyline(false, w).wide(200)));
        assertThat(r.walls()).hasSize(5).allSatisfy(w -> assertThat(w.thickness().value()).isCloseTo(0.2, within(1e-6)));
        assertThat(r.openings()).hasSize(2).allSatisfy(o -> assertThat(o.filling()).isInstanceOf(Opening.Filling.Door.class));
        assertThat(r.rooms()).hasSize(2);
        // what it stands on is what was drawn: its middle
        for (Wall w : r.walls()) assertThat(w.from().on()).isNotEmpty().allSatisfy(x -> {
            assertThat(x.face()).isEqualTo(Support.Face.AXIS);
            assertThat(x.drawn()).isInstanceOfSatisfying(StrokeRef.class, d -> assertThat(d.curve().length()).as("of a polyline, millimetres").isGreaterThan(1000));
        });
    }

    @Test void aHeavyPenThatDrawsFacesIsNoWall() throws IOException {
        Recognised r = found(s -> plan(w -> {
            boolean level = w[1] == w[3];
            for (double off : new double[] {-150, 150}) s.polyline(false, w[0] + (level ? 0 : off), w[1] + (level ? off : 0), w[2] + (level ? 0 : off),
                w[3] + (level ? off : 0)).wide(60);
        }));
        assertThat(r.walls()).isNotEmpty().allSatisfy(w -> assertThat(w.thickness().value()).isCloseTo(0.3, within(1e-6)));
    }

    @Test void whatIsFilledAndHasNoLineRoundItIsAWall() throws IOException {
        Recognised r = found(s -> plan(w -> {
            boolean level = w[1] == w[3];
            double x = level ? 0 : 100, y = level ? 100 : 0, a = Math.signum(w[2] - w[0]) * 100, b = Math.signum(w[3] - w[1]) * 100;
            boolean opens = w[2] == 1500 || w[2] == 6900, after = w[0] == 2400 || w[0] == 7800;
            double e0 = after ? 0 : 1, e1 = opens ? 0 : 1;
            s.filled(w[0] - e0 * a - x, w[1] - e0 * b - y, w[2] + e1 * a - x, w[3] + e1 * b - y, w[2] + e1 * a + x, w[3] + e1 * b + y, w[0] - e0 * a + x,
                w[1] - e0 * b + y);
        }));
        assertThat(r.walls()).hasSize(5);
        assertThat(r.openings()).hasSize(2);
        for (Wall w : r.walls()) assertThat(w.from().on()).isNotEmpty().allSatisfy(x -> assertThat(x.drawn()).isInstanceOf(MarkRef.class));
    }
}
