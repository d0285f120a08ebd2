package brightlintel.trace;

import brightlintel.building.ElementId;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Support;
import brightlintel.building.Wall;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Doors and windows as they are drawn in walls that are there: a leaf's arc tells width, hand and side; lines within a wall that begin and
 * end together tell a window. Metres.
 */
public final class DrawnOpenings {
    /**
     * Of a leaf's way: radius, of the smaller one of two, sweep; how far its ends may lie off the wall's faces; of the radius: what a
     * width may differ from it.
     */
    private static final double NARROW = 0.39, SMALLER = 0.24, WIDE = 2.2, OFF = 0.12, DIFFERS = 0.12;
    private static final double LEAST_SWEEP = Math.toRadians(25), MOST_SWEEP = Math.toRadians(100), ALONG = Math.toRadians(1.5);
    /** Of a window: its lines' lengths, and how far apart their ends may lie that are one. */
    private static final double SHORT = 0.3, LONG = 8, TOGETHER = 0.02, MEET = 0.06;
    private static final double ALIKE = 0.02;

    private DrawnOpenings() { }

    /** A door of one leaf or of two that meet, a window, a gap between two jambs with nothing drawn in it that swings. */
    public enum Sort { LEAF, TWO_LEAVES, WINDOW, GAP }

    /**
     * What was found.
     *
     * @param from and to: along the wall's reference
     */
    public record Symbol(Sort sort, ElementId wall, double from, double to, boolean hingeFar, boolean opensLeft, PlacedDrawing drawing,
                         List<Integer> strokes) {
        public boolean window() {
            return sort == Sort.WINDOW;
        }

        public double width() {
            return to - from;
        }

        public Opening.Filling filling() {
            return switch (sort) {
                case WINDOW -> new Opening.Filling.Window();
                case GAP -> new Opening.Filling.Empty();
                case LEAF -> new Opening.Filling.Door(hingeFar, opensLeft, Opening.Filling.Way.SINGLE);
                case TWO_LEAVES -> new Opening.Filling.Door(hingeFar, opensLeft, Opening.Filling.Way.DOUBLE);
            };
        }

        /** The strokes that an opening made from it stands on. */
        public Provenance provenance() {
            List<Support> on = new ArrayList<>();
            for (int s : strokes) on.add(drawing.support(s, 0, 1, Support.Face.OUTLINE, 0));
            return new Provenance(new Provenance.Way.ByHand(), on);
        }

        public boolean isLike(Symbol o) {
            return sort == o.sort && Math.abs(width() - o.width()) < ALIKE;
        }
    }

    /** The one that a place speaks of: a door whose leaf swings over it or near it, a window whose lines run through it. */
    public static Optional<Symbol> at(Point p, double reach, boolean window, List<Wall> walls, List<PlacedDrawing> drawings) {
        List<Symbol> out = new ArrayList<>();
        for (PlacedDrawing d : drawings) {
            if (!window) {
                List<Symbol> near = new ArrayList<>();
                for (int i : d.strokesNear(p, 2 * WIDE)) if (!d.strokes().isStraight(i)) door(d, i, walls).ifPresent(near::add);
                met(near).stream().filter(s -> s.strokes.stream().anyMatch(i -> isOver(d.curve(i), p, reach))).forEach(out::add);
                if (out.isEmpty()) gapAt(p, reach, walls, d).ifPresent(out::add);
                continue;
            }
            for (Wall w : walls) {
                Point u = w.reference().unroll(p);
                if (u.y() > w.left() + reach || u.y() < -w.right() - reach || u.x() < 0 || u.x() > w.length()) continue;
                Set<Integer> near = new LinkedHashSet<>(d.strokesNear(w.middle(u.x()), w.thickness().value() / 2 + TOGETHER));
                windows(d, w, near).stream().filter(s -> s.from < u.x() && s.to > u.x()).forEach(out::add);
            }
        }
        return out.stream().min(Comparator.comparingDouble(Symbol::width));
    }

    /** All of a drawing's doors, or windows, in these walls. */
    public static List<Symbol> all(boolean window, List<Wall> walls, PlacedDrawing d) {
        List<Symbol> out = new ArrayList<>();
        if (!window) {
            for (int i = 0; i < d.strokes().size(); i++)
                if (!d.strokes().isStraight(i)) door(d, i, walls).filter(s -> out.stream().noneMatch(o -> isSame(o,
                    s))).ifPresent(out::add);
            List<Symbol> doors = new ArrayList<>(met(out));
            for (Wall w : walls)
                for (Symbol g : new DrawnGaps(d, w).all()) if (doors.stream().noneMatch(o -> isSame(o, g))
                    && windows(d, w, along(d, w)).stream().noneMatch(o -> isSame(o, g))) doors.add(g);
            return doors;
        }
        for (Wall w : walls) {
            for (Symbol s : windows(d, w, along(d, w))) if (out.stream().noneMatch(o -> isSame(o, s))) out.add(s);
        }
        return out;
    }

    /** A gap that a place lies in, where no window is drawn. */
    private static Optional<Symbol> gapAt(Point p, double reach, List<Wall> walls, PlacedDrawing d) {
        for (Wall w : walls) {
            Point u = w.reference().unroll(p);
            if (u.y() > w.left() + reach || u.y() < -w.right() - reach || u.x() < 0 || u.x() > w.length()) continue;
            for (Symbol g : new DrawnGaps(d, w).all())
                if (g.from < u.x() && g.to > u.x() && windows(d, w, along(d, w)).stream().noneMatch(o -> isSame(o,
                    g))) return Optional.of(g);
        }
        return Optional.empty();
    }

    /** What is drawn in a wall's ground. */
    static Set<Integer> along(PlacedDrawing d, Wall w) {
        Set<Integer> along = new LinkedHashSet<>();
        double step = Math.max(SHORT / 2, w.thickness().value() / 2);
        for (double x = 0; x <= w.length(); x += step) along.addAll(d.strokesNear(w.middle(x), w.thickness().value() / 2 + TOGETHER));
        return along;
    }

    /** Two leaves that shut against each other are one door, and one too small for a door is none alone. */
    private static List<Symbol> met(List<Symbol> leaves) {
        List<Symbol> out = new ArrayList<>(leaves);
        for (int i = 0; i < out.size(); i++) for (int k = 0; k < out.size(); k++) {
            Symbol a = out.get(i), b = out.get(k);
            boolean meet = a.sort == Sort.LEAF && b.sort == Sort.LEAF && a.wall.equals(b.wall) && !a.hingeFar && b.hingeFar
                && a.opensLeft == b.opensLeft && Math.abs(a.to - b.from) < MEET && a.from < b.from;
            if (!meet) continue;
            List<Integer> strokes = new ArrayList<>(a.strokes);
            strokes.addAll(b.strokes);
            out.set(i, new Symbol(Sort.TWO_LEAVES, a.wall, a.from, b.to, false, a.opensLeft, a.drawing, strokes));
            out.remove(k);
            return met(out);
        }
        out.removeIf(s -> s.sort == Sort.LEAF && s.width() < NARROW);
        return out;
    }

    private static boolean isSame(Symbol a, Symbol b) {
        return a.wall.equals(b.wall) && a.from < b.to - TOGETHER && b.from < a.to - TOGETHER;
    }

    private static boolean isOver(Curve c, Point p, double reach) {
        if (!(c instanceof Curve.EllipticArc a)) return false;
        double r = a.u().length(), d = p.distance(a.centre());
        return d < r + reach && (Math.min(p.distance(a.first()), p.distance(a.last())) < r + reach);
    }

    /** The arc of a leaf, with its centre at one jamb of a wall and one end at the other. */
    private static Optional<Symbol> door(PlacedDrawing d, int stroke, List<Wall> walls) {
        if (!d.cleared().strokeShown(stroke) || !(d.curve(stroke) instanceof Curve.EllipticArc a)
            || !a.isCircular() && !a.isQuarterDrawnOut()) return Optional.empty();
        double sweep = Math.abs(a.sweep());
        if (Math.min(a.u().length(), a.v().length()) < SMALLER || Math.max(a.u().length(), a.v().length()) > WIDE || sweep < LEAST_SWEEP
            || sweep > MOST_SWEEP) return Optional.empty();
        Symbol best = null;
        double least = Double.MAX_VALUE;
        for (Wall w : walls) for (boolean firstShut : new boolean[] {true, false}) {
            Point hinge = w.reference().unroll(a.centre()), shut = w.reference().unroll(firstShut ? a.first() : a.last()),
                open = w.reference().unroll(firstShut ? a.last() : a.first());
            double r = a.centre().distance(firstShut ? a.first() : a.last()), off = off(w, hinge) + off(w, shut),
                width = Math.abs(shut.x() - hinge.x());
            double lo = Math.min(hinge.x(), shut.x()), hi = Math.max(hinge.x(), shut.x());
            boolean fits = off(w, hinge) < OFF && off(w, shut) < OFF && Math.abs(width / r - 1) < DIFFERS && lo > -TOGETHER
                && hi < w.length() + TOGETHER && Math.abs(open.y() - shut.y()) > r * Math.sin(LEAST_SWEEP) / 2;
            if (!fits || off >= least) continue;
            least = off;
            best = new Symbol(Sort.LEAF, w.id(), Math.max(0, lo), Math.min(w.length(), hi), hinge.x() > shut.x(), open.y() > shut.y(), d,
                List.of(stroke));
        }
        return Optional.ofNullable(best);
    }

    /** Beyond the faces of a wall; nothing within them. */
    private static double off(Wall w, Point unrolled) {
        return Math.max(0, Math.max(unrolled.y() - w.left(), -w.right() - unrolled.y()));
    }

    private record Run(double from, double to, double across, int stroke) { }

    /** Straight in a straight wall, as far from its faces all along in a round one. */
    private static boolean runsAlong(Wall w, Curve c) {
        if (w.reference().isStraight()) return c instanceof Curve.Straight s && Angles.betweenLines(s.b().minus(s.a()).angle(),
            w.reference().direction(0).angle()) <= ALONG;
        double off = w.reference().unroll(c.at(0.5)).y();
        return c instanceof Curve.EllipticArc && Math.abs(w.reference().unroll(c.first()).y() - off) < TOGETHER
            && Math.abs(w.reference().unroll(c.last()).y() - off) < TOGETHER;
    }

    /** Two lines or more within a wall that run along it and begin and end together. */
    private static List<Symbol> windows(PlacedDrawing d, Wall w, Set<Integer> some) {
        List<Run> runs = new ArrayList<>();
        for (int i : some) {
            Curve c = d.curve(i);
            if (!d.cleared().strokeShown(i) || !runsAlong(w, c)) continue;
            Point a = w.reference().unroll(c.first()), b = w.reference().unroll(c.last());
            double lo = Math.min(a.x(), b.x()), hi = Math.max(a.x(), b.x());
            boolean within = a.y() < w.left() + TOGETHER && a.y() > -w.right() - TOGETHER;
            if (within && hi - lo >= SHORT && hi - lo <= Math.min(LONG, 0.98 * w.length()) && lo > -TOGETHER && hi < w.length() + TOGETHER)
                runs.add(new Run(lo, hi, a.y(), i));
        }
        List<Symbol> out = new ArrayList<>();
        boolean[] done = new boolean[runs.size()];
        for (int i = 0; i < runs.size(); i++) {
            if (done[i]) continue;
            Run r = runs.get(i);
            List<Integer> strokes = new ArrayList<>();
            boolean inner = false;
            for (int k = i; k < runs.size(); k++) {
                Run o = runs.get(k);
                if (Math.abs(o.from - r.from) > TOGETHER || Math.abs(o.to - r.to) > TOGETHER) continue;
                done[k] = true;
                strokes.add(o.stroke);
                // faces alone are a piece of wall; glass lies between them
                inner |= o.across < w.left() - TOGETHER && o.across > -w.right() + TOGETHER;
            }
            if (strokes.size() >= 2 && inner)
                out.add(new Symbol(Sort.WINDOW, w.id(), Math.max(0, r.from), Math.min(w.length(), r.to), false, true, d, strokes));
        }
        return out;
    }
}
