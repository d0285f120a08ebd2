package brightlintel.desktop.window;

import brightlintel.building.Edit;
import brightlintel.building.Source;
import brightlintel.desktop.board.BeforeAfter;
import brightlintel.desktop.board.Board;
import brightlintel.desktop.command.Commands;
import brightlintel.desktop.docket.Docket;
import brightlintel.desktop.docket.Parts;
import brightlintel.desktop.pages.PagesView;
import brightlintel.desktop.prompt.PromptLine;
import brightlintel.desktop.section.Properties;
import brightlintel.desktop.section.SectionStrip;
import brightlintel.desktop.state.Busy;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Looks;
import brightlintel.desktop.state.MeasureWords;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.ViewMode;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.task.Asks;
import brightlintel.desktop.task.FileCare;
import brightlintel.desktop.task.FileWatch;
import brightlintel.desktop.task.FileWork;
import brightlintel.desktop.task.Keeping;
import brightlintel.desktop.task.Recent;
import brightlintel.desktop.task.Sessions;
import brightlintel.desktop.task.Work;
import brightlintel.desktop.text.Words;
import brightlintel.desktop.tool.ProposalShapes;
import brightlintel.desktop.tool.SelectTool;
import brightlintel.desktop.view3d.SpaceBar;
import brightlintel.desktop.view3d.SpaceView;
import brightlintel.edit.Stacking;
import brightlintel.geom.Box;
import brightlintel.receive.PictureDetails;
import brightlintel.store.KindProfiles;
import brightlintel.write.DrawingFormat;
import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** Puts the window together: who lies where, and the commands that need files and views. */
public final class MainWindow {
    private static final double NARROW = 1100, WIDE = 1600;
    private static final Duration KEEP_EVERY = Duration.seconds(15);
    private final Workspace w;
    private final Asks asks;
    private final Recent recent;
    private final Sessions sessions;
    private final Work work;
    private final FileWork files;
    private final Commands commands = new Commands();
    private final Cards cards = new Cards();
    private final Board board;
    private final SpaceView space;
    private final StackPane spacePane;
    private final HBox middle = new HBox();
    private final VBox right;
    private final Docket docket;
    private final StackPane root = new StackPane();
    private final VBox start = new VBox(14);
    private final HBox busy = new HBox(10);
    private final Runnable close;
    private boolean shownBoth;
    private final PromptLine prompt;
    private final Timeline keeper;
    private final Keeping keeping;
    private final Documents documents;
    private final FileWatch watch;
    /** A docket that is filled after the window was closed asks for nothing any more. */
    private final ExecutorService behind = new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), r -> {
        Thread t = new Thread(r, "measuring");
        t.setDaemon(true);
        return t;
    }, new ThreadPoolExecutor.DiscardPolicy());

    /** @param close closes the window, once nothing is unsaved or the user does not mind */
    public MainWindow(Workspace w, Asks asks, Sessions sessions, Recent recent, Runnable close) {
        this.w = w;
        this.asks = asks;
        this.sessions = sessions;
        this.recent = recent;
        this.close = close;
        w.onBoard().behind(behind, Platform::runLater);
        this.work = new Work(w, Platform::runLater);
        this.keeping = new Keeping(w, sessions,
            e -> Platform.runLater(() -> w.say(new Message(Message.Tone.BAD, Words.of("keep.cannot", e.getMessage())))));
        this.files = new FileWork(w, work, sessions, keeping, recent);
        this.documents = new Documents(w, asks, files, cards, sessions);
        this.watch = new FileWatch(w, Platform::runLater);
        FileCommands.add(commands, w, asks, new FileCare(w, work));
        files.pages().onLocked(this::askPassword);
        w.onLay((file, space) -> w.project().source(file).ifPresent(x -> files.lay(x, space)));
        this.board = new Board(w);
        w.shelf().details().ifPresent(d -> d.onReady(() -> Platform.runLater(board::refresh)));
        this.space = new SpaceView(w);
        addCommands();
        prompt = new PromptLine(w, board::requestFocus);
        CommandField field = new CommandField(w, commands, board::requestFocus);
        commands.add("find", "Ctrl+K", _ -> true, _ -> field.take());
        docket = new Docket(w, commands);
        ScrollPane properties = new ScrollPane(new Properties(w, commands));
        properties.setFitToWidth(true);
        properties.getStyleClass().add("docket-scroll");
        VBox.setVgrow(properties, Priority.ALWAYS);
        right = new VBox(new SectionStrip(w, commands, this::openAll), properties);
        right.getStyleClass().add("right");
        StackPane boardPane = new StackPane(board, new BeforeAfter(w), startCard(), new PagesView(w), busyBar());
        boardPane.setMinWidth(0);
        HBox.setHgrow(boardPane, Priority.ALWAYS);
        SpaceBar bar = new SpaceBar(w, commands);
        spacePane = new StackPane(space, bar);
        StackPane.setAlignment(bar, Pos.TOP_LEFT);
        HBox.setHgrow(spacePane, Priority.ALWAYS);
        spacePane.setMinWidth(0);
        space.setMinWidth(0);
        middle.getChildren().setAll(boardPane);
        BorderPane body = new BorderPane(middle);
        body.setLeft(new HBox(new StageRail(w, commands), docket));
        body.setRight(right);
        body.setTop(new TopLine(w, commands, field, recent::files, p -> openAll(List.of(p))));
        body.setBottom(prompt);
        root.getChildren().addAll(body, cards);
        root.getStyleClass().addAll("window", "light");
        root.widthProperty().addListener((_, _, _) -> arrange(boardPane));
        w.listen(c -> {
            if (c == Change.LOOK) arrange(boardPane);
            if (c == Change.FILE || c == Change.PROJECT || c == Change.BUSY || c == Change.PAGES) {
                start.setVisible(w.isEmpty() && w.busy().isEmpty() && w.pages().isEmpty());
                showBusy();
            }
        });
        keeper = new Timeline(new KeyFrame(KEEP_EVERY, _ -> keeping.now()));
        keeper.setCycleCount(Timeline.INDEFINITE);
        keeper.play();
        drop();
        watch.begin();
    }

    public Parent root() {
        return root;
    }

    public Board board() {
        return board;
    }

    public Workspace workspace() {
        return w;
    }

    public Commands commands() {
        return commands;
    }

    /** Once the scene is there: keys, and work that a dead window left behind. */
    public void begin(Scene scene) {
        new Keys(scene, w, commands, board, space, prompt, cards);
        cards.guard(scene, board);
        board.requestFocus();
    }

    public void offerLost() {
        documents.offerLost();
    }

    // ---- files

    private void addCommands() {
        commands.add("new", "Ctrl+N", x -> !x.isEmpty(), _ -> documents.unsavedFirst(files::startAnew));
        commands.add("open", "Ctrl+O", _ -> true, _ -> openAll(asks.open()));
        commands.add("demo", "", _ -> true, _ -> documents.unsavedFirst(files::demo));
        commands.add("save", "Ctrl+S", x -> !x.isEmpty(), _ -> documents.save(() -> { }));
        commands.add("save-as", "Ctrl+Shift+S", x -> !x.isEmpty(), _ -> documents.saveAs(() -> { }));
        commands.add("rename", "", x -> !x.isEmpty(), _ -> cards.askText(Words.of("rename.title"), w.project().name(),
            n -> w.apply(Edit.of("edit.name", p -> p.withName(n)))));
        commands.add("roles-save", "", x -> x.stage() == Stage.CLEAR && x.drawing().flatMap(x.casts()::of).isPresent(),
            _ -> documents.target(w.project().name(), "roles", files::saveRoles));
        commands.add("roles-read", "", x -> x.stage() == Stage.CLEAR && x.drawing().flatMap(x.casts()::of).isPresent(),
            _ -> asks.open().stream().findFirst().ifPresent(files::readRoles));
        commands.add("part-add", "", x -> !x.isEmpty(), _ -> cards.askText(Words.of("part.ask"), "", n ->
            Commands.addPart(w, n.strip())));
        commands.add("part-name", "", x -> x.project().parts().size() > 1, _ -> cards.askText(Words.of("command.part-name"),
            w.storey().part(), n -> w.apply(Stacking.renamePart(w.storey().part(), n))));
        commands.add("kinds-save", "", x -> KindProfiles.Profile.of(x.project()).size() > 0, _ -> documents.target(w.project().name(),
            "kinds",
            files::saveKinds));
        commands.add("kinds-read", "", x -> !x.isEmpty(), _ -> asks.open().stream().findFirst().ifPresent(files::readKinds));
        commands.add("read-again", "", x -> !x.isEmpty(), _ -> files.readAgain());
        commands.add("export-ifc", "Ctrl+E", x -> !x.isEmpty(), _ -> documents.target(w.project().name(), "ifc", files::exportIfc));
        for (DrawingFormat f : DrawingFormat.values())
            commands.add("export-" + f.ending(), "", x -> !x.isEmpty(),
                _ -> documents.target(ofStorey(), f.ending(), to -> files.exportBasePlan(to, f)));
        commands.add("export-pdf", "", x -> !x.isEmpty(), _ -> documents.target(ofStorey(), "pdf", to -> files.exportSheet(to, true)));
        commands.add("export-svg", "", x -> !x.isEmpty(), _ -> documents.target(ofStorey(), "svg", to -> files.exportSheet(to, false)));
        commands.add("export-plan", "", x -> !x.isEmpty(), _ -> documents.target(ofStorey(), "png", files::exportPlan));
        commands.add("export-space", "", x -> !x.isEmpty(), _ -> documents.target(w.project().name() + " 3D", "png", files::exportSpace));
        commands.add("measure-copy", "Ctrl+C", x -> x.measures().last().isPresent(), _ -> copyMeasure());
        commands.add("base-point", "P", x -> !x.isEmpty(), x -> x.measures().base(Optional.of(board.here())));
        commands.add("fit", "F", _ -> true, _ -> {
            board.fit();
            space.fit();
        });
        commands.add("see-through", "", x -> !x.isEmpty() && x.looks().mode() != ViewMode.PLAN, _ -> space.seeThrough());
        commands.add("cut-level", "", x -> !x.isEmpty() && x.looks().mode() != ViewMode.PLAN, _ -> space.cutLevel());
        commands.add("cut-across", "", x -> !x.isEmpty() && x.looks().mode() != ViewMode.PLAN, _ -> space.cutAcross());
        commands.add("cut-turn", "", x -> x.space().across().isPresent(), _ -> space.turnCut());
        commands.add("fit-selected", "Shift+F", _ -> true, _ -> board.fitSelected());
        commands.add("lie-next", "E", MainWindow::hasLies, x -> visit(1));
        commands.add("lie-before", "W", MainWindow::hasLies, x -> visit(-1));
        commands.add("take-here", "", x -> MainWindow.hasProposals(x) && x.proposals().sureKind().isPresent(), x ->
            x.proposals().takeHere(ProposalShapes.within(x, board.view().seen())));
        commands.add("proposal-next", "E", MainWindow::hasProposals, _ -> look(1));
        commands.add("proposal-before", "W", MainWindow::hasProposals, _ -> look(-1));
        commands.add("zoom-in", "Ctrl+Plus", _ -> true, _ -> board.zoom(1.25));
        commands.add("zoom-out", "Ctrl+Minus", _ -> true, _ -> board.zoom(0.8));
        commands.add("keys", "F1", _ -> true, _ -> cards.keys(commands));
        commands.add("about", "", _ -> true, _ -> cards.about());
        commands.add("pages-take", "T", x -> x.pages().filter(p -> !p.ticked().isEmpty()).isPresent() && x.stage() == Stage.RECEIVE,
            _ -> files.pages().take());
        commands.add("pages-other", "", MainWindow::hasOtherPages, x -> x.underlay().ifPresent(u -> files.pages().again(
            x.project().source(u.file()).map(Source::name).orElse(""), u.sha256())));
        commands.add("pages-leave", "", x -> x.pages().isPresent(), _ -> files.pages().leave());
        commands.add("stop", "", x -> x.busy().isPresent(), _ -> work.stop());
        commands.add("close", "", _ -> true, _ -> askClose());
    }

    private static boolean hasProposals(Workspace x) {
        return x.stage() == Stage.TRACE && x.tool() instanceof SelectTool && (x.proposals().waits()
            || !x.proposals().leftovers().all().isEmpty());
    }

    /** The next proposal, on the board where it is not seen. */
    private void look(int by) {
        w.select(Set.of());
        Optional<Box> there = w.proposals().waits() ? w.proposals().step(by).flatMap(e -> ProposalShapes.box(w, e))
            : w.proposals().leftovers().step(by).map(l -> Box.of(l.at(), l.at()).grown(Math.max(2, l.length())));
        there.filter(b -> !board.view().seen().holds(b)).ifPresent(board::show);
    }

    private static boolean hasLies(Workspace x) {
        return x.stage() == Stage.TRUE && !x.reckonings().liars().isEmpty();
    }

    /** A dimension that does not say what is drawn, close by. */
    private void visit(int by) {
        w.reckonings().showMeasures(true);
        w.drawing().ifPresent(d -> w.reckonings().visit(by).ifPresent(m -> board.show(Box.of(d.toBuilding().apply(m.from()),
            d.toBuilding().apply(m.to())))));
    }

    private void copyMeasure() {
        w.measures().last().map(new MeasureWords(w)::value).ifPresent(t -> {
            ClipboardContent c = new ClipboardContent();
            c.putString(t);
            Clipboard.getSystemClipboard().setContent(c);
            w.say(new Message(Message.Tone.GOOD, Words.of("measure.copied", t)));
        });
    }

    private static boolean hasOtherPages(Workspace w) {
        return w.underlay().flatMap(w.shelf()::has).flatMap(s -> s.drawing().header().whole("$PAGES")).filter(n -> n > 1).isPresent();
    }

    private void askPassword(Path file, Consumer<String> word) {
        cards.askWord(Words.of("password.title", file.getFileName()), Words.of("password.text"), word);
    }

    private String ofStorey() {
        return w.project().name() + " " + w.storey().name();
    }

    public void openAll(List<Path> paths) {
        documents.open(paths);
    }

    /** Without showing anything before it is taken: for measuring. */
    public void openAtOnce(List<Path> paths) {
        documents.open(paths, false);
    }

    public void askClose() {
        documents.unsavedFirst(close);
    }

    /** For what nobody caught: it is said, and the window goes on. */
    public void uncaught(Throwable t) {
        System.getLogger("bright-lintel").log(System.Logger.Level.ERROR, "not caught", t);
        String what = t.getMessage() == null ? t.getClass().getSimpleName() : t.getMessage().lines().findFirst().orElse("");
        w.say(new Message(Message.Tone.BAD, Words.of("uncaught", what)));
    }

    /** Ends threads and the session, in order. */
    public void stop() {
        keeper.stop();
        watch.stop();
        work.shutdown();
        board.stop();
        behind.shutdownNow();
        w.shelf().details().ifPresent(PictureDetails::close);
        keeping.close();
        sessions.close();
    }

    private void drop() {
        root.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) e.acceptTransferModes(TransferMode.COPY);
            e.consume();
        });
        root.setOnDragDropped(e -> {
            boolean has = e.getDragboard().hasFiles();
            if (has) openAll(e.getDragboard().getFiles().stream().map(File::toPath).toList());
            e.setDropCompleted(has);
            e.consume();
        });
    }

    // ---- where things lie

    private StackPane startCard() {
        Label title = Parts.label(Words.of("start.title"), "start-title");
        Button open = Parts.button(w, commands.get("open"), true);
        open.setId("start-open");
        Button demo = Parts.button(w, commands.get("demo"), false);
        demo.setId("start-demo");
        HBox row = new HBox(10, open, demo);
        row.setAlignment(Pos.CENTER);
        start.getChildren().addAll(title, row, Parts.label(Words.of("start.drop"), "quiet"));
        start.setAlignment(Pos.CENTER);
        start.setMaxSize(440, Region.USE_PREF_SIZE);
        start.getStyleClass().add("start");
        List<Path> last = recent.files().stream().limit(4).toList();
        if (!last.isEmpty()) {
            VBox list = new VBox(2, Parts.label(Words.of("menu.recent"), "side-title"));
            for (Path p : last) {
                Button b = Parts.button(p.getFileName().toString(), "recent-" + p.getFileName(), () -> openAll(List.of(p)));
                b.getStyleClass().add("link-button");
                b.setMnemonicParsing(false);
                list.getChildren().add(b);
            }
            list.setAlignment(Pos.CENTER);
            start.getChildren().add(list);
        }
        StackPane p = new StackPane(start);
        p.setPickOnBounds(false);
        return p;
    }

    private StackPane busyBar() {
        busy.getStyleClass().add("busy");
        busy.setAlignment(Pos.CENTER_LEFT);
        busy.setMaxSize(440, Region.USE_PREF_SIZE);
        busy.setVisible(false);
        busy.setId("busy");
        StackPane p = new StackPane(busy);
        p.setPickOnBounds(false);
        StackPane.setAlignment(busy, Pos.TOP_CENTER);
        return p;
    }

    private void showBusy() {
        Optional<Busy> b = w.busy();
        busy.setVisible(b.isPresent());
        if (b.isEmpty()) {
            busy.getChildren().clear();
            return;
        }
        if (busy.getChildren().isEmpty()) {
            Label what = new Label();
            what.setMaxWidth(230);
            HBox.setHgrow(what, Priority.ALWAYS);
            ProgressBar bar = new ProgressBar();
            Button stop = Parts.button(Words.of("command.stop"), "busy-stop", work::stop);
            busy.getChildren().setAll(what, bar, stop);
        }
        ((Label) busy.getChildren().get(0)).setText(b.get().what());
        ((ProgressBar) busy.getChildren().get(1)).setProgress(b.get().share());
    }

    private void arrange(StackPane boardPane) {
        Looks l = w.looks();
        double width = root.getWidth();
        boolean both = l.mode() == ViewMode.BOTH;
        List<Region> show = new ArrayList<>();
        if (l.mode() != ViewMode.SPACE) show.add(boardPane);
        if (l.mode() != ViewMode.PLAN) show.add(spacePane);
        if (!middle.getChildren().equals(show)) middle.getChildren().setAll(show);
        if (both != shownBoth) for (Region r : show) r.setPrefWidth(both ? 300 : Region.USE_COMPUTED_SIZE);
        shownBoth = both;
        boolean fold = l.boardAlone() || width > 0 && (width < NARROW || both && width < WIDE);
        right.setVisible(!fold);
        right.setManaged(!fold);
        docket.setVisible(!l.boardAlone());
        docket.setManaged(!l.boardAlone());
        String theme = l.dark() ? "dark" : "light";
        // styles are worked out anew for the whole window: only where they are other ones
        if (!root.getStyleClass().contains(theme)) {
            root.getStyleClass().removeAll("light", "dark");
            root.getStyleClass().add(theme);
        }
    }
}
