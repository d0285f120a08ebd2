package brightlintel.desktop.tool;

import brightlintel.building.Given;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import brightlintel.trace.Across;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads a thickness by crossing a drawn wall with two clicks, then goes back to drawing walls. */
public final class AcrossTool implements Tool {
    private final Workspace w;
    private Optional<Point> first = Optional.empty();

    public AcrossTool(Workspace w) {
        this.w = w;
    }

    @Override public String id() {
        return "across";
    }

    @Override public String prompt() {
        return Words.of(first.isEmpty() ? "prompt.across.first" : "prompt.across.other");
    }

    /** A snapped end would lie on the face itself: here the bare pointer is meant. */
    @Override public boolean snaps() {
        return false;
    }

    @Override public void clicked(Aim aim) {
        if (first.isEmpty()) {
            first = Optional.of(aim.raw());
            return;
        }
        Optional<Across.Reading> r = read(aim.raw());
        if (r.isEmpty()) {
            w.say(new Message(Message.Tone.BAD, Words.of("across.nothing")));
            first = Optional.empty();
            return;
        }
        double t = Math.round(r.get().thickness() * 1e5) / 1e5;
        w.wallSettings(w.wallSettings().with(Given.read(t, 1, "across")));
        w.start(WallTool::new);
        w.say(new Message(Message.Tone.GOOD, Words.of("across.taken", w.lengths().partWithUnit(t))));
    }

    private Optional<Across.Reading> read(Point to) {
        return w.drawing().flatMap(d -> Across.read(first.orElseThrow(), to, d, Tolerances.BUILDING));
    }

    @Override public boolean back() {
        boolean had = first.isPresent();
        first = Optional.empty();
        return had;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        if (first.isEmpty()) return out;
        out.add(new Mark.Line(first.get(), w.aim().raw(), true));
        read(w.aim().raw()).ifPresent(r -> {
            out.add(new Mark.Handle(r.first(), ""));
            out.add(new Mark.Handle(r.second(), ""));
            out.add(new Mark.Callout(r.second(), w.lengths().partWithUnit(r.thickness())));
        });
        return out;
    }
}
