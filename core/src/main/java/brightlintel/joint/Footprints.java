package brightlintel.joint;

import brightlintel.building.Column;
import brightlintel.building.Contents;
import brightlintel.building.ElementId;
import brightlintel.building.Wall;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Ring;
import brightlintel.geom.Tolerances;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The ground that each wall covers: counter-clockwise rings in metres, more than one where a thicker wall crosses it. */
public final class Footprints {
    private final Map<ElementId, List<Ring>> rings;
    private final List<Point> freeEnds;

    private Footprints(Map<ElementId, List<Ring>> rings, List<Point> freeEnds) {
        this.rings = rings;
        this.freeEnds = List.copyOf(freeEnds);
    }

    /** Cost about n log n for walls spread over a plan, n squared for their ends. */
    public static Footprints of(List<Wall> walls, Tolerances tol) {
        Network net = new Network(walls, tol);
        Map<Wall, List<Ring>> raw = new LinkedHashMap<>();
        for (Part p : net.parts) raw.computeIfAbsent(p.wall, _ -> new ArrayList<>()).add(ring(p, tol));
        Map<ElementId, List<Ring>> out = new LinkedHashMap<>();
        Overlaps.cut(raw).forEach((w, list) -> out.put(w.id(), List.copyOf(list)));
        return new Footprints(out, net.nodes.stream().filter(n -> n.size() == 1).map(Node::at).toList());
    }

    /** The same where columns stand in walls: there the ground is the column's. */
    public static Footprints of(Contents c, Tolerances tol) {
        Footprints walls = of(c.walls(), tol);
        if (c.columns().isEmpty()) return walls;
        List<Ring> columns = c.columns().stream().map(Column::ground).toList();
        // a wall that ends at a column meets something
        List<Point> free = walls.freeEnds.stream().filter(p -> columns.stream().noneMatch(r -> r.holds(p) || r.distance(p) < tol.joinGap()))
            .toList();
        return new Footprints(ColumnCuts.cut(walls.rings, c.walls(), c.columns(), tol), free);
    }

    public List<Ring> of(ElementId wall) {
        return rings.getOrDefault(wall, List.of());
    }

    public Map<ElementId, List<Ring>> all() {
        return Collections.unmodifiableMap(rings);
    }

    /** Ends that meet nothing. */
    public List<Point> freeEnds() {
        return freeEnds;
    }

    public double area(ElementId wall) {
        return of(wall).stream().mapToDouble(Ring::area).sum();
    }

    private static Ring ring(Part p, Tolerances tol) {
        if (turned(p, p.startChain, p.endChain)) return ring(p, p.start().square(), p.end().square(), tol);
        Ring solved = ring(p, p.startChain, p.endChain, tol);
        return Areas.isSimple(solved) ? solved : ring(p, p.start().square(), p.end().square(), tol);
    }

    private static Ring ring(Part p, List<Point> start, List<Point> end, Tolerances tol) {
        List<Point> out = new ArrayList<>(start.reversed());
        face(p.piece, -p.right(), out.getLast(), end.getLast(), tol, out);
        out.addAll(end.reversed());
        face(p.piece, p.left(), out.getLast(), out.getFirst(), tol, out);
        return new Ring(clean(out)).counterClockwise();
    }

    /** A corner that lies beyond the other end would turn the ring inside out. */
    private static boolean turned(Part p, List<Point> start, List<Point> end) {
        double right = along(p, end.getLast()) - along(p, start.getFirst()), left = along(p, end.getFirst()) - along(p, start.getLast());
        return !(right > 1e-6 && left > 1e-6);
    }

    private static double along(Part p, Point q) {
        return p.piece.unroll(q).x();
    }

    /** The points strictly between two corners on a face. */
    private static void face(Piece piece, double offset, Point from, Point to, Tolerances tol, List<Point> out) {
        if (piece.isStraight()) return;
        double a = piece.unroll(from).x(), b = piece.unroll(to).x(), whole = piece.length();
        int n = Math.max(1, (int) Math.ceil(piece.chords(tol.chordError(), offset) * Math.abs(b - a) / whole));
        for (int i = 1; i < n; i++) out.add(piece.at(a + (b - a) * i / n, offset));
    }

    private static List<Point> clean(List<Point> points) {
        List<Point> out = new ArrayList<>();
        for (Point p : points) if (out.isEmpty() || out.getLast().distance(p) > 1e-9) out.add(p);
        while (out.size() > 3 && out.getLast().distance(out.getFirst()) <= 1e-9) out.removeLast();
        return out;
    }
}
