package brightlintel.recognise;

import brightlintel.building.Role;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.joint.Enclosure;
import brightlintel.place.PlacedDrawing;
import brightlintel.trace.DrawnOutlines;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.algorithm.MinimumDiameter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * Where a floor is open to the one below: closed lines that are drawn as its edge, flights of stairs, each the ground that its steps cover
 * within one room, and shafts, which nothing leads into. Square metres and metres.
 */
final class FloorHoles {
    /** Steps that make a flight; ground of a flight; of its smallest rectangle, from where on it is one. */
    private static final int STEPS = 5;
    private static final double LEAST = 1, MOST = 40, RECTANGLE = 0.9;

    private FloorHoles() { }

    /** @param enclosed what walls enclose; shafts: of these, those that are none of the rooms */
    static List<Ring> of(PlacedDrawing d, IntFunction<Role> role, List<Enclosure> enclosed, List<Enclosure> shafts) {
        List<Ring> out = new ArrayList<>();
        for (Enclosure e : shafts) out.add(e.outline());
        for (DrawnOutlines.Outline o : DrawnOutlines.of(d, i -> role.apply(i) == Role.SLAB_EDGE)) add(out, o.ring(), enclosed);
        Map<Enclosure, List<Point>> flights = new HashMap<>();
        Map<Enclosure, Integer> steps = new HashMap<>();
        for (int i = 0; i < d.strokes().size(); i++) {
            if (role.apply(i) != Role.STAIR || !d.cleared().strokeShown(i)) continue;
            Curve c = d.curve(i);
            Optional<Enclosure> in = enclosed.stream().filter(e -> e.holds(c.at(0.5))).findFirst();
            if (in.isEmpty() || !in.get().outline().box().grown(0.05).holds(c.first())
                || !in.get().outline().box().grown(0.05).holds(c.last())) continue;
            steps.merge(in.get(), 1, Integer::sum);
            for (double t : new double[] {0, 0.25, 0.5, 0.75, 1}) flights.computeIfAbsent(in.get(), _ -> new ArrayList<>()).add(c.at(t));
        }
        flights.forEach((e, points) -> {
            if (steps.get(e) >= STEPS) about(points).filter(r -> r.area() >= LEAST && r.area() <= MOST).ifPresent(r -> add(out, r,
                enclosed));
        });
        return out;
    }

    /** Each place once, and none as large as half of all. */
    private static void add(List<Ring> to, Ring r, List<Enclosure> enclosed) {
        double all = enclosed.stream().mapToDouble(Enclosure::area).sum();
        Box b = r.box();
        if (r.area() < all / 2 && to.stream().noneMatch(o -> o.box().meets(b) && o.holds(b.centre()))) to.add(r.counterClockwise());
    }

    /** The smallest rectangle about places, or what they span where that is far from one. */
    private static Optional<Ring> about(List<Point> points) {
        Coordinate[] all = points.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
        Geometry hull = new ConvexHull(all, new GeometryFactory()).getConvexHull();
        Geometry box = new MinimumDiameter(hull).getMinimumRectangle();
        Geometry best = hull.getArea() > RECTANGLE * box.getArea() ? box : hull;
        if (!(best.getArea() > 0)) return Optional.empty();
        List<Point> out = new ArrayList<>();
        Coordinate[] c = best.getCoordinates();
        for (int i = 0; i + 1 < c.length; i++) out.add(new Point(c[i].x, c[i].y));
        return Optional.of(new Ring(out));
    }
}
