package brightlintel.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.notation.Seeds;

class StairPlanTest {
    private static Stair stair(int risers, double width, Piece... line) {
        return new Stair(new ElementId("s"), List.of(line), Given.stated(width), Given.stated(risers), Stand.FLOOR, Top.NEXT,
            Provenance.BY_HAND);
    }

    private static Piece line(double x0, double y0, double x1, double y1) {
        return Piece.straight(new Point(x0, y0), new Point(x1, y1));
    }

    @Test void aStraightFlightHasAGoingLessThanRisers() {
        StairPlan p = StairPlan.of(stair(17, 1.2, line(0, 0, 4.32, 0)));
        assertThat(p.steps()).hasSize(16).noneMatch(StairPlan.Step::landing);
        assertThat(p.risers()).isEqualTo(17);
        assertThat(p.going()).isCloseTo(0.27, within(1e-9));
        assertThat(p.steps()).allMatch(s -> Math.abs(s.ground().area() - 0.27 * 1.2) < 1e-9);
        assertThat(p.steps().stream().map(StairPlan.Step::number)).first().isEqualTo(1);
    }

    @Test void aBendIsASquareLanding() {
        StairPlan p = StairPlan.of(stair(18, 1, line(0, 0, 3, 0), line(3, 0, 3, 3)));
        assertThat(p.steps().stream().filter(StairPlan.Step::landing)).singleElement().satisfies(s -> {
            assertThat(s.ground().area()).isCloseTo(1, within(1e-9));
            assertThat(s.ground().holds(new Point(3.4, -0.4))).isTrue();
        });
        assertThat(p.risers()).isEqualTo(18);
    }

    @Test void aHalfTurnHasOneLandingAcrossBothFlights() {
        StairPlan p = StairPlan.of(stair(18, 1, line(0, 0, 3, 0), line(3, 0, 3, 1.1), line(3, 1.1, 0, 1.1)));
        assertThat(p.steps().stream().filter(StairPlan.Step::landing)).singleElement().satisfies(s ->
            assertThat(s.ground().area()).isCloseTo(2.1, within(1e-6)));
        assertThat(p.risers()).isEqualTo(18);
        // the same number up as down
        assertThat(p.steps().stream().filter(s -> !s.landing()).count()).isEqualTo(16);
    }

    @Test void aRoundStairHasWedges() {
        Piece arc = new Piece(new Point(1.5, 0), new Point(-1.5, 0), 1);
        StairPlan p = StairPlan.of(stair(17, 1, arc));
        assertThat(p.steps()).hasSize(16);
        double all = p.steps().stream().mapToDouble(s -> s.ground().area()).sum();
        // half a ring from 1 to 2 metres
        assertThat(all).isCloseTo(Math.PI * 3 / 2, within(0.02));
    }

    @Test void comfortIsTwoRisesAndAGoing() {
        assertThat(StairPlan.isComfortable(0.175, 0.28)).isTrue();
        assertThat(StairPlan.isComfortable(0.22, 0.19)).isFalse();
        assertThat(StairPlan.risersFor(3)).isEqualTo(17);
    }

    /** Law: turned and mirrored it is the same stair; walked the other way its steps cover the same ground. */
    @Test void whereverItLiesItIsTheSame() {
        Seeds.each(100, seed -> {
            Random r = new Random(seed);
            double a = 2 + r.nextDouble() * 4, b = 2 + r.nextDouble() * 4;
            Stair s = stair(10 + r.nextInt(12), 0.8 + r.nextDouble() * 0.6, line(0, 0, a, 0), line(a, 0, a, r.nextBoolean() ? b : -b));
            Affine m = Affine.turn(r.nextDouble() * 6).then(Affine.move(new Point(r.nextGaussian() * 100, 7)));
            Stair moved = s.with(s.line().stream().map(p -> p.mapped(m)).toList());
            assertThat(covered(moved)).isCloseTo(covered(s), within(1e-6));
            assertThat(covered(s.reversed())).isCloseTo(covered(s), within(1e-6));
            assertThat(StairPlan.of(moved).going()).isCloseTo(StairPlan.of(s).going(), within(1e-9));
            assertThat(StairPlan.of(s).risers()).isEqualTo(s.risers().value());
        });
    }

    private static double covered(Stair s) {
        return StairPlan.of(s).steps().stream().mapToDouble(x -> x.ground().area()).sum();
    }
}
