package brightlintel.correct.line;

import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Walls that two plans have in common: both faces of one lie on both faces of the other. A line comes to lie on a line by chance, where all
 * is drawn in whole centimetres; a wall on a wall of the same thickness hardly does.
 */
final class Walls {
    /** Metres: faces of a wall or a column; how long they are; how near they lie; places further apart than this are two. */
    private static final double THIN = 0.06, THICK = 0.65, LONG = 1, NEAR = 0.002, APART = 0.7;
    private static final double ALONG = 0.5;

    private Walls() { }

    private record Wall(double low, double high, double from, double to) { }

    /** How many places across an axis have a wall in common. */
    static int common(Lines fixed, Lines moved, boolean acrossX, Point shift) {
        List<Wall> a = walls(fixed.across(acrossX)), b = walls(moved.across(acrossX));
        double by = acrossX ? shift.x() : shift.y(), along = acrossX ? shift.y() : shift.x(), last = Double.NEGATIVE_INFINITY;
        int places = 0, first = 0;
        for (Wall w : a) {
            while (first < b.size() && b.get(first).low + by < w.low - NEAR) first++;
            boolean found = false;
            for (int j = first; j < b.size() && b.get(j).low + by <= w.low + NEAR && !found; j++) {
                Wall v = b.get(j);
                found = Math.abs(v.high + by - w.high) <= NEAR && Math.min(w.to, v.to + along) - Math.max(w.from, v.from + along) > ALONG;
            }
            if (!found || w.low - last < APART) continue;
            places++;
            last = w.low;
        }
        return places;
    }

    private static List<Wall> walls(Lines.Line[] l) {
        List<Wall> out = new ArrayList<>();
        for (int i = 0; i < l.length; i++)
            for (int j = i + 1; j < l.length && l[j].at() - l[i].at() <= THICK; j++) {
                double from = Math.max(l[i].from(), l[j].from()), to = Math.min(l[i].to(), l[j].to());
                if (l[j].at() - l[i].at() >= THIN && to - from > LONG) out.add(new Wall(l[i].at(), l[j].at(), from, to));
            }
        return out;
    }
}
