package brightlintel.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What cannot be written whole leaves what was there, and nothing beside it. */
class ReplacingTest {
    @TempDir Path folder;

    private List<String> there() throws IOException {
        try (Stream<Path> s = Files.list(folder)) {
            return s.map(p -> p.getFileName().toString()).sorted().toList();
        }
    }

    @Test void aFileIsWrittenAndWrittenOver() throws IOException {
        Path f = folder.resolve("a.txt");
        for (String s : List.of("one", "another, longer", ""))  {
            Replacing.write(f, out -> out.write(s.getBytes(StandardCharsets.UTF_8)));
            assertThat(f).hasContent(s);
        }
        assertThat(there()).containsExactly("a.txt");
    }

    @Test void whatBreaksOffLeavesTheOldFile() throws IOException {
        Path f = Files.writeString(folder.resolve("a.txt"), "good");
        assertThatThrownBy(() -> Replacing.write(f, out -> {
            out.write(new byte[100_000]);
            throw new IOException("the disk is full");
        })).hasMessage("the disk is full");
        assertThatThrownBy(() -> Replacing.write(f, _ -> {
            throw new IllegalStateException("a fault of ours");
        })).isInstanceOf(IllegalStateException.class);
        assertThat(f).hasContent("good");
        assertThat(there()).containsExactly("a.txt");
    }

    @Test void aFolderThatIsNotThereIsSaid() {
        assertThatThrownBy(() -> Replacing.write(folder.resolve("nowhere/a.txt"), out -> out.write(1))).isInstanceOf(IOException.class)
            .hasMessageContaining("nowhere");
    }

    @Test void aPlaceThatIsAFolderStaysOne() throws IOException {
        Path taken = Files.createDirectory(folder.resolve("taken"));
        Files.writeString(taken.resolve("inside"), "x");
        assertThatThrownBy(() -> Replacing.write(taken, out -> out.write(1))).isInstanceOf(IOException.class);
        assertThat(taken.resolve("inside")).hasContent("x");
        assertThat(there()).containsExactly("taken");
    }

    /** A disk that takes no more: the system itself refuses to let the file grow. */
    @Test void aFullDiskLeavesTheOldFile() throws Exception {
        Path f = Files.writeString(folder.resolve("a.txt"), "good");
        String java = ProcessHandle.current().info().command().orElseThrow();
        Process p = new ProcessBuilder("bash", "-c", "ulimit -f 8; exec \"$0\" \"$@\"", java, "-Xshare:auto", "-XX:-UsePerfData", "-cp",
            System.getProperty("java.class.path"), TooMuch.class.getName(),
            f.toString()).redirectErrorStream(true).start();
        String said;
        try (InputStream in = p.getInputStream()) {
            said = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        assertThat(p.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(said).contains("refused: ");
        assertThat(p.exitValue()).isEqualTo(7);
        assertThat(f).hasContent("good");
        assertThat(there()).containsExactly("a.txt");
    }

    /** Runs in a process of its own. */
    static final class TooMuch {
        public static void main(String[] args) {
            try {
                Replacing.write(Path.of(args[0]), out -> out.write(new byte[1 << 20]));
            } catch (IOException e) {
                System.out.println("refused: " + e.getMessage());
                System.exit(7);
            }
        }
    }
}
