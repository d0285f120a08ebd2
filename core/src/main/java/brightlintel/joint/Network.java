package brightlintel.joint;

import brightlintel.building.Wall;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Finds who meets whom: walls parted at crossings, ends gathered into nodes, walls running through them. */
final class Network {
    /** Walls closer in direction than this do not make a corner of ends that only lie in each other's body. */
    private static final double CORNER_ANGLE = Math.toRadians(5);

    /** Who runs through at a crossing: the thicker, then the longer, then by place. Never by order of drawing. */
    static final Comparator<Wall> STRONGER = Comparator.comparingDouble((Wall w) -> -w.thickness().value())
        .thenComparingDouble(w -> -w.length())
        .thenComparingDouble(w -> w.reference().a().x()).thenComparingDouble(w -> w.reference().a().y())
        .thenComparingDouble(w -> w.reference().b().x()).thenComparingDouble(w -> w.reference().b().y()).thenComparing(w -> w.id().value());
    private final Tolerances tol;
    final List<Part> parts = new ArrayList<>();
    final List<Node> nodes = new ArrayList<>();

    Network(List<Wall> walls, Tolerances tol) {
        this.tol = tol;
        List<Wall> sorted = walls.stream().sorted(STRONGER).toList();
        List<Box> boxes = sorted.stream().map(Network::box).toList();
        for (int i = 0; i < sorted.size(); i++) part(sorted, boxes, i);
        gather();
    }

    /** Stronger walls come earlier in the list: they alone part this one. */
    private void part(List<Wall> sorted, List<Box> boxes, int i) {
        Wall w = sorted.get(i);
        List<Double> cuts = new ArrayList<>();
        for (int k = 0; k < i; k++) if (boxes.get(i).meets(boxes.get(k))) cuts.addAll(crossings(w, sorted.get(k)));
        Collections.sort(cuts);
        double from = 0;
        for (double c : cuts) {
            if (c - from < 1e-6) continue;
            parts.add(new Part(w, from, c));
            from = c;
        }
        parts.add(new Part(w, from, w.length()));
    }

    private static Box box(Wall w) {
        return Box.of(w.reference().points(0.05)).grown(w.thickness().value() + 0.1);
    }

    /** Ways along w where both references cross well inside both: no end of one lies in the body of the other there. */
    private List<Double> crossings(Wall w, Wall other) {
        List<Double> out = new ArrayList<>();
        if (w.isFree() || other.isFree()) return out;
        for (Point p : Track.of(w.reference(), 0).meets(Track.of(other.reference(), 0))) {
            double mine = w.reference().unroll(p).x(), theirs = other.reference().unroll(p).x();
            if (mine <= 0 || mine >= w.length() || theirs <= 0 || theirs >= other.length()) continue;
            if (endsIn(w, other, p) || endsIn(other, w, p)) continue;
            out.add(mine);
        }
        return out;
    }

    private boolean endsIn(Wall w, Wall body, Point crossing) {
        Point nearer = w.reference().a().distance(crossing) < w.reference().b().distance(crossing) ? w.reference().a() : w.reference().b();
        return inBody(nearer, body.reference(), body.left(), body.right(), 0);
    }

    private boolean inBody(Point p, Piece piece, double left, double right, double beyond) {
        Point u = piece.unroll(p);
        double g = tol.joinGap();
        return u.x() >= -g - beyond && u.x() <= piece.length() + g + beyond && u.y() <= left + g && u.y() >= -right - g;
    }

    private void gather() {
        List<Part.End> ends = new ArrayList<>();
        parts.forEach(p -> ends.addAll(List.of(p.start(), p.end())));
        int[] group = new int[ends.size()];
        for (int i = 0; i < group.length; i++) group[i] = i;
        for (int i = 0; i < group.length; i++)
            for (int k = 0; k < i; k++) if (together(ends.get(i), ends.get(k))) join(group, i, k);
        for (int root = 0; root < group.length; root++) {
            List<Part.End> members = new ArrayList<>();
            for (int i = 0; i < group.length; i++) if (find(group, i) == root) members.add(ends.get(i));
            if (!members.isEmpty()) nodes.add(runner(members).map(r -> Node.run(members, r)).orElseGet(() -> new Node(members,
                through(members))));
        }
        nodes.forEach(n -> n.solve(tol));
    }

    /** The end that somebody chose to run through; of several the strongest wall's. */
    private static Optional<Part.End> runner(List<Part.End> members) {
        return members.size() < 2 ? Optional.empty() : members.stream().filter(Part.End::runs).min(Comparator.comparing(e ->
            e.part().wall, STRONGER));
    }

    private boolean together(Part.End a, Part.End b) {
        if (a.part().wall.isFree() || b.part().wall.isFree()) return false;
        double d = a.point().distance(b.point());
        if (d <= tol.joinGap()) return true;
        double reach = a.left() + a.right() + b.left() + b.right();
        if (a.part() == b.part() || d > reach || Angles.betweenLines(a.away().angle(), b.away().angle()) < CORNER_ANGLE) return false;
        return inBody(a.point(), b.part().piece, b.part().left(), b.part().right(), (a.left() + a.right()) / 2)
            && inBody(b.point(), a.part().piece, a.part().left(), a.part().right(), (b.left() + b.right()) / 2);
    }

    private static int find(int[] g, int i) {
        while (g[i] != i) i = g[i];
        return i;
    }

    private static void join(int[] g, int a, int b) {
        int x = find(g, a), y = find(g, b);
        g[Math.max(x, y)] = Math.min(x, y);
    }

    /** The strongest wall in whose body all these ends lie, and none of whose ends is among them. Parts are in order of strength. */
    private Part through(List<Part.End> members) {
        Point at = Node.mean(members.stream().map(Part.End::point).toList());
        if (members.stream().anyMatch(e -> e.part().wall.isFree())) return null;
        for (Part p : parts) {
            if (p.wall.isFree()) continue;
            if (members.stream().anyMatch(e -> e.part() == p)) continue;
            if (!inBody(at, p.piece, p.left(), p.right(), 0)) continue;
            Point along = p.piece.direction(p.piece.unroll(at).x());
            if (members.stream().allMatch(e -> Angles.betweenLines(e.away().angle(), along.angle()) >= CORNER_ANGLE)) return p;
        }
        return null;
    }
}
