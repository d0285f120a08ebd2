package brightlintel.joint;

import brightlintel.geom.Orientation;
import brightlintel.geom.Point;
import brightlintel.geom.Tolerances;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Spokes round a place, and their ends solved together. */
final class Node {
    private final List<Part.End> ends;
    private final Point at;
    private final List<Spoke> spokes = new ArrayList<>();
    private final boolean through;
    /** The end that runs through, or null; it has no spoke. */
    private final Part.End runner;
    private Point middle;

    /** @param through the one wall that runs through, or null */
    Node(List<Part.End> ends, Part through) {
        this(ends, through, null);
    }

    /** Where one end runs through and the others meet its wall. */
    static Node run(List<Part.End> ends, Part.End runner) {
        return new Node(ends.stream().filter(e -> e != runner).toList(), runner.part(), runner);
    }

    private Node(List<Part.End> ends, Part through, Part.End runner) {
        this.ends = ends;
        this.runner = runner;
        this.through = through != null;
        this.at = mean(ends.stream().map(Part.End::point).toList());
        ends.forEach(e -> spokes.add(Spoke.of(e)));
        if (through != null) spokes.addAll(List.of(Spoke.through(through, through.piece.unroll(at).x())));
        spokes.sort(Comparator.comparingDouble(Spoke::angle).thenComparingDouble(s -> s.from().x()).thenComparingDouble(s -> s.from().y()));
    }

    /** Of points in a fixed order, so that the last digit does not hang on who was drawn first. */
    static Point mean(List<Point> points) {
        double x = 0, y = 0;
        for (Point p : points.stream().sorted(Comparator.comparingDouble(Point::x).thenComparingDouble(Point::y)).toList()) {
            x += p.x();
            y += p.y();
        }
        return new Point(x / points.size(), y / points.size());
    }

    int size() {
        return spokes.size();
    }

    Point at() {
        return at;
    }

    /** Gives every end its chain; where the corners cannot be had, square ends. */
    void solve(Tolerances tol) {
        if (runner != null) runner.chain(runner.square(reach()));
        int n = spokes.size();
        if (n == 1) {
            ends.getFirst().chain(ends.getFirst().square());
            return;
        }
        Corner[] after = new Corner[n];
        for (int i = 0; i < n; i++) {
            after[i] = Corner.between(spokes.get(i), spokes.get((i + 1) % n), at, tol);
            if (after[i] == null) {
                ends.forEach(e -> e.chain(e.square()));
                return;
            }
        }
        middle = through || n == 2 ? at : middleOf(after);
        if (middle == null) {
            ends.forEach(e -> e.chain(e.square()));
            return;
        }
        for (int i = 0; i < n; i++) {
            Spoke s = spokes.get(i);
            if (!s.runsThrough()) s.end().chain(chain(after, i));
        }
    }

    /** How far the faces of those that meet the runner go beyond its end. */
    private double reach() {
        double most = 0;
        Point out = runner.away().times(-1);
        for (Part.End e : ends)
            for (Track face : List.of(e.leftFace(), e.rightFace())) for (Track own : List.of(runner.leftFace(), runner.rightFace())) {
                Point p = own.meets(face, runner.point());
                double limit = 2 * (e.left() + e.right());
                if (p != null && p.distance(runner.point()) < limit + runner.left() + runner.right())
                    most = Math.max(most, Math.min(limit, p.minus(runner.point()).dot(out)));
            }
        return most;
    }

    private List<Point> chain(Corner[] after, int i) {
        int n = after.length, prior = (i + n - 1) % n;
        List<Point> out = new ArrayList<>(after[prior].tailB().reversed());
        out.add(after[prior].shared());
        if (through) {
            if (!spokes.get(prior).runsThrough()) out.add(foot(after, prior));
            if (!spokes.get((i + 1) % n).runsThrough()) out.add(foot(after, i));
        } else if (n > 2) out.add(middle);
        out.add(after[i].shared());
        out.addAll(after[i].tailA());
        return out;
    }

    /** Where the edge between two walls on the same side of one that runs through reaches its face. */
    private Point foot(Corner[] after, int i) {
        int n = after.length, first = i, last = i;
        while (!spokes.get(first).runsThrough()) first = (first + n - 1) % n;
        while (!spokes.get((last + 1) % n).runsThrough()) last = (last + 1) % n;
        Point a = after[first].shared(), b = after[last].shared(), d = b.minus(a).unit();
        return a.plus(d.times(after[i].shared().minus(a).dot(d)));
    }

    /** A place from which every corner is seen in turn, or null. */
    private Point middleOf(Corner[] after) {
        List<Point> corners = new ArrayList<>();
        for (Corner c : after) corners.add(c.shared());
        for (Point m : List.of(mean(corners), at)) {
            boolean seen = true;
            for (int i = 0; i < corners.size(); i++)
                seen &= Orientation.side(corners.get(i), corners.get((i + 1) % corners.size()), m) >= 0;
            if (seen) return m;
        }
        return null;
    }
}
