package brightlintel.desktop.window;

import brightlintel.building.Units;
import brightlintel.desktop.command.Command;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.ViewMode;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import java.nio.file.Path;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** The project and its menu, saved or not, the command field, undo and redo with the step's name, plan or space or both. */
final class TopLine extends HBox {
    private final Workspace w;
    private final Commands commands;
    private final MenuButton project = new MenuButton();
    private final Label saved = new Label();
    private final Button undo = new Button();
    private final Button redo = new Button();
    private final HBox modes = new HBox();
    private final Supplier<List<Path>> recent;
    private final Consumer<Path> open;
    private String savedAt = "";

    TopLine(Workspace w, Commands commands, CommandField field, Supplier<List<Path>> recent, Consumer<Path> open) {
        this.w = w;
        this.commands = commands;
        this.recent = recent;
        this.open = open;
        getStyleClass().add("top");
        setAlignment(Pos.CENTER_LEFT);
        project.setId("project-menu");
        project.getStyleClass().add("project");
        project.setOnShowing(_ -> fillMenu());
        project.setMinWidth(0);
        // something must be there for the menu to open at all
        project.getItems().add(new MenuItem(""));
        saved.setId("saved");
        saved.getStyleClass().add("quiet");
        saved.setMinWidth(Region.USE_PREF_SIZE);
        step(undo, "undo");
        step(redo, "redo");
        modes.getStyleClass().add("modes");
        for (ViewMode m : ViewMode.values()) {
            Button b = new Button(Words.of("mode." + m.name()));
            b.setId("mode-" + m.name().toLowerCase(Locale.ROOT));
            b.setMinWidth(Region.USE_PREF_SIZE);
            b.setTooltip(new Tooltip(Words.of("tip.mode") + "  (V)"));
            b.setOnAction(_ -> w.looks(w.looks().withMode(m)));
            modes.getChildren().add(b);
        }
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        getChildren().addAll(Icons.mark(), project, saved, gap, field, undo, redo, modes);
        w.listen(c -> {
            if (c == Change.PROJECT || c == Change.FILE || c == Change.LOOK || c == Change.BUSY) refresh();
        });
        refresh();
    }

    private void step(Button b, String id) {
        b.setId(id);
        b.getStyleClass().add("step");
        b.setMaxWidth(190);
        b.setMinWidth(26);
        b.setOnAction(_ -> commands.get(id).fire(w));
        b.setTooltip(new Tooltip(Words.of("command." + id) + "  (" + commands.get(id).keyText() + ")"));
    }

    private MenuItem item(String id) {
        Command c = commands.get(id);
        MenuItem i = new MenuItem(c.text());
        i.setId("menu-" + id);
        i.setDisable(!c.isEnabled(w));
        c.keys().ifPresent(i::setAccelerator);
        i.setOnAction(_ -> c.fire(w));
        return i;
    }

    private void fillMenu() {
        Menu files = new Menu(Words.of("menu.recent"));
        for (Path p : recent.get()) {
            MenuItem i = new MenuItem(p.getFileName() + "   " + p.getParent());
            i.setMnemonicParsing(false);
            i.setOnAction(_ -> open.accept(p));
            files.getItems().add(i);
        }
        files.setDisable(files.getItems().isEmpty());
        MenuItem units = item("units");
        units.setText(Words.of(w.project().units() == Units.METRIC ? "menu.to-feet" : "menu.to-metric"));
        MenuItem dark = item("dark");
        dark.setText(Words.of(w.looks().dark() ? "menu.light" : "menu.dark"));
        project.getItems().setAll(item("new"), item("open"), files, item("demo"), new SeparatorMenuItem(), item("save"), item("save-as"),
            item("export-ifc"), new SeparatorMenuItem(),
            item("rename"), units, dark, new SeparatorMenuItem(), item("keys"), item("about"), item("close"));
    }

    private void refresh() {
        project.setText(w.project().name());
        boolean dirty = w.isDirty();
        if (!dirty && w.file().isPresent() && savedAt.isEmpty()) savedAt = LocalTime.now().format(DateTimeFormatter.ofPattern("HH:mm"));
        if (dirty) savedAt = "";
        int steps = w.unsavedSteps();
        saved.setText(w.isEmpty() ? "" : dirty ? steps > 0 ? Words.count("saved.steps", steps) : Words.of("saved.unsaved")
            : w.file().isPresent() ? Words.of("saved.at", savedAt) : Words.of("saved.not-yet"));
        undo.setDisable(!w.history().canUndo());
        redo.setDisable(!w.history().canRedo());
        undo.setText("↶ " + (w.history().canUndo() ? Workspace.stepName(w.history().past().getLast().edit()) : ""));
        redo.setText("↷ " + (w.history().canRedo() ? Workspace.stepName(w.history().future().getLast().edit()) : ""));
        for (int i = 0; i < modes.getChildren().size(); i++) {
            modes.getChildren().get(i).getStyleClass().remove("on");
            if (i == w.looks().mode().ordinal()) modes.getChildren().get(i).getStyleClass().add("on");
        }
    }
}
