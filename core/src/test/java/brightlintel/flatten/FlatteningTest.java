package brightlintel.flatten;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.drawing.Code;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Report;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Point;
import brightlintel.read.DrawingReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FlatteningTest {
    @TempDir Path folder;

    /** Groups stand on one line each, code and value with a blank between: short to read. */
    private static String groups(String lines) {
        StringBuilder b = new StringBuilder();
        for (String line : lines.strip().split("\n")) {
            for (String pair : line.strip().split(" {2,}")) {
                String[] w = pair.split(" ", 2);
                b.append(w[0]).append('\n').append(w.length > 1 ? w[1] : "").append('\n');
            }
        }
        return b.toString();
    }

    private Strokes flat(String blocks, String entities, ReadLimits limits) throws IOException {
        Path f = Files.writeString(folder.resolve("d.dxf"),
            groups("0 SECTION  2 HEADER  9 $ACADVER  1 AC1015  0 ENDSEC\n0 SECTION  2 TABLES  0 TABLE  2 LAYER\n"
            + "0 LAYER  2 WALLS  70 0  62 3\n0 LAYER  2 JUNK  70 1  62 8\n0 ENDTAB  0 ENDSEC\n0 SECTION  2 BLOCKS\n" + blocks
            + "\n0 ENDSEC  0 SECTION  2 ENTITIES\n" + entities + "\n0 ENDSEC  0 EOF"));
        RawDrawing d = DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
        return Flattening.of(d, new SpaceKey.Model(), limits, Progress.NONE);
    }

    private Strokes flat(String blocks, String entities) throws IOException {
        return flat(blocks, entities, ReadLimits.DEFAULT);
    }

    /** Ends of every stroke, file units, a line each: by what they are, not by their order. */
    private static List<String> ends(Strokes s) {
        List<String> out = new ArrayList<>();
        for (int i = 0; i < s.size(); i++) {
            Point a = s.curveOf(i).at(0).plus(s.origin()), b = s.curveOf(i).at(1).plus(s.origin());
            out.add(String.format(Locale.ROOT, "%.4f %.4f %.4f %.4f", a.x() + 0.0, a.y() + 0.0, b.x() + 0.0, b.y() + 0.0)
                .replaceAll("-(0\\.0000)\\b", "$1"));
        }
        out.sort(null);
        return out;
    }

    private static List<Code> said(Strokes s) {
        return s.report().entries().stream().map(Report.Entry::code).toList();
    }

    private static final String MARK =
        "0 BLOCK  2 MARK  10 1  20 0\n0 LINE  8 0  10 1  20 0  11 3  21 0\n0 LINE  8 WALLS  62 1  10 1  20 0  11 1  21 1\n0 ENDBLK\n";

    @Test void aBlockIsPutByItsBasePointScaledAndTurned() throws IOException {
        assertThat(ends(flat(MARK, "0 INSERT  8 WALLS  2 MARK  10 100  20 50  41 2  42 3  50 90")))
            .containsExactly("100.0000 50.0000 100.0000 54.0000", "100.0000 50.0000 97.0000 50.0000");
    }

    @Test void anArrayStandsInRowsAndColumnsAlongItsTurn() throws IOException {
        assertThat(ends(flat("0 BLOCK  2 P  10 0  20 0\n0 LINE  8 0  10 0  20 0  11 1  21 0\n0 ENDBLK",
            "0 INSERT  8 0  2 P  10 0  20 0  50 90  70 2  71 2  44 10  45 100")))
            .containsExactly("-100.0000 0.0000 -100.0000 1.0000", "-100.0000 10.0000 -100.0000 11.0000", "0.0000 0.0000 0.0000 1.0000",
            "0.0000 10.0000 0.0000 11.0000");
    }

    /** A block reference on the back of its plane: x runs the other way, as the format's own rule for axes says. */
    @Test void aReferenceSeenFromBehindIsMirrored() throws IOException {
        assertThat(ends(flat("0 BLOCK  2 P  10 0  20 0\n0 LINE  8 0  10 0  20 0  11 1  21 2\n0 ENDBLK",
            "0 INSERT  8 0  2 P  10 10  20 5  210 0  220 0  230 -1")))
            .containsExactly("-10.0000 5.0000 -11.0000 7.0000");
    }

    @Test void layerNoughtInABlockIsTheReferencesLayer() throws IOException {
        Strokes s = flat(MARK, "0 INSERT  8 JUNK  2 MARK  10 0  20 0");
        // JUNK is frozen: all of the reference goes to it, so that it starts hidden
        for (int i = 0; i < s.size(); i++) assertThat(s.layers().get(s.layerOf(i)).name()).isEqualTo("JUNK");
        s = flat(MARK, "0 INSERT  8 STAIRS  2 MARK  10 0  20 0");
        assertThat(List.of(s.layers().get(s.layerOf(0)).name(), s.layers().get(s.layerOf(1)).name())).containsExactly("STAIRS", "WALLS");
    }

    @Test void colourComesFromTheEntityTheLayerOrTheReference() throws IOException {
        String block = "0 BLOCK  2 C  10 0  20 0\n0 LINE  8 WALLS  62 0  10 0  20 0  11 1  21 0\n0 LINE  8 WALLS  10 0  20 0  11 2  21 0\n0 LINE  8 WALLS  62 1  10 0  20 0  11 3  21 0\n0 ENDBLK";
        Strokes s = flat(block, "0 INSERT  8 0  2 C  62 5  10 0  20 0");
        assertThat(new int[] {s.colourOf(0), s.colourOf(1), s.colourOf(2)}).containsExactly(0x0000ff, 0x00ff00, 0xff0000);
    }

    @Test void aBlockWithinItselfIsCutAndSaid() throws IOException {
        Strokes s = flat("0 BLOCK  2 A  10 0  20 0\n0 LINE  8 0  10 0  20 0  11 1  21 0\n0 INSERT  8 0  2 B  10 1  20 0\n0 ENDBLK\n0 BLOCK  2 B  10 0  20 0\n0 INSERT  8 0  2 A  10 1  20 0\n0 ENDBLK",
            "0 INSERT  8 0  2 A  10 0  20 0\n0 INSERT  8 0  2 NOWHERE  10 0  20 0");
        assertThat(s.size()).isEqualTo(1);
        assertThat(said(s)).contains(Code.BLOCK_IN_ITSELF, Code.BLOCK_MISSING);
    }

    /** Ten to the eleventh of something, in twelve small blocks. */
    private Strokes bomb(String leaf, ReadLimits limits) throws IOException {
        StringBuilder blocks = new StringBuilder("0 BLOCK  2 B0  10 0  20 0\n" + leaf + "\n0 ENDBLK\n");
        for (int i = 1; i < 12; i++) {
            blocks.append("0 BLOCK  2 B").append(i).append("  10 0  20 0\n");
            for (int k = 0; k < 10; k++) blocks.append("0 INSERT  8 0  2 B").append(i - 1).append("  10 ").append(k).append("  20 0\n");
            blocks.append("0 ENDBLK\n");
        }
        return flat(blocks.toString().strip(), "0 INSERT  8 0  2 B11  10 0  20 0", limits);
    }

    @Test void aBombOfBlocksIsStoppedBeforeMemoryIs() throws IOException {
        Strokes s = bomb("0 LINE  8 0  10 0  20 0  11 1  21 0", ReadLimits.DEFAULT);
        assertThat(said(s)).contains(Code.TOO_MANY_STROKES);
        assertThat(s.size()).isGreaterThan(500_000);
    }

    /** Whatever it is made of: curves of many chords, words, fills. */
    @Test void everyBombIsStoppedAtWhatItMayTake() throws IOException {
        long most = 24L << 20;
        ReadLimits small = new ReadLimits(1L << 30, 1_000_000, 12_000_000, most, 48, 1000);
        Strokes round = bomb("0 CIRCLE  8 0  10 0  20 0  40 5", small), words = bomb("0 TEXT  8 0  10 0  20 0  40 2  1 Boat bay", small),
            solid = bomb("0 SOLID  8 0  10 0  20 0  11 1  21 0  12 0  22 1  13 1  23 1", small);
        for (Strokes s : List.of(round, words, solid)) assertThat(said(s)).contains(Code.TOO_MANY_STROKES);
        assertThat(40L * round.chords()).isBetween(most / 10, most);
        assertThat(200L * words.texts().size()).isBetween(most / 10, most);
        assertThat(400L * solid.fills().size()).isBetween(most / 20, most);
    }

    /**
     * Law: chords of arcs, circles, ellipses and splines lie on their curve, and no farther from it than the stated share of the drawing.
     */
    @Test void chordsKeepToTheirCurves() throws IOException {
        Random r = new Random(41);
        StringBuilder b = new StringBuilder("0 LINE  8 0  10 0  20 0  11 30000  21 30000\n");
        for (int i = 0; i < 40; i++) {
            String at = "  10 " + r.nextInt(30_000) + "  20 " + r.nextInt(30_000);
            b.append(switch (i % 4) {
                case 0 -> "0 CIRCLE  8 0" + at + "  40 " + (1 + r.nextInt(9000));
                case 1 -> "0 ARC  8 0" + at + "  40 " + (1 + r.nextInt(9000)) + "  50 " + r.nextInt(360) + "  51 " + r.nextInt(360);
                case 2 -> "0 ELLIPSE  8 0" + at + "  11 " + (1 + r.nextInt(5000)) + "  21 " + r.nextInt(5000) + "  40 "
                    + (0.05 + r.nextDouble() * 0.9) + "  41 " + r.nextDouble() + "  42 " + (2 + r.nextDouble() * 4);
                default -> "0 SPLINE  8 0  71 3  11 " + r.nextInt(9000) + "  21 0  11 4000  21 " + r.nextInt(9000)
                    + "  11 9000  21 9000  11 12000  21 " + r.nextInt(9000);
            }).append('\n');
        }
        Strokes s = flat("", b.toString().strip());
        double error = 30_000 * Math.sqrt(2) * 2e-5 * 3;
        assertThat(s.size()).isEqualTo(41);
        for (int i = 0; i < s.size(); i++) {
            List<Point> fine = new ArrayList<>();
            for (int k = 0; k <= 4000; k++) fine.add(s.curveOf(i).at(k / 4000.0));
            for (Point p : fine) {
                double best = Double.POSITIVE_INFINITY;
                for (int c = s.firstChord(i); c < s.firstChord(i + 1); c++) best = Math.min(best, distance(s.xy(), c, p));
                assertThat(best).as(s.entityOf(i).kind()).isLessThan(error);
            }
        }
    }

    /** Many a plan arrives as one block put once: its curves are cut as finely as if they were drawn without it, and no finer. */
    @Test void aPlanInOneBlockIsAsFineAsThePlanItself() throws IOException {
        StringBuilder plan = new StringBuilder();
        for (int i = 0; i < 60; i++)
            plan.append("0 ARC  8 0  10 ").append(2e8 + i * 400).append("  20 ").append(i % 7 * 3000).append("  40 900  50 0  51 90\n");
        Strokes direct = flat("", plan.toString().strip()),
            nested = flat("0 BLOCK  2 PLAN  10 0  20 0\n" + plan + "0 ENDBLK", "0 INSERT  8 0  2 PLAN  10 0  20 0");
        assertThat(nested.chords()).isEqualTo(direct.chords());
        assertThat(nested.origin().distance(direct.origin())).isLessThan(1);
    }

    private static double distance(double[] xy, int chord, Point p) {
        Point a = new Point(xy[4 * chord], xy[4 * chord + 1]), d = new Point(xy[4 * chord + 2], xy[4 * chord + 3]).minus(a);
        double l2 = d.dot(d);
        return a.plus(d.times(l2 > 0 ? Math.clamp(p.minus(a).dot(d) / l2, 0, 1) : 0)).distance(p);
    }

    @Test void aBulgeIsAnArcToItsRight() throws IOException {
        Strokes s = flat("", "0 LWPOLYLINE  8 0  90 2  70 0  10 0  20 0  42 1  10 2  20 0");
        // bulge 1: half a circle, counter-clockwise from the first to the second point: below the chord
        Point middle = s.curveOf(0).at(0.5).plus(s.origin());
        assertThat(middle.x()).isCloseTo(1, within(1e-9));
        assertThat(middle.y()).isCloseTo(-1, within(1e-9));
    }

    @Test void vertexesThatShapeTheFrameOnlyAreNotDrawn() throws IOException {
        Strokes s = flat("", "0 POLYLINE  8 0  66 1  70 4\n0 VERTEX  8 0  10 0  20 0  70 16\n0 VERTEX  8 0  10 1  20 1  70 8\n0 VERTEX  8 0  10 5  20 9  70 16\n0 VERTEX  8 0  10 2  20 2  70 8\n0 SEQEND  8 0");
        assertThat(ends(s)).containsExactly("1.0000 1.0000 2.0000 2.0000");
    }

    @Test void aMeshIsItsNetAndAFaceModelItsVisibleEdges() throws IOException {
        assertThat(flat("", "0 POLYLINE  8 0  66 1  70 16  71 2  72 3\n"
            + "0 VERTEX  8 0  10 0  20 0\n0 VERTEX  8 0  10 1  20 0\n0 VERTEX  8 0  10 2  20 0\n0 VERTEX  8 0  10 0  20 1\n0 VERTEX  8 0  10 1  20 1\n0 VERTEX  8 0  10 2  20 1\n"
            + "0 SEQEND  8 0").size()).isEqualTo(7);
        // the edge from 2 to 3 is hidden
        assertThat(ends(flat("", "0 POLYLINE  8 0  66 1  70 64\n0 VERTEX  8 0  70 192  10 0  20 0\n0 VERTEX  8 0  70 192  10 1  20 0\n0 VERTEX  8 0  70 192  10 1  20 1\n0 VERTEX  8 0  70 128  71 1  72 -2  73 3\n0 SEQEND  8 0")))
            .containsExactly("0.0000 0.0000 1.0000 0.0000", "1.0000 1.0000 0.0000 0.0000");
    }

    @Test void heightsAreLeftOutAndSaidWhereTheyDiffer() throws IOException {
        assertThat(said(flat("", "0 LINE  8 0  10 0  20 0  30 5  11 9  21 0  31 5\n0 LINE  8 0  10 0  20 1  30 5  11 9  21 1  31 5")))
            .doesNotContain(Code.HEIGHT_LEFT_OUT);
        assertThat(said(flat("", "0 LINE  8 0  10 0  20 0  30 0  11 9  21 0  31 3\n0 LINE  8 0  10 0  20 1  11 9  21 1")))
            .contains(Code.HEIGHT_LEFT_OUT);
    }

    @Test void endlessLinesReachBeyondTheDrawing() throws IOException {
        Strokes s = flat("", "0 LINE  8 0  10 0  20 0  11 10  21 0\n0 XLINE  8 0  10 5  20 5  11 0  21 1\n0 RAY  8 0  10 5  20 5  11 1  21 0");
        assertThat(s.curveOf(1).at(0).plus(s.origin()).y()).isLessThan(-10);
        assertThat(s.curveOf(1).at(1).plus(s.origin()).y()).isGreaterThan(20);
        assertThat(s.curveOf(2).at(0).plus(s.origin()).x()).isCloseTo(5, within(1e-9));
    }

    @Test void whatIsInvisibleInTheFileIsNotDrawn() throws IOException {
        assertThat(flat("", "0 LINE  8 0  60 1  10 0  20 0  11 1  21 0\n0 LINE  8 0  10 0  20 0  11 2  21 0").size()).isEqualTo(1);
    }

    /** Law: every line of a pattern lies inside the outline and outside its hole, and together they are as long as the area says. */
    @Test void aPatternIsCutToItsOutlineByTheEvenOddRule() throws IOException {
        String square = "92 3  93 4  72 1  10 %1$d  20 %1$d  11 %2$d  21 %1$d  72 1  10 %2$d  20 %1$d  11 %2$d  21 %2$d  72 1  10 %2$d  20 %2$d  11 %1$d  21 %2$d  72 1  10 %1$d  20 %2$d  11 %1$d  21 %1$d  97 0  ";
        Strokes s = flat("", "0 LINE  8 0  10 0  20 0  11 100  21 100\n0 HATCH  8 0  10 0  20 0  30 0  210 0  220 0  230 1  2 LINES  70 0  71 0  91 2  " + square.replace("92 3  93 4  72 1", "92 1  93 4  72 1").formatted(0, 100)
            + square.replace("92 3  93 4  72 1", "92 16  93 4  72 1").formatted(40, 60)
            + "75 0  76 1  52 0  41 1  77 0  78 1  53 45  43 0  44 0  45 -1.4142135623730951  46 1.4142135623730951  79 0");
        assertThat(s.fills()).hasSize(1);
        double[] l = s.fills().getFirst().lines();
        double length = 0;
        for (int i = 0; i < l.length; i += 4) {
            double x = (l[i] + l[i + 2]) / 2 + s.origin().x(), y = (l[i + 1] + l[i + 3]) / 2 + s.origin().y();
            assertThat(x > -1e-6 && x < 100 + 1e-6 && y > -1e-6 && y < 100 + 1e-6
                && !(x > 40 + 1e-6 && x < 60 - 1e-6 && y > 40 + 1e-6 && y < 60 - 1e-6)).as(x + " " + y).isTrue();
            length += Math.hypot(l[i + 2] - l[i], l[i + 3] - l[i + 1]);
        }
        // lines 2 apart: half of the area
        assertThat(length).isCloseTo((100 * 100 - 20 * 20) / 2.0, within(80.0));
    }

    @Test void aPatternThatNobodyCouldTellFromAFillIsAFill() throws IOException {
        Strokes s = flat("", "0 HATCH  8 0  10 0  20 0  30 0  210 0  220 0  230 1  2 DENSE  70 0  71 0  91 1  92 1  93 4  72 1  10 0  20 0  11 1000  21 0  72 1  10 1000  20 0  11 1000  21 1000  72 1  10 1000  20 1000  11 0  21 1000  "
            + "72 1  10 0  20 1000  11 0  21 0  97 0  75 0  76 1  52 0  41 1  77 0  78 1  53 0  43 0  44 0  45 0  46 0.0001  79 0");
        assertThat(said(s)).contains(Code.HATCH_TOO_DENSE);
        assertThat(s.fills().getFirst().lines()).isEmpty();
    }

    @Test void textStandsAtItsAnchorWithItsHeightAndTurn() throws IOException {
        Strokes s = flat("", "0 LINE  8 0  10 0  20 0  11 100  21 100\n0 TEXT  8 0  10 10  20 20  40 2.5  1 Boat bay  50 30\n0 TEXT  8 0  10 1  20 1  11 50  21 60  72 1  73 2  40 2.5  1 R%%d\n0 TEXT  8 0  10 1  20 1  40 0  1 none");
        assertThat(s.texts()).extracting(Strokes.TextMark::plain).containsExactly("Boat bay", "R°");
        Point foot = s.texts().getFirst().map().apply(0, 0).plus(s.origin()), up = s.texts().getFirst().map().applyVector(new Point(0, 1));
        assertThat(foot.distance(new Point(10, 20))).isLessThan(1e-9);
        assertThat(up.length()).isCloseTo(2.5, within(1e-12));
        assertThat(Math.toDegrees(up.angle())).isCloseTo(120, within(1e-9));
        assertThat(s.texts().get(1).map().apply(0, 0).plus(s.origin()).distance(new Point(50, 60))).isLessThan(1e-9);
    }
}
