package brightlintel.correct;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Scale;
import brightlintel.correct.look.Figure;
import brightlintel.correct.size.SizeFinding;
import brightlintel.correct.size.SizeKind;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Single pieces of evidence. */
class EvidenceTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"3600|3600", "3.60|3.6", "3,60|3.6", "3 600|3600", "36⁵|36.5", "(2.40)|2.4", "1'250|1250"})
    void bareFiguresAreRead(String text, double number) {
        Figure f = Figure.read(text).orElseThrow();
        assertThat(f.number()).isEqualTo(number);
        assertThat(f.isBare()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"12'-6 1/2\"|3.8227", "37'4|11.3792", "3.60 m|3.6", "250 mm|0.25", "12,5 cm|0.125", "6\"|0.1524"})
    void figuresThatSayTheirUnitAreMetres(String text, double metres) {
        assertThat(Figure.read(text).orElseThrow().metres()).isCloseTo(metres, within(1e-4));
    }

    @ParameterizedTest
    @ValueSource(strings = {"+3.20", "±0.00", "24.5 m²", "Office 12", "R30", "", "1:100", "12/7", "2024-05", "-1.20"})
    void whatIsNoLengthIsNotRead(String text) {
        assertThat(Figure.read(text)).isEmpty();
    }

    @Test void whatIsStruckOutDoesNotSpeak() {
        MadePlan p = plan();
        Reckoning r = ReckoningTest.reckon(p.drawing());
        assertThat(r.size().unsure()).isFalse();
        SizeFinding without = r.without(Set.of(SizeKind.MEASURES, SizeKind.DOORS)).size();
        assertThat(without.opinions()).noneMatch(o -> o.kind() == SizeKind.MEASURES || o.kind() == SizeKind.DOORS);
        assertThat(without.unsure()).as("walls alone prove nothing").isTrue();
        assertThat(r.without(Set.of()).size()).isSameAs(r.size());
    }

    @Test void aDimensionThatLiesIsNamed() {
        boolean lied = false;
        for (long seed = 1; seed < 60 && !lied; seed++) {
            MadePlan p = new MadePlan(seed);
            p.measured = MadePlan.Measured.KNOWN;
            p.jitter = 0;
            Reckoning r = ReckoningTest.reckon(p.drawing());
            for (var m : r.size().liars()) {
                lied = true;
                double says = m.figure().isBare() ? m.figure().number() * r.size().figureUnit().orElseThrow() : m.figure().metres();
                assertThat(says / (m.drawn() * r.size().metresPerUnit())).isCloseTo(1.3, within(0.01));
            }
        }
        assertThat(lied).isTrue();
    }

    @Test void nothingIsSaidOfNothing() throws IOException {
        Reckoning r = ReckoningTest.reckon(Drawings.read("A 0 0 1 0"));
        assertThat(r.size().unsure()).isTrue();
        assertThat(r.turn().turn()).isCloseTo(0, within(1e-9));
    }

    @Test void aForgottenLineFarAwayIsAstray() throws IOException {
        StringBuilder b = new StringBuilder("A 40000000 0 40000100 0\n");
        for (int i = 0; i < 200; i++) b.append("A ").append(i * 50).append(" 0 ").append(i * 50).append(" 8000\n");
        Reckoning r = ReckoningTest.reckon(Drawings.read(b.toString()));
        assertThat(r.astray().strokes()).hasSize(1);
        assertThat(r.astray().main().width()).isCloseTo(9950, within(1.0));
    }

    private static MadePlan plan() {
        MadePlan p = new MadePlan(3);
        p.measured = MadePlan.Measured.TICKS;
        p.leaves = MadePlan.Leaves.ARC;
        p.walls = MadePlan.Walls.TWO_LINES;
        p.jitter = 0;
        p.header.clear();
        return p;
    }

    @Test void aStoreyComesToLieOnAnotherHoweverThatLies() {
        MadePlan.Shell shell = MadePlan.Shell.of(5);
        MadePlan lower = plan(), upper = plan();
        lower.shell = shell;
        upper.shell = shell;
        upper.turn = Math.toRadians(12.5);
        upper.metresPerUnit = 1;
        Reckoning a = ReckoningTest.reckon(lower.drawing()), b = ReckoningTest.reckon(upper.drawing());
        Placement place = new Placement(Given.stated(Scale.even(lower.metresPerUnit)), false, Given.stated(0.7), Given.stated(new Point(3, 4)),
            Given.stated(new Point(100, -20)));
        Optional<InLine> l = InLine.of(a, place, b);
        assertThat(l).isPresent();
        Placement laid = new Placement(Given.stated(Scale.even(1)), false, Given.stated(l.get().turn()), Given.stated(l.get().anchor()),
            Given.stated(l.get().at()));
        for (Point corner : new Point[] {new Point(0, 0), new Point(7, 5)})
            assertThat(laid.apply(upper.inFile(corner.x(), corner.y())).distance(place.apply(lower.inFile(corner.x(), corner.y()))))
                .isLessThan(0.005);
        assertThat(InLine.of(a, place.withScale(Given.stated(Scale.even(lower.metresPerUnit * 2))), b)).as("at another size").isEmpty();
    }
}
