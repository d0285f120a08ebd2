package brightlintel.flatten;

import brightlintel.drawing.Block;
import brightlintel.drawing.Doubles;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Names;
import brightlintel.drawing.RawDrawing;
import brightlintel.geom.Affine3;
import brightlintel.geom.Point;
import brightlintel.geom.Vec3;
import java.util.Arrays;
import java.util.List;

/**
 * Where the bulk of a drawing lies and how large it is, from a sample of its points. Quantiles, so that a stray far away counts for little.
 * Blocks are looked into: many a plan is one block, put once.
 *
 * @param size diagonal between the 10 % and 90 % quantiles, file units; at least 1e-6
 */
record Spread(Point middle, double size) {
    private static final int SAMPLE = 20_000, DEEPEST = 4;

    static Spread of(List<Entity> entities, RawDrawing drawing) {
        Points p = new Points(drawing);
        p.sample(entities, Affine3.IDENTITY, SAMPLE, 0);
        if (p.n == 0) return new Spread(Point.ORIGIN, 1e-6);
        double[] x = p.x, y = p.y;
        int n = p.n;
        Arrays.sort(x, 0, n);
        Arrays.sort(y, 0, n);
        double wide = x[n * 9 / 10] - x[n / 10], high = y[n * 9 / 10] - y[n / 10];
        return new Spread(new Point(Math.rint(x[n / 2]), Math.rint(y[n / 2])), Math.max(1e-6, Math.hypot(wide, high)));
    }

    /** Two points of each entity that has any size. */
    private static final class Points {
        private final RawDrawing drawing;
        private double[] x = new double[1024], y = new double[1024];
        private int n;

        Points(RawDrawing drawing) {
            this.drawing = drawing;
        }

        /** @param most how many entities to look at, those in blocks among them */
        void sample(List<Entity> entities, Affine3 map, int most, int depth) {
            int step = Math.max(1, (entities.size() + most - 1) / most), each = Math.max(1, most / Math.max(1, entities.size()));
            for (int i = 0; i < entities.size(); i += step) {
                Entity e = entities.get(i);
                Block b = e instanceof Entity.Insert in && depth < DEEPEST ? drawing.blocks().get(Names.key(in.block())) : null;
                if (b != null && !b.entities().isEmpty())
                    sample(b.entities(), Frames.from(map.of(Frames.cell((Entity.Insert) e, 0, 0)), b.base()), each, depth + 1);
                else points(e, map);
            }
        }

        private void points(Entity e, Affine3 map) {
            switch (e) {
                case Entity.Line l -> both(l.a(), l.b(), map);
                case Entity.Circle c -> round(c.centre(), c.radius(), map.of(Frames.system(c.extrusion())));
                case Entity.Arc a -> round(a.centre(), a.radius(), map.of(Frames.system(a.extrusion())));
                case Entity.Ellipse l -> both(l.centre().minus(l.major()), l.centre().plus(l.major()), map);
                case Entity.Polyline p -> {
                    boolean flat = p.sort() == Entity.PolylineKind.LIGHT || p.sort() == Entity.PolylineKind.PLANE;
                    rows(p.points(), 4, flat ? map.of(Frames.system(p.extrusion())) : map);
                }
                case Entity.MultiLine m -> both(m.joints().getFirst().at(), m.joints().getLast().at(), map);
                case Entity.Spline s -> rows(s.controls().size() > 0 ? s.controls() : s.fits(), 3, map);
                case Entity.Corners c -> rows(c.points(), 3, c.kind().equals("3DFACE") ? map : map.of(Frames.system(c.extrusion())));
                case Entity.Leader l -> rows(l.points(), 3, map);
                case Entity.Text t -> put(t.at(), t.sort() == Entity.TextSort.MTEXT ? map : map.of(Frames.system(t.extrusion())));
                case Entity.Insert i -> put(i.at(), map.of(Frames.system(i.extrusion())));
                case Entity.Dimension d -> put(d.at(), map);
                case Entity.Dot d -> put(d.at(), map);
                case Entity.MultiLeader m -> put(m.textAt(), map);
                case Entity.Picture p -> both(p.at(), p.at().plus(p.u().times(p.width())).plus(p.v().times(p.height())), map);
                case Entity.Hatch _, Entity.Endless _, Entity.Viewport _, Entity.KnownByKindOnly _ -> { }
            }
        }

        private void round(Vec3 centre, double radius, Affine3 map) {
            Vec3 r = new Vec3(radius, radius, 0);
            both(centre.minus(r), centre.plus(r), map);
        }

        /** The first row, and the one half way on. */
        private void rows(Doubles d, int width, Affine3 map) {
            int rows = d.size() / width;
            if (rows == 0) return;
            int half = width * (rows / 2);
            both(new Vec3(d.get(0), d.get(1), d.get(2)), new Vec3(d.get(half), d.get(half + 1), d.get(half + 2)), map);
        }

        private void both(Vec3 a, Vec3 b, Affine3 map) {
            put(a, map);
            put(b, map);
        }

        private void put(Vec3 v, Affine3 map) {
            Vec3 p = map.apply(v);
            if (!p.isFinite()) return;
            if (n == x.length) {
                x = Arrays.copyOf(x, 2 * n);
                y = Arrays.copyOf(y, 2 * n);
            }
            x[n] = p.x();
            y[n++] = p.y();
        }
    }
}
