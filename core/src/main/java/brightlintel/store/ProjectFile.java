package brightlintel.store;

import brightlintel.building.Project;
import brightlintel.building.Source;
import java.io.BufferedInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDateTime;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import tools.jackson.core.JacksonException;

/**
 * Saves and opens. Saving is all or nothing: a new file is written beside the old one, synced, the old one kept under {@link #lastGood},
 * and the new one renamed into its place.
 */
public final class ProjectFile {
    private static final String DOCUMENT = "project.json";
    private static final String ORIGINALS = "originals/";
    private static final long LARGEST_DOCUMENT = 512L << 20;
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    private ProjectFile() { }

    public static void save(Project p, Originals originals, Path file) throws IOException {
        Path target = file.toAbsolutePath();
        Replacing.write(target, out -> {
            write(p, originals, out);
            if (Files.exists(target)) Files.copy(target, lastGood(target), StandardCopyOption.REPLACE_EXISTING);
        });
    }

    /** The state before the last save. */
    public static Path lastGood(Path file) {
        return file.resolveSibling(file.getFileName() + ".before");
    }

    /** Entries carry no time: the same project gives the same bytes. */
    private static void write(Project p, Originals originals, OutputStream to) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(to);
        entry(zip, DOCUMENT);
        zip.write(ProjectJson.write(p));
        zip.closeEntry();
        for (String sha : hashes(p)) {
            entry(zip, ORIGINALS + sha);
            Files.copy(originals.path(sha), zip);
            zip.closeEntry();
        }
        zip.finish();
    }

    private static void entry(ZipOutputStream zip, String name) throws IOException {
        ZipEntry e = new ZipEntry(name);
        e.setTimeLocal(NO_TIME);
        zip.putNextEntry(e);
    }

    private static Set<String> hashes(Project p) {
        Set<String> out = new TreeSet<>();
        for (Source s : p.sources()) for (Source.Version v : s.versions()) {
            out.add(v.sha256());
            v.externals().forEach(e -> out.add(e.sha256()));
        }
        return out;
    }

    /**
     * Originals go into the store given; what is wrong with the file is said, and nothing is changed.
     *
     * @param groundName of a storey to be added where the file has none
     */
    public static Opened open(Path file, Originals into, String groundName) throws IOException {
        if (!Files.isRegularFile(file)) throw new NotOpened(NotOpened.Why.MISSING, null, file.getFileName());
        try (ZipFile zip = new ZipFile(file.toFile())) {
            ZipEntry doc = zip.getEntry(DOCUMENT);
            if (doc == null) throw new NotOpened(NotOpened.Why.NOT_A_PROJECT, null, file.getFileName());
            if (doc.getSize() > LARGEST_DOCUMENT) throw new NotOpened(NotOpened.Why.DAMAGED, null, file.getFileName(), DOCUMENT);
            Opened o = document(file, checked(zip, doc), groundName);
            for (String sha : hashes(o.project())) original(zip, sha, file, into);
            noteCompanions(o.project(), into);
            return o;
        } catch (ZipException | EOFException e) {
            String reason = e.getMessage() == null ? "it ends too early" : e.getMessage();
            throw new NotOpened(looksLikeZip(file) ? NotOpened.Why.DAMAGED : NotOpened.Why.NOT_A_PROJECT, e, file.getFileName(), reason);
        }
    }

    /** Which originals were read along with which: without that, a drawing that refers to others is read without them. */
    public static void noteCompanions(Project p, Originals in) throws IOException {
        for (Source s : p.sources()) for (Source.Version v : s.versions()) in.keepBeside(v.sha256(), v.externals());
    }

    private static boolean looksLikeZip(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] head = in.readNBytes(2);
            return head.length == 2 && head[0] == 'P' && head[1] == 'K';
        }
    }

    private static byte[] checked(ZipFile zip, ZipEntry e) throws IOException {
        byte[] bytes = zip.getInputStream(e).readNBytes((int) LARGEST_DOCUMENT);
        CRC32 crc = new CRC32();
        crc.update(bytes);
        if (crc.getValue() != e.getCrc()) throw new ZipException(e.getName() + " does not agree with its checksum");
        return bytes;
    }

    private static Opened document(Path file, byte[] json, String groundName) throws NotOpened {
        try {
            ProjectJson.Head head = ProjectJson.head(json);
            if (!ProjectJson.FORMAT.equals(head.format())) throw new NotOpened(NotOpened.Why.NOT_A_PROJECT, null, file.getFileName());
            if (head.version() > Migrations.PRESENT)
                throw new NotOpened(NotOpened.Why.NEWER, null, file.getFileName(), head.version(), head.writtenBy());
            return ProjectJson.read(head, groundName);
        } catch (JacksonException | IllegalArgumentException e) {
            throw new NotOpened(NotOpened.Why.DAMAGED, e, file.getFileName(), String.valueOf(e.getMessage()).lines().findFirst()
                .orElse(""));
        }
    }

    private static void original(ZipFile zip, String sha, Path file, Originals into) throws IOException {
        if (into.has(sha)) return;
        ZipEntry e = zip.getEntry(ORIGINALS + sha);
        if (e == null) throw new NotOpened(NotOpened.Why.ORIGINAL_MISSING, null, file.getFileName(), sha.substring(0, 12));
        try (InputStream in = new BufferedInputStream(zip.getInputStream(e))) {
            String found = into.keep(in);
            if (!found.equals(sha)) throw new NotOpened(NotOpened.Why.DAMAGED, null, file.getFileName(), e.getName());
        }
    }

    /** The decisions alone, for recovery beside the file. */
    public static byte[] decisions(Project p) {
        return ProjectJson.write(p);
    }

    public static Opened decisions(byte[] json, String groundName) throws IOException {
        return document(Path.of("recovered work"), json, groundName);
    }
}
