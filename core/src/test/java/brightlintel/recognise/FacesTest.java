package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.IntPredicate;

import org.junit.jupiter.api.Test;

import brightlintel.building.Column;
import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Role;
import brightlintel.building.Wall;
import brightlintel.building.Why;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.Seeds;
import brightlintel.notation.Sketch;
import brightlintel.notation.Walls;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.DrawnMarks;

/** What is a wall and what only looks like one; what opens in walls; what names rooms. */
class FacesTest {
    private static PlacedDrawing placed(Sketch s) {
        return Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
    }

    private static List<Wall> walls(PlacedDrawing d) {
        return new WallFinding(d, new StrokeRoles.FaceRoles(_ -> true, _ -> false, _ -> false, _ -> true, _ -> false)).walls();
    }

    private static Sketch box(Sketch s, double x0, double y0, double x1, double y1) {
        return s.line(x0, y0, x1, y0).line(x1, y0, x1, y1).line(x1, y1, x0, y1).line(x0, y1, x0, y0);
    }

    @Test void tilesAndStepsAreNoWalls() {
        Sketch s = new Sketch();
        for (int i = 0; i < 9; i++) s.line(0, 300 * i, 4000, 300 * i);
        assertThat(walls(placed(s))).isEmpty();
        // a slanting row goes on sideways
        Sketch slanting = new Sketch();
        for (int i = 0; i < 9; i++) slanting.line(250 * i, 300 * i, 250 * i + 1500, 300 * i);
        assertThat(walls(placed(slanting))).isEmpty();
    }

    @Test void fourLinesOfAWindowAreNoRow() {
        Sketch s = new Sketch();
        for (double y : new double[] {0, 100, 200, 300}) s.line(2000, y, 3200, y);
        for (double y : new double[] {0, 300}) s.line(0, y, 2000, y).line(3200, y, 6000, y);
        assertThat(walls(placed(s))).singleElement().satisfies(w -> {
            assertThat(w.thickness().value()).isCloseTo(0.3, within(1e-6));
            assertThat(w.length()).isCloseTo(6, within(1e-6));
        });
    }

    @Test void whatLiesInABedIsNoWall() {
        Sketch bed = box(box(new Sketch(), 0, 0, 900, 2000), 0, 200, 700, 1800);
        assertThat(walls(placed(bed))).isEmpty();
        // as long, and thin: two walls
        assertThat(walls(placed(box(box(new Sketch(), 0, 0, 5000, 4000), 200, 200, 4800, 3800)))).hasSize(4);
    }

    /** A long stroke a third of a degree askew does not turn its neighbours. */
    @Test void whatLiesAskewDoesNotTurnTheRest() {
        Sketch s = new Sketch().line(0, 3000, 9000, 3050);
        for (double y : new double[] {0, 200}) s.line(0, y, 8000, y);
        assertThat(walls(placed(s))).singleElement().satisfies(w -> {
            assertThat(w.reference().a().y()).isCloseTo(0.1, within(1e-6));
            assertThat(w.reference().b().y()).isCloseTo(0.1, within(1e-6));
        });
    }

    /** A bay in three pieces with windows between, of two faces and glass. */
    @Test void aRoundWallGoesOnOverItsWindows() {
        Sketch s = new Sketch();
        for (double r : new double[] {4000, 4300}) for (int k = 0; k < 3; k++) s.arc(0, 0, r, 20 + 50 * k, 45 + 50 * k);
        for (int k = 0; k < 2; k++) s.arc(0, 0, 4150, 45 + 50 * k, 70 + 50 * k);
        List<RoundWalls.Round> all = new RoundWalls(placed(s), _ -> true, _ -> false, _ -> false).all();
        assertThat(all).singleElement().satisfies(w -> {
            assertThat(w.thickness()).isCloseTo(0.3, within(1e-6));
            assertThat(w.middle().getFirst().radius()).isCloseTo(4.15, within(1e-6));
            assertThat(w.middle().getFirst().length()).isCloseTo(Math.toRadians(125) * 4.15, within(1e-3));
        });
    }

    @Test void aRingIsTwoHalvesPartedWhereNothingOpens() {
        Sketch whole = new Sketch().circle(0, 0, 4000).circle(0, 0, 4300);
        assertThat(walls(placed(whole))).hasSize(2).allSatisfy(w -> assertThat(w.length()).isCloseTo(Math.PI * 4.15, within(1e-6)));
        // a door in it, and windows on both sides of where a ring would begin
        Sketch open = new Sketch();
        for (double r : new double[] {4000, 4300}) for (int[] a : new int[][] {{10, 80}, {92, 170}, {190, 350}}) open.arc(0, 0, r, a[0], a[1]);
        open.on("WINDOWS");
        for (int[] a : new int[][] {{80, 92}, {170, 190}, {350, 370}}) open.arc(0, 0, 4150, a[0], a[1]);
        PlacedDrawing d = placed(open);
        IntPredicate glass = i -> d.strokes().layers().get(d.strokes().layerOf(i)).name().equals("WINDOWS");
        List<Wall> two = new WallFinding(d, new StrokeRoles.FaceRoles(i -> !glass.test(i), _ -> false, glass, _ -> true, _ -> false)).walls();
        assertThat(two).hasSize(2);
        assertThat(two.stream().mapToDouble(Wall::length).sum()).isCloseTo(Angles.TURN * 4.15, within(1e-3));
        for (Wall w : two) for (int gap : new int[] {0, 86, 180}) {
            Point p = Point.polar(Math.toRadians(gap), 4.15);
            assertThat(w.reference().a().distance(p)).as("an opening at " + gap).isGreaterThan(1);
        }
    }

    @Test void twoCirclesThatNobodyTellsToBeWallsAreNone() {
        Sketch table = new Sketch().circle(0, 0, 600).circle(0, 0, 900);
        assertThat(new WallFinding(placed(table), new StrokeRoles.FaceRoles(_ -> false, _ -> true, _ -> false, _ -> true, _ -> false)).walls()).isEmpty();
        assertThat(walls(placed(table))).as("told to be").hasSize(2);
    }

    @Test void whatStandsAgainstAStraightWallIsNoRing() {
        Sketch tower = new Sketch().arc(0, 0, 2000, 30, 330).arc(0, 0, 2300, 30, 330);
        assertThat(walls(placed(tower))).singleElement().satisfies(w -> assertThat(w.length()).isCloseTo(Math.toRadians(300) * 2.15, within(1e-3)));
    }

    /** Of its last pier short chords alone are drawn. */
    @Test void aRoundWallGoesOnOverChordsToTheWallBeyond() {
        for (double from : new double[] {5.5, 10}) {
            Sketch s = new Sketch().wall(-5000, 5000, 0, 100).arc(0, 0, 4000, from, 180 - from).arc(0, 0, 4300, from, 180 - from);
            double bare = 4.15 * Math.sin(Math.toRadians(from));
            assertThat(round(s).reference().a().y()).as("nothing is drawn").isCloseTo(bare, within(0.01));
            for (double r : new double[] {4000, 4300}) for (double side : new double[] {1, -1}) {
                double x = Math.toRadians(from), y = Math.toRadians(2);
                s.line(side * r * Math.cos(x), r * Math.sin(x), side * r * Math.cos(y), r * Math.sin(y));
            }
            Wall w = round(s);
            assertThat(w.reference().a().y()).isCloseTo(0.05, within(0.01));
            assertThat(w.reference().b().y()).isCloseTo(0.05, within(0.01));
            assertThat(w.reference().radius()).isCloseTo(4.15, within(0.01));
        }
    }

    /** An old program writes arcs as chords of one line; of the piers at its ends two are drawn, and the windows between are round. */
    @Test void aRoundWallOfChordsIsRound() {
        Sketch s = new Sketch().wall(-5000, 5000, 0, 100);
        for (double r : new double[] {4000, 4300}) {
            chords(s, r, 4, 14, 2);
            s.arc(0, 0, r, 14, 40);
            chords(s, r, 40, 140, 12);
            s.arc(0, 0, r, 140, 166);
            chords(s, r, 166, 176, 2);
        }
        List<Wall> all = walls(placed(s));
        assertThat(all).as("and no pieces of chords").hasSize(2);
        Wall w = round(s);
        assertThat(w.reference().radius()).isCloseTo(4.15, within(0.005));
        assertThat(w.reference().a().y()).isCloseTo(0.05, within(0.01));
        assertThat(w.reference().b().y()).isCloseTo(0.05, within(0.01));
        // an octagon has corners, and is no circle
        Sketch eight = new Sketch();
        for (double r : new double[] {4000, 4330}) chords(eight, r, 0, 360, 8);
        assertThat(walls(placed(eight))).hasSize(8).allMatch(x -> x.reference().isStraight());
    }

    private static void chords(Sketch s, double r, double from, double to, int n) {
        double[] xy = new double[2 * n + 2];
        for (int i = 0; i <= n; i++) {
            double w = Math.toRadians(from + (to - from) * i / n);
            xy[2 * i] = r * Math.cos(w);
            xy[2 * i + 1] = r * Math.sin(w);
        }
        s.polyline(false, xy);
    }

    private static Wall round(Sketch s) {
        return walls(placed(s)).stream().filter(x -> !x.reference().isStraight()).reduce((_, b) -> b).orElseThrow();
    }

    @Test void anEndGoesStraightOnToARoundWall() {
        Sketch s = new Sketch().arc(0, 0, 4000, -60, 60).arc(0, 0, 4300, -60, 60);
        for (double y : new double[] {1000, 1200}) s.line(0, y, 3850, y);
        List<Wall> w = walls(placed(s)).stream().filter(x -> x.reference().isStraight()).toList();
        assertThat(w).singleElement().satisfies(x -> {
            assertThat(x.reference().a().y()).isCloseTo(1.1, within(1e-9));
            assertThat(x.reference().b().y()).isCloseTo(1.1, within(1e-9));
            assertThat(x.reference().b().length()).as("on the round wall's middle").isCloseTo(4.15, within(1e-6));
        });
    }

    /** Windows of two lines on a layer of their own, without jambs: the wall's faces end there. */
    @Test void windowsAreToldByFacesThatAreNotDrawn() {
        Sketch s = new Sketch().on("WALLS");
        for (double y : new double[] {0, 300}) s.line(0, y, 1000, y).line(2500, y, 4000, y).line(5500, y, 7000, y);
        s.on("GLASS");
        for (double y : new double[] {0, 300}) s.line(1000, y, 2500, y).line(4000, y, 5500, y);
        PlacedDrawing d = placed(s);
        List<Wall> w = Walls.read("a 0 0.15 -> 7 0.15 thick 0.3");
        List<Glazing.Window> found = new Glazing(d, _ -> Role.WALL).in(w).values().iterator().next();
        assertThat(found).hasSize(2);
        assertThat(found.getFirst().from()).isCloseTo(1, within(1e-6));
        assertThat(found.getFirst().to()).isCloseTo(2.5, within(1e-6));
        List<Opening> opened = new Opened(d, _ -> Role.WALL, _ -> false, w).of(List.of());
        assertThat(opened).hasSize(2).allMatch(o -> o.filling() instanceof Opening.Filling.Window && o.from().on().size() == 2);
    }

    /** From its end to the wall beyond a door nothing of it is drawn. */
    @Test void aWallReachesOverTheDoorAtItsEnd() {
        PlacedDrawing d = placed(new Sketch().arc(3000, 100, 900, 0, 90).line(3000, 100, 3000, 1000));
        List<Wall> walls = Walls.read("a 0 0.05 -> 3 0.05 thick 0.1\nb 4 -3 -> 4 3 thick 0.2");
        List<Wall> out = new Reaching(d, walls, List.of()).reached();
        assertThat(out.getFirst().reference().b().x()).isCloseTo(4, within(1e-9));
        assertThat(out.getLast()).isEqualTo(walls.getLast());
        PlacedDrawing bare = placed(new Sketch().line(0, 0, 3000, 0));
        assertThat(new Reaching(bare, walls, List.of()).reached()).as("where no door is drawn").isEqualTo(walls);
    }

    /** The wall beyond runs through the column, or the column stands alone. */
    @Test void aWallReachesOverTheDoorUpToAColumn() {
        Sketch s = new Sketch().arc(2860, 100, 900, 0, 90).line(2860, 100, 2860, 1000).rectangle(3780, -150, 400, 400);
        PlacedDrawing d = placed(s);
        List<DrawnMarks.Mark> columns = DrawnMarks.all(d, _ -> true);
        assertThat(columns).hasSize(1);
        List<Wall> walls = Walls.read("a 0 0.05 -> 2.86 0.05 thick 0.1\nb 4 -3 -> 4 3 thick 0.1");
        assertThat(new Reaching(d, walls, List.of()).reached()).as("the door is too far from the wall").isEqualTo(walls);
        assertThat(new Reaching(d, walls, columns).reached().getFirst().reference().b().x()).isCloseTo(4, within(1e-9));
        assertThat(new Reaching(d, walls.subList(0, 1), columns).reached().getFirst().reference().b().x()).isCloseTo(3.98, within(1e-9));
    }

    @Test void wallsThatStandAloneOrBesideAnotherAreLessSure() {
        List<Wall> some = Walls.read("a 0 0 -> 6 0 thick 0.2\nb 6 0 -> 6 5 thick 0.2\nc 6 5 -> 0 5 thick 0.2\nd 0 5 -> 0 0 thick 0.2\n"
            + "alone 2 2 -> 4 2 thick 0.2\nbeside 1 0.4 -> 5 0.4 thick 0.2\nrare 3 0 -> 3 1.1 thick 0.6");
        List<Wall> w = Confidence.believed(some);
        assertThat(w).hasSize(7);
        double joined = Recognised.confidence(w.get(2)), alone = Recognised.confidence(w.get(4)), beside = Recognised.confidence(w.get(5)), rare
            = Recognised.confidence(w.get(6));
        assertThat(joined).isGreaterThan(0.95);
        assertThat(alone).isLessThan(joined);
        assertThat(beside).isLessThan(Recognised.SURE_FROM);
        assertThat(rare).isLessThan(joined);
        assertThat(w).allMatch(x -> x.thickness().why() instanceof Why.Read);
    }

    /** A cupboard along a wall; the wall itself, and one as long as no furniture is, stay. */
    @Test void aShortPieceBesideALongWallIsNone() {
        String walls = "a 0 0 -> 6 0 thick 0.2\nb 6 0 -> 6 5 thick 0.2\nc 6 5 -> 0 5 thick 0.2\nd 0 5 -> 0 0 thick 0.2\n";
        List<Wall> w = Confidence.believed(Walls.read(walls + "cupboard 2 0.42 -> 3.2 0.42 thick 0.55\nlong 1 4.4 -> 5 4.4 thick 0.2"));
        assertThat(w).extracting(x -> x.id().value()).doesNotContain("cupboard").contains("a", "c", "long");
        assertThat(Recognised.confidence(w.getFirst())).as("what lies beside it no more").isGreaterThan(0.95);
    }

    @Test void aStretchOfAWallIsNoColumn() {
        Sketch s = new Sketch().on("MARKS").rectangle(1000, 0, 1200, 300).rectangle(4000, 0, 1200, 300).rectangle(8000, 2000, 300, 300);
        PlacedDrawing d = placed(s);
        List<DrawnMarks.Mark> marks = DrawnMarks.all(d, _ -> true);
        assertThat(marks).hasSize(3);
        List<Wall> wall = Walls.read("a 0 0.15 -> 7 0.15 thick 0.3");
        List<Column> out = new Posts(marks, List.of(), _ -> false, wall, List.of()).columns();
        assertThat(out).singleElement().satisfies(c -> assertThat(c.at().distance(new Point(8.15, 2.15))).isLessThan(1e-6));
        assertThat(new Posts(marks, List.of(), _ -> true, wall, List.of()).columns()).as("one alone on a layer that holds several things").isEmpty();
    }

    /** Law: each stroke of a building role is in an element or left over, with a reason. */
    @Test void whatBecameNothingIsToldWithItsReason() {
        Seeds.each(20, seed -> {
            Random r = new Random(seed);
            double off = 800 + r.nextInt(600);
            Sketch s = new Sketch();
            for (double y : new double[] {0, 200}) s.line(0, y, 5000, y);
            s.line(0, 3000, 5000, 3000).line(0, 3000 + off, 5000, 3000 + off).line(0, 9000, 4000, 9000);
            PlacedDrawing d = placed(s);
            List<Wall> w = walls(d);
            assertThat(w).hasSize(1);
            List<Leftover> left = new Leftovers(d, _ -> Role.WALL, w, List.of(), List.of(), List.of()).of();
            assertThat(left).extracting(Leftover::reason).containsExactly(Leftover.Reason.NO_PARTNER, Leftover.Reason.TOO_THICK,
                Leftover.Reason.TOO_THICK);
            assertThat(left.get(1).figure()).isCloseTo(off / 1000, within(1e-6));
            assertThat(left).extracting(Leftover::stroke).doesNotHaveDuplicates();
            assertThat(new Leftovers(d, _ -> Role.DOOR, w, List.of(), List.of(), List.of()).of()).allMatch(l -> l.reason()
                == Leftover.Reason.NO_WALL);
            assertThat(new Leftovers(d, _ -> Role.FURNITURE, w, List.of(), List.of(), List.of()).of()).as("no building").isEmpty();
        });
    }
}
