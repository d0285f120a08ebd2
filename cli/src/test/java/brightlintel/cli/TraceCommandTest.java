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

import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.demo.DemoDrawings;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
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

    /** Two storeys of the demo, each drawn its own way, and a file that is none: the others become a building of two storeys in line. */
    @Test void severalPlansBecomeOneBuilding() throws Exception {
        Path ground = Files.write(folder.resolve("ground.dwg"), DemoDrawings.bytes(DemoDrawings.GROUND)), upper = Files.write(
            folder.resolve("upper.dxf"), DemoDrawings.bytes(DemoDrawings.UPPER)), broken = Files.writeString(folder.resolve("broken.dwg"), "none"),
            json = folder.resolve("out.json"), model = folder.resolve("club.lintel"), ifc = folder.resolve("club.ifc");
        ByteArrayOutputStream out = new ByteArrayOutputStream(), err = new ByteArrayOutputStream();
        int code = Main.run(new PrintStream(out), new PrintStream(err), "trace", ground.toString(), broken.toString(), upper.toString(), "--json",
            json.toString(), "--out", model.toString(), "--all");
        String said = err.toString(StandardCharsets.UTF_8);
        assertThat(code).as("one was refused: " + said).isEqualTo(Main.REFUSED);
        assertThat(said.lines().filter(l -> l.contains("rooms"))).hasSize(2);
        assertThat(JsonMapper.shared().readTree(Files.readString(json))).hasSize(2);
        Project p = ProjectFile.open(model, new Originals(folder.resolve("o")), "Ground").project();
        assertThat(p.storeys()).extracting(Storey::name).containsExactly("ground", "upper");
        assertThat(p.grid()).hasSize(7);
        // the long south wall of both lies on one line
        for (Storey s : p.storeys()) assertThat(p.on(s.id()).walls()).as(s.name()).anyMatch(w -> w.length() > 10 && Math.abs(w.reference().a().y()
            - p.on(p.storeys().getFirst().id()).walls().stream().mapToDouble(x -> x.reference().a().y()).min().orElseThrow()) < 0.02);
        assertThat(p.on(p.storeys().getFirst().id()).slabs()).hasSize(1);
        assertThat(Main.run(new PrintStream(out), new PrintStream(err), "trace", ground.toString(), "--out", ifc.toString())).isZero();
        assertThat(Files.readString(ifc)).contains("IFCWALL(", "IFCDOOR(", "IFCSLAB(");
        assertThat(Main.run(new PrintStream(out), new PrintStream(err), "trace", ground.toString(), "--out", "model.txt")).isEqualTo(Main.WRONG_CALL);
        assertThat(Main.run(new PrintStream(out), new PrintStream(err), "trace")).isEqualTo(Main.WRONG_CALL);
    }
}
