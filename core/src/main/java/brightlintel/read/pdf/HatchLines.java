package brightlintel.read.pdf;

import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Style;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Parallel lines at one small step, painted in a row: a hatch. Its outlines are those of the lines' ends. Lines as far apart as the treads
 * of a stair have to be many more than a flight has.
 */
final class HatchLines implements Gathering.Gatherer {
    private static final int FEWEST = 10, FEWEST_WIDE = 24;
    private static final double NARROWEST = 0.25, CLOSE = 3.4, WIDEST = 7.1, EVEN = 0.04, ROUNDED = 0.03, PARALLEL = 2e-3;
    private final Ink ink;

    HatchLines(Ink ink) {
        this.ink = ink;
    }

    /** A line in the hatch's own frame: its number of steps from the first, and where along it begins and ends. */
    private record Ruled(int step, double from, double to) { }

    @Override public int take(List<Entity> all, int at, List<Entity> out) {
        if (at + FEWEST > all.size() || !(all.get(at) instanceof Entity.Line first) || !(all.get(at + 1) instanceof Entity.Line second)
            || first.style() != second.style() || !isParallel(first, second)) return 0;
        Point o = first.a().flat(), d = first.b().flat().minus(o).unit(), n = d.left();
        Style s = first.style();
        List<Ruled> lines = new ArrayList<>();
        double step = 0;
        int last = 0;
        for (int i = at; i < all.size(); i++) {
            if (!(all.get(i) instanceof Entity.Line l) || l.style() != s) break;
            Point a = l.a().flat().minus(o), b = l.b().flat().minus(o), way = b.minus(a);
            if (Math.abs(d.cross(way)) > PARALLEL * way.length() + ROUNDED) break;
            double off = n.dot(a.plus(b)) / 2;
            if (step == 0 && Math.abs(off) > ROUNDED) step = off;
            double k = step == 0 ? 0 : off / step;
            int row = (int) Math.rint(k);
            // by whole steps, each row next to the one before: holes leave no row out
            if (Math.abs(step) > WIDEST || step != 0 && Math.abs(step) < NARROWEST
                || Math.abs(k - row) * Math.abs(step) > EVEN * Math.abs(step) + ROUNDED
                || row < last || row > last + 1) break;
            lines.add(new Ruled(row, Math.min(d.dot(a), d.dot(b)), Math.max(d.dot(a), d.dot(b))));
            last = row;
        }
        boolean many = Math.abs(step) <= CLOSE ? last + 1 >= FEWEST : last + 1 >= FEWEST_WIDE;
        if (!many || lines.size() > 4 * (last + 1)) return 0;
        step = refined(all.get(at + lines.size() - 1), o, n, last);
        for (List<Ruled> strip : strips(lines)) hatch(strip, new Frame(o, d, n, step), s, out);
        return lines.size();
    }

    /** A cheap look before any sums. */
    private static boolean isParallel(Entity.Line a, Entity.Line b) {
        double x = a.b().x() - a.a().x(), y = a.b().y() - a.a().y(), u = b.b().x() - b.a().x(), v = b.b().y() - b.a().y();
        return Math.abs(x * v - y * u) <= 2 * PARALLEL * (Math.abs(x) + Math.abs(y)) * (Math.abs(u) + Math.abs(v))
            + ROUNDED * (Math.abs(x) + Math.abs(y));
    }

    private static double refined(Entity e, Point o, Point n, int row) {
        Entity.Line l = (Entity.Line) e;
        return n.dot(l.a().flat().plus(l.b().flat()).times(0.5).minus(o)) / row;
    }

    private record Frame(Point o, Point d, Point n, double step) {
        Point at(double along, double row) {
            return o.plus(d.times(along)).plus(n.times(row * step));
        }
    }

    /** Rows that overlap from one to the next hang together. */
    private static List<List<Ruled>> strips(List<Ruled> lines) {
        List<List<Ruled>> done = new ArrayList<>(), open = new ArrayList<>();
        for (Ruled r : lines) {
            List<Ruled> home = null;
            for (List<Ruled> s : open) {
                Ruled l = s.getLast();
                if (l.step == r.step - 1 && l.from < r.to && r.from < l.to) {
                    home = s;
                    break;
                }
            }
            if (home != null) home.add(r);
            else open.add(new ArrayList<>(List.of(r)));
            int step = r.step;
            open.removeIf(s -> s.getLast().step < step - 1 && done.add(s));
        }
        done.addAll(open);
        return done;
    }

    private void hatch(List<Ruled> strip, Frame f, Style s, List<Entity> out) {
        List<Point> ring = new ArrayList<>();
        Ruled a = strip.getFirst(), z = strip.getLast();
        ring.add(f.at(a.from, a.step - 0.5));
        for (Ruled r : strip) ring.add(f.at(r.from, r.step));
        ring.add(f.at(z.from, z.step + 0.5));
        ring.add(f.at(z.to, z.step + 0.5));
        for (Ruled r : strip.reversed()) ring.add(f.at(r.to, r.step));
        ring.add(f.at(a.to, a.step - 0.5));
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Point p = ring.get(i), q = ring.get((i + 1) % ring.size());
            if (!p.equals(q)) curves.add(new Curve.Straight(p, q));
        }
        Point step = f.n.times(f.step);
        out.add(ink.hatch(new Run(curves, true), new Entity.PatternLine(f.d.angle(), f.o.x(), f.o.y(), step.x(), step.y(), Doubles.NONE),
            s));
    }
}
