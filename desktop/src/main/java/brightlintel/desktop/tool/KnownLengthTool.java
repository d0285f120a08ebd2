package brightlintel.desktop.tool;

import brightlintel.building.Placement;
import brightlintel.building.Scale;
import brightlintel.building.UnderlayId;
import brightlintel.correct.KnownLength;
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

/**
 * Two snapped points, or the two faces of a wall, and their true distance, which sets the size. A second length tells how far off the
 * drawing still is; from the third on it shows whether the sheet was stretched, and sets that right.
 */
public final class KnownLengthTool implements Tool {
    /** Two lengths that part by less agree, as dimensions do that are rounded. */
    private static final double AGREES = 0.005;
    /** A stretch is one where it explains most of what an even scale leaves. */
    private static final double EXPLAINS = 0.5;
    private final Workspace w;
    private final LengthPick pick;
    private final List<Stretch.Length> lengths = new ArrayList<>();

    private KnownLengthTool(Workspace w, LengthPick pick) {
        this.w = w;
        this.pick = pick;
    }

    public KnownLengthTool(Workspace w, UnderlayId underlay) {
        this(w, new LengthPick(w, underlay));
    }

    /** The two faces of a drawn wall, and how thick it truly is. */
    public static KnownLengthTool ofWall(Workspace w, UnderlayId underlay) {
        return new KnownLengthTool(w, new LengthPick(w, underlay, true));
    }

    @Override public String id() {
        return pick.ofFaces() ? "known-thickness" : "known-length";
    }

    @Override public String prompt() {
        String which = lengths.isEmpty() ? "" : lengths.size() == 1 ? "second." : "more.", how = pick.ofFaces() ? "face." : "";
        return switch (pick.size()) {
            case 0 -> Words.of("prompt.known." + how + which + "first");
            case 1 -> Words.of("prompt.known." + how + "other");
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

    @Override public boolean snaps() {
        return !pick.ofFaces();
    }

    @Override public Asks asks() {
        return pick.asks();
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        Optional<Placement> p = pick.points().placement();
        if (!pick.isComplete() || !(value > 1e-6) || p.isEmpty()) return false;
        KnownLength k = new KnownLength(pick.drawn(), value);
        Point drawn = p.get().toStraightened(pick.points().get(1)).minus(p.get().toStraightened(pick.points().get(0)));
        pick.clear();
        lengths.add(new Stretch.Length(drawn, value));
        if (lengths.size() == 1) first(k);
        else if (lengths.size() == 2) second(k);
        else further(p.get().scale().value());
        return true;
    }

    private void first(KnownLength k) {
        w.apply(Placing.knownLength(pick.points().id(), k));
        w.say(new Message(Message.Tone.GOOD, Words.of("known.taken", w.lengths().position(k.drawn()), w.lengths().position(k.truth()),
            String.format(Locale.ROOT, "%.5g", k.factor()))));
    }

    private void second(KnownLength k) {
        double share = k.share();
        boolean good = Math.abs(share) < AGREES;
        w.say(new Message(good ? Message.Tone.GOOD : Message.Tone.BAD,
            Words.of(good ? "known.agrees" : "known.parts", w.lengths().position(k.drawn()),
            w.lengths().position(k.truth()), w.lengths().partWithUnit(Math.abs(k.error())),
            String.format(Locale.ROOT, "%.2f", Math.abs(share) * 100))));
    }

    /** Where two scales explain what one leaves, the sheet was stretched. */
    private void further(Scale now) {
        double before = off(now);
        Optional<Scale> found = Stretch.of(lengths);
        double after = found.map(this::off).orElse(before);
        if (found.isPresent() && after < EXPLAINS * before && before > AGREES / 5) {
            w.apply(Placing.stretched(pick.points().id(), found.get(), lengths.stream().mapToDouble(l -> Math.abs(l.error(found.get())))
                .max().orElse(0)));
            double share = 100 * Math.abs(found.get().metresPerUnitX() / found.get().metresPerUnitY() - 1);
            w.say(new Message(Message.Tone.GOOD, Words.of("known.stretched", String.format(Locale.ROOT, "%.2f", share), lengths.size(),
                String.format(Locale.ROOT, "%.2f", 100 * after))));
        } else w.say(new Message(before < AGREES ? Message.Tone.GOOD : Message.Tone.BAD, Words.of(before < AGREES ? "known.all-agree"
            : "known.none-explains", lengths.size(), String.format(Locale.ROOT, "%.2f", 100 * before))));
    }

    /** The largest share by which a length comes out wrong. */
    private double off(Scale s) {
        return lengths.stream().mapToDouble(l -> Math.abs(l.error(s)) / l.truth()).max().orElse(0);
    }

    @Override public boolean back() {
        return pick.takeBack();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = pick.marks();
        if (pick.isComplete()) out.add(new Mark.Callout(pick.points().get(0).towards(pick.points().get(1), 0.5),
            Words.of("callout.drawn", w.lengths().position(pick.drawn()))));
        return out;
    }
}
