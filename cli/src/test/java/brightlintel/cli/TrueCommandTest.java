package brightlintel.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.demo.DemoDrawings;
import brightlintel.demo.HeronQuay;
import brightlintel.geom.Point;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** {@code true}: what drawings say of their size and place. */
class TrueCommandTest {
    @TempDir Path folder;
    private final ByteArrayOutputStream out = new ByteArrayOutputStream(), err = new ByteArrayOutputStream();

    @BeforeEach void demo() throws IOException {
        for (String n : DemoDrawings.ALL) Files.write(folder.resolve(n), DemoDrawings.bytes(n));
    }

    private JsonNode asked(String... files) {
        String[] args = new String[files.length + 1];
        args[0] = "true";
        for (int i = 0; i < files.length; i++) args[i + 1] = folder.resolve(files[i]).toString();
        assertThat(Main.run(new PrintStream(out), new PrintStream(err), args)).as(err.toString(StandardCharsets.UTF_8)).isZero();
        return JsonMapper.shared().readTree(out.toString(StandardCharsets.UTF_8));
    }

    /** In the frame that the answer describes. */
    private static Point laid(JsonNode n, Point file) {
        Point anchor = new Point(n.at("/anchorInFile/0").asDouble(), n.at("/anchorInFile/1").asDouble());
        Point at = new Point(n.at("/at/0").asDouble(), n.at("/at/1").asDouble());
        return file.minus(anchor).times(n.get("metresPerUnit").asDouble()).turn(-Math.toRadians(n.get("placementTurnDegrees").asDouble())).plus(at);
    }

    @Test void aDrawingSaysItsSizeTurnAndDatumWithEvidence() {
        JsonNode n = asked(DemoDrawings.GROUND);
        assertThat(n.get("metresPerUnit").asDouble()).isEqualTo(0.001);
        assertThat(n.get("unit").asString()).isEqualTo("millimetre");
        assertThat(n.get("unsure").asBoolean()).isFalse();
        assertThat(n.get("turnDegrees").asDouble()).isCloseTo(11.5, within(0.001));
        assertThat(n.at("/datum/0").asDouble()).isCloseTo(HeronQuay.GROUND_AT.x(), within(0.5));
        assertThat(n.get("farFromOrigin").asBoolean()).isTrue();
        assertThat(n.at("/strays/count").asInt()).isPositive();
        assertThat(n.get("evidence").findValuesAsString("kind")).contains("measures", "doors", "walls");
        assertThat(n.has("at")).as("a drawing alone lies nowhere").isFalse();
    }

    @Test void storeysOfDifferentOfficesAreLaidOnEachOther() {
        JsonNode n = asked(DemoDrawings.GROUND, DemoDrawings.UPPER);
        assertThat(laid(n.get(0), HeronQuay.GROUND_AT).distance(laid(n.get(1), HeronQuay.UPPER_AT))).isLessThan(0.001);
        assertThat(n.at("/0/aligned").isNull()).isTrue();
        assertThat(n.at("/1/aligned/unsure").asBoolean()).isFalse();
        assertThat(n.at("/1/aligned/residualMm").asDouble()).isLessThan(1);
        assertThat(n.at("/1/evidence").toString()).as("the file says inches").contains("\"agrees\":false");
    }

    @Test void whatHasNoLineInCommonIsLaidUnsure() {
        JsonNode n = asked(DemoDrawings.GROUND, DemoDrawings.OLD_SURVEY, DemoDrawings.ANNEXE);
        assertThat(n.at("/1/aligned/unsure").asBoolean()).as("a scan has no lines").isTrue();
        assertThat(n.at("/2/aligned/unsure").asBoolean()).as("the annexe shares no wall").isTrue();
        assertThat(n.at("/1/at").size()).isEqualTo(2);
    }

    @Test void aShrunkSheetIsMeasuredByItsDimensions() {
        JsonNode n = asked(DemoDrawings.ANNEXE);
        assertThat(n.get("unsure").asBoolean()).isFalse();
        assertThat(n.at("/freeScale/x").asDouble()).isCloseTo(0.94, within(0.0005));
        assertThat(n.get("metresPerUnit").asDouble()).isCloseTo(100 * 0.0254 / 72 / 0.94, within(1e-5));
    }

    @Test void aScanIsUnsureAndAWrongCallIsTold() {
        assertThat(asked(DemoDrawings.OLD_SURVEY).get("unsure").asBoolean()).isTrue();
        assertThat(Main.run(new PrintStream(out), new PrintStream(err), "true")).isEqualTo(Main.WRONG_CALL);
        assertThat(Main.run(new PrintStream(out), new PrintStream(err), "true", folder.resolve("none.dxf").toString())).isEqualTo(Main.REFUSED);
    }
}
