package brightlintel.desktop.section;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.GridLine;
import brightlintel.building.Heights;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.Support;
import brightlintel.building.Top;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.frame.Focus;
import brightlintel.desktop.frame.Later;
import brightlintel.desktop.state.Looks;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.MeasureTool;
import brightlintel.desktop.tool.SelectTool;
import brightlintel.building.StoreyElement;
import brightlintel.edit.Corners;
import brightlintel.edit.Tracing;
import brightlintel.edit.WallKinds;
import brightlintel.joint.Enclosure;
import brightlintel.receive.PageGlance;
import brightlintel.solid.Solids;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** Below the section: what is selected and can be changed in place; while a tool draws, the snaps; else what lies under the pointer. */
public final class Properties extends VBox {
    private final Workspace w;
    private final Commands commands;
    private final Later later = new Later(this::build);
    private String pointed = "";
    private Looks looks = Looks.USUAL;
    /** Passing over a thousand strokes does not build the panel a thousand times. */
    private final PauseTransition settled = new PauseTransition(Duration.millis(90));
    /** Pixels of what is chosen from a list. */
    private static final double WIDE = 130;

    public Properties(Workspace w, Commands commands) {
        this.w = w;
        this.commands = commands;
        setId("properties");
        getStyleClass().add("properties");
        settled.setOnFinished(_ -> later.run());
        w.listen(c -> {
            switch (c) {
                case PROJECT, SELECTION, TOOL, STOREY, FILE, SNAPS, STAGE, DRAWING, PAGES, MEASURES -> later.run();
                case LOOK -> looks();
                case AIM -> pointer();
                case EVIDENCE -> {
                    if (w.stage() == Stage.TRUE) later.run();
                }
                case VIEW, SPACE, BUSY, MESSAGE, EXTENT, DISK -> { }
            }
        });
        build();
    }

    /** A layer that lights up is none of its business. */
    private void looks() {
        Looks now = w.looks().withLit("");
        if (now.equals(looks)) return;
        looks = now;
        later.run();
    }

    /** Only where it tells of the pointer, and only when what it points at changes. */
    private void pointer() {
        if (w.isEmpty() || !w.selection().isEmpty() || !(w.tool() instanceof SelectTool) || w.stage() == Stage.TRACE) return;
        String now = w.pointed().map(p -> p.stroke() + p.layer()).orElse("");
        if (!now.equals(pointed)) {
            pointed = now;
            settled.playFromStart();
        }
    }

    private void build() {
        if (UnderlayPanel.isDragged(this)) return;
        List<Element> selected = w.selected();
        List<Node> out = new ArrayList<>();
        Optional<PageGlance> page = w.pages().filter(_ -> w.stage() == Stage.RECEIVE).flatMap(p -> p.page(p.at()));
        if (page.isPresent()) PageFacts.of(page.get(), out);
        else if (w.isEmpty()) out.clear();
        else if (w.tool() instanceof MeasureTool m) {
            new MeasurePanel(w, commands, out).build(m);
            new SnapPanel(w, out).build();
        } else if (!(w.tool() instanceof SelectTool) && w.tool().snaps() && selected.isEmpty()) new SnapPanel(w, out).build();
        else if (selected.isEmpty()) {
            new UnderlayPanel(w, commands, out).build();
            if (w.stage() == Stage.TRUE) MeasurePlot.of(w, commands, out);
            underPointer(out);
        }
        else if (selected.size() == 1) one(selected.getFirst(), out);
        else several(selected, out);
        Focus.keep(this, () -> getChildren().setAll(out));
    }

    private void title(List<Node> out, String text) {
        out.add(Parts.label(text, "side-title"));
    }

    private void underPointer(List<Node> out) {
        boolean measured = !w.measures().all().isEmpty();
        if (w.onBoard().pickedCount() > 0) new PickedPanel(w, commands, out).build();
        else if (!(w.stage() == Stage.TRACE)) w.pointed().ifPresent(p -> {
            title(out, Words.of("properties.pointer"));
            out.add(Parts.figure(Words.of("properties.layer"), Parts.right(p.layer())));
            out.add(Parts.figure(Words.of("properties.kind"), Parts.label(p.kind())));
            out.add(Parts.figure(Words.of("properties.length"), Parts.right(w.lengths().position(p.length()))));
        });
        if (measured) new MeasurePanel(w, commands, out).build(null);
        if (w.stage() == Stage.TRACE || w.stage() == Stage.TRUE) new SnapPanel(w, out).build();
    }

    private void one(Element e, List<Node> out) {
        switch (e) {
            case Wall x -> {
                title(out, Words.of("properties.wall"));
                walls(List.of(x), out);
                wallFacts(x, out);
            }
            case Opening o -> new OpeningPanel(w, out).one(o);
            case Slab s -> slab(s, out);
            case GridLine g -> grid(g, out);
            case Column c -> new ColumnPanel(w, out).build(List.of(c));
            case Room r -> new RoomPanel(w, out).build(List.of(r));
            case Stair s -> new StairPanel(w, out).build(List.of(s));
            case Roof r -> new RoofPanel(w, commands, out).build(r);
            case Zone z -> new GroundPanel(w, out).zones(List.of(z));
            case BuildingOutline b -> new GroundPanel(w, out).outline(b);
            case Separation s -> {
                title(out, Words.of("properties.separation"));
                out.add(Parts.figure(Words.of("properties.length"), Parts.right(w.lengths().position(s.line().length()))));
            }
        }
        out.add(buttons(e));
    }

    private Node buttons(Element e) {
        FlowPane h = Parts.row();
        if (e instanceof Opening o && o.filling() instanceof Opening.Filling.Door)
            h.getChildren().addAll(Parts.small(w, commands.get("other-hand")), Parts.small(w, commands.get("other-side")));
        if (e instanceof StoreyElement s && !(e instanceof Roof) && Corners.ring(s).isPresent() || e instanceof Stair)
            h.getChildren().addAll(Parts.small(w, commands.get("corner-in")), Parts.small(w, commands.get("corner-out")));
        if (e instanceof Opening) h.getChildren().add(Parts.small(w, commands.get("opening-copy")));
        if (e instanceof Room) h.getChildren().addAll(Parts.small(w, commands.get("room-windows")), Parts.small(w,
            commands.get("room-doors")));
        if (e instanceof Wall) h.getChildren().addAll(Parts.small(w, commands.get("wall-meet")), Parts.small(w,
            commands.get("wall-turn-round")), Parts.small(w,
            commands.get("wall-free")));
        h.getChildren().add(Parts.small(w, commands.get("delete")));
        return h;
    }

    private void walls(List<Wall> list, List<Node> out) {
        Set<ElementId> ids = Shared.ids(list);
        BiFunction<String, UnaryOperator<Wall>, Runnable> change = (name, f) -> () -> w.apply(Tracing.changeWalls(name, ids, f));
        out.add(Shared.length(w, "wall.thickness", "prop-thickness", list, x -> x.thickness().value(), w.lengths().partUnit(),
            w.lengths()::part,
            v -> v > 0.005 && v < 10,
            v -> change.apply("edit.wall-thickness", x -> x.withThickness(Given.stated(v))).run(),
            list.getFirst().thickness().isAssumed()));
        if (!w.project().wallKinds().isEmpty()) out.add(Shared.kinds("prop-kind", WIDE, w.project().wallKinds(), Shared.same(list,
            Wall::kind).flatMap(k -> k), k -> w.apply(WallKinds.give(ids, k))));
        var side = Parts.button(Words.of("side." + list.getFirst().side().name()), "prop-side",
            change.apply("edit.wall-side", x -> x.withSide(x.side().next())));
        side.getStyleClass().add("small");
        out.add(Parts.figure(Words.of("wall.drawn-along"), Parts.beside(side, Parts.right("A", "kbd"))));
        out.add(Shared.length(w, "wall.base", "prop-base", list, x -> x.base().offset(), w.lengths().positionUnit(), w.lengths()::level,
            v -> Math.abs(v) < 100,
            v -> change.apply("edit.wall-base", x -> x.withBase(x.base().at(v))).run(), false));
        out.add(Shared.length(w, "wall.height", "prop-height", list, x -> w.project().heightOf(w.storeyId(), x), w.lengths().positionUnit(),
            w.lengths()::height, v -> v > 0.01 && v < 100,
            v -> change.apply("edit.wall-height", x -> x.withTop(new Top.Height(Given.stated(v)))).run(), false));
        if (!w.project().levels().isEmpty()) out.add(Ends.base(w, "prop-base-on", list.stream().map(Wall::base).toList(), s ->
            change.apply("edit.wall-base", x -> x.withBase(s)).run()));
        out.add(Ends.top(w, "prop-top", list.stream().map(Wall::top).toList(), true, t -> change.apply("edit.wall-top", x ->
            x.withTop(t)).run()));
    }

    private void wallFacts(Wall x, List<Node> out) {
        out.add(Parts.figure(Words.of("properties.length"), Parts.right(w.lengths().position(x.length()))));
        double volume = Solids.volume(x, w.solved().footprints().of(x.id()), w.contents().openingsIn(x.id()), Heights.of(w.project(),
            w.storeyId())
            .top(x));
        out.add(Parts.figure(Words.of("properties.volume"), Parts.right(w.lengths().volume(volume))));
        out.add(Parts.figure(Words.of("properties.from"), Parts.label(from(x))));
        x.from().on().stream().mapToDouble(Support::distance).max().ifPresent(d -> {
            boolean good = d < 0.005;
            out.add(Parts.figure(Words.of("properties.agrees"), Parts.right((good ? "✓ " : "✗ ") + w.lengths().partWithUnit(d), good
                ? "sage" : "brick")));
        });
    }

    private String from(Element e) {
        int n = e.from().on().size();
        String way = switch (e.from().way()) {
            case Provenance.Way.ByHand _ -> Words.of("from.by-hand");
            case Provenance.Way.Proposed _ -> Words.of("from.proposed");
            case Provenance.Way.Repeated _ -> Words.of("from.repeated");
        };
        return n == 0 ? way : Words.count("from.strokes", n);
    }

    private void slab(Slab s, List<Node> out) {
        title(out, Words.of("properties.slab"));
        slabs(List.of(s), out);
        out.add(Parts.figure(Words.of("properties.area"),
            Parts.right(w.lengths().area(w.solved().ground(s).stream().mapToDouble(Enclosure::area).sum()))));
        if (s.follows().isPresent())
            out.add(Parts.figure(Words.of("properties.from"), Parts.label(Words.count("slab.follows", s.follows().get().size()))));
    }

    private void slabs(List<Slab> list, List<Node> out) {
        Set<ElementId> ids = Shared.ids(list);
        out.add(Shared.length(w, "wall.thickness", "prop-slab-thickness", list, x -> x.thickness().value(), w.lengths().partUnit(),
            w.lengths()::part,
            v -> v > 0.01 && v < 5,
            v -> w.apply(Tracing.changeSlabs("edit.slab-thickness", ids, x -> x.withThickness(Given.stated(v)))),
            list.getFirst().thickness().isAssumed()));
        out.add(Shared.length(w, "slab.top", "prop-slab-top", list, x -> x.top().offset(), w.lengths().positionUnit(), w.lengths()::level,
            v -> Math.abs(v) < 50,
            v -> w.apply(Tracing.changeSlabs("edit.slab-top", ids, x -> x.withTop(x.top().at(v)))), false));
    }

    private void grid(GridLine g, List<Node> out) {
        title(out, Words.of("properties.grid"));
        out.add(Parts.figure(Words.of("grid.label"), Parts.entry(w, "grid-label", g.label(), t -> {
            if (t.isBlank() || t.length() > 12 || Tracing.isTaken(w.project(), t.strip(), g.id())) return false;
            w.apply(Tracing.labelGridLine(g.id(), t.strip()));
            return true;
        })));
        out.add(Parts.figure(Words.of("properties.length"), Parts.right(w.lengths().position(g.line().length()))));
        out.add(Parts.figure(Words.of("properties.from"), Parts.label(from(g))));
    }

    private void several(List<Element> selected, List<Node> out) {
        title(out, Words.of("properties.selected", selected.size()));
        List<Wall> walls = of(selected, Wall.class);
        List<Opening> openings = of(selected, Opening.class);
        List<Slab> slabs = of(selected, Slab.class);
        if (walls.size() == selected.size()) walls(walls, out);
        else if (openings.size() == selected.size()) new OpeningPanel(w, out).build(openings);
        else if (slabs.size() == selected.size()) slabs(slabs, out);
        else if (of(selected, Column.class).size() == selected.size()) new ColumnPanel(w, out).build(of(selected, Column.class));
        else if (of(selected, Room.class).size() == selected.size()) new RoomPanel(w, out).build(of(selected, Room.class));
        else if (of(selected, Stair.class).size() == selected.size()) new StairPanel(w, out).build(of(selected, Stair.class));
        else if (of(selected, Zone.class).size() == selected.size()) new GroundPanel(w, out).zones(of(selected, Zone.class));
        else {
            for (Class<?> c : List.of(Wall.class, Opening.class, Slab.class, Column.class, Room.class, Separation.class, Stair.class,
                Roof.class, Zone.class, BuildingOutline.class, GridLine.class)) {
                long n = selected.stream().filter(c::isInstance).count();
                if (n > 0) out.add(Parts.figure(Words.of("several." + c.getSimpleName()), Parts.right(Long.toString(n))));
            }
        }
        HBox h = new HBox(6, Parts.small(w, commands.get("delete")));
        h.getStyleClass().add("row");
        out.add(h);
    }

    private static <T> List<T> of(List<Element> list, Class<T> type) {
        return list.stream().filter(type::isInstance).map(type::cast).toList();
    }
}
