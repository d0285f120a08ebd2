package brightlintel.desktop.task;

import brightlintel.building.Project;
import brightlintel.desktop.state.Workspace;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

/** Keeps unsaved work in the session's folder, behind the window and in the order of what was done. */
public final class Keeping {
    private final Workspace w;
    private final Sessions sessions;
    private final Consumer<IOException> failed;
    private final ExecutorService writer = Executors.newSingleThreadExecutor(r -> {
        Thread t = new Thread(r, "keeper");
        t.setDaemon(true);
        return t;
    });
    /** What lies in the folder; null for nothing. */
    private Project kept;

    /** @param failed is told on the thread of the keeper */
    public Keeping(Workspace w, Sessions sessions, Consumer<IOException> failed) {
        this.w = w;
        this.sessions = sessions;
        this.failed = failed;
    }

    /** What is unsaved now; nothing where it is kept already. */
    public void now() {
        if (w.isEmpty() || !w.isDirty()) {
            forget();
            return;
        }
        Project p = w.project();
        if (p.equals(kept)) return;
        kept = p;
        Optional<Path> file = w.file();
        int steps = w.unsavedSteps();
        write(() -> sessions.keep(p, file, steps));
    }

    /** Nothing is unsaved any more. */
    public void forget() {
        if (kept == null) return;
        kept = null;
        write(sessions::forget);
    }

    private interface Writing {
        void run() throws IOException;
    }

    private void write(Writing what) {
        writer.execute(() -> {
            try {
                what.run();
            } catch (IOException e) {
                failed.accept(e);
            }
        });
    }

    /** Waits for what is being written. */
    public void close() {
        writer.shutdown();
        try {
            writer.awaitTermination(5, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
