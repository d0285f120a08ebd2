package brightlintel.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.notation.Seeds;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Nearest places, feet, lengths and parts of exact curves, held against a slow look at very many places. */
class CurveLawsTest {
    private static final int LOOKS = 20_000;

    private static Curve arc(Random r) {
        double sweep = (r.nextBoolean() ? 1 : -1) * (0.2 + r.nextDouble() * 6);
        return Curve.EllipticArc.circular(new Point(r.nextGaussian() * 3, r.nextGaussian() * 3), 0.5 + r.nextDouble() * 4,
            r.nextDouble() * 7, sweep);
    }

    private static Curve circle(Random r) {
        return Curve.EllipticArc.circular(new Point(r.nextGaussian() * 3, r.nextGaussian() * 3), 0.5 + r.nextDouble() * 4,
            r.nextDouble() * 7, Angles.TURN);
    }

    private static Curve ellipse(Random r) {
        Point u = Point.polar(r.nextDouble() * 7, 1 + 3 * r.nextDouble());
        return new Curve.EllipticArc(new Point(r.nextGaussian(), r.nextGaussian()), u, u.left().times(0.3 + 0.6 * r.nextDouble()),
            r.nextDouble() * 7,
            r.nextBoolean() ? Angles.TURN : 0.5 + 5 * r.nextDouble());
    }

    private static Nurbs spline(Random r, int controls) {
        double[] knots = new double[controls + 4], weights = new double[controls];
        List<Point> c = new ArrayList<>();
        for (int i = 0; i < knots.length; i++) knots[i] = Math.clamp(i - 3, 0, controls - 3);
        for (int i = 0; i < controls; i++) {
            weights[i] = 0.5 + r.nextDouble();
            c.add(new Point(2 * i + r.nextGaussian(), 3 * r.nextGaussian()));
        }
        return new Nurbs(3, knots, weights, c);
    }

    private static double slowNearest(Curve c, Point p) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= LOOKS; i++) least = Math.min(least, c.at(i / (double) LOOKS).distance(p));
        return least;
    }

    /** Law: nothing on the curve is nearer, wherever the point lies: within, without, far beyond twice the radius, beside the seam. */
    @Test void nothingIsNearerThanTheNearest() {
        Seeds.each(6, seed -> {
            Random r = new Random(seed);
            for (int i = 0; i < 40; i++) {
                Curve c = switch (i % 4) {
                    case 0 -> arc(r);
                    case 1 -> circle(r);
                    case 2 -> ellipse(r);
                    default -> spline(r, 4 + r.nextInt(5));
                };
                Point p = new Point(r.nextGaussian() * 12, r.nextGaussian() * 12);
                double t = CurveMath.nearest(c, p);
                assertThat(t).isBetween(0.0, 1.0);
                assertThat(c.at(t).distance(p)).as("%s to %s", c, p).isLessThanOrEqualTo(slowNearest(c, p) + 1e-6);
            }
        });
    }

    /** The seam of a circle is no end: a point just across it has its foot just across it. */
    @Test void theSeamOfACircleHoldsNothingBack() {
        Curve c = Curve.EllipticArc.circular(Point.ORIGIN, 2, 0, Angles.TURN);
        for (double w = -0.5; w <= 0.5; w += 0.01)
            for (double far : new double[] {0.1, 1, 2.5, 5, 40}) {
                Point p = Point.polar(w, far);
                assertThat(c.at(CurveMath.nearest(c, p)).distance(Point.polar(w, 2))).as("at %f, %f out", w, far).isLessThan(1e-9);
            }
    }

    @Test void beyondTwiceTheRadiusTheStepsDoNotRunAway() {
        Curve half = Curve.EllipticArc.circular(new Point(10, 0), 1, 0, Math.PI);
        assertThat(half.at(CurveMath.nearest(half, new Point(10, 50))).distance(new Point(10, 1))).isLessThan(1e-9);
        assertThat(half.at(CurveMath.nearest(half, new Point(10, -50))).y()).as("an end, either one").isCloseTo(0, within(1e-9));
        assertThat(half.at(CurveMath.nearest(half, new Point(30, -50))).distance(new Point(11, 0))).isLessThan(1e-9);
    }

    /** Law: a foot is square to the curve, lies on it, and is the one by the guess: of a circle the near one or the far one. */
    @Test void afootIsSquareToTheCurveAndByTheGuess() {
        Seeds.each(4, seed -> {
            Random r = new Random(seed);
            for (int i = 0; i < 60; i++) {
                Curve c = i % 3 == 0 ? ellipse(r) : i % 3 == 1 ? circle(r) : arc(r);
                Point from = new Point(r.nextGaussian() * 9, r.nextGaussian() * 9);
                double guess = r.nextDouble();
                OptionalDouble foot = CurveMath.squareTo(c, from, guess);
                if (foot.isEmpty()) continue;
                double t = foot.getAsDouble();
                Point way = from.minus(c.at(t)).unit(), along = c.derivative(t).unit();
                assertThat(t).isBetween(0.0, 1.0);
                assertThat(Math.abs(way.dot(along))).isLessThan(1e-5);
            }
        });
        Curve circle = Curve.EllipticArc.circular(Point.ORIGIN, 2, 0.3, Angles.TURN);
        Point from = new Point(7, 0);
        double near = CurveMath.nearest(circle, new Point(2, 0.1)), far = CurveMath.nearest(circle, new Point(-2, 0.1));
        assertThat(circle.at(CurveMath.squareTo(circle, from, near).orElseThrow()).distance(new Point(2, 0))).isLessThan(1e-9);
        assertThat(circle.at(CurveMath.squareTo(circle, from, far).orElseThrow()).distance(new Point(-2, 0))).isLessThan(1e-9);
    }

    @Test void aFootBeyondTheEndsIsNone() {
        Curve line = new Curve.Straight(new Point(0, 0), new Point(4, 0)),
            quarter = Curve.EllipticArc.circular(Point.ORIGIN, 2, 0, Math.PI / 2);
        assertThat(CurveMath.squareTo(line, new Point(5, 1), 0.9)).isEmpty();
        assertThat(CurveMath.squareTo(line, new Point(3, 1), 0.1)).hasValue(0.75);
        assertThat(CurveMath.squareTo(quarter, new Point(-1, 1), 0.5)).isEmpty();
        assertThat(CurveMath.squareTo(quarter, new Point(-1, -1), 0.5)).as("through the centre").hasValue(0.5);
    }

    /** Law: a length is that of very many chords, for curves of any length. */
    @Test void lengthsAreThoseOfManyChords() {
        Seeds.each(3, seed -> {
            Random r = new Random(seed);
            for (Curve c : List.of(arc(r), circle(r), ellipse(r), spline(r, 4), spline(r, 30), spline(r, 400))) {
                double chords = 0;
                int n = 400_000;
                Point last = c.at(0);
                for (int i = 1; i <= n; i++) {
                    Point next = c.at(i / (double) n);
                    chords += last.distance(next);
                    last = next;
                }
                assertThat(c.length()).as(c.getClass().getSimpleName()).isCloseTo(chords, within(chords * 1e-6));
            }
        });
    }

    /** Law: parts lie on the whole, begin and end where they were cut, and together are as long. */
    @Test void partsAreTheWholeAgain() {
        Seeds.each(6, seed -> {
            Random r = new Random(seed);
            for (Curve c : List.of(new Curve.Straight(new Point(1, 2), new Point(7, -3)), arc(r), circle(r), ellipse(r), spline(r, 4),
                spline(r, 9), spline(r, 5).part(0.2, 0.9))) {
                double a = r.nextDouble() * 0.5, b = a + 0.05 + r.nextDouble() * (0.95 - a) * 0.9;
                Curve part = c.part(a, b);
                for (int i = 0; i <= 10; i++) {
                    double t = i / 10.0;
                    assertThat(part.at(t).distance(c.at(a + (b - a) * t))).as("%s from %f to %f at %f", c, a, b, t).isLessThan(1e-8);
                }
                double sum = part.length() + (a > 0 ? c.part(0, a).length() : 0) + (b < 1 ? c.part(b, 1).length() : 0);
                assertThat(sum).isCloseTo(c.length(), within(1e-6 * c.length()));
            }
        });
    }

    @Test void splinesThatAreAlikeAreEqual() {
        Nurbs a = spline(new Random(3), 6), b = spline(new Random(3), 6), c = spline(new Random(4), 6);
        assertThat(a).isEqualTo(b).hasSameHashCodeAs(b).isNotEqualTo(c);
        assertThat(a.mapped(Affine.IDENTITY)).isEqualTo(a);
        assertThat(a.mapped(Affine.move(1, 0))).isNotEqualTo(a);
    }
}
