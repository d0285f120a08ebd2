package brightlintel.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.notation.Seeds;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Every crossing lies on both curves, and none that many small chords find is missing. */
class CrossingsTest {
    private static Point point(Random r) {
        return new Point(r.nextGaussian() * 4, r.nextGaussian() * 4);
    }

    private static Curve curve(Random r, int kind) {
        Point u = Point.polar(r.nextDouble() * 7, 1 + 4 * r.nextDouble());
        double sweep = r.nextInt(3) == 0 ? Angles.TURN : (r.nextBoolean() ? 1 : -1) * (0.3 + 5 * r.nextDouble());
        return switch (kind) {
            case 0 -> new Curve.Straight(point(r), point(r));
            case 1 -> Curve.EllipticArc.circular(point(r), 1 + 4 * r.nextDouble(), r.nextDouble() * 7, sweep);
            case 2 -> new Curve.EllipticArc(point(r), u, u.left().times(0.3 + 0.5 * r.nextDouble()), r.nextDouble() * 7, sweep);
            default -> new Nurbs(3, new double[] {0, 0, 0, 0, 1, 2, 2, 2, 2}, new double[] {1, 2, 1, 0.7, 1},
                List.of(point(r), point(r), point(r), point(r), point(r)));
        };
    }

    private static List<Point> slow(Curve a, Curve b) {
        List<Point> out = new ArrayList<>();
        int n = 700;
        for (int i = 0; i < n; i++)
            for (int k = 0; k < n; k++) {
                Curve.Straight p = new Curve.Straight(a.at(i / (double) n), a.at((i + 1.0) / n)),
                    q = new Curve.Straight(b.at(k / (double) n), b.at((k + 1.0) / n));
                if (Box.of(p.a(), p.b()).meets(Box.of(q.a(), q.b()))) Crossings.of(p, q).forEach(x -> out.add(x.at()));
            }
        return out;
    }

    @Test void crossingsLieOnBothAndNoneIsMissing() {
        Seeds.each(3, seed -> {
            Random r = new Random(seed);
            for (int i = 0; i < 16; i++) {
                Curve a = curve(r, i % 4), b = curve(r, i / 4);
                List<CurveMath.Crossing> found = Crossings.of(a, b);
                for (CurveMath.Crossing x : found) {
                    assertThat(a.at(x.t()).distance(x.at())).as("%s and %s", a, b).isLessThan(1e-6);
                    assertThat(b.at(x.s()).distance(x.at())).isLessThan(1e-6);
                }
                for (Point p : slow(a, b)) assertThat(found).as("%s and %s at %s", a, b, p).anyMatch(x -> x.at().distance(p) < 0.05);
            }
        });
    }

    @Test void theOrderOfTheTwoDoesNotMatter() {
        Seeds.each(6, seed -> {
            Random r = new Random(seed);
            for (int i = 0; i < 9; i++) {
                Curve a = curve(r, i % 3), b = curve(r, i / 3);
                List<Point> one = Crossings.of(a, b).stream().map(CurveMath.Crossing::at).toList(), other = Crossings.of(b, a).stream()
                    .map(CurveMath.Crossing::at).toList();
                assertThat(one).hasSameSizeAs(other);
                for (Point p : one) assertThat(other).anyMatch(q -> q.distance(p) < 1e-6);
            }
        });
    }

    @Test void plainCases() {
        Curve line = new Curve.Straight(new Point(-5, 0), new Point(5, 0)),
            circle = Curve.EllipticArc.circular(Point.ORIGIN, 3, 0.4, Angles.TURN);
        assertThat(Crossings.of(line, circle)).extracting(x -> Math.rint(x.at().x())).containsExactly(-3.0, 3.0);
        assertThat(Crossings.of(line, new Curve.Straight(new Point(-5, 1), new Point(5, 1)))).as("parallel").isEmpty();
        assertThat(Crossings.of(line, line)).as("along each other").isEmpty();
        assertThat(Crossings.of(circle, Curve.EllipticArc.circular(new Point(7, 0), 3, 0, Angles.TURN))).as("apart").isEmpty();
        assertThat(Crossings.of(circle, Curve.EllipticArc.circular(new Point(1, 0), 1, 0, Angles.TURN))).as("one in the other").isEmpty();
        assertThat(Crossings.of(circle, Curve.EllipticArc.circular(new Point(3, 0), 3, 0, Angles.TURN))).hasSize(2)
            .allSatisfy(x -> assertThat(x.at().x()).isCloseTo(1.5, within(1e-12)));
        assertThat(Crossings.of(new Curve.Straight(new Point(-5, 0), new Point(0, 0)), circle)).as("one end within").hasSize(1);
    }
}
