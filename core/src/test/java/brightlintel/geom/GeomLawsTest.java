package brightlintel.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GeomLawsTest {
    @ParameterizedTest @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void thePackedIndexFindsWhatASlowScanFinds(long seed) {
        Random r = new Random(seed);
        int n = 1 + r.nextInt(3000);
        double[] xy = new double[4 * n];
        double far = seed % 2 == 0 ? 1e6 : 0;
        for (int i = 0; i < n; i++) {
            xy[4 * i] = far + r.nextDouble() * 100;
            xy[4 * i + 1] = r.nextDouble() * 100;
            xy[4 * i + 2] = xy[4 * i] + r.nextGaussian() * 3;
            xy[4 * i + 3] = xy[4 * i + 1] + r.nextGaussian() * 3;
        }
        SegmentIndex index = SegmentIndex.of(xy);
        for (int q = 0; q < 60; q++) {
            Box box = Box.around(new Point(far + r.nextDouble() * 100, r.nextDouble() * 100), r.nextDouble() * 6);
            List<Integer> fast = new ArrayList<>(), slow = new ArrayList<>();
            index.query(box, fast::add);
            for (int i = 0; i < n; i++)
                if (Box.of(new Point(xy[4 * i], xy[4 * i + 1]), new Point(xy[4 * i + 2], xy[4 * i + 3])).meets(box)) slow.add(i);
            assertThat(fast).as("seed " + seed).isEqualTo(slow);
        }
    }

    @Test void anEmptyIndexFindsNothing() {
        SegmentIndex.of(new double[0]).query(Box.around(Point.ORIGIN, 1), _ -> {
            throw new AssertionError("found something");
        });
    }

    @ParameterizedTest @ValueSource(longs = {1, 2, 3})
    void theSideOfAPointKeepsItsLawsOnNearlyStraightTriples(long seed) {
        Random r = new Random(seed);
        int left = 0, right = 0;
        for (int i = 0; i < 2000; i++) {
            Point a = new Point(r.nextDouble() * 1e7, r.nextDouble() * 1e7), b = new Point(r.nextDouble() * 1e7, r.nextDouble() * 1e7);
            Point p = a.towards(b, r.nextDouble());
            p = new Point(p.x() + r.nextInt(3) * Math.ulp(p.x()), p.y() + r.nextInt(3) * Math.ulp(p.y()));
            int s = Orientation.side(a, b, p);
            assertThat(Orientation.side(b, a, p)).isEqualTo(-s);
            assertThat(Orientation.side(b, p, a)).isEqualTo(s);
            assertThat(Orientation.side(p, a, b)).isEqualTo(s);
            assertThat(s).isEqualTo(sideByLongArithmetic(a, b, p));
            if (s > 0) left++;
            if (s < 0) right++;
        }
        assertThat(left).as("the law must be tried on both sides").isPositive();
        assertThat(right).isPositive();
        assertThat(Orientation.side(new Point(0, 0), new Point(1, 0), new Point(0.5, 1))).isEqualTo(1);
        assertThat(Orientation.side(new Point(0, 0), new Point(1, 0), new Point(0.5, 0))).isZero();
    }

    private static int sideByLongArithmetic(Point a, Point b, Point p) {
        BigDecimal dx = new BigDecimal(b.x()).subtract(new BigDecimal(a.x())), dy = new BigDecimal(b.y()).subtract(new BigDecimal(a.y()));
        BigDecimal px = new BigDecimal(p.x()).subtract(new BigDecimal(a.x())), py = new BigDecimal(p.y()).subtract(new BigDecimal(a.y()));
        return dx.multiply(py).subtract(dy.multiply(px)).signum();
    }

    @ParameterizedTest @ValueSource(doubles = {0, 0.3, -0.7, 1, -2})
    void rollingOutIsTheInverseOfWalkingAlong(double bulge) {
        Piece p = new Piece(new Point(3, 4), new Point(8, 6), bulge);
        for (double along = 0.1; along < p.length(); along += 0.4)
            for (double left : new double[] {-0.3, 0, 0.2}) {
                Point back = p.unroll(p.at(along, left));
                assertThat(back.x()).isCloseTo(along, within(1e-9));
                assertThat(back.y()).isCloseTo(left, within(1e-9));
            }
        assertThat(p.at(p.length()).distance(p.b())).isLessThan(1e-9);
        assertThat(p.reversed().length()).isCloseTo(p.length(), within(1e-9));
        assertThat(p.part(0, p.length() / 3).length() + p.part(p.length() / 3, p.length()).length()).isCloseTo(p.length(), within(1e-9));
    }

    @ParameterizedTest @ValueSource(longs = {1, 2, 3, 4})
    void mappingACurveMapsItsPoints(long seed) {
        Random r = new Random(seed);
        Affine m = Affine.scale(1 + r.nextDouble(), -2).then(Affine.turn(r.nextDouble() * 6)).then(Affine.move(r.nextDouble() * 1e5, 7));
        List<Curve> curves = List.of(new Curve.Straight(new Point(1, 2), new Point(5, 3)),
            Curve.EllipticArc.circular(new Point(2, 2), 3, 0.4, 2.5),
            new Nurbs(3, new double[] {0, 0, 0, 0, 1, 2, 2, 2, 2}, new double[] {1, 2, 1, 1, 1},
            List.of(new Point(0, 0), new Point(1, 3), new Point(4, 3), new Point(6, -1), new Point(8, 0))));
        for (Curve c : curves)
            for (double t = 0; t <= 1; t += 0.1) {
                assertThat(c.mapped(m).at(t).distance(m.apply(c.at(t)))).isLessThan(1e-8);
                Point numeric = c.at(Math.min(1, t + 1e-6)).minus(c.at(Math.max(0, t - 1e-6)))
                    .times(1 / (Math.min(1, t + 1e-6) - Math.max(0, t - 1e-6)));
                assertThat(c.derivative(t).distance(numeric)).isLessThan(1e-3);
            }
    }

    @Test void aCrossingOfTwoCurvesLiesOnBoth() {
        Curve circle = Curve.EllipticArc.circular(new Point(0, 0), 5, 0, Math.PI),
            line = new Curve.Straight(new Point(-1, -2), new Point(4, 9));
        CurveMath.Crossing x = CurveMath.crossing(line, 0.5, circle, CurveMath.nearest(circle, line.at(0.6)));
        assertThat(x.at().length()).isCloseTo(5, within(1e-12));
        assertThat(Math.abs(new Point(5, 11).unit().cross(x.at().minus(new Point(-1, -2))))).isLessThan(1e-12);
        assertThat(CurveMath.crossing(line, 0.5, new Curve.Straight(new Point(0, -2), new Point(5, 9)), 0.5)).as("parallel").isNull();
    }

    @Test void anAffineMapAndItsInverseAreNothing() {
        Affine m = Affine.scale(0.001, 0.002).then(Affine.turn(1.1)).then(Affine.move(182e3, -4));
        Point p = new Point(123.4, -77);
        assertThat(m.then(m.inverse()).apply(p).distance(p)).isLessThan(1e-6);
    }
}
