package brightlintel.correct.look;

import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Unstretched;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Doors as they are drawn open: about a quarter of a circle, and from its centre a leaf to one of its ends. */
public final class Doors {
    /** Degrees: leaves are drawn open by a right angle, by 45, 60 or 30. */
    private static final double LEAST = 25, MOST = 100;
    /** Of the radius: how far leaf and arc may miss each other. */
    private static final double MISS = 0.12, ROUND = 0.02;
    /** Of an arc in chords: how many at least, how much longer one may be than all on average, and what is no arc at all. */
    private static final int LEAST_CHORDS = 4;
    private static final double EVEN = 1.6, FLAT = 0.02;

    private Doors() { }

    /**
     * @param radius of the leaf's way, file units; hinge: its centre
     * @param round  not drawn out, so that the leaf is as wide as the door
     */
    public record Door(double radius, Point hinge, int arc, boolean round) { }

    static List<Door> of(Drawn d, List<Outlines.Run> runs) {
        List<Door> out = new ArrayList<>();
        Strokes s = d.strokes();
        Set<EntityKey> measures = d.measureKeys();
        Set<String> seen = new HashSet<>();
        for (Outlines.Run r : runs) chords(r).filter(a -> hasLeaf(d, a, a.u().length())).ifPresent(a -> {
            if (seen.add(key(a, a.u().length()))) out.add(new Door(a.u().length(), a.centre(), r.from(), true));
        });
        for (int i = 0; i < s.size(); i++) {
            // on a sheet that was stretched arcs are splines or ellipses
            if (s.isStraight(i) || !d.strokeShown().test(i) || !(Unstretched.of(s.curveOf(i)) instanceof Curve.EllipticArc a)) continue;
            if (s.pathOf(i) != null && measures.contains(s.pathOf(i).insert()) || s.entityOf(i) instanceof Entity.Hatch) continue;
            double degrees = Math.toDegrees(Math.abs(a.sweep()));
            if (degrees < LEAST || degrees > MOST || !(a.u().length() > 0)) continue;
            boolean round = Math.abs(a.v().length() / a.u().length() - 1) <= ROUND;
            if (!round && !a.isQuarterDrawnOut()) continue;
            double r = hasLeaf(d, a, a.u().length()) ? a.u().length() : !round && hasLeaf(d, a, a.v().length()) ? a.v().length() : 0;
            // a doubled stroke is not a second door
            if (r > 0 && seen.add(key(a, r))) out.add(new Door(r, a.centre(), i, round));
        }
        return out;
    }

    private static String key(Curve.EllipticArc a, double r) {
        return Math.round(a.centre().x() / r * 20) + " " + Math.round(a.centre().y() / r * 20) + " " + Math.round(Math.log(r) * 50);
    }

    /** An arc that was written as chords of one line: all their ends lie on one circle, and each turns by as much as the next. */
    private static Optional<Curve.EllipticArc> chords(Outlines.Run r) {
        List<Point> p = r.points();
        int n = p.size() - 1;
        if (n < LEAST_CHORDS || r.isClosed()) return Optional.empty();
        Point a = p.getFirst(), b = p.get(n / 2), c = p.getLast(), ab = b.minus(a), ac = c.minus(a);
        double twice = 2 * ab.cross(ac);
        if (Math.abs(twice) < FLAT * ac.dot(ac)) return Optional.empty();
        double bb = ab.dot(ab), cc = ac.dot(ac);
        Point centre = a.plus(new Point((ac.y() * bb - ab.y() * cc) / twice, (ab.x() * cc - ac.x() * bb) / twice));
        double radius = centre.distance(a), longest = 0;
        for (int i = 0; i <= n; i++) {
            if (Math.abs(p.get(i).distance(centre) / radius - 1) > ROUND / 2) return Optional.empty();
            if (i > 0) longest = Math.max(longest, p.get(i).distance(p.get(i - 1)));
        }
        double start = a.minus(centre).angle(), sweep = Angles.signed(c.minus(centre).angle() - start),
            degrees = Math.abs(Math.toDegrees(sweep));
        boolean even = longest < EVEN * Math.abs(sweep) * radius / n;
        return even && degrees >= LEAST && degrees <= MOST ? Optional.of(Curve.EllipticArc.circular(centre, radius, start, sweep))
            : Optional.empty();
    }

    /** A straight stroke from about the centre to about an end of the arc, as long as the radius. */
    private static boolean hasLeaf(Drawn d, Curve.EllipticArc a, double r) {
        Strokes s = d.strokes();
        boolean[] found = {false};
        Point c = a.centre();
        s.chordsIn(Box.around(c, MISS * r), k -> {
            int i = s.strokeOf(k);
            if (found[0] || !s.isStraight(i) || !d.strokeShown().test(i)) return;
            Curve line = s.curveOf(i);
            Point far = line.first().distance(c) < line.last().distance(c) ? line.last() : line.first();
            Point near = far == line.first() ? line.last() : line.first();
            boolean fits = near.distance(c) < MISS * r && Math.abs(line.length() / r - 1) < MISS;
            found[0] = fits && (far.distance(a.first()) < MISS * r || far.distance(a.last()) < MISS * r);
        });
        return found[0];
    }
}
