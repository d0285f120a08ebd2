package brightlintel.correct.look;

import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Doors as they are drawn open: about a quarter of a circle, and from its centre a leaf to one of its ends. */
public final class Doors {
    /** Degrees: leaves are drawn open by a right angle, by 45, 60 or 30. */
    private static final double LEAST = 25, MOST = 100;
    /** Of the radius: how far leaf and arc may miss each other. */
    private static final double MISS = 0.12, ROUND = 0.02;

    private Doors() { }

    /** @param radius of the leaf's way, file units; hinge: its centre */
    public record Door(double radius, Point hinge, int arc) { }

    static List<Door> of(Drawn d) {
        List<Door> out = new ArrayList<>();
        Strokes s = d.strokes();
        Set<EntityKey> measures = d.measureKeys();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < s.size(); i++) {
            if (s.isStraight(i) || !d.strokeShown().test(i) || !(s.curveOf(i) instanceof Curve.EllipticArc a)) continue;
            if (s.pathOf(i) != null && measures.contains(s.pathOf(i).insert()) || s.entityOf(i) instanceof Entity.Hatch) continue;
            double degrees = Math.toDegrees(Math.abs(a.sweep())), r = a.u().length();
            if (degrees < LEAST || degrees > MOST || !(r > 0) || Math.abs(a.v().length() / r - 1) > ROUND) continue;
            if (!hasLeaf(d, a, r)) continue;
            // a doubled stroke is not a second door
            if (seen.add(Math.round(a.centre().x() / r * 20) + " " + Math.round(a.centre().y() / r * 20) + " "
                + Math.round(Math.log(r) * 50)))
                out.add(new Door(r, a.centre(), i));
        }
        return out;
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
