package brightlintel.desktop.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Division;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.KindId;
import brightlintel.building.Opening;
import brightlintel.building.OpeningKind;
import brightlintel.building.Provenance;
import brightlintel.building.Side;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.building.Stand;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.edit.Grids;
import brightlintel.edit.OpeningKinds;
import brightlintel.edit.Tracing;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Tools for elements as state machines: clicks, figures and keys in, edits and sentences out. Each gives one step back at a time. */
class ElementToolsTest {
    private Workspace w;

    @BeforeEach void aHouse() throws IOException {
        w = new Workspace(new DrawingShelf(Originals.temporary()));
        w.apply(Tracing.addWalls(w.storeyId(), List.of(wall("s", 0, 0, 10, 0, 0), wall("e", 10, 0, 10, 6, 0), wall("n", 10, 6, 0, 6, 0),
            wall("w", 0, 6, 0, 0, 0))));
    }

    private static Wall wall(String id, double x0, double y0, double x1, double y1, double bulge) {
        return new Wall(new ElementId(id), new Piece(new Point(x0, y0), new Point(x1, y1), bulge), Side.CENTRE, Given.stated(0.3), Stand.FLOOR,
            Top.NEXT, Provenance.BY_HAND);
    }

    private void point(double x, double y) {
        Point p = new Point(x, y);
        w.aim(new Aim(p, p, Optional.empty(), 0.1));
        w.tool().moved(w.aim());
    }

    private void click(double x, double y) {
        point(x, y);
        w.tool().clicked(w.aim());
    }

    private boolean typed(String figure, double metres) {
        return w.tool().typed(metres, figure, Optional.empty());
    }

    private void box(double x0, double y0, double x1, double y1) {
        Point a = new Point(x0, y0), b = new Point(x1, y1);
        Aim from = new Aim(a, a, Optional.empty(), 0.1), to = new Aim(b, b, Optional.empty(), 0.1);
        w.aim(to);
        w.tool().dragged(from, to, false);
        assertThat(w.tool().marks()).isNotEmpty();
        w.tool().released(from, to, false, false);
    }

    private Wall last() {
        return w.contents().walls().getLast();
    }

    /** Tools that begin with a point: what they show, and that Backspace and Esc take it back. */
    static Stream<Function<Workspace, Tool>> beginning() {
        return Stream.of(Outlines::slab, Outlines::hole, Outlines::room, Outlines::zone, Outlines::outline, Outlines::roof,
            x -> new StairTool(x, false), x -> new StairTool(x, true), x -> new WallArcTool(x, WallArcTool.Way.POINTS),
            x -> new WallArcTool(x, WallArcTool.Way.CENTRE), SeparationTool::new, WallRectangleTool::new);
    }

    @ParameterizedTest @MethodSource("beginning") void aMisClickCostsOneKey(Function<Workspace, Tool> maker) {
        w.start(maker);
        String first = w.tool().prompt();
        assertThat(first).isNotBlank();
        assertThat(w.tool().back()).isFalse();
        click(2, 2);
        point(3, 3);
        assertThat(w.tool().prompt()).isNotEqualTo(first);
        assertThat(w.tool().marks()).isNotEmpty();
        assertThat(w.tool().back()).isTrue();
        assertThat(w.tool().prompt()).isEqualTo(first);
        click(2, 2);
        assertThat(w.tool().escape()).as("one step out").isTrue();
        assertThat(w.tool().escape()).as("then the tool").isFalse();
        assertThat(w.history().past()).as("nothing was made").hasSize(1);
    }

    @Test void anOutlineIsClosedByAClickOnItsStartOrByEnter() {
        w.start(Outlines::zone);
        click(1, 1);
        click(5, 1);
        click(5, 4);
        click(1.02, 1.02);
        w.start(Outlines::zone);
        click(6, 1);
        point(6, 3);
        assertThat(typed("2", 2)).isTrue();
        click(9, 3);
        w.tool().finish();
        assertThat(w.contents().zones()).extracting(Zone::name).doesNotHaveDuplicates().hasSize(2);
        assertThat(w.contents().zones().getFirst().area()).isCloseTo(6, within(1e-9));
        assertThat(w.contents().zones().getLast().area()).isCloseTo(3, within(1e-9));
        // two corners and Enter are a rectangle; none, or one, nothing
        w.start(Outlines::slab);
        w.tool().finish();
        click(0, 0);
        w.tool().finish();
        click(10, 6);
        w.tool().finish();
        assertThat(w.contents().slabs()).singleElement().satisfies(s -> assertThat(s.area()).isCloseTo(60, within(1e-9)));
    }

    @Test void aHoleNeedsASlabUnderAllOfIt() {
        Outlines.slabFromWalls(w);
        w.start(Outlines::hole);
        click(8, 4);
        click(12, 5);
        w.tool().finish();
        assertThat(w.message().tone()).isEqualTo(Message.Tone.BAD);
        click(2, 2);
        click(3, 4);
        w.tool().finish();
        assertThat(w.contents().slabs().getFirst().holes()).singleElement().satisfies(h -> assertThat(h.area()).isCloseTo(2, within(1e-9)));
        assertThat(w.contents().slabs().getFirst().follows()).as("it follows its walls on").isPresent();
    }

    @Test void aStairTakesItsWidthItsLengthsAndItsBends() {
        w.start(x -> new StairTool(x, false));
        assertThat(typed("1200", 1.2)).isTrue();
        assertThat(typed("0.1", 0.1)).as("too narrow").isFalse();
        click(2, 1);
        point(5, 1);
        assertThat(typed("3", 3)).isTrue();
        point(5, 3);
        assertThat(typed("2", 2)).isTrue();
        w.tool().finish();
        Stair s = w.contents().stairs().getFirst();
        assertThat(s.width().value()).isEqualTo(1.2);
        assertThat(s.line()).hasSize(2);
        assertThat(s.line().getLast().b()).isEqualTo(new Point(5, 3));
        assertThat(StairPlan.of(s).risers()).isEqualTo(StairPlan.risersFor(3));
        assertThat(s.top()).isEqualTo(Top.NEXT);
        assertThat(w.selection()).containsExactly(s.id());
        w.tool().finish();
        assertThat(w.contents().stairs()).as("Enter with nothing drawn makes none").hasSize(1);
    }

    @Test void aRoofStandsOverTheWallsAndWallsGoUpToIt() {
        Outlines.roofFromWalls(w);
        assertThat(w.contents().roofs()).singleElement().satisfies(r -> {
            assertThat(r.outline().area()).isCloseTo(10.3 * 6.3, within(1e-3));
            assertThat(w.contents().form(r)).isPresent();
            assertThat(r.overhang().isAssumed()).isTrue();
        });
        w.apply(Tracing.delete(Set.of(new ElementId("s"))));
        Outlines.roofFromWalls(w);
        assertThat(w.contents().roofs()).as("walls that enclose nothing carry none").hasSize(1);
        assertThat(w.message().tone()).isEqualTo(Message.Tone.BAD);
    }

    @Test void aSlopeGoesThroughALevelThatIsTyped() {
        Outlines.roofFromWalls(w);
        w.startQuietly(new RoofPointTool(w));
        click(30, 30);
        assertThat(w.message().tone()).as("no roof there").isEqualTo(Message.Tone.BAD);
        click(5, 1);
        assertThat(w.tool().marks()).isNotEmpty();
        assertThat(typed("1", 1)).as("below the eaves").isFalse();
        assertThat(typed("3.5", 3.5)).isTrue();
        assertThat(w.contents().form(w.contents().roofs().getFirst()).orElseThrow().under(new Point(5, 1)).orElseThrow()).isCloseTo(0.5,
            within(1e-6));
        click(5, 1);
        assertThat(w.tool().back()).isTrue();
        assertThat(typed("4", 4)).as("nothing is clicked").isFalse();
        click(5, 1);
        w.undo();
        w.undo();
        assertThat(w.contents().roofs()).isEmpty();
        assertThat(typed("4", 4)).as("the roof is gone").isFalse();
    }

    @Test void anOpeningThatIsAsWideAsAKindIsOfIt() {
        OpeningKind k = new OpeningKind(new KindId("k"), "window 1200", new Opening.Filling.Window(Opening.Filling.Sash.FIXED), 1.2, 0.85, 2.2);
        w.apply(OpeningKinds.add(k));
        w.start(x -> new OpeningTool(x, true));
        w.settings().opening(w.settings().opening(true).with(k));
        click(2, 0);
        point(4, 0);
        w.tool().finish();
        Opening o = w.contents().openings().getFirst();
        assertThat(o.kind()).contains(k.id());
        assertThat(o.sill()).isEqualTo(Given.stated(0.85));
        assertThat(o.filling()).isEqualTo(k.filling());
        click(6, 0);
        point(8, 0);
        assertThat(typed("1500", 1.5)).isTrue();
        assertThat(w.contents().openings().getLast().kind()).as("another width").isEmpty();
        assertThat(w.settings().opening(true).kind()).isEmpty();
    }

    @Test void aGlazedWallIsAStretchOrAllOfIt() {
        w.start(GlazedTool::new);
        click(3, 9);
        assertThat(w.message().tone()).as("no wall there").isEqualTo(Message.Tone.BAD);
        click(3, 0);
        click(5, 0);
        Opening o = w.contents().openings().getFirst();
        assertThat(o.width().value()).isCloseTo(2, within(1e-9));
        click(4, 0.1);
        w.tool().finish();
        assertThat(w.contents().openings()).as("another is in the way").hasSize(1);
        w.tool().escape();
        click(10, 3);
        w.tool().finish();
        assertThat(w.contents().openings()).hasSize(2);
        Opening all = w.contents().openings().getLast();
        assertThat(all.width().value()).isCloseTo(6 - w.settings().glazed().left() - w.settings().glazed().right(), within(1e-9));
        w.settings().glazed(w.settings().glazed().with(new Division.Number(3), new Division.Number(2)));
        click(0, 1);
        point(0, 3);
        assertThat(typed("1500", 1.5)).isTrue();
        assertThat(((Opening.Filling.Glazed) w.contents().openings().getLast().filling()).across()).isEqualTo(new Division.Number(3));
        assertThat(w.contents().openings().getLast().width().value()).isCloseTo(1.5, within(1e-9));
    }

    @ParameterizedTest @CsvSource({"5, -1, -2", "5, 1, 2"})
    void aWallBesideAnotherLiesOnThePointersSide(double x, double y, double at) {
        w.start(ParallelTool::wall);
        click(5, 0);
        point(x, y);
        assertThat(w.tool().marks()).isNotEmpty();
        assertThat(typed("2", 2)).isTrue();
        assertThat(last().reference().a().y()).isCloseTo(at, within(1e-9));
        assertThat(last().length()).isCloseTo(10, within(1e-9));
    }

    @Test void aWallBesideARoundOneHasAnotherRadius() {
        w.apply(Tracing.addWalls(w.storeyId(), List.of(wall("r", 20, 0, 24, 0, 1))));
        w.start(ParallelTool::wall);
        click(22, -2);
        point(22, -3);
        assertThat(typed("1", 1)).isTrue();
        assertThat(last().reference().radius()).isCloseTo(3, within(1e-9));
        assertThat(last().reference().centre().distance(new Point(22, 0))).isLessThan(1e-9);
    }

    @Test void wallsStandOnTheGridFromCrossingToCrossing() {
        w.apply(Grids.make(List.of(4.0, 4.0), List.of(3.0), new Point(20, 0), 0, 1));
        w.start(WallOnGridTool::new);
        assertThat(typed("0.2", 0.2)).isTrue();
        click(22, 0);
        assertThat(last().length()).isCloseTo(4, within(1e-9));
        assertThat(last().thickness().value()).isEqualTo(0.2);
        click(22, 0);
        assertThat(w.message().tone()).as("one stands there").isEqualTo(Message.Tone.BAD);
        int before = w.contents().walls().size();
        box(19, -1, 29, 4);
        // two bays of each of two lines, one of each of three; one was there
        assertThat(w.contents().walls()).hasSize(before + 6);
        w.undo();
        assertThat(w.contents().walls()).as("one step").hasSize(before);
    }

    @Test void aCurveIsDrawnAboutACentreOrGoesOn() {
        w.start(x -> new WallArcTool(x, WallArcTool.Way.CENTRE));
        click(20, 0);
        point(24, 0);
        assertThat(typed("3", 3)).isTrue();
        click(20, 9);
        assertThat(last().reference().a()).isEqualTo(new Point(23, 0));
        assertThat(last().reference().b().distance(new Point(20, 3))).isLessThan(1e-9);
        w.start(x -> new WallArcTool(x, WallArcTool.Way.ON));
        click(40, 40);
        assertThat(w.message().tone()).isEqualTo(Message.Tone.BAD);
        click(23, 0);
        click(21, -2);
        // it leaves downwards, as the first came up
        assertThat(last().reference().direction(0).distance(new Point(0, -1))).isLessThan(1e-9);
        assertThat(WallArcTool.on(Point.ORIGIN, new Point(1, 0), new Point(5, 0)).orElseThrow().isStraight()).isTrue();
        assertThat(WallArcTool.on(Point.ORIGIN, new Point(1, 0), new Point(-5, 0))).as("straight back").isEmpty();
        assertThat(WallArcTool.about(Point.ORIGIN, new Point(2, 0), new Point(9, 0))).as("no way round").isEmpty();
    }

    @ParameterizedTest @CsvSource({"1, 4", "2, 6"}) void aChainIsSquaredOff(int corners, int walls) {
        w.start(WallTool::new);
        click(20, 0);
        click(24, 0);
        WallTool t = (WallTool) w.tool();
        t.squareOff(1);
        assertThat(t.points()).as("too short").hasSize(2);
        click(24, 3);
        if (corners == 2) {
            point(22, 5);
            t.squareOff(2);
            assertThat(t.points()).as("one is enough").hasSize(3);
            click(22, 3);
            point(21, 5);
        }
        t.squareOff(corners);
        assertThat(t.points()).as("ended").isEmpty();
        List<Wall> made = w.contents().walls().subList(4, w.contents().walls().size());
        assertThat(made).hasSize(walls);
        // each square to the next, and the last comes back to the first
        for (int i = 0; i < walls; i++) {
            Piece a = made.get(i).reference(), b = made.get((i + 1) % walls).reference();
            assertThat(a.b().distance(b.a())).isLessThan(1e-9);
            assertThat(Math.abs(a.direction(0).dot(b.direction(0)))).as(a + " " + b).isLessThan(1e-9);
        }
    }

    @Test void oneOfAnotherRunsThroughAtEachClick() {
        w.startQuietly(new JointTool(w));
        click(10.05, 0.05);
        assertThat(w.contents().walls().stream().filter(x -> !x.runs().isEmpty()).map(x -> x.id().value())).containsExactly("s");
        click(10.05, 0.05);
        assertThat(w.contents().walls().stream().filter(x -> !x.runs().isEmpty()).map(x -> x.id().value())).containsExactly("e");
        click(10.05, 0.05);
        assertThat(w.contents().walls()).allMatch(x -> x.runs().isEmpty());
        click(5, 3);
        assertThat(w.message().tone()).isEqualTo(Message.Tone.BAD);
    }

    @Test void anOpeningIsCopiedByClicksAndSpacings() {
        Opening o = new Opening(new ElementId("o"), new ElementId("s"), 1, Given.stated(0.8), Given.stated(0.9), Given.stated(2.1),
            new Opening.Filling.Window(Opening.Filling.Sash.FIXED), Provenance.BY_HAND);
        w.apply(Tracing.addOpening(w.storeyId(), o));
        w.startQuietly(new CopyAlongTool(w, o.id()));
        point(6, 0);
        assertThat(w.tool().typed(Double.NaN, "3 @ 2000", Optional.empty())).isTrue();
        assertThat(w.contents().openings()).extracting(Opening::along).containsExactly(1.0, 3.0, 5.0, 7.0);
        assertThat(w.contents().openings()).allMatch(x -> x.filling().equals(o.filling()) && x.sill().value() == 0.9);
        click(10, 3);
        assertThat(w.contents().openings().getLast().wall().value()).isEqualTo("e");
        click(10, 3.2);
        assertThat(w.contents().openings()).as("no room beside another").hasSize(5);
        assertThat(w.tool().typed(Double.NaN, "many", Optional.empty())).isFalse();
        w.apply(Tracing.delete(Set.of(o.id())));
        click(0, 3);
        assertThat(w.contents().openings()).as("what is gone is not copied").hasSize(4);
    }

    @Test void aCornerIsPutInAndTakenOutOfAWall() {
        w.startQuietly(new CornerTool(w, true));
        click(4, 0);
        assertThat(w.contents().walls()).hasSize(5);
        w.apply(Tracing.moveCorner(w.storeyId(), new Point(4, 0), new Point(4, -1), 1e-4));
        w.select(Set.of());
        w.startQuietly(new CornerTool(w, false));
        click(4, -1);
        assertThat(w.contents().walls()).hasSize(4);
        assertThat(w.contents().wall(new ElementId("s")).orElseThrow().reference()).isEqualTo(Piece.straight(Point.ORIGIN, new Point(10, 0)));
        w.select(Set.of());
        click(30, 30);
        assertThat(w.message().tone()).isEqualTo(Message.Tone.BAD);
    }

    @Test void aPlaceBecomesZero() {
        w.startQuietly(new ZeroTool(w));
        click(10, 6);
        assertThat(w.contents().wall(new ElementId("s")).orElseThrow().reference().a()).isEqualTo(new Point(-10, -6));
        assertThat(w.tool()).isInstanceOf(SelectTool.class);
    }

    @Test void aRoundGridIsTyped() {
        w.start(GridRadialTool::new);
        assertThat(w.tool().typed(Double.NaN, "40 @ 10", Optional.empty())).as("more than once round").isFalse();
        assertThat(w.tool().typed(Double.NaN, "3 @ 20°", Optional.empty())).isTrue();
        assertThat(w.tool().typed(Double.NaN, "5, 2", Optional.empty())).isTrue();
        assertThat(w.tool().back()).isTrue();
        assertThat(w.tool().typed(Double.NaN, "4", Optional.empty())).isTrue();
        click(3, 3);
        point(9, 3);
        assertThat(w.tool().marks()).hasSize(4);
        assertThat(w.tool().typed(Math.PI / 2, "90", Optional.empty())).isTrue();
        assertThat(w.project().grid()).hasSize(5);
        assertThat(w.project().grid().getFirst().line().a().x()).as("its first ray runs up").isCloseTo(3, within(1e-9));
    }

    @Test void aGridLineBesideAnotherRunsOn() {
        w.apply(Grids.make(List.of(4.0), List.of(3.0), new Point(20, 0), 0, 1));
        w.start(ParallelTool::grid);
        click(24, 1.5);
        point(26, 1.5);
        assertThat(typed("3.6", 3.6)).isTrue();
        assertThat(w.project().grid().getLast().label()).isEqualTo("C");
        assertThat(w.project().grid().getLast().line().a().x()).isCloseTo(27.6, within(1e-9));
        click(27.6, 1.5);
        point(25, 1.5);
        assertThat(typed("3.6", 3.6)).isTrue();
        assertThat(w.project().grid()).as("one is there").hasSize(5);
        assertThat(w.message().tone()).isEqualTo(Message.Tone.BAD);
    }
}
