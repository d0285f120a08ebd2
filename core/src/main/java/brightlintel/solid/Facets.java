package brightlintel.solid;

import brightlintel.geom.Point;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.triangulate.polygon.PolygonTriangulator;

/** Gathers triangles and edges. */
final class Facets {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private float[] triangles = new float[360];
    private float[] edges = new float[120];
    private int t, e;

    void triangle(Point a, double za, Point b, double zb, Point c, double zc) {
        if (t + 9 > triangles.length) triangles = Arrays.copyOf(triangles, 2 * triangles.length);
        put(triangles, t, a, za);
        put(triangles, t + 3, b, zb);
        put(triangles, t + 6, c, zc);
        t += 9;
    }

    void edge(Point a, double za, Point b, double zb) {
        if (e + 6 > edges.length) edges = Arrays.copyOf(edges, 2 * edges.length);
        put(edges, e, a, za);
        put(edges, e + 3, b, zb);
        e += 6;
    }

    private static void put(float[] to, int i, Point p, double z) {
        to[i] = (float) p.x();
        to[i + 1] = (float) p.y();
        to[i + 2] = (float) z;
    }

    /** Upright face over a -> b; outside is to the right of a -> b. */
    void upright(Point a, Point b, double z0, double z1) {
        upright(a, b, z0, z1, z1);
    }

    /** The same with a sloping upper edge. */
    void upright(Point a, Point b, double z0, double za, double zb) {
        triangle(a, z0, b, z0, b, zb);
        triangle(a, z0, b, zb, a, za);
    }

    /** Level face; the outline counter-clockwise, holes either way. */
    void level(List<Point> outline, List<List<Point>> holes, double z, boolean up) {
        face(outline, holes, _ -> z, up);
    }

    /** A face seen from above or below, at the height that each of its corners has. */
    void face(List<Point> outline, List<List<Point>> holes, ToDoubleFunction<Point> z, boolean up) {
        Geometry parts;
        try {
            parts = PolygonTriangulator.triangulate(FACTORY.createPolygon(ring(outline), holes.stream().map(Facets::ring)
                .toArray(LinearRing[]::new)));
        } catch (RuntimeException bad) {
            // an outline that crosses itself has no inside to fill; its upright faces and edges still show it
            return;
        }
        for (int i = 0; i < parts.getNumGeometries(); i++) {
            Coordinate[] c = parts.getGeometryN(i).getCoordinates();
            Point p = point(c[0]), q = point(c[1]), r = point(c[2]);
            double zp = z.applyAsDouble(p), zq = z.applyAsDouble(q), zr = z.applyAsDouble(r);
            if (q.minus(p).cross(r.minus(p)) > 0 == up) triangle(p, zp, q, zq, r, zr);
            else triangle(p, zp, r, zr, q, zq);
        }
    }

    private static Point point(Coordinate c) {
        return new Point(c.x, c.y);
    }

    private static LinearRing ring(List<Point> points) {
        Coordinate[] c = new Coordinate[points.size() + 1];
        for (int i = 0; i < c.length; i++) {
            Point p = points.get(i % points.size());
            c[i] = new Coordinate(p.x(), p.y());
        }
        return FACTORY.createLinearRing(c);
    }

    float[] triangles() {
        return Arrays.copyOf(triangles, t);
    }

    float[] edges() {
        return Arrays.copyOf(edges, e);
    }
}
