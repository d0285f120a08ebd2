package brightlintel.recognise;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

import brightlintel.geom.Angles;
import brightlintel.geom.Circle;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;

/** Arcs that were written as chords of one line: of even length, each turned from the one before by as much, all ends on one circle. */
final class ChordRuns {
    /**
     * Of an arc: how many chords at least; how much lengths and turns may differ; radians between two; metres off the circle, and apart.
     */
    private static final int LEAST = 3;
    private static final double EVEN = 0.2, OFF = 0.006, MEET = 1e-3;
    private static final double FLAT = Math.toRadians(0.5), SHARP = Math.toRadians(25);
    private final PlacedDrawing d;
    private final IntPredicate wanted;

    /** @param wanted what may be a face */
    ChordRuns(PlacedDrawing d, IntPredicate wanted) {
        this.d = d;
        this.wanted = wanted;
    }

    /** @param first stroke, and how many */
    record Run(Curve.EllipticArc arc, int first, int count) { }

    List<Run> all() {
        List<Run> out = new ArrayList<>();
        for (int i = 0; i + LEAST <= d.strokes().size();) {
            int to = i + 1;
            while (to < d.strokes().size() && goesOn(i, to)) to++;
            if (to - i >= LEAST) arc(i, to, out);
            i = to;
        }
        return out;
    }

    private Curve.Straight line(int i) {
        return d.strokes().isStraight(i) && wanted.test(i) && d.cleared().strokeShown(i) && d.curve(i) instanceof Curve.Straight s ? s
            : null;
    }

    /** Whether a stroke goes on from the one before as those from a first one on do. */
    private boolean goesOn(int first, int i) {
        Curve.Straight a = line(i - 1), b = line(i);
        if (a == null || b == null || d.strokes().entityOf(i) != d.strokes().entityOf(i - 1) || a.b().distance(b.a()) > MEET
            || Math.abs(b.length() / a.length() - 1) > EVEN) return false;
        double turn = turn(a, b);
        if (Math.abs(turn) < FLAT || Math.abs(turn) > SHARP) return false;
        return i - 1 == first || Math.abs(turn / turn(line(first), line(first + 1)) - 1) < EVEN;
    }

    private static double turn(Curve.Straight a, Curve.Straight b) {
        return Angles.signed(b.b().minus(b.a()).angle() - a.b().minus(a.a()).angle());
    }

    private void arc(int from, int to, List<Run> out) {
        List<Point> p = new ArrayList<>(List.of(line(from).a()));
        for (int i = from; i < to; i++) p.add(line(i).b());
        Circle c = Circle.about(p).orElse(null);
        if (c == null || p.stream().anyMatch(q -> c.off(q) > OFF)) return;
        double sweep = 0;
        for (int i = 1; i < p.size(); i++)
            sweep += Angles.signed(p.get(i).minus(c.centre()).angle() - p.get(i - 1).minus(c.centre()).angle());
        out.add(new Run(Curve.EllipticArc.circular(c.centre(), c.radius(), p.getFirst().minus(c.centre()).angle(), sweep), from,
            to - from));
    }
}
