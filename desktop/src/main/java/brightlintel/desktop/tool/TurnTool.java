package brightlintel.desktop.tool;

import brightlintel.building.UnderlayId;
import brightlintel.correct.Upright;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Placing;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Two points along a main direction, or an angle. */
public final class TurnTool implements Tool {
    private final Workspace w;
    private final OnUnderlay first;

    public TurnTool(Workspace w, UnderlayId underlay) {
        this.w = w;
        this.first = new OnUnderlay(w, underlay);
    }

    @Override public String id() {
        return "turn";
    }

    @Override public String prompt() {
        return Words.of(first.size() == 0 ? "prompt.turn.first" : "prompt.turn.other");
    }

    @Override public void clicked(Aim aim) {
        if (first.size() == 0) first.add(aim.at());
        else from().filter(p -> p.distance(aim.at()) > 1e-6).ifPresent(p -> turn(Upright.turnFor(p, aim.at())));
    }

    @Override public void projectChanged() {
        if (first.isGone()) w.leaveTool();
    }

    private void turn(double by) {
        w.apply(Placing.turnBy(first.id(), by));
        w.leaveTool();
        w.say(new Message(Message.Tone.GOOD, Words.of("turn.taken", LengthFormat.angle(by))));
    }

    @Override public Optional<Point> from() {
        return first.size() == 0 ? Optional.empty() : Optional.of(first.get(0));
    }

    @Override public Asks asks() {
        return Asks.ANGLE;
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        turn(value);
        return true;
    }

    @Override public boolean back() {
        return first.takeBack();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        Point to = w.aim().at();
        from().ifPresent(p -> {
            out.add(new Mark.Handle(p, ""));
            out.add(new Mark.Line(p, to, true));
            if (p.distance(to) > 1e-6) out.add(new Mark.Callout(to, Words.of("callout.turn", LengthFormat.angle(Upright.turnFor(p, to)))));
        });
        return out;
    }
}
