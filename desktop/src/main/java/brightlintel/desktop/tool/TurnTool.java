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
import java.util.List;
import java.util.Optional;

/** Two points along a main direction, or an angle. */
public final class TurnTool implements Tool {
    private final Workspace w;
    private final UnderlayId underlay;
    private final FirstPoint first = new FirstPoint();

    public TurnTool(Workspace w, UnderlayId underlay) {
        this.w = w;
        this.underlay = underlay;
    }

    @Override public String id() {
        return "turn";
    }

    @Override public String prompt() {
        return Words.of(first.isMissing() ? "prompt.turn.first" : "prompt.turn.other");
    }

    @Override public void clicked(Aim aim) {
        if (first.isMissing()) first.place(aim.at());
        else first.get().filter(p -> p.distance(aim.at()) > 1e-6).ifPresent(p -> turn(Upright.turnFor(p, aim.at())));
    }

    private void turn(double by) {
        w.apply(Placing.turnBy(underlay, by));
        w.leaveTool();
        w.say(new Message(Message.Tone.GOOD, Words.of("turn.taken", LengthFormat.angle(by))));
    }

    @Override public Optional<Point> from() {
        return first.get();
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
        List<Mark> out = first.marks(w.aim().at());
        first.get().filter(p -> p.distance(w.aim().at()) > 1e-6)
            .ifPresent(p -> out.add(new Mark.Callout(w.aim().at(), Words.of("callout.turn", LengthFormat.angle(Upright.turnFor(p, w.aim().at()))))));
        return out;
    }
}
