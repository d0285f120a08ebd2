package brightlintel.desktop.task;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Project;
import brightlintel.demo.HeronQuayProject;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.ProjectFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SessionsTest {
    @TempDir Path home;

    /** What a window that was killed leaves behind: its folder, and a lock that nobody holds. */
    private Project killed() throws Exception {
        Sessions dead = new Sessions(home);
        Project p = HeronQuayProject.build(new DrawingShelf(dead.originals()), Files.createDirectories(home.resolve("in")));
        dead.keep(p, Optional.of(Path.of("/somewhere/club.lintel")), 7);
        Path mine = onlySession();
        Path copy = home.resolve("copy");
        copyAll(mine, copy);
        dead.close();
        Files.createDirectories(home.resolve("sessions"));
        copyAll(copy, home.resolve("sessions/dead"));
        return p;
    }

    private Path onlySession() throws Exception {
        try (var s = Files.list(home.resolve("sessions"))) {
            return s.findFirst().orElseThrow();
        }
    }

    private static void copyAll(Path from, Path to) throws Exception {
        try (var all = Files.walk(from)) {
            for (Path f : all.toList()) {
                Path t = to.resolve(from.relativize(f).toString());
                if (Files.isDirectory(f)) Files.createDirectories(t);
                else Files.copy(f, t);
            }
        }
    }

    @Test void workOfADeadWindowIsOfferedWithItsOriginals() throws Exception {
        Project p = killed();
        Sessions now = new Sessions(home);
        Sessions.Lost lost = now.lost().orElseThrow();
        assertThat(lost.project()).isEqualTo(p);
        assertThat(lost.file()).contains(Path.of("/somewhere/club.lintel"));
        now.adopt(lost);
        ProjectFile.save(p, now.originals(), home.resolve("again.lintel"));
        now.discard(lost);
        assertThat(now.lost()).isEmpty();
        now.close();
    }

    @Test void aLivingWindowIsLeftAlone() throws Exception {
        Sessions one = new Sessions(home), two = new Sessions(home);
        one.keep(Project.empty("A", "Ground"), Optional.empty(), 1);
        assertThat(two.lost()).isEmpty();
        one.close();
        two.close();
        try (var s = Files.list(home.resolve("sessions"))) {
            assertThat(s).isEmpty();
        }
    }
}
