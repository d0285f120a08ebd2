package brightlintel.desktop.state;

import brightlintel.building.Contents;
import brightlintel.building.Edit;
import brightlintel.building.Element;
import brightlintel.building.ElementId;
import brightlintel.building.FileId;
import brightlintel.building.History;
import brightlintel.building.Project;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.Pointing;
import brightlintel.desktop.tool.SelectTool;
import brightlintel.desktop.tool.Tool;
import brightlintel.drawing.SpaceKey;
import brightlintel.edit.Repeating;
import brightlintel.lengths.LengthFormat;
import brightlintel.place.PlacedDrawing;
import brightlintel.receive.DrawingShelf;
import brightlintel.snap.SnapSettings;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;

/**
 * The mutable holder in the middle of the window: the history of the project, what is in hand, and who wants to know. Lives on the thread
 * of the window. No toolkit types, so that it can be tested without one.
 */
public final class Workspace {
    private final List<Consumer<Change>> listeners = new ArrayList<>();
    private final DrawingShelf shelf;
    private final OnBoard onBoard;
    private final Measures measures = new Measures(this);
    private final Reckonings reckonings = new Reckonings(this);
    private final AsReceived asReceived = new AsReceived(this);
    private final Casts casts = new Casts(this);
    private final Sheets sheets = new Sheets(this);
    private final Mendings mendings = new Mendings(this);
    private final FoundGrid foundGrid = new FoundGrid(this);
    private final Proposals proposals = new Proposals(this);
    private final DarkLines darkLines = new DarkLines(this);
    private final Compared compared = new Compared(this);
    private final Following following = new Following(this);
    private History history;
    private Project saved;
    private Optional<Path> file = Optional.empty();
    private boolean empty = true;
    private StoreyId storey;
    private Stage stage = Stage.RECEIVE;
    private Set<ElementId> selection = Set.of();
    private Tool tool;
    private Optional<Function<Workspace, Tool>> lastTool = Optional.empty();
    private Aim aim = Aim.NOWHERE;
    private final Pointing pointing = new Pointing();
    private BiConsumer<FileId, SpaceKey> layer = (_, _) -> { };
    private Optional<PagesInHand> pages = Optional.empty();
    private SheetSettings sheet = SheetSettings.USUAL;
    private boolean pointerOnBoard;
    private Object era = new Object();
    private Looks looks = Looks.USUAL;
    private SnapSettings snaps = SnapSettings.USUAL;
    private SpaceLooks space = SpaceLooks.USUAL;
    private Way way = Way.FREE;
    private Message message = Message.NONE;
    private Optional<Busy> busy = Optional.empty();
    private final Solved solved = new Solved(this);
    private final DrawSettings drawSettings = new DrawSettings(this);

    public Workspace(DrawingShelf shelf) {
        this.shelf = shelf;
        this.onBoard = new OnBoard(this, shelf);
        this.history = History.of(Project.empty(Words.of("project.untitled"), Words.of("storey.ground")));
        this.saved = history.now();
        this.storey = project().storeys().getFirst().id();
        this.tool = new SelectTool(this);
    }

    public void listen(Consumer<Change> listener) {
        listeners.add(listener);
    }

    public void tell(Change c) {
        for (Consumer<Change> l : List.copyOf(listeners)) l.accept(c);
    }

    public DrawingShelf shelf() {
        return shelf;
    }

    public Project project() {
        return history.now();
    }

    public History history() {
        return history;
    }

    public LengthFormat lengths() {
        return new LengthFormat(project().units());
    }

    // ---- the project and its file

    /** Nothing opened or received yet. */
    public boolean isEmpty() {
        return empty;
    }

    public Optional<Path> file() {
        return file;
    }

    public boolean isDirty() {
        return !project().equals(saved);
    }

    /** Steps since the last save, for the top line; 0 where it cannot be told. */
    public int unsavedSteps() {
        for (int i = 0; i < history.past().size(); i++) {
            if (history.past().get(history.past().size() - 1 - i).other().equals(saved)) return i + 1;
        }
        return 0;
    }

    /** Another one whenever another project is shown: an answer that was asked for in an earlier one is late. */
    public Object era() {
        return era;
    }

    /** Shows another project; undo begins anew. */
    public void show(Project p, Optional<Path> from, boolean asSaved) {
        era = new Object();
        message = Message.NONE;
        history = History.of(p);
        saved = asSaved ? p : null;
        file = from;
        empty = false;
        storey = p.storeys().getFirst().id();
        selection = Set.of();
        onBoard.forget();
        space = SpaceLooks.USUAL;
        looks = looks.withPlaced(Map.of());
        measures.forget();
        reckonings.forget();
        compared.forget();
        asReceived.forget();
        sheets.forget();
        mendings.forget();
        proposals.forget();
        darkLines.forget();
        following.forget();
        pages = Optional.empty();
        tool = new SelectTool(this);
        stage = p.underlays().isEmpty() ? Stage.RECEIVE : p.elements().findAny().isPresent() ? Stage.TRACE : Stage.TRUE;
        for (Change c : List.of(Change.FILE, Change.PROJECT, Change.STOREY, Change.STAGE, Change.TOOL, Change.SELECTION, Change.MESSAGE,
            Change.PAGES)) tell(c);
    }

    /** Back to the empty start. */
    public void startAnew() {
        show(Project.empty(Words.of("project.untitled"), Words.of("storey.ground")), Optional.empty(), true);
        empty = true;
        tell(Change.FILE);
    }

    public void savedAs(Path path, Project what) {
        file = Optional.of(path);
        saved = what;
        tell(Change.FILE);
    }

    // ---- edits

    public void apply(Edit e) {
        History next = history.then(Repeating.keeping(e));
        if (next == history) return;
        empty = false;
        history = next;
        afterEdit();
    }

    public void undo() {
        if (!history.canUndo()) return;
        history = history.undo();
        afterEdit();
    }

    public void redo() {
        if (!history.canRedo()) return;
        history = history.redo();
        afterEdit();
    }

    private void afterEdit() {
        if (project().storey(storey).isEmpty()) {
            storey = project().storeys().getFirst().id();
            tell(Change.STOREY);
        }
        Set<ElementId> there = new LinkedHashSet<>(selection);
        there.removeIf(id -> project().element(id).isEmpty());
        if (!there.equals(selection)) select(there);
        onBoard.afterEdit();
        tool.projectChanged();
        tell(Change.PROJECT);
    }

    /** Word of a step for the top line. */
    public static String stepName(Edit e) {
        return Words.of(e.name(), e.subject()).strip();
    }

    // ---- what is in hand

    public StoreyId storeyId() {
        return storey;
    }

    public Storey storey() {
        return project().storey(storey).orElseThrow();
    }

    public Contents contents() {
        return project().on(storey);
    }

    public void go(StoreyId to) {
        if (to.equals(storey) || project().storey(to).isEmpty()) return;
        storey = to;
        proposals.leaveHand();
        onBoard.leaveStorey();
        selection = Set.of();
        tool = new SelectTool(this);
        for (Change c : List.of(Change.STOREY, Change.SELECTION, Change.TOOL)) tell(c);
    }

    public Stage stage() {
        return stage;
    }

    public void go(Stage s) {
        if (s == stage) return;
        stage = s;
        say(Message.NONE);
        looks(looks.withLit(""));
        if (!s.isAboutDrawing()) onBoard.pickNothing();
        leaveTool();
        tell(Change.STAGE);
    }

    /** Drawings of the storey in hand. */
    public OnBoard onBoard() {
        return onBoard;
    }

    /** The underlay in hand. */
    public Optional<Underlay> underlay() {
        return onBoard.underlay();
    }

    /** Drawings of the storey that are read already and seen, the undermost first. */
    public List<PlacedDrawing> drawings() {
        return onBoard.seen();
    }

    /** That of the underlay in hand, once it is read, seen or not. */
    public Optional<PlacedDrawing> drawing() {
        return onBoard.drawing();
    }

    /** What was found of the size, turn and place of drawings. */
    public Reckonings reckonings() {
        return reckonings;
    }

    /** What parts of drawings stand for. */
    public Casts casts() {
        return casts;
    }

    AsReceived asReceived() {
        return asReceived;
    }

    public Sheets sheets() {
        return sheets;
    }

    public Mendings mendings() {
        return mendings;
    }

    /** What is drawn of a grid. */
    public FoundGrid foundGrid() {
        return foundGrid;
    }

    /** Dark lines of pictures that were picked. */
    public DarkLines darkLines() {
        return darkLines;
    }

    /** What is recognised of the drawing in hand. */
    public Proposals proposals() {
        return proposals;
    }

    /** As it lies, and as it was found. */
    public Compared compared() {
        return compared;
    }

    /** How followed files stand on disk. */
    public Following following() {
        return following;
    }

    public Measures measures() {
        return measures;
    }

    /** Asks for another space of a received file to be laid on the storey in hand; whoever reads files answers. */
    public void lay(FileId file, SpaceKey space) {
        layer.accept(file, space);
    }

    public void onLay(BiConsumer<FileId, SpaceKey> reader) {
        layer = reader;
    }

    public SheetSettings sheet() {
        return sheet;
    }

    public void sheet(SheetSettings s) {
        sheet = s;
        tell(Change.TOOL);
    }

    /** A file of several pages that is being looked through. */
    public Optional<PagesInHand> pages() {
        return pages;
    }

    public void pages(Optional<PagesInHand> p) {
        pages = p;
        tell(Change.PAGES);
    }

    public List<UnderlayId> underlayIds() {
        return storey().underlays();
    }

    /** What follows from what stands on the storey in hand. */
    public Solved solved() {
        return solved;
    }

    public Set<ElementId> selection() {
        return selection;
    }

    public void select(Set<ElementId> ids) {
        if (ids.equals(selection)) return;
        selection = Collections.unmodifiableSet(new LinkedHashSet<>(ids));
        tell(Change.SELECTION);
    }

    public List<Element> selected() {
        return selection.stream().map(project()::element).flatMap(Optional::stream).toList();
    }

    // ---- tools

    public Tool tool() {
        return tool;
    }

    /** Starts a tool, and remembers how, so that one key starts it again. */
    public void start(Function<Workspace, Tool> maker) {
        lastTool = Optional.of(maker);
        startQuietly(maker.apply(this));
    }

    /** A tool within a tool is not the one to come again. */
    public void startQuietly(Tool t) {
        say(Message.NONE);
        tool = t;
        tell(Change.TOOL);
    }

    public void again() {
        lastTool.ifPresent(this::start);
    }

    public void leaveTool() {
        if (tool instanceof SelectTool) return;
        startQuietly(new SelectTool(this));
    }

    public Aim aim() {
        return aim;
    }

    public void aim(Aim a) {
        aim = a;
        tool.moved(a);
        tell(Change.AIM);
    }

    /** The stroke under the pointer. */
    public Optional<Pointing.Pointed> pointed() {
        return pointing.at(this);
    }

    /** Whether the aim is where the pointer is now, and not where it left the board. */
    public boolean pointerOnBoard() {
        return pointerOnBoard;
    }

    public void pointerOnBoard(boolean on) {
        if (on == pointerOnBoard) return;
        pointerOnBoard = on;
        tell(Change.AIM);
    }

    public Way way() {
        return way;
    }

    public void way(Way now) {
        way = now;
        tell(Change.SNAPS);
    }

    public boolean ortho() {
        return way == Way.ORTHO;
    }

    public void ortho(boolean on) {
        way(on ? Way.ORTHO : Way.FREE);
    }

    public SnapSettings snaps() {
        return snaps;
    }

    public void snaps(SnapSettings s) {
        snaps = s;
        tell(Change.SNAPS);
    }

    /** What the next element will be. */
    public DrawSettings settings() {
        return drawSettings;
    }

    // ---- looks, words, work

    /** What is seen in space. */
    public SpaceLooks space() {
        return space;
    }

    public void space(SpaceLooks s) {
        if (s.equals(space)) return;
        space = s;
        tell(Change.SPACE);
    }

    public Looks looks() {
        return looks;
    }

    public void looks(Looks l) {
        if (l.equals(looks)) return;
        looks = l;
        tell(Change.LOOK);
    }

    public Message message() {
        return message;
    }

    public void say(Message m) {
        if (m.equals(message)) return;
        message = m;
        tell(Change.MESSAGE);
    }

    public Optional<Busy> busy() {
        return busy;
    }

    public void busy(Optional<Busy> b) {
        busy = b;
        tell(Change.BUSY);
    }
}
