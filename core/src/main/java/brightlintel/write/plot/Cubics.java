package brightlintel.write.plot;

import brightlintel.geom.Curve;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Curves as what vector formats know: straight pieces and cubic ones. Arcs in pieces of an eighth and less keep within 4e-6 of the radius.
 */
final class Cubics {
    private static final double WIDEST = Math.PI / 4;
    private static final int CHORDS = 48;

    private Cubics() { }

    /** One piece: to the last of its points, by way of the two before it where there are three. */
    static List<Point[]> of(Curve c) {
        return switch (c) {
            case Curve.Straight s -> List.<Point[]>of(new Point[] {s.b()});
            case Curve.EllipticArc a -> arc(a);
            case Nurbs n when n.degree() == 3 && n.isPlain() && n.controls().size() == 4 ->
                List.<Point[]>of(new Point[] {n.controls().get(1), n.controls().get(2), n.controls().get(3)});
            case Nurbs n -> {
                List<Point[]> out = new ArrayList<>();
                for (int i = 1; i <= CHORDS; i++) out.add(new Point[] {n.at(i / (double) CHORDS)});
                yield out;
            }
        };
    }

    private static List<Point[]> arc(Curve.EllipticArc a) {
        int n = Math.max(1, (int) Math.ceil(Math.abs(a.sweep()) / WIDEST - 1e-9));
        double step = a.sweep() / n, k = 4.0 / 3 * Math.tan(step / 4);
        List<Point[]> out = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double w = a.start() + i * step, v = w + step;
            Point p = a.at(i / (double) n), q = a.at((i + 1) / (double) n);
            out.add(new Point[] {p.plus(slope(a, w).times(k)), q.minus(slope(a, v).times(k)), q});
        }
        return out;
    }

    private static Point slope(Curve.EllipticArc a, double w) {
        return a.u().times(-Math.sin(w)).plus(a.v().times(Math.cos(w)));
    }
}
