package brightlintel.desktop.section;

import brightlintel.building.Column;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Heights;
import brightlintel.building.Section;
import brightlintel.building.Storey;
import brightlintel.building.Top;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.ColumnTool;
import brightlintel.edit.Tracing;
import brightlintel.trace.SectionWords;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;

/** One column, or many at once. */
final class ColumnPanel {
    private final Workspace w;
    private final List<Node> out;

    ColumnPanel(Workspace w, List<Node> out) {
        this.w = w;
        this.out = out;
    }

    void build(List<Column> list) {
        Set<ElementId> ids = Shared.ids(list);
        if (list.size() == 1) out.add(Parts.label(Words.of("properties.column"), "side-title"));
        out.add(Shared.words(w, "column.section", "prop-section", list, c -> ColumnTool.size(w, c.section()), t -> {
            Optional<Section> s = SectionWords.read(t, w.lengths().partUnit());
            s.ifPresent(x -> ColumnTool.resize(w, ids, x));
            return s.isPresent();
        }));
        out.add(Shared.words(w, "column.turn", "prop-turn", list, c -> String.format(Locale.ROOT, "%.2f°", Math.toDegrees(c.turn())), t -> {
            Optional<Double> turn = degrees(t);
            turn.ifPresent(x -> w.apply(Tracing.changeColumns("edit.column-turn", ids, c -> c.withTurn(x))));
            return turn.isPresent();
        }));
        Heights heights = Heights.of(w.project(), w.storeyId());
        out.add(Shared.length(w, "wall.base", "prop-column-base", list, c -> c.base().offset(), w.lengths().positionUnit(),
            w.lengths()::level,
            v -> Math.abs(v) < 100, v -> w.apply(Tracing.changeColumns("edit.column-base", ids, c -> c.withBase(c.base().at(v)))), false));
        out.add(Shared.length(w, "wall.height", "prop-column-height", list, heights::height, w.lengths().positionUnit(),
            w.lengths()::height,
            v -> v > 0.01 && v < 200, v -> w.apply(Tracing.changeColumns("edit.column-height", ids, c ->
                c.withTop(new Top.Height(Given.stated(v))))),
            false));
        out.add(Ends.top(w, "prop-column-top", list.stream().map(Column::top).toList(), false, t -> w.apply(Tracing.changeColumns(
            "edit.column-top", ids, c -> c.withTop(t)))));
    }

    private static Optional<Double> degrees(String t) {
        try {
            double v = Double.parseDouble(t.replace("°", "").replace(',', '.').strip());
            return Double.isFinite(v) ? Optional.of(Math.toRadians(v)) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}
