package brightlintel.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Provenance;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Footprints;
import brightlintel.notation.Walls;
import brightlintel.solid.Leaf;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Walls turned round, joined, brought to meet, moved square to themselves. */
class WallShapingTest {
    private static final ElementId A = new ElementId("a"), B = new ElementId("b");

    private static Project of(String walls, Opening... openings) {
        Project p = Project.empty("p", "Ground");
        return p.withContents(on(p), _ -> new Contents(Walls.read(walls)).plus(List.of(openings)));
    }

    private static StoreyId on(Project p) {
        return p.storeys().getFirst().id();
    }

    private static Wall wall(Project p, ElementId id) {
        return p.on(on(p)).wall(id).orElseThrow();
    }

    private static Opening door(String id, ElementId wall, double along) {
        return new Opening(new ElementId(id), wall, along, Given.stated(0.9), Given.stated(0.0), Given.stated(2.1), new Opening.Filling.Door(false, true),
            Provenance.BY_HAND);
    }

    private static Leaf leaf(Project p, String id) {
        Opening o = p.on(on(p)).openings().stream().filter(x -> x.id().value().equals(id)).findFirst().orElseThrow();
        return Leaf.of(o, wall(p, o.wall()), (Opening.Filling.Door) o.filling());
    }

    private static void same(Leaf a, Leaf b) {
        assertThat(a.hinge().distance(b.hinge())).isLessThan(1e-9);
        assertThat(a.open().distance(b.open())).isLessThan(1e-9);
        assertThat(a.shut().distance(b.shut())).isLessThan(1e-9);
    }

    /** Law: turned round, a wall covers the same ground and its doors hang as they hung; twice is once. */
    @ParameterizedTest @ValueSource(strings = {"left", "centre", "right"})
    void turnedRoundNothingMoves(String side) {
        Project p = of("a 0 0 -> 5 1 thick 0.3 " + side, door("d", A, 1.2));
        Project q = WallShaping.turnRound(Set.of(A)).apply(p);
        Ring was = Footprints.of(p.on(on(p)), Tolerances.BUILDING).of(A).getFirst(), is = Footprints.of(q.on(on(q)), Tolerances.BUILDING).of(A).getFirst();
        assertThat(is.corners()).allMatch(c -> was.corners().stream().anyMatch(x -> x.distance(c) < 1e-9));
        same(leaf(q, "d"), leaf(p, "d"));
        assertThat(wall(q, A).reference().a()).isEqualTo(new Point(5, 1));
        Project twice = WallShaping.turnRound(Set.of(A)).apply(q);
        assertThat(wall(twice, A)).isEqualTo(wall(p, A));
        same(leaf(twice, "d"), leaf(p, "d"));
    }

    @ParameterizedTest @ValueSource(strings = {"b 5 0 -> 8 0 thick 0.3", "b 8 0 -> 5 0 thick 0.3"})
    void twoThatGoOnStraightBecomeOneAndDoorsStay(String second) {
        Project p = of("a 0 0 -> 5 0 thick 0.3\n" + second, door("d", A, 1.2), door("e", B, 1.5));
        Project q = WallShaping.join(on(p), A, B).apply(p);
        assertThat(q.on(on(q)).walls()).singleElement().satisfies(w -> {
            assertThat(w.id()).isEqualTo(A);
            assertThat(w.length()).isCloseTo(8, within(1e-9));
        });
        same(leaf(q, "d"), leaf(p, "d"));
        same(leaf(q, "e"), leaf(p, "e"));
    }

    @ParameterizedTest @ValueSource(strings = {"b 5 0 -> 5 3 thick 0.3", "b 5.2 0 -> 8 0 thick 0.3", "b 5 0 -> 8 0 thick 0.2", "b 5 0 -> 8 0 thick 0.3 left"})
    void othersAreNotJoined(String second) {
        Project p = of("a 0 0 -> 5 0 thick 0.3\n" + second);
        assertThat(WallShaping.canJoin(wall(p, A), wall(p, B))).isFalse();
        assertThat(WallShaping.join(on(p), A, B).apply(p)).isEqualTo(p);
    }

    @Test void aWallIsBroughtToMeetAnotherLine() {
        Project p = of("a 0 0 -> 5 0 thick 0.3\nb 8 -2 -> 8 4 thick 0.3");
        assertThat(wall(WallShaping.meet(Set.of(A), wall(p, B).reference()).apply(p), A).reference()).isEqualTo(Piece.straight(Point.ORIGIN, new Point(8, 0)));
        Piece before = Piece.straight(new Point(3, 1), new Point(3, 2));
        assertThat(wall(WallShaping.meet(Set.of(A), before).apply(p), A).reference().b()).as("cut back").isEqualTo(new Point(3, 0));
        Piece alike = Piece.straight(new Point(0, 2), new Point(9, 2));
        assertThat(WallShaping.meet(Set.of(A), alike).apply(p)).isEqualTo(p);
        Project two = of("a 0 0 -> 5 0 thick 0.3\nb 0 2 -> 7 2 thick 0.3"), both = WallShaping.meet(Set.of(A, B), wall(p, B).reference()).apply(two);
        assertThat(List.of(wall(both, A).reference().b(), wall(both, B).reference().b())).as("in one step")
            .containsExactly(new Point(8, 0), new Point(8, 2));
    }

    @Test void aWallIsMovedAndItsNeighboursFollowAlongThemselves() {
        Project p = of("a 0 0 -> 6 0 thick 0.3\nb 6 0 -> 8 4 thick 0.3\nc 0 0 -> 0 4 thick 0.3");
        Project q = WallShaping.shift(on(p), A, 1).apply(p);
        assertThat(wall(q, A).reference().a()).isEqualTo(new Point(0, 1));
        assertThat(wall(q, A).reference().b().distance(new Point(6.5, 1))).as("along the slanting one").isLessThan(1e-9);
        assertThat(wall(q, B).reference().a()).isEqualTo(wall(q, A).reference().b());
        assertThat(wall(q, new ElementId("c")).reference().a()).isEqualTo(new Point(0, 1));
        Project back = WallShaping.shift(on(q), A, -1).apply(q);
        assertThat(wall(back, A).reference().b().distance(new Point(6, 0))).isLessThan(1e-9);
    }
}
