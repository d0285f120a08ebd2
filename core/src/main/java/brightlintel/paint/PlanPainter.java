package brightlintel.paint;

import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.KindId;
import brightlintel.building.Project;
import brightlintel.building.StoreyId;
import brightlintel.building.Units;
import brightlintel.building.Wall;
import brightlintel.building.WallKind;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthFormat;
import brightlintel.paint.PlanShapes.Shape;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** Draws a storey's model in plan: the storey below faint, slabs, walls solid, openings, the grid on top. */
public final class PlanPainter {
    private static final double[] GRID_DASH = {14, 4, 2, 4};
    private static final double TAG = 18;
    /** Pixels: words of rooms and their lines. */
    private static final double WORDS = 12, LINE = 15;
    /** Pixels of thickness from which a wall shows its layers. */
    private static final double LAYERED = 7;
    /** What washes of rooms tell apart. */
    public enum RoomsBy {
        ZONE, NAME, AGREEMENT;

        public RoomsBy next() {
            return values()[(ordinal() + 1) % values().length];
        }
    }

    /** Of the measured area: a written one that is further off disagrees; square metres at least. */
    private static final double AGREES = 0.01, NEAR = 0.05;
    private RoomsBy roomsBy = RoomsBy.ZONE;
    private Map<ElementId, Integer> colours = Map.of();
    /** Numbers of what washes tell apart, in the order of their names. */
    private Map<String, Integer> named = Map.of();
    private LengthFormat lengths = new LengthFormat(Units.METRIC);
    private final Brush brush;
    private final Palette palette;
    private final Affine toPx;
    private final double scale;
    private final Box seen;

    public PlanPainter(Brush brush, Palette palette, PlanView view) {
        this.brush = brush;
        this.palette = palette;
        this.toPx = view.toPx();
        this.scale = view.pxPerMetre();
        this.seen = view.seen().grown(4 / scale);
    }

    public PlanPainter rooms(RoomsBy by) {
        roomsBy = by;
        return this;
    }

    /** @param shapes of the storey */
    public void paint(Project p, StoreyId on, PlanShapes shapes, Set<ElementId> selected) {
        lengths = new LengthFormat(p.units());
        colours = colours(p, on);
        named = named(shapes);
        int faint = Palette.mix(palette.ink3(), palette.paper(), 0.45);
        for (Shape.Ground g : shapes.below()) if (isSeen(g)) g.rings().forEach(r -> brush.path(px(r), true, 1, faint));
        for (Shape s : shapes.shapes()) if (isSeen(s)) shape(s, selected.contains(s.id()));
        for (GridLine g : p.grid()) if (g.isOn(on)) grid(g, selected.contains(g.id()));
    }

    /** Of walls whose kind has one. */
    private static Map<ElementId, Integer> colours(Project p, StoreyId on) {
        Map<KindId, Integer> kinds = new HashMap<>();
        for (WallKind k : p.wallKinds()) if (k.colour() >= 0) kinds.put(k.id(), k.colour());
        if (kinds.isEmpty()) return Map.of();
        Map<ElementId, Integer> out = new HashMap<>();
        for (Wall w : p.on(on).walls()) w.kind().map(kinds::get).ifPresent(c -> out.put(w.id(), c));
        return out;
    }

    /** So that the first five have each an ink of its own. */
    private Map<String, Integer> named(PlanShapes shapes) {
        TreeSet<String> names = new TreeSet<>();
        for (Shape s : shapes.shapes()) switch (s) {
            case Shape.Space x -> names.add(roomsBy == RoomsBy.NAME ? x.name() : x.zone());
            case Shape.Sketch x when x.sort() == Shape.Sort.ZONE -> names.add(x.words());
            default -> { }
        }
        names.remove("");
        Map<String, Integer> out = new HashMap<>();
        for (String n : names) out.put(n, out.size());
        return out;
    }

    private boolean isSeen(Shape s) {
        return seen.meets(s.box());
    }

    private void shape(Shape shape, boolean selected) {
        switch (shape) {
            case Shape.Floor f -> floor(f, selected);
            case Shape.Ground g -> ground(g, selected);
            case Shape.Gap g -> gap(g, selected);
            case Shape.Space x -> space(x, selected);
            case Shape.Post x -> post(x, selected);
            case Shape.Sketch x -> sketch(x, selected);
            case Shape.Parting x -> brush.dashed(px(x.line()), selected ? 2.5 : 1.2, selected ? palette.brass() : palette.sage(), 6, 4);
        }
    }

    private List<Point> px(List<Point> metres) {
        List<Point> out = new ArrayList<>(metres.size());
        for (Point p : metres) out.add(toPx.apply(p));
        return out;
    }

    private void ground(Shape.Ground g, boolean selected) {
        for (List<Point> r : g.rings()) {
            List<Point> ring = px(r);
            int colour = colours.getOrDefault(g.id(), palette.ink());
            brush.fill(ring, colour);
            if (colour != palette.ink()) brush.path(ring, true, 1.2, palette.ink());
            // thinner than a pixel a wall would fade away
            if (g.thickness() * scale < 1.5) brush.path(ring, true, 1, palette.ink());
            if (selected) brush.path(ring, true, 2.5, palette.brass());
        }
        if (g.layers().isEmpty() || g.thickness() * scale < LAYERED) return;
        int ink = colours.containsKey(g.id()) ? palette.ink() : Palette.mix(palette.ink(), palette.paper(), 0.75);
        for (List<Point> l : g.layers()) brush.path(px(l), false, 0.9, ink);
    }

    private void sketch(Shape.Sketch x, boolean selected) {
        List<List<Point>> rings = x.rings().stream().map(this::px).toList();
        int ink = selected ? palette.brass() : switch (x.sort()) {
            case STAIR -> palette.ink();
            case ROOF -> palette.ink2();
            case ZONE, OUTLINE -> palette.sage();
        };
        switch (x.sort()) {
            case STAIR -> {
                for (List<Point> r : rings) brush.path(r, true, selected ? 2 : 0.9, ink);
                for (List<Point> l : x.lines()) brush.path(px(l), false, selected ? 2 : 1.3, ink);
            }
            case ROOF -> {
                for (List<Point> r : rings) brush.dashed(closed(r), selected ? 2.5 : 1.4, ink, 10, 5);
                for (List<Point> l : x.lines()) brush.dashed(px(l), selected ? 2 : 1, ink, 10, 5);
            }
            case ZONE -> {
                brush.fillRings(rings, selected ? palette.brassWash() : wash(x.words()), 0.6);
                for (List<Point> r : rings) brush.path(r, true, selected ? 2.5 : 1.2, ink);
                named(x);
            }
            case OUTLINE -> {
                for (List<Point> r : rings) brush.dashed(closed(r), selected ? 3 : 2, ink, 16, 5, 3, 5);
            }
        }
    }

    private static List<Point> closed(List<Point> ring) {
        List<Point> out = new ArrayList<>(ring);
        out.add(ring.getFirst());
        return out;
    }

    private void named(Shape.Sketch x) {
        double wide = brush.textWidth(x.words(), WORDS, Fonts.Weight.SEMIBOLD);
        if (wide + 16 > x.box().width() * scale || 2 * LINE > x.box().height() * scale) return;
        Point at = toPx.apply(x.at());
        brush.textCentred(x.words(), at.x(), at.y() - LINE, WORDS, Fonts.Weight.SEMIBOLD, palette.sage());
    }

    private void post(Shape.Post x, boolean selected) {
        List<Point> ring = px(x.ring());
        brush.fill(ring, palette.ink());
        brush.path(ring, true, selected ? 2.5 : 1, selected ? palette.brass() : palette.ink());
    }

    private int wash(Shape.Space x) {
        return switch (roomsBy) {
            case ZONE -> wash(x.zone());
            case NAME -> wash(x.name());
            case AGREEMENT -> x.written().isEmpty() ? palette.wash() : Palette.mix(agrees(x) ? palette.sage() : palette.brick(),
                palette.paper(), palette.isDark() ? 0.72 : 0.82);
        };
    }

    private static boolean agrees(Shape.Space x) {
        return Math.abs(x.written().orElse(x.area()) - x.area()) <= Math.max(AGREES * x.area(), NEAR);
    }

    /** Of rooms of one zone the same, of each zone its own; the usual one for those of none. */
    private int wash(String zone) {
        if (zone.isEmpty()) return palette.wash();
        int[] inks = {palette.sage(), palette.plum(), palette.brass(), palette.brick(), palette.ink2()};
        return Palette.mix(inks[named.getOrDefault(zone, 0) % inks.length], palette.paper(), palette.isDark() ? 0.72 : 0.82);
    }

    /** A pale wash, and its words where there is room for them. */
    private void space(Shape.Space x, boolean selected) {
        List<List<Point>> rings = x.rings().stream().map(this::px).toList();
        brush.fillRings(rings, selected ? palette.brassWash() : wash(x), selected ? 0.8 : 0.7);
        if (selected) for (List<Point> r : rings) brush.path(r, true, 2.5, palette.brass());
        List<String> words = new ArrayList<>();
        if (!x.number().isEmpty()) words.add(x.number());
        if (!x.name().isEmpty()) words.add(x.name());
        String mark = roomsBy != RoomsBy.AGREEMENT || x.written().isEmpty() ? "" : agrees(x) ? " ✓" : " ✗";
        words.add(lengths.area(x.area()) + mark);
        double wide = words.stream().mapToDouble(t -> brush.textWidth(t, WORDS, Fonts.Weight.REGULAR)).max().orElse(0);
        if (wide > x.box().width() * scale || (words.size() + 1) * LINE > x.box().height() * scale) return;
        Point at = toPx.apply(x.middle());
        double y = at.y() - (words.size() - 1) * LINE / 2 + 4;
        for (int i = 0; i < words.size(); i++)
            brush.textCentred(words.get(i), at.x(), y + i * LINE, WORDS, i == words.size() - 1 ? Fonts.Weight.REGULAR
                : Fonts.Weight.SEMIBOLD,
                selected ? palette.brassText() : palette.ink());
    }

    private void floor(Shape.Floor f, boolean selected) {
        List<List<Point>> rings = f.rings().stream().map(this::px).toList();
        brush.fillRings(rings, palette.wash(), 0.55);
        for (List<Point> r : rings) brush.path(r, true, selected ? 2.5 : 1.2, selected ? palette.brass() : palette.ink2());
    }

    private void gap(Shape.Gap g, boolean selected) {
        int ink = palette.brass();
        List<Point> ring = px(g.ring());
        brush.fill(ring, palette.paper());
        brush.path(ring, true, selected ? 2.5 : 1.2, ink);
        for (int i = 0; i < g.lines().size(); i++)
            brush.path(px(g.lines().get(i)), false, !g.door() ? 1.2 : i == 0 ? 1.6 : 1, ink);
    }

    private void grid(GridLine g, boolean selected) {
        List<Point> line = px(g.line().isStraight() ? List.of(g.line().a(), g.line().b()) : g.line().points(0.01));
        int ink = selected ? palette.brass() : palette.plum();
        line = inView(line);
        brush.dashed(line, selected ? 2 : 0.9, ink, GRID_DASH);
        if (g.tags() != GridLine.Tags.END) tag(g.label(), toPx.apply(g.line().a()), ink);
        if (g.tags() != GridLine.Tags.START) tag(g.label(), toPx.apply(g.line().b()), ink);
    }

    /** Dashes far outside the picture would cost time and show nothing. */
    private List<Point> inView(List<Point> line) {
        if (line.size() != 2) return line;
        Raster r = brush.raster();
        Point a = line.getFirst(), d = line.getLast().minus(a);
        double lo = 0, hi = 1;
        double[][] sides = {{-d.x(), a.x() + 40}, {d.x(), r.width + 40 - a.x()}, {-d.y(), a.y() + 40}, {d.y(), r.height + 40 - a.y()}};
        for (double[] s : sides) {
            if (s[0] < 0) lo = Math.max(lo, s[1] / s[0]);
            else if (s[0] > 0) hi = Math.min(hi, s[1] / s[0]);
            else if (s[1] < 0) return List.of();
        }
        return lo < hi ? List.of(a.plus(d.times(lo)), a.plus(d.times(hi))) : List.of();
    }

    /** A rounded tag with the label, centred on a place in pixels. */
    public void tag(String label, Point at, int ink) {
        double w = Math.max(22, brush.textWidth(label, 12, Fonts.Weight.SEMIBOLD) + 12);
        brush.roundRect(at.x() - w / 2, at.y() - TAG / 2, w, TAG, 5, palette.paper(), ink, 1);
        brush.textCentred(label, at.x(), at.y() + 4.2, 12, Fonts.Weight.SEMIBOLD, ink);
    }
}
