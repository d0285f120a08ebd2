package brightlintel.sheet;

import brightlintel.correct.look.Doors;
import brightlintel.correct.look.Spacings;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.Optional;

/** What kind of drawing a part is, by what it shows: doors with leaves and walls of two faces both ways are seen in plans alone. */
final class Kinds {
    private static final double LEAF_LEAST = 0.5, LEAF_MOST = 2.5, THIN = 0.05, THICK = 0.65;
    /** Length of faces over all ink of a part: of a plan at least, each way. */
    private static final double FACES = 0.03, LITTLE = 0.35;
    /** Above this it is plain what is drawn, whatever is written. */
    static final double PLAIN = 0.85;
    private final Ground g;

    /** @param sure 0 to 1 */
    record Told(SheetParts.Kind kind, double sure) { }

    Kinds(Ground g) {
        this.g = g;
    }

    /** What is drawn, and what the title says of it. */
    Told of(Told drawn, Optional<Titles.Title> title) {
        Optional<SheetParts.Kind> said = title.flatMap(t -> t.kind().or(() -> t.ofStorey() ? Optional.of(SheetParts.Kind.PLAN)
            : Optional.empty()));
        if (said.isEmpty()) return drawn;
        return said.get() == drawn.kind ? new Told(drawn.kind, 0.98) : new Told(said.get(), 0.9);
    }

    /** @param largest of all parts */
    Told drawn(Heap h, Heap largest) {
        long doors = g.reckoning.look().doors().stream().filter(d -> isLeaf(d) && h.box.holds(g.upright(d.hinge()))).count();
        double[] faces = faces(h);
        boolean walls = Math.min(faces[0], faces[1]) > FACES * h.ink;
        boolean little = h.longSide() < LITTLE * largest.longSide();
        if (doors >= 2 || doors == 1 && !little) return new Told(SheetParts.Kind.PLAN, 0.95);
        if (little && h != largest) return littleOne(h);
        if (walls && (faces[0] + faces[1]) / h.ink > 4 * FACES) return new Told(SheetParts.Kind.PLAN, 0.75);
        long letters = letters(h);
        if (letters > 3 * (long) h.strokes.size()) return new Told(SheetParts.Kind.LEGEND, 0.7);
        return h == largest ? new Told(SheetParts.Kind.PLAN, 0.6) : new Told(SheetParts.Kind.ELEVATION, 0.7);
    }

    private Told littleOne(Heap h) {
        return letters(h) > h.strokes.size() ? new Told(SheetParts.Kind.LEGEND, 0.7) : new Told(SheetParts.Kind.KEY_PLAN, 0.5);
    }

    private static boolean between(double v, double least, double most) {
        return v >= least && v <= most;
    }

    private boolean isLeaf(Doors.Door d) {
        return between(d.radius() * g.reckoning.size().metresPerUnit(), LEAF_LEAST, LEAF_MOST);
    }

    /** Length of faces of walls, level and plumb. */
    private double[] faces(Heap h) {
        double[] out = new double[2];
        double m = g.reckoning.size().metresPerUnit();
        for (Spacings.Pair p : g.reckoning.look().pairs()) {
            if (!between(p.distance() * m, THIN, THICK) || !h.box.holds(g.upright(p.at()))) continue;
            Box b = g.box(p.a());
            if (b == null) continue;
            out[b.width() > b.height() ? 0 : 1] += p.overlap() * m;
        }
        return out;
    }

    private long letters(Heap h) {
        return g.strokes.texts().stream().filter(t -> h.box.grown(1).holds(middle(t.box()))).mapToLong(t -> t.plain().length()).sum() / 4;
    }

    private Point middle(Box shifted) {
        return g.upright(shifted.centre());
    }
}
