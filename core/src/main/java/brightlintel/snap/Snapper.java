package brightlintel.snap;

import brightlintel.geom.Crossings;
import brightlintel.geom.Curve;
import brightlintel.geom.CurveMath;
import brightlintel.geom.Nurbs;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Collects candidates near a place, the winner first. Cost: the strokes under the ring, not the drawing. */
public final class Snapper {
    /** Pairs are tried among the nearest so many strokes, and the nearest so many are looked at: a ring over a hatch may hold thousands. */
    private static final int CROSSED = 24, MOST = 200;
    private static final double SAME = 1e-7;
    /** How much nearer, in radii, a kind must be to beat the one before it in the order. */
    private static final double PER_KIND = 0.06;
    /** The same for sources: it only parts places that are about as near. */
    private static final double PER_SOURCE = 0.01;
    private final Scene scene;
    private final SnapSettings settings;

    /**
     * What can be snapped to, in metres.
     *
     * @param grid    grid lines of the storey
     * @param corners of walls and slabs
     * @param edges   faces and reference lines of walls, edges of slabs
     */
    public record Scene(List<PlacedDrawing> drawings, List<Piece> grid, List<Point> corners, List<Piece> edges) {
        public static final Scene NOTHING = new Scene(List.of(), List.of(), List.of(), List.of());

        public Scene {
            drawings = List.copyOf(drawings);
            grid = List.copyOf(grid);
            corners = List.copyOf(corners);
            edges = List.copyOf(edges);
        }
    }

    public Snapper(Scene scene, SnapSettings settings) {
        this.scene = scene;
        this.settings = settings;
    }

    /**
     * @param radius of the ring, metres
     * @param from   where the line being drawn starts, for what is square or tangent to it
     */
    public List<Snap> near(Point pointer, double radius, Optional<Point> from) {
        Gathering g = new Gathering(pointer, radius, from);
        if (settings.has(SnapSource.DRAWING)) g.drawings();
        if (settings.has(SnapSource.GRID)) g.grid();
        if (settings.has(SnapSource.MODEL)) g.model();
        return g.sorted();
    }

    /** A shown part of a stroke. */
    private record Part(Snap.Hit hit, Curve curve) { }

    private final class Gathering {
        private final Point pointer;
        private final double radius;
        private final Optional<Point> from;
        private final List<Snap> found = new ArrayList<>();

        Gathering(Point pointer, double radius, Optional<Point> from) {
            this.pointer = pointer;
            this.radius = radius;
            this.from = from;
        }

        private void offer(SnapKind kind, SnapSource source, Point at, List<Snap.Hit> hits) {
            if (settings.on().contains(kind) && at.isFinite() && at.distance(pointer) <= radius)
                found.add(new Snap(kind, source, at, hits));
        }

        void drawings() {
            List<Part> parts = new ArrayList<>();
            for (PlacedDrawing d : scene.drawings) drawing(d, parts);
            if (!settings.on().contains(SnapKind.CROSSING)) return;
            for (int i = 0; i < parts.size(); i++) for (int k = 0; k < i; k++) crossing(parts.get(i), parts.get(k));
        }

        /** @param parts takes the nearest, which are tried for crossings: those of one drawing cross those of another too */
        private void drawing(PlacedDrawing d, List<Part> parts) {
            int tried = parts.size() + CROSSED;
            for (int s : d.strokesNear(pointer, radius, MOST)) {
                Snap.Hit hit = new Snap.Hit(d, s);
                for (Curve c : d.shownCurves(s)) {
                    if (parts.size() < tried) parts.add(new Part(hit, c));
                    along(c, SnapSource.DRAWING, List.of(hit));
                }
            }
            for (int s : d.arcsCentredNear(pointer, radius))
                if (d.curve(s) instanceof Curve.EllipticArc a)
                    offer(SnapKind.CENTRE, SnapSource.DRAWING, a.centre(), List.of(new Snap.Hit(d, s)));
        }

        private void along(Curve c, SnapSource source, List<Snap.Hit> hits) {
            boolean whole = c instanceof Curve.EllipticArc a && a.isWhole();
            if (!whole) {
                offer(SnapKind.END, source, c.first(), hits);
                offer(SnapKind.END, source, c.last(), hits);
                if (!(c instanceof Nurbs)) offer(SnapKind.MIDDLE, source, c.at(0.5), hits);
            } else for (int q = 0; q < 4; q++) offer(SnapKind.MIDDLE, source, c.at(q / 4.0), hits);
            double t = CurveMath.nearest(c, pointer);
            offer(SnapKind.ON_STROKE, source, c.at(t), hits);
            if (from.isPresent()) {
                var foot = CurveMath.squareTo(c, from.get(), t);
                if (foot.isPresent()) offer(SnapKind.SQUARE_TO, source, c.at(foot.getAsDouble()), hits);
            }
            if (c instanceof Curve.EllipticArc a) round(a, source, hits);
        }

        /** What only arcs have. */
        private void round(Curve.EllipticArc a, SnapSource source, List<Snap.Hit> hits) {
            from.ifPresent(f -> {
                for (double t : Tangents.from(f, a)) offer(SnapKind.TANGENT, source, a.at(t), hits);
            });
            Tangents.step(a, pointer, settings.round()).ifPresent(t -> offer(SnapKind.ROUND_STEP, source, a.at(t), hits));
        }

        private void crossing(Part a, Part b) {
            for (CurveMath.Crossing x : Crossings.near(a.curve, b.curve, pointer))
                offer(SnapKind.CROSSING, SnapSource.DRAWING, x.at(), List.of(a.hit, b.hit));
        }

        void grid() {
            List<Piece> near = scene.grid.stream().filter(p -> p.distance(pointer) <= radius).toList();
            for (int i = 0; i < near.size(); i++) {
                offer(SnapKind.ON_STROKE, SnapSource.GRID, nearestOn(near.get(i)), List.of());
                for (int k = 0; k < i; k++) {
                    Curve a = near.get(i).curve(), b = near.get(k).curve();
                    for (CurveMath.Crossing x : Crossings.near(a, b, pointer))
                        offer(SnapKind.GRID_CROSSING, SnapSource.GRID, x.at(), List.of());
                }
            }
        }

        private Point nearestOn(Piece p) {
            Curve c = p.curve();
            return c.at(CurveMath.nearest(c, pointer));
        }

        void model() {
            for (Point p : scene.corners) offer(SnapKind.MODEL_CORNER, SnapSource.MODEL, p, List.of());
            for (Piece e : scene.edges) {
                if (!e.box().grown(radius).holds(pointer)) continue;
                if (e.distance(pointer) > radius) continue;
                Curve c = e.curve();
                offer(SnapKind.MIDDLE, SnapSource.MODEL, c.at(0.5), List.of());
                offer(SnapKind.ON_STROKE, SnapSource.MODEL, nearestOn(e), List.of());
                if (from.isPresent()) {
                    var foot = CurveMath.squareTo(c, from.get(), CurveMath.nearest(c, pointer));
                    if (foot.isPresent()) offer(SnapKind.SQUARE_TO, SnapSource.MODEL, c.at(foot.getAsDouble()), List.of());
                }
                if (c instanceof Curve.EllipticArc a) round(a, SnapSource.MODEL, List.of());
            }
        }

        /**
         * Nearness counts first, the order of kinds second: a crossing under the pointer beats an end at the rim of the ring. Lines come
         * after points.
         */
        private double rank(Snap s) {
            double kind = PER_KIND * settings.order().indexOf(s.kind()) + PER_SOURCE * settings.sources().indexOf(s.source());
            double line = s.kind() == SnapKind.ON_STROKE ? 1 : s.kind() == SnapKind.EVEN_STEP ? 2 : 0;
            return s.at().distance(pointer) / radius + kind + line;
        }

        List<Snap> sorted() {
            if (settings.on().contains(SnapKind.EVEN_STEP)) {
                double s = settings.step();
                Point even = new Point(Math.rint(pointer.x() / s) * s, Math.rint(pointer.y() / s) * s);
                found.add(new Snap(SnapKind.EVEN_STEP, SnapSource.GRID, even, List.of()));
            }
            found.sort(Comparator.comparingDouble(this::rank).thenComparingInt(s -> settings.order().indexOf(s.kind())));
            List<Snap> out = new ArrayList<>();
            for (Snap s : found) if (out.stream().noneMatch(o -> o.at().distance(s.at()) < SAME)) out.add(s);
            return out;
        }
    }
}
