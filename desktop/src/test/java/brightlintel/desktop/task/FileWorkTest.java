package brightlintel.desktop.task;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Edit;
import brightlintel.building.Project;
import brightlintel.building.Source;
import brightlintel.building.StoreyId;
import brightlintel.desktop.WindowQueue;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.drawing.SpaceKey;
import brightlintel.edit.Stacking;
import brightlintel.receive.DrawingShelf;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Answers that come when the window shows something else by then, and files that do not let themselves be read or written. */
class FileWorkTest {
    @TempDir Path folder;
    private final WindowQueue window = new WindowQueue();
    private Sessions sessions;
    private Workspace w;
    private Work work;
    private Keeping keeping;
    private FileWork files;

    @BeforeEach void begin() throws IOException {
        sessions = new Sessions(folder.resolve("home"));
        w = new Workspace(new DrawingShelf(sessions.originals()));
        work = new Work(w, window);
        keeping = new Keeping(w, sessions, e -> {
            throw new AssertionError(e);
        });
        files = new FileWork(w, work, sessions, keeping, new Recent(folder.resolve("home")));
    }

    @AfterEach void end() {
        work.shutdown();
        keeping.close();
        sessions.close();
    }

    private Path drawing(String name, int lines) throws IOException {
        StringBuilder b = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
        for (int i = 0; i < lines; i++) b.append("0\nLINE\n8\nWALLS\n10\n0\n20\n%d\n11\n%d\n21\n9\n".formatted(i, 10 + lines));
        return Files.writeString(folder.resolve(name), b + "0\nENDSEC\n0\nEOF\n");
    }

    private void received(Path f) {
        int before = w.project().underlays().size();
        files.receive(f);
        window.until(f + " is received", () -> w.project().underlays().size() == before + 1 && w.busy().isEmpty());
    }

    private Path saved(String name) {
        Path to = folder.resolve(name);
        files.save(to, () -> { });
        window.until("it is saved", () -> w.busy().isEmpty());
        return to;
    }

    @Test void aDrawingThatArrivesAfterNewStaysAway() throws Exception {
        files.receive(drawing("late.dxf", 3));
        window.arrived();
        w.startAnew();
        window.until("the reading has ended", () -> w.busy().isEmpty());
        assertThat(w.isEmpty()).isTrue();
        assertThat(w.project().underlays()).isEmpty();
    }

    @Test void aSaveThatEndsAfterNewNamesNothing() throws Exception {
        received(drawing("a.dxf", 3));
        Project old = w.project();
        List<String> then = new ArrayList<>();
        files.save(folder.resolve("old.lintel"), () -> then.add("saved"));
        window.arrived();
        w.startAnew();
        window.until("the saving has ended", () -> w.busy().isEmpty());
        assertThat(w.file()).as("the file of the project that went").isEmpty();
        assertThat(then).isEmpty();
        assertThat(w.isDirty()).isFalse();
        files.open(folder.resolve("old.lintel"), Runnable::run, () -> { });
        window.until("it is open again", () -> w.file().isPresent() && w.busy().isEmpty());
        assertThat(w.project().sources()).isEqualTo(old.sources());
    }

    @Test void whatIsDoneWhileASaveRunsIsUnsavedAfterwards() throws Exception {
        received(drawing("a.dxf", 3));
        files.save(folder.resolve("p.lintel"), () -> { });
        window.arrived();
        w.apply(Edit.of("edit.name", p -> p.withName("Later")));
        window.until("it is saved", () -> w.busy().isEmpty());
        assertThat(w.file()).isPresent();
        assertThat(w.isDirty()).isTrue();
        assertThat(w.unsavedSteps()).isEqualTo(1);
    }

    @Test void aProjectAndADrawingOpenedTogetherAreBothThere() throws Exception {
        received(drawing("a.dxf", 3));
        Path project = saved("p.lintel");
        w.startAnew();
        Path second = drawing("b.dxf", 4);
        files.open(project, Runnable::run, () -> files.receive(second));
        window.until("both are there", () -> w.project().sources().size() == 2 && w.busy().isEmpty());
        assertThat(w.project().sources()).extracting(Source::name).containsExactly("a.dxf", "b.dxf");
        assertThat(w.file()).isPresent();
        assertThat(w.isDirty()).isTrue();
    }

    @Test void whatWasAskedForLastTakesTheWindow() throws Exception {
        received(drawing("a.dxf", 3));
        Path a = saved("a.lintel");
        w.startAnew();
        received(drawing("b.dxf", 4));
        Path b = saved("b.lintel");
        files.open(a, Runnable::run, () -> { });
        files.open(b, Runnable::run, () -> { });
        window.until("both have been read", () -> w.busy().isEmpty());
        assertThat(w.project().sources()).extracting(Source::name).containsExactly("b.dxf");
        files.open(a, Runnable::run, () -> { });
        window.arrived();
        files.startAnew();
        window.until("it has been read", () -> w.busy().isEmpty());
        assertThat(w.isEmpty()).as("New came after Open").isTrue();
        files.open(a, Runnable::run, () -> { });
        window.until("it is open", () -> w.file().isPresent() && w.busy().isEmpty());
        assertThat(w.project().sources()).extracting(Source::name).containsExactly("a.dxf");
    }

    @Test void aDrawingComesOntoTheStoreyItWasAskedFor() throws Exception {
        received(drawing("a.dxf", 3));
        var ground = w.storeyId();
        w.apply(Stacking.add(StoreyId.fresh(), "Upper"));
        files.receive(drawing("b.dxf", 4));
        window.arrived();
        w.go(w.project().storeys().getLast().id());
        window.until("it is received", () -> w.project().underlays().size() == 2 && w.busy().isEmpty());
        assertThat(w.project().underlaysOf(ground)).hasSize(2);
    }

    @Test void aStoppedReadingSaysSoAndCanBeTakenUpAgain() throws Exception {
        received(drawing("a.dxf", 3));
        Path project = saved("p.lintel");
        w.startAnew();
        files.open(project, Runnable::run, () -> work.stop());
        window.until("it is open", () -> w.file().isPresent() && w.busy().isEmpty());
        var u = w.underlay().orElseThrow();
        if (!w.onBoard().isRead(u)) {
            assertThat(w.onBoard().trouble(u.id()).orElseThrow()).contains("a.dxf");
            files.readAgain();
            window.until("it is read", () -> w.onBoard().isRead(u) && w.busy().isEmpty());
        }
        assertThat(w.onBoard().trouble(u.id())).isEmpty();
        assertThat(w.drawing()).isPresent();
    }

    @Test void aDrawingWhoseOriginalIsGoneIsNotReadForEver() throws Exception {
        received(drawing("a.dxf", 3));
        Path project = saved("p.lintel");
        String sha = w.project().sources().getFirst().newest().sha256();
        Sessions other = new Sessions(folder.resolve("home2"));
        Workspace w2 = new Workspace(new DrawingShelf(other.originals()));
        Work work2 = new Work(w2, window);
        FileWork files2 = new FileWork(w2, work2, other, new Keeping(w2, other, _ -> { }), new Recent(folder.resolve("home2")));
        files2.open(project, r -> {
            try {
                Files.delete(other.originals().path(sha));
            } catch (IOException e) {
                throw new AssertionError(e);
            }
            r.run();
        }, () -> { });
        window.until("the reading has failed", () -> w2.file().isPresent() && w2.busy().isEmpty());
        assertThat(w2.onBoard().trouble(w2.underlay().orElseThrow().id())).isPresent();
        assertThat(w2.message().tone()).isEqualTo(Message.Tone.BAD);
        assertThat(w2.message().text()).contains("a.dxf");
        work2.shutdown();
        other.close();
    }

    @Test void aFullDiskIsSaidAndTheOldFileStays() throws Exception {
        received(drawing("a.dxf", 3));
        Path project = saved("p.lintel");
        byte[] before = Files.readAllBytes(project);
        w.apply(Edit.of("edit.name", p -> p.withName("More")));
        Path gone = folder.resolve("no/such/folder/p.lintel");
        List<String> then = new ArrayList<>();
        files.save(gone, () -> then.add("saved"));
        window.until("it has failed", () -> w.busy().isEmpty());
        assertThat(w.message().tone()).isEqualTo(Message.Tone.BAD);
        assertThat(then).isEmpty();
        assertThat(w.isDirty()).isTrue();
        assertThat(w.file().map(Path::getFileName)).contains(Path.of("p.lintel"));
        assertThat(Files.readAllBytes(project)).isEqualTo(before);
        assertThat(gone.getParent()).doesNotExist();
    }

    /** Stop means all that waits; a save among it is not silently left out. */
    @Test void aSaveThatWasStoppedBeforeItBeganSaysSo() throws Exception {
        received(drawing("a.dxf", 3));
        w.apply(Edit.of("edit.name", p -> p.withName("Mine")));
        CountDownLatch hold = new CountDownLatch(1);
        work.run("long", _ -> hold.await(30, TimeUnit.SECONDS), new Work.Answer<>(_ -> { }, _ -> { }, () -> { }));
        files.save(folder.resolve("p.lintel"), () -> { });
        work.stop();
        hold.countDown();
        window.until("all has ended", () -> w.busy().isEmpty());
        assertThat(folder.resolve("p.lintel")).doesNotExist();
        assertThat(w.isDirty()).isTrue();
        assertThat(w.message().text()).contains("p.lintel", "stopped");
    }

    @Test void theSameFileIsNotTakenInTwice() throws Exception {
        Path f = drawing("a.dxf", 3);
        received(f);
        files.receive(f);
        window.until("the second reading has ended", () -> w.busy().isEmpty());
        assertThat(w.project().sources()).hasSize(1);
        assertThat(w.project().underlays()).as("laid over itself it would double every stroke").hasSize(1);
        assertThat(w.message().text()).contains("a.dxf", "already");
        w.apply(Stacking.add(StoreyId.fresh(), "Upper"));
        w.go(w.project().storeys().getLast().id());
        received(f);
        assertThat(w.project().sources()).hasSize(1);
    }

    @Test void aSpaceThatIsNotThereIsSaid() throws Exception {
        received(drawing("a.dxf", 3));
        files.lay(w.project().sources().getFirst(), new SpaceKey.Layout("none"));
        window.until("it has ended", () -> w.busy().isEmpty());
        assertThat(w.message().tone()).isEqualTo(Message.Tone.BAD);
        assertThat(w.project().underlays()).hasSize(1);
    }

    @Test void lostWorkOpensWithItsFileAndIsStillUnsaved() throws Exception {
        received(drawing("a.dxf", 3));
        Project p = w.project();
        Sessions.Lost lost = new Sessions.Lost(Files.createDirectories(folder.resolve("dead")), p.withName("Lost"),
            Optional.of(folder.resolve("x.lintel")), Files.getLastModifiedTime(folder).toInstant(), 3);
        List<String> asked = new ArrayList<>();
        files.recover(lost, r -> asked.add("asked"));
        window.until("it asks first", () -> !asked.isEmpty() && w.busy().isEmpty());
        assertThat(w.project()).as("nothing gives way unasked").isEqualTo(p);
        files.recover(lost, Runnable::run);
        window.until("it is shown", () -> w.project().name().equals("Lost"));
        assertThat(w.isDirty()).isTrue();
        assertThat(w.file()).contains(folder.resolve("x.lintel"));
    }
}
