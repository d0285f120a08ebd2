package brightlintel.desktop.docket;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;

import brightlintel.building.Contents;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.GlazedSettings;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.GlazedTool;
import brightlintel.desktop.tool.StairTool;
import brightlintel.lengths.LengthReader;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;

/** Glazed walls, stairs, roof, zones and the outline of the storey: what there is of each, and how the next will be. */
final class UpperPart {
    private final Workspace w;
    private final Commands commands;

    private UpperPart(Workspace w, Commands commands) {
        this.w = w;
        this.commands = commands;
    }

    static List<Node> build(Workspace w, Commands commands) {
        return new UpperPart(w, commands).build();
    }

    private List<Node> build() {
        List<Node> out = new ArrayList<>();
        Contents c = w.contents();
        if (w.tool() instanceof GlazedTool) out.add(glazed());
        if (w.tool() instanceof StairTool t) out.add(stair(t));
        out.add(Parts.fold(Words.of("trace.stairs"), state(c.stairs().size())));
        out.add(Parts.fold(Words.of("trace.roof"), state(c.roofs().size())));
        if (!c.zones().isEmpty() || !c.outlines().isEmpty()) out.add(Parts.fold(Words.of("trace.zones"), state(c.zones().size()
            + c.outlines().size())));
        return out;
    }

    private static Label state(int n) {
        return n == 0 ? Parts.right(Words.of("trace.not-yet"), "quiet") : Parts.pill("✓ " + Words.count("trace.drawn", n), Tone.SURE);
    }

    private Node stair(StairTool t) {
        TextField width = Parts.entry(w, "stair-width", w.lengths().part(w.settings().stairWidth()), x -> LengthReader.read(x,
            w.lengths().partUnit()).filter(v -> v > 0.3 && v < 20).map(v -> {
            w.settings().stairWidth(v);
            return true;
        }).orElse(false));
        var straight = Parts.button(w, commands.get("stair"), false);
        var round = Parts.button(w, commands.get("stair-round"), false);
        (t.id().equals("stair") ? straight : round).getStyleClass().add("chosen");
        return Parts.decision(Words.of("trace.stair-in-hand"), Parts.right("Esc", "kbd"), true, Parts.row(straight, round),
            Parts.figure(Words.of("stair.width"), Parts.beside(width, Parts.right(w.lengths().partUnit().sign(), "quiet"))),
            Parts.label(Words.of("stair.how"), "quiet"));
    }

    private Node glazed() {
        GlazedSettings s = w.settings().glazed();
        return Parts.decision(Words.of("trace.glazed-in-hand"), Parts.right("Esc", "kbd"), true,
            margin("left", s.left(), v -> s.withMargins(v, s.right(), s.below(), s.above())),
            margin("right", s.right(), v -> s.withMargins(s.left(), v, s.below(), s.above())),
            margin("below", s.below(), v -> s.withMargins(s.left(), s.right(), v, s.above())),
            margin("above", s.above(), v -> s.withMargins(s.left(), s.right(), s.below(), v)),
            Parts.figure(Words.of("glazed.across"), Parts.entry(w, "glazed-across", Divisions.text(w, s.across()), t ->
                Divisions.read(w, t).map(d -> set(s.with(d, s.up()))).orElse(false))),
            Parts.figure(Words.of("glazed.up"), Parts.entry(w, "glazed-up", Divisions.text(w, s.up()), t ->
                Divisions.read(w, t).map(d -> set(s.with(s.across(), d))).orElse(false))),
            margin("post", s.post(), v -> v >= 0.01 && v < 0.5 ? s.withPost(v) : s));
    }

    private Node margin(String name, double now, DoubleFunction<GlazedSettings> make) {
        return Parts.figure(Words.of("glazed." + name), Parts.entry(w, "glazed-" + name, w.lengths().part(now), t -> {
            Optional<Double> v = LengthReader.read(t, w.lengths().partUnit()).filter(x -> x >= 0 && x < 10);
            return v.map(x -> set(make.apply(x))).orElse(false);
        }));
    }

    private boolean set(GlazedSettings s) {
        w.settings().glazed(s);
        return true;
    }
}
