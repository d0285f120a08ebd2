package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Storey;
import brightlintel.building.Underlay;
import brightlintel.receive.SheetCuts;
import brightlintel.sheet.SheetParts.Kind;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** A sheet of two plans and an elevation becomes the underlays of two storeys, and the elevation is kept. */
class SheetRobotTest extends WindowRobot {
    private final StringBuilder dxf = new StringBuilder("0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n6\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n");

    private void line(double x0, double y0, double x1, double y1) {
        dxf.append(String.format(Locale.ROOT, "0\nLINE\n8\nA\n10\n%f\n20\n%f\n11\n%f\n21\n%f\n", x0, y0, x1, y1));
    }

    private void box(double x, double y, double w, double h) {
        line(x, y, x + w, y);
        line(x + w, y, x + w, y + h);
        line(x + w, y + h, x, y + h);
        line(x, y + h, x, y);
    }

    private void text(String t, double x, double y, double h) {
        dxf.append(String.format(Locale.ROOT, "0\nTEXT\n8\nT\n10\n%f\n20\n%f\n40\n%f\n1\n%s\n", x, y, h, t));
    }

    private void plan(double x, double y, String title, int rooms) {
        box(x, y, 14, 8);
        box(x + 0.3, y + 0.3, 13.4, 7.4);
        line(x + 0.3, y + 4, x + 13.7, y + 4);
        line(x + 0.3, y + 4.12, x + 13.7, y + 4.12);
        for (int i = 0; i < rooms; i++) {
            double d = x + 1 + 12.0 * i / rooms;
            line(d, y + 4.12, d, y + 5.005);
            dxf.append(String.format(Locale.ROOT, "0\nARC\n8\nA\n10\n%f\n20\n%f\n40\n0.885\n50\n0\n51\n90\n", d, y + 4.12));
            if (i > 0) line(d - 0.5, y + 0.3, d - 0.5, y + 4);
            text("Room " + i, d + 0.4, y + 2, 0.2);
        }
        text(title, x + 4, y - 1.2, 0.5);
    }

    private Path sheet() throws IOException {
        plan(0, 0, "Ground floor plan", 4);
        plan(19, 0, "First floor plan", 3);
        box(0, 13, 14, 6);
        line(-1, 13, 15, 13);
        for (int i = 0; i < 5; i++) box(1 + 2.5 * i, 14.2, 1.2, 1.5);
        text("South elevation", 4, 11.8, 0.5);
        box(-4, -5, 42, 27);
        box(28, -5, 10, 2);
        text("Heron Quay Rowing Club", 29, -4.2, 0.4);
        return Files.writeString(folder.resolve("sheet.dxf"), dxf + "0\nENDSEC\n0\nEOF\n");
    }

    private List<SheetCuts.Choice> offered() {
        return w.sheets().offered(w.drawing().orElseThrow());
    }

    private void toClear() throws IOException {
        receive(sheet());
        button("stage-clear");
        until("parts are found", () -> !offered().isEmpty() && lookup("#sheet-parts").tryQuery().isPresent());
        rest();
    }

    @Test void plansGoToTheirStoreysInOneStep() throws Exception {
        toClear();
        assertThat(offered()).extracting(c -> c.part().kind()).containsExactly(Kind.PLAN, Kind.PLAN, Kind.ELEVATION);
        jumpTo(lookup("#part-1").query());
        until("the second plan is lit", () -> w.sheets().pointed().stream().anyMatch(i -> i == 1));
        TrueRobotTest.shot("sheet-1");
        button("command-cut-plans");
        rest();
        TrueRobotTest.shot("sheet-2");
        assertThat(project().storeys()).extracting(Storey::name).containsExactly("Ground", "First floor plan");
        List<Underlay> laid = project().storeys().stream().map(s -> project().underlaysOf(s.id())).map(List::getFirst).toList();
        assertThat(laid.get(0).placement().apply(laid.get(0).cutOut().orElseThrow().corners().getFirst())
            .distance(laid.get(1).placement().apply(laid.get(1).cutOut().orElseThrow().corners().getFirst()))).as("one over the other").isLessThan(1e-9);
        assertThat(shownBox()).isBetween(15.0, 17.0);
        button("kept-0");
        assertThat(project().underlaysOf(w.storeyId())).as("the elevation is looked at").hasSize(2);
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(project().storeys()).hasSize(1);
        assertThat(project().underlays()).singleElement().satisfies(u -> assertThat(u.cutOut()).isEmpty());
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        Path to = folder.resolve("p.lintel");
        toSave.add(to);
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it is saved", () -> Files.exists(to) && !w.isDirty());
        List<Underlay> before = project().underlays();
        assertThat(before).as("done again").hasSize(3);
        toOpen.add(to);
        keys(KeyCode.CONTROL, KeyCode.O);
        until("it is open", () -> w.busy().isEmpty() && w.drawing().isPresent() && !w.history().canUndo());
        assertThat(project().underlays()).isEqualTo(before);
        button("stage-clear");
        until("the elevation is known again", () -> lookup("#kept-0").tryQuery().isPresent());
    }

    /** Across what is shown of the drawing in hand, metres. */
    private double shownBox() throws Exception {
        return onWindow(() -> w.drawing().orElseThrow().extent().main().diagonal());
    }

    @Test void aPartIsDrawnByHandAndAnotherIsLeft() throws Exception {
        toClear();
        button("part-2");
        assertThat(offered().get(2).taken()).as("the elevation is not kept").isFalse();
        button("command-cut-out");
        clickAt(-0.5, 12);
        clickAt(14.8, 20);
        keys(KeyCode.ENTER);
        until("there is one more", () -> offered().size() == 4);
        assertThat(offered().getLast().part().outline().box().width()).isBetween(15.0, 15.6);
        button("command-cut-plans");
        assertThat(project().underlays()).hasSize(3);
        assertThat(project().underlaysOf(w.storeyId())).as("by hand, on the storey in hand").hasSize(2);
    }
}
