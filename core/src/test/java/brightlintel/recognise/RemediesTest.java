package brightlintel.recognise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Column;
import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Section;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.edit.Tracing;
import brightlintel.geom.Point;
import brightlintel.notation.Drawings;
import brightlintel.notation.Sketch;
import brightlintel.notation.Walls;
import brightlintel.place.PlacedDrawing;
import brightlintel.recognise.Leftover.Reason;
import brightlintel.recognise.Remedies.Remedy;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What would make an element of a stroke that became none; strokes in millimetres, walls in metres. */
class RemediesTest {
    private static PlacedDrawing placed(Sketch s) {
        return Drawings.placed(s.drawing(), Placement.assumed(0.001, Point.ORIGIN), Set.of());
    }

    private static Optional<Remedy> of(Sketch s, int stroke, Reason why, double figure, String walls) {
        Project p = Project.empty("p", "");
        StoreyId on = p.storeys().getFirst().id();
        if (!walls.isEmpty()) p = Tracing.addWalls(on, Walls.read(walls)).apply(p);
        PlacedDrawing d = placed(s);
        return new Remedies(d, p, on, 0.2).of(new Leftover(why, stroke, d.curve(stroke).at(0.5), d.curve(stroke).length(), figure));
    }

    private static List<Wall> walls(Optional<Remedy> r) {
        return ((Remedy.Walls) r.orElseThrow()).walls();
    }

    @Test void aFaceAloneBecomesAWallAlongIt() {
        assertThat(walls(of(new Sketch().line(0, 0, 3000, 0), 0, Reason.NO_PARTNER, 0, ""))).singleElement()
            .satisfies(w -> assertThat(Walls.text(List.of(w))).endsWith("0 0 -> 3 0 thick 0.2"));
        Wall round = walls(of(new Sketch().arc(0, 0, 3000, 0, 90), 0, Reason.NO_FACE, 0, "")).getFirst();
        assertThat(round.reference().radius()).isCloseTo(3, within(1e-9));
    }

    @Test void aFreeCurveBecomesArcsThatLieOnIt() {
        Sketch s = new Sketch().quarter(0, 0, 6000, 2500);
        List<Wall> made = walls(of(s, 0, Reason.NO_FACE, 0, ""));
        assertThat(made).hasSizeBetween(2, 16);
        PlacedDrawing d = placed(s);
        for (int i = 0; i <= 40; i++) {
            Point p = d.curve(0).at(i / 40.0);
            assertThat(made.stream().mapToDouble(w -> w.reference().distance(p)).min().orElseThrow()).isLessThan(0.021);
        }
        for (int i = 1; i < made.size(); i++) assertThat(made.get(i).reference().a()).isEqualTo(made.get(i - 1).reference().b());
    }

    @Test void aFaceTooFarFromItsPartnerBecomesAWallBetweenBoth() {
        Sketch s = new Sketch().line(0, 0, 4000, 0).line(4500, 820, 1000, 820);
        assertThat(walls(of(s, 0, Reason.TOO_THICK, 0.82, ""))).singleElement()
            .satisfies(w -> assertThat(Walls.text(List.of(w))).endsWith("1 0.41 -> 4 0.41 thick 0.82"));
        // the same from the other one
        assertThat(walls(of(s, 1, Reason.TOO_THICK, 0.82, ""))).singleElement()
            .satisfies(w -> assertThat(Walls.text(List.of(w))).endsWith("4 0.41 -> 1 0.41 thick 0.82"));
    }

    @Test void theWallOfADoorGoesOnOverItToTheOneThatItMeets() {
        // the arc of a leaf, hinged at 3.1, shut at 4.0
        Sketch s = new Sketch().arc(3100, 100, 900, 0, 90);
        Remedy.InWall r = (Remedy.InWall) of(s, 0, Reason.NO_WALL, 0, "a 0 0 -> 3 0 thick 0.2\nb 4.2 -2 -> 4.2 2 thick 0.2").orElseThrow();
        assertThat(r.isNew()).isFalse();
        assertThat(r.wall().id().value()).isEqualTo("a");
        assertThat(r.wall().reference().b()).as("as far as the other's middle").isEqualTo(new Point(4.2, 0));
        assertThat(r.opening().along()).isCloseTo(3.55, within(1e-6));
        assertThat(r.opening().width().value()).isCloseTo(0.9, within(1e-6));
        assertThat(r.opening().filling()).isInstanceOfSatisfying(Opening.Filling.Door.class, d -> assertThat(d.opensLeft()).isTrue());
    }

    @Test void aWindowWithoutAWallGetsOne() {
        Sketch s = new Sketch().line(0, 0, 1200, 0).line(0, 100, 1200, 100);
        Remedy.InWall r = (Remedy.InWall) of(s, 0, Reason.NO_WALL, 0, "").orElseThrow();
        assertThat(r.isNew()).isTrue();
        assertThat(r.opening().wall()).isEqualTo(r.wall().id());
        assertThat(r.opening().width().value()).isCloseTo(1.2, within(1e-6));
        // where an opening is there already nothing is offered
        assertThat(of(s, 0, Reason.NO_LINE, 0, "")).isPresent();
    }

    @Test void whatIsNotClosedBecomesAColumnAboutIt() {
        Sketch s = new Sketch().on("C").line(0, 0, 400, 0).line(400, 0, 400, 300).line(400, 300, 0, 300).turned(Math.toRadians(30));
        Column c = ((Remedy.OfColumn) of(s, 1, Reason.NO_MARK, 0, "").orElseThrow()).column();
        assertThat(c.at().distance(new Point(0.2, 0.15).turn(Math.toRadians(30)))).isLessThan(1e-6);
        Section.Rectangle r = (Section.Rectangle) c.section();
        assertThat(r.width() + r.depth()).isCloseTo(0.7, within(1e-6));
        assertThat(c.ground().holds(new Point(0.39, 0.01).turn(Math.toRadians(30)))).isTrue();
        assertThat(of(new Sketch().line(0, 0, 9000, 0), 0, Reason.NO_MARK, 0, "")).as("too long for a column").isEmpty();
    }
}
