package brightlintel.desktop.docket;

import brightlintel.building.Element;
import brightlintel.building.Opening;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Proposals;
import brightlintel.desktop.state.Proposals.Kind;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.LeftMaking;
import brightlintel.desktop.tool.SelectTool;
import brightlintel.recognise.Held;
import brightlintel.recognise.Leftover;
import brightlintel.recognise.Recognised;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.layout.VBox;

/** A kind of elements of the storey as one decision: what is proposed of it, what is sure, and the one button that takes that. */
final class ProposedPart {
    private final Workspace w;
    private final Commands commands;
    private final Proposals p;

    ProposedPart(Workspace w, Commands commands) {
        this.w = w;
        this.commands = commands;
        this.p = w.proposals();
    }

    /** While it is being worked out. */
    Optional<Node> working() {
        p.found();
        return p.isWorking() ? Optional.of(Parts.label(Words.of("proposal.working"), "quiet")) : Optional.empty();
    }

    /** Whether something of this kind waits, and it is the one to be decided now. */
    private boolean isNow(Kind k) {
        return w.tool() instanceof SelectTool && p.inHand().map(p::kindOf).or(p::kind).filter(k::equals).isPresent();
    }

    /** @param drawn how many are there; key: of the sentence that counts them */
    Node of(Kind k, String title, int drawn, String key) {
        List<Element> some = p.of(k);
        long sure = some.stream().filter(Recognised::isSure).count(), look = some.size() - sure;
        Node there = drawn == 0 ? Parts.right(Words.of("trace.not-yet"), "quiet") : Parts.pill("✓ " + Words.count(key, drawn), Tone.SURE);
        if (some.isEmpty()) return Parts.fold(Words.of(title), there);
        Node pill = Parts.pill(sure > 0 && look > 0 ? Words.of("proposal.both", sure, look) : sure > 0 ? Words.of("proposal.sure", sure)
            : Words.count("proposal.look", look), Tone.LOOK);
        if (!isNow(k)) {
            Node fold = Parts.fold(Words.of(title), pill);
            fold.setId("proposed-" + k.name().toLowerCase(Locale.ROOT));
            fold.setOnMouseClicked(_ -> p.look(some.stream().findFirst()));
            return fold;
        }
        VBox v = Parts.decision(Words.of(title), pill, true);
        if (drawn > 0) v.getChildren().add(Parts.label(Words.count(key, drawn), "quiet"));
        if (k == Kind.OPENINGS) sorts(v, some);
        List<Node> buttons = new ArrayList<>();
        if (sure > 0 && p.sureKind().filter(k::equals).isPresent()) buttons.add(button("take-all", Words.of("proposal.take", sure),
            "Shift+T",
            true));
        buttons.add(button("proposal-next", Words.of("proposal.each"), "E", sure == 0 && p.inHand().isEmpty()));
        if (p.only().isEmpty()) buttons.add(Parts.button(w, commands.get("only-here"), false));
        v.getChildren().add(Parts.row(buttons.toArray(Node[]::new)));
        p.inHand().filter(e -> p.kindOf(e) == k && p.alike(e).size() > 1).ifPresent(e -> {
            Button alike = Parts.button(w, commands.get("take-alike"), false);
            alike.setText(Words.of("proposal.alike", p.alike(e).size()));
            v.getChildren().add(Parts.row(alike));
        });
        p.inHand().filter(e -> p.kindOf(e) == k).ifPresent(e -> v.getChildren().add(Parts.row(button("take", Words.of("proposal.take-one"),
            "T", sure == 0), button("refuse", Words.of("command.refuse"), "R", false))));
        return v;
    }

    private Button button(String command, String words, String keys, boolean main) {
        Button b = Parts.button(w, commands.get(command), main);
        b.setText(words);
        b.setGraphic(Parts.right(keys, "kbd"));
        b.setContentDisplay(ContentDisplay.RIGHT);
        return b;
    }

    /** Doors, windows and gaps, each counted. */
    private static void sorts(VBox v, List<Element> some) {
        Map<String, Integer> n = new TreeMap<>();
        for (Element e : some) if (e instanceof Opening o) n.merge(switch (o.filling()) {
            case Opening.Filling.Door _ -> "proposal.doors";
            case Opening.Filling.Window _ -> "proposal.windows";
            case Opening.Filling.Glazed _, Opening.Filling.Empty _ -> "proposal.gaps";
        }, 1, Integer::sum);
        n.forEach((key, count) -> v.getChildren().add(Parts.figure(Words.of(key), Parts.right(Integer.toString(count)))));
    }

    /** Where proposals are looked at, while it is not everywhere. */
    Optional<Node> only() {
        if (p.only().isEmpty()) return Optional.empty();
        VBox v = Parts.decision(Words.of("only.title"), Parts.pill(Words.count("only.elsewhere", p.elsewhere()), Tone.PLAIN), false);
        Button other = Parts.button(w, commands.get("only-here"), false);
        other.setText(Words.of("only.other"));
        v.getChildren().add(Parts.row(Parts.button(w, commands.get("everywhere"), false), other));
        return Optional.of(v);
    }

    /** What was proposed like one that somebody changed since, and stands as it was proposed. */
    Optional<Node> corrected() {
        int n = p.corrected().others().size();
        if (n == 0) return Optional.empty();
        VBox v = Parts.decision(Words.of("corrected.title"), Parts.pill(Words.count("proposal.look", n), Tone.LOOK), true);
        v.getChildren().add(Parts.label(Words.count("corrected.alike", n), "quiet"));
        Button all = Parts.button(w, commands.get("correct-alike"), true);
        all.setText(Words.of("corrected.all", n));
        v.getChildren().add(Parts.row(all, Parts.button(w, commands.get("leave-alike"), false)));
        return Optional.of(v);
    }

    /** Offers to hold it against its drawing: below all else, since it comes when the drawing is looked through. */
    Optional<Node> offersToHold() {
        boolean offers = p.held().isEmpty() && commands.get("hold-storey").isEnabled(w) && !p.waits();
        return offers ? Optional.of(Parts.row(Parts.button(w, commands.get("hold-storey"), false))) : Optional.empty();
    }

    /** The storey held against its drawing: what agrees, what is shown otherwise, what is not shown. */
    Optional<Node> held() {
        Optional<Held> held = p.held();
        if (held.isEmpty()) return Optional.empty();
        int gone = p.of(Kind.GONE).size(), changed = p.of(Kind.CHANGED).size(), all = gone + changed;
        boolean fresh = p.found().isPresent() && (!p.of(Kind.WALLS).isEmpty() || !p.of(Kind.OPENINGS).isEmpty()
            || !p.of(Kind.COLUMNS).isEmpty());
        VBox v = Parts.decision(Words.of("held.title"), all == 0 ? Parts.pill("✓ " + Words.of(fresh ? "held.but-new" : "held.agrees"),
            Tone.SURE)
            : Parts.pill(Words.count("proposal.look", all), Tone.LOOK), all > 0);
        v.getChildren().add(Parts.figure(Words.of("held.as-drawn"), Parts.right(Integer.toString(held.get().agreeing()))));
        if (changed > 0) v.getChildren().add(Parts.figure(Words.of("held.otherwise"), Parts.right(Integer.toString(changed))));
        if (gone > 0) v.getChildren().add(Parts.figure(Words.of("held.not-shown"), Parts.right(Integer.toString(gone))));
        List<Node> buttons = new ArrayList<>();
        if (all > 0) buttons.add(button("proposal-next", Words.of("proposal.each"), "E", p.inHand().isEmpty()));
        Button end = Parts.button(w, commands.get("hold-storey"), false);
        end.setText(Words.of("held.end"));
        buttons.add(end);
        v.getChildren().add(Parts.row(buttons.toArray(Node[]::new)));
        p.inHand().map(p::kindOf).filter(k -> k == Kind.GONE || k == Kind.CHANGED).ifPresent(k ->
            v.getChildren().add(Parts.row(button("take",
            Words.of(k == Kind.GONE ? "held.take-away" : "held.take"), "T", true), button("refuse", Words.of("held.keep"), "R", false))));
        return Optional.of(v);
    }

    /** Strokes that look like building and became none, by their reasons, once all sure ones are taken. */
    Optional<Node> left() {
        List<Leftover> left = p.leftovers().all();
        if (left.isEmpty() || p.waits()) return Optional.empty();
        Map<Leftover.Reason, Integer> n = new EnumMap<>(Leftover.Reason.class);
        for (Leftover l : left) n.merge(l.reason(), 1, Integer::sum);
        VBox v = Parts.decision(Words.of("proposal.left"), Parts.pill(Words.count("proposal.strokes", left.size()), Tone.LOOK), false);
        n.forEach((r, count) -> v.getChildren().add(Parts.figure(Words.of("left." + r), Parts.right(Integer.toString(count)))));
        v.getChildren().add(Parts.row(button("proposal-next", Words.of("proposal.each"), "E", false)));
        p.leftovers().inHand().ifPresent(l -> v.getChildren().add(Parts.evidence("▲", Words.of("left." + l.reason()), Tone.LOOK)));
        p.leftovers().remedy().ifPresent(r -> v.getChildren().add(Parts.row(button("take", Words.of(LeftMaking.word(r)), "T", false))));
        return Optional.of(v);
    }
}
