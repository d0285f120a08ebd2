package brightlintel.inspect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import brightlintel.demo.HeronQuayDrawings;
import brightlintel.demo.Spoil;
import brightlintel.drawing.Code;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.notation.BinaryDxf;
import brightlintel.read.DrawingReader;
import brightlintel.read.Refused;
import brightlintel.write.DrawingFormat;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Our figures against those of an independent reader, for files of every kind and several versions; and the laws of writing again. */
class SamplesTest {
    private static final Path SAMPLES = Path.of("src/test/resources");
    private static final JsonMapper JSON = JsonMapper.builder().build();
    @TempDir Path folder;

    static List<Path> samples() throws IOException {
        try (Stream<Path> s = Files.walk(SAMPLES, 2)) {
            return s.filter(f -> f.toString().matches(".*[.](dxf|dwg)")).sorted().toList();
        }
    }

    private static RawDrawing read(Path f) throws IOException {
        return DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
    }

    private static JsonNode figures(RawDrawing d) {
        return JSON.valueToTree(Inspection.of("x", d, true));
    }

    @ParameterizedTest @MethodSource("samples")
    void ourFiguresEqualThoseOfAnIndependentReader(Path sample) throws IOException {
        JsonNode want = JSON.readTree(Files.readString(sample.resolveSibling(sample.getFileName().toString()
            .replaceFirst("[.]d..$", ".expected.json"))));
        List<String> differ = new ArrayList<>();
        compare(want, figures(read(sample)), "", differ);
        assertThat(differ).isEmpty();
    }

    /** One way: everything the other reader says, we say too, to a millionth. */
    private static void compare(JsonNode want, JsonNode have, String at, List<String> differ) {
        if (want.isObject()) {
            for (String k : new TreeSet<>(want.propertyNames())) compare(want.get(k), have.path(k), at + "/" + k, differ);
        } else if (want.isArray()) {
            if (want.size() != have.size()) differ.add(at + ": " + want.size() + " against " + have.size());
            else for (int i = 0; i < want.size(); i++) compare(want.get(i), have.get(i), at + "/" + i, differ);
        } else if (want.isNumber()) {
            double a = want.asDouble(), b = have.isNumber() ? have.asDouble() : Double.NaN;
            if (!(Math.abs(a - b) <= 1e-6 * Math.max(Math.max(Math.abs(a), Math.abs(b)), 1e-3)))
                differ.add(at + ": " + a + " against " + b);
        } else if (!want.equals(have)
            && !(want.isNull() && (have.isMissingNode() || have.isNull()))) differ.add(at + ": " + want + " against " + have);
    }

    @ParameterizedTest @MethodSource("samples")
    void writtenAndReadAgainADrawingIsEqual(Path sample) throws IOException {
        RawDrawing d = read(sample);
        for (DrawingFormat format : DrawingFormat.values()) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            var left = format.write(d, out);
            JsonNode before = figures(d), after = figures(read(Files.write(folder.resolve("again"), out.toByteArray())));
            List<String> differ = new ArrayList<>();
            for (String k : List.of("insunits", "measurement", "blocks", "model", "paper", "inBlocks"))
                compare(before.path(k), after.path(k), k, differ);
            differ.removeIf(x -> left.keySet().stream().anyMatch(x::contains)
                || x.matches("(model|paper|inBlocks)/(total|byLayer|byColor).*") && !left.isEmpty());
            if (format == DrawingFormat.DXF) compare(before.path("layers"), after.path("layers"), "layers", differ);
            // it has no way to say that a unit or a measured value is not known
            else differ.removeIf(x -> x.startsWith("insunits: null") || x.contains("DIMENSION/measured"));
            assertThat(differ).as(format.name()).isEmpty();
        }
    }

    @ParameterizedTest @MethodSource("samples")
    void everySampleCanBeFlattened(Path sample) throws IOException {
        Strokes s = Flattening.of(read(sample), new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
        if (!sample.toString().contains("props")) assertThat(s.size() + s.texts().size()).isPositive();
        if (sample.toString().contains("hatches")) assertThat(s.fills()).hasSizeGreaterThan(2);
        for (double v : Arrays.copyOf(s.xy(), 4 * s.chords())) assertThat(v).isFinite();
    }

    @ParameterizedTest @MethodSource("samples")
    void aSpoiledSampleIsReadWithAReportOrRefused(Path sample) throws IOException {
        byte[] whole = Files.readAllBytes(sample);
        Random r = new Random(7);
        for (int i = 0; i < 13; i++) {
            byte[] spoiled = Spoil.of(whole, r);
            Files.write(folder.resolve("spoiled"), spoiled);
            assertThatCode(() -> assertTimeoutPreemptively(Duration.ofSeconds(10), () -> {
                try {
                    Flattening.of(read(folder.resolve("spoiled")), new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
                } catch (Refused e) {
                    assertThat(e.why()).isNotNull();
                }
            })).as(sample + " spoiled the " + i + "th time").doesNotThrowAnyException();
        }
    }

    @Test void theSameDrawingAsTextAndAsBinaryIsEqual() throws IOException {
        for (String text : List.of(HeronQuayDrawings.ground(), HeronQuayDrawings.upper())) {
            RawDrawing a = read(Files.writeString(folder.resolve("a.dxf"), text));
            for (boolean old : new boolean[] {false, true}) {
                RawDrawing b = read(Files.write(folder.resolve("b.dxf"), BinaryDxf.of(text, old)));
                assertThat(b.spaces()).isEqualTo(a.spaces());
                assertThat(b.blocks()).isEqualTo(a.blocks());
                assertThat(b.layers()).isEqualTo(a.layers());
                assertThat(b.header()).isEqualTo(a.header());
            }
        }
    }

    /** Sections in another order, tables with their records the other way round: nothing changes but the order of layers. */
    @Test void theOrderOfSectionsAndRecordsDoesNotMatter() throws IOException {
        String text = HeronQuayDrawings.ground();
        List<String> sections = new ArrayList<>(List.of(text.substring(0, text.lastIndexOf("0\nEOF")).split("(?<=0\nENDSEC\n)")));
        Collections.reverse(sections);
        RawDrawing a = read(Files.writeString(folder.resolve("a.dxf"), text)),
            b = read(Files.writeString(folder.resolve("b.dxf"), String.join("", sections) + "0\nEOF\n"));
        assertThat(figures(b)).isEqualTo(figures(a));
    }

    @Test void aBinaryFileCutOffGivesWhatCameBefore() throws IOException {
        byte[] whole = BinaryDxf.of(HeronQuayDrawings.upper(), false);
        RawDrawing d = read(Files.write(folder.resolve("cut.dxf"), Arrays.copyOf(whole, whole.length * 2 / 3)));
        assertThat(d.report().count(Code.FILE_ENDS_EARLY)).isPositive();
        assertThat(new String(whole, 0, 18, StandardCharsets.US_ASCII)).isEqualTo("AutoCAD Binary DXF");
    }
}
