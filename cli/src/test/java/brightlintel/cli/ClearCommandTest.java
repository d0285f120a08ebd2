package brightlintel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.demo.DemoDrawings;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** {@code clear}: what layers and blocks of a drawing stand for. */
class ClearCommandTest {
    @TempDir Path folder;
    private final ByteArrayOutputStream out = new ByteArrayOutputStream(), err = new ByteArrayOutputStream();

    private int call(String... args) {
        return Main.run(new PrintStream(out), new PrintStream(err), args);
    }

    private JsonNode of(String demo) throws IOException {
        Path f = Files.write(folder.resolve(demo), DemoDrawings.bytes(demo));
        assertThat(call("clear", f.toString())).as(err.toString(StandardCharsets.UTF_8)).isZero();
        return JsonMapper.shared().readTree(out.toString(StandardCharsets.UTF_8));
    }

    @Test void layersAreToldByWhatIsOnThem() throws IOException {
        JsonNode n = of(DemoDrawings.UPPER);
        Map<String, String> roles = new TreeMap<>();
        n.get("layers").forEach(l -> roles.put(l.get("name").asString(), l.get("role").asString()));
        assertThat(roles).containsEntry("WALLS", "wall").containsEntry("GRID", "grid").containsEntry("FURNITURE", "furniture")
            .containsEntry("DIM", "dimension").containsEntry("STAIR", "stair").containsEntry("OPENINGS", "window");
        n.get("layers").forEach(l -> {
            int sum = 0;
            for (JsonNode c : l.get("roles")) sum += c.asInt();
            assertThat(sum).as("%s", l).isEqualTo(l.get("strokes").asInt());
            assertThat(l.get("confidence").asDouble()).isBetween(0.0, 1.0);
        });
        assertThat(n.at("/kept/wall").asInt()).isPositive();
        assertThat(n.at("/setAside/furniture").asInt()).isGreaterThan(100);
        assertThat(n.at("/setAside/wall").isMissingNode()).isTrue();
    }

    @Test void oneFileIsAskedFor() {
        assertThat(call("clear")).isEqualTo(2);
        assertThat(call("clear", "a.dxf", "b.dxf")).isEqualTo(2);
        assertThat(call("clear", folder.resolve("none.dxf").toString())).isEqualTo(1);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("none.dxf");
    }
}
