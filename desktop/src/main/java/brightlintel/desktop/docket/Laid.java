package brightlintel.desktop.docket;

import brightlintel.building.Underlay;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.VBox;

/** Which of several drawings of a storey a docket speaks of. */
final class Laid {
    private Laid() { }

    /** null where there are not several. */
    static Node choice(Workspace w) {
        List<Underlay> laid = w.project().underlaysOf(w.storeyId());
        if (laid.size() < 2) return null;
        VBox v = Parts.decision(Words.of("laid.which"), null, false);
        ToggleGroup group = new ToggleGroup();
        for (Underlay u : laid.reversed()) {
            RadioButton b = new RadioButton(Names.of(w, u));
            b.setId("in-hand-" + u.id().value());
            b.setMnemonicParsing(false);
            b.setToggleGroup(group);
            b.setSelected(w.underlay().filter(x -> x.id().equals(u.id())).isPresent());
            b.setOnAction(_ -> w.onBoard().take(u.id()));
            v.getChildren().add(b);
        }
        return v;
    }
}
