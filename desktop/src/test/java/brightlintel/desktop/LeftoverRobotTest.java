package brightlintel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.demo.DemoDrawings;
import brightlintel.recognise.Leftover;
import java.nio.file.Files;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What looked like building and became nothing, walked by key, one of it made a wall. */
class LeftoverRobotTest extends TracingRobot {
    @Test void leftoversAreWalkedWithTheirReasonAndOneBecomesAWall() throws Exception {
        trueInTrace(Files.write(folder.resolve("upper.dxf"), DemoDrawings.bytes(DemoDrawings.UPPER)), true);
        keys(KeyCode.T);
        rest();
        for (int i = 0; i < 60 && w.proposals().kind().isPresent(); i++) {
            if (w.proposals().sureKind().isPresent()) keys(KeyCode.SHIFT, KeyCode.T);
            else takeUnsure();
        }
        assertThat(w.proposals().waits()).isFalse();
        int left = w.proposals().leftovers().all().size();
        assertThat(left).as("edges of the terrace").isPositive();
        keys(KeyCode.E);
        rest();
        TrueRobotTest.shot("leftover");
        Leftover one = w.proposals().leftovers().inHand().orElseThrow();
        assertThat(one.reason()).isEqualTo(Leftover.Reason.NO_PARTNER);
        assertThat(say()).contains("1 of " + left);
        assertThat(w.onBoard().lit().isEmpty()).as("its stroke is lit").isFalse();
        int before = walls().size();
        keys(KeyCode.T);
        assertThat(walls()).hasSize(before + 1);
        assertThat(w.proposals().leftovers().all()).as("it is left no more").hasSize(left - 1);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(w.proposals().leftovers().all()).hasSize(left);
    }
}
