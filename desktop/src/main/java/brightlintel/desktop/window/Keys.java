package brightlintel.desktop.window;

import brightlintel.desktop.board.Board;
import brightlintel.desktop.command.Command;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.prompt.PromptLine;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Control;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/**
 * Who gets a key: a field that has the focus; else a figure begins at a digit, sign, point or mark; else it is a command. Combinations with
 * Ctrl and function keys are commands everywhere.
 */
final class Keys {
    private final Workspace w;
    private final Commands commands;
    private final Board board;
    private final Node space;
    private final PromptLine prompt;
    private final Cards cards;

    Keys(Scene scene, Workspace w, Commands commands, Board board, Node space, PromptLine prompt, Cards cards) {
        this.space = space;
        this.w = w;
        this.commands = commands;
        this.board = board;
        this.prompt = prompt;
        this.cards = cards;
        scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> pressed(scene, e));
        scene.addEventFilter(KeyEvent.KEY_TYPED, e -> typed(scene, e));
        // the mouse never leaves the keyboard on a button, nor on what only scrolls: letters are commands again after a click in the docket
        scene.addEventFilter(MouseEvent.MOUSE_RELEASED, _ -> Platform.runLater(() -> backToBoard(scene)));
        scene.addEventFilter(DragEvent.DRAG_DONE, _ -> Platform.runLater(() -> backToBoard(scene)));
    }

    private static boolean inText(Scene scene) {
        return scene.getFocusOwner() instanceof TextInputControl;
    }

    private void backToBoard(Scene scene) {
        Node n = scene.getFocusOwner();
        if (!cards.isShowing() && (n instanceof ButtonBase || n instanceof ScrollPane)) board.requestFocus();
    }

    private void typed(Scene scene, KeyEvent e) {
        if (inText(scene) || cards.isShowing() || !onBoard(scene) || e.isControlDown() || e.isAltDown()) return;
        if (prompt.begin(e.getCharacter())) e.consume();
    }

    private void pressed(Scene scene, KeyEvent e) {
        boolean everywhere = e.isShortcutDown() || e.getCode().isFunctionKey();
        if (cards.isShowing() || inText(scene) && (!everywhere || isEditing(e))) return;
        // letters and the like are commands only where the board or the space has the focus
        if (!everywhere && !onBoard(scene)) return;
        for (Command c : commands.list())
            if (c.keys().isPresent() && c.keys().get().match(e) && (everywhere || c.isEnabled(w))) {
                handIn(scene);
                c.fire(w);
                e.consume();
                return;
            }
        if (!everywhere && plain(e)) e.consume();
    }

    /** What was typed into a field and not handed in belongs to what is saved or handed over now. */
    private static void handIn(Scene scene) {
        if (scene.getFocusOwner() instanceof TextField f && f.getOnAction() != null) f.getOnAction().handle(new ActionEvent(f, f));
    }

    private boolean onBoard(Scene scene) {
        Node n = scene.getFocusOwner();
        return n == null || n == board || n == space || !(n instanceof Control);
    }

    /** Copying, pasting and undoing within a field belong to the field. */
    private static boolean isEditing(KeyEvent e) {
        return switch (e.getCode()) {
            case A, C, V, X, Z, Y -> true;
            default -> false;
        };
    }

    private boolean plain(KeyEvent e) {
        switch (e.getCode()) {
            case ENTER -> w.tool().finish();
            case BACK_SPACE -> w.tool().back();
            case ESCAPE -> {
                if (w.pages().isPresent() && w.stage() == Stage.RECEIVE) {
                    commands.get("pages-leave").fire(w);
                    return true;
                }
                if (!w.tool().escape()) w.leaveTool();
            }
            case TAB -> {
                return prompt.toDirection();
            }
            case S -> board.nextSnap();
            case KeyCode k when k == KeyCode.UP || k == KeyCode.DOWN || k == KeyCode.LEFT || k == KeyCode.RIGHT -> {
                board.nudge(k == KeyCode.LEFT ? -1 : k == KeyCode.RIGHT ? 1 : 0, k == KeyCode.UP ? -1 : k == KeyCode.DOWN ? 1 : 0);
                return true;
            }
            default -> {
                return false;
            }
        }
        w.say(Message.NONE);
        w.tell(Change.TOOL);
        return true;
    }
}
