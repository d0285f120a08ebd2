package brightlintel.sheet;

import brightlintel.correct.Reckoning;
import brightlintel.correct.StoreyWords;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The parts of a sheet, plans first, from left to right and from below.
 *
 * @param frame with the title block, if there is one; not among the parts
 */
public record SheetParts(List<Part> parts, Optional<Part> frame) {
    /** How sure a kind is in a drawing of unsure size, where no title says it. */
    private static final double UNSURE_SIZE = 0.6;

    /** What kind of drawing a part is. */
    public enum Kind { PLAN, ELEVATION, SECTION, DETAIL, LEGEND, KEY_PLAN, FRAME }

    /**
     * What lies together on a sheet.
     *
     * @param outline    about its strokes, file units; without its title
     * @param title      near it; "" without one
     * @param storey     that the title speaks of, 0 at the ground
     * @param confidence of the kind, 0 to 1
     * @param sameAs     the place in the list of an earlier part that shows the same
     */
    public record Part(Kind kind, Ring outline, String title, OptionalInt storey, double confidence, OptionalInt sameAs) {
        private static final double ROOM = 0.012;

        /** A little further out, so that nothing of it lies on the edge. */
        public Ring withRoom() {
            double by = ROOM * outline.box().diagonal();
            List<Point> out = new ArrayList<>();
            int n = outline.size();
            for (int i = 0; i < n; i++) {
                Point c = outline.corners().get(i), before = outline.corners().get((i + n - 1) % n), after = outline.corners().get((i
                    + 1) % n);
                Point off = c.minus(before).length() > 0 && c.minus(after).length() > 0
                    ? c.minus(before).unit().plus(c.minus(after).unit()) : Point.ORIGIN;
                out.add(c.plus(off.times(by)));
            }
            return new Ring(out);
        }
    }

    public SheetParts {
        parts = List.copyOf(parts);
    }

    /** Cost about linear in strokes. */
    public static SheetParts of(Reckoning r) {
        Ground g = new Ground(r);
        Parting p = new Parting(g);
        if (p.parts.isEmpty()) return new SheetParts(List.of(), p.frame.map(f -> frame(g, f)));
        Kinds kinds = new Kinds(g);
        Heap largest = p.parts.stream().max(Comparator.comparingDouble(Heap::longSide)).orElseThrow();
        Map<Heap, Kinds.Told> drawn = new LinkedHashMap<>();
        for (Heap h : p.parts) drawn.put(h, kinds.drawn(h, largest));
        Map<Heap, Titles.Title> titles = Titles.of(g, drawn);
        record Found(Heap heap, Kinds.Told told, Optional<Titles.Title> title) { }
        List<Found> found = new ArrayList<>();
        for (Heap h : p.parts) {
            Optional<Titles.Title> t = Optional.ofNullable(titles.get(h));
            found.add(new Found(h, kinds.of(drawn.get(h), t), t));
        }
        found.sort(Comparator.comparing((Found f) -> f.told.kind()).thenComparing(f -> row(f.heap.box, largest)).thenComparing(f ->
            f.heap.box.minX()));
        List<Part> out = new ArrayList<>();
        Twins twins = new Twins(g);
        for (Found f : found) {
            OptionalInt same = twins.of(f.heap);
            out.add(new Part(f.told.kind(), outline(g, f.heap.box), f.title.map(Titles.Title::text).orElse(""),
                f.told.kind() == Kind.PLAN ? f.title.map(t -> StoreyWords.level(t.text())).orElse(OptionalInt.empty())
                    : OptionalInt.empty(),
                (r.size().unsure() && f.title.isEmpty() ? UNSURE_SIZE : 1) * f.told.sure(), same));
        }
        return new SheetParts(out, p.frame.map(f -> frame(g, f)));
    }

    private static long row(Box b, Heap largest) {
        return Math.round(b.centre().y() / Math.max(1e-9, largest.box.height()));
    }

    private static Part frame(Ground g, Heap f) {
        return new Part(Kind.FRAME, outline(g, f.box), "", OptionalInt.empty(), 0.9, OptionalInt.empty());
    }

    private static Ring outline(Ground g, Box b) {
        return new Ring(List.of(new Point(b.minX(), b.minY()), new Point(b.maxX(), b.minY()), new Point(b.maxX(), b.maxY()),
            new Point(b.minX(), b.maxY()))).mapped(g.inFile());
    }

    /** The frame last. */
    public List<Part> all() {
        List<Part> out = new ArrayList<>(parts);
        frame.ifPresent(out::add);
        return out;
    }

    public List<Part> plans() {
        return parts.stream().filter(p -> p.kind == Kind.PLAN).toList();
    }
}
