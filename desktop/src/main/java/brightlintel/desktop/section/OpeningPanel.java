package brightlintel.desktop.section;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.OpeningKind;
import brightlintel.building.Wall;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.OpeningKinds;
import brightlintel.edit.Tracing;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;

/** One opening, or many: of which kind, how wide and high, how it opens, where it lies in its wall. */
final class OpeningPanel {
    /** Pixels of what is chosen from a list. */
    private static final double WIDE = 130;
    private final Workspace w;
    private final List<Node> out;

    OpeningPanel(Workspace w, List<Node> out) {
        this.w = w;
        this.out = out;
    }

    /** With its place in its wall. */
    void one(Opening o) {
        out.add(Parts.label(Words.of(switch (o.filling()) {
            case Opening.Filling.Door _ -> "properties.door";
            case Opening.Filling.Window _ -> "properties.window";
            case Opening.Filling.Glazed _ -> "properties.glazed";
            case Opening.Filling.Empty _ -> "properties.opening";
        }), "side-title"));
        build(List.of(o));
        w.contents().wall(o.wall()).ifPresent(x -> ends(o, x));
        w.contents().wall(o.wall()).ifPresent(x ->
            out.add(Parts.figure(Words.of("opening.in-wall"), Parts.right(w.lengths().partWithUnit(x.thickness().value())))));
    }

    /** From the wall's ends to the jambs; typed, the opening moves. */
    private void ends(Opening o, Wall x) {
        double half = o.width().value() / 2;
        out.add(Shared.length(w, "opening.from-start", "prop-from-start", List.of(o), y -> y.start(), w.lengths().partUnit(),
            w.lengths()::part,
            v -> v >= 0 && v + 2 * half <= x.length(), v -> move(o, v + half), false));
        out.add(Shared.length(w, "opening.from-end", "prop-from-end", List.of(o), y -> x.length() - y.end(), w.lengths().partUnit(),
            w.lengths()::part, v -> v >= 0 && v + 2 * half <= x.length(), v -> move(o, x.length() - v - half), false));
    }

    private void move(Opening o, double along) {
        w.apply(Tracing.changeOpenings("edit.opening-move", Set.of(o.id()), y -> y.withAlong(along)));
    }

    /** What one or many have in common. */
    void build(List<Opening> list) {
        Set<ElementId> ids = Shared.ids(list);
        out.add(Shared.length(w, "opening.width", "prop-width", list, x -> x.width().value(), w.lengths().partUnit(), w.lengths()::part,
            v -> v > 0.02
            && v < 50,
            v -> w.apply(Tracing.changeOpenings("edit.opening-width", ids, x -> x.withWidth(Given.stated(v)))),
            list.getFirst().width().isAssumed()));
        List<OpeningKind> kinds = w.project().openingKinds().stream().filter(k -> list.stream().allMatch(o -> o.filling().getClass()
            == k.filling().getClass())).toList();
        if (!kinds.isEmpty()) out.add(Shared.kinds("prop-opening-kind", WIDE, kinds, Shared.same(list, Opening::kind).flatMap(k -> k), k ->
            w.apply(OpeningKinds.give(ids, k))));
        if (list.stream().allMatch(x -> x.filling() instanceof Opening.Filling.Door)) out.add(ways(list, ids));
        if (list.stream().allMatch(x -> x.filling() instanceof Opening.Filling.Window)) out.add(sashes(list, ids));
        out.add(Shared.length(w, "opening.sill", "prop-sill", list, x -> x.sill().value(), w.lengths().positionUnit(), w.lengths()::height,
            v -> v >= 0 && list.stream().allMatch(x -> v < x.head().value()),
            v -> w.apply(Tracing.changeOpenings("edit.opening-sill", ids, x -> x.withHeights(Given.stated(v), x.head()))),
            list.getFirst().sill().isAssumed()));
        out.add(Shared.length(w, "opening.head", "prop-head", list, x -> x.head().value(), w.lengths().positionUnit(), w.lengths()::height,
            v -> v < 50 && list.stream().allMatch(x -> v > x.sill().value()),
            v -> w.apply(Tracing.changeOpenings("edit.opening-head", ids, x -> x.withHeights(x.sill(), Given.stated(v)))),
            list.getFirst().head().isAssumed()));
        out.add(Shared.words(w, "opening.fire", "prop-fire", list, Opening::fire, t -> {
            w.apply(Tracing.changeOpenings("edit.opening-fire", ids, x -> x.withFire(t.strip())));
            return true;
        }));
        if (list.stream().anyMatch(x -> x.sill().isAssumed() || x.head().isAssumed())) {
            var b = Parts.button(Words.of("opening.confirm"), "prop-confirm",
                () -> w.apply(Tracing.changeOpenings("edit.opening-confirm", ids,
                x -> x.withHeights(Given.stated(x.sill().value()), Given.stated(x.head().value())))));
            b.getStyleClass().add("small");
            out.add(b);
        }
        if (list.stream().allMatch(o -> o.filling() instanceof Opening.Filling.Glazed)) new GlazedPanel(w, out).build(list);
    }

    private Node sashes(List<Opening> list, Set<ElementId> ids) {
        return Shared.choice("opening.sash", "prop-sash", WIDE, Opening.Filling.Sash.values(), Shared.same(list, o ->
            ((Opening.Filling.Window) o.filling()).sash()), x -> Words.of("window." + x), to ->
            w.apply(Tracing.changeOpenings("edit.window-sash", ids, o -> o.filling() instanceof Opening.Filling.Window
                ? o.with(new Opening.Filling.Window(to)) : o)));
    }

    private Node ways(List<Opening> list, Set<ElementId> ids) {
        return Shared.choice("opening.way", "prop-way", WIDE, Opening.Filling.Way.values(), Shared.same(list, o ->
            ((Opening.Filling.Door) o.filling()).way()), x -> Words.of("door." + x), to ->
            w.apply(Tracing.changeOpenings("edit.door-way", ids, o -> o.filling() instanceof Opening.Filling.Door d ? o.with(d.with(to))
                : o)));
    }
}
