package brightlintel.desktop.board;

import brightlintel.building.Units;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.paint.Brush;
import brightlintel.paint.Fonts;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import brightlintel.paint.Stamp;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/** Rulers along the upper and left edge, and the scale bar: in real units, so that a wrong unit is seen at once. */
final class Rulers {
    static final int WIDE = 20;
    private static final double[] METRIC = {0.001, 0.002, 0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000,
        2000, 5000, 10000, 100000, 1000000};
    private static final double[] FEET = {1 / 12.0, 0.25, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 5000, 10000, 100000};
    private static final int MOST_STAMPS = 1000;
    /** The same figures stand at the rulers in many frames. */
    private static final Map<Label, Stamp> STAMPS = new LinkedHashMap<>() {
        @Override protected boolean removeEldestEntry(Map.Entry<Label, Stamp> eldest) {
            return size() > MOST_STAMPS;
        }
    };
    private final Brush brush;
    private final Palette palette;
    private final PlanView view;
    private final double unit;
    private final String sign;
    private final double[] steps;

    private record Label(String text, boolean upward) { }

    Rulers(Brush brush, Palette palette, PlanView view, Units units) {
        this.brush = brush;
        this.palette = palette;
        this.view = view;
        boolean metric = units == Units.METRIC;
        unit = metric ? 1 : 0.3048;
        sign = metric ? " m" : " ft";
        steps = metric ? METRIC : FEET;
    }

    private static Stamp stamp(String text, boolean upward) {
        return STAMPS.computeIfAbsent(new Label(text, upward), l -> Stamp.of(l.text, 11, Fonts.Weight.REGULAR, l.upward));
    }

    private double step(double leastPx) {
        for (double s : steps) if (s * unit * view.pxPerMetre() >= leastPx) return s;
        return steps[steps.length - 1];
    }

    private static String number(double v, double step) {
        String s = step >= 1 ? Long.toString(Math.round(v)) : String.format(Locale.ROOT, step >= 0.1 ? "%.1f" : step >= 0.01
            ? "%.2f" : "%.3f", v);
        return s.replaceFirst("^-(0\\.?0*)$", "$1").replace('-', '−');
    }

    void paint(Point pointerPx) {
        int w = brush.raster().width, h = brush.raster().height;
        brush.rect(0, 0, w, WIDE, palette.sheet());
        brush.rect(0, 0, WIDE, h, palette.sheet());
        brush.rect(0, WIDE, w, 1, palette.rule());
        brush.rect(WIDE, 0, 1, h, palette.rule());
        Box seen = view.seen();
        double step = step(70), fine = step / 5;
        for (double i = Math.ceil(seen.minX() / unit / fine); i * fine * unit <= seen.maxX(); i++) {
            double x = view.toPx(new Point(i * fine * unit, 0)).x();
            boolean big = Math.floorMod((long) i, 5) == 0;
            if (x < WIDE + 2) continue;
            brush.rect(Math.round(x), big ? 8 : 15, 1, WIDE - (big ? 8 : 15), palette.ink3());
            if (big) brush.stamp(stamp(number(i * fine, step) + sign, false), (int) Math.round(x + 4), 13, palette.ink2());
        }
        for (double i = Math.ceil(seen.minY() / unit / fine); i * fine * unit <= seen.maxY(); i++) {
            double y = view.toPx(new Point(0, i * fine * unit)).y();
            boolean big = Math.floorMod((long) i, 5) == 0;
            if (y < WIDE + 2) continue;
            brush.rect(big ? 8 : 15, Math.round(y), WIDE - (big ? 8 : 15), 1, palette.ink3());
            if (big) brush.stamp(stamp(number(i * fine, step), true), 13, (int) Math.round(y - 3), palette.ink2());
        }
        if (pointerPx != null) {
            brush.rect(Math.round(pointerPx.x()), 0, 1, WIDE, palette.brass());
            brush.rect(0, Math.round(pointerPx.y()), WIDE, 1, palette.brass());
        }
        brush.rect(0, 0, WIDE, WIDE, palette.sheet());
    }

    void scaleBar() {
        double step = step(90), px = step * unit * view.pxPerMetre(), x = 40, y = brush.raster().height - 20.0;
        brush.rect(x - 8, y - 20, px + 36, 32, palette.paper());
        brush.rect(x, y, px / 2, 4, palette.ink());
        brush.rect(x + px / 2, y, px / 2, 4, palette.ink());
        brush.rect(x + px / 2, y + 1, px / 2 - 1, 2, palette.paper());
        brush.text("0", x, y - 5, 11, Fonts.Weight.REGULAR, palette.ink2());
        brush.textCentred(number(step, step) + sign, x + px, y - 5, 11, Fonts.Weight.REGULAR, palette.ink2());
    }
}
