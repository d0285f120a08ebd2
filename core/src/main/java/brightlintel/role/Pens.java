package brightlintel.role;

import brightlintel.correct.Reckoning;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Angles;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Strokes that are walls by the width they are drawn with: bands of polylines, and thick pens of pages. A heavy pen that draws faces is
 * not one: its strokes come in twos, as far apart as walls are thick.
 */
final class Pens {
    /**
     * Metres: from partitions to outer walls; of strokes of one pen together at least; widths that are one. Points of a page. Of a stroke:
     * longer than wide; of a pen: what draws faces; radians.
     */
    private static final double THIN = 0.055, THICK = 0.66, LEAST = 3, MILLIMETRE = 0.001, HUNDREDTHS_IN_POINT = 2540 / 72.0;
    private static final double SLENDER = 1.5, IN_TWOS = 0.3, IN = 1.02, ALONG = Math.toRadians(1);
    private static final int SAMPLES = 5;
    private final Strokes s;
    private final double[] widths;
    private final List<Integer> middles = new ArrayList<>();
    private double widest;

    private record Pen(int layer, long width) { }

    Pens(Reckoning r) {
        s = r.look().strokes();
        widths = new double[s.size()];
        double metres = r.size().metresPerUnit();
        boolean page = r.look().drawn().file().format().isPaged();
        Map<Pen, List<Integer>> all = new HashMap<>();
        for (int i = 0; i < s.size(); i++) {
            double w = page ? Math.max(0, s.weightOf(i)) / HUNDREDTHS_IN_POINT : s.widthOf(i);
            boolean thick = w * metres >= THIN && w * metres <= THICK;
            if (!thick || !r.look().drawn().strokeShown().test(i) || s.curveOf(i).length() < SLENDER * w) continue;
            widths[i] = w;
            all.computeIfAbsent(new Pen(s.layerOf(i), Math.round(w * metres / MILLIMETRE)), _ -> new ArrayList<>()).add(i);
        }
        all.values().removeIf(p -> p.stream().mapToDouble(i -> s.curveOf(i).length()).sum() * metres < LEAST || drawsFaces(p,
            THICK / metres));
        all.values().forEach(middles::addAll);
        Collections.sort(middles);
        for (int i : middles) widest = Math.max(widest, widths[i]);
    }

    /** Both sides of each, and what closes it at its free ends. */
    List<Undrawn.Edge> edges() {
        List<Undrawn.Edge> out = new ArrayList<>();
        for (int i : middles) {
            double half = widths[i] / 2;
            for (boolean left : new boolean[] {true, false}) out.add(new Undrawn.Edge.Side(i, half, left));
            for (boolean start : new boolean[] {true, false}) if (isFree(i, start)) out.add(new Undrawn.Edge.Cap(i, half, start));
        }
        return out;
    }

    /** Whether for a good part another stroke of the same pen runs beside, as far off as walls are thick. */
    private boolean drawsFaces(List<Integer> pen, double far) {
        BitSet own = new BitSet();
        pen.forEach(own::set);
        double all = 0, two = 0;
        for (int i : pen) {
            Curve c = s.curveOf(i);
            for (int k = 0; k < SAMPLES; k++) {
                double share = (k + 0.5) / SAMPLES;
                all += c.length();
                if (hasBeside(i, c.at(share), c.derivative(share).unit(), own, far)) two += c.length();
            }
        }
        return two > IN_TWOS * all;
    }

    private boolean hasBeside(int own, Point at, Point u, BitSet pen, double far) {
        boolean[] found = {false};
        s.chordsIn(Box.around(at, far), c -> {
            int i = s.strokeOf(c);
            if (found[0] || i == own || !pen.get(i)) return;
            Point a = start(c), b = end(c);
            if (Angles.betweenLines(b.minus(a).angle(), u.angle()) > ALONG) return;
            double off = Math.abs(u.cross(a.minus(at))), p = u.dot(a.minus(at)), q = u.dot(b.minus(at));
            found[0] = off > widths[own] / 2 && off < far && Math.min(p, q) < 0 && Math.max(p, q) > 0;
        });
        return found[0];
    }

    /** Whether an end lies in no other band. */
    private boolean isFree(int stroke, boolean start) {
        Point end = start ? s.curveOf(stroke).first() : s.curveOf(stroke).last();
        boolean[] free = {true};
        s.chordsIn(Box.around(end, widest), c -> {
            int i = s.strokeOf(c);
            if (!free[0] || i == stroke || Collections.binarySearch(middles, i) < 0) return;
            Point a = start(c), b = end(c);
            double l = a.distance(b), t = l > 0 ? Math.clamp(end.minus(a).dot(b.minus(a)) / (l * l), 0, 1) : 0;
            free[0] = end.distance(a.towards(b, t)) > widths[i] / 2 * IN;
        });
        return free[0];
    }

    private Point start(int chord) {
        return new Point(s.xy()[4 * chord], s.xy()[4 * chord + 1]);
    }

    private Point end(int chord) {
        return new Point(s.xy()[4 * chord + 2], s.xy()[4 * chord + 3]);
    }
}
