package brightlintel.desktop.section;

import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.lengths.LengthFormat;
import brightlintel.lengths.LengthReader;
import brightlintel.snap.SnapKind;
import brightlintel.snap.SnapSettings;
import brightlintel.snap.SnapSource;
import java.util.List;
import java.util.Locale;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;

/** What is snapped to, of whom, and what wins: rows are put in order by dragging them, or with Alt and the arrow keys. */
final class SnapPanel {
    /** A press that moves less than this is a click. */
    private static final double STILL = 6;
    private static final double SMALLEST = 0.001, LARGEST = 10;
    private final Workspace w;
    private final List<Node> out;

    SnapPanel(Workspace w, List<Node> out) {
        this.w = w;
        this.out = out;
    }

    void build() {
        SnapSettings s = w.snaps();
        out.add(Parts.label(Words.of("snaps.title"), "side-title"));
        CheckBox ends = Parts.check(Words.of("snaps.model-ends"), "snaps-model-ends", s.modelEndsOnly(),
            () -> set(x -> x.withModelEndsOnly(!x.modelEndsOnly())));
        ends.setTooltip(new Tooltip(Words.of("snaps.model-ends.tip")));
        HBox first = new HBox(ends);
        first.setAlignment(Pos.CENTER_LEFT);
        first.getStyleClass().add("check-row");
        out.add(first);
        for (SnapKind k : s.order()) {
            String word = k.name().toLowerCase(Locale.ROOT);
            CheckBox b = Parts.check(Words.of("snap." + word), "snap-" + word, s.on().contains(k), () -> set(x -> x.toggled(k)));
            row(b, k == SnapKind.EVEN_STEP ? step(s) : k == SnapKind.ROUND_STEP ? round(s) : null, by -> x -> x.moved(k, by));
        }
        out.add(Parts.label(Words.of("snaps.sources"), "side-title"));
        for (SnapSource k : s.sources()) {
            CheckBox b = Parts.check(Words.of("snap-source." + k.name()), "snap-source-" + k.name().toLowerCase(Locale.ROOT), s.has(k),
                () -> set(x -> x.toggled(k)));
            row(b, null, by -> x -> x.moved(k, by));
        }
    }

    private void set(UnaryOperator<SnapSettings> f) {
        w.snaps(f.apply(w.snaps()));
    }

    /** @param more a field beside it, or null */
    private void row(CheckBox box, Node more, IntFunction<UnaryOperator<SnapSettings>> move) {
        Label grip = Parts.right("≡", "grip");
        grip.setTooltip(new Tooltip(Words.of("snaps.order.tip")));
        grip.setCursor(Cursor.V_RESIZE);
        HBox h = Parts.figure("", more == null ? grip : Parts.beside(more, grip));
        h.getChildren().set(0, box);
        h.getStyleClass().add("snap-row");
        box.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (!e.isAltDown() || e.getCode() != KeyCode.UP && e.getCode() != KeyCode.DOWN) return;
            set(move.apply(e.getCode() == KeyCode.UP ? -1 : 1));
            e.consume();
        });
        double[] pressed = {0};
        h.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> pressed[0] = e.getSceneY());
        h.addEventFilter(MouseEvent.MOUSE_DRAGGED, e -> h.setTranslateY(moved(e, pressed[0]) ? e.getSceneY() - pressed[0] : 0));
        h.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> {
            h.setTranslateY(0);
            if (!moved(e, pressed[0])) return;
            box.disarm();
            int by = (int) Math.round((e.getSceneY() - pressed[0]) / h.getHeight());
            if (by != 0) set(move.apply(by));
            e.consume();
        });
        out.add(h);
    }

    private static boolean moved(MouseEvent e, double from) {
        return Math.abs(e.getSceneY() - from) >= STILL;
    }

    private TextField step(SnapSettings s) {
        return Parts.entry(w, "snap-step", w.lengths().part(s.step()), t -> LengthReader.read(t, w.lengths().partUnit())
            .filter(v -> v >= SMALLEST && v <= LARGEST).map(v -> {
                set(x -> x.withStep(v));
                return true;
            }).orElse(false));
    }

    private TextField round(SnapSettings s) {
        return Parts.entry(w, "snap-round", LengthFormat.angleShort(s.round()), t -> LengthReader.angle(t)
            .filter(v -> v >= Math.toRadians(0.5) && v <= Math.PI).map(v -> {
                set(x -> x.withRound(v));
                return true;
            }).orElse(false));
    }
}
