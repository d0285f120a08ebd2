package brightlintel.building;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

import brightlintel.geom.Box;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.StraightSkeleton;

/**
 * A roof, solved: its planes from the eaves to the ridges. Eaves lie level: where sides are of several pitches, the first slope reaches out
 * by the overhang and steeper ones by less. Heights are of the underside above the eaves' stand. Metres.
 *
 * @param faces the planes, none above another
 * @param edge  the outer edge in plan
 * @param rise  of the whole thickness, measured upright
 */
public record RoofForm(List<Face> faces, Ring edge, double rise) {
    private static final double CHORD = 0.05, GRAIN = 1e-6;

    /** @param side of the outline that it rises from; z = x·slope + level */
    public record Face(Ring plan, int side, Point slope, double level) {
        public double at(Point p) {
            return slope.dot(p) + level;
        }

        /** Radians. */
        public double pitch() {
            return Math.atan(slope.length());
        }

        public double area() {
            return plan.area() * Math.hypot(1, slope.length());
        }
    }

    /** Straight edges of the outline: arcs in chords. */
    private record Side(int of, Point from, Point to, Roof.Edge edge) {
        Point normal() {
            return to.minus(from).unit().left();
        }
    }

    public RoofForm {
        faces = List.copyOf(faces);
    }

    /** Nothing where the slopes never meet. */
    public static Optional<RoofForm> of(Roof r) {
        Ring outline = r.outline();
        boolean turned = outline.signedArea() < 0;
        return switch (r.cover()) {
            case Roof.Cover.Flat _ -> flat(r);
            case Roof.Cover.Pitched(List<Roof.Edge> edges) -> pitched(sides(turned ? outline.reversed() : outline, turned
                ? reversed(edges) : edges), r);
        };
    }

    /** The edge that left a corner arrives at it when an outline is turned round. */
    private static List<Roof.Edge> reversed(List<Roof.Edge> e) {
        List<Roof.Edge> out = new ArrayList<>();
        for (int i = 0; i < e.size(); i++) out.add(e.get(Math.floorMod(e.size() - 2 - i, e.size())));
        return out;
    }

    private static List<Side> sides(Ring outline, List<Roof.Edge> edges) {
        List<Side> out = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            Piece p = outline.piece(i);
            List<Point> at = p.isStraight() ? List.of(p.a(), p.b()) : p.points(CHORD);
            for (int k = 0; k + 1 < at.size(); k++)
                if (at.get(k).distance(at.get(k + 1)) > GRAIN) out.add(new Side(i, at.get(k), at.get(k + 1), edges.get(i)));
        }
        return out;
    }

    private static Optional<RoofForm> flat(Roof r) {
        List<Side> sides = level(r);
        Optional<List<Point>> edge = moved(sides, sides.stream().map(_ -> r.overhang().value()).toList());
        return edge.map(e -> new RoofForm(List.of(new Face(new Ring(e), 0, Point.ORIGIN, 0)), new Ring(e), r.thickness().value()));
    }

    /** The inner edge of a flat roof's parapet; nothing where there is none, or no room for it. */
    public static Optional<Ring> withinParapet(Roof r) {
        if (!(r.cover() instanceof Roof.Cover.Flat(double parapet, double width)) || parapet == 0) return Optional.empty();
        List<Side> sides = level(r);
        return moved(sides, sides.stream().map(_ -> r.overhang().value() - width).toList()).map(Ring::new);
    }

    private static List<Side> level(Roof r) {
        return sides(r.outline().counterClockwise(), Collections.nCopies(r.outline().size(), new Roof.Edge.Gable()));
    }

    private static Optional<RoofForm> pitched(List<Side> sides, Roof r) {
        Optional<Double> main = sides.stream().map(Side::edge).filter(e -> e instanceof Roof.Edge.Slope).findFirst()
            .map(e -> ((Roof.Edge.Slope) e).pitch());
        if (main.isEmpty()) return Optional.empty();
        double drop = r.overhang().value() * Math.tan(main.get());
        List<Double> speeds = new ArrayList<>(), out = new ArrayList<>();
        for (Side s : sides) {
            double run = s.edge instanceof Roof.Edge.Slope(double pitch) ? 1 / Math.tan(pitch) : 0;
            speeds.add(run);
            out.add(switch (s.edge) {
                case Roof.Edge.Slope _ -> drop * run;
                case Roof.Edge.Gable _ -> r.overhang().value();
                case Roof.Edge.AtWall _ -> 0.0;
            });
        }
        Optional<List<Point>> edge = moved(sides, out);
        if (edge.isEmpty()) return Optional.empty();
        List<Point> eaves = edge.get();
        Optional<List<List<Point>>> solved = StraightSkeleton.faces(eaves, speeds);
        if (solved.isEmpty()) return Optional.empty();
        List<Face> faces = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            List<Point> plan = solved.get().get(i);
            if (plan.size() < 3 || !(new Ring(plan).area() > GRAIN)) continue;
            Point slope = sides.get(i).normal().times(1 / speeds.get(i));
            faces.add(new Face(new Ring(plan), sides.get(i).of, slope, -drop - slope.dot(eaves.get(i))));
        }
        return Optional.of(new RoofForm(faces, new Ring(eaves), r.thickness().value() / Math.cos(main.get())));
    }

    /** Each side moved outward by its own way; nothing where the corners would change places. */
    private static Optional<List<Point>> moved(List<Side> sides, List<Double> by) {
        List<Point> out = new ArrayList<>();
        int n = sides.size();
        for (int i = 0; i < n; i++) {
            Side a = sides.get((i + n - 1) % n), b = sides.get(i);
            double u = by.get((i + n - 1) % n), v = by.get(i);
            Point p = a.normal(), q = b.normal();
            double cross = p.cross(q);
            // p · x = p · corner - u and q · x = q · corner - v
            Point off = Math.abs(cross) < 1e-6 ? p.times(-Math.min(u, v)) : new Point((-u * q.y() + v * p.y()) / cross,
                (-v * p.x() + u * q.x()) / cross);
            out.add(b.from.plus(off));
        }
        for (int i = 0; i < n; i++)
            if (!(out.get((i + 1) % n).minus(out.get(i)).dot(sides.get(i).to.minus(sides.get(i).from)) > 0)) return Optional.empty();
        return Optional.of(out);
    }

    public Box box() {
        return edge.box();
    }

    /** The underside above the eaves' stand; nothing beside the roof. */
    public Optional<Double> under(Point p) {
        if (!edge.box().grown(GRAIN).holds(p)) return Optional.empty();
        Face best = null;
        double nearest = 1e-4;
        for (Face f : faces) {
            double d = f.plan.holds(p) ? 0 : f.plan.distance(p);
            if (d < nearest) {
                best = f;
                nearest = d;
            }
            if (d == 0) break;
        }
        return Optional.ofNullable(best).map(f -> f.at(p));
    }

    /** The underside at its highest. */
    public double ridge() {
        return faces.stream().mapToDouble(f -> f.plan.corners().stream().mapToDouble(f::at).max().orElse(0)).max().orElse(0);
    }

    /** The underside at its lowest. */
    public double eaves() {
        return faces.stream().mapToDouble(f -> f.plan.corners().stream().mapToDouble(f::at).min().orElse(0)).min().orElse(0);
    }

    /** Square metres of what rain falls on. */
    public double area() {
        return faces.stream().mapToDouble(Face::area).sum();
    }

    /** Cubic metres, without a parapet. */
    public double volume() {
        return edge.area() * rise;
    }
}
