package brightlintel.geom;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The faces that the edges of an outline sweep while each moves inward at a speed of its own: a roof over it seen from above, where an edge
 * of speed nought stands upright. The front is followed from one event to the next: an edge that has shrunk to nothing, or a re-entrant
 * corner that has met an edge. Cost about n cubed, for outlines of buildings.
 */
public final class StraightSkeleton {
    /** Of metres, and of rise. */
    private static final double SAME = 1e-7;
    private static final double PARALLEL = 1e-9;

    private final List<Line> lines = new ArrayList<>();
    private final List<List<Arc>> arcs = new ArrayList<>();
    private final List<List<Vertex>> fronts = new ArrayList<>();

    /** An edge that moves: the points where normal · p = at + speed × time; the normal points inward. */
    private record Line(Point from, Point to, Point along, Point normal, double at, double speed) {
        double off(Point p, double time) {
            return normal.dot(p) - at - speed * time;
        }
    }

    /** Where one edge ends and the next begins: at start + time × velocity. */
    private record Vertex(int before, int after, Point origin, Point start, Point velocity) {
        Point at(double time) {
            return start.plus(velocity.times(time));
        }
    }

    private record Arc(Point a, Point b) { }

    /** @param split the re-entrant vertex, or -1 where the edge after vertex k is gone; edge: that which it meets */
    private record Event(double time, int front, int k, int edge) { }

    private StraightSkeleton(List<Point> outline, List<Double> speeds) {
        int n = outline.size();
        for (int i = 0; i < n; i++) {
            Point a = outline.get(i), b = outline.get((i + 1) % n), d = b.minus(a).unit();
            lines.add(new Line(a, b, d, d.left(), d.left().dot(a), speeds.get(i)));
            arcs.add(new ArrayList<>());
        }
    }

    /**
     * For each edge the outline of what it sweeps, from its first corner on; empty for one that does not move.
     *
     * @param outline counter-clockwise, without corners twice
     * @param speeds  of the edge that leaves each corner, never negative
     * @return nothing where the front never closes: no edge moves, or those that do run away from each other
     */
    public static Optional<List<List<Point>>> faces(List<Point> outline, List<Double> speeds) {
        if (outline.size() < 3 || speeds.stream().noneMatch(s -> s > 0)) return Optional.empty();
        StraightSkeleton s = new StraightSkeleton(outline, speeds);
        if (!s.run()) return Optional.empty();
        List<List<Point>> out = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            Optional<List<Point>> face = speeds.get(i) > 0 ? s.face(i) : Optional.of(List.of());
            if (face.isEmpty()) return Optional.empty();
            out.add(face.get());
        }
        return Optional.of(out);
    }

    private boolean run() {
        int n = lines.size();
        List<Vertex> all = new ArrayList<>();
        for (int i = 0; i < n; i++) all.add(vertex((i + n - 1) % n, i, lines.get(i).from, 0));
        fronts.add(all);
        double now = 0;
        for (int step = 0; step < 20 * n + 50; step++) {
            closeFlat(now);
            if (fronts.isEmpty()) return true;
            Event e = next(now);
            if (e == null) return false;
            now = Math.max(now, e.time);
            if (e.edge < 0) collapse(e.front, e.k, now);
            else split(e, now);
        }
        return false;
    }

    private Vertex vertex(int before, int after, Point at, double time) {
        Line a = lines.get(before), b = lines.get(after);
        double cross = a.normal.cross(b.normal);
        Point v;
        if (Math.abs(cross) < PARALLEL) v = a.normal.times(a.normal.dot(b.normal) > 0 ? Math.min(a.speed, b.speed) : a.speed);
        // normal_a · v = speed_a and normal_b · v = speed_b
        else v = new Point((a.speed * b.normal.y() - b.speed * a.normal.y()) / cross, (b.speed * a.normal.x() - a.speed * b.normal.x())
            / cross);
        return new Vertex(before, after, at, at.minus(v.times(time)), v);
    }

    /** Fronts of two edges lie on each other: what is between them is a ridge. */
    private void closeFlat(double now) {
        for (int f = fronts.size() - 1; f >= 0; f--) {
            List<Vertex> v = fronts.get(f);
            if (v.size() > 2) continue;
            if (v.size() == 2) {
                Vertex a = v.get(0), b = v.get(1);
                Point p = a.at(now), q = b.at(now);
                trace(a, p);
                trace(b, q);
                arc(a.before, a.after, p, q);
            }
            fronts.remove(f);
        }
    }

    private void trace(Vertex v, Point to) {
        arc(v.before, v.after, v.origin, to);
    }

    private void arc(int one, int other, Point a, Point b) {
        if (a.distance(b) < SAME) return;
        arcs.get(one).add(new Arc(a, b));
        arcs.get(other).add(new Arc(a, b));
    }

    private Event next(double now) {
        Event best = null;
        for (int f = 0; f < fronts.size(); f++) {
            List<Vertex> front = fronts.get(f);
            for (int k = 0; k < front.size(); k++) {
                Event c = shrinks(f, k, now);
                if (c != null && (best == null || c.time < best.time - SAME)) best = c;
            }
        }
        for (int f = 0; f < fronts.size(); f++) {
            List<Vertex> front = fronts.get(f);
            for (int k = 0; k < front.size(); k++) if (isReentrant(front.get(k))) for (int e = 0; e < front.size(); e++) {
                Event s = meets(f, k, e, now);
                if (s != null && (best == null || s.time < best.time - SAME)) best = s;
            }
        }
        return best;
    }

    /** When the edge after a vertex has no length any more. */
    private Event shrinks(int f, int k, double now) {
        List<Vertex> front = fronts.get(f);
        Vertex a = front.get(k), b = front.get((k + 1) % front.size());
        Point along = lines.get(a.after).along;
        double length = b.at(now).minus(a.at(now)).dot(along), rate = b.velocity.minus(a.velocity).dot(along);
        if (length <= SAME && rate <= SAME) return new Event(now, f, k, -1);
        return rate < -PARALLEL ? new Event(now - length / rate, f, k, -1) : null;
    }

    private boolean isReentrant(Vertex v) {
        return lines.get(v.before).along.cross(lines.get(v.after).along) < -PARALLEL;
    }

    /** When a re-entrant vertex meets the edge after another vertex. */
    private Event meets(int f, int k, int e, double now) {
        List<Vertex> front = fronts.get(f);
        Vertex v = front.get(k), a = front.get(e), b = front.get((e + 1) % front.size());
        if (a.after == v.before || a.after == v.after) return null;
        Line l = lines.get(a.after);
        double off = l.off(v.at(now), now), rate = l.normal.dot(v.velocity) - l.speed;
        if (off < -SAME || rate > -PARALLEL) return null;
        double time = now + Math.max(0, off) / -rate;
        Point p = v.at(time);
        double from = p.minus(a.at(time)).dot(l.along), to = b.at(time).minus(p).dot(l.along);
        return from > -SAME && to > -SAME ? new Event(time, f, k, e) : null;
    }

    private void collapse(int f, int k, double now) {
        List<Vertex> front = fronts.get(f);
        int next = (k + 1) % front.size();
        Vertex a = front.get(k), b = front.get(next);
        Point p = a.at(now).towards(b.at(now), 0.5);
        trace(a, p);
        trace(b, p);
        List<Vertex> out = new ArrayList<>(front);
        out.set(k, vertex(a.before, b.after, p, now));
        out.remove(next);
        fronts.set(f, out);
        flatten(f, p, now);
    }

    /** Two edges that now lie on each other are a ridge up to where the shorter ends. */
    private void flatten(int f, Point at, double now) {
        List<Vertex> front = fronts.get(f);
        if (front.size() < 3) return;
        int k = -1;
        for (int i = 0; i < front.size(); i++) if (front.get(i).origin == at) k = i;
        if (k < 0) return;
        Vertex v = front.get(k);
        Line a = lines.get(v.before), b = lines.get(v.after);
        if (Math.abs(a.normal.cross(b.normal)) > PARALLEL || a.normal.dot(b.normal) > 0) return;
        int n = front.size(), prev = (k + n - 1) % n, next = (k + 1) % n;
        Point p = front.get(prev).at(now), q = front.get(next).at(now);
        boolean after = q.distance(at) <= p.distance(at);
        Point to = after ? q : p;
        arc(v.before, v.after, at, to);
        // the shorter edge is gone
        Vertex gone = after ? front.get(next) : front.get(prev);
        trace(gone, to);
        List<Vertex> out = new ArrayList<>(front);
        Vertex joined = after ? vertex(v.before, gone.after, to, now) : vertex(gone.before, v.after, to, now);
        out.set(k, joined);
        out.remove(after ? next : prev);
        fronts.set(f, out);
        flatten(f, to, now);
    }

    private void split(Event e, double now) {
        List<Vertex> front = fronts.get(e.front);
        int n = front.size();
        Vertex v = front.get(e.k);
        int edge = front.get(e.edge).after;
        Point p = v.at(now);
        trace(v, p);
        List<Vertex> one = new ArrayList<>(), other = new ArrayList<>();
        one.add(vertex(edge, v.after, p, now));
        for (int i = (e.k + 1) % n; ; i = (i + 1) % n) {
            one.add(front.get(i));
            if (i == e.edge) break;
        }
        other.add(vertex(v.before, edge, p, now));
        for (int i = (e.edge + 1) % n; i != e.k; i = (i + 1) % n) other.add(front.get(i));
        fronts.set(e.front, one);
        fronts.add(other);
    }

    /** The arcs of an edge as one outline, begun with the edge itself. */
    private Optional<List<Point>> face(int edge) {
        Line l = lines.get(edge);
        List<Arc> left = new ArrayList<>(arcs.get(edge));
        List<Point> out = new ArrayList<>(List.of(l.from, l.to));
        Point at = l.to;
        while (at.distance(l.from) > 10 * SAME) {
            Arc best = null;
            double nearest = 1e-4;
            for (Arc a : left) {
                double d = Math.min(a.a.distance(at), a.b.distance(at));
                if (d < nearest) {
                    nearest = d;
                    best = a;
                }
            }
            if (best == null) return Optional.empty();
            left.remove(best);
            at = best.a.distance(at) < best.b.distance(at) ? best.b : best.a;
            if (at.distance(l.from) > 10 * SAME) out.add(at);
        }
        return Optional.of(once(out));
    }

    /** Without corners that are there twice; those where only a neighbour bends stay, so that faces meet corner to corner. */
    private static List<Point> once(List<Point> p) {
        List<Point> out = new ArrayList<>(p);
        for (int i = out.size() - 1; i >= 0 && out.size() > 3; i--) {
            int n = out.size();
            Point a = out.get((i + n - 1) % n), b = out.get(i);
            if (a.distance(b) < SAME) out.remove(i);
        }
        return List.copyOf(out);
    }
}
