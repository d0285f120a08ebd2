package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Units;
import brightlintel.desktop.section.SectionStrip;
import brightlintel.desktop.state.Stage;
import brightlintel.edit.Sites;
import brightlintel.geom.Point;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.collections.ListChangeListener;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What the window does not do: build anew what has not changed, keep silent, count wrongly. */
class HabitsRobotTest extends WindowRobot {
    private static final String PLAN = "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n6\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n"
        + "0\nLINE\n8\nLEVEL\n10\n-5\n20\n0\n11\n5\n21\n0\n0\nLINE\n8\nUPRIGHT\n10\n0\n20\n-5\n11\n0\n21\n5\n0\nENDSEC\n0\nEOF\n";

    @BeforeEach void received() throws Exception {
        receive(Files.writeString(folder.resolve("cross.dxf"), PLAN));
    }

    private List<Node> strip() {
        List<Node> out = new ArrayList<>();
        lookup(n -> n.getParent() instanceof SectionStrip).queryAll().forEach(out::add);
        return out;
    }

    private void aWall() {
        command("Wall");
        clickAt(1, 3);
        clickAt(4, 3);
        keys(KeyCode.ESCAPE);
        keys(KeyCode.ESCAPE);
    }

    private List<String> texts() throws Exception {
        return onWindow(() -> lookup(n -> n instanceof Labeled).queryAllAs(Labeled.class).stream().map(Labeled::getText)
            .filter(t -> t != null).toList());
    }

    @Test void theSectionIsNotBuiltAnewWhileTheViewMoves() throws Exception {
        List<Node> before = strip();
        assertThat(before).isNotEmpty();
        for (int i = 0; i < 5; i++) {
            double by = i % 2 == 0 ? 1.3 : 0.7;
            onWindow(() -> {
                window.board().zoom(by);
                return null;
            });
        }
        rest();
        assertThat(strip()).usingElementComparator((a, b) -> a == b ? 0 : 1).containsExactlyElementsOf(before);
        aWall();
        assertThat(strip()).as("a change of the model is shown").isNotEmpty();
    }

    @Test void pointingAtALayerDoesNotRestyleTheWindow() throws Exception {
        AtomicInteger changes = new AtomicInteger();
        onWindow(() -> {
            window.root().getStyleClass().addListener((ListChangeListener<String>) _ -> changes.incrementAndGet());
            for (String layer : List.of("LEVEL", "UPRIGHT", "")) w.looks(w.looks().withLit(layer));
            return null;
        });
        settle();
        assertThat(changes.get()).isZero();
        onWindow(() -> {
            w.looks(w.looks().withDark(true));
            return null;
        });
        assertThat(changes.get()).isPositive();
        assertThat(window.root().getStyleClass()).contains("dark").doesNotContain("light");
    }

    @Test void whatNobodyCaughtIsSaidAndTheWindowGoesOn() throws Exception {
        onWindow(() -> {
            window.uncaught(new IllegalStateException("a wall of no length"));
            return null;
        });
        assertThat(say()).contains("a wall of no length");
        aWall();
        assertThat(w.contents().walls()).hasSize(1);
    }

    @Test void oneWallIsOneWall() throws Exception {
        aWall();
        for (Stage stage : List.of(Stage.TRACE, Stage.PROVE, Stage.HAND_OVER)) {
            keys(KeyCode.CONTROL, KeyCode.valueOf("DIGIT" + (stage.ordinal() + 1)));
            assertThat(texts()).as(stage.name()).noneMatch(t -> t.matches(".*\\b1 (walls|doors|windows|slabs|steps|strokes|layers)\\b.*"));
        }
        assertThat(texts()).anyMatch(t -> t.contains("1 wall"));
    }

    @Test void usersOfFeetSeeNoCubicMetres() throws Exception {
        aWall();
        command("Metric, or feet");
        assertThat(project().units()).isEqualTo(Units.FEET_AND_INCHES);
        button("stage-trace");
        onWindow(() -> {
            w.select(Set.of(w.contents().walls().getFirst().id()));
            return null;
        });
        settle();
        assertThat(texts()).noneMatch(t -> t.contains("m³") || t.contains("m²")).anyMatch(t -> t.contains("cu ft"));
    }

    /** By the keyboard, wherever the docket is scrolled to. */
    private void typeInto(String id, String text) throws Exception {
        TextField f = lookup("#" + id).queryAs(TextField.class);
        onWindow(() -> {
            f.requestFocus();
            f.selectAll();
            return null;
        });
        write(text);
        keys(KeyCode.ENTER);
    }

    /** True north, ±0.00 and the survey position by the fields of True; each one step that undo takes back. */
    @Test void whereTheBuildingStandsIsTypedAndUndone() throws Exception {
        button("stage-true");
        var before = project().site();
        typeInto("site-north", "30");
        assertThat(project().site().north().value()).isBetween(0.52, 0.53);
        typeInto("site-datum", "4.5");
        assertThat(project().site().datum().value()).isEqualTo(4.5);
        typeInto("site-grid-north", "5012.5");
        assertThat(project().site().survey().value()).isEqualTo(new Point(0, 5012.5));
        assertThat(project().site().isKnown()).isTrue();
        typeInto("site-datum", "a lot");
        assertThat(project().site().datum().value()).as("what is no length changes nothing").isEqualTo(4.5);
        for (int i = 0; i < 3; i++) onWindow(() -> {
            w.undo();
            return null;
        });
        assertThat(project().site()).isEqualTo(before);
        onWindow(() -> {
            w.apply(Sites.survey(new Point(1, 2)));
            return null;
        });
        assertThat(project().site().survey().value()).isEqualTo(new Point(1, 2));
    }
}
