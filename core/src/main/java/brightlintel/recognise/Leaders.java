package brightlintel.recognise;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Strokes;
import brightlintel.drawing.Strokes.TextMark;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import brightlintel.place.PlacedDrawing;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;

/** Where words speak of a place that they do not stand at: what a leader points to, or a line that leads away from them. Metres. */
final class Leaders {
    /** In heights of the letters: from a text's rim to a leader's end; a line that leads away is longer. */
    private static final double AT_TEXT = 0.9, AWAY = 2.5, NEXT = 0.25;
    private static final int MOST_BENDS = 3;
    private final PlacedDrawing d;
    private final IntPredicate mayLead;
    private final Map<TextMark, Point> tips = new IdentityHashMap<>();

    /** @param mayLead strokes that are nothing else */
    Leaders(PlacedDrawing d, IntPredicate mayLead) {
        this.d = d;
        this.mayLead = mayLead;
        Strokes s = d.strokes();
        Set<Entity> done = new HashSet<>();
        for (int i = 0; i < s.size(); i++) {
            Entity e = s.entityOf(i);
            if (!(e instanceof Entity.Leader || e instanceof Entity.MultiLeader) || !d.cleared().strokeShown(i) || !done.add(e)) continue;
            int last = i;
            while (last + 1 < s.size() && s.entityOf(last + 1) == e && s.pathOf(last + 1) == s.pathOf(i)) last++;
            // the arrow stands at its first point
            lead(e, d.curve(i).first(), d.curve(last).last());
        }
    }

    private void lead(Entity e, Point tip, Point end) {
        TextMark best = null;
        double least = Double.MAX_VALUE;
        for (int m : d.marksNear(end, 5)) {
            if (!(d.strokes().mark(m) instanceof TextMark t)) continue;
            if (t.entity() == e) {
                tips.put(t, tip);
                return;
            }
            double far = distance(t, end);
            if (far < AT_TEXT * height(t) && far < least) {
                least = far;
                best = t;
            }
        }
        if (best != null) tips.put(best, tip);
    }

    private double height(TextMark t) {
        return t.map().then(d.toBuilding()).meanScale();
    }

    private double distance(TextMark t, Point p) {
        Box b = t.box().mapped(d.toBuilding());
        return Math.hypot(Math.max(0, Math.max(b.minX() - p.x(), p.x() - b.maxX())), Math.max(0, Math.max(b.minY() - p.y(), p.y()
            - b.maxY())));
    }

    /** What a leader of the drawing points to from a text. */
    Optional<Point> tip(TextMark t) {
        return Optional.ofNullable(tips.get(t));
    }

    /** The same, or the far end of a plain line that leads away from it. */
    Optional<Point> tipOrEnd(TextMark t) {
        Optional<Point> known = tip(t);
        if (known.isPresent()) return known;
        double h = height(t);
        Point at = d.toBuilding().apply(t.box().centre());
        Box b = t.box().mapped(d.toBuilding());
        for (int i : d.strokesNear(at, Math.hypot(b.width(), b.height()) / 2 + AT_TEXT * h)) {
            if (!mayLead.test(i) || !(d.curve(i) instanceof Curve.Straight s) || s.length() < AWAY * h) continue;
            boolean first = distance(t, s.a()) < AT_TEXT * h, last = distance(t, s.b()) < AT_TEXT * h;
            if (first != last) return Optional.of(followed(first ? s.b() : s.a(), i, h));
        }
        return Optional.empty();
    }

    /** Over its bends. */
    private Point followed(Point from, int stroke, double h) {
        Point at = from;
        Set<Integer> seen = new HashSet<>(Set.of(stroke));
        for (int k = 0; k < MOST_BENDS; k++) {
            List<Integer> on = d.strokesNear(at, NEXT * h);
            Optional<Point> next = Optional.empty();
            for (int i : on) {
                if (next.isPresent() || !mayLead.test(i) || seen.contains(i) || !(d.curve(i) instanceof Curve.Straight s)
                    || s.length() < h) continue;
                seen.add(i);
                if (s.a().distance(at) < NEXT * h) next = Optional.of(s.b());
                else if (s.b().distance(at) < NEXT * h) next = Optional.of(s.a());
            }
            if (next.isEmpty()) return at;
            at = next.get();
        }
        return at;
    }
}
