package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.desktop.state.SpaceLooks;
import brightlintel.desktop.view3d.SpaceView;
import javafx.geometry.Point2D;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.paint.Color;
import javafx.scene.robot.Robot;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** Drawings, kinds and cuts in space. */
class SpaceRobotTest extends CrossRobot {
    @BeforeEach void wallsInSpace() throws Exception {
        command("Wall");
        clickAt(-4, -3);
        clickAt(-1, -3);
        clickAt(-1, -4.5);
        keys(KeyCode.ESCAPE);
        keys(KeyCode.ESCAPE);
        assertThat(w.contents().walls()).hasSize(2);
        command("Plan, 3D, both");
        stays();
    }

    private SpaceView space() {
        return lookup("#space").queryAs(SpaceView.class);
    }

    private void stays() {
        until("the space is at rest", () -> w.busy().isEmpty() && space().isAtRest());
        settle();
    }

    private int count(Color like) throws Exception {
        stays();
        WritableImage i = onWindow(() -> space().snapshot(null, null));
        PixelReader r = i.getPixelReader();
        int n = 0, red = (int) (255 * like.getRed()), green = (int) (255 * like.getGreen()), blue = (int) (255 * like.getBlue());
        for (int y = 0; y < i.getHeight(); y++)
            for (int x = 0; x < i.getWidth(); x++) {
                int c = r.getArgb(x, y);
                if (Math.abs((c >> 16 & 255) - red) + Math.abs((c >> 8 & 255) - green) + Math.abs((c & 255) - blue) < 15) n++;
            }
        return n;
    }

    private int inked() throws Exception {
        stays();
        WritableImage i = onWindow(() -> space().snapshot(null, null));
        return (int) (i.getWidth() * i.getHeight()) - count(Color.web("#FAF8F3"));
    }

    @Test void theDrawingLiesInSpaceAndIsSwitched() throws Exception {
        int with = inked();
        onWindow(() -> {
            w.space(w.space().withSheets(false));
            return null;
        });
        int without = inked();
        assertThat(with).isGreaterThan(without + 150);
        onWindow(() -> {
            w.space(w.space().withSheets(true).toggledSheets(w.storeyId()));
            return null;
        });
        assertThat(inked()).isEqualTo(without);
    }

    @Test void kindsAreSwitchedInTheMenu() throws Exception {
        int with = inked();
        button("space-show");
        until("the menu is open", () -> lookup(".check-menu-item").tryQuery().isPresent());
        jumpTo(lookup(".check-menu-item").nth(0).query());
        clickOn(MouseButton.PRIMARY);
        settle();
        assertThat(w.space().off()).containsExactly(SpaceLooks.Kind.WALLS);
        assertThat(inked()).isLessThan(with * 2 / 3);
    }

    @Test void wallsAreSeenThrough() throws Exception {
        WritableImage solid = seen();
        command("See through");
        assertThat(w.space().through()).isTrue();
        assertThat(differing(solid, seen())).as("what walls hid shows through them").isGreaterThan(5000);
        TrueRobotTest.shot("see-through");
        command("See through");
        assertThat(differing(solid, seen())).isZero();
    }

    private WritableImage seen() throws Exception {
        stays();
        return onWindow(() -> space().snapshot(null, null));
    }

    private static int differing(WritableImage a, WritableImage b) {
        int n = 0;
        for (int y = 0; y < a.getHeight(); y++)
            for (int x = 0; x < a.getWidth(); x++) if (a.getPixelReader().getArgb(x, y) != b.getPixelReader().getArgb(x, y)) n++;
        return n;
    }

    @Test void aLevelCutIsTypedAndDraggedByItsRing() throws Exception {
        Color ink = Color.web("#16323A");
        int before = count(ink);
        button("cut-level");
        assertThat(w.space().height()).contains(1.2);
        assertThat(count(ink)).as("where walls are cut they are solid").isGreaterThan(before + 200);
        retype("cut-height", "0.5");
        assertThat(w.space().height()).contains(0.5);
        Point2D ring = ring();
        moveTo(ring);
        press(MouseButton.PRIMARY);
        for (int i = 1; i <= 4; i++) {
            Point2D p = ring.subtract(0, 8 * i);
            WaitForAsyncUtils.asyncFx(() -> new Robot().mouseMove(p));
            settle();
        }
        release(MouseButton.PRIMARY);
        stays();
        assertThat(w.space().height().orElseThrow()).isGreaterThan(0.7);
        button("cut-level");
        assertThat(w.space().height()).isEmpty();
        assertThat(count(ink)).isEqualTo(before);
    }

    /** The middle of the pixels that are as brass as the ring. */
    private Point2D ring() throws Exception {
        stays();
        WritableImage i = onWindow(() -> space().snapshot(null, null));
        PixelReader r = i.getPixelReader();
        for (int y = (int) i.getHeight() - 8; y > 8; y--)
            for (int x = 8; x < i.getWidth() - 8; x++) {
                boolean all = true;
                for (int[] by : new int[][] {{-6, 0}, {6, 0}, {0, -6}, {0, 6}}) {
                    Color c = r.getColor(x + by[0], y + by[1]);
                    all &= c.getRed() > 0.7 && c.getBlue() < 0.3;
                }
                if (all && r.getColor(x, y).getBlue() > 0.8) return space().localToScreen(x, y);
            }
        throw new AssertionError("no ring to be seen");
    }

    @Test void anUprightCutTakesTheSideTowardsTheViewerAndTurns() throws Exception {
        int before = inked();
        button("cut-across");
        SpaceLooks.Across a = w.space().across().orElseThrow();
        assertThat(inked()).isNotEqualTo(before);
        button("cut-turn");
        assertThat(w.space().across().orElseThrow().towards()).isCloseTo(a.towards() + Math.PI / 2, within(1e-9));
        retype("cut-at", "-2.5");
        assertThat(w.space().across().orElseThrow().at()).isEqualTo(-2.5);
    }
}
