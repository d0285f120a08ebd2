package brightlintel.correct.look;

import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Grid lines by the tags at their ends: a short label in a circle, and a stroke that comes out of it, on which its middle lies. */
public final class Bubbles {
    /** A mark behind a letter or figure stands for a line between two. */
    private static final Pattern LABEL = Pattern.compile("[A-Z]{1,2}['’′]{0,2}|[A-Z]?\\d{1,2}[A-Za-z'’′]?"
        + "|\\d{1,2}\\.\\d|[A-Z]\\.?\\d|[a-z]");
    /**
     * Of the radius: the label's middle from the circle's, the stroke's end from the circle, its line from the middle; its length at least.
     */
    private static final double MIDDLE = 0.6, END = 1.35, ON = 0.08, LONG = 2.5;

    private Bubbles() { }

    /**
     * @param at        the middle of the tag, on the line; shifted file units
     * @param direction of the line
     */
    public record Tagged(String label, Point at, Point direction, int stroke) { }

    /** Straight lines; round ones beside them, whose directions are those at their tags. */
    record Found(List<Tagged> straight, List<Tagged> round) { }

    static Found of(Drawn d, Circles circles) {
        Found out = new Found(new ArrayList<>(), new ArrayList<>());
        Strokes s = d.strokes();
        List<Strokes.TextMark> labels = new ArrayList<>();
        for (int i = 0; i < s.texts().size(); i++)
            if (d.markShown().test(i) && LABEL.matcher(s.texts().get(i).plain().strip()).matches()) labels.add(s.texts().get(i));
        for (Strokes.TextMark t : labels) {
            Point c = t.box().centre();
            double h = t.map().applyVector(new Point(0, 1)).length();
            boolean[] done = {false};
            circles.in(Box.around(c, 3 * MIDDLE * h), x -> {
                double r = x.radius();
                if (done[0] || r < 0.6 * h || r > 3 * h || x.centre().distance(c) > MIDDLE * r) return;
                done[0] = lines(d, t.plain().strip(), x.centre(), r, out);
            });
        }
        return out;
    }

    /** A crossing may have one tag for two lines: each is told. */
    private static boolean lines(Drawn d, String label, Point c, double r, Found out) {
        Strokes s = d.strokes();
        int before = out.straight.size(), round = out.round.size();
        s.chordsIn(Box.around(c, END * r), k -> {
            int i = s.strokeOf(k);
            if (!d.strokeShown().test(i)) return;
            Curve line = s.curveOf(i);
            if (line instanceof Curve.EllipticArc a) {
                if (endsAt(a, c, r) && out.round.subList(round, out.round.size()).stream().noneMatch(t -> t.stroke == i))
                    out.round.add(new Tagged(label, c, c.minus(a.centre()).unit().left(), i));
                return;
            }
            if (!s.isStraight(i)) return;
            double length = line.length();
            if (length < LONG * r) return;
            Point u = line.last().minus(line.first()).times(1 / length);
            boolean on = Math.abs(u.cross(c.minus(line.first()))) < ON * r;
            double near = Math.min(line.first().distance(c), line.last().distance(c));
            boolean known = out.straight.subList(before, out.straight.size()).stream().anyMatch(t -> Math.abs(t.direction.cross(u)) < 0.01);
            if (on && near < END * r && !known) out.straight.add(new Tagged(label, c, u, i));
        });
        return out.straight.size() > before || out.round.size() > round;
    }

    /** Whether an arc much larger than a tag comes out of it, on its way to the tag's middle. */
    private static boolean endsAt(Curve.EllipticArc a, Point c, double r) {
        if (!a.isCircular() || a.isWhole() || a.u().length() < LONG * r || a.length() < LONG * r) return false;
        return Math.abs(a.centre().distance(c) - a.u().length()) < 2 * ON * r && Math.min(a.first().distance(c), a.last().distance(c))
            < END * r;
    }
}
