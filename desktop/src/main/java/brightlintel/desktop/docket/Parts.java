package brightlintel.desktop.docket;

import brightlintel.desktop.command.Command;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import java.util.Arrays;
import java.util.Objects;
import java.util.function.IntConsumer;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;

/** The few kinds of things that a docket is made of. */
public final class Parts {
    private Parts() { }

    public static Label label(String text, String... styles) {
        Label l = new Label(text);
        l.getStyleClass().addAll(styles);
        l.setWrapText(true);
        l.setMinHeight(Region.USE_PREF_SIZE);
        return l;
    }

    static Node head(String title, String question) {
        VBox v = new VBox(label(title, "title"), label(question, "quiet"));
        v.getStyleClass().add("docket-head");
        return v;
    }

    public enum Tone { SURE, LOOK, PARTS, PLAIN }

    static Label pill(String text, Tone tone) {
        Label l = new Label(text);
        l.getStyleClass().addAll("pill", switch (tone) {
            case SURE -> "pill-sure";
            case LOOK -> "pill-look";
            case PARTS -> "pill-parts";
            case PLAIN -> "pill-plain";
        });
        l.setMinWidth(Region.USE_PREF_SIZE);
        return l;
    }

    /** A decision: heading and pill, the value large, whatever follows. */
    static VBox decision(String heading, Node pill, boolean inHand, Node... more) {
        VBox v = new VBox(4);
        v.getStyleClass().add(inHand ? "decision-in-hand" : "decision");
        v.getChildren().add(line(label(heading, "heading"), pill));
        v.getChildren().addAll(more);
        return v;
    }

    static Node fold(String heading, Node right) {
        HBox h = line(label(heading, "heading"), right);
        h.getStyleClass().add("fold");
        return h;
    }

    public static HBox line(Node left, Node right) {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox h = new HBox(8, left, gap);
        if (right != null) h.getChildren().add(right);
        h.setAlignment(Pos.CENTER_LEFT);
        return h;
    }

    static Node value(String big, String small) {
        Label l = new Label(big);
        l.getStyleClass().add("value");
        l.setMinWidth(Region.USE_PREF_SIZE);
        HBox h = new HBox(6, l);
        if (!small.isEmpty()) h.getChildren().add(label(small, "quiet"));
        h.setAlignment(Pos.BASELINE_LEFT);
        return h;
    }

    /** A row of evidence: a tick, a cross, or nothing before it. */
    static Node evidence(String mark, String text, Tone tone) {
        Label m = new Label(mark);
        m.getStyleClass().addAll("mark", tone == Tone.SURE ? "sage" : tone == Tone.PARTS ? "brick" : "quiet");
        HBox h = new HBox(8, m, label(text, tone == Tone.PARTS ? "brick" : "quiet"));
        h.setAlignment(Pos.TOP_LEFT);
        return h;
    }

    public static FlowPane row(Node... nodes) {
        FlowPane f = new FlowPane(6, 6, nodes);
        f.getStyleClass().add("row");
        return f;
    }

    /** A button for a command, with its key on it. */
    public static Button button(Workspace w, Command c, boolean main) {
        Button b = button(c.text(), "command-" + c.id().replace('.', '-'), () -> c.fire(w));
        if (main) b.getStyleClass().add("main");
        b.setDisable(!c.isEnabled(w));
        if (!c.keyText().isEmpty()) {
            Label k = new Label(c.keyText());
            k.getStyleClass().add("kbd");
            b.setGraphic(k);
            b.setContentDisplay(ContentDisplay.RIGHT);
            b.setGraphicTextGap(8);
        }
        String tip = "tip." + c.id();
        b.setTooltip(new Tooltip((Words.has(tip) ? Words.of(tip) : c.text()) + (c.keyText().isEmpty() ? "" : "  (" + c.keyText() + ")")));
        return b;
    }

    public static Button button(String text, String id, Runnable run) {
        Button b = new Button(text);
        b.setId(id);
        b.setMinWidth(Region.USE_PREF_SIZE);
        b.setOnAction(_ -> run.run());
        return b;
    }

    public static Button small(String text, String id, Runnable run) {
        Button b = button(text, id, run);
        b.getStyleClass().add("small");
        return b;
    }

    /** For a command, without its key. */
    public static Button small(Workspace w, Command c) {
        Button b = button(w, c, false);
        b.getStyleClass().add("small");
        return b;
    }

    public static CheckBox check(String text, String id, boolean on, Runnable run) {
        CheckBox b = new CheckBox(text);
        b.setId(id);
        b.setSelected(on);
        b.setOnAction(_ -> run.run());
        return b;
    }

    /** A row with a quiet name and a figure at the right. */
    public static HBox figure(String name, Node right) {
        Label l = label(name, "quiet");
        // a word is never broken: what stands beside it gives way
        if (name.indexOf(' ') < 0) l.setMinWidth(Region.USE_PREF_SIZE);
        HBox h = line(l, right);
        h.getStyleClass().add("figure-row");
        return h;
    }

    public static HBox beside(Node... nodes) {
        HBox h = new HBox(6, nodes);
        h.setAlignment(Pos.CENTER_LEFT);
        return h;
    }

    public static Label right(String text, String... styles) {
        Label l = new Label(text);
        l.getStyleClass().addAll(styles);
        l.setMinWidth(Region.USE_PREF_SIZE);
        return l;
    }

    /**
     * A field that hands over its text on Enter and when it is left, if it changed. What cannot be taken is said, and the old text comes
     * back.
     */
    public static TextField entry(Workspace w, String id, String text, Predicate<String> take) {
        TextField f = new TextField(text);
        f.setId(id);
        f.getStyleClass().add("entry");
        // by Enter, and then by leaving it, the same text is handed over once
        String[] handed = {text};
        Runnable hand = () -> {
            if (f.getText().equals(handed[0])) return;
            String typed = f.getText();
            handed[0] = typed;
            if (take.test(typed)) return;
            handed[0] = text;
            f.setText(text);
            w.say(new Message(Message.Tone.BAD, Words.of("field.refused", typed)));
        };
        f.setOnAction(_ -> hand.run());
        f.focusedProperty().addListener((_, _, now) -> {
            if (!now) hand.run();
            else Platform.runLater(f::selectAll);
        });
        f.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                f.setText(text);
                f.getParent().requestFocus();
                e.consume();
            }
        });
        return f;
    }

    /** Chooses a colour. @param rgb 0xRRGGBB */
    public static ColorPicker colour(String id, int rgb, double width, IntConsumer take) {
        ColorPicker p = new ColorPicker(Color.rgb(rgb >> 16, rgb >> 8 & 255, rgb & 255));
        p.setId(id);
        p.setStyle("-fx-color-label-visible: false;");
        p.setPrefWidth(width);
        p.setMinWidth(width);
        p.setOnAction(_ -> {
            Color c = p.getValue();
            take.accept(part(c.getRed()) << 16 | part(c.getGreen()) << 8 | part(c.getBlue()));
        });
        return p;
    }

    private static int part(double share) {
        return (int) Math.round(share * 255);
    }

    static VBox docket(Node... parts) {
        VBox v = new VBox();
        v.getStyleClass().add("docket-body");
        v.getChildren().addAll(Arrays.stream(parts).filter(Objects::nonNull).toList());
        return v;
    }
}
