package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.ElementId;
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
     * What kinds that are made are called.
     *
     * @param kind  of a thickness, outer or not; core: the thickest of its layers; layer: each other
     */
    public record Names(BiFunction<Boolean, Double, String> kind, String core, String layer) { }

    /**
     * Walls, of the kinds that are as thick; where several have a thickness that no kind has, it becomes one, of the layers that most of
     * them
     * have.
     *
     * @param isOuter whether the outside lies at one of a wall's faces
     * @param layers  thicknesses from the left face to the right, of walls of several layers
     */
    public static Edit walls(StoreyId on, Collection<Wall> some, Predicate<Wall> isOuter, Map<ElementId, List<Double>> layers,
        Names names) {
        return Edit.of("edit.take-walls", Integer.toString(some.size()), p -> {
            Project out = p;
            Map<Long, List<Wall>> byThickness = new HashMap<>();
            for (Wall w : some) byThickness.computeIfAbsent(Math.round(w.thickness().value() / STEP), _ -> new ArrayList<>()).add(w);
            for (List<Wall> alike : byThickness.values()) if (alike.size() >= SEVERAL && kindOf(out, alike.getFirst()).isEmpty()) {
                boolean outer = 2 * alike.stream().filter(isOuter).count() > alike.size();
                double t = Math.rint(alike.getFirst().thickness().value() / STEP) * STEP;
                String name = names.kind.apply(outer, t);
                WallKind k = new WallKind(new KindId(Ids.derived(p.id(), "kind/" + name).toString()), name, t, outer, -1, layers(alike, t,
                    layers, names));
                out = WallKinds.add(k).apply(out);
            }
            Project kinds = out;
            return Tracing.add("edit.take-walls", on, some.stream().map(w -> (StoreyElement) kindOf(kinds, w).map(w::with).orElse(w))
                .toList()).apply(kinds);
        });
    }

    /** Those that more than half of them have, each to a step; together as thick as the kind. */
    private static List<WallKind.Layer> layers(List<Wall> alike, double thickness, Map<ElementId, List<Double>> of, Names names) {
        Map<List<Long>, Integer> votes = new HashMap<>();
        for (Wall w : alike) votes.merge(of.getOrDefault(w.id(), List.of()).stream().map(x -> Math.max(1, Math.round(x / STEP))).toList(),
            1,
            Integer::sum);
        Map.Entry<List<Long>, Integer> most = votes.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow();
        if (most.getKey().size() < 2 || 2 * most.getValue() <= alike.size()) return List.of();
        List<Double> t = new ArrayList<>(most.getKey().stream().map(x -> x * STEP).toList());
        int core = 0;
        for (int i = 1; i < t.size(); i++) if (t.get(i) > t.get(core)) core = i;
        double rest = thickness - t.stream().mapToDouble(x -> x).sum();
        if (t.get(core) + rest < STEP) return List.of();
        t.set(core, t.get(core) + rest);
        List<WallKind.Layer> out = new ArrayList<>();
        for (int i = 0; i < t.size(); i++) out.add(new WallKind.Layer(i == core ? names.core : names.layer, t.get(i)));
        return out;
    }

    private static Optional<WallKind> kindOf(Project p, Wall w) {
        return p.wallKinds().stream().filter(k -> Math.abs(k.thickness() - w.thickness().value()) < SAME).findFirst();
    }
}
