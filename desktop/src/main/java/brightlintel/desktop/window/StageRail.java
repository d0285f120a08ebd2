package brightlintel.desktop.window;

import brightlintel.building.Clearing;
import brightlintel.building.Contents;
import brightlintel.building.Placement;
import brightlintel.building.Underlay;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Hosting;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The six stages, one under the other, each with its state: nothing yet, how many to look at, or a tick. */
final class StageRail extends VBox {
    private final Workspace w;
    private final Map<Stage, Button> buttons = new EnumMap<>(Stage.class);
    private final Map<Stage, Label> states = new EnumMap<>(Stage.class);

    StageRail(Workspace w, Commands commands) {
        this.w = w;
        getStyleClass().add("rail");
        for (Stage s : Stage.values()) {
            String key = s.name().toLowerCase(Locale.ROOT);
            Label word = new Label(Words.of("stage." + key));
            VBox inside = new VBox(2, Icons.of(s), word);
            inside.setAlignment(Pos.CENTER);
            Button b = new Button();
            b.setGraphic(inside);
            b.setId("stage-" + key);
            b.getStyleClass().add("stage");
            b.setAccessibleText(Words.of("stage." + key));
            b.setTooltip(new Tooltip(Words.of("tip.stage." + key) + "  (" + commands.get("stage." + key).keyText() + ")"));
            b.setOnAction(_ -> commands.get("stage." + key).fire(w));
            Label state = new Label();
            state.setMouseTransparent(true);
            StackPane.setAlignment(state, Pos.TOP_RIGHT);
            StackPane cell = new StackPane(b, state);
            buttons.put(s, b);
            states.put(s, state);
            getChildren().add(cell);
        }
        w.listen(c -> {
            if (c == Change.PROJECT || c == Change.STAGE || c == Change.STOREY || c == Change.FILE || c == Change.DRAWING
                || c == Change.DISK) refresh();
        });
        refresh();
    }

    /** Empty: nothing yet; 0: in order; more: to look at. */
    static Optional<Integer> state(Stage s, Workspace w) {
        List<Underlay> laid = w.project().underlaysOf(w.storeyId());
        Contents c = w.contents();
        return switch (s) {
            case RECEIVE -> laid.isEmpty() ? Optional.empty()
                : Optional.of((int) laid.stream().filter(u -> w.onBoard().trouble(u.id()).isPresent()).count() + w.following().open());
            case TRUE -> laid.isEmpty() ? Optional.empty() : Optional.of(laid.stream().mapToInt(u -> open(u.placement())).sum());
            case CLEAR -> laid.stream().allMatch(u -> u.clearing().equals(Clearing.NONE)) ? Optional.empty() : Optional.of(0);
            case TRACE -> c.isEmpty() ? Optional.empty() : Optional.of(misfits(w));
            case PROVE -> c.walls().isEmpty() ? Optional.empty() : Optional.of(misfits(w) + w.solved().footprints().freeEnds().size());
            case HAND_OVER -> Optional.empty();
        };
    }

    private static int misfits(Workspace w) {
        return Hosting.misfits(w.project(), w.storeyId()).size();
    }

    private static int open(Placement p) {
        return (p.scale().isAssumed() ? 1 : 0) + (p.turn().isAssumed() ? 1 : 0) + (p.fileAnchor().isAssumed() ? 1 : 0);
    }

    private void refresh() {
        for (Stage s : Stage.values()) {
            Button b = buttons.get(s);
            b.getStyleClass().remove("on");
            if (s == w.stage() && !w.isEmpty()) b.getStyleClass().add("on");
            Label l = states.get(s);
            Optional<Integer> n = w.isEmpty() ? Optional.empty() : state(s, w);
            l.getStyleClass().setAll("label", "stage-state", n.filter(x -> x > 0).isPresent() ? "look" : "ok");
            l.setText(n.map(x -> x == 0 ? "✓" : x.toString()).orElse(""));
            l.setVisible(n.isPresent());
        }
    }
}
