package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Provenance;
import brightlintel.building.Section;
import brightlintel.building.Stand;
import brightlintel.building.StoreyElement;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.geom.Circle;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosures;
import brightlintel.notation.Drawings;
import brightlintel.notation.Seeds;
import brightlintel.notation.Sketch;
import brightlintel.notation.Walls;
import brightlintel.place.PlacedDrawing;

/** Furniture and tiles beside walls, shallow bays, passages, ends at columns. */
class ShapesTest {
    private static PlacedDrawing placed(Sketch s) {
        return Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
    }

    private static WallFinding finding(Sketch s) {
        PlacedDrawing d = placed(s);
        Leaves leaves = new Leaves(d);
        return new WallFinding(d, new StrokeRoles.FaceRoles(i -> !leaves.isLeaf(i), _ -> false, _ -> false, _ -> true, _ -> false));
    }

    private static List<Wall> walls(Sketch s) {
        return finding(s).walls();
    }

    /** A cupboard has four sides as a pier has, its back a little off the wall; and no wall lies between both. */
    @Test void aCupboardIsNoWallNorIsWhatLiesBetweenItAndOne() {
        Sketch s = new Sketch().wall(0, 8000, 0, 200).rectangle(1000, 220, 1200, 500).rectangle(3000, 290, 400, 350);
        assertThat(walls(s)).singleElement().satisfies(w -> assertThat(w.thickness().value()).isCloseTo(0.2, within(1e-6)));
        // a counter as long as a room, a hand off its wall
        Sketch counter = new Sketch().rectangle(400, 370, 6300, 650);
        for (int i = 0; i < 4; i++) counter.wall(0, 8000, 4000 * i, 200);
        assertThat(walls(counter)).hasSize(4);
        // walls that have an outline each are walls, and so is a slender one among others
        Sketch each = new Sketch().rectangle(0, 0, 2900, 400).rectangle(0, 3000, 2900, 400).rectangle(0, 400, 400, 2600);
        assertThat(walls(each)).hasSize(3);
        Sketch partition = new Sketch().wall(0, 8000, 0, 300).wall(0, 8000, 5000, 300).rectangle(4000, 300, 100, 1300);
        assertThat(walls(partition)).hasSize(3);
    }

    @Test void aLeafThatStandsOpenBesideAWallIsNoFace() {
        // as far from the outer wall's face as the partitions are thick
        Sketch s = new Sketch().wall(0, 6000, 0, 380).wall(0, 6000, 3000, 150).wall(0, 6000, 6000, 150).line(1000, 530, 1900, 530);
        assertThat(walls(s)).as("a line alone").anyMatch(w -> w.length() < 2);
        // it may begin at the far face of a wall that it stands in
        Sketch far = new Sketch().wall(0, 6000, 0, 380).wall(0, 6000, 3000, 150).wall(0, 6000, 6000, 150).line(885, 530, 1900, 530)
            .arc(1000, 530, 900, 0, 90);
        assertThat(walls(far)).as("from the far face").hasSize(3);
        s.arc(1000, 530, 900, 0, 90);
        assertThat(walls(s)).as("the leaf of an arc").hasSize(3).allMatch(w -> Math.abs(w.length() - 6) < 1e-6);
    }

    @Test void aFaceAtTheStepOfTilesStaysWhereItIsOfAnotherLayer() {
        for (boolean own : new boolean[] {true, false}) {
            Sketch s = new Sketch().on("WALLS").line(0, -200, 4000, -200).on(own ? "WALLS" : "TILES").line(0, 0, 4000, 0).on("TILES");
            for (int i = 1; i < 9; i++) s.line(0, 300 * i, 4000, 300 * i);
            assertThat(walls(s)).as(own ? "a face" : "a tile").hasSize(own ? 1 : 0);
        }
        // tiles that end near a face are not its row
        Sketch near = new Sketch().wall(0, 4000, -100, 100);
        for (int i = 0; i < 9; i++) near.line(0, 287 + 300 * i, 4000, 287 + 300 * i);
        assertThat(walls(near)).singleElement().satisfies(w -> assertThat(w.thickness().value()).isCloseTo(0.1, within(1e-6)));
    }

    /** Each arc of a bay between windows turns about a middle that rounding moves by centimetres. */
    @Test void arcsOfAShallowBayAreOneRoundWall() {
        Seeds.each(20, seed -> {
            Random random = new Random(seed);
            Sketch s = new Sketch();
            for (double r : new double[] {14000, 14380}) for (int i = 0; i < 5; i++) {
                double from = Math.toRadians(-18 + 8 * i), to = from + Math.toRadians(4), off = 0.4 * random.nextGaussian();
                // the middle place of the arc lies off by some tenths of a millimetre
                Point a = Point.polar(from, r), b = Point.polar((from + to) / 2, r + off), c = Point.polar(to, r);
                Circle round = Circle.about(List.of(a, b, c)).orElseThrow();
                s.arc(round.centre().x(), round.centre().y(), round.radius(), degrees(a, round), degrees(c, round));
            }
            assertThat(walls(s)).singleElement().satisfies(w -> {
                assertThat(w.thickness().value()).isCloseTo(0.38, within(0.002));
                assertThat(w.reference().radius()).isCloseTo(14.19, within(0.15));
                assertThat(w.reference().a().distance(Point.ORIGIN)).isCloseTo(14.19, within(0.005));
                assertThat(w.length()).isCloseTo(Math.toRadians(36) * 14.19, within(0.02));
            });
        });
    }

    private static double degrees(Point p, Circle about) {
        return Math.toDegrees(p.minus(about.centre()).angle());
    }

    @Test void aCircleIsFoundAboutPlacesThatAreOffByALittle() {
        Seeds.each(100, seed -> {
            Random random = new Random(seed);
            Point c = new Point(1e5 * random.nextDouble(), 1e5 * random.nextDouble());
            double r = 0.5 + 20 * random.nextDouble();
            List<Point> on = random.doubles(12, 0, 1).mapToObj(x -> c.plus(Point.polar(6 * x, r + 1e-4 * random.nextGaussian()))).toList();
            Circle found = Circle.about(on).orElseThrow();
            assertThat(on).allMatch(p -> found.off(p) < 1e-3);
        });
        assertThat(Circle.about(List.of(new Point(0, 0), new Point(1, 1), new Point(2, 2), new Point(5, 5)))).isEmpty();
        assertThat(Circle.about(List.of(new Point(0, 0), new Point(1, 1)))).isEmpty();
    }

    @Test void aRoundWallGoesOnToTheWallsThatItMeets() {
        Sketch s = new Sketch().arc(0, 0, 4000, 3, 177).arc(0, 0, 4300, 3, 177)
            .wall(-6000, 6000, -150, 300);
        Wall round = walls(s).stream().filter(w -> !w.reference().isStraight()).findFirst().orElseThrow();
        assertThat(round.reference().a().y()).isCloseTo(0, within(1e-6));
        assertThat(round.reference().b().y()).isCloseTo(0, within(1e-6));
        assertThat(round.reference().radius()).isCloseTo(4.15, within(1e-6));
    }

    /** A stair tower with a wall towards its middle: both of its ends meet that wall at one place. */
    @Test void aRoundWallThatIsNearlyClosedStaysAsItIs() {
        Sketch s = new Sketch().arc(0, 0, 4000, 3, 357).arc(0, 0, 4300, 3, 357).wall(2000, 8000, -75, 150);
        Wall round = walls(s).stream().filter(w -> !w.reference().isStraight()).findFirst().orElseThrow();
        assertThat(round.length()).isCloseTo(Math.toRadians(354) * 4.15, within(0.01));
    }

    private static Passages passages(String walls) {
        return new Passages(Walls.read(walls), List.of());
    }

    @Test void endsThatMeetNothingLeaveAPassageBetween() {
        String room = "a 0 0 -> 0 6 thick 0.3\nb 8 0 -> 8 6 thick 0.3\n";
        Passages open = passages(room + "c 0 3 -> 3 3 thick 0.1\nd 5 3 -> 8 3 thick 0.1");
        assertThat(open.walls()).hasSize(3);
        assertThat(open.gaps()).singleElement().satisfies(g -> {
            assertThat(g.at().distance(new Point(4, 3))).isLessThan(1e-9);
            assertThat(g.width()).isCloseTo(2, within(1e-9));
            Wall whole = open.walls().stream().filter(w -> w.id().equals(g.wall())).findFirst().orElseThrow();
            assertThat(whole.length()).isCloseTo(8, within(1e-9));
            assertThat(Recognised.isSure(whole)).isFalse();
        });
        // drawn the other way, and in two passages
        assertThat(passages(room + "c 3 3 -> 0 3 thick 0.1\nd 8 3 -> 5 3 thick 0.1").walls()).hasSize(3);
        assertThat(passages(room + "c 0 3 -> 2 3 thick 0.1\nd 3 3 -> 5 3 thick 0.1\ne 6 3 -> 8 3 thick 0.1").gaps()).hasSize(2);
    }

    @Test void acrossACorridorTwoPartitionsStayTwo() {
        String room = "a 0 0 -> 0 6 thick 0.3\nb 8 0 -> 8 6 thick 0.3\nf 3 0 -> 3 6 thick 0.1\ng 5 0 -> 5 6 thick 0.1\n";
        assertThat(passages(room + "c 0 3 -> 3 3 thick 0.1\nd 5 3 -> 8 3 thick 0.1").walls()).hasSize(6);
        assertThat(passages("c 0 3 -> 3 3 thick 0.1\nd 5 3 -> 8 3 thick 0.2").walls()).as("of two thicknesses").hasSize(2);
        assertThat(passages("c 0 3 -> 3 3 thick 0.1\nd 5 3.2 -> 8 3.2 thick 0.1").walls()).as("not in line").hasSize(2);
    }

    /** A tenth of a millimetre between a wall's end and the column at its corner lets no room out. */
    @Test void wallsGoOnToTheMiddleOfAColumnAtTheirEnd() {
        List<Wall> before = Walls.read("a 0.3001 0 -> 6 0 thick 0.3\nb 6 0 -> 6 5 thick 0.3\nc 6 5 -> 0 5 thick 0.3\nd 0 5 -> 0 0.3001 thick 0.3");
        Column corner = new Column(ElementId.fresh(), new Section.Rectangle(0.6, 0.6), Point.ORIGIN, 0, Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
        List<StoreyElement> all = new ArrayList<>(before);
        all.add(corner);
        assertThat(Enclosures.of(new Contents(all), Tolerances.BUILDING).all()).isEmpty();
        Wall a = before.getFirst();
        Opening door = new Opening(ElementId.fresh(), a.id(), 2, Given.stated(0.9), Given.stated(0.0), Given.stated(2.1), new Opening.Filling.Empty(),
            a.from());
        AtColumns at = new AtColumns(placed(new Sketch().line(9000, 9000, 9500, 9000)), _ -> true, before, List.of(door), List.of(corner));
        assertThat(Enclosures.of(new Contents(List.copyOf(at.walls())), Tolerances.BUILDING).all()).hasSize(1);
        Opening moved = at.openings().getFirst();
        Wall longer = at.walls().stream().filter(w -> w.id().equals(a.id())).findFirst().orElseThrow();
        assertThat(longer.middle(moved.along()).distance(a.middle(door.along()))).isLessThan(1e-9);
        assertThat(longer.reference().a().distance(Point.ORIGIN)).isLessThan(1e-9);
    }

    /** A column stands askew to the middles of the walls at a corner; of the pier between it and a window one face alone is drawn. */
    @Test void wallsMeetInTheColumnThatBothEndIn() {
        List<Wall> walls = Walls.read("a 0 0 -> 5.8 0 thick 0.25\nb 6 0.5 -> 6 5 thick 0.25");
        Column c = new Column(ElementId.fresh(), new Section.Rectangle(0.4, 0.4), new Point(5.925, 0.075), 0, Stand.FLOOR, Top.NEXT, Provenance.BY_HAND);
        PlacedDrawing face = placed(new Sketch().line(5875, 275, 5875, 500));
        List<Wall> met = new AtColumns(face, _ -> true, walls, List.of(), List.of(c)).walls();
        assertThat(met.getFirst().reference().b().distance(new Point(6, 0))).isLessThan(1e-9);
        assertThat(met.getLast().reference().a().distance(new Point(6, 0))).isLessThan(1e-9);
        PlacedDrawing bare = placed(new Sketch().line(5875, 400, 5875, 500));
        assertThat(new AtColumns(bare, _ -> true, walls, List.of(), List.of(c)).walls().getLast()).as("no face up to it").isEqualTo(walls.getLast());
        assertThat(new AtColumns(face, _ -> false, walls, List.of(), List.of(c)).walls().getLast()).as("a dimension").isEqualTo(walls.getLast());
    }
}
