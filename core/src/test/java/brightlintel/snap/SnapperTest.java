package brightlintel.snap;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Clearing;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.notation.Drawings;
import brightlintel.notation.Walls;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.Across;
import brightlintel.trace.Supports;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

class SnapperTest {
    /** The drawing is in centimetres, turned a quarter: the places must come out in metres, exact. */
    private static PlacedDrawing placed(String text) throws IOException {
        Strokes s = Flattening.of(Drawings.read(text), new SpaceKey.Model(), ReadLimits.DEFAULT, Progress.NONE);
        Placement p = Placement.assumed(0.01, Point.ORIGIN).withTurn(Given.stated(Math.PI / 2));
        return Drawings.placed("0", s, p, Clearing.NONE);
    }

    private static List<Snap> near(PlacedDrawing d, double x, double y, Point from) {
        return new Snapper(new Snapper.Scene(List.of(d), List.of(), List.of(), List.of()), SnapSettings.USUAL)
            .near(new Point(x, y), 0.1, Optional.ofNullable(from));
    }

    private static void is(List<Snap> found, SnapKind kind, double x, double y) {
        assertThat(found).as(found.toString()).anySatisfy(s -> {
            assertThat(s.kind()).isEqualTo(kind);
            assertThat(s.at().distance(new Point(x, y))).isLessThan(1e-9);
        });
    }

    @Test void endsMiddlesAndCrossingsAreExact() throws IOException {
        PlacedDrawing d = placed("""
            A  0 0  400 0
            A  100 -100  100 300
            """);
        is(near(d, 0.05, 0.02, null), SnapKind.END, 0, 0);
        is(near(d, 0.01, 2.04, null), SnapKind.MIDDLE, 0, 2);
        is(near(d, 0.03, 1.04, null), SnapKind.CROSSING, 0, 1);
        is(near(d, 0.03, 3.1, null), SnapKind.ON_STROKE, 0, 3.1);
    }

    @Test void aCentreAndASquareFootLieOnTheTrueCircleNotOnItsChords() throws IOException {
        PlacedDrawing d = placed("A circle 200 0 150\nA  0 0  0 500");
        is(near(d, 0.03, 2.02, null), SnapKind.CENTRE, 0, 2);
        Point from = new Point(3, 2 + 4);
        List<Snap> s = near(d, 1.5 * 3 / 5, 2 + 1.5 * 4 / 5, from);
        is(s, SnapKind.SQUARE_TO, 0.9, 3.2);
    }

    @Test void aCrossingUnderThePointerBeatsAnEndAtTheRim() throws IOException {
        PlacedDrawing d = placed("A  0 0  400 0\nA  100 -100  100 300\nA  108 0  150 200");
        assertThat(near(d, 0.0, 1.0, null).getFirst().kind()).isEqualTo(SnapKind.CROSSING);
    }

    @Test void gridCrossingsAndModelCornersCountToo() {
        Snapper.Scene scene = new Snapper.Scene(List.of(),
            List.of(Piece.straight(new Point(0, -5), new Point(0, 5)), Piece.straight(new Point(-5, 1), new Point(5, 1))),
            List.of(new Point(3, 3)), List.of(Piece.straight(new Point(3, 3), new Point(9, 3))));
        Snapper s = new Snapper(scene, SnapSettings.USUAL);
        assertThat(s.near(new Point(0.02, 1.03), 0.1, Optional.empty()).getFirst())
            .satisfies(x -> assertThat(x.kind()).isEqualTo(SnapKind.GRID_CROSSING));
        assertThat(s.near(new Point(3.01, 3.01), 0.1, Optional.empty()).getFirst().kind()).isEqualTo(SnapKind.MODEL_CORNER);
        assertThat(new Snapper(scene, SnapSettings.USUAL.toggled(SnapSource.GRID)).near(new Point(0.02, 1.03), 0.1, Optional.empty()))
            .isEmpty();
        SnapSettings even = SnapSettings.USUAL.toggled(SnapKind.EVEN_STEP);
        assertThat(new Snapper(scene, even).near(new Point(7.04, -2.97), 0.01, Optional.empty()).getFirst().at().distance(new Point(7, -3)))
            .isLessThan(1e-9);
    }

    @Test void hiddenLayersAreNotSnappedTo() throws IOException {
        PlacedDrawing d = placed("A  0 0  400 0");
        PlacedDrawing hidden = d.with(d.underlay().with(Clearing.ofLayers(Set.of("a"))));
        assertThat(near(hidden, 0, 0, null)).isEmpty();
    }

    @Test void aThicknessIsReadAcrossADrawnWallAtAnyAngle() throws IOException {
        PlacedDrawing d = placed("A  0 0  500 0\nA  0 36  500 36\nA  0 18  500 18");
        Across.Reading r = Across.read(new Point(0.2, 2), new Point(-0.6, 2.5), List.of(d), Tolerances.BUILDING).getFirst();
        assertThat(r.thickness()).isCloseTo(0.36, Assertions.within(1e-9));
        assertThat(Across.read(new Point(0.2, 2), new Point(-0.1, 2), List.of(d), Tolerances.BUILDING)).isEmpty();
    }

    @Test void aWallNamesTheStrokesItLiesOnAndHowFarOff() throws IOException {
        PlacedDrawing d = placed("A  0 0  500 0\nA  0 36  500 36");
        var on = Supports.ofWall(Walls.read("w -0.18 0 -> -0.18 5 thick 0.35").getFirst(), List.of(d));
        assertThat(on).hasSize(2).allSatisfy(s -> assertThat(s.distance()).isCloseTo(0.005, Assertions.within(1e-6)));
        assertThat(d.find(on.getFirst())).isPresent();
    }

    @Test void aLineFromAPlaceTouchesACircleAtItsTangent() throws IOException {
        PlacedDrawing d = placed("A circle 0 0 300");
        // from 5 away a circle of radius 3 is touched 4 along the line, 9/5 up and 12/5 across
        is(near(d, 1.8, 2.42, new Point(5, 0)), SnapKind.TANGENT, 1.8, 2.4);
        is(near(d, 1.8, -2.42, new Point(5, 0)), SnapKind.TANGENT, 1.8, -2.4);
        assertThat(near(d, 1.8, 2.42, new Point(1, 0))).as("from within there is none").noneMatch(s -> s.kind() == SnapKind.TANGENT);
    }

    @Test void anArcIsPartedEvenlyInTheBuildingHoweverItWasDrawn() throws IOException {
        SnapSettings on = SnapSettings.USUAL.toggled(SnapKind.ROUND_STEP).withRound(Math.toRadians(10));
        for (boolean mirrored : new boolean[] {false, true}) {
            Placement p = Placement.assumed(0.01, Point.ORIGIN).withTurn(Given.stated(1.234)).withMirrored(mirrored);
            PlacedDrawing d = Drawings.placed("0", Drawings.strokes(Drawings.read("A circle 0 0 300")), p, Clearing.NONE);
            Point want = Point.polar(Math.toRadians(40), 3);
            List<Snap> found = new Snapper(new Snapper.Scene(List.of(d), List.of(), List.of(), List.of()), on)
                .near(Point.polar(Math.toRadians(40.6), 3.02), 0.1, Optional.empty());
            assertThat(found).anySatisfy(s -> {
                assertThat(s.kind()).isEqualTo(SnapKind.ROUND_STEP);
                assertThat(s.at().distance(want)).isLessThan(1e-9);
            });
        }
    }

    @Test void twoDrawingsCrossEachOther() throws IOException {
        PlacedDrawing a = placed("A -100 0 100 0"), b = placed("A 0 -100 0 100");
        is(new Snapper(new Snapper.Scene(List.of(a, b), List.of(), List.of(), List.of()), SnapSettings.USUAL.toggled(SnapKind.MIDDLE))
            .near(new Point(0.02, 0.02), 0.1, Optional.empty()), SnapKind.CROSSING, 0, 0);
    }

    @Test void endsOfTheModelAloneIsOneSwitch() throws IOException {
        PlacedDrawing d = placed("A 0 0 400 0");
        Snapper.Scene scene = new Snapper.Scene(List.of(d), List.of(), List.of(new Point(0.05, 0)), List.of());
        SnapSettings only = SnapSettings.USUAL.toggled(SnapSource.MODEL).withModelEndsOnly(true);
        assertThat(only.modelEndsOnly()).isTrue();
        List<Snap> found = new Snapper(scene, only).near(new Point(0, 0.001), 0.1, Optional.empty());
        assertThat(found.getFirst().kind()).isEqualTo(SnapKind.MODEL_CORNER);
        assertThat(found).noneMatch(s -> s.kind() == SnapKind.END);
        assertThat(only.withModelEndsOnly(false).on()).isEqualTo(SnapSettings.USUAL.on());
    }

    /** Of two places that lie alike, that of the source that is first. */
    @Test void theOrderOfKindsAndSourcesDecides() {
        SnapSettings s = SnapSettings.USUAL;
        assertThat(s.moved(SnapKind.EVEN_STEP, -99).order().getFirst()).isEqualTo(SnapKind.EVEN_STEP);
        assertThat(s.moved(SnapKind.END, 1).order().subList(0, 3)).containsExactly(SnapKind.GRID_CROSSING, SnapKind.CROSSING, SnapKind.END);
        assertThat(s.moved(SnapSource.GRID, -2).sources()).containsExactly(SnapSource.GRID, SnapSource.DRAWING, SnapSource.MODEL);
        Snapper.Scene scene = new Snapper.Scene(List.of(), List.of(Piece.straight(new Point(-5, 0.02), new Point(5, 0.02))), List.of(),
            List.of(Piece.straight(new Point(-50, -0.02), new Point(40, -0.02))));
        for (SnapSource first : List.of(SnapSource.MODEL, SnapSource.GRID))
            assertThat(new Snapper(scene, s.moved(first, -9)).near(new Point(0, 0), 0.1, Optional.empty()).getFirst().source())
                .isEqualTo(first);
    }
}
