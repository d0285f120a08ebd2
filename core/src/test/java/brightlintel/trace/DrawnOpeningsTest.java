package brightlintel.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Wall;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.Sketch;
import brightlintel.notation.Walls;
import brightlintel.place.PlacedDrawing;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Doors and windows taken from what is drawn, in walls drawn either way, turned by any angle. */
class DrawnOpeningsTest {
    private static PlacedDrawing placed(Sketch s) {
        return Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
    }

    /** A wall along x; the leaf hangs at x = 2 and opens upwards to x = 2.9 when shut. */
    @ParameterizedTest @CsvSource({"0, false", "0, true", "37, false", "37, true", "-120, false", "90, true"})
    void aLeafTellsWidthHandAndSide(double degrees, boolean backwards) {
        double turn = Math.toRadians(degrees);
        Sketch s = new Sketch().line(2000, 100, 2000, 1000).arc(2000, 100, 900, 0, 90).line(0, 100, 2000, 100).line(0, -100, 2000, -100);
        PlacedDrawing d = placed(s.turned(turn));
        Wall w = Walls.read("a 0 0 -> 6 0 thick 0.2").getFirst();
        Piece p = w.reference().mapped(Affine.turn(turn));
        Wall wall = w.with(backwards ? p.reversed() : p);
        DrawnOpenings.Symbol x = DrawnOpenings.at(new Point(2.4, 0.5).turn(turn), 0.05, false, List.of(wall), List.of(d)).orElseThrow();
        assertThat(x.width()).isCloseTo(0.9, within(1e-6));
        assertThat(wall.reference().at((x.from() + x.to()) / 2).distance(new Point(2.45, 0).turn(turn))).isLessThan(1e-6);
        Opening.Filling.Door door = (Opening.Filling.Door) x.filling();
        assertThat(door.hingeFar()).isEqualTo(backwards);
        assertThat(door.opensLeft()).isEqualTo(!backwards);
        assertThat(x.provenance().on()).hasSize(1);
        assertThat(DrawnOpenings.at(new Point(4.5, 0.5).turn(turn), 0.05, false, List.of(wall), List.of(d))).isEmpty();
    }

    @Test void linesWithinAWallAreAWindowAndAllAlikeAreFound() {
        Sketch s = new Sketch();
        for (double x : new double[] {1000, 4000, 7000}) for (double y : new double[] {-150, 0, 150}) s.line(x, y, x + 1200, y);
        s.line(9000, -150, 9500, -150).line(9000, 150, 9500, 150);
        PlacedDrawing d = placed(s);
        List<Wall> walls = Walls.read("a 0 0 -> 12 0 thick 0.3\nb 0 5 -> 12 5 thick 0.3");
        DrawnOpenings.Symbol x = DrawnOpenings.at(new Point(1.5, 0.02), 0.05, true, walls, List.of(d)).orElseThrow();
        assertThat(x.from()).isCloseTo(1, within(1e-6));
        assertThat(x.to()).isCloseTo(2.2, within(1e-6));
        assertThat(x.strokes()).hasSize(3);
        List<DrawnOpenings.Symbol> all = DrawnOpenings.all(true, walls, d);
        assertThat(all).as("a piece of wall between two gaps is no window").hasSize(3).allMatch(o -> o.isLike(x));
    }

    @Test void twoLeavesThatMeetAreOneDoor() {
        PlacedDrawing d = placed(new Sketch().arc(2000, 100, 800, 0, 90).arc(3600, 100, 800, 90, 180).arc(8000, 100, 800, 0, 90));
        List<Wall> walls = Walls.read("a 0 0 -> 12 0 thick 0.2");
        List<DrawnOpenings.Symbol> all = DrawnOpenings.all(false, walls, d);
        assertThat(all).hasSize(2);
        DrawnOpenings.Symbol two = DrawnOpenings.at(new Point(3, 0.4), 0.05, false, walls, List.of(d)).orElseThrow();
        assertThat(two.width()).isCloseTo(1.6, within(1e-6));
        assertThat(two.filling()).isEqualTo(new Opening.Filling.Door(false, true, Opening.Filling.Way.DOUBLE));
        assertThat(two.strokes()).hasSize(2);
    }

    @Test void anArcFarFromWallsIsNoDoor() {
        PlacedDrawing d = placed(new Sketch().arc(2000, 3000, 900, 0, 90));
        assertThat(DrawnOpenings.all(false, Walls.read("a 0 0 -> 6 0 thick 0.2"), d)).isEmpty();
    }

    /** Faces in pieces with jambs between: a pier has its faces, a gap has none; lines that close a gap on another layer are no faces. */
    @ParameterizedTest @CsvSource({"0, false", "25, true", "-140, false"})
    void gapsBetweenJambsAreTaken(double degrees, boolean closed) {
        double turn = Math.toRadians(degrees);
        Sketch s = new Sketch().on("walls");
        for (double y : new double[] {-150, 150}) s.line(0, y, 2000, y).line(3500, y, 6000, y).line(7000, y, 10000, y);
        for (double x : new double[] {2000, 3500, 6000, 7000}) s.line(x, -150, x, 150);
        if (closed) for (double y : new double[] {-150, 150}) s.on("doors").line(2000, y, 3500, y);
        PlacedDrawing d = placed(s.turned(turn));
        Wall flat = Walls.read("a 0 0 -> 10 0 thick 0.3").getFirst();
        Wall w = flat.with(flat.reference().mapped(Affine.turn(turn)));
        DrawnOpenings.Symbol x = DrawnOpenings.at(new Point(2.5, 0).turn(turn), 0.05, false, List.of(w), List.of(d)).orElseThrow();
        assertThat(x.sort()).isEqualTo(DrawnOpenings.Sort.GAP);
        assertThat(x.from()).isCloseTo(2, within(1e-6));
        assertThat(x.to()).isCloseTo(3.5, within(1e-6));
        assertThat(x.filling()).isInstanceOf(Opening.Filling.Empty.class);
        assertThat(DrawnOpenings.at(new Point(5, 0).turn(turn), 0.05, false, List.of(w), List.of(d))).as("a pier").isEmpty();
        assertThat(DrawnOpenings.all(false, List.of(w), d)).extracting(DrawnOpenings.Symbol::from).satisfies(all -> assertThat(all).hasSize(2));
    }

    @Test void aGapWithGlassInItIsAWindow() {
        Sketch s = new Sketch();
        for (double y : new double[] {-150, 150}) s.line(0, y, 2000, y).line(3500, y, 6000, y);
        for (double x : new double[] {2000, 3500}) s.line(x, -150, x, 150);
        for (double y : new double[] {-30, 30}) s.line(2000, y, 3500, y);
        PlacedDrawing d = placed(s);
        List<Wall> walls = Walls.read("a 0 0 -> 6 0 thick 0.3");
        assertThat(DrawnOpenings.at(new Point(2.5, 0), 0.05, false, walls, List.of(d))).isEmpty();
        assertThat(DrawnOpenings.all(false, walls, d)).isEmpty();
        assertThat(DrawnOpenings.all(true, walls, d)).hasSize(1);
    }
}
