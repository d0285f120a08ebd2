package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.correct.Reckoning;
import brightlintel.drawing.Strokes;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * The roles of a drawing's layers, of the kinds on layers that hold several, and of its blocks, each with what it rests on.
 *
 * @param of by stroke; ofMarks by {@link Strokes#mark(int)}
 */
public record RoleFinding(List<OfPart> layers, List<OfPart> blocks, List<Role> of, List<Role> ofMarks) {
    private static final int MOST_LOOKED = 6;

    public RoleFinding {
        layers = List.copyOf(layers);
        blocks = List.copyOf(blocks);
    }

    /**
     * What a layer or a block was found to be.
     *
     * @param confidence 0 to 1
     * @param isMixed    it holds several things
     * @param units      things on it, a block counted once; roles: how many of them are what
     */
    public record OfPart(String name, Role role, double confidence, boolean isMixed, int units, Map<Role, Integer> roles) {
        public OfPart {
            roles = Map.copyOf(roles);
        }
    }

    public static RoleFinding of(Reckoning r) {
        Sight s = new Sight(r);
        new Seeing(s).all(r.size());
        List<Unit> units = Unit.of(r.look().drawn());
        UnitRoles roles = new UnitRoles(s);
        Map<Integer, Gathered> byLayer = new LinkedHashMap<>();
        Map<String, Gathered> byBlock = new LinkedHashMap<>();
        Role[] of = new Role[s.strokes.size()], ofMarks = new Role[s.strokes.marks()];
        for (Unit u : units) {
            Role x = roles.of(u);
            byLayer.computeIfAbsent(u.layer(), _ -> new Gathered(s, roles)).add(u, x);
            if (u.isBlock()) byBlock.computeIfAbsent(u.block(), _ -> new Gathered(s, roles)).add(u, x);
            for (int i : u.strokes()) of[i] = x;
            for (int i : u.marks()) ofMarks[i] = x;
        }
        List<OfPart> layers = new ArrayList<>(), blocks = new ArrayList<>();
        Set<Integer> walls = walls(s, byLayer);
        boolean apart = !walls.isEmpty() && byLayer.size() > 2;
        List<Gaps.Gap> gaps = apart ? new Gaps(s).find(i -> walls.contains(s.strokes.layerOf(i))) : List.of();
        byLayer.values().forEach(g -> g.inGaps(gaps));
        byBlock.values().forEach(g -> g.inGaps(gaps));
        byLayer.forEach((l, g) -> layers.add(g.part(s.strokes.layers().get(l).name(), walls.contains(l), apart)));
        byBlock.forEach((b, g) -> blocks.add(g.part(b, false, apart)));
        return new RoleFinding(layers, blocks, filled(of), filled(ofMarks));
    }

    /**
     * Layers of walls, from the one with most faces on: those with long faces or made of faces, that do not lie in gaps of the walls
     * found so
     * far, as windows do.
     */
    private static Set<Integer> walls(Sight s, Map<Integer, Gathered> byLayer) {
        Set<Integer> walls = new TreeSet<>();
        double most = byLayer.values().stream().mapToDouble(Gathered::faces).max().orElse(0);
        if (!(most > 0)) return walls;
        List<Map.Entry<Integer, Gathered>> rest = byLayer.entrySet().stream()
            .sorted(Comparator.comparingDouble(e -> -e.getValue().faces())).toList();
        List<Gaps.Gap> gaps = List.of();
        int looked = 0;
        for (Map.Entry<Integer, Gathered> e : rest) {
            Gathered g = e.getValue();
            String name = s.strokes.layers().get(e.getKey()).name();
            if (!g.isWalls(name) && !g.isMostlyFaces(name, most)) continue;
            g.inGaps(gaps);
            if (g.liesInGaps()) continue;
            walls.add(e.getKey());
            // a drawing of very many layers of walls has its gaps in the first of them
            if (looked++ < MOST_LOOKED) gaps = new Gaps(s).find(i -> walls.contains(s.strokes.layerOf(i)));
        }
        return walls;
    }

    private static List<Role> filled(Role[] all) {
        List<Role> out = new ArrayList<>(all.length);
        for (Role r : all) out.add(r == null ? Role.OTHER : r);
        return out;
    }
}
