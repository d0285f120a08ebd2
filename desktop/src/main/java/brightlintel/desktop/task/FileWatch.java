package brightlintel.desktop.task;

import brightlintel.building.Custody;
import brightlintel.building.Project;
import brightlintel.building.Source;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.desktop.state.Following;
import brightlintel.desktop.state.Workspace;
import brightlintel.drawing.Progress;
import brightlintel.receive.Lookout;
import brightlintel.receive.Revised;
import brightlintel.receive.Standing;
import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
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
    private final Map<Asked, Following.Stand> changed = new HashMap<>();

    /** A file and what is laid of it: another page that is laid later is compared too. */
    private record Asked(Source source, List<UnderlayId> laid) {
        static Asked of(Project p, Source s) {
            return new Asked(s, p.underlays().stream().filter(u -> u.file().equals(s.id())).map(Underlay::id).toList());
        }
    }

    /** @param onWindow runs on the thread of the window */
    public FileWatch(Workspace w, Consumer<Runnable> onWindow) {
        this.w = w;
        this.onWindow = onWindow;
    }

    public void begin() {
        if (!looks.isShutdown()) looks.schedule(this::ask, EVERY, TimeUnit.MILLISECONDS);
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
        changed.keySet().removeIf(a -> !p.sources().contains(a.source));
        for (Source s : p.sources()) {
            if (!(s.custody() instanceof Custody.Followed(String path)) || looks.isShutdown()) continue;
            Following.Stand stand = look(p, s, path, file);
            onWindow.accept(() -> {
                if (w.era() == era) w.following().put(s.id(), stand);
            });
        }
    }

    private Following.Stand look(Project p, Source s, String path, Optional<Path> file) {
        Standing now;
        try {
            now = lookout.look(Path.of(path), s.newest(), file);
        } catch (InvalidPathException e) {
            // written by another system: there is no such place here
            now = new Standing.Missing();
        }
        if (!(now instanceof Standing.Changed c)) return Following.Stand.of(now);
        Asked asked = Asked.of(p, s);
        Following.Stand before = changed.get(asked);
        if (before != null && before.standing().equals(c)) return before;
        Following.Stand read = read(p, s, c);
        changed.put(asked, read);
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
