package brightlintel.desktop;

import brightlintel.desktop.window.MainWindow;
import java.lang.management.ManagementFactory;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/** Prints how long it took from the start of the process to the window and to the drawing, and ends: for docs/performance.md. */
final class StartTimes {
    private StartTimes() { }

    static void report(MainWindow window) {
        long began = ManagementFactory.getRuntimeMXBean().getStartTime();
        long shown = System.currentTimeMillis() - began;
        new AnimationTimer() {
            @Override public void handle(long now) {
                if (window.workspace().isEmpty() || window.workspace().busy().isPresent() || !window.board().isAtRest()) return;
                stop();
                System.err.println("window " + shown + " ms, demo drawn " + (System.currentTimeMillis() - began) + " ms");
                Platform.exit();
            }
        }.start();
    }
}
