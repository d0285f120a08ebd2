package brightlintel.joint;

import brightlintel.building.Contents;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Where a room that does not close is open: the smallest gaps between ends of walls and what they face that would close it. */
public final class Leaks {
    /** Metres: wider is no gap but an open side; from the place that is asked about, and no more ends than these are looked at. */
    private static final double WIDEST = 4, FAR = 60;
    private static final int MOST = 24;

    private Leaks() { }

    /** @param from an end of a wall that meets nothing, to: the nearest of another */
    public record Gap(Point from, Point to) {
        public double width() {
            return from.distance(to);
        }
    }

    /** The gaps that let a place out, the narrowest that do; none where it is closed, or where no gap would close it. */
    public static List<Gap> of(Point p, Contents c, Enclosures enclosed, Tolerances tol) {
        if (!enclosed.isOpen(p)) return List.of();
        List<Gap> all = candidates(p, c, tol), taken = new ArrayList<>();
        boolean closed = false;
        for (Gap g : all) {
            taken.add(g);
            closed = enclosed.closes(p, taken);
            if (closed) break;
        }
        if (!closed) return List.of();
        // those that do not matter go again, the widest first
        for (Gap g : List.copyOf(taken).reversed()) {
            List<Gap> less = new ArrayList<>(taken);
            less.remove(g);
            if (!less.isEmpty() && enclosed.closes(p, less)) taken.remove(g);
        }
        return taken;
    }

    private static List<Gap> candidates(Point p, Contents c, Tolerances tol) {
        Footprints f = Footprints.of(c, tol);
        List<Gap> out = new ArrayList<>();
        for (Point end : f.freeEnds()) {
            if (end.distance(p) > FAR) continue;
            Gap best = null;
            for (var w : c.walls()) {
                if (w.reference().a().distance(end) < 1e-6 || w.reference().b().distance(end) < 1e-6) continue;
                for (Ring r : f.of(w.id())) {
                    Gap g = new Gap(end, nearest(r, end));
                    if (best == null || g.width() < best.width()) best = g;
                }
            }
            if (best != null && best.width() < WIDEST && best.width() > 1e-6) out.add(best);
        }
        out.sort(Comparator.comparingDouble(Gap::width));
        return out.subList(0, Math.min(MOST, out.size()));
    }

    private static Point nearest(Ring r, Point p) {
        Point best = r.corners().getFirst();
        for (var piece : r.pieces()) {
            if (!(piece.a().distance(piece.b()) > 0)) continue;
            double along = Math.clamp(piece.unroll(p).x(), 0, piece.length());
            Point q = piece.at(along);
            if (q.distance(p) < best.distance(p)) best = q;
        }
        return best;
    }
}
