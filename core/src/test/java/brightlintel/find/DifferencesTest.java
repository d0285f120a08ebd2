package brightlintel.find;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.RandomDrawing;
import brightlintel.notation.Seeds;
import brightlintel.notation.Sketch;
import java.util.List;
import java.util.Random;
import java.util.function.IntPredicate;
import org.junit.jupiter.api.Test;

/** Two revisions of a drawing are told apart stroke by stroke, wherever on earth they lie. */
class DifferencesTest {
    private static final IntPredicate ALL = _ -> true;

    private static Differences.Side side(RawDrawing d, String sha) {
        Strokes s = Drawings.strokes(d);
        return new Differences.Side(s, new Finder(sha, new SpaceKey.Model(), s), ALL, ALL);
    }

    private static Sketch plan(double far) {
        return new Sketch().line(far, 0, far + 10, 0).line(far, 0, far, 8).arc(far + 5, 5, 2, 0, 90).circle(far + 20, 20, 3)
            .text("Hall", far + 4, 4, 0.3, 0);
    }

    /** Law: a drawing has nothing that it has not, and what is the same is all of it. */
    @Test void aDrawingDoesNotDifferFromItself() {
        Seeds.each(6, seed -> {
            RawDrawing d = RandomDrawing.of(seed, 90);
            Differences same = Differences.of(side(d, "a"), side(d, "b"));
            assertThat(same.isNothing()).as("%s", same).isTrue();
            assertThat(same.same()).isEqualTo(Drawings.strokes(d).size());
        });
    }

    /** Law: what was added one way is gone the other way, and what stayed is the same number. */
    @Test void bothWaysAreMirrored() {
        Seeds.each(6, seed -> {
            Random r = new Random(seed);
            Sketch a = new Sketch(), b = new Sketch();
            int common = 0, onlyA = 0, onlyB = 0;
            for (int i = 0; i < 60; i++) {
                double x = 1000 * r.nextDouble(), y = 1000 * r.nextDouble(), u = x + 1 + 30 * r.nextDouble();
                int where = r.nextInt(4);
                if (where != 0) a.line(x, y, u, y);
                if (where != 1) b.line(x, y, u, y);
                if (where == 0) onlyB++;
                else if (where == 1) onlyA++;
                else common++;
            }
            Differences d = Differences.of(side(a.drawing(), "a"), side(b.drawing(), "b"));
            // without handles a number may lead to a line of much the same length: those count as moved on both sides
            assertThat(d.same()).isEqualTo(common);
            assertThat(d.gone().size() + d.moved().size()).isEqualTo(onlyA);
            assertThat(d.added().size() + d.moved().size()).isEqualTo(onlyB);
        });
    }

    @Test void farFromTheOriginNothingIsLost() {
        for (double far : new double[] {0, 4.5e6, -3.1e8}) {
            Differences d = Differences.of(side(plan(far).drawing(), "a"), side(plan(far).line(far + 2, 2, far + 3, 2).drawing(), "b"));
            assertThat(d.added()).as("at %s", far).hasSize(1);
            Curve only = d.added().getFirst();
            assertThat(only.first().distance(new Point(far + 2, 2))).isLessThan(1e-6);
            assertThat(d.gone()).isEmpty();
            assertThat(d.moved()).isEmpty();
            assertThat(d.same()).isEqualTo(4);
        }
    }

    @Test void aLineDrawnTheOtherWayIsTheSame() {
        Differences d = Differences.of(side(new Sketch().line(0, 0, 10, 3).drawing(), "a"), side(new Sketch().line(10, 3, 0, 0).drawing(), "b"));
        assertThat(d.isNothing()).isTrue();
    }

    @Test void aLineThatWasThereTwiceAndIsThereOnceIsGoneOnce() {
        Differences d = Differences.of(side(new Sketch().line(0, 0, 9, 0).line(0, 0, 9, 0).drawing(), "a"),
            side(new Sketch().line(0, 0, 9, 0).drawing(), "b"));
        assertThat(List.of(d.same(), d.gone().size(), d.added().size(), d.moved().size())).containsExactly(1, 1, 0, 0);
        assertThat(d.kept()).isEqualTo(0.5);
    }

    @Test void aTextThatStandsWhereItStoodWasReworded() {
        Sketch was = new Sketch().text("Hall", 1, 1, 0.3, 0).text("Office", 5, 1, 0.3, 0).text("Store", 9, 1, 0.3, 0);
        Sketch now = new Sketch().text("Foyer", 1, 1, 0.3, 0).text("Store", 9, 1, 0.3, 0).text("Plant", 12, 1, 0.3, 0);
        Differences.Texts t = Differences.of(side(was.drawing(), "a"), side(now.drawing(), "b")).texts();
        assertThat(List.of(t.reworded().size(), t.gone().size(), t.added().size())).containsExactly(1, 1, 1);
    }

    @Test void whatIsNotShownDoesNotCount() {
        Strokes s = Drawings.strokes(plan(0).drawing());
        Finder f = new Finder("a", new SpaceKey.Model(), s);
        Differences d = Differences.of(new Differences.Side(s, f, ALL, ALL), new Differences.Side(s, f, i -> i != 0, i -> i != 0));
        assertThat(d.gone()).hasSize(1);
        assertThat(d.texts().gone()).hasSize(1);
        assertThat(d.added()).isEmpty();
    }
}
