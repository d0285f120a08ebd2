package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.demo.HeronQuayDrawings;
import brightlintel.desktop.frame.Focus;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.ViewMode;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.application.Platform;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Where the keyboard is: every control can be reached, and none swallows it. */
class FocusRobotTest extends WindowRobot {
    @BeforeEach void aDrawing() throws Exception {
        receive(Files.writeString(folder.resolve("upper.dxf"), HeronQuayDrawings.upper()));
    }

    private Node owner() throws Exception {
        return onWindow(() -> stage.getScene().getFocusOwner());
    }

    private void focus(String id) throws Exception {
        Node n = lookup("#" + id).query();
        onWindow(() -> {
            n.requestFocus();
            return null;
        });
        settle();
    }

    /** The keyboard alone, from the board round the window and back; in the stages with most controls. */
    @Test void tabGoesThroughEverythingAndComesBack() throws Exception {
        for (Stage s : List.of(Stage.TRUE, Stage.CLEAR, Stage.HAND_OVER)) {
            onWindow(() -> {
                w.go(s);
                window.board().requestFocus();
                return null;
            });
            settle();
            Set<Node> seen = new LinkedHashSet<>();
            List<String> ids = new ArrayList<>();
            Node docket = lookup("#docket").query();
            boolean inDocket = false;
            for (int i = 0; i < 120; i++) {
                Node n = owner();
                assertThat(n).as("focus after %s", ids).isNotNull();
                if (n == window.board() && i > 0) break;
                seen.add(n);
                // now: the docket is built anew when something was found meanwhile
                inDocket |= Focus.isIn(n, (Parent) docket);
                ids.add(String.valueOf(n.getId()));
                keys(KeyCode.TAB);
            }
            assertThat(owner()).as("back on the board in %s after %s", s, ids).isSameAs(window.board());
            assertThat(seen.size()).as("controls of %s: %s", s, ids).isGreaterThan(10);
            assertThat(inDocket).as("something of the docket of %s", s).isTrue();
        }
    }

    @Test void afterEachActionOfADocketTheKeyboardIsSomewhere() throws Exception {
        button("stage-true");
        button("other-unit");
        for (String id : List.of("unit-foot", "unit-millimetre", "unit-metre")) {
            focus(id);
            keys(KeyCode.SPACE);
            assertThat(owner()).as("after " + id).isNotNull();
            assertThat(owner().getId()).as("after " + id).isEqualTo(id);
        }
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(owner().getId()).isEqualTo("unit-metre");
        unit("foot");
        assertThat(owner()).as("the mouse leaves the keyboard on the board").isSameAs(window.board());
        keys(KeyCode.K);
        assertThat(w.tool().id()).isEqualTo("known-length");
    }

    @Test void aCardKeepsTheKeyboardAndGivesItBack() throws Exception {
        keys(KeyCode.CONTROL, KeyCode.N);
        until("it asks", () -> lookup("#unsaved-stay").tryQuery().isPresent());
        Node cards = lookup(".cards").query();
        for (int i = 0; i < 12; i++) {
            assertThat(Focus.isIn(owner(), (Parent) cards)).as("Tab %d", i).isTrue();
            keys(KeyCode.TAB);
        }
        keys(KeyCode.K);
        assertThat(w.tool().id()).as("no letter goes past the card").isEqualTo("select");
        keys(KeyCode.ESCAPE);
        assertThat(owner()).isSameAs(window.board());
        assertThat(w.isEmpty()).isFalse();
    }

    @Test void lettersAreCommandsOnTheBoardAlone() throws Exception {
        button("stage-clear");
        until("the layers are listed", () -> lookup("#layers").tryQuery().isPresent());
        focus("layers");
        keys(KeyCode.K);
        assertThat(w.tool().id()).isEqualTo("select");
        focus("layer-search");
        write("k");
        assertThat(w.tool().id()).isEqualTo("select");
        assertThat(lookup("#layer-search").queryAs(TextField.class).getText()).isEqualTo("k");
        onWindow(() -> {
            window.board().requestFocus();
            return null;
        });
        keys(KeyCode.K);
        assertThat(w.tool().id()).isEqualTo("known-length");
    }

    /** What was typed into a field and not handed in is in what Ctrl+S saves. */
    @Test void savingTakesWhatStandsInAField() throws Exception {
        toSave.add(folder.resolve("p.lintel"));
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it is saved", () -> w.busy().isEmpty() && w.file().isPresent());
        button("stage-true");
        TextField f = lookup("#site-east").queryAs(TextField.class);
        onWindow(() -> {
            f.requestFocus();
            f.selectAll();
            return null;
        });
        write("1234");
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it is saved", () -> w.busy().isEmpty() && !w.isDirty());
        assertThat(project().site().survey().value().x()).isEqualTo(1234);
    }

    /** The key is let go while another window has the keyboard: it does not stick. */
    @Test void theSpaceBarDoesNotStick() throws Exception {
        onWindow(() -> {
            window.board().requestFocus();
            window.board().fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, " ", "", KeyCode.SPACE, false, false, false, false));
            return null;
        });
        assertThat(onWindow(() -> window.board().getCursor())).isEqualTo(Cursor.OPEN_HAND);
        focus("command-field");
        Platform.runLater(() -> window.board().requestFocus());
        settle();
        assertThat(onWindow(() -> window.board().getCursor())).isEqualTo(Cursor.DEFAULT);
        command("Wall");
        clickAt(0, 0);
        clickAt(3, 0);
        assertThat(w.contents().walls()).as("a click draws and does not pan").hasSize(1);
    }

    /** In space alone no stroke of the plan is under the pointer. */
    @Test void inSpaceTheStripNamesNoStroke() throws Exception {
        var c = w.drawing().orElseThrow().curve(0).at(0.5);
        pointAt(c.x(), c.y());
        assertThat(w.pointerOnBoard()).isTrue();
        keys(KeyCode.V);
        until("space is shown", () -> w.looks().mode() == ViewMode.SPACE);
        until("the pointer is off the board", () -> !w.pointerOnBoard());
        assertThat(w.pointed()).isEmpty();
    }
}
