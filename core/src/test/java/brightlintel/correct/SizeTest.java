package brightlintel.correct;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.correct.lie.DatumFinding;
import brightlintel.correct.look.Drawn;
import brightlintel.correct.size.SizeFinding;
import brightlintel.correct.size.SizeKind;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.flatten.Flattening;
import brightlintel.notation.Sketch;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/** What speaks for a size, and what is not enough. */
class SizeTest {
    private static final double POINT = 0.0254 / 72;

    private static Reckoning reckon(Sketch s) {
        return Reckoning.of(Drawn.asReceived(s.drawing(), s.space(),
            Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE)));
    }

    private static SizeFinding size(Sketch s) {
        return reckon(s).size();
    }

    /** Walls and doors of a plan in metres, drawn at so many units a metre. */
    private static Sketch plan(double k, int doors) {
        Sketch s = new Sketch();
        for (int i = 0; i < 5; i++) s.wall(0, 14 * k, 3.1 * i * k, 0.24 * k);
        for (int i = 0; i < doors; i++) s.door((1 + 2 * i) * k, 3.1 * k, 0.885 * k);
        return s;
    }

    private static Sketch chain(Sketch s, double kx, double ky, String format, double perMetre, double... metres) {
        double x = 0, y = 0;
        for (double m : metres) {
            for (double e : new double[] {x, x + m}) s.line(e * kx, -2.2 * ky, e * kx, -1.8 * ky);
            s.line(x * kx, -2 * ky, (x + m) * kx, -2 * ky);
            s.text(String.format(Locale.ROOT, format, m * perMetre), (x + m / 2) * kx, -1.8 * ky, 0.2 * kx, 0);
            for (double e : new double[] {y, y + m}) s.line(-2.2 * kx, e * ky, -1.8 * kx, e * ky);
            s.line(-2 * kx, y * ky, -2 * kx, (y + m) * ky);
            s.text(String.format(Locale.ROOT, format, m * perMetre), -2.2 * kx, (y + m / 2) * ky, 0.2 * kx, 90);
            x += m;
            y += m;
        }
        return s;
    }

    @Test void doorsAndWallsTellTheUnitWithoutAnyFigure() {
        assertThat(size(plan(1000, 5)).metresPerUnit()).isEqualTo(0.001);
        assertThat(size(plan(1000, 5)).unsure()).isFalse();
        assertThat(size(plan(100, 5)).metresPerUnit()).isEqualTo(0.01);
        assertThat(size(plan(1 / 0.0254, 5)).metresPerUnit()).isEqualTo(0.0254);
    }

    @Test void wallsAloneAreNotEnough() {
        assertThat(size(plan(1000, 0)).unsure()).isTrue();
    }

    @Test void theFilesWordIsOverruledByWhatIsDrawn() {
        SizeFinding s = size(plan(1000, 5).word("$INSUNITS", "1"));
        assertThat(s.metresPerUnit()).isEqualTo(0.001);
        assertThat(s.opinions()).filteredOn(o -> o.kind() == SizeKind.HEADER).singleElement()
            .satisfies(o -> assertThat(o.agrees(s.metresPerUnit())).isFalse());
    }

    @Test void aDrawingAtAnOddScaleIsMeasuredByItsDimensions() {
        SizeFinding s = size(chain(plan(943, 5), 943, 943, "%.2f", 1, 2.4, 3.15, 4.2, 1.85, 2.9));
        assertThat(s.unsure()).isFalse();
        assertThat(s.metresPerUnit()).isCloseTo(1 / 943.0, within(2e-6));
    }

    @Test void aPageThatIsLongerOneWayHasTwoFactors() {
        double kx = 0.985 / (100 * POINT), ky = 1.01 / (100 * POINT);
        SizeFinding s = size(chain(plan(kx, 5).onPage(594, 420), kx, ky, "%.0f", 1000, 2.4, 3.15, 4.2, 1.85, 2.9));
        assertThat(s.isStretched()).isTrue();
        assertThat(s.metresPerUnitX() * kx).isCloseTo(1, within(0.001));
        assertThat(s.metresPerUnitY() * ky).isCloseTo(1, within(0.001));
        assertThat(s.liars()).isEmpty();
    }

    /** Three along one side tell a stretch of hundredths, and none of thousandths. */
    @Test void threeFiguresAlongASideTellALargeStretch() {
        for (double ky : new double[] {1.018, 0.9945}) {
            double kx = 0.992 / (100 * POINT), y = ky / (100 * POINT);
            SizeFinding s = size(chain(plan(kx, 5).onPage(594, 420), kx, y, "%.0f", 1000, 3.15, 4.2, 2.9));
            assertThat(s.isStretched()).as("by " + (ky / 0.992 - 1)).isEqualTo(ky > 1);
            if (ky > 1) assertThat(s.metresPerUnitY() * y).isCloseTo(1, within(0.001));
        }
    }

    @Test void aPageWithoutFiguresMayHaveBeenShrunk() {
        double k = 1 / (100 * POINT);
        Sketch s = plan(k, 6).onPage(594, 420).text("Scale 1:100", 300, 20, 10, 0);
        assertThat(size(s).unsure()).as("doors do not show a few hundredths").isTrue();
        for (int i = 0; i < 5; i++) {
            double x = new double[] {0, 4.35, 8.1, 10.75, 14.2}[i] * k;
            s.circle(x, -40, 8).text("" + (i + 1), x, -40, 6, 0).line(x, -32, x, 15 * k);
        }
        assertThat(size(s).unsure()).as("bays of its grid are round by the scale").isFalse();
        assertThat(size(s).metresPerUnit()).isCloseTo(100 * POINT, within(1e-9));
    }

    /** Rooms in metres, outlined, with what is written in them, drawn at so many units a metre. */
    private static Sketch rooms(double k, double says, String format, double... sides) {
        Sketch s = new Sketch();
        double x = 0;
        for (int i = 0; i + 1 < sides.length; i += 2) {
            s.rectangle(x * k, 0, sides[i] * k, sides[i + 1] * k);
            s.text("Room " + i, (x + sides[i] / 2) * k, sides[i + 1] * 0.6 * k, 0.2 * k, 0);
            s.text(String.format(Locale.ROOT, format, sides[i] * sides[i + 1] * says), (x + sides[i] / 2) * k, sides[i + 1] * 0.4 * k, 0.2 * k, 0);
            x += sides[i] + 0.12;
        }
        return s;
    }

    @Test void areasThatAreWrittenInRoomsTellTheUnit() {
        double[] sides = {4.1, 3.3, 2.4, 5.05, 3.6, 3.9, 6.2, 4.4};
        for (double k : new double[] {1000, 100, 1, 1 / 0.0254}) {
            SizeFinding s = size(rooms(k, 1, "%.2f m²", sides));
            assertThat(s.metresPerUnit()).as("%s units a metre", k).isCloseTo(1 / k, within(1e-9));
            assertThat(s.unsure()).as("%s units a metre", k).isFalse();
        }
        SizeFinding feet = size(rooms(1 / 0.3048, 10.7639, "%.0f sq ft", sides));
        assertThat(feet.metresPerUnit()).isEqualTo(0.3048);
        assertThat(feet.unsure()).isFalse();
    }

    @Test void areasThatContradictDoorsMakeItUnsure() {
        Sketch s = rooms(1000, 0.8, "%.2f m2", 4.1, 3.3, 2.4, 5.05, 3.6, 3.9, 6.2, 4.4);
        for (int i = 0; i < 5; i++) s.wall(0, 14_000, 9000 + 3100 * i, 240).door(1000 + 2000 * i, 9000, 885);
        assertThat(size(s).unsure()).isTrue();
    }

    @Test void oneAreaProvesNothing() {
        assertThat(size(rooms(1000, 1, "%.2f m²", 4.1, 3.3)).unsure()).isTrue();
    }

    @Test void bayOfColumnsAreRoundAsThoseOfAGrid() {
        double k = 1 / (100 * POINT);
        Sketch s = plan(k, 6).onPage(594, 420).text("Scale 1:100", 300, 20, 10, 0);
        for (double x : new double[] {0, 4.35, 8.1, 10.75, 14.2})
            for (double y : new double[] {0.4, 4.75, 9.85}) s.rectangle((x - 0.15) * k, (y - 0.15) * k, 0.3 * k, 0.3 * k);
        assertThat(size(s).unsure()).isFalse();
        assertThat(size(s).metresPerUnit()).isCloseTo(100 * POINT, within(1e-9));
    }

    @Test void measuresOfTwoScalesOnOneSheetAreUnsure() {
        Sketch s = chain(plan(1000, 5), 1000, 1000, "%.0f", 1000, 2.4, 3.15, 4.2, 1.85, 2.9);
        for (int i = 0; i < 6; i++) {
            double x = 40_000 + i * 9000, m = 0.35 + 0.07 * i;
            s.line(x, 0, x + 20_000 * m, 0).line(x, -500, x, 500).line(x + 20_000 * m, -500, x + 20_000 * m, 500)
                .text(String.format(Locale.ROOT, "%.0f", m * 1000), x + 10_000 * m, 200, 200, 0);
        }
        assertThat(size(s).unsure()).isTrue();
    }

    @Test void theDatumIsTheLowerLeftCrossingElseACorner() {
        Sketch s = plan(1000, 3);
        assertThat(reckon(s).datum().proposals().getFirst().kind()).isEqualTo(DatumFinding.Kind.CORNER);
        s.circle(500, -2000, 300).text("A", 500, -2000, 250, 0).line(500, -1700, 500, 14_000)
            .circle(6500, -2000, 300).text("B", 6500, -2000, 250, 0).line(6500, -1700, 6500, 14_000)
            .circle(-2000, 120, 300).text("1", -2000, 120, 250, 0).line(-1700, 120, 15_000, 120);
        Reckoning r = reckon(s);
        DatumFinding.Proposal p = r.datum().proposals().getFirst();
        assertThat(p.kind()).isEqualTo(DatumFinding.Kind.GRID_CROSSING);
        assertThat(p.labels()).isEqualTo("A / 1");
        assertThat(r.inFile(p.at()).x()).isCloseTo(500, within(1e-6));
        assertThat(r.inFile(p.at()).y()).isCloseTo(120, within(1e-6));
    }
}
