package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.correct.Reckoning;
import brightlintel.drawing.Strokes;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The roles of a drawing's layers, of the kinds on layers that hold several, and of its blocks, each with what it rests on.
 *
 * @param of by stroke; ofMarks by {@link Strokes#mark(int)}
 */
public record RoleFinding(List<OfPart> layers, List<OfPart> blocks, List<Role> of, List<Role> ofMarks) {
    /** Less of a layer in its first role, and it holds several things. */
    private static final double MIXED = 0.6;
    /** What a name adds to the share of the role that it hints at. */
    private static final double HINT = 0.3;

    public RoleFinding {
        layers = List.copyOf(layers);
        blocks = List.copyOf(blocks);
    }

    /**
     * What a layer or a block was found to be.
     *
     * @param confidence 0 to 1
     * @param units      things on it, a block counted once; roles: how many of them are what
     */
    public record OfPart(String name, Role role, double confidence, int units, Map<Role, Integer> roles) {
        public OfPart {
            roles = Map.copyOf(roles);
        }

        /** Whether it holds several things. */
        public boolean isMixed() {
            int most = roles.values().stream().mapToInt(n -> n).max().orElse(0);
            return most < MIXED * units;
        }
    }

    public static RoleFinding of(Reckoning r) {
        Sight s = new Sight(r);
        new Seeing(s).all(r.size());
        List<Unit> units = Unit.of(r.look().drawn());
        UnitRoles roles = new UnitRoles(s, units);
        Map<Integer, Map<Role, Integer>> byLayer = new LinkedHashMap<>();
        Map<String, Map<Role, Integer>> byBlock = new LinkedHashMap<>();
        Role[] of = new Role[s.strokes.size()], ofMarks = new Role[s.strokes.marks()];
        for (Unit u : units) {
            Role x = roles.of(u);
            byLayer.computeIfAbsent(u.layer(), _ -> new EnumMap<>(Role.class)).merge(x, 1, Integer::sum);
            if (u.isBlock()) byBlock.computeIfAbsent(u.block(), _ -> new EnumMap<>(Role.class)).merge(x, 1, Integer::sum);
            for (int i : u.strokes()) of[i] = x;
            for (int i : u.marks()) ofMarks[i] = x;
        }
        List<OfPart> layers = new ArrayList<>(), blocks = new ArrayList<>();
        byLayer.forEach((l, counts) -> layers.add(part(s.strokes.layers().get(l).name(), counts)));
        byBlock.forEach((b, counts) -> blocks.add(part(b, counts)));
        return new RoleFinding(layers, blocks, filled(of), filled(ofMarks));
    }

    private static List<Role> filled(Role[] all) {
        List<Role> out = new ArrayList<>(all.length);
        for (Role r : all) out.add(r == null ? Role.OTHER : r);
        return out;
    }

    private static OfPart part(String name, Map<Role, Integer> counts) {
        int n = counts.values().stream().mapToInt(x -> x).sum();
        Optional<Role> hint = Hints.of(name);
        Map<Role, Double> share = new EnumMap<>(Role.class);
        counts.forEach((r, c) -> share.put(r, c / (double) n));
        hint.ifPresent(h -> share.merge(h, HINT, Double::sum));
        Role best = share.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
        return new OfPart(name, best, Math.min(1, share.get(best)), n, counts);
    }
}
