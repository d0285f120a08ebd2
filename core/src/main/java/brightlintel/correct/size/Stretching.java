package brightlintel.correct.size;

import brightlintel.correct.look.Measure;
import java.util.List;

/** A sheet that came out longer one way than the other: measures along x and along y agree each among themselves, and not with each other. */
final class Stretching {
    /** Beyond this share a sheet was not stretched, but something else measured. */
    private static final double MOST = 0.08;
    private static final int ENOUGH = 3;
    private static final double ALONG = 0.05;

    private Stretching() { }

    record Axes(double x, double y) { }

    static Axes of(Agreement a, Written.Reading r) {
        double x = axis(a, r, true), y = axis(a, r, false);
        if (Double.isNaN(x) || Double.isNaN(y) || Math.abs(x / y - 1) < SizeFinding.STRETCHED) return new Axes(r.factor(), r.factor());
        return new Axes(x, y);
    }

    /** NaN where too few run that way. */
    private static double axis(Agreement all, Written.Reading r, boolean level) {
        List<Measure> along = all.measures().stream().filter(m -> (level ? Math.abs(m.along().y()) < ALONG * Math.abs(m.along().x())
            : Math.abs(m.along().x()) < ALONG * Math.abs(m.along().y())) && m.figure().isBare() == isBare(r)
            && Agreement.off(m, r.factor(), r.factor(), r.unit()) < MOST).toList();
        Agreement own = new Agreement(along);
        return own.peaks().stream().filter(p -> p.bare() == isBare(r) && p.different() >= ENOUGH + 2 * p.chance()).findFirst().map(p -> {
            double f = Math.exp(p.logRatio()) * (p.bare() ? r.unit() : 1);
            Agreement.Held held = own.held(f, f, r.unit());
            return held.different() < ENOUGH ? Double.NaN : Agreement.middle(held.agree(), r.unit());
        }).orElse(Double.NaN);
    }

    private static boolean isBare(Written.Reading r) {
        return r.held().agree().getFirst().figure().isBare();
    }
}
