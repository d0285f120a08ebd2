package brightlintel.desktop.task;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;

/**
 * Which project file this window works on, told to other windows by a lock in the common home, and whether the file is still as this window
 * left it. One file at a time.
 */
public final class Claims {
    private final Path locks;
    private Optional<Path> file = Optional.empty();
    private Optional<FileChannel> held = Optional.empty();
    private Optional<Stamp> stamp = Optional.empty();

    private record Stamp(long modified, long bytes) {
        static Optional<Stamp> of(Path f) {
            try {
                return Optional.of(new Stamp(Files.getLastModifiedTime(f).toMillis(), Files.size(f)));
            } catch (IOException e) {
                return Optional.empty();
            }
        }
    }

    /** What stands against writing over a file. */
    public enum Trouble { OPEN_ELSEWHERE, CHANGED_ON_DISK }

    public Claims(Path home) {
        locks = home.resolve("locks");
    }

    /** The window works on this file from now on, as it lies there now. @return whether no other window does */
    public boolean take(Path f) {
        Path real = f.toAbsolutePath().normalize();
        if (file.filter(real::equals).isEmpty()) {
            release();
            held = lock(real);
        }
        file = Optional.of(real);
        stamp = Stamp.of(real);
        return held.isPresent();
    }

    /** Asked before a file is written over. */
    public Optional<Trouble> trouble(Path f) {
        Path real = f.toAbsolutePath().normalize();
        boolean mine = file.filter(real::equals).isPresent();
        if (mine && held.isEmpty()) held = lock(real);
        if (mine ? held.isEmpty() : isHeldElsewhere(real)) return Optional.of(Trouble.OPEN_ELSEWHERE);
        return mine && !stamp.equals(Stamp.of(real)) ? Optional.of(Trouble.CHANGED_ON_DISK) : Optional.empty();
    }

    public void release() {
        held.ifPresent(c -> {
            try {
                c.close();
            } catch (IOException e) {
                // the lock goes with the process at the latest
            }
        });
        held = Optional.empty();
        file = Optional.empty();
        stamp = Optional.empty();
    }

    private boolean isHeldElsewhere(Path real) {
        Optional<FileChannel> c = lock(real);
        if (c.isEmpty()) return true;
        try {
            c.get().close();
        } catch (IOException e) {
            // nothing was written to it
        }
        return false;
    }

    /** Where locks cannot be made at all, nobody is kept from working. */
    private Optional<FileChannel> lock(Path real) {
        try {
            FileChannel c = FileChannel.open(Files.createDirectories(locks).resolve(name(real)), StandardOpenOption.CREATE,
                StandardOpenOption.WRITE);
            FileLock l = tried(c);
            if (l != null) return Optional.of(c);
            c.close();
            return Optional.empty();
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private static FileLock tried(FileChannel c) throws IOException {
        try {
            return c.tryLock();
        } catch (OverlappingFileLockException e) {
            return null;
        }
    }

    private static String name(Path real) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(real.toString().getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new AssertionError(e);
        }
    }
}
