package brightlintel.joint;

import brightlintel.geom.Point;

/**
 * A wall as it leaves a node.
 *
 * @param end  null for a wall that runs through and is not to be cut
 */
record Spoke(Point from, Point away, Track leftFace, Track rightFace, double left, double right, Part.End end) {
    static Spoke of(Part.End e) {
        return new Spoke(e.point(), e.away(), e.leftFace(), e.rightFace(), e.left(), e.right(), e);
    }

    /** Both ways of a wall that runs through a place. */
    static Spoke[] through(Part p, double along) {
        Point at = p.piece.at(along), d = p.piece.direction(along);
        Track left = Track.of(p.piece, p.left()), right = Track.of(p.piece, -p.right());
        return new Spoke[] {new Spoke(at, d, left, right, p.left(), p.right(), null),
            new Spoke(at, d.times(-1), right, left, p.right(), p.left(), null)};
    }

    double angle() {
        return away.angle();
    }

    boolean runsThrough() {
        return end == null;
    }
}
