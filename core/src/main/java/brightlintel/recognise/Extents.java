package brightlintel.recognise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;

/**
 * How far walls reach, as somebody corrected it: an end that met nothing was drawn out along its wall until it met another. Walls of the
 * same thickness that end as far from another, or nearer, reach it as well. How long a wall is says nothing else of others.
 */
final class Extents {
    /** Metres: thicknesses that are alike; of what was drawn out at least, and farther than it; off the line. */
    private static final double ALIKE = 0.01, LEAST = 0.05, MORE = 0.05, OFF = 0.02;
    private final List<Wall> all = new ArrayList<>();
    private final List<Drawn> drawn = new ArrayList<>();

    /** @param by how far an end was drawn out */
    private record Drawn(double thickness, double by) { }

    Extents(List<Wall> proposed, List<Wall> there) {
        all.addAll(there);
        for (Wall w : proposed) if (there.stream().noneMatch(o -> o.id().equals(w.id()))) all.add(w);
    }

    boolean isEmpty() {
        return drawn.isEmpty();
    }

    void learn(Wall proposed, Wall is) {
        Piece p = proposed.reference(), q = is.reference();
        if (!p.isStraight() || !q.isStraight() || Math.abs(p.unroll(q.a()).y()) > OFF || Math.abs(p.unroll(q.b()).y()) > OFF) return;
        for (boolean atEnd : new boolean[] {true, false}) {
            Point was = atEnd ? p.b() : p.a();
            // it may have been turned round
            Point now = was.distance(q.a()) < was.distance(q.b()) ? q.a() : q.b();
            double by = atEnd ? p.unroll(now).x() - p.length() : -p.unroll(now).x();
            if (by > LEAST && Ends.isBare(proposed, was, all) && !Ends.isBare(is, now, all))
                drawn.add(new Drawn(is.thickness().value(), by));
        }
    }

    /** Whether a wall ends where it was proposed to. */
    static boolean isAsProposed(Wall proposed, Wall is) {
        Piece p = proposed.reference(), q = is.reference();
        return p.a().distance(q.a()) < LEAST && p.b().distance(q.b()) < LEAST || p.a().distance(q.b()) < LEAST && p.b().distance(q.a())
            < LEAST;
    }

    /** Empty where nothing follows for a wall. */
    Optional<Wall> reached(Wall w) {
        double by = drawn.stream().filter(d -> Math.abs(d.thickness - w.thickness().value()) < ALIKE).mapToDouble(Drawn::by).max()
            .orElse(0);
        if (by == 0 || !w.reference().isStraight()) return Optional.empty();
        Wall now = w;
        for (boolean atEnd : new boolean[] {true, false}) {
            Point end = atEnd ? now.reference().b() : now.reference().a();
            if (!Ends.isBare(now, end, all)) continue;
            Optional<Point> to = Reaching.ahead(now, atEnd, all, by + MORE).map(Reaching.Met::at).filter(p -> p.distance(end) < by + MORE);
            if (to.isPresent()) now = now.with(atEnd ? Piece.straight(now.reference().a(), to.get()) : Piece.straight(to.get(),
                now.reference().b()));
        }
        return now == w ? Optional.empty() : Optional.of(now);
    }

    /** An opening at its place in a wall that begins elsewhere now; empty where it stands as it is. */
    static Optional<Opening> moved(Opening o, Wall before, Wall after) {
        double by = after.reference().unroll(before.reference().a()).x();
        return Math.abs(by) < 1e-9 ? Optional.empty() : Optional.of(o.withAlong(o.along() + by));
    }
}
