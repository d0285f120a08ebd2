package brightlintel.snap;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** @param order kinds that win come first; a kind that is off keeps its place */
public record SnapSettings(List<SnapKind> order, Set<SnapKind> on, Set<SnapSource> sources, double step) {
    public static final SnapSettings USUAL = new SnapSettings(List.of(SnapKind.values()),
        EnumSet.complementOf(EnumSet.of(SnapKind.EVEN_STEP)),
        EnumSet.allOf(SnapSource.class), 0.1);

    public SnapSettings {
        order = List.copyOf(order);
        on = Set.copyOf(on);
        sources = Set.copyOf(sources);
        if (!(step > 0.0001)) throw new IllegalArgumentException("step " + step);
    }

    public SnapSettings toggled(SnapKind k) {
        EnumSet<SnapKind> s = on.isEmpty() ? EnumSet.noneOf(SnapKind.class) : EnumSet.copyOf(on);
        if (!s.remove(k)) s.add(k);
        return new SnapSettings(order, s, sources, step);
    }

    public SnapSettings toggled(SnapSource source) {
        EnumSet<SnapSource> s = sources.isEmpty() ? EnumSet.noneOf(SnapSource.class) : EnumSet.copyOf(sources);
        if (!s.remove(source)) s.add(source);
        return new SnapSettings(order, on, s, step);
    }

    public SnapSettings first(SnapKind k) {
        List<SnapKind> o = new ArrayList<>(order);
        o.remove(k);
        o.addFirst(k);
        return new SnapSettings(o, on, sources, step);
    }

    public SnapSettings withStep(double metres) {
        return new SnapSettings(order, on, sources, metres);
    }
}
