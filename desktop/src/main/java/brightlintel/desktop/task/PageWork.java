package brightlintel.desktop.task;

import brightlintel.building.Custody;
import brightlintel.building.Edit;
import brightlintel.building.FileId;
import brightlintel.building.StoreyId;
import brightlintel.building.UnderlayId;
import brightlintel.desktop.state.Change;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.PagesInHand;
import brightlintel.desktop.state.Stage;
import brightlintel.desktop.state.ViewMode;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.drawing.Paper;
import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.edit.Clearings;
import brightlintel.edit.Placing;
import brightlintel.edit.Receiving;
import brightlintel.edit.Stacking;
import brightlintel.read.DrawingReader;
import brightlintel.read.Paged;
import brightlintel.read.Refused;
import brightlintel.read.Sniffer;
import brightlintel.read.Wanted;
import brightlintel.receive.Choosing;
import brightlintel.receive.DrawingShelf;
import brightlintel.receive.FirstSight;
import brightlintel.receive.LayOn;
import brightlintel.receive.PageGlance;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.BiConsumer;
import java.util.function.Consumer;

/** Files of several pages, and drawings with sheets or many layers: looked through first, then taken a page at a time. */
public final class PageWork {
    private static final int SMALL = 300, LARGE = 900;
    private final Workspace w;
    private final Work work;
    private final Consumer<Runnable> onWindow;
    private final Consumer<Path> taken;
    /** What is being looked through; read from behind the window too. */
    private volatile Object looking;
    /** Files that came while another was being looked through. */
    private final Deque<Runnable> next = new ArrayDeque<>();
    private boolean repainting;
    private Painted painted;
    private BiConsumer<Path, Consumer<String>> locked = (_, _) -> { };

    /** @param onWindow runs on the thread of the window; taken is told of each file of which something came in */
    PageWork(Workspace w, Work work, Consumer<Runnable> onWindow, Consumer<Path> taken) {
        this.w = w;
        this.work = work;
        this.onWindow = onWindow;
        this.taken = taken;
        w.listen(c -> {
            if (c == Change.PAGES) follow();
        });
    }

    /** Who asks for what opens a locked file. */
    public void onLocked(BiConsumer<Path, Consumer<String>> ask) {
        locked = ask;
    }

    void ask(Path file, Consumer<String> word) {
        locked.accept(file, word);
    }

    static boolean isPaged(Path file) {
        try {
            return Files.isRegularFile(file) && Sniffer.sniff(file).isPaged();
        } catch (IOException e) {
            return false;
        }
    }

    /** @param one takes the only page of a file that has no more, with its password */
    void open(Path file, String password, Consumer<String> one) {
        Object era = w.era();
        String name = file.getFileName().toString();
        work.run(name, _ -> {
            DrawingReader.check(file, ReadLimits.DEFAULT);
            return Paged.count(file, password);
        }, new Work.Answer<>(n -> {
            if (w.era() != era) return;
            if (n == 1) one.accept(password);
            else lookThrough(PagesInHand.of(file, name, password, n));
        }, t -> failed(file, t, word -> open(file, word, one)), () -> { }));
    }

    private void failed(Path file, Throwable t, Consumer<String> again) {
        w.say(new Message(Message.Tone.BAD, Refusals.words(file, t)));
        if (isLocked(t)) locked.accept(file, again);
    }

    static boolean isLocked(Throwable t) {
        return t instanceof Refused r && (r.why() == Refused.Why.PASSWORD || r.why() == Refused.Why.NO_RIGHT);
    }

    /** The other pages of a file that something was taken of: from the bytes that were kept. */
    public void again(String name, String sha256) {
        Path kept = w.shelf().originals().path(sha256);
        String password = w.shelf().password(sha256);
        Object era = w.era();
        work.run(name, _ -> Paged.count(kept, password), new Work.Answer<>(n -> {
            if (w.era() == era) lookThrough(PagesInHand.of(kept, name, password, n));
        }, t -> failed(Path.of(name), t, word -> {
            w.shelf().unlock(sha256, word);
            again(name, sha256);
        }), () -> { }));
    }

    /** A rough picture while a large drawing is read, unless something else is being looked through. */
    void firstSight(Path file) {
        Object era = w.era();
        FirstSight.of(file, LARGE).ifPresent(g -> onWindow.accept(() -> {
            if (w.era() != era || w.pages().isPresent()) return;
            w.go(Stage.RECEIVE);
            w.looks(w.looks().withMode(ViewMode.PLAN));
            w.pages(Optional.of(PagesInHand.firstSight(file, g)));
        }));
    }

    /** It is read, or will not be. */
    void endSight() {
        if (w.pages().filter(PagesInHand::isFirstSight).isPresent()) w.pages(Optional.empty());
    }

    /** A drawing that was read: its model and its sheets. */
    void choose(Path file, DrawingShelf.Shelved model, String password) {
        List<SpaceKey> parts = Choosing.parts(model.drawing());
        String sha = model.drawing().sha256();
        lookThrough(PagesInHand.ofDrawing(file, sha, password, parts.size()), (mine, own) -> {
            for (int i = 0; i < parts.size(); i++) {
                PageGlance g = PageGlance.of(w.shelf().of(sha, parts.get(i), own), i + 1, parts.size() == 1 ? LARGE : LARGE / 2);
                onWindow.accept(() -> seen(mine, g));
                own.at(Progress.Stage.READING, i + 1, parts.size());
            }
        });
    }

    private void lookThrough(PagesInHand all) {
        lookThrough(all, (mine, own) -> {
            Paged.each(all.file(), Wanted.FIRST.with(all.password()), ReadLimits.DEFAULT, own, d -> {
                PageGlance g = PageGlance.of(d, SMALL, own);
                onWindow.accept(() -> seen(mine, g));
                own.at(Progress.Stage.READING, g.number(), all.count());
                return g.number() == all.count();
            });
        });
    }

    private interface Looking {
        void look(Object mine, Progress own) throws IOException;
    }

    private void lookThrough(PagesInHand all, Looking how) {
        if (w.pages().isPresent()) {
            Object era = w.era();
            next.add(() -> {
                if (w.era() == era) lookThrough(all, how);
            });
            return;
        }
        Object mine = new Object();
        looking = mine;
        w.go(Stage.RECEIVE);
        w.looks(w.looks().withMode(ViewMode.PLAN));
        w.pages(Optional.of(all));
        work.run(all.name(), p -> {
            // what is taken or left is not looked at any further; other work goes on
            how.look(mine, (stage, done, total) -> {
                if (looking != mine) throw new CancellationException();
                p.at(stage, done, total);
            });
            return all.count();
        }, new Work.Answer<>(_ -> { }, t -> failed(Path.of(all.name()), t, _ -> { }), () -> { }));
    }

    /** The picture of a drawing follows the layers that are chosen. */
    private void follow() {
        PagesInHand p = w.pages().filter(x -> x.isDrawing() && !x.isFirstSight()).orElse(null);
        PageGlance g = p == null ? null : p.page(p.at()).orElse(null);
        if (g == null || repainting) return;
        Painted now = new Painted(p.sha256().get(), g.number(), p.layersOff(g));
        boolean asItCame = p.choice(g.number()).layersOff().isEmpty();
        if (asItCame || now.equals(painted)) return;
        repainting = true;
        Object mine = looking;
        work.run(p.name(), progress -> g.without(w.shelf().of(now.sha256, g.key(), progress), now.off, p.count() == 1 ? LARGE : LARGE / 2),
            new Work.Answer<>(x -> {
                repainting = false;
                painted = now;
                if (looking == mine) w.pages(w.pages().map(q -> q.seenAnew(x)));
            }, _ -> repainting = false, () -> repainting = false));
    }

    private record Painted(String sha256, int number, Set<String> off) { }

    private void seen(Object mine, PageGlance g) {
        if (looking == mine) w.pages().ifPresent(p -> w.pages(Optional.of(p.with(g, w.project()))));
    }

    /** Nothing more of this file; the next that waits comes. */
    public void leave() {
        if (w.pages().filter(PagesInHand::isFirstSight).isPresent()) work.stop();
        looking = null;
        w.pages(Optional.empty());
        goOn();
    }

    private void goOn() {
        while (w.pages().isEmpty() && !next.isEmpty()) next.poll().run();
    }

    private record Taken(List<Edit> steps, List<String> trouble, StoreyId first, UnderlayId underlay, int pages) { }

    /** The ticked ones, as one step. A page that cannot be read is named; the others come in. */
    public void take() {
        PagesInHand all = w.pages().orElse(null);
        if (all == null || all.ticked().isEmpty()) return;
        StoreyId inHand = w.storeyId();
        Object era = w.era();
        looking = null;
        w.pages(Optional.empty());
        work.run(all.name(), p -> taken(all, inHand, p), new Work.Answer<>(t -> {
            if (w.era() == era) laid(all, t);
            goOn();
        }, t -> {
            failed(all.file(), t, _ -> { });
            goOn();
        }, () -> {
            w.say(new Message(Message.Tone.SAID, Words.of("stopped", all.file().getFileName())));
            goOn();
        }));
    }

    private void laid(PagesInHand all, Taken t) {
        if (t.pages == 0) {
            w.say(new Message(Message.Tone.BAD, String.join(" ", t.trouble)));
            return;
        }
        if (all.file().endsWith(all.name())) taken.accept(all.file());
        w.apply(Receiving.together(all.name(), t.steps));
        w.go(t.first);
        w.onBoard().take(t.underlay);
        w.tell(Change.DRAWING);
        w.go(Stage.RECEIVE);
        w.say(t.trouble.isEmpty() ? new Message(Message.Tone.GOOD, Words.count(all.isDrawing() ? "parts.done" : "pages.done", t.pages,
            all.name())) : new Message(Message.Tone.BAD, String.join(" ", t.trouble)));
    }

    private Taken taken(PagesInHand all, StoreyId inHand, Progress p) {
        List<Edit> steps = new ArrayList<>();
        List<String> trouble = new ArrayList<>();
        StoreyId first = null;
        UnderlayId underlay = null;
        int pages = 0;
        FileId file = FileId.fresh();
        String sha = all.sha256().orElse("");
        for (int page : all.ticked()) {
            SpaceKey space = all.page(page).map(PageGlance::key).orElse(new SpaceKey.Page(page));
            try {
                // its bytes are taken once: all pages are of the same file, whatever becomes of it meanwhile
                DrawingShelf.Shelved s = sha.isEmpty() ? w.shelf().take(all.file(), new Wanted(page, all.password()), p)
                    : w.shelf().of(sha, space, p);
                sha = s.drawing().sha256();
                StoreyId on = switch (all.on(page, inHand)) {
                    case LayOn.There(StoreyId id) -> id;
                    case LayOn.New(String name, boolean below) -> {
                        StoreyId id = StoreyId.fresh();
                        steps.add(below ? Stacking.addBelow(inHand, id, name) : Stacking.add(inHand, id, name));
                        yield id;
                    }
                };
                // pages of what was kept have no place on disk that anybody knows
                Custody custody = all.file().endsWith(all.name()) ? new Custody.Followed(all.file().toAbsolutePath().toString())
                    : new Custody.Kept();
                Receiving.Arrived arrived = new Receiving.Arrived(all.name(),
                    Files.size(w.shelf().originals().path(sha)), Instant.now().toString(), custody);
                UnderlayId id = UnderlayId.fresh();
                steps.add(Receiving.receive(file, id, arrived, s.arrival(), on));
                steps.addAll(chosen(all.choice(page), s.drawing().space(space).flatMap(Space::paper), id));
                if (first == null) first = on;
                if (underlay == null) underlay = id;
                pages++;
            } catch (IOException e) {
                trouble.add(Words.of("pages.not-read", page, Refusals.words(Path.of(all.name()), e)));
            }
        }
        return new Taken(steps, trouble, first, underlay, pages);
    }

    /** What was chosen of a page otherwise than it comes. */
    private static List<Edit> chosen(PagesInHand.Choice c, Optional<Paper> paper, UnderlayId id) {
        List<Edit> out = new ArrayList<>();
        c.layersOff().ifPresent(off -> out.add(Clearings.layersOff(id, off)));
        c.scale().ifPresent(s -> out.add(paper.map(p -> Placing.plottedAt(id, p.metresPerUnit(), s)).orElseGet(() -> Placing.unit(id, s))));
        return out;
    }
}
