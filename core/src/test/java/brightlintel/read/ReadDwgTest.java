package brightlintel.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.demo.DemoDrawings;
import brightlintel.demo.HeronQuayDrawings;
import brightlintel.drawing.Code;
import brightlintel.drawing.Format;
import brightlintel.drawing.Location;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.notation.Alike;
import brightlintel.notation.RandomDrawing;
import brightlintel.write.DrawingFormat;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Laws of reading and writing bit-packed files, and what is still read of broken ones. */
class ReadDwgTest {
    private static final Path SAMPLES = Path.of("src/test/resources/dwg");
    @TempDir Path folder;

    private RawDrawing written(RawDrawing d, DrawingFormat format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(format.write(d, out)).isEmpty();
        return read(out.toByteArray());
    }

    private RawDrawing read(byte[] bytes) throws IOException {
        return DrawingReader.read(Files.write(folder.resolve("drawing"), bytes), ReadLimits.DEFAULT, Progress.NONE);
    }

    private static List<String> differences(RawDrawing a, RawDrawing b, double share) {
        List<String> out = new ArrayList<>(Alike.differences(a.spaces(), b.spaces(), share));
        out.addAll(Alike.differences(a.blocks(), b.blocks(), share));
        out.addAll(Alike.differences(a.tables().lineType("AXIS"), b.tables().lineType("AXIS"), share));
        out.addAll(Alike.differences(a.tables().dimensionStyle("HALF"), b.tables().dimensionStyle("HALF"), share));
        for (var l : a.layers()) out.addAll(Alike.differences(l, b.layer(l.name()).orElse(null), share));
        for (String h : List.of("$INSUNITS", "$MEASUREMENT", "$LTSCALE", "$LUNITS"))
            out.addAll(Alike.differences(a.header().number(h), b.header().number(h), share));
        return out;
    }

    @ParameterizedTest @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void writtenAndReadADrawingIsTheSameToTheLastBit(long seed) throws IOException {
        RawDrawing d = RandomDrawing.of(seed, 60), again = written(d, DrawingFormat.DWG);
        assertThat(again.format()).isEqualTo(Format.DWG);
        assertThat(again.version()).isEqualTo("AC1015");
        List<String> differ = differences(d, again, 0);
        // the turn of a long text is kept as a direction
        differ.removeIf(x -> x.contains("Text.rotation"));
        assertThat(differ).isEmpty();
        assertThat(again.report().entries().stream().map(e -> e.code().name()).filter(c -> !c.startsWith("LAYER"))).isEmpty();
    }

    @ParameterizedTest @ValueSource(longs = {21, 22, 23, 24, 25, 26, 27, 28, 29, 30, 31, 32})
    void theSameDrawingAsTextAndBitPackedIsEqual(long seed) throws IOException {
        RawDrawing d = RandomDrawing.of(seed, 60);
        assertThat(differences(written(d, DrawingFormat.DXF), written(d, DrawingFormat.DWG), 1e-9)).isEmpty();
    }

    @Test void aFileOfManySectionsOfTheMapIsReadInOrder() throws IOException {
        RawDrawing d = RandomDrawing.of(5, 20_000), again = written(d, DrawingFormat.DWG);
        assertThat(differences(d, again, 1e-9)).isEmpty();
    }

    @Test void withoutItsMapTheObjectsAreFoundByTheirChecksums() throws IOException {
        for (String name : List.of("mech-r2000", "mech-r2004", "mech-r2010")) {
            byte[] whole = Files.readAllBytes(SAMPLES.resolve(name + ".dwg"));
            RawDrawing all = read(whole), cut = read(Arrays.copyOf(whole, whole.length * 7 / 10));
            int kept = cut.space(new SpaceKey.Model()).orElseThrow().entities().size(), were = all.space(new SpaceKey.Model()).orElseThrow()
                .entities().size();
            assertThat(kept).as(name).isGreaterThan(were / 2).isLessThan(were);
            assertThat(all.space(new SpaceKey.Model()).orElseThrow().entities()).as("all that is read is right")
                .usingElementComparator((a, b) -> a.key().handle().equals(b.key().handle()) ? Alike.differences(
                a, b, 0).stream().allMatch(x -> x.contains("Style")) ? 0 : 1 : 1)
                .containsAll(cut.space(new SpaceKey.Model()).orElseThrow().entities().subList(0, 50));
            assertThat(cut.report().count(Code.MAP_BROKEN)).isEqualTo(1);
            assertThat(cut.report().count(Code.OBJECTS_RECOVERED)).isEqualTo(1);
        }
    }

    @Test void aWrongChecksumIsToldWithItsPlaceAndTheObjectIsReadAllTheSame() throws IOException {
        byte[] bytes = Files.readAllBytes(SAMPLES.resolve("mech-r2000.dwg"));
        RawDrawing sound = read(bytes);
        // the line of handle 32 lies here; one bit in the middle of its figures
        int line = 56_987;
        bytes[line + 14] ^= 4;
        RawDrawing spoiled = read(bytes);
        assertThat(spoiled.report().entries()).singleElement().satisfies(e -> {
            assertThat(e.code()).isEqualTo(Code.CHECKSUM_WRONG);
            assertThat(e.count()).isEqualTo(1);
            assertThat(e.first().getFirst().at()).isEqualTo(new Location.Offset(line));
        });
        assertThat(differences(sound, spoiled, 0)).isNotEmpty().allMatch(x -> x.contains("Line."));
    }

    @Test void theDrawingsThatShipAreThoseThatTheCodeMakes() throws IOException {
        assertThat(differences(read(DemoDrawings.bytes(DemoDrawings.GROUND)), read(HeronQuayDrawings.groundDwg()), 1e-9)).isEmpty();
        assertThat(differences(read(DemoDrawings.bytes(DemoDrawings.UPPER)),
            read(HeronQuayDrawings.upper().getBytes(StandardCharsets.UTF_8)), 1e-9)).isEmpty();
    }

    @Test void versionsThatAreNotReadAreNamed() throws IOException {
        for (String word : List.of("AC1009", "AC1014", "AC2.10")) {
            Path f = Files.writeString(folder.resolve("old.dwg"), word + " and what follows".repeat(100));
            assertThatThrownBy(() -> DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE)).isInstanceOfSatisfying(Refused.class, r -> {
                assertThat(r.why()).isEqualTo(Refused.Why.OLD_VERSION);
                assertThat(r.values().get(1).toString()).contains(word);
            });
        }
    }

    @Test void readingCanBeStopped() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DrawingFormat.DWG.write(RandomDrawing.of(8, 30_000), out);
        Path f = Files.write(folder.resolve("large.dwg"), out.toByteArray());
        assertThatThrownBy(() -> DrawingReader.read(f, ReadLimits.DEFAULT, (_, done, _) -> {
            if (done > 0) throw new CancellationException();
        })).isInstanceOf(CancellationException.class);
    }
}
