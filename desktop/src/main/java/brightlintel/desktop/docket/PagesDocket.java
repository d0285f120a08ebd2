package brightlintel.desktop.docket;

import brightlintel.building.Storey;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.PagesInHand;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Names;
import brightlintel.drawing.SpaceKey;
import brightlintel.lengths.LengthFormat;
import brightlintel.receive.LayOn;
import brightlintel.receive.PageGlance;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** What of it do I take? A file of several pages before any is laid. */
final class PagesDocket {
    private PagesDocket() { }

    static Node build(Workspace w, Commands commands, PagesInHand p) {
        List<Node> parts = new ArrayList<>();
        parts.add(Parts.head(Words.of("stage.receive"), Words.of("pages.question")));
        if (p.isFirstSight()) {
            parts.add(Parts.decision(p.name(), Parts.pill(Words.of("receive.reading"), Tone.PLAIN), true,
                Parts.label(Words.of("parts.first-sight"), "quiet"), Parts.row(Parts.button(w, commands.get("pages-leave"), false))));
            return Parts.docket(parts.toArray(Node[]::new));
        }
        parts.add(decision(w, commands, p));
        parts.add(list(w, p));
        p.page(p.at()).ifPresent(g -> parts.add(layers(w, p, g)));
        return Parts.docket(parts.toArray(Node[]::new));
    }

    private static Node decision(Workspace w, Commands commands, PagesInHand p) {
        String key = p.isDrawing() ? "parts." : "pages.";
        VBox v = Parts.decision(p.name(), Parts.pill(Words.of("pages.not-taken"), Tone.LOOK), true,
            Parts.label(p.seen().size() < p.count() ? Words.of(key + "reading", p.seen().size(), p.count())
            : Words.count(key + "count", p.count()), "quiet"));
        long lines = p.seen().stream().filter(g -> g.strokes() > 0).count(), scans = p.seen().stream().filter(PageGlance::isScan).count();
        if (lines > 0) v.getChildren().add(Parts.evidence("✓", Words.count(key + "with-lines", lines), Tone.SURE));
        if (p.isDrawing() && p.count() == 1) v.getChildren().add(Parts.evidence("–", Words.of("parts.many-layers"), Tone.PLAIN));
        if (scans > 0) v.getChildren().add(Parts.evidence("–", Words.count("pages.scans", scans), Tone.PLAIN));
        p.page(p.at()).flatMap(g -> g.notes().frame()).ifPresent(f -> v.getChildren().add(Parts.evidence("▴",
            Words.of("pages.frame", p.at(), percent(f.share()), f.sheet()), Tone.PLAIN)));
        Button take = Parts.button(w, commands.get("pages-take"), true);
        if (!p.ticked().isEmpty()) take.setText(Words.count(key + "take", p.ticked().size()));
        v.getChildren().add(Parts.row(take, Parts.button(w, commands.get("pages-leave"), false)));
        return v;
    }

    static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f", 100 * share).replaceFirst("\\.0$", "");
    }

    private static Node list(Workspace w, PagesInHand p) {
        VBox v = Parts.decision(Words.of(p.isDrawing() ? "parts.list" : "pages.list"), Parts.label(Words.count("pages.ticked",
            p.ticked().size()), "quiet"), false);
        for (PageGlance g : p.seen()) {
            boolean ticked = p.ticked().contains(g.number());
            CheckBox box = new CheckBox(PageNames.of(g));
            box.setId("pages-list-" + g.number());
            box.setMnemonicParsing(false);
            box.setSelected(ticked);
            box.setMaxWidth(Double.MAX_VALUE);
            box.setOnAction(_ -> w.pages(w.pages().map(x -> x.tick(g.number(), !ticked))));
            Label paper = Parts.right(g.key() instanceof SpaceKey.Model ? LengthFormat.grouped(g.strokes())
                : PaperWords.of(g.widthMm(), g.heightMm()), "quiet");
            v.getChildren().add(Parts.line(box, paper));
            if (ticked) v.getChildren().add(Parts.line(Parts.label(Words.of("pages.lay-on"), "page-lay"), where(w, p, g)));
        }
        return v;
    }

    /** The storey that is meant; "" for null. */
    static String words(Workspace w, LayOn l) {
        return switch (l) {
            case null -> "";
            case LayOn.There(var id) -> w.project().storey(id).map(Storey::name).orElse("");
            case LayOn.New(String name, boolean _) -> Words.of("pages.new-storey", name);
        };
    }

    /** Storeys that are there, and the one that the title asks for. */
    private static Node where(Workspace w, PagesInHand p, PageGlance g) {
        ComboBox<LayOn> choice = new ComboBox<>();
        choice.setId("page-on-" + g.number());
        List<LayOn> all = new ArrayList<>();
        for (Storey s : w.project().storeys().reversed()) all.add(new LayOn.There(s.id()));
        LayOn now = p.on(g.number(), w.storeyId());
        if (!all.contains(now)) all.addFirst(now);
        choice.getItems().setAll(all);
        choice.setValue(now);
        choice.setConverter(new StringConverter<>() {
            @Override public String toString(LayOn l) {
                return words(w, l);
            }

            @Override public LayOn fromString(String s) {
                return now;
            }
        });
        choice.setOnAction(_ -> w.pages(w.pages().map(x -> x.lay(g.number(), choice.getValue()))));
        choice.setMaxWidth(170);
        return choice;
    }

    /** Which layers of the one that is looked at come in shown. */
    private static Node layers(Workspace w, PagesInHand p, PageGlance g) {
        Set<String> off = p.layersOff(g);
        long shown = g.layers().stream().filter(l -> !off.contains(Names.key(l.name()))).count();
        VBox v = Parts.decision(Words.of("pages.layers"),
            Parts.label(Words.of("pages.layers-shown", shown, g.layers().size()), "quiet"), false);
        Set<String> all = g.layers().stream().map(l -> Names.key(l.name())).collect(Collectors.toSet());
        v.getChildren().add(Parts.row(choose(w, "layers-all", "layers.all", x -> x.layersOff(g, Set.of())),
            choose(w, "layers-none", "layers.none", x -> x.layersOff(g, all)),
            choose(w, "layers-inverted", "layers.invert", x -> x.layersInverted(g)),
            choose(w, "layers-as-file", "layers.as-file", x -> x.layersOff(g, g.layers().stream().filter(l -> !l.shown())
                .map(l -> Names.key(l.name())).collect(Collectors.toSet())))));
        for (PageGlance.OfLayer l : g.layers()) {
            boolean on = !off.contains(Names.key(l.name()));
            Region sample = new Region();
            sample.setMinSize(16, l.area() ? 10 : 3);
            sample.setMaxSize(16, l.area() ? 10 : 3);
            sample.setStyle(String.format("-fx-background-color: #%06x;", l.sample()));
            CheckBox name = Parts.check(l.name(), "part-layer-" + l.name().replaceAll("[^A-Za-z0-9]+", "-"), on,
                () -> w.pages(w.pages().map(x -> x.layer(g, l.name(), !on))));
            name.setMnemonicParsing(false);
            name.getStyleClass().add(on ? "ink" : "faint");
            name.setMinWidth(0);
            name.setMaxWidth(180);
            v.getChildren().add(Parts.line(Parts.beside(name, sample), Parts.right(LengthFormat.grouped(l.count()), "quiet")));
        }
        return v;
    }

    private static Button choose(Workspace w, String id, String key, UnaryOperator<PagesInHand> f) {
        Button b = Parts.button(Words.of(key), id, () -> w.pages(w.pages().map(f)));
        b.getStyleClass().add("small");
        return b;
    }
}
