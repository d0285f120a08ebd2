package brightlintel.recognise;

import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.notation.Walls;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.UnaryOperator;

/** Plans without a corridor: rectangles parted by walls again and again, doors and windows where no other wall meets. */
final class MadeHouses {
    /** Metres: the narrowest room; what an opening keeps from a corner. */
    private static final double ROOM = 1.9, CORNER = 0.25;
    private final Random r;
    private final List<MadePlan.Hole> holes;
    private final List<Point> columns;
    private final StringBuilder text = new StringBuilder();
    private UnaryOperator<Point> bent = p -> p;

    MadeHouses(Random r, List<MadePlan.Hole> holes, List<Point> columns) {
        this.r = r;
        this.holes = holes;
        this.columns = columns;
    }

    List<Wall> walls(MadePlan.Shape shape) {
        switch (shape) {
            case CORE -> core();
            case ROW -> row();
            default -> house(shape == MadePlan.Shape.ODD);
        }
        List<Wall> all = Walls.read(text.toString().strip());
        for (Wall w : all) open(w, all);
        return all;
    }

    private double between(double least, double most) {
        return least + 0.05 * r.nextInt((int) Math.round((most - least) / 0.05) + 1);
    }

    private void house(boolean odd) {
        double l = between(9, 18), d = between(7, 12), lean = between(0.6, 2), drop = between(0.5, 1.5);
        // two sides lean and the north one falls
        if (odd) bent = p -> new Point(p.x() + lean * p.y() / d * (1 - 2 * p.x() / l), p.y() - drop * p.x() / l * p.y() / d);
        box("o", 0, 0, l, d, MadePlan.OUTER);
        parted("", 0, 0, l, d);
    }

    private void row() {
        int n = 3 + r.nextInt(3);
        double wide = between(5, 6.5), d = between(8, 11), at = between(3, d - 4), stair = between(2, 2.6);
        wall("south", 0, 0, n * wide, 0, MadePlan.OUTER);
        wall("north", n * wide, d, 0, d, MadePlan.OUTER);
        wall("west", 0, d, 0, 0, MadePlan.OUTER);
        wall("east", n * wide, 0, n * wide, d, MadePlan.OUTER);
        for (int i = 1; i < n; i++) wall("party" + i, i * wide, 0, i * wide, d, 0.24);
        for (int i = 0; i < n; i++) {
            boolean mirrored = i % 2 == 1;
            double x0 = i * wide, x1 = x0 + wide, x = mirrored ? x1 - stair : x0 + stair;
            wall("mid" + i, x0, at, x1, at, MadePlan.INNER);
            wall("side" + i, x, at, x, d, MadePlan.THIN);
        }
    }

    private void core() {
        double l = between(20, 28), d = between(13, 17), x = between(7, 9), y = between(4.5, 5.5), wide = between(5, 7), deep = between(3, 4);
        box("o", 0, 0, l, d, MadePlan.OUTER);
        box("core", x, y, x + wide, y + deep, 0.2);
        wall("lift", x + 2.2, y, x + 2.2, y + deep, 0.2);
        for (double px = 4; px < l - 2; px += 5) for (double py : new double[] {3.2, d - 3})
            columns.add(new Point(px, py));
    }

    private void box(String name, double x0, double y0, double x1, double y1, double t) {
        wall(name + "-south", x0, y0, x1, y0, t);
        wall(name + "-east", x1, y0, x1, y1, t);
        wall(name + "-north", x1, y1, x0, y1, t);
        wall(name + "-west", x0, y1, x0, y0, t);
    }

    private void parted(String name, double x0, double y0, double x1, double y1) {
        double w = x1 - x0, d = y1 - y0;
        boolean across = w > d;
        if (Math.max(w, d) < 2 * ROOM || w * d < 15 + 10 * r.nextDouble()) return;
        double t = name.length() < 2 ? MadePlan.INNER : MadePlan.THIN, at = between(ROOM, Math.max(w, d) - ROOM);
        if (across) {
            wall("p" + name, x0 + at, y0, x0 + at, y1, t);
            parted(name + "a", x0, y0, x0 + at, y1);
            parted(name + "b", x0 + at, y0, x1, y1);
        } else {
            wall("p" + name, x0, y0 + at, x1, y0 + at, t);
            parted(name + "a", x0, y0, x1, y0 + at);
            parted(name + "b", x0, y0 + at, x1, y1);
        }
    }

    private void wall(String id, double x0, double y0, double x1, double y1, double t) {
        Point a = bent.apply(new Point(x0, y0)), b = bent.apply(new Point(x1, y1));
        text.append(String.format(Locale.ROOT, "%s %.6f %.6f -> %.6f %.6f thick %.3f%n", id, a.x(), a.y(), b.x(), b.y(), t));
    }

    /** Between the walls that meet it: a window in each stretch of an outer wall, a door in the longest of another, and in one outer wall. */
    private void open(Wall w, List<Wall> all) {
        List<double[]> met = new ArrayList<>();
        for (Wall o : all) for (Point p : List.of(o.reference().a(), o.reference().b())) {
            Point u = w.reference().unroll(p);
            double half = o.thickness().value() / 2 / Math.max(0.5, Math.abs(w.reference().direction(0).cross(o.reference().direction(0))));
            if (o != w && Math.abs(u.y()) < 0.01 && u.x() > -0.01 && u.x() < w.length() + 0.01) met.add(new double[] {u.x() - half, u.x() + half});
        }
        met.sort(Comparator.comparingDouble(x -> x[0]));
        List<double[]> free = new ArrayList<>();
        for (int i = 1; i < met.size(); i++) if (met.get(i)[0] - met.get(i - 1)[1] > 0.8 + 2 * CORNER)
            free.add(new double[] {met.get(i - 1)[1] + CORNER, met.get(i)[0] - CORNER});
        boolean outer = w.thickness().value() == MadePlan.OUTER;
        if (outer) for (double[] f : free) hole(w, f, between(0.6, 1.8), false);
        else free.stream().max(Comparator.comparingDouble(f -> f[1] - f[0])).filter(_ -> w.thickness().value() != 0.24)
            .ifPresent(f -> hole(w, f, between(0.75, 0.95), true));
    }

    private void hole(Wall w, double[] free, double width, boolean door) {
        double wide = Math.min(width, free[1] - free[0]), slack = free[1] - free[0] - wide;
        holes.add(new MadePlan.Hole(w, free[0] + wide / 2 + slack * r.nextInt(5) / 4, wide, door));
    }
}
