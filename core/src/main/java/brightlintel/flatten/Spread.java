package brightlintel.flatten;

import brightlintel.drawing.Entity;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.util.Arrays;
import java.util.List;

/**
 * Where the bulk of a drawing lies and how large it is, from a sample of its points. Quantiles, so that a stray far away counts for little.
 *
 * @param size diagonal between the 10 % and 90 % quantiles, file units; at least 1e-6
 */
record Spread(Point middle, double size) {
    private static final int SAMPLE = 20_000;

    static Spread of(List<Entity> entities) {
        int step = Math.max(1, entities.size() / SAMPLE);
        double[] x = new double[entities.size() / step + 1], y = new double[x.length];
        int n = 0;
        for (int i = 0; i < entities.size(); i += step) {
            Vec3 p = anchor(entities.get(i));
            if (p == null || !p.isFinite()) continue;
            x[n] = p.x();
            y[n++] = p.y();
        }
        if (n == 0) return new Spread(Point.ORIGIN, 1e-6);
        Arrays.sort(x, 0, n);
        Arrays.sort(y, 0, n);
        double wide = x[n * 9 / 10] - x[n / 10], high = y[n * 9 / 10] - y[n / 10];
        return new Spread(new Point(Math.rint(x[n / 2]), Math.rint(y[n / 2])), Math.max(1e-6, Math.hypot(wide, high)));
    }

    private static Vec3 anchor(Entity e) {
        return switch (e) {
            case Entity.Line l -> l.a();
            case Entity.Dot d -> d.at();
            case Entity.Circle c -> c.centre();
            case Entity.Arc a -> a.centre();
            case Entity.Ellipse l -> l.centre();
            case Entity.Polyline p -> p.size() == 0 ? null : new Vec3(p.points().get(0), p.points().get(1), p.points().get(2));
            case Entity.Spline s -> s.controls().size() >= 3 ? new Vec3(s.controls().get(0), s.controls().get(1), s.controls().get(2)) : null;
            case Entity.Text t -> t.at();
            case Entity.Insert i -> i.at();
            case Entity.Dimension d -> d.at();
            case Entity.Corners c -> new Vec3(c.points().get(0), c.points().get(1), c.points().get(2));
            case Entity.Leader l -> l.points().size() < 3 ? null : new Vec3(l.points().get(0), l.points().get(1), l.points().get(2));
            case Entity.MultiLeader m -> m.textAt();
            case Entity.Picture p -> p.at();
            case Entity.Hatch _, Entity.Endless _, Entity.Viewport _, Entity.KnownByKindOnly _ -> null;
        };
    }
}
