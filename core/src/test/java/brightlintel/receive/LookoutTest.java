package brightlintel.receive;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Source;
import brightlintel.store.Originals;
import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A file on disk is the same, another, on its way, held, elsewhere or gone; and each is told apart from the others. */
class LookoutTest {
    @TempDir Path folder;
    private Path file;
    private Source.Version received;
    private final Lookout lookout = new Lookout();

    @BeforeEach void begin() throws IOException {
        file = Files.writeString(folder.resolve("plan.dxf"), "as received");
        received = new Source.Version(new Originals(folder.resolve("kept")).keep(file), Files.size(file), "2026-03-02T09:00:00Z", List.of());
    }

    private Standing look() {
        return lookout.look(file, received, Optional.empty());
    }

    /** Looks until it rests. */
    private Standing rested() {
        look();
        return look();
    }

    @Test void theSameBytesAreTheSameWhateverTheTime() throws IOException {
        assertThat(look()).isInstanceOf(Standing.Same.class);
        Files.writeString(file, "as received");
        assertThat(rested()).isInstanceOf(Standing.Same.class);
    }

    @Test void aFileThatIsBeingWrittenIsLeftAloneUntilItRests() throws IOException {
        look();
        Files.writeString(file, "half of");
        assertThat(look()).isEqualTo(new Standing.Writing(file));
        Files.writeString(file, "half of what comes");
        assertThat(look()).isEqualTo(new Standing.Writing(file));
        assertThat(look()).isInstanceOfSatisfying(Standing.Changed.class, c -> assertThat(c.sha256()).isNotEqualTo(received.sha256()));
    }

    @Test void whatDidNotChangeIsNotReadAgain() throws IOException {
        AtomicInteger reads = new AtomicInteger();
        Lookout counting = new Lookout(f -> {
            reads.incrementAndGet();
            return Files.newInputStream(f);
        });
        for (int i = 0; i < 5; i++) counting.look(file, received, Optional.empty());
        assertThat(reads).hasValue(1);
    }

    @Test void aFileThatIsHeldIsTriedAgain() {
        AtomicBoolean held = new AtomicBoolean(true);
        Lookout l = new Lookout(f -> {
            if (held.get()) throw new AccessDeniedException(f.toString());
            return Files.newInputStream(f);
        });
        assertThat(l.look(file, received, Optional.empty())).isEqualTo(new Standing.Held(file));
        held.set(false);
        assertThat(l.look(file, received, Optional.empty())).isInstanceOf(Standing.Same.class);
    }

    @Test void aFileWithAnotherNameInItsFolderHasMoved() throws IOException {
        Path there = Files.move(file, folder.resolve("plan 2026.dxf"));
        Files.writeString(folder.resolve("decoy.dxf"), "as_received");
        assertThat(look()).isEqualTo(new Standing.Moved(there));
    }

    @Test void aFileThatIsNowhereIsMissingAndMayComeBack() throws IOException {
        Files.delete(file);
        assertThat(look()).isInstanceOf(Standing.Missing.class);
        Files.createDirectory(file);
        assertThat(look()).as("a folder of its name").isInstanceOf(Standing.Missing.class);
        Files.delete(file);
        Files.writeString(file, "as received");
        assertThat(rested()).isInstanceOf(Standing.Same.class);
    }

    /** A project that was carried to another machine with its drawings. */
    @Test void aFileBesideTheProjectStandsForTheOneThatIsNotThere() throws IOException {
        Path elsewhere = Files.createDirectories(folder.resolve("stick")), project = elsewhere.resolve("club.lintel");
        Files.move(file, elsewhere.resolve("plan.dxf"));
        assertThat(lookout.look(file, received, Optional.of(project))).isInstanceOf(Standing.Same.class);
        Files.writeString(elsewhere.resolve("plan.dxf"), "later");
        lookout.look(file, received, Optional.of(project));
        assertThat(lookout.look(file, received, Optional.of(project)))
            .isInstanceOfSatisfying(Standing.Changed.class, c -> assertThat(c.at()).isEqualTo(elsewhere.resolve("plan.dxf")));
    }
}
