package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.measure.Measured;
import brightlintel.snap.SnapKind;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;

/** Measuring, and what is snapped to while one measures. */
class MeasureRobotTest extends CrossRobot {
    private Measured last() {
        return w.measures().last().orElseThrow();
    }

    private boolean says(String text) {
        return lookup("#properties .label").queryAll().stream().anyMatch(n -> n instanceof Label l && l.getText().equals(text));
    }

    private void kind(String word) {
        if (lookup("#measure-kind-" + word).tryQuery().isEmpty()) keys(KeyCode.M);
        button("measure-kind-" + word);
    }

    @Test void aDistanceIsToldInBothUnitsAndAsDrawnAndIsCopied() throws Exception {
        keys(KeyCode.M);
        clickAt(-4.95, 0.05);
        clickAt(4.95, -0.05);
        assertThat(last().value()).as("snapped to both ends").isCloseTo(10, within(1e-9));
        until("the panel tells it", () -> says("10.000 m"));
        assertThat(says("32'-9 11/16\"")).isTrue();
        assertThat(says("10.000")).as("as drawn: the file is in metres").isTrue();
        keys(KeyCode.CONTROL, KeyCode.C);
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString())).isEqualTo("10.000 m");
        keys(KeyCode.ESCAPE);
        assertThat(w.measures().all()).as("it stays when the tool is left").hasSize(1);
        assertThat(isInked(1, 0.0)).isTrue();
        command("feet");
        until("in feet", () -> says("32'-9 11/16\""));
        keys(KeyCode.SHIFT, KeyCode.M);
        assertThat(w.measures().all()).isEmpty();
        assertThat(w.history().past()).as("units alone are a step of the project").hasSize(3);
    }

    @Test void chainAreaAndAngleAreClickedPointByPoint() {
        kind("chain");
        clickAt(-4.95, 0);
        clickAt(0.02, 0.02);
        clickAt(0.02, 4.95);
        keys(KeyCode.ENTER);
        assertThat(last().value()).isCloseTo(10, within(1e-9));
        kind("area");
        clickAt(-4.95, 0);
        clickAt(0.02, -4.95);
        clickAt(4.95, 0);
        clickAt(0.02, 4.95);
        clickAt(-4.95, 0);
        assertThat(last().value()).as("the square on its corner").isCloseTo(50, within(1e-6));
        kind("angle");
        clickAt(0.02, 0.02);
        clickAt(4.95, 0);
        clickAt(0.02, 4.95);
        assertThat(last().value()).isCloseTo(Math.PI / 2, within(1e-9));
        assertThat(w.measures().all()).hasSize(3);
        keys(KeyCode.BACK_SPACE);
        assertThat(w.measures().all()).as("the last one is taken back").hasSize(2);
    }

    @Test void aRadiusIsThatOfTheArcPointedAtAndStrokesHaveADistance() {
        kind("radius");
        clickAt(4.5, 4);
        assertThat(last()).isInstanceOf(Measured.Radius.class);
        assertThat(last().value()).isCloseTo(0.5, within(1e-9));
        kind("strokes");
        clickAt(4.5, 4);
        clickAt(2, 0);
        assertThat(last().value()).as("from the circle down to the line").isCloseTo(3.5, within(1e-9));
        clickAt(2, -3);
        assertThat(say()).contains("No stroke");
        assertThat(w.measures().all()).hasSize(2);
    }

    @Test void distancesAreToldFromABasePoint() {
        pointAt(0.03, 0.03);
        keys(KeyCode.P);
        assertThat(w.measures().base().orElseThrow().length()).as("snapped to the crossing").isLessThan(1e-9);
        pointAt(3, 4);
        until("it is told", () -> lookup(".prompt .label").queryAll().stream()
            .anyMatch(n -> n instanceof Label l && l.getText().matches(".*(4\\.9|5\\.0)\\d\\d m.*from the base point")));
        keys(KeyCode.SHIFT, KeyCode.P);
        assertThat(w.measures().base()).isEmpty();
    }

    @Test void kindsOfSnapsAreOrderedByKeysAndByDragging() {
        keys(KeyCode.M);
        until("the snaps are there", () -> lookup("#snap-end").tryQuery().isPresent());
        assertThat(w.snaps().order().subList(0, 2)).containsExactly(SnapKind.GRID_CROSSING, SnapKind.END);
        interact(() -> lookup("#snap-end").query().requestFocus());
        keys(KeyCode.ALT, KeyCode.UP);
        assertThat(w.snaps().order().subList(0, 2)).containsExactly(SnapKind.END, SnapKind.GRID_CROSSING);
        until("the row has the focus again", () -> stage.getScene().getFocusOwner() == lookup("#snap-end").query());
        Node row = lookup("#snap-crossing").query().getParent();
        double high = row.getBoundsInParent().getHeight();
        jumpTo(lookup("#snap-crossing").query());
        press(MouseButton.PRIMARY);
        moveBy(0, -high);
        moveBy(0, -high);
        release(MouseButton.PRIMARY);
        assertThat(w.snaps().order().getFirst()).isEqualTo(SnapKind.CROSSING);
        assertThat(w.snaps().on()).as("a drag does not switch it").contains(SnapKind.CROSSING);
    }

    @Test void endsOfTheModelOnlyIsOneClick() {
        keys(KeyCode.M);
        button("snaps-model-ends");
        assertThat(w.snaps().on()).doesNotContain(SnapKind.END).contains(SnapKind.MODEL_CORNER);
        clickAt(-4.95, 0.03);
        clickAt(-4.95, -3);
        assertThat(((Measured.Distance) last()).a().x()).as("on the line, and not at its end").isNotEqualTo(-5.0);
        keys(KeyCode.SHIFT, KeyCode.S);
        assertThat(w.snaps().on()).contains(SnapKind.END);
    }

    @Test void alongOneAxisOnlyTheOtherIsThatOfTheFirstPoint() {
        keys(KeyCode.M);
        clickAt(0.02, 0.02);
        keys(KeyCode.SHIFT, KeyCode.Q);
        clickAt(4, 4.02);
        Measured.Distance d = (Measured.Distance) last();
        assertThat(d.b().y()).isCloseTo(0, within(1e-9));
        assertThat(d.b().x()).as("snapped to the circle's centre").isCloseTo(4, within(1e-9));
        keys(KeyCode.SHIFT, KeyCode.Q);
        clickAt(0.02, 0.02);
        clickAt(4, 4.02);
        assertThat(((Measured.Distance) last()).b().x()).isCloseTo(0, within(1e-9));
        keys(KeyCode.SHIFT, KeyCode.Q);
        assertThat(w.ortho()).isFalse();
    }

    @Test void measuresStayOnTheirStorey() throws Exception {
        keys(KeyCode.M);
        clickAt(-4.95, 0);
        clickAt(4.95, 0);
        button("storey-add");
        until("another storey is in hand", () -> w.underlay().isEmpty());
        assertThat(w.measures().all()).isEmpty();
        keys(KeyCode.PAGE_DOWN);
        until("back", () -> w.underlay().isPresent());
        assertThat(w.measures().all()).hasSize(1);
    }
}
