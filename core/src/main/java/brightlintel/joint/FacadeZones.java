package brightlintel.joint;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;

import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.StraightSkeleton;

/** The ground of a storey parted by which façade is nearest, to a depth, and what is left as its core. */
public final class FacadeZones {
    private static final double CHORD = 0.05, LEAST = 0.01;
    /** Micrometres. */
    private static final PrecisionModel RASTER = new PrecisionModel(1e6);

    /** The way a façade looks, to true north; the core looks nowhere. */
    public enum Faces { NORTH, EAST, SOUTH, WEST, CORE }

    public record Part(Faces faces, Enclosure ground) { }

    private FacadeZones() { }

    /**
     * Together they are the outline, and neighbours share their edges.
     *
     * @param north of true north, radians from +y, counter-clockwise
     * @return nothing where the outline crosses itself
     */
    public static Optional<List<Part>> of(Ring outline, double depth, double north) {
        List<Point> p = outline.counterClockwise().chords(CHORD);
        Optional<List<List<Point>>> faces = StraightSkeleton.faces(p, Collections.nCopies(p.size(), 1.0));
        if (faces.isEmpty()) return Optional.empty();
        Map<Faces, List<Geometry>> strips = new EnumMap<>(Faces.class);
        for (int i = 0; i < p.size(); i++) {
            Point a = p.get(i), b = p.get((i + 1) % p.size()), in = b.minus(a).unit().left();
            List<Point> near = nearer(faces.get().get(i), a, in, depth), far = farther(faces.get().get(i), a, in, depth);
            add(strips, facing(in.times(-1), north), near);
            add(strips, Faces.CORE, far);
        }
        List<Part> out = new ArrayList<>();
        strips.forEach((f, list) -> {
            // on one raster, so that neighbours share their edges and nothing is left between them
            Geometry all = UnaryUnionNG.union(list, RASTER);
            for (int i = 0; i < all.getNumGeometries(); i++)
                if (all.getGeometryN(i) instanceof Polygon x && x.getArea() > LEAST) out.add(new Part(f, Areas.enclosure(x)));
        });
        return Optional.of(out);
    }

    private static void add(Map<Faces, List<Geometry>> to, Faces f, List<Point> ring) {
        if (ring.size() >= 3 && new Ring(ring).area() > 1e-6) to.computeIfAbsent(f, _ ->
            new ArrayList<>()).add(Areas.polygon(new Ring(ring)));
    }

    private static Faces facing(Point out, double north) {
        double w = Angles.signed(out.angle() - Math.PI / 2 - north);
        if (Math.abs(w) <= Math.PI / 4 + 1e-9) return Faces.NORTH;
        if (Math.abs(w) >= 3 * Math.PI / 4 - 1e-9) return Faces.SOUTH;
        return w > 0 ? Faces.WEST : Faces.EAST;
    }

    private static List<Point> nearer(List<Point> face, Point a, Point in, double depth) {
        return cut(face, a, in, depth, 1);
    }

    private static List<Point> farther(List<Point> face, Point a, Point in, double depth) {
        return cut(face, a, in, depth, -1);
    }

    /** What lies on one side of the line at a depth. */
    private static List<Point> cut(List<Point> face, Point a, Point in, double depth, int side) {
        List<Point> out = new ArrayList<>();
        for (int i = 0; i < face.size(); i++) {
            Point p = face.get(i), q = face.get((i + 1) % face.size());
            double dp = side * (depth - in.dot(p.minus(a))), dq = side * (depth - in.dot(q.minus(a)));
            if (dp >= 0) out.add(p);
            if (dp > 0 && dq < 0 || dp < 0 && dq > 0) out.add(p.towards(q, dp / (dp - dq)));
        }
        return out;
    }
}
