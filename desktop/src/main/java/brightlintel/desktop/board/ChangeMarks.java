package brightlintel.desktop.board;

import brightlintel.building.Placement;
import brightlintel.building.Underlay;
import brightlintel.desktop.state.Workspace;
import brightlintel.find.Differences;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.paint.Brush;
import brightlintel.paint.Palette;
import brightlintel.paint.PlanView;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a later one of a file has otherwise, on the board: what was added in brass, what is gone broken and in brick, what moved from
 * where to
 * where. Lines are put in their place once, and not in each frame.
 */
final class ChangeMarks {
    /** Of one kind, so many are painted at most in one frame: where all is new, there is nothing to tell apart. */
    private static final int MOST = 20_000;
    private static final int CHORDS = 16;
    private static final double RING = 8;
    private final Map<Key, Lines> kept = new HashMap<>();

    /** Told by identity: what differs is never changed. */
    private record Key(Differences d, Placement place) {
        @Override public boolean equals(Object o) {
            return o instanceof Key k && k.d == d && k.place.equals(place);
        }

        @Override public int hashCode() {
            return System.identityHashCode(d);
        }
    }

    private record Lines(List<Line> added, List<Line> gone, List<Line> from, List<Line> to, List<Point> newTexts, List<Point> goneTexts) { }

    private record Line(List<Point> points, Box box) { }

    void paint(Workspace w, Brush brush, Palette p, PlanView view) {
        for (Underlay u : w.project().underlaysOf(w.storeyId())) w.following().lit(u.id()).ifPresent(d -> {
            if (kept.size() > 8) kept.clear();
            paint(kept.computeIfAbsent(new Key(d, u.placement()), ChangeMarks::lines), brush, p, view);
        });
    }

    private static Lines lines(Key k) {
        Differences d = k.d;
        return new Lines(lines(d.added(), k.place), lines(d.gone(), k.place),
            lines(d.moved().stream().map(Differences.Moved::from).toList(),
            k.place), lines(d.moved().stream().map(Differences.Moved::to).toList(), k.place),
            points(d.texts().added(), d.texts().reworded(), k.place), points(d.texts().gone(), List.of(), k.place));
    }

    private static List<Point> points(List<Point> a, List<Point> b, Placement place) {
        List<Point> out = new ArrayList<>();
        a.forEach(x -> out.add(place.apply(x)));
        b.forEach(x -> out.add(place.apply(x)));
        return out;
    }

    private static List<Line> lines(List<Curve> all, Placement place) {
        List<Line> out = new ArrayList<>();
        for (Curve c : all) {
            int n = c instanceof Curve.Straight ? 1 : CHORDS;
            List<Point> points = new ArrayList<>();
            Box box = Box.EMPTY;
            for (int i = 0; i <= n; i++) {
                Point x = place.apply(c.at(i / (double) n));
                points.add(x);
                box = box.with(x);
            }
            out.add(new Line(points, box));
        }
        return out;
    }

    private static void paint(Lines l, Brush brush, Palette p, PlanView view) {
        Box seen = view.seen();
        paint(l.gone, seen, x -> broken(x, brush, p.brick(), view));
        paint(l.from, seen, x -> broken(x, brush, p.brick(), view));
        paint(l.added, seen, x -> brush.path(px(x, view), false, 2.6, p.brass()));
        paint(l.to, seen, x -> brush.path(px(x, view), false, 2.6, p.brass()));
        for (int i = 0; i < Math.min(MOST, l.from.size()); i++) {
            Point a = view.toPx(middle(l.from.get(i))), b = view.toPx(middle(l.to.get(i)));
            if (a.distance(b) > 6) arrow(brush, a, b, p.brass());
        }
        for (Point t : l.newTexts) if (seen.holds(t)) brush.circle(view.toPx(t), RING, 2, p.brass());
        for (Point t : l.goneTexts) if (seen.holds(t)) brush.circle(view.toPx(t), RING, 2, p.brick());
    }

    private interface Stroke {
        void paint(Line l);
    }

    private static void paint(List<Line> lines, Box seen, Stroke s) {
        int n = 0;
        for (Line l : lines) {
            if (!l.box.meets(seen)) continue;
            s.paint(l);
            if (++n == MOST) return;
        }
    }

    private static void broken(Line l, Brush brush, int colour, PlanView view) {
        List<Point> all = px(l, view);
        for (int i = 1; i < all.size(); i++) brush.dashed(all.get(i - 1), all.get(i), 2, colour, 5, 3);
    }

    private static Point middle(Line l) {
        return l.points.size() == 2 ? l.points.getFirst().towards(l.points.getLast(), 0.5) : l.points.get(l.points.size() / 2);
    }

    private static void arrow(Brush brush, Point a, Point b, int colour) {
        Point u = b.minus(a).unit(), back = b.minus(u.times(7)), side = u.left().times(3.5);
        brush.line(a, b, 1, colour);
        brush.fill(List.of(b, back.plus(side), back.minus(side)), colour, 1);
    }

    private static List<Point> px(Line l, PlanView view) {
        return l.points.stream().map(view::toPx).toList();
    }
}
