package brightlintel.drawing;

import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/** Outlines of hatches as exact curves, in the hatch's own plane. */
public final class HatchEdges {
    private HatchEdges() { }

    public static List<Curve> of(Entity.Loop l) {
        return l.edges().isEmpty() ? polyline(l.polyline()) : l.edges().stream().map(HatchEdges::curve).toList();
    }

    private static List<Curve> polyline(Doubles p) {
        List<Curve> out = new ArrayList<>();
        int n = p.size() / 3;
        for (int i = 0; i < n; i++) {
            int k = (i + 1) % n;
            Point a = new Point(p.get(3 * i), p.get(3 * i + 1)), b = new Point(p.get(3 * k), p.get(3 * k + 1));
            Piece piece = new Piece(a, b, p.get(3 * i + 2));
            out.add(a.equals(b) ? new Curve.Straight(a, b) : piece.curve());
        }
        return out;
    }

    /** Clockwise arcs are stored with their angles mirrored. */
    private static Curve curve(Entity.Edge e) {
        return switch (e) {
            case Entity.Edge.Straight s -> new Curve.Straight(new Point(s.x0(), s.y0()), new Point(s.x1(), s.y1()));
            case Entity.Edge.ArcEdge a -> {
                double sweep = Angles.sweep(a.start(), a.end());
                yield Curve.EllipticArc.circular(new Point(a.x(), a.y()), a.radius(), a.counterClockwise()
                    ? a.start() : -a.start(), a.counterClockwise() ? sweep : -sweep);
            }
            case Entity.Edge.EllipseEdge a -> {
                Point u = new Point(a.majorX(), a.majorY());
                double sweep = Angles.sweep(a.start(), a.end());
                yield new Curve.EllipticArc(new Point(a.x(), a.y()), u, u.left().times(a.ratio()), a.counterClockwise()
                    ? a.start() : -a.start(), a.counterClockwise() ? sweep : -sweep);
            }
            case Entity.Edge.SplineEdge s -> {
                int n = s.controls().size() / 3;
                List<Point> points = new ArrayList<>();
                double[] weights = new double[n];
                for (int i = 0; i < n; i++) {
                    points.add(new Point(s.controls().get(3 * i), s.controls().get(3 * i + 1)));
                    weights[i] = s.controls().get(3 * i + 2);
                }
                yield new Nurbs(s.degree(), s.knots().toArray(), weights, points);
            }
        };
    }
}
