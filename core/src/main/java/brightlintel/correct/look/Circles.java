package brightlintel.correct.look;

import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.SegmentIndex;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** Whole circles, however they were drawn: at once, as arcs one after the other about one centre, or as many chords of one closed line. */
public final class Circles {
    private static final double WHOLE = Math.toRadians(340), QUITE = Math.toRadians(359);
    /**
     * Of the radius: how far centres of arcs of one circle lie apart, and corners of one in chords off it; no chord is longer than one of
     * a quarter. Chords of one.
     */
    private static final double ONE = 0.02, OFF = 0.01, LONGEST = 1.45;
    private static final int LEAST = 8, MOST = 200;
    private final List<Circle> all;
    private final SegmentIndex index;

    /** @param centre shifted file units */
    public record Circle(Point centre, double radius, List<Integer> strokes) { }

    private Circles(List<Circle> all) {
        this.all = List.copyOf(all);
        index = SegmentIndex.ofBoxes(all.stream().map(c -> Box.around(c.centre, 0)).toList());
    }

    static Circles of(Drawn d, List<Outlines.Run> runs) {
        List<Circle> out = new ArrayList<>();
        Strokes s = d.strokes();
        for (int i = 0; i < s.size();) {
            Curve.EllipticArc a = arc(d, i);
            if (a == null) {
                i++;
                continue;
            }
            double sweep = Math.abs(a.sweep()), r = a.u().length();
            int to = i + 1;
            for (; sweep < QUITE && to < s.size() && arc(d, to) instanceof Curve.EllipticArc b && a.centre().distance(b.centre()) < ONE * r
                && Math.abs(b.u().length() - r) < ONE * r; to++) sweep += Math.abs(b.sweep());
            if (sweep > WHOLE && Math.abs(a.v().length() - r) < ONE * r) out.add(circle(a.centre(), r, i, to));
            i = to;
        }
        for (Outlines.Run r : runs) if (r.isClosed()) polygon(r.points(), r.from(), r.to(), out);
        mixed(d, out);
        return new Circles(out);
    }

    private static Curve.EllipticArc arc(Drawn d, int i) {
        Strokes s = d.strokes();
        return !s.isStraight(i) && d.strokeShown().test(i) && s.curveOf(i) instanceof Curve.EllipticArc a ? a : null;
    }

    private static Circle circle(Point c, double r, int from, int to) {
        List<Integer> strokes = new ArrayList<>();
        for (int i = from; i < to; i++) strokes.add(i);
        return new Circle(c, r, List.copyOf(strokes));
    }

    /** Chords of one line, some of which were read as an arc: a sheet that was stretched has such tags. */
    private static void mixed(Drawn d, List<Circle> out) {
        Strokes s = d.strokes();
        for (int i = 0; i < s.size();) {
            int to = i + 1;
            boolean round = !s.isStraight(i), straight = !round;
            for (; to < s.size() && s.entityOf(to) == s.entityOf(i) && s.pathOf(to) == s.pathOf(i); to++) {
                round |= !s.isStraight(to);
                straight |= s.isStraight(to);
            }
            if (round && straight && to - i >= LEAST && to - i < MOST && d.strokeShown().test(i)) {
                List<Point> p = new ArrayList<>(List.of(s.curveOf(i).first()));
                for (int k = i; k < to; k++) {
                    if (!s.isStraight(k)) p.add(s.curveOf(k).at(0.5));
                    p.add(s.curveOf(k).last());
                }
                if (p.getFirst().distance(p.getLast()) < OFF * p.getFirst().distance(p.get(p.size() / 2))) polygon(p, i, to, out);
            }
            i = to;
        }
    }

    private static void polygon(List<Point> p, int from, int to, List<Circle> out) {
        int n = p.size() - 1;
        if (n < LEAST) return;
        Roundness.of(p, OFF, LONGEST).ifPresent(c -> out.add(circle(c.centre(), c.radius(), from, to)));
    }

    public List<Circle> all() {
        return all;
    }

    /** Those whose centres lie there. */
    public void in(Box shifted, Consumer<Circle> hit) {
        index.query(shifted, i -> hit.accept(all.get(i)));
    }
}
