package brightlintel.desktop.tool;

import brightlintel.building.UnderlayId;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Truing;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Two points of a drawing and where each belongs: the drawing is turned and moved there, at its size. */
public final class TwoPairsTool implements Tool {
    private static final double APART = 0.01;
    private final Workspace w;
    private final OnUnderlay own;
    private final List<Point> there = new ArrayList<>();

    public TwoPairsTool(Workspace w, UnderlayId underlay) {
        this.w = w;
        this.own = new OnUnderlay(w, underlay);
    }

    @Override public String id() {
        return "two-pairs";
    }

    @Override public String prompt() {
        return Words.of("prompt.pairs." + (own.size() == there.size() ? "own." : "there.") + (there.isEmpty() ? "one" : "two"));
    }

    @Override public void clicked(Aim aim) {
        if (own.size() == there.size()) {
            if (own.size() == 0 || own.get(0).distance(aim.at()) > APART) own.add(aim.at());
            return;
        }
        if (!there.isEmpty() && there.getFirst().distance(aim.at()) < APART) return;
        there.add(aim.at());
        if (there.size() == 2) lay();
    }

    private void lay() {
        double drawn = own.get(0).distance(own.get(1)), truth = there.get(0).distance(there.get(1));
        w.apply(Truing.twoPairs(own.id(), own.inFile(), List.copyOf(there)));
        w.leaveTool();
        String off = w.lengths().partWithUnit(Math.abs(drawn - truth) / 2);
        w.say(new Message(Math.abs(drawn - truth) < APART ? Message.Tone.GOOD : Message.Tone.BAD, Words.of("pairs.laid", off)));
    }

    @Override public void projectChanged() {
        if (own.isGone()) w.leaveTool();
    }

    @Override public Optional<Point> from() {
        return own.size() > there.size() ? Optional.of(own.get(own.size() - 1)) : Optional.empty();
    }

    @Override public boolean back() {
        if (own.size() > there.size()) return own.takeBack();
        if (there.isEmpty()) return false;
        there.removeLast();
        return true;
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        for (int i = 0; i < own.size(); i++) {
            Point to = i < there.size() ? there.get(i) : w.aim().at();
            out.add(new Mark.Handle(own.get(i), "" + (i + 1)));
            out.add(new Mark.Line(own.get(i), to, true));
            if (i < there.size()) out.add(new Mark.Handle(to, ""));
        }
        return out;
    }
}
