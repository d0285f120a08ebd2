package brightlintel.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.GridLabels;
import brightlintel.building.GridLine;
import brightlintel.building.Placement;
import brightlintel.building.Provenance;
import brightlintel.building.Slab;
import brightlintel.building.Stand;
import brightlintel.building.Support;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.SlabOutline;
import brightlintel.notation.Drawings;
import brightlintel.notation.Walls;
import brightlintel.place.PlacedDrawing;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class TraceTest {
    private static PlacedDrawing metres(String text) throws IOException {
        return Drawings.placed(Drawings.read(text), Placement.assumed(1, Point.ORIGIN), Set.of());
    }

    private static List<Across.Reading> across(PlacedDrawing d, double ax, double ay, double bx, double by) {
        return Across.read(new Point(ax, ay), new Point(bx, by), List.of(d), Tolerances.BUILDING);
    }

    /** However slanting one crosses, the thickness is square to the faces. */
    @Test void thicknessIsReadSquareToTheFaces() throws IOException {
        PlacedDrawing d = metres("W 0 0 9 0\nW 0 0.24 9 0.24\n");
        for (double slant : new double[] {0, 0.3, -0.8})
            assertThat(across(d, 4, -0.3, 4 + slant, 0.6).getFirst().thickness()).isCloseTo(0.24, within(1e-9));
    }

    /** Plaster and insulation lie close to the outermost two: the wall is as thick as they say. All other pairs are offered after it. */
    @Test void ofManyStrokesTheOutermostTwoAlikeAreTheFaces() throws IOException {
        PlacedDrawing d = metres("W 0 0 9 0\nW 0 0.015 9 0.015\nW 0 0.3 9 0.3\nW 0 0.36 9 0.36\nW 4 -1 4.2 1\n");
        List<Across.Reading> all = across(d, 3.8, -0.2, 4.4, 0.5);
        assertThat(all.stream().map(r -> Math.round(r.thickness() * 1000))).containsExactly(360L, 60L, 285L, 300L, 345L);
    }

    /** Through a window the glazing is crossed too, through a wall on one layer its axis: they are matched by their mirror images. */
    @Test void glazingAndAxesAreNoFaces() throws IOException {
        PlacedDrawing window = metres("G 0 0 2 0\nG 0 0.15 2 0.15\nG 0 0.21 2 0.21\nG 0 0.36 2 0.36\nAXIS 0 0.18 2 0.18\n");
        assertThat(across(window, 1, -0.3, 1.02, 0.6).getFirst().thickness()).isCloseTo(0.36, within(1e-9));
        PlacedDrawing axis = metres("0 0 0 9 0\n0 0 0.1 9 0.1\n0 0 0.2 9 0.2\n");
        assertThat(across(axis, 4, -0.3, 4.02, 0.6).getFirst().thickness()).isCloseTo(0.2, within(1e-9));
    }

    /** Two walls and the corridor between them, all crossed: a wall is read, not the corridor and not all of it. */
    @Test void ofTwoWallsOneIsRead() throws IOException {
        PlacedDrawing d = metres("W 0 0 9 0\nW 0 0.2 9 0.2\nW 0 1.7 9 1.7\nW 0 1.95 9 1.95\n");
        assertThat(across(d, 4, -0.3, 4.02, 2.2).getFirst().thickness()).isCloseTo(0.2, within(1e-9));
    }

    /** A dimension beside the wall runs along it and was crossed too: it is on a layer of its own, and further off. */
    @Test void aDimensionBesideTheWallIsNoFace() throws IOException {
        PlacedDrawing d = metres("WALL 0 0 9 0\nWALL 0 0.36 9 0.36\nDIM 0 0.791 9 0.791\nDIM 3.9 0.69 4.1 0.89\n");
        List<Across.Reading> all = across(d, 4, -0.3, 4.02, 1.2);
        assertThat(all.getFirst().thickness()).isCloseTo(0.36, within(1e-9));
        assertThat(all).anyMatch(r -> Math.abs(r.thickness() - 0.791) < 1e-9);
        PlacedDrawing one = metres("0 0 0 9 0\n0 0 0.36 9 0.36\n0 0 0.791 9 0.791\n0 3.9 0.69 4.1 0.89\n");
        assertThat(across(one, 4, -0.3, 4.02, 1.2).getFirst().thickness()).as("all on one layer").isCloseTo(0.36, within(1e-9));
    }

    @Test void twoWallsAreNotOneThickOne() throws IOException {
        assertThat(across(metres("W 0 0 9 0\nW 0 3.5 9 3.5\n"), 4, -0.5, 4, 4)).isEmpty();
        assertThat(across(metres("W 0 0 9 0\nW 0 0.01 9 0.01\n"), 4, -0.5, 4, 0.5)).isEmpty();
        assertThat(across(metres("W 0 0 9 0\n"), 4, -0.5, 4, 0.5)).isEmpty();
    }

    private static GridLine grid(String label, boolean up) {
        return new GridLine(ElementId.fresh(), label, Optional.empty(), up ? Piece.straight(Point.ORIGIN, new Point(0, 9))
            : Piece.straight(Point.ORIGIN, new Point(9, 0)), Optional.empty(), Provenance.BY_HAND);
    }

    /** I and O read as 1 and 0: they are left out, in pairs of letters too. */
    @Test void labelsRunOnByThemselves() {
        List<GridLine> lines = new ArrayList<>();
        List<String> letters = new ArrayList<>(), figures = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            boolean up = i % 2 == 0;
            String next = GridLabels.next(grid("", up).line(), lines);
            (up ? letters : figures).add(next);
            lines.add(grid(next, up));
        }
        assertThat(letters).startsWith("A", "B", "C").contains("H", "J", "N", "P", "Z", "AA", "AB").doesNotContain("I", "O")
            .doesNotHaveDuplicates();
        assertThat(figures).startsWith("1", "2", "3").endsWith("30").doesNotHaveDuplicates();
    }

    @Test void labelsGoOnAfterTheHighestInUse() {
        assertThat(GridLabels.next(grid("", false).line(), List.of(grid("7", false), grid("3", false), grid("C", true)))).isEqualTo("8");
        assertThat(GridLabels.next(grid("", true).line(), List.of(grid("7", false), grid("H", true)))).isEqualTo("J");
        assertThat(GridLabels.next(grid("", false).line(), List.of(grid("Achse", false)))).isEqualTo("1");
    }

    private static final String BOX = "a 0 0 -> 6 0 thick 0.3\nb 6 0 -> 6 4 thick 0.3\nc 6 4 -> 0 4 thick 0.3\nd 0 4 -> 0 0 thick 0.3\n";

    @Test void aSlabReachesTheOuterFaces() {
        assertThat(SlabOutline.around(Walls.read(BOX), Tolerances.BUILDING))
            .hasValueSatisfying(r -> assertThat(r.area()).isCloseTo(6.3 * 4.3, within(1e-6)));
    }

    @Test void wallsThatEncloseNothingMakeNoSlab() {
        assertThat(SlabOutline.around(List.of(), Tolerances.BUILDING)).isEmpty();
        assertThat(SlabOutline.around(Walls.read("a 0 0 -> 6 0 thick 0.3\nb 6 0 -> 6 4 thick 0.3\n"), Tolerances.BUILDING)).isEmpty();
    }

    /** Law: the outline turns and moves with its walls, and does not depend on their order. */
    @Test void theOutlineGoesWithItsWalls() {
        Random r = new Random(101);
        double area = SlabOutline.around(Walls.read(BOX), Tolerances.BUILDING).orElseThrow().area();
        for (int i = 0; i < 40; i++) {
            double turn = r.nextDouble() * 7;
            Point by = new Point(r.nextGaussian() * 50, r.nextGaussian() * 50);
            List<Wall> moved = new ArrayList<>(Walls.read(BOX));
            moved.replaceAll(w -> w.with(new Piece(turned(w.reference().a(), turn).plus(by), turned(w.reference().b(), turn).plus(by), 0)));
            Collections.shuffle(moved, r);
            assertThat(SlabOutline.around(moved, Tolerances.BUILDING).orElseThrow().area()).isCloseTo(area, within(1e-6));
        }
    }

    private static Point turned(Point p, double by) {
        return new Point(p.x() * Math.cos(by) - p.y() * Math.sin(by), p.x() * Math.sin(by) + p.y() * Math.cos(by));
    }

    @Test void wallsHangTogetherThroughOthers() {
        List<Wall> walls = Walls.read(BOX + "e 3 0 -> 3 4 thick 0.1\nf 20 0 -> 25 0 thick 0.2\n");
        assertThat(SlabOutline.connected(walls, new ElementId("e"), Tolerances.BUILDING)).extracting(ElementId::value)
            .containsExactlyInAnyOrder("a", "b", "c", "d", "e");
        assertThat(SlabOutline.connected(walls, new ElementId("f"), Tolerances.BUILDING)).extracting(ElementId::value).containsExactly("f");
    }

    /** A slab keeps to its walls while all of them stand; when one is gone it stays where it was drawn. */
    @Test void aSlabFollowsItsWallsWhileAllStand() {
        List<Wall> walls = Walls.read(BOX);
        Ring drawn = new Ring(List.of(new Point(0, 0), new Point(1, 0), new Point(1, 1)));
        Slab s = new Slab(ElementId.fresh(), drawn, List.of(), Stand.FLOOR, Given.stated(0.2),
            Optional.of(Set.of(new ElementId("a"), new ElementId("b"), new ElementId("c"), new ElementId("d"))), Provenance.BY_HAND);
        assertThat(SlabOutline.of(s, new Contents(walls).plus(List.of(s)), Tolerances.BUILDING).area()).isCloseTo(6.3 * 4.3, within(1e-6));
        assertThat(SlabOutline.of(s, new Contents(walls.subList(0, 3)).plus(List.of(s)), Tolerances.BUILDING)).isEqualTo(drawn);
    }

    @Test void aWallKnowsTheStrokesOnItsFacesAndHowFarTheyLie() throws IOException {
        PlacedDrawing d = metres("W 0 0.1 6 0.1\nW 0 -0.105 6 -0.105\nW 0 0.5 6 0.5\nW 3 -2 3 2\n");
        List<Support> on = Supports.ofWall(Walls.read("a 0 0 -> 6 0 thick 0.2").getFirst(), List.of(d));
        assertThat(on).extracting(Support::face).containsExactlyInAnyOrder(Support.Face.LEFT, Support.Face.RIGHT);
        for (Support s : on) assertThat(s.distance()).isCloseTo(s.face() == Support.Face.LEFT ? 0 : 0.005, within(1e-6));
    }

    @Test void aWallDrawnAsOneStrokeStandsOnItsAxis() throws IOException {
        List<Support> on = Supports.ofWall(Walls.read("a 0 0 -> 6 0 thick 0.2").getFirst(), List.of(metres("W 0 0 6 0\n")));
        assertThat(on).extracting(Support::face).containsExactly(Support.Face.AXIS);
    }
}
