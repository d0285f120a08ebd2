package brightlintel.role;

import brightlintel.building.Role;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Angles;
import brightlintel.geom.Curve;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What arcs about one middle are told by, as straight lines are told by those beside them: as far apart as walls are thick they are faces,
 * three or more that begin and end together the frame and panes of a window. Metres. Cost n log n in arcs.
 */
final class Bows {
    /** Middles that are one; radii of round walls at least; beside how many of its middle an arc is looked at. */
    private static final double SAME_MIDDLE = 0.02, LEAST_ROUND = 0.8, PANES = 2;
    private static final int MOST = 40, LEAST_PANES = 3, MOST_PANES = 7;
    private final Sight s;

    private record Bow(int stroke, Curve.EllipticArc arc, double radius) {
        double middle() {
            return arc.at(0.5).minus(arc.centre()).angle();
        }

        double sweep() {
            return Math.abs(arc.sweep());
        }

        boolean endsAs(Bow o) {
            return (Math.abs(Angles.signed(middle() - o.middle())) + Math.abs(sweep() - o.sweep()) / 2) * radius < 2 * Seeing.ENDS;
        }
    }

    Bows(Sight s) {
        this.s = s;
    }

    void see() {
        for (List<Bow> some : aboutOneMiddle()) {
            some.sort(Comparator.comparingDouble(Bow::radius));
            walls(some);
            windows(some);
        }
    }

    private Collection<List<Bow>> aboutOneMiddle() {
        Map<Long, List<Bow>> out = new TreeMap<>();
        Strokes strokes = s.strokes;
        double grid = SAME_MIDDLE / s.metres;
        for (int i = 0; i < strokes.size(); i++) {
            if (!s.isShown(i) || !(strokes.curveOf(i) instanceof Curve.EllipticArc a) || !a.isCircular()) continue;
            double r = a.u().length() * s.metres;
            if (r < LEAST_ROUND || a.length() * s.metres < Seeing.WINDOW_LEAST) continue;
            long x = Math.round(a.centre().x() / grid), y = Math.round(a.centre().y() / grid);
            out.computeIfAbsent(x * 31_000_003L + y, _ -> new ArrayList<>()).add(new Bow(i, a, r));
        }
        return out.values();
    }

    private void walls(List<Bow> some) {
        for (int i = 0; i < some.size(); i++) for (int k = i + 1; k < Math.min(some.size(), i + MOST); k++) {
            double d = some.get(k).radius - some.get(i).radius;
            if (d > Seeing.THICK) break;
            double along = along(some.get(i), some.get(k)) * some.get(i).radius;
            if (d < Seeing.THIN || along < Seeing.THICK) continue;
            double w = Math.min(1.2, along / Math.max(d, 0.15) * 0.25);
            s.seeUpTo(some.get(i).stroke, Role.WALL, w, 1.6);
            s.seeUpTo(some.get(k).stroke, Role.WALL, w, 1.6);
        }
    }

    private void windows(List<Bow> some) {
        for (int i = 0; i < some.size(); i++) {
            Bow first = some.get(i);
            if (first.sweep() * first.radius > Seeing.WINDOW_MOST) continue;
            List<Bow> same = new ArrayList<>(List.of(first));
            for (int k = i + 1; k < some.size() && some.get(k).radius - first.radius < Seeing.DEEP; k++)
                if (first.endsAs(some.get(k))) same.add(some.get(k));
            boolean isFirst = some.subList(0, i).stream().noneMatch(b -> first.radius - b.radius < Seeing.DEEP && b.endsAs(first));
            if (isFirst && same.size() >= LEAST_PANES && same.size() <= MOST_PANES) for (Bow b : same) s.see(b.stroke, Role.WINDOW, PANES);
        }
    }

    /** How far two arcs run beside each other, radians; of one of more than half a turn at least. */
    private static double along(Bow a, Bow b) {
        double off = Math.abs(Angles.signed(a.middle() - b.middle()));
        return Math.min(Math.min(a.sweep(), b.sweep()), (a.sweep() + b.sweep()) / 2 - off);
    }
}
