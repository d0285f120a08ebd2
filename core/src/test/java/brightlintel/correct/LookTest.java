package brightlintel.correct;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.correct.look.Drawn;
import brightlintel.correct.look.Look;
import brightlintel.correct.look.Measure;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.flatten.Flattening;
import brightlintel.notation.Sketch;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What evidence rests on is seen where it is drawn, and not where it is not. */
class LookTest {
    private static Look look(Sketch s) {
        return Look.at(Drawn.asReceived(s.drawing(), s.space(),
            Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE)));
    }

    private static List<Double> spans(Sketch s, String text) {
        return look(s).measures().stream().filter(m -> m.text().equals(text)).map(Measure::drawn).toList();
    }

    @Test void aNumberOverALineWithTicksIsItsSpan() {
        Sketch s = new Sketch().line(0, 0, 3600, 0).line(-60, -60, 60, 60).line(3540, -60, 3660, 60).text("3600", 1800, 150, 200, 0);
        assertThat(spans(s, "3600")).anySatisfy(d -> assertThat(d).isCloseTo(3600, within(1.0)));
    }

    @Test void aNumberThatInterruptsItsLineIsItsSpan() {
        Sketch s = new Sketch().line(0, 0, 1400, 0).line(2200, 0, 3600, 0).line(0, -300, 0, 100).line(3600, -300, 3600, 100)
            .text("3600", 1800, 0, 200, 0);
        assertThat(spans(s, "3600")).anySatisfy(d -> assertThat(d).isCloseTo(3600, within(1.0)));
    }

    @Test void aNumberOfAChainIsTheSpanUnderIt() {
        Sketch s = new Sketch().line(0, 0, 9000, 0);
        for (double x : new double[] {0, 2500, 6000, 9000}) s.line(x, -200, x, 200);
        s.text("2500", 1250, 150, 200, 0).text("3500", 4250, 150, 200, 0).text("3000", 7500, 150, 200, 0);
        assertThat(spans(s, "2500")).contains(2500.0);
        assertThat(spans(s, "3500")).contains(3500.0);
        assertThat(spans(s, "3000")).contains(3000.0);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 17.3, 90, -33, 45})
    void numbersAreReadHoweverThePlanIsTurned(double degrees) {
        double c = Math.cos(Math.toRadians(degrees)), n = Math.sin(Math.toRadians(degrees));
        Sketch s = new Sketch();
        for (double[] l : new double[][] {{0, 0, 5000, 0}, {0, -200, 0, 200}, {5000, -200, 5000, 200}, {0, -900, 5000, -900}})
            s.line(c * l[0] - n * l[1], n * l[0] + c * l[1], c * l[2] - n * l[3], n * l[2] + c * l[3]);
        s.text("5000", c * 2500 - n * 150, n * 2500 + c * 150, 200, degrees);
        assertThat(spans(s, "5000")).anySatisfy(d -> assertThat(d).isCloseTo(5000, within(1.0)));
    }

    @Test void aNumberFarFromAnyLineMeasuresNothing() {
        assertThat(spans(new Sketch().line(0, 0, 3600, 0).text("3600", 1800, 900, 200, 0), "3600")).isEmpty();
        assertThat(spans(new Sketch().line(0, 0, 3600, 0).text("101", 200, 150, 200, 0), "101")).as("not at the middle").isEmpty();
    }

    @Test void aDimensionHasItsOwnEndsAndWhatWasTypedOverIt() {
        Look l = look(new Sketch().dimension(0, 4000, 0, "").dimension(4000, 9000, 0, "5.50").line(0, 0, 9000, 0));
        assertThat(l.measures()).hasSize(2).allMatch(Measure::written);
        assertThat(l.measures().get(0).figure().number()).isEqualTo(4000);
        assertThat(l.measures().get(0).typed()).isFalse();
        assertThat(l.measures().get(1).figure().number()).isEqualTo(5.5);
        assertThat(l.measures().get(1).typed()).isTrue();
    }

    @Test void aLeafAndItsArcAreADoorAndAnArcAloneIsNone() {
        Sketch s = new Sketch().door(0, 0, 900).door(5000, 0, 800).arc(10_000, 0, 900, 0, 90).circle(0, 5000, 400)
            .line(20_000, 0, 20_000, 900).arc(20_000, 0, 900, 0, 359);
        assertThat(look(s).doors()).extracting(d -> Math.rint(d.radius())).containsExactlyInAnyOrder(900.0, 800.0);
        Sketch twice = new Sketch().door(0, 0, 900).door(0, 0, 900);
        assertThat(look(twice).doors()).as("a doubled stroke is no second door").hasSize(1);
    }

    /** A leaf of one, put in unevenly: as long as either half axis, and one door where both are about as long. */
    @Test void aDoorThatWasDrawnOutIsOne() {
        for (double deep : new double[] {650, 1000, 1150}) {
            Sketch s = new Sketch().line(0, 0, 1, 0).arc(0, 0, 1, 0, 90).asBlock("DOOR").insert("DOOR", 3000, 200, deep, 900, 0);
            assertThat(look(s).doors()).as(deep + " by 900").singleElement().satisfies(d -> {
                assertThat(d.round()).isFalse();
                assertThat(d.radius()).isCloseTo(deep, within(1e-6));
            });
        }
        Sketch narrow = new Sketch().line(0, 0, 1, 0).arc(0, 0, 1, 0, 90).asBlock("DOOR").insert("DOOR", 3000, 200, 500, 900, 0);
        assertThat(look(narrow).doors()).as("of something else").isEmpty();
    }

    @Test void facesOfAWallAreAPairAndStepsAreAFlight() {
        Sketch s = new Sketch().wall(0, 8000, 0, 240).wall(0, 8000, 5000, 115);
        for (int i = 0; i < 12; i++) s.line(20_000 + 280 * i, 0, 20_000 + 280 * i, 1100);
        Look l = look(s);
        assertThat(l.pairs()).anySatisfy(p -> assertThat(p.distance()).isCloseTo(240, within(1e-6)))
            .anySatisfy(p -> assertThat(p.distance()).isCloseTo(115, within(1e-6)));
        assertThat(l.flights()).singleElement().satisfies(f -> {
            assertThat(f.tread()).isCloseTo(280, within(1e-6));
            assertThat(f.steps()).isEqualTo(12);
        });
    }

    @Test void fiveStrokesAreNoFlightAndAHundredAreBoards() {
        Sketch few = new Sketch(), many = new Sketch();
        for (int i = 0; i < 5; i++) few.line(280 * i, 0, 280 * i, 1100);
        for (int i = 0; i < 100; i++) many.line(280 * i, 0, 280 * i, 1100);
        assertThat(look(few).flights()).isEmpty();
        assertThat(look(many).flights()).isEmpty();
    }

    @Test void aLabelInACircleOnALineIsAGridLine() {
        Sketch s = new Sketch().circle(0, -500, 250).text("A", 0, -500, 200, 0).line(0, -250, 0, 9000)
            .circle(-500, 3000, 250).text("1'", -500, 3000, 200, 0).line(-250, 3000, 9000, 3000)
            .circle(5000, 5000, 250).text("B", 5000, 5000, 200, 0).text("C", 7000, 7000, 200, 0).line(7000, 7000, 7000, 9000);
        assertThat(look(s).tagged()).extracting(t -> t.label()).as("a circle without a line, a label without a circle are none")
            .containsExactlyInAnyOrder("A", "1'");
    }

    @Test void theMainDirectionIsThatOfTheWallsAndNotOfTheFrame() {
        double c = Math.cos(Math.toRadians(12)), n = Math.sin(Math.toRadians(12));
        Sketch s = new Sketch().line(-9000, -9000, 30_000, -9000).line(30_000, -9000, 30_000, 20_000);
        for (int i = 0; i < 20; i++) s.line(-n * 500 * i, c * 500 * i, c * 6000 - n * 500 * i, n * 6000 + c * 500 * i);
        assertThat(Math.toDegrees(look(s).directions().getFirst().angle())).isCloseTo(12, within(0.001));
    }

    /** The swing of a door of 900 in chords of one line, and a wavy line and a polygon that are none. */
    @Test void aDoorWhoseArcIsChordsIsADoor() {
        double[] arc = new double[18], wave = new double[18];
        for (int i = 0; i < 9; i++) {
            arc[2 * i] = 900 * Math.cos(i * Math.PI / 16);
            arc[2 * i + 1] = 900 * Math.sin(i * Math.PI / 16);
            wave[2 * i] = 5000 + 100 * i;
            wave[2 * i + 1] = 100 * Math.sin(i);
        }
        Sketch s = new Sketch().polyline(false, arc).line(0, 0, 0, 900).polyline(false, wave).line(5000, 0, 5000, 900)
            .polyline(true, 9000, 0, 9900, 0, 9900, 900, 9000, 900, 8600, 450);
        assertThat(look(s).doors()).singleElement().satisfies(d -> {
            assertThat(d.radius()).isCloseTo(900, within(1e-6));
            assertThat(look(s).strokes().origin().plus(d.hinge()).length()).isLessThan(1e-6);
        });
    }

    /** On a sheet that a printer drew out by two in a hundred the way of a leaf is no circle any more; a quarter of a long oval is none. */
    @Test void aDoorOfAStretchedSheetIsADoor() {
        Sketch s = new Sketch().quarter(0, 0, 918, 900).line(0, 0, 0, 900).quarter(5000, 0, 1800, 900).line(5000, 0, 5000, 900);
        assertThat(look(s).doors()).singleElement().satisfies(d -> assertThat(d.radius()).isBetween(895.0, 920.0));
    }

    @Test void columnsStandInRowsAndChairsDoNot() {
        Sketch columns = new Sketch().line(0, -900, 20_000, -900).line(-900, 0, -900, 14_000), chairs = new Sketch().line(0, -900, 20_000, -900);
        for (int i = 0; i < 4; i++) for (int k = 0; k < 3; k++) {
            columns.rectangle(6000 * i, 5400 * k, 300, 400);
            chairs.rectangle(600 * i, 700 * k, 450, 450);
        }
        assertThat(look(columns).columns().at()).hasSize(12);
        assertThat(look(columns).columns().x()).hasSize(4);
        assertThat(look(columns).columns().y()).hasSize(3);
        assertThat(look(chairs).columns().at()).isEmpty();
    }

    @Test void anAreaBelongsToTheSmallestOutlineAboutIt() {
        Sketch s = new Sketch().rectangle(0, 0, 10_000, 8000).rectangle(100, 100, 4000, 3000).rectangle(5000, 100, 4000, 5000)
            .text("12.0 m²", 2000, 1500, 200, 0).text("Office 20,0 m2", 7000, 2500, 200, 0).text("80.00 m²", 1000, 7000, 200, 0)
            .text("1.5 m", 2000, 2500, 200, 0);
        assertThat(look(s).rooms()).extracting(r -> Math.round(r.drawn() / 1e6) + " " + r.written()).containsExactlyInAnyOrder("12 12.0", "20 20.0",
            "80 80.0");
    }
}
