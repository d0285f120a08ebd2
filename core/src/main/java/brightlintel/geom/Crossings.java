package brightlintel.geom;

import java.util.ArrayList;
import java.util.List;

/**
 * All places where two curves cross: in closed form for lines with lines and with arcs of ellipses, and for circles; else from their
 * chords, made sharp by Newton's steps. Curves that run along each other cross nowhere. What only touches may come once, twice or not at
 * all.
 */
public final class Crossings {
    private static final int CHORDS = 256;
    private static final double SLACK = 1e-12;

    private Crossings() { }

    /** @return t on a and s on b, both within 0..1, by rising t */
    public static List<CurveMath.Crossing> of(Curve a, Curve b) {
        List<CurveMath.Crossing> out = new ArrayList<>();
        if (a instanceof Curve.Straight x && b instanceof Curve.Straight y) lines(x, y, out);
        else if (a instanceof Curve.Straight x && b instanceof Curve.EllipticArc y) lineAndArc(x, y, false, out);
        else if (a instanceof Curve.EllipticArc x && b instanceof Curve.Straight y) lineAndArc(y, x, true, out);
        else if (a instanceof Curve.EllipticArc x && b instanceof Curve.EllipticArc y && x.isCircular() && y.isCircular())
            circles(x, y, out);
        else chords(a, b, out);
        out.sort((p, q) -> Double.compare(p.t(), q.t()));
        return out;
    }

    /**
     * As {@link #of}, but of a free curve only the one crossing that steps from the guess lead to: for use at every move of the pointer.
     */
    public static List<CurveMath.Crossing> near(Curve a, Curve b, Point guess) {
        if (isClosed(a, b)) return of(a, b);
        return near(a, CurveMath.nearest(a, guess), b, CurveMath.nearest(b, guess));
    }

    /** Of a free curve, the one crossing that steps from two parameters lead to. */
    public static List<CurveMath.Crossing> near(Curve a, double t, Curve b, double s) {
        CurveMath.Crossing x = CurveMath.crossing(a, t, b, s);
        return x == null ? List.of() : List.of(x);
    }

    /** Whether their crossings are found without steps. */
    public static boolean isClosed(Curve a, Curve b) {
        if (a instanceof Curve.Straight) return b instanceof Curve.Straight || b instanceof Curve.EllipticArc;
        if (b instanceof Curve.Straight) return a instanceof Curve.EllipticArc;
        return a instanceof Curve.EllipticArc x && b instanceof Curve.EllipticArc y && x.isCircular() && y.isCircular();
    }

    private static void add(double t, double s, Point at, List<CurveMath.Crossing> out) {
        if (t >= -SLACK && t <= 1 + SLACK && s >= -SLACK && s <= 1 + SLACK)
            out.add(new CurveMath.Crossing(Math.clamp(t, 0, 1), Math.clamp(s, 0, 1), at));
    }

    private static void lines(Curve.Straight a, Curve.Straight b, List<CurveMath.Crossing> out) {
        Point da = a.b().minus(a.a()), db = b.b().minus(b.a()), gap = b.a().minus(a.a());
        double det = da.cross(db);
        if (!(Math.abs(det) > SLACK * da.length() * db.length())) return;
        double t = gap.cross(db) / det;
        add(t, gap.cross(da) / det, a.at(t), out);
    }

    /** In the arc's own frame, where u and v are the axes, the ellipse is the circle of radius one. */
    private static void lineAndArc(Curve.Straight line, Curve.EllipticArc arc, boolean arcFirst, List<CurveMath.Crossing> out) {
        Affine frame = arc.frame();
        if (!(Math.abs(frame.determinant()) > 0)) return;
        Affine back = frame.inverse();
        Point p = back.apply(line.a()), d = back.apply(line.b()).minus(p);
        double a = d.dot(d), half = p.dot(d), c = p.dot(p) - 1, root = half * half - a * c;
        if (!(root >= 0) || !(a > 0)) return;
        for (double sign : new double[] {-1, 1}) {
            double t = (-half + sign * Math.sqrt(root)) / a, s = arc.parameter(p.plus(d.times(t)).angle());
            Point at = line.at(t);
            if (arcFirst) add(s, t, at, out);
            else add(t, s, at, out);
        }
    }

    private static void circles(Curve.EllipticArc a, Curve.EllipticArc b, List<CurveMath.Crossing> out) {
        double r = a.u().length(), q = b.u().length();
        Point d = b.centre().minus(a.centre());
        double far = d.length();
        if (!(far > 0) || far > r + q || far < Math.abs(r - q)) return;
        double along = (far * far + r * r - q * q) / (2 * far), up = Math.sqrt(Math.max(0, r * r - along * along));
        Point e = d.times(1 / far);
        for (double sign : new double[] {-1, 1}) {
            Point at = a.centre().plus(e.times(along)).plus(e.left().times(sign * up));
            add(inFrame(a, at), inFrame(b, at), at, out);
        }
    }

    private static double inFrame(Curve.EllipticArc arc, Point at) {
        Point d = at.minus(arc.centre());
        return arc.parameter(Math.atan2(d.dot(arc.v()) / arc.v().dot(arc.v()), d.dot(arc.u()) / arc.u().dot(arc.u())));
    }

    private static void chords(Curve a, Curve b, List<CurveMath.Crossing> out) {
        int n = a instanceof Curve.Straight ? 1 : CHORDS, m = b instanceof Curve.Straight ? 1 : CHORDS;
        Point[] q = new Point[m + 1];
        for (int k = 0; k <= m; k++) q[k] = b.at(k / (double) m);
        Point last = a.at(0);
        for (int i = 0; i < n; i++) {
            Point next = a.at((i + 1.0) / n);
            Box box = Box.of(last, next);
            for (int k = 0; k < m; k++) {
                if (!box.meets(Box.of(q[k], q[k + 1]))) continue;
                List<CurveMath.Crossing> found = new ArrayList<>();
                lines(new Curve.Straight(last, next), new Curve.Straight(q[k], q[k + 1]), found);
                for (CurveMath.Crossing x : found) sharp(a, (i + x.t()) / n, b, (k + x.s()) / m, x.at(), out);
            }
            last = next;
        }
    }

    private static void sharp(Curve a, double t, Curve b, double s, Point about, List<CurveMath.Crossing> out) {
        CurveMath.Crossing x = CurveMath.crossing(a, t, b, s);
        boolean near = x != null && Math.abs(x.t() - t) < 2.0 / CHORDS;
        CurveMath.Crossing found = near ? new CurveMath.Crossing(Math.clamp(x.t(), 0, 1), Math.clamp(x.s(), 0, 1), x.at())
            : new CurveMath.Crossing(t, s, about);
        if (out.stream().noneMatch(o -> Math.abs(o.t() - found.t()) < 1e-9)) out.add(found);
    }
}
