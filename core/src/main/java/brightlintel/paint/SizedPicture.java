package brightlintel.paint;

import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;

/** A whole drawing, small, over a ruler in real units and beside a car of 5 m: what size it would be is seen at once. */
public final class SizedPicture {
    private static final double CAR = 5, CAR_WIDE = 1.8;
    private static final int FOOT = 30, LEAST = 44, MARGIN = 10;
    private static final double[] TIMES = {1, 2, 5};

    private SizedPicture() { }

    /** @param unit metres of the ruler's unit; sign: its name */
    public static Raster of(PlacedDrawing d, Palette p, int width, int height, double unit, String sign, BooleanSupplier stop) {
        Raster r = new Raster(width, height);
        r.clear(p.sheet());
        Box main = d.extent().main();
        if (main.isEmpty() || !(main.diagonal() > 0)) return r;
        PlanView fit = PlanView.fit(main, width, height - FOOT, MARGIN);
        PlanView view = new PlanView(fit.centre().minus(new Point(0, FOOT / 2.0 / fit.pxPerMetre())), fit.pxPerMetre(), width, height);
        StrokePainter.paint(d, view, new StrokePainter.Look(p, true, 0), r, stop);
        Brush b = new Brush(r);
        b.rect(0, height - FOOT, width, FOOT, p.sheet());
        car(b, p, view, width, height);
        ruler(b, p, view, unit, sign);
        return r;
    }

    private static void car(Brush b, Palette p, PlanView view, int width, int height) {
        double k = view.pxPerMetre(), long_ = CAR * k, high = CAR_WIDE * k;
        if (long_ < 1.5) return;
        double x = width - MARGIN - Math.min(long_, width - 2.0 * MARGIN), y = height - FOOT - 4 - Math.min(high, height / 2.0);
        b.path(List.of(new Point(x, y), new Point(x + long_, y), new Point(x + long_, y + high), new Point(x, y + high)), true, 1.4,
            p.brass());
    }

    private static void ruler(Brush b, Palette p, PlanView view, double unit, String sign) {
        int y = b.raster().height - 14, wide = b.raster().width - 2 * MARGIN;
        double perUnit = view.pxPerMetre() * unit, step = step(LEAST / perUnit);
        b.rect(MARGIN, y, wide, 1, p.ink2());
        for (int i = 0; i * step * perUnit <= wide; i++) {
            double x = MARGIN + i * step * perUnit;
            b.rect(Math.round(x), y - 5, 1, 5, p.ink2());
            String t = figure(i * step) + (i == 0 ? "" : sign);
            double room = b.textWidth(t, 10, Fonts.Weight.REGULAR);
            if (x + 3 + room <= b.raster().width) b.text(t, x + 3, y + 11, 10, Fonts.Weight.REGULAR, p.ink2());
        }
    }

    /** The next of 1, 2, 5 times a power of ten. */
    private static double step(double least) {
        double ten = Math.pow(10, Math.floor(Math.log10(least)));
        for (double t : TIMES) if (t * ten >= least) return t * ten;
        return 10 * ten;
    }

    private static String figure(double v) {
        if (v >= 1e6 || v > 0 && v < 1e-3) return String.format(Locale.ROOT, "%.0e", v);
        return v == Math.rint(v) ? Long.toString(Math.round(v)) : String.format(Locale.ROOT, v < 0.01 ? "%.3f" : v < 0.1 ? "%.2f"
            : "%.1f", v);
    }
}
