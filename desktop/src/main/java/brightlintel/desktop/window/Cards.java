package brightlintel.desktop.window;

import brightlintel.desktop.command.Command;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.frame.Focus;
import brightlintel.desktop.text.Words;
import java.util.List;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.PasswordField;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Questions and pages laid over the window, one at a time. Esc and a click beside it mean the last, harmless choice. */
final class Cards extends StackPane {
    private static final int COLUMNS = 3;
    private static final double KEYS_WIDE = 1040;
    private Runnable leave = () -> { };
    private Node first, board;

    Cards() {
        getStyleClass().add("cards");
        setVisible(false);
        setFocusTraversable(true);
        setOnMouseClicked(e -> {
            if (e.getTarget() == this) leave.run();
        });
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                leave.run();
                e.consume();
            }
        });
    }

    record Choice(String id, String text, Runnable run) { }

    /** Nothing behind a card gets keys while it is there, and the board has them again afterwards. */
    void guard(Scene scene, Node board) {
        this.board = board;
        scene.focusOwnerProperty().addListener((_, _, now) -> {
            if (isVisible() && (now == null || !Focus.isIn(now, this))) Platform.runLater(this::takeFocus);
        });
    }

    private void takeFocus() {
        if (isVisible() && first != null) first.requestFocus();
    }

    /** Comes by itself: no key chooses anything before the user has gone to a choice with Tab or the mouse. */
    void offer(String title, String text, List<Choice> choices) {
        ask(title, text, choices);
        getChildren().getFirst().lookupAll(".button").forEach(b -> ((Button) b).setDefaultButton(false));
        first = this;
        requestFocus();
    }

    /** The first choice is the main one, the last the harmless one. */
    void ask(String title, String text, List<Choice> choices) {
        HBox row = new HBox(8);
        row.setAlignment(Pos.CENTER_RIGHT);
        for (Choice c : choices) {
            Button b = Parts.button(c.text, c.id, () -> {
                close();
                c.run.run();
            });
            if (c == choices.getFirst()) {
                b.getStyleClass().add("main");
                b.setDefaultButton(true);
            }
            row.getChildren().addFirst(b);
        }
        show(card(Parts.label(title, "title"), Parts.label(text), row), () -> {
            close();
            choices.getLast().run.run();
        });
        focus(row.getChildren().getLast());
    }

    /** For what opens a locked file: not shown while it is typed. */
    void askWord(String title, String text, Consumer<String> take) {
        ask(title, new PasswordField(), take, Parts.label(text, "quiet"));
    }

    void askText(String title, String now, Consumer<String> take) {
        ask(title, new TextField(now), take);
    }

    private void ask(String title, TextField f, Consumer<String> take, Node... above) {
        f.setId("card-text");
        Button ok = Parts.button(Words.of("card.take"), "card-take", () -> {
            close();
            if (!f.getText().isBlank()) take.accept(f.getText().strip());
        });
        ok.getStyleClass().add("main");
        ok.setDefaultButton(true);
        HBox row = new HBox(8, Parts.button(Words.of("card.leave"), "card-leave", this::close), ok);
        row.setAlignment(Pos.CENTER_RIGHT);
        VBox card = card(Parts.label(title, "title"), f, row);
        card.getChildren().addAll(1, List.of(above));
        show(card, this::close);
        focus(f);
        f.selectAll();
    }

    /** All keys, beside each other. */
    void keys(Commands commands) {
        GridPane grid = new GridPane(14, 5);
        List<Command> with = commands.list().stream().filter(c -> c.keys().isPresent()).toList();
        List<String> hands = List.of("wheel", "pan", "figure", "enter", "backspace", "tab", "esc", "s", "box", "shift", "right");
        int rows = (with.size() + hands.size() + COLUMNS - 1) / COLUMNS, i = 0;
        for (Command c : with) {
            grid.add(Parts.right(c.keyText(), "kbd"), i / rows * 2, i % rows);
            grid.add(Parts.right(c.text()), i / rows * 2 + 1, i % rows);
            i++;
        }
        for (String k : hands) {
            grid.add(Parts.right(Words.of("keys." + k + ".key"), "kbd"), i / rows * 2, i % rows);
            grid.add(Parts.right(Words.of("keys." + k)), i / rows * 2 + 1, i % rows);
            i++;
        }
        ScrollPane scroll = new ScrollPane(grid);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("docket-scroll");
        scroll.setMaxHeight(600);
        VBox card = card(Parts.label(Words.of("keys.title"), "title"), scroll);
        card.setMaxWidth(KEYS_WIDE);
        card.setId("keys-page");
        show(card, this::close);
        focus(scroll);
    }

    void about() {
        VBox card = card(Icons.mark(), Parts.label(Words.of("about.title"), "title"), Parts.label(Words.of("about.text"), "quiet"));
        show(card, this::close);
        focus(this);
    }

    private static VBox card(Node... inside) {
        VBox v = new VBox(12, inside);
        v.getStyleClass().add("card");
        v.setMaxSize(460, Region.USE_PREF_SIZE);
        return v;
    }

    private void show(Node card, Runnable onLeave) {
        leave = onLeave;
        getChildren().setAll(card);
        setVisible(true);
    }

    private void focus(Node n) {
        first = n;
        n.requestFocus();
    }

    boolean isShowing() {
        return isVisible();
    }

    void close() {
        setVisible(false);
        getChildren().clear();
        leave = () -> { };
        if (board != null) board.requestFocus();
    }
}
