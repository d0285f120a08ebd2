package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.bench.LargeDxf;
import brightlintel.building.Project;
import brightlintel.building.Units;
import brightlintel.demo.HeronQuayDrawings;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Stage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import javafx.scene.input.KeyCode;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What goes wrong in real work: bad files, huge files, a change of mind. */
class HardCasesTest extends WindowRobot {
    private void openAndBeTold(Path file, String words) {
        toOpen.add(file);
        keys(KeyCode.CONTROL, KeyCode.O);
        until("the window says why " + file.getFileName() + " is not read", () -> w.busy().isEmpty()
            && w.message().tone() == Message.Tone.BAD && say().contains(words));
    }

    @Test void filesThatCannotBeReadAreRefusedInPlainWordsAndNothingChanges() throws Exception {
        Path good = Files.writeString(folder.resolve("upper.dxf"), HeronQuayDrawings.upper());
        receive(good);
        Project before = project();
        openAndBeTold(Files.write(folder.resolve("empty.dxf"), new byte[0]), "empty.dxf is empty");
        openAndBeTold(Files.createDirectory(folder.resolve("plans")), "plans is a folder");
        openAndBeTold(Files.writeString(folder.resolve("letter.dxf"), "Dear sirs"), "letter.dxf is not a drawing");
        openAndBeTold(Files.writeString(folder.resolve("old.dwg"), "AC1015......"), "old.dwg is too damaged");
        openAndBeTold(Files.writeString(folder.resolve("broken.lintel"), "PK\u0003\u0004 and no more"), "broken.lintel");
        assertThat(project()).isEqualTo(before);
    }

    @Test void aHugeDrawingIsReadBehindALiveWindowAndCanBeStopped() throws Exception {
        Path large = folder.resolve("large.dxf");
        LargeDxf.mixed(large, 120_000);
        Project before = project();
        toOpen.add(large);
        keys(KeyCode.CONTROL, KeyCode.O);
        until("it is being read", () -> w.busy().isPresent() && lookup("#busy-stop").tryQuery().isPresent());
        button("busy-stop");
        until("it has stopped", () -> w.busy().isEmpty());
        assertThat(project()).isEqualTo(before);
        AtomicLong slowest = new AtomicLong();
        AtomicInteger whileReading = new AtomicInteger();
        toOpen.add(large);
        keys(KeyCode.CONTROL, KeyCode.O);
        // one ping at a time: how long the window takes to answer is counted while it reads, not after its queue has drained
        for (long end = System.nanoTime() + 60_000_000_000L; w.drawing().isEmpty() && System.nanoTime() < end;) {
            long asked = System.nanoTime();
            boolean reading = onWindow(() -> w.busy().isPresent());
            if (reading) {
                whileReading.incrementAndGet();
                slowest.accumulateAndGet(System.nanoTime() - asked, Math::max);
            }
            // it has many layers, and is shown before it is taken
            if (onWindow(() -> w.pages().filter(p -> !p.ticked().isEmpty()).isPresent())) keys(KeyCode.T);
            Thread.sleep(5);
        }
        until("the large drawing is there", () -> w.drawing().isPresent() && w.busy().isEmpty());
        assertThat(whileReading.get()).as("answers of the window while it reads").isGreaterThan(20);
        assertThat(slowest.get() / 1_000_000).as("the slowest answer, ms").isLessThan(1000);
        assertThat(w.drawing().orElseThrow().strokes().size()).isGreaterThan(300_000);
        rest();
        keys(KeyCode.CONTROL, KeyCode.DIGIT3);
        until("its layers are listed", () -> lookup("#layers").tryQuery().isPresent());
        assertThat(w.underlay().orElseThrow().placement().scale().value().mean()).isEqualTo(0.001);
    }

    @Test void unsavedWorkIsAskedAboutAndAMisclickCostsOneKey() throws Exception {
        receive(Files.writeString(folder.resolve("upper.dxf"), HeronQuayDrawings.upper()));
        keys(KeyCode.CONTROL, KeyCode.N);
        until("it asks", () -> lookup("#unsaved-stay").tryQuery().isPresent());
        keys(KeyCode.ESCAPE);
        assertThat(w.isEmpty()).isFalse();
        button("stage-true");
        unit("foot");
        assertThat(w.underlay().orElseThrow().placement().scale().value().mean()).isEqualTo(0.3048);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.underlay().orElseThrow().placement().scale().value().mean()).isEqualTo(1.0);
        keys(KeyCode.CONTROL, KeyCode.N);
        until("it asks again", () -> lookup("#unsaved-drop").tryQuery().isPresent());
        button("unsaved-drop");
        until("it is empty", () -> w.isEmpty());
    }

    @Test void anybodyCanWorkByKeysAndInFeet() throws Exception {
        receive(Files.writeString(folder.resolve("upper.dxf"), HeronQuayDrawings.upper()));
        command("Metric, or feet");
        assertThat(project().units()).isEqualTo(Units.FEET_AND_INCHES);
        for (int i = 0; i < 6; i++) {
            keys(KeyCode.CONTROL, KeyCode.valueOf("DIGIT" + (i + 1)));
            assertThat(w.stage()).isEqualTo(Stage.values()[i]);
        }
        command("Wall");
        write("8");
        type(KeyCode.ENTER);
        assertThat(w.settings().wall().thickness().value()).as("a bare figure is inches here").isCloseTo(8 * 0.0254, Assertions.within(1e-9));
        clickAt(1, -4);
        pointAt(6, -4);
        write("12'-6 1/2\"");
        assertThat(lookup("#prompt-understood").queryLabeled().getText()).isEqualTo("12'-6 1/2\"");
        type(KeyCode.TAB);
        write("0");
        type(KeyCode.ENTER);
        assertThat(w.contents().walls().getFirst().length()).isCloseTo(3.8227, Assertions.within(1e-6));
        keys(KeyCode.ESCAPE);
        keys(KeyCode.ESCAPE);
        assertThat(w.tool().id()).isEqualTo("select");
        keys(KeyCode.F1);
        until("the keys are shown", () -> lookup("#keys-page").tryQuery().isPresent());
        keys(KeyCode.ESCAPE);
        settle();
        assertThat(lookup("#keys-page").tryQuery()).isEmpty();
    }
}
