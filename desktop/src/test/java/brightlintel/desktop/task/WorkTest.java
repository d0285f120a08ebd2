package brightlintel.desktop.task;

import static org.assertj.core.api.Assertions.assertThat;

import brightlintel.desktop.WindowQueue;
import brightlintel.desktop.state.Busy;
import brightlintel.desktop.state.Workspace;
import brightlintel.drawing.Progress;
import brightlintel.receive.DrawingShelf;
import brightlintel.store.Originals;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Jobs behind the window: each ends in exactly one of three ways, and a stop reaches all of them. */
class WorkTest {
    private final WindowQueue window = new WindowQueue();
    private final List<String> ends = new ArrayList<>();
    private Workspace w;
    private Work work;

    @BeforeEach void begin() throws IOException {
        w = new Workspace(new DrawingShelf(Originals.temporary()));
        work = new Work(w, window);
    }

    @AfterEach void end() {
        work.shutdown();
    }

    private Work.Answer<String> noted(String name) {
        return new Work.Answer<>(x -> ends.add(name + " done " + x), t -> ends.add(name + " failed " + t.getMessage()),
            () -> ends.add(name + " stopped"));
    }

    /** Goes on telling its progress until it is stopped. */
    private static String endless(Progress p, CountDownLatch begun) throws InterruptedException {
        for (int i = 0;; i++) {
            p.at(Progress.Stage.READING, i, 1000);
            begun.countDown();
            Thread.sleep(1);
        }
    }

    @Test void aStopIsHeardByTheJobUnderWayAndByThoseThatWait() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        work.run("one", p -> endless(p, begun), noted("one"));
        work.run("two", _ -> "2", noted("two"));
        work.run("three", _ -> "3", noted("three"));
        assertThat(begun.await(20, TimeUnit.SECONDS)).isTrue();
        window.drain();
        assertThat(w.busy().orElseThrow().what()).contains("one");
        work.stop();
        window.until("all have ended", () -> ends.size() == 3);
        assertThat(ends).containsExactly("one stopped", "two stopped", "three stopped");
        assertThat(w.busy()).isEmpty();
    }

    @Test void whatIsAskedForAfterAStopIsDone() {
        work.run("one", _ -> "1", noted("one"));
        work.stop();
        work.run("two", _ -> "2", noted("two"));
        window.until("both have ended", () -> ends.size() == 2);
        assertThat(ends.getLast()).isEqualTo("two done 2");
    }

    @Test void aFailureIsToldAndTheNextJobGoesOn() {
        work.run("one", _ -> {
            throw new IOException("no");
        }, noted("one"));
        work.run("two", _ -> {
            throw new StackOverflowError("deep");
        }, noted("two"));
        work.run("three", _ -> "3", noted("three"));
        window.until("all have ended", () -> ends.size() == 3);
        assertThat(ends).containsExactly("one failed no", "two failed deep", "three done 3");
    }

    @Test void theBusyBarNamesTheJobThatIsUnderWay() {
        List<String> seen = new ArrayList<>();
        w.listen(_ -> seen.add(w.busy().map(Busy::what).orElse("-")));
        work.run("one", _ -> "1", noted("one"));
        work.run("two", _ -> "2", noted("two"));
        window.until("both have ended", () -> ends.size() == 2);
        assertThat(seen).containsSubsequence("one", "two", "-").endsWith("-");
    }

    /** A word of progress that arrives after the job has ended does not bring the bar back. */
    @Test void lateProgressIsDropped() {
        work.run("one", p -> {
            p.at(Progress.Stage.READING, 1, 2);
            return "1";
        }, noted("one"));
        window.until("it has ended", () -> ends.size() == 1);
        window.drain();
        assertThat(w.busy()).isEmpty();
    }
}
