package brightlintel.recognise;

import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.index.hprtree.HPRtree;

import brightlintel.drawing.Strokes;
import brightlintel.geom.Box;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.DrawnMarks;
import brightlintel.trace.DrawnOutlines;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;

/**
 * Closed lines as large as a piece of furniture: a bed, a desk, a basin; and frames round words. What lies within one is no wall, since no
 * wall lies within so small a line but that of a core that stands free.
 */
final class Pieces {
    /** Metres: deeper than the thickest wall, no larger than a large bed. */
    private static final double DEEPER = 0.67, WIDE = 1.85, LONG = 2.4;
    /** Metres: no cupboard is so shallow, unless it is short; of its depth; no counter is so shallow. */
    private static final double SHALLOW = 0.28, SLENDER = 4, COUNTER = 0.45;
    /** Of its box, and of what a band round it holds: how much a piece covers. */
    private static final double FULL = 0.75, CONVEX = 0.96;
    /** Of the height of its letters: how high and how long a frame is that holds words; of their width. */
    private static final double HIGH = 4, STRETCHED = 10, WIDER = 1.5;
    private final HPRtree index = new HPRtree();
    private final IntPredicate told;
    private final Map<Integer, Ring> narrow = new HashMap<>();
    private final Map<Integer, Ring> sides = new HashMap<>();
    private final Set<Ring> slender = Collections.newSetFromMap(new IdentityHashMap<>());

    /** @param told what is a wall by its layer, whatever it looks like */
    Pieces(PlacedDrawing d, IntPredicate wanted, IntPredicate told) {
        this.told = told;
        counters(d, wanted);
        for (DrawnMarks.Mark m : DrawnMarks.all(d, wanted)) {
            Box own = m.section().outline().box();
            double less = Math.min(own.width(), own.height()), more = Math.max(own.width(), own.height());
            Ring r = m.ground();
            if (less < DEEPER) for (int i : m.strokes()) narrow.put(i, r);
            // a partition may have an outline of its own
            if (isSlender(r)) slender.add(r);
            // a corner of two walls is as large, and partly empty
            if (r.area() < FULL * less * more || r.area() < CONVEX * hull(r)) continue;
            boolean piece = less >= DEEPER && less <= WIDE && more <= LONG;
            if (!piece && !frames(d, r, less, more)) continue;
            Box b = r.box();
            if (piece) for (int i : m.strokes()) sides.put(i, r);
            index.insert(new Envelope(b.minX(), b.maxX(), b.minY(), b.maxY()), r);
        }
    }

    /** Counters and rows of cupboards: longer than a mark, and as deep as hardly any wall is thick. */
    private void counters(PlacedDrawing d, IntPredicate wanted) {
        for (DrawnOutlines.Outline o : DrawnOutlines.of(d, wanted)) {
            Ring r = o.ring();
            double deep = r.area() / (r.perimeter() / 2);
            if (r.isStraight() && r.corners().size() == 4 && deep > COUNTER && deep < DEEPER) for (int i
                : o.strokes()) narrow.putIfAbsent(i,
                r);
        }
    }

    /** As the rectangle is that has its area and goes as far round: walls about a corner are one, unrolled. */
    private static boolean isSlender(Ring r) {
        double half = r.perimeter() / 2, more = (half + Math.sqrt(Math.max(0, half * half - 4 * r.area()))) / 2, less = r.area() / more;
        return less < SHALLOW && more > SLENDER * less;
    }

    private static double hull(Ring r) {
        Coordinate[] corners = r.corners().stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
        return new ConvexHull(corners, new GeometryFactory()).getConvexHull().getArea();
    }

    private static boolean frames(PlacedDrawing d, Ring r, double less, double more) {
        for (Strokes.TextMark t : d.strokes().texts()) {
            double high = t.map().then(d.toBuilding()).meanScale();
            if (less > HIGH * high || !r.holds(d.toBuilding().apply(t.box().centre()))) continue;
            Box b = t.box().mapped(d.toBuilding());
            if (more <= Math.max(STRETCHED * high, WIDER * Math.max(b.width(), b.height()))) return true;
        }
        return false;
    }

    /** Whether a face is a side of something narrower than any room, and a place lies beyond it: a wall would lie within. */
    boolean turnsAway(List<Integer> face, Point from) {
        return face.stream().allMatch(i -> narrow.containsKey(i) && !narrow.get(i).holds(from));
    }

    /** Whether a face is a side of a bed or a desk that a place lies beyond: a wall there has another face that is sure. */
    boolean isSide(List<Integer> face, Point from) {
        return face.stream().allMatch(i -> sides.containsKey(i) && !sides.get(i).holds(from));
    }

    /** Whether a place lies in something narrow that a face is a side of, and that is deep or short as no partition is. */
    boolean isWithin(List<Integer> face, Point at) {
        Ring r = narrow.get(face.getFirst());
        return r != null && !slender.contains(r) && r.holds(at) && face.stream().allMatch(i -> narrow.get(i) == r);
    }

    boolean isTold(List<Integer> strokes) {
        return strokes.stream().allMatch(told::test);
    }

    boolean holds(Point p) {
        boolean[] in = {false};
        index.query(new Envelope(p.x(), p.x(), p.y(), p.y()), r -> in[0] |= ((Ring) r).holds(p));
        return in[0];
    }
}
