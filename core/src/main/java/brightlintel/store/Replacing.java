package brightlintel.store;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Writes files whole or not at all: beside their place first, synced, then renamed into it. What was there stays until then. */
public final class Replacing {
    private Replacing() { }

    /** What is to be written. */
    @FunctionalInterface
    public interface Content {
        void write(OutputStream out) throws IOException;
    }

    /** @throws IOException where it cannot be written: then nothing was changed, and nothing is left beside it */
    public static void write(Path file, Content content) throws IOException {
        Path target = file.toAbsolutePath(),
            fresh = target.resolveSibling("." + target.getFileName() + "." + ProcessHandle.current().pid() + ".new");
        try {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(fresh))) {
                content.write(out);
            }
            try (FileChannel c = FileChannel.open(fresh, StandardOpenOption.WRITE)) {
                c.force(true);
            }
            move(fresh, target);
        } finally {
            Files.deleteIfExists(fresh);
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}
