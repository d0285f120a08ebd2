package brightlintel.desktop.section;

import java.util.List;
import java.util.Set;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Heights;
import brightlintel.building.Stair;
import brightlintel.building.StairPlan;
import brightlintel.building.Top;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.solid.Headroom;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;

/** One stair, or many: how wide, how many risers, and whether they walk well. */
final class StairPanel {
    private final Workspace w;
    private final List<Node> out;

    StairPanel(Workspace w, List<Node> out) {
        this.w = w;
        this.out = out;
    }

    void build(List<Stair> list) {
        Set<ElementId> ids = Shared.ids(list);
        if (list.size() == 1) out.add(Parts.label(Words.of("properties.stair"), "side-title"));
        out.add(Shared.length(w, "stair.width", "prop-stair-width", list, s -> s.width().value(), w.lengths().partUnit(), w.lengths()::part,
            v -> v > 0.3 && v < 20, v -> w.apply(Tracing.changeStairs("edit.stair-width", ids, s -> s.withWidth(Given.stated(v)))),
            list.getFirst().width().isAssumed()));
        out.add(Shared.words(w, "stair.risers", "prop-stair-risers", list, s -> Integer.toString(StairPlan.of(s).risers()), t -> {
            if (!t.strip().matches("\\d{1,3}")) return false;
            int n = Integer.parseInt(t.strip());
            if (n < 2 || n > 200) return false;
            w.apply(Tracing.changeStairs("edit.stair-risers", ids, s -> s.withRisers(Given.stated(n))));
            return true;
        }));
        if (list.size() == 1) facts(list.getFirst());
        out.add(Parts.row(Parts.small(Words.of("stair.other-way"), "prop-stair-way", () -> w.apply(Tracing.changeStairs("edit.stair-way",
            ids,
            Stair::reversed)))));
        out.add(Ends.top(w, "prop-stair-top", list.stream().map(Stair::top).toList(), false, t -> w.apply(Tracing.changeStairs(
            "edit.stair-top", ids, s -> s.withTop(t)))));
    }

    private void facts(Stair s) {
        StairPlan plan = StairPlan.of(s);
        Heights h = Heights.of(w.project(), w.storeyId());
        double rise = h.rise(s);
        boolean good = StairPlan.isComfortable(rise, plan.going());
        out.add(Parts.figure(Words.of("stair.rise"), Parts.right(w.lengths().partWithUnit(rise))));
        out.add(Parts.figure(Words.of("stair.going"), Parts.right(w.lengths().partWithUnit(plan.going()))));
        out.add(Parts.figure(Words.of("stair.pace"), Parts.right((good ? "✓ " : "✗ ") + w.lengths().partWithUnit(StairPlan.pace(rise,
            plan.going())), good ? "sage" : "brick")));
        Headroom.of(w.project(), w.storeyId(), s).ifPresent(x -> {
            Label free = Parts.right((x.isEnough() ? "✓ " : "✗ ") + w.lengths().position(x.metres()), x.isEnough() ? "sage" : "brick");
            free.setId("stair-headroom");
            free.setTooltip(new Tooltip(Words.of("stair.headroom.at", x.step(), w.lengths().position(Headroom.WANTED))));
            out.add(Parts.figure(Words.of("stair.headroom"), free));
        });
        out.add(Shared.length(w, "stair.up", "prop-stair-height", List.of(s), h::height, w.lengths().positionUnit(), w.lengths()::height,
            v -> v > 0.1 && v < 100, v -> w.apply(Tracing.changeStairs("edit.stair-height", Set.of(s.id()),
                x -> x.withTop(new Top.Height(Given.stated(v))))), false));
    }
}
