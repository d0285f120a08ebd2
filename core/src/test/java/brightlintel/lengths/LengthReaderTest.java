package brightlintel.lengths;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Units;
import brightlintel.geom.Point;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthReaderTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', value = {
        "3600 | MILLIMETRE | 3.6", "3600 | METRE | 3600", "3.6 m | MILLIMETRE | 3.6", "3,6 m | MILLIMETRE | 3.6", "360cm | METRE | 3.6",
            "1 800 | MILLIMETRE | 1.8", "12 500 mm | METRE | 12.5",
        "12'-6 1/2\" | METRE | 3.8227", "37'4 | METRE | 11.3792", "6\" | METRE | 0.1524", "1/2\" | METRE | 0.0127", "12' | METRE | 3.6576",
        "3 ft 4 in | METRE | 1.016", "8 | FOOT | 2.4384",
        "-1.5 | METRE | -1.5", "−1.5 m | METRE | -1.5", "+2 | METRE | 2", ".5 | METRE | 0.5", "5'-0\" | METRE | 1.524", "2.5e | METRE | ",
        "abc | METRE | ", "1/0\" | METRE | ", "3 m 4 | METRE | ", "' | METRE | ", "- | METRE | "})
    void lengthsAreReadAsPeopleWriteThem(String text, LengthUnit bare, Double metres) {
        if (metres == null) assertThat(LengthReader.read(text, bare)).as(text).isEmpty();
        else assertThat(LengthReader.read(text, bare).orElseThrow()).as(text).isCloseTo(metres, within(1e-9));
    }

    @ParameterizedTest @ValueSource(longs = {1, 2, 3})
    void whatIsWrittenIsReadAgain(long seed) {
        Random r = new Random(seed);
        for (int i = 0; i < 500; i++) {
            double v = Math.round((r.nextDouble() * 200 - 20) * 1000) / 1000.0;
            LengthFormat metric = new LengthFormat(Units.METRIC), feet = new LengthFormat(Units.FEET_AND_INCHES);
            assertThat(LengthReader.read(metric.position(v), LengthUnit.MILLIMETRE).orElseThrow())
                .as("seed %d: %s", seed, metric.position(v)).isCloseTo(v, within(5e-4));
            assertThat(LengthReader.read(metric.part(v), LengthUnit.MILLIMETRE).orElseThrow()).as(metric.part(v))
                .isCloseTo(v, within(5e-4));
            assertThat(LengthReader.read(feet.position(v), LengthUnit.MILLIMETRE).orElseThrow()).as(feet.position(v))
                .isCloseTo(v, within(0.0254 / 32 + 1e-9));
        }
    }

    @Test void lengthsAreWrittenWithTheirUnits() {
        LengthFormat m = new LengthFormat(Units.METRIC), f = new LengthFormat(Units.FEET_AND_INCHES);
        assertThat(m.level(0)).isEqualTo("±0.00 m");
        assertThat(m.level(3.3)).isEqualTo("+3.30 m");
        assertThat(m.partWithUnit(1.8)).isEqualTo("1\u202f800 mm");
        assertThat(f.position(3.8227)).isEqualTo("12'-6 1/2\"");
        assertThat(f.part(0.0127)).isEqualTo("1/2\"");
    }

    @ParameterizedTest @CsvSource(delimiter = '|', value = {"2, 19.5 | 2 | 19.5", "2.0,19.5 | 2 | 19.5", "2,5; 19,5 | 2.5 | 19.5", "2,5, 19,5 | 2.5 | 19.5",
        "-3 4 | -3 | 4", "1200 mm, 3 m | 1.2 | 3", "7 | | ", "1 2 3 | | ", ", 4 | | ", "a, b | | ", "1, 2, 3 | | "})
    void aPlaceIsTwoLengths(String text, Double x, Double y) {
        var read = LengthReader.pair(text, LengthUnit.METRE);
        if (x == null) assertThat(read).as(text).isEmpty();
        else assertThat(read.orElseThrow().distance(new Point(x, y))).as(text).isLessThan(1e-9);
    }

    /** Law: a place that is written in either unit is read again. */
    @ParameterizedTest @ValueSource(longs = {4, 5})
    void aPlaceThatIsWrittenIsReadAgain(long seed) {
        Random r = new Random(seed);
        for (int i = 0; i < 300; i++) {
            Point p = new Point(Math.round((r.nextDouble() * 200 - 100) * 1000) / 1000.0, Math.round((r.nextDouble() * 200 - 100) * 1000) / 1000.0);
            for (Units u : Units.values()) {
                LengthFormat f = new LengthFormat(u);
                String t = f.positionBare(p.x()) + ", " + f.positionBare(p.y());
                assertThat(LengthReader.pair(t, f.positionUnit()).orElseThrow(() -> new AssertionError(t)).distance(p)).as(t)
                    .isLessThan(u == Units.METRIC ? 1e-3 : 0.0254 / 22);
            }
        }
    }
}
