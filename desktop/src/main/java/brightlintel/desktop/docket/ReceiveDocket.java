package brightlintel.desktop.docket;

import brightlintel.building.Underlay;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Receiving;
import brightlintel.receive.DrawingShelf;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** What did I get? */
final class ReceiveDocket {
    private ReceiveDocket() { }

    static Node build(Workspace w, Commands commands) {
        List<Node> parts = new ArrayList<>();
        parts.add(Parts.head(Words.of("stage.receive"), Words.of("receive.question", w.storey().name())));
        Optional<Underlay> u = w.underlay();
        if (u.isEmpty()) {
            parts.add(Parts.decision(Words.of("receive.none"), null, true, Parts.label(Words.of("receive.none.how"), "quiet"), Parts.row(Parts.button(w, commands.get("open"), true))));
        } else {
            parts.add(file(w, u.get()));
            w.shelf().has(u.get()).ifPresent(s -> parts.addAll(report(state(s, u.get()))));
            parts.add(Parts.decision(Words.of("receive.more"), null, false, Parts.label(Words.of("receive.more.how", w.storey().name()), "quiet"),
                Parts.row(Parts.button(w, commands.get("open"), false))));
        }
        others(w).ifPresent(parts::add);
        return Parts.docket(parts.toArray(Node[]::new));
    }

    private static Node file(Workspace w, Underlay u) {
        String name = w.project().source(u.file()).map(x -> x.name()).orElse("");
        Optional<DrawingShelf.Shelved> s = w.shelf().has(u);
        boolean clean = s.map(x -> state(x, u).leftOut().isEmpty()).orElse(true);
        Node pill = s.isEmpty() ? Parts.pill(Words.of("receive.reading"), Tone.PLAIN) : clean ? Parts.pill(Words.of("receive.whole"), Tone.SURE) : Parts.pill(Words.of("receive.left-out"), Tone.LOOK);
        return Parts.decision(name, pill, true, Parts.label(s.map(x -> state(x, u).summary()).orElse(Words.of("receive.reading-now")), "quiet"));
    }

    private static ReceiveState state(DrawingShelf.Shelved s, Underlay u) {
        boolean allOff = s.drawing().layers().stream().allMatch(l -> l.startsHidden() || !l.declared());
        return ReceiveState.of(s.drawing(), s.strokes(), allOff && u.clearing().layersOff().isEmpty());
    }

    private static List<Node> report(ReceiveState r) {
        List<Node> out = new ArrayList<>();
        if (!r.leftOut().isEmpty()) {
            VBox v = Parts.decision(Words.of("receive.left-out.title"), null, false);
            r.leftOut().forEach(t -> v.getChildren().add(Parts.evidence("✗", t, Tone.PARTS)));
            out.add(v);
        }
        if (!r.notes().isEmpty()) {
            VBox v = Parts.decision(Words.of("receive.notes"), null, false);
            r.notes().forEach(t -> v.getChildren().add(Parts.evidence("–", t, Tone.PLAIN)));
            out.add(v);
        }
        VBox kinds = Parts.decision(Words.of("receive.kinds"), null, false);
        r.kinds().forEach(k -> kinds.getChildren().add(Parts.figure(k.kind(), Parts.right(k.count()))));
        if (!r.kinds().isEmpty()) out.add(kinds);
        return out;
    }

    /** Underlays of other storeys and earlier ones of this: one click lays them here. */
    private static Optional<Node> others(Workspace w) {
        List<Underlay> rest = w.project().underlays().stream().filter(x -> !w.storey().underlays().contains(x.id())).toList();
        if (rest.isEmpty()) return Optional.empty();
        VBox v = Parts.decision(Words.of("receive.others"), null, false);
        for (Underlay u : rest) {
            String name = w.project().source(u.file()).map(x -> x.name()).orElse("");
            v.getChildren().add(Parts.line(Parts.label(name), Parts.button(Words.of("receive.lay-here"), "lay-" + name, () -> w.apply(Receiving.show(u.id(), w.storeyId())))));
        }
        return Optional.of(v);
    }
}
