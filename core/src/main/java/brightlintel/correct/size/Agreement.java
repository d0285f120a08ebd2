package brightlintel.correct.size;

import brightlintel.correct.look.Figure;
import brightlintel.correct.look.Measure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What written measures agree on. Each gives the logarithm of its figure over its drawn length; a number near a line may give several, at
 * most one of them true. The true ones fall on one value, the others anywhere: the densest narrow window is looked for, different figures
 * counting more than the same figure often, and held against what would fall into such a window by chance.
 */
final class Agreement {
    /** Width of the window: what figures lose by rounding. */
    private static final double WINDOW = 0.004;
    /** A figure rounded more coarsely than this says nothing of a factor. */
    private static final double COARSE = 0.01;
    /** Over which chance spreads wrong ratios: three powers of ten. */
    private static final double RANGE = 7;
    private static final int PEAKS = 3;
    private final List<Measure> measures;

    /**
     * @param logRatio of bare figures, or of figures in metres; different: figures among those that agree; chance: how many any window
     * holds by chance, of all
     */
    record Peak(double logRatio, boolean bare, int different, double chance, int all) { }

    private record Point(double log, int group, double number) { }

    Agreement(List<Measure> measures) {
        this.measures = measures.stream().filter(m -> rounding(m.figure()) < COARSE && m.drawn() > 0).toList();
    }

    /** Share of the figure that its last digit hides. */
    static double rounding(Figure f) {
        return (f.last() > 0 ? f.last() : 0.5 * Math.pow(10, -f.decimals())) / f.number();
    }

    List<Measure> measures() {
        return measures;
    }

    List<Peak> peaks() {
        List<Peak> out = new ArrayList<>();
        for (boolean bare : new boolean[] {true, false}) {
            List<Point> p = new ArrayList<>();
            for (Measure m : measures) if (m.figure().isBare() == bare) p.add(new Point(m.logRatio(), m.group(), m.figure().number()));
            p.sort(Comparator.comparingDouble(Point::log));
            peaks(p, bare, out);
        }
        return out;
    }

    /** The densest window first; the texts that agree in it are explained, and do not speak for another one too. */
    private static void peaks(List<Point> sorted, boolean bare, List<Peak> out) {
        double chance = sorted.size() * WINDOW / RANGE;
        List<Point> p = sorted;
        for (int k = 0; k < PEAKS && !p.isEmpty(); k++) {
            double from = densest(p);
            List<Point> in = p.stream().filter(x -> x.log >= from && x.log <= from + WINDOW).toList();
            Set<Integer> explained = new HashSet<>(in.stream().map(Point::group).toList());
            out.add(new Peak(centre(in), bare, (int) in.stream().map(Point::number).distinct().count(), chance,
                sorted.size()));
            p = p.stream().filter(x -> !explained.contains(x.group)).toList();
        }
    }

    /** Where the window begins that holds most. */
    private static double densest(List<Point> p) {
        Map<Double, Integer> numbers = new HashMap<>();
        Map<Integer, Integer> groups = new HashMap<>();
        double most = -1, at = 0;
        int end = 0;
        for (int i = 0; i < p.size(); i++) {
            while (end < p.size() && p.get(end).log <= p.get(i).log + WINDOW) {
                numbers.merge(p.get(end).number, 1, Integer::sum);
                groups.merge(p.get(end++).group, 1, Integer::sum);
            }
            double score = numbers.size() + 0.2 * groups.size();
            if (score > most) {
                most = score;
                at = p.get(i).log;
            }
            numbers.compute(p.get(i).number, (_, n) -> n == 1 ? null : n - 1);
            groups.compute(p.get(i).group, (_, n) -> n == 1 ? null : n - 1);
        }
        return at;
    }

    private static double centre(List<Point> in) {
        double[] v = in.stream().mapToDouble(Point::log).sorted().toArray();
        return v[v.length / 2];
    }

    // ---- held against a factor

    /**
     * How measures stand to a factor, each text once.
     *
     * @param agree those that do, one span for each text; against: of those that the file knows as measures, the ones that do not
     * @param asked texts that could have agreed
     */
    record Held(List<Measure> agree, List<Measure> against, int asked) {
        int different() {
            Set<Double> n = new HashSet<>();
            for (Measure m : agree) n.add(m.figure().number());
            return n.size();
        }
    }

    /** @param unit of bare figures, metres */
    Held held(double factorX, double factorY, double unit) {
        Map<Integer, Measure> best = new LinkedHashMap<>();
        for (Measure m : measures) best.merge(m.group(), m, (a, b) -> off(a, factorX, factorY, unit) <= off(b, factorX, factorY, unit)
            ? a : b);
        List<Measure> agree = new ArrayList<>(), against = new ArrayList<>();
        for (Measure m : best.values()) {
            if (off(m, factorX, factorY, unit) < WINDOW / 2 + 1.5 * rounding(m.figure())) agree.add(m);
            else if (m.written()) against.add(m);
        }
        return new Held(agree, against, best.size());
    }

    /** How far a measure is off, as a share of it. */
    static double off(Measure m, double factorX, double factorY, double unit) {
        double says = m.figure().isBare() ? m.figure().number() * unit : m.figure().metres();
        return Math.abs(Math.log(says / Math.hypot(m.along().x() * factorX, m.along().y() * factorY)));
    }

    /** The factor that those that agree have in the middle, each by how exactly it is written. @return metres per unit */
    static double middle(List<Measure> agree, double unit) {
        double[][] v = agree.stream().map(m -> new double[] {m.logRatio() + (m.figure().isBare() ? Math.log(unit) : 0),
            1 / (2e-4 + rounding(m.figure()))}).sorted(Comparator.comparingDouble(x -> x[0])).toArray(double[][]::new);
        double all = Arrays.stream(v).mapToDouble(x -> x[1]).sum(), sum = 0;
        for (double[] x : v) {
            sum += x[1];
            if (sum >= all / 2) return Math.exp(x[0]);
        }
        return Double.NaN;
    }
}
