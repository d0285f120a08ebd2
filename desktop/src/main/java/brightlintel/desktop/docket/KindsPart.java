package brightlintel.desktop.docket;

import brightlintel.building.KindId;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import brightlintel.desktop.state.WallSettings;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.WallKinds;
import brightlintel.lengths.LayerWords;
import brightlintel.lengths.LengthReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** Kinds of walls, by name: which the next wall is of, and what each is. */
final class KindsPart {
    private static final int INK = 0x16323A;

    private KindsPart() { }

    static List<Node> build(Workspace w) {
        List<Node> out = new ArrayList<>();
        WallSettings s = w.settings().wall();
        for (WallKind k : w.project().wallKinds()) {
            boolean chosen = s.kind().filter(k.id()::equals).isPresent();
            out.add(row(w, k, chosen));
            if (chosen) out.add(buildUp(w, k));
        }
        boolean known = w.project().wallKinds().stream().anyMatch(k -> Math.abs(k.thickness() - s.thickness().value()) < 1e-9);
        if (!known) out.add(Parts.row(Parts.small(Words.of("kind.make", w.lengths().partWithUnit(s.thickness().value())), "kind-make", () ->
            make(w))));
        return out;
    }

    /** A name that nobody has yet, after the thickness. */
    private static void make(Workspace w) {
        double t = w.settings().wall().thickness().value();
        String base = Words.of(t >= 0.2 ? "kind.outer-name" : "kind.inner-name", w.lengths().part(t)), name = base;
        KindId id = KindId.fresh();
        for (int n = 2; WallKinds.isTaken(w.project(), name, id); n++) name = base + " " + n;
        WallKind k = new WallKind(id, name, t, t >= 0.2, -1, List.of());
        w.apply(WallKinds.add(k));
        w.settings().wall(w.settings().wall().with(k));
    }

    private static Node row(Workspace w, WallKind k, boolean chosen) {
        TextField thick = Parts.entry(w, "kind-thickness-" + k.id().value(), w.lengths().part(k.thickness()), t -> {
            Optional<Double> v = LengthReader.read(t, w.lengths().partUnit()).filter(x -> x > 0.005 && x < 10);
            v.ifPresent(x -> {
                w.apply(WallKinds.change("edit.kind-thickness", k.id(), y -> y.withThickness(x)));
                if (w.settings().wall().kind().filter(k.id()::equals).isPresent())
                    w.project().wallKind(k.id()).ifPresent(y -> w.settings().wall(w.settings().wall().with(y)));
            });
            return v.isPresent();
        });
        long n = w.project().storeys().stream().flatMap(x -> w.project().on(x.id()).walls().stream()).map(Wall::kind)
            .filter(x -> x.filter(k.id()::equals).isPresent()).count();
        return KindRow.of(w, "kind", k, chosen, new KindRow.Does(() -> w.settings().wall(w.settings().wall().with(k)), t -> {
            boolean good = !WallKinds.isTaken(w.project(), t, k.id());
            if (good) w.apply(WallKinds.change("edit.kind-name", k.id(), x -> x.withName(t)));
            return good;
        }, () -> w.apply(WallKinds.remove(k.id()))), Words.of("kind.remove", k.name(), n), thick, colour(w, k));
    }

    /** Whether it is outer, and its layers from the left face: brick 240, wood fibre 120. They make its thickness. */
    private static Node buildUp(Workspace w, WallKind k) {
        TextField layers = Parts.entry(w, "kind-layers-" + k.id().value(), LayerWords.text(k.layers(), w.lengths()::part), t -> {
            Optional<List<WallKind.Layer>> l = LayerWords.read(t, w.lengths().partUnit());
            l.ifPresent(x -> w.apply(WallKinds.change("edit.kind-layers", k.id(), y -> y.withLayers(x))));
            return l.isPresent();
        });
        layers.setPromptText(Words.of("kind.layers"));
        layers.setStyle("-fx-alignment: center-left;");
        HBox.setHgrow(layers, Priority.ALWAYS);
        HBox row = new HBox(6, Parts.check(Words.of("kind.outer"), "kind-outer-" + k.id().value(), k.outer(), () ->
            w.apply(WallKinds.change("edit.kind-outer", k.id(), x -> x.withOuter(!k.outer())))), layers);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static Node colour(Workspace w, WallKind k) {
        return Parts.colour("kind-colour-" + k.id().value(), k.colour() < 0 ? INK : k.colour(), 34,
            rgb -> w.apply(WallKinds.change("edit.kind-colour", k.id(), x -> x.withColour(rgb == INK ? -1 : rgb))));
    }

}
