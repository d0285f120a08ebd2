package brightlintel.desktop.window;

import brightlintel.desktop.board.Board;
import brightlintel.desktop.command.Command;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.prompt.PromptLine;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Workspace;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * Who gets a key: a field that has the focus; else a figure begins at a digit, sign, point or mark; else it is a command. Combinations with
 * Ctrl and function keys are commands everywhere.
 */
final class Keys {
    private final Workspace w;
    private final Commands commands;
    private final Board board;
    private final PromptLine prompt;
    private final Cards cards;

    Keys(Scene scene, Workspace w, Commands commands, Board board, PromptLine prompt, Cards cards) {
        this.w = w;
        this.commands = commands;
        this.board = board;
        this.prompt = prompt;
        this.cards = cards;
        scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> pressed(scene, e));
        scene.addEventFilter(KeyEvent.KEY_TYPED, e -> typed(scene, e));
    }

    private static boolean inText(Scene scene) {
        return scene.getFocusOwner() instanceof TextInputControl;
    }

    private void typed(Scene scene, KeyEvent e) {
        if (inText(scene) || cards.isShowing() || e.isControlDown() || e.isAltDown()) return;
        if (prompt.begin(e.getCharacter())) e.consume();
    }

    private void pressed(Scene scene, KeyEvent e) {
        boolean everywhere = e.isShortcutDown() || e.getCode().isFunctionKey();
        if (cards.isShowing() || inText(scene) && !everywhere) return;
        if (inText(scene) && isEditing(e)) return;
        for (Command c : commands.list())
            if (c.keys().isPresent() && c.keys().get().match(e)) {
                c.fire(w);
                e.consume();
                return;
            }
        if (everywhere || inControl(scene)) return;
        if (plain(e)) e.consume();
    }

    /** Copying, pasting and undoing within a field belong to the field. */
    private static boolean isEditing(KeyEvent e) {
        return switch (e.getCode()) {
            case A, C, V, X, Z, Y -> true;
            default -> false;
        };
    }

    /** A button or list that has the focus takes Enter, Space and Tab for itself. */
    private static boolean inControl(Scene scene) {
        Node n = scene.getFocusOwner();
        return n instanceof javafx.scene.control.Control;
    }

    private boolean plain(KeyEvent e) {
        switch (e.getCode()) {
            case ENTER -> w.tool().finish();
            case BACK_SPACE -> w.tool().back();
            case ESCAPE -> {
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
        w.say(brightlintel.desktop.state.Message.NONE);
        w.tell(Change.TOOL);
        return true;
    }
}
