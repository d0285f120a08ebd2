package brightlintel.correct.size;

import brightlintel.correct.look.Look;
import brightlintel.correct.look.Measure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Weighs all evidence of size. */
public final class Sizing {
    /** Log-likelihoods: what has to speak for the best in all; what contradicts it. */
    private static final double AGAINST = -1.2, ROUNDING = 0.001;
    private static final List<SizeSource> SOURCES = List.of(Usual::doors, Usual::walls, Usual::steps, Usual::letters, Usual::extent,
        Words::header, Words::system, Sheets::scales, Sheets::frame);
    private final Look look;
    private final Written written;
    private final List<Opinion> opinions = new ArrayList<>();

    private Sizing(Look look) {
        this.look = look;
        this.written = new Written(look);
        opinions.addAll(written.opinions());
        for (SizeSource s : SOURCES) opinions.addAll(s.opinions(look));
    }

    public static SizeFinding of(Look look) {
        return new Sizing(look).found();
    }

    private record Weighed(double factor, double log) { }

    private SizeFinding found() {
        List<Double> agreed = new ArrayList<>(written.readings().stream().map(Written.Reading::factor).toList());
        opinions.stream().filter(o -> o.kind() == SizeKind.SCALE || o.kind() == SizeKind.SHEET).forEach(o -> agreed.add(o.at()));
        List<Weighed> all = new ArrayList<>();
        for (Candidates.Candidate c : Candidates.of(look, agreed)) {
            double log = c.prior();
            for (Opinion o : opinions) log += o.support().applyAsDouble(c.factor());
            all.add(new Weighed(c.factor(), log));
        }
        all.sort(Comparator.comparingDouble(Weighed::log).reversed());
        if (all.isEmpty()) return nothing();
        Weighed best = all.getFirst();
        Optional<Weighed> next = all.stream().filter(w -> Math.abs(Math.log(w.factor / best.factor)) > Candidates.SAME).findFirst();
        double sum = 1;
        for (Weighed w : all)
            if (Math.abs(Math.log(w.factor / best.factor)) > Candidates.SAME) sum += Math.exp(w.log - best.log);
        return answer(best.factor, next.map(w -> OptionalDouble.of(w.factor)).orElse(OptionalDouble.empty()), 1 / sum);
    }

    private SizeFinding nothing() {
        return new SizeFinding(1, 1, 1, 1, OptionalDouble.empty(), 0, true, opinions, List.of(), List.of(), Optional.empty());
    }

    private SizeFinding answer(double factor, OptionalDouble next, double share) {
        Optional<Written.Reading> r = written.readings().stream().filter(x -> Math.abs(Math.log(x.factor() / factor)) < Candidates.SAME)
            .max(Comparator.comparingDouble(x -> x.strength() + x.usage()));
        double known = snapped(factor), fx = known, fy = known;
        List<Measure> agree = List.of(), liars = List.of();
        if (r.isPresent()) {
            fx = snapped(r.get().x());
            fy = snapped(r.get().y());
            Agreement.Held held = written.agreement().held(fx, fy, r.get().unit());
            agree = held.agree();
            liars = held.against();
        }
        double confidence = share * proof(factor, r);
        List<Opinion> ordered = new ArrayList<>(opinions);
        ordered.sort(Comparator.comparingInt(o -> o.kind().ordinal()));
        return new SizeFinding(Math.sqrt(fx * fy), fx, fy, Candidates.nominal(look, Math.sqrt(fx * fy)), next, confidence, confidence < SizeFinding.SURE, ordered, agree, liars,
            r.map(Written.Reading::unit));
    }

    /** A factor that differs from one that people draw at by no more than rounding is that one: a thousandth is 3 cm on a house. */
    private double snapped(double factor) {
        return Candidates.of(look, List.of()).stream().mapToDouble(Candidates.Candidate::factor)
            .filter(f -> Math.abs(f / factor - 1) < ROUNDING).findFirst().orElse(factor);
    }

    /** How much has been measured that speaks for it: 1 where measures or several kinds of drawn things do, less where they contradict. */
    private double proof(double factor, Optional<Written.Reading> r) {
        int against = 0;
        double drawn = 0;
        for (Opinion o : opinions) {
            if (!o.kind().isDrawn()) continue;
            double s = o.support().applyAsDouble(factor);
            if (s < AGAINST) against++;
            else if (s > -0.7) drawn += o.kind() == SizeKind.DOORS ? Math.min(1.5, 0.5 * o.count()) : 0.6;
        }
        double measured = r.map(x -> x.strength() / 3).orElse(0.0);
        double all = measured + drawn - against;
        return Math.clamp(all / 1.5, 0, 1);
    }
}
