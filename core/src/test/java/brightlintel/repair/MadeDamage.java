package brightlintel.repair;

import brightlintel.drawing.Progress;
import brightlintel.drawing.ReadLimits;
import brightlintel.drawing.Strokes;
import brightlintel.flatten.Flattening;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.notation.Sketch;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/** A clean plan made by chance, and the same with all the faults that hands and programs put into one; metres. */
final class MadeDamage {
    /** A line of a layer. */
    record Line(String layer, Point a, Point b) {
        double length() {
            return a.distance(b);
        }

        Line mapped(Affine m) {
            return new Line(layer, m.apply(a), m.apply(b));
        }
    }

    final List<Line> clean = new ArrayList<>(), damaged = new ArrayList<>();
    /** Middles of openings, on both faces of their walls. */
    final List<Point> openings = new ArrayList<>();
    private final Random r;
    private String layer = "";

    MadeDamage(long seed) {
        r = new Random(seed);
        plan();
        for (Line l : clean) damage(l);
        Collections.shuffle(damaged, r);
    }

    // ---- the clean plan

    private void line(double ax, double ay, double bx, double by) {
        clean.add(new Line(layer, new Point(ax, ay), new Point(bx, by)));
    }

    private void box(double x, double y, double w, double h) {
        line(x, y, x + w, y);
        line(x + w, y, x + w, y + h);
        line(x + w, y + h, x, y + h);
        line(x, y + h, x, y);
    }

    private double between(double least, double most) {
        return least + (most - least) * r.nextDouble();
    }

    private void plan() {
        double w = between(8, 22), d = between(7, 13), t = between(0.24, 0.42), p = between(0.1, 0.2), mid = between(3, d - 3);
        layer = "WALL";
        int rooms = 2 + r.nextInt(4);
        List<Double> walls = new ArrayList<>();
        for (int i = 1; i < rooms; i++) walls.add(t + (w - 2 * t) * i / rooms + between(-0.3, 0.3));
        // outer faces, broken at windows of the lower wall
        line(0, 0, 0, d);
        line(w, 0, w, d);
        line(0, d, w, d);
        line(t, t, t, mid);
        line(t, mid + p, t, d - t);
        line(t, d - t, w - t, d - t);
        line(w - t, t, w - t, mid);
        line(w - t, mid + p, w - t, d - t);
        double x = 0, xi = t;
        for (int i = 0; i < rooms; i++) {
            double from = i == 0 ? t : walls.get(i - 1) + p, to = i + 1 == rooms ? w - t : walls.get(i);
            double a = from + 0.4, b = Math.min(to - 0.4, a + between(0.6, 1.6));
            line(x, 0, a, 0);
            line(xi, t, a, t);
            line(a, 0, a, t);
            line(b, 0, b, t);
            opening(a, b, 0, t);
            x = b;
            xi = b;
        }
        line(x, 0, w, 0);
        line(xi, t, w - t, t);
        // the middle wall, with a door to each room
        double lower = t, upper = t;
        for (int i = 0; i < rooms; i++) {
            double from = i == 0 ? t : walls.get(i - 1) + p, a = from + 0.3, b = a + between(0.7, 1.1);
            line(lower, mid, a, mid);
            line(upper, mid + p, a, mid + p);
            line(a, mid, a, mid + p);
            line(b, mid, b, mid + p);
            opening(a, b, mid, p);
            lower = b;
            upper = b;
            if (i + 1 < rooms) {
                line(lower, mid, walls.get(i), mid);
                lower = walls.get(i) + p;
            }
        }
        line(lower, mid, w - t, mid);
        line(upper, mid + p, w - t, mid + p);
        for (double v : walls) {
            line(v, t, v, mid);
            line(v + p, t, v + p, mid);
        }
        layer = "THINGS";
        for (int i = 0; i < 5; i++) box(between(t + 0.2, w - 2.5), between(mid + p + 0.1, d - t - 1), between(0.5, 1.4), between(0.4, 0.7));
        layer = "STEPS";
        double step = between(0.26, 0.3);
        for (int i = 0; i < 9; i++) line(t + 0.5 + step * i, t + 0.4, t + 0.5 + step * i, t + 1.4);
    }

    private void opening(double a, double b, double y, double thick) {
        openings.add(new Point((a + b) / 2, y));
        openings.add(new Point((a + b) / 2, y + thick));
    }

    // ---- the faults

    private void damage(Line l) {
        Point u = l.b.minus(l.a).unit();
        Point a = l.a, b = l.b;
        if (l.length() > 0.5 && layerEndsMeet(l)) {
            a = a.plus(u.times(end()));
            b = b.minus(u.times(end()));
        }
        List<Line> parts = new ArrayList<>();
        int pieces = l.length() > 1 && r.nextInt(3) == 0 ? 2 + r.nextInt(3) : 1;
        double n = a.distance(b);
        for (int i = 0; i < pieces; i++) {
            Point from = a.plus(u.times(n * i / pieces)), to = a.plus(u.times(n * (i + 1) / pieces));
            // the next one begins there, a little behind, or before
            if (i > 0) from = from.plus(u.times(new double[] {0, between(0.001, 0.015), -between(0.01, 0.2)}[r.nextInt(3)]));
            parts.add(r.nextBoolean() ? new Line(l.layer, from, to) : new Line(l.layer, to, from));
        }
        for (Line p : parts) {
            damaged.add(p);
            if (r.nextInt(4) == 0) damaged.add(p);
            if (r.nextInt(8) == 0) damaged.add(new Line(p.layer, p.a.plus(near()), p.b.plus(near())));
        }
        if (r.nextInt(10) == 0) {
            Point c = new Point(between(1, 6), between(1, 6));
            damaged.add(new Line("CRUMBS", c, c.plus(new Point(between(0.0005, 0.002), 0))));
        }
    }

    /** Treads end in the open: what is short of nothing cannot be put right. */
    private static boolean layerEndsMeet(Line l) {
        return !l.layer.equals("STEPS");
    }

    /** How far an end is moved in: nothing, a gap, or out over it. */
    private double end() {
        return new double[] {0, 0, between(0.001, 0.015), -between(0.002, 0.02)}[r.nextInt(4)];
    }

    private Point near() {
        return new Point(between(-0.0003, 0.0003), between(-0.0003, 0.0003));
    }

    static Strokes strokes(List<Line> all, double k) {
        Sketch s = new Sketch();
        for (Line l : all) s.on(l.layer).line(l.a.x() * k, l.a.y() * k, l.b.x() * k, l.b.y() * k);
        return Flattening.of(s.drawing(), s.space(), ReadLimits.DEFAULT, Progress.NONE);
    }
}
