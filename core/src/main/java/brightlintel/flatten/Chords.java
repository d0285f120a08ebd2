package brightlintel.flatten;

import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/** Points along a curve so that chords keep within an error; for painting and finding, never for measuring. */
final class Chords {
    private static final int MOST = 720;
    private static final int FEWEST_A_TURN = 24;
    private static final int DEEPEST = 8;

    private Chords() { }

    static List<Point> of(Curve c, double error) {
        return switch (c) {
            case Curve.Straight s -> List.of(s.a(), s.b());
            case Curve.EllipticArc a -> arc(a, count(a, error));
            case Nurbs n -> spline(n, error);
        };
    }

    static int count(Curve.EllipticArc a, double error) {
        return count(Math.max(a.u().length(), a.v().length()), a.sweep(), error);
    }

    static int count(double r, double sweep, double error) {
        double step = r > error ? 2 * Math.acos(1 - error / r) : Math.PI / 4;
        return Math.clamp((int) Math.ceil(Math.abs(sweep) / Math.min(step, Angles.TURN / FEWEST_A_TURN)), 1, MOST);
    }

    private static List<Point> arc(Curve.EllipticArc a, int n) {
        List<Point> out = new ArrayList<>(n + 1);
        for (int i = 0; i <= n; i++) out.add(a.at(i / (double) n));
        return out;
    }

    private static List<Point> spline(Nurbs n, double error) {
        List<Point> out = new ArrayList<>();
        double[] breaks = n.breaks();
        out.add(n.at(0));
        for (int i = 0; i + 1 < breaks.length; i++)
            halve(n, breaks[i], n.at(breaks[i]), breaks[i + 1], n.at(breaks[i + 1]), error, n.degree() == 1 ? DEEPEST : 0, out);
        return out;
    }

    /** The third points are looked at too: the middle of an S lies on its chord. */
    private static void halve(Nurbs n, double t0, Point p0, double t1, Point p1, double error, int depth, List<Point> out) {
        double m = (t0 + t1) / 2;
        if (depth >= DEEPEST || flat(n.at(t0 + (t1 - t0) / 3), p0, p1, error) && flat(n.at(m), p0, p1, error)
            && flat(n.at(t0 + (t1 - t0) * 2 / 3), p0, p1, error)) {
            out.add(p1);
            return;
        }
        Point pm = n.at(m);
        halve(n, t0, p0, m, pm, error, depth + 1, out);
        halve(n, m, pm, t1, p1, error, depth + 1, out);
    }

    private static boolean flat(Point p, Point a, Point b, double error) {
        Point d = b.minus(a);
        double l = d.length();
        return l > 0 ? Math.abs(d.cross(p.minus(a))) <= error * l : p.distance(a) <= error;
    }
}
