package brightlintel.role;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Box;
import brightlintel.notation.Sketch;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/** Openings are found as gaps of both faces of a wall, and not where one face alone stops. */
class GapsTest {
    private static List<Gaps.Gap> gaps(Sketch s) {
        Sight sight = new Sight(Reckoning.of(Drawn.asReceived(s.drawing(), s.space(),
            Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE))));
        return new Gaps(sight).find(_ -> true);
    }

    /** Metres, with dimensions that say so. */
    private static Sketch scaled() {
        Sketch s = new Sketch();
        for (int i = 0; i < 5; i++) s.dimension(0, 3.1 + 0.45 * i, -8 - i, String.format(Locale.ROOT, "%.2f", 3.1 + 0.45 * i));
        return s;
    }

    @Test void aGapOfBothFacesIsAnOpening() {
        List<Gaps.Gap> found = gaps(scaled().wall(0, 3, 0, 0.24).wall(4.01, 9, 0, 0.24));
        assertThat(found).singleElement().satisfies(g -> {
            assertThat(g.along()).isTrue();
            assertThat(g.box().width()).isCloseTo(1.01, within(1e-6));
            assertThat(g.box().height()).isCloseTo(0.24, within(1e-6));
        });
    }

    @Test void aGapOfOneFaceIsNone() {
        assertThat(gaps(scaled().line(0, 0, 3, 0).line(4, 0, 9, 0).line(0, 0.24, 9, 0.24))).isEmpty();
    }

    @Test void gapsThatDoNotLieOppositeEachOtherAreNone() {
        assertThat(gaps(scaled().line(0, 0, 3, 0).line(4, 0, 9, 0).line(0, 0.24, 5, 0.24).line(6, 0.24, 9, 0.24))).isEmpty();
    }

    @Test void whatRunsInAGapIsInItAndAJambIsNot() {
        Gaps.Gap g = new Gaps.Gap(new Box(3, 0, 4, 0.24), true);
        assertThat(Gaps.isIn(g, new Box(3, 0.12, 4, 0.12))).isTrue();
        assertThat(Gaps.isIn(g, new Box(3, 0, 3, 0.24))).as("a jamb").isFalse();
        assertThat(Gaps.isIn(g, new Box(2, 0.12, 4, 0.12))).as("it runs on into the wall").isFalse();
    }
}
