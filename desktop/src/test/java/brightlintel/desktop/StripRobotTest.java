package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Cast;
import brightlintel.building.Clearing;
import brightlintel.building.Role;
import brightlintel.building.Underlay;
import brightlintel.building.Why;
import brightlintel.demo.DemoDrawings;
import brightlintel.place.PlacedDrawing;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What everything stands for is looked at, one of it put right, and only building kept: one key, and one key back. */
class StripRobotTest extends WindowRobot {
    private PlacedDrawing drawing() {
        return w.drawing().orElseThrow();
    }

    private Clearing clearing() {
        return w.underlay().map(Underlay::clearing).orElseThrow();
    }

    private long shown(String layer) {
        PlacedDrawing d = drawing();
        long n = 0;
        for (int i = 0; i < d.strokes().size(); i++)
            if (d.strokes().layers().get(d.strokes().layerOf(i)).name().equals(layer) && d.cleared().strokeShown(i)) n++;
        return n;
    }

    private void toClear() throws Exception {
        receive(Files.write(folder.resolve("upper.dxf"), DemoDrawings.bytes(DemoDrawings.UPPER)));
        button("stage-clear");
        until("roles are found", () -> w.casts().of(drawing()).isPresent());
        rest();
    }

    @Test void onlyBuildingIsKeptAndEverythingComesBack() throws Exception {
        toClear();
        TrueRobotTest.shot("roles-1");
        Clearing before = clearing();
        assertThat(shown("FURNITURE")).isPositive();
        keys(KeyCode.T);
        rest();
        TrueRobotTest.shot("roles-2");
        assertThat(shown("FURNITURE")).isZero();
        assertThat(shown("DIM")).isZero();
        assertThat(shown("WALLS")).isPositive();
        button("role-furniture");
        assertThat(shown("FURNITURE")).as("brought back by its role").isPositive();
        assertThat(shown("DIM")).isZero();
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(clearing()).isEqualTo(before);
    }

    @Test void aRoleThatIsGivenSticksAndIsSaved() throws Exception {
        toClear();
        button("layer-role-FURNITURE");
        until("roles are offered", () -> lookup("#say-column").tryQuery().isPresent());
        clickOn("#say-column");
        until("it is said", () -> clearing().roles().stream().anyMatch(c -> c.role().why() instanceof Why.Stated));
        keys(KeyCode.T);
        assertThat(shown("FURNITURE")).as("columns are building").isPositive();
        assertThat(clearing().roles()).filteredOn(c -> c.part().equals(new Cast.Part.Layer("furniture")))
            .singleElement().satisfies(c -> assertThat(c.role().value()).isEqualTo(Role.COLUMN));
        Path to = folder.resolve("p.lintel");
        toSave.add(to);
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it is saved", () -> Files.exists(to) && !w.isDirty());
        Clearing saved = clearing();
        toOpen.add(to);
        keys(KeyCode.CONTROL, KeyCode.O);
        until("it is open", () -> w.busy().isEmpty() && w.drawing().isPresent() && !w.history().canUndo());
        assertThat(clearing()).isEqualTo(saved);
    }
}
