package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Appearance;
import brightlintel.building.Clearing;
import brightlintel.building.ElementId;
import brightlintel.building.FileId;
import brightlintel.building.Given;
import brightlintel.building.GridLine;
import brightlintel.building.Heights;
import brightlintel.building.LevelId;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Region;
import brightlintel.building.Role;
import brightlintel.building.Single;
import brightlintel.building.Slab;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.Top;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.building.Verdict;
import brightlintel.building.Wall;
import brightlintel.correct.KnownLength;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.notation.Drawings;
import brightlintel.notation.Seeds;
import brightlintel.notation.Walls;
import brightlintel.place.PlacedDrawing;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/**
 * Decisions beside walls: where the building stands, its levels, what was said of findings, what is set aside, which drawings lie where.
 */
class SitesLevelsVerdictsTest {
    private static final LevelId RIDGE = new LevelId("ridge");
    private static final UnderlayId U = new UnderlayId("u"), V = new UnderlayId("v");
    private static final Ring BOX = new Ring(List.of(new Point(0, 0), new Point(1, 0), new Point(1, 1)));

    private static final Project EMPTY = Project.empty("P", "Ground");

    private static Project project() {
        return EMPTY.withUnderlays(List.of(underlay(U), underlay(V)));
    }

    private static Underlay underlay(UnderlayId id) {
        return new Underlay(id, new FileId("f"), "ab", new SpaceKey.Model(), Optional.empty(), Placement.assumed(1, Point.ORIGIN),
            Clearing.NONE, Appearance.faded(0.3), false);
    }

    private static StoreyId ground(Project p) {
        return p.storeys().getFirst().id();
    }

    private static Clearing clearing(Project p) {
        return p.underlay(U).orElseThrow().clearing();
    }

    @Test void whereTheBuildingStandsIsStatedOneByOne() {
        Project p = Sites.survey(new Point(4e5, 5e6)).apply(Sites.datum(12.5).apply(Sites.north(Math.toRadians(370)).apply(project())));
        assertThat(p.site().north().value()).isCloseTo(Math.toRadians(10), within(1e-12));
        assertThat(p.site().datum()).isEqualTo(Given.stated(12.5));
        assertThat(p.site().survey()).isEqualTo(Given.stated(new Point(4e5, 5e6)));
        assertThat(project().site().isKnown()).isFalse();
        assertThat(Sites.datum(0).apply(project()).site().isKnown()).as("stated to be nought is stated").isTrue();
    }

    @Test void levelsAreAddedMovedNamedAndTakenAway() {
        Project p = Levels.add(RIDGE, "Ridge", 7).apply(project());
        assertThat(p.level(RIDGE).orElseThrow().height().value()).isEqualTo(7);
        assertThat(Levels.move(RIDGE, 7.5).apply(p).level(RIDGE).orElseThrow().height()).isEqualTo(Given.stated(7.5));
        assertThat(Levels.rename(RIDGE, " Eaves ").apply(p).level(RIDGE).orElseThrow().name()).isEqualTo("Eaves");
        assertThat(Levels.rename(RIDGE, "  ").apply(p)).isEqualTo(p);
        assertThat(Levels.remove(RIDGE).apply(p)).isEqualTo(project());
    }

    /** Law: when a level is taken away nothing that stood on it or ended at it moves. */
    @Test void whatStoodOnALevelStaysWhereItIs() {
        Seeds.each(20, seed -> {
            Random r = new Random(seed);
            Project p = Levels.add(RIDGE, "Ridge", 5 + r.nextDouble()).apply(project());
            Wall a = Walls.read("a 0 0 -> 5 0 thick 0.2").getFirst().withTop(new Top.ToLevel(RIDGE, r.nextGaussian()))
                .withBase(new Stand.OnFloor(r.nextDouble()));
            Wall b = Walls.read("b 0 3 -> 5 3 thick 0.2").getFirst().withBase(new Stand.OnLevel(RIDGE, r.nextGaussian()))
                .withTop(new Top.Height(Given.stated(2.0)));
            Slab s = new Slab(new ElementId("s"), BOX, List.of(), new Stand.OnLevel(RIDGE, 0.1), Given.stated(0.2), Optional.empty(),
                Provenance.BY_HAND);
            p = p.withContents(ground(p), c -> c.plus(List.of(a, b, s)));
            Project q = Levels.remove(RIDGE).apply(p);
            Heights before = Heights.of(p, ground(p)), after = Heights.of(q, ground(q));
            for (String id : List.of("a", "b")) {
                Wall was = p.on(ground(p)).wall(new ElementId(id)).orElseThrow(), is = q.on(ground(q)).wall(new ElementId(id))
                    .orElseThrow();
                assertThat(after.of(is.base())).isCloseTo(before.of(was.base()), within(1e-9));
                assertThat(after.top(is).most()).isCloseTo(before.top(was).most(), within(1e-9));
            }
            assertThat(after.of(q.on(ground(q)).slabs().getFirst().top())).isCloseTo(before.of(s.top()), within(1e-9));
            assertThat(q.on(ground(q)).walls()).noneMatch(w -> w.top() instanceof Top.ToLevel || w.base() instanceof Stand.OnLevel);
        });
    }

    @Test void whatWasSaidOfAFindingIsKeptOnceAndCanBeTakenBack() {
        ElementId wall = new ElementId("w");
        Verdict so = Verdicts.itIsSo(Verdicts.OFF_ITS_STROKES, wall);
        Project p = Verdicts.say(so).apply(Verdicts.say(so).apply(project()));
        assertThat(p.verdicts()).containsExactly(so);
        assertThat(Verdicts.isSo(p, Verdicts.OFF_ITS_STROKES, wall)).isTrue();
        assertThat(Verdicts.isSo(p, "another-finding", wall)).isFalse();
        assertThat(Verdicts.isSo(p, Verdicts.OFF_ITS_STROKES, new ElementId("x"))).isFalse();
        Verdict not = new Verdict(so.on(), so.about(), so.kind(), false, "look here");
        assertThat(Verdicts.say(not).apply(p).verdicts()).as("the last word holds").containsExactly(not);
        assertThat(Verdicts.forget(so).apply(p).verdicts()).isEmpty();
    }

    @Test void kindsBlocksRegionsAndSinglesComeAndGo() {
        Project p = Clearings.kind(U, "HATCH", false).apply(Clearings.block(U, "Chair", false).apply(project()));
        assertThat(clearing(p).kindsOff()).containsExactly("HATCH");
        assertThat(clearing(p).blocksOff()).containsExactly("chair");
        assertThat(clearing(Clearings.block(U, "CHAIR", true).apply(p)).blocksOff()).isEmpty();
        assertThat(clearing(Clearings.kind(U, "HATCH", true).apply(p)).kindsOff()).isEmpty();
        Project regions = Clearings.region(U, new Region(BOX, false)).apply(Clearings.region(U, new Region(BOX, true)).apply(p));
        assertThat(clearing(regions).regions()).extracting(Region::keeps).containsExactly(true, false);
        assertThat(p.underlay(V).orElseThrow().clearing()).as("the other drawing").isEqualTo(Clearing.NONE);
        Region kept = clearing(regions).regions().getFirst();
        assertThat(clearing(Clearings.noRegion(U, kept).apply(regions)).regions()).extracting(Region::keeps).containsExactly(false);
        Project colours = Clearings.colour(U, 0xFF0000, false, "red").apply(Clearings.colour(U, 0x00FF00, false, "green").apply(p));
        assertThat(clearing(colours).coloursOff()).containsExactly(0x00FF00, 0xFF0000);
        assertThat(clearing(Clearings.colour(U, 0xFF0000, true, "red").apply(colours)).coloursOff()).containsExactly(0x00FF00);
        assertThat(clearing(colours).allBack().coloursOff()).isEmpty();
    }

    @Test void theLastWordOnOneThingHolds() throws IOException {
        PlacedDrawing d = Drawings.placed(Drawings.read("A 0 0 1 0"), Placement.assumed(1, Point.ORIGIN), Set.of());
        Single off = new Single(d.ref(0, 0, 1), false), on = new Single(d.ref(0, 0, 1), true);
        Project p = Clearings.single(U, on).apply(Clearings.single(U, off).apply(project()));
        assertThat(clearing(p).singles()).containsExactly(on);
    }

    @Test void allIsBroughtBackOfSeveralDrawingsInOneStep() {
        Project p = Clearings.hide(V, "B").apply(Clearings.kind(U, "TEXT", false).apply(Clearings.hide(U, "A").apply(project())));
        assertThat(p).isNotEqualTo(project());
        assertThat(Clearings.allBack(List.of(U, V)).apply(p)).isEqualTo(project());
        assertThat(Role.WALL.isBuilding()).isTrue();
        assertThat(Role.FURNITURE.isBuilding()).isFalse();
    }

    @Test void severalDrawingsLieOnAStoreyAndOneOnSeveral() {
        Project p = Stacking.add(new StoreyId("up"), "Upper").apply(project());
        StoreyId ground = ground(p), up = new StoreyId("up");
        p = Receiving.show(V, up).apply(Receiving.show(V, ground).apply(Receiving.show(U, ground).apply(p)));
        assertThat(p.underlaysOf(ground)).extracting(Underlay::id).containsExactly(U, V);
        assertThat(p.underlaysOf(up)).extracting(Underlay::id).containsExactly(V);
        assertThat(Receiving.show(U, ground).apply(p).underlaysOf(ground)).as("laid again it comes on top").extracting(Underlay::id)
            .containsExactly(V, U);
        Project off = Receiving.takeOff(V, ground).apply(p);
        assertThat(off.underlaysOf(ground)).extracting(Underlay::id).containsExactly(U);
        assertThat(off.underlaysOf(up)).extracting(Underlay::id).containsExactly(V);
        assertThat(off.underlays()).as("it stays in the project").hasSize(2);
        assertThat(Receiving.show(new UnderlayId("nowhere"), ground).apply(p)).isEqualTo(p);
    }

    @Test void aLabelStandsOnce() {
        GridLine a = new GridLine(new ElementId("1"), "A", Optional.empty(), Piece.straight(new Point(0, 9), new Point(0, 0)),
            Optional.empty(), Provenance.BY_HAND);
        GridLine b = new GridLine(new ElementId("2"), "a", Optional.empty(), Piece.straight(new Point(5, 9), new Point(5, 0)),
            Optional.empty(), Provenance.BY_HAND);
        Project p = Tracing.addGridLine(a).apply(project());
        assertThat(Tracing.addGridLine(b).apply(p)).isEqualTo(p);
        Project two = Tracing.addGridLine(b.withLabel("B")).apply(p);
        assertThat(two.grid()).hasSize(2);
        assertThat(Tracing.labelGridLine(b.id(), "A").apply(two)).isEqualTo(two);
        assertThat(Tracing.labelGridLine(b.id(), "b").apply(two).grid().getLast().label()).as("its own label in another spelling")
            .isEqualTo("b");
        assertThat(Tracing.labelGridLine(b.id(), "C").apply(two).grid().getLast().label()).isEqualTo("C");
    }

    /** Law: scale edits multiply and are told apart by who says them; a known length makes its drawn length true, wherever it lies. */
    @Test void aKnownLengthComesOutTrue() {
        Seeds.each(50, seed -> {
            Random r = new Random(seed);
            Project p = project().withUnderlay(U,
                u -> u.with(Placement.assumed(Math.pow(10, r.nextInt(5) - 3), new Point(r.nextGaussian() * 1e8, r.nextGaussian() * 1e8))));
            Point a = p.underlay(U).orElseThrow().placement().fileAnchor().value(),
                b = a.plus(new Point(r.nextGaussian() * 1e4, r.nextGaussian() * 1e4));
            Placement before = p.underlay(U).orElseThrow().placement();
            double drawn = before.apply(a).distance(before.apply(b)), truth = 0.5 + r.nextDouble() * 40;
            Placement after = Placing.knownLength(U, new KnownLength(drawn, truth)).apply(p).underlay(U).orElseThrow().placement();
            assertThat(after.apply(a).distance(after.apply(b))).isCloseTo(truth, within(1e-6 * truth));
            assertThat(after.fileAnchor()).isEqualTo(before.fileAnchor());
            Placement plotted = Placing.plottedAt(U, 0.001, 50).apply(p).underlay(U).orElseThrow().placement();
            assertThat(plotted.scale().value().mean()).isCloseTo(0.05, within(1e-15));
        });
    }

    @Test void aStoreyTakenOffTheStackKeepsTheOthersDrawings() {
        Project p = Receiving.show(V, ground(project())).apply(Stacking.add(new StoreyId("up"), "Upper").apply(project()));
        Project q = Stacking.remove(new StoreyId("up")).apply(Receiving.show(V, new StoreyId("up")).apply(p));
        assertThat(q.storeys()).extracting(Storey::name).containsExactly("Ground");
        assertThat(q.underlays()).hasSize(2);
    }
}
