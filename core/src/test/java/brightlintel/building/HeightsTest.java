package brightlintel.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightlintel.notation.Seeds;
import brightlintel.notation.Walls;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What things stand on and end at: floors, levels, heights of their own, tops that slope. */
class HeightsTest {
    private static final LevelId PLINTH = new LevelId("plinth"), RIDGE = new LevelId("ridge");
    private static final Storey GROUND = new Storey(new StoreyId("g"), "Ground", Given.stated(0.5), Given.stated(3.0), List.of());
    private static final Storey UPPER = new Storey(new StoreyId("u"), "Upper", Given.stated(3.5), Given.stated(2.6), List.of());
    private static final Project PROJECT = Project.of("p", "P", List.of(GROUND, UPPER))
        .withLevels(List.of(new Level(PLINTH, "Plinth", Given.stated(0.2)), new Level(RIDGE, "Ridge", Given.stated(8.4))));
    private static final Wall WALL = Walls.read("a 0 0 -> 5 0 thick 0.2").getFirst();

    private static TopLine top(Wall w) {
        return Heights.of(PROJECT, GROUND.id()).top(w);
    }

    @Test void aWallStandsOnItsFloorOrOnALevel() {
        Heights h = Heights.of(PROJECT, GROUND.id());
        assertThat(h.of(Stand.FLOOR)).isEqualTo(0.5);
        assertThat(h.of(new Stand.OnFloor(-0.1))).isCloseTo(0.4, within(1e-12));
        assertThat(h.of(new Stand.OnLevel(PLINTH, 0.05))).isCloseTo(0.25, within(1e-12));
        assertThat(h.aboveFloor(new Stand.OnLevel(PLINTH, 0))).isCloseTo(-0.3, within(1e-12));
        assertThat(h.of(new Stand.OnLevel(new LevelId("nowhere"), 0.1))).as("what is not there counts as the floor")
            .isCloseTo(0.6, within(1e-12));
    }

    /** Heights are above the wall's base, whatever it stands on. */
    @Test void aWallEndsWhereItsTopSays() {
        Wall onPlinth = WALL.withBase(new Stand.OnLevel(PLINTH, 0));
        assertThat(top(WALL).most()).isEqualTo(3.0);
        assertThat(top(onPlinth).most()).isCloseTo(3.3, within(1e-12));
        assertThat(top(WALL.withTop(new Top.NextStorey(-0.2))).most()).isCloseTo(2.8, within(1e-12));
        assertThat(top(WALL.withTop(new Top.ToFloor(UPPER.id(), 0))).most()).isEqualTo(3.0);
        assertThat(top(onPlinth.withTop(new Top.ToLevel(RIDGE, -0.4))).most()).isCloseTo(7.8, within(1e-12));
        assertThat(top(onPlinth.withTop(new Top.Height(Given.stated(1.1)))).most()).isEqualTo(1.1);
        assertThat(top(WALL.withTop(new Top.ToLevel(new LevelId("nowhere"), 0))).most()).isEqualTo(3.0);
        assertThat(top(WALL.withTop(new Top.ToFloor(new StoreyId("nowhere"), 0))).most()).isEqualTo(3.0);
    }

    @Test void aLevelThatMovesTakesAlongWhatEndsAtIt() {
        Wall w = WALL.withTop(new Top.ToLevel(RIDGE, 0));
        Project higher = PROJECT.withLevels(List.of(new Level(RIDGE, "Ridge", Given.stated(9.4))));
        assertThat(Heights.of(higher, GROUND.id()).top(w).most() - top(w).most()).isCloseTo(1, within(1e-12));
    }

    @Test void aSlopedTopIsAFunctionAlongTheWall() {
        TopLine t = top(WALL.withTop(new Top.Sloped(Given.stated(2.0), Given.stated(4.0))));
        assertThat(t.isLevel()).isFalse();
        assertThat(t.at(0)).isEqualTo(2);
        assertThat(t.at(2.5)).isCloseTo(3, within(1e-12));
        assertThat(t.at(5)).isEqualTo(4);
        assertThat(t.at(-1)).as("level beyond its ends").isEqualTo(2);
        assertThat(t.at(9)).isEqualTo(4);
        assertThat(t.least()).isEqualTo(2);
        assertThat(t.most()).isEqualTo(4);
        assertThat(t.least(1, 2)).isCloseTo(2.4, within(1e-12));
        assertThat(top(WALL.withTop(new Top.Sloped(Given.stated(2.0), Given.stated(2.0)))).isLevel()).isTrue();
    }

    /** Law: between two knots the top is the straight line; it never lies under its least nor over its most. */
    @Test void topsAreStraightBetweenTheirKnots() {
        Seeds.each(20, seed -> {
            Random r = new Random(seed);
            List<TopLine.Knot> knots = new ArrayList<>();
            double along = 0;
            for (int i = 0; i < 2 + r.nextInt(6); i++) knots.add(new TopLine.Knot(along += 0.1 + r.nextDouble(), 0.5 + 3 * r.nextDouble()));
            TopLine t = new TopLine(knots);
            for (int i = 0; i + 1 < knots.size(); i++) {
                double share = r.nextDouble(), a = knots.get(i).along(), b = knots.get(i + 1).along(), x = a + share * (b - a);
                assertThat(t.at(x)).isCloseTo(knots.get(i).height() + share * (knots.get(i + 1).height() - knots.get(i).height()),
                    within(1e-9));
                assertThat(t.at(x)).isBetween(t.least() - 1e-12, t.most() + 1e-12);
                assertThat(t.least(a, x)).isLessThanOrEqualTo(t.at(a + (x - a) / 2) + 1e-12);
            }
        });
    }

    @Test void aWallSqueezedByLevelsStaysABody() {
        assertThat(top(WALL.withTop(new Top.NextStorey(-9))).most()).isEqualTo(0.001);
        assertThat(PROJECT.heightOf(GROUND.id(), WALL.withTop(new Top.ToLevel(PLINTH, 0)))).isEqualTo(0.001);
    }

    @Test void impossibleValuesAreRefusedByName() {
        assertThatThrownBy(() -> new Level(PLINTH, "x", Given.stated(Double.NaN))).hasMessageContaining("height");
        assertThatThrownBy(() -> new Stand.OnFloor(Double.POSITIVE_INFINITY)).hasMessageContaining("offset");
        assertThatThrownBy(() -> new TopLine(List.of())).hasMessageContaining("without a height");
        assertThatThrownBy(() -> new TopLine(List.of(new TopLine.Knot(2, 1), new TopLine.Knot(1, 1)))).hasMessageContaining("knot 1");
        assertThatThrownBy(() -> Project.of("p", "P", List.of())).hasMessageContaining("storey");
        assertThatThrownBy(() -> Site.UNKNOWN.withNorth(Given.stated(Double.NaN))).hasMessageContaining("north");
    }
}
