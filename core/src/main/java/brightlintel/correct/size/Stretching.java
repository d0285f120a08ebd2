package brightlintel.correct.size;

import brightlintel.correct.look.Measure;
import java.util.List;

/**
 * A sheet that came out longer one way than the other: measures along x and along y agree each among themselves, and not with each other.
 */
final class Stretching {
    /** Beyond this share a sheet was not stretched, but something else measured. */
    private static final double MOST = 0.08;
    private static final int ENOUGH = 3;
    private static final double ALONG = 0.05;
    /** Of figures that agree by chance: a twentieth of one is none. */
    private static final double HARDLY = 0.1, LARGE = 0.01;

    private Stretching() { }

    record Axes(double x, double y) { }

    /** @param about the factor of one axis or of both; unit: of bare figures */
    static Axes of(Agreement a, double about, double unit, boolean bare) {
        double x = axis(a, about, unit, bare, true, 0), y = axis(a, about, unit, bare, false, 0), least = SizeFinding.STRETCHED;
        if (Double.isNaN(x) || Double.isNaN(y)) {
            // few figures tell a large stretch, and no small one
            x = axis(a, about, unit, bare, true, HARDLY);
            y = axis(a, about, unit, bare, false, HARDLY);
            least = LARGE;
        }
        if (Double.isNaN(x) || Double.isNaN(y) || Math.abs(x / y - 1) < least) return new Axes(about, about);
        return new Axes(x, y);
    }

    /** NaN where too few run that way. */
    private static double axis(Agreement all, double about, double unit, boolean bare, boolean level, double hardly) {
        List<Measure> along = all.measures().stream().filter(m -> (level ? Math.abs(m.along().y()) < ALONG * Math.abs(m.along().x())
            : Math.abs(m.along().x()) < ALONG * Math.abs(m.along().y())) && m.figure().isBare() == bare
            && Agreement.off(m, about, about, unit) < MOST).toList();
        Agreement own = new Agreement(along);
        return own.peaks().stream().filter(p -> p.bare() == bare && p.different() >= ENOUGH
            + 2 * p.chance() - hardly).findFirst().map(p -> {
            double f = Math.exp(p.logRatio()) * (bare ? unit : 1);
            Agreement.Held held = own.held(f, f, unit);
            return held.different() < ENOUGH ? Double.NaN : Agreement.middle(held.agree(), unit);
        }).orElse(Double.NaN);
    }
}
