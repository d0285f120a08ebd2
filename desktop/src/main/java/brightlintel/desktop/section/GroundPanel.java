package brightlintel.desktop.section;

import brightlintel.building.BuildingOutline;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Zone;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Tracing;
import brightlintel.geom.Ring;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.scene.Node;

/** Zones that were drawn, and outlines of storeys. */
final class GroundPanel {
    private static final double WIDE = 118;
    private final Workspace w;
    private final List<Node> out;

    GroundPanel(Workspace w, List<Node> out) {
        this.w = w;
        this.out = out;
    }

    void zones(List<Zone> list) {
        Set<ElementId> ids = Shared.ids(list);
        if (list.size() == 1) out.add(Parts.label(Words.of("properties.zone"), "side-title"));
        out.add(Shared.words(w, "zone.name", "prop-zone-name", list, Zone::name, t -> {
            w.apply(Tracing.changeZones("edit.zone-name", ids, z -> z.withName(t.strip())));
            return true;
        }));
        out.add(Shared.length(w, "room.height", "prop-zone-height", list, z -> z.height().map(Given::value).orElse(
            w.storey().height().value()), w.lengths().positionUnit(), w.lengths()::height, v -> v > 0.05 && v < 200, v ->
            w.apply(Tracing.changeZones("edit.zone-height", ids, z -> z.withHeight(Optional.of(Given.stated(v))))),
            list.stream().anyMatch(z -> z.height().isEmpty())));
        out.add(Parts.figure(Words.of("properties.area"), Parts.right(w.lengths().areaExact(list.stream().mapToDouble(Zone::area).sum()))));
    }

    void outline(BuildingOutline b) {
        Ring now = w.solved().outline(b);
        out.add(Parts.label(Words.of("properties.outline"), "side-title"));
        out.add(Shared.choice("outline.under", "prop-outline-under", WIDE, BuildingOutline.Under.values(), Optional.of(b.under()), u ->
            Words.of("under." + u), u ->
            change(b, x -> x.with(u))));
        out.add(Shared.choice("outline.over", "prop-outline-over", WIDE, BuildingOutline.Over.values(), Optional.of(b.over()), o ->
            Words.of("over." + o), o ->
            change(b, x -> x.with(o))));
        out.add(Shared.length(w, "room.height", "prop-outline-height", List.of(b), x -> x.height().map(Given::value).orElse(
            w.storey().height().value()), w.lengths().positionUnit(), w.lengths()::height, v -> v > 0.05 && v < 200, v -> change(b, x ->
            x.withHeight(Optional.of(Given.stated(v)))), b.height().isEmpty()));
        out.add(Parts.figure(Words.of("properties.area"), Parts.right(w.lengths().areaExact(now.area()))));
        out.add(Parts.figure(Words.of("room.perimeter"), Parts.right(w.lengths().position(now.perimeter()))));
        if (b.follows().isPresent()) out.add(Parts.figure(Words.of("properties.from"), Parts.label(Words.count("slab.follows",
            b.follows().get().size()))));
        out.add(Shared.length(w, "outline.depth", "prop-facade-depth", List.of(b), _ -> w.settings().facadeDepth(),
            w.lengths().positionUnit(),
            w.lengths()::position, v -> v > 0.3 && v < 50, v -> w.settings().facadeDepth(v), false));
        out.add(Parts.row(Parts.small(Words.of("outline.zones"), "prop-facade-zones", () -> FacadeMaking.make(w, now))));
    }

    private void change(BuildingOutline b, UnaryOperator<BuildingOutline> f) {
        w.apply(Tracing.changeOutlines("edit.outline-change", Set.of(b.id()), f));
    }
}
