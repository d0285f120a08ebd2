package brightlintel.desktop.docket;

import brightlintel.building.Kind;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import java.util.function.Predicate;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** A named kind in its list: whether it is the one in hand, its name, its measure, and away with it. */
final class KindRow {
    private static final double NAME = 92, MEASURE = 46;

    private KindRow() { }

    /** @param rename takes a name that is not blank, or refuses it */
    record Does(Runnable use, Predicate<String> rename, Runnable remove) { }

    /** @param ids what the ids of its nodes begin with */
    static Node of(Workspace w, String ids, Kind k, boolean chosen, Does does, String removing, TextField measure, Node... more) {
        String id = k.id().value();
        Button use = Parts.small(chosen ? "✓" : "○", ids + "-use-" + id, does.use);
        use.setAccessibleText(Words.of("kind.use", k.name()));
        if (chosen) use.getStyleClass().add("chosen");
        TextField name = Parts.entry(w, ids + "-name-" + id, k.name(), t -> !t.isBlank() && does.rename.test(t.strip()));
        name.setPrefWidth(NAME);
        name.setMinWidth(NAME);
        name.setStyle("-fx-alignment: center-left;");
        HBox.setHgrow(name, Priority.ALWAYS);
        measure.setPrefWidth(MEASURE);
        measure.setMinWidth(MEASURE);
        Button gone = Parts.small("✕", ids + "-remove-" + id, does.remove);
        gone.setAccessibleText(removing);
        gone.setTooltip(new Tooltip(removing));
        HBox row = new HBox(4, use, name, measure);
        row.getChildren().addAll(more);
        row.getChildren().add(gone);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}
