package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What is on one layer, or came in by one block, and what the whole of it is therefore. */
final class Gathered {
    /** Less of the whole in its first family of roles, and it holds several things. */
    private static final double MIXED = 0.5, MOSTLY_ONE = 0.7;
    /** On a layer of walls nobody writes, measures or draws doors. */
    private static final Set<Role> FOR_SURE = EnumSet.of(Role.TEXT, Role.ROOM_LABEL, Role.DIMENSION, Role.GRID, Role.DOOR);
    private static final int SOME = 2;
    /** Of all things on a layer: as many of each of these make it one of several things. */
    private static final Set<Role> ALL_OF_A_WALL = EnumSet.of(Role.WALL, Role.DOOR, Role.WINDOW);
    private static final double SHARE = 0.05;
    /** What a name adds to the share of the role that it hints at. */
    private static final double HINT = 0.3;
    /**
     * Metres: panes are shorter than this, some face of a wall is longer; the share of all lengths that long ones make of walls at least.
     */
    private static final double LONG = 3.4, LONG_SHARE = 0.12;
    /**
     * What lies in gaps reaches over the wall by a sill, metres; of a layer, those in gaps that make it one of windows; doors for each of
     * the rest.
     */
    private static final double IN_GAP = 0.2, IN_GAPS = 0.35, DOORS = 0.15;
    /** Of their size: marks of columns stand so far from each other, those of furniture closer. Of all units: marks. Of marks: alike. */
    private static final double STAND_APART = 3.2, MOST_MARKS = 0.6, OF_A_SIZE = 0.4;
    /** Faces of the building's own walls: of the layer with most of them so many, and by this much of what is on theirs. */
    private static final double MANY = 0.15, MOSTLY = 0.5, LONGEST = 1.8;
    /** Metres: marks whose middles are as close are one, drawn twice. So many are held against the others at most. */
    private static final double SAME = 0.05;
    private static final int MOST_LOOKED = 400;
    private final Sight s;
    private final UnitRoles roles;
    private final Map<Role, Integer> counts = new EnumMap<>(Role.class);
    private final Map<Role, Double> weights = new EnumMap<>(Role.class);
    private final List<Point> marks = new ArrayList<>();
    private final Map<String, Integer> sizes = new HashMap<>();
    private final Set<String> places = new HashSet<>();
    private final List<Box> boxes = new ArrayList<>();
    private int units, frames, inGaps, markUnits, bowed;
    private double size;
    private double straight, longOnes, faces, longest;

    Gathered(Sight s, UnitRoles roles) {
        this.s = s;
        this.roles = roles;
    }

    void add(Unit u, Role r) {
        units++;
        counts.merge(r, 1, Integer::sum);
        weights.merge(family(r), roles.sureness(u, r), Double::sum);
        if (r == Role.SHEET) frames++;
        if (!u.strokes().isEmpty()) boxes.add(roles.box(u));
        // gaps are sought in straight walls: what closes one of a round wall is told by those about its middle
        if (!u.strokes().isEmpty() && u.strokes().stream().allMatch(i -> !s.strokes.isStraight(i) && s.role(i) == Role.WINDOW)) bowed++;
        roles.outline(u).ifPresent(b -> {
            markUnits++;
            if (places.add(Math.round(b.centre().x() / SAME) + " " + Math.round(b.centre().y() / SAME))) {
                marks.add(b.centre());
                sizes.merge(Math.round(Math.min(b.width(), b.height()) / SAME) + " " + Math.round(Math.max(b.width(), b.height()) / SAME),
                    1,
                    Integer::sum);
                size += Math.max(b.width(), b.height());
            }
        });
        for (int i : u.strokes()) if (s.strokes.isStraight(i)) {
            double l = s.length(i);
            straight += l;
            if (s.role(i) == Role.WALL) {
                faces += l;
                longest = Math.max(longest, l);
            }
            if (l > LONG) longOnes += l;
        }
    }

    /** Roles that are told apart by place alone go together. */
    private static Role family(Role r) {
        return switch (r) {
            case ROOM_LABEL -> Role.TEXT;
            case SANITARY -> Role.FURNITURE;
            case SITE -> Role.OTHER;
            default -> r;
        };
    }

    /** Whether it has the faces of walls: beside each other, and some of them long. */
    boolean isWalls(String name) {
        double all = weights.values().stream().mapToDouble(x -> x).sum(), wall = weights.getOrDefault(Role.WALL, 0.0) / all,
            window = weights.getOrDefault(Role.WINDOW, 0.0) / all;
        if (wall + window < 0.3) return false;
        Optional<Role> hint = Hints.of(name);
        boolean said = hint.filter(r -> r == Role.WALL).isPresent();
        // walls of several layers look like panes; where a name says otherwise, panes are what they are
        return longOnes > LONG_SHARE * straight && (wall >= window || hint.isEmpty() || said) || (said || wall > 4 * window)
            && longOnes > 0 || said && wall > window;
    }

    /** Length of what was seen as faces of walls. */
    double faces() {
        return faces;
    }

    /** Whether it is made of faces, not few beside those of the layer that has most of them. */
    boolean isMostlyFaces(String name, double most) {
        double all = weights.values().stream().mapToDouble(x -> x).sum();
        boolean other = Hints.of(name).filter(h -> h != Role.WALL).isPresent();
        return !other && faces > MANY * most && weights.getOrDefault(Role.WALL, 0.0) > MOSTLY * all && longest > LONGEST;
    }

    boolean liesInGaps() {
        return inGaps >= IN_GAPS * boxes.size();
    }

    /** Units that lie in gaps of the walls, where these are on layers of their own. */
    void inGaps(List<Gaps.Gap> gaps) {
        inGaps = bowed;
        if (gaps.isEmpty()) return;
        Near near = Near.ofBoxes(gaps.stream().map(g -> g.box().grown(IN_GAP)).toList());
        for (Box b : boxes) {
            boolean[] in = {false};
            near.in(b, i -> in[0] |= gaps.get(i).box().grown(IN_GAP).holds(b));
            if (in[0]) inGaps++;
        }
    }

    RoleFinding.OfPart part(String name, boolean isWalls, boolean gapsKnown) {
        double all = weights.values().stream().mapToDouble(x -> x).sum();
        Map<Role, Double> share = new EnumMap<>(Role.class);
        weights.forEach((r, w) -> share.put(r, w / all));
        if (Hints.of(name).filter(h -> h != Role.COLUMN).isEmpty()) columns(share);
        walls(share, isWalls, gapsKnown);
        if (frames > 0 && units <= 80 && share.getOrDefault(Role.OTHER, 0.0) + share.getOrDefault(Role.SHEET, 0.0) > 0.5)
            share.merge(Role.SHEET, share.getOrDefault(Role.OTHER, 0.0) + 0.1, Double::sum);
        double first = share.values().stream().mapToDouble(x -> x).max().orElse(1);
        Optional<Role> hint = Hints.of(name).map(Gathered::family);
        hint.ifPresent(h -> share.merge(h, HINT, Double::sum));
        Role best = share.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
        boolean mixed = first < MIXED && !(hint.filter(h -> h == best).isPresent() && share.get(best) > MIXED);
        mixed |= best == Role.WALL && first < MOSTLY_ONE && othersForSure() > 1;
        mixed |= hint.isEmpty() && first < MOSTLY_ONE && best != Role.WALL && ALL_OF_A_WALL.stream().allMatch(r -> counts.getOrDefault(r,
            0) > SHARE * units);
        return new RoleFinding.OfPart(name, member(best), Math.min(1, share.get(best)), mixed, units, counts);
    }

    /** Roles of things that are told by what they are, and not by what lies beside them. */
    private long othersForSure() {
        return FOR_SURE.stream().filter(r -> counts.getOrDefault(r, 0) >= SOME).count();
    }

    /** The role of a family that most of it is. */
    private Role member(Role family) {
        return counts.entrySet().stream().filter(e -> family(e.getKey()) == family).max(Map.Entry.comparingByValue()).map(Map.Entry::getKey)
            .orElse(family);
    }

    /** Small closed marks that all stand apart are columns, wherever they stand. */
    private void columns(Map<Role, Double> share) {
        if (marks.size() < 4 || markUnits < MOST_MARKS * units) return;
        double[] near = new double[Math.min(MOST_LOOKED, marks.size())];
        for (int i = 0; i < near.length; i++) {
            near[i] = Double.MAX_VALUE;
            for (int k = 0; k < marks.size(); k++) if (k != i) near[i] = Math.min(near[i], marks.get(i).distance(marks.get(k)));
        }
        Arrays.sort(near);
        // furniture stands apart as well, but is of many sizes
        int alike = sizes.values().stream().mapToInt(n -> n).max().orElse(0);
        if (near[near.length / 4] > STAND_APART * size / marks.size() && alike >= OF_A_SIZE * marks.size()) {
            double other = share.getOrDefault(Role.FURNITURE, 0.0) + share.getOrDefault(Role.OTHER, 0.0) + share.getOrDefault(Role.WALL,
                0.0);
            for (Role r : List.of(Role.FURNITURE, Role.OTHER, Role.WALL)) share.remove(r);
            share.merge(Role.COLUMN, other, Double::sum);
        }
    }

    /** Panes lie beside each other as faces do, but some faces of walls are long, and panes are not. */
    private void walls(Map<Role, Double> share, boolean isWalls, boolean gapsKnown) {
        double wall = share.getOrDefault(Role.WALL, 0.0), window = share.getOrDefault(Role.WINDOW, 0.0);
        if (isWalls) {
            share.put(Role.WALL, wall + window);
            share.remove(Role.WINDOW);
            return;
        }
        if (!gapsKnown) return;
        share.remove(Role.WALL);
        share.remove(Role.WINDOW);
        double in = boxes.isEmpty() ? 0 : inGaps / (double) boxes.size(), door = share.getOrDefault(Role.DOOR, 0.0);
        boolean isDoors = door > wall + window || door > DOORS * (wall + window) && in > DOORS;
        if (in > IN_GAPS && !isDoors) share.put(Role.WINDOW, Math.max(wall + window, Math.min(in, 1 - share.getOrDefault(Role.COLUMN,
            0.0))));
        else if (isDoors) share.merge(Role.DOOR, wall + window, Double::sum);
        else share.merge(Role.FURNITURE, wall + window, Double::sum);
    }
}
