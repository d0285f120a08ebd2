package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.correct.Reckoning;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** One look through a drawing for the roles of its layers, pens and blocks. */
final class Roles {
    private static final int MOST_LOOKED = 6;
    /** Of all that is drawn, on one layer: then its colours are looked at as layers are. Colours at least, each with so much of it. */
    private static final double ALONE = 0.7, SOME = 0.01;
    private static final int COLOURS = 3;
    /** Confidence of what is found in a drawing of unsure size, and in one without walls and doors, which is no plan. */
    private static final double UNSURE_SIZE = 0.6, NO_PLAN = 0.5;
    private final Reckoning r;
    private final Sight s;
    private final List<Unit> units;
    private final UnitRoles roles;
    /** A layer, or one colour on it. @param colour -1 for all */
    private record Pen(int layer, int colour) { }

    private final Map<Pen, Gathered> byPen = new LinkedHashMap<>();
    private final Map<Integer, Gathered> parted = new LinkedHashMap<>();
    private final Map<String, Gathered> byBlock = new LinkedHashMap<>(), byManner = new LinkedHashMap<>();
    private final Set<Integer> split;
    private final Pen[] penOf;

    Roles(Reckoning r) {
        this.r = r;
        s = new Sight(r);
        new Seeing(s).all(r.size());
        units = Loops.joined(Unit.of(r.look().drawn()), s);
        roles = new UnitRoles(s, new FilledWalls(s, units));
        split = split();
        penOf = new Pen[s.strokes.size()];
    }

    /** The layer that holds nearly everything, if it does so in several colours. */
    private Set<Integer> split() {
        Map<Integer, Map<Integer, Integer>> colours = new HashMap<>();
        for (Unit u : units) colours.computeIfAbsent(u.layer(), _ -> new HashMap<>()).merge(colour(u), 1, Integer::sum);
        Set<Integer> out = new TreeSet<>();
        colours.forEach((layer, by) -> {
            int n = by.values().stream().mapToInt(x -> x).sum();
            long used = by.values().stream().filter(x -> x >= SOME * n).count();
            if (n > ALONE * units.size() && used >= COLOURS) out.add(layer);
        });
        return out;
    }

    private int colour(Unit u) {
        return !u.strokes().isEmpty() ? s.strokes.colourOf(u.strokes().getFirst()) : u.marks().isEmpty() ? 0
            : s.strokes.mark(u.marks().getFirst()).colour();
    }

    private String manner(Unit u) {
        if (u.isBlock()) return "";
        return !u.strokes().isEmpty() ? s.strokes.entityOf(u.strokes().getFirst()).manner()
            : u.marks().isEmpty() ? "" : s.strokes.mark(u.marks().getFirst()).entity().manner();
    }

    RoleFinding found() {
        Role[] of = new Role[s.strokes.size()], ofMarks = new Role[s.strokes.marks()];
        for (Unit u : units) {
            Role x = roles.of(u);
            Pen p = new Pen(u.layer(), split.contains(u.layer()) ? colour(u) : -1);
            byPen.computeIfAbsent(p, _ -> new Gathered(s, roles)).add(u, x);
            if (p.colour >= 0) parted.computeIfAbsent(u.layer(), _ -> new Gathered(s, roles)).add(u, x);
            if (u.isBlock()) byBlock.computeIfAbsent(u.block(), _ -> new Gathered(s, roles)).add(u, x);
            String manner = manner(u);
            if (!manner.isEmpty()) byManner.computeIfAbsent(manner, _ -> new Gathered(s, roles)).add(u, x);
            for (int i : u.strokes()) {
                of[i] = x;
                penOf[i] = p;
            }
            for (int i : u.marks()) ofMarks[i] = x;
        }
        return gathered(RoleFinding.filled(of), RoleFinding.filled(ofMarks));
    }

    private RoleFinding gathered(List<Role> of, List<Role> ofMarks) {
        List<RoleFinding.OfPart> layers = new ArrayList<>(), blocks = new ArrayList<>();
        List<RoleFinding.OfPen> pens = new ArrayList<>();
        Set<Pen> walls = walls();
        boolean apart = !walls.isEmpty() && byPen.size() > 2;
        List<Gaps.Gap> gaps = apart ? new Gaps(s).find(i -> penOf[i] != null && walls.contains(penOf[i])) : List.of();
        byPen.values().forEach(g -> g.inGaps(gaps));
        byBlock.values().forEach(g -> g.inGaps(gaps));
        double sure = (r.size().unsure() ? UNSURE_SIZE : 1) * (walls.isEmpty() && r.look().doors().isEmpty() ? NO_PLAN : 1);
        byPen.forEach((p, g) -> {
            RoleFinding.OfPart part = less(g.part(name(p), walls.contains(p), apart), sure);
            if (p.colour < 0) layers.add(part);
            else pens.add(new RoleFinding.OfPen(part, p.layer, p.colour));
        });
        // one whose colours are several things holds several things
        parted.forEach((l, g) -> {
            RoleFinding.OfPart p = less(g.part(name(new Pen(l, -1)), false, false), sure);
            boolean several = pens.stream().filter(x -> x.layer() == l).map(x -> x.part().role()).distinct().count() > 1;
            layers.add(several ? new RoleFinding.OfPart(p.name(), p.role(), p.confidence(), true, p.units(), p.roles()) : p);
        });
        byBlock.forEach((b, g) -> blocks.add(less(g.part(b, false, apart), sure)));
        List<RoleFinding.OfPart> manners = new ArrayList<>();
        byManner.forEach((m, g) -> manners.add(less(g.part(m, false, false), sure)));
        return new RoleFinding(layers, blocks, manners, pens, of, ofMarks);
    }

    private static RoleFinding.OfPart less(RoleFinding.OfPart p, double sure) {
        return sure == 1 ? p : new RoleFinding.OfPart(p.name(), p.role(), sure * p.confidence(), p.isMixed(), p.units(), p.roles());
    }

    private String name(Pen p) {
        return s.strokes.layers().get(p.layer).name();
    }

    /**
     * Layers of walls, from the one with most faces on: those with long faces or made of faces, that do not lie in gaps of the walls found
     * so far, as windows do.
     */
    private Set<Pen> walls() {
        Set<Pen> walls = new HashSet<>();
        double most = byPen.values().stream().mapToDouble(Gathered::faces).max().orElse(0);
        if (!(most > 0)) return walls;
        List<Map.Entry<Pen, Gathered>> rest = byPen.entrySet().stream().sorted(Comparator.comparingDouble(e ->
            -e.getValue().faces())).toList();
        List<Gaps.Gap> gaps = List.of();
        int looked = 0;
        for (Map.Entry<Pen, Gathered> e : rest) {
            Gathered g = e.getValue();
            if (!g.isWalls(name(e.getKey())) && !g.isMostlyFaces(name(e.getKey()), most)) continue;
            g.inGaps(gaps);
            if (g.liesInGaps()) continue;
            walls.add(e.getKey());
            // a drawing of very many layers of walls has its gaps in the first of them
            if (looked++ < MOST_LOOKED) gaps = new Gaps(s).find(i -> penOf[i] != null && walls.contains(penOf[i]));
        }
        return walls;
    }
}
