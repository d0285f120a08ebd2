package brightlintel.lengths;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Units;
import brightlintel.notation.Seeds;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Figures as they are shown and typed, in both systems. */
class LengthWordsTest {
    private static final LengthFormat METRIC = new LengthFormat(Units.METRIC), FEET = new LengthFormat(Units.FEET_AND_INCHES);

    /** A whole figure and a fraction without any mark are in the unit of the field; with a mark they are what the mark says. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', value = {"5 1/2 | FOOT | 1.6764", "5 1/2 | INCH | 0.1397", "5-1/2 | FOOT | 1.6764",
        "1/2 | FOOT | 0.1524", "1/2 | INCH | 0.0127", "5 1/2\" | FOOT | 0.1397",
        "5' 1/2 | INCH | 1.5367", "5' 1/2\" | FOOT | 1.5367", "5'-6 | METRE | 1.6764", "5 1/2 in | FOOT | 0.1397"})
    void aFractionIsInTheUnitOfItsField(String text, LengthUnit bare, double metres) {
        assertThat(LengthReader.read(text, bare).orElseThrow()).isCloseTo(metres, within(1e-9));
    }

    /** Rounding carries over: 999.96 m is a thousand metres and not 999.0. */
    @Test void roundingCarriesOverIntoTheThousands() {
        assertThat(METRIC.size(999.96, 5)).isEqualTo("1\u202f000.0 × 5.0 m");
        assertThat(METRIC.size(12.34, 999.94)).isEqualTo("12.3 × 999.9 m");
        assertThat(METRIC.size(1234.5, 999.6)).isEqualTo("1\u202f235 × 1\u202f000 m");
        assertThat(METRIC.size(0.5, 0.25)).isEqualTo("0.500 × 0.250 m");
        assertThat(METRIC.part(0.9996)).isEqualTo("1\u202f000");
        assertThat(METRIC.part(1234.5678)).isEqualTo("1\u202f234\u202f568");
    }

    /** Law: what is shown of a size, read again, is the size to its last shown figure. */
    @Test void sizesAreRoundedAndNotCut() {
        Seeds.each(10, seed -> {
            Random r = new Random(seed);
            for (int i = 0; i < 300; i++) {
                double w = Math.pow(10, r.nextDouble() * 5 - 1) * (1 + 1e-4 * r.nextInt(10)), h = w * r.nextDouble();
                String[] shown = METRIC.size(w, h).replace(" m", "").split(" × ");
                double step = Math.max(w, h) < 1 ? 0.001 : Math.max(w, h) < 1000 ? 0.1 : 1;
                assertThat(Double.parseDouble(shown[0].replace("\u202f", ""))).isCloseTo(w, within(step / 2 + 1e-9));
                assertThat(Double.parseDouble(shown[1].replace("\u202f", ""))).isCloseTo(h, within(step / 2 + 1e-9));
            }
        });
    }

    @Test void volumesAndAreasAreInTheUsersUnits() {
        assertThat(METRIC.volume(12.346)).isEqualTo("12.35 m³");
        assertThat(FEET.volume(1)).isEqualTo("35.3 cu ft");
        assertThat(FEET.volume(1000)).isEqualTo("35\u202f314.7 cu ft");
        assertThat(METRIC.area(12.34)).isEqualTo("12.3 m²");
        assertThat(FEET.area(100)).isEqualTo("1\u202f076 sq ft");
    }

    @Test void feetCarryOverIntoFeet() {
        assertThat(FEET.position(0.3048 * 2 - 1e-5)).isEqualTo("2'-0\"");
        assertThat(FEET.position(-0.0254 / 64)).as("less than half a sixteenth is nothing, and has no sign").isEqualTo("0\"");
        assertThat(FEET.level(0)).isEqualTo("0\"");
        assertThat(FEET.level(-0.3048)).isEqualTo("−1'-0\"");
        assertThat(FEET.size(3.048, 0.0254)).isEqualTo("10'-0\" × 1\"");
    }

    @Test void aBareFigureMeansWhatTheFieldSays() {
        assertThat(METRIC.partUnit()).isEqualTo(LengthUnit.MILLIMETRE);
        assertThat(METRIC.positionUnit()).isEqualTo(LengthUnit.METRE);
        assertThat(FEET.partUnit()).isEqualTo(LengthUnit.INCH);
        assertThat(FEET.positionUnit()).isEqualTo(LengthUnit.FOOT);
        assertThat(LengthReader.angle("−11,5°").orElseThrow()).isCloseTo(Math.toRadians(-11.5), within(1e-12));
        assertThat(LengthReader.angle("north")).isEmpty();
        assertThat(LengthFormat.angle(Math.toRadians(-0.001))).isEqualTo("0.00°");
    }
}
