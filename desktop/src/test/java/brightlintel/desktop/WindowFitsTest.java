package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** However much a docket has to say, the window stays as large as it is: what does not fit is scrolled. */
class WindowFitsTest extends DemoRobot {
    private static final KeyCode[] STAGES = {KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5, KeyCode.DIGIT6};

    @Test void everyStageLeavesTheTopLineAndThePromptLineInSight() throws Exception {
        toTrace();
        for (KeyCode k : STAGES) {
            keys(KeyCode.CONTROL, k);
            until("roles and grid were looked for", () -> w.casts().of(w.drawing().orElseThrow()).isPresent() && w.mendings().percent().isEmpty());
            rest();
            double high = stage.getScene().getHeight();
            for (String id : new String[] {"prompt", "stage-receive", "command-field"}) {
                Node n = lookup("#" + id).query();
                Bounds b = n.localToScene(n.getBoundsInLocal());
                assertThat(b.getMinY()).as("%s in %s", id, k).isGreaterThanOrEqualTo(0);
                assertThat(b.getMaxY()).as("%s in %s", id, k).isLessThanOrEqualTo(high + 0.5);
            }
        }
    }
}
