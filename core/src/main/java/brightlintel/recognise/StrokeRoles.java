package brightlintel.recognise;

import brightlintel.building.Cast;
import brightlintel.building.Role;
import brightlintel.drawing.Carriers;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Strokes;
import brightlintel.place.PlacedDrawing;
import brightlintel.role.Casting;
import brightlintel.role.RoleFinding;
import java.util.BitSet;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * What each stroke of a drawing may be, by what its layer, colour or block stands for and by what it was found to be itself: hints, and
 * not the truth.
 */
final class StrokeRoles {
    /** Of things on a layer: as many that are told to be walls make it one that holds walls; doors make it one of several things. */
    private static final double WALLS = 0.1, DOORS = 0.05;
    private static final Set<Role> NO_LINE = EnumSet.of(Role.GRID, Role.HATCH, Role.DIMENSION, Role.TEXT, Role.ROOM_LABEL, Role.SHEET,
        Role.SITE);
    /** What a line is that may lead from words to what they speak of. */
    private static final Set<Role> LEADS = EnumSet.of(Role.TEXT, Role.ROOM_LABEL, Role.OTHER, Role.FURNITURE, Role.DIMENSION);
    private static final Set<Role> PERHAPS = EnumSet.of(Role.WALL, Role.FURNITURE, Role.OTHER, Role.DOOR, Role.STAIR, Role.COLUMN,
        Role.DIMENSION, Role.SITE, Role.WINDOW);
    private final Strokes s;
    private final RoleFinding roles;
    private final Casting.Lookup cast;
    private final Carriers carriers;
    private final Leaves leaves;
    private final IntPredicate mixed, holdsWalls, holdsSeveral;

    /** What a stroke may be of a wall: a face for sure, perhaps; what opens; what may be drawn of one at all; a wall by its layer. */
    record FaceRoles(IntPredicate isSure, IntPredicate isPerhaps, IntPredicate opens, IntPredicate isLine, IntPredicate isTold) { }

    /** @param casts what parts of the drawing stand for: found, or said */
    StrokeRoles(PlacedDrawing d, RoleFinding roles, List<Cast> casts) {
        s = d.strokes();
        this.roles = roles;
        cast = new Casting.Lookup(casts);
        carriers = Carriers.of(s);
        leaves = new Leaves(d);
        Map<String, Double> metres = wallMetres(d, roles);
        double all = metres.values().stream().mapToDouble(x -> x).sum();
        mixed = onLayers(RoleFinding.OfPart::isMixed);
        holdsWalls = onLayers(p -> p.isMixed() || holdsWalls(p, metres.getOrDefault(p.name(), 0.0) / all));
        holdsSeveral = onLayers(p -> p.isMixed() || p.role() == Role.WALL && p.roles().getOrDefault(Role.DOOR, 0) > DOORS * p.units());
    }

    /** Of its layer, colour or block; on a layer that holds several things, its own. */
    Role role(int stroke) {
        return mixed.test(stroke) ? roles.of().get(stroke) : cast.of(s, stroke).orElse(roles.of().get(stroke));
    }

    /** Its own on every layer that holds walls, whatever else that stands for. */
    private Role own(int stroke) {
        return holdsWalls.test(stroke) ? roles.of().get(stroke) : role(stroke);
    }

    FaceRoles faces() {
        return new FaceRoles(this::isFace, this::mayBeFace, i -> role(i) == Role.DOOR || role(i) == Role.WINDOW, this::isLine,
            this::isToldWall);
    }

    boolean isGrid(int stroke) {
        return role(stroke) == Role.GRID;
    }

    /** By its layer, or by itself: on crossings columns are told wherever they were drawn. */
    boolean isColumn(int stroke) {
        return role(stroke) == Role.COLUMN || roles.of().get(stroke) == Role.COLUMN;
    }

    boolean isToldColumn(int stroke) {
        return !mixed.test(stroke) && role(stroke) == Role.COLUMN;
    }

    /** Where doors are drawn with the walls, columns may be, too. */
    boolean mayBeColumn(int stroke) {
        return holdsSeveral.test(stroke) && PERHAPS.contains(own(stroke));
    }

    boolean isToldWall(int stroke) {
        return !mixed.test(stroke) && role(stroke) == Role.WALL;
    }

    boolean isLine(int stroke) {
        return !NO_LINE.contains(role(stroke));
    }

    boolean mayLead(int stroke) {
        return LEADS.contains(role(stroke));
    }

    /** Whether words are a measure or the label of a grid line. */
    boolean isMeasure(int mark) {
        return roles.ofMarks().get(mark) == Role.DIMENSION || roles.ofMarks().get(mark) == Role.GRID;
    }

    private boolean isAlone(int stroke) {
        return carriers.thing(s.pathOf(stroke)) == null;
    }

    /** On a layer that holds several things, what was not told for sure may be a face as well. */
    private boolean isFace(int stroke) {
        if (leaves.isLeaf(stroke)) return false;
        Role r = own(stroke);
        // the edge of an area that was filled is a face where nobody drew it
        Entity e = s.entityOf(stroke);
        boolean filled = r == Role.HATCH && (e instanceof Entity.Hatch h && h.solid() || e instanceof Entity.Corners c
            && !c.kind().equals("3DFACE"));
        return r == Role.WALL || filled || (r == Role.WINDOW || r == Role.OTHER) && isAlone(stroke) && mixed.test(stroke);
    }

    /** One face of a wall may have been told and the other taken for something else. */
    private boolean mayBeFace(int stroke) {
        return !leaves.isLeaf(stroke) && (role(stroke) == Role.WINDOW || holdsWalls.test(stroke) && isAlone(stroke) && PERHAPS.contains(own(
            stroke)));
    }

    /** Strokes on layers of a sort. */
    private IntPredicate onLayers(Predicate<RoleFinding.OfPart> sort) {
        Set<String> names = roles.layers().stream().filter(sort).map(RoleFinding.OfPart::name).collect(Collectors.toSet());
        BitSet layers = new BitSet();
        for (int i = 0; i < s.layers().size(); i++) if (names.contains(s.layers().get(i).name())) layers.set(i);
        return i -> layers.get(s.layerOf(i));
    }

    /** @param share of all that is told to be walls: on one of the layers that most of them are on, others are walls, too */
    private static boolean holdsWalls(RoleFinding.OfPart p, double share) {
        int all = p.roles().values().stream().mapToInt(x -> x).sum();
        return p.role() != Role.DIMENSION && p.role() != Role.WALL && (p.roles().getOrDefault(Role.WALL, 0) >= WALLS * all || share
            >= WALLS);
    }

    /** Of strokes that are told to be walls by themselves, by layer. */
    private static Map<String, Double> wallMetres(PlacedDrawing d, RoleFinding roles) {
        Map<String, Double> out = new HashMap<>();
        Strokes s = d.strokes();
        for (int i = 0; i < s.size(); i++) if (roles.of().get(i) == Role.WALL && d.cleared().strokeShown(i))
            out.merge(s.layers().get(s.layerOf(i)).name(), d.curve(i).length(), Double::sum);
        return out;
    }
}
