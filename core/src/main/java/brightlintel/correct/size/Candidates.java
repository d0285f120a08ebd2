package brightlintel.correct.size;

import brightlintel.correct.UnitChoice;
import brightlintel.correct.look.Look;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Factors that are asked about, with how likely each is before anything is looked at. */
final class Candidates {
    /** Factors nearer to each other than this are one. */
    static final double SAME = 0.004;
    /** Logarithms: a drawing at half or double size; a factor that nobody draws at, but that measures agree on; a sheet that was shrunk. */
    private static final double SCALED = -3.5, FREE = -3, SHRUNK = -1.2, DECIMETRE = -2.5;
    private static final double[] METRIC_SCALES = {10, 20, 25, 50, 75, 100, 125, 150, 200, 250, 300, 400, 500, 1000};
    private static final double[] INCH_SCALES = {12, 16, 24, 32, 48, 64, 96, 128, 192, 240, 360, 480};
    private static final double LARGEST_SHRINK = 0.8;

    private Candidates() { }

    /** @param prior log */
    record Candidate(double factor, double prior) { }

    /** @param agreed on by written measures */
    static List<Candidate> of(Look look, List<Double> agreed) {
        List<Candidate> all = new ArrayList<>();
        look.drawn().paper().ifPresentOrElse(p -> sheets(p.metresPerUnit(), all), () -> units(all));
        List<Candidate> known = List.copyOf(all);
        for (double f : agreed) {
            double usual = known.stream().filter(c -> Math.abs(Math.log(c.factor / f)) < SAME).mapToDouble(c ->
                c.prior).max().orElse(Double.NaN);
            all.add(new Candidate(f, Double.isNaN(usual) ? free(look, f, known) : usual));
        }
        all.sort(Comparator.comparingDouble(Candidate::factor));
        return all;
    }

    private static double free(Look look, double f, List<Candidate> known) {
        if (!look.drawn().isOnPaper()) return FREE;
        return known.stream().anyMatch(c -> c.factor / f > LARGEST_SHRINK && c.factor / f < 1.0) ? SHRUNK : FREE;
    }

    /** What was probably meant: the same, or on paper a little more of it in each unit. */
    static double nominal(Look look, double f) {
        List<Candidate> known = of(look, List.of());
        boolean usual = known.stream().anyMatch(c -> Math.abs(Math.log(c.factor / f)) < SAME);
        if (usual || !look.drawn().isOnPaper()) return f;
        return known.stream().filter(c -> c.prior > -1.2 && c.factor / f > LARGEST_SHRINK && c.factor / f < 1 + SAME)
            .max(Comparator.comparingDouble(Candidate::factor)).map(Candidate::factor).orElse(f);
    }

    private static void units(List<Candidate> all) {
        for (UnitChoice u : UnitChoice.values()) {
            all.add(new Candidate(u.metres(), 0));
            all.add(new Candidate(u.metres() * 2, SCALED));
            all.add(new Candidate(u.metres() / 2, SCALED));
        }
        all.add(new Candidate(0.1, DECIMETRE));
    }

    /** @param unit metres on paper of a unit of the sheet */
    private static void sheets(double unit, List<Candidate> all) {
        for (double n : METRIC_SCALES) all.add(new Candidate(n * unit, n == 100 || n == 50 || n == 200 ? 0 : -1));
        for (double n : INCH_SCALES) all.add(new Candidate(n * unit, n == 48 || n == 96 ? -0.5 : -1.5));
    }

    /** Of a model: drawn in inches or feet, at full size or half or double. */
    static boolean isImperial(double f) {
        for (double k : new double[] {1, 2, 0.5})
            for (UnitChoice u : List.of(UnitChoice.INCH, UnitChoice.FOOT)) if (Math.abs(f / (k * u.metres()) - 1) < SAME) return true;
        return false;
    }
}
