package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Provenance;
import brightlintel.building.Role;
import brightlintel.building.Side;
import brightlintel.building.StoreyElement;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.joint.Enclosure;
import brightlintel.notation.Drawings;
import brightlintel.notation.Sketch;
import brightlintel.notation.Walls;

/** What follows from what somebody changed; what lies in an outline; where a floor is open. */
class FollowingTest {
    private static final Provenance PROPOSED = new Provenance(new Provenance.Way.Proposed(0.95), List.of());

    private static List<Wall> walls(String text) {
        return Walls.read(text).stream().map(w -> w.with(PROPOSED)).toList();
    }

    private static Recognised proposed(List<Wall> walls, List<Opening> openings) {
        return new Recognised(List.of(), walls, openings, List.of(), List.of(), List.of(), List.of(), List.of(), Map.of());
    }

    private static Opening window(Wall in, double along, double width) {
        return new Opening(ElementId.fresh(), in.id(), along, Given.stated(width), Given.assumed(0.9), Given.assumed(2.1), new Opening.Filling.Window(),
            PROPOSED);
    }

    @Test void wallsOfOneThicknessFollowTheOneThatWasChanged() {
        List<Wall> all = walls("a 0 0 -> 6 0 thick 0.24\nb 6 0 -> 6 5 thick 0.241\nc 6 5 -> 0 5 thick 0.24\nd 3 0 -> 3 5 thick 0.115");
        Recognised found = proposed(all, List.of());
        Contents there = new Contents(List.of(all.get(0).withThickness(Given.stated(0.3)), all.get(1), all.get(3)));
        Corrections c = Corrections.of(found, there);
        assertThat(c.others().keySet()).as("stands, and was proposed alike").containsExactly(all.get(1).id());
        assertThat(((Wall) c.others().get(all.get(1).id())).thickness().value()).isCloseTo(0.3, within(1e-9));
        Recognised rest = c.followedBy(proposed(List.of(all.get(2), all.get(3)), List.of()));
        assertThat(rest.walls().getFirst().thickness().value()).as("what waits").isCloseTo(0.3, within(1e-9));
        assertThat(rest.walls().getLast()).isEqualTo(all.get(3));
        assertThat(rest.walls().getFirst().from()).isEqualTo(PROPOSED);
    }

    /** Drawn the other way round, the outer face is the other one; within the house neither is. */
    @Test void theFaceThatAnOuterWallIsDrawnAlongFollows() {
        List<Wall> all = walls("a 0 0 -> 6 0 thick 0.3\nb 6 5 -> 6 0 thick 0.3\nc 6 5 -> 0 5 thick 0.3\nd 0 5 -> 0 0 thick 0.3\ne 3 0 -> 3 5 thick 0.3");
        List<StoreyElement> there = new ArrayList<>(all);
        // what lies to the right of a is outside
        there.set(0, all.get(0).withSide(Side.RIGHT));
        Corrections c = Corrections.of(proposed(all, List.of()), new Contents(there));
        List<Side> sides = all.subList(1, 4).stream().map(w -> ((Wall) c.others().get(w.id())).side()).toList();
        assertThat(sides).containsExactly(Side.LEFT, Side.RIGHT, Side.RIGHT);
        assertThat(c.others()).as("within the house").doesNotContainKey(all.get(4).id());
        // another outer wall drawn along its outer face, which is its left one, says the same
        there.set(1, all.get(1).withSide(Side.LEFT));
        assertThat(Corrections.of(proposed(all, List.of()), new Contents(there)).others()).containsKey(all.get(2).id());
        there.set(1, all.get(1).withSide(Side.RIGHT));
        assertThat(Corrections.of(proposed(all, List.of()), new Contents(there)).others()).as("two answers").isEmpty();
    }

    @Test void howFarUpAWallReachesFollows() {
        List<Wall> all = walls("a 0 0 -> 6 0 thick 0.12\nb 6 0 -> 6 5 thick 0.12");
        Top low = new Top.Height(Given.stated(1.1));
        Corrections c = Corrections.of(proposed(all, List.of()), new Contents(List.of(all.get(0).withTop(low), all.get(1))));
        assertThat(((Wall) c.others().get(all.get(1).id())).top()).isEqualTo(low);
        assertThat(c.followedBy(proposed(List.of(all.get(1)), List.of())).walls().getFirst().top()).isEqualTo(low);
    }

    /** Changed two ways, nobody knows which the others are; drawn by hand, nothing was changed. */
    /** Partitions stop before the wall that they belong to; one was drawn out to it. */
    @Test void anEndThatWasDrawnOutToAWallIsFollowedByOthers() {
        List<Wall> all = walls("""
            south 0 0 -> 20 0 thick 0.3
            north 20 5 -> 0 5 thick 0.3
            one 4 4.6 -> 4 0 thick 0.1
            two 8 0 -> 8 4.55 thick 0.1
            three 12 4.6 -> 12 0 thick 0.1
            far 16 0 -> 16 3.5 thick 0.1
            thick 18 0 -> 18 4.6 thick 0.2""");
        Wall one = all.get(2), two = all.get(3), three = all.get(4);
        Opening door = window(three, 1, 0.9);
        List<Wall> there = new ArrayList<>(all.subList(0, 5));
        there.set(2, one.with(Piece.straight(new Point(4, 5), new Point(4, 0))));
        there.remove(4);
        Corrections c = Corrections.of(proposed(all, List.of(door)), new Contents(List.copyOf(there)));
        assertThat(c.others().keySet()).as("stands").containsExactly(two.id());
        assertThat(((Wall) c.others().get(two.id())).reference().b()).isEqualTo(new Point(8, 5));
        Recognised rest = c.followedBy(proposed(all.subList(4, 7), List.of(door)));
        Wall longer = rest.walls().getFirst();
        assertThat(longer.reference().a()).as("waits").isEqualTo(new Point(12, 5));
        assertThat(longer.middle(rest.openings().getFirst().along()).distance(three.middle(1))).as("its door stays").isLessThan(1e-9);
        assertThat(rest.walls().subList(1, 3)).as("farther off, and of another thickness").isEqualTo(all.subList(5, 7));
        // what else was changed alike of an opening in it stays so
        Opening near = window(two, 1, 0.9), changed = near.withHeights(Given.stated(0.4), near.head()), like = window(two, 3, 0.9);
        Wall turned = two.with(Piece.straight(two.reference().b(), two.reference().a()));
        List<StoreyElement> both = new ArrayList<>(there);
        both.set(3, turned);
        both.addAll(List.of(changed, like));
        List<Wall> proposed = new ArrayList<>(all);
        proposed.set(3, turned);
        Opening follows = (Opening) Corrections.of(proposed(proposed, List.of(near, like)), new Contents(both)).others().get(like.id());
        assertThat(follows.sill().value()).as("its sill").isCloseTo(0.4, within(1e-9));
        assertThat(follows.along()).as("its place in a wall that begins earlier").isCloseTo(3.45, within(1e-9));
        // who shortened another wanted it so
        there.set(3, two.with(Piece.straight(new Point(8, 0), new Point(8, 4.49))));
        assertThat(Corrections.of(proposed(all, List.of()), new Contents(List.copyOf(there))).others()).as("another was shortened").isEmpty();
        there.set(3, two);
        there.set(2, one.with(Piece.straight(new Point(4, 4.2), new Point(4, 0))));
        assertThat(Corrections.of(proposed(all, List.of(door)), new Contents(List.copyOf(there))).others()).as("made shorter").isEmpty();
    }

    @Test void nothingFollowsFromTwoAnswersNorFromWhatWasDrawnByHand() {
        List<Wall> all = walls("a 0 0 -> 6 0 thick 0.24\nb 6 0 -> 6 5 thick 0.24\nc 6 5 -> 0 5 thick 0.24");
        Recognised found = proposed(all, List.of());
        Contents two = new Contents(List.of(all.get(0).withThickness(Given.stated(0.3)), all.get(1).withThickness(Given.stated(0.2)), all.get(2)));
        assertThat(Corrections.of(found, two).others()).isEmpty();
        Contents hand = new Contents(List.of(all.get(0).withThickness(Given.stated(0.3)).with(Provenance.BY_HAND), all.get(1)));
        assertThat(Corrections.of(found, hand).others()).isEmpty();
        assertThat(Corrections.NONE.followedBy(found)).isSameAs(found);
    }

    @Test void windowsOfOneWidthFollowInSillAndHead() {
        List<Wall> all = walls("a 0 0 -> 9 0 thick 0.3");
        Opening one = window(all.getFirst(), 1, 1.2), other = window(all.getFirst(), 4, 1.2), wide = window(all.getFirst(), 7, 2);
        List<StoreyElement> there = new ArrayList<>(all);
        there.addAll(List.of(one.withHeights(Given.stated(1.1), Given.stated(2.3)), other, wide));
        Corrections c = Corrections.of(proposed(all, List.of(one, other, wide)), new Contents(there));
        assertThat(c.others().keySet()).containsExactly(other.id());
        Opening now = (Opening) c.others().get(other.id());
        assertThat(now.sill().value()).isEqualTo(1.1);
        assertThat(now.head().value()).isEqualTo(2.3);
        assertThat(now.along()).isEqualTo(4);
    }

    /** As wide, but its tag says that it is higher: it was not proposed alike. */
    @Test void aWindowWithAHeightOfItsOwnDoesNotFollow() {
        List<Wall> all = walls("a 0 0 -> 9 0 thick 0.3");
        Opening one = window(all.getFirst(), 1, 1.2), tall = window(all.getFirst(), 4, 1.2).withHeights(Given.assumed(0.9), Given.read(2.5, 0.9));
        List<StoreyElement> there = new ArrayList<>(all);
        there.addAll(List.of(one.withHeights(Given.stated(1.1), Given.stated(2.3)), tall));
        Corrections c = Corrections.of(proposed(all, List.of(one, tall)), new Contents(there));
        assertThat(c.others()).isEmpty();
        assertThat(c.followedBy(proposed(all, List.of(tall))).openings()).containsExactly(tall);
    }

    @Test void whatLiesInAnOutlineForTheMostPartIsInIt() {
        List<Wall> all = walls("a 0 0 -> 6 0 thick 0.24\nb 6 0 -> 6 5 thick 0.24\nc 6 5 -> 0 5 thick 0.24");
        Opening left = window(all.getFirst(), 1, 1), right = window(all.getFirst(), 5, 1);
        Ring outline = new Ring(List.of(new Point(-1, -1), new Point(4, -1), new Point(4, 6), new Point(-1, 6)));
        Recognised in = Within.of(proposed(all, List.of(left, right)), outline, Contents.NONE);
        assertThat(in.walls()).containsExactly(all.get(0), all.get(2));
        assertThat(in.openings()).containsExactly(left);
        assertThat(in.size()).isEqualTo(3);
    }

    /** A flight is open where its steps lie; what nothing leads into is a shaft; an edge that is drawn is one. */
    @Test void aFloorIsOpenWhereStairsShaftsAndEdgesAre() {
        Sketch s = new Sketch().on("STAIR");
        for (int i = 0; i < 12; i++) s.line(1000 + 280 * i, 1000, 1000 + 280 * i, 2100);
        s.on("EDGE").rectangle(8000, 1000, 1500, 1500);
        var d = Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
        Enclosure room = new Enclosure(new Ring(List.of(new Point(0, 0), new Point(10, 0), new Point(10, 6), new Point(0, 6))), List.of());
        Enclosure shaft = new Enclosure(new Ring(List.of(new Point(10.2, 0), new Point(11, 0), new Point(11, 1), new Point(10.2, 1))), List.of());
        List<Ring> holes = FloorHoles.of(d, i -> d.strokes().layers().get(d.strokes().layerOf(i)).name().equals("STAIR") ? Role.STAIR : Role.SLAB_EDGE,
            List.of(room, shaft), List.of(shaft));
        assertThat(holes).hasSize(3).extracting(r -> Math.round(100 * r.area())).containsExactlyInAnyOrder(80L, 225L, Math.round(100 * 11 * 0.28 * 1.1));
        Ring edge = new Ring(List.of(new Point(0, 0), new Point(10, 0), new Point(10, 6), new Point(0, 6)));
        assertThat(Recognised.holes(holes, edge)).as("within the slab").hasSize(2);
    }
}
