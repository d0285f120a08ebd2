package brightlintel.desktop.tool;

import brightlintel.building.Placement;
import brightlintel.building.Scale;
import brightlintel.building.UnderlayId;
import brightlintel.correct.Stretch;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Placing;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Two known lengths across each other, for a sheet that came out longer one way than the other; each further one tells what remains. */
public final class StretchTool implements Tool {
    private final Workspace w;
    private final LengthPick pick;
    private final List<Stretch.Length> lengths = new ArrayList<>();

    public StretchTool(Workspace w, UnderlayId underlay) {
        this.w = w;
        this.pick = new LengthPick(w, underlay);
    }

    @Override public String id() {
        return "stretch";
    }

    @Override public String prompt() {
        String which = lengths.isEmpty() ? "one" : lengths.size() == 1 ? "two" : "more";
        return switch (pick.size()) {
            case 0 -> Words.of("prompt.stretch." + which);
            case 1 -> Words.of("prompt.stretch.other");
            default -> Words.of("prompt.known.truth", w.lengths().position(pick.drawn()));
        };
    }

    @Override public void clicked(Aim aim) {
        pick.clicked(aim);
    }

    @Override public void projectChanged() {
        if (pick.points().isGone()) w.leaveTool();
    }

    @Override public Optional<Point> from() {
        return pick.from();
    }

    @Override public Asks asks() {
        return pick.asks();
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        Optional<Placement> p = pick.points().placement();
        if (!pick.isComplete() || !(value > 1e-6) || p.isEmpty()) return false;
        Point drawn = p.get().toStraightened(pick.points().get(1)).minus(p.get().toStraightened(pick.points().get(0)));
        lengths.add(new Stretch.Length(drawn, value));
        pick.points().clear();
        if (lengths.size() < 2) {
            w.say(new Message(Message.Tone.SAID, Words.of("stretch.first")));
            return true;
        }
        Optional<Scale> found = Stretch.of(lengths);
        if (found.isEmpty()) {
            lengths.removeLast();
            w.say(new Message(Message.Tone.BAD, Words.of("stretch.cannot")));
            return true;
        }
        Scale s = found.get();
        double remains = lengths.stream().mapToDouble(l -> Math.abs(l.error(s))).max().orElse(0);
        w.apply(Placing.stretched(pick.points().id(), s, remains));
        double share = 100 * Math.abs(s.metresPerUnitX() / s.metresPerUnitY() - 1);
        w.say(new Message(Message.Tone.GOOD, Words.of("stretch.taken", String.format(Locale.ROOT, "%.2f", share), lengths.size(),
            w.lengths().partWithUnit(remains))));
        return true;
    }

    @Override public boolean back() {
        if (pick.points().takeBack()) return true;
        if (lengths.isEmpty()) return false;
        lengths.removeLast();
        return true;
    }

    @Override public List<Mark> marks() {
        return pick.marks();
    }
}
