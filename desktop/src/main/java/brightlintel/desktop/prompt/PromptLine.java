package brightlintel.desktop.prompt;

import brightlintel.desktop.frame.NextFrame;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Way;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.Tool;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthFormat;
import brightlintel.lengths.LengthReader;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Below the board: what the next click does, what is typed and how it was understood, where the pointer is. */
public final class PromptLine extends HBox {
    private final Workspace w;
    private final Runnable backToBoard;
    private final Label say = new Label();
    private final TextField field = new TextField();
    private final Label understood = new Label();
    private final TextField direction = new TextField();
    private final Label factor = new Label();
    private final Label x = new Label();
    private final Label y = new Label();
    private final Button ortho = new Button();
    private final NextFrame next = new NextFrame(this, this::refresh);

    public PromptLine(Workspace w, Runnable backToBoard) {
        this.w = w;
        this.backToBoard = backToBoard;
        getStyleClass().add("prompt");
        setId("prompt");
        say.setId("prompt-say");
        say.getStyleClass().add("say");
        say.setMinWidth(0);
        field.setId("prompt-field");
        field.getStyleClass().add("figure");
        direction.setId("prompt-direction");
        direction.getStyleClass().add("figure");
        direction.setPromptText(Words.of("prompt.direction"));
        understood.setId("prompt-understood");
        understood.getStyleClass().add("quiet");
        understood.setMinWidth(Region.USE_PREF_SIZE);
        for (Label l : new Label[] {x, y, factor}) {
            l.getStyleClass().add("quiet");
            l.setMinWidth(Region.USE_PREF_SIZE);
        }
        ortho.setId("ortho");
        ortho.getStyleClass().add("key-button");
        ortho.setFocusTraversable(false);
        ortho.setMinWidth(Region.USE_PREF_SIZE);
        ortho.setOnAction(_ -> w.ortho(!w.ortho()));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(say, field, understood, direction, gap, factor, x, y, ortho);
        field.textProperty().addListener((_, _, _) -> understand());
        field.addEventFilter(KeyEvent.KEY_PRESSED, e -> keys(e, field));
        direction.addEventFilter(KeyEvent.KEY_PRESSED, e -> keys(e, direction));
        w.listen(c -> {
            if (c == Change.AIM) next.run();
            else if (c != Change.VIEW && c != Change.BUSY) refresh();
        });
        refresh();
    }

    /** A digit, sign, point or mark begins a figure. @return whether it was one and a figure is wanted */
    public boolean begin(String character) {
        if (w.tool().asks() == Tool.Asks.NOTHING || !character.matches("[0-9+\\-.,'\"]")) return false;
        field.requestFocus();
        field.setText(character);
        field.positionCaret(1);
        return true;
    }

    /** From the board to the direction. */
    public boolean toDirection() {
        if (!w.tool().asksDirection()) return false;
        direction.requestFocus();
        direction.selectAll();
        return true;
    }

    private void keys(KeyEvent e, TextField in) {
        if (e.getCode() == KeyCode.ENTER) {
            enter();
            e.consume();
        } else if (e.getCode() == KeyCode.ESCAPE) {
            field.clear();
            direction.clear();
            backToBoard.run();
            e.consume();
        } else if (e.getCode() == KeyCode.TAB && w.tool().asksDirection()) {
            (in == field ? direction : field).requestFocus();
            e.consume();
        }
    }

    private void enter() {
        Tool tool = w.tool();
        String text = field.getText().strip();
        Optional<Double> way = direction.getText().isBlank() ? Optional.empty() : LengthReader.angle(direction.getText());
        if (!direction.getText().isBlank() && way.isEmpty()) {
            direction.selectAll();
            direction.requestFocus();
            return;
        }
        if (text.isEmpty()) {
            backToBoard.run();
            return;
        }
        Optional<Double> value = value(text);
        if (tool.asks() != Tool.Asks.TEXT && value.isEmpty()) {
            field.selectAll();
            return;
        }
        if (tool.typed(value.orElse(Double.NaN), text, way)) {
            field.clear();
            direction.clear();
            backToBoard.run();
            w.tell(Change.TOOL);
        } else field.selectAll();
    }

    private Optional<Double> value(String text) {
        return switch (w.tool().asks()) {
            case NOTHING, TEXT -> Optional.empty();
            case ANGLE -> LengthReader.angle(text);
            case PART -> LengthReader.read(text, w.lengths().partUnit());
            case WAY -> LengthReader.read(text, w.lengths().positionUnit());
        };
    }

    private void understand() {
        String text = field.getText().strip();
        if (text.isEmpty()) {
            understood.setText(unitHint());
            return;
        }
        understood.setText(switch (w.tool().asks()) {
            case NOTHING, TEXT -> "";
            case ANGLE -> LengthReader.angle(text).map(LengthFormat::angle).orElse(Words.of("prompt.not-understood"));
            case PART -> value(text).map(w.lengths()::partWithUnit).orElse(Words.of("prompt.not-understood"));
            case WAY -> value(text).map(w.lengths()::position).orElse(Words.of("prompt.not-understood"));
        });
    }

    private String unitHint() {
        return switch (w.tool().asks()) {
            case NOTHING, TEXT -> "";
            case ANGLE -> "°";
            case PART -> w.lengths().partUnit().sign();
            case WAY -> w.lengths().positionUnit().sign();
        };
    }

    private void refresh() {
        Tool tool = w.tool();
        Message m = w.message();
        boolean message = m != Message.NONE && !m.text().isEmpty();
        boolean pages = w.pages().isPresent() && w.stage() == Stage.RECEIVE;
        say.setText(message ? m.text() : pages ? Words.of(w.pages().get().isDrawing() ? "prompt.parts" : "prompt.pages") : tool.prompt());
        style(say, "good", message && m.tone() == Message.Tone.GOOD);
        style(say, "bad", message && m.tone() == Message.Tone.BAD);
        boolean asks = tool.asks() != Tool.Asks.NOTHING;
        show(field, asks);
        show(understood, asks);
        show(direction, tool.asksDirection());
        understand();
        Point at = w.aim().at();
        if (tool.from().isPresent()) {
            Point d = at.minus(tool.from().get());
            factor.setText(w.lengths().position(d.length()) + "  " + LengthFormat.angle(Angles.positive(d.angle())));
        } else factor.setText("");
        w.measures().base().ifPresent(b -> {
            Point d = at.minus(b);
            String far = Words.of("prompt.base", w.lengths().position(d.length()), LengthFormat.angle(Angles.positive(d.angle())));
            factor.setText((factor.getText() + "   " + far).strip());
        });
        x.setText("X " + w.lengths().positionBare(at.x()));
        y.setText("Y " + w.lengths().position(at.y()));
        ortho.setText(Words.of("prompt.way." + w.way()));
        style(ortho, "on", w.way() != Way.FREE);
    }

    /** Styles are worked out anew for each change: only where it is one. */
    private static void style(Region r, String name, boolean on) {
        if (!on) r.getStyleClass().remove(name);
        else if (!r.getStyleClass().contains(name)) r.getStyleClass().add(name);
    }

    private static void show(Region r, boolean on) {
        r.setVisible(on);
        r.setManaged(on);
    }
}
