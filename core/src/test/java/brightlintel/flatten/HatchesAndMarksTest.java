package brightlintel.flatten;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.drawing.Code;
import brightlintel.drawing.FillMark;
import brightlintel.drawing.Layer;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.RandomDrawing;
import brightlintel.notation.Seeds;
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

/** Hatches in blocks however they are put, marks with their place and their way, the layer that every drawing has. */
class HatchesAndMarksTest {
    /** A square of ten by ten with lines at 45 degrees, two apart along x. */
    private static final String HATCH =
        "0\nHATCH\n8\n0\n10\n0\n20\n0\n30\n0\n2\nDIAGONAL\n70\n0\n71\n0\n91\n1\n92\n2\n72\n0\n73\n1\n93\n4\n10\n0\n20\n0\n10\n10\n20\n0\n10\n10\n20\n10\n10\n0\n20\n10\n97\n0\n"
        + "75\n0\n76\n1\n52\n0\n41\n1\n77\n0\n78\n1\n53\n%s\n43\n0\n44\n0\n45\n%s\n46\n%s\n79\n0\n98\n0\n";
    @TempDir Path folder;

    private Strokes flat(String blocks, String entities) throws IOException {
        Path f = Files.createTempFile(folder, "h", ".dxf");
        Files.writeString(f, "0\nSECTION\n2\nBLOCKS\n" + blocks + "0\nENDSEC\n0\nSECTION\n2\nENTITIES\n" + entities
            + "0\nENDSEC\n0\nEOF\n");
        RawDrawing d = DrawingReader.read(f, ReadLimits.DEFAULT, Progress.NONE);
        return Drawings.strokes(d);
    }

    private static String block(String inside) {
        return "0\nBLOCK\n2\nCOLUMN\n10\n0\n20\n0\n" + inside + "0\nENDBLK\n";
    }

    private static String insert(double sx, double sy, double turn) {
        return "0\nINSERT\n8\nS\n2\nCOLUMN\n10\n0\n20\n0\n41\n" + sx + "\n42\n" + sy + "\n50\n" + turn + "\n";
    }

    private static String diagonal() {
        return HATCH.formatted("45", "-1.41421356237", "1.41421356237");
    }

    /** Slopes of the pattern's lines as they lie, and that they lie within the outline. */
    private static void check(FillMark f, double slope) {
        assertThat(f.lines().length / 4).as("lines, and no wash").isBetween(6, 8);
        Box b = f.box().grown(1e-6);
        for (int i = 0; i < f.lines().length; i += 4) {
            Point p = new Point(f.lines()[i], f.lines()[i + 1]), q = new Point(f.lines()[i + 2], f.lines()[i + 3]), d = q.minus(p);
            assertThat(d.y() / d.x()).isCloseTo(slope, within(1e-6));
            assertThat(b.holds(p) && b.holds(q)).isTrue();
        }
    }

    @Test void aDiagonalHatchStaysOneInAMirroredBlock() throws IOException {
        check(flat(block(diagonal()), insert(1, 1, 0)).fills().getFirst(), 1);
        check(flat(block(diagonal()), insert(-1, 1, 0)).fills().getFirst(), -1);
        check(flat(block(diagonal()), insert(1, -1, 0)).fills().getFirst(), -1);
        check(flat(block(diagonal()), insert(-1, -1, 0)).fills().getFirst(), 1);
        check(flat(block(diagonal()), insert(-1, 1, 90)).fills().getFirst(), 1);
        check(flat(block(diagonal()), insert(2, 1, 0)).fills().getFirst(), 0.5);
    }

    /** Law: mirrored, turned and scaled as a whole, a hatch has as many lines as before. */
    @Test void theNumberOfLinesDoesNotDependOnWhereTheBlockLies() {
        Seeds.each(12, seed -> {
            Random r = new Random(seed);
            double scale = 0.5 + r.nextDouble() * 3;
            String how = insert(r.nextBoolean() ? scale : -scale, r.nextBoolean() ? scale : -scale, r.nextInt(360));
            try {
                int n = flat(block(diagonal()), insert(1, 1, 0)).fills().getFirst().lines().length, m = flat(block(diagonal()), how).fills()
                    .getFirst().lines().length;
                assertThat(Math.abs(n - m)).as(how).isLessThanOrEqualTo(1);
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        });
    }

    @Test void theOutlineOfAFillIsExact() throws IOException {
        String circle = "0\nHATCH\n8\n0\n10\n0\n20\n0\n30\n0\n2\nSOLID\n70\n1\n71\n0\n91\n1\n92\n0\n93\n1\n72\n2\n10\n3\n20\n4\n40\n2\n50\n0\n51\n360\n73\n1\n97\n0\n75\n0\n76\n1\n98\n0\n";
        Strokes s = flat(block(circle), insert(-2, 2, 0));
        FillMark f = s.fills().getFirst();
        Curve c = f.outlines().getFirst().getFirst().mapped(Affine.move(s.origin()));
        assertThat(c).isInstanceOfSatisfying(Curve.EllipticArc.class, a -> {
            assertThat(a.isWhole() && a.isCircular()).isTrue();
            assertThat(a.centre().distance(new Point(-6, 8))).isLessThan(1e-9);
            assertThat(a.u().length()).isCloseTo(4, within(1e-9));
        });
        assertThat(f.holds(new Point(-6, 8).minus(s.origin()))).isTrue();
        assertThat(f.holds(new Point(-6, 12.5).minus(s.origin()))).isFalse();
    }

    /** Law: the chords of a fill lie on its exact outlines. */
    @Test void chordsOfFillsLieOnTheirOutlines() {
        Seeds.each(6, seed -> {
            for (FillMark f : Drawings.strokes(RandomDrawing.of(seed, 150)).fills()) {
                List<List<Curve>> exact = f.outlines();
                assertThat(exact).hasSameSizeAs(f.rings());
                for (int k = 0; k < exact.size(); k++)
                    for (Curve c : exact.get(k)) {
                        Point begin = c.first();
                        double[] ring = f.rings().get(k);
                        double near = Double.POSITIVE_INFINITY;
                        for (int i = 0; i < ring.length; i += 2) near = Math.min(near, begin.distance(new Point(ring[i], ring[i + 1])));
                        assertThat(near).isLessThan(1e-6 * Math.max(1, f.box().diagonal()));
                    }
            }
        });
    }

    @Test void marksKnowTheBlocksTheyCameThrough() throws IOException {
        String text = "0\nTEXT\n8\n0\n10\n1\n20\n1\n40\n1\n1\nC1\n";
        Strokes s = flat(block(text + diagonal()), insert(1, 1, 0) + text);
        assertThat(s.texts()).hasSize(2);
        assertThat(s.texts().getFirst().path().block()).isEqualTo("COLUMN");
        assertThat(s.fills().getFirst().path().block()).isEqualTo("COLUMN");
        assertThat(s.texts().getLast().path()).isNull();
        assertThat(s.marks()).isEqualTo(3);
        assertThat(s.mark(0)).isSameAs(s.texts().getFirst());
        assertThat(s.mark(2)).isSameAs(s.fills().getFirst());
        assertThat(s.texts().getFirst().layer()).as("takes the layer of its reference").isEqualTo(s.fills().getFirst().layer());
    }

    @Test void aTextIsAboutWhereItIsWritten() throws IOException {
        Strokes s = flat("", "0\nTEXT\n8\n0\n10\n100\n20\n50\n40\n2\n1\nBOATS\n0\nTEXT\n8\n0\n10\n0\n20\n0\n11\n100\n21\n80\n40\n2\n72\n2\n73\n3\n1\nRACKS\n");
        Box left = s.texts().getFirst().box(), right = s.texts().getLast().box();
        assertThat(left.minX() + s.origin().x()).isCloseTo(100, within(1e-9));
        assertThat(left.minY() + s.origin().y()).isCloseTo(50, within(1e-9));
        assertThat(left.width()).as("as wide as our font is, or a little more").isBetween(8.6, 11.0);
        assertThat(right.maxX() + s.origin().x()).isCloseTo(100, within(1e-9));
        assertThat(right.maxY() + s.origin().y()).isCloseTo(80, within(1e-9));
    }

    /** It is in every drawing, listed or not: shown, counted, and not complained of. */
    @Test void layerNoughtIsAlwaysThere() throws IOException {
        String line = "0\nLINE\n8\n%s\n10\n0\n20\n0\n11\n5\n21\n5\n";
        Strokes s = flat("", line.formatted("0") + line.formatted("0") + line.formatted("WALL"));
        assertThat(s.layers()).extracting(Layer::name).containsExactlyInAnyOrder("0", "WALL");
        int[] counts = s.countByLayer();
        for (int i = 0; i < counts.length; i++) assertThat(counts[i]).isEqualTo(s.layers().get(i).name().equals("0") ? 2 : 1);
        assertThat(flat("", line.formatted("WALL")).layers()).extracting(Layer::name).contains("0");
        assertThat(s.report().count(Code.LAYER_NOT_DECLARED)).isZero();
    }

    @Test void theWeightOfADrawingGrowsWithWhatIsInIt() throws IOException {
        long few = Drawings.strokes(RandomDrawing.of(5, 50)).weight(), many = Drawings.strokes(RandomDrawing.of(5, 1000)).weight();
        assertThat(few).isPositive();
        assertThat(many).isGreaterThan(5 * few);
        assertThat(flat("", "0\nTEXT\n8\n0\n10\n0\n20\n0\n40\n1\n1\n" + "x".repeat(5000) + "\n").weight()).isGreaterThan(10_000);
    }

    private static String band(String codes) {
        return "0\nLWPOLYLINE\n8\nW\n90\n3\n" + codes;
    }

    @Test void aPolylineWithAWidthCoversGroundAndIsSnappedToInItsMiddle() throws IOException {
        Strokes s = flat("", band("43\n2\n10\n0\n20\n0\n10\n10\n20\n0\n10\n10\n20\n8\n"));
        assertThat(s.size()).isEqualTo(2);
        assertThat(s.widthOf(0)).isCloseTo(2, within(1e-9));
        FillMark f = s.fills().getFirst();
        Point o = s.origin();
        assertThat(f.holds(new Point(10.9, -0.9).minus(o))).as("its corner is mitred").isTrue();
        assertThat(f.holds(new Point(5, 0.9).minus(o))).isTrue();
        assertThat(f.holds(new Point(5, 1.1).minus(o))).isFalse();
        assertThat(f.holds(new Point(8.9, 2).minus(o))).isFalse();
    }

    @Test void aClosedBandIsARingAndANarrowingOneHasNoWidth() throws IOException {
        Strokes s = flat("", band("70\n1\n43\n1\n10\n0\n20\n0\n10\n10\n20\n0\n10\n10\n20\n8\n10\n0\n20\n8\n"));
        FillMark f = s.fills().getFirst();
        assertThat(f.holds(new Point(5, 4).minus(s.origin()))).as("its middle").isFalse();
        assertThat(f.holds(new Point(-0.4, 4).minus(s.origin()))).as("its last piece").isTrue();
        Strokes arrow = flat("", band("10\n0\n20\n0\n40\n0\n41\n2\n10\n4\n20\n0\n"));
        assertThat(arrow.widthOf(0)).isZero();
        assertThat(arrow.fills().getFirst().holds(new Point(3.9, 0.9).minus(arrow.origin()))).isTrue();
        assertThat(arrow.fills().getFirst().holds(new Point(1, 0.9).minus(arrow.origin()))).isFalse();
    }

    @Test void aWidthBeyondAllDrawingsIsToldAndItsLineStays() throws IOException {
        Strokes s = flat("", band("43\n1e300\n10\n0\n20\n0\n10\n10\n20\n0\n10\n10\n20\n8\n"));
        assertThat(s.size()).isEqualTo(2);
        assertThat(s.fills()).isEmpty();
        assertThat(s.report().count(Code.BAD_SHAPE)).isEqualTo(1);
    }

    @Test void aBandInABlockThatIsDrawnLargerIsWider() throws IOException {
        Strokes s = flat(block(band("43\n1\n10\n0\n20\n0\n10\n10\n20\n0\n")), insert(3, 3, 30));
        assertThat(s.widthOf(0)).isCloseTo(3, within(1e-9));
        assertThat(s.fills().getFirst().box().height()).isCloseTo(30 * 0.5 + 3 * Math.cos(Math.PI / 6), within(1e-6));
    }

    @Test void linesBesideEachOtherAreMitredAndBroken() throws IOException {
        String joint = "11\n%s\n21\n%s\n12\n%s\n22\n%s\n13\n%s\n23\n%s\n74\n%s41\n1\n41\n0\n%s75\n0\n74\n%s41\n-1\n41\n0\n%s75\n0\n";
        String broken = "41\n3\n41\n5\n";
        Strokes s = flat("", "0\nMLINE\n8\nW\n71\n1\n72\n3\n73\n2\n10\n0\n20\n0\n"
            + joint.formatted("0", "0", "1", "0", "0", "1", "4\n", broken, "4\n", broken)
            + joint.formatted("10", "0", "0", "1", "-1", "1", "2\n", "", "2\n", "")
            + joint.formatted("10", "8", "0", "1", "-1", "0", "2\n", "", "2\n", ""));
        List<String> all = new ArrayList<>();
        for (int i = 0; i < s.size(); i++) {
            Point a = s.curveOf(i).first().plus(s.origin()), b = s.curveOf(i).last().plus(s.origin());
            all.add(String.format(Locale.ROOT, "%.0f %.0f %.0f %.0f", a.x(), a.y(), b.x(), b.y()));
        }
        assertThat(all).containsExactlyInAnyOrder("0 1 3 1", "5 1 9 1", "0 -1 3 -1", "5 -1 11 -1", "9 1 9 8", "11 -1 11 8");
    }
}
