package brightlintel.correct.size;

import brightlintel.correct.UnitChoice;
import brightlintel.correct.look.Figure;
import brightlintel.correct.look.Look;
import brightlintel.correct.look.Measure;
import java.util.ArrayList;
import java.util.List;

/** Figures written at drawn lengths: by far the best evidence, where enough different ones agree. */
final class Written {
    /** Each different figure that agrees counts this much; against another factor no more than so much. */
    private static final double EACH = 1.6, MOST = 10;
    /** Numbers at lines share ends and come in chains: of what they would say if each stood for itself. */
    private static final double INDEPENDENT = 0.6, LEAST_CHANCE = 0.01;
    private final Agreement agreement;
    private final List<Reading> readings = new ArrayList<>();

    /**
     * One way to read what agrees.
     *
     * @param factor   metres per drawing unit; x and y part where the sheet was stretched
     * @param unit     of bare figures, metres
     * @param strength log-likelihood over chance
     * @param usage    log-likelihood of the unit by how the figures are written
     */
    record Reading(double factor, double x, double y, double unit, double strength, double usage, Agreement.Held held) { }

    static final Written NONE = new Written(List.of());

    Written(Look look) {
        this(look.measures());
    }

    private Written(List<Measure> measures) {
        agreement = new Agreement(measures);
        for (Agreement.Peak p : agreement.peaks()) {
            if (!p.bare()) read(p, Math.exp(p.logRatio()), 1);
            else for (UnitChoice u : UnitChoice.values()) read(p, Math.exp(p.logRatio()) * u.metres(), u.metres());
        }
    }

    private void read(Agreement.Peak p, double about, double unit) {
        Agreement.Held held = agreement.held(about, about, unit);
        if (held.agree().isEmpty()) return;
        double f = Agreement.middle(held.agree(), unit);
        Stretching.Axes axes = Stretching.of(agreement, f, unit, p.bare());
        f = Math.sqrt(axes.x() * axes.y());
        held = agreement.held(axes.x(), axes.y(), unit);
        long known = held.agree().stream().filter(Measure::written).count();
        double strength = EACH * held.different();
        if (known <= held.agree().size() / 2) strength = Math.min(strength, INDEPENDENT * overChance(held.different(), p));
        if (known > 0 && held.against().size() > known) strength /= 2;
        // both peaks of a stretched sheet lead to the same reading
        double there = f;
        boolean twice = readings.stream().anyMatch(r -> r.unit == unit && Math.abs(Math.log(r.factor / there)) < Candidates.SAME);
        if (strength > 0 && !twice)
            readings.add(new Reading(f, axes.x(), axes.y(), unit, strength, usage(held.agree(), unit), held));
    }

    /**
     * Logarithm of how unlikely it is that so many different figures fall into some window by chance: the bound of Chernoff for a Poisson
     * number of them, for as many windows as there are ratios.
     */
    private static double overChance(int different, Agreement.Peak p) {
        double expected = Math.max(p.chance(), LEAST_CHANCE);
        return different * Math.log(different / (Math.E * expected)) + expected - Math.log(Math.max(1, p.all()));
    }

    List<Reading> readings() {
        return readings;
    }

    Agreement agreement() {
        return agreement;
    }

    List<Opinion> opinions() {
        if (readings.isEmpty()) return List.of();
        Reading best = readings.stream().max((a, b) -> Double.compare(worth(a), worth(b))).orElseThrow();
        double top = worth(best), floor = Math.min(MOST, readings.stream().mapToDouble(Reading::strength).max().orElseThrow());
        return List.of(new Opinion(SizeKind.MEASURES, best.factor, best.held.agree().size(), best.held.asked(), Double.NaN,
            best.held.agree().stream().map(Measure::at).toList(),
            f -> Math.max(-floor, readings.stream().filter(r -> Math.abs(Math.log(r.factor / f)) < Candidates.SAME)
            .mapToDouble(r -> worth(r) - top).max().orElse(-floor))));
    }

    private static double worth(Reading r) {
        return r.strength + r.usage;
    }

    // ---- how figures are written

    /** Mean over the figures of how often such a figure is in that unit. */
    private static double usage(List<Measure> agree, double unit) {
        double sum = 0;
        int n = 0;
        for (Measure m : agree) {
            if (!m.figure().isBare()) continue;
            sum += Math.log(share(m.figure(), unit));
            n++;
        }
        return n == 0 ? 0 : 1.5 * sum / n;
    }

    /**
     * Of figures as they stand in plans. Two digits behind the point are metres (and decimal feet), one is centimetres or metres; four
     * digits and more are millimetres; what is left is centimetres or millimetres, as drawn by architects or engineers.
     */
    private static double share(Figure f, double unit) {
        boolean mm = unit == 0.001, cm = unit == 0.01, m = unit == 1, foot = unit == 0.3048;
        if (f.decimals() >= 2) return m ? 0.9 : foot ? 0.06 : cm ? 0.03 : 0.01;
        if (f.decimals() == 1) return cm ? 0.4 : m ? 0.35 : mm ? 0.1 : foot ? 0.08 : 0.07;
        if (f.number() >= 2000) return mm ? 0.9 : cm ? 0.08 : 0.01;
        if (f.number() >= 100) return mm ? 0.45 : cm ? 0.45 : foot || m ? 0.02 : 0.06;
        return cm ? 0.4 : mm ? 0.25 : m ? 0.1 : foot ? 0.05 : 0.2;
    }
}
