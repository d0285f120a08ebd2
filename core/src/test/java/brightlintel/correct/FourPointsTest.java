package brightlintel.correct;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Placement;
import brightlintel.building.Straightening.Rectangle;
import brightlintel.geom.Homography;
import brightlintel.geom.Point;
import brightlintel.notation.Seeds;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FourPointsTest {
    /** From a floor, metres, to pixels of a photograph taken from the side. */
    private static Homography camera(Random r) {
        List<Point> floor = List.of(new Point(0, 0), new Point(10, 0), new Point(10, 8), new Point(0, 8));
        List<Point> seen = List.of(new Point(300 + 80 * r.nextDouble(), 200 + 80 * r.nextDouble()),
            new Point(3500 + 200 * r.nextDouble(), 260 + 90 * r.nextDouble()),
            new Point(2900 + 200 * r.nextDouble(), 2300 + 150 * r.nextDouble()),
            new Point(820 + 200 * r.nextDouble(), 2200 + 150 * r.nextDouble()));
        return Homography.of(floor, seen);
    }

    private static List<Point> seen(Homography camera, double x, double y, double w, double h, double turn) {
        Point at = new Point(x, y);
        return List.of(Point.ORIGIN, new Point(w, 0), new Point(w, h), new Point(0, h)).stream()
            .map(p -> camera.apply(p.turn(turn).plus(at))).toList();
    }

    @Test void aMapOfFourPointsTakesThemThereAndBack() {
        Seeds.each(50, seed -> {
            Homography h = camera(new Random(seed)), back = h.inverse();
            for (Point p : List.of(new Point(0, 0), new Point(10, 8), new Point(3.3, 4.4), new Point(-1, 2)))
                assertThat(back.apply(h.apply(p)).distance(p)).isLessThan(1e-9);
            assertThat(h.apply(new Point(10, 0)).x()).isBetween(3500.0, 3700.0);
        });
    }

    /** With the sides of one rectangle known, all that lies on the floor comes out true. */
    @Test void oneRectangleTakesPerspectiveAndStretchOut() {
        Seeds.each(100, seed -> {
            Random r = new Random(seed);
            Homography camera = camera(r);
            FourPoints.Fitted f = FourPoints.fit(List.of(new Rectangle(seen(camera, 1, 1, 6, 4, 0), 6, 4)));
            assertThat(f.remains()).isZero();
            for (int i = 0; i < 20; i++) {
                Point a = new Point(10 * r.nextDouble(), 8 * r.nextDouble()), b = new Point(10 * r.nextDouble(), 8 * r.nextDouble());
                double drawn = f.straightening().map().apply(camera.apply(a)).distance(f.straightening().map().apply(camera.apply(b)))
                    * f.straightening().metres();
                assertThat(drawn).isCloseTo(a.distance(b), within(1e-6));
            }
        });
    }

    @Test void whicheverCornerIsFirstAndWhicheverWayRoundNothingIsMirrored() {
        Homography camera = camera(new Random(3));
        List<Point> p = seen(camera, 1, 1, 6, 4, 0);
        for (List<Point> order : List.of(p, List.of(p.get(3), p.get(2), p.get(1), p.get(0)),
            List.of(p.get(1), p.get(2), p.get(3), p.get(0)))) {
            boolean across = order.get(0).equals(p.get(1));
            FourPoints.Fitted f = FourPoints.fit(List.of(new Rectangle(order, across ? 4 : 6, across ? 6 : 4)));
            Point a = f.straightening().map().apply(camera.apply(new Point(0, 0))),
                b = f.straightening().map().apply(camera.apply(new Point(1, 0))),
                c = f.straightening().map().apply(camera.apply(new Point(0, 1)));
            assertThat(b.minus(a).cross(c.minus(a))).isPositive();
            assertThat(b.minus(a).length() * f.straightening().metres()).isCloseTo(1, within(1e-6));
        }
    }

    @Test void aSecondRectangleThatAgreesLeavesNothing() {
        Seeds.each(40, seed -> {
            Random r = new Random(seed);
            Homography camera = camera(r);
            FourPoints.Fitted f = FourPoints.fit(List.of(new Rectangle(seen(camera, 0.5, 0.5, 6, 4, 0), 6, 4),
                new Rectangle(seen(camera, 5, 4, 2.5, 1.5, 0.4), 2.5, 1.5)));
            assertThat(f.remains()).isLessThan(1e-5);
        });
    }

    @Test void whatRemainsTellsOfAMisreadSide() {
        Homography camera = camera(new Random(5));
        FourPoints.Fitted f = FourPoints.fit(List.of(new Rectangle(seen(camera, 0.5, 0.5, 6, 4, 0), 6, 4),
            new Rectangle(seen(camera, 5, 4, 2.5, 1.5, 0.4), 2.7, 1.5)));
        // 20 cm too long: shared out among eight corners, and still told
        assertThat(f.remains()).isBetween(0.01, 0.12);
    }

    @Test void picksThatMissByAPixelRemainAsMillimetres() {
        Seeds.each(30, seed -> {
            Random r = new Random(seed);
            Homography camera = camera(r);
            List<Point> near = seen(camera, 0.5, 0.5, 6, 4, 0).stream().map(p -> p.plus(new Point(r.nextGaussian(), r.nextGaussian())))
                .toList();
            FourPoints.Fitted f = FourPoints.fit(List.of(new Rectangle(near, 6, 4),
                new Rectangle(seen(camera, 5, 4, 2.5, 1.5, 0.4), 2.5, 1.5)));
            assertThat(f.pixel()).isBetween(0.002, 0.006);
            assertThat(f.remains()).isBetween(1e-6, 0.03);
        });
    }

    @Test void cornersThatMakeNoRectangleAreRefused() {
        List<Point> crossed = List.of(new Point(0, 0), new Point(10, 10), new Point(10, 0), new Point(0, 10)),
            line = List.of(new Point(0, 0), new Point(10, 0), new Point(20, 0), new Point(0, 10));
        assertThatThrownBy(() -> FourPoints.fit(List.of(new Rectangle(crossed, 1, 1)))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> FourPoints.fit(List.of(new Rectangle(line, 1, 1)))).isInstanceOf(IllegalArgumentException.class);
    }

    @Test void aPlacementWithAStraighteningGoesThereAndBack() {
        Homography camera = camera(new Random(8));
        FourPoints.Fitted f = FourPoints.fit(List.of(new Rectangle(seen(camera, 1, 1, 6, 4, 0), 6, 4)));
        Placement p = Placement.assumed(f.straightening().metres(), new Point(5, 5)).straightened(Optional.of(f.straightening()));
        for (Point q : List.of(new Point(400, 300), new Point(2000, 1000))) assertThat(p.toFile(p.apply(q)).distance(q)).isLessThan(1e-6);
    }
}
