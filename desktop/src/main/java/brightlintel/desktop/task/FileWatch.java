package brightlintel.desktop.task;

import brightlintel.building.Custody;
import brightlintel.building.Project;
import brightlintel.building.Source;
import brightlintel.desktop.state.Following;
import brightlintel.desktop.state.Workspace;
import brightlintel.drawing.Progress;
import brightlintel.receive.Lookout;
import brightlintel.receive.Revised;
import brightlintel.receive.Standing;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

/**
 * Looks after the files that the project follows, behind the window, every few seconds. A file that changed is read and held against what
 * was received, so that the user can be told what is otherwise before deciding; nothing of the project changes by itself.
 */
public final class FileWatch {
    private static final long EVERY = 1500;
    private final Workspace w;
    private final Consumer<Runnable> onWindow;
    private final ScheduledExecutorService looks = Executors.newSingleThreadScheduledExecutor(r -> {
        Thread t = new Thread(null, r, "file watch", 16L << 20);
        t.setDaemon(true);
        return t;
    });
    /** Of the watching thread alone. */
    private final Lookout lookout = new Lookout();
    private final Map<Source, Following.Stand> changed = new HashMap<>();

    /** @param onWindow runs on the thread of the window */
    public FileWatch(Workspace w, Consumer<Runnable> onWindow) {
        this.w = w;
        this.onWindow = onWindow;
    }

    public void begin() {
        looks.schedule(this::ask, EVERY, TimeUnit.MILLISECONDS);
    }

    /** What is to be looked at is asked for on the thread of the window; the next round comes after this one. */
    private void ask() {
        onWindow.accept(() -> {
            Project p = w.project();
            Object era = w.era();
            Optional<Path> file = w.file();
            if (!looks.isShutdown()) looks.execute(() -> {
                try {
                    round(p, file, era);
                } finally {
                    begin();
                }
            });
        });
    }

    private void round(Project p, Optional<Path> file, Object era) {
        for (Source s : p.sources()) {
            if (!(s.custody() instanceof Custody.Followed(String path)) || looks.isShutdown()) continue;
            Following.Stand stand = look(p, s, Path.of(path), file);
            onWindow.accept(() -> {
                if (w.era() == era) w.following().put(s.id(), stand);
            });
        }
    }

    private Following.Stand look(Project p, Source s, Path path, Optional<Path> file) {
        Standing now = lookout.look(path, s.newest(), file);
        if (!(now instanceof Standing.Changed c)) return Following.Stand.of(now);
        Following.Stand before = changed.get(s);
        if (before != null && before.standing().equals(c)) return before;
        Following.Stand read = read(p, s, c);
        changed.put(s, read);
        return read;
    }

    private Following.Stand read(Project p, Source s, Standing.Changed c) {
        try {
            Revised r = Revised.read(w.shelf(), s, c.at(), p.underlays(), Progress.NONE);
            return new Following.Stand(c, Optional.of(r), Optional.empty());
        } catch (IOException | RuntimeException | OutOfMemoryError e) {
            return new Following.Stand(c, Optional.empty(), Optional.of(Refusals.words(c.at(), e)));
        }
    }

    public void stop() {
        looks.shutdownNow();
    }
}
