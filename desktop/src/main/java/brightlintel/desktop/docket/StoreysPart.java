package brightlintel.desktop.docket;

import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;

import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.RepeatSettings;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Repeating;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The storey once more: as a new one, onto the one above, or onto several, by kind, as a copy or the same. */
final class StoreysPart {
    private final Workspace w;
    private final Commands commands;

    private StoreysPart(Workspace w, Commands commands) {
        this.w = w;
        this.commands = commands;
    }

    static Node build(Workspace w, Commands commands) {
        return new StoreysPart(w, commands).build();
    }

    private Node build() {
        RepeatSettings s = w.settings().repeat();
        VBox v = Parts.decision(Words.of("trace.storeys"), null, s.open());
        w.storey().sameAs().flatMap(w.project()::storey).ifPresent(x -> v.getChildren().add(Parts.line(Parts.evidence("✓",
            Words.of("repeat.is-same", x.name()), Tone.SURE), Parts.small(Words.of("repeat.part"), "repeat-part", () ->
            w.apply(Repeating.part(w.storeyId()))))));
        v.getChildren().add(Parts.row(Parts.button(w, commands.get("storey-repeat"), false), Parts.button(w,
            commands.get("storey-repeat-up"),
            false), Parts.button(Words.of("repeat.choose"), "repeat-choose", () -> w.settings().repeat(s.opened(!s.open())))));
        if (s.open()) choices(v, s);
        return v;
    }

    private void choices(VBox v, RepeatSettings s) {
        v.getChildren().add(Parts.label(Words.of("repeat.onto"), "quiet"));
        FlowPane storeys = Parts.row();
        for (Storey x : w.project().storeys()) if (!x.id().equals(w.storeyId()))
            storeys.getChildren().add(Parts.check(x.name(), "repeat-onto-" + x.name(), s.into().contains(x.id()), () ->
                w.settings().repeat(s.toggled(x.id()))));
        v.getChildren().addAll(storeys, Parts.label(Words.of("repeat.what"), "quiet"));
        FlowPane kinds = Parts.row();
        for (Repeating.What k : Repeating.What.values())
            kinds.getChildren().add(Parts.check(Words.of("repeat." + k), "repeat-" + k.name().toLowerCase(Locale.ROOT),
                s.same() || s.what().contains(k), () -> w.settings().repeat(s.toggled(k))));
        kinds.setDisable(s.same());
        List<StoreyId> into = w.project().storeys().stream().map(Storey::id).filter(s.into()::contains).filter(x ->
            !x.equals(w.storeyId())).toList();
        Button go = Parts.button(Words.of("repeat.go"), "repeat-go", () -> repeat(into, s));
        go.getStyleClass().add("main");
        go.setDisable(into.isEmpty() || w.contents().isEmpty());
        v.getChildren().addAll(kinds, Parts.check(Words.of("repeat.same"), "repeat-same", s.same(), () ->
            w.settings().repeat(s.withSame(!s.same()))), Parts.row(go));
    }

    private void repeat(Collection<StoreyId> into, RepeatSettings s) {
        w.apply(s.same() ? Repeating.same(w.storeyId(), into) : Repeating.onto(w.storeyId(), into, s.what().isEmpty()
            ? EnumSet.noneOf(Repeating.What.class) : EnumSet.copyOf(s.what())));
        w.settings().repeat(s.opened(false));
    }
}
