package brightlintel.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;

import org.junit.jupiter.api.Test;

import brightlintel.notation.Seeds;

class StraightSkeletonTest {
    private static List<Point> points(double... xy) {
        List<Point> out = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) out.add(new Point(xy[i], xy[i + 1]));
        return out;
    }

    private static List<List<Point>> faces(List<Point> p, double... speeds) {
        return StraightSkeleton.faces(p, DoubleStream.of(speeds).boxed().toList()).orElseThrow();
    }

    private static double area(List<Point> face) {
        return face.isEmpty() ? 0 : new Ring(face).signedArea();
    }

    @Test void aHippedRectangleHasTwoTrianglesAndTwoTrapezes() {
        List<List<Point>> f = faces(points(0, 0, 10, 0, 10, 6, 0, 6), 1, 1, 1, 1);
        assertThat(f.stream().map(List::size)).containsExactly(4, 3, 4, 3);
        assertThat(area(f.get(1))).isCloseTo(9, within(1e-9));
        assertThat(area(f.get(0))).isCloseTo(21, within(1e-9));
        assertThat(f.get(0)).anyMatch(p -> p.distance(new Point(7, 3)) < 1e-9).anyMatch(p -> p.distance(new Point(3, 3)) < 1e-9);
    }

    @Test void gablesStandUpright() {
        List<List<Point>> f = faces(points(0, 0, 10, 0, 10, 6, 0, 6), 1, 0, 1, 0);
        assertThat(f.get(1)).isEmpty();
        assertThat(area(f.get(0))).isCloseTo(30, within(1e-9));
        assertThat(area(f.get(2))).isCloseTo(30, within(1e-9));
    }

    @Test void aSteeperSideHasTheSmallerFace() {
        List<List<Point>> f = faces(points(0, 0, 10, 0, 10, 6, 0, 6), 1, 0, 2, 0);
        assertThat(area(f.get(0))).isCloseTo(20, within(1e-9));
        assertThat(area(f.get(2))).isCloseTo(40, within(1e-9));
    }

    @Test void oneSlopeAlone() {
        List<List<Point>> f = faces(points(0, 0, 10, 0, 10, 6, 0, 6), 1, 0, 0, 0);
        assertThat(area(f.get(0))).isCloseTo(60, within(1e-9));
    }

    @Test void wingsMeetInAValley() {
        List<Point> p = points(0, 0, 12, 0, 12, 6, 6, 6, 6, 14, 0, 14);
        List<List<Point>> f = faces(p, 1, 1, 1, 1, 1, 1);
        assertThat(f.stream().mapToDouble(StraightSkeletonTest::area).sum()).isCloseTo(new Ring(p).area(), within(1e-6));
        // the valley runs from the re-entrant corner to where the ridges cross
        assertThat(f.get(2)).anyMatch(q -> q.distance(new Point(3, 3)) < 1e-9);
        List<List<Point>> gabled = faces(p, 1, 0, 1, 1, 0, 1);
        assertThat(gabled.stream().mapToDouble(StraightSkeletonTest::area).sum()).isCloseTo(new Ring(p).area(), within(1e-6));
    }

    @Test void aNotchPartsTheFront() {
        // a deep notch from above meets the opposite side before anything else
        List<Point> p = points(0, 0, 20, 0, 20, 8, 11, 8, 10, 3, 9, 8, 0, 8);
        List<List<Point>> f = faces(p, 1, 1, 1, 1, 1, 1, 1);
        assertThat(f.stream().mapToDouble(StraightSkeletonTest::area).sum()).isCloseTo(new Ring(p).area(), within(1e-6));
    }

    @Test void nothingMovesOrClosesNowhere() {
        assertThat(StraightSkeleton.faces(points(0, 0, 10, 0, 10, 6, 0, 6), List.of(0.0, 0.0, 0.0, 0.0))).isEmpty();
    }

    /** Law: faces cover the outline, none twice; turned, moved and begun at another corner they are the same. */
    @Test void facesCoverTheOutline() {
        Seeds.each(150, seed -> {
            Random r = new java.util.Random(seed);
            List<Point> p = rectilinear(r);
            List<Double> speeds = new ArrayList<>();
            // of edges that look the same way the same: else what lies between two of them is not told by their speeds
            boolean alike = r.nextBoolean();
            double[] ways = {0.5 + r.nextDouble(), 0.5 + r.nextDouble(), 0.5 + r.nextDouble(), 0.5 + r.nextDouble()};
            for (int i = 0; i < p.size(); i++) {
                double way = p.get((i + 1) % p.size()).minus(p.get(i)).angle();
                speeds.add(alike ? 1.0 : ways[Math.floorMod(Math.round(way / (Math.PI / 2)), 4)]);
            }
            Affine m = Affine.turn(r.nextDouble() * 6).then(Affine.move(new Point(r.nextGaussian() * 50, r.nextGaussian() * 50)));
            List<Point> moved = new ArrayList<>(p.stream().map(m::apply).toList());
            int by = r.nextInt(p.size());
            Collections.rotate(moved, by);
            List<Double> turned = new ArrayList<>(speeds);
            Collections.rotate(turned, by);
            List<List<Point>> f = StraightSkeleton.faces(p, speeds).orElseThrow(() -> new AssertionError("seed " + seed));
            List<List<Point>> g = new ArrayList<>(StraightSkeleton.faces(moved, turned).orElseThrow(() -> new AssertionError("moved " + seed)));
            Collections.rotate(g, -by);
            double sum = f.stream().mapToDouble(StraightSkeletonTest::area).sum();
            assertThat(sum).as("seed " + seed).isCloseTo(new Ring(p).area(), within(1e-4 * new Ring(p).area()));
            for (int i = 0; i < f.size(); i++) assertThat(area(g.get(i))).as("seed " + seed).isCloseTo(area(f.get(i)), within(1e-3));
        });
    }

    /** A row of bays of various depths over a straight side: outlines as buildings have them. */
    private static List<Point> rectilinear(Random r) {
        List<Point> out = new ArrayList<>();
        int bays = 1 + r.nextInt(5);
        double x = 0;
        List<double[]> tops = new ArrayList<>();
        for (int i = 0; i < bays; i++) {
            double w = 2 + 6 * r.nextDouble(), h = 4 + 8 * r.nextDouble();
            tops.add(new double[] {x, x + w, h});
            x += w;
        }
        out.add(new Point(0, 0));
        out.add(new Point(x, 0));
        for (int i = bays - 1; i >= 0; i--) {
            out.add(new Point(tops.get(i)[1], tops.get(i)[2]));
            out.add(new Point(tops.get(i)[0], tops.get(i)[2]));
        }
        return out;
    }
}
