package brightlintel.solid;

import brightlintel.building.Contents;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Slab;
import brightlintel.building.Storey;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Footprints;
import brightlintel.trace.SlabOutline;
import java.util.ArrayList;
import java.util.List;

/** Builds the bodies of a storey, and tells volumes from the same slices. */
public final class Solids {
    private static final double LEAF = 0.04, PANE = 0.06;
    /** A vertical edge is drawn where the outline bends by more than this: chords of an arc bend less. */
    private static final double BEND = Math.toRadians(15);

    private Solids() { }

    public static List<Body> of(Project p, StoreyId id, Tolerances tol) {
        Contents c = p.on(id);
        Storey storey = p.storey(id).orElseThrow();
        Footprints f = Footprints.of(c.walls(), tol);
        List<Body> out = new ArrayList<>();
        for (Wall w : c.walls()) {
            double base = storey.level().value() + w.base(), height = p.heightOf(id, w);
            List<Opening> openings = c.openingsIn(w.id());
            out.add(wall(w, id, f.of(w.id()), openings, base, height));
            for (Opening o : openings) if (!(o.filling() instanceof Opening.Filling.Empty)) out.add(filling(o, w, id, base, tol));
        }
        for (Slab s : c.slabs()) out.add(slab(s, id, SlabOutline.of(s, c, tol), storey.level().value() + s.topOffset()));
        return out;
    }

    /** Cubic metres of a wall, its openings taken out. */
    public static double volume(Wall w, List<Ring> rings, List<Opening> openings, double height) {
        double sum = 0;
        for (Ring r : rings)
            for (Slices.Slice s : Slices.of(w, r, openings, height))
                for (double[] z : s.solid()) sum += Slices.area(s.outline(), w) * (z[1] - z[0]);
        return sum;
    }

    private static Body wall(Wall w, StoreyId on, List<Ring> rings, List<Opening> openings, double base, double height) {
        Facets f = new Facets();
        for (Ring r : rings) {
            List<Slices.Slice> slices = Slices.of(w, r, openings, height);
            for (int i = 0; i < slices.size(); i++)
                slice(w, slices.get(i), i > 0 ? slices.get(i - 1) : null, i + 1 < slices.size() ? slices.get(i + 1) : null, base, height, f);
        }
        return new Body(w.id(), on, Body.Matter.WALL, f.triangles(), f.edges());
    }

    private static void slice(Wall w, Slices.Slice s, Slices.Slice before, Slices.Slice after, double base, double height, Facets f) {
        List<Point> flat = s.outline();
        List<Point> plan = flat.stream().map(q -> w.reference().at(q.x(), q.y())).toList();
        for (double[] z : s.solid()) {
            double z0 = base + z[0], z1 = base + z[1];
            f.level(plan, List.of(), z1, true);
            f.level(plan, List.of(), z0, false);
            for (int i = 0; i < plan.size(); i++) {
                int k = (i + 1) % plan.size();
                boolean startCut = before != null && flat.get(i).x() == s.from() && flat.get(k).x() == s.from();
                boolean endCut = after != null && flat.get(i).x() == s.to() && flat.get(k).x() == s.to();
                if (startCut || endCut) reveal(plan.get(i), plan.get(k), z, (startCut ? before : after).solid(), base, height, f);
                else {
                    f.upright(plan.get(i), plan.get(k), z0, z1);
                    f.edge(plan.get(i), z0, plan.get(k), z0);
                    f.edge(plan.get(i), z1, plan.get(k), z1);
                    if (bends(plan, i) && !onCut(flat.get(i), s, before, after)) f.edge(plan.get(i), z0, plan.get(i), z1);
                }
            }
        }
    }

    private static boolean onCut(Point p, Slices.Slice s, Slices.Slice before, Slices.Slice after) {
        return before != null && p.x() == s.from() || after != null && p.x() == s.to();
    }

    private static boolean bends(List<Point> plan, int i) {
        Point a = plan.get((i + plan.size() - 1) % plan.size()), b = plan.get(i), c = plan.get((i + 1) % plan.size());
        return Math.abs(brightlintel.geom.Angles.signed(c.minus(b).angle() - b.minus(a).angle())) > BEND;
    }

    /** The part of a cut where this side is solid and the other is not. */
    private static void reveal(Point a, Point b, double[] z, List<double[]> other, double base, double height, Facets f) {
        double from = z[0];
        List<double[]> gaps = new ArrayList<>();
        for (double[] o : other) {
            double lo = Math.max(o[0], z[0]), hi = Math.min(o[1], z[1]);
            if (hi <= lo) continue;
            if (lo > from) gaps.add(new double[] {from, lo});
            from = Math.max(from, hi);
        }
        if (from < z[1]) gaps.add(new double[] {from, z[1]});
        for (double[] g : gaps) {
            f.upright(a, b, base + g[0], base + g[1]);
            f.edge(a, base + g[0], a, base + g[1]);
            f.edge(b, base + g[0], b, base + g[1]);
            if (g[0] > 0) f.edge(a, base + g[0], b, base + g[0]);
            if (g[1] < height) f.edge(a, base + g[1], b, base + g[1]);
        }
    }

    private static Body filling(Opening o, Wall w, StoreyId on, double base, Tolerances tol) {
        boolean window = o.filling() instanceof Opening.Filling.Window;
        Facets f = new Facets();
        double middle = (w.left() - w.right()) / 2, half = (window ? PANE : LEAF) / 2;
        prism(openingGround(o, w, middle - half, middle + half, tol), base + o.sill().value(), base + o.head().value(), f);
        return new Body(o.id(), on, window ? Body.Matter.GLASS : Body.Matter.DOOR, f.triangles(), f.edges());
    }

    /** The ground of an opening between two offsets to the left of the reference; counter-clockwise. */
    public static Ring openingGround(Opening o, Wall w, double right, double left, Tolerances tol) {
        int n = w.reference().isStraight() ? 1 : Math.max(2, (int) Math.ceil(w.reference().chords(tol.chordError(), right) * o.width().value() / w.length()));
        List<Point> out = new ArrayList<>();
        for (int i = 0; i <= n; i++) out.add(w.reference().at(o.start() + o.width().value() * i / n, right));
        for (int i = n; i >= 0; i--) out.add(w.reference().at(o.start() + o.width().value() * i / n, left));
        return new Ring(out).counterClockwise();
    }

    private static void prism(Ring ring, double z0, double z1, Facets f) {
        List<Point> p = ring.points();
        f.level(p, List.of(), z1, true);
        f.level(p, List.of(), z0, false);
        sides(p, z0, z1, f);
    }

    private static Body slab(Slab s, StoreyId on, Ring outline, double top) {
        Facets f = new Facets();
        double bottom = top - s.thickness().value();
        List<List<Point>> holes = s.holes().stream().map(Ring::points).toList();
        List<Point> p = outline.counterClockwise().points();
        f.level(p, holes, top, true);
        f.level(p, holes, bottom, false);
        sides(p, bottom, top, f);
        for (Ring h : s.holes()) sides(h.counterClockwise().reversed().points(), bottom, top, f);
        return new Body(s.id(), on, Body.Matter.SLAB, f.triangles(), f.edges());
    }

    private static void sides(List<Point> p, double bottom, double top, Facets f) {
        for (int i = 0; i < p.size(); i++) {
            Point a = p.get(i), b = p.get((i + 1) % p.size());
            f.upright(a, b, bottom, top);
            f.edge(a, bottom, b, bottom);
            f.edge(a, top, b, top);
            if (bends(p, i)) f.edge(a, bottom, a, top);
        }
    }
}
