package brightlintel.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Pages and sheets without a window. */
class PagesCommandTest {
    @TempDir Path folder;

    private record Ran(int code, String out, String err) {
        JsonNode json() {
            assertThat(code).as(err).isZero();
            return JsonMapper.builder().build().readTree(out);
        }
    }

    private static Ran run(Object... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(), err = new ByteArrayOutputStream();
        String[] words = Arrays.stream(args).map(String::valueOf).toArray(String[]::new);
        int code = Main.run(new PrintStream(out, true, StandardCharsets.UTF_8), new PrintStream(err, true, StandardCharsets.UTF_8), words);
        return new Ran(code, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    @BeforeEach void demo() {
        assertThat(run("write-demo", folder).code()).isZero();
    }

    @Test void inspectTellsOfEachPage() {
        JsonNode j = run("inspect", folder.resolve("annexe.pdf")).json();
        assertThat(j.path("format").asString()).isEqualTo("PDF");
        assertThat(j.path("pages")).hasSize(2);
        JsonNode p = j.path("pages").get(0);
        assertThat(p.path("number").asInt()).isEqualTo(1);
        assertThat(p.path("widthPt").asDouble()).isCloseTo(1190.55, within(0.01));
        assertThat(p.path("rotation").asInt()).isZero();
        assertThat(p.path("paths").asInt()).isEqualTo(96);
        assertThat(p.path("strokes").asInt()).isEqualTo(111);
        assertThat(p.path("strokeLengthPt").asDouble()).isCloseTo(12169.4, within(1.0));
        assertThat(p.path("words").asInt()).isEqualTo(24);
        assertThat(p.path("images").asInt()).isZero();
        assertThat(StreamSupport.stream(p.path("layers").spliterator(), false).map(l -> l.path("name").asString()))
            .contains("WALLS", "SHEET");
        assertThat(j.path("paper").path("counts").path("TEXT").asInt()).isPositive();
    }

    @Test void inspectTellsTheWordsOfOnePageWithTheirPlaces() {
        JsonNode j = run("inspect", folder.resolve("annexe.pdf"), "--page", 2, "--words").json();
        assertThat(j.path("pages")).hasSize(1);
        JsonNode words = j.path("pages").get(0).path("wordList");
        assertThat(words).hasSize(j.path("pages").get(0).path("words").asInt());
        JsonNode south = StreamSupport.stream(words.spliterator(), false).filter(w -> w.path("text").asString().equals("South")).findFirst()
            .orElseThrow();
        assertThat(south.path("x").asDouble()).isBetween(400.0, 450.0);
        assertThat(south.path("directionDegrees").asDouble()).isZero();
    }

    @Test void aScanSaysThatThereIsNothingToSnapTo() {
        JsonNode j = run("inspect", folder.resolve("old-survey.pdf")).json();
        assertThat(j.path("pages").get(0).path("images").asInt()).isEqualTo(1);
        assertThat(j.path("pages").get(0).path("strokes").asInt()).isZero();
        assertThat(j.path("diagnostics").get(0).path("code").asString()).isEqualTo("NOTHING_TO_SNAP_TO");
    }

    @Test void aPageBecomesADrawingOfTrueStrokes() {
        for (String out : new String[] {"page.dxf", "page.dwg"}) {
            Ran r = run("convert", folder.resolve("annexe.pdf"), "--page", 1, "--to", folder.resolve(out));
            assertThat(r.code()).as(r.err()).isZero();
            JsonNode j = run("inspect", folder.resolve(out), "--digest").json();
            // as many strokes as before they were put together: outlines that the page draws line by line are one thing each
            int outlines = j.path("model").path("counts").path("LWPOLYLINE").asInt();
            assertThat(outlines).isGreaterThanOrEqualTo(10);
            assertThat(j.path("model").path("counts").path("LINE").asInt() + 4 * outlines).isGreaterThan(70);
            assertThat(j.path("model").path("counts").path("ARC").asInt()).isEqualTo(3);
            assertThat(j.path("model").path("counts").path("TEXT").asInt()).isEqualTo(13);
            assertThat(StreamSupport.stream(j.path("layers").spliterator(), false).map(l -> l.path("name").asString().toUpperCase()))
                .contains("WALLS");
        }
    }

    @Test void aPlanIsPutOnASheet() throws Exception {
        Path project = folder.resolve("heron-quay.lintel");
        Ran r = run("convert", project, "--to", folder.resolve("plan.pdf"), "--storey", "ground", "--sheet", "A2", "--scale", "1:100");
        assertThat(r.code()).as(r.err()).isZero();
        JsonNode p = run("inspect", folder.resolve("plan.pdf")).json().path("pages").get(0);
        assertThat(p.path("widthPt").asDouble()).isCloseTo(594 / 25.4 * 72, within(0.01));
        assertThat(run("convert", project, "--to", folder.resolve("plan.svg"), "--what", "base", "--upright").code()).isZero();
        assertThat(Files.readString(folder.resolve("plan.svg"))).startsWith("<?xml").contains("297mm");
        assertThat(run("convert", folder.resolve("upper.dxf"), "--to", folder.resolve("upper.pdf")).code()).isZero();
        assertThat(run("inspect", folder.resolve("upper.pdf")).json().path("pages").get(0).path("strokes").asInt()).isGreaterThan(200);
    }

    @Test void aPlanThatIsLargerThanItsSheetSaysSo() {
        Ran r = run("convert", folder.resolve("heron-quay.lintel"), "--to", folder.resolve("plan.pdf"), "--sheet", "A4", "--scale", "20");
        assertThat(r.code()).isZero();
        assertThat(r.err()).contains("larger than the sheet");
    }

    @Test void wrongCallsAreTold() {
        Path f = folder.resolve("annexe.pdf");
        assertThat(run("inspect", f, "--page", "none").code()).isEqualTo(2);
        assertThat(run("inspect", f, "--page", "9").code()).isEqualTo(1);
        assertThat(run("convert", f, "--to", folder.resolve("x.dxf"), "--page", "9").err()).contains("no sheet or page");
        assertThat(run("convert", f, "--to", folder.resolve("x.pdf"), "--sheet", "A7").code()).isEqualTo(2);
        assertThat(run("convert", f, "--to", folder.resolve("x.pdf"), "--scale", "big").code()).isEqualTo(2);
    }
}
