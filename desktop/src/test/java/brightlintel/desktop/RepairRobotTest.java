package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Mend;
import brightlintel.building.Underlay;
import brightlintel.demo.DemoDrawings;
import brightlintel.place.PlacedDrawing;
import brightlintel.repair.Repaired;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What is doubled, short or in pieces is shown, mended in one step, undone, mended again and kept. */
class RepairRobotTest extends WindowRobot {
    private PlacedDrawing drawing() {
        return w.drawing().orElseThrow();
    }

    private void toClear(Path drawing) {
        receive(drawing);
        button("stage-clear");
        until("faults are found", () -> w.mendings().all(drawing()).isPresent() && lookup("#repair-show").tryQuery().isPresent());
        rest();
    }

    private long shown() {
        PlacedDrawing d = drawing();
        long n = 0;
        for (int i = 0; i < d.strokes().size(); i++) if (d.cleared().strokeShown(i)) n++;
        return n;
    }

    @Test void theDemoIsMendedAndComesBack() throws Exception {
        toClear(Files.write(folder.resolve("upper.dxf"), DemoDrawings.bytes(DemoDrawings.UPPER)));
        TrueRobotTest.shot("repair-0");
        button("repair-show");
        rest();
        TrueRobotTest.shot("repair-1");
        long before = shown();
        Repaired all = w.mendings().all(drawing()).orElseThrow();
        assertThat(all.counts()).containsKeys(Mend.OVERLAPS, Mend.GAPS);
        button("mend-overlaps");
        until("without what is doubled", () -> w.mendings().proposed(drawing()).filter(r -> !r.counts().containsKey(Mend.OVERLAPS)).isPresent());
        button("mend-overlaps");
        until("with it again", () -> w.mendings().proposed(drawing()).filter(r -> r.counts().containsKey(Mend.OVERLAPS)).isPresent());
        keys(KeyCode.SHIFT, KeyCode.R);
        rest();
        TrueRobotTest.shot("repair-2");
        assertThat(drawing().repaired()).isPresent();
        assertThat(shown()).as("what was doubled is one").isLessThan(before);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(drawing().repaired()).isEmpty();
        assertThat(shown()).isEqualTo(before);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        long mended = shown();
        assertThat(mended).as("done again").isLessThan(before);
        Path to = folder.resolve("p.lintel");
        toSave.add(to);
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it is saved", () -> Files.exists(to) && !w.isDirty());
        Underlay saved = w.underlay().orElseThrow();
        toOpen.add(to);
        keys(KeyCode.CONTROL, KeyCode.O);
        until("it is open", () -> w.busy().isEmpty() && w.drawing().isPresent() && !w.history().canUndo());
        assertThat(w.underlay()).contains(saved);
        until("it is mended again", () -> drawing().repaired().isPresent());
        assertThat(shown()).isEqualTo(mended);
        button("stage-clear");
        button("repair-back");
        assertThat(shown()).isEqualTo(before);
    }

    /** Two lines that miss their corner by 4 mm: after the repair a click near it finds the corner. */
    @Test void aMendedCornerIsSnappedTo() throws Exception {
        String dxf = "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n6\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n"
            + "0\nLINE\n8\nA\n10\n0\n20\n0\n11\n9.996\n21\n0\n0\nLINE\n8\nA\n10\n10\n20\n0.004\n11\n10\n21\n8\n0\nENDSEC\n0\nEOF\n";
        toClear(Files.writeString(folder.resolve("corner.dxf"), dxf));
        keys(KeyCode.SHIFT, KeyCode.R);
        rest();
        assertThat(drawing().repaired().map(Repaired::counts).orElseThrow()).containsEntry(Mend.GAPS, 2);
        assertThat(drawing().curve(0).at(1).distance(drawing().curve(1).at(0))).as("they meet").isCloseTo(0, within(1e-12));
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(drawing().curve(0).at(1).distance(drawing().curve(1).at(0))).isGreaterThan(0.005);
    }
}
