package brightlintel.store;

import brightlintel.drawing.External;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The bytes of received files under their hash, in a folder of their own; never changed once there. */
public final class Originals {
    private static final int HASH = 64;
    private final Path folder;

    public Originals(Path folder) throws IOException {
        this.folder = Files.createDirectories(folder);
    }

    public static Originals temporary() throws IOException {
        Path dir = Files.createTempDirectory("bright-lintel-");
        Originals o = new Originals(dir);
        Runtime.getRuntime().addShutdownHook(new Thread(o::discard));
        return o;
    }

    public Path path(String sha256) {
        if (!sha256.matches("[0-9a-f]{64}")) throw new IllegalArgumentException("no hash: " + sha256);
        return folder.resolve(sha256);
    }

    public boolean has(String sha256) {
        return Files.isRegularFile(path(sha256));
    }

    /** A file whose bytes are here. @param isNew they were not before */
    public record Taken(String sha256, Path path, boolean isNew) { }

    public Taken take(Path file) throws IOException {
        try (Stream<Path> there = Files.list(folder)) {
            Set<String> before = there.map(f -> f.getFileName().toString()).collect(Collectors.toSet());
            String sha = keep(file);
            return new Taken(sha, path(sha), !before.contains(sha));
        }
    }

    /** Of a file that was taken and then refused. */
    public void drop(String sha256) throws IOException {
        Files.deleteIfExists(path(sha256));
    }

    /** @throws IOException if the file has other bytes than those that were read: it changed meanwhile */
    public void keep(Path file, String sha256) throws IOException {
        String found = keep(file);
        if (found.equals(sha256)) return;
        drop(found);
        throw new FileSystemException(file.toString(), null, "it changed while it was read");
    }

    /** @return its hash */
    public String keep(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return keep(in);
        }
    }

    public String keep(InputStream bytes) throws IOException {
        Path part = Files.createTempFile(folder, "part", "");
        try {
            MessageDigest sha = MessageDigest.getInstance("SHA-256");
            try (DigestInputStream in = new DigestInputStream(bytes, sha)) {
                Files.copy(in, part, StandardCopyOption.REPLACE_EXISTING);
            }
            String hash = HexFormat.of().formatHex(sha.digest());
            Files.move(part, path(hash), StandardCopyOption.REPLACE_EXISTING);
            return hash;
        } catch (NoSuchAlgorithmException e) {
            throw new AssertionError(e);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** Notes which files were read along with an original, so that it can be read again as it was. */
    public void keepBeside(String sha256, List<External> files) throws IOException {
        if (files.isEmpty()) return;
        List<String> lines = files.stream().map(e -> e.sha256() + " " + e.path().replace("\n", "")).toList();
        Files.write(folder.resolve(path(sha256).getFileName() + ".beside"), lines);
    }

    /** By the path that the drawing gives. */
    public Map<String, Path> beside(String sha256) throws IOException {
        Path notes = folder.resolve(path(sha256).getFileName() + ".beside");
        Map<String, Path> out = new HashMap<>();
        if (Files.exists(notes))
            for (String line : Files.readAllLines(notes)) out.put(line.substring(HASH + 1), path(line.substring(0, HASH)));
        return out;
    }

    private void discard() {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path f : files.toList()) Files.deleteIfExists(f);
            Files.deleteIfExists(folder);
        } catch (IOException e) {
            // a temporary folder that stays behind harms nobody
        }
    }
}
