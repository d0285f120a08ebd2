package brightlintel.desktop.frame;

import javafx.application.Platform;

/** Does something once in the next turn of the window, however often it is asked for until then. */
public final class Later implements Runnable {
    private final Runnable job;
    private boolean pending;

    public Later(Runnable job) {
        this.job = job;
    }

    @Override public void run() {
        if (pending) return;
        pending = true;
        Platform.runLater(() -> {
            pending = false;
            job.run();
        });
    }

    public boolean isPending() {
        return pending;
    }
}
