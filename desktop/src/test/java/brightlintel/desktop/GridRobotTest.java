package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.GridLine;
import brightlintel.edit.Grids;
import brightlintel.edit.Tracing;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The grid in bulk: taken from the drawing by one key, its spacings changed in the table, one made without a drawing. */
class GridRobotTest extends DemoRobot {
    private List<String> labels() {
        return project().grid().stream().map(GridLine::label).toList();
    }

    private List<Grids.Family> families() {
        return Grids.families(project(), w.storeyId());
    }

    private void noGrid() throws Exception {
        toTrace();
        onWindow(() -> {
            w.apply(Tracing.delete(project().grid().stream().map(GridLine::id).collect(Collectors.toSet())));
            return null;
        });
        assertThat(project().grid()).isEmpty();
    }

    @Test void theDrawnGridIsTakenByOneKey() throws Exception {
        noGrid();
        until("it is found", () -> w.foundGrid().fresh().size() == 7);
        TrueRobotTest.shot("grid-found");
        keys(KeyCode.T);
        assertThat(labels()).containsExactly("A", "B", "C", "D", "1", "2", "3");
        assertThat(project().grid()).allSatisfy(g -> {
            assertThat(g.from().on()).isNotEmpty();
            assertThat(g.only()).as("on all storeys").isEmpty();
        });
        assertThat(w.foundGrid().fresh()).isEmpty();
        assertThat(families().get(0).spacing(1)).isCloseTo(8, within(1e-4));
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(project().grid()).isEmpty();
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        assertThat(project().grid()).hasSize(7);
    }

    @Test void spacingsAreChangedInTheTable() throws Exception {
        toTrace();
        button("grid-fold");
        until("the table is open", () -> lookup("#grid-spacing-B").tryQuery().isPresent());
        button("grid-keep");
        retype("grid-spacing-B", "8.06");
        assertThat(families().get(0).spacing(1)).isCloseTo(8.06, within(1e-6));
        assertThat(families().get(0).from(3)).as("the total is kept").isCloseTo(24, within(1e-3));
        button("grid-keep");
        retype("grid-spacing-B", "8.0605");
        assertThat(families().get(0).from(3)).as("the others moved along").isCloseTo(24.0005, within(1e-3));
        until("it is told as odd", () -> lookup("#grid-spacing-B").query().getStyleClass().contains("odd"));
        button("grid-line-C");
        TrueRobotTest.shot("grid-table");
        button("grid-divide-2");
        assertThat(families().get(0).lines()).hasSize(5);
        button("grid-turn-round-A");
        assertThat(families().get(0).lines().getFirst().label()).isEqualTo("D");
    }

    @Test void aGridWithoutADrawingIsTypedPlacedAndTurned() throws Exception {
        noGrid();
        command("By spacings…");
        pointAt(4, 4);
        clickOn("#prompt-field");
        write("4 @ 5.0, 3.6");
        type(KeyCode.ENTER);
        clickOn("#prompt-field");
        write("2x4.2");
        type(KeyCode.ENTER);
        clickAt(2, 2);
        clickAt(6, 2);
        assertThat(families()).hasSize(2);
        assertThat(families().get(0).lines()).hasSize(6);
        assertThat(families().get(0).from(5)).isCloseTo(23.6, within(1e-9));
        assertThat(families().get(1).from(2)).isCloseTo(8.4, within(1e-9));
        assertThat(labels()).containsExactly("A", "B", "C", "D", "E", "F", "1", "2", "3");
        TrueRobotTest.shot("grid-made");
    }
}
