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
    private final OnUnderlay points;
    private final List<Stretch.Length> lengths = new ArrayList<>();

    public StretchTool(Workspace w, UnderlayId underlay) {
        this.w = w;
        this.points = new OnUnderlay(w, underlay);
    }

    @Override public String id() {
        return "stretch";
    }

    @Override public String prompt() {
        String which = lengths.isEmpty() ? "one" : lengths.size() == 1 ? "two" : "more";
        return switch (points.size()) {
            case 0 -> Words.of("prompt.stretch." + which);
            case 1 -> Words.of("prompt.stretch.other");
            default -> Words.of("prompt.known.truth", w.lengths().position(points.get(0).distance(points.get(1))));
        };
    }

    @Override public void clicked(Aim aim) {
        if (points.size() == 2) points.clear();
        if (points.size() == 1 && points.get(0).distance(aim.at()) < 1e-6) return;
        points.add(aim.at());
    }

    @Override public void projectChanged() {
        if (points.isGone()) w.leaveTool();
    }

    @Override public Optional<Point> from() {
        return points.size() == 1 ? Optional.of(points.get(0)) : Optional.empty();
    }

    @Override public Asks asks() {
        return points.size() == 2 ? Asks.WAY : Asks.NOTHING;
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        Optional<Placement> p = points.placement();
        if (points.size() < 2 || !(value > 1e-6) || p.isEmpty()) return false;
        Point drawn = p.get().toStraightened(points.get(1)).minus(p.get().toStraightened(points.get(0)));
        lengths.add(new Stretch.Length(drawn, value));
        points.clear();
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
        w.apply(Placing.stretched(points.id(), s, remains));
        double share = 100 * Math.abs(s.metresPerUnitX() / s.metresPerUnitY() - 1);
        w.say(new Message(Message.Tone.GOOD, Words.of("stretch.taken", String.format(Locale.ROOT, "%.2f", share), lengths.size(),
            w.lengths().partWithUnit(remains))));
        return true;
    }

    @Override public boolean back() {
        if (points.takeBack()) return true;
        if (lengths.isEmpty()) return false;
        lengths.removeLast();
        return true;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        points.points().forEach(p -> out.add(new Mark.Handle(p, "")));
        if (points.size() == 1) out.add(new Mark.Line(points.get(0), w.aim().at(), true));
        if (points.size() == 2) out.add(new Mark.Line(points.get(0), points.get(1), false));
        return out;
    }
}
