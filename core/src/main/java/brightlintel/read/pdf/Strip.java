package brightlintel.read.pdf;

import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/** A band of one width along a line or an arc. */
record Strip(Curve middle, double width) {
    private static final double SQUARE = 0.02, EVEN = 0.05, ROUND = 0.12;
    private static final int MOST = 12;

    /** null where it is none, or wider or shorter than asked for. @param longer times its width that it is at least */
    static Strip of(Run r, double widest, double longer) {
        if (r.curves().size() > MOST || r.curves().size() < 3) return null;
        Strip s = r.isStraight() ? straight(r) : round(r);
        return s != null && s.width <= widest && s.middle.length() >= longer * s.width && s.middle.length() > 0 ? s : null;
    }

    private static List<Point> corners(Run r) {
        List<Point> p = new ArrayList<>();
        for (Curve c : r.curves()) p.add(c.first());
        if (!r.closed()) p.add(r.curves().getLast().last());
        if (p.size() > 1 && p.getFirst().distance(p.getLast()) < 1e-6) p.removeLast();
        return p;
    }

    private static Strip straight(Run r) {
        List<Point> p = corners(r);
        if (p.size() != 4) return null;
        Point u = p.get(1).minus(p.get(0)), v = p.get(2).minus(p.get(1));
        boolean square = Math.abs(u.dot(v)) < SQUARE * u.length() * v.length()
            && p.get(0).plus(p.get(2)).distance(p.get(1).plus(p.get(3))) < EVEN;
        if (!square) return null;
        boolean along = u.length() >= v.length();
        Point a = along ? p.get(0).towards(p.get(3), 0.5) : p.get(0).towards(p.get(1), 0.5),
            z = along ? p.get(1).towards(p.get(2), 0.5) : p.get(3).towards(p.get(2), 0.5);
        return new Strip(new Curve.Straight(a, z), Math.min(u.length(), v.length()));
    }

    /** All its corners lie on one of two circles about the centre of its longest side. */
    private static Strip round(Run r) {
        Curve.EllipticArc side = null;
        for (Curve c : r.curves())
            if (c instanceof Curve.EllipticArc a && !a.isWhole() && (side == null || a.length() > side.length())) side = a;
        if (side == null) return null;
        Point c = side.centre();
        double one = side.u().length(), other = one, from = 0, to = 0, start = side.at(0.5).minus(c).angle();
        List<Point> p = corners(r);
        for (Point q : p) if (Math.abs(q.distance(c) - one) > Math.abs(other - one)) other = q.distance(c);
        double width = Math.abs(one - other);
        for (Point q : p) {
            double d = q.distance(c), angle = Angles.signed(q.minus(c).angle() - start);
            if (Math.min(Math.abs(d - one), Math.abs(d - other)) > ROUND) return null;
            from = Math.min(from, angle);
            to = Math.max(to, angle);
        }
        return width > 0 ? new Strip(Curve.EllipticArc.circular(c, (one + other) / 2, start + from, to - from), width) : null;
    }
}
