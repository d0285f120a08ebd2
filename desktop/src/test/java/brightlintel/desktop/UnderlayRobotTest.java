package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Ink;
import brightlintel.building.Underlay;
import brightlintel.desktop.state.Stage;
import brightlintel.geom.Point;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;

/** What lies under the model: shown, faded, in an ink, locked, in its place, and held against another storey. */
class UnderlayRobotTest extends CrossRobot {
    private Underlay u() {
        return w.underlay().orElseThrow();
    }

    private double paperToInk() throws Exception {
        Color c = seen(-3, 0);
        return far(c, paper(onWindow(() -> window.board().snapshot(null, null))));
    }

    @Test void aDrawingThatIsHiddenIsNeitherSeenNorPointedAt() throws Exception {
        button("shown-" + u().id().value());
        assertThat(u().appearance().shown()).isFalse();
        assertThat(isInked(0, -3)).isFalse();
        assertThat(isInked(0, 0.05)).as("in its place stands why").isTrue();
        pointAt(0, -3);
        assertThat(w.pointed()).isEmpty();
        assertThat(w.drawing()).as("it is still the one in hand").isPresent();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(isInked(-3, 0)).isTrue();
    }

    @Test void oneKeyLeavesTheModelAloneAndBringsAllBack() throws Exception {
        keys(KeyCode.SHIFT, KeyCode.X);
        assertThat(isInked(0, -3)).isFalse();
        assertThat(lookup("#model-alone").queryAs(CheckBox.class).isSelected()).isTrue();
        keys(KeyCode.SHIFT, KeyCode.X);
        assertThat(isInked(0, -3)).isTrue();
        assertThat(w.history().past()).as("how it looks is no step of the project").hasSize(2);
    }

    @Test void aDragOfTheStrengthIsOneStepAndIsSeen() throws Exception {
        double before = paperToInk();
        int steps = w.history().past().size();
        Slider s = lookup("#strength-" + u().id().value()).queryAs(Slider.class);
        jumpTo(s.lookup(".thumb"));
        press(MouseButton.PRIMARY);
        moveBy(-10, 0);
        moveBy(-14, 0);
        release(MouseButton.PRIMARY);
        assertThat(u().appearance().fade()).isBetween(0.4, 0.95);
        assertThat(w.history().past()).hasSize(steps + 1);
        assertThat(paperToInk()).isLessThan(before - 0.1);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(paperToInk()).isCloseTo(before, within(0.02));
    }

    private void receiveStage() throws Exception {
        onWindow(() -> {
            w.go(Stage.RECEIVE);
            return null;
        });
        until("the docket is there", () -> lookup("#underlay-ink").tryQuery().isPresent());
    }

    @Test void oneColourIsItsOwnInk() throws Exception {
        receiveStage();
        ComboBox<?> ink = lookup("#underlay-ink").queryAs(ComboBox.class);
        jumpTo(ink);
        clickOn(MouseButton.PRIMARY);
        until("the choice is open", ink::isShowing);
        type(KeyCode.END);
        type(KeyCode.ENTER);
        until("the ink is another", () -> u().appearance().ink() instanceof Ink.One);
        Color c = seen(-3, 0);
        assertThat(c.getGreen()).as("sage, and not the grey of all").isGreaterThan(c.getRed() + 0.05);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(u().appearance().ink()).isEqualTo(Ink.USUAL);
    }

    @Test void aPlaceThatIsTypedIsWhereTheDatumPointComesToLie() throws Exception {
        receiveStage();
        retype("underlay-x", "2.5");
        until("it has moved", () -> u().placement().at().value().equals(new Point(2.5, 0)));
        assertThat(isInked(2.5, -3)).as("the upright line").isTrue();
        assertThat(isInked(0, -3)).isFalse();
    }

    @Test void whatIsLockedIsNotMovedUntilItIsUnlocked() throws Exception {
        receiveStage();
        button("underlay-locked");
        assertThat(u().locked()).isTrue();
        assertThat(lookup("#underlay-x").query().isDisabled()).isTrue();
        Underlay before = u();
        command("90° left");
        assertThat(u()).isEqualTo(before);
        onWindow(() -> {
            w.go(Stage.TRUE);
            return null;
        });
        until("the docket is that of True", () -> lookup("#command-known-length").tryQuery().isPresent());
        assertThat(lookup("#command-known-length").query().isDisabled()).isTrue();
        button("command-underlay-lock");
        assertThat(u().locked()).isFalse();
        command("90° left");
        assertThat(u().placement().turn().value()).isCloseTo(Math.PI / 2, within(1e-9));
    }

    @Test void anotherStoreyEchoesFaintlyUnderThisOne() throws Exception {
        double full = paperToInk();
        button("storey-add");
        until("the new storey is in hand", () -> w.underlay().isEmpty());
        onWindow(() -> {
            window.board().fit();
            return null;
        });
        assertThat(w.onBoard().echo()).isEmpty();
        keys(KeyCode.Z);
        until("the echo is there", () -> !w.onBoard().echo().isEmpty());
        double echo = paperToInk();
        assertThat(echo).isBetween(0.1, full - 0.1);
        pointAt(-3, 0);
        assertThat(w.pointed()).as("an echo is seen, and not pointed at").isEmpty();
        keys(KeyCode.Z);
        assertThat(isInked(-3, 0)).isFalse();
    }

    /** The panel keeps still under a hand: what is pointed at comes below, never above. */
    @Test void pointingDoesNotMoveTheStrengths() throws Exception {
        onWindow(() -> {
            w.go(Stage.CLEAR);
            return null;
        });
        until("there", () -> lookup("#strength-" + u().id().value()).tryQuery().isPresent());
        Bounds before = lookup("#strength-" + u().id().value()).query().localToScene(new BoundingBox(0, 0, 1, 1));
        pointAt(-3, 0);
        until("the panel tells of the stroke", () -> lookup("Under the pointer").tryQuery().isPresent()
            || lookup(".side-title").queryAll().size() > 2);
        assertThat(lookup("#strength-" + u().id().value()).query().localToScene(new BoundingBox(0, 0, 1, 1))).isEqualTo(before);
    }
}
