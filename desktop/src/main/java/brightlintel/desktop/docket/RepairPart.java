package brightlintel.desktop.docket;

import brightlintel.building.Mend;
import brightlintel.building.Repair;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Mendings;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.lengths.LengthFormat;
import brightlintel.place.PlacedDrawing;
import brightlintel.repair.Repaired;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.VBox;

/** What is doubled, in pieces, short or too long: how many of each, with a tolerance, before and after it is mended. */
final class RepairPart {
    private RepairPart() { }

    static Node build(Workspace w, Commands commands, PlacedDrawing d) {
        Optional<Repair.Mended> taken = d.underlay().clearing().mended();
        return taken.isPresent() ? mended(w, d, taken.get()) : proposed(w, commands, d);
    }

    private static Node mended(Workspace w, PlacedDrawing d, Repair.Mended recipe) {
        int n = d.repaired().map(Repaired::total).orElse(0);
        VBox v = Parts.decision(Words.of("repair.title"), Parts.pill(Words.count("repair.done", n), Tone.SURE), false);
        v.setId("repair");
        d.repaired().ifPresentOrElse(r -> r.counts().keySet().stream().sorted().forEach(k -> v.getChildren().add(Parts.line(
            Parts.label(kind(k)), Parts.right(LengthFormat.grouped(r.counts().get(k)), "quiet")))),
            () -> v.getChildren().add(Parts.label(Words.of("repair.taking"), "quiet")));
        v.getChildren().add(Parts.label(Words.of("repair.up-to", w.lengths().partWithUnit(recipe.tolerance())), "quiet"));
        Button back = Parts.button(Words.of("repair.back"), "repair-back", w.mendings()::takeBack);
        back.setDisable(d.underlay().locked());
        v.getChildren().add(Parts.row(back));
        return v;
    }

    private static Node proposed(Workspace w, Commands commands, PlacedDrawing d) {
        Optional<Repaired> all = w.mendings().all(d), now = w.mendings().proposed(d);
        int n = now.map(Repaired::total).orElse(0);
        Node pill = all.isEmpty() ? null : n > 0 ? Parts.pill(Words.count("repair.proposed", n), Tone.LOOK)
            : Parts.pill(Words.of("repair.nothing"), Tone.SURE);
        VBox v = Parts.decision(Words.of("repair.title"), pill, false);
        v.setId("repair");
        if (all.isEmpty()) {
            waiting(w, v);
            return v;
        }
        Map<Mend, Integer> counts = all.get().counts();
        if (counts.isEmpty() && !w.mendings().shows()) {
            v.getChildren().add(Parts.row(more(w)));
            return v;
        }
        if (!w.mendings().shows()) {
            String what = counts.keySet().stream().sorted().map(k -> Words.of("repair.count", counts.get(k),
                kind(k))).collect(Collectors.joining(", "));
            v.getChildren().addAll(Parts.label(what, "quiet"), Parts.row(Parts.button(w, commands.get("mend"), false), more(w)));
            return v;
        }
        for (Mend k : Mend.values()) {
            boolean off = w.mendings().isOff(k);
            int of = now.filter(_ -> !off).map(r -> r.counts().getOrDefault(k, 0)).orElse(counts.getOrDefault(k, 0));
            if (of == 0 && !off) continue;
            v.getChildren().add(Parts.line(Parts.check(kind(k), "mend-" + k.name().toLowerCase(Locale.ROOT), !off, () ->
                w.mendings().toggle(k)),
                Parts.right(LengthFormat.grouped(of), "quiet")));
        }
        v.getChildren().addAll(tolerances(w), Parts.row(Parts.button(w, commands.get("mend"), false), more(w)));
        return v;
    }

    private static void waiting(Workspace w, VBox v) {
        if (w.mendings().percent().isEmpty() && w.mendings().isStopped()) {
            v.getChildren().addAll(Parts.label(Words.of("repair.stopped"), "quiet"),
                Parts.row(Parts.button(Words.of("repair.again"), "repair-again", w.mendings()::again)));
            return;
        }
        v.getChildren().addAll(Parts.label(Words.of("repair.working", w.mendings().percent().orElse(0)), "quiet"),
            Parts.row(Parts.button(Words.of("repair.stop"), "repair-stop", w.mendings()::stop)));
    }

    private static Node more(Workspace w) {
        boolean shows = w.mendings().shows();
        return Parts.button(Words.of(shows ? "repair.hide" : "repair.show"), "repair-show", () -> w.mendings().show(!shows));
    }

    private static String kind(Mend k) {
        return Words.of("mend." + k.name());
    }

    private static Node tolerances(Workspace w) {
        ToggleGroup group = new ToggleGroup();
        List<Node> all = new ArrayList<>();
        for (double t : Mendings.OFFERED) {
            ToggleButton b = new ToggleButton(w.lengths().partWithUnit(t));
            b.setId("tolerance-" + Math.round(t * 1000));
            b.setToggleGroup(group);
            b.getStyleClass().add("scale-choice");
            b.setSelected(Math.abs(t - w.mendings().tolerance()) < 1e-9);
            b.setOnAction(_ -> w.mendings().tolerance(t));
            all.add(b);
        }
        return new VBox(2, Parts.label(Words.of("repair.tolerance"), "quiet"), Parts.row(all.toArray(Node[]::new)));
    }
}
