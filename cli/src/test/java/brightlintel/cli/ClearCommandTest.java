package brightlintel.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.demo.DemoDrawings;
import brightlintel.demo.HeronQuay;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Box;
import brightlintel.read.DrawingReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
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

    @Test void partsOfTheSheetAndFaultsAreCounted() throws IOException {
        JsonNode n = of(DemoDrawings.UPPER);
        assertThat(n.get("regions")).hasSize(1);
        JsonNode plan = n.at("/regions/0");
        assertThat(plan.get("kind").asString()).isEqualTo("plan");
        assertThat(plan.at("/box/2").asDouble() - plan.at("/box/0").asDouble()).as("with grid and terrace, metres").isBetween(26.0, 27.0);
        assertThat(n.at("/repairs/gaps").asInt()).isEqualTo(7);
        assertThat(n.at("/repairs/overlaps").asInt()).isEqualTo(7);
    }

    /** The header says inches, the drawing is in metres: what is written is true, in millimetres, and building alone. */
    @ParameterizedTest @ValueSource(strings = {"dxf", "dwg"})
    void aCleanedDrawingIsTrueAndOnLayersByRole(String ending) throws IOException {
        Path from = Files.write(folder.resolve("upper.dxf"), DemoDrawings.bytes(DemoDrawings.UPPER)), to = folder.resolve("clean." + ending);
        byte[] before = Files.readAllBytes(from);
        assertThat(call("convert", from.toString(), "--clean", "--to", to.toString())).as(err.toString(StandardCharsets.UTF_8)).isZero();
        assertThat(Files.readAllBytes(from)).as("what was received").isEqualTo(before);
        RawDrawing d = DrawingReader.read(to, ReadLimits.DEFAULT, Progress.NONE);
        Strokes s = Flattening.of(d, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
        Set<String> layers = new TreeSet<>();
        Box walls = Box.EMPTY;
        for (int i = 0; i < s.size(); i++) {
            String layer = s.layers().get(s.layerOf(i)).name();
            layers.add(layer);
            if (layer.equals("WALL")) walls = walls.with(s.curveOf(i).at(0)).with(s.curveOf(i).at(1));
        }
        assertThat(layers).contains("WALL", "WINDOW", "GRID", "STAIR").doesNotContain("FURNITURE", "DIM", "DIMENSION", "WALLS");
        assertThat(walls.width()).as("outer faces and the terrace, millimetres").isCloseTo(24_180, within(1.0));
        assertThat(walls.height()).isCloseTo(14_360, within(1.0));
    }

    @Test void aCleanedSheetIsWrittenAndAProjectIsRefused() throws IOException {
        Path from = Files.write(folder.resolve("upper.dxf"), DemoDrawings.bytes(DemoDrawings.UPPER)), pdf = folder.resolve("clean.pdf"),
            svg = folder.resolve("clean.svg");
        assertThat(call("convert", from.toString(), "--clean", "--to", pdf.toString())).isZero();
        assertThat(Files.size(pdf)).isPositive();
        assertThat(call("convert", from.toString(), "--clean", "--to", svg.toString())).isZero();
        assertThat(Files.readString(svg)).contains("Kitchen").doesNotContain("16.00");
        assertThat(call("convert", from.toString(), "--clean", "--to", folder.resolve("x.ifc").toString())).isEqualTo(2);
    }

    @Test void whatIsUnsureOfItsSizeIsSaid() throws IOException {
        Path from = Files.writeString(folder.resolve("one.dxf"), "0\nSECTION\n2\nENTITIES\n0\nLINE\n8\nA\n10\n0\n20\n0\n11\n5\n21\n0\n0\nENDSEC\n0\nEOF\n");
        assertThat(call("convert", from.toString(), "--clean", "--to", folder.resolve("c.dxf").toString())).isZero();
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("not sure");
    }

    /** {@code trace}: how a plan lies, and its layers. */
    @Test void aPlanIsPlacedAndItsLayersAreTold() throws IOException {
        Path f = Files.write(folder.resolve("upper.dxf"), DemoDrawings.bytes(DemoDrawings.UPPER)), to = folder.resolve("out.json");
        assertThat(call("trace", f.toString(), "--json", to.toString())).as(err.toString(StandardCharsets.UTF_8)).isZero();
        JsonNode n = JsonMapper.shared().readTree(Files.readString(to));
        assertThat(n.at("/placement/metresPerUnit").asDouble()).as("metres, whatever the header says").isEqualTo(1);
        assertThat(n.at("/placement/turnRadians").asDouble()).isCloseTo(0, within(1e-6));
        assertThat(n.at("/placement/originInFile/0").asDouble()).as("at the plan's lower left")
            .isBetween(HeronQuay.UPPER_AT.x(), HeronQuay.UPPER_AT.x() + 8.01);
        assertThat(n.get("layers")).anyMatch(l -> l.get("name").asString().equals("WALLS") && l.get("role").asString().equals("wall"));
        assertThat(call("trace", f.toString())).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("\"placement\"");
        assertThat(call("trace")).isEqualTo(2);
    }

    @Test void oneFileIsAskedFor() {
        assertThat(call("clear")).isEqualTo(2);
        assertThat(call("clear", "a.dxf", "b.dxf")).isEqualTo(2);
        assertThat(call("clear", folder.resolve("none.dxf").toString())).isEqualTo(1);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("none.dxf");
    }
}
