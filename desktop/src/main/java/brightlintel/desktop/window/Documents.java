package brightlintel.desktop.window;

import brightlintel.building.Source;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.task.Asks;
import brightlintel.desktop.task.Claims;
import brightlintel.desktop.task.FileWork;
import brightlintel.desktop.task.Sessions;
import brightlintel.desktop.text.Words;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** Opening, saving, closing and taking up lost work, with the questions that stand before each: nothing that was made gives way unasked. */
final class Documents {
    private final Workspace w;
    private final Asks asks;
    private final FileWork files;
    private final Cards cards;
    private final Sessions sessions;

    Documents(Workspace w, Asks asks, FileWork files, Cards cards, Sessions sessions) {
        this.w = w;
        this.asks = asks;
        this.files = files;
        this.cards = cards;
        this.sessions = sessions;
    }

    /**
     * A project takes the window, after asking for what is unsaved; drawings come onto the storey in hand, onto the project's where one
     * comes with them.
     */
    void open(List<Path> paths) {
        open(paths, true);
    }

    /** @param choosing a single drawing with something to choose in it is shown before it is taken */
    void open(List<Path> paths, boolean choosing) {
        List<Path> projects = paths.stream().filter(FileWork::isProject).toList(),
            drawings = paths.stream().filter(p -> !projects.contains(p)).toList();
        if (projects.isEmpty()) drawings.forEach(d -> files.receive(d, choosing && drawings.size() == 1));
        else files.open(projects.getFirst(), this::unsavedFirst, () -> drawings.forEach(files::receive));
        if (projects.size() > 1)
            w.say(new Message(Message.Tone.BAD, Words.of("open.one-project", projects.getFirst().getFileName(), projects.size())));
    }

    void save(Runnable then) {
        if (w.file().isEmpty()) saveAs(then);
        else over(w.file().get(), () -> files.save(w.file().get(), then), () -> saveAs(then));
    }

    void saveAs(Runnable then) {
        target(w.project().name(), "lintel", p -> files.save(p, then));
    }

    /** Where to write, asked for; a file that lies there is not written over before the user agreed to that very file. */
    void target(String suggested, String ending, Consumer<Path> write) {
        asks.save(suggested, ending).ifPresent(t -> {
            boolean another = w.file().filter(t.file().toAbsolutePath()::equals).isEmpty();
            if (t.agreed() || !Files.exists(t.file())) {
                if (another) over(t.file(), () -> write.accept(t.file()), () -> target(suggested, ending, write));
                else write.accept(t.file());
            } else cards.ask(Words.of("over.title", t.file().getFileName()),
                Words.of("over.text", t.file().getFileName(), t.file().toAbsolutePath().getParent()), List.of(
                new Cards.Choice("over-write", Words.of("over.write"), () -> write.accept(t.file())),
                new Cards.Choice("over-other", Words.of("over.other"), () -> target(suggested, ending, write)),
                new Cards.Choice("over-stay", Words.of("unsaved.stay"), () -> { })));
        });
    }

    /**
     * Before a project file is written over that another window has open, or that is not as this window left it.
     *
     * @param elsewhere asks for another file to write to
     */
    private void over(Path file, Runnable write, Runnable elsewhere) {
        Optional<Claims.Trouble> trouble = files.trouble(file);
        if (trouble.isEmpty()) {
            write.run();
            return;
        }
        String key = "claim." + trouble.get().name();
        cards.ask(Words.of(key + ".title", file.getFileName()), Words.of(key + ".text", file.getFileName()), List.of(
            new Cards.Choice("claim-as", Words.of("claim.as"), elsewhere),
            new Cards.Choice("claim-write", Words.of("claim.write"), write),
            new Cards.Choice("claim-stay", Words.of("unsaved.stay"), () -> { })));
    }

    /** What is done while it is being saved is unsaved again, and asked for again. */
    void unsavedFirst(Runnable then) {
        if (w.isEmpty() || !w.isDirty()) {
            then.run();
            return;
        }
        cards.ask(Words.of("unsaved.title"), Words.of("unsaved.text", w.project().name()), List.of(
            new Cards.Choice("unsaved-save", Words.of("unsaved.save"), () -> save(() -> unsavedFirst(then))),
            new Cards.Choice("unsaved-drop", Words.of("unsaved.drop"), then),
            new Cards.Choice("unsaved-stay", Words.of("unsaved.stay"), () -> { })));
    }

    /** What, of when, how much: and keys that were meant for the board choose nothing. */
    void offerLost() {
        try {
            sessions.lost().ifPresent(l -> cards.offer(Words.of("lost.title"), words(l), List.of(
                new Cards.Choice("lost-take", Words.of("lost.take"), () -> files.recover(l, this::unsavedFirst)),
                new Cards.Choice("lost-drop", Words.of("lost.drop"), () -> discard(l)),
                new Cards.Choice("lost-later", Words.of("lost.later"), () -> { }))));
        } catch (IOException e) {
            cannot(e);
        }
    }

    static String words(Sessions.Lost l) {
        String when = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm").withZone(ZoneId.systemDefault()).format(l.when());
        String drawings = String.join(", ", l.project().sources().stream().map(Source::name).toList());
        String what = drawings.isEmpty() ? l.project().name() : Words.of("lost.with", l.project().name(), drawings);
        return l.steps() == 0 ? Words.of("lost.text", what, when) : Words.count("lost.steps", l.steps(), what, when);
    }

    private void discard(Sessions.Lost l) {
        try {
            sessions.discard(l);
        } catch (IOException e) {
            cannot(e);
        }
    }

    private void cannot(IOException e) {
        w.say(new Message(Message.Tone.BAD, Words.of("lost.cannot", e.getMessage())));
    }
}
