package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.correct.look.Bubbles;
import brightlintel.correct.look.Figure;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/** What each unit is: by what its strokes were seen to be, and by its size and place where they say nothing. */
final class UnitRoles {
    /** Metres: a column's side; what is beyond the building by so much stands outside. */
    private static final double COLUMN_LEAST = 0.1, COLUMN_MOST = 1.3, OUTSIDE = 1.2;
    private static final double ABOUT = 1.05, LEFT = 0.25, SLENDER = 4, ON_CROSSING = 0.12;
    private final Sight s;
    private final Box building, all;
    private final List<Point> crossings = new ArrayList<>();
    private final Near onCrossing, inRows, tags;
    private final Outlining outlining;
    private final FilledWalls filled;

    UnitRoles(Sight s, FilledWalls filled) {
        this.s = s;
        this.filled = filled;
        int[] walls = IntStream.range(0, s.strokes.size()).filter(i -> s.isShown(i) && s.role(i) == Role.WALL).toArray();
        int[] shown = IntStream.range(0, s.strokes.size()).filter(s::isShown).toArray();
        this.building = walls.length > 8 ? s.bulk(walls, 0.96) : s.bulk(shown, 0.9);
        Box b = Box.EMPTY;
        for (int i : shown) b = b.with(s.box(i));
        this.all = b;
        this.outlining = new Outlining(s, building);
        crossings();
        this.onCrossing = Near.of(crossings);
        this.inRows = Near.of(s.look.columns().at().stream().map(s::at).toList());
        this.tags = Near.of(s.look.tagged().stream().map(t -> s.at(t.at())).toList());
    }

    private void crossings() {
        List<Bubbles.Tagged> tags = s.look.tagged();
        for (int i = 0; i < tags.size(); i++) for (int k = i + 1; k < Math.min(tags.size(), i + 200); k++) {
            Point a = s.at(tags.get(i).at()), u = tags.get(i).direction(), b = s.at(tags.get(k).at()), v = tags.get(k).direction();
            Point du = s.upright().applyVector(u).unit(), dv = s.upright().applyVector(v).unit();
            double c = du.cross(dv);
            if (Math.abs(c) > 0.3) crossings.add(a.plus(du.times(b.minus(a).cross(dv) / c)));
        }
        for (BareAxes.Axis x : s.axes) for (BareAxes.Axis y : s.axes) {
            double c = x.along().cross(y.along());
            if (c > 0.3) crossings.add(x.a().plus(x.along().times(y.a().minus(x.a()).cross(y.along()) / c)));
        }
    }

    Role of(Unit u) {
        // hatches and dimensions of old releases are blocks without a name
        if (u.block().startsWith("*X") || u.block().startsWith("*x")) return Role.HATCH;
        if (u.block().startsWith("*D") || u.block().startsWith("*d")) return Role.DIMENSION;
        switch (u.kind()) {
            case "DIMENSION", "ARC_DIMENSION", "LARGE_RADIAL_DIMENSION" -> {
                return Role.DIMENSION;
            }
            case "HATCH", "SOLID", "TRACE", "MPOLYGON" -> {
                return filled.holds(u) ? Role.WALL : Role.HATCH;
            }
            case "LEADER", "MULTILEADER", "TOLERANCE", "TABLE" -> {
                return Role.TEXT;
            }
            default -> { }
        }
        if (u.strokes().isEmpty()) return u.marks().isEmpty() ? Role.OTHER : marks(u);
        Optional<Role> outline = outlining.of(u);
        if (outline.isPresent()) return outline.get();
        if (!u.isBlock() && isAbout(box(u))) return Role.SHEET;
        Map<Role, Double> sums = new EnumMap<>(Role.class);
        double whole = 0;
        for (int i : u.strokes()) {
            double l = s.length(i) + 1e-6;
            sums.merge(s.role(i), l, Double::sum);
            whole += l;
        }
        if (u.isBlock()) return block(u, sums, whole);
        Role top = sums.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow().getKey();
        boolean column = column(u);
        if (column && top != Role.GRID && top != Role.DOOR) return Role.COLUMN;
        if (sums.getOrDefault(Role.DOOR, 0.0) > 0.3 * whole) return Role.DOOR;
        return top == Role.OTHER ? rest(u) : top;
    }

    /** Texts alone, or fills alone. */
    private Role marks(Unit u) {
        Role r = s.markRole(u.marks().getFirst());
        if (r != Role.TEXT) return r;
        Strokes.Mark m = s.strokes.mark(u.marks().getFirst());
        return m instanceof Strokes.TextMark t && isLabel(t) ? Role.ROOM_LABEL : Role.TEXT;
    }

    /** Words or an area within the building, written level: what a room is called. */
    private boolean isLabel(Strokes.TextMark t) {
        String w = t.plain().strip();
        boolean words = w.length() >= 2 && w.length() <= 60 && w.chars().anyMatch(Character::isLetter);
        return words && building.holds(s.at(t.box().centre())) && Figure.read(w).isEmpty();
    }

    private Role block(Unit u, Map<Role, Double> sums, double whole) {
        Box b = box(u);
        if (sums.getOrDefault(Role.DOOR, 0.0) > 0.1 * whole) return Role.DOOR;
        if (sums.getOrDefault(Role.GRID, 0.0) > 0.2 * whole || tag(b)) return Role.GRID;
        if (sums.getOrDefault(Role.STAIR, 0.0) > 0.4 * whole) return Role.STAIR;
        if (b.width() > 0.8 * building.width() && b.height() > 0.8 * building.height()) return Role.SHEET;
        double small = Math.min(b.width(), b.height()), large = Math.max(b.width(), b.height());
        if (column(u)) return Role.COLUMN;
        boolean inWall = small < 0.6 && large > 0.35 && large < 7 && large > 1.2 * small;
        if (inWall && (sums.getOrDefault(Role.WINDOW, 0.0) > 0.3 * whole || sums.getOrDefault(Role.WALL,
            0.0) > 0.6 * whole)) return Role.WINDOW;
        return rest(u);
    }

    private boolean tag(Box b) {
        return tags.anyIn(Box.around(b.centre(), 0.2 * b.diagonal()));
    }

    Box box(Unit u) {
        Box b = Box.EMPTY;
        for (int i : u.strokes()) b = b.with(s.box(i));
        return b;
    }

    /** The box of what is drawn as one small closed mark, as columns are. */
    Optional<Box> outline(Unit u) {
        if (u.strokes().isEmpty() || u.strokes().size() > 24) return Optional.empty();
        Box b = box(u);
        double small = Math.min(b.width(), b.height()), large = Math.max(b.width(), b.height());
        if (small < COLUMN_LEAST || large > COLUMN_MOST || large > SLENDER * small) return Optional.empty();
        boolean round = u.strokes().size() == 1 && s.strokes.curveOf(u.strokes().getFirst()) instanceof Curve.EllipticArc a
            && Math.abs(a.sweep()) > 6.2;
        boolean closed = u.strokes().size() >= 4 && touches(u.strokes().getFirst(), u.strokes().getLast());
        return round || closed || u.isBlock() && u.strokes().size() <= 8 ? Optional.of(b) : Optional.empty();
    }

    private boolean touches(int a, int b) {
        Curve x = s.strokes.curveOf(a), y = s.strokes.curveOf(b);
        double d = Math.min(Math.min(x.first().distance(y.first()), x.first().distance(y.last())), Math.min(x.last().distance(y.first()),
            x.last().distance(y.last())));
        return d * s.metres < 0.01;
    }

    /** On a crossing of the grid, or one of several of its size that stand in rows. */
    private boolean column(Unit u) {
        Optional<Box> o = outline(u);
        if (o.isEmpty()) return false;
        Point c = o.get().centre();
        return onCrossing.anyIn(Box.around(c, Math.max(ON_CROSSING, 0.4 * o.get().diagonal()))) || inRows.anyIn(Box.around(c, 0.05));
    }

    /** What nothing was seen of. */
    private Role rest(Unit u) {
        Box b = box(u);
        if (building.isEmpty()) return Role.OTHER;
        if (isOfSheet(b)) return Role.SHEET;
        if (!building.grown(OUTSIDE).holds(b.centre())) return Role.SITE;
        double large = Math.max(b.width(), b.height());
        return large < 0.02 ? Role.OTHER : Role.FURNITURE;
    }

    /** Drawn round the building with room to spare. */
    private boolean isAbout(Box b) {
        return !building.isEmpty() && b.holds(building) && b.width() > ABOUT * building.width() && b.height() > ABOUT * building.height();
    }

    /** How far a unit's role is seen, and not only what is left: 0 to 1. */
    double sureness(Unit u, Role r) {
        if (r != Role.FURNITURE && r != Role.SITE && r != Role.OTHER) return 1;
        return u.isBlock() ? 0.8 : outline(u).isPresent() || round(u) ? 0.6 : LEFT;
    }

    /** Arcs and closed curves that are no door: furniture and fittings are round, walls hardly. */
    private boolean round(Unit u) {
        return u.strokes().stream().anyMatch(i -> !s.strokes.isStraight(i));
    }

    /** Long lines at the edge of all that is drawn. */
    private boolean isOfSheet(Box b) {
        double near = 0.02 * all.diagonal();
        boolean edge = b.minX() - all.minX() < near && b.width() < near || all.maxX() - b.maxX() < near && b.width() < near
            || b.minY() - all.minY() < near && b.height() < near || all.maxY() - b.maxY() < near && b.height() < near;
        return edge && Math.max(b.width(), b.height()) > 0.5 * Math.min(all.width(), all.height());
    }
}
