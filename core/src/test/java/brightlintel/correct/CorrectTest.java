package brightlintel.correct;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightlintel.drawing.Header;
import brightlintel.geom.Point;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CorrectTest {
    private static Header unit(int insunits) {
        return new Header(Map.of("$INSUNITS", Integer.toString(insunits)));
    }

    @Test void theFilesOwnWordIsTakenWhereTheSizeCanBeABuilding() {
        assertThat(UnitChoice.assumed(unit(4), 32_000)).isEqualTo(UnitChoice.MILLIMETRE);
        assertThat(UnitChoice.assumed(unit(6), 32)).isEqualTo(UnitChoice.METRE);
        assertThat(UnitChoice.assumed(unit(1), 1200)).isEqualTo(UnitChoice.INCH);
        assertThat(UnitChoice.assumed(unit(2), 100)).isEqualTo(UnitChoice.FOOT);
    }

    /** Metres under a header that says inches: a plan of 32 inches is none. */
    @Test void aWordThatWouldMakeAToyOfTheHouseIsNotBelieved() {
        assertThat(UnitChoice.assumed(unit(1), 32)).isEqualTo(UnitChoice.METRE);
        assertThat(UnitChoice.assumed(unit(6), 32_000)).isEqualTo(UnitChoice.MILLIMETRE);
    }

    @Test void withoutAWordTheMostUsualSizeDecides() {
        Header none = new Header(Map.of());
        assertThat(UnitChoice.assumed(none, 25_000)).isEqualTo(UnitChoice.MILLIMETRE);
        assertThat(UnitChoice.assumed(none, 2_500)).isEqualTo(UnitChoice.CENTIMETRE);
        assertThat(UnitChoice.assumed(none, 25)).isEqualTo(UnitChoice.METRE);
        assertThat(UnitChoice.assumed(unit(99), 25)).isEqualTo(UnitChoice.METRE);
    }

    @Test void anEmptyDrawingKeepsItsWord() {
        assertThat(UnitChoice.assumed(unit(2), 0)).isEqualTo(UnitChoice.FOOT);
    }

    @Test void aFactorIsAUnitOnlyWhenItIsOneExactly() {
        assertThat(UnitChoice.of(0.0254)).contains(UnitChoice.INCH);
        assertThat(UnitChoice.of(0.00094)).isEmpty();
    }

    @Test void aKnownLengthTellsTheFactorAndHowFarItIsOff() {
        KnownLength k = new KnownLength(4.7, 5);
        assertThat(k.factor()).isCloseTo(5 / 4.7, within(1e-12));
        assertThat(k.share()).isCloseTo(-0.06, within(1e-12));
        assertThat(k.error()).isCloseTo(-0.3, within(1e-12));
        for (double none : new double[] {0, -1, Double.NaN}) {
            assertThatThrownBy(() -> new KnownLength(none, 5)).isInstanceOf(IllegalArgumentException.class);
            assertThatThrownBy(() -> new KnownLength(5, none)).isInstanceOf(IllegalArgumentException.class);
        }
    }

    /** Law: after the turn the direction lies on an axis, and no smaller turn would do. */
    @Test void theSmallestTurnSetsADirectionUpright() {
        Random r = new Random(31);
        for (int i = 0; i < 2000; i++) {
            Point a = new Point(r.nextGaussian(), r.nextGaussian()), b = a.plus(Point.polar(r.nextDouble() * 7, 0.1 + r.nextDouble() * 20));
            double turn = Upright.turnFor(a, b), after = b.minus(a).angle() + turn;
            assertThat(Math.abs(turn)).isLessThanOrEqualTo(Math.PI / 4 + 1e-12);
            assertThat(Math.min(Math.abs(Math.sin(after)), Math.abs(Math.cos(after)))).isLessThan(1e-12);
            assertThat(Upright.turnFor(b, a)).isCloseTo(turn, within(1e-9));
        }
    }
}
