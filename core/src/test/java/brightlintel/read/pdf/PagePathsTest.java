package brightlintel.read.pdf;

import static brightlintel.read.pdf.PageFile.drawing;
import static brightlintel.read.pdf.PageFile.read;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.drawing.Code;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Paper;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Strokes;
import brightlintel.notation.Seeds;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PagePathsTest {
    /** 4/3 tan(22.5 degrees): how a quarter circle is made of a cubic. */
    private static final double KAPPA = 4.0 / 3 * Math.tan(Math.PI / 8);

    @Test void linesChainsAndRectanglesAreWhatTheyAre() {
        assertThat(read("10 20 m 50 20 l S 10 30 m 50 30 l 50 40 l S 5 5 20 10 re S")).isEqualTo("""
            line 10,20 50,20
            chain 10,30 50,30 50,40
            ring 5,5 25,5 25,15 5,15""");
    }

    @Test void piecesWithoutLengthAreNothing() {
        assertThat(read("10 10 m 10 10 l S 10 10 m S 20 20 m 30 20 l 30 20 l 40 20 l S")).isEqualTo("chain 20,20 30,20 40,20");
    }

    @Test void fourCubicsAreACircleAndOneIsAnArc() {
        assertThat(read(circle(50, 50, 20) + " S")).isEqualTo("circle 50,50 r 20");
        assertThat(read("70 50 m 70 61.0457 61.0457 70 50 70 c S")).isEqualTo("arc 50,50 r 20 0..90");
        // round the other way it is the same arc
        assertThat(read("50 70 m 61.0457 70 70 61.0457 70 50 c S")).isEqualTo("arc 50,50 r 20 0..90");
    }

    private static String circle(double x, double y, double r) {
        double k = r * KAPPA;
        return String.format(Locale.ROOT, "%f %f m %f %f %f %f %f %f c %f %f %f %f %f %f c %f %f %f %f %f %f c %f %f %f %f %f %f c h",
            x + r, y,
            x + r, y + k, x + k, y + r, x, y + r, x - k, y + r, x - r, y + k, x - r, y, x - r, y - k, x - k, y - r, x, y - r, x + k, y - r,
            x + r, y - k,
            x + r, y);
    }

    @Test void arcsOfAnySizeAndSweepComeBackWithinRoundedFigures() {
        Seeds.each(300, seed -> {
            Random r = new Random(seed);
            double radius = 2 + 60 * r.nextDouble(), from = r.nextDouble() * 6, sweep = 0.15 + r.nextDouble() * 1.4,
                k = 4.0 / 3 * Math.tan(sweep / 4) * radius;
            double x = 100, y = 50, to = from + sweep;
            String s = String.format(Locale.ROOT, "%.3f %.3f m %.3f %.3f %.3f %.3f %.3f %.3f c S", x + radius * Math.cos(from),
                y + radius * Math.sin(from), x + radius * Math.cos(from) - k * Math.sin(from),
                y + radius * Math.sin(from) + k * Math.cos(from),
                x + radius * Math.cos(to) + k * Math.sin(to), y + radius * Math.sin(to) - k * Math.cos(to), x + radius * Math.cos(to),
                y + radius * Math.sin(to));
            RawDrawing d = PageFile.drawing(s).page("/MediaBox [-200 -200 400 400]").drawing();
            Entity e = d.spaces().getFirst().entities().getFirst();
            if (radius * (1 - Math.cos(sweep / 2)) < 0.1) return;
            assertThat(e).as(s).isInstanceOf(Entity.Arc.class);
            // a short arc says little of its centre; on the paper it lies within a hundredth of a millimetre all the same
            assertThat(((Entity.Arc) e).radius()).isCloseTo(radius, within(0.02 + 0.01 * radius / (sweep * sweep)));
        });
    }

    @Test void aCurveThatIsNoCircleStaysASpline() {
        assertThat(read("10 10 m 40 60 60 -20 90 40 c S")).isEqualTo("spline of 4");
        // near a circle in its middle, and elsewhere not
        assertThat(read("10 50 m 10 90 90 90 90 50 c S")).isEqualTo("spline of 4");
    }

    @Test void roundedCornersStayOneRing() {
        assertThat(read("20 10 m 40 10 l 45.523 10 50 14.477 50 20 c 50 40 l 10 40 l 10 10 l h S")).isEqualTo(
            "ring 20,10 40,10~0.41 50,20 50,40 10,40 10,10");
    }

    @Test void turnedCroppedAndEnlargedPagesAreAsDisplayed() {
        String content = "10 20 m 50 20 l S";
        assertThat(drawing(content).page("/MediaBox [0 0 200 100] /Rotate 90").strokes()).isEqualTo("line 20,190 20,150");
        assertThat(drawing(content).page("/MediaBox [0 0 200 100] /Rotate 180").strokes()).isEqualTo("line 190,80 150,80");
        assertThat(drawing(content).page("/MediaBox [0 0 200 100] /Rotate -90").strokes()).isEqualTo("line 80,10 80,50");
        assertThat(drawing(content).page("/MediaBox [-20 -10 200 100] /CropBox [5 10 100 90]").strokes()).isEqualTo("line 5,10 45,10");
        RawDrawing large = drawing(content).page("/MediaBox [0 0 200 100] /UserUnit 2").drawing();
        assertThat(PageFile.text(large)).isEqualTo("line 20,40 100,40");
        assertThat(large.spaces().getFirst().paper())
            .hasValueSatisfying((Paper p) -> assertThat(p.width()).isCloseTo(400 * 0.0254 / 72, within(1e-9)));
    }

    @Test void widthColourAndDashesAreKept() {
        RawDrawing d = drawing("2 w 1 0 0 RG [6 3] 0 d 10 10 m 90 10 l S q 2 0 0 2 0 0 cm 5 20 m 45 20 l S Q").drawing();
        Entity a = d.spaces().getFirst().entities().get(0), b = d.spaces().getFirst().entities().get(1);
        assertThat(a.style().weight()).isEqualTo(71);
        assertThat(a.style().colour().toRgb()).isEqualTo(0xff0000);
        assertThat(a.style().lineType()).isEqualTo("dashed 6-3");
        // in a frame twice as large all of it is twice as large
        assertThat(b.style().weight()).isEqualTo(141);
        assertThat(b.style().lineType()).isEqualTo("dashed 12-6");
        Strokes s = PageFile.flat(d);
        assertThat(s.size()).isEqualTo(2);
        assertThat(s.dashingOf(0)).isNotNull();
    }

    @Test void aBoxLetsThroughWhatIsInIt() {
        assertThat(read("20 20 60 40 re W n 0 30 m 200 30 l S 30 0 m 30 100 l S 100 0 m 100 100 l S")).isEqualTo("""
            line 19.98,30 80.02,30
            line 30,19.98 30,60.02""");
    }

    @Test void anyOutlineLetsThroughWhatIsInIt() {
        assertThat(read("20 20 m 80 20 l 50 80 l h W n 0 50 m 200 50 l S")).isEqualTo("line 35,50 65,50");
        // a box with a hole in it, by both rules
        String holed = "20 20 60 60 re 40 40 20 20 re ";
        assertThat(read(holed + "W* n 0 50 m 200 50 l S")).isEqualTo("line 20,50 40,50\nline 60,50 80,50");
        assertThat(read(holed + "W n 0 50 m 200 50 l S")).isEqualTo("line 20,50 80,50");
    }

    @Test void aClipEndsWithItsState() {
        assertThat(read("q 20 20 60 40 re W n Q 0 30 m 200 30 l S")).isEqualTo("line 0,30 200,30");
    }

    @Test void arcsAreCutAndStayArcs() {
        assertThat(read("50 0 100 100 re W n " + circle(50, 50, 20) + " S")).contains("arc 50,50 r 20").doesNotContain("circle")
            .doesNotContain("line");
    }

    @Test void formsAreUnfoldedInTheirPlace() {
        PageFile f = new PageFile();
        int form = f.object("10 0 m 20 0 l S 500 0 m 600 0 l S".getBytes(),
            "/Type /XObject /Subtype /Form /BBox [0 -5 100 50] /Matrix [1 0 0 1 5 0]");
        assertThat(f.resources("/XObject << /F " + form + " 0 R >>").content("q 1 0 0 1 0 30 cm /F Do Q q 0 2 -2 0 100 10 cm /F Do Q")
            .strokes())
            .isEqualTo("line 15,30 25,30\nline 100,40 100,60");
    }

    @Test void filledPathsAreAreasWhoseEdgesCanBeSnappedTo() {
        RawDrawing d = drawing("0.5 g 10 10 40 20 re f").drawing();
        assertThat(PageFile.text(d)).isEqualTo("area edged (10,10 50,10 50,30 10,30)");
        assertThat(PageFile.flat(d).size()).isEqualTo(4);
        assertThat(PageFile.flat(d).fills()).hasSize(1);
        // drawn as well as filled, the stroke is the edge
        assertThat(read("10 10 40 20 re B")).isEqualTo("area (10,10 50,10 50,30 10,30)\nring 10,10 50,10 50,30 10,30");
    }

    @Test void bothRulesOfFillingPaintWhatTheyShould() {
        String same = "10 10 40 40 re 20 20 10 10 re ", other = "10 10 40 40 re 20 20 m 20 30 l 30 30 l 30 20 l h ";
        assertThat(read(same + "f*")).isEqualTo("area edged (10,10 50,10 50,50 10,50) (20,20 30,20 30,30 20,30)");
        assertThat(read(same + "f")).isEqualTo("area edged (10,10 50,10 50,50 10,50)");
        assertThat(read(other + "f")).isEqualTo("area edged (10,10 50,10 50,50 10,50) (20,20 20,30 30,30 30,20)");
        assertThat(read("10 10 20 20 re 60 10 20 20 re f").lines()).hasSize(2);
    }

    @Test void anAreaIsCutByItsClip() {
        assertThat(read("20 0 20 100 re W n 10 10 40 20 re f")).isEqualTo("area edged (19.98,30 40.02,30 40.02,10 19.98,10)");
    }

    @Test void aThinStripStandsForALineAndIsTold() {
        RawDrawing d = drawing("10 10 60 0.5 re f 80 10 0.4 50 re f").drawing();
        assertThat(PageFile.text(d)).isEqualTo("line 10,10.25 70,10.25\nline 80.2,10 80.2,60");
        assertThat(d.report().count(Code.THIN_FILL_AS_LINE)).isEqualTo(2);
        // a wall of a tenth of a metre at 1:100 is no line
        assertThat(read("10 10 60 2.8 re f")).startsWith("area");
    }

    @Test void thePapersOwnGroundIsOffAndHidesNothing() {
        RawDrawing d = drawing("1 g 0 0 200 100 re f 10 10 m 50 10 l S").drawing();
        assertThat(d.layer("paper ground")).hasValueSatisfying(l -> assertThat(l.off()).isTrue());
        assertThat(d.report().count(Code.LAYER_OFF_IN_FILE)).isZero();
    }

    @Test void whatCannotBeSeenIsNothing() {
        PageFile f = drawing("/G gs 10 10 m 50 10 l S 10 10 30 30 re f").resources("/ExtGState << /G << /CA 0 /ca 0 >> >>");
        assertThat(f.strokes()).isEmpty();
    }

    @Test void aDamagedInstructionIsPassedOverAndToldOf() {
        RawDrawing d = drawing("10 10 m 50 10 l S /Nothing Do 10 20 m (x) l S 10 30 m 50 30 l S").drawing();
        assertThat(PageFile.text(d)).contains("line 10,10 50,10").contains("line 10,30 50,30");
    }
}
