package brightlintel.read.pdf;

import static brightlintel.read.pdf.PageFile.read;
import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.drawing.Code;
import brightlintel.drawing.Entity;
import brightlintel.drawing.FillMark;
import brightlintel.drawing.RawDrawing;
import java.util.Locale;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Dashes and hatches that a writer took apart. */
class PagePatternsTest {
    private static String dashes(double... lengthsAndGaps) {
        StringBuilder s = new StringBuilder();
        double x = 10;
        for (int i = 0; i < lengthsAndGaps.length; i += 2) {
            s.append(String.format(Locale.ROOT, "%.3f 20 m %.3f 20 l S ", x, x + lengthsAndGaps[i]));
            x += lengthsAndGaps[i] + (i + 1 < lengthsAndGaps.length ? lengthsAndGaps[i + 1] : 0);
        }
        return s.toString();
    }

    @Test void dashesDrawnEachByItselfAreOneBrokenStroke() {
        assertThat(read(dashes(6, 3, 6, 3, 6, 3, 6, 3, 2))).isEqualTo("line 10,20 48,20 [dashed 6-3]");
        assertThat(read(dashes(3, 3, 1, 3, 12, 3, 1, 3, 12, 3, 1, 3, 12))).isEqualTo("line 10,20 70,20 [dash-dot 12-3-1-3]");
    }

    @Test void inOnePathTheyAreOneToo() {
        assertThat(read("10 20 m 16 20 l 19 20 m 25 20 l 28 20 m 34 20 l 37 20 m 43 20 l 46 20 m 52 20 l S"))
            .isEqualTo("line 10,20 52,20 [dashed 6-3]");
    }

    @Test void roundACircleTheyAreOneArcWhicheverWayTheyWereDrawn() {
        roundACircle(false);
        roundACircle(true);
    }

    private static void roundACircle(boolean back) {
        StringBuilder s = new StringBuilder();
        for (int n = 0; n < 8; n++) {
            int i = back ? 7 - n : n;
            double a = Math.toRadians(12 * i), b = a + Math.toRadians(8), k = 4.0 / 3 * Math.tan((b - a) / 4) * 40;
            s.append(String.format(Locale.ROOT, "%.4f %.4f m %.4f %.4f %.4f %.4f %.4f %.4f c S ", 100 + 40 * Math.cos(a), 40 * Math.sin(a),
                100 + 40 * Math.cos(a) - k * Math.sin(a), 40 * Math.sin(a) + k * Math.cos(a), 100 + 40 * Math.cos(b) + k * Math.sin(b),
                40 * Math.sin(b) - k * Math.cos(b), 100 + 40 * Math.cos(b), 40 * Math.sin(b)));
        }
        RawDrawing d = PageFile.drawing(s.toString()).drawing();
        assertThat(PageFile.text(d)).startsWith("arc 100,0 r 40 0..92").contains("[dashed").hasLineCount(1);
        assertThat(d.report().count(Code.DASHES_JOINED)).isEqualTo(1);
    }

    @Test void aWallBetweenItsWindowsIsNoPattern() {
        // regular, but its gaps are as wide as windows are
        assertThat(read(dashes(30, 34, 30, 34, 30))).hasLineCount(3);
        // small gaps, but nothing that repeats
        assertThat(read(dashes(6, 3, 14, 3, 9, 8, 4, 2, 20))).hasLineCount(5);
        // three are no pattern yet
        assertThat(read(dashes(6, 3, 6, 3, 6))).hasLineCount(3);
    }

    @Test void penOrLineBetweenEndTheRun() {
        assertThat(read(dashes(6, 3, 6, 3) + " 2 w 28 20 m 34 20 l S 1 w 37 20 m 43 20 l S")).hasLineCount(4);
    }

    private static String ruled(int n, double step, double length) {
        StringBuilder s = new StringBuilder();
        for (int i = 0; i < n; i++)
            s.append(String.format(Locale.ROOT, "%.3f 10 m %.3f %.3f l S ", 10 + i * step, 10 + i * step, 10 + length));
        return s.toString();
    }

    @Test void manyLinesAtOneSmallStepAreOneHatch() {
        RawDrawing d = PageFile.drawing(ruled(40, 2, 30)).drawing();
        assertThat(PageFile.text(d)).startsWith("hatch").hasLineCount(1);
        assertThat(d.report().count(Code.LINES_GATHERED)).isEqualTo(1);
        // and it is painted as the lines it was
        FillMark f = PageFile.flat(d).fills().getFirst();
        assertThat(f.lines().length / 4).isEqualTo(40);
        double sum = 0;
        for (int i = 0; i < f.lines().length; i += 4)
            sum += Math.hypot(f.lines()[i + 2] - f.lines()[i], f.lines()[i + 3] - f.lines()[i + 1]);
        assertThat(sum).isCloseTo(40 * 30, Assertions.within(0.01));
    }

    @Test void treadsOfAStairStayStrokes() {
        assertThat(read(ruled(17, 4.2, 34))).hasLineCount(17);
        assertThat(read(ruled(8, 2, 34))).hasLineCount(8);
    }

    @Test void hatchesOfAnyOutlineAreCutWhereTheirLinesEnd() {
        StringBuilder s = new StringBuilder();
        // a room with a column in it: each line through the column is two
        for (int i = 0; i < 30; i++) {
            double y = 10 + 2.0 * i;
            if (y > 30 && y < 50) s.append(String.format(Locale.ROOT, "10 %.2f m 40 %.2f l S 60 %.2f m 100 %.2f l S ", y, y, y, y));
            else s.append(String.format(Locale.ROOT, "10 %.2f m 100 %.2f l S ", y, y));
        }
        RawDrawing d = PageFile.drawing(s.toString()).drawing();
        assertThat(d.spaces().getFirst().entities()).allMatch(e -> e instanceof Entity.Hatch);
        double sum = 0;
        for (FillMark f : PageFile.flat(d).fills())
            for (int i = 0; i < f.lines().length; i += 4) sum += Math.abs(f.lines()[i + 2] - f.lines()[i]);
        assertThat(sum).isCloseTo(21 * 90 + 9 * 70, Assertions.within(1.0));
    }

    private static String chords(int n, double sweep, double r, boolean apart) {
        StringBuilder s = new StringBuilder();
        for (int i = 0; i <= n; i++) {
            double a = sweep * i / n, x = 50 + r * Math.cos(a), y = 50 + r * Math.sin(a);
            if (apart && i > 0) s.append(String.format(Locale.ROOT, "%.3f %.3f l S ", x, y));
            if (i < n || !apart) s.append(String.format(Locale.ROOT, "%.3f %.3f %s ", x, y, apart || i == 0 ? "m" : "l"));
        }
        return s + (apart ? "" : "S");
    }

    /** In one path or each by itself; an octagon stays one, and so do few chords. */
    @Test void chordsThatGoRoundEvenlyAreAnArc() {
        for (boolean apart : new boolean[] {false, true}) {
            assertThat(read(chords(6, Math.PI / 2, 25, apart))).as("apart " + apart).isEqualTo("arc 50,50 r 25 0..90");
            assertThat(read(chords(24, 2 * Math.PI, 25, apart))).startsWith("circle 50,50 r 25").hasLineCount(1);
            assertThat(read(chords(8, 2 * Math.PI, 25, apart))).doesNotContain("arc").doesNotContain("circle").hasLineCount(1);
            assertThat(read(chords(3, Math.PI / 4, 25, apart))).doesNotContain("arc");
        }
    }

    /** Lines drawn one by one that come back to where they began; what merely meets stays lines. */
    @Test void anOutlineInPiecesIsOneLine() {
        String square = "10 10 m 30 10 l S 30 10 m 30 30 l S 30 30 m 10 30 l S 10 30 m 10 10 l S ";
        RawDrawing d = PageFile.drawing("5 5 m 10 10 l S " + square + "10 10 m 50 10 l S").drawing();
        assertThat(d.spaces().getFirst().entities()).hasSize(3);
        assertThat(d.spaces().getFirst().entities().get(1)).isInstanceOfSatisfying(Entity.Polyline.class, p -> assertThat(p.closed()).isTrue());
        assertThat(d.report().count(Code.LINES_JOINED)).isEqualTo(1);
        assertThat(read("10 10 m 30 10 l S 30 10 m 30 30 l S 30 30 m 50 60 l S")).hasLineCount(3);
        assertThat(read("10 10 m 30 10 l S 30 10 m 30 30 l S 2 w 30 30 m 10 10 l S")).as("by another pen").hasLineCount(3);
    }

    @Test void aTiledPatternIsOneHatchOfItsLines() {
        PageFile f = new PageFile();
        int tile = f.object("0.3 w 0 0 m 6 6 l S".getBytes(),
            "/Type /Pattern /PatternType 1 /PaintType 1 /TilingType 1 /BBox [0 0 6 6] /XStep 6 /YStep 6 "
            + "/Resources << >>");
        RawDrawing d = f.resources("/Pattern << /P " + tile + " 0 R >>").content("/Pattern cs /P scn 20 20 60 30 re f").drawing();
        assertThat(PageFile.text(d)).isEqualTo("hatch (20,20 80,20 80,50 20,50)");
        double[] lines = PageFile.flat(d).fills().getFirst().lines();
        double sum = 0;
        for (int i = 0; i < lines.length; i += 4) sum += Math.hypot(lines[i + 2] - lines[i], lines[i + 3] - lines[i + 1]);
        // lines at 45 degrees, 6/sqrt 2 apart, over 60 x 30
        assertThat(sum).isCloseTo(60 * 30 / (6 / Math.sqrt(2)), Assertions.withinPercentage(4));
    }
}
