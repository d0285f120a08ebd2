package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.Ids;
import brightlintel.building.KindId;
import brightlintel.building.Project;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Predicate;

/** Proposed elements become part of the model; walls of one thickness become of one kind. */
public final class Taking {
    /** Metres: thicknesses that are one kind's; as many walls make one. */
    private static final double SAME = 0.0025, STEP = 0.005;
    private static final int SEVERAL = 3;

    private Taking() { }

    /**
     * Walls, of the kinds that are as thick; where several have a thickness that no kind has, it becomes one.
     *
     * @param isOuter whether the outside lies at one of a wall's faces
     * @param named   what a kind of a thickness is called, outer or not
     */
    public static Edit walls(StoreyId on, Collection<Wall> some, Predicate<Wall> isOuter, BiFunction<Boolean, Double, String> named) {
        return Edit.of("edit.take-walls", Integer.toString(some.size()), p -> {
            Project out = p;
            Map<Long, List<Wall>> byThickness = new HashMap<>();
            for (Wall w : some) byThickness.computeIfAbsent(Math.round(w.thickness().value() / STEP), _ -> new ArrayList<>()).add(w);
            for (List<Wall> alike : byThickness.values()) if (alike.size() >= SEVERAL && kindOf(out, alike.getFirst()).isEmpty()) {
                boolean outer = 2 * alike.stream().filter(isOuter).count() > alike.size();
                double t = Math.rint(alike.getFirst().thickness().value() / STEP) * STEP;
                String name = named.apply(outer, t);
                WallKind k = new WallKind(new KindId(Ids.derived(p.id(), "kind/" + name).toString()), name, t, outer, -1, List.of());
                out = WallKinds.add(k).apply(out);
            }
            Project kinds = out;
            return Tracing.add("edit.take-walls", on, some.stream().map(w -> (StoreyElement) kindOf(kinds, w).map(w::with).orElse(w))
                .toList()).apply(kinds);
        });
    }

    private static Optional<WallKind> kindOf(Project p, Wall w) {
        return p.wallKinds().stream().filter(k -> Math.abs(k.thickness() - w.thickness().value()) < SAME).findFirst();
    }
}
