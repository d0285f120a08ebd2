package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.desktop.state.Stage;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Strokes are selected by click, box and outline, and set aside; in Trace the same hand selects the model. */
class SelectRobotTest extends CrossRobot {
    @BeforeEach void clear() throws Exception {
        onWindow(() -> {
            w.go(Stage.CLEAR);
            return null;
        });
    }

    private PlacedDrawing d() {
        return w.drawing().orElseThrow();
    }

    private List<Integer> picked() {
        return w.onBoard().picked(d()).strokes().boxed().toList();
    }

    @Test void aClickSelectsAStrokeAndShiftAddsAndTakes() {
        clickAt(-3, 0);
        assertThat(picked()).containsExactly(0);
        press(KeyCode.SHIFT);
        clickAt(0, -3);
        assertThat(picked()).containsExactly(0, 1);
        clickAt(-3, 0);
        release(KeyCode.SHIFT);
        assertThat(picked()).containsExactly(1);
        clickAt(3, -3);
        assertThat(picked()).as("where nothing lies, nothing is selected").isEmpty();
    }

    @Test void aBoxSelectsWhatIsSetAsideAndComesBack() throws Exception {
        dragFromTo(new Point(2, -1), new Point(4.8, 4.8));
        assertThat(picked()).as("what the box touches").containsExactly(0, 2);
        assertThat(say()).contains("2 selected");
        Color lit = seen(4.5, 4);
        assertThat(lit.getRed() - lit.getBlue()).as("what is selected is brass").isGreaterThan(0.2);
        keys(KeyCode.DELETE);
        assertThat(isFaint(-3, 0)).as("set aside").isTrue();
        assertThat(isFaint(0, -3)).isFalse();
        assertThat(picked()).isEmpty();
        onWindow(() -> {
            w.go(Stage.TRUE);
            return null;
        });
        assertThat(isInked(-3, 0)).as("gone elsewhere").isFalse();
        assertThat(isInked(0, -3)).isTrue();
        onWindow(() -> {
            w.go(Stage.CLEAR);
            return null;
        });
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(isInked(-3, 0)).as("one step back").isTrue();
        press(KeyCode.CONTROL);
        dragFromTo(new Point(2, -1), new Point(4.8, 4.8));
        release(KeyCode.CONTROL);
        assertThat(picked()).as("what lies wholly in it").containsExactly(2);
        keys(KeyCode.ESCAPE);
        assertThat(picked()).isEmpty();
    }

    @Test void anOutlineSelectsByItsCorners() {
        keys(KeyCode.O);
        clickAt(-4.5, -1);
        clickAt(-1, -1);
        clickAt(-1, 1);
        keys(KeyCode.ENTER);
        assertThat(picked()).containsExactly(0);
        keys(KeyCode.ESCAPE);
        keys(KeyCode.O);
        clickAt(3, 3);
        clickAt(4.9, 3);
        clickAt(4.9, 4.9);
        keys(KeyCode.BACK_SPACE);
        clickAt(4.9, 4.9);
        clickAt(-1, 4.9);
        press(KeyCode.CONTROL);
        clickAt(3, 3);
        release(KeyCode.CONTROL);
        assertThat(picked()).as("wholly inside: the circle, and not the upright line that it crosses").containsExactly(2);
    }

    @Test void everythingLikeThisIsOneKey() {
        clickAt(4.5, 4);
        keys(KeyCode.L);
        assertThat(picked()).containsExactly(2);
        keys(KeyCode.CONTROL, KeyCode.A);
        assertThat(picked()).containsExactly(0, 1, 2);
    }

    @Test void whatIsHiddenSinceIsNotSelectedAnyMore() {
        clickAt(-3, 0);
        button("shown-" + d().underlay().id().value());
        assertThat(w.onBoard().pickedCount()).isZero();
        keys(KeyCode.DELETE);
        assertThat(d().underlay().clearing().singles()).isEmpty();
    }

    @Test void inTraceTheOutlineSelectsTheModel() throws Exception {
        onWindow(() -> {
            w.go(Stage.TRACE);
            return null;
        });
        twoWalls();
        keys(KeyCode.O);
        clickAt(-4.5, -1.5);
        clickAt(-3, -1.5);
        clickAt(-3, -2.6);
        keys(KeyCode.ENTER);
        assertThat(w.selection()).hasSize(1);
        keys(KeyCode.L);
        assertThat(w.selection()).as("walls as thick as this one").hasSize(2);
        assertThat(w.onBoard().pickedCount()).isZero();
    }

    @Test void aDrawingIsCroppedAndComesBack() throws Exception {
        button("command-crop");
        clickAt(-4.5, -1);
        clickAt(-0.5, -1);
        clickAt(-0.5, 1);
        clickAt(-4.5, 1);
        clickAt(-4.5, -1);
        assertThat(isInked(-3, 0)).isTrue();
        assertThat(isInked(3, 0)).as("the same line, outside").isFalse();
        assertThat(isFaint(0, -3)).isTrue();
        keys(KeyCode.B);
        assertThat(isFaint(0, -3)).as("all is back").isFalse();
        assertThat(isInked(3, 0)).isTrue();
    }

    @Test void whatIsSelectedInADrawingIsForgottenInTrace() throws Exception {
        clickAt(-3, 0);
        onWindow(() -> {
            w.go(Stage.TRACE);
            return null;
        });
        keys(KeyCode.DELETE);
        assertThat(isInked(-3, 0)).as("Delete is for the model now").isTrue();
    }

    @Test void strokesOfALayerThatIsHiddenSinceAreNotSetAside() throws Exception {
        keys(KeyCode.CONTROL, KeyCode.A);
        assertThat(picked()).hasSize(3);
        pointAt(-3, 0);
        keys(KeyCode.C);
        assertThat(picked()).as("the level line is hidden").containsExactly(1, 2);
        keys(KeyCode.DELETE);
        assertThat(d().underlay().clearing().singles()).hasSize(2);
    }
}
