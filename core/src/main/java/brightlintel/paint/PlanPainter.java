package brightlintel.paint;

import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.GridLine;
import brightlintel.building.Opening;
import brightlintel.building.Project;
import brightlintel.building.Slab;
import brightlintel.building.Storey;
import brightlintel.building.StoreyElement;
import brightlintel.building.StoreyId;
import brightlintel.building.Wall;
import brightlintel.geom.Affine;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import brightlintel.joint.Footprints;
import brightlintel.joint.SlabOutline;
import brightlintel.solid.Leaf;
import brightlintel.solid.Solids;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Draws a storey's model in plan: the storey below faint, slabs, walls solid, openings, the grid on top. */
public final class PlanPainter {
    private static final double[] GRID_DASH = {14, 4, 2, 4};
    private static final double TAG = 18;
    private static final double CHORD = 0.002;
    private static final int PASSES = 3, SWING = 16;
    private final Brush brush;
    private final Palette palette;
    private final Affine toPx;
    private final double scale;

    public PlanPainter(Brush brush, Palette palette, PlanView view) {
        this.brush = brush;
        this.palette = palette;
        this.toPx = view.toPx();
        this.scale = view.pxPerMetre();
    }

    /** What is drawn, with the solved joints that the caller keeps. */
    public record Model(Project project, StoreyId storey, Footprints walls, Footprints below) {
        public static Model of(Project p, StoreyId on) {
            return new Model(p, on, Footprints.of(p.on(on).walls(), Tolerances.BUILDING), below(p, on));
        }

        /** Joints of the storey below; of nothing under the lowest. */
        public static Footprints below(Project p, StoreyId on) {
            return Footprints.of(p.below(on).map(Storey::id).map(b -> p.on(b).walls()).orElse(List.of()), Tolerances.BUILDING);
        }
    }

    public void paint(Model m, Set<ElementId> selected) {
        Contents c = m.project.on(m.storey);
        int faint = Palette.mix(palette.ink3(), palette.paper(), 0.45);
        m.below.all().values().forEach(list -> list.forEach(r -> brush.path(px(r.corners()), true, 1, faint)));
        for (int pass = 0; pass < PASSES; pass++)
            for (StoreyElement e : c.elements()) if (pass(e) == pass) element(m, c, e, selected.contains(e.id()));
        for (GridLine g : m.project.grid()) if (g.isOn(m.storey)) grid(g, selected.contains(g.id()));
    }

    /** What lies under what. */
    private static int pass(StoreyElement e) {
        return switch (e) {
            case Slab _ -> 0;
            case Wall _ -> 1;
            case Opening _ -> 2;
        };
    }

    private void element(Model m, Contents c, StoreyElement e, boolean selected) {
        switch (e) {
            case Slab s -> slab(s, c, selected);
            case Wall w -> wall(m, w, selected);
            case Opening o -> c.wall(o.wall()).ifPresent(w -> opening(o, w, selected));
        }
    }

    private List<Point> px(List<Point> metres) {
        List<Point> out = new ArrayList<>(metres.size());
        for (Point p : metres) out.add(toPx.apply(p));
        return out;
    }

    private void wall(Model m, Wall w, boolean selected) {
        for (Ring r : m.walls.of(w.id())) {
            List<Point> ring = px(r.corners());
            brush.fill(ring, palette.ink());
            // thinner than a pixel a wall would fade away
            if (w.thickness().value() * scale < 1.5) brush.path(ring, true, 1, palette.ink());
            if (selected) brush.path(ring, true, 2.5, palette.brass());
        }
    }

    private void slab(Slab s, Contents c, boolean selected) {
        List<List<Point>> rings = new ArrayList<>(List.of(px(SlabOutline.of(s, c, Tolerances.BUILDING).chords(CHORD))));
        for (Ring h : s.holes()) rings.add(px(h.chords(CHORD)));
        brush.fillEvenOdd(rings, palette.wash(), 0.55);
        for (List<Point> r : rings) brush.path(r, true, selected ? 2.5 : 1.2, selected ? palette.brass() : palette.ink2());
    }

    private void opening(Opening o, Wall w, boolean selected) {
        int ink = palette.brass();
        Ring ground = Solids.openingGround(o, w, -w.right(), w.left(), Tolerances.BUILDING);
        List<Point> ring = px(ground.corners());
        brush.fill(ring, palette.paper());
        brush.path(ring, true, selected ? 2.5 : 1.2, ink);
        switch (o.filling()) {
            case Opening.Filling.Window _ -> {
                double mid = (w.left() - w.right()) / 2;
                brush.path(px(along(w.reference(), o.start(), o.end(), mid)), false, 1.2, ink);
            }
            case Opening.Filling.Door d -> leaf(Leaf.of(o, w, d), ink);
            case Opening.Filling.Empty _ -> { }
        }
    }

    private static List<Point> along(Piece p, double from, double to, double left) {
        int n = p.isStraight() ? 1 : 12;
        List<Point> out = new ArrayList<>();
        for (int i = 0; i <= n; i++) out.add(p.at(from + (to - from) * i / n, left));
        return out;
    }

    private void leaf(Leaf l, int ink) {
        List<Point> swing = new ArrayList<>();
        for (int i = 0; i <= SWING; i++) swing.add(l.swing().at(i / (double) SWING));
        brush.line(toPx.apply(l.hinge()), toPx.apply(l.open()), 1.6, ink);
        brush.path(px(swing), false, 1, ink);
    }

    private void grid(GridLine g, boolean selected) {
        List<Point> line = px(g.line().isStraight() ? List.of(g.line().a(), g.line().b()) : g.line().points(0.01));
        int ink = selected ? palette.brass() : palette.plum();
        line = inView(line);
        brush.dashed(line, selected ? 2 : 0.9, ink, GRID_DASH);
        tag(g.label(), toPx.apply(g.line().a()), ink);
    }

    /** Dashes far outside the picture would cost time and show nothing. */
    private List<Point> inView(List<Point> line) {
        if (line.size() != 2) return line;
        Raster r = brush.raster();
        Point a = line.getFirst(), d = line.getLast().minus(a);
        double lo = 0, hi = 1;
        double[][] sides = {{-d.x(), a.x() + 40}, {d.x(), r.width + 40 - a.x()}, {-d.y(), a.y() + 40}, {d.y(), r.height + 40 - a.y()}};
        for (double[] s : sides) {
            if (s[0] < 0) lo = Math.max(lo, s[1] / s[0]);
            else if (s[0] > 0) hi = Math.min(hi, s[1] / s[0]);
            else if (s[1] < 0) return List.of();
        }
        return lo < hi ? List.of(a.plus(d.times(lo)), a.plus(d.times(hi))) : List.of();
    }

    /** A rounded tag with the label, centred on a place in pixels. */
    public void tag(String label, Point at, int ink) {
        double w = Math.max(22, brush.textWidth(label, 12, Fonts.Weight.SEMIBOLD) + 12);
        brush.roundRect(at.x() - w / 2, at.y() - TAG / 2, w, TAG, 5, palette.paper(), ink, 1);
        brush.textCentred(label, at.x(), at.y() + 4.2, 12, Fonts.Weight.SEMIBOLD, ink);
    }
}
