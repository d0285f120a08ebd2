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

    @Test void aRoundGridIsTyped() throws Exception {
        noGrid();
        command("Round grid");
        pointAt(12, 7);
        clickOn("#prompt-field");
        write("4 @ 15");
        type(KeyCode.ENTER);
        clickOn("#prompt-field");
        write("5, 3");
        type(KeyCode.ENTER);
        clickAt(12, 2);
        pointAt(20, 2);
        TrueRobotTest.shot("grid-round");
        clickAt(20, 2);
        assertThat(project().grid()).hasSize(7);
        assertThat(project().grid().stream().filter(g -> !g.line().isStraight())).hasSize(2);
    }

    @Test void aRunIsRenamedTaggedAndMoved() throws Exception {
        toTrace();
        button("grid-fold");
        button("grid-line-C");
        retype("grid-divide-into", "4");
        assertThat(families().get(0).lines()).hasSize(7);
        keys(KeyCode.CONTROL, KeyCode.Z);
        button("grid-tags-A");
        button("grid-tags-A");
        assertThat(families().get(0).lines()).allMatch(g -> g.tags() == GridLine.Tags.BOTH);
        TrueRobotTest.shot("grid-run");
        retype("grid-run-A", "F");
        assertThat(families().get(0).lines().getFirst().label()).isEqualTo("F");
        button("grid-storeys-F");
        keys(KeyCode.PAGE_UP);
        assertThat(Grids.families(project(), w.storeyId())).as("only on the ground floor").hasSize(1);
        keys(KeyCode.PAGE_DOWN);
        command("Grid lines on the board");
        assertThat(w.looks().grid()).isFalse();
        command("Grid lines on the board");
        command("Zero at a crossing");
        pointAt(8, 5);
        clickAt(8, 5);
        assertThat(families().get(0).lines().get(1).line().a().x()).isCloseTo(0, within(0.05));
        assertThat(w.contents().walls().getFirst().reference().a().x()).as("the model went along").isLessThan(-7);
    }
}
