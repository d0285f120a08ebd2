package brightlintel.correct.size;

import brightlintel.correct.look.Look;
import brightlintel.correct.look.Measure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Weighs all evidence of size. */
public final class Sizing {
    /** Log-likelihood of what contradicts the best; share by which rounding parts factors. */
    /** What one room whose written area agrees proves; three different ones are as good as dimensions. */
    private static final double AREA = 0.5;
    private static final double AGAINST = -1.2, AGREES = -1, ROUNDING = 0.001;
    /** Different figures; of those that agree with the best. What is left of the confidence then. */
    private static final int RIVALS = 4;
    private static final double RIVAL_SHARE = 0.3, TWO_SCALES = 0.6, MAYBE_SHRUNK = 0.7;
    private static final List<SizeSource> SOURCES = List.of(Usual::doors, Usual::walls, Usual::steps, Usual::windows, Fittings::parking,
        Fittings::blocks,
        Areas::opinions, Usual::letters,
        Usual::extent,
        Rounds::opinions, Words::header, Words::system, Sheets::opinions);
    private final Look look;
    private final Written written;
    private final List<Opinion> opinions = new ArrayList<>();

    private Sizing(Look look, Set<SizeKind> without) {
        this.look = look;
        this.written = without.contains(SizeKind.MEASURES) ? Written.NONE : new Written(look);
        opinions.addAll(written.opinions());
        for (SizeSource s : SOURCES) for (Opinion o : s.opinions(look)) if (!without.contains(o.kind())) opinions.add(o);
    }

    public static SizeFinding of(Look look) {
        return of(look, Set.of());
    }

    /** @param without what somebody struck out */
    public static SizeFinding of(Look look, Set<SizeKind> without) {
        return new Sizing(look, without).found();
    }

    /** @param hard without what holds for plans alone */
    private record Weighed(double factor, double log, double hard) {
        boolean isLike(Weighed w) {
            return Math.abs(Math.log(w.factor / factor)) <= Candidates.SAME;
        }
    }

    private SizeFinding found() {
        List<Double> agreed = new ArrayList<>(written.readings().stream().map(Written.Reading::factor).toList());
        opinions.stream().filter(o -> o.kind() == SizeKind.SCALE || o.kind() == SizeKind.SHEET).forEach(o -> agreed.add(o.at()));
        List<Weighed> all = new ArrayList<>();
        for (Candidates.Candidate c : Candidates.of(look, agreed)) {
            double log = c.prior(), hard = c.prior();
            for (Opinion o : opinions) {
                double s = o.support().applyAsDouble(c.factor());
                log += s;
                if (o.kind().isHard()) hard += s;
            }
            all.add(new Weighed(c.factor(), log, hard));
        }
        all.sort(Comparator.comparingDouble(Weighed::log).reversed());
        if (all.isEmpty()) return nothing();
        Weighed best = all.getFirst();
        List<Weighed> others = all.stream().filter(w -> !w.isLike(best)).toList();
        double sum = 1, hard = 1;
        for (Weighed w : others) {
            sum += Math.exp(w.log - best.log);
            hard += Math.exp(w.hard - best.hard);
        }
        // what holds for plans alone may tip the scales, but not carry them
        double share = Math.min(1 / sum, Math.sqrt(1 / hard));
        return answer(best.factor, others.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(others.getFirst().factor), share);
    }

    private SizeFinding nothing() {
        return new SizeFinding(1, 1, 1, 1, OptionalDouble.empty(), 0, true, opinions, List.of(), List.of(), Optional.empty());
    }

    private SizeFinding answer(double factor, OptionalDouble next, double share) {
        Optional<Written.Reading> r = written.readings().stream().filter(x -> Math.abs(Math.log(x.factor() / factor)) < Candidates.SAME)
            .max(Comparator.comparingDouble(x -> x.strength() + x.usage()));
        double hidden = r.map(x -> x.held().agree().stream().mapToDouble(m ->
            Agreement.rounding(m.figure())).average().orElse(0)).orElse(0.0);
        double near = Math.max(ROUNDING, hidden / 2), known = snapped(factor, near), fx = known, fy = known;
        List<Measure> agree = List.of(), liars = List.of();
        if (r.isPresent()) {
            fx = snapped(r.get().x(), near);
            fy = snapped(r.get().y(), near);
            Agreement.Held held = written.agreement().held(fx, fy, r.get().unit());
            agree = held.agree();
            liars = held.against();
        }
        double confidence = share * proof(factor, r);
        List<Opinion> ordered = new ArrayList<>(opinions);
        ordered.sort(Comparator.comparingInt(o -> o.kind().ordinal()));
        return new SizeFinding(Math.sqrt(fx * fy), fx, fy, Candidates.nominal(look, Math.sqrt(fx * fy)), next, confidence,
            confidence < SizeFinding.SURE, ordered, agree, liars,
            r.map(Written.Reading::unit));
    }

    /** A factor that differs from one that people draw at by no more than rounding is that one: a thousandth is 3 cm on a house. */
    private double snapped(double factor, double near) {
        return Candidates.of(look, List.of()).stream().mapToDouble(Candidates.Candidate::factor)
            .filter(f -> Math.abs(f / factor - 1) < near).findFirst().orElse(factor);
    }

    /** How much has been measured that speaks for it: 1 where measures or several kinds of drawn things do, less where they contradict. */
    private double proof(double factor, Optional<Written.Reading> r) {
        double against = 0;
        double drawn = 0;
        for (Opinion o : opinions) {
            if (!o.kind().isDrawn()) continue;
            double s = o.support().applyAsDouble(factor);
            // walls of one line have no faces, and then other things lie close together
            if (s < AGAINST) against += o.kind() == SizeKind.WALLS ? 0.5 : 1;
            else if (s > AGREES) drawn += o.kind() == SizeKind.DOORS ? Math.min(1.5, 0.5 * o.count()) : 0.6;
        }
        double measured = r.map(x -> x.strength() / 3).orElse(0.0);
        for (Opinion o : opinions) {
            if (o.kind() != SizeKind.AREAS) continue;
            if (o.support().applyAsDouble(factor) > AGREES) measured += AREA * o.count();
            else against++;
        }
        double all = measured + drawn - against;
        // a page may have been shrunk by a few hundredths, which doors and walls do not show
        boolean shrunk = look.drawn().isOnPaper() && r.isEmpty() && !Rounds.prove(look, factor);
        return Math.clamp(all / 1.5, 0, 1) * (r.isPresent() && hasRival(r.get()) ? TWO_SCALES : 1) * (shrunk ? MAYBE_SHRUNK : 1);
    }

    /** Other measures, not few, agree among themselves on another factor: details at a larger scale, on one sheet with the plan. */
    private boolean hasRival(Written.Reading best) {
        return written.readings().stream().anyMatch(r -> r.held().different() >= Math.max(RIVALS, RIVAL_SHARE * best.held().different())
            && r.held().agree().stream().noneMatch(best.held().agree()::contains) && r.strength() > 0);
    }
}
