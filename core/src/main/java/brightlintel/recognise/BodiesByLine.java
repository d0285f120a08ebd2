package brightlintel.recognise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.ToDoubleFunction;

import brightlintel.geom.Point;
import brightlintel.recognise.Bodies.Body;
import brightlintel.recognise.Faces.Direction;

/** Finds bodies of one direction by where their middle lines lie. */
final class BodiesByLine {
    /** Metres: half of the thickest; from a body's faces and ends. Sine of what is another direction. */
    private static final double DEEPEST = 0.35, RIM = 0.02, CROSSING = 0.1;
    private final Map<Direction, List<Body>> of = new IdentityHashMap<>();

    BodiesByLine(List<Body> bodies) {
        for (Body b : bodies) of.computeIfAbsent(b.direction(), _ -> new ArrayList<>()).add(b);
        of.values().forEach(l -> l.sort(Comparator.comparingDouble(Body::middle)));
    }

    /** Those whose middle lies within some metres of another's. */
    void near(Body b, double within, Consumer<Body> each) {
        List<Body> all = of.getOrDefault(b.direction(), List.of());
        int from = first(all, b.middle() - within, Body::middle);
        for (int i = from; i < all.size() && all.get(i).middle() <= b.middle() + within; i++) each.accept(all.get(i));
    }

    /** Whether a place lies between the faces of a body of another direction, and no farther from its ends than it may be cut there. */
    boolean crosses(Point p, Direction not, double cut) {
        for (Map.Entry<Direction, List<Body>> d : of.entrySet()) {
            if (d.getKey() == not || Math.abs(d.getKey().along().cross(not.along())) < CROSSING) continue;
            double at = d.getKey().along().dot(p), off = d.getKey().along().left().dot(p);
            List<Body> all = d.getValue();
            for (int i = first(all, off - DEEPEST, Body::middle); i < all.size() && all.get(i).middle() <= off + DEEPEST; i++) {
                Body b = all.get(i);
                if (b.from() < at + cut && b.to() > at - cut && b.right() < off - RIM && b.left() > off + RIM) return true;
            }
        }
        return false;
    }

    /** The first of what is sorted by a figure from which on it is as large. */
    static <T> int first(List<T> sorted, double least, ToDoubleFunction<T> figure) {
        int lo = 0, hi = sorted.size();
        while (lo < hi) {
            int m = (lo + hi) >>> 1;
            if (figure.applyAsDouble(sorted.get(m)) < least) lo = m + 1;
            else hi = m;
        }
        return lo;
    }

    /** Those that may be one wall with it. */
    List<Body> inLine(Body b) {
        List<Body> out = new ArrayList<>();
        near(b, b.inLine(), o -> {
            if (Bodies.isInLine(b, o)) out.add(o);
        });
        return out;
    }
}
