package brightlintel.desktop.command;

import brightlintel.building.Edit;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Room;
import brightlintel.building.StoreyId;
import brightlintel.building.Top;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.building.Units;
import brightlintel.building.Wall;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.AcrossTool;
import brightlintel.desktop.tool.ColumnTool;
import brightlintel.desktop.tool.CopyAlongTool;
import brightlintel.desktop.tool.CornerTool;
import brightlintel.desktop.tool.DarkLineTool;
import brightlintel.desktop.tool.DatumTool;
import brightlintel.desktop.tool.FourPointsTool;
import brightlintel.desktop.tool.GlazedTool;
import brightlintel.desktop.tool.GridRadialTool;
import brightlintel.desktop.tool.GridSpacingsTool;
import brightlintel.desktop.tool.GridTool;
import brightlintel.desktop.tool.JointTool;
import brightlintel.desktop.tool.KnownLengthTool;
import brightlintel.desktop.tool.MeasureTool;
import brightlintel.desktop.tool.MeetTool;
import brightlintel.desktop.tool.OpeningTool;
import brightlintel.desktop.tool.OutlineTool;
import brightlintel.desktop.tool.Outlines;
import brightlintel.desktop.tool.ParallelTool;
import brightlintel.desktop.tool.Picking;
import brightlintel.desktop.tool.RoofPointTool;
import brightlintel.desktop.tool.RoomTool;
import brightlintel.desktop.tool.SelectTool;
import brightlintel.desktop.tool.SeparationTool;
import brightlintel.desktop.tool.SplitTool;
import brightlintel.desktop.tool.StairTool;
import brightlintel.desktop.tool.StretchTool;
import brightlintel.desktop.tool.Tool;
import brightlintel.desktop.tool.TurnTool;
import brightlintel.desktop.tool.TwoPairsTool;
import brightlintel.desktop.tool.WallAlongTool;
import brightlintel.desktop.tool.WallArcTool;
import brightlintel.desktop.tool.WallBetweenTool;
import brightlintel.desktop.tool.WallOnGridTool;
import brightlintel.desktop.tool.WallRectangleTool;
import brightlintel.desktop.tool.WallTool;
import brightlintel.desktop.tool.ZeroTool;
import brightlintel.drawing.Layer;
import brightlintel.edit.Appearing;
import brightlintel.edit.Clearings;
import brightlintel.edit.Grids;
import brightlintel.edit.Placing;
import brightlintel.edit.Stacking;
import brightlintel.edit.Tracing;
import brightlintel.edit.Verdicts;
import brightlintel.edit.WallShaping;
import brightlintel.receive.SheetCuts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;

/** All commands that need nothing but the workspace; the window adds those that need files, views and panels. */
public final class Commands {
    private final Map<String, Command> all = new LinkedHashMap<>();

    public Commands() {
        edit();
        correct();
        clear();
        trace();
        storeys();
        looks();
    }

    public Command get(String id) {
        Command c = all.get(id);
        if (c == null) throw new IllegalArgumentException("no command " + id);
        return c;
    }

    public List<Command> list() {
        return List.copyOf(all.values());
    }

    public void add(String id, String keys, Predicate<Workspace> enabled, Consumer<Workspace> run) {
        all.put(id, new Command(id, keys.isEmpty() ? Optional.empty() : Optional.of(combination(keys)), enabled, run));
    }

    /** By key, not by character: Shift+C is the key C with Shift on every keyboard. */
    private static KeyCombination combination(String keys) {
        String[] parts = keys.split("\\+");
        List<KeyCombination.Modifier> with = new ArrayList<>();
        for (int i = 0; i < parts.length - 1; i++)
            with.add(parts[i].equals("Ctrl") ? KeyCombination.SHORTCUT_DOWN : KeyCombination.SHIFT_DOWN);
        String last = parts[parts.length - 1].toUpperCase(Locale.ROOT);
        return new KeyCodeCombination(KeyCode.valueOf(last.matches("\\d") ? "DIGIT" + last : last),
            with.toArray(KeyCombination.Modifier[]::new));
    }

    private static final Predicate<Workspace> ALWAYS = _ -> true;
    private static final Predicate<Workspace> UNDERLAY = w -> w.underlay().isPresent();
    private static final Predicate<Workspace> UNLOCKED = w -> w.underlay().filter(u -> !u.locked()).isPresent();

    private void edit() {
        add("undo", "Ctrl+Z", w -> w.history().canUndo(), Workspace::undo);
        add("redo", "Ctrl+Shift+Z", w -> w.history().canRedo(), Workspace::redo);
        add("delete", "Delete", w -> !w.selection().isEmpty() || w.onBoard().pickedCount() > 0, SettingAside::delete);
        add("select-all", "Ctrl+A", w -> !w.contents().isEmpty() || !w.drawings().isEmpty(), Picking::selectAll);
        add("select-outline", "O", w -> !w.isEmpty(), w -> w.startQuietly(OutlineTool.selecting(w)));
        add("like-this", "L", w -> !w.selection().isEmpty() || w.onBoard().pickedCount() > 0, Picking::selectLike);
        add("again", "G", ALWAYS, Workspace::again);
        add("ortho", "Q", ALWAYS, w -> w.ortho(!w.ortho()));
        add("axis", "Shift+Q", ALWAYS, w -> w.way(w.way().nextAxis()));
        add("model-ends", "Shift+S", ALWAYS, w -> w.snaps(w.snaps().withModelEndsOnly(!w.snaps().modelEndsOnly())));
        measure();
        for (Stage s : Stage.values()) add("stage." + s.name().toLowerCase(Locale.ROOT), "Ctrl+" + (s.ordinal() + 1), ALWAYS, w -> w.go(s));
    }

    private void measure() {
        for (MeasureTool.Kind k : MeasureTool.Kind.values()) {
            String id = k == MeasureTool.Kind.DISTANCE ? "measure" : "measure." + k.word();
            add(id, k == MeasureTool.Kind.DISTANCE ? "M" : "", ALWAYS, w -> w.start(x -> new MeasureTool(x, k)));
        }
        add("measure-clear", "Shift+M", w -> !w.measures().all().isEmpty() || w.measures().base().isPresent(), w -> w.measures().clear());
        add("base-point-off", "Shift+P", w -> w.measures().base().isPresent(), w -> w.measures().base(Optional.empty()));
    }

    private void onUnderlay(String id, String keys, BiConsumer<Workspace, UnderlayId> run) {
        add(id, keys, UNDERLAY, w -> w.underlay().map(Underlay::id).ifPresent(u -> run.accept(w, u)));
    }

    /** What changes the place or size of the drawing in hand. */
    private void moving(String id, String keys, BiConsumer<Workspace, UnderlayId> run) {
        add(id, keys, UNLOCKED, w -> w.underlay().map(Underlay::id).ifPresent(u -> run.accept(w, u)));
    }

    private void correct() {
        moving("known-length", "K", (w, _) -> {
            w.go(Stage.TRUE);
            w.start(inHand(KnownLengthTool::new));
        });
        add("before-after", "", w -> w.stage() == Stage.TRUE, w -> w.compared().want(!w.compared().isWanted()));
        moving("known-thickness", "", (w, _) -> {
            w.go(Stage.TRUE);
            w.start(inHand(KnownLengthTool::ofWall));
        });
        moving("turn", "", (w, _) -> {
            w.go(Stage.TRUE);
            w.start(inHand(TurnTool::new));
        });
        moving("stretch", "", (w, _) -> {
            w.go(Stage.TRUE);
            w.start(inHand(StretchTool::new));
        });
        add("four-points", "", Commands::isPicture, w -> {
            w.go(Stage.TRUE);
            w.start(inHand(FourPointsTool::new));
        });
        add("unstraighten", "", w -> w.underlay().filter(u -> !u.locked() && u.placement().straightening().isPresent()).isPresent(),
            w -> w.underlay().ifPresent(u -> w.apply(Placing.unstraighten(u.id()))));
        moving("turn-left", "", (w, u) -> w.apply(Placing.turnBy(u, Math.PI / 2)));
        moving("turn-right", "", (w, u) -> w.apply(Placing.turnBy(u, -Math.PI / 2)));
        moving("mirror", "", (w, u) -> w.apply(Placing.mirror(u)));
        add("take", "T", w -> Offers.of(w).isPresent(), w -> Offers.of(w).ifPresent(Runnable::run));
        add("take-all", "Shift+T", w -> Offers.sure(w).isPresent(), w -> Offers.sure(w).ifPresent(Runnable::run));
        add("refuse", "R", w -> Offers.isTracing(w) && w.proposals().inHand().isPresent(), w -> w.proposals().refuse());
        add("take-alike", "", w -> Offers.isTracing(w) && w.proposals().inHand().filter(e ->
            w.proposals().alike(e).size() > 1).isPresent(), w ->
            w.proposals().takeAlike());
        add("only-here", "", w -> w.stage() == Stage.TRACE && w.proposals().found().isPresent(), w -> w.startQuietly(Outlines.only(w)));
        add("everywhere", "", w -> w.stage() == Stage.TRACE && w.proposals().only().isPresent(), w -> w.proposals().only(Optional.empty()));
        add("correct-alike", "", w -> Offers.isTracing(w) && !w.proposals().corrected().others().isEmpty(),
            w -> w.proposals().corrected().take());
        add("leave-alike", "", w -> Offers.isTracing(w) && !w.proposals().corrected().others().isEmpty(),
            w -> w.proposals().corrected().leave());
        add("hold-storey", "", w -> Offers.isTracing(w) && !w.contents().walls().isEmpty() && w.proposals().found().isPresent(), w ->
            w.proposals().hold());
        add("refused-back", "", w -> w.project().verdicts().stream().anyMatch(v -> v.kind().equals(Verdicts.PROPOSAL)), w ->
            w.apply(Verdicts.allProposalsBack()));
        add("strays-aside", "", w -> SettingAside.astray(w).isPresent(), SettingAside::strays);
        moving("two-pairs", "", (w, _) -> {
            w.go(Stage.TRUE);
            w.start(inHand(TwoPairsTool::new));
        });
        moving("datum", "", (w, _) -> {
            w.go(Stage.TRUE);
            w.start(inHand(DatumTool::new));
        });
    }

    /** Perspective is taken out of pictures; strokes have none. */
    private static boolean isPicture(Workspace w) {
        return w.drawing().filter(d -> !d.underlay().locked() && d.strokes().size() == 0 && !d.strokes().pictures().isEmpty()).isPresent();
    }

    /** For the drawing that is in hand when the tool is started, which may be another when it is started again. */
    private static Function<Workspace, Tool> inHand(BiFunction<Workspace, UnderlayId, Tool> maker) {
        return w -> w.underlay().map(u -> maker.apply(w, u.id())).orElseGet(() -> new SelectTool(w));
    }

    private void clear() {
        add("strip", "T", w -> w.stage() == Stage.CLEAR && w.drawing().flatMap(w.casts()::of).isPresent(), w -> w.casts().strip());
        add("cut-plans", "", w -> w.stage() == Stage.CLEAR && w.drawing().filter(d -> w.sheets().offered(d).stream()
            .anyMatch(SheetCuts.Choice::taken)).isPresent(), w -> w.sheets().take());
        add("mend", "Shift+R", w -> w.stage() == Stage.CLEAR && w.drawing().filter(d -> !d.underlay().locked()
            && d.underlay().clearing().mended().isEmpty()).flatMap(w.mendings()::proposed).filter(r -> r.total() > 0).isPresent(),
            w -> w.mendings().take());
        onUnderlay("cut-out", "", (w, u) -> {
            w.go(Stage.CLEAR);
            w.startQuietly(OutlineTool.cutting(w, u));
        });
        onUnderlay("layer-hide", "C", (w, _) -> w.pointed().ifPresent(p -> w.apply(Clearings.hide(p.underlay(), p.layer()))));
        onUnderlay("alike-aside", "Shift+V", (w, _) -> w.pointed().ifPresent(p -> SettingAside.alike(w, p.drawing(), p.stroke())));
        onUnderlay("layer-alone", "Shift+C", (w, _) -> w.pointed()
            .ifPresent(p -> w.apply(Clearings.alone(p.underlay(), p.layer(), p.layers()))));
        onUnderlay("layers-back", "B", (w, _) -> w.apply(Clearings.allBack(w.underlayIds())));
        onUnderlay("crop", "", (w, u) -> {
            w.go(Stage.CLEAR);
            w.startQuietly(OutlineTool.keeping(w, u));
        });
        onUnderlay("hide-outline", "", (w, u) -> {
            w.go(Stage.CLEAR);
            w.startQuietly(OutlineTool.hiding(w, u));
        });
        onUnderlay("layers-invert", "", (w, u) -> w.apply(Clearings.invert(u, layers(w))));
        add("underlay-lock", "", UNDERLAY, w -> w.underlay().ifPresent(u -> w.apply(Appearing.lock(u.id(), !u.locked()))));
        for (int by : new int[] {1, -1})
            add(by > 0 ? "underlay-up" : "underlay-down", "", w -> w.underlayIds().size() > 1,
                w -> w.underlay().ifPresent(u -> w.apply(Appearing.order(w.storeyId(), u.id(), by))));
        add("muted", "", ALWAYS, w -> w.looks(w.looks().withMuted(!w.looks().muted())));
    }

    /** Layers on which something is drawn. */
    public static List<String> layers(Workspace w) {
        return w.drawing().map(d -> d.strokes().layers().stream().map(Layer::name).toList()).orElse(List.of());
    }

    private void trace() {
        tool("grid", "", GridTool::new);
        tool("grid-spacings", "", GridSpacingsTool::new);
        add("grid-take", "", w -> w.stage() == Stage.TRACE && !w.foundGrid().fresh().isEmpty(), Offers::takeGrid);
        tool("grid-radial", "", GridRadialTool::new);
        tool("grid-parallel", "", ParallelTool::grid);
        add("grid-zero", "", w -> !w.isEmpty(), w -> w.startQuietly(new ZeroTool(w)));
        add("grid-shown", "", ALWAYS, w -> w.looks(w.looks().withGrid(!w.looks().grid())));
        add("grid-from-picked", "", w -> !w.foundGrid().picked().isEmpty(), w -> w.apply(Grids.add(w.foundGrid().picked())));
        tool("wall", "", WallTool::new);
        tool("wall-along", "", WallAlongTool::new);
        tool("wall-between", "", WallBetweenTool::new);
        for (WallArcTool.Way way : WallArcTool.Way.values()) tool(way.id(), "", w -> new WallArcTool(w, way));
        tool("wall-parallel", "", ParallelTool::wall);
        tool("wall-on-grid", "", WallOnGridTool::new);
        add("roof-point", "", w -> w.contents().roofs().stream().anyMatch(r -> !r.edges().isEmpty()), w ->
            w.startQuietly(new RoofPointTool(w)));
        add("joint", "", w -> w.contents().walls().size() > 1, w -> w.startQuietly(new JointTool(w)));
        for (int n : new int[] {1, 2}) add(n == 1 ? "square-off" : "square-off-two", "", w -> w.tool() instanceof WallTool t
            && t.canSquareOff(), w -> {
            if (w.tool() instanceof WallTool t) t.squareOff(n);
            w.tell(Change.TOOL);
        });
        tool("wall-rectangle", "", WallRectangleTool::new);
        add("across", "", UNDERLAY, w -> {
            w.go(Stage.TRACE);
            w.startQuietly(new AcrossTool(w));
        });
        tool("door", "", w -> new OpeningTool(w, false));
        tool("window", "", w -> new OpeningTool(w, true));
        add("opening-copy", "", w -> opening(w).isPresent(), w -> opening(w).ifPresent(o -> w.startQuietly(new CopyAlongTool(w, o))));
        add("room-windows", "", Commands::hasRoom, w -> RoomTool.selectOpenings(w, true));
        add("room-doors", "", Commands::hasRoom, w -> RoomTool.selectOpenings(w, false));
        tool("column", "", ColumnTool::new);
        tool("room", "", RoomTool::new);
        tool("room-outline", "", Outlines::room);
        tool("separation", "", SeparationTool::new);
        add("dark-line", "", DarkLineTool::isFor, w -> {
            w.go(Stage.TRACE);
            w.start(DarkLineTool::new);
        });
        add("rooms-all", "", w -> !w.contents().walls().isEmpty(), RoomTool::all);
        add("rooms-outlines", "", w -> w.drawing().isPresent(), RoomTool::fromOutlines);
        add("room-remaining", "", w -> !w.contents().walls().isEmpty(), RoomTool::remaining);
        tool("slab", "", Outlines::slab);
        add("slab-from-walls", "", w -> !w.contents().walls().isEmpty(), Outlines::slabFromWalls);
        tool("hole", "", Outlines::hole);
        add("holes-drawn", "", w -> w.drawing().isPresent() && !w.contents().slabs().isEmpty(), Outlines::holesDrawn);
        tool("stair", "", w -> new StairTool(w, false));
        tool("stair-round", "", w -> new StairTool(w, true));
        tool("roof", "", Outlines::roof);
        add("roof-from-walls", "", w -> !w.contents().walls().isEmpty(), Outlines::roofFromWalls);
        add("walls-to-roof", "", w -> !w.contents().walls().isEmpty(), w -> w.apply(Tracing.changeWalls("edit.walls-to-roof", underRoof(w),
            x -> x.withTop(new Top.UnderRoof(0)))));
        tool("zone", "", Outlines::zone);
        tool("outline", "", Outlines::outline);
        add("outline-from-walls", "", w -> !w.contents().walls().isEmpty(), Outlines::outlineFromWalls);
        tool("glazed", "", GlazedTool::new);
        add("corner-in", "", CornerTool::isFor, w -> w.startQuietly(new CornerTool(w, true)));
        add("corner-out", "", CornerTool::isFor, w -> w.startQuietly(new CornerTool(w, false)));
        tool("split", "", SplitTool::new);
        add("wall-meet", "", Commands::hasWall, w -> w.startQuietly(new MeetTool(w)));
        add("wall-turn-round", "", Commands::hasWall, w -> w.apply(WallShaping.turnRound(w.selection())));
        add("wall-free", "", Commands::hasWall, w -> w.apply(Tracing.changeWalls("edit.wall-free", w.selection(), x -> x.with(x.isFree()
            ? Wall.Stance.JOINED : Wall.Stance.FREE))));
        add("wall-join", "", w -> joins(w).isPresent(), w -> joins(w).ifPresent(w::apply));
        add("next-pair", "E", w -> w.tool() instanceof AcrossTool, w -> step(w, 1));
        add("pair-before", "W", w -> w.tool() instanceof AcrossTool, w -> step(w, -1));
        add("next-face", "A", w -> w.tool() instanceof WallTool || w.selected().stream().anyMatch(e -> e instanceof Wall), w -> {
            if (w.tool() instanceof WallTool t) t.nextSide();
            else w.apply(Tracing.changeWalls("edit.wall-side", w.selection(), x -> x.withSide(x.side().next())));
        });
        add("other-hand", "D", Commands::hasDoor, w -> {
            if (w.tool() instanceof OpeningTool t && w.selection().isEmpty()) t.otherHand();
            else w.apply(doors("edit.other-hand", w.selection(), Opening.Filling.Door::otherHand));
        });
        add("other-side", "Shift+D", Commands::hasDoor, w -> {
            if (w.tool() instanceof OpeningTool t && w.selection().isEmpty()) t.otherSide();
            else w.apply(doors("edit.other-side", w.selection(), Opening.Filling.Door::otherSide));
        });
    }

    private void tool(String id, String keys, Function<Workspace, Tool> maker) {
        add(id, keys, ALWAYS, w -> {
            w.go(Stage.TRACE);
            w.start(maker);
        });
    }

    private static void step(Workspace w, int by) {
        if (w.tool() instanceof AcrossTool t) t.step(by);
        w.tell(Change.TOOL);
    }

    private static boolean hasWall(Workspace w) {
        return w.stage() == Stage.TRACE && w.selected().stream().anyMatch(e -> e instanceof Wall);
    }

    /** Of two selected walls that go on straight. */
    private static Optional<Edit> joins(Workspace w) {
        List<Wall> two = w.selected().stream().filter(e -> e instanceof Wall).map(e -> (Wall) e).toList();
        return two.size() == 2 && WallShaping.canJoin(two.get(0), two.get(1))
            ? Optional.of(WallShaping.join(w.storeyId(), two.get(0).id(), two.get(1).id())) : Optional.empty();
    }

    private static Optional<ElementId> opening(Workspace w) {
        return w.selected().stream().filter(e -> e instanceof Opening).map(Element::id).findFirst();
    }

    private static boolean hasRoom(Workspace w) {
        return w.selected().stream().anyMatch(e -> e instanceof Room);
    }

    /** The selected walls, or all of the storey. */
    private static Set<ElementId> underRoof(Workspace w) {
        Set<ElementId> chosen = w.selected().stream().filter(e -> e instanceof Wall).map(Element::id).collect(Collectors.toSet());
        return chosen.isEmpty() ? w.contents().walls().stream().map(Wall::id).collect(Collectors.toSet()) : chosen;
    }

    private static boolean hasDoor(Workspace w) {
        return w.tool() instanceof OpeningTool t && !t.isWindow()
            || w.selected().stream().anyMatch(e -> e instanceof Opening o && o.filling() instanceof Opening.Filling.Door);
    }

    private static Edit doors(String name, Set<ElementId> which, UnaryOperator<Opening.Filling.Door> f) {
        return Tracing.changeOpenings(name, which, o -> o.filling() instanceof Opening.Filling.Door d ? o.with(f.apply(d)) : o);
    }

    private void storeys() {
        add("storey-above", "Page_Up", ALWAYS, w -> w.project().above(w.storeyId()).ifPresent(s -> w.go(s.id())));
        add("storey-below", "Page_Down", ALWAYS, w -> w.project().below(w.storeyId()).ifPresent(s -> w.go(s.id())));
        add("storey-add", "", ALWAYS, w -> fresh(w, id -> Stacking.add(w.storeyId(), id, name(w))));
        add("storey-add-below", "", ALWAYS, w -> fresh(w, id -> Stacking.addBelow(w.storeyId(), id, Words.of("storey.cellar"))));
        add("storey-repeat", "", w -> !w.contents().isEmpty(), w -> fresh(w, id -> Stacking.repeatAbove(w.storeyId(), id, name(w))));
        add("storey-repeat-up", "", w -> !w.contents().isEmpty() && w.project().above(w.storeyId()).isPresent(), w -> {
            StoreyId above = w.project().above(w.storeyId()).orElseThrow().id();
            w.apply(Stacking.repeat(w.storeyId(), above));
            w.go(above);
        });
        add("storey-remove", "", w -> w.project().storeys().size() > 1, w -> w.apply(Stacking.remove(w.storeyId())));
    }

    private static void fresh(Workspace w, Function<StoreyId, Edit> edit) {
        StoreyId id = StoreyId.fresh();
        w.apply(edit.apply(id));
        w.go(id);
    }

    /** Another part of the building beside the one in hand. */
    public static void addPart(Workspace w, String part) {
        if (w.project().parts().contains(part)) w.say(new Message(Message.Tone.BAD, Words.of("part.taken")));
        else if (!part.isEmpty()) fresh(w, id -> Stacking.addPart(w.storeyId(), id, part, Words.of("part.storey", part)));
    }

    private static String name(Workspace w) {
        List<String> taken = new ArrayList<>(w.project().storeys().stream().map(s -> s.name()).toList());
        String upper = Words.of("storey.upper");
        for (int n = 1; ; n++) {
            String name = n == 1 ? upper : Words.of("storey.numbered", n);
            if (!taken.contains(name)) return name;
        }
    }

    private void looks() {
        add("dark", "", ALWAYS, w -> w.looks(w.looks().withDark(!w.looks().dark())));
        add("view", "V", ALWAYS, w -> w.looks(w.looks().withMode(w.looks().mode().next())));
        add("model-alone", "Shift+X", UNDERLAY, w -> w.looks(w.looks().withModelAlone(!w.looks().modelAlone())));
        add("echo", "Z", w -> w.project().storeys().size() > 1,
            w -> w.looks(w.looks().with(w.looks().echo().withOn(!w.looks().echo().on()))));
        add("weights", "", UNDERLAY, w -> w.looks(w.looks().withWeights(!w.looks().weights())));
        add("board-alone", "X", ALWAYS, w -> w.looks(w.looks().withBoardAlone(!w.looks().boardAlone())));
        add("witnesses", "", ALWAYS, w -> w.looks(w.looks().withWitnesses(!w.looks().witnesses())));
        add("units", "", ALWAYS, w -> w.apply(Edit.of("edit.units",
            p -> p.withUnits(p.units() == Units.METRIC ? Units.FEET_AND_INCHES : Units.METRIC))));
    }
}
