package brightlintel.read.pdf;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Style;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.util.Arrays;
import java.util.List;

/**
 * Pieces that follow each other along one line, or round one circle, with gaps between that repeat: one broken stroke. Gaps are no wider
 * than patterns have on paper, so that a wall between its windows is not taken for a pattern.
 */
final class Crumbs implements Gathering.Gatherer {
    private static final int FEWEST = 4, LONGEST_PATTERN = 3;
    private static final double WIDEST_GAP = 10, NARROWEST_GAP = 0.15, LONGEST_DASH = 60, ASIDE = 0.04, ALIKE = 0.12, ROUNDED = 0.08;
    private static final double STEP = 0.1, SPECK = 2;
    private final Ink ink;
    private double[] from = new double[16], to = new double[16];

    Crumbs(Ink ink) {
        this.ink = ink;
    }

    @Override public int take(List<Entity> all, int at, List<Entity> out) {
        return switch (all.get(at)) {
            case Entity.Line l when l.style().lineType().isEmpty() -> straight(l, all, at, out);
            case Entity.Hatch h when isSpeck(h) && at + 1 < all.size() && all.get(at + 1) instanceof Entity.Line l
                && l.style().lineType().isEmpty() -> afterSpeck(h, l, all, at, out);
            case Entity.Arc a when a.style().lineType().isEmpty() -> round(a, all, at, out);
            default -> 0;
        };
    }

    private void put(int n, double a, double b) {
        if (n == from.length) {
            from = Arrays.copyOf(from, 2 * n);
            to = Arrays.copyOf(to, 2 * n);
        }
        from[n] = a;
        to[n] = b;
    }

    private int straight(Entity.Line first, List<Entity> all, int at, List<Entity> out) {
        if (at + FEWEST > all.size() || !(all.get(at + 1) instanceof Entity.Line second) || second.style() != first.style()
            || !isOneLine(first, second)) return 0;
        Point o = first.a().flat(), way = second.b().flat().minus(o);
        if (!(way.length() > NARROWEST_GAP)) return 0;
        Point d = way.unit();
        int n = 0;
        for (int i = at; i < all.size(); i++, n++) {
            if (!(all.get(i) instanceof Entity.Line l) || l.style() != first.style()) break;
            Point a = l.a().flat().minus(o), b = l.b().flat().minus(o);
            if (Math.abs(d.cross(a)) > ASIDE || Math.abs(d.cross(b)) > ASIDE) break;
            double s = d.dot(a), e = d.dot(b), lo = Math.min(s, e), hi = Math.max(s, e);
            if (!follows(n, lo, hi)) break;
            put(n, lo, hi);
        }
        n = regular(n);
        if (n < FEWEST) return 0;
        int specks = 0;
        if (at + n < all.size() && all.get(at + n) instanceof Entity.Hatch h && isSpeck(h)) {
            double end = reach(h, o, d, to[n - 1], gap(1));
            if (end > 0) {
                to[n - 1] = end;
                specks = 1;
            }
        }
        Point a = o.plus(d.times(from[0])), b = o.plus(d.times(to[n - 1]));
        out.add(new Entity.Line(first.key(), broken(first.style(), n), Vec3.UP, Ink.space(a), Ink.space(b)));
        return n + specks;
    }

    /** What is left of a dash that was cut: shorter than it is wide, and so painted as an area. */
    private static boolean isSpeck(Entity.Hatch h) {
        if (!h.solid() || h.loops().size() != 1 || h.loops().getFirst().polyline().size() != 12) return false;
        Doubles p = h.loops().getFirst().polyline();
        return Math.hypot(p.get(6) - p.get(0), p.get(7) - p.get(1)) < SPECK;
    }

    /** How far it reaches along a line that ends before it by a gap of the line's; 0 where it is not of the line. */
    private static double reach(Entity.Hatch h, Point o, Point d, double end, double gap) {
        Doubles p = h.loops().getFirst().polyline();
        double near = Double.POSITIVE_INFINITY, far = Double.NEGATIVE_INFINITY, aside = 0;
        for (int i = 0; i < 12; i += 3) {
            Point q = new Point(p.get(i), p.get(i + 1)).minus(o);
            near = Math.min(near, d.dot(q));
            far = Math.max(far, d.dot(q));
            aside += d.cross(q) / 4;
        }
        return Math.abs(aside) < ASIDE && Math.abs(near - end - gap) < ALIKE * gap + ROUNDED ? far : 0;
    }

    private int afterSpeck(Entity.Hatch h, Entity.Line l, List<Entity> all, int at, List<Entity> out) {
        int n = straight(l, all, at + 1, out);
        if (n == 0) return 0;
        Entity.Line made = (Entity.Line) out.getLast();
        Point b = made.b().flat(), back = made.a().flat().minus(b).unit();
        double start = reach(h, b, back, made.a().flat().distance(b), gap(1));
        if (start == 0) {
            out.addFirst(h);
            return n + 1;
        }
        out.set(out.size() - 1, new Entity.Line(made.key(), made.style(), Vec3.UP, Ink.space(b.plus(back.times(start))), made.b()));
        return n + 1;
    }

    /** A cheap look before any sums: nearly every line of a plan fails it. */
    private static boolean isOneLine(Entity.Line a, Entity.Line b) {
        double x = a.b().x() - a.a().x(), y = a.b().y() - a.a().y(), u = b.b().x() - a.a().x(), v = b.b().y() - a.a().y();
        return Math.abs(x * v - y * u) <= 2 * ASIDE * (Math.abs(u) + Math.abs(v)) + ASIDE;
    }

    private boolean follows(int n, double lo, double hi) {
        double gap = n == 0 ? NARROWEST_GAP : lo - to[n - 1];
        return hi - lo <= LONGEST_DASH && gap >= NARROWEST_GAP && gap <= WIDEST_GAP;
    }

    private int round(Entity.Arc first, List<Entity> all, int at, List<Entity> out) {
        if (at + FEWEST > all.size() || !(all.get(at + 1) instanceof Entity.Arc second) || second.style() != first.style()) return 0;
        // writers go either way round, and arcs are kept counter-clockwise
        boolean back = Angles.sweep(second.end(), first.start()) < Angles.sweep(first.end(), second.start());
        double r = first.radius(), before = 0;
        Point c = first.centre().flat();
        int n = 0;
        for (int i = at; i < all.size(); i++, n++) {
            if (!(all.get(i) instanceof Entity.Arc a) || a.style() != first.style() || Math.abs(a.radius() - r) > ASIDE + 0.01 * r
                || a.centre().flat().distance(c) > ASIDE + 0.01 * r) break;
            double gap = n == 0 ? 0 : back ? Angles.sweep(a.end(), before) : Angles.sweep(before, a.start());
            double lo = n == 0 ? 0 : to[n - 1] + r * gap, hi = lo + r * Angles.sweep(a.start(), a.end());
            if (!follows(n, lo, hi) || hi > Angles.TURN * r) break;
            put(n, lo, hi);
            before = back ? a.start() : a.end();
        }
        n = regular(n);
        if (n < FEWEST) return 0;
        Entity.Arc last = (Entity.Arc) all.get(at + n - 1);
        out.add(new Entity.Arc(first.key(), broken(first.style(), n), Vec3.UP, first.centre(), r, back ? last.start() : first.start(),
            back ? first.end() : last.end()));
        return n;
    }

    /** How many from the first on repeat a pattern of at most three dashes; the first and the last may be cut. */
    private int regular(int n) {
        for (int k = 1; k <= LONGEST_PATTERN; k++) {
            int m = n;
            for (int i = 1; i + k < n; i++) {
                boolean last = i + k == n - 1, dash = last ? length(i + k) < length(i) * (1 + ALIKE) + ROUNDED
                    : alike(length(i), length(i + k));
                boolean gap = alike(gap(i), gap(i + k));
                if (dash && gap) continue;
                m = i + k;
                break;
            }
            if (m >= FEWEST + (k - 1) && length(0) < length(k) * (1 + ALIKE) + ROUNDED) return m;
        }
        return 0;
    }

    private double length(int i) {
        return to[i] - from[i];
    }

    /** Before piece i, from 1. */
    private double gap(int i) {
        return from[i] - to[i - 1];
    }

    private static boolean alike(double a, double b) {
        return Math.abs(a - b) <= ALIKE * Math.max(a, b) + ROUNDED;
    }

    /** The longest dash first, as patterns are written; figures of measured crumbs are rounded, so that lines alike have one pattern. */
    private Style broken(Style s, int n) {
        int k = n > 4 && !alike(length(1), length(2)) ? n > 6 && !alike(length(1), length(3)) ? 3 : 2 : 1, first = 0;
        for (int i = 1; i < k; i++) if (length(1 + i) > length(1 + first) * (1 + ALIKE)) first = i;
        float[] d = new float[2 * k];
        for (int i = 0; i < k; i++) {
            int from = 1 + (first + i) % k;
            d[2 * i] = (float) rounded(length(from));
            d[2 * i + 1] = (float) rounded(gap(from + 1));
        }
        return ink.broken(s, new Pen.Dashes(d, 0));
    }

    private static double rounded(double v) {
        return v > 0 ? Math.max(STEP, Math.round(v / STEP) * STEP) : 0;
    }
}
