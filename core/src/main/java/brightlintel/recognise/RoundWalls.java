package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;

import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;

/** Round walls: arcs about one centre, those of one radius as one face, and two faces as far apart as walls are thick. */
final class RoundWalls {
    /** Metres: thicknesses; centres and radii that are one; the smallest radius; along an arc, over a window in it. */
    private static final double THIN = 0.055, THICK = 0.66, CENTRE = 0.012, SAME = 0.006, SMALLEST = 0.4, OVER = 4;
    private static final double ROUND = Math.toRadians(12);

    /** @param middle counter-clockwise; sure: of faces that are told to be walls, both */
    record Round(Piece middle, double thickness, boolean sure) { }

    /** Arcs of one radius about one centre, counter-clockwise, radians; drawn: how much of it there is. */
    private record Face(Point centre, double radius, double from, double to, double drawn, boolean sure) { }

    private final List<Face> faces = new ArrayList<>();

    RoundWalls(PlacedDrawing d, IntPredicate sure, IntPredicate perhaps) {
        List<Face> bits = new ArrayList<>();
        for (int i = 0; i < d.strokes().size(); i++) {
            if (!sure.test(i) && !perhaps.test(i) || !d.cleared().strokeShown(i) || !(d.curve(i) instanceof Curve.EllipticArc a)
                || !a.isCircular() || a.u().length() < SMALLEST) continue;
            double first = a.first().minus(a.centre()).angle(), sweep = a.sweep() * Math.signum(a.u().cross(a.v()));
            double from = Angles.positive(sweep > 0 ? first : first + sweep);
            bits.add(new Face(a.centre(), a.u().length(), from, from + Math.abs(sweep), Math.abs(sweep), sure.test(i)));
        }
        bits.sort(Comparator.comparingDouble(Face::from));
        for (Face b : bits) join(b);
        faces.removeIf(f -> f.to - f.from < ROUND);
        faces.sort(Comparator.comparingDouble(Face::radius));
    }

    /** To the arc before it on the same circle, over what opens between. */
    private void join(Face b) {
        for (int i = 0; i < faces.size(); i++) {
            Face f = faces.get(i);
            double gap = (b.from - f.to) * f.radius;
            if (f.centre.distance(b.centre) > CENTRE || Math.abs(f.radius - b.radius) > SAME || gap > OVER) continue;
            faces.set(i, new Face(f.centre, f.radius, f.from, Math.max(f.to, b.to), f.drawn + b.drawn, f.sure || b.sure));
            return;
        }
        faces.add(b);
    }

    /** The widest pair of each: glass and layers lie between. */
    List<Round> all() {
        List<Round> out = new ArrayList<>();
        List<Face> left = new ArrayList<>(faces);
        while (left.size() > 1) {
            Face a = left.removeFirst();
            Face best = null;
            Piece middle = null;
            for (Face b : left) {
                double t = b.radius - a.radius;
                if (t < THIN || t > THICK || a.centre.distance(b.centre) > CENTRE || !a.sure && !b.sure && a.drawn
                    + b.drawn < ROUND) continue;
                Optional<Piece> p = between(a, b);
                if (p.isPresent() && (best == null || b.drawn >= 0.7 * best.drawn)) {
                    best = b;
                    middle = p.get();
                }
            }
            if (best == null) continue;
            out.add(new Round(middle, best.radius - a.radius, a.sure && best.sure));
            Face outer = best;
            // what lies within it is a part of it
            left.removeIf(f -> f.centre.distance(a.centre) < CENTRE && f.radius <= outer.radius + SAME && f.from > a.from - ROUND
                && f.to < a.to
                + ROUND);
        }
        return out;
    }

    /** The middle line where both are; nothing where they hardly are. */
    private static Optional<Piece> between(Face a, Face b) {
        double shift = Math.rint((a.from - b.from) / Angles.TURN) * Angles.TURN, from = Math.max(a.from, b.from + shift),
            to = Math.min(a.to,
            b.to + shift);
        if (to - from < ROUND) return Optional.empty();
        double r = (a.radius + b.radius) / 2;
        return Optional.of(new Piece(a.centre.plus(Point.polar(from, r)), a.centre.plus(Point.polar(to, r)), Math.tan((to - from) / 4)));
    }
}
