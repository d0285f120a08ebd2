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
    /** Feet on splines, which take steps to find, are sought on the nearest so many strokes. */
    private static final int CLOSE = 6;
    private static final int OFFERED = 64;
    private static final double SAME = 1e-7;
    /** How much nearer, in radii, a kind must be to beat the one before it in the order. */
    private static final double PER_KIND = 0.06;
    /** The same for sources: it only parts places that are about as near. */
    private static final double PER_SOURCE = 0.01;
    private final Scene scene;
    private final SnapSettings settings;
    /** By the kind's ordinal: whether it is wanted, and how soon it wins. */
    private final boolean[] on = new boolean[SnapKind.values().length];
    private final int[] order = new int[on.length];

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
        for (SnapKind k : SnapKind.values()) {
            on[k.ordinal()] = settings.on().contains(k);
            order[k.ordinal()] = settings.order().indexOf(k);
        }
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
    private static final class Part {
        final Snap.Hit hit;
        final Curve curve;
        private double nearest = Double.NaN;

        Part(Snap.Hit hit, Curve curve) {
            this.hit = hit;
            this.curve = curve;
        }

        /** Its parameter, sought once for all that it may cross. */
        double nearest(Point p) {
            if (Double.isNaN(nearest)) nearest = CurveMath.nearest(curve, p);
            return nearest;
        }
    }

    private final class Gathering {
        private final Point pointer;
        private final double radius;
        private final Optional<Point> from;
        private final List<Candidate> found = new ArrayList<>();

        Gathering(Point pointer, double radius, Optional<Point> from) {
            this.pointer = pointer;
            this.radius = radius;
            this.from = from;
        }

        private void offer(SnapKind kind, SnapSource source, Point at, List<Snap.Hit> hits) {
            if (!on[kind.ordinal()]) return;
            double far = at.distance(pointer);
            if (far <= radius) found.add(new Candidate(rank(kind, source, far), kind, source, at, hits));
        }

        void drawings() {
            List<Part> parts = new ArrayList<>();
            for (PlacedDrawing d : scene.drawings) drawing(d, parts);
            if (!on[SnapKind.CROSSING.ordinal()]) return;
            for (int i = 0; i < parts.size(); i++) for (int k = 0; k < i; k++) crossing(parts.get(i), parts.get(k));
        }

        /** @param parts takes the nearest, which are tried for crossings: those of one drawing cross those of another too */
        private void drawing(PlacedDrawing d, List<Part> parts) {
            int tried = parts.size() + CROSSED, n = 0;
            for (int s : d.strokesNear(pointer, radius, MOST)) {
                Snap.Hit hit = new Snap.Hit(d, s);
                boolean close = n++ < CLOSE;
                for (Curve c : d.shownCurves(s)) {
                    if (parts.size() < tried) parts.add(new Part(hit, c));
                    along(c, close, SnapSource.DRAWING, List.of(hit));
                }
            }
            for (int s : d.arcsCentredNear(pointer, radius))
                if (d.curve(s) instanceof Curve.EllipticArc a)
                    offer(SnapKind.CENTRE, SnapSource.DRAWING, a.centre(), List.of(new Snap.Hit(d, s)));
        }

        /** @param close whether it is among the nearest */
        private void along(Curve c, boolean close, SnapSource source, List<Snap.Hit> hits) {
            boolean whole = c instanceof Curve.EllipticArc a && a.isWhole();
            if (!whole) {
                offer(SnapKind.END, source, c.first(), hits);
                offer(SnapKind.END, source, c.last(), hits);
                if (!(c instanceof Nurbs)) offer(SnapKind.MIDDLE, source, c.at(0.5), hits);
            } else for (int q = 0; q < 4; q++) offer(SnapKind.MIDDLE, source, c.at(q / 4.0), hits);
            if (!close && c instanceof Nurbs) return;
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
            List<CurveMath.Crossing> found = Crossings.isClosed(a.curve, b.curve) ? Crossings.of(a.curve, b.curve)
                : Crossings.near(a.curve, a.nearest(pointer), b.curve, b.nearest(pointer));
            for (CurveMath.Crossing x : found)
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
        private double rank(SnapKind kind, SnapSource source, double far) {
            double line = kind == SnapKind.ON_STROKE ? 1 : kind == SnapKind.EVEN_STEP ? 2 : 0;
            return far / radius + PER_KIND * order[kind.ordinal()] + PER_SOURCE * settings.sources().indexOf(source) + line;
        }

        /** The best of each place, up to as many as anybody steps through. */
        List<Snap> sorted() {
            if (on[SnapKind.EVEN_STEP.ordinal()]) {
                double s = settings.step();
                Point even = new Point(Math.rint(pointer.x() / s) * s, Math.rint(pointer.y() / s) * s);
                found.add(new Candidate(rank(SnapKind.EVEN_STEP, SnapSource.GRID, even.distance(pointer)), SnapKind.EVEN_STEP,
                    SnapSource.GRID, even, List.of()));
            }
            found.sort(Candidate.BY_RANK);
            List<Snap> out = new ArrayList<>();
            for (int i = 0; i < found.size() && out.size() < OFFERED; i++) {
                Candidate c = found.get(i);
                if (!isThere(out, c.at)) out.add(new Snap(c.kind, c.source, c.at, c.hits));
            }
            return out;
        }

        private static boolean isThere(List<Snap> out, Point at) {
            for (Snap s : out)
                if (Math.abs(s.at().x() - at.x()) < SAME && Math.abs(s.at().y() - at.y()) < SAME && s.at().distance(at) < SAME) return true;
            return false;
        }
    }

    private record Candidate(double rank, SnapKind kind, SnapSource source, Point at, List<Snap.Hit> hits) {
        static final Comparator<Candidate> BY_RANK = Comparator.comparingDouble(Candidate::rank);
    }
}
