package brightlintel.role;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Role;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.notation.Seeds;
import brightlintel.notation.Sketch;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Grid lines that nothing is written at, and what looks like them. */
class BareAxesTest {
    private static RoleFinding found(Sketch s) {
        Strokes all = Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE);
        return RoleFinding.of(Reckoning.of(Drawn.asReceived(s.drawing(), s.space(), all)));
    }

    private static Role of(RoleFinding f, String layer) {
        return f.layers().stream().filter(l -> l.name().equals(layer)).findFirst().orElseThrow().role();
    }

    /** A house of two by two rooms with doors, so that its size is known. */
    private static Sketch house() {
        Sketch s = new Sketch().on("1").rectangle(0, 0, 12000, 9000).rectangle(300, 300, 11400, 8400).wall(300, 11700, 4400, 200);
        for (double y : new double[] {300, 4600}) s.line(5900, y, 5900, y + 4100).line(6100, y, 6100, y + 4100);
        return s.on("2").door(2000, 4600, 900).door(8000, 4600, 900).door(4000, 300, 900).on("3");
    }

    /** Law: whatever the layer is called, however many lines there are, turned or not. */
    @Test void linesThatCrossAndRunOnAreAGrid() {
        Seeds.each(20, seed -> {
            Random r = new Random(seed);
            Sketch s = house();
            double[] x = {0, 4000 + 500 * r.nextInt(3), 12000}, y = {0, 4500, 9000};
            for (double a : x) s.line(a, -1500, a, 10500);
            for (double a : r.nextBoolean() ? y : new double[] {0, 9000}) s.line(-1500, a, 13500, a);
            assertThat(of(found(s.turned(0.3 * r.nextInt(4))), "3")).isEqualTo(Role.GRID);
        });
    }

    /** A table ends where its lines meet; lines closer than rooms are tiles. */
    @Test void tablesAndTilesAreNone() {
        Sketch table = house();
        for (int i = 0; i < 4; i++) table.line(16000 + 2000 * i, 0, 16000 + 2000 * i, 6000).line(16000, 2000 * i, 22000, 2000 * i);
        assertThat(of(found(table), "3")).isNotEqualTo(Role.GRID);
        Sketch tiles = house();
        for (int i = 0; i < 6; i++) tiles.line(600 + 600 * i, 400, 600 + 600 * i, 4300).line(400, 600 + 600 * i, 5700, 600 + 600 * i);
        assertThat(of(found(tiles), "3")).isNotEqualTo(Role.GRID);
    }

    @Test void furnitureOfManySizesIsNoRowOfColumns() {
        Sketch s = house();
        double[][] pieces = {{600, 1200}, {900, 700}, {1100, 500}, {400, 400}, {800, 1250}};
        for (int i = 0; i < pieces.length; i++) s.rectangle(500 + 2300 * i, i % 2 == 0 ? 600 : 6000, pieces[i][0], pieces[i][1]);
        assertThat(of(found(s), "3")).isNotEqualTo(Role.COLUMN);
        Sketch columns = house();
        for (int i = 0; i < 5; i++) columns.rectangle(800 + 2300 * i, i % 2 == 0 ? 1600 : 6000, 350, 350);
        assertThat(of(found(columns), "3")).isEqualTo(Role.COLUMN);
    }
}
