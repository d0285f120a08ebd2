package brightlintel.recognise;

import brightlintel.geom.Angles;
import brightlintel.geom.Circle;
import brightlintel.geom.Curve;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.BitSet;
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
    /** Metres: across what crosses a wall; where an opening is looked for; steps in which a place to part a ring is sought. */
    private static final double CROSSED = 0.66, ABOUT = 0.1, SPANNED = 0.04;
    private static final double HAIR = 1e-3;
    private static final int STEPS = 180, MOST_FACES = 200;
    /** Metres: one chord of a pier at most, and how far its middle lies off the circle. */
    private static final double CHORD = 1.5, SAGGED = 0.03;

    /** @param middle counter-clockwise, two halves of what is closed; sure: of faces that are told to be walls, both */
    record Round(List<Piece> middle, double thickness, boolean sure) { }

    /**
     * Arcs on one circle, counter-clockwise.
     *
     * @param points first, middle and last of each arc, in order
     * @param spans  from where and how far each goes on, radians
     * @param closed it goes all round
     */
    private record Face(Circle circle, List<Point> points, List<double[]> spans, boolean sure, boolean closed) {
        static Face of(Curve.EllipticArc a, boolean sure) {
            boolean left = a.sweep() * a.u().cross(a.v()) > 0;
            Point middle = a.at(0.5);
            Point first = left ? a.first() : a.last();
            return new Face(new Circle(a.centre(), a.u().length()), List.of(first, middle, left ? a.last() : a.first()),
                List.of(new double[] {first.minus(a.centre()).angle(), Math.abs(a.sweep())}), sure, a.isWhole());
        }

        Face all(boolean round) {
            return new Face(circle, points, spans, sure, round);
        }

        /** How much of it there is, radians. */
        double drawn() {
            return spans.stream().mapToDouble(x -> x[1]).sum();
        }

        boolean isDrawn(double angle) {
            return spans.stream().anyMatch(x -> Angles.positive(angle - x[0]) <= x[1]);
        }

        double from() {
            return Angles.positive(points.getFirst().minus(circle.centre()).angle());
        }

        double sweep() {
            return closed ? Angles.TURN : Angles.positive(points.getLast().minus(circle.centre()).angle() - from());
        }

        /** With an arc that goes on, or lies on it; null where both lie on no one circle. */
        Face with(Face b) {
            double at = Angles.positive(b.points.getFirst().minus(circle.centre()).angle() - from()), gap = at - sweep();
            // nearer to the beginning: it is the other that goes on
            if (gap > Angles.TURN - at - b.sweep() + HAIR && at + b.sweep() < Angles.TURN || gap * circle.radius() > OVER) return null;
            List<Point> all = new ArrayList<>(points);
            // what lies on it does not lengthen it
            boolean longer = at + b.sweep() > sweep();
            if (longer) all.addAll(b.points);
            else all.addAll(points.size() - 1, b.points);
            List<double[]> parts = new ArrayList<>(spans);
            parts.addAll(b.spans);
            Circle c = Circle.about(all).orElse(null);
            boolean on = c != null && all.stream().allMatch(p -> c.off(p) <= OFF);
            boolean round = closed || b.closed || longer && at + b.sweep() > Angles.TURN - HAIR;
            return on ? new Face(c, all, parts, sure || b.sure, round) : null;
        }

        /** How far outside another lies; nothing where they are not about one middle. */
        Optional<Double> outside(Face inner) {
            double[] far = points.stream().mapToDouble(p -> p.distance(inner.circle.centre()) - inner.circle.radius()).sorted().toArray();
            return far[far.length - 1] - far[0] < BENT ? Optional.of((far[far.length - 1] + far[0]) / 2) : Optional.empty();
        }
    }

    private final List<Face> faces = new ArrayList<>();

    /** @param opens strokes of doors and windows */
    RoundWalls(PlacedDrawing d, IntPredicate sure, IntPredicate perhaps, IntPredicate opens) {
        List<Face> bits = new ArrayList<>();
        for (int i = 0; i < d.strokes().size(); i++)
            if ((sure.test(i) || perhaps.test(i)) && d.cleared().strokeShown(i) && d.curve(i) instanceof Curve.EllipticArc a
                && a.isCircular() && a.u().length() >= SMALLEST) bits.add(Face.of(a, sure.test(i)));
        BitSet inArcs = new BitSet();
        for (ChordRuns.Run r : new ChordRuns(d, i -> sure.test(i) || perhaps.test(i)).all()) {
            inArcs.set(r.first(), r.first() + r.count());
            if (r.arc().u().length() >= SMALLEST) bits.add(Face.of(r.arc(), sure.test(r.first())));
        }
        bits.sort(Comparator.comparingDouble(Face::from));
        for (Face b : bits) join(b);
        chords(d, sure, i -> !inArcs.get(i) && (sure.test(i) || perhaps.test(i)));
        // what begins before the turn is full goes on after it
        for (Face f : List.copyOf(faces)) {
            faces.remove(f);
            join(f);
        }
        faces.replaceAll(f -> f.all(f.closed || closes(f, d, opens)));
        faces.removeIf(f -> f.sweep() < ROUND);
        faces.sort(Comparator.comparingDouble(f -> f.circle.radius()));
    }

    /** Of a short pier one chord or two may be drawn: those that end on the circle of a face, and hardly leave it, are of it. */
    private void chords(PlacedDrawing d, IntPredicate sure, IntPredicate wanted) {
        if (faces.isEmpty() || faces.size() > MOST_FACES) return;
        List<Circle> circles = faces.stream().filter(f -> f.sweep() >= ROUND).map(Face::circle).toList();
        for (int i = 0; i < d.strokes().size(); i++) {
            if (!wanted.test(i) || !d.cleared().strokeShown(i) || !(d.curve(i) instanceof Curve.Straight s) || s.length() > CHORD) continue;
            for (Circle c : circles) {
                if (c.off(s.a()) > OFF || c.off(s.b()) > OFF || c.off(s.at(0.5)) > SAGGED) continue;
                double from = s.a().minus(c.centre()).angle();
                join(Face.of(Curve.EllipticArc.circular(c.centre(), c.radius(), from,
                    Angles.signed(s.b().minus(c.centre()).angle() - from)),
                    sure.test(i)));
                break;
            }
        }
    }

    /** Whether what is left of a whole turn is crossed by a wall, or opened by a door or a window. */
    private static boolean closes(Face f, PlacedDrawing d, IntPredicate opens) {
        double gap = (Angles.TURN - f.sweep()) * f.circle.radius();
        if (gap > OVER || f.spans.size() > 1 && gap < CROSSED) return gap <= OVER;
        Point at = f.circle.centre().plus(Point.polar(f.from() + f.sweep() + (Angles.TURN - f.sweep()) / 2, f.circle.radius()));
        List<Integer> near = d.strokesNear(at, gap / 2 + ABOUT);
        return near.stream().anyMatch(opens::test) || near.stream().filter(i -> spans(d.curve(i), f)).count() >= 2;
    }

    /** Whether it runs on about the same middle from where a face ends to where it begins: glass, whatever it was taken for. */
    private static boolean spans(Curve c, Face f) {
        return c instanceof Curve.EllipticArc a && a.isCircular() && a.centre().distance(f.circle.centre()) < BENT
            && Math.abs((Math.abs(a.sweep()) - Angles.TURN + f.sweep()) * f.circle.radius()) < SPANNED;
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
            List<Piece> middle = List.of();
            double thickness = 0;
            for (Face b : left) {
                if (b.circle.radius() - a.circle.radius() > 2 * THICK) break;
                double t = b.outside(a).orElse(0.0);
                // two circles about one middle are a table, or a tree, where nobody tells that they are walls
                if (t < THIN || t > THICK || !a.sure && !b.sure && (a.drawn() + b.drawn() < ROUND || a.closed && b.closed)) continue;
                List<Piece> p = between(a, b);
                if (p.isEmpty() || best != null && b.drawn() < 0.7 * best.drawn()) continue;
                best = b;
                thickness = t;
                middle = p;
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
    private static List<Piece> between(Face a, Face b) {
        Point centre = a.circle.centre().towards(b.circle.centre(), b.drawn() / (a.drawn() + b.drawn()));
        double r = (a.circle.radius() + b.circle.radius()) / 2;
        if (a.closed && b.closed) {
            double at = parted(a, b);
            Point p = centre.plus(Point.polar(at, r)), q = centre.minus(Point.polar(at, r));
            return List.of(new Piece(p, q, 1), new Piece(q, p, 1));
        }
        double shift = a.closed ? 0 : b.closed ? 0 : Angles.signed(b.from() - a.from()), from = a.closed ? b.from() : a.from()
            + Math.max(0, shift), to = a.closed ? from + b.sweep() : b.closed ? from + a.sweep() : a.from() + Math.min(a.sweep(), shift
            + b.sweep());
        if (to - from < ROUND) return List.of();
        return List.of(new Piece(centre.plus(Point.polar(from, r)), centre.plus(Point.polar(to, r)), Math.tan((to - from) / 4)));
    }

    /** Where a ring is parted into halves: as far as may be from what opens in it. */
    private static double parted(Face a, Face b) {
        double[] far = new double[2 * STEPS];
        for (int i = 0; i < far.length; i++) {
            double at = i * Math.PI / STEPS;
            far[i] = a.isDrawn(at) && b.isDrawn(at) ? far.length : 0;
        }
        // twice round: how many steps to the nearest gap on either side
        for (int i = 0; i < 2 * far.length; i++) {
            int k = i % far.length, up = far.length - 1 - k;
            far[k] = Math.min(far[k], far[(k + far.length - 1) % far.length] + 1);
            far[up] = Math.min(far[up], far[(up + 1) % far.length] + 1);
        }
        int best = 0;
        for (int i = 1; i < STEPS; i++) if (Math.min(far[i], far[i + STEPS]) > Math.min(far[best], far[best + STEPS])) best = i;
        return best * Math.PI / STEPS;
    }
}
