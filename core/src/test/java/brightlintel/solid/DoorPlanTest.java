package brightlintel.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Wall;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.notation.Walls;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Doors in plan, by how they open. */
class DoorPlanTest {
    private static final Wall WALL = Walls.read("a 0 0 -> 6 0 thick 0.2").getFirst();

    private static List<Curve> plan(Opening.Filling.Door d) {
        Opening o = new Opening(ElementId.fresh(), WALL.id(), 3, Given.stated(1.6), Given.stated(0.0), Given.stated(2.1), d, Provenance.BY_HAND);
        return DoorPlan.of(o, WALL, d);
    }

    @Test void twoLeavesAreHalfAsWideAndMeetInTheMiddle() {
        List<Curve> c = plan(new Opening.Filling.Door(false, true, Opening.Filling.Way.DOUBLE));
        assertThat(c).hasSize(4);
        assertThat(c.get(0).length()).isCloseTo(0.8, within(1e-9));
        assertThat(c.get(0).first()).isEqualTo(new Point(2.2, 0.1));
        assertThat(c.get(1).first()).isEqualTo(new Point(3.8, 0.1));
        for (Curve swing : c.subList(2, 4)) assertThat(swing.last().distance(new Point(3, 0.1))).as("shut they meet").isLessThan(1e-9);
    }

    @ParameterizedTest @EnumSource(Opening.Filling.Way.class)
    void eachStaysBesideItsWall(Opening.Filling.Way way) {
        for (boolean left : new boolean[] {true, false}) for (Curve c : plan(new Opening.Filling.Door(true, left, way)))
            for (double t : new double[] {0, 0.5, 1}) {
                assertThat(c.at(t).y() * (left ? 1 : -1)).as("on the side that it opens to").isGreaterThan(-1e-9);
                assertThat(c.at(t).x()).isBetween(0.5, 5.5);
            }
    }
}
