package brightlintel.solid;

import brightlintel.building.BuildingOutline;
import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.Heights;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Roof;
import brightlintel.building.Room;
import brightlintel.building.Separation;
import brightlintel.building.Slab;
import brightlintel.building.Stair;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.TopLine;
import brightlintel.building.Wall;
import brightlintel.building.Zone;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Enclosure;
import brightlintel.joint.Footprints;
import brightlintel.joint.SlabOutline;
import brightlintel.joint.Wells;
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
        Heights heights = Heights.of(p, id);
        Footprints f = Footprints.of(c, tol);
        List<Body> out = new ArrayList<>();
        List<Ring> wells = c.slabs().isEmpty() ? List.of() : Wells.of(p, id);
        for (StoreyElement e : c.elements())
            switch (e) {
                case Wall w -> out.add(wall(w, id, f.of(w.id()), c.openingsIn(w.id()), heights.of(w.base()), heights.top(w)));
                case Opening o -> c.wall(o.wall()).filter(_ -> !(o.filling() instanceof Opening.Filling.Empty))
                    .ifPresent(w -> filling(o, w, id, heights.of(w.base()), tol, out));
                case Column x -> out.add(column(x, id, heights, tol));
                // rooms are what bodies leave
                case Room _, Separation _, Zone _, BuildingOutline _ -> { }
                case Slab s -> out.add(slab(s, id, Wells.without(s, SlabOutline.of(s, c, tol), wells), heights.of(s.top()), tol));
                case Stair x -> out.add(StairBody.of(x, id, heights, tol));
                case Roof x -> c.form(x).ifPresent(y -> out.add(RoofBody.of(x, y, id, heights.of(x.eaves()))));
            }
        return out;
    }

    /** Cubic metres of a wall, its openings taken out. */
    public static double volume(Wall w, List<Ring> rings, List<Opening> openings, TopLine top) {
        double sum = 0;
        for (Ring r : rings) for (Slices.Slice s : Slices.of(w, r, openings, top)) sum += Slices.volume(s, w, top);
        return sum;
    }

    /** @param base above the project's ±0.00 */
    public static Body wall(Wall w, StoreyId on, List<Ring> rings, List<Opening> openings, double base, TopLine top) {
        Facets f = new Facets();
        for (Ring r : rings) {
            List<Slices.Slice> slices = Slices.of(w, r, openings, top);
            for (int i = 0; i < slices.size(); i++)
                new WallFaces(w, base, top, f).slice(slices.get(i), i > 0 ? slices.get(i - 1) : null, i + 1 < slices.size()
                    ? slices.get(i + 1) : null);
        }
        return new Body(w.id(), on, Body.Matter.WALL, f.triangles(), f.edges());
    }

    static boolean bends(List<Point> plan, int i) {
        Point a = plan.get((i + plan.size() - 1) % plan.size()), b = plan.get(i), c = plan.get((i + 1) % plan.size());
        return Math.abs(Angles.signed(c.minus(b).angle() - b.minus(a).angle())) > BEND;
    }

    private static void filling(Opening o, Wall w, StoreyId on, double base, Tolerances tol, List<Body> out) {
        if (o.filling() instanceof Opening.Filling.Glazed g) {
            out.addAll(new GlazedBody(o, g, w, tol).bodies(on, base));
            return;
        }
        boolean window = o.filling() instanceof Opening.Filling.Window;
        Facets f = new Facets();
        double middle = (w.left() - w.right()) / 2, half = (window ? PANE : LEAF) / 2;
        prism(openingGround(o, w, middle - half, middle + half, tol), base + o.sill().value(), base + o.head().value(), f);
        out.add(new Body(o.id(), on, window ? Body.Matter.GLASS : Body.Matter.DOOR, f.triangles(), f.edges()));
    }

    /** The ground of an opening between two offsets to the left of the reference; counter-clockwise. */
    public static Ring openingGround(Opening o, Wall w, double right, double left, Tolerances tol) {
        return ground(w, o.start(), o.end(), right, left, tol);
    }

    /** Of a wall between two ways along and two offsets to the left of its reference. */
    static Ring ground(Wall w, double from, double to, double right, double left, Tolerances tol) {
        int n = w.reference().isStraight() ? 1
            : Math.max(2, (int) Math.ceil(w.reference().chords(tol.chordError(), right) * (to - from) / w.length()));
        List<Point> out = new ArrayList<>();
        for (int i = 0; i <= n; i++) out.add(w.reference().at(from + (to - from) * i / n, right));
        for (int i = n; i >= 0; i--) out.add(w.reference().at(from + (to - from) * i / n, left));
        return new Ring(out).counterClockwise();
    }

    static void prism(Ring ring, double z0, double z1, Facets f) {
        List<Point> p = ring.corners();
        f.level(p, List.of(), z1, true);
        f.level(p, List.of(), z0, false);
        sides(p, z0, z1, f);
    }

    private static Body column(Column c, StoreyId on, Heights heights, Tolerances tol) {
        Facets f = new Facets();
        double base = heights.of(c.base());
        prism(new Ring(c.ground().chords(tol.chordError())), base, base + heights.height(c), f);
        return new Body(c.id(), on, Body.Matter.COLUMN, f.triangles(), f.edges());
    }

    private static Body slab(Slab s, StoreyId on, List<Enclosure> ground, double top, Tolerances tol) {
        Facets f = new Facets();
        for (Enclosure e : ground) plate(e, top - s.thickness().value(), top, tol, f);
        return new Body(s.id(), on, Body.Matter.SLAB, f.triangles(), f.edges());
    }

    static void plate(Enclosure e, double bottom, double top, Tolerances tol, Facets f) {
        List<List<Point>> holes = e.holes().stream().map(h -> h.counterClockwise().reversed().chords(tol.chordError())).toList();
        List<Point> p = e.outline().chords(tol.chordError());
        f.level(p, holes, top, true);
        f.level(p, holes, bottom, false);
        sides(p, bottom, top, f);
        for (List<Point> h : holes) sides(h, bottom, top, f);
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
