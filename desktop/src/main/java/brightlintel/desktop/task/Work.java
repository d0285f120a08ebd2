package brightlintel.desktop.task;

import brightlintel.desktop.state.Busy;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Progress;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import javafx.application.Platform;

/** Long work behind the window: one piece at a time, with progress, and a stop that is heard. */
public final class Work {
    private final Workspace w;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(r -> {
        Thread t = new Thread(null, r, "reader", 16L << 20);
        t.setDaemon(true);
        return t;
    });
    private AtomicBoolean stopped = new AtomicBoolean();
    private int waiting;

    public Work(Workspace w) {
        this.w = w;
    }

    /** What is to be done, away from the window. */
    @FunctionalInterface
    public interface Job<T> {
        T run(Progress progress) throws Exception;
    }

    /** Both answers come on the thread of the window; a stop is no failure and only clears the progress. */
    public <T> void run(String what, Job<T> job, Consumer<T> done, Consumer<Throwable> failed) {
        AtomicBoolean stop = new AtomicBoolean();
        stopped = stop;
        waiting++;
        w.busy(Optional.of(new Busy(what, -1)));
        AtomicReference<Busy> latest = new AtomicReference<>();
        Progress progress = (stage, at, total) -> {
            if (stop.get()) throw new CancellationException();
            double share = total > 0 ? Math.min(1, at / (double) total) : -1;
            Busy b = new Busy(Words.of("busy." + stage.name(), what), share);
            // many updates become one
            if (latest.getAndSet(b) == null) Platform.runLater(() -> {
                Busy now = latest.getAndSet(null);
                if (now != null && waiting > 0) w.busy(Optional.of(now));
            });
        };
        worker.execute(() -> {
            try {
                T result = job.run(progress);
                Platform.runLater(() -> end(() -> done.accept(result)));
            } catch (CancellationException e) {
                Platform.runLater(() -> end(() -> { }));
            } catch (Throwable t) {
                Platform.runLater(() -> end(() -> failed.accept(t)));
            }
        });
    }

    private void end(Runnable then) {
        waiting--;
        if (waiting == 0) w.busy(Optional.empty());
        then.run();
    }

    public void stop() {
        stopped.set(true);
    }

    public void shutdown() {
        stopped.set(true);
        worker.shutdownNow();
    }
}
