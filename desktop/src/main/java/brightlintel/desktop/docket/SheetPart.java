package brightlintel.desktop.docket;

import brightlintel.building.Storey;
import brightlintel.building.Underlay;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Cutting;
import brightlintel.edit.Receiving;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.LayOn;
import brightlintel.receive.SheetCuts;
import brightlintel.sheet.SheetParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** The drawings on the sheet: which are plans of which storey, which are kept, and one button that cuts them out. */
final class SheetPart {
    private SheetPart() { }

    /** Nothing for a sheet that is one plan and nothing else. */
    static Optional<Node> build(Workspace w, Commands commands, PlacedDrawing d) {
        // of a cut-out too, for the titles of its sheet's parts
        boolean frame = w.sheets().parts(d).flatMap(SheetParts::frame).isPresent();
        List<SheetCuts.Choice> all = w.sheets().offered(d);
        List<Node> rows = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) rows.add(row(w, d, i, all.get(i)));
        rows.addAll(kept(w));
        if (d.underlay().cutOut().isPresent() && !d.underlay().locked())
            rows.add(Parts.row(Parts.button(Words.of("sheet.whole"), "sheet-whole", () -> w.apply(Cutting.whole(d.underlay().id())))));
        if (rows.isEmpty()) return Optional.empty();
        long plans = all.stream().filter(c -> c.taken() && c.on().isPresent()).count();
        Node pill = all.isEmpty() ? null : Parts.pill(Words.count(frame ? "sheet.plans-frame" : "sheet.plans", (int) plans), Tone.LOOK);
        VBox v = Parts.decision(Words.of("sheet.title"), pill, !all.isEmpty(), rows.toArray(Node[]::new));
        if (!all.isEmpty()) v.getChildren().add(Parts.row(Parts.button(w, commands.get("cut-plans"), true), Parts.button(w,
            commands.get("cut-out"), false)));
        v.setId("sheet-parts");
        return Optional.of(v);
    }

    private static Node row(Workspace w, PlacedDrawing d, int i, SheetCuts.Choice c) {
        SheetParts.Part p = c.part();
        String kind = Words.of("sheet.kind." + p.kind().name());
        CheckBox box = Parts.check(p.title().isEmpty() ? kind : p.title(), "part-" + i, c.taken(),
            () -> w.sheets().choose(d, i, x -> x.taken(!x.taken())));
        String sure = Words.of("sheet.sure", kind, Math.round(100 * p.confidence()));
        box.setTooltip(new Tooltip(p.sameAs().isPresent() ? sure + "\n" + Words.of("sheet.twice") : sure));
        Node right = c.on().isPresent() ? where(w, d, i, c.on().get()) : Parts.right(c.taken() ? Words.of("sheet.kept") : kind, "quiet");
        VBox v = new VBox(2, Parts.line(box, right));
        if (p.sameAs().isPresent()) v.getChildren().add(Parts.evidence("–", Words.of("sheet.twice"), Tone.LOOK));
        v.setOnMouseEntered(_ -> w.sheets().point(OptionalInt.of(i)));
        v.setOnMouseExited(_ -> w.sheets().point(OptionalInt.empty()));
        return v;
    }

    private static Node where(Workspace w, PlacedDrawing d, int i, LayOn now) {
        ComboBox<LayOn> choice = new ComboBox<>();
        choice.setId("part-on-" + i);
        for (Storey s : w.project().storeys().reversed()) choice.getItems().add(new LayOn.There(s.id()));
        if (!choice.getItems().contains(now)) choice.getItems().addFirst(now);
        choice.setValue(now);
        choice.setConverter(new StringConverter<>() {
            @Override public String toString(LayOn l) {
                return PagesDocket.words(w, l);
            }

            @Override public LayOn fromString(String s) {
                return now;
            }
        });
        choice.setOnAction(_ -> w.sheets().choose(d, i, x -> x.on(choice.getValue())));
        choice.setMaxWidth(118);
        return choice;
    }

    /** Elevations and sections that were kept, each shown on the storey in hand when it is wanted. */
    private static List<Node> kept(Workspace w) {
        List<Node> out = new ArrayList<>();
        for (Underlay u : w.project().underlays()) {
            if (u.cutOut().isEmpty()) continue;
            boolean here = w.underlayIds().contains(u.id());
            boolean anywhere = w.project().storeys().stream().anyMatch(s -> s.underlays().contains(u.id()));
            boolean plan = w.sheets().isPlan(u);
            if (plan || anywhere && !here) continue;
            out.add(Parts.check(w.sheets().title(u).orElse(Words.of("sheet.part")), "kept-" + out.size(), here,
                () -> w.apply(here ? Receiving.takeOff(u.id(), w.storeyId()) : Receiving.show(u.id(), w.storeyId()))));
        }
        if (!out.isEmpty()) out.addFirst(Parts.label(Words.of("sheet.kept-parts"), "quiet"));
        return out;
    }
}
