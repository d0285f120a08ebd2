package brightlintel.correct;

import brightlintel.drawing.Colour;
import brightlintel.drawing.Companions;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.EntityKey;
import brightlintel.drawing.Format;
import brightlintel.drawing.Header;
import brightlintel.drawing.Layer;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Report;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.drawing.Style;
import brightlintel.drawing.Tables;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;

/**
 * Plans made up by chance, whose truth is known: drawn in metres and put into a file by a unit, a turn and a shift. Walls, doors, measures
 * and damages of many manners; and drawings that are no plans.
 */
final class MadePlan {
    enum Walls { TWO_LINES, LINED, CLOSED, ONE_LINE }

    enum Leaves { ARC, THIN_BOX, HALF_OPEN, BULGE, NONE }

    enum Measured { KNOWN, TICKS, ARROWS, BROKEN, NONE }

    enum Figures { MM, CM, METRES, COMMA, SPACED, FEET, RAISED }

    enum Sort { PLAN, SECTION, DETAIL, SITE, CLUELESS }

    /** What the storeys of a building have in common. */
    record Shell(double[] x, double[] y, double thick) {
        static Shell of(long seed) {
            MadePlan p = new MadePlan(seed + 5000);
            return new Shell(p.axes(3 + p.r.nextInt(3)), p.axes(2 + p.r.nextInt(2)), 0.25 + 0.05 * p.r.nextInt(3));
        }
    }

    final Random r;
    Sort sort = Sort.PLAN;
    Walls walls;
    Leaves leaves;
    Measured measured;
    Figures figures;
    double metresPerUnit, turn, jitter, textHeight;
    boolean landscape, grid;
    Map<String, String> header = new LinkedHashMap<>();
    /** Of the building that it is a storey of, if it is of one: axes and thickness of outer walls. */
    Shell shell;
    private final List<Entity> out = new ArrayList<>();
    private Affine toFile;
    private int key;

    MadePlan(long seed) {
        r = new Random(seed * 7919);
        walls = pick(Walls.values());
        leaves = r.nextInt(8) == 0 ? Leaves.NONE : pick(Leaves.values());
        measured = r.nextInt(6) == 0 ? Measured.NONE : pick(Measured.values());
        metresPerUnit = new double[] {0.001, 0.001, 0.01, 1, 0.0254, 0.3048}[r.nextInt(6)];
        boolean imperial = metresPerUnit == 0.0254 || metresPerUnit == 0.3048;
        figures = imperial ? Figures.FEET : pick(Figures.MM, Figures.CM, Figures.METRES, Figures.COMMA, Figures.SPACED, Figures.RAISED);
        turn = r.nextInt(3) == 0 ? Math.toRadians(Math.rint(r.nextDouble() * 9000) / 100 - 45) : 0;
        jitter = r.nextInt(5) == 0 ? 0.004 : 0;
        landscape = r.nextInt(4) == 0;
        grid = r.nextBoolean();
        textHeight = 0.15 + 0.15 * r.nextDouble();
        int units = List.of(0, 1, 2, 4, 5, 6).get(r.nextInt(6));
        if (r.nextInt(3) > 0) header.put("$INSUNITS", "" + (r.nextBoolean() ? right() : units));
    }

    int right() {
        return metresPerUnit == 0.001 ? 4 : metresPerUnit == 0.01 ? 5 : metresPerUnit == 1 ? 6 : metresPerUnit == 0.0254 ? 1 : 2;
    }

    @SafeVarargs final <T> T pick(T... of) {
        return of[r.nextInt(of.length)];
    }

    boolean hasClue() {
        return measured != Measured.NONE || leaves != Leaves.NONE;
    }

    @Override public String toString() {
        return sort + " " + walls + " " + leaves + " " + measured + " " + figures + " " + metresPerUnit + " turn " + Math.toDegrees(turn) + " jitter "
            + jitter + " landscape " + landscape + " " + header;
    }

    RawDrawing drawing() {
        double far = r.nextInt(3) == 0 ? 200_000 : 40;
        toFile = Affine.scale(1 / metresPerUnit, 1 / metresPerUnit).then(Affine.turn(turn))
            .then(Affine.move(far / metresPerUnit * (r.nextDouble() - 0.5), far / metresPerUnit * (r.nextDouble() - 0.5)));
        switch (sort) {
            case PLAN, CLUELESS -> plan();
            case SECTION -> section();
            case DETAIL -> detail();
            case SITE -> site();
        }
        return new RawDrawing("", Format.DXF, "", new Header(header), List.of(Layer.plain("0", Colour.PLAIN)), Tables.NONE,
            List.of(Space.model(out)), Map.of(), Companions.NONE, Report.EMPTY);
    }

    // ---- what is drawn, metres

    private void plan() {
        double[] x = shell == null ? axes(2 + r.nextInt(4)) : inner(shell.x), y = shell == null ? axes(2 + r.nextInt(3)) : inner(shell.y);
        int nx = x.length - 1, ny = y.length - 1;
        double thick = shell == null ? 0.2 + 0.05 * r.nextInt(4) : shell.thick, thin = 0.1 + 0.015 * r.nextInt(4);
        if (grid && shell != null) grid();
        for (int i = 0; i <= nx; i++) wall(x[i], 0, x[i], y[ny], i == 0 || i == nx ? thick : thin);
        for (int j = 0; j <= ny; j++) wall(0, y[j], x[nx], y[j], j == 0 || j == ny ? thick : thin);
        for (int i = 0; i < nx; i++)
            for (int j = 0; j < ny; j++) {
                room(x[i], y[j], x[i + 1], y[j + 1]);
                if (leaves != Leaves.NONE && sort == Sort.PLAN && r.nextInt(4) > 0)
                    door(x[i] + 0.4, y[j], 0.76 + 0.125 * r.nextInt(3));
            }
        if (measured != Measured.NONE && sort == Sort.PLAN) {
            for (int i = 0; i < nx; i++) measure(x[i], y[ny] + 1.5, x[i + 1], y[ny] + 1.5);
            for (int j = 0; j < ny; j++) measure(x[nx] + 1.5, y[j], x[nx] + 1.5, y[j + 1]);
            measure(0, y[ny] + 2.6, x[nx], y[ny] + 2.6);
        }
        if (landscape) landscape(x[nx], y[ny]);
    }

    /** Inner walls of a storey stand where they like. */
    private double[] inner(double[] axes) {
        double[] a = axes.clone();
        for (int i = 1; i < a.length - 1; i++) if (r.nextInt(3) > 0) a[i] += Math.rint((r.nextDouble() - 0.5) * 120) / 100;
        return a;
    }

    private void grid() {
        double[] x = shell.x, y = shell.y;
        double w = x[x.length - 1], d = y[y.length - 1];
        for (int i = 0; i < x.length; i++) tag("" + (i + 1), x[i], -3, x[i], d + 1);
        for (int j = 0; j < y.length; j++) tag("" + (char) ('A' + j), -3, y[j], w + 1, y[j]);
    }

    private void tag(String label, double x0, double y0, double x1, double y1) {
        line(x0, y0, x1, y1);
        double rad = 1.2 * textHeight;
        Point c = toFile.apply(x0 == x1 ? x0 : x0 - rad, x0 == x1 ? y0 - rad : y0);
        out.add(new Entity.Circle(next(), style(), Vec3.UP, vec(c), rad / metresPerUnit));
        text(label, (x0 == x1 ? x0 : x0 - rad) - 0.35 * textHeight, (x0 == x1 ? y0 - rad : y0) - 0.5 * textHeight, 0);
    }

    private double[] axes(int n) {
        double[] a = new double[n + 1];
        for (int i = 1; i <= n; i++) a[i] = a[i - 1] + 2.2 + Math.rint(r.nextDouble() * 360) / 100;
        return a;
    }

    private void wall(double x0, double y0, double x1, double y1, double t) {
        boolean plumb = x0 == x1;
        double[] offsets = switch (walls) {
            case TWO_LINES, CLOSED -> new double[] {-t / 2, t / 2};
            case LINED -> new double[] {-t / 2 - 0.015, -t / 2, t / 2, t / 2 + 0.015};
            case ONE_LINE -> new double[] {0};
        };
        for (double o : offsets) if (plumb) line(x0 + o, y0, x1 + o, y1); else line(x0, y0 + o, x1, y1 + o);
        if (walls != Walls.CLOSED) return;
        double h = t / 2;
        if (plumb) {
            line(x0 - h, y0, x0 + h, y0);
            line(x1 - h, y1, x1 + h, y1);
        } else {
            line(x0, y0 - h, x0, y0 + h);
            line(x1, y1 - h, x1, y1 + h);
        }
    }

    private void room(double x0, double y0, double x1, double y1) {
        text(pick("Office", "Hall", "Büro", "Cocina", "Chambre") + " " + r.nextInt(30), (x0 + x1) / 2 - 0.6, (y0 + y1) / 2, 0);
        if (r.nextInt(2) == 0) {
            double w = 0.5 + r.nextDouble(), d = 0.4 + r.nextDouble() * 0.6, px = x0 + 0.5, py = y1 - 0.4 - d;
            line(px, py, px + w, py);
            line(px + w, py, px + w, py + d);
            line(px + w, py + d, px, py + d);
            line(px, py + d, px, py);
        }
    }

    private void door(double x, double y, double w) {
        double open = leaves == Leaves.HALF_OPEN ? Math.PI / 4 : Math.PI / 2;
        Point tip = Point.polar(open, w).plus(new Point(x, y));
        line(x, y, tip.x(), tip.y());
        if (leaves == Leaves.THIN_BOX) {
            line(x + 0.04, y, tip.x() + 0.04, tip.y());
            line(tip.x(), tip.y(), tip.x() + 0.04, tip.y());
        }
        if (leaves == Leaves.BULGE) {
            Point a = at(x + w, y), b = at(tip.x(), tip.y());
            out.add(new Entity.Polyline(next(), style(), Vec3.UP, Entity.PolylineKind.LIGHT, false,
                Doubles.of(a.x(), a.y(), 0, Math.tan(open / 4), b.x(), b.y(), 0, 0), List.of(), 0, 0, List.of()));
        } else {
            Point c = at(x, y);
            out.add(new Entity.Arc(next(), style(), Vec3.UP, new Vec3(c.x(), c.y(), 0), w / metresPerUnit, turn, turn + open));
        }
    }

    private void measure(double x0, double y0, double x1, double y1) {
        boolean plumb = x0 == x1;
        double length = Math.hypot(x1 - x0, y1 - y0), h = textHeight;
        String figure = figure(length);
        double mx = (x0 + x1) / 2, my = (y0 + y1) / 2;
        if (measured == Measured.KNOWN) {
            Point a = at(x0, y0 - (plumb ? 0 : 1)), b = at(x1, y1 - (plumb ? 0 : 1)), m = at(mx, my);
            double lie = r.nextInt(12) == 0 ? 1.3 : 1;
            out.add(new Entity.Dimension(next(), style(), Vec3.UP, 0, "", length / metresPerUnit, figure(length * lie), vec(b), vec(m), vec(a), vec(b),
                Vec3.ZERO, turn + (plumb ? Math.PI / 2 : 0), ""));
            return;
        }
        double half = figure.length() * h * 0.36;
        if (measured == Measured.BROKEN && !plumb && length > 3 * half) {
            line(x0, y0, mx - half - 0.5 * h, y0);
            line(mx + half + 0.5 * h, y0, x1, y1);
            text(figure, mx - half, my - h / 2, 0);
        } else {
            line(x0, y0, x1, y1);
            if (plumb) text(figure, mx - 0.4 * h, my - half, Math.PI / 2);
            else text(figure, mx - half, my + 0.4 * h, 0);
        }
        for (double[] e : new double[][] {{x0, y0}, {x1, y1}}) {
            if (plumb) line(e[0] - 1, e[1], e[0] + 0.2, e[1]);
            else line(e[0], e[1] - 1, e[0], e[1] + 0.2);
            if (measured == Measured.TICKS) line(e[0] - 0.1, e[1] - 0.1, e[0] + 0.1, e[1] + 0.1);
        }
    }

    private String figure(double m) {
        return switch (figures) {
            case MM -> "" + Math.round(m * 1000);
            case SPACED -> String.format(Locale.ROOT, "%,d", Math.round(m * 1000)).replace(',', ' ');
            case CM -> "" + Math.round(m * 100);
            case METRES -> String.format(Locale.ROOT, "%.2f", m);
            case COMMA -> String.format(Locale.ROOT, "%.2f", m).replace('.', ',');
            case RAISED -> Math.round(m * 1000) % 10 == 5 ? Math.round(m * 1000) / 10 + "⁵" : "" + Math.round(m * 100);
            case FEET -> {
                long inches = Math.round(m / 0.0254);
                yield inches / 12 + "'-" + inches % 12 + "\"";
            }
        };
    }

    private void landscape(double w, double d) {
        for (int i = 0; i < 12; i++) {
            double x = -w - 20, y = -20 + i * 6;
            for (int k = 0; k < 40; k++) {
                double nx = x + 2.5, ny = y + r.nextGaussian();
                line(x, y, nx, ny);
                x = nx;
                y = ny;
            }
        }
        for (int i = 0; i < 25; i++) {
            Point c = at(-15 + r.nextDouble() * (w + 30), -12 - r.nextDouble() * 10);
            out.add(new Entity.Circle(next(), style(), Vec3.UP, vec(c), (0.8 + r.nextDouble()) / metresPerUnit));
        }
    }

    private void section() {
        for (int s = 0; s < 4; s++) {
            double y = s * 2.95;
            line(0, y, 12, y);
            line(0, y - 0.25, 12, y - 0.25);
            text(s == 0 ? "±0.00" : String.format(Locale.ROOT, "+%.2f", y), 13, y, 0);
            for (double x : new double[] {0, 4.2, 11.7}) {
                line(x, y, x, y + 2.7);
                line(x + 0.3, y, x + 0.3, y + 2.7);
            }
        }
    }

    /** Layers of a wall, a tenth as large as a plan. */
    private void detail() {
        double[] layers = {0, 0.012, 0.127, 0.287, 0.307, 0.422, 0.437};
        for (double x : layers) line(x, 0, x, 0.8);
        textHeight = 0.01;
        for (int i = 1; i < layers.length; i++) if (measured != Measured.NONE) measure(layers[i - 1], 0.9, layers[i], 0.9);
        for (int i = 0; i < 5; i++) text("Plaster " + i, 0.5, 0.1 + 0.1 * i, 0);
    }

    private void site() {
        landscape(60, 40);
        for (int i = 0; i < 8; i++) {
            double x = i * 22, w = 9 + 6 * r.nextDouble(), d = 8 + 5 * r.nextDouble();
            line(x, 0, x + w, 0);
            line(x + w, 0, x + w, d);
            line(x + w, d, x, d);
            line(x, d, x, 0);
            text("Plot " + i, x + 2, 4, 0);
        }
    }

    // ---- into the file

    private Point at(double x, double y) {
        return toFile.apply(x + jitter * r.nextGaussian(), y + jitter * r.nextGaussian());
    }

    /** Where a point of the building is in the file. */
    Point inFile(double x, double y) {
        return toFile.apply(x, y);
    }

    private static Vec3 vec(Point p) {
        return new Vec3(p.x(), p.y(), 0);
    }

    private void line(double x0, double y0, double x1, double y1) {
        out.add(new Entity.Line(next(), style(), Vec3.UP, vec(at(x0, y0)), vec(at(x1, y1))));
    }

    private void text(String words, double x, double y, double angle) {
        Vec3 p = vec(toFile.apply(x, y));
        out.add(new Entity.Text(next(), style(), Vec3.UP, Entity.TextSort.TEXT, words, "", textHeight / metresPerUnit, p, p, turn + angle, 1, 0,
            Entity.Across.LEFT, Entity.Upward.BASE, true));
    }

    private EntityKey next() {
        return new EntityKey("", key++);
    }

    private static Style style() {
        return Style.PLAIN;
    }
}
