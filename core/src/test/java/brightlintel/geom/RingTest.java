package brightlintel.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightlintel.notation.Seeds;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Outlines with arcs: exact where they can be, and alike to their chords where those are fine enough. */
class RingTest {
    private static final double FINE = 1e-7;

    /** A square of four by four, its right side a half circle outwards. */
    private static Ring apse() {
        return new Ring(List.of(new Point(0, 0), new Point(4, 0), new Point(4, 4), new Point(0, 4)), List.of(0.0, 1.0, 0.0, 0.0));
    }

    /** Star-shaped about its middle, so that it never crosses itself; arcs flat enough to keep it so. */
    private static Ring random(Random r) {
        int n = 3 + r.nextInt(7);
        List<Point> corners = new ArrayList<>();
        List<Double> bulges = new ArrayList<>();
        Point middle = new Point(r.nextGaussian() * 1e4, r.nextGaussian() * 1e4);
        for (int i = 0; i < n; i++) {
            corners.add(middle.plus(Point.polar(Angles.TURN * i / n, 3 + 2 * r.nextDouble())));
            bulges.add(r.nextBoolean() ? 0 : (r.nextDouble() - 0.5) * 0.2);
        }
        return new Ring(corners, bulges);
    }

    private static Ring chords(Ring r) {
        return new Ring(r.chords(FINE));
    }

    @Test void aHalfCircleCountsWhole() {
        assertThat(apse().area()).isCloseTo(16 + Math.PI * 2, within(1e-12));
        assertThat(apse().perimeter()).isCloseTo(12 + 2 * Math.PI, within(1e-12));
        assertThat(apse().box()).isEqualTo(new Box(0, 0, 6, 4));
        assertThat(apse().holds(new Point(5.9, 2))).isTrue();
        assertThat(apse().holds(new Point(5.9, 3.9))).isFalse();
        assertThat(apse().distance(new Point(8, 2))).isCloseTo(2, within(1e-12));
    }

    @Test void anArcInwardsTakesAway() {
        Ring bitten = new Ring(apse().corners(), List.of(0.0, -0.5, 0.0, 0.0));
        assertThat(bitten.area()).isLessThan(16);
        assertThat(bitten.holds(new Point(3.5, 2))).isFalse();
        assertThat(bitten.holds(new Point(2.5, 2))).isTrue();
        assertThat(bitten.area()).isCloseTo(chords(bitten).area(), within(1e-5));
    }

    @Test void aCircleIsARingOfTwoArcs() {
        Ring circle = new Ring(List.of(new Point(-2, 0), new Point(2, 0)), List.of(1.0, 1.0));
        assertThat(circle.area()).isCloseTo(4 * Math.PI, within(1e-12));
        assertThat(circle.holds(Point.ORIGIN)).isTrue();
        assertThat(circle.holds(new Point(0, 1.99))).isTrue();
        assertThat(circle.holds(new Point(0, -1.99))).isTrue();
        assertThat(circle.holds(new Point(1.5, 1.5))).isFalse();
        assertThat(circle.box().width()).isCloseTo(4, within(1e-12));
    }

    @Test void moreThanAHalfCircleReachesRound() {
        Ring keyhole = new Ring(List.of(new Point(-1, 0), new Point(-1, -5), new Point(1, -5), new Point(1, 0)),
            List.of(0.0, 0.0, 0.0, 2.5));
        assertThat(keyhole.area()).isCloseTo(chords(keyhole).area(), within(1e-5));
        assertThat(keyhole.holds(new Point(0, 2))).isTrue();
        assertThat(keyhole.holds(new Point(2.5, -4))).isFalse();
        assertThat(keyhole.box().maxY()).isCloseTo(2.5, within(1e-12));
    }

    /** Law: area, box, length and inside are those of fine chords. */
    @Test void arcsAreWhatTheirChordsComeTo() {
        Seeds.each(40, seed -> {
            Random r = new Random(seed);
            Ring ring = random(r), fine = chords(ring);
            assertThat(ring.signedArea()).isCloseTo(fine.signedArea(), within(1e-4));
            assertThat(ring.perimeter()).isCloseTo(fine.perimeter(), within(1e-4));
            assertThat(ring.box().grown(1e-5).holds(fine.box())).isTrue();
            Box b = ring.box();
            for (int i = 0; i < 60; i++) {
                Point p = new Point(b.minX() + r.nextDouble() * b.width(), b.minY() + r.nextDouble() * b.height());
                if (ring.distance(p) > 1e-4) assertThat(ring.holds(p)).as("%s in %s", p, ring).isEqualTo(fine.holds(p));
            }
        });
    }

    /** Law: turned round twice it is the same; turned round once it encloses the same, the other way; mirrored likewise. */
    @Test void turningRoundAndMapping() {
        Seeds.each(20, seed -> {
            Ring ring = random(new Random(seed));
            assertThat(ring.reversed().reversed()).isEqualTo(ring);
            assertThat(ring.reversed().signedArea()).isCloseTo(-ring.signedArea(), within(1e-6));
            Ring mirrored = ring.mapped(Affine.scale(-2, 2));
            assertThat(mirrored.signedArea()).isCloseTo(-4 * ring.signedArea(), within(1e-5));
            assertThat(mirrored.counterClockwise().signedArea()).isPositive();
            for (int i = 0; i < ring.size(); i++) {
                Piece there = mirrored.piece(i), back = there.mapped(Affine.scale(-2, 2).inverse());
                assertThat(back.a().distance(ring.piece(i).a())).isLessThan(1e-9);
                assertThat(back.bulge()).isCloseTo(ring.piece(i).bulge(), within(1e-12));
            }
        });
    }

    @Test void straightOutlinesNeedNoBulges() {
        Ring plain = new Ring(List.of(new Point(0, 0), new Point(1, 0), new Point(1, 1)), List.of(0.0, 0.0, 0.0));
        assertThat(plain.bulges()).isEmpty();
        assertThat(plain).isEqualTo(new Ring(plain.corners()));
        assertThat(plain.chords(0.1)).isEqualTo(plain.corners());
        assertThat(plain.withCorners(p -> p.times(2)).area()).isCloseTo(2, within(1e-12));
    }

    @Test void whatEnclosesNothingIsRefusedByName() {
        assertThatThrownBy(() -> new Ring(List.of(new Point(0, 0), new Point(1, 0)))).hasMessageContaining("2 corners");
        assertThatThrownBy(() -> new Ring(List.of(new Point(0, 0), new Point(1, 0), new Point(1, 1)), List.of(1.0)))
            .hasMessageContaining("1 bulges for 3");
        assertThatThrownBy(() -> new Ring(List.of(new Point(0, 0), new Point(Double.NaN, 0), new Point(1, 1))))
            .hasMessageContaining("not finite");
        assertThatThrownBy(() -> new Ring(apse().corners(), List.of(0.0, Double.NaN, 0.0, 0.0))).hasMessageContaining("not finite");
    }

    @Test void theBoxOfAnArcReachesToItsExtremes() {
        for (double bulge : new double[] {0.1, 0.5, 1, 3, -0.4, -2}) {
            Piece p = new Piece(new Point(1, 2), new Point(4, -1), bulge);
            Box b = Box.of(p.points(1e-7));
            assertThat(p.box().minX()).isCloseTo(b.minX(), within(1e-5));
            assertThat(p.box().maxX()).isCloseTo(b.maxX(), within(1e-5));
            assertThat(p.box().minY()).isCloseTo(b.minY(), within(1e-5));
            assertThat(p.box().maxY()).isCloseTo(b.maxY(), within(1e-5));
        }
    }
}
