package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;

import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Role;
import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.Seeds;
import brightlintel.notation.Sketch;
import brightlintel.notation.Walls;
import brightlintel.place.PlacedDrawing;

/** Walls of several layers, tiles both ways, beds beside measures, and what was drawn by a hand that slips. */
class LayersTest {
    private static PlacedDrawing placed(Sketch s) {
        return Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
    }

    private static List<Wall> walls(PlacedDrawing d) {
        return new WallFinding(d, new StrokeRoles.FaceRoles(i -> !layer(d, i).equals("MEASURES"), i -> layer(d, i).equals("MEASURES"), _ -> false,
            _ -> true, i -> !layer(d, i).equals("MEASURES"))).walls();
    }

    private static String layer(PlacedDrawing d, int stroke) {
        return d.strokes().layers().get(d.strokes().layerOf(stroke)).name();
    }

    /** Faces and layers at places across, each broken at two openings with jambs. */
    private static Sketch wall(double... across) {
        Sketch s = new Sketch();
        double[] at = {0, 2000, 3200, 5600, 6500, 9000};
        for (double y : across) for (int i = 0; i < at.length; i += 2) s.line(at[i], y, at[i + 1], y);
        for (int i = 1; i + 1 < at.length; i++) s.line(at[i], across[0], at[i], across[across.length - 1]);
        return s;
    }

    /** Law: however thick its layers are, as long as each knows of the openings. */
    @Test void aWallIsAsThickAsAllOfItsLayers() {
        Seeds.each(40, seed -> {
            Random r = new Random(seed);
            double plaster = 15 + r.nextInt(10), core = 100 + r.nextInt(140), wool = 60 + r.nextInt(120), facing = r.nextBoolean() ? 0 : 90 + r.nextInt(30);
            double[] across = facing > 0 ? new double[] {0, plaster, plaster + core, plaster + core + wool, plaster + core + wool + facing}
                : new double[] {0, plaster, plaster + core, plaster + core + wool};
            double whole = across[across.length - 1] / 1000;
            assertThat(walls(placed(wall(across)))).as("layers " + List.of(plaster, core, wool, facing)).singleElement().satisfies(w -> {
                assertThat(w.thickness().value()).isCloseTo(whole, within(1e-3));
                assertThat(w.middle(1).y()).isCloseTo(whole / 2, within(1e-6));
                assertThat(w.length()).isCloseTo(9, within(1e-6));
                assertThat(Recognised.isSure(w)).isTrue();
            });
        });
    }

    /** A rail runs past the openings, a bench stands at one pier: neither is a layer. */
    @Test void whatKnowsNothingOfTheOpeningsIsNoLayer() {
        for (Sketch s : List.of(wall(0, 200).line(0, 280, 9000, 280), wall(0, 200).line(300, 330, 1700, 330)))
            assertThat(walls(placed(s))).singleElement().satisfies(w -> assertThat(w.thickness().value()).isCloseTo(0.2, within(1e-6)));
    }

    @Test void layersThatNoOpeningSpeaksForAreLookedAt() {
        Sketch s = new Sketch();
        for (double y : new double[] {0, 180, 260}) s.line(0, y, 5000, y);
        s.line(0, 0, 0, 260).line(5000, 0, 5000, 260);
        assertThat(walls(placed(s))).singleElement().satisfies(w -> {
            assertThat(w.thickness().value()).isCloseTo(0.26, within(1e-6));
            assertThat(Recognised.isSure(w)).isFalse();
        });
    }

    /** Lines of layers between two openings begin and end together as panes do. */
    @Test void aPierOfLayersIsNoWindow() {
        Sketch s = wall(0, 20, 200, 300);
        s.on("GLASS");
        for (double y : new double[] {0, 130, 170, 300}) s.line(2000, y, 3200, y);
        List<Wall> w = Walls.read("a 0 0.15 -> 9 0.15 thick 0.3");
        PlacedDrawing d = placed(s);
        for (boolean told : new boolean[] {true, false}) {
            List<Opening> out = new Opened(d, i -> layer(d, i).equals("GLASS") ? Role.WINDOW : Role.WALL, i -> told && !layer(d, i).equals("GLASS"), w)
                .of(List.of());
            assertThat(out).as("layer told: " + told).filteredOn(o -> o.filling() instanceof Opening.Filling.Window).singleElement().satisfies(o ->
                assertThat(o.along()).isCloseTo(2.6, within(1e-6)));
        }
    }

    /** In a room so small that three lines fit one way and two the other. */
    @Test void tilesBothWaysAreNoWalls() {
        Sketch tiles = new Sketch();
        for (double x : new double[] {300, 900}) tiles.line(x, 0, x, 1800);
        for (double y : new double[] {200, 800, 1400}) tiles.line(0, y, 1450, y);
        assertThat(walls(placed(tiles))).isEmpty();
        // two walls that cross without being cleaned
        Sketch cross = new Sketch();
        for (double o : new double[] {2000, 2600}) cross.line(o, 0, o, 5000).line(0, o, 5000, o);
        assertThat(walls(placed(cross))).hasSize(2);
    }

    @Test void aMeasureBesideABedIsNoFace() {
        Sketch s = new Sketch().rectangle(0, 0, 2300, 1440).on("MEASURES").line(-60, 1610, 2370, 1610);
        assertThat(walls(placed(s))).isEmpty();
        // round a small room drawn by its inner outline there are walls
        Sketch room = new Sketch().rectangle(0, 0, 2300, 1440).rectangle(-200, -200, 2700, 1840);
        assertThat(walls(placed(room))).hasSize(4);
    }

    /** Law: with every end up to half a centimetre off either way, walls come out as if they had been drawn exactly, within what the hand slipped. */
    @Test void aHandThatSlipsIsMeasuredAndSetRight() {
        Seeds.each(30, seed -> {
            Random r = new Random(seed);
            Sketch s = new Sketch();
            // a house of three by two rooms, walls of 240, each face in pieces
            for (int i = 0; i <= 3; i++) for (int k = 0; k < 2; k++) for (double side : new double[] {-120, 120})
                slipped(s, r, 4000 * i + side, 3500 * k + 120, 4000 * i + side, 3500 * k + 3380);
            for (int k = 0; k <= 2; k++) for (int i = 0; i < 3; i++) for (double side : new double[] {-120, 120})
                slipped(s, r, 4000 * i + 120, 3500 * k + side, 4000 * i + 3880, 3500 * k + side);
            List<Wall> w = walls(placed(s));
            assertThat(w).hasSize(7).allSatisfy(x -> assertThat(x.thickness().value()).isCloseTo(0.24, within(0.012)));
            assertThat(w).allSatisfy(x -> {
                Point u = x.reference().direction(0);
                double off = Math.abs(u.x()) > 0.5 ? x.middle(x.length() / 2).y() / 3.5 : x.middle(x.length() / 2).x() / 4;
                assertThat(Math.abs(off - Math.rint(off))).isLessThan(0.004);
            });
        });
    }

    private static void slipped(Sketch s, Random r, double x0, double y0, double x1, double y1) {
        s.line(x0 + slip(r), y0 + slip(r), x1 + slip(r), y1 + slip(r));
    }

    private static double slip(Random r) {
        return 5 * (2 * r.nextDouble() - 1);
    }
}
