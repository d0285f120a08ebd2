package brightlintel.role;

import brightlintel.building.Cast;
import brightlintel.building.Given;
import brightlintel.building.Role;
import brightlintel.building.Why;
import brightlintel.drawing.Names;
import brightlintel.drawing.Strokes;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What layers and blocks of an office stand for, by their names in lower case: for its next drawing. A name that differs in its figures
 * alone, as by the number of a job or a storey, is the same.
 */
public record RoleProfile(Map<String, Role> layers, Map<String, Role> blocks) {
    public static final RoleProfile NONE = new RoleProfile(Map.of(), Map.of());
    /** How sure a role is that was given to a layer of that name in another drawing, and to one of that pattern. */
    private static final double BY_NAME = 0.9, BY_PATTERN = 0.8;

    public RoleProfile {
        layers = Map.copyOf(layers);
        blocks = Map.copyOf(blocks);
    }

    /** Of whole layers and blocks. @param given those alone that somebody said */
    public static RoleProfile of(List<Cast> casts, boolean given) {
        Map<String, Role> layers = new LinkedHashMap<>(), blocks = new LinkedHashMap<>();
        for (Cast c : casts) {
            if (given && !(c.role().why() instanceof Why.Stated)) continue;
            if (c.part() instanceof Cast.Part.Layer(String name)) layers.put(name, c.role().value());
            if (c.part() instanceof Cast.Part.Block(String name)) blocks.put(name, c.role().value());
        }
        return new RoleProfile(layers, blocks);
    }

    public boolean isEmpty() {
        return layers.isEmpty() && blocks.isEmpty();
    }

    /** With what another says of names that this one does not have. */
    public RoleProfile with(RoleProfile o) {
        Map<String, Role> l = new LinkedHashMap<>(o.layers), b = new LinkedHashMap<>(o.blocks);
        l.putAll(layers);
        b.putAll(blocks);
        return new RoleProfile(l, b);
    }

    /** What it says of the layers and blocks of a drawing. */
    public List<Cast> in(Strokes s) {
        List<Cast> out = new ArrayList<>();
        for (var l : s.layers()) look(layers, l.name()).ifPresent(r -> out.add(new Cast(new Cast.Part.Layer(l.name()), r)));
        Set<String> names = new LinkedHashSet<>();
        for (int i = 0; i < s.size() && !blocks.isEmpty(); i++)
            for (Strokes.Path p = s.pathOf(i); p != null; p = p.outer()) names.add(Names.key(p.block()));
        for (String b : names) look(blocks, b).ifPresent(r -> out.add(new Cast(new Cast.Part.Block(b), r)));
        return out;
    }

    private static Optional<Given<Role>> look(Map<String, Role> all, String name) {
        String key = Names.key(name);
        Role exact = all.get(key);
        if (exact != null) return Optional.of(new Given<>(exact, new Why.Read(BY_NAME, List.of())));
        String pattern = pattern(key);
        // figures alone tell nothing, and names of one pattern have to agree
        if (pattern.replaceAll("[^\\p{L}]", "").length() < 2) return Optional.empty();
        List<Role> same = all.entrySet().stream().filter(e -> pattern(e.getKey()).equals(pattern)).map(Map.Entry::getValue)
            .distinct().toList();
        return same.size() == 1 ? Optional.of(new Given<>(same.getFirst(), new Why.Read(BY_PATTERN, List.of()))) : Optional.empty();
    }

    private static String pattern(String name) {
        return name.replaceAll("\\d+", "#");
    }
}
