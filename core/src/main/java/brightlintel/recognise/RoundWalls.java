package brightlintel.recognise;

import brightlintel.geom.Angles;
import brightlintel.geom.Circle;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;

/**
 * Round walls: arcs that lie on one circle as one face, and two faces as far apart as walls are thick. The middle of a shallow arc is
 * known by its sweep squared: arcs are of one circle where their ends and middles lie on one, wherever each seems to turn about.
 */
final class RoundWalls {
    /** Metres: thicknesses; off a circle; what one bends as another does; the smallest radius; along an arc, over a window in it. */
    private static final double THIN = 0.055, THICK = 0.66, OFF = 0.006, BENT = 0.012, SMALLEST = 0.4, OVER = 4;
    private static final double ROUND = Math.toRadians(12);

    /** @param middle counter-clockwise; sure: of faces that are told to be walls, both */
    record Round(Piece middle, double thickness, boolean sure) { }

    /**
     * Arcs on one circle, counter-clockwise.
     *
     * @param points first, middle and last of each arc, in order
     * @param drawn  how much of it there is, radians
     */
    private record Face(Circle circle, List<Point> points, double drawn, boolean sure) {
        static Face of(Curve.EllipticArc a, boolean sure) {
            boolean left = a.sweep() * a.u().cross(a.v()) > 0;
            Point middle = a.at(0.5);
            return new Face(new Circle(a.centre(), a.u().length()), left ? List.of(a.first(), middle, a.last()) : List.of(a.last(), middle,
                a.first()), Math.abs(a.sweep()), sure);
        }

        double from() {
            return Angles.positive(points.getFirst().minus(circle.centre()).angle());
        }

        double sweep() {
            return Angles.positive(points.getLast().minus(circle.centre()).angle() - from());
        }

        /** With an arc that goes on, or lies on it; null where both lie on no one circle. */
        Face with(Face b) {
            double at = Angles.positive(b.points.getFirst().minus(circle.centre()).angle() - from()), gap = at - sweep();
            if (at > Math.PI && Angles.TURN - at > b.sweep() || gap * circle.radius() > OVER) return null;
            List<Point> all = new ArrayList<>(points);
            // what lies on it does not lengthen it
            boolean longer = at + b.sweep() > sweep();
            if (longer) all.addAll(b.points);
            else all.addAll(points.size() - 1, b.points);
            Circle c = Circle.about(all).orElse(null);
            return c == null || all.stream().anyMatch(p -> c.off(p) > OFF) ? null : new Face(c, all, drawn + b.drawn, sure || b.sure);
        }

        /** How far outside another lies; nothing where they are not about one middle. */
        Optional<Double> outside(Face inner) {
            double[] far = points.stream().mapToDouble(p -> p.distance(inner.circle.centre()) - inner.circle.radius()).sorted().toArray();
            return far[far.length - 1] - far[0] < BENT ? Optional.of((far[far.length - 1] + far[0]) / 2) : Optional.empty();
        }
    }

    private final List<Face> faces = new ArrayList<>();

    RoundWalls(PlacedDrawing d, IntPredicate sure, IntPredicate perhaps) {
        List<Face> bits = new ArrayList<>();
        for (int i = 0; i < d.strokes().size(); i++)
            if ((sure.test(i) || perhaps.test(i)) && d.cleared().strokeShown(i) && d.curve(i) instanceof Curve.EllipticArc a
                && a.isCircular() && a.u().length() >= SMALLEST) bits.add(Face.of(a, sure.test(i)));
        bits.sort(Comparator.comparingDouble(Face::from));
        for (Face b : bits) join(b);
        // what begins before the turn is full goes on after it
        for (Face f : List.copyOf(faces)) {
            faces.remove(f);
            join(f);
        }
        faces.removeIf(f -> f.sweep() < ROUND);
        faces.sort(Comparator.comparingDouble(f -> f.circle.radius()));
    }

    /** To the arc before it on the same circle, over what opens between. */
    private void join(Face b) {
        for (int i = 0; i < faces.size(); i++) {
            Face f = faces.get(i);
            // far off: no circle is fitted to what cannot lie on one
            if (Math.abs(f.circle.radius() - b.circle.radius()) > f.circle.radius() / 4 || f.circle.off(b.points.get(1)) > THIN) continue;
            Face both = f.with(b);
            if (both == null) continue;
            faces.set(i, both);
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
            double thickness = 0;
            for (Face b : left) {
                if (b.circle.radius() - a.circle.radius() > 2 * THICK) break;
                double t = b.outside(a).orElse(0.0);
                if (t < THIN || t > THICK || !a.sure && !b.sure && a.drawn + b.drawn < ROUND) continue;
                Optional<Piece> p = between(a, b);
                if (p.isEmpty() || best != null && b.drawn < 0.7 * best.drawn) continue;
                best = b;
                thickness = t;
                middle = p.get();
            }
            if (best == null) continue;
            out.add(new Round(middle, thickness, a.sure && best.sure));
            double most = thickness + OFF;
            // what lies within it is a part of it
            left.removeIf(f -> f.outside(a).filter(t -> t > -OFF && t <= most).isPresent() && Math.abs(Angles.signed(f.from() - a.from()
                - (a.sweep() - f.sweep()) / 2)) < (a.sweep() - f.sweep()) / 2 + ROUND);
        }
        return out;
    }

    /** The middle line where both are; nothing where they hardly are. */
    private static Optional<Piece> between(Face a, Face b) {
        double shift = Angles.signed(b.from() - a.from()), from = a.from() + Math.max(0, shift), to = a.from() + Math.min(a.sweep(), shift
            + b.sweep());
        if (to - from < ROUND) return Optional.empty();
        Point centre = a.circle.centre().towards(b.circle.centre(), b.drawn / (a.drawn + b.drawn));
        double r = (a.circle.radius() + b.circle.radius()) / 2;
        return Optional.of(new Piece(centre.plus(Point.polar(from, r)), centre.plus(Point.polar(to, r)), Math.tan((to - from) / 4)));
    }
}
