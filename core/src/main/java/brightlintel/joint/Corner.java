package brightlintel.joint;

import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import java.util.List;

/**
 * What happens in the gap between two neighbouring spokes, counter-clockwise from a to b.
 *
 * @param shared the point where both meet
 * @param tailA  from the shared point on to the left face of a; empty where the shared point lies on it
 * @param tailB  from the shared point on to the right face of b
 */
record Corner(Point shared, List<Point> tailA, List<Point> tailB) {
    /** Up to this far from straight on, two unequal walls meet at a square cut rather than in a far corner. */
    private static final double NEARLY_STRAIGHT = Math.toRadians(25);
    /** In thicknesses: equal walls meet at little over half of one. */
    private static final double NEAR = 0.75;

    static Corner between(Spoke a, Spoke b, Point node, Tolerances tol) {
        double gap = Angles.positive(b.angle() - a.angle());
        double thickest = Math.max(a.left() + a.right(), b.left() + b.right()), limit = tol.mitreLimit() * thickest;
        boolean straight = Math.abs(gap - Math.PI) < NEARLY_STRAIGHT;
        Point meet = Math.abs(gap - Math.PI) < tol.parallelAngle() ? null : a.leftFace().meets(b.rightFace(), node);
        if (straight && (meet == null || meet.distance(node) > NEAR * thickest)) return butt(a, b, node);
        if (meet == null) return null;
        if (gap > Math.PI && meet.distance(node) > limit) return bevel(a, b, node, meet, limit);
        return new Corner(meet, List.of(), List.of());
    }

    /** One cut through the node, square to the middle direction. */
    private static Corner butt(Spoke a, Spoke b, Point node) {
        Point along = a.away().minus(b.away()).unit();
        Track cut = Track.line(node, along.left());
        Point onA = a.leftFace().meets(cut, node.plus(along.left().times(a.left()))),
            onB = b.rightFace().meets(cut, node.plus(along.left().times(b.right())));
        if (onA == null || onB == null) return null;
        if (onA.distance(onB) < 1e-9) return new Corner(onA, List.of(), List.of());
        return onA.distance(node) < onB.distance(node) ? new Corner(onA, List.of(), List.of(onB))
            : new Corner(onB, List.of(onA), List.of());
    }

    /** A sharp outer corner is cut off square to the line from the node to its point. */
    private static Corner bevel(Spoke a, Spoke b, Point node, Point meet, double limit) {
        Point way = meet.minus(node).unit(), at = node.plus(way.times(limit));
        Track cut = Track.line(at, way.left());
        Point onA = a.leftFace().meets(cut, at), onB = b.rightFace().meets(cut, at);
        if (onA == null || onB == null) return null;
        return new Corner(onA.towards(onB, 0.5), List.of(onA), List.of(onB));
    }
}
