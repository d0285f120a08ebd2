package brightlintel.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.GridLine;
import brightlintel.building.Placement;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.Sketch;
import brightlintel.place.PlacedDrawing;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;
import org.junit.jupiter.api.Test;

/** Grid lines as they are drawn: whole or in pieces, tagged at one end, at both, or not at all. */
class DrawnGridTest {
    private static List<DrawnGrid.Line> of(Sketch s, PlacedDrawing d) {
        Reckoning r = Reckoning.of(Drawn.asReceived(s.drawing(), s.space(), d.strokes()));
        IntPredicate grid = i -> d.strokes().layers().get(d.strokes().layerOf(i)).name().equals("GRID");
        return DrawnGrid.of(d, r.look().allTagged(), grid);
    }

    private static PlacedDrawing placed(Sketch s) {
        return Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
    }

    private static void tag(Sketch s, double x, double y, String label) {
        s.circle(x, y, 400).text(label, x, y, 300, 0);
    }

    @Test void linesAreFoundWithTheirLabelsInOrder() {
        Sketch s = new Sketch().on("GRID");
        // C in pieces with tags at both ends, A and B whole, a line between A and B without a tag
        s.line(16_000, -2000, 16_000, 4000).line(16_000, 5000, 16_000, 12_000);
        tag(s, 16_000, -2400, "C");
        tag(s, 16_000, 12_400, "C");
        for (double[] x : new double[][] {{8000, 0}, {0, 1}}) {
            s.line(x[0], -2000, x[0], 12_000);
            tag(s, x[0], -2400, x[1] == 1 ? "A" : "B");
        }
        s.line(4000, -2000, 4000, 12_000);
        s.line(-2000, 0, 18_000, 0).line(-2000, 9004, 18_000, 9004);
        tag(s, -2400, 0, "1");
        tag(s, -2400, 9004, "2");
        s.on("WALLS").wall(0, 16_000, 0, 300).wall(0, 16_000, 9000, 300);
        PlacedDrawing d = placed(s);
        List<DrawnGrid.Line> lines = of(s, d);
        assertThat(lines).extracting(DrawnGrid.Line::label).containsExactly("A", "A1", "B", "C", "1", "2");
        assertThat(lines).filteredOn(l -> !l.tagged()).singleElement().satisfies(l -> assertThat(l.label()).isEqualTo("A1"));
        DrawnGrid.Line c = lines.get(3);
        assertThat(c.strokes()).as("both pieces").hasSize(2);
        assertThat(c.line().length()).isCloseTo(14, within(1e-6));
        assertThat(c.line().a().y()).as("letters start at the top").isGreaterThan(c.line().b().y());
        List<GridLine> all = DrawnGrid.elements(lines, d, List.of());
        assertThat(all).hasSize(6).allSatisfy(g -> assertThat(g.from().on()).isNotEmpty());
        assertThat(DrawnGrid.elements(lines, d, all)).as("those that are there are not offered again").isEmpty();
        assertThat(DrawnGrid.elements(lines, d, all.subList(0, 2))).hasSize(4);
    }

    @Test void raysAndArcsAreFamilies() {
        Sketch s = new Sketch().on("GRID");
        // five rays from a place, the fourth without a tag, and three arcs about it, one in pieces, one without a tag
        for (int i = 0; i < 5; i++) {
            Point u = Point.polar(Math.toRadians(15 + 35 * i), 1);
            s.line(3000 * u.x(), 3000 * u.y(), 15_000 * u.x(), 15_000 * u.y());
            if (i != 3) tag(s, 15_400 * u.x(), 15_400 * u.y(), Integer.toString(7 + i));
        }
        for (int i = 0; i < 3; i++) {
            double r = 5000 + 4000 * i;
            if (i == 2) for (int k = 0; k < 9; k++) s.arc(0, 0, r, 18 * k, 18 * k + 16);
            else s.arc(0, 0, r, 0, 160);
            // in line with the arc as it leaves
            if (i != 1) tag(s, r * Math.cos(400 / r), -r * Math.sin(400 / r), i == 0 ? "A" : "C");
        }
        s.on("WALLS").wall(0, 16_000, 0, 300).wall(0, 16_000, 9000, 300);
        PlacedDrawing d = placed(s);
        List<DrawnGrid.Line> lines = of(s, d);
        assertThat(lines).extracting(DrawnGrid.Line::label).containsExactly("7", "8", "9", "10", "11", "A", "B", "C");
        assertThat(lines).filteredOn(l -> !l.tagged()).extracting(DrawnGrid.Line::label).containsExactly("10", "B");
        assertThat(lines.subList(0, 5)).as("labels at the outer end").allSatisfy(l -> assertThat(l.line().a().length()).isCloseTo(15, within(1e-6)));
        DrawnGrid.Line c = lines.getLast();
        assertThat(c.strokes()).hasSize(9);
        assertThat(c.line().radius()).isCloseTo(13, within(1e-6));
        assertThat(Math.toDegrees(c.line().sweep())).isCloseTo(160, within(1e-6));
        assertThat(DrawnGrid.elements(lines, d, DrawnGrid.elements(lines, d, List.of()))).isEmpty();
    }

    @Test void figuresThatRunDownAndStandBelowAreFilledInBetween() {
        Sketch s = new Sketch().on("GRID");
        for (int i = 0; i < 4; i++) {
            s.line(4000 * i, -2000, 4000 * i, 12_000);
            if (i != 2) tag(s, 4000 * i, -2400, Integer.toString(4 - i));
        }
        PlacedDrawing d = placed(s.on("WALLS").wall(0, 16_000, 0, 300).wall(0, 16_000, 9000, 300));
        assertThat(of(s, d)).extracting(DrawnGrid.Line::label).containsExactly("4", "3", "2", "1");
    }

    @Test void withoutAGridNothingIsFound() {
        Sketch s = new Sketch().on("WALLS").wall(0, 16_000, 0, 300).wall(0, 16_000, 9000, 300);
        PlacedDrawing d = placed(s);
        assertThat(of(s, d)).isEmpty();
    }
}
