package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Placement;
import brightlintel.building.Underlay;
import brightlintel.demo.AnnexeSheets;
import brightlintel.demo.DemoDrawings;
import brightlintel.demo.HeronQuay;
import brightlintel.desktop.state.Proposed;
import brightlintel.geom.Point;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Drawings are set right by what was found of them, with as few keys as there are things to decide. */
class TrueRobotTest extends WindowRobot {
    private static final double CLOSE = 0.002;

    private Path demo(String name) throws IOException {
        return Files.write(folder.resolve(name), DemoDrawings.bytes(name));
    }

    private void found() {
        until("size and place are found", () -> !w.reckonings().isWorking() && w.drawing().flatMap(w.reckonings()::of).isPresent()
            && !Proposed.of(w).isEmpty() && !w.reckonings().isWorking());
    }

    private Placement placement() {
        return w.underlay().map(Underlay::placement).orElseThrow();
    }

    private void takeAll() {
        found();
        keys(KeyCode.SHIFT, KeyCode.T);
        found();
        keys(KeyCode.SHIFT, KeyCode.T);
        rest();
    }

    static void shot(String name) {
        try {
            String to = System.getProperty("shots", "");
            if (!to.isEmpty()) new ProcessBuilder("import", "-window", "root", "-crop", "1280x800+0+0", to + "/" + name + ".png").start().waitFor();
        } catch (IOException | InterruptedException e) {
            throw new AssertionError(e);
        }
    }

    @Test void storeysOfTheDemoComeToLieOnEachOther() throws IOException {
        receive(demo(DemoDrawings.GROUND));
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        found();
        shot("1-ground-found");
        keys(KeyCode.SHIFT, KeyCode.T);
        rest();
        shot("2-ground-taken");
        assertThat(placement().apply(HeronQuay.GROUND_AT).length()).isLessThan(CLOSE);
        assertThat(w.history().past()).as("receiving, then size, turn and datum").hasSize(4);
        command("Add a storey above");
        receive(demo(DemoDrawings.UPPER));
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        found();
        shot("3-upper-found");
        keys(KeyCode.T);
        found();
        shot("4-upper-sized");
        keys(KeyCode.SHIFT, KeyCode.T);
        rest();
        shot("5-upper-in-line");
        assertThat(placement().apply(HeronQuay.UPPER_AT).length()).isLessThan(CLOSE);
    }
}
