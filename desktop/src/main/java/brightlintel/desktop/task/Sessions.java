package brightlintel.desktop.task;

import brightlintel.building.Project;
import brightlintel.desktop.text.Words;
import brightlintel.store.Originals;
import brightlintel.store.ProjectFile;
import brightlintel.store.Replacing;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A folder for each running window: originals, and the work since the last save. It goes when the window closes in order; one that is left
 * behind and locked by nobody belongs to a window that died, and its work is offered again.
 */
public final class Sessions {
    private static final String WORK = "work.json", FILE = "file.txt", LOCK = "lock", ORIGINALS = "originals";
    private final Path home;
    private final Path mine;
    private final FileChannel lock;
    private final Originals originals;

    public Sessions(Path home) throws IOException {
        this.home = home;
        this.mine = Files.createDirectories(home.resolve("sessions").resolve(UUID.randomUUID().toString()));
        this.lock = FileChannel.open(mine.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        this.lock.lock();
        this.originals = new Originals(mine.resolve(ORIGINALS));
    }

    /** Where recent files, sessions and settings lie. */
    public static Path usualHome() {
        String own = System.getProperty("brightlintel.home", System.getenv().getOrDefault("BRIGHT_LINTEL_HOME", ""));
        return own.isEmpty() ? Path.of(System.getProperty("user.home"), ".bright-lintel") : Path.of(own);
    }

    public Path home() {
        return home;
    }

    public Originals originals() {
        return originals;
    }

    /** Writes the unsaved work; all or nothing. @param steps that are not saved */
    public void keep(Project p, Optional<Path> file, int steps) throws IOException {
        Files.write(mine.resolve(FILE), List.of(file.map(Path::toString).orElse(""), Integer.toString(steps)));
        Replacing.write(mine.resolve(WORK), out -> out.write(ProjectFile.decisions(p)));
    }

    /** Nothing is unsaved any more. */
    public void forget() throws IOException {
        Files.deleteIfExists(mine.resolve(WORK));
    }

    /** Work of a window that died. @param steps that were not saved, 0 where that is not known */
    public record Lost(Path folder, Project project, Optional<Path> file, Instant when, int steps) { }

    /** The newest that can be read; folders of dead windows without work are cleared away. */
    public Optional<Lost> lost() throws IOException {
        List<Lost> out = new ArrayList<>();
        try (Stream<Path> folders = Files.list(home.resolve("sessions"))) {
            for (Path f : folders.filter(f -> !f.equals(mine)).toList()) if (isDead(f)) look(f).ifPresent(out::add);
        }
        out.sort(Comparator.comparing(Lost::when).reversed());
        return out.stream().findFirst();
    }

    private static boolean isDead(Path folder) {
        Path l = folder.resolve(LOCK);
        if (!Files.exists(l)) return false;
        try (FileChannel c = FileChannel.open(l, StandardOpenOption.WRITE); FileLock got = c.tryLock()) {
            return got != null;
        } catch (IOException | OverlappingFileLockException e) {
            return false;
        }
    }

    private Optional<Lost> look(Path folder) throws IOException {
        Path work = folder.resolve(WORK);
        if (!Files.exists(work)) {
            remove(folder);
            return Optional.empty();
        }
        try {
            List<String> notes = Files.readAllLines(folder.resolve(FILE));
            String file = notes.isEmpty() ? "" : notes.getFirst();
            int steps = notes.size() > 1 && notes.get(1).matches("\\d{1,6}") ? Integer.parseInt(notes.get(1)) : 0;
            Project p = ProjectFile.decisions(Files.readAllBytes(work), Words.of("storey.ground")).project();
            return Optional.of(new Lost(folder, p, file.isBlank() ? Optional.empty() : Optional.of(Path.of(file)),
                Files.getLastModifiedTime(work).toInstant(), steps));
        } catch (IOException | InvalidPathException e) {
            // cut off in the middle of a crash: nothing to offer, but nothing is thrown away either
            return Optional.empty();
        }
    }

    /** Takes over the originals of lost work, and which of them were read along with which. */
    public void adopt(Lost lost) throws IOException {
        Path from = lost.folder.resolve(ORIGINALS);
        if (!Files.isDirectory(from)) return;
        try (Stream<Path> files = Files.list(from)) {
            for (Path f : files.filter(x -> x.getFileName().toString().matches("[0-9a-f]{64}")).toList()) originals.keep(f);
        }
        ProjectFile.noteCompanions(lost.project, originals);
    }

    public void discard(Lost lost) throws IOException {
        remove(lost.folder);
    }

    private static void remove(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path f : all.sorted(Comparator.reverseOrder()).toList()) Files.deleteIfExists(f);
        }
    }

    /** In order: the folder goes. */
    public void close() {
        try {
            lock.close();
            remove(mine);
        } catch (IOException e) {
            // what stays is cleared away by the next window
        }
    }
}
