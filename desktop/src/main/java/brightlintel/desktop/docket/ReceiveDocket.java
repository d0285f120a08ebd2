package brightlintel.desktop.docket;

import brightlintel.building.Underlay;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Space;
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
        List<Underlay> laid = w.project().underlaysOf(w.storeyId());
        if (laid.isEmpty())
            parts.add(Parts.decision(Words.of("receive.none"), null, true, Parts.label(Words.of("receive.none.how"), "quiet"),
                Parts.row(Parts.button(w, commands.get("open"), true))));
        for (Underlay u : laid.reversed()) parts.add(file(w, commands, u));
        w.underlay().ifPresent(u -> {
            parts.add(AppearanceDecision.build(w, commands, u));
            String ofWhich = laid.size() < 2 ? "" : " · " + Names.of(w, u);
            w.shelf().has(u).ifPresent(s -> parts.addAll(report(state(s, u), ofWhich)));
            parts.add(Parts.decision(Words.of("receive.more"), null, false,
                Parts.label(Words.of("receive.more.how", w.storey().name()), "quiet"),
                commands.get("pages-other").isEnabled(w) ? Parts.row(Parts.button(w, commands.get("open"), false),
                    Parts.button(w, commands.get("pages-other"), false)) : Parts.row(Parts.button(w, commands.get("open"), false))));
        });
        others(w, commands).ifPresent(parts::add);
        return Parts.docket(parts.toArray(Node[]::new));
    }

    /** One drawing of the storey: what came of it, and that it can be taken off. The one in hand is marked where there are several. */
    private static Node file(Workspace w, Commands commands, Underlay u) {
        boolean several = w.underlayIds().size() > 1, inHand = w.underlay().filter(x -> x.id().equals(u.id())).isPresent();
        Optional<String> trouble = w.onBoard().trouble(u.id());
        Optional<DrawingShelf.Shelved> s = w.shelf().has(u);
        String words = trouble.or(() -> s.map(x -> state(x, u).summary()))
            .orElse(Words.of(w.onBoard().isRead(u) ? "receive.on-board" : "receive.reading-now"));
        VBox v = Parts.decision(Names.of(w, u), pill(w, u, trouble.isPresent(), s), inHand,
            Parts.label(words, trouble.isPresent() ? "brick" : "quiet"));
        w.project().source(u.file()).ifPresent(f -> v.getChildren().addAll(new FileCarePart(w, commands, u, f).lines()));
        List<Node> buttons = new ArrayList<>();
        if (trouble.isPresent()) buttons.add(Parts.button(w, commands.get("read-again"), false));
        if (several && !inHand)
            buttons.add(Parts.button(Words.of("receive.in-hand"), "in-hand-" + u.id().value(), () -> w.onBoard().take(u.id())));
        buttons.add(Parts.button(Words.of("receive.take-off"), "take-off-" + u.id().value(),
            () -> w.apply(Receiving.takeOff(u.id(), w.storeyId()))));
        buttons.forEach(b -> b.getStyleClass().add("small"));
        v.getChildren().add(Parts.row(buttons.toArray(Node[]::new)));
        return v;
    }

    private static Node pill(Workspace w, Underlay u, boolean trouble, Optional<DrawingShelf.Shelved> s) {
        if (trouble) return Parts.pill(Words.of("receive.not-read"), Tone.PARTS);
        if (w.following().offered(u.file()).isPresent()) return Parts.pill(Words.of("disk.pill"), Tone.LOOK);
        if (s.isEmpty()) return Parts.pill(Words.of(w.onBoard().isRead(u) ? "receive.there" : "receive.reading"), Tone.PLAIN);
        return state(s.get(), u).leftOut().isEmpty() ? Parts.pill(Words.of("receive.whole"), Tone.SURE)
            : Parts.pill(Words.of("receive.left-out"), Tone.LOOK);
    }

    private static ReceiveState state(DrawingShelf.Shelved s, Underlay u) {
        boolean allOff = s.drawing().layers().stream().allMatch(l -> l.startsHidden() || !l.declared());
        return ReceiveState.of(s.drawing(), u.space(), s.strokes(), allOff && u.clearing().layersOff().isEmpty());
    }

    /** @param ofWhich behind each heading where there are several drawings */
    private static List<Node> report(ReceiveState r, String ofWhich) {
        List<Node> out = new ArrayList<>();
        if (!r.leftOut().isEmpty()) {
            VBox v = Parts.decision(Words.of("receive.left-out.title") + ofWhich, null, false);
            r.leftOut().forEach(t -> v.getChildren().add(Parts.evidence("✗", t, Tone.PARTS)));
            out.add(v);
        }
        if (!r.notes().isEmpty()) {
            VBox v = Parts.decision(Words.of("receive.notes") + ofWhich, null, false);
            r.notes().forEach(t -> v.getChildren().add(Parts.evidence("–", t, Tone.PLAIN)));
            out.add(v);
        }
        VBox kinds = Parts.decision(Words.of("receive.kinds") + ofWhich, null, false);
        r.kinds().forEach(k -> kinds.getChildren().add(Parts.figure(k.kind(), Parts.right(k.count()))));
        if (!r.kinds().isEmpty()) out.add(kinds);
        return out;
    }

    /** Drawings of other storeys, ones that were taken off, and sheets of the same files: one click lays them here. */
    private static Optional<Node> others(Workspace w, Commands commands) {
        VBox v = Parts.decision(Words.of("receive.others"), null, false);
        int none = v.getChildren().size();
        for (Underlay u : w.project().underlays())
            if (!w.underlayIds().contains(u.id())) v.getChildren().add(Parts.line(Parts.label(Names.of(w, u)),
                Parts.button(Words.of("receive.lay-here"), "lay-" + u.id().value(), () -> w.apply(Receiving.show(u.id(), w.storeyId())))));
        for (Underlay u : w.project().underlaysOf(w.storeyId())) w.shelf().has(u).ifPresent(s -> sheets(w, commands, u, s, v));
        return v.getChildren().size() == none ? Optional.empty() : Optional.of(v);
    }

    private static void sheets(Workspace w, Commands commands, Underlay u, DrawingShelf.Shelved s, VBox v) {
        for (Space x : s.drawing().spaces()) {
            boolean there = w.project().underlays().stream().anyMatch(o -> o.sha256().equals(u.sha256()) && o.space().equals(x.key()));
            if (!there && x.drawn() > 0) v.getChildren().add(Parts.line(Parts.label(x.key().name()),
                Parts.button(Words.of("receive.lay-here"), "lay-sheet-" + x.key().name(), () -> w.lay(u.file(), x.key()))));
        }
    }
}
