package brightlintel.desktop.window;

import brightlintel.desktop.command.Command;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.Popup;

/** Finds any command by its name. */
final class CommandField extends StackPane {
    private static final int ROWS = 10;
    private final Workspace w;
    private final Commands commands;
    private final Runnable back;
    private final TextField field = new TextField();
    private final ListView<Command> list = new ListView<>();
    private final Popup popup = new Popup();

    CommandField(Workspace w, Commands commands, Runnable back) {
        this.w = w;
        this.commands = commands;
        this.back = back;
        getStyleClass().add("find");
        field.setId("command-field");
        field.setPromptText(Words.of("find.prompt"));
        Label key = new Label("Ctrl K");
        key.getStyleClass().add("kbd");
        key.setMouseTransparent(true);
        StackPane.setAlignment(key, Pos.CENTER_RIGHT);
        getChildren().addAll(field, key);
        list.setId("command-list");
        list.getStyleClass().add("command-list");
        list.setCellFactory(_ -> new Cell());
        list.setFocusTraversable(false);
        list.setOnMouseClicked(_ -> fire());
        popup.getContent().add(list);
        popup.setAutoHide(true);
        field.textProperty().addListener((_, _, _) -> search());
        field.focusedProperty().addListener((_, _, on) -> {
            if (on) search();
            else popup.hide();
        });
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::keys);
    }

    void take() {
        field.clear();
        field.requestFocus();
    }

    private void keys(KeyEvent e) {
        int at = list.getSelectionModel().getSelectedIndex();
        switch (e.getCode()) {
            case DOWN -> list.getSelectionModel().select(Math.min(list.getItems().size() - 1, at + 1));
            case UP -> list.getSelectionModel().select(Math.max(0, at - 1));
            case ENTER -> fire();
            case ESCAPE -> leave();
            default -> {
                return;
            }
        }
        list.scrollTo(Math.max(0, list.getSelectionModel().getSelectedIndex() - ROWS + 2));
        e.consume();
    }

    /** Every word typed must stand somewhere; names that begin with it come first. */
    static List<Command> found(List<Command> all, String typed, Workspace w) {
        String[] words = typed.toLowerCase(Locale.ROOT).strip().split("\\s+");
        String first = words[0];
        return all.stream().filter(c -> {
            String t = c.text().toLowerCase(Locale.ROOT);
            for (String x : words) if (!t.contains(x)) return false;
            return true;
        }).sorted(Comparator.comparing((Command c) -> !c.isEnabled(w))
            .thenComparing(c -> !c.text().toLowerCase(Locale.ROOT).startsWith(first))
            .thenComparing(Command::text, String.CASE_INSENSITIVE_ORDER)).toList();
    }

    private void search() {
        if (!field.isFocused()) return;
        list.getStyleClass().remove("dark");
        if (w.looks().dark()) list.getStyleClass().add("dark");
        list.getItems().setAll(found(commands.list(), field.getText(), w));
        list.getSelectionModel().select(0);
        list.setPrefSize(Math.max(360, getWidth()), Math.min(ROWS, Math.max(1, list.getItems().size())) * 30 + 10);
        Bounds b = localToScreen(getBoundsInLocal());
        if (b != null && !popup.isShowing()) popup.show(this, b.getMinX(), b.getMaxY() + 4);
    }

    private void fire() {
        Command c = list.getSelectionModel().getSelectedItem();
        leave();
        if (c != null) c.fire(w);
    }

    private void leave() {
        field.clear();
        popup.hide();
        back.run();
    }

    private final class Cell extends ListCell<Command> {
        @Override protected void updateItem(Command c, boolean none) {
            super.updateItem(c, none);
            if (none || c == null) {
                setGraphic(null);
                return;
            }
            Label name = new Label(c.text());
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            HBox h = new HBox(8, name, gap);
            if (!c.keyText().isEmpty()) {
                Label key = new Label(c.keyText());
                key.getStyleClass().add("kbd");
                h.getChildren().add(key);
            }
            h.setOpacity(c.isEnabled(w) ? 1 : 0.45);
            setGraphic(h);
        }
    }
}
