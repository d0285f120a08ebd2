package brightlintel.read.pdf;

import brightlintel.geom.Angles;
import brightlintel.geom.Circle;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Straight pieces that go round one circle by even small steps: an arc that a writer flattened. As cubic curves are, they are read as what
 * they were; figures of a polygon, which turn by more at each corner, stay as they are.
 */
final class Chords {
    /** An eighth of a turn in two is drawn by no writer; radians by which one turns against the last, and all together. */
    private static final int FEWEST = 4, MANY = 8;
    private static final double LEAST = Math.toRadians(0.5), MOST = Math.toRadians(23), SWEEP = Math.toRadians(28),
        SHALLOW = Math.toRadians(6);
    /** Points: how far corners may lie off, as figures are rounded; of the usual chord, how far others may differ; of the radius: how far
     * a machine stretches. */
    private static final double OFF = 0.03, EVEN = 1.5, STRETCHED = 0.04;

    private Chords() { }

    /** The same run with arcs for chords. */
    static List<Curve> rounded(List<Curve> run) {
        if (run.size() < FEWEST) return run;
        List<Curve> out = null;
        for (int i = 0; i < run.size(); ) {
            int n = length(run, i);
            Curve.EllipticArc arc = n >= FEWEST ? arc(run.subList(i, i + n)) : null;
            if (arc == null) {
                // nearly round as a whole: of a sheet that was stretched a part of it is no arc either
                int kept = n > FEWEST && isNearlyRound(run.subList(i, i + n)) ? n : 1;
                if (out != null) out.addAll(run.subList(i, i + kept));
                i += kept;
                continue;
            }
            if (out == null) out = new ArrayList<>(run.subList(0, i));
            // what opens in a round wall cuts the chords at its ends
            boolean before = !out.isEmpty() && isCut(out.getLast(), run.get(i), arc), after = i + n < run.size() && isCut(run.get(i + n),
                run.get(i), arc);
            if (before) out.removeLast();
            int from = before ? i - 1 : i, to = i + n + (after ? 1 : 0);
            Curve.EllipticArc whole = before || after ? arc(run.subList(from, to)) : arc;
            out.add(whole == null ? arc : whole);
            if (whole == null && before) out.add(out.size() - 1, run.get(from));
            i = whole == null ? i + n : to;
        }
        return out == null ? run : out;
    }

    private static boolean isNearlyRound(List<? extends Curve> chords) {
        List<Point> corners = new ArrayList<>(List.of(chords.getFirst().first()));
        for (Curve k : chords) corners.add(k.last());
        return Circle.about(corners).filter(c -> corners.stream().allMatch(p -> c.off(p) < STRETCHED * c.radius())).isPresent();
    }

    /** Whether one is the rest of a chord of an arc's circle. */
    private static boolean isCut(Curve c, Curve chord, Curve.EllipticArc of) {
        Circle round = new Circle(of.centre(), of.u().length());
        return c instanceof Curve.Straight s && s.length() < chord.length() && round.off(s.a()) < OFF && round.off(s.b()) < OFF;
    }

    /** How many from one on turn evenly, the same way. */
    static int length(List<? extends Curve> run, int from) {
        if (!(run.get(from) instanceof Curve.Straight first)) return 0;
        double before = 0;
        Curve.Straight last = first;
        int n = 1;
        for (; from + n < run.size() && run.get(from + n) instanceof Curve.Straight s; n++) {
            double turn = turn(last, s);
            if (Math.abs(turn) < LEAST || Math.abs(turn) > MOST || before * turn < 0 || !even(last.length(), s.length())) break;
            before = turn;
            last = s;
        }
        return n;
    }

    private static double turn(Curve.Straight a, Curve.Straight b) {
        Point u = a.b().minus(a.a()), v = b.b().minus(b.a());
        return Math.atan2(u.cross(v), u.dot(v));
    }

    private static boolean even(double a, double b) {
        return a < EVEN * b && b < EVEN * a;
    }

    /** The arc through the ends of chords; null where they lie on no circle, or on too little of one. */
    static Curve.EllipticArc arc(List<? extends Curve> chords) {
        Point a = chords.getFirst().first(), z = chords.getLast().last();
        boolean whole = a.distance(z) < OFF;
        int n = chords.size();
        List<Point> corners = new ArrayList<>(List.of(a));
        for (Curve k : chords) corners.add(k.last());
        Circle about = Circle.about(corners).orElse(null);
        if (about == null) return null;
        // from end to end, and as round as all of them tell
        Point along = z.minus(a).unit(), off = about.centre().minus(a.towards(z, 0.5));
        Point c = whole ? about.centre() : about.centre().minus(along.times(along.dot(off)));
        double r = c.distance(a), sweep = 0;
        for (Curve k : chords) {
            if (Math.abs(k.last().distance(c) - r) > OFF) return null;
            Point u = k.first().minus(c), v = k.last().minus(c);
            sweep += Math.atan2(u.cross(v), u.dot(v));
        }
        if (Math.abs(sweep) < (n < MANY ? SWEEP : SHALLOW)) return null;
        return Curve.EllipticArc.circular(c, r, a.minus(c).angle(), whole ? Math.copySign(Angles.TURN, sweep) : sweep);
    }
}
