package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Edit;
import brightlintel.demo.HeronQuayDrawings;
import brightlintel.desktop.task.Claims;
import brightlintel.desktop.task.FileWork;
import brightlintel.desktop.task.Sessions;
import brightlintel.store.ProjectFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Saving, closing, writing over and taking up lost work, by mouse and keys: nothing is lost unasked. */
class DocumentsRobotTest extends WindowRobot {
    private void aDrawing() throws Exception {
        receive(Files.writeString(folder.resolve("upper.dxf"), HeronQuayDrawings.upper()));
    }

    private void rename(String name) throws Exception {
        onWindow(() -> {
            w.apply(Edit.of("edit.name", p -> p.withName(name)));
            return null;
        });
    }

    private boolean isShown(String id) {
        return lookup("#" + id).tryQuery().isPresent();
    }

    private Path savedAs(String name) {
        Path to = folder.resolve(name);
        toSave.add(to);
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it is saved", () -> w.busy().isEmpty() && w.file().isPresent() && !w.isDirty());
        return to;
    }

    private String nameIn(Path file) throws Exception {
        return ProjectFile.open(file, new Sessions(folder.resolve("look")).originals(), "Ground").project().name();
    }

    @Test void saveAndCloseSavesAndCloses() throws Exception {
        aDrawing();
        Path file = savedAs("club.lintel");
        rename("Last change");
        onWindow(() -> {
            window.askClose();
            return null;
        });
        until("it asks", () -> isShown("unsaved-save"));
        button("unsaved-save");
        until("the window is closed", () -> !stage.isShowing());
        assertThat(nameIn(file)).isEqualTo("Last change");
    }

    @Test void whatIsDoneWhileItSavesAndClosesIsAskedForAgain() throws Exception {
        aDrawing();
        Path file = savedAs("club.lintel");
        rename("First change");
        onWindow(() -> {
            window.askClose();
            return null;
        });
        until("it asks", () -> isShown("unsaved-save"));
        // in one turn of the window, so that the change surely comes before the save has ended
        onWindow(() -> {
            lookup("#unsaved-save").queryButton().fire();
            w.apply(Edit.of("edit.name", p -> p.withName("Second change")));
            return null;
        });
        until("it asks again", () -> w.busy().isEmpty() && isShown("unsaved-save"));
        assertThat(stage.isShowing()).isTrue();
        assertThat(nameIn(file)).isEqualTo("First change");
        button("unsaved-save");
        until("the window is closed", () -> !stage.isShowing());
        assertThat(nameIn(file)).isEqualTo("Second change");
    }

    /** The dialog of the system was asked for "club" and could not know of "club.lintel". */
    @Test void aFileTheUserDidNotAgreeToIsNotWrittenOver() throws Exception {
        aDrawing();
        Path there = Files.writeString(folder.resolve("club.lintel"), "somebody's work");
        agrees = false;
        toSave.add(there);
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it asks", () -> isShown("over-write"));
        keys(KeyCode.ESCAPE);
        assertThat(Files.readString(there)).isEqualTo("somebody's work");
        assertThat(w.file()).isEmpty();
        toSave.add(there);
        toSave.add(folder.resolve("other.lintel"));
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it asks", () -> isShown("over-other"));
        button("over-other");
        until("it is saved beside it", () -> w.busy().isEmpty() && w.file().isPresent());
        assertThat(folder.resolve("other.lintel")).exists();
        assertThat(Files.readString(there)).isEqualTo("somebody's work");
        toSave.add(there);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.S);
        until("it asks", () -> isShown("over-write"));
        button("over-write");
        until("it is written over", () -> w.busy().isEmpty() && w.file().filter(there::equals).isPresent());
        assertThat(FileWork.isProject(there)).isTrue();
    }

    @Test void aFileThatChangedOnDiskIsNotWrittenOverUnasked() throws Exception {
        aDrawing();
        Path file = savedAs("club.lintel");
        byte[] others = "changed by somebody".getBytes(StandardCharsets.UTF_8);
        Files.write(file, others);
        rename("Mine");
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it asks", () -> isShown("claim-stay"));
        button("claim-stay");
        assertThat(Files.readAllBytes(file)).isEqualTo(others);
        assertThat(w.isDirty()).isTrue();
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it asks again", () -> isShown("claim-write"));
        button("claim-write");
        until("it is saved", () -> w.busy().isEmpty() && !w.isDirty());
        assertThat(nameIn(file)).isEqualTo("Mine");
    }

    @Test void savedElsewhereInsteadTheWindowClosesAsItWasAskedTo() throws Exception {
        aDrawing();
        Path file = savedAs("club.lintel"), other = folder.resolve("mine.lintel");
        Files.writeString(file, "changed by somebody");
        rename("Mine");
        onWindow(() -> {
            window.askClose();
            return null;
        });
        until("it asks", () -> isShown("unsaved-save"));
        toSave.add(other);
        button("unsaved-save");
        until("it asks about the file", () -> isShown("claim-as"));
        button("claim-as");
        until("the window is closed", () -> !stage.isShowing());
        assertThat(nameIn(other)).isEqualTo("Mine");
        assertThat(Files.readString(file)).isEqualTo("changed by somebody");
    }

    @Test void aProjectThatAnotherWindowHasOpenIsSaid() throws Exception {
        aDrawing();
        Path file = savedAs("club.lintel");
        keys(KeyCode.CONTROL, KeyCode.N);
        until("it is empty", () -> w.isEmpty());
        Claims other = new Claims(folder.resolve("home"));
        assertThat(other.take(file)).isTrue();
        toOpen.add(file);
        keys(KeyCode.CONTROL, KeyCode.O);
        until("it is said", () -> w.busy().isEmpty() && say().contains("club.lintel"));
        rename("Mine");
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it asks", () -> isShown("claim-stay"));
        keys(KeyCode.ESCAPE);
        assertThat(nameIn(file)).isNotEqualTo("Mine");
        other.release();
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it is saved", () -> w.busy().isEmpty() && !w.isDirty());
        assertThat(nameIn(file)).isEqualTo("Mine");
    }

    @Test void aFolderThatMayNotBeWrittenIsSaidAndTheWorkStays() throws Exception {
        aDrawing();
        toSave.add(folder.resolve("no-such-folder/club.lintel"));
        keys(KeyCode.CONTROL, KeyCode.S);
        until("it is said", () -> w.busy().isEmpty() && say().contains("club.lintel"));
        assertThat(w.isDirty()).isTrue();
        assertThat(w.file()).isEmpty();
    }

    /** The question of lost work says what and when, and takes no key that was meant for the board. */
    @Test void lostWorkIsOfferedInWordsAndKeysMeantForTheBoardChooseNothing() throws Exception {
        aDrawing();
        Sessions dead = new Sessions(folder.resolve("home"));
        dead.keep(w.project().withName("Club of last week"), Optional.of(Path.of("/x/club.lintel")), 7);
        Path mine;
        try (var all = Files.list(folder.resolve("home/sessions"))) {
            mine = all.filter(f -> Files.exists(f.resolve("work.json"))).findFirst().orElseThrow();
        }
        Path copy = folder.resolve("home/sessions/dead");
        Files.createDirectories(copy.resolve("originals"));
        for (String f : new String[] {"work.json", "file.txt", "lock"}) Files.copy(mine.resolve(f), copy.resolve(f));
        dead.close();
        var before = w.project();
        onWindow(() -> {
            window.offerLost();
            return null;
        });
        until("it asks", () -> isShown("lost-take"));
        String text = lookup(".card .label").queryAllAs(Label.class).stream().map(Label::getText).reduce("", String::concat);
        assertThat(text).contains("Club of last week", "upper.dxf", "7");
        keys(KeyCode.ENTER);
        keys(KeyCode.SPACE);
        keys(KeyCode.K);
        assertThat(isShown("lost-take")).isTrue();
        assertThat(w.project()).isEqualTo(before);
        button("lost-take");
        until("it asks for what is unsaved here", () -> isShown("unsaved-stay"));
        keys(KeyCode.ESCAPE);
        settle();
        assertThat(w.project()).as("what was open gives way only when the user says so").isEqualTo(before);
        assertThat(copy).exists();
    }
}
