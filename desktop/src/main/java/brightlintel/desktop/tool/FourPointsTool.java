package brightlintel.desktop.tool;

import brightlintel.building.Straightening;
import brightlintel.building.UnderlayId;
import brightlintel.correct.FourPoints;
import brightlintel.desktop.state.Aim;
import brightlintel.desktop.state.Message;
import brightlintel.desktop.state.Workspace;
import brightlintel.desktop.text.Words;
import brightlintel.edit.Placing;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Four corners of a rectangle on a photograph, then its sides, or the same four corners where they truly are; then, by choice, a second
 * rectangle that tells what remains.
 */
public final class FourPointsTool implements Tool {
    private static final int CORNERS = 4;
    private final Workspace w;
    private final OnUnderlay corners;
    private final List<Point> truth = new ArrayList<>();
    private final List<Straightening.Rectangle> done = new ArrayList<>();

    public FourPointsTool(Workspace w, UnderlayId underlay) {
        this.w = w;
        this.corners = new OnUnderlay(w, underlay);
    }

    @Override public String id() {
        return "four-points";
    }

    @Override public String prompt() {
        int n = corners.size();
        if (n < CORNERS) return Words.of(done.isEmpty() ? "prompt.four.corner" : "prompt.four.second", n + 1);
        return truth.isEmpty() ? Words.of(done.isEmpty() ? "prompt.four.sides" : "prompt.four.second-sides")
            : Words.of("prompt.four.truth", truth.size() + 1);
    }

    @Override public void clicked(Aim aim) {
        if (corners.size() < CORNERS) {
            corners.add(aim.at());
            return;
        }
        if (!done.isEmpty()) return;
        truth.add(aim.at());
        if (truth.size() == CORNERS) onto();
    }

    @Override public void projectChanged() {
        if (corners.isGone()) w.leaveTool();
    }

    @Override public Optional<Point> from() {
        return corners.size() > 0 && corners.size() < CORNERS ? Optional.of(corners.get(corners.size() - 1)) : Optional.empty();
    }

    @Override public Asks asks() {
        return corners.size() == CORNERS && truth.isEmpty() ? Asks.TEXT : Asks.NOTHING;
    }

    @Override public boolean typed(double value, String text, Optional<Double> direction) {
        Optional<double[]> sides = sides(text);
        if (corners.size() < CORNERS || sides.isEmpty()) return false;
        try {
            List<Straightening.Rectangle> all = new ArrayList<>(done);
            all.add(new Straightening.Rectangle(corners.inFile(), sides.get()[0], sides.get()[1]));
            FourPoints.Fitted f = FourPoints.fit(all);
            w.apply(Placing.straighten(corners.id(), f));
            done.clear();
            done.addAll(all);
            if (done.size() == 2) w.leaveTool();
            said(f);
        } catch (IllegalArgumentException e) {
            w.say(new Message(Message.Tone.BAD, Words.of("four.cannot")));
        }
        corners.clear();
        return true;
    }

    private void said(FourPoints.Fitted f) {
        String pixel = w.lengths().partWithUnit(f.pixel()), remains = w.lengths().partWithUnit(f.remains());
        w.say(new Message(Message.Tone.GOOD, f.straightening().rectangles().size() == 1 ? Words.of("four.taken", pixel)
            : Words.of("four.checked", remains, pixel)));
    }

    /** The rectangle is where it was clicked, as nearly as four clicks make one. */
    private void onto() {
        double first = (truth.get(0).distance(truth.get(1)) + truth.get(3).distance(truth.get(2))) / 2,
            second = (truth.get(1).distance(truth.get(2)) + truth.get(0).distance(truth.get(3))) / 2;
        try {
            FourPoints.Fitted f = FourPoints.fit(List.of(new Straightening.Rectangle(corners.inFile(), first, second)));
            w.apply(Placing.straightenOnto(corners.id(), f, List.copyOf(truth)));
            double remains = off(f);
            done.add(f.straightening().rectangles().getFirst());
            w.say(new Message(Message.Tone.GOOD, Words.of("four.onto", w.lengths().partWithUnit(remains))));
        } catch (IllegalArgumentException e) {
            w.say(new Message(Message.Tone.BAD, Words.of("four.cannot")));
        }
        truth.clear();
        corners.clear();
    }

    /** The largest by which a corner misses where it was clicked. */
    private double off(FourPoints.Fitted f) {
        double worst = 0;
        List<Point> drawn = f.straightening().rectangles().getFirst().corners();
        for (int i = 0; i < CORNERS; i++) {
            Point t = truth.get(i), c = drawn.get(i);
            worst = Math.max(worst, corners.placement().map(p -> p.apply(c).distance(t)).orElse(0.0));
        }
        return worst;
    }

    /** Two lengths with x, by or a star between them. */
    private Optional<double[]> sides(String text) {
        String[] parts = text.strip().split("\\s*(?:[x×*;]|\\bby\\b)\\s*");
        if (parts.length != 2) return Optional.empty();
        Optional<Double> a = LengthReader.read(parts[0], w.lengths().positionUnit()),
            b = LengthReader.read(parts[1], w.lengths().positionUnit());
        return a.isPresent() && b.isPresent() && a.get() > 1e-3 && b.get() > 1e-3 ? Optional.of(new double[] {a.get(), b.get()})
            : Optional.empty();
    }

    @Override public boolean back() {
        if (!truth.isEmpty()) {
            truth.removeLast();
            return true;
        }
        return corners.takeBack();
    }

    @Override public List<Mark> marks() {
        List<Mark> out = new ArrayList<>();
        List<Point> p = corners.points();
        p.forEach(q -> out.add(new Mark.Handle(q, "")));
        for (int i = 0; i + 1 < p.size(); i++) out.add(new Mark.Line(p.get(i), p.get(i + 1), false));
        if (p.size() == CORNERS) out.add(new Mark.Line(p.get(3), p.get(0), false));
        else if (!p.isEmpty()) out.add(new Mark.Line(p.getLast(), w.aim().at(), true));
        truth.forEach(q -> out.add(new Mark.Handle(q, "")));
        for (int i = 0; i + 1 < truth.size(); i++) out.add(new Mark.Line(truth.get(i), truth.get(i + 1), true));
        return out;
    }
}
