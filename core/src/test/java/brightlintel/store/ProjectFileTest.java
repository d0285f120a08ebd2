package brightlintel.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.building.Project;
import brightlintel.demo.HeronQuayProject;
import brightlintel.geom.Tolerances;
import brightlintel.notation.Seeds;
import brightlintel.receive.DrawingShelf;
import brightlintel.write.ifc.IfcWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Arrays;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ProjectFileTest {
    @TempDir Path folder;

    private DrawingShelf shelf() throws IOException {
        return new DrawingShelf(new Originals(folder.resolve("originals-" + System.nanoTime())));
    }

    private Project demo(DrawingShelf s) throws IOException {
        return HeronQuayProject.build(s, Files.createDirectories(folder.resolve("in")));
    }

    private static String ifc(Project p) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        IfcWriter.write(p, Tolerances.BUILDING, "x.ifc", Instant.EPOCH, out);
        return out.toString(StandardCharsets.US_ASCII);
    }

    @Test void savedAndOpenedTheDemoIsTheSameModelAndTheSameIfc() throws IOException {
        DrawingShelf s = shelf(), other = shelf();
        Project p = demo(s);
        Path file = folder.resolve("demo.lintel");
        ProjectFile.save(p, s.originals(), file);
        Project again = ProjectFile.open(file, other.originals(), "Ground").project();
        assertThat(again).isEqualTo(p);
        assertThat(ifc(again)).isEqualTo(ifc(p));
        String sha = p.sources().getFirst().newest().sha256();
        assertThat(Files.readAllBytes(other.originals().path(sha))).as("the original, byte for byte")
            .isEqualTo(Files.readAllBytes(folder.resolve("in/ground.dwg")));
    }

    @Test void theSameProjectGivesTheSameBytesAndTheStateBeforeIsKept() throws IOException {
        DrawingShelf s = shelf();
        Project p = demo(s);
        Path a = folder.resolve("a.lintel"), b = folder.resolve("b.lintel");
        ProjectFile.save(p, s.originals(), a);
        ProjectFile.save(p, s.originals(), b);
        assertThat(Files.readAllBytes(a)).isEqualTo(Files.readAllBytes(b));
        ProjectFile.save(p.withName("changed"), s.originals(), a);
        assertThat(ProjectFile.open(ProjectFile.lastGood(a), s.originals(), "Ground").project()).isEqualTo(p);
        assertThat(ProjectFile.open(a, s.originals(), "Ground").project().name()).isEqualTo("changed");
        assertThat(Files.list(folder).filter(f -> f.toString().endsWith(".new"))).isEmpty();
    }

    @Test void aSaveThatFailsLeavesTheOldFile() throws IOException {
        DrawingShelf s = shelf();
        Project p = demo(s);
        Path a = folder.resolve("a.lintel");
        ProjectFile.save(p, s.originals(), a);
        byte[] before = Files.readAllBytes(a);
        Originals without = new Originals(folder.resolve("nothing"));
        assertThatThrownBy(() -> ProjectFile.save(p.withName("x"), without, a)).isInstanceOf(IOException.class);
        assertThat(Files.readAllBytes(a)).isEqualTo(before);
    }

    @Test void aNewerOrDamagedOrForeignFileIsRefusedWithItsReason() throws IOException {
        DrawingShelf s = shelf();
        Path good = folder.resolve("good.lintel");
        ProjectFile.save(demo(s), s.originals(), good);
        Path newer = folder.resolve("newer.lintel");
        try (ZipOutputStream z = new ZipOutputStream(Files.newOutputStream(newer))) {
            z.putNextEntry(new ZipEntry("project.json"));
            z.write("{\"format\":\"bright-lintel-project\",\"version\":99,\"writtenBy\":\"Bright Lintel 9\",\"project\":{\"holograms\":[]}}".getBytes(StandardCharsets.UTF_8));
        }
        assertThat(why(newer)).isEqualTo(NotOpened.Why.NEWER);
        assertThat(why(Files.writeString(folder.resolve("text.lintel"), "hello"))).isEqualTo(NotOpened.Why.NOT_A_PROJECT);
        assertThat(why(folder.resolve("nowhere.lintel"))).isEqualTo(NotOpened.Why.MISSING);
        byte[] bytes = Files.readAllBytes(good);
        assertThat(why(Files.write(folder.resolve("cut.lintel"), Arrays.copyOf(bytes, bytes.length / 2)))).isEqualTo(NotOpened.Why.DAMAGED);
        Seeds.each(40, seed -> {
            Random r = new Random(seed);
            byte[] bad = bytes.clone();
            for (int k = 0; k < 20; k++) bad[r.nextInt(bad.length)] ^= 1 << r.nextInt(8);
            try {
                ProjectFile.open(Files.write(folder.resolve("bad.lintel"), bad), shelf().originals(), "Ground");
            } catch (NotOpened e) {
                assertThat(e.getMessage()).isNotBlank();
            } catch (IOException e) {
                throw new AssertionError("no reason in plain words", e);
            }
        });
    }

    private NotOpened.Why why(Path f) throws IOException {
        try {
            ProjectFile.open(f, shelf().originals(), "Ground");
        } catch (NotOpened n) {
            return n.why();
        }
        throw new AssertionError(f + " was opened");
    }

    /** The format is documented; a renamed component would break every file that people have. */
    @Test void theDocumentHasTheDocumentedNames() throws IOException {
        DrawingShelf s = shelf();
        Path f = folder.resolve("names.lintel");
        ProjectFile.save(demo(s), s.originals(), f);
        try (ZipFile z = new ZipFile(f.toFile())) {
            String json = new String(z.getInputStream(z.getEntry("project.json")).readAllBytes(), StandardCharsets.UTF_8);
            assertThat(json).contains("\"format\" : \"bright-lintel-project\"", "\"version\" : 7", "\"appearance\"", "\"metresPerUnitX\" : 0.001",
                "\"fileAnchor\"", "\"layersOff\"", "\"reference\"", "\"bulge\" : 1.0",
                "\"is\" : \"next-storey\"", "\"is\" : \"floor\"", "\"is\" : \"window\"", "\"hingeFar\"", "\"is\" : \"by-hand\"",
                "\"curve\"", "\"elements\"", "\"is\" : \"wall\"", "\"corners\"", "\"follows\"", "\"is\" : \"assumed\"");
            assertThat(z.stream().map(ZipEntry::getName)).anyMatch(n -> n.matches("originals/[0-9a-f]{64}"));
        }
    }
}
