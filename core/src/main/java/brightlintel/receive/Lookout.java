package brightlintel.receive;

import brightlintel.building.Source;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Looks how followed files stand on disk. A look is cheap: what kept its size and time since the last one is not read again. A file that
 * changed between two looks is being written, and is read only once it rests. For one thread at a time.
 */
public final class Lookout {
    /** Of a folder, so many files of the right size are looked into at most for one that moved. */
    private static final int MOST = 20;
    private static final Duration SETTLES = Duration.ofMinutes(1);

    /** What opens a file; the one thing that a test replaces. */
    interface Opening {
        InputStream open(Path file) throws IOException;
    }

    private record Shape(long size, FileTime time) { }

    private record Read(Shape shape, Optional<String> sha256) { }

    private final Opening opening;
    private final Map<Path, Read> known = new HashMap<>();
    private final Map<Path, Shape> seen = new HashMap<>();
    private final Map<Lost, Search> searched = new HashMap<>();

    private record Lost(Path folder, String sha256) { }

    /**
     * @param time    of the folder: it is another one once anything in it was made, renamed or taken away
     * @param settled that was a while ago, so that nothing is still being copied in
     */
    private record Search(FileTime time, boolean settled, Optional<Path> found) { }

    public Lookout() {
        this(Files::newInputStream);
    }

    Lookout(Opening opening) {
        this.opening = opening;
    }

    /**
     * @param path    where the file was received from
     * @param v       what was received of it last
     * @param project where the project lies: a folder that was moved as a whole has its drawings beside it
     */
    public Standing look(Path path, Source.Version v, Optional<Path> project) {
        Optional<Path> beside = project.map(p -> p.toAbsolutePath().resolveSibling(path.getFileName()));
        Path at = Files.exists(path) ? path : beside.filter(Files::exists).orElse(path);
        Optional<Shape> shape = shape(at);
        if (shape.isEmpty()) return moved(path, v).or(() -> beside.flatMap(b -> moved(b, v))).<Standing>map(Standing.Moved::new)
            .orElseGet(Standing.Missing::new);
        Shape before = seen.put(at, shape.get());
        if (before != null && !before.equals(shape.get())) return new Standing.Writing(at);
        Optional<String> sha = sha(at, shape.get());
        if (sha.isEmpty()) return new Standing.Held(at);
        // it may have been written to while it was read
        if (!shape(at).equals(shape)) {
            known.remove(at);
            return new Standing.Writing(at);
        }
        return sha.get().equals(v.sha256()) ? new Standing.Same() : new Standing.Changed(at, sha.get());
    }

    private static Optional<Shape> shape(Path file) {
        try {
            BasicFileAttributes a = Files.readAttributes(file, BasicFileAttributes.class);
            return a.isRegularFile() ? Optional.of(new Shape(a.size(), a.lastModifiedTime())) : Optional.empty();
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** What could be read is remembered; what could not, is tried again at the next look. */
    private Optional<String> sha(Path file, Shape shape) {
        Read last = known.get(file);
        if (last != null && last.shape.equals(shape) && last.sha256.isPresent()) return last.sha256;
        Optional<String> sha = hash(file);
        known.put(file, new Read(shape, sha));
        return sha;
    }

    private Optional<String> hash(Path file) {
        try (InputStream open = opening.open(file);
             DigestInputStream in = new DigestInputStream(open, MessageDigest.getInstance("SHA-256"))) {
            in.transferTo(OutputStream.nullOutputStream());
            return Optional.of(HexFormat.of().formatHex(in.getMessageDigest().digest()));
        } catch (IOException e) {
            return Optional.empty();
        } catch (NoSuchAlgorithmException e) {
            throw new AssertionError(e);
        }
    }

    /** A file of the same bytes in the folder where it lay. */
    private Optional<Path> moved(Path from, Source.Version v) {
        Path folder = from.toAbsolutePath().getParent();
        if (folder == null || !Files.isDirectory(folder)) return Optional.empty();
        try {
            FileTime time = Files.getLastModifiedTime(folder);
            Lost lost = new Lost(folder, v.sha256());
            Search before = searched.get(lost);
            if (before != null && before.time.equals(time) && before.settled) return before.found;
            Optional<Path> found = search(folder, v);
            searched.put(lost, new Search(time, Duration.between(time.toInstant(), Instant.now()).compareTo(SETTLES) > 0, found));
            return found;
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private Optional<Path> search(Path folder, Source.Version v) throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            List<Path> sized = all.filter(f -> shape(f).filter(s -> s.size() == v.bytes()).isPresent()).sorted().limit(MOST).toList();
            return sized.stream().filter(f -> shape(f).flatMap(s -> sha(f, s)).filter(v.sha256()::equals).isPresent()).findFirst();
        }
    }
}
