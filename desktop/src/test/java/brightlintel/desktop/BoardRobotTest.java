package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Wall;
import brightlintel.edit.Clearings;
import brightlintel.geom.Point;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.geometry.VerticalDirection;
import javafx.scene.control.Label;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.paint.Color;
import javafx.scene.robot.Robot;
import org.junit.jupiter.api.Test;

/** The board under a hand: what is seen of a drawing, and what wheel, drag, box and right click do. */
class BoardRobotTest extends CrossRobot {
    @Test void whatIsReceivedIsSeenAndWhatIsHiddenIsNot() throws Exception {
        assertThat(isInked(-3, 0)).isTrue();
        assertThat(isInked(0, -3)).isTrue();
        assertThat(isInked(3, 1.7)).isFalse();
        onWindow(() -> {
            w.apply(Clearings.hide(w.underlay().orElseThrow().id(), "LEVEL"));
            return null;
        });
        assertThat(isInked(-3, 0)).as("hidden").isFalse();
        assertThat(isInked(0, -3)).as("still there").isTrue();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(isInked(-3, 0)).as("back").isTrue();
    }

    @Test void inTheDarkPaperIsDarkAndStrokesAreLight() throws Exception {
        Color light = seen(-3, 0);
        WritableImage before = onWindow(() -> window.board().snapshot(null, null));
        assertThat(light.getBrightness()).isLessThan(paper(before).getBrightness());
        command("Dark");
        until("it is dark", () -> w.looks().dark());
        Color dark = seen(-3, 0);
        WritableImage after = onWindow(() -> window.board().snapshot(null, null));
        assertThat(paper(after).getBrightness()).isLessThan(0.4);
        assertThat(dark.getBrightness()).isGreaterThan(paper(after).getBrightness());
    }

    @Test void aWallThatIsDrawnIsSeen() throws Exception {
        command("Wall");
        clickAt(-4, -2);
        clickAt(-1, -2);
        keys(KeyCode.ESCAPE);
        keys(KeyCode.ESCAPE);
        assertThat(w.contents().walls()).hasSize(1);
        onWindow(() -> {
            w.apply(Clearings.hide(w.underlay().orElseThrow().id(), "LEVEL"));
            return null;
        });
        assertThat(isInked(-2.5, -2)).isTrue();
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(isInked(-2.5, -2)).isFalse();
    }

    @Test void theWheelZoomsAboutThePointer() throws Exception {
        pointAt(3, 2);
        double before = window.board().view().pxPerMetre();
        Point2D there = at(3, 2);
        scroll(2, VerticalDirection.UP);
        rest();
        assertThat(window.board().view().pxPerMetre()).isNotEqualTo(before);
        assertThat(at(3, 2).distance(there)).as("what is under the pointer stays there").isLessThan(1);
        scroll(2, VerticalDirection.DOWN);
        rest();
        assertThat(window.board().view().pxPerMetre()).isCloseTo(before, within(before * 1e-9));
    }

    @Test void theMiddleButtonAndSpaceMoveTheView() throws Exception {
        Point2D was = at(0, 0);
        pointAt(2, 2);
        press(MouseButton.MIDDLE);
        moveBy(40, 25);
        release(MouseButton.MIDDLE);
        rest();
        assertThat(at(0, 0).subtract(was).distance(40, 25)).isLessThan(2);
        Point2D now = at(0, 0);
        onWindow(() -> {
            window.board().requestFocus();
            return null;
        });
        press(KeyCode.SPACE);
        press(MouseButton.PRIMARY);
        moveBy(-30, 10);
        release(MouseButton.PRIMARY);
        release(KeyCode.SPACE);
        rest();
        assertThat(at(0, 0).subtract(now).distance(-30, 10)).isLessThan(2);
        assertThat(w.selection()).isEmpty();
        assertThat(w.history().past()).as("nothing was edited").hasSize(2);
    }

    @Test void aBoxSelectsAndCtrlTakesOnlyWhatLiesInside() throws Exception {
        twoWalls();
        dragFromTo(new Point(-2.2, -1.2), new Point(-0.4, -4.7));
        assertThat(w.selection()).as("what the box touches").hasSize(2);
        keys(KeyCode.ESCAPE);
        press(KeyCode.CONTROL);
        dragFromTo(new Point(-2.2, -1.2), new Point(-0.4, -4.7));
        release(KeyCode.CONTROL);
        assertThat(w.selection()).as("what lies in it").hasSize(1);
        keys(KeyCode.DELETE);
        assertThat(w.contents().walls()).hasSize(1);
        assertThat(w.selection()).isEmpty();
    }

    @Test void aDraggedCornerTakesBothWallsAlongInOneStep() throws Exception {
        twoWalls();
        clickAt(-2.5, -2);
        assertThat(w.selection()).hasSize(1);
        int steps = w.history().past().size();
        dragFromTo(new Point(-1, -2), new Point(-2, -1));
        List<Wall> walls = w.contents().walls();
        assertThat(walls.get(0).reference().b().distance(walls.get(1).reference().a())).isLessThan(1e-9);
        assertThat(walls.get(0).reference().b().distance(new Point(-2, -1))).isLessThan(0.2);
        assertThat(w.history().past()).as("one step").hasSize(steps + 1);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.contents().walls().get(0).reference().b()).isEqualTo(w.contents().walls().get(1).reference().a());
        assertThat(w.contents().walls().get(0).length()).isCloseTo(3, within(0.1));
    }

    @Test void aRightClickOffersWhatCanBeDoneThere() throws Exception {
        pointAt(-3, 0);
        clickOn(MouseButton.SECONDARY);
        until("a menu is there", () -> lookup(".context-menu .label").tryQuery().isPresent());
        List<String> items = lookup(".context-menu .label").queryAllAs(Label.class).stream().map(Label::getText).toList();
        assertThat(items).anyMatch(t -> t.contains("LEVEL"));
        keys(KeyCode.ESCAPE);
        settle();
        assertThat(lookup(".context-menu .label").tryQuery()).isEmpty();
    }
}
