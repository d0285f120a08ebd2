package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Edit;
import brightlintel.building.GridLabels;
import brightlintel.building.GridLine;
import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthUnit;
import brightlintel.lengths.SpacingWords;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The grid as a whole. */
class GridsTest {
    private static Project made(double turn) {
        return Grids.make(List.of(8.0, 7.0, 9.0), List.of(5.0, 9.0), new Point(3, -2), turn, 2).apply(Project.empty("p", "Ground"));
    }

    private static StoreyId on(Project p) {
        return p.storeys().getFirst().id();
    }

    private static List<Double> spacings(Grids.Family f) {
        List<Double> out = new ArrayList<>();
        for (int i = 1; i < f.lines().size(); i++) out.add(Math.round(f.spacing(i) * 1e9) / 1e9);
        return out;
    }

    private static List<String> labels(Grids.Family f) {
        return f.lines().stream().map(GridLine::label).toList();
    }

    @ParameterizedTest @ValueSource(doubles = {0, 0.2, -0.3, 0.7})
    void aGridBySpacingsHasThemWhicheverWayItIsTurned(double turn) {
        Project p = made(turn);
        List<Grids.Family> f = Grids.families(p, on(p));
        assertThat(f).hasSize(2);
        assertThat(labels(f.get(0))).containsExactly("A", "B", "C", "D");
        assertThat(labels(f.get(1))).containsExactly("1", "2", "3");
        assertThat(spacings(f.get(0))).containsExactly(8.0, 7.0, 9.0);
        assertThat(spacings(f.get(1))).containsExactly(5.0, 9.0);
        Point corner = new Point(3, -2);
        assertThat(f.get(0).lines().getFirst().line().distance(corner)).isLessThan(1e-9);
        assertThat(f.get(1).lines().getFirst().line().distance(corner)).isLessThan(1e-9);
    }

    /** Law: with the total kept, one line moves; else all behind it do; the others stay where they are. */
    @ParameterizedTest @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void aSpacingIsChangedAlongOrWithTheTotalKept(long seed) {
        Random r = new Random(seed);
        Project p = made(r.nextDouble() * 0.6);
        Grids.Family f = Grids.families(p, on(p)).getFirst();
        double to = 6 + r.nextDouble();
        Grids.Family along = Grids.families(Grids.spacing(f, 1, to, false).apply(p), on(p)).getFirst(),
            kept = Grids.families(Grids.spacing(f, 1, to, true).apply(p), on(p)).getFirst();
        assertThat(along.spacing(1)).isCloseTo(to, within(1e-9));
        assertThat(along.spacing(2)).isCloseTo(7, within(1e-9));
        assertThat(kept.spacing(1)).isCloseTo(to, within(1e-9));
        assertThat(kept.from(3)).isCloseTo(24, within(1e-9));
        assertThat(kept.spacing(2)).isCloseTo(15 - to, within(1e-9));
        Edit once = Grids.spacing(f, 1, to, false);
        assertThat(once.apply(once.apply(p))).as("asked for twice it is done once").isEqualTo(once.apply(p));
        assertThat(kept.lines().getFirst()).isEqualTo(f.lines().getFirst());
        assertThat(Grids.spacing(f, 1, 15.5, true).apply(p)).as("the next line would be passed").isEqualTo(p);
        assertThat(Grids.spacing(f, 1, 0, false).apply(p)).isEqualTo(p);
    }

    @Test void aBayIsDividedAndJoinedAndRunsAreRenamed() {
        Project p = made(0);
        Grids.Family f = Grids.families(p, on(p)).getFirst();
        Project divided = Grids.divide(f, 3, 3).apply(p);
        Grids.Family now = Grids.families(divided, on(p)).getFirst();
        assertThat(labels(now)).containsExactly("A", "B", "C", "C1", "C2", "D");
        assertThat(now.spacing(4)).isCloseTo(3, within(1e-9));
        Project joined = Tracing.delete(Set.of(now.lines().get(3).id(), now.lines().get(4).id())).apply(divided);
        assertThat(joined).isEqualTo(p);
        assertThat(labels(Grids.families(Grids.turnRound(f).apply(p), on(p)).getFirst())).containsExactly("D", "C", "B", "A");
        assertThat(labels(Grids.families(Grids.rename(f, "E").apply(p), on(p)).getFirst())).containsExactly("E", "F", "G", "H");
        assertThat(Grids.rename(f, "2").apply(p)).as("3 is a figure of the other family").isEqualTo(p);
    }

    @ParameterizedTest @CsvSource(delimiter = '|', nullValues = "-", textBlock = """
        A | C | true  | B
        A | B | true  | A1
        2 | 3 | false | 2A
        '' | B | true | A
        C | '' | true | D
        '' | '' | false | 1
        """)
    void aLineBetweenOthersGetsTheLabelThatTheyAskFor(String before, String after, boolean letters, String label) {
        assertThat(GridLabels.between(before, after, letters, new HashSet<>(List.of(before, after)))).isEqualTo(label);
    }

    @ParameterizedTest @CsvSource(delimiter = '|', textBlock = """
        4 @ 5.0, 3.6, 2x4.2 | 5 5 5 5 3.6 4.2 4.2
        7,2 | 7.2
        3x7,50; 4 | 7.5 7.5 7.5 4
        5000mm, 2 × 3.5 m | 5 3.5 3.5
        6.0 + 6.0 | 6 6
        """)
    void spacingsAreReadAsPeopleWriteThem(String text, String metres) {
        List<Double> out = SpacingWords.read(text, LengthUnit.METRE).orElseThrow();
        List<Double> wanted = List.of(metres.split(" ")).stream().map(Double::parseDouble).toList();
        assertThat(out).hasSameSizeAs(wanted);
        for (int i = 0; i < wanted.size(); i++) assertThat(out.get(i)).isCloseTo(wanted.get(i), within(1e-9));
    }

    @ParameterizedTest @ValueSource(strings = {"", "x", "3 @", "0x5", "5, -, 6", "999x999x9", "-4"})
    void whatIsNoSpacingIsRefused(String text) {
        assertThat(SpacingWords.read(text, LengthUnit.METRE)).isEmpty();
    }
}
