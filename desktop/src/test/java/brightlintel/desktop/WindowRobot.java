package brightlintel.desktop;

import brightlintel.building.Project;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.task.Asks;
import brightlintel.desktop.task.Recent;
import brightlintel.desktop.task.Sessions;
import brightlintel.desktop.window.MainWindow;
import brightlintel.desktop.window.Styles;
import brightlintel.geom.Point;
import brightlintel.receive.DrawingShelf;
import brightlintel.receive.PictureDetails;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

/** The real window, driven by mouse and keys. Only the file dialog is replaced. */
abstract class WindowRobot extends ApplicationTest {
    protected final Deque<Path> toOpen = new ArrayDeque<>();
    protected final Deque<Path> toSave = new ArrayDeque<>();
    /** Whether the system's dialog has asked about a file that is there. */
    protected boolean agrees = true;
    protected Path folder;
    protected MainWindow window;
    protected Workspace w;
    protected Stage stage;

    @Override public void start(Stage s) throws Exception {
        stage = s;
        folder = Files.createTempDirectory("robot-");
        Sessions sessions = new Sessions(folder.resolve("home"));
        w = new Workspace(new DrawingShelf(sessions.originals(), new PictureDetails(sessions.home().resolve("pictures"))));
        window = new MainWindow(w, new Asks() {
            @Override public List<Path> open() {
                return toOpen.isEmpty() ? List.of() : List.of(toOpen.poll());
            }

            @Override public Optional<Target> save(String suggested, String ending) {
                return Optional.ofNullable(toSave.poll()).map(p -> new Target(p, agrees));
            }
        }, sessions, new Recent(folder.resolve("home")), s::close);
        Scene scene = new Scene(window.root(), 1280, 800);
        Styles.apply(scene);
        s.setScene(scene);
        window.begin(scene);
        s.setX(0);
        s.setY(0);
        s.show();
        s.toFront();
    }

    @AfterEach void close() throws Exception {
        Platform.runLater(window::stop);
        settle();
        deleteAll(folder);
    }

    /**
     * What was done has come to the window, and what it asked for later has been done. The framework's own way waits five turns of 10 ms after each key
     * and each half of a click, which was most of the time of all robots.
     */
    protected static void settle() {
        WaitForAsyncUtils.waitForFxEvents(2);
    }

    @Override public FxRobot press(MouseButton... buttons) {
        robotContext().getMouseRobot().pressNoWait(buttons);
        settle();
        return this;
    }

    @Override public FxRobot release(MouseButton... buttons) {
        robotContext().getMouseRobot().releaseNoWait(buttons);
        settle();
        return this;
    }

    @Override public FxRobot clickOn(MouseButton... buttons) {
        press(buttons);
        return release(buttons);
    }

    @Override public FxRobot press(KeyCode... keys) {
        robotContext().getKeyboardRobot().pressNoWait(keys);
        settle();
        return this;
    }

    @Override public FxRobot release(KeyCode... keys) {
        robotContext().getKeyboardRobot().releaseNoWait(keys);
        settle();
        return this;
    }

    @Override public FxRobot push(KeyCode... keys) {
        press(keys);
        KeyCode[] back = keys.clone();
        Collections.reverse(Arrays.asList(back));
        return release(back);
    }

    @Override public FxRobot type(KeyCode... keys) {
        for (KeyCode k : keys) push(k);
        return this;
    }

    /** Each character to the window that has the focus: a list that an earlier one opened, say. */
    @Override public FxRobot write(String text) {
        for (char c : text.toCharArray()) {
            robotContext().getBaseRobot().typeKeyboard(Window.getWindows().stream().filter(Window::isFocused).findFirst().orElse(stage).getScene(), KeyCode.UNDEFINED, String.valueOf(c));
            WaitForAsyncUtils.waitForFxEvents(1);
        }
        settle();
        return this;
    }

    private static void deleteAll(Path folder) throws IOException {
        try (var all = Files.walk(folder)) {
            for (Path p : all.sorted(Comparator.reverseOrder()).toList()) Files.deleteIfExists(p);
        }
    }

    protected void until(String what, Callable<Boolean> condition) {
        try {
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> onWindow(condition));
        } catch (TimeoutException e) {
            throw new AssertionError("waited in vain until " + what + "; the prompt line says: " + say(), e);
        }
        settle();
    }

    protected static <T> T onWindow(Callable<T> c) throws Exception {
        return WaitForAsyncUtils.asyncFx(c).get();
    }

    protected Project project() {
        return w.project();
    }

    protected String say() {
        return lookup("#prompt-say").queryAs(Label.class).getText();
    }

    protected void rest() {
        until("the board is at rest", () -> window.board().isAtRest());
    }

    protected Point2D at(double x, double y) {
        settle();
        return window.board().onScreen(new Point(x, y));
    }

    /** Moves there in two steps, as a hand does, and clicks. */
    protected void clickAt(double x, double y) {
        pointAt(x, y);
        clickOn(MouseButton.PRIMARY);
        settle();
    }

    protected void pointAt(double x, double y) {
        Point2D p = at(x, y);
        jump(p.add(3, 2));
        jump(p);
    }

    /** The pointer of the system, without the long way there. */
    private static void jump(Point2D p) {
        WaitForAsyncUtils.asyncFx(() -> new Robot().mouseMove(p));
        settle();
    }

    protected void dragFromTo(Point from, Point to) {
        pointAt(from.x(), from.y());
        press(MouseButton.PRIMARY);
        Point2D a = at(from.x(), from.y()), b = at(to.x(), to.y());
        for (int i = 1; i <= 4; i++) {
            Point2D p = a.interpolate(b, i / 4.0);
            WaitForAsyncUtils.asyncFx(() -> new Robot().mouseMove(p));
            settle();
        }
        release(MouseButton.PRIMARY);
        settle();
    }

    private static void scrollTo(Node n) {
        WaitForAsyncUtils.asyncFx(() -> {
            Node up = n;
            while (up != null && !(up instanceof ScrollPane)) up = up.getParent();
            if (!(up instanceof ScrollPane pane) || pane.getContent() == null) return;
            double high = pane.getContent().getBoundsInLocal().getHeight(), seen = pane.getViewportBounds().getHeight();
            Bounds at = pane.getContent().sceneToLocal(n.localToScene(n.getBoundsInLocal()));
            double top = pane.getVvalue() * (high - seen);
            if (high > seen && (at.getMinY() < top || at.getMaxY() > top + seen))
                pane.setVvalue(Math.clamp((at.getCenterY() - seen / 2) / (high - seen), 0, 1));
        });
        settle();
    }

    protected void jumpTo(Node n) {
        var b = n.localToScreen(n.getBoundsInLocal());
        jump(new Point2D(b.getCenterX(), b.getCenterY()));
    }

    /** A button by its id, scrolled into view as a wheel would. */
    protected void button(String id) {
        until(id + " is there", () -> lookup("#" + id).tryQuery().isPresent());
        scrollTo(lookup("#" + id).query());
        jumpTo(lookup("#" + id).query());
        clickOn(MouseButton.PRIMARY);
        settle();
    }

    /** Another unit than the one that was found. */
    protected void unit(String name) {
        if (lookup("#unit-" + name).tryQuery().isEmpty()) button("other-unit");
        button("unit-" + name);
    }

    /** Clicks into a field of the window, which selects what stands there, and types over it. */
    protected void retype(String id, String text) {
        jumpTo(lookup("#" + id).query());
        clickOn(MouseButton.PRIMARY);
        settle();
        write(text);
        type(KeyCode.ENTER);
        settle();
    }

    /** By name through the command field, as somebody would who does not know where it lies. */
    protected void command(String name) {
        press(KeyCode.CONTROL).press(KeyCode.K).release(KeyCode.K).release(KeyCode.CONTROL);
        until("the command field has the focus", () -> stage.getScene().getFocusOwner() != null
            && "command-field".equals(stage.getScene().getFocusOwner().getId()));
        write(name);
        type(KeyCode.ENTER);
        settle();
    }

    protected void keys(KeyCode... codes) {
        push(codes);
        settle();
    }

    protected void figure(String text) {
        write(text);
        type(KeyCode.ENTER);
        settle();
    }

    protected void receive(Path drawing) {
        toOpen.add(drawing);
        keys(KeyCode.CONTROL, KeyCode.O);
        until(drawing + " is received", () -> w.busy().isEmpty() && w.drawing().isPresent());
        rest();
    }
}
