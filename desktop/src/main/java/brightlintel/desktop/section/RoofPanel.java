package brightlintel.desktop.section;

import brightlintel.building.Given;
import brightlintel.building.Heights;
import brightlintel.building.Roof;
import brightlintel.building.RoofForm;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Roofs;
import brightlintel.edit.Tracing;
import brightlintel.lengths.PitchReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;

/** A roof: its overhang and thickness, and what stands over each side of its outline. */
final class RoofPanel {
    private final Workspace w;
    private final Commands commands;
    private final List<Node> out;

    RoofPanel(Workspace w, Commands commands, List<Node> out) {
        this.w = w;
        this.commands = commands;
        this.out = out;
    }

    void build(Roof r) {
        out.add(Parts.label(Words.of("properties.roof"), "side-title"));
        Heights h = Heights.of(w.project(), w.storeyId());
        Optional<RoofForm> form = w.contents().form(r);
        if (form.isEmpty()) out.add(Parts.label(Words.of("roof.not-closed"), "brick"));
        out.add(Parts.row(choice("roof.pitched", "prop-roof-pitched", r.cover() instanceof Roof.Cover.Pitched, () -> change(r,
            "edit.roof-pitched",
            Roofs::pitched)), choice("roof.flat", "prop-roof-flat", r.cover() instanceof Roof.Cover.Flat, () -> change(r, "edit.roof-flat",
            Roofs::flat))));
        out.add(Shared.length(w, "roof.eaves", "prop-roof-eaves", List.of(r), x -> h.of(x.eaves()), w.lengths().positionUnit(),
            w.lengths()::level, v -> Math.abs(v) < 500, v -> change(r, "edit.roof-eaves", x -> x.withEaves(x.eaves().at(x.eaves().offset()
                + v - h.of(x.eaves())))), false));
        out.add(Shared.length(w, "roof.overhang", "prop-roof-overhang", List.of(r), x -> x.overhang().value(), w.lengths().partUnit(),
            w.lengths()::part, v -> v >= 0 && v < 10, v -> change(r, "edit.roof-overhang", x -> x.withOverhang(Given.stated(v))),
            r.overhang().isAssumed()));
        out.add(Shared.length(w, "wall.thickness", "prop-roof-thickness", List.of(r), x -> x.thickness().value(), w.lengths().partUnit(),
            w.lengths()::part, v -> v > 0.005 && v < 3, v -> change(r, "edit.roof-thickness", x -> x.withThickness(Given.stated(v))),
            r.thickness().isAssumed()));
        switch (r.cover()) {
            case Roof.Cover.Flat f -> flat(r, f);
            case Roof.Cover.Pitched p -> {
                form.ifPresent(f -> ridge(r, f, h));
                sides(r, p.edges());
            }
        }
        form.ifPresent(f -> out.add(Parts.figure(Words.of("properties.area"), Parts.right(w.lengths().area(f.area())))));
        out.add(Parts.row(Parts.small(w, commands.get("walls-to-roof")), Parts.small(w, commands.get("roof-point")), Parts.small(w,
            commands.get("corner-in")), Parts.small(w,
            commands.get("corner-out"))));
    }

    private static Node choice(String key, String id, boolean chosen, Runnable run) {
        var b = Parts.small(Words.of(key), id, run);
        if (chosen) b.getStyleClass().add("chosen");
        return b;
    }

    private void change(Roof r, String name, UnaryOperator<Roof> f) {
        w.apply(Tracing.changeRoofs(name, Set.of(r.id()), f));
    }

    private void flat(Roof r, Roof.Cover.Flat f) {
        out.add(Shared.length(w, "roof.parapet", "prop-roof-parapet", List.of(r), _ -> f.parapet(), w.lengths().partUnit(),
            w.lengths()::part, v -> v >= 0 && v < 5, v -> change(r, "edit.roof-parapet", x -> x.with(new Roof.Cover.Flat(v, f.width()))),
            false));
        out.add(Shared.length(w, "roof.parapet-width", "prop-roof-parapet-width", List.of(r), _ -> f.width(), w.lengths().partUnit(),
            w.lengths()::part, v -> v > 0.01 && v < 3, v -> change(r, "edit.roof-parapet", x -> x.with(new Roof.Cover.Flat(f.parapet(),
                v))),
            false));
    }

    /** Typed, all slopes rise or fall so that the highest place lies there. */
    private void ridge(Roof r, RoofForm f, Heights h) {
        double eaves = h.of(r.eaves());
        out.add(Shared.length(w, "roof.ridge", "prop-roof-ridge", List.of(r), _ -> eaves + f.ridge(), w.lengths().positionUnit(),
            w.lengths()::level, v -> v > eaves + 0.05 && v < eaves + 100, v -> change(r, "edit.roof-ridge", x -> Roofs.ridgeAt(x,
                v - eaves)),
            false));
    }

    /** One row a side: how it ends, and its pitch in degrees or per cent. */
    private void sides(Roof r, List<Roof.Edge> edges) {
        out.add(Parts.label(Words.of("roof.sides"), "quiet"));
        for (int i = 0; i < edges.size(); i++) {
            int side = i;
            ComboBox<String> c = new ComboBox<>();
            c.setId("prop-roof-side-" + (i + 1));
            c.getStyleClass().add("small");
            c.setPrefWidth(92);
            c.setTooltip(new Tooltip(w.lengths().position(r.outline().piece(i).length())));
            c.getItems().addAll(Words.of("roof.slope"), Words.of("roof.gable"), Words.of("roof.at-wall"));
            c.getSelectionModel().select(switch (edges.get(i)) {
                case Roof.Edge.Slope _ -> 0;
                case Roof.Edge.Gable _ -> 1;
                case Roof.Edge.AtWall _ -> 2;
            });
            c.setOnAction(_ -> change(r, "edit.roof-side", x -> Roofs.side(x, side, kind(x, c.getSelectionModel().getSelectedIndex()))));
            List<Node> row = new ArrayList<>(List.of(c));
            if (edges.get(i) instanceof Roof.Edge.Slope(double pitch)) {
                TextField t = Parts.entry(w, "prop-roof-pitch-" + (i + 1), String.format(Locale.ROOT, "%.1f°", Math.toDegrees(pitch)),
                    text -> {
                    Optional<Double> v = PitchReader.read(text);
                    v.ifPresent(p -> change(r, "edit.roof-pitch", x -> Roofs.side(x, side, new Roof.Edge.Slope(p))));
                    return v.isPresent();
                });
                t.setPrefWidth(58);
                row.add(t);
            }
            out.add(Parts.figure(Integer.toString(i + 1), Parts.beside(row.toArray(Node[]::new))));
        }
        TextField all = Parts.entry(w, "prop-roof-pitch-all", "", text -> {
            Optional<Double> v = PitchReader.read(text);
            v.ifPresent(p -> change(r, "edit.roof-pitch", x -> Roofs.pitch(x, p)));
            return v.isPresent();
        });
        all.setPromptText("35°, 70%");
        all.setPrefWidth(80);
        out.add(Parts.figure(Words.of("roof.all-slopes"), all));
    }

    private static Roof.Edge kind(Roof r, int index) {
        return switch (index) {
            case 0 -> new Roof.Edge.Slope(Roofs.pitch(r));
            case 1 -> new Roof.Edge.Gable();
            default -> new Roof.Edge.AtWall();
        };
    }
}
