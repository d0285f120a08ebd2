package brightlintel.desktop.section;

import java.util.List;
import java.util.Optional;

import brightlintel.building.Level;
import brightlintel.building.LevelId;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Levels;
import brightlintel.lengths.LengthReader;
import brightlintel.lengths.SpacingWords;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Levels beside the storeys' floors, from the highest down: each named, moved, copied, taken away; many at once by spacings. */
final class LevelsPart {
    private static final double NAME = 76, HEIGHT = 56;

    private LevelsPart() { }

    static Node build(Workspace w) {
        VBox v = new VBox(2);
        v.setId("levels");
        List<Level> all = w.project().levels().stream().sorted((a, b) -> Double.compare(b.height().value(), a.height().value())).toList();
        for (Level l : all) v.getChildren().add(row(w, l));
        Button one = Parts.small(Words.of("level.add"), "level-add", () -> add(w));
        TextField many = Parts.entry(w, "level-run", "", t -> {
            Optional<List<Double>> s = SpacingWords.read(t, w.lengths().positionUnit());
            s.ifPresent(x -> w.apply(Levels.run(Words.of("level.name"), above(w), x)));
            return s.isPresent();
        });
        many.setPromptText("3 @ 3.0");
        many.setPrefWidth(70);
        HBox more = Parts.beside(one, many);
        more.getStyleClass().add("row");
        v.getChildren().add(more);
        return v;
    }

    /** The highest level that there is, or ±0.00. */
    private static double above(Workspace w) {
        return w.project().levels().stream().mapToDouble(l -> l.height().value()).max().orElse(0);
    }

    private static void add(Workspace w) {
        w.apply(Levels.add(LevelId.fresh(), Levels.free(Words.of("level.name"), w.project().levels()), w.storey().level().value()));
    }

    private static Node row(Workspace w, Level l) {
        TextField name = Parts.entry(w, "level-name-" + l.id().value(), l.name(), t -> {
            if (t.isBlank()) return false;
            w.apply(Levels.rename(l.id(), t));
            return true;
        });
        name.getStyleClass().add("bare");
        name.setStyle("-fx-alignment: center-left;");
        name.setPrefWidth(NAME);
        TextField height = Parts.entry(w, "level-height-" + l.id().value(), w.lengths().level(l.height().value()), t ->
            LengthReader.read(t.replace("±", ""), w.lengths().positionUnit()).filter(v -> Math.abs(v) < 1e4).map(v -> {
            w.apply(Levels.move(l.id(), v));
            return true;
        }).orElse(false));
        height.getStyleClass().add("bare");
        height.setPrefWidth(HEIGHT);
        Button copy = Parts.small("+", "level-copy-" + l.id().value(), () -> w.apply(Levels.add(LevelId.fresh(), Levels.free(l.name(),
            w.project().levels()), l.height().value())));
        copy.setAccessibleText(Words.of("level.copy", l.name()));
        Button gone = Parts.small("✕", "level-remove-" + l.id().value(), () -> w.apply(Levels.remove(l.id())));
        gone.setAccessibleText(Words.of("level.remove", l.name()));
        HBox h = new HBox(3, name, height, copy, gone);
        h.setAlignment(Pos.CENTER_LEFT);
        return h;
    }
}
