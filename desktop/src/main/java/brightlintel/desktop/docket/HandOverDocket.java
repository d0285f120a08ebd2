package brightlintel.desktop.docket;

import brightlintel.building.Contents;
import brightlintel.building.GridLabels;
import brightlintel.building.Storey;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** Who gets what? */
final class HandOverDocket {
    private HandOverDocket() { }

    static Node build(Workspace w, Commands commands) {
        List<Node> parts = new ArrayList<>();
        parts.add(Parts.head(Words.of("stage.hand_over"), Words.of("hand-over.question")));
        boolean something = w.project().storeys().stream().anyMatch(s -> !w.project().on(s.id()).isEmpty());
        VBox ifc = Parts.decision(Words.of("hand-over.model"), something ? Parts.pill(Words.of("hand-over.ready"), Tone.SURE)
            : Parts.pill(Words.of("hand-over.empty"), Tone.PLAIN), true,
            Parts.label(Words.of("hand-over.ifc"), "quiet"));
        for (Storey s : w.project().storeys()) {
            Contents c = w.project().on(s.id());
            String what = String.join(", ", Words.count("hand-over.walls", c.walls().size()),
                Words.count("hand-over.openings", c.openings().size()),
                Words.count("hand-over.slabs", c.slabs().size()));
            ifc.getChildren().add(Parts.figure(s.name(), Parts.right(c.isEmpty() ? Words.of("hand-over.nothing") : what)));
        }
        long families = w.project().grid().stream().map(g -> GridLabels.family(g.line())).distinct().count();
        ifc.getChildren().add(Parts.figure(Words.of("trace.grid"),
            Parts.right(families == 1 ? Words.of("hand-over.grid-one") : Words.of("hand-over.grid", w.project().grid().size()))));
        ifc.getChildren().add(Parts.row(Parts.button(w, commands.get("export-ifc"), true)));
        parts.add(ifc);
        parts.add(Parts.decision(Words.of("hand-over.base"), null, false,
            Parts.label(Words.of("hand-over.base.how", w.storey().name()), "quiet"),
            Parts.row(Parts.button(w, commands.get("export-dwg"), false), Parts.button(w, commands.get("export-dxf"), false))));
        parts.add(SheetChoice.decision(w, commands));
        parts.add(Parts.decision(Words.of("hand-over.picture"), null, false, Parts.label(Words.of("hand-over.picture.how"), "quiet"),
            Parts.row(Parts.button(w, commands.get("export-plan"), false),
            Parts.button(w, commands.get("export-space"), false))));
        return Parts.docket(parts.toArray(Node[]::new));
    }
}
