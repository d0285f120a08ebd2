package brightlintel.desktop.section;

import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;

import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.docket.Divisions;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import javafx.scene.Node;

/** How glazed walls are parted, their posts, and which side is outside. */
final class GlazedPanel {
    private final Workspace w;
    private final List<Node> out;

    GlazedPanel(Workspace w, List<Node> out) {
        this.w = w;
        this.out = out;
    }

    void build(List<Opening> list) {
        Set<ElementId> ids = Shared.ids(list);
        out.add(Shared.words(w, "glazed.across", "prop-glazed-across", list, o -> Divisions.text(w, glazed(o).across()), t ->
            Divisions.read(w, t).map(d -> change(ids, "edit.glazed-across", g -> g.withAcross(d))).orElse(false)));
        out.add(Shared.words(w, "glazed.up", "prop-glazed-up", list, o -> Divisions.text(w, glazed(o).up()), t ->
            Divisions.read(w, t).map(d -> change(ids, "edit.glazed-up", g -> g.withUp(d))).orElse(false)));
        out.add(Shared.length(w, "glazed.post", "prop-glazed-post", list, o -> glazed(o).post(), w.lengths().partUnit(), w.lengths()::part,
            v -> v >= 0.01 && v < 0.5, v -> change(ids, "edit.glazed-post", g -> g.withPost(v)), false));
        boolean left = glazed(list.getFirst()).outsideLeft();
        out.add(Parts.figure(Words.of("glazed.outside"), Parts.small(Words.of(left ? "side.LEFT" : "side.RIGHT"), "prop-glazed-side", () ->
            change(ids, "edit.glazed-side", Opening.Filling.Glazed::otherSide))));
    }

    private static Opening.Filling.Glazed glazed(Opening o) {
        return (Opening.Filling.Glazed) o.filling();
    }

    private boolean change(Set<ElementId> ids, String name, UnaryOperator<Opening.Filling.Glazed> f) {
        w.apply(Tracing.changeOpenings(name, ids, o -> o.filling() instanceof Opening.Filling.Glazed g ? o.with(f.apply(g)) : o));
        return true;
    }
}
