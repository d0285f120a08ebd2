package brightlintel.desktop.task;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Edit;
import brightlintel.building.Project;
import brightlintel.desktop.state.Workspace;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.ProjectFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whatever is done, saved and undone: what lies in the session's folder is what is unsaved. */
class KeepingTest {
    @TempDir Path home;
    private final CopyOnWriteArrayList<IOException> failures = new CopyOnWriteArrayList<>();
    private Sessions sessions;
    private Workspace w;
    private Keeping keeping;

    @BeforeEach void begin() throws IOException {
        sessions = new Sessions(home);
        w = new Workspace(new DrawingShelf(sessions.originals()));
        keeping = new Keeping(w, sessions, failures::add);
    }

    @AfterEach void end() {
        keeping.close();
        sessions.close();
    }

    private void name(String n) {
        w.apply(Edit.of("edit.name", p -> p.withName(n)));
    }

    /** What is kept, once the keeper has done what it was told. */
    private Project kept() throws IOException {
        keeping.close();
        try (Stream<Path> all = Files.walk(home)) {
            Path work = all.filter(f -> f.endsWith("work.json")).findFirst().orElse(null);
            return work == null ? null : ProjectFile.decisions(Files.readAllBytes(work), "Ground").project();
        }
    }

    @Test void anEditIsKept() throws IOException {
        name("A");
        keeping.now();
        assertThat(kept()).isEqualTo(w.project());
    }

    @Test void whatIsSavedIsNotKept() throws IOException {
        name("A");
        keeping.now();
        w.savedAs(home.resolve("a.lintel"), w.project());
        keeping.now();
        assertThat(kept()).isNull();
    }

    /** Kept, saved, and undone back to what was kept before: it is unsaved again and has to be written again. */
    @Test void undoAfterASaveIsKept() throws IOException {
        name("A");
        keeping.now();
        Project a = w.project();
        name("B");
        w.savedAs(home.resolve("a.lintel"), w.project());
        keeping.now();
        w.undo();
        keeping.now();
        assertThat(w.project()).isEqualTo(a);
        assertThat(kept()).isEqualTo(a);
    }

    @RepeatedTest(6) void law(RepetitionInfo n) throws IOException {
        Random r = new Random(Long.getLong("seed", 100) + n.getCurrentRepetition());
        for (int i = 0; i < 40; i++)
            switch (r.nextInt(5)) {
                case 0, 1 -> name("N" + r.nextInt(6));
                case 2 -> w.undo();
                case 3 -> w.redo();
                default -> w.savedAs(home.resolve("a.lintel"), w.project());
            }
        keeping.now();
        boolean dirty = w.isDirty() && !w.isEmpty();
        assertThat(kept()).isEqualTo(dirty ? w.project() : null);
        assertThat(failures).isEmpty();
    }

    @Test void aFolderThatTakesNothingIsToldOnceAndTheWindowGoesOn() throws Exception {
        sessions.close();
        name("A");
        keeping.now();
        keeping.close();
        assertThat(failures).hasSize(1);
        assertThat(w.project().name()).isEqualTo("A");
    }
}
