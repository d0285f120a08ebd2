package brightlintel.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightlintel.demo.HeronQuayDrawings;
import brightlintel.demo.Spoil;
import brightlintel.drawing.Code;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.drawing.TextCodes;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ReadDxfTest {
    @TempDir Path folder;

    private RawDrawing read(String text) throws IOException {
        return read(text.getBytes(StandardCharsets.UTF_8));
    }

    private RawDrawing read(byte[] bytes) throws IOException {
        return DrawingReader.read(Files.write(folder.resolve("x.dxf"), bytes), ReadLimits.DEFAULT, Progress.NONE);
    }

    /** Groups with blanks between, a pair each, in a section of entities. */
    private static String entities(String... pairs) {
        return "0\nSECTION\n2\nENTITIES\n" + String.join("\n", pairs) + "\n0\nENDSEC\n0\nEOF\n";
    }

    private static List<Entity> model(RawDrawing d) {
        return d.space(new SpaceKey.Model()).orElseThrow().entities();
    }

    private static Strokes strokes(RawDrawing d) {
        return Flattening.of(d, new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
    }

    private static String line(double x0, double y0, double x1, double y1) {
        return "0\nLINE\n8\nWALLS\n10\n" + x0 + "\n20\n" + y0 + "\n11\n" + x1 + "\n21\n" + y1;
    }

    @Test void aLineKeepsItsEndsAndItsLayer() throws IOException {
        RawDrawing d = read(entities(line(1, 2, 3.5, -4e2)));
        assertThat(model(d)).singleElement().isInstanceOfSatisfying(Entity.Line.class, l -> {
            assertThat(l.style().layer()).isEqualTo("WALLS");
            assertThat(l.b().y()).isEqualTo(-400);
        });
        assertThat(d.report().count(Code.LAYER_NOT_DECLARED)).isEqualTo(1);
        assertThat(d.report().count(Code.NO_HEADER)).isEqualTo(1);
    }

    @Test void allLineEndsReadTheSame() throws IOException {
        String lf = HeronQuayDrawings.ground();
        List<Entity> want = model(read(lf));
        assertThat(model(read(lf.replace("\n", "\r\n")))).isEqualTo(want);
        assertThat(model(read(lf.replace("\n", "\r")))).isEqualTo(want);
        assertThat(model(read("\ufeff" + lf))).isEqualTo(want);
        String[] lines = lf.split("\n");
        for (int i = 0; i < lines.length; i += 2) lines[i] = "  " + lines[i] + " ";
        assertThat(model(read(String.join("\n", lines)))).as("blanks round codes").isEqualTo(want);
    }

    @Test void aBulgeBecomesATrueArc() throws IOException {
        Strokes s = strokes(read(entities("0\nLWPOLYLINE\n8\n0\n90\n2\n70\n0\n10\n0\n20\n0\n42\n1\n10\n2\n20\n0")));
        Curve.EllipticArc a = (Curve.EllipticArc) s.curveOf(0);
        assertThat(a.centre().plus(s.origin())).isEqualTo(new Point(1, 0));
        assertThat(a.at(0.5).plus(s.origin()).distance(new Point(1, -1))).isLessThan(1e-12);
    }

    @Test void aMirroredBlockTurnsItsArcRound() throws IOException {
        String block = "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nDOOR\n10\n0\n20\n0\n0\nARC\n8\n0\n10\n0\n20\n0\n40\n1\n50\n0\n51\n90\n0\nENDBLK\n0\nENDSEC\n";
        Strokes s = strokes(read(block + entities("0\nINSERT\n8\nDOORS\n2\ndoor\n10\n10\n20\n5\n41\n-2\n42\n2")));
        assertThat(s.size()).isEqualTo(1);
        Curve c = s.curveOf(0);
        Point o = s.origin();
        assertThat(c.first().plus(o).distance(new Point(8, 5))).isLessThan(1e-9);
        assertThat(c.last().plus(o).distance(new Point(10, 7))).isLessThan(1e-9);
        assertThat(s.layers().get(s.layerOf(0)).name()).as("layer 0 takes the layer of the reference").isEqualTo("DOORS");
    }

    @Test void anArrayedReferenceIsUnfoldedInItsRows() throws IOException {
        String block = "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nB\n10\n0\n20\n0\n" + line(0, 0, 1, 0) + "\n0\nENDBLK\n0\nENDSEC\n";
        Strokes s = strokes(read(block + entities("0\nINSERT\n8\n0\n2\nB\n10\n0\n20\n0\n50\n90\n70\n3\n71\n2\n44\n5\n45\n7")));
        assertThat(s.size()).isEqualTo(6);
        Point last = s.curveOf(5).first().plus(s.origin());
        assertThat(last.distance(new Point(-7, 10))).as("columns run along the turned x").isLessThan(1e-9);
    }

    @Test void anExtrusionDownwardsMirrorsTheCircle() throws IOException {
        Strokes s = strokes(read(entities("0\nCIRCLE\n8\n0\n10\n3\n20\n2\n40\n1\n210\n0\n220\n0\n230\n-1")));
        assertThat(((Curve.EllipticArc) s.curveOf(0)).centre().plus(s.origin())).isEqualTo(new Point(-3, 2));
    }

    @Test void farFromTheOriginNoDigitIsLost() throws IOException {
        Strokes s = strokes(read(entities(line(182430000.001, 108220000, 182430000.002, 108220001))));
        Curve c = s.curveOf(0);
        assertThat(c.last().minus(c.first()).x()).isCloseTo(0.001, within(3e-8));
    }

    @Test void aSplineRunsThroughItsEnds() throws IOException {
        Strokes s = strokes(read(entities(
            "0\nSPLINE\n8\n0\n70\n8\n71\n3\n72\n8\n73\n4\n40\n0\n40\n0\n40\n0\n40\n0\n40\n1\n40\n1\n40\n1\n40\n1\n10\n0\n20\n0\n10\n1\n20\n2\n10\n3\n20\n2\n10\n4\n20\n0")));
        Point o = s.origin();
        assertThat(s.curveOf(0).first().plus(o)).isEqualTo(new Point(0, 0));
        assertThat(s.curveOf(0).at(0.5).plus(o).distance(new Point(2, 1.5))).isLessThan(1e-12);
    }

    @Test void aSplineOfAnImpossibleDegreeIsLeftOut() throws IOException {
        Strokes s = strokes(read(entities("0\nSPLINE\n8\n0\n71\n-2147483648\n10\n0\n20\n0\n10\n1\n20\n2\n10\n3\n20\n2", line(0, 0, 1, 1))));
        assertThat(s.size()).isEqualTo(1);
        assertThat(s.report().count(Code.BAD_SHAPE)).isEqualTo(1);
    }

    @Test void textCodesBecomeSigns() {
        assertThat(TextCodes.plain("90%%d %%p0 %%c20 \\U+00B2 %%065", false)).isEqualTo("90° ±0 ∅20 ² A");
        assertThat(TextCodes.plain("{\\fArial|b0;Boat} bay\\P1\\S1/2; \\H0.7x;small", true)).isEqualTo("Boat bay\n11/2 small");
        assertThat(TextCodes.plain("\\M+1967B \\M+9FFFF", false)).isEqualTo("本 \\M+9FFFF");
    }

    @Test void textsKnowTheirStyle() throws IOException {
        RawDrawing d = read(entities("0\nTEXT\n8\n0\n10\n0\n20\n0\n40\n1\n1\nHall\n7\nROOM NAMES", "0\nTEXT\n8\n0\n10\n0\n20\n0\n40\n1\n1\nA\n7\nStandard",
            "0\nMTEXT\n8\n0\n10\n0\n20\n0\n40\n1\n1\nB\n7\nNOTES"));
        assertThat(model(d)).extracting(Entity::manner).containsExactly("ROOM NAMES", "", "NOTES");
    }

    @Test void textBefore2007IsInTheCodePageOfTheHeader() throws IOException {
        String head = "0\nSECTION\n2\nHEADER\n9\n$ACADVER\n1\nAC1015\n9\n$DWGCODEPAGE\n3\nANSI_1251\n0\nENDSEC\n";
        RawDrawing d = read((head + entities("0\nTEXT\n8\n0\n10\n0\n20\n0\n40\n1\n1\nЗал")).getBytes(Charset.forName("windows-1251")));
        assertThat(((Entity.Text) model(d).getFirst()).raw()).isEqualTo("Зал");
    }

    @Test void whatIsNotKnownIsKeptByKindAndReported() throws IOException {
        RawDrawing d = read(entities("0\nFLYING_CARPET\n8\n0\n10\n0", line(0, 0, 1, 1)));
        assertThat(model(d)).extracting(Entity::kind).containsExactly("FLYING_CARPET", "LINE");
        assertThat(d.report().count(Code.NOT_UNDERSTOOD_YET)).isEqualTo(1);
    }

    @Test void aFigureThatIsNotFiniteLeavesItsShapeOut() throws IOException {
        RawDrawing d = read(entities(line(0, 0, Double.POSITIVE_INFINITY, 1), line(0, 0, 1, 1), "0\nCIRCLE\n8\n0\n10\n0\n20\n0\n40\nnan",
            "0\nCIRCLE\n8\n0\n10\n0\n20\n0\n40\n-3"));
        assertThat(model(d)).hasSize(1);
        assertThat(d.report().count(Code.NUMBER_NOT_FINITE)).isEqualTo(2);
        assertThat(d.report().count(Code.BAD_SHAPE)).isEqualTo(1);
    }

    @Test void aLineThatIsNoCodeIsPassedOverAndTheRestIsRead() throws IOException {
        RawDrawing d = read(entities(line(0, 0, 1, 1), "what is this", line(2, 2, 3, 3)));
        assertThat(model(d)).hasSize(2);
        assertThat(d.report().count(Code.CODE_NOT_A_NUMBER)).isEqualTo(1);
    }

    @Test void aFileCutOffGivesWhatCameBefore() throws IOException {
        String whole = entities(line(0, 0, 1, 1), line(2, 2, 3, 3));
        RawDrawing d = read(whole.substring(0, whole.length() - 40));
        assertThat(model(d)).isNotEmpty();
        assertThat(d.report().count(Code.FILE_ENDS_EARLY)).isPositive();
    }

    @Test void aBlockThatHoldsItselfIsUnfoldedOnce() throws IOException {
        String block = "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nA\n10\n0\n20\n0\n" + line(0, 0, 1, 0)
            + "\n0\nINSERT\n8\n0\n2\nA\n10\n1\n20\n0\n0\nENDBLK\n0\nENDSEC\n";
        Strokes s = strokes(read(block + entities("0\nINSERT\n8\n0\n2\nA\n10\n0\n20\n0")));
        assertThat(s.size()).isEqualTo(1);
        assertThat(s.report().count(Code.BLOCK_IN_ITSELF)).isEqualTo(1);
    }

    @Test void aBombOfBlocksIsStoppedByTheLimit() throws IOException {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nB0\n10\n0\n20\n0\n" + line(0, 0, 1, 0) + "\n0\nENDBLK\n");
        for (int i = 1; i < 10; i++) {
            b.append("0\nBLOCK\n2\nB").append(i).append("\n10\n0\n20\n0\n");
            for (int k = 0; k < 10; k++) b.append("0\nINSERT\n8\n0\n2\nB").append(i - 1).append("\n10\n").append(k).append("\n20\n0\n");
            b.append("0\nENDBLK\n");
        }
        RawDrawing d = read(b + "0\nENDSEC\n" + entities("0\nINSERT\n8\n0\n2\nB9\n10\n0\n20\n0"));
        ReadLimits small = new ReadLimits(1L << 30, 1000000, 200_000, 1L << 30, 48, 1000);
        Strokes s = Assertions.assertTimeoutPreemptively(Duration.ofSeconds(10),
            () -> Flattening.of(d, new SpaceKey.Model(), small, Progress.NONE));
        assertThat(s.size()).isBetween(1, 200_100);
        assertThat(s.report().count(Code.TOO_MANY_STROKES)).isEqualTo(1);
    }

    @Test void layersOffAndFrozenAreTold() throws IOException {
        RawDrawing d = read(HeronQuayDrawings.ground());
        assertThat(d.layer("XX-OLD-SURVEY").orElseThrow().frozen()).isTrue();
        assertThat(d.layer("x-ref-notes").orElseThrow().off()).isTrue();
        assertThat(d.layer("G-ANNO-TTLB").orElseThrow().locked()).isTrue();
        assertThat(d.report().count(Code.LAYER_FROZEN_IN_FILE)).isEqualTo(1);
    }

    @Test void stopIsHeard() {
        assertThatThrownBy(() -> DrawingReader.read(Files.writeString(folder.resolve("s.dxf"), entities(many(5000))), ReadLimits.DEFAULT,
            (_, _, _) -> {
            throw new CancellationException();
        })).isInstanceOf(CancellationException.class);
    }

    private static String[] many(int n) {
        String[] out = new String[n];
        for (int i = 0; i < n; i++) out[i] = line(i, 0, i, 1);
        return out;
    }

    @Test void whatIsNoDrawingIsRefusedWithItsReason() throws IOException {
        assertThat(why(Files.write(folder.resolve("empty.dxf"), new byte[0]))).isEqualTo(Refused.Why.EMPTY);
        assertThat(why(Files.createDirectory(folder.resolve("folder.dxf")))).isEqualTo(Refused.Why.FOLDER);
        assertThat(why(folder.resolve("nowhere.dxf"))).isEqualTo(Refused.Why.MISSING);
        byte[] junk = new byte[5000];
        new Random(1).nextBytes(junk);
        assertThat(why(Files.write(folder.resolve("junk.dxf"), junk))).isEqualTo(Refused.Why.NOT_A_DRAWING);
        assertThat(why(Files.writeString(folder.resolve("letter.dxf"), "Dear sirs,\nplease find enclosed\n")))
            .isEqualTo(Refused.Why.NOT_A_DRAWING);
        assertThat(why(Files.writeString(folder.resolve("plan.dwg"), "AC1027 and more"))).isEqualTo(Refused.Why.LOST);
        assertThat(why(Files.writeString(folder.resolve("old.dwg"), "AC1009 of long ago"))).isEqualTo(Refused.Why.OLD_VERSION);
        assertThat(why(Files.writeString(folder.resolve("plan.pdf"), "%PDF-1.7\n"))).isEqualTo(Refused.Why.LOST);
        Path locked = Files.writeString(folder.resolve("locked.dxf"), entities(line(0, 0, 1, 1)));
        Files.setPosixFilePermissions(locked, PosixFilePermissions.fromString("---------"));
        if (!Files.isReadable(locked)) assertThat(why(locked)).isEqualTo(Refused.Why.NO_PERMISSION);
    }

    private static Refused.Why why(Path file) {
        try {
            DrawingReader.read(file, ReadLimits.DEFAULT, Progress.NONE);
        } catch (Refused r) {
            return r.why();
        } catch (IOException e) {
            throw new AssertionError(e);
        }
        throw new AssertionError(file + " was not refused");
    }

    /** Cut, bytes flipped, figures replaced, codes and values out of step: a drawing or a refusal, in time. */
    @ParameterizedTest @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void aDamagedFileEndsInADrawingOrARefusal(long seed) {
        Random r = new Random(seed);
        byte[] whole = (seed % 2 == 0 ? HeronQuayDrawings.ground() : HeronQuayDrawings.upper()).getBytes(StandardCharsets.UTF_8);
        for (int i = 0; i < 10; i++) {
            byte[] bad = Spoil.of(whole, r);
            Assertions.assertTimeoutPreemptively(Duration.ofSeconds(10), () -> {
                try {
                    Strokes s = strokes(read(bad));
                    assertThat(s.chords()).isGreaterThanOrEqualTo(s.size());
                } catch (Refused refused) {
                    assertThat(refused.why()).isNotNull();
                }
            }, "seed " + seed + " round " + i);
        }
    }
}
