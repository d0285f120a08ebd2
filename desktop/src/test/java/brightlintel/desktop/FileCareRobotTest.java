package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.building.Custody;
import brightlintel.building.Source;
import brightlintel.building.Underlay;
import brightlintel.demo.DemoDrawings;
import brightlintel.desktop.state.Stage;
import brightlintel.receive.Standing;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What happens to a drawing on disk is told, and nothing of the project changes before somebody decides. */
class FileCareRobotTest extends WindowRobot {
    private static final String NEW_LINE = "0\nLINE\n8\nWALLS\n10\n22\n20\n-6\n11\n29\n21\n-1\n";

    private Path received() throws IOException {
        Path file = Files.write(folder.resolve("upper.dxf"), DemoDrawings.bytes(DemoDrawings.UPPER));
        receive(file);
        return file;
    }

    private Underlay underlay() {
        return w.underlay().orElseThrow();
    }

    private Source source() {
        return project().source(underlay().file()).orElseThrow();
    }

    /** One line more, and the first level line of the file half a metre lower. */
    private static String changed(String dxf) {
        int at = dxf.indexOf("ENTITIES\n") + "ENTITIES\n".length();
        String rest = dxf.substring(at);
        Matcher level = Pattern.compile("(10\n\\S+\n20\n)(\\S+)(\n30\n\\S+\n11\n\\S+\n21\n)\\2\n").matcher(rest);
        assertThat(level.find()).isTrue();
        String y = Double.toString(Double.parseDouble(level.group(2)) - 0.5);
        String moved = rest.substring(0, level.start()) + level.group(1) + y + level.group(3) + y + "\n" + rest.substring(level.end());
        return dxf.substring(0, at) + NEW_LINE + moved;
    }

    private void untilStands(Class<? extends Standing> how) {
        until("it is found to be " + how.getSimpleName(), () -> w.following().of(underlay().file())
            .filter(s -> how.isInstance(s.standing())).isPresent());
    }

    @Test void aLaterOneIsOfferedTakenLitAndTakenBack() throws IOException {
        Path file = received();
        String first = underlay().sha256();
        untilStands(Standing.Same.class);
        Files.writeString(file, changed(Files.readString(file)));
        until("it is offered", () -> w.following().offered(underlay().file()).isPresent());
        assertThat(underlay().sha256()).as("nothing changes by itself").isEqualTo(first);
        button("command-file-changes");
        assertThat(w.following().lit(underlay().id())).hasValueSatisfying(d -> {
            assertThat(d.added()).hasSize(1);
            assertThat(d.moved()).hasSize(1);
            assertThat(d.gone()).isEmpty();
        });
        TrueRobotTest.shot("care-1-offered");
        Underlay before = underlay();
        button("command-file-later");
        assertThat(underlay()).isEqualTo(before.of(underlay().sha256())).isNotEqualTo(before);
        assertThat(say()).contains("1 stroke added, 1 stroke moved").contains("Its place");
        rest();
        TrueRobotTest.shot("care-2-taken");
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(underlay()).isEqualTo(before);
        until("it is offered again", () -> w.following().offered(underlay().file()).isPresent());
        button("command-file-leave");
        assertThat(w.following().offered(underlay().file())).isEmpty();
        assertThat(lookup("#command-file-later").tryQuery()).as("it can still be taken").isPresent();
    }

    @Test void aFileThatIsGoneMovedOrBrokenHasAWayOn() throws IOException {
        Path file = received();
        untilStands(Standing.Same.class);
        Path there = Files.move(file, folder.resolve("upper rev A.dxf"));
        untilStands(Standing.Moved.class);
        button("command-file-follow-moved");
        assertThat(source().custody()).isEqualTo(new Custody.Followed(there.toString()));
        untilStands(Standing.Same.class);
        byte[] whole = Files.readAllBytes(there);
        Files.writeString(there, "this is no drawing");
        until("it is told", () -> w.following().of(underlay().file()).flatMap(s -> s.trouble()).isPresent());
        assertThat(w.drawing()).as("what was received stays on the board").isPresent();
        TrueRobotTest.shot("care-3-broken");
        Files.write(there, whole);
        untilStands(Standing.Same.class);
        Files.delete(there);
        untilStands(Standing.Missing.class);
        TrueRobotTest.shot("care-4-missing");
        button("command-file-keep");
        assertThat(source().custody()).isEqualTo(new Custody.Kept());
    }

    @Test void anotherFileTakesItsPlaceAndKeepsWhatWasSetRight() throws IOException {
        Path file = received();
        Path other = Files.writeString(folder.resolve("upper-new.dxf"), changed(Files.readString(file)));
        toOpen.add(other);
        Underlay before = underlay();
        command("Put another file in its place");
        until("it has taken its place", () -> !underlay().sha256().equals(before.sha256()));
        assertThat(underlay()).isEqualTo(before.of(underlay().sha256()));
        assertThat(source().name()).isEqualTo("upper-new.dxf");
        assertThat(w.stage()).isEqualTo(Stage.RECEIVE);
        toOpen.add(Files.write(folder.resolve("annexe.pdf"), DemoDrawings.bytes(DemoDrawings.ANNEXE)));
        command("Put another file in its place");
        until("it is refused", () -> say().contains("nothing of the kind"));
        assertThat(source().name()).isEqualTo("upper-new.dxf");
    }
}
