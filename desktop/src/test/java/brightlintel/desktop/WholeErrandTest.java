package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Contents;
import brightlintel.building.Opening;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Wall;
import brightlintel.demo.DemoDrawings;
import brightlintel.demo.HeronQuay;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.ViewMode;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** From a drawing in millimetres, turned and far away, to a two-storey model handed over: with mouse and keys alone. */
class WholeErrandTest extends WindowRobot {
    static final Affine TO_FILE = Affine.scale(1000, 1000).then(Affine.turn(HeronQuay.GROUND_TURN))
        .then(Affine.move(HeronQuay.GROUND_AT));

    /** Where a place of the true building lies on the board now. */
    private Point now(double x, double y) {
        return w.underlay().orElseThrow().placement().apply(TO_FILE.apply(x, y));
    }

    private void clickTrue(double x, double y) {
        Point p = now(x, y);
        clickAt(p.x(), p.y());
    }

    @Test void aDrawingBecomesAModelThatIsSavedReopenedUndoneAndHandedOver() throws Exception {
        Path drawing = Files.write(folder.resolve("ground.dwg"), DemoDrawings.bytes(DemoDrawings.GROUND));
        toOpen.add(drawing);
        button("start-open");
        until("the drawing is received", () -> w.busy().isEmpty() && w.drawing().isPresent());
        rest();
        assertThat(w.stage()).isEqualTo(Stage.RECEIVE);
        assertThat(w.underlay().orElseThrow().clearing().layersOff()).contains("xx-old-survey", "x-ref-notes");

        setTrue();
        clear();
        grid();
        walls();
        openings();
        slabAndStorey();
        Project made = project();
        handOverAndSave(made);
        undoEverything(made);
    }

    private void setTrue() {
        button("stage-true");
        unit("centimetre");
        assertThat(w.underlay().orElseThrow().placement().scale().value().mean()).isEqualTo(0.01);
        until("the view found the plan again", () -> w.drawing().isPresent());
        keys(KeyCode.F);
        rest();
        keys(KeyCode.K);
        clickTrue(0, 5);
        clickTrue(8, 5);
        figure("8000mm");
        Placement sized = w.underlay().orElseThrow().placement();
        assertThat(sized.scale().value().mean()).isCloseTo(0.001, within(1e-9));
        keys(KeyCode.F);
        rest();
        clickTrue(0, 0);
        clickTrue(24, 0);
        figure("24");
        assertThat(say()).contains("agrees");
        command("Along a direction");
        clickTrue(0, 5);
        clickTrue(24, 5);
        assertThat(w.underlay().orElseThrow().placement().turn().value()).isCloseTo(-HeronQuay.GROUND_TURN, within(1e-7));
        keys(KeyCode.F);
        rest();
        command("Pick the datum point");
        clickTrue(0, 0);
        Point anchor = w.underlay().orElseThrow().placement().fileAnchor().value();
        assertThat(anchor.distance(HeronQuay.GROUND_AT) * 0.001).isLessThan(1e-5);
        keys(KeyCode.F);
        rest();
        assertThat(now(24, 14).distance(new Point(24, 14))).isLessThan(1e-4);
    }

    private void clear() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT3);
        pointAt(1.0, 4.5);
        pointAt(3.05, 4.5);
        until("the stroke is named", () -> say().contains("I-FURN"));
        keys(KeyCode.C);
        assertThat(w.underlay().orElseThrow().clearing().hidesLayer("I-FURN")).isTrue();
        keys(KeyCode.B);
        assertThat(w.underlay().orElseThrow().clearing().layersOff()).isEmpty();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.underlay().orElseThrow().clearing().hidesLayer("I-FURN")).isTrue();
        clickOn("#layer-search");
        write("boats");
        until("one layer is listed", () -> lookup("#layer-BOATS-2019").tryQuery().isPresent()
            && lookup("#layer-A-WALL").tryQuery().filter(n -> n.isVisible() && n.getScene() != null).isEmpty());
        clickOn("#layer-BOATS-2019");
        assertThat(w.underlay().orElseThrow().clearing().hidesLayer("BOATS 2019")).isTrue();
        rest();
    }

    private void grid() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        button("command-grid");
        for (double x : HeronQuay.LETTERS) clickAt(x, 12.2);
        for (double y : HeronQuay.FIGURES) clickAt(10.6, y);
        assertThat(project().grid().stream().map(g -> g.label())).containsExactly("A", "B", "C", "D", "1", "2", "3");
        assertThat(project().grid().getLast().from().on()).isNotEmpty();
        keys(KeyCode.ESCAPE);
        clickAt(23.5, 14);
        assertThat(w.selection()).hasSize(1);
        retype("grid-label", "5");
        assertThat(project().grid().getLast().label()).isEqualTo("5");
        keys(KeyCode.CONTROL, KeyCode.Z);
    }

    private void walls() {
        button("command-wall");
        button("command-across");
        clickAt(20.2, -1.0);
        clickAt(20.25, 1.0);
        assertThat(w.settings().wall().thickness().value()).as("thickness read across").isCloseTo(0.36, within(1e-4));
        clickAt(0, 0);
        clickAt(8, 0);
        keys(KeyCode.BACK_SPACE);
        assertThat(w.contents().walls()).isEmpty();
        clickAt(24, 0);
        pointAt(24, 9);
        write("14");
        type(KeyCode.TAB);
        write("90");
        type(KeyCode.ENTER);
        clickAt(0, 14);
        clickAt(0, 0);
        List<Wall> walls = w.contents().walls();
        assertThat(walls).hasSize(4);
        assertThat(walls.get(1).reference().b().distance(new Point(24, 14))).isLessThan(1e-6);
        assertThat(walls.getFirst().from().on()).as("strokes the wall stands on").isNotEmpty();
        assertThat(w.solved().footprints().freeEnds()).isEmpty();
        keys(KeyCode.ESCAPE);
    }

    private void openings() {
        button("command-door");
        clickAt(2, 0.18);
        clickAt(6, 0.18);
        button("command-window");
        clickAt(16, 0.18);
        pointAt(17.2, 0.1);
        figure("1800");
        keys(KeyCode.ESCAPE);
        List<Opening> o = w.contents().openings();
        assertThat(o).hasSize(2);
        assertThat(o.getFirst().width().value()).isCloseTo(4.0, within(1e-3));
        assertThat(o.getLast().width().value()).isCloseTo(1.8, within(1e-9));
        assertThat(o.getLast().along()).isCloseTo(16.9, within(1e-3));
        assertThat(o.getFirst().sill().isAssumed()).isTrue();
        clickAt(4, 0);
        boolean was = ((Opening.Filling.Door) w.contents().openings().getFirst().filling()).hingeFar();
        keys(KeyCode.D);
        assertThat(((Opening.Filling.Door) w.contents().openings().getFirst().filling()).hingeFar()).isNotEqualTo(was);
    }

    private void slabAndStorey() {
        keys(KeyCode.ESCAPE);
        command("Slab from outer faces");
        assertThat(w.contents().slabs()).hasSize(1);
        assertThat(w.contents().slabs().getFirst().outline().area()).isCloseTo(24.36 * 14.36, within(0.01));
        keys(KeyCode.ESCAPE);
        retype("storey-height-Ground", "3.3");
        assertThat(w.storey().height().value()).isEqualTo(3.3);
        clickOn("#board");
        keys(KeyCode.ESCAPE);
        command("Repeat as a new storey");
        assertThat(project().storeys()).hasSize(2);
        Contents up = w.contents();
        assertThat(up.walls()).hasSize(4);
        assertThat(up.openings()).hasSize(2).allMatch(x -> up.wall(x.wall()).isPresent());
        assertThat(w.storey().level().value()).isEqualTo(3.3);
        keys(KeyCode.V);
        assertThat(w.looks().mode()).isEqualTo(ViewMode.SPACE);
        keys(KeyCode.V);
        assertThat(w.looks().mode()).isEqualTo(ViewMode.BOTH);
        keys(KeyCode.V);
        clickOn("#board");
        keys(KeyCode.PAGE_DOWN);
        assertThat(w.storey().name()).isEqualTo("Ground");
        rest();
    }

    private void handOverAndSave(Project made) throws Exception {
        Path ifc = folder.resolve("model.ifc");
        toSave.add(ifc);
        keys(KeyCode.CONTROL, KeyCode.E);
        until("the model is written", () -> Files.exists(ifc) && w.busy().isEmpty());
        assertThat(Files.readString(ifc)).contains("FILE_SCHEMA(('IFC4'))", "IFCWALL(", "IFCRELVOIDSELEMENT(", "IFCDOOR(", "IFCWINDOW(",
            "IFCSLAB(", "IFCGRID(");
        Path file = folder.resolve("club.lintel");
        toSave.add(file);
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it is saved", () -> !w.isDirty() && w.busy().isEmpty());
        Project saved = project();
        assertThat(saved.name()).isEqualTo("club");
        keys(KeyCode.CONTROL, KeyCode.N);
        until("a new project is there", () -> w.isEmpty());
        toOpen.add(file);
        keys(KeyCode.CONTROL, KeyCode.O);
        until("it is open again", () -> !w.isEmpty() && w.busy().isEmpty());
        assertThat(project()).isEqualTo(saved);
        assertThat(saved.contents()).isEqualTo(made.contents());
    }

    /** After reopening the history is short; each step goes back and comes again. */
    private void undoEverything(Project made) {
        clickOn("#board");
        keys(KeyCode.CONTROL, KeyCode.A);
        keys(KeyCode.DELETE);
        assertThat(w.contents().isEmpty()).isTrue();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.contents()).isEqualTo(made.on(w.storeyId()));
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        assertThat(w.contents().isEmpty()).isTrue();
        keys(KeyCode.CONTROL, KeyCode.Z);
    }
}
