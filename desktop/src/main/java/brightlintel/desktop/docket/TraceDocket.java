package brightlintel.desktop.docket;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Section;
import brightlintel.building.Side;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts.Tone;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.OpeningSettings;
import brightlintel.desktop.state.Proposals;
import brightlintel.desktop.state.WallSettings;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.ColumnTool;
import brightlintel.desktop.tool.DarkLineTool;
import brightlintel.desktop.tool.OpeningTool;
import brightlintel.desktop.tool.WallTool;
import brightlintel.edit.Hosting;
import brightlintel.edit.Tracing;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.function.DoublePredicate;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Where is the building? */
final class TraceDocket {
    /** Ways of drawing walls, and reading their thickness. */
    private static final List<String> WALL_TOOLS = List.of("wall", "wall-along", "wall-between", "wall-arc",
        "wall-arc-centre", "wall-arc-on", "wall-rectangle", "wall-parallel", "wall-on-grid", "across");
    private final Workspace w;
    private final Commands commands;

    private TraceDocket(Workspace w, Commands commands) {
        this.w = w;
        this.commands = commands;
    }

    static Node build(Workspace w, Commands commands) {
        return new TraceDocket(w, commands).build();
    }

    private Node build() {
        List<Node> parts = new ArrayList<>();
        parts.add(Parts.head(Words.of("stage.trace"), Words.of("trace.question", w.storey().name())));
        parts.addAll(GridPart.build(w, commands));
        if (WALL_TOOLS.contains(w.tool().id())) parts.add(wallInHand());
        if (w.tool() instanceof OpeningTool t) parts.add(openingInHand(t));
        Contents c = w.contents();
        ProposedPart proposed = new ProposedPart(w, commands);
        proposed.working().ifPresent(parts::add);
        proposed.only().ifPresent(parts::add);
        proposed.corrected().ifPresent(parts::add);
        proposed.held().ifPresent(parts::add);
        parts.add(proposed.of(Proposals.Kind.WALLS, "trace.walls", c.walls().size(), "trace.drawn"));
        parts.add(c.walls().isEmpty() ? Parts.fold(Words.of("trace.openings"), Parts.right(Words.of("trace.wait-for-walls"), "quiet"))
            : proposed.of(Proposals.Kind.OPENINGS, "trace.openings", c.openings().size(), "trace.drawn"));
        misfits().ifPresent(parts::add);
        assumed().ifPresent(parts::add);
        if (w.tool() instanceof ColumnTool t) parts.add(columnInHand(t));
        parts.add(proposed.of(Proposals.Kind.COLUMNS, "trace.columns", c.columns().size(), "trace.drawn"));
        if (!w.proposals().of(Proposals.Kind.ROOMS).isEmpty()) parts.add(proposed.of(Proposals.Kind.ROOMS, "trace.rooms", c.rooms().size(),
            "trace.drawn"));
        if (!c.rooms().isEmpty() || w.proposals().of(Proposals.Kind.ROOMS).isEmpty()) parts.addAll(RoomsPart.build(w, commands));
        parts.add(proposed.of(Proposals.Kind.SLAB, "trace.slab", c.slabs().size(), "trace.drawn"));
        proposed.left().ifPresent(parts::add);
        parts.addAll(UpperPart.build(w, commands));
        if (w.tool() instanceof WallTool t && !t.points().isEmpty()) parts.add(chain(t));
        parts.add(Parts.decision(Words.of("trace.by-hand"), null, false,
            Parts.row(tool("grid"), tool("wall"), tool("door"), tool("window"), tool("glazed"), tool("column"), tool("room"), tool("slab"),
                tool("hole"), tool("stair"), tool("roof"), tool("zone"), tool("outline"), tool("split"), tool("measure")),
            Parts.row(Parts.button(w, commands.get("slab-from-walls"), false), Parts.button(w, commands.get("roof-from-walls"), false),
                Parts.button(w, commands.get("outline-from-walls"), false))));
        if (DarkLineTool.isFor(w)) parts.add(Parts.decision(Words.of("trace.scan"), null, false, Parts.label(Words.of("trace.scan-how"),
            "quiet"),
            Parts.row(tool("dark-line"))));
        parts.add(StoreysPart.build(w, commands));
        proposed.offersToHold().ifPresent(parts::add);
        return Parts.docket(parts.toArray(Node[]::new));
    }

    private Button tool(String id) {
        Button b = Parts.button(w, commands.get(id), false);
        if (w.tool().id().equals(id) || id.equals("wall") && WALL_TOOLS.contains(w.tool().id())) b.getStyleClass().add("chosen");
        return b;
    }

    private static Label state(int n, String key) {
        return n == 0 ? Parts.right(Words.of("trace.not-yet"), "quiet") : Parts.pill("✓ " + Words.count(key, n), Tone.SURE);
    }

    private Node wallInHand() {
        WallSettings s = w.settings().wall();
        TextField thickness = Parts.entry(w, "wall-thickness", w.lengths().part(s.thickness().value()),
            t -> LengthReader.read(t, w.lengths().partUnit()).filter(v -> v > 0.005 && v < 10).map(v -> {
            w.settings().wall(s.with(Given.stated(v)));
            return true;
        }).orElse(false));
        Label assumed = Parts.right(s.thickness().isAssumed() ? Words.of("who.assumed") : w.lengths().partUnit().sign(),
            s.thickness().isAssumed() ? "brass" : "quiet");
        HBox side = Parts.beside();
        for (Side x : Side.values()) {
            Button b = Parts.button(Words.of("side." + x.name()), "side-" + x.name().toLowerCase(Locale.ROOT),
                () -> w.settings().wall(s.with(x)));
            b.getStyleClass().add("small");
            if (x == s.side()) b.getStyleClass().add("chosen");
            side.getChildren().add(b);
        }
        Label kbd = Parts.right("A", "kbd");
        side.getChildren().add(kbd);
        Label esc = Parts.right("Esc", "kbd");
        VBox v = Parts.decision(Words.of("trace.wall-in-hand"), esc, true,
            Parts.figure(Words.of("wall.thickness"), Parts.beside(thickness, assumed)),
            Parts.row(tool("wall-along"), tool("wall-between"), tool("wall-parallel"), tool("wall-on-grid"),
                tool("wall-rectangle"), tool("wall-arc"), tool("wall-arc-centre"), tool("wall-arc-on"), tool("across"), tool("joint")),
            Parts.label(Words.of("wall.drawn-along"), "quiet"), side,
            Parts.figure(Words.of("wall.base"), Parts.right(w.lengths().level(w.storey().level().value()) + " " + w.storey().name())),
            Parts.figure(Words.of("wall.top"), Parts.right(w.lengths().level(w.storey().top()))));
        v.getChildren().addAll(2, KindsPart.build(w));
        return v;
    }

    private Node openingInHand(OpeningTool t) {
        OpeningSettings s = w.settings().opening(t.isWindow());
        TextField sill = height("opening-sill", s.sill(),
            v -> s.withHeights(v, s.head()), v -> v < s.head());
        TextField head = height("opening-head", s.head(),
            v -> s.withHeights(s.sill(), v), v -> v > s.sill());
        VBox v = Parts.decision(Words.of(t.isWindow() ? "trace.window-in-hand" : "trace.door-in-hand"), Parts.right("Esc", "kbd"), true,
            Parts.figure(Words.of("opening.last-width"), Parts.right(w.lengths().partWithUnit(s.lastWidth()))));
        // what its kind says is not assumed
        if (s.kind().isEmpty()) v.getChildren().addAll(Parts.figure(Words.of("opening.sill"), Parts.beside(sill,
            Parts.right(Words.of("who.assumed"), "brass"))), Parts.figure(Words.of("opening.head"), Parts.beside(head,
            Parts.right(Words.of("who.assumed"), "brass"))));
        v.getChildren().addAll(1, OpeningKindsPart.build(w, t.isWindow()));
        v.getChildren().add(t.isWindow() ? sashes(s) : ways(s));
        if (t.offers()) v.getChildren().add(Parts.row(Parts.button(w, commands.get("take"), true)));
        if (!t.isWindow())
            v.getChildren().add(Parts.row(Parts.button(w, commands.get("other-hand"), false),
                Parts.button(w, commands.get("other-side"), false)));
        return v;
    }

    private Node columnInHand(ColumnTool t) {
        TextField size = Parts.entry(w, "column-section", ColumnTool.size(w, w.settings().sections().getFirst()),
            x -> t.typed(Double.NaN, x, Optional.empty()));
        FlowPane last = Parts.row();
        for (Section s : w.settings().sections().subList(1, w.settings().sections().size())) {
            Button b = Parts.button(ColumnTool.size(w, s), "column-section-" + last.getChildren().size(), () -> w.settings().section(s));
            b.getStyleClass().add("small");
            last.getChildren().add(b);
        }
        VBox v = Parts.decision(Words.of("trace.column-in-hand"), Parts.right("Esc", "kbd"), true,
            Parts.figure(Words.of("column.section"), size), last, Parts.label(Words.of("column.how"), "quiet"));
        if (t.offers()) v.getChildren().add(Parts.row(Parts.button(w, commands.get("take"), true)));
        return v;
    }

    /** Whether the next window opens. */
    private Node sashes(OpeningSettings s) {
        FlowPane row = Parts.row();
        for (Opening.Filling.Sash x : Opening.Filling.Sash.values()) {
            Button b = Parts.small(Words.of("window." + x), "window-" + x.name().toLowerCase(Locale.ROOT), () ->
                w.settings().opening(s.with(x)));
            if (s.sash() == x) b.getStyleClass().add("chosen");
            row.getChildren().add(b);
        }
        return row;
    }

    /** How the next door opens, or that there is none in the gap. */
    private Node ways(OpeningSettings s) {
        FlowPane row = Parts.row();
        List<Optional<Opening.Filling.Way>> all = new ArrayList<>();
        for (Opening.Filling.Way x : Opening.Filling.Way.values()) all.add(Optional.of(x));
        all.add(Optional.empty());
        for (Optional<Opening.Filling.Way> x : all) {
            String name = x.map(Enum::name).orElse("PASSAGE");
            Button b = Parts.button(Words.of("door." + name), "door-" + name.toLowerCase(Locale.ROOT), () ->
                w.settings().opening(s.with(x)));
            b.getStyleClass().add("small");
            if (s.way().equals(x)) b.getStyleClass().add("chosen");
            row.getChildren().add(b);
        }
        return row;
    }

    private TextField height(String id, double now, DoubleFunction<OpeningSettings> make, DoublePredicate good) {
        return Parts.entry(w, id, w.lengths().height(now), t -> LengthReader.read(t, w.lengths().positionUnit()).filter(good::test)
            .map(v -> {
            w.settings().opening(make.apply(v));
            return true;
        }).orElse(false));
    }

    private Node chain(WallTool t) {
        VBox v = Parts.decision(Words.of("trace.chain"), null, false);
        List<Point> p = t.points();
        for (int i = Math.max(0, p.size() - 5); i + 1 < p.size(); i++)
            v.getChildren().add(Parts.figure((i + 1) + " → " + (i + 2),
                Parts.right(w.lengths().position(p.get(i).distance(p.get(i + 1))))));
        v.getChildren().add(Parts.row(Parts.button(Words.of("menu.point-back"), "point-back", () -> {
            t.back();
            w.tell(Change.TOOL);
        }), Parts.button(Words.of("menu.end-chain"), "end-chain", () -> {
            t.finish();
            w.tell(Change.TOOL);
        }), Parts.button(w, commands.get("square-off"), false), Parts.button(w, commands.get("square-off-two"), false)));
        return v;
    }

    /** Sills and heads that nobody confirmed, as one list. */
    private Optional<Node> assumed() {
        Set<ElementId> ids = Set.copyOf(w.contents().openings().stream().filter(o -> o.sill().isAssumed() || o.head().isAssumed())
            .map(Opening::id).toList());
        if (ids.isEmpty() || w.tool() instanceof OpeningTool) return Optional.empty();
        Button show = Parts.small(Words.of("show"), "assumed-show", () -> w.select(ids)),
            confirm = Parts.small(Words.of("opening.confirm-all"), "assumed-confirm", () ->
                w.apply(Tracing.changeOpenings("edit.opening-confirm", ids,
                x -> x.withHeights(Given.stated(x.sill().value()), Given.stated(x.head().value())))));
        return Optional.of(Parts.decision(Words.of("trace.assumed"), Parts.pill(Words.count("trace.assumed-count", ids.size()),
            Tone.LOOK), false,
            Parts.row(show, confirm)));
    }

    /** Openings that no longer fit are named, never dropped. */
    private Optional<Node> misfits() {
        List<Opening> m = Hosting.misfits(w.project(), w.storeyId());
        if (m.isEmpty()) return Optional.empty();
        VBox v = Parts.decision(Words.of("trace.misfits"), Parts.pill(Integer.toString(m.size()), Tone.LOOK), false);
        for (Opening o : m.stream().limit(5).toList())
            v.getChildren().add(Parts.line(Parts.evidence("✗",
                Words.of("trace.misfit", Words.of(o.filling() instanceof Opening.Filling.Window ? "word.window" : "word.door"),
                w.lengths().partWithUnit(o.width().value())), Tone.PARTS),
                Parts.button(Words.of("show"), "misfit-" + o.id().value(), () -> w.select(Set.of(o.id())))));
        return Optional.of(v);
    }
}
