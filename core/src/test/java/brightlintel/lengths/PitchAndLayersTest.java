package brightlintel.lengths;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import brightlintel.building.WallKind;
import brightlintel.notation.Seeds;

/** Pitches and build-ups as people write them. */
class PitchAndLayersTest {
    @ParameterizedTest @CsvSource(delimiter = '|', value = {"35|35", "35°|35", "22,5|22.5", "100%|45", "70 %|34.992", "7:12|30.256", "12 : 12|45"})
    void pitchesAreRead(String text, double degrees) {
        assertThat(Math.toDegrees(PitchReader.read(text).orElseThrow())).isCloseTo(degrees, within(1e-3));
    }

    @ParameterizedTest @ValueSource(strings = {"", "0", "90", "steep", "-10", "7:0", "%", "1:2:3", "NaN"})
    void whatIsNoPitchIsNone(String text) {
        assertThat(PitchReader.read(text)).isEmpty();
    }

    @Test void layersAreReadFromTheLeftFace() {
        assertThat(LayerWords.read("brick 240, wood fibre 120; plaster 15", LengthUnit.MILLIMETRE).orElseThrow()).containsExactly(
            new WallKind.Layer("brick", 0.24), new WallKind.Layer("wood fibre", 0.12), new WallKind.Layer("plaster", 0.015));
        assertThat(LayerWords.read("brick 24cm + wool 0.12 m", LengthUnit.MILLIMETRE).orElseThrow()).extracting(WallKind.Layer::thickness)
            .containsExactly(0.24, 0.12);
        assertThat(LayerWords.read(" ", LengthUnit.MILLIMETRE).orElseThrow()).isEmpty();
    }

    @ParameterizedTest @ValueSource(strings = {"brick", "240", "brick 0", "brick 240,", ", brick 240", "brick -3", "brick 90 m"})
    void whatIsNoLayerIsNone(String text) {
        assertThat(LayerWords.read(text, LengthUnit.MILLIMETRE)).isEmpty();
    }

    /** Law: what is written is read. */
    @Test void whatIsWrittenIsRead() {
        Seeds.each(80, seed -> {
            Random r = new Random(seed);
            List<WallKind.Layer> layers = r.ints(1 + r.nextInt(4), 5, 900).mapToObj(mm -> new WallKind.Layer("layer " + (char) ('a' + r.nextInt(26)),
                mm / 1000.0)).toList();
            String text = LayerWords.text(layers, v -> Long.toString(Math.round(v * 1000)));
            List<WallKind.Layer> read = LayerWords.read(text, LengthUnit.MILLIMETRE).orElseThrow();
            assertThat(read).as(text).extracting(WallKind.Layer::material).isEqualTo(layers.stream().map(WallKind.Layer::material).toList());
            for (int i = 0; i < read.size(); i++)
                assertThat(read.get(i).thickness()).as(text).isCloseTo(layers.get(i).thickness(), within(1e-9));
        });
    }
}
