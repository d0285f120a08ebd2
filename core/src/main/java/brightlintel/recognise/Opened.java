package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;

import brightlintel.building.ElementId;
import brightlintel.building.Given;
import brightlintel.building.Opening;
import brightlintel.building.Provenance;
import brightlintel.building.Role;
import brightlintel.building.Support;
import brightlintel.building.Wall;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.SlabOutline;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.DrawnOpenings;

/**
 * Doors, windows and gaps: by their symbols, which tell width, hand and side; else gaps that walls run over, of the kind that most of
 * what is drawn in them stands for.
 */
final class Opened {
    /** Metres: sills and heads that nobody said; by which two are one; beyond a wall's faces where a leaf is looked for. */
    private static final double SILL = 0.9, HEAD = 2.1, SAME = 0.02, LEAF = 0.5, JAMB = 0.03, PANELS = 0.06, NARROW = 0.6, GATE = 2.4;
    private static final double SURE = 0.95, LINES = 0.92, WITHIN = 0.8, FAIR = 0.65;
    private final PlacedDrawing d;
    private final IntFunction<Role> role;
    private final IntPredicate isTold;
    private final List<Wall> walls;
    private final Optional<Ring> edge;
    private final LeafAlone leaves;
    private final List<Opening> out = new ArrayList<>();

    /** @param isTold what is a wall by its layer */
    Opened(PlacedDrawing d, IntFunction<Role> role, IntPredicate isTold, List<Wall> walls) {
        this.d = d;
        this.role = role;
        this.isTold = isTold;
        this.walls = walls;
        this.leaves = new LeafAlone(d, walls);
        this.edge = SlabOutline.around(walls, Tolerances.BUILDING);
    }

    List<Opening> of(List<WallFinding.Gap> gaps) {
        List<DrawnOpenings.Symbol> bare = new ArrayList<>();
        List<DrawnOpenings.Symbol> within = DrawnOpenings.all(true, walls, d);
        Piers piers = new Piers(walls, within, isTold);
        List<DrawnOpenings.Symbol> lines = within.stream().filter(s -> !piers.isPier(s)).toList();
        for (DrawnOpenings.Symbol s : joined(lines.stream().filter(this::slides).toList())) symbol(s);
        for (DrawnOpenings.Symbol s : lines) if (!slides(s)) symbol(s);
        for (DrawnOpenings.Symbol s : DrawnOpenings.all(false, walls, d)) {
            if (s.sort() == DrawnOpenings.Sort.GAP) bare.add(s);
            else symbol(s);
        }
        new Glazing(d, role).in(walls).forEach((w, some) -> some.forEach(g -> glazed(w, g)));
        for (WallFinding.Gap g : gaps) wall(g.wall()).ifPresent(w -> {
            double at = w.reference().unroll(g.at()).x();
            gap(w, at - g.width() / 2, at + g.width() / 2, new Provenance(new Provenance.Way.Proposed(FAIR), List.of()));
        });
        for (DrawnOpenings.Symbol s : bare) wall(s.wall()).ifPresent(w -> gap(w, s.from(), s.to(), new Provenance(
            new Provenance.Way.Proposed(FAIR), s.provenance().on())));
        return out;
    }

    private Optional<Wall> wall(ElementId id) {
        return walls.stream().filter(w -> w.id().equals(id)).findFirst();
    }

    private boolean isFree(ElementId wall, double from, double to) {
        return out.stream().noneMatch(o -> o.wall().equals(wall) && o.start() < to - SAME && from < o.end() - SAME);
    }

    private boolean slides(DrawnOpenings.Symbol s) {
        return s.window() && s.strokes().stream().allMatch(i -> role.apply(i) == Role.DOOR);
    }

    /** Panels that slide beside each other are one door. */
    private static List<DrawnOpenings.Symbol> joined(List<DrawnOpenings.Symbol> some) {
        List<DrawnOpenings.Symbol> out = new ArrayList<>();
        List<DrawnOpenings.Symbol> all = new ArrayList<>(some);
        all.sort(Comparator.comparingDouble(DrawnOpenings.Symbol::from));
        for (DrawnOpenings.Symbol s : all) {
            int at = -1;
            for (int i = 0; i < out.size(); i++) if (out.get(i).wall().equals(s.wall()) && s.from() < out.get(i).to() + PANELS) at = i;
            if (at < 0) {
                out.add(s);
                continue;
            }
            DrawnOpenings.Symbol o = out.get(at);
            List<Integer> strokes = new ArrayList<>(o.strokes());
            strokes.addAll(s.strokes());
            out.set(at, new DrawnOpenings.Symbol(o.sort(), o.wall(), o.from(), Math.max(o.to(), s.to()), o.hingeFar(), o.opensLeft(),
                o.drawing(),
                strokes));
        }
        return out;
    }

    private void symbol(DrawnOpenings.Symbol s) {
        if (!isFree(s.wall(), s.from(), s.to())) return;
        // lines in a wall that stand for a door slide in it; one narrow panel is a part of what was not understood
        boolean within = s.window() && !slides(s) && edge.isPresent() && wall(s.wall()).filter(w -> !SlabOutline.isOuter(w, edge.get()))
            .isPresent();
        double confidence = s.width() < NARROW ? FAIR : within ? WITHIN : SURE;
        Opening.Filling f = slides(s) ? new Opening.Filling.Door(false, true, Opening.Filling.Way.SLIDING) : s.filling();
        add(s.wall(), s.from(), s.to(), f, new Provenance(new Provenance.Way.Proposed(confidence), s.provenance().on()));
    }

    private void glazed(Wall w, Glazing.Window g) {
        if (!isFree(w.id(), g.from(), g.to())) return;
        List<Support> on = g.strokes().stream().map(i -> d.support(i, 0, 1, Support.Face.OUTLINE, 0)).toList();
        boolean door = g.strokes().stream().allMatch(i -> role.apply(i) == Role.DOOR);
        // what lies above the cut is drawn in dashes: a lintel over a passage
        if (g.strokes().stream().allMatch(i -> d.strokes().dashingOf(i) != null)) {
            add(w.id(), g.from(), g.to(), new Opening.Filling.Empty(), new Provenance(new Provenance.Way.Proposed(WITHIN), on));
            return;
        }
        // lines on a door's layer may be a threshold; a window within the house is rare
        double confidence = door ? FAIR : edge.filter(e -> SlabOutline.isOuter(w, e)).isPresent() ? LINES : FAIR + 0.05;
        add(w.id(), g.from(), g.to(), door ? new Opening.Filling.Door(false, true, Opening.Filling.Way.SLIDING)
            : new Opening.Filling.Window(),
            new Provenance(new Provenance.Way.Proposed(confidence), on));
    }

    private void gap(Wall w, double from, double to, Provenance p) {
        if (from < 0 || to > w.length() || !isFree(w.id(), from, to)) return;
        Map<Role, Integer> within = new EnumMap<>(Role.class);
        double reach = w.thickness().value() / 2 + LEAF;
        for (int k = 1; k < 6; k++) {
            Point at = w.middle(from + (to - from) * k / 6);
            for (int i : d.strokesNear(at, Math.min(reach, (to - from) / 2))) within.merge(role.apply(i), 1, Integer::sum);
        }
        int doors = within.getOrDefault(Role.DOOR, 0), windows = within.getOrDefault(Role.WINDOW, 0);
        if (doors == 0 && windows == 0 && isGlazed(w, from, to)) windows = 1;
        Optional<Opening.Filling.Door> leaf = windows == 0 ? leaves.in(w, from, to) : Optional.empty();
        // no leaf is as wide as a gate
        Opening.Filling f = leaf.isPresent() ? leaf.get() : doors == 0 && windows == 0 ? new Opening.Filling.Empty()
            : windows > doors ? new Opening.Filling.Window()
            : new Opening.Filling.Door(false, true, to - from > GATE ? Opening.Filling.Way.GATE : Opening.Filling.Way.SINGLE);
        add(w.id(), from, to, f, p);
    }

    /** Whether a line runs along within the wall from jamb to jamb, and no farther: glass, or the edges of a sill. */
    private boolean isGlazed(Wall w, double from, double to) {
        if (!w.reference().isStraight()) return false;
        double half = w.thickness().value() / 2 + SAME, middle = (w.left() - w.right()) / 2;
        for (int i : d.strokesNear(w.middle((from + to) / 2), half + SAME)) {
            Role r = role.apply(i);
            if (r == Role.GRID || r == Role.HATCH || r == Role.DIMENSION || !(d.curve(i) instanceof Curve.Straight s)) continue;
            Point a = w.reference().unroll(s.a()), b = w.reference().unroll(s.b());
            boolean along = Math.abs(a.y() - b.y()) < SAME && Math.abs(a.y() - middle) < half;
            if (along && Math.abs(Math.min(a.x(), b.x()) - from) < JAMB && Math.abs(Math.max(a.x(), b.x()) - to) < JAMB) return true;
        }
        return false;
    }

    private void add(ElementId wall, double from, double to, Opening.Filling f, Provenance p) {
        boolean window = f instanceof Opening.Filling.Window;
        out.add(new Opening(ElementId.fresh(), wall, (from + to) / 2, Given.stated(to - from), Given.assumed(window ? SILL : 0.0),
            Given.assumed(HEAD), f, p));
    }
}
