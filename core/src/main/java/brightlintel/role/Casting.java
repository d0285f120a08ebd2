package brightlintel.role;

import brightlintel.building.Cast;
import brightlintel.building.Evidence;
import brightlintel.building.Given;
import brightlintel.building.Mend;
import brightlintel.building.Repair;
import brightlintel.building.Role;
import brightlintel.building.Why;
import brightlintel.drawing.Carriers;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Names;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** Roles as a clearing keeps them: proposed from what was found, beside those that somebody gave. */
public final class Casting {
    /** Of what is of one kind on a layer that holds several things, so much has to be one for the kind to be it. */
    private static final double MOSTLY = 0.65;

    private Casting() { }

    /** What was found, as casts: whole layers, kinds on layers that hold several things, blocks on these. */
    public static List<Cast> proposed(RoleFinding f, Strokes s) {
        List<Cast> out = new ArrayList<>();
        Map<String, Map<String, Map<Role, Integer>>> kinds = new LinkedHashMap<>();
        Map<String, RoleFinding.OfPart> mixed = new HashMap<>();
        for (RoleFinding.OfPart l : f.layers()) {
            if (l.isMixed()) mixed.put(Names.key(l.name()), l);
            else out.add(new Cast(new Cast.Part.Layer(l.name()), found(l.role(), l.confidence())));
        }
        for (RoleFinding.OfPart b : f.blocks()) if (!b.isMixed()) out.add(new Cast(new Cast.Part.Block(b.name()), found(b.role(),
            b.confidence())));
        for (RoleFinding.OfPen b : f.pens())
            if (!b.part().isMixed()) out.add(new Cast(new Cast.Part.LayerColour(b.part().name(), b.colour()), found(b.part().role(),
                b.part().confidence())));
        if (mixed.isEmpty()) return out;
        for (RoleFinding.OfPart m : f.manners()) if (m.roles().getOrDefault(m.role(), 0) >= MOSTLY * m.units())
            out.add(new Cast(new Cast.Part.Manner(m.name()), found(m.role(), m.confidence())));
        Carriers carriers = Carriers.of(s);
        for (int i = 0; i < s.size(); i++)
            if (carriers.thing(s.pathOf(i)) == null && !f.isPen(s.layerOf(i))) count(kinds, mixed, s.layers().get(s.layerOf(i)).name(),
                s.entityOf(i).kind(), f.of().get(i));
        for (int i = 0; i < s.marks(); i++)
            if (carriers.thing(s.mark(i).path()) == null && !f.isPen(s.mark(i).layer())) count(kinds, mixed,
            s.layers().get(s.mark(i).layer()).name(),
                s.mark(i).entity().kind(),
                f.ofMarks().get(i));
        kinds.forEach((layer, byKind) -> byKind.forEach((kind, roles) -> {
            int all = roles.values().stream().mapToInt(n -> n).sum();
            roles.entrySet().stream().filter(e -> e.getValue() >= MOSTLY * all)
                .forEach(e -> out.add(new Cast(new Cast.Part.LayerKind(layer, kind), found(e.getKey(), e.getValue() / (double) all))));
        }));
        return out;
    }

    private static void count(Map<String, Map<String, Map<Role, Integer>>> kinds, Map<String, RoleFinding.OfPart> mixed, String layer,
        String kind,
        Role r) {
        if (mixed.containsKey(Names.key(layer))) kinds.computeIfAbsent(layer, _ -> new LinkedHashMap<>())
            .computeIfAbsent(kind, _ -> new EnumMap<>(Role.class)).merge(r, 1, Integer::sum);
    }

    private static Given<Role> found(Role r, double confidence) {
        return new Given<>(r, new Why.Read(confidence, List.<Evidence>of()));
    }

    /** What was found, but where another drawing of the office says otherwise. */
    public static List<Cast> before(List<Cast> found, List<Cast> lent) {
        Map<Cast.Part, Cast> all = new LinkedHashMap<>();
        found.forEach(c -> all.put(c.part(), c));
        lent.forEach(c -> all.put(c.part(), c));
        return List.copyOf(all.values());
    }

    /** What was found, but where somebody said otherwise. */
    public static List<Cast> with(List<Cast> found, List<Cast> kept) {
        return before(found, kept.stream().filter(c -> c.role().why() instanceof Why.Stated).toList());
    }

    /** The word for a role in files. */
    public static String word(Role r) {
        return switch (r) {
            case SLAB_EDGE -> "slabEdge";
            case ROOM_OUTLINE -> "roomOutline";
            case ROOM_LABEL -> "roomLabel";
            case SHEET -> "frame";
            default -> r.name().toLowerCase(Locale.ROOT);
        };
    }

    /** Strokes and marks of each role; those of no cast are left out. */
    public static Map<Role, Integer> counts(Strokes s, List<Cast> casts) {
        return counts(s, casts, _ -> true);
    }

    /** @param where of those whose middles lie there; shifted file units */
    public static Map<Role, Integer> counts(Strokes s, List<Cast> casts, Predicate<Point> where) {
        Lookup of = new Lookup(casts);
        Map<Role, Integer> out = new EnumMap<>(Role.class);
        for (int i = 0; i < s.size(); i++)
            if (where.test(s.curveOf(i).at(0.5)))
                of.of(s, i).ifPresent(r -> out.merge(r, 1, Integer::sum));
        for (int i = 0; i < s.marks(); i++) {
            Strokes.Mark m = s.mark(i);
            if (where.test(m.box().centre())) of.of(s, m).ifPresent(r -> out.merge(r, 1, Integer::sum));
        }
        return out;
    }

    /** The role of what was cast so; asked for any number of strokes and marks of one drawing. */
    public static final class Lookup {
        private final Map<Cast.Part, Role> parts = new HashMap<>();
        private final Map<String, Map<String, Optional<Role>>> plain = new HashMap<>();
        private final Map<String, Map<Integer, Optional<Role>>> pens = new HashMap<>();
        private final boolean hasPens, manners;
        private final Map<Strokes.Path, Optional<Role>> blocks = new IdentityHashMap<>();

        public Lookup(List<Cast> casts) {
            casts.forEach(c -> parts.put(c.part(), c.role().value()));
            manners = casts.stream().anyMatch(c -> c.part() instanceof Cast.Part.Manner);
            hasPens = casts.stream().anyMatch(c -> c.part() instanceof Cast.Part.LayerColour);
        }

        public Optional<Role> of(Strokes s, int stroke) {
            return role(s.layers().get(s.layerOf(stroke)).name(), s.colourOf(stroke), s.entityOf(stroke), s.pathOf(stroke));
        }

        public Optional<Role> of(Strokes s, Strokes.Mark m) {
            return role(s.layers().get(m.layer()).name(), m.colour(), m.entity(), m.path());
        }

        private Optional<Role> role(String layer, int colour, Entity e, Strokes.Path path) {
            String manner = manners ? e.manner() : "", key = manner.isEmpty() ? e.kind() : e.kind() + ' ' + manner;
            Optional<Role> here = plain.computeIfAbsent(layer, _ -> new HashMap<>()).computeIfAbsent(key, _ ->
                Optional.ofNullable(parts.get(new Cast.Part.Layer(layer))).or(() ->
                    manner.isEmpty() ? Optional.empty() : Optional.ofNullable(parts.get(new Cast.Part.Manner(manner)))).or(() ->
                    Optional.ofNullable(parts.get(new Cast.Part.LayerKind(layer, e.kind())))));
            if (here.isEmpty() && hasPens) here = pens.computeIfAbsent(layer, _ -> new HashMap<>()).computeIfAbsent(colour, c ->
                Optional.ofNullable(parts.get(new Cast.Part.LayerColour(layer, c))));
            return here.isPresent() || path == null ? here : block(path);
        }

        private Optional<Role> block(Strokes.Path p) {
            Optional<Role> known = blocks.get(p);
            if (known != null) return known;
            Optional<Role> r = Optional.ofNullable(parts.get(new Cast.Part.Block(p.block())));
            if (r.isEmpty() && p.outer() != null) r = block(p.outer());
            blocks.put(p, r);
            return r;
        }
    }

    /** Metres: the gap that is closed where nobody chose another. */
    public static final double TOLERANCE = 0.005;

    /** All kinds; walls that lie on several layers as one. */
    public static Repair.Mended recipe(List<Cast> casts) {
        Set<String> walls = new HashSet<>();
        for (Cast c : casts) if (c.role().value() == Role.WALL && c.part() instanceof Cast.Part.Layer(String layer)) walls.add(layer);
        return new Repair.Mended(EnumSet.allOf(Mend.class), TOLERANCE, walls.size() > 1 ? walls : Set.of());
    }
}
