package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Edit;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.GridLabels;
import brightlintel.building.GridLine;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Side;
import brightlintel.building.Site;
import brightlintel.building.Stand;
import brightlintel.building.StoreyId;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.geom.Affine;
import brightlintel.geom.Crossings;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthUnit;
import brightlintel.lengths.SpacingWords;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
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

    @Test void aRoundGridHasRaysAndArcsAboutItsCentre() {
        Point at = new Point(4, 7);
        Project p = Grids.radial(List.of(0.3, 0.3, 0.5), List.of(5.0, 3.0), at, 0.2, 1.5).apply(Project.empty("p", "Ground"));
        List<GridLine> rays = p.grid().stream().filter(g -> g.line().isStraight()).toList(), arcs = p.grid().stream().filter(g ->
            !g.line().isStraight()).toList();
        assertThat(rays.stream().map(GridLine::label)).containsExactly("1", "2", "3", "4");
        assertThat(arcs.stream().map(GridLine::label)).containsExactly("A", "B");
        assertThat(rays).allSatisfy(g -> assertThat(Math.abs(g.line().unroll(at).y())).isLessThan(1e-9));
        assertThat(arcs.stream().map(g -> Math.rint(g.line().radius() * 1e6) / 1e6)).containsExactly(5.0, 8.0);
        assertThat(arcs).allSatisfy(g -> assertThat(g.line().centre().distance(at)).isLessThan(1e-6));
        // each ray crosses each arc
        for (GridLine r : rays) for (GridLine a : arcs)
            assertThat(Crossings.of(r.line().curve(), a.line().curve())).hasSize(1);
    }

    /** Law: with another zero all lies to each other as it did, and the survey still says where it stands. */
    @Test void withAnotherZeroAllGoesAlong() {
        Project p = made(0.2).withSite(new Site(Given.stated(0.4), Given.stated(3.0), Given.stated(new Point(1000, 2000))));
        Wall w = new Wall(new ElementId("w"), Piece.straight(new Point(1, 2), new Point(5, 2)), Side.LEFT, Given.stated(0.2), Stand.FLOOR, Top.NEXT,
            Provenance.BY_HAND);
        p = Tracing.addWalls(on(p), List.of(w)).apply(p);
        Point at = new Point(3, -2);
        Project q = Moving.zero(at).apply(p);
        assertThat(q.on(on(q)).walls().getFirst().reference().a()).isEqualTo(new Point(-2, 4));
        assertThat(Grids.families(q, on(q)).getFirst().lines().getFirst().line().distance(Point.ORIGIN)).isLessThan(1e-9);
        Point before = p.site().survey().value().plus(Affine.turn(-0.4).applyVector(new Point(1, 2)));
        Point after = q.site().survey().value().plus(Affine.turn(-0.4).applyVector(new Point(-2, 4)));
        assertThat(after.distance(before)).isLessThan(1e-9);
        assertThat(Moving.zero(at.times(-1)).apply(q).on(on(q)).walls()).isEqualTo(p.on(on(p)).walls());
    }

    @Test void tagsAndStoreysOfARunAreSaid() {
        Project p = made(0);
        Set<ElementId> a = Set.of(p.grid().getFirst().id());
        Project q = Tracing.changeGrid("x", a, g -> g.with(g.tags().next())).apply(p);
        assertThat(q.grid().getFirst().tags()).isEqualTo(GridLine.Tags.END);
        assertThat(q.grid().get(1).tags()).isEqualTo(GridLine.Tags.START);
        Project r = Grids.only(a, Optional.of(Set.of(new StoreyId("elsewhere")))).apply(q);
        assertThat(r.grid().getFirst().isOn(on(r))).isFalse();
        assertThat(r.grid().getFirst().tags()).as("it keeps its tags").isEqualTo(GridLine.Tags.END);
    }
}
