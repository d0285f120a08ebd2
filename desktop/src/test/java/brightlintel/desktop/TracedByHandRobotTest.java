package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;

import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.demo.HeronQuay;
import brightlintel.edit.Tracing;
import brightlintel.geom.Point;
import javafx.scene.input.KeyCode;

/**
 * The demo's ground floor from nothing, by hand, each action counted: a click, a drag, a key, a figure with Enter, or a command. The list is
 * in docs/trace.md.
 */
class TracedByHandRobotTest extends DemoRobot {
    private static final int MOST = 60;
    private static final double NEAR = 0.03;
    private final List<String> done = new ArrayList<>();

    private void start(String name) {
        done.add(name);
        command(name);
    }

    private void click(double x, double y) {
        done.add("click " + x + ", " + y);
        pointAt(x, y);
        clickAt(x, y);
    }

    /** Typed with the pointer where it is to go. */
    private void typed(String figure, double x, double y) {
        done.add(figure);
        pointAt(x, y);
        write(figure);
        type(KeyCode.ENTER);
        rest();
    }

    private void key(KeyCode k) {
        done.add(k.getName());
        keys(k);
    }

    private void box(double x0, double y0, double x1, double y1) {
        done.add("box " + x0 + ", " + y0 + " to " + x1 + ", " + y1);
        dragFromTo(new Point(x0, y0), new Point(x1, y1));
    }

    private void nothing() throws Exception {
        toTrace();
        onWindow(() -> {
            w.apply(Tracing.delete(w.contents().elements().stream().map(e -> e.id()).collect(Collectors.toSet())));
            w.apply(Tracing.delete(project().grid().stream().map(g -> g.id()).collect(Collectors.toSet())));
            return null;
        });
        until("the grid is found", () -> w.foundGrid().fresh().size() == 7);
    }

    @Test void theGroundFloorInAtMostSixtyActions() throws Exception {
        nothing();
        key(KeyCode.T);
        shell();
        baysAndPartitions();
        openings();
        start("Column");
        for (Point c : HeronQuay.COLUMNS) click(c.x(), c.y());
        start("Round stair");
        click(24, 4.35);
        click(24, 6.85);
        click(25.25, 5.6);
        start("Separation line");
        click(24, 3.4);
        click(24, 5);
        start("All rooms");
        start("Slab from outer faces");
        start("Outline from outer faces");
        start("Roof over all walls");
        rest();
        TrueRobotTest.shot("traced-by-hand");
        System.out.println("actions: " + done.size() + " " + done);
        assertThat(done).hasSizeLessThanOrEqualTo(MOST);
        isWhatWasBuilt();
    }

    /** The outer walls with the bay. */
    private void shell() {
        start("Wall");
        key(KeyCode.Q);
        typed("360", 20, -3);
        click(24, 14);
        typed("6.2", 24, 8);
        key(KeyCode.ENTER);
        click(24, 14);
        click(0, 14);
        click(0, 0);
        click(24, 0);
        typed("3.4", 24, 2.5);
        start("Curved");
        click(24, 3.4);
        click(24, 7.8);
        typed("2.2", 26, 5.6);
    }

    private void baysAndPartitions() {
        start("On the grid");
        typed("240", 4, 8);
        box(7, -1, 9, 15);
        box(14, -1, 16, 15);
        start("Wall");
        typed("140", 20, -3);
        key(KeyCode.A);
        click(15.12, 4.93);
        click(23.82, 4.93);
        key(KeyCode.ENTER);
        click(15.12, 6.53);
        click(21.33, 6.53);
        key(KeyCode.ENTER);
        click(19.27, 6.67);
        click(19.27, 13.82);
        key(KeyCode.ENTER);
        click(21.47, 5.07);
        click(21.47, 8.13);
        click(23.82, 8.13);
    }

    private void openings() {
        start("Window");
        click(16.9, 0.02);
        key(KeyCode.T);
        key(KeyCode.T);
        start("Door");
        click(16.6, 5.4);
        key(KeyCode.T);
        key(KeyCode.T);
    }

    private void isWhatWasBuilt() {
        HeronQuay.Plan truth = HeronQuay.ground();
        for (Wall t : truth.walls()) {
            Point m = t.middle(t.length() / 2);
            assertThat(w.contents().walls()).as("the wall about " + m).anySatisfy(x -> {
                Point u = x.reference().unroll(m);
                assertThat(u.x()).isBetween(0.0, x.length());
                assertThat(u.y()).isCloseTo((x.left() - x.right()) / 2, within(NEAR));
                assertThat(x.thickness().value()).isCloseTo(t.thickness().value(), within(1e-6));
            });
        }
        for (Opening t : truth.openings()) {
            Wall host = truth.walls().stream().filter(x -> x.id().equals(t.wall())).findFirst().orElseThrow();
            Point at = host.middle(t.along());
            assertThat(w.contents().openings()).as("the opening about " + at).anySatisfy(o -> {
                assertThat(w.contents().wall(o.wall()).orElseThrow().middle(o.along()).distance(at)).isLessThan(0.06);
                assertThat(o.width().value()).isCloseTo(t.width().value(), within(0.06));
            });
        }
        assertThat(w.contents().openings()).hasSameSizeAs(truth.openings());
        assertThat(w.contents().rooms()).hasSize(7);
        assertThat(w.contents().columns()).hasSize(4);
        assertThat(w.contents().stairs()).hasSize(1);
        assertThat(w.contents().roofs()).hasSize(1);
        assertThat(w.contents().slabs()).hasSize(1);
        assertThat(project().grid()).hasSize(7);
    }
}
