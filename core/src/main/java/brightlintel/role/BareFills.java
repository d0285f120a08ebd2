package brightlintel.role;

import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Entity;
import brightlintel.drawing.FillMark;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

/** Areas that are filled and that nobody drew a line round: their edges are the only ones there are. */
final class BareFills {
    /** Metres: a line as near lies on an edge; of an edge at least. Of all edges: bare ones; radians. */
    private static final double ON = 0.012, LEAST = 0.02, BARE = 0.5, ALONG = Math.toRadians(3);
    private static final int MOST_EDGES = 2000, SAMPLES = 3;
    private final Drawn d;
    private final Strokes s;
    private final double metres;

    BareFills(Drawn d, double metres) {
        this.d = d;
        this.s = d.strokes();
        this.metres = metres;
    }

    List<Undrawn.Edge> edges() {
        List<Undrawn.Edge> out = new ArrayList<>();
        int first = s.texts().size();
        for (int i = 0; i < s.fills().size(); i++) {
            FillMark f = s.fills().get(i);
            // pages have theirs already
            if (!(f.entity() instanceof Entity.Hatch h) || h.edged() || !d.markShown().test(first + i)) continue;
            List<Curve> all = f.outlines().stream().flatMap(List::stream).toList();
            if (all.size() > MOST_EDGES || !isBare(all)) continue;
            for (int k = 0; k < all.size(); k++) if (all.get(k).length() * metres > LEAST) out.add(new Undrawn.Edge.Fill(first + i, k,
                all.get(k)));
        }
        return out;
    }

    private boolean isBare(List<Curve> edges) {
        double all = SAMPLES * edges.stream().mapToDouble(Curve::length).sum(), drawn = 0;
        for (Curve c : edges) for (int k = 0; k < SAMPLES; k++) {
            double share = (k + 0.5) / SAMPLES;
            if (isDrawn(c.at(share), c.derivative(share).angle())) drawn += c.length();
            if (drawn > (1 - BARE) * all) return false;
        }
        return true;
    }

    private boolean isDrawn(Point at, double angle) {
        return isDrawn(s, at, angle, metres, d.strokeShown());
    }

    /** Whether one of some strokes lies along an edge at a place of it. */
    static boolean isDrawn(Strokes s, Point at, double angle, double metres, IntPredicate some) {
        boolean[] found = {false};
        s.chordsIn(Box.around(at, ON / metres), c -> {
            if (found[0] || !some.test(s.strokeOf(c))) return;
            double[] xy = s.xy();
            Point a = new Point(xy[4 * c], xy[4 * c + 1]), b = new Point(xy[4 * c + 2], xy[4 * c + 3]);
            found[0] = Angles.betweenLines(b.minus(a).angle(), angle) < ALONG;
        });
        return found[0];
    }
}
