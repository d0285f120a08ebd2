package brightlintel.desktop.task;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Project;
import brightlintel.desktop.state.Workspace;
import brightlintel.drawing.Progress;
import brightlintel.receive.DrawingShelf;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Windows are processes: what one holds the other sees, and what one leaves behind when it is killed the next one takes up. */
class TwoProcessesTest {
    private static final String INNER = "0\nSECTION\n2\nENTITIES\n0\nLINE\n8\nINNER\n10\n1\n20\n1\n11\n7\n21\n3\n0\nENDSEC\n0\nEOF\n";
    private static final String HOST = "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nREF\n70\n4\n10\n0\n20\n0\n1\ninner.dxf\n0\nENDBLK\n0\nENDSEC\n"
        + "0\nSECTION\n2\nENTITIES\n0\nINSERT\n8\n0\n2\nREF\n10\n5\n20\n5\n0\nLINE\n8\nOWN\n10\n0\n20\n0\n11\n9\n21\n9\n0\nENDSEC\n0\nEOF\n";
    @TempDir Path folder;

    @Test void aProjectThatAnotherWindowHasOpenIsNotWrittenOverUnasked() throws Exception {
        Path home = folder.resolve("home"), file = Files.writeString(folder.resolve("club.lintel"), "x");
        OtherWindow.Started other = OtherWindow.start("claim", home.toString(), file.toString());
        assertThat(other.word()).isEqualTo("mine");
        Claims mine = new Claims(home);
        assertThat(mine.trouble(file)).contains(Claims.Trouble.OPEN_ELSEWHERE);
        assertThat(mine.take(file)).as("alone").isFalse();
        assertThat(mine.trouble(file)).contains(Claims.Trouble.OPEN_ELSEWHERE);
        assertThat(mine.trouble(folder.resolve("other.lintel"))).isEmpty();
        other.kill();
        assertThat(mine.trouble(file)).as("a dead window holds nothing").isEmpty();
        OtherWindow.Started late = OtherWindow.start("claim", home.toString(), file.toString());
        assertThat(late.word()).isEqualTo("taken");
        late.kill();
        mine.release();
    }

    @Test void aFileThatChangedOnDiskIsNoticed() throws Exception {
        Path file = Files.writeString(folder.resolve("club.lintel"), "as it was");
        Claims mine = new Claims(folder.resolve("home"));
        assertThat(mine.take(file)).isTrue();
        assertThat(mine.trouble(file)).isEmpty();
        Files.writeString(file, "somebody else's work");
        assertThat(mine.trouble(file)).contains(Claims.Trouble.CHANGED_ON_DISK);
        mine.take(file);
        assertThat(mine.trouble(file)).isEmpty();
        Files.delete(file);
        assertThat(mine.trouble(file)).contains(Claims.Trouble.CHANGED_ON_DISK);
        mine.release();
    }

    /** The drawing refers to another: both come back, with the layers of the one inside the other. */
    @Test void theWorkOfAKilledWindowComesBackWithTheDrawingsItReferredTo() throws Exception {
        Files.writeString(folder.resolve("inner.dxf"), INNER);
        Path host = Files.writeString(folder.resolve("host.dxf"), HOST);
        Path home = folder.resolve("home");
        OtherWindow.Started other = OtherWindow.start("work", home.toString(), host.toString());
        assertThat(other.word()).isEqualTo("kept");
        Sessions sessions = new Sessions(home);
        assertThat(sessions.lost()).as("of a living window").isEmpty();
        other.kill();
        // the originals lie in the session alone from now on
        Files.delete(host);
        Files.delete(folder.resolve("inner.dxf"));
        Sessions.Lost lost = sessions.lost().orElseThrow();
        assertThat(lost.steps()).isEqualTo(2);
        assertThat(lost.project().name()).isEqualTo("Club");
        sessions.adopt(lost);
        sessions.discard(lost);
        assertThat(sessions.lost()).isEmpty();
        Project p = lost.project();
        Workspace w = new Workspace(new DrawingShelf(sessions.originals()));
        var d = w.shelf().placed(p.underlays().getFirst(), Progress.NONE);
        assertThat(d.strokes().size()).as("its own line and the one referred to").isEqualTo(2);
        sessions.close();
    }
}
