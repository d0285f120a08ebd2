package brightlintel.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Scale;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.notation.Seeds;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class MeasuredTest {
    private static Point p(double x, double y) {
        return new Point(x, y);
    }

    private static Curve.Straight line(double ax, double ay, double bx, double by) {
        return new Curve.Straight(p(ax, ay), p(bx, by));
    }

    @Test void eachKindHasItsValue() {
        assertThat(new Measured.Distance(p(0, 0), p(3, 4)).value()).isEqualTo(5);
        assertThat(new Measured.Chain(List.of(p(0, 0), p(3, 4), p(3, 10))).value()).isEqualTo(11);
        assertThat(new Measured.Angle(p(1, 0), p(0, 0), p(-1, 1)).value()).isCloseTo(Math.toRadians(135), within(1e-12));
        assertThat(new Measured.Angle(p(-1, 1), p(0, 0), p(-1, -1)).value()).as("across half a turn").isCloseTo(Math.PI / 2, within(1e-12));
        Measured.Area a = new Measured.Area(List.of(p(0, 0), p(0, 3), p(4, 3), p(4, 0)));
        assertThat(a.value()).isEqualTo(12);
        assertThat(a.perimeter()).isEqualTo(14);
        assertThatThrownBy(() -> new Measured.Area(List.of(p(0, 0), p(1, 1)))).hasMessageContaining("corners 2");
    }

    @Test void aRadiusIsThatOfTheTrueCircle() {
        Measured.Radius r = Measured.radius(Curve.EllipticArc.circular(p(2, 1), 5, 0, 1), p(2, 9));
        assertThat(r.value()).isEqualTo(5);
        assertThat(r.on()).isEqualTo(p(2, 6));
        assertThat(Measured.circle(p(0, 0), p(2, 2), p(4, 0)).centre().distance(p(2, 0))).isLessThan(1e-12);
        assertThatThrownBy(() -> Measured.circle(p(0, 0), p(1, 1), p(5, 5))).hasMessageContaining("in one line");
        // an ellipse given by half axes that are not square to each other: its own are 3 and 1
        Curve.EllipticArc e = new Curve.EllipticArc(p(0, 0), p(3, 0).turn(0.4).times(Math.sqrt(0.5)).plus(p(0, 1).turn(0.4).times(Math.sqrt(0.5))),
            p(-3, 0).turn(0.4).times(Math.sqrt(0.5)).plus(p(0, 1).turn(0.4).times(Math.sqrt(0.5))), 0, 6.2);
        assertThat(Measured.radius(e, p(9, 0).turn(0.4)).value()).isCloseTo(3, within(1e-9));
        assertThat(Measured.radius(e, p(0, 9).turn(0.4)).value()).isCloseTo(1, within(1e-9));
    }

    @Test void strokesThatAreParallelHaveTheSameDistanceAllAlong() {
        Measured.Gap g = Gaps.of(line(0, 0, 10, 0), line(3, 0.24, 20, 0.24), p(1, 0.01));
        assertThat(g.value()).isCloseTo(0.24, within(1e-12));
        assertThat(g.isParallel()).isTrue();
        assertThat(g.a()).isEqualTo(p(1, 0));
        // past each other: still squarely
        assertThat(Gaps.of(line(0, 0, 1, 0), line(5, 2, 9, 2), p(0.5, 0)).value()).isEqualTo(2);
    }

    @Test void othersAreMeasuredWhereTheyAreNearest() {
        Measured.Gap g = Gaps.of(line(0, 0, 10, 0), line(4, 1, 8, 5), p(0, 0));
        assertThat(g.value()).isCloseTo(1, within(1e-12));
        assertThat(g.between()).isCloseTo(Math.PI / 4, within(1e-12));
        assertThat(Gaps.of(line(0, 0, 10, 0), line(5, -1, 5, 1), p(0, 0)).value()).as("they cross").isZero();
        assertThat(Gaps.of(Curve.EllipticArc.circular(p(0, 5), 2, 0, 7), line(-9, 0, 9, 0), p(0, 3)).value()).isCloseTo(3, within(1e-9));
    }

    /** Law: nothing on the one is nearer to anything on the other than what was measured. */
    @Test void noOtherPlacesAreNearer() {
        Seeds.each(10, seed -> {
            Random r = new Random(seed);
            for (int i = 0; i < 40; i++) {
                Curve a = curve(r), b = curve(r);
                Measured.Gap g = Gaps.of(a, b, a.at(0.5));
                if (g.isParallel()) continue;
                double least = Double.POSITIVE_INFINITY;
                for (int s = 0; s <= 200; s++)
                    for (int t = 0; t <= 200; t++) least = Math.min(least, a.at(s / 200.0).distance(b.at(t / 200.0)));
                assertThat(g.value()).as("%s and %s", a, b).isLessThanOrEqualTo(least + 1e-9);
            }
        });
    }

    private static Curve curve(Random r) {
        Point at = p(r.nextInt(20), r.nextInt(20));
        if (r.nextInt(3) > 0) return new Curve.Straight(at, at.plus(Point.polar(r.nextDouble() * 7, 1 + r.nextInt(9))));
        return Curve.EllipticArc.circular(at, 1 + r.nextInt(6), r.nextDouble() * 6, 0.5 + r.nextDouble() * 5);
    }

    /** Law: taken back into the file, a length is what the file says, whatever unit, turn, mirror and origin made of it. */
    @Test void theDrawingsOwnValueComesBack() {
        Seeds.each(20, seed -> {
            Random r = new Random(seed);
            Placement place = Placement.assumed(1, p(r.nextInt(200_000), r.nextInt(90_000))).withMirrored(r.nextBoolean())
                .withScale(Given.stated(new Scale(0.0005 + r.nextDouble() * 0.01, 0.0005 + r.nextDouble() * 0.01)))
                .withTurn(Given.stated(r.nextDouble() * 6));
            Point a = p(r.nextInt(300_000), r.nextInt(300_000)), b = a.plus(p(3600, 0));
            Measured m = new Measured.Distance(place.apply(a), place.apply(b));
            assertThat(m.mapped(place::toFile).value()).isCloseTo(3600, within(1e-6));
        });
    }
}
