package brightlintel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class CommandLineTest {
    @TempDir Path folder;

    private record Ran(int code, String out, String err) { }

    private static Ran run(Object... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(), err = new ByteArrayOutputStream();
        String[] words = Arrays.stream(args).map(String::valueOf).toArray(String[]::new);
        int code = Main.run(new PrintStream(out, true, StandardCharsets.UTF_8), new PrintStream(err, true, StandardCharsets.UTF_8), words);
        return new Ran(code, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    private Path demo() {
        assertThat(run("write-demo", folder).code()).isZero();
        return folder.resolve("heron-quay.lintel");
    }

    @Test void inspectPrintsOneJsonObject() {
        demo();
        Ran r = run("inspect", folder.resolve("upper.dxf"), "--digest");
        assertThat(r.err()).isEmpty();
        assertThat(r.code()).isZero();
        JsonNode j = JsonMapper.builder().build().readTree(r.out());
        assertThat(j.path("file").asString()).isEqualTo("upper.dxf");
        assertThat(j.path("insunits").asInt()).isEqualTo(1);
        assertThat(j.path("layers").size()).isEqualTo(8);
        assertThat(j.path("model").path("counts").path("CIRCLE").asInt()).isEqualTo(15);
        assertThat(j.path("model").path("digest").path("CIRCLE").path("sumRadius").asDouble()).isEqualTo(6.75);
        assertThat(j.path("inBlocks").path("total").asInt()).isPositive();
    }

    @Test void inspectTakesManyFilesAndGoesOnAfterOneThatIsRefused() {
        demo();
        Ran r = run("inspect", folder.resolve("upper.dxf"), folder.resolve("nowhere.dwg"), folder.resolve("ground.dwg"));
        assertThat(r.code()).isEqualTo(1);
        assertThat(r.err().lines()).hasSize(1).allMatch(l -> l.contains("nowhere.dwg"));
        JsonNode j = JsonMapper.builder().build().readTree(r.out());
        assertThat(j).hasSize(2);
        assertThat(j.get(1).path("version").asString()).isEqualTo("AC1015");
        assertThat(j.get(1).path("model").path("total").asInt()).isGreaterThan(400);
    }

    @Test void aDrawingIsWrittenAnewAsDxfAndAsDwg() throws Exception {
        demo();
        for (String out : new String[] {"again.dxf", "again.dwg"}) {
            assertThat(run("convert", folder.resolve("ground.dwg"), "--to", folder.resolve(out)).code()).isZero();
            assertThat(run("inspect", folder.resolve(out), "--digest").out().replaceFirst("(?s)\\A.*?\"insunits\"", "")).isEqualTo(
                run("inspect", folder.resolve("ground.dwg"), "--digest").out().replaceFirst("(?s)\\A.*?\"insunits\"", ""));
        }
    }

    @Test void convertWritesModelAndPictures() throws Exception {
        Path p = demo();
        for (String out : new String[] {"m.ifc", "v.png", "p.png"}) {
            Path to = folder.resolve(out);
            Ran r = out.startsWith("p") ? run("convert", p, "--to", to, "--view", "plan", "--storey", "ground", "--size", "320x200")
                : run("convert", p, "--to", to);
            assertThat(r.code()).as(r.err()).isZero();
            assertThat(Files.size(to)).isGreaterThan(500);
        }
        assertThat(Files.readString(folder.resolve("m.ifc"))).startsWith("ISO-10303-21;").endsWith("END-ISO-10303-21;\n");
    }

    /** What stood at the target stays until there is something to put in its place, and no half of a file is left beside it. */
    @Test void aConversionThatFailsLeavesItsTargetAsItWas() throws Exception {
        Path p = demo();
        Path to = Files.writeString(folder.resolve("target.ifc"), "an older model");
        for (Path from : new Path[] {folder.resolve("nowhere.lintel"), Files.writeString(folder.resolve("bad.lintel"), "PK\3\4 no"),
            Files.writeString(folder.resolve("bad.dxf"), "no drawing")}) {
            assertThat(run("convert", from, "--to", to).code()).isEqualTo(1);
            assertThat(Files.readString(to)).isEqualTo("an older model");
        }
        assertThat(run("convert", p, "--to", to, "--storey", "attic").code()).isEqualTo(2);
        assertThat(Files.readString(to)).isEqualTo("an older model");
        Path dir = Files.createDirectories(folder.resolve("out.ifc"));
        assertThat(run("convert", p, "--to", dir).code()).as("a folder cannot be written over").isEqualTo(1);
        assertThat(run("convert", p, "--to", folder.resolve("no/folder/m.ifc")).code()).isEqualTo(1);
        try (var all = Files.list(folder)) {
            assertThat(all.map(f -> f.getFileName().toString())).noneMatch(n -> n.contains("tmp") || n.endsWith("~") || n.startsWith(".m"));
        }
        assertThat(run("convert", p, "--to", to).code()).isZero();
        assertThat(Files.readString(to)).startsWith("ISO-10303-21");
    }

    /** A device that is full from the first byte on. */
    @Test @EnabledOnOs(OS.LINUX) void aFullDiskIsOneLineAndCodeOne() {
        Path p = demo();
        Ran r = run("convert", p, "--to", Path.of("/dev/full/m.ifc"));
        assertThat(r.code()).isEqualTo(1);
        assertThat(r.err().lines()).hasSize(1);
    }

    @Test void aRefusalIsOneLineAndCodeOne() throws Exception {
        Path empty = Files.write(folder.resolve("empty.dxf"), new byte[0]);
        for (Ran r : new Ran[] {run("inspect", empty), run("inspect", folder.resolve("no.dxf")), run("inspect", folder),
            run("convert", empty, "--to", folder.resolve("x.ifc"))}) {
            assertThat(r.code()).isEqualTo(1);
            assertThat(r.out()).isEmpty();
            assertThat(r.err().strip()).isNotEmpty().doesNotContain("\n").doesNotContain("Exception");
        }
    }

    @Test void aWrongCallIsCodeTwo() {
        Path p = demo();
        for (Ran r : new Ran[] {run("inspect"), run("dance"), run("convert", p), run("convert", p, "--to", "x.doc"),
            run("convert", p, "--to", folder.resolve("a.png"), "--storey", "Attic"),
            run("convert", p, "--to", folder.resolve("a.png"), "--view", "side"), run()}) {
            assertThat(r.code()).as(r.err()).isEqualTo(2);
            assertThat(r.out()).isEmpty();
        }
    }
}
