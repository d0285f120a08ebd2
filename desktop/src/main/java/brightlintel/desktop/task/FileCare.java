package brightlintel.desktop.task;

import brightlintel.building.Custody;
import brightlintel.building.FileId;
import brightlintel.building.Project;
import brightlintel.building.Source;
import brightlintel.desktop.state.LaterWords;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Revising;
import brightlintel.receive.Revised;
import java.nio.file.Path;
import java.util.Map;

/** Files that are read again, given way to others, followed or not: all of it steps that can be undone. */
public final class FileCare {
    /** Less of a drawing than this is another drawing. */
    private static final double HARDLY = 0.1;
    private final Workspace w;
    private final Work work;

    public FileCare(Workspace w, Work work) {
        this.w = w;
        this.work = work;
    }

    /** Takes the later one that was found on disk. */
    public void takeLater(FileId file) {
        w.following().later(file).ifPresent(r -> take(file, r));
    }

    private void take(FileId file, Revised r) {
        Source was = w.project().source(file).orElseThrow();
        w.apply(Revising.revise(file, r.revision()));
        w.following().light(r.parts());
        boolean another = r.parts().values().stream().allMatch(d -> d.kept() < HARDLY);
        String name = r.revision().arrived().name();
        if (another) w.say(new Message(Message.Tone.BAD, Words.of("later.hardly", name, was.name())));
        else w.say(new Message(Message.Tone.GOOD, Words.of("later.taken", name, LaterWords.sentence(r.parts().values()))));
    }

    /** Puts another file in the place of one: what was set right and cleared stays. */
    public void replace(FileId file, Path by) {
        Object era = w.era();
        Project p = w.project();
        Source was = p.source(file).orElseThrow();
        String name = by.getFileName().toString();
        work.run(name, progress -> Revised.read(w.shelf(), was, by, p.underlays(), progress), new Work.Answer<>(r -> {
            if (w.era() != era || w.project().source(file).isEmpty()) return;
            if (r.parts().isEmpty()) w.say(new Message(Message.Tone.BAD, Words.of("later.nothing-of-it", name, was.name())));
            else take(file, r);
        }, t -> w.say(new Message(Message.Tone.BAD, Refusals.words(by, t))),
            () -> w.say(new Message(Message.Tone.SAID, Words.of("stopped", name)))));
    }

    /** From now on it is looked for there. */
    public void follow(FileId file, Path at) {
        w.apply(Revising.custody(file, new Custody.Followed(at.toAbsolutePath().toString())));
    }

    public void keep(FileId file) {
        w.apply(Revising.custody(file, new Custody.Kept()));
        w.following().light(Map.of());
    }
}
