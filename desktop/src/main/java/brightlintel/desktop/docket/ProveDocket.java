package brightlintel.desktop.docket;

import brightlintel.building.Support;
import brightlintel.building.Wall;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Hosting;
import brightlintel.edit.Verdicts;
import brightlintel.trace.Supports;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import javafx.scene.Node;

/** Does it agree? First form: walls against the strokes they were drawn on, ends that meet nothing, openings that do not fit. */
final class ProveDocket {
    private static final double AGREES = 0.005;

    private ProveDocket() { }

    static Node build(Workspace w, Commands commands) {
        List<Node> parts = new ArrayList<>();
        parts.add(Parts.head(Words.of("stage.prove"), Words.of("prove.question", w.storey().name())));
        List<Wall> walls = w.contents().walls();
        if (walls.isEmpty()) {
            parts.add(Parts.decision(Words.of("waits.title"), null, true, Parts.label(Words.of("prove.waits"), "quiet"),
                Parts.row(Parts.button(w, commands.get("wall"), true))));
            return Parts.docket(parts.toArray(Node[]::new));
        }
        parts.add(agreement(w, walls));
        int free = w.solved().footprints().freeEnds().size();
        parts.add(Parts.fold(Words.of("prove.free-ends"), free == 0 ? Parts.pill("✓ " + Words.of("prove.none"), Tone.SURE)
            : Parts.pill(Integer.toString(free), Tone.LOOK)));
        int misfits = Hosting.misfits(w.project(), w.storeyId()).size();
        parts.add(Parts.fold(Words.of("prove.misfits"), misfits == 0 ? Parts.pill("✓ " + Words.of("prove.none"), Tone.SURE)
            : Parts.pill(Integer.toString(misfits), Tone.PARTS)));
        parts.add(Parts.decision(Words.of("prove.see"), null, false, Parts.row(Parts.button(w, commands.get("view"), false))));
        return Parts.docket(parts.toArray(Node[]::new));
    }

    private static Node agreement(Workspace w, List<Wall> walls) {
        List<Wall> bad = new ArrayList<>(), without = new ArrayList<>(), meant = new ArrayList<>();
        double worst = 0;
        for (Wall x : walls) {
            List<Support> on = w.drawings().isEmpty() ? x.from().on() : Supports.ofWall(x, w.drawings());
            OptionalDouble far = on.stream().mapToDouble(Support::distance).max();
            if (far.isEmpty()) without.add(x);
            else if (far.getAsDouble() > AGREES) (Verdicts.isSo(w.project(), Verdicts.OFF_ITS_STROKES, x.id()) ? meant : bad).add(x);
            worst = Math.max(worst, far.orElse(0));
        }
        int good = walls.size() - bad.size() - without.size() - meant.size();
        var v = Parts.decision(Words.of("prove.agreement"), bad.isEmpty() && without.isEmpty()
            ? Parts.pill("✓ " + Words.of("prove.all"), Tone.SURE) : Parts.pill(Integer.toString(bad.size() + without.size()), Tone.LOOK),
            true, Parts.value(Words.of("prove.of", good, walls.size()), Words.of("prove.within", w.lengths().partWithUnit(AGREES))));
        v.getChildren().add(Parts.evidence("–", Words.of("prove.worst", w.lengths().partWithUnit(worst)), Tone.PLAIN));
        if (!bad.isEmpty()) {
            v.getChildren().add(Parts.line(Parts.evidence("✗", Words.count("prove.parts", bad.size()), Tone.PARTS),
                show(w, "prove-parts", bad)));
            List<Wall> chosen = bad.stream().filter(x -> w.selection().contains(x.id())).toList();
            if (!chosen.isEmpty()) v.getChildren().add(Parts.row(Parts.button(Words.count("prove.it-is-so", chosen.size()), "prove-is-so",
                () -> chosen.forEach(x -> w.apply(Verdicts.say(Verdicts.itIsSo(Verdicts.OFF_ITS_STROKES, x.id())))))));
        }
        if (!meant.isEmpty()) v.getChildren().add(Parts.line(Parts.evidence("–", Words.count("prove.meant", meant.size()), Tone.PLAIN),
            Parts.button(Words.of("prove.not-so"), "prove-not-so",
            () -> meant.forEach(x -> w.apply(Verdicts.forget(Verdicts.itIsSo(Verdicts.OFF_ITS_STROKES, x.id())))))));
        if (!without.isEmpty())
            v.getChildren().add(Parts.line(Parts.evidence("–", Words.count("prove.without", without.size()), Tone.PLAIN),
                show(w, "prove-without", without)));
        return v;
    }

    private static Node show(Workspace w, String id, List<Wall> walls) {
        return Parts.button(Words.of("show"), id,
            () -> w.select(walls.stream().map(Wall::id).collect(Collectors.toCollection(LinkedHashSet::new))));
    }
}
