package brightlintel.desktop;

import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.task.FileDialogs;
import brightlintel.desktop.task.Recent;
import brightlintel.desktop.task.Sessions;
import brightlintel.desktop.window.MainWindow;
import brightlintel.desktop.window.Styles;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.paint.Color;
import javafx.stage.Stage;

/** The window of Bright Lintel. Arguments: --demo, or files to open. */
public final class App extends Application {
    private MainWindow window;

    @Override public void start(Stage stage) throws Exception {
        Path home = Sessions.usualHome();
        Preload.Ready ready = Preload.ready();
        Workspace w = new Workspace(ready.shelf());
        window = new MainWindow(w, new FileDialogs(stage), ready.sessions(), new Recent(home), stage::close);
        Scene scene = new Scene(window.root(), 1280, 800, Color.web("#EFEBE1"));
        Styles.apply(scene);
        stage.setScene(scene);
        stage.setTitle("Bright Lintel");
        stage.getIcons().add(Styles.windowIcon());
        stage.setMinWidth(900);
        stage.setMinHeight(600);
        stage.setOnCloseRequest(e -> {
            e.consume();
            window.askClose();
        });
        window.begin(scene);
        Thread.setDefaultUncaughtExceptionHandler((_, t) -> Platform.runLater(() -> window.uncaught(t)));
        List<String> args = getParameters().getUnnamed().stream().filter(a -> !a.startsWith("--")).toList();
        if (ready.demo().isPresent()) w.show(ready.demo().get(), Optional.empty(), true);
        else if (getParameters().getRaw().contains("--frames")) window.openAtOnce(args.stream().map(Path::of).toList());
        else window.openAll(args.stream().map(Path::of).toList());
        stage.show();
        if (getParameters().getRaw().contains("--time")) StartTimes.report(window);
        else if (getParameters().getRaw().contains("--frames")) FrameTimes.report(window);
        else window.offerLost();
    }

    @Override public void stop() {
        window.stop();
    }
}
