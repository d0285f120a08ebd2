package brightlintel.desktop.tool;

import brightlintel.building.UnderlayId;
import brightlintel.correct.KnownLength;
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

/** Two snapped points, then the true distance; then, by itself, a second one that tells how far off the drawing still is. */
public final class KnownLengthTool implements Tool {
    private final Workspace w;
    private final OnUnderlay points;
    private boolean second;

    public KnownLengthTool(Workspace w, UnderlayId underlay) {
        this.w = w;
        this.points = new OnUnderlay(w, underlay);
    }

    @Override public String id() {
        return "known-length";
    }

    @Override public String prompt() {
        String which = second ? "second." : "";
        return switch (points.size()) {
            case 0 -> Words.of("prompt.known." + which + "first");
            case 1 -> Words.of("prompt.known." + which + "other");
            default -> Words.of("prompt.known." + which + "truth", w.lengths().position(drawn()));
        };
    }

    private double drawn() {
        return points.get(0).distance(points.get(1));
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
        if (points.size() < 2 || !(value > 1e-6)) return false;
        KnownLength k = new KnownLength(drawn(), value);
        if (second) {
            double share = k.share();
            boolean good = Math.abs(share) < 0.005;
            w.leaveTool();
            w.say(new Message(good ? Message.Tone.GOOD : Message.Tone.BAD,
                Words.of(good ? "known.agrees" : "known.parts", w.lengths().position(k.drawn()),
                w.lengths().position(k.truth()), w.lengths().partWithUnit(Math.abs(k.error())),
                String.format(Locale.ROOT, "%.2f", Math.abs(share) * 100))));
        } else {
            w.apply(Placing.knownLength(points.id(), k));
            points.clear();
            second = true;
            w.say(new Message(Message.Tone.GOOD, Words.of("known.taken", w.lengths().position(k.drawn()), w.lengths().position(k.truth()),
                String.format(Locale.ROOT, "%.5g", k.factor()))));
        }
        return true;
    }

    @Override public boolean back() {
        return points.takeBack();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        points.points().forEach(p -> out.add(new Mark.Handle(p, "")));
        if (points.size() == 1) out.add(new Mark.Line(points.get(0), w.aim().at(), true));
        if (points.size() == 2) {
            out.add(new Mark.Line(points.get(0), points.get(1), false));
            out.add(new Mark.Callout(points.get(0).towards(points.get(1), 0.5), Words.of("callout.drawn", w.lengths().position(drawn()))));
        }
        return out;
    }
}
