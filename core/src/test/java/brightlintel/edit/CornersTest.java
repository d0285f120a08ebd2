package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;

import brightlintel.building.BuildingOutline;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Heights;
import brightlintel.building.LevelId;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Stand;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.notation.Seeds;
import brightlintel.notation.Walls;

/** Corners put in and taken out, elements moved, levels taken away: for every kind that has them. */
class CornersTest {
    private static final Storey ST = Storey.ground("Ground");
    private static final Ring BOX = new Ring(List.of(Point.ORIGIN, new Point(6, 0), new Point(6, 4), new Point(0, 4)));
    private static final LevelId LEVEL = new LevelId("l");

    private static ElementId id(String s) {
        return new ElementId(s);
    }

    private static List<StoreyElement> all() {
        Provenance h = Provenance.BY_HAND;
        return List.of(new Slab(id("slab"), BOX, List.of(), Stand.FLOOR, Given.stated(0.2), Optional.empty(), h),
            new Zone(id("zone"), "Z", BOX, List.of(), Optional.empty(), h),
            new BuildingOutline(id("outline"), BOX, Optional.empty(), BuildingOutline.Under.GROUND, BuildingOutline.Over.ROOF, Optional.empty(), h),
            new Roof(id("roof"), BOX, new Roof.Cover.Flat(0.3, 0.2), Given.stated(0.0), Given.stated(0.3), new Stand.OnLevel(LEVEL, 0.2), h),
            new Room(id("room"), "1", "R", new Room.Bound.Drawn(BOX, List.of()), Optional.empty(), Optional.empty(), "", h),
            new Stair(id("stair"), List.of(Piece.straight(Point.ORIGIN, new Point(6, 0))), Given.stated(1.0), Given.stated(17), new Stand.OnLevel(LEVEL,
                0), new Top.ToLevel(LEVEL, 2.4), h));
    }

    private static Project project() {
        return Levels.add(LEVEL, "Plinth", 0.5).apply(Project.of("p", "P", List.of(ST)).withContents(ST.id(), c -> c.plus(all())));
    }

    private static Ring ring(Project p, String which) {
        return Corners.ring(p.on(ST.id()).element(id(which)).orElseThrow()).orElseThrow();
    }

    @Test void aCornerIsPutInWhereItIsClickedAndTakenOutAgain() {
        Project p = project();
        for (String which : List.of("slab", "zone", "outline", "roof", "room")) {
            Project in = Corners.in(ST.id(), id(which), new Point(2, 0.1)).apply(p);
            assertThat(ring(in, which).size()).as(which).isEqualTo(5);
            assertThat(ring(in, which).corners()).anyMatch(c -> c.distance(new Point(2, 0)) < 1e-9);
            assertThat(ring(in, which).area()).isCloseTo(24, within(1e-9));
            Project out = Corners.out(ST.id(), id(which), new Point(2.1, 0)).apply(in);
            assertThat(ring(out, which)).as(which).isEqualTo(BOX);
            // three corners are the least
            Project three = Corners.out(ST.id(), id(which), Point.ORIGIN).apply(out);
            assertThat(ring(Corners.out(ST.id(), id(which), Point.ORIGIN).apply(three), which).size()).isEqualTo(3);
        }
    }

    @Test void aStairGetsABend() {
        Project in = Corners.in(ST.id(), id("stair"), new Point(2, 0)).apply(project());
        assertThat(in.on(ST.id()).stairs().getFirst().line()).hasSize(2);
        Project bent = Tracing.moveCorner(ST.id(), new Point(6, 0), new Point(2, 3), 1e-6).apply(in);
        assertThat(bent.on(ST.id()).stairs().getFirst().line().getLast().b()).isEqualTo(new Point(2, 3));
        assertThat(Corners.out(ST.id(), id("stair"), new Point(2, 0)).apply(in)).isEqualTo(project());
    }

    @Test void whatFollowsWallsHasNoCorners() {
        Slab s = new Slab(id("s"), BOX, List.of(), Stand.FLOOR, Given.stated(0.2), Optional.of(Set.of(id("w"))), Provenance.BY_HAND);
        assertThat(Corners.ring(s)).isEmpty();
        Project p = Project.of("p", "P", List.of(ST)).withContents(ST.id(), c -> c.plus(List.of(s)));
        assertThat(Corners.in(ST.id(), s.id(), new Point(2, 0)).apply(p)).isEqualTo(p);
    }

    @Test void aCornerOfTwoWallsIsTakenOut() {
        List<Wall> walls = Walls.read("a 0 0 -> 3 1 thick 0.2\nb 3 1 -> 6 0 thick 0.2\nc 6 0 -> 6 4 thick 0.2");
        Project p = Project.of("p", "P", List.of(ST)).withContents(ST.id(), c -> c.plus(walls));
        Project q = WallShaping.withoutCorner(p.on(ST.id()), ST.id(), new Point(3, 1.1)).orElseThrow().apply(p);
        assertThat(Walls.text(q.on(ST.id()).walls())).isEqualTo("a 0 0 -> 6 0 thick 0.2\nc 6 0 -> 6 4 thick 0.2");
        assertThat(WallShaping.withoutCorner(p.on(ST.id()), ST.id(), Point.ORIGIN)).as("one wall ends there").isEmpty();
    }

    /** Law: moved there and back, each element is what it was; areas stay. */
    @Test void elementsAreMovedThereAndBack() {
        Seeds.each(30, seed -> {
            Random r = new Random(seed);
            // quarters of a metre: nothing is lost in the last digit
            Point by = new Point(r.nextInt(200) / 4.0 - 20, r.nextInt(200) / 4.0 - 20);
            for (StoreyElement e : all()) {
                StoreyElement there = Moving.moved(e, by);
                assertThat(Moving.moved(there, by.times(-1))).isEqualTo(e);
                Corners.ring(e).ifPresent(x -> assertThat(Corners.ring(there).orElseThrow().area()).isCloseTo(x.area(), within(1e-9)));
            }
        });
    }

    @Test void whatStoodOnALevelThatGoesStaysWhereItIs() {
        Project p = project();
        Heights before = Heights.of(p, ST.id());
        Stair s = p.on(ST.id()).stairs().getFirst();
        Roof r = p.on(ST.id()).roofs().getFirst();
        Project q = Levels.remove(LEVEL).apply(p);
        Heights after = Heights.of(q, ST.id());
        Stair freed = q.on(ST.id()).stairs().getFirst();
        assertThat(freed.base()).isInstanceOf(Stand.OnFloor.class);
        assertThat(after.of(freed.base())).isCloseTo(before.of(s.base()), within(1e-9));
        assertThat(after.height(freed)).isCloseTo(before.height(s), within(1e-9));
        assertThat(after.of(q.on(ST.id()).roofs().getFirst().eaves())).isCloseTo(before.of(r.eaves()), within(1e-9));
    }
}
