package brightlintel.desktop;

import brightlintel.building.UnderlayId;
import brightlintel.desktop.board.Board;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.window.MainWindow;
import brightlintel.drawing.Layer;
import brightlintel.edit.Clearings;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.DoubleConsumer;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;

/**
 * Drags and zooms the board of the real window with a real pointer, prints the time from frame to frame and the longest stall of the
 * window's thread, and ends: for docs/performance.md. Pointer and stalls are timed from another thread, so that a window that hangs is seen
 * to hang.
 */
final class FrameTimes {
    private static final int POINTER_MS = 7, WARM_S = 3, DRAG_S = 10, ZOOM_S = 5, MOST = 100_000;
    /** A pause of the wheel, in turns of the pointer: a hand turns it in bursts. */
    private static final int NOTCH = 8;
    private static final int MANY_LAYERS = 100, LAYERS_S = 8, SWITCH_EVERY = 40;
    private final MainWindow window;
    private final Board board;
    private final Robot robot = new Robot();
    private final ScheduledExecutorService hand = Executors.newScheduledThreadPool(2, r -> {
        Thread t = new Thread(r, "hand");
        t.setDaemon(true);
        return t;
    });
    private final double[] frames = new double[MOST];
    private int count;
    private long lastFrame, began;
    private volatile double stall;
    private volatile boolean counting;

    private FrameTimes(MainWindow window) {
        this.window = window;
        this.board = window.board();
    }

    static void report(MainWindow window) {
        FrameTimes f = new FrameTimes(window);
        f.watch();
        f.whenAtRest(_ -> f.rest(500, f::drag));
    }

    /** Frames, and answers of the window's thread to another. */
    private void watch() {
        new AnimationTimer() {
            @Override public void handle(long now) {
                long t = System.nanoTime();
                if (counting && lastFrame != 0 && count < MOST) frames[count++] = (t - lastFrame) / 1e6;
                lastFrame = t;
            }
        }.start();
        hand.scheduleAtFixedRate(() -> {
            long asked = System.nanoTime();
            Platform.runLater(() -> {
                if (counting) stall = Math.max(stall, (System.nanoTime() - asked) / 1e6);
            });
        }, 0, 5, TimeUnit.MILLISECONDS);
    }

    /** @param then is told how long it took, in milliseconds */
    private void whenAtRest(DoubleConsumer then) {
        long from = System.nanoTime();
        new AnimationTimer() {
            @Override public void handle(long now) {
                if (window.workspace().isEmpty() || window.workspace().busy().isPresent() || !board.isAtRest()) return;
                stop();
                then.accept((System.nanoTime() - from) / 1e6);
            }
        }.start();
    }

    private void rest(int ms, Runnable then) {
        hand.schedule(() -> Platform.runLater(then), ms, TimeUnit.MILLISECONDS);
    }

    private interface Step {
        void at(double seconds);
    }

    /** Moves at the rate of a mouse; the first seconds are not counted, they are the compiler's. */
    private void during(int seconds, Step step, Runnable then) {
        began = System.nanoTime();
        count = 0;
        stall = 0;
        Runnable[] turn = new Runnable[1];
        turn[0] = () -> Platform.runLater(() -> {
            double s = (System.nanoTime() - began) / 1e9;
            counting = s > WARM_S && s < WARM_S + seconds;
            if (s > WARM_S + seconds) then.run();
            else {
                step.at(s);
                hand.schedule(turn[0], POINTER_MS, TimeUnit.MILLISECONDS);
            }
        });
        turn[0].run();
    }

    private Bounds onScreen() {
        return board.localToScreen(board.getLayoutBounds());
    }

    private void drag() {
        Bounds b = onScreen();
        robot.mouseMove(b.getCenterX(), b.getCenterY());
        robot.mousePress(MouseButton.MIDDLE);
        double rx = b.getWidth() * 0.32, ry = b.getHeight() * 0.32;
        during(DRAG_S, s -> robot.mouseMove(b.getCenterX() + rx * Math.sin(s * 2.3), b.getCenterY() + ry * Math.sin(s * 3.1)), () -> {
            robot.mouseRelease(MouseButton.MIDDLE);
            say("drag");
            whenAtRest(ms -> {
                System.err.printf(Locale.ROOT, "sharp after the drag in %.0f ms%n", ms);
                rest(300, this::zoom);
            });
        });
    }

    private void zoom() {
        Bounds b = onScreen();
        robot.mouseMove(b.getCenterX(), b.getCenterY());
        int[] turns = {0};
        during(ZOOM_S, s -> {
            robot.mouseMove(b.getCenterX() + 60 * Math.sin(s * 2), b.getCenterY() + 40 * Math.cos(s * 3));
            if (turns[0]++ % NOTCH == 0) robot.mouseWheel(s % 2 < 1 ? -1 : 1);
        }, () -> {
            say("zoom");
            whenAtRest(ms -> {
                System.err.printf(Locale.ROOT, "sharp after the zoom in %.0f ms%n", ms);
                rest(300, this::far);
            });
        });
    }

    /** All of it after a jump from near by. */
    private void far() {
        board.zoom(20);
        whenAtRest(near -> {
            board.fit();
            whenAtRest(far -> {
                System.err.printf(Locale.ROOT, "sharp near by in %.0f ms, all of it in %.0f ms%n", near, far);
                boolean many = window.workspace().drawing().filter(d -> d.strokes().layers().size() >= MANY_LAYERS).isPresent();
                if (many) rest(300, this::layers);
                else Platform.exit();
            });
        });
    }

    /** Over the list of layers in Clear and down it, each lighting up; then over the plan. */
    private void layers() {
        window.workspace().go(Stage.CLEAR);
        rest(400, () -> {
            Node list = board.getScene().lookup("#layers");
            Bounds b = list.localToScreen(list.getLayoutBounds());
            int[] turns = {0};
            during(LAYERS_S, s -> {
                robot.mouseMove(b.getCenterX() - 60, b.getMinY() + 10 + (b.getHeight() - 20) * (0.5 + 0.5 * Math.sin(s * 3)));
                if (turns[0]++ % NOTCH == 0) robot.mouseWheel(s % 8 < 4 ? 1 : -1);
            }, () -> {
                say("over the list of layers");
                rest(300, this::pointing);
            });
        });
    }

    private void pointing() {
        Bounds b = onScreen();
        double rx = b.getWidth() * 0.4, ry = b.getHeight() * 0.4;
        during(ZOOM_S, s -> robot.mouseMove(b.getCenterX() + rx * Math.sin(s * 2.3), b.getCenterY() + ry * Math.sin(s * 3.1)), () -> {
            say("over the plan, each layer lighting up");
            rest(300, this::switching);
        });
    }

    /** One layer after another is hidden and shown. */
    private void switching() {
        Workspace w = window.workspace();
        UnderlayId u = w.underlay().orElseThrow().id();
        List<Layer> all = w.drawing().orElseThrow().strokes().layers();
        int[] turns = {0};
        during(ZOOM_S, s -> {
            int n = turns[0]++;
            if (n % SWITCH_EVERY > 0) return;
            String layer = all.get(n / SWITCH_EVERY / 2 % all.size()).name();
            w.apply(n / SWITCH_EVERY % 2 == 0 ? Clearings.hide(u, layer) : Clearings.show(u, layer));
        }, () -> {
            say("a layer switched every " + SWITCH_EVERY * POINTER_MS + " ms");
            whenAtRest(ms -> {
                System.err.printf(Locale.ROOT, "sharp after a switch in %.0f ms%n", ms);
                Platform.exit();
            });
        });
    }

    private void say(String what) {
        counting = false;
        double[] f = Arrays.copyOf(frames, count);
        Arrays.sort(f);
        if (f.length == 0) return;
        System.err.printf(Locale.ROOT, "%s: %d frames, median %.1f, 95 %% %.1f, worst %.1f ms; longest stall %.1f ms%n", what, f.length,
            f[f.length / 2], f[(int) (f.length * 0.95)], f[f.length - 1], stall);
    }
}
