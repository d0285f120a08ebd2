package brightlintel.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import brightlintel.demo.DemoDrawings;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A storey recognised from its file alone, as JSON. */
class TraceCommandTest {
    @TempDir Path folder;

    @Test void theDemosGroundFloorIsTold() throws Exception {
        Path file = Files.write(folder.resolve("ground.dwg"), DemoDrawings.bytes(DemoDrawings.GROUND)), to = folder.resolve("out.json");
        ByteArrayOutputStream out = new ByteArrayOutputStream(), err = new ByteArrayOutputStream();
        int code = Main.run(new PrintStream(out), new PrintStream(err), "trace", file.toString(), "--json", to.toString());
        assertThat(code).as(err.toString(StandardCharsets.UTF_8)).isZero();
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("7 grid lines", "walls", "rooms");
        JsonNode n = JsonMapper.shared().readTree(Files.readString(to));
        assertThat(n.path("placement").path("metresPerUnit").asDouble()).isCloseTo(0.001, within(1e-9));
        assertThat(n.path("grids")).hasSize(7);
        assertThat(n.path("walls").size()).isGreaterThanOrEqualTo(13);
        double longest = 0;
        for (JsonNode w : n.path("walls")) {
            double dx = w.path("b").path(0).asDouble() - w.path("a").path(0).asDouble(), dy = w.path("b").path(1).asDouble() - w.path("a").path(1)
                .asDouble();
            longest = Math.max(longest, Math.hypot(dx, dy));
            assertThat(w.path("confidence").asDouble()).isBetween(0.5, 1.0);
        }
        assertThat(longest).as("in building metres").isCloseTo(24, within(0.4));
        assertThat(n.path("openings").findValuesAsString("kind")).contains("door", "window");
        assertThat(n.path("rooms").findValuesAsString("name")).contains("Workshop", "Corridor");
        for (JsonNode r : n.path("rooms")) assertThat(r.path("polygon").size()).isGreaterThanOrEqualTo(3);
    }
}
