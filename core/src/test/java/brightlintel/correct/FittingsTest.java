package brightlintel.correct;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.correct.look.Drawn;
import brightlintel.correct.size.Opinion;
import brightlintel.correct.size.SizeFinding;
import brightlintel.correct.size.SizeKind;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.flatten.Flattening;
import brightlintel.notation.Drawings;
import brightlintel.notation.Sketch;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is parked and what is built in, as witnesses of size; and which drawings come from one office. */
class FittingsTest {
    private static Drawn drawn(RawDrawing d, SpaceKey space) {
        return Drawn.asReceived(d, space, Flattening.of(d, space, ReadLimits.DEFAULT, Progress.NONE));
    }

    private static Drawn drawn(Sketch s) {
        return drawn(s.drawing(), s.space());
    }

    private static List<Opinion> of(SizeFinding s, SizeKind kind) {
        return s.opinions().stream().filter(o -> o.kind() == kind).toList();
    }

    @ParameterizedTest @ValueSource(doubles = {1, 100, 1000, 1 / 0.3048})
    void baysForCarsAreAboutAsWideAsTheyAreEverywhere(double k) {
        Sketch s = new Sketch();
        for (int i = 0; i <= 12; i++) s.line(2.5 * i * k, 0, 2.5 * i * k, 5 * k).line(2.5 * i * k, 11 * k, 2.5 * i * k, 16 * k);
        SizeFinding found = Reckoning.of(drawn(s)).size();
        assertThat(of(found, SizeKind.PARKING)).singleElement().satisfies(o -> {
            assertThat(o.at()).isCloseTo(1 / k, within(1e-9 / k));
            assertThat(o.count()).isEqualTo(2);
            assertThat(o.agrees(1 / k)).isTrue();
            assertThat(o.agrees(10 / k)).isFalse();
        });
    }

    @ParameterizedTest @ValueSource(doubles = {1, 100, 1000})
    void windowsAreAboutAsWideAsTheyAreEverywhere(double k) {
        Sketch s = new Sketch();
        double[] wide = {0.9, 1.2, 1.2, 1.5, 2.1};
        for (int i = 0; i < wide.length; i++)
            for (int line = 0; line < 3; line++) s.line(4 * i * k, 0.18 * line * k, (4 * i + wide[i]) * k, 0.18 * line * k);
        SizeFinding found = Reckoning.of(drawn(s)).size();
        assertThat(of(found, SizeKind.WINDOWS)).singleElement().satisfies(o -> {
            assertThat(o.of()).isEqualTo(5);
            assertThat(o.value()).isCloseTo(1.2 * k, within(1e-6 * k));
            assertThat(o.agrees(1 / k)).isTrue();
            assertThat(o.support().applyAsDouble(10 / k)).as("ten times as large they are less likely").isLessThan(o.support().applyAsDouble(1 / k) - 0.5);
        });
        assertThat(found.unsure()).as("windows alone prove nothing").isTrue();
    }

    @Test void stepsAreNoBaysAndAFewLinesAreNone() {
        Sketch s = new Sketch();
        for (int i = 0; i < 12; i++) s.line(280 * i, 0, 280 * i, 1200);
        for (int i = 0; i < 3; i++) s.line(9000 + 2500 * i, 0, 9000 + 2500 * i, 5000);
        SizeFinding found = Reckoning.of(drawn(s)).size();
        assertThat(of(found, SizeKind.PARKING)).isEmpty();
        assertThat(of(found, SizeKind.STEPS)).hasSize(1);
    }

    /** A block that is drawn as a rectangle from 0,0, and where it lies: x, y, degrees. */
    private static String file(String name, double w, double h, double[]... at) {
        StringBuilder s = new StringBuilder("0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\n" + name + "\n10\n0\n20\n0\n");
        double[] xy = {0, 0, w, 0, w, h, 0, h, 0, 0};
        for (int i = 0; i < 8; i += 2)
            s.append("0\nLINE\n8\n0\n10\n" + xy[i] + "\n20\n" + xy[i + 1] + "\n11\n" + xy[i + 2] + "\n21\n" + xy[i + 3] + "\n");
        s.append("0\nENDBLK\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n");
        for (double[] p : at)
            s.append("0\nINSERT\n8\n0\n2\n" + name + "\n10\n" + p[0] + "\n20\n" + p[1] + "\n50\n" + p[2] + "\n");
        return s + "0\nENDSEC\n0\nEOF\n";
    }

    private static SizeFinding size(String dxf) throws IOException {
        return Reckoning.of(drawn(Drawings.dxf(dxf), new SpaceKey.Model())).size();
    }

    @Test void whatIsCalledABathIsAsLongAsOne() throws Exception {
        SizeFinding found = size(file("Badewanne_links", 1700, 750, new double[] {0, 0, 0}, new double[] {4000, 0, 90}));
        assertThat(of(found, SizeKind.FITTINGS)).singleElement().satisfies(o -> {
            assertThat(o.at()).isCloseTo(0.001, within(0.00005));
            assertThat(o.of()).as("turned ones too").isEqualTo(2);
            assertThat(o.count()).isEqualTo(2);
            assertThat(o.agrees(0.0254)).isFalse();
        });
        assertThat(found.unsure()).as("two baths alone prove nothing").isTrue();
    }

    @Test void aNameThatOnlyHoldsTheLettersIsNone() throws Exception {
        assertThat(of(size(file("SCARF-RACK", 1700, 750, new double[] {0, 0, 0})), SizeKind.FITTINGS)).isEmpty();
        assertThat(of(size(file("wcs", 600, 400, new double[] {0, 0, 0})), SizeKind.FITTINGS)).hasSize(1);
    }

    private static Sketch layered(String unit, String... layers) {
        Sketch s = new Sketch().word("$INSUNITS", unit);
        for (String l : layers) s.on(l).line(0, 0, 1000, 0);
        return s;
    }

    @Test void oneOfficeCallsItsLayersAlike() {
        Drawn ground = drawn(layered("4", "A-Wall", "A-DOOR", "A-FURN", "A-DIM"));
        assertThat(Office.isAlike(ground, drawn(layered("4", "A-WALL", "A-DOOR", "A-FURN", "A-STAIR")))).isTrue();
        assertThat(Office.isAlike(ground, drawn(layered("6", "A-WALL", "A-DOOR", "A-FURN", "A-STAIR")))).as("another unit").isFalse();
        assertThat(Office.isAlike(ground, drawn(layered("4", "Wände", "Türen", "A-FURN", "A-DIM")))).isFalse();
        assertThat(Office.isAlike(drawn(layered("4", "0")), drawn(layered("4", "0")))).as("what everybody has tells nothing").isFalse();
        assertThat(Office.isAlike(ground, drawn(layered("4", "A-WALL", "A-DOOR", "A-FURN", "A-DIM").onPage(420, 297)))).isFalse();
    }
}
