package brightlintel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

/** The script that starts everything, in a folder with spaces, with a JDK and a Maven that only note how they were called. */
@EnabledOnOs(OS.LINUX)
class LauncherTest {
    private static final String JAVA = """
        #!/usr/bin/env bash
        line=""
        for a in "$@"; do
            line="$line[$a]"
            case $a in -XX:AOTCacheOutput=* | -XX:AOTConfiguration=*) sleep ${LEARNS:-0.3}; : > "${a#*=}" ;; esac
            case $line in *AOTMode=create*-XX:AOTCache=*) : > "${a#-XX:AOTCache=}" ;; esac
        done
        echo "$line" >> "$LOG"
        """;
    private static final String MVN = """
        #!/usr/bin/env bash
        echo "mvn" >> "$LOG"
        sleep 0.5
        for m in cli desktop; do mkdir -p $m/target/lib; : > $m/target/$m-0.1.0.jar; : > $m/target/lib/a.jar; done
        """;
    @TempDir Path temp;
    private Path home, log;

    @BeforeEach void aFolderWithSpaces() throws IOException {
        home = Files.createDirectories(temp.resolve("my own plans/bright lintel"));
        log = temp.resolve("log");
        Files.copy(Path.of("../bright-lintel"), home.resolve("bright-lintel"));
        for (String m : List.of("core", "cli", "desktop")) {
            Files.createDirectories(home.resolve(m + "/src/main"));
            Files.writeString(home.resolve(m + "/pom.xml"), "<project/>");
        }
        Files.writeString(home.resolve("pom.xml"), "<project/>");
        script("jdk/bin/java", JAVA);
        script("jdk/bin/javac", "#!/bin/sh\n");
        script("bin/mvn", MVN);
        Files.writeString(temp.resolve("jdk/release"), "JAVA_VERSION=\"25.0.1\"\n");
    }

    private void script(String name, String text) throws IOException {
        Path p = temp.resolve(name);
        Files.createDirectories(p.getParent());
        Files.writeString(p, text);
        assertThat(p.toFile().setExecutable(true)).isTrue();
    }

    private Process start(Map<String, String> more, String... args) throws IOException {
        List<String> command = new ArrayList<>(List.of("bash", home.resolve("bright-lintel").toString()));
        command.addAll(List.of(args));
        ProcessBuilder b = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(temp.resolve("said").toFile());
        b.environment().put("JAVA_HOME", temp.resolve("jdk").toString());
        b.environment().put("PATH", temp.resolve("bin") + ":" + b.environment().get("PATH"));
        b.environment().put("LOG", log.toString());
        b.environment().put("DISPLAY", ":1");
        b.environment().putAll(more);
        return b.start();
    }

    private int run(String... args) throws Exception {
        Process p = start(Map.of(), args);
        assertThat(p.waitFor(60, TimeUnit.SECONDS)).isTrue();
        return p.exitValue();
    }

    private List<String> calls() throws IOException {
        return Files.exists(log) ? Files.readAllLines(log) : List.of();
    }

    /** Waits for what the script does behind the call. */
    private void learnt(String which) throws Exception {
        for (int i = 0; i < 200 && Files.exists(home.resolve("desktop/target/" + which + ".learning")); i++) Thread.sleep(50);
        assertThat(home.resolve("desktop/target/" + which + ".learning")).doesNotExist();
    }

    private static boolean isWindow(String call) {
        return call.contains("[brightlintel.desktop/");
    }

    @Test void spacesInPathsAndNamesArriveWhole() throws Exception {
        assertThat(run("inspect", "a plan of mine.dxf", "*.dwg")).isZero();
        assertThat(calls().get(1)).endsWith("[inspect][a plan of mine.dxf][*.dwg]");
        learnt("cli");
    }

    @Test void whatIsCalledLikeAFileIsForTheWindowWhateverItsEnding() throws Exception {
        run("--demo");
        learnt("desktop");
        for (String f : List.of("plan.pdf", "Plan.Dxf", "CLUB.LINTEL", "./plans/x", "two words.dwg", "letter.docx")) {
            run(f);
            assertThat(calls().getLast()).as(f).matches(LauncherTest::isWindow).endsWith("[" + f + "]");
        }
        run("nonsense");
        learnt("cli");
        assertThat(calls().getLast()).doesNotMatch(LauncherTest::isWindow).endsWith("[nonsense]");
        run("--version");
        assertThat(calls().getLast()).doesNotMatch(LauncherTest::isWindow);
    }

    @Test void twoFirstStartsBuildOnce() throws Exception {
        Process a = start(Map.of(), "convert", "one.dxf"), b = start(Map.of(), "convert", "two.dxf");
        assertThat(a.waitFor(60, TimeUnit.SECONDS) && b.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(a.exitValue() + b.exitValue()).isZero();
        assertThat(calls()).filteredOn("mvn"::equals).hasSize(1);
        assertThat(calls()).anyMatch(c -> c.endsWith("[one.dxf]")).anyMatch(c -> c.endsWith("[two.dxf]"));
        assertThat(home.resolve(".building")).doesNotExist();
    }

    @Test void theCacheOfCommandsIsLearntOnceHoweverManyAreCalledMeanwhileAndNoWindowOpens() throws Exception {
        run("convert", "x.dxf");
        List<Process> many = new ArrayList<>();
        for (int i = 0; i < 6; i++) many.add(start(Map.of("LEARNS", "1"), "inspect", "p" + i + ".dxf"));
        for (Process p : many) assertThat(p.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(calls()).as("nobody waits for the cache").filteredOn(c -> c.matches(".*\\[p\\d\\.dxf]")).hasSize(6);
        learnt("cli");
        long learning = calls().stream().filter(c -> c.contains("AOTCacheOutput") && c.contains("[write-demo]")).count();
        assertThat(learning).isEqualTo(1);
        assertThat(calls()).noneMatch(LauncherTest::isWindow);
        run("inspect", "after.dxf");
        assertThat(calls().getLast()).contains("[-XX:AOTCache=").endsWith("[after.dxf]");
    }

    @Test void theWindowTakesNotesWhileItIsUsedAndNoSecondOneOpens() throws Exception {
        run("--demo");
        learnt("desktop");
        assertThat(calls()).filteredOn(LauncherTest::isWindow).filteredOn(c -> !c.contains("AOTMode=create")).hasSize(1);
        assertThat(calls()).filteredOn(c -> c.contains("AOTMode=create")).hasSize(1);
        assertThat(Files.readString(temp.resolve("said"))).doesNotContain("AOT");
        run("--demo");
        assertThat(calls().getLast()).contains("[-XX:AOTCache=").doesNotContain("AOTMode").endsWith("[--demo]");
    }

    @Test void aLockOfAStartThatDiedHoldsNobodyUp() throws Exception {
        Process dead = new ProcessBuilder("true").start();
        dead.waitFor();
        Files.createDirectories(home.resolve(".building"));
        Files.writeString(home.resolve(".building/pid"), dead.pid() + "\n");
        assertThat(run("convert", "x.dxf")).isZero();
        assertThat(calls()).contains("mvn");
    }

    @Test void aBuildThatFailsSaysSo() throws Exception {
        script("bin/mvn", "#!/bin/sh\necho broken\nexit 1\n");
        assertThat(run("convert", "x.dxf")).isEqualTo(1);
        assertThat(Files.readString(temp.resolve("said"))).contains("The build failed", "broken");
        assertThat(home.resolve(".building")).doesNotExist();
        assertThat(calls()).isEmpty();
    }

    @Test void withoutADisplayTheWindowSaysWhatToDo() throws Exception {
        Process p = start(Map.of("DISPLAY", "", "WAYLAND_DISPLAY", ""), "--demo");
        assertThat(p.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(p.exitValue()).isEqualTo(1);
        assertThat(Files.readString(temp.resolve("said"))).contains("display");
    }
}
