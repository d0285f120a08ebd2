package brightlintel.desktop.tool;

import brightlintel.building.Evidence;
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
    private int choice;

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
            choice = 0;
            return;
        }
        Optional<Across.Reading> r = chosen(aim.raw());
        if (r.isEmpty()) {
            w.say(new Message(Message.Tone.BAD, Words.of("across.nothing")));
            first = Optional.empty();
            return;
        }
        double t = Math.round(r.get().thickness() * 1e5) / 1e5;
        w.settings().wall(w.settings().wall().with(Given.read(t, 1, new Evidence.ReadAcross(t))));
        w.start(WallTool::new);
        w.say(new Message(Message.Tone.GOOD, Words.of("across.taken", w.lengths().partWithUnit(t))));
    }

    private List<Across.Reading> readings(Point to) {
        return first.isEmpty() ? List.of() : Across.read(first.get(), to, w.drawings(), Tolerances.BUILDING);
    }

    private Optional<Across.Reading> chosen(Point to) {
        List<Across.Reading> all = readings(to);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(Math.floorMod(choice, all.size())));
    }

    /** The next pair of strokes that was crossed, or the one before. */
    public void step(int by) {
        choice += by;
    }

    @Override public boolean back() {
        boolean had = first.isPresent();
        first = Optional.empty();
        return had;
    }

    /** The strokes that a click would take as faces, and how far they lie apart. */
    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        if (first.isEmpty()) return out;
        Point to = w.aim().raw();
        out.add(new Mark.Line(first.get(), to, true));
        chosen(to).ifPresent(r -> {
            for (int s : new int[] {r.firstStroke(), r.secondStroke()}) out.add(new Mark.Path(r.drawing().points(s)));
            out.add(new Mark.Handle(r.first(), ""));
            out.add(new Mark.Handle(r.second(), ""));
            int all = readings(to).size();
            String thickness = w.lengths().partWithUnit(r.thickness());
            out.add(new Mark.Callout(r.second(), all == 1
                ? thickness : Words.of("callout.across", thickness, Math.floorMod(choice, all) + 1, all)));
        });
        return out;
    }
}
