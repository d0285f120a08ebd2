package brightlintel.read.pdf;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Style;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Lines painted one by one, each from where the last ended, that come back to their beginning, or go round a circle by even steps: an
 * outline or an arc that a writer took to pieces. Open chains of other lines stay lines: what merely meets need not be one thing.
 */
final class Rejoined implements Gathering.Gatherer {
    private static final int FEWEST = 3, MOST = 400;
    /** Points: ends that are one. */
    private static final double MEET = 2e-3;
    private final Ink ink;

    Rejoined(Ink ink) {
        this.ink = ink;
    }

    @Override public int take(List<Entity> all, int at, List<Entity> out) {
        if (!(all.get(at) instanceof Entity.Line first) || !goesOn(all, at)) return 0;
        Style s = first.style();
        Point start = first.a().flat();
        List<Curve> chain = new ArrayList<>();
        for (int i = at; i < all.size() && chain.size() < MOST; i++) {
            Entity.Line l = (Entity.Line) all.get(i);
            chain.add(new Curve.Straight(l.a().flat(), l.b().flat()));
            boolean closed = chain.size() >= FEWEST && l.b().flat().distance(start) <= MEET;
            if (closed) return put(chain, true, s, out);
            if (!goesOn(all, i)) break;
        }
        int n = Chords.length(chain, 0);
        return n > FEWEST && Chords.arc(chain.subList(0, n)) != null ? put(chain.subList(0, n), false, s, out) : 0;
    }

    /** Whether the next begins where one ends, in the same manner. */
    private static boolean goesOn(List<Entity> all, int i) {
        return i + 1 < all.size() && all.get(i) instanceof Entity.Line a && all.get(i + 1) instanceof Entity.Line b
            && a.style() == b.style()
            && Math.abs(a.b().x() - b.a().x()) <= MEET && Math.abs(a.b().y() - b.a().y()) <= MEET;
    }

    private int put(List<Curve> chain, boolean closed, Style s, List<Entity> out) {
        out.add(ink.chain(Chords.rounded(chain), closed, s));
        return chain.size();
    }
}
