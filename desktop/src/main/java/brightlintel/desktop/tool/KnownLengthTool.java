package brightlintel.desktop.tool;

import brightlintel.building.UnderlayId;
import brightlintel.correct.KnownLength;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Placing;
import brightlintel.geom.Point;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Two snapped points, then the true distance; then, by itself, a second one that tells how far off the drawing still is. */
public final class KnownLengthTool implements Tool {
    private final Workspace w;
    private final LengthPick pick;
    private boolean second;

    public KnownLengthTool(Workspace w, UnderlayId underlay) {
        this.w = w;
        this.pick = new LengthPick(w, underlay);
    }

    @Override public String id() {
        return "known-length";
    }

    @Override public String prompt() {
        String which = second ? "second." : "";
        return switch (pick.size()) {
            case 0 -> Words.of("prompt.known." + which + "first");
            case 1 -> Words.of("prompt.known." + which + "other");
            default -> Words.of("prompt.known." + which + "truth", w.lengths().position(pick.drawn()));
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
        if (!pick.isComplete() || !(value > 1e-6)) return false;
        KnownLength k = new KnownLength(pick.drawn(), value);
        if (second) {
            double share = k.share();
            boolean good = Math.abs(share) < 0.005;
            w.leaveTool();
            w.say(new Message(good ? Message.Tone.GOOD : Message.Tone.BAD,
                Words.of(good ? "known.agrees" : "known.parts", w.lengths().position(k.drawn()),
                w.lengths().position(k.truth()), w.lengths().partWithUnit(Math.abs(k.error())),
                String.format(Locale.ROOT, "%.2f", Math.abs(share) * 100))));
        } else {
            w.apply(Placing.knownLength(pick.points().id(), k));
            pick.points().clear();
            second = true;
            w.say(new Message(Message.Tone.GOOD, Words.of("known.taken", w.lengths().position(k.drawn()), w.lengths().position(k.truth()),
                String.format(Locale.ROOT, "%.5g", k.factor()))));
        }
        return true;
    }

    @Override public boolean back() {
        return pick.points().takeBack();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = pick.marks();
        if (pick.isComplete()) out.add(new Mark.Callout(pick.points().get(0).towards(pick.points().get(1), 0.5),
            Words.of("callout.drawn", w.lengths().position(pick.drawn()))));
        return out;
    }
}
