package brightlintel.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Provenance;
import brightlintel.building.Side;
import brightlintel.building.Stand;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.notation.Seeds;
import brightlintel.notation.Walls;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FootprintsTest {
    private static final Tolerances TOL = Tolerances.BUILDING;

    private static Footprints of(String text) {
        return Footprints.of(Walls.read(text), TOL);
    }

    private static String text(Footprints f, String id) {
        StringBuilder b = new StringBuilder();
        for (Ring r : f.of(new ElementId(id))) {
            int first = 0;
            List<Point> p = r.corners();
            for (int i = 1; i < p.size(); i++)
                if (p.get(i).x() + p.get(i).y() * 1.001 < p.get(first).x() + p.get(first).y() * 1.001 - 1e-9) first = i;
            for (int i = 0; i < p.size(); i++) b.append(i == 0 ? "" : ", ").append(Walls.text(p.get((first + i) % p.size())));
            b.append('\n');
        }
        return b.toString().strip();
    }

    private static double united(Footprints f) {
        return Areas.united(f.all().values().stream().flatMap(List::stream).toList());
    }

    private static double summed(Footprints f) {
        return f.all().values().stream().flatMap(List::stream).mapToDouble(Ring::area).sum();
    }

    @Test void aWallAloneEndsSquare() {
        assertThat(text(of("a 0 0 -> 5 0 thick 0.2"), "a")).isEqualTo("0 -0.1, 5 -0.1, 5 0.1, 0 0.1");
    }

    @Test void twoUnequalWallsMeetInAMitre() {
        Footprints f = of("""
            a 0 0 -> 5 0 thick 0.4
            b 5 0 -> 5 4 thick 0.2
            """);
        assertThat(text(f, "a")).isEqualTo("0 -0.2, 5.1 -0.2, 4.9 0.2, 0 0.2");
        assertThat(text(f, "b")).isEqualTo("5.1 -0.2, 5.1 4, 4.9 4, 4.9 0.2");
    }

    @Test void wallsDrawnAlongTheirOuterFacesMeetInTheSameOutline() {
        Footprints f = of("""
            a -0.18 -0.18 -> 24.18 -0.18 thick 0.36 right
            b 24.18 -0.18 -> 24.18 14 thick 0.36 right
            """);
        assertThat(text(f, "a")).isEqualTo("-0.18 -0.18, 24.18 -0.18, 23.82 0.18, -0.18 0.18");
    }

    @Test void aWallEndsOnTheFaceOfTheOneItRunsInto() {
        Footprints f = of("""
            a 0 0 -> 10 0 thick 0.4
            b 4 0 -> 4 3 thick 0.2
            """);
        assertThat(text(f, "a")).isEqualTo("0 -0.2, 10 -0.2, 10 0.2, 0 0.2");
        assertThat(text(f, "b")).isEqualTo("3.9 0.2, 4.1 0.2, 4.1 3, 3.9 3");
    }

    @Test void atACrossingTheThickerRunsThroughAndTheOtherIsParted() {
        Footprints f = of("""
            thin 0 0 -> 10 0 thick 0.2
            thick 5 -4 -> 5 4 thick 0.4
            """);
        assertThat(text(f, "thick")).isEqualTo("4.8 -4, 5.2 -4, 5.2 4, 4.8 4");
        assertThat(f.of(new ElementId("thin"))).hasSize(2);
        assertThat(f.area(new ElementId("thin"))).isCloseTo(0.2 * (10 - 0.4), within(1e-9));
    }

    @Test void straightOnWithTwoThicknessesMeetsInOneSquareCut() {
        Footprints f = of("""
            a 0 0 -> 5 0 thick 0.4
            b 5 0 -> 9 0 thick 0.2
            """);
        assertThat(text(f, "a")).isEqualTo("0 -0.2, 5 -0.2, 5 -0.1, 5 0.1, 5 0.2, 0 0.2");
        assertThat(text(f, "b")).isEqualTo("5 -0.1, 9 -0.1, 9 0.1, 5 0.1");
    }

    @Test void aVerySharpCornerIsCutOff() {
        Footprints f = of("""
            a 0 0 -> 10 0 thick 0.3
            b 0 0 -> 10 1 thick 0.3
            """);
        double left = f.all().values().stream().flatMap(List::stream).mapToDouble(r -> r.box().minX()).min().orElseThrow();
        assertThat(left).isBetween(-TOL.mitreLimit() * 0.3 - 0.05, -0.5);
        assertThat(summed(f)).isCloseTo(united(f), within(1e-6));
    }

    @Test void threeWallsAtAPointShareItsGround() {
        Footprints f = of("""
            a 0 0 -> 5 0 thick 0.3
            b 0 0 -> -2 4 thick 0.2
            c 0 0 -> -2 -4 thick 0.24
            """);
        assertThat(summed(f)).isCloseTo(united(f), within(1e-8));
        assertThat(holesIn(f, new Point(0, 0), 0.12)).isEqualTo(0);
    }

    @Test void aRoundBayMeetsStraightWalls() {
        Footprints f = of("""
            s 24 0 -> 24 3.4 thick 0.36
            bay 24 3.4 -> 24 7.8 thick 0.36 bulge 1
            n 24 7.8 -> 24 14 thick 0.36
            """);
        assertThat(f.area(new ElementId("bay"))).isGreaterThan(Math.PI * 2.2 * 0.36 * 0.95);
        assertThat(summed(f)).isCloseTo(united(f), within(1e-3));
    }

    @Test void anEndThatMeetsNothingIsNamed() {
        assertThat(of("""
            a 0 0 -> 5 0 thick 0.2
            b 5 0.01 -> 5 4 thick 0.2
            """).freeEnds()).containsExactlyInAnyOrder(new Point(0, 0), new Point(5, 4));
    }

    /** Sample points near a node that no wall covers, though they lie within the thinnest half thickness of it. */
    private static int holesIn(Footprints f, Point node, double radius) {
        Random r = new Random(7);
        int holes = 0;
        for (int i = 0; i < 400; i++) {
            Point p = node.plus(Point.polar(r.nextDouble() * 7, r.nextDouble() * radius * 0.8));
            if (f.all().values().stream().flatMap(List::stream).noneMatch(x -> x.holds(p))) holes++;
        }
        return holes;
    }

    /** A wild net: a grid of nodes pushed about, joined by walls of many thicknesses and sides. */
    private static List<Wall> wildNet(long seed) {
        return net(seed, true);
    }

    /** Without the walls that run across, which come as near to nodes as chance will have it. */
    private static List<Wall> clearNet(long seed) {
        return net(seed, false);
    }

    private static List<Wall> net(long seed, boolean wild) {
        Random r = new Random(seed);
        StringBuilder b = new StringBuilder();
        int n = 4;
        double[][] x = new double[n][n], y = new double[n][n];
        for (int i = 0; i < n; i++)
            for (int k = 0; k < n; k++) {
                x[i][k] = i * 6 + r.nextDouble() * 3;
                y[i][k] = k * 6 + r.nextDouble() * 3;
            }
        int id = 0;
        for (int i = 0; i < n; i++)
            for (int k = 0; k < n; k++) {
                if (i + 1 < n && r.nextInt(5) > 0) b.append(line("h" + id++, x[i][k], y[i][k], x[i + 1][k], y[i + 1][k], r));
                if (k + 1 < n && r.nextInt(5) > 0) b.append(line("v" + id++, x[i][k], y[i][k], x[i][k + 1], y[i][k + 1], r));
            }
        if (wild) b.append(line("x1", -2, 7.5, 25, 9, r)).append(line("x2", 8, -2, 9, 25, r));
        else b.append(line("x1", -2, 4.6, 2, 4.7, r)).append(line("x2", 4.5, -2, 4.6, 25, r));
        b.append(line("t", x[1][1] / 2 + x[2][1] / 2, y[1][1] / 2 + y[2][1] / 2, 12, 4, r));
        return Walls.read(b.toString());
    }

    private static String line(String id, double x0, double y0, double x1, double y1, Random r) {
        double[] thick = {0.1, 0.14, 0.24, 0.36};
        return id + " " + x0 + " " + y0 + " -> " + x1 + " " + y1 + " thick " + thick[r.nextInt(4)] + "\n";
    }

    @ParameterizedTest @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void footprintsNeverOverlap(long seed) {
        Footprints f = Footprints.of(wildNet(seed), TOL);
        assertThat(summed(f)).as("seed " + seed).isCloseTo(united(f), within(2e-5));
    }

    /** Along the walls the whole thickness is covered; at a node with company, a disc of half the thinnest wall. */
    @ParameterizedTest @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void noGapIsLeftAtAJoint(long seed) {
        List<Wall> walls = clearNet(seed);
        Footprints f = Footprints.of(walls, TOL);
        Random r = new Random(seed);
        for (Wall w : walls) {
            for (int i = 0; i < 200; i++) {
                double along = 0.5 + r.nextDouble() * (w.length() - 1), off = (r.nextDouble() - 0.5) * w.thickness().value() * 0.98;
                assertCovered(f, w.reference().at(along, off), seed, w);
            }
            for (Point node : List.of(w.reference().a(), w.reference().b())) {
                List<Wall> here = walls.stream().filter(x -> x.reference().a().distance(node) < 1e-9
                    || x.reference().b().distance(node) < 1e-9).toList();
                double thinnest = here.stream().mapToDouble(x -> x.thickness().value()).min().orElseThrow();
                for (int i = 0; i < 50 && here.size() > 1; i++)
                    assertCovered(f, node.plus(Point.polar(r.nextDouble() * 7, r.nextDouble() * thinnest * 0.49)), seed, w);
            }
        }
    }

    private static void assertCovered(Footprints f, Point p, long seed, Wall w) {
        assertThat(f.all().values().stream().flatMap(List::stream).anyMatch(x -> x.holds(p) || onEdge(x, p)))
            .as("seed %d, %s at %s", seed, w.id(), p).isTrue();
    }

    private static boolean onEdge(Ring r, Point p) {
        for (int i = 0; i < r.corners().size(); i++)
            if (Piece.straight(r.corners().get(i), r.corners().get((i + 1) % r.corners().size())).distance(p) < 1e-5) return true;
        return false;
    }

    @ParameterizedTest @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void theOrderOfDrawingDoesNotMatter(long seed) {
        List<Wall> walls = wildNet(seed), shuffled = new ArrayList<>(walls);
        Collections.shuffle(shuffled, new Random(seed));
        Footprints a = Footprints.of(walls, TOL), b = Footprints.of(shuffled, TOL);
        for (Wall w : walls) assertThat(b.of(w.id())).isEqualTo(a.of(w.id()));
    }

    @ParameterizedTest @ValueSource(longs = {1, 2, 3, 4})
    void aTurnedPlanHasTurnedFootprints(long seed) {
        List<Wall> walls = wildNet(seed);
        Affine m = Affine.turn(0.7).then(Affine.move(100, -40));
        Footprints a = Footprints.of(walls, TOL), b = Footprints.of(walls.stream().map(w -> w.with(w.reference().mapped(m))).toList(), TOL);
        for (Wall w : walls) assertThat(b.area(w.id())).isCloseTo(a.area(w.id()), within(1e-6));
    }

    @ParameterizedTest @ValueSource(longs = {1, 2, 3, 4})
    void drawnTheOtherWayRoundAWallCoversTheSameGround(long seed) {
        List<Wall> walls = wildNet(seed);
        List<Wall> reversed = walls.stream().map(w -> w.with(w.reference().reversed()).withSide(w.side().flipped())).toList();
        assertThat(united(Footprints.of(reversed, TOL))).isCloseTo(united(Footprints.of(walls, TOL)), within(1e-6));
    }

    /** At an L the one that runs reaches the outer face, the other ends at it; together they cover the same ground. */
    @Test void oneRunsThroughAtACorner() {
        Seeds.each(60, seed -> {
            Random r = new Random(seed);
            Affine m = Affine.turn(r.nextDouble() * 6).then(Affine.move(new Point(r.nextDouble() * 20, 3)));
            Wall a = wall("a", m, new Point(0, 0), new Point(5, 0), 0.2 + r.nextDouble() * 0.2, Side.values()[r.nextInt(3)]);
            Wall b = wall("b", m, new Point(5, 0), new Point(5, 4), 0.2 + r.nextDouble() * 0.2, Side.values()[r.nextInt(3)]);
            double before = area(List.of(a, b));
            Footprints f = Footprints.of(List.of(a.withRuns(Set.of(Wall.End.END)), b), Tolerances.BUILDING);
            assertThat(f.area(a.id()) + f.area(b.id())).as("seed " + seed).isCloseTo(before, within(1e-6));
            Footprints g = Footprints.of(List.of(a, b.withRuns(Set.of(Wall.End.START))), Tolerances.BUILDING);
            // the square of the corner goes with the one that runs
            double square = a.thickness().value() * b.thickness().value();
            assertThat(f.area(a.id()) - g.area(a.id())).as("seed " + seed).isCloseTo(square, within(1e-6));
            assertThat(f.of(a.id())).singleElement().satisfies(x -> assertThat(x.size()).isEqualTo(4));
        });
    }

    @Test void aFreeStandingWallEndsByItself() {
        List<Wall> walls = Walls.read("a 0 0 -> 5 0 thick 0.3\nb 5 0 -> 5 4 thick 0.3\nc 2 -2 -> 2 2 thick 0.2");
        Wall free = walls.get(1).with(Wall.Stance.FREE);
        Footprints f = Footprints.of(List.of(walls.get(0), free, walls.get(2).with(Wall.Stance.FREE)), Tolerances.BUILDING);
        assertThat(f.of(walls.get(0).id())).as("square at its end, as though nothing met it").anySatisfy(r ->
            assertThat(r.box().maxX()).isCloseTo(5, within(1e-9)));
        assertThat(f.freeEnds()).hasSize(6);
        double together = f.all().values().stream().flatMap(List::stream).mapToDouble(Ring::area).sum();
        assertThat(together).as("no ground is there twice").isCloseTo(5 * 0.3 + 4 * 0.3 + 4 * 0.2 - 0.15 * 0.15 - 0.3 * 0.2, within(1e-6));
        assertThat(free.turnedRound().isFree()).isTrue();
        assertThat(Footprints.of(List.of(walls.get(0), free.with(Wall.Stance.JOINED)), Tolerances.BUILDING).freeEnds()).hasSize(2);
    }

    private static double area(List<Wall> walls) {
        Footprints f = Footprints.of(walls, Tolerances.BUILDING);
        return walls.stream().mapToDouble(w -> f.area(w.id())).sum();
    }

    private static Wall wall(String id, Affine m, Point a, Point b, double t, Side s) {
        return new Wall(new ElementId(id), Piece.straight(m.apply(a), m.apply(b)), s, Given.stated(t), Stand.FLOOR, Top.NEXT,
            Provenance.BY_HAND);
    }
}
