package brightlintel.correct.line;

import brightlintel.correct.look.Look;
import brightlintel.correct.look.Segments;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Straight strokes of a plan in metres, turned so that they are level and plumb: those across one axis, by where they cross it. */
final class Lines {
    /** Metres: shorter ones are marks; longer ones count no more; strokes nearer to each other are one. */
    private static final double SHORT = 0.25, LONG = 5, SAME = 0.0005;
    private static final double SLOPE = Math.tan(Math.toRadians(0.1));
    private static final int MOST = 2500;

    /** @param at where it crosses its axis; from, to: along it */
    record Line(double at, double from, double to) {
        double length() {
            return to - from;
        }

        double weight() {
            return Math.min(LONG, to - from);
        }
    }

    private final Line[] plumb, level;

    private Lines(Line[] plumb, Line[] level) {
        this.plumb = plumb;
        this.level = level;
    }

    /** Across x, by x; across y, by y. */
    Line[] across(boolean x) {
        return x ? plumb : level;
    }

    /**
     * @param turn   by which the plan lies turned
     * @param metres per unit
     */
    static Lines of(Look look, double turn, double metres) {
        Segments s = look.segments();
        List<Line> plumb = new ArrayList<>(), level = new ArrayList<>();
        for (int i = 0; i < s.size(); i++) {
            if (s.length(i) * metres < SHORT) continue;
            Point a = new Point(s.x0(i), s.y0(i)).times(metres).turn(-turn), b = new Point(s.x1(i), s.y1(i)).times(metres).turn(-turn);
            double dx = Math.abs(b.x() - a.x()), dy = Math.abs(b.y() - a.y());
            if (dx <= SLOPE * dy) plumb.add(new Line((a.x() + b.x()) / 2, Math.min(a.y(), b.y()), Math.max(a.y(), b.y())));
            else if (dy <= SLOPE * dx) level.add(new Line((a.y() + b.y()) / 2, Math.min(a.x(), b.x()), Math.max(a.x(), b.x())));
        }
        return new Lines(joined(plumb), joined(level));
    }

    /** Pieces of one line, doubled or end to end, are one; the longest are kept. */
    private static Line[] joined(List<Line> all) {
        all.sort(Comparator.comparingDouble((Line l) -> Math.rint(l.at / SAME)).thenComparingDouble(Line::from));
        List<Line> out = new ArrayList<>();
        for (Line l : all) {
            Line last = out.isEmpty() ? null : out.getLast();
            if (last != null && Math.abs(last.at - l.at) <= SAME && l.from <= last.to + 10 * SAME)
                out.set(out.size() - 1, new Line(last.at, last.from, Math.max(last.to, l.to)));
            else out.add(l);
        }
        if (out.size() > MOST) {
            out.sort(Comparator.comparingDouble(Line::length).reversed());
            out = new ArrayList<>(out.subList(0, MOST));
        }
        Line[] a = out.toArray(Line[]::new);
        Arrays.sort(a, Comparator.comparingDouble(Line::at));
        return a;
    }
}
