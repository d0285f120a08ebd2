package brightlintel.desktop.frame;

import javafx.application.Platform;
import javafx.scene.Node;

/** Does something once before the next frame of a node's scene, however often it is asked for until then: never twice for one frame. */
public final class NextFrame implements Runnable {
    private final Runnable job;
    private boolean pending;

    public NextFrame(Node of, Runnable job) {
        this.job = job;
        Runnable turn = this::turn;
        of.sceneProperty().addListener((_, was, is) -> {
            if (was != null) was.removePreLayoutPulseListener(turn);
            if (is != null) is.addPreLayoutPulseListener(turn);
        });
    }

    @Override public void run() {
        if (pending) return;
        pending = true;
        Platform.requestNextPulse();
    }

    private void turn() {
        if (!pending) return;
        pending = false;
        job.run();
    }

    public boolean isPending() {
        return pending;
    }
}
