package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.KindId;
import brightlintel.building.Opening;
import brightlintel.building.Room;
import brightlintel.building.Wall;
import brightlintel.edit.Tracing;
import brightlintel.geom.Point;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Walls drawn in every way, and openings taken from what is drawn, on the demo's ground floor. */
class WallWaysRobotTest extends DemoRobot {
    private List<Wall> walls() {
        return w.contents().walls();
    }

    private void bare() throws Exception {
        toTrace();
        onWindow(() -> {
            w.apply(Tracing.delete(w.contents().elements().stream().map(e -> e.id()).collect(Collectors.toSet())));
            return null;
        });
        assertThat(walls()).isEmpty();
    }

    @Test void fourWallsByTypedSidesAndAnArcByThreePoints() throws Exception {
        bare();
        command("Rectangle");
        rectangle();
        assertThat(walls()).hasSize(4);
        assertThat(w.solved().footprints().freeEnds()).isEmpty();
        assertThat(w.solved().enclosures().all()).hasSize(1);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(walls()).as("one step").isEmpty();
        command("Curved");
        clickAt(15, 17);
        clickAt(19, 17);
        pointAt(17, 18);
        TrueRobotTest.shot("wall-arc");
        clickAt(17, 19);
        assertThat(walls()).singleElement().satisfies(x -> {
            assertThat(x.reference().distance(new Point(17, 19))).isLessThan(0.05);
            assertThat(Math.abs(x.reference().bulge())).isBetween(0.7, 1.4);
        });
        clickAt(21, 20);
        clickAt(25, 20);
        pointAt(23, 18);
        write("2.5");
        type(KeyCode.ENTER);
        assertThat(walls().getLast().reference().radius()).isCloseTo(2.5, within(1e-6));
        assertThat(walls().getLast().reference().at(walls().getLast().length() / 2).y()).as("bends towards the pointer").isLessThan(20);
    }

    /** The inner wall at x = 8: its faces are drawn at 7.88 and 8.12, or so. */
    @Test void betweenTwoFacesAndAlongAStroke() throws Exception {
        bare();
        command("Between");
        clickAt(3, 0.18);
        assertThat(walls()).isEmpty();
        clickAt(3, -0.18);
        assertThat(walls()).singleElement().satisfies(x -> {
            assertThat(x.thickness().value()).isCloseTo(0.36, within(1e-3));
            assertThat(Math.abs(x.reference().a().y())).isLessThan(1e-3);
            assertThat(x.from().on()).as("it stands on both faces").hasSizeGreaterThanOrEqualTo(2);
        });
        keys(KeyCode.CONTROL, KeyCode.Z);
        command("Along");
        pointAt(4, 13.82);
        pointAt(4, 13.84);
        TrueRobotTest.shot("wall-along");
        clickAt(4, 13.84);
        assertThat(walls()).hasSize(1);
        dragFromTo(new Point(-1, -1), new Point(25.5, 1));
        assertThat(walls()).as("all lines in the box at once").hasSizeGreaterThan(2);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(walls()).hasSize(1);
    }

    @Test void aClickOnADrawnDoorTakesItAndTheOthersAreOffered() throws Exception {
        toTrace();
        onWindow(() -> {
            w.apply(Tracing.delete(w.contents().openings().stream().map(Opening::id).collect(Collectors.toSet())));
            return null;
        });
        assertThat(w.contents().openings()).isEmpty();
        command("Door");
        pointAt(15.6, 5.7);
        TrueRobotTest.shot("door-drawn");
        clickAt(15.6, 5.7);
        assertThat(w.contents().openings()).singleElement().satisfies(o -> {
            assertThat(o.filling()).isInstanceOf(Opening.Filling.Door.class);
            assertThat(o.width().value()).isBetween(0.8, 1.1);
            assertThat(o.sill().isAssumed()).isTrue();
            assertThat(o.from().on()).hasSize(1);
        });
        retype("prop-from-start", "500");
        assertThat(w.contents().openings().getFirst().start()).as("moved along its wall by a typed distance").isCloseTo(0.5, within(1e-9));
        keys(KeyCode.ESCAPE);
        keys(KeyCode.CONTROL, KeyCode.Z);
        command("Window");
        clickAt(16.9, 0.02);
        assertThat(w.contents().openings()).hasSize(2);
        TrueRobotTest.shot("window-drawn");
    }

    /** With the tool in hand: from 14,17 to 22,22. */
    private void rectangle() {
        clickAt(14, 17);
        pointAt(16, 19);
        write("8x5");
        type(KeyCode.ENTER);
    }

    /** A thickness is kept as a kind, walls are drawn of it, and it changes them all. */
    @Test void aKindIsKeptDrawnWithAndChanged() throws Exception {
        bare();
        command("Rectangle");
        button("kind-make");
        KindId kind = project().wallKinds().getFirst().id();
        rectangle();
        assertThat(walls()).hasSize(4).allMatch(x -> x.kind().filter(kind::equals).isPresent());
        retype("kind-thickness-" + kind.value(), "400");
        assertThat(walls()).allMatch(x -> Math.abs(x.thickness().value() - 0.4) < 1e-9);
        retype("kind-name-" + kind.value(), "boathouse wall");
        assertThat(project().wallKinds().getFirst().name()).isEqualTo("boathouse wall");
        TrueRobotTest.shot("wall-kind");
        keys(KeyCode.ESCAPE);
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(walls()).as("undone").allMatch(x -> Math.abs(x.thickness().value() - 0.36) < 1e-9 || Math.abs(x.thickness().value() - 0.24) < 1e-9);
    }

    /** A width with its heights is kept as a kind; what is drawn as wide is of it, and it changes them all. */
    @Test void aKindOfDoorIsKeptDrawnWithAndChanged() throws Exception {
        bare();
        command("Rectangle");
        rectangle();
        keys(KeyCode.ESCAPE);
        command("Door");
        button("opening-kind-make");
        KindId kind = project().openingKinds().getFirst().id();
        clickAt(15, 17);
        pointAt(17, 17);
        type(KeyCode.ENTER);
        Opening o = w.contents().openings().getFirst();
        assertThat(o.kind()).contains(kind);
        assertThat(o.head().isAssumed()).isFalse();
        retype("opening-kind-head", "2.26");
        assertThat(w.contents().openings().getFirst().head().value()).isCloseTo(2.26, within(1e-9));
        retype("opening-kind-name-" + kind.value(), "workshop door");
        retype("opening-kind-width-" + kind.value(), "1000");
        TrueRobotTest.shot("opening-kind");
        assertThat(w.contents().openings().getFirst().width().value()).isCloseTo(1, within(1e-9));
        assertThat(w.settings().opening(false).lastWidth()).as("the next is as wide").isCloseTo(1, within(1e-9));
        keys(KeyCode.ESCAPE);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.contents().openings().getFirst().width().value()).as("undone").isLessThan(1);
    }

    /** Dragged by its body a wall takes its neighbours' corners along; brought to a line it meets it; two become one. */
    @Test void wallsAreMovedMetAndJoined() throws Exception {
        bare();
        command("Rectangle");
        rectangle();
        keys(KeyCode.ESCAPE);
        Wall top = walls().stream().filter(x -> Math.abs(x.reference().direction(0).y()) < 1e-6 && x.reference().a().y() > 20).findFirst().orElseThrow();
        Point middle = top.reference().at(top.length() / 2);
        clickAt(middle.x(), middle.y());
        until("it is selected", () -> w.selection().contains(top.id()));
        dragFromTo(middle, middle.plus(new Point(0, 2)));
        Wall moved = w.contents().wall(top.id()).orElseThrow();
        assertThat(moved.reference().a().y()).isCloseTo(top.reference().a().y() + 2, within(0.15));
        assertThat(w.solved().footprints().freeEnds()).as("its neighbours came along").isEmpty();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.contents().wall(top.id()).orElseThrow()).as("one step").isEqualTo(top);
        clickAt(middle.x(), middle.y());
        button("command-wall-turn-round");
        assertThat(w.contents().wall(top.id()).orElseThrow().reference()).isEqualTo(top.reference().reversed());
    }

    @Test void onTheGridBesideAndWhichRunsThrough() throws Exception {
        bare();
        command("On the grid");
        dragFromTo(new Point(-2, -2), new Point(16, 15.3));
        // A, B, C from 1 to 2 and to 3; 1, 2, 3 from A to B and to C
        assertThat(walls()).hasSize(12);
        assertThat(w.solved().enclosures().all()).hasSize(4);
        TrueRobotTest.shot("wall-on-grid");
        pointAt(20, 0.02);
        clickAt(20, 0.02);
        assertThat(walls()).as("a click takes one bay").hasSize(13);
        keys(KeyCode.CONTROL, KeyCode.Z);
        command("Beside");
        clickAt(3, 0);
        pointAt(3, -1);
        write("2.5");
        type(KeyCode.ENTER);
        assertThat(walls()).hasSize(13);
        assertThat(walls().getLast().reference().a().y()).as("on the pointer's side").isCloseTo(-2.5, within(1e-6));
        command("Corner joint");
        pointAt(0.05, 0.05);
        clickAt(0.05, 0.05);
        assertThat(walls().stream().filter(x -> !x.runs().isEmpty())).hasSize(1);
        TrueRobotTest.shot("joint");
        clickAt(0.05, 0.05);
        clickAt(0.05, 0.05);
        assertThat(walls()).as("and at last none").allMatch(x -> x.runs().isEmpty());
    }

    @Test void squareOffClosesAChainAndACurveGoesOn() throws Exception {
        bare();
        command("Wall");
        clickAt(10, 17);
        clickAt(16, 17);
        clickAt(16, 21);
        command("Square off");
        assertThat(walls()).hasSize(4);
        assertThat(w.solved().enclosures().all()).singleElement().satisfies(e -> assertThat(e.outline().size()).isEqualTo(4));
        keys(KeyCode.ESCAPE);
        command("About a centre");
        clickAt(20, 19);
        clickAt(23, 19);
        pointAt(21, 21);
        clickAt(20, 22);
        assertThat(walls().getLast().reference().centre().distance(new Point(20, 19))).isLessThan(0.15);
        assertThat(walls().getLast().reference().radius()).isCloseTo(3, within(0.15));
        Point end = walls().getLast().reference().b(), way = walls().getLast().reference().direction(walls().getLast().length());
        command("Curving on");
        pointAt(end.x(), end.y());
        clickAt(end.x(), end.y());
        clickAt(18, 18.5);
        Wall on = walls().getLast();
        assertThat(on.reference().direction(0).dot(way)).as("without a bend").isGreaterThan(0.999);
    }

    /** The windows of a room are changed at once; one is copied along its wall by typed spacings. */
    @Test void windowsAreCopiedAndChangedByRoom() throws Exception {
        toTrace();
        command("Room");
        clickAt(4, 3);
        keys(KeyCode.ESCAPE);
        clickAt(17, 0.02);
        until("the window is selected", () -> w.selected().getFirst() instanceof Opening);
        int before = w.contents().openings().size();
        button("command-opening-copy");
        pointAt(19, 0);
        write("2 @ 2400");
        type(KeyCode.ENTER);
        assertThat(w.contents().openings()).hasSize(before + 2);
        keys(KeyCode.ESCAPE);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.contents().openings()).as("one step").hasSize(before);
        clickAt(4, 2);
        until("the room is selected", () -> w.selected().stream().anyMatch(e -> e instanceof Room));
        button("command-room-doors");
        assertThat(w.selected()).allMatch(e -> e instanceof Opening);
        retype("prop-head", "2.75");
        assertThat(w.selected()).allMatch(e -> Math.abs(((Opening) e).head().value() - 2.75) < 1e-9);
    }
}
