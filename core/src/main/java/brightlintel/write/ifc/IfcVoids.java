package brightlintel.write.ifc;

import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Areas;
import brightlintel.joint.Enclosure;
import brightlintel.solid.Solids;
import java.util.ArrayList;
import java.util.List;

/**
 * What an opening takes out of its wall, as readers subtract it without a rest: beyond both faces, beyond the wall's end where it comes as
 * far, and of a round wall with straight sides that miss its body.
 */
final class IfcVoids {
    /** Metres beyond the faces and the end; a jamb that is thinner is none; from a jamb to the next corner of a facet. */
    private static final double BEYOND = 0.05, THIN = 2e-3, CLEAR = 0.01;
    /** Radians: over more of a circle straight sides would run too far out. */
    private static final double WIDE = 1.2;

    private final Wall w;
    private final Tolerances tol;
    /** Where the body of a straight wall begins and ends, along it. */
    private final double from, to;

    /** @param body of the wall, in the storey */
    IfcVoids(Wall w, List<Ring> body, Tolerances tol) {
        this.w = w;
        this.tol = tol;
        double first = Double.MAX_VALUE, last = -Double.MAX_VALUE;
        if (w.reference().isStraight() && !body.isEmpty()) for (Enclosure e : Areas.plates(body, List.of())) for (Point c
            : e.outline().corners()) {
            double x = w.reference().unroll(c).x();
            first = Math.min(first, x);
            last = Math.max(last, x);
        }
        from = first;
        to = last;
    }

    /**
     * The body of a round wall with no corner of its facets close to the plane of a jamb, where a
     * cut would leave slivers: such a corner goes along its face until it is off.
     *
     * @param jambs of the wall's openings, along it
     */
    List<Ring> offJambs(List<Ring> body, double[] jambs) {
        Piece r = w.reference();
        if (r.isStraight() || jambs.length == 0) return body;
        return body.stream().map(ring -> new Ring(ring.corners().stream().map(c -> offJamb(r, c, jambs)).toList())).toList();
    }

    private Point offJamb(Piece r, Point corner, double[] jambs) {
        Point p = r.unroll(corner);
        if (Math.min(Math.abs(p.y() - w.left()), Math.abs(p.y() + w.right())) > THIN || p.x() < CLEAR
            || p.x() > r.length() - CLEAR) return corner;
        for (double j : jambs) if (Math.abs(p.x() - j) < CLEAR) return r.at(p.x() < j ? j - CLEAR : j + CLEAR, p.y());
        return corner;
    }

    /** In the storey. */
    Ring of(Opening o) {
        Piece r = w.reference();
        double right = -w.right() - BEYOND, left = w.left() + BEYOND;
        if (r.isStraight()) {
            double start = o.start() < from + THIN ? Math.min(o.start(), from) - BEYOND : o.start();
            double end = o.end() > to - THIN ? Math.max(o.end(), to) + BEYOND : o.end();
            return new Ring(List.of(r.at(start, right), r.at(end, right), r.at(end, left), r.at(start, left))).counterClockwise();
        }
        double half = Math.abs(o.end() - o.start()) / r.radius() / 2;
        if (half > WIDE / 2) return Solids.openingGround(o, w, right, left, tol);
        List<Point> out = new ArrayList<>();
        for (double[] c : new double[][] {{o.start(), right}, {o.end(), right}, {o.end(), left}, {o.start(), left}}) {
            Point p = r.at(c[0], c[1]), off = p.minus(r.centre());
            // the outer side is the chord that touches the circle beyond the outer face
            boolean outer = off.length() > r.radius();
            out.add(outer ? r.centre().plus(off.times(1 / Math.cos(half))) : p);
        }
        return new Ring(out).counterClockwise();
    }
}
