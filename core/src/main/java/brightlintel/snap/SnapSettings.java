package brightlintel.snap;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What is snapped to.
 *
 * @param order   kinds that win come first; a kind that is off keeps its place
 * @param sources whose places count; where two lie alike, the one that is first in this order wins
 * @param off     sources that do not count
 * @param step    even step, metres
 * @param round   step along arcs, radians
 */
public record SnapSettings(List<SnapKind> order, Set<SnapKind> on, List<SnapSource> sources, Set<SnapSource> off, double step,
    double round) {
    public static final SnapSettings USUAL = new SnapSettings(List.of(SnapKind.values()),
        EnumSet.complementOf(EnumSet.of(SnapKind.EVEN_STEP, SnapKind.ROUND_STEP)), List.of(SnapSource.values()), Set.of(), 0.1,
        Math.toRadians(15));

    public SnapSettings {
        order = List.copyOf(order);
        on = Set.copyOf(on);
        sources = List.copyOf(sources);
        off = Set.copyOf(off);
        if (!(step > 0.0001 && step < 1e4)) throw new IllegalArgumentException("step " + step + " is not within 0.0001..10000");
        if (!(round > 1e-3 && round < 7)) throw new IllegalArgumentException("round " + round + " is not within 0.001..7");
    }

    public boolean has(SnapSource s) {
        return !off.contains(s);
    }

    public SnapSettings toggled(SnapKind k) {
        return with(k, !on.contains(k));
    }

    private SnapSettings with(SnapKind k, boolean there) {
        EnumSet<SnapKind> s = on.isEmpty() ? EnumSet.noneOf(SnapKind.class) : EnumSet.copyOf(on);
        if (there) s.add(k);
        else s.remove(k);
        return new SnapSettings(order, s, sources, off, step, round);
    }

    public SnapSettings toggled(SnapSource source) {
        EnumSet<SnapSource> s = off.isEmpty() ? EnumSet.noneOf(SnapSource.class) : EnumSet.copyOf(off);
        if (!s.remove(source)) s.add(source);
        return new SnapSettings(order, on, sources, s, step, round);
    }

    /** @param by so many places down; below 0 up */
    public SnapSettings moved(SnapKind k, int by) {
        return new SnapSettings(moved(order, k, by), on, sources, off, step, round);
    }

    /** @param by so many places down; below 0 up */
    public SnapSettings moved(SnapSource s, int by) {
        return new SnapSettings(order, on, moved(sources, s, by), off, step, round);
    }

    private static <T> List<T> moved(List<T> list, T what, int by) {
        List<T> out = new ArrayList<>(list);
        int at = out.indexOf(what);
        out.remove(at);
        out.add(Math.clamp((long) at + by, 0, out.size()), what);
        return out;
    }

    public SnapSettings withStep(double metres) {
        return new SnapSettings(order, on, sources, off, metres, round);
    }

    public SnapSettings withRound(double radians) {
        return new SnapSettings(order, on, sources, off, step, radians);
    }

    /** Ends of strokes do not count, corners of the model do: a drawing that misses the step does not spoil what is built on it. */
    public boolean modelEndsOnly() {
        return !on.contains(SnapKind.END) && on.contains(SnapKind.MODEL_CORNER) && has(SnapSource.MODEL);
    }

    public SnapSettings withModelEndsOnly(boolean only) {
        SnapSettings s = with(SnapKind.END, !only).with(SnapKind.MODEL_CORNER, true);
        return s.has(SnapSource.MODEL) ? s : s.toggled(SnapSource.MODEL);
    }
}
