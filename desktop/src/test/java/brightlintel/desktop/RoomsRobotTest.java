package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brightlintel.building.Column;
import brightlintel.building.Project;
import brightlintel.building.Room;
import brightlintel.building.Section;
import brightlintel.geom.Point;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Rooms and columns by hand on the demo's ground floor: clicked, typed, offered, listed, saved. */
class RoomsRobotTest extends DemoRobot {
    private List<Room> rooms() {
        return w.contents().rooms();
    }

    private double area(Room r) {
        return w.solved().enclosures().of(r).orElseThrow().area();
    }

    @Test void aClickMakesARoomWithWhatIsWrittenInItAndEnterTheOthers() throws Exception {
        toTrace();
        button("command-room");
        clickAt(3, 2.5);
        assertThat(rooms()).singleElement().satisfies(r -> {
            assertThat(r.name()).isEqualTo("Boat bay 1");
            assertThat(r.number()).isEqualTo("0.01");
        });
        assertThat(area(rooms().getFirst())).isBetween(90.0, 110.0);
        TrueRobotTest.shot("room-first");
        keys(KeyCode.ENTER);
        int all = w.solved().enclosures().all().size();
        assertThat(rooms()).hasSize(all).hasSizeGreaterThan(2);
        assertThat(rooms()).extracting(Room::number).doesNotHaveDuplicates();
        TrueRobotTest.shot("rooms-all");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(rooms()).hasSize(1);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        assertThat(rooms()).hasSize(all);
        keys(KeyCode.ESCAPE);
        button("room-row-0-02");
        until("it is found on the board", () -> w.selected().size() == 1 && w.selected().getFirst() instanceof Room r && r.number().equals("0.02"));
        retype("prop-room-name", "Store");
        assertThat(rooms()).extracting(Room::name).contains("Store");
        retype("prop-room-number", "0.01");
        until("doubled numbers are told", () -> lookup("0.01 ✗").tryQuery().isPresent());
        TrueRobotTest.shot("rooms-doubled");
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        retype("prop-room-zone", "Heated");
        until("the zone has a sum", () -> lookup("Heated").tryQuery().isPresent());
        TrueRobotTest.shot("rooms-zone");
        assertThat(w.contents().openings()).anyMatch(o -> o.sill().isAssumed());
        button("assumed-confirm");
        assertThat(w.contents().openings()).noneMatch(o -> o.sill().isAssumed() || o.head().isAssumed());
    }

    @Test void outlinesSeparationsAndWhatIsLeft() throws Exception {
        toTrace();
        command("Outline");
        clickAt(0.18, 0.18);
        clickAt(4, 5);
        keys(KeyCode.ENTER);
        assertThat(rooms()).singleElement().satisfies(r -> assertThat(r.bound()).isInstanceOf(Room.Bound.Drawn.class));
        assertThat(area(rooms().getFirst())).isCloseTo(3.82 * 4.82, within(0.8));
        command("Remaining space");
        int all = w.solved().enclosures().all().size();
        assertThat(rooms()).hasSize(all + 1);
        double sum = rooms().stream().mapToDouble(this::area).sum();
        assertThat(sum).isCloseTo(w.solved().enclosures().all().stream().mapToDouble(e -> e.area()).sum(), within(0.05));
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        command("Separation line");
        clickAt(0.18, 6);
        clickAt(7.9, 6);
        assertThat(w.contents().separations()).hasSize(1);
        assertThat(w.solved().enclosures().all()).hasSize(all + 1);
        keys(KeyCode.ESCAPE);
    }

    @Test void columnsByTypedSectionOnCrossingsAndBackFromFile() throws Exception {
        toTrace();
        button("command-column");
        pointAt(4, 3);
        write("300x250");
        type(KeyCode.ENTER);
        assertThat(w.settings().sections().getFirst()).isEqualTo(new Section.Rectangle(0.3, 0.25));
        clickAt(4, 3);
        assertThat(w.contents().columns()).singleElement().satisfies(c -> {
            assertThat(c.section()).isEqualTo(new Section.Rectangle(0.3, 0.25));
            assertThat(c.at().distance(new Point(4, 3))).isLessThan(0.2);
        });
        keys(KeyCode.CONTROL, KeyCode.Z);
        dragFromTo(new Point(-1.5, -1.5), new Point(25, 15));
        int crossings = w.contents().columns().size();
        assertThat(crossings).as("one on each crossing of the grid").isEqualTo(12);
        TrueRobotTest.shot("columns");
        assertThat(w.solved().footprints().all().values().stream().flatMap(List::stream).count()).as("walls meet them").isGreaterThan(w.contents().walls().size());
        keys(KeyCode.ESCAPE);
        until("all of them are selected", () -> w.selection().size() == crossings);
        retype("prop-section", "Ø300");
        assertThat(w.contents().columns()).extracting(Column::section).containsOnly(new Section.Round(0.3));
        Path to = folder.resolve("p.lintel");
        toSave.add(to);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.S);
        until("it is saved", () -> Files.exists(to) && !w.isDirty());
        Project saved = project();
        assertThat(ProjectFile.open(to, new Originals(folder.resolve("again")), "Ground").project()).isEqualTo(saved);
    }
}
