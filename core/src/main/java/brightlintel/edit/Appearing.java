package brightlintel.edit;

import brightlintel.building.Appearance;
import brightlintel.building.Edit;
import brightlintel.building.StoreyId;
import brightlintel.building.Underlay;
import brightlintel.building.UnderlayId;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** How underlays look and lie over each other. */
public final class Appearing {
    private Appearing() { }

    public static Edit change(String name, UnderlayId u, UnaryOperator<Appearance> f) {
        return Edit.of(name, p -> p.withUnderlay(u, x -> x.with(f.apply(x.appearance()))));
    }

    public static Edit lock(UnderlayId u, boolean on) {
        return Edit.of(on ? "edit.lock" : "edit.unlock", p -> p.withUnderlay(u, x -> x.withLocked(on)));
    }

    /** @param by so many places up, over others; below 0 down */
    public static Edit order(StoreyId on, UnderlayId u, int by) {
        return Edit.of("edit.order", p -> p.withStorey(on, s -> {
            List<UnderlayId> ids = new ArrayList<>(s.underlays());
            int at = ids.indexOf(u);
            if (at < 0) return s;
            ids.remove(at);
            ids.add(Math.clamp((long) at + by, 0, ids.size()), u);
            return s.withUnderlays(ids);
        }));
    }

    /** Underlays of a storey that are shown, the undermost first. */
    public static List<Underlay> shown(List<Underlay> all) {
        return all.stream().filter(u -> u.appearance().shown()).toList();
    }
}
