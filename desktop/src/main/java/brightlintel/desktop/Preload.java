package brightlintel.desktop;

import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.demo.HeronQuayWhole;
import brightlintel.desktop.task.Sessions;
import brightlintel.drawing.Progress;
import brightlintel.paint.Palette;
import brightlintel.paint.Pictures;
import brightlintel.receive.DrawingShelf;
import brightlintel.receive.PictureDetails;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;

/**
 * Uses the second that the toolkit takes to start: opens the session, makes the demo, and paints it once, so that the painters are warm.
 */
final class Preload {
    private static CompletableFuture<Ready> ready;

    private Preload() { }

    record Ready(Sessions sessions, DrawingShelf shelf, Optional<Project> demo) { }

    static void begin(boolean demo) {
        ready = CompletableFuture.supplyAsync(() -> make(demo), r -> {
            Thread t = new Thread(null, r, "preload", 16L << 20);
            t.setDaemon(true);
            t.start();
        });
    }

    /** Waits for it. */
    static Ready ready() {
        if (ready == null) begin(false);
        return ready.join();
    }

    private static Ready make(boolean demo) {
        try {
            Sessions sessions = new Sessions(Sessions.usualHome());
            DrawingShelf shelf = new DrawingShelf(sessions.originals(), new PictureDetails(sessions.home().resolve("pictures")));
            return new Ready(sessions, shelf, demo ? Optional.of(demo(shelf)) : Optional.empty());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Project demo(DrawingShelf shelf) throws IOException {
        Project p = HeronQuayWhole.build(shelf);
        StoreyId first = p.storeys().getFirst().id();
        Pictures.plan(p, first, shelf.placed(p, first, Progress.NONE), 300, 200, Palette.LIGHT);
        return p;
    }
}
