package brightlintel.desktop.task;

import brightlintel.desktop.state.Busy;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Progress;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;

/** Long work behind the window: one piece at a time, with progress, and a stop that is heard by all that is under way or waits. */
public final class Work {
    private final Workspace w;
    private final Consumer<Runnable> onWindow;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(r -> {
        Thread t = new Thread(null, r, "reader", 16L << 20);
        t.setDaemon(true);
        return t;
    });
    /** In the order in which they were asked for; of the window's thread alone. */
    private final List<Ticket> tickets = new ArrayList<>();

    private record Ticket(String what, AtomicBoolean stop) { }

    /** @param onWindow runs on the thread of the window */
    public Work(Workspace w, Consumer<Runnable> onWindow) {
        this.w = w;
        this.onWindow = onWindow;
    }

    /** What is to be done, away from the window. */
    @FunctionalInterface
    public interface Job<T> {
        T run(Progress progress) throws Exception;
    }

    /** What becomes of it; one of the three is called, on the thread of the window. */
    public record Answer<T>(Consumer<T> done, Consumer<Throwable> failed, Runnable stopped) { }

    public <T> void run(String what, Job<T> job, Answer<T> answer) {
        Ticket ticket = new Ticket(what, new AtomicBoolean());
        tickets.add(ticket);
        if (tickets.size() == 1) w.busy(Optional.of(new Busy(what, -1)));
        Progress progress = progress(ticket);
        worker.execute(() -> {
            try {
                if (ticket.stop.get()) throw new CancellationException();
                T result = job.run(progress);
                onWindow.accept(() -> end(ticket, () -> answer.done.accept(result)));
            } catch (CancellationException e) {
                onWindow.accept(() -> end(ticket, answer.stopped));
            } catch (Throwable t) {
                onWindow.accept(() -> end(ticket, () -> answer.failed.accept(t)));
            }
        });
    }

    /** On the thread of the window, soon. */
    void later(Runnable r) {
        onWindow.accept(r);
    }

    private Progress progress(Ticket ticket) {
        AtomicReference<Busy> latest = new AtomicReference<>();
        return (stage, at, total) -> {
            if (ticket.stop.get()) throw new CancellationException();
            double share = total > 0 ? Math.min(1, at / (double) total) : -1;
            Busy b = new Busy(Words.of("busy." + stage.name(), ticket.what), share);
            // many updates become one
            if (latest.getAndSet(b) == null) onWindow.accept(() -> {
                Busy now = latest.getAndSet(null);
                if (now != null && tickets.contains(ticket)) w.busy(Optional.of(now));
            });
        };
    }

    private void end(Ticket ticket, Runnable then) {
        tickets.remove(ticket);
        w.busy(tickets.isEmpty() ? Optional.empty() : Optional.of(new Busy(tickets.getFirst().what, -1)));
        then.run();
    }

    /** All of it, what waits too. */
    public void stop() {
        tickets.forEach(t -> t.stop.set(true));
    }

    public void shutdown() {
        stop();
        worker.shutdownNow();
    }
}
