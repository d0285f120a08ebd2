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
    /** Of the radius: how far centres of arcs of one circle lie apart, and corners of one in chords off it. Chords at least. */
    private static final double ONE = 0.02, OFF = 0.01;
    private static final int LEAST = 8;
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
        for (Outlines.Run r : runs) polygon(r, out);
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

    private static void polygon(Outlines.Run run, List<Circle> out) {
        List<Point> p = run.points();
        int n = p.size() - 1;
        if (n < LEAST || !run.isClosed()) return;
        double x = 0, y = 0;
        for (Point q : p.subList(0, n)) {
            x += q.x() / n;
            y += q.y() / n;
        }
        Point c = new Point(x, y);
        double r = c.distance(p.getFirst()), side = p.get(0).distance(p.get(1));
        for (int i = 0; i < n; i++)
            if (Math.abs(c.distance(p.get(i)) - r) > OFF * r || Math.abs(p.get(i).distance(p.get(i + 1)) - side) > 0.1 * side) return;
        out.add(circle(c, r, run.from(), run.to()));
    }

    public List<Circle> all() {
        return all;
    }

    /** Those whose centres lie there. */
    public void in(Box shifted, Consumer<Circle> hit) {
        index.query(shifted, i -> hit.accept(all.get(i)));
    }
}
