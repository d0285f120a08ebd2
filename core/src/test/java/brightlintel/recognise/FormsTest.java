package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;

import org.junit.jupiter.api.Test;

import brightlintel.building.Column;
import brightlintel.building.Placement;
import brightlintel.building.Role;
import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.Sketch;
import brightlintel.notation.Walls;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.DrawnMarks;

/** What is told by form alone, where layers say nothing: frames of words, columns in walls, windows between faces, gaps. */
class FormsTest {
    private static PlacedDrawing placed(Sketch s) {
        return Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
    }

    private static List<Wall> walls(PlacedDrawing d, IntPredicate opens) {
        return new WallFinding(d, new StrokeRoles.FaceRoles(_ -> true, _ -> false, opens, _ -> true, _ -> false)).walls();
    }

    /** A frame round words is as slender as a wall; without words it might be one, and across a wall it takes nothing of it. */
    @Test void whatFramesWordsIsNoWall() {
        Sketch frame = new Sketch().rectangle(0, 0, 2000, 420);
        assertThat(walls(placed(frame), _ -> false)).hasSize(1);
        assertThat(walls(placed(new Sketch().rectangle(0, 0, 2000, 420).text("Changing B", 1000, 210, 240, 0)), _ -> false)).isEmpty();
        Sketch across = new Sketch().wall(-3000, 5000, 100, 120).rectangle(0, 0, 2000, 420).text("Changing B", 1000, 210, 240, 0);
        assertThat(walls(placed(across), _ -> false)).singleElement().satisfies(w -> assertThat(w.length()).isCloseTo(8, within(1e-6)));
    }

    /** A door in a crossing wall stands in the gap beside it, and fills little of it. */
    @Test void aWideGapIsOpenWhereWhatOpensFillsIt() {
        Sketch s = new Sketch().wall(0, 3000, 0, 100).wall(7000, 9000, 0, 100).on("DOORS").line(6800, 50, 6800, -800);
        PlacedDrawing d = placed(s);
        IntPredicate doors = i -> d.strokes().layers().get(d.strokes().layerOf(i)).name().equals("DOORS");
        assertThat(new WallFinding(d, new StrokeRoles.FaceRoles(i -> !doors.test(i), _ -> false, doors, _ -> true, _ -> false)).walls()).hasSize(2);
        PlacedDrawing gate = placed(new Sketch().wall(0, 3000, 0, 100).wall(7000, 9000, 0, 100).on("DOORS").line(3100, 50, 6900, 50));
        IntPredicate gates = i -> gate.strokes().layers().get(gate.strokes().layerOf(i)).name().equals("DOORS");
        assertThat(new WallFinding(gate, new StrokeRoles.FaceRoles(i -> !gates.test(i), _ -> false, gates, _ -> true, _ -> false)).walls()).hasSize(1);
    }

    private static List<Column> posts(Sketch s, List<Wall> walls) {
        PlacedDrawing d = placed(s);
        return new Posts(List.of(), DrawnMarks.all(d, _ -> true), _ -> true, walls, List.of()).columns();
    }

    /** Squares alike, wider than the walls that their middles lie in; chairs stand free, and a cupboard is crossed once. */
    @Test void columnsAreToldByWhereTheyStand() {
        List<Wall> walls = Walls.read("a 0 0 -> 12 0 thick 0.2\nb 0 6 -> 12 6 thick 0.2");
        Sketch in = new Sketch(), free = new Sketch(), crossed = new Sketch();
        for (int i = 0; i < 4; i++) {
            in.rectangle(3000 * i + 800, i % 2 == 0 ? -200 : 5800, 400, 400);
            free.rectangle(3000 * i + 800, 2000, 400, 400);
            crossed.rectangle(3000 * i + 800, -200, 400, 400).line(3000 * i + 800, -200, 3000 * i + 1200, 200);
        }
        assertThat(posts(in, walls)).hasSize(4).allMatch(c -> !Recognised.isSure(c));
        assertThat(posts(free, walls)).isEmpty();
        assertThat(posts(crossed, walls)).isEmpty();
    }

    private static List<Glazing.Window> windows(Sketch s, Wall w, List<Wall> others) {
        PlacedDrawing d = placed(s);
        return new Glazing(d, i -> d.strokes().layers().get(d.strokes().layerOf(i)).name().startsWith("GLASS") ? Role.WINDOW : Role.WALL)
            .in(others).entrySet().stream().filter(e -> e.getKey().id().equals(w.id())).map(Map.Entry::getValue).findFirst().orElse(List.of());
    }

    /** Its faces are on two layers of walls, and a third draws the panes. */
    @Test void aWallOnTwoLayersHasItsWindowsToo() {
        Sketch s = new Sketch().on("WALLS-OUT").wall(0, 2000, 0, 300).line(0, 0, 0, 300).on("WALLS-IN").wall(3500, 6000, 0, 300).line(6000, 0, 6000, 300)
            .on("GLASS").wall(2000, 3500, 0, 300);
        // rooms behind, on the inner layer
        s.on("WALLS-IN");
        for (int i = 0; i < 3; i++) s.wall(0, 6000, 2000 + 1000 * i, 300);
        List<Wall> w = Walls.read("a 0 0.15 -> 6 0.15 thick 0.3\nb 0 2.15 -> 6 2.15 thick 0.3\nc 0 3.15 -> 6 3.15 thick 0.3\nd 0 4.15 -> 6 4.15 thick 0.3");
        assertThat(windows(s, w.getFirst(), w)).singleElement().satisfies(g -> {
            assertThat(g.from()).isCloseTo(2, within(1e-6));
            assertThat(g.to()).isCloseTo(3.5, within(1e-6));
        });
    }

    /** Columns stand where walls meet, so that panes and not faces are drawn beside them. */
    @Test void whatIsToldToBeAWindowDrawsNoWall() {
        Sketch s = new Sketch().on("GLASS").wall(0, 1800, 0, 300).on("WALLS").wall(1800, 2600, 0, 300).on("GLASS").wall(2600, 4400, 0, 300).on("WALLS")
            .wall(4400, 5200, 0, 300).on("GLASS").wall(5200, 6000, 0, 300);
        List<Wall> w = Walls.read("a 0 0.15 -> 6 0.15 thick 0.3");
        assertThat(windows(s, w.getFirst(), w)).singleElement().satisfies(g -> {
            assertThat(g.from()).isCloseTo(2.6, within(1e-6));
            assertThat(g.to()).isCloseTo(4.4, within(1e-6));
        });
    }
}
