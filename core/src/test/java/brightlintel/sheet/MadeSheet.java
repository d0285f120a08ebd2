package brightlintel.sheet;

import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.notation.Sketch;
import brightlintel.sheet.SheetParts.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;

/** A sheet of two to eight drawings in rows, made by chance, each with a title in one of five languages; with the truth. */
final class MadeSheet {
    private static final String[][] PLANS = {{"Ground floor plan", "First floor plan", "Second floor", "Basement plan"},
        {"Grundriss Erdgeschoss", "Grundriss 1. OG", "2. Obergeschoss", "Kellergeschoss"},
        {"Rez-de-chaussée", "Plan 1er étage", "2ème étage", "Sous-sol"}, {"Planta baja", "Planta primera", "Planta segunda", "Sótano"},
        {"Pianta piano terra", "Piano primo", "Piano secondo", "Pianta interrato"}};
    private static final int[] LEVELS = {0, 1, 2, -1};
    private static final String[] ELEVATIONS = {"South elevation", "Ansicht Süd", "Façade nord", "Alzado este", "Prospetto ovest"},
        SECTIONS = {"Section A-A", "Schnitt B-B", "Coupe A", "Sección 1", "Sezione C-C"}, DETAILS = {"Detail 3", "Detail Traufe", "Détail", "Detalle 2",
        "Dettaglio"}, LEGENDS = {"Legend", "Legende", "Légende", "Leyenda", "Legenda"};

    /** @param box of what is drawn, metres from the sheet's corner */
    record Truth(Kind kind, Box box, String title, OptionalInt storey) { }

    final Sketch sketch = new Sketch();
    final List<Truth> truth = new ArrayList<>();
    /** Units to the metre, and where the sheet lies in its file. */
    final double k;
    final Affine place;
    private final Random r;
    private final int language;
    private Box drawn = Box.EMPTY;
    private double x0, y0;

    MadeSheet(long seed) {
        r = new Random(seed);
        k = new double[] {1000, 100, 1, 1 / 0.0254}[r.nextInt(4)];
        language = r.nextInt(5);
        place = Affine.move(new Point(r.nextInt(3) * 1e4 * k, r.nextInt(2) * 3e4 * k));
        int n = 2 + r.nextInt(7), across = n <= 3 ? n : 2 + r.nextInt(2), plan = 0;
        double y = 0, gap = 2.4 + 3 * r.nextDouble();
        for (int i = 0; i < n;) {
            double x = 0, tall = 0;
            for (int c = 0; c < across && i < n; c++, i++) {
                // a plan always, and more of them than of all else
                Kind kind = i == 0 || r.nextInt(2) == 0 && plan < 4 ? Kind.PLAN
                    : List.of(Kind.ELEVATION, Kind.SECTION, Kind.ELEVATION, Kind.DETAIL, Kind.LEGEND).get(r.nextInt(5));
                Box b = part(kind, x, y, kind == Kind.PLAN ? plan++ : 0);
                x = b.maxX() + gap;
                tall = Math.max(tall, b.maxY() - y);
            }
            y += tall + gap + 1.6;
        }
        if (r.nextInt(3) > 0) frame();
    }

    private Box part(Kind kind, double x, double y, int plan) {
        drawn = Box.EMPTY;
        x0 = x + 2;
        y0 = y + 2;
        String title = switch (kind) {
            case PLAN -> plan();
            case ELEVATION -> elevation();
            case SECTION -> section();
            case DETAIL -> detail();
            default -> legend();
        };
        if (kind == Kind.PLAN) title = PLANS[language][plan];
        Box b = drawn;
        boolean above = kind == Kind.LEGEND || r.nextInt(4) == 0;
        text(title, b.centre().x() - x0, (above ? b.maxY() + 0.7 : b.minY() - 0.9) - y0, 0.45);
        truth.add(new Truth(kind, b, title, kind == Kind.PLAN ? OptionalInt.of(LEVELS[plan]) : OptionalInt.empty()));
        return b;
    }

    private void line(double ax, double ay, double bx, double by) {
        Point a = at(ax, ay), b = at(bx, by);
        drawn = drawn.with(new Point(ax + x0, ay + y0)).with(new Point(bx + x0, by + y0));
        sketch.line(a.x(), a.y(), b.x(), b.y());
    }

    private Point at(double x, double y) {
        return place.apply(new Point((x + x0) * k, (y + y0) * k));
    }

    private void box(double x, double y, double w, double h) {
        line(x, y, x + w, y);
        line(x + w, y, x + w, y + h);
        line(x + w, y + h, x, y + h);
        line(x, y + h, x, y);
    }

    private void text(String t, double x, double y, double h) {
        Point p = at(x, y);
        sketch.text(t, p.x(), p.y(), h * k, 0);
    }

    private void door(double x, double y, double leaf) {
        Point p = at(x, y);
        drawn = drawn.with(new Point(x + x0 + leaf, y + y0 + leaf));
        sketch.door(p.x(), p.y(), leaf * k);
    }

    private double between(double least, double most) {
        return least + (most - least) * r.nextDouble();
    }

    /** Rooms in a row on both sides of a corridor. */
    private String plan() {
        double w = between(9, 26), d = between(7, 14), t = 0.36, mid = d / 2;
        box(0, 0, w, d);
        box(t, t, w - 2 * t, d - 2 * t);
        line(t, mid, w - t, mid);
        line(t, mid + 0.12, w - t, mid + 0.12);
        int rooms = (int) Math.max(2, w / 4);
        for (int i = 0; i < rooms; i++) {
            double x = t + (w - 2 * t) * i / rooms;
            if (i > 0) {
                line(x, t, x, mid);
                line(x + 0.12, t, x + 0.12, mid);
            }
            door(x + 0.6, mid + 0.12, 0.8 + 0.1 * r.nextInt(2));
            text("Room " + (100 + i), x + 1.8, mid / 2, 0.18);
            for (double v : new double[] {0, t / 2, t}) line(x + 1, v, x + 2.2, v);
            if (r.nextBoolean()) box(x + 0.8, t + 0.8, 1.6, 0.8);
        }
        if (r.nextBoolean()) {
            line(0, -1.1, w, -1.1);
            for (double x : new double[] {0, w / 3, w}) line(x, -1.3, x, -0.4);
            text(String.valueOf(Math.round(w * 1000)), w / 2, -0.95, 0.18);
        }
        return "";
    }

    private String elevation() {
        double w = between(9, 26), h = between(5, 11);
        line(-1.2, 0, w + 1.2, 0);
        box(0, 0, w, h);
        line(-0.4, h, w / 2, h + 2);
        line(w / 2, h + 2, w + 0.4, h);
        for (double y = 1; y < h - 1.6; y += 2.8)
            for (double x = 1.2; x < w - 1.5; x += 2.4) {
                box(x, y, 1.1, 1.4);
                line(x + 0.55, y, x + 0.55, y + 1.4);
            }
        return ELEVATIONS[language];
    }

    private String section() {
        double w = between(8, 20);
        int storeys = 2 + r.nextInt(2);
        line(-1, 0, w + 1, 0);
        for (int i = 0; i <= storeys; i++) box(0, 2.9 * i, w, 0.25);
        for (double x : new double[] {0, w / 3, w - 0.36}) {
            line(x, 0.25, x, 2.9 * storeys);
            line(x + 0.36, 0.25, x + 0.36, 2.9 * storeys);
        }
        for (int i = 0; i < 9; i++) {
            line(w / 2 + 0.28 * i, 0.25 + 0.18 * i, w / 2 + 0.28 * (i + 1), 0.25 + 0.18 * i);
            line(w / 2 + 0.28 * (i + 1), 0.25 + 0.18 * i, w / 2 + 0.28 * (i + 1), 0.25 + 0.18 * (i + 1));
        }
        return SECTIONS[language];
    }

    private String detail() {
        double w = between(4, 7), h = between(4, 7);
        for (double x : new double[] {0, 0.5, 1.7, 2.9, 3.1}) line(x, 0, x, h);
        for (double y = 0.3; y < h; y += 0.4) line(0.5, y, 1.7, y + 0.35);
        box(0, h - 1, w, 0.6);
        return DETAILS[language];
    }

    private String legend() {
        for (int i = 0; i < 6; i++) {
            box(0, -0.9 * i, 1.2, 0.6);
            line(0, -0.9 * i, 1.2, -0.9 * i + 0.6);
            text("concrete, brick, timber or glass, as said " + i, 4.6, -0.9 * i + 0.3, 0.2);
        }
        return LEGENDS[language];
    }

    private void frame() {
        Box all = truth.stream().map(Truth::box).reduce(Box.EMPTY, Box::with).grown(4);
        x0 = 0;
        y0 = 0;
        box(all.minX(), all.minY(), all.width(), all.height());
        box(all.maxX() - 7, all.minY(), 7, 1.8);
        line(all.maxX() - 7, all.minY() + 0.9, all.maxX(), all.minY() + 0.9);
        text("Drawn by nobody", all.maxX() - 3.5, all.minY() + 1.3, 0.3);
    }

    /** From the sheet's metres to the file. */
    Box inFile(Box metres) {
        return metres.mapped(Affine.scale(k, k).then(place));
    }
}
