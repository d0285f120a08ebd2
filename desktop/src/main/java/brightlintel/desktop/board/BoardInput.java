package brightlintel.desktop.board;

import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.tool.SelectTool;
import brightlintel.geom.Point;
import brightlintel.paint.PlanView;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/** Mouse on the board: click, drag, wheel, middle drag and space+drag, the few things of a right click. */
final class BoardInput {
    /** A press that moves less than this is a click. */
    private static final double STILL = 4;
    private final Board board;
    private final Workspace w;
    private Point pressed;
    private Aim pressedAim;
    private boolean dragging, panning, space;
    /** Where panning began, and what was seen then: the view goes by whole pixels, and small moves add up. */
    private Point panFrom;
    private PlanView panned;
    private ContextMenu menu;
    /** A size witness that is being dragged, and the place of the pointer where it began. */
    private Optional<Witnesses.Laid> held = Optional.empty();
    private Point heldFrom;

    BoardInput(Board board, Workspace w) {
        this.board = board;
        this.w = w;
        board.setOnMouseMoved(this::moved);
        board.setOnMousePressed(this::pressed);
        board.setOnMouseDragged(this::dragged);
        board.setOnMouseReleased(this::released);
        board.setOnMouseExited(_ -> {
            if (pressed == null) board.pointer(null);
        });
        board.setOnScroll(e -> {
            double steps = e.getDeltaY() / 40;
            if (steps != 0) board.view(board.view().zoomed(Math.pow(1.2, Math.clamp(steps, -6, 6)), e.getX(), e.getY()));
            if (panning) panFrom(new Point(e.getX(), e.getY()));
            e.consume();
        });
        board.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.SPACE) space(true);
        });
        board.addEventHandler(KeyEvent.KEY_RELEASED, e -> {
            if (e.getCode() == KeyCode.SPACE) space(false);
        });
        // who looks away while the key is down never sees it come up
        board.focusedProperty().addListener((_, _, on) -> {
            if (!on) space(false);
        });
    }

    private void space(boolean down) {
        space = down;
        if (!panning) board.setCursor(down ? Cursor.OPEN_HAND : Cursor.DEFAULT);
    }

    private void panFrom(Point px) {
        panFrom = px;
        panned = board.view();
    }

    private static Point at(MouseEvent e) {
        return new Point(e.getX(), e.getY());
    }

    private void moved(MouseEvent e) {
        board.passing(at(e));
    }

    private void pressed(MouseEvent e) {
        board.requestFocus();
        if (menu != null) menu.hide();
        if (e.getButton() == MouseButton.MIDDLE || e.getButton() == MouseButton.PRIMARY && space) {
            panning = true;
            panFrom(at(e));
            board.setCursor(Cursor.CLOSED_HAND);
            return;
        }
        if (e.getButton() == MouseButton.SECONDARY) {
            menu(e);
            return;
        }
        held = w.tool() instanceof SelectTool ? board.witnessAt(at(e)) : Optional.empty();
        if (held.isPresent()) {
            heldFrom = board.view().toMetres(e.getX(), e.getY());
            return;
        }
        w.say(Message.NONE);
        pressed = at(e);
        board.pointer(pressed);
        pressedAim = w.aim();
        dragging = false;
    }

    private void dragged(MouseEvent e) {
        if (panning) {
            board.view(panned.moved(e.getX() - panFrom.x(), e.getY() - panFrom.y()));
            return;
        }
        if (held.isPresent()) {
            hold(e);
            return;
        }
        if (pressed == null) return;
        if (!dragging && pressed.distance(at(e)) < STILL) return;
        dragging = true;
        board.pointer(at(e));
        w.tool().dragged(pressedAim, w.aim(), e.isControlDown());
        board.refresh();
    }

    /** A size witness is carried to what it is to be held against. */
    private void hold(MouseEvent e) {
        Point now = board.view().toMetres(e.getX(), e.getY()), by = now.minus(heldFrom);
        w.looks(w.looks().with(held.get().which(), held.get().at().plus(by)));
    }

    private void released(MouseEvent e) {
        if (panning) {
            panning = false;
            board.setCursor(space ? Cursor.OPEN_HAND : Cursor.DEFAULT);
            return;
        }
        held = Optional.empty();
        if (pressed == null || e.getButton() != MouseButton.PRIMARY) return;
        if (dragging) w.tool().released(pressedAim, w.aim(), e.isControlDown(), e.isShiftDown());
        else if (w.tool() instanceof SelectTool t && e.isShiftDown()) t.toggled(pressedAim);
        else w.tool().clicked(pressedAim, e.isControlDown());
        pressed = null;
        dragging = false;
        board.pointer(at(e));
        w.tell(Change.TOOL);
    }

    /** The few things that make sense now. */
    private void menu(MouseEvent e) {
        menu = new ContextMenu();
        for (BoardMenu.Entry x : BoardMenu.of(w, board)) {
            MenuItem item = new MenuItem(x.text());
            item.setOnAction(_ -> x.run().run());
            menu.getItems().add(item);
        }
        menu.show(board, e.getScreenX(), e.getScreenY());
    }
}
