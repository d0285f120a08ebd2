package brightlintel.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brightlintel.drawing.External;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OriginalsTest {
    @TempDir Path folder;
    private Originals o;

    @BeforeEach void begin() throws IOException {
        o = new Originals(folder.resolve("originals"));
    }

    @Test void bytesLieUnderTheirHashOnce() throws IOException {
        Path f = Files.writeString(folder.resolve("plan.dxf"), "0\nEOF\n");
        Originals.Taken first = o.take(f), second = o.take(f);
        assertThat(first.isNew()).isTrue();
        assertThat(second.isNew()).isFalse();
        assertThat(second.path()).isEqualTo(first.path()).hasSameBinaryContentAs(f);
        o.drop(first.sha256());
        assertThat(o.has(first.sha256())).isFalse();
        o.drop(first.sha256());
    }

    @Test void aFileThatIsNotTheOneThatWasReadIsNotKept() throws IOException {
        Path f = Files.writeString(folder.resolve("grid.dxf"), "before");
        String sha = o.keep(f);
        Files.writeString(f, "after");
        assertThatThrownBy(() -> o.keep(f, sha)).isInstanceOf(IOException.class).hasMessageContaining("changed");
        assertThat(Files.list(folder.resolve("originals"))).hasSize(1);
    }

    @Test void whatWasReadAlongIsKnownByThePathsOfTheDrawing() throws IOException {
        String sha = o.keep(Files.writeString(folder.resolve("a"), "a")), other = o.keep(Files.writeString(folder.resolve("b"), "b"));
        o.keepBeside(sha, List.of(new External("..\\grids\\grid of bay 2.dxf", other)));
        assertThat(o.beside(sha)).containsEntry("..\\grids\\grid of bay 2.dxf", o.path(other));
        assertThat(o.beside(other)).isEmpty();
    }

    @Test void whatIsNoHashLeadsNowhere() {
        for (String s : List.of("", "abc", "../../etc/passwd", "A".repeat(64)))
            assertThatThrownBy(() -> o.path(s)).isInstanceOf(IllegalArgumentException.class);
    }
}
