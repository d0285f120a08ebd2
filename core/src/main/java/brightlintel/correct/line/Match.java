package brightlintel.correct.line;

import brightlintel.geom.Box;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** How much of one plan's lines comes to lie on another's by a shift. */
final class Match {
    /** Metres: what drawing offices differ by; what would be another line. */
    private static final double NEAR = 0.006, ABOUT = 0.02, WINDOW = 0.0015;
    /** Of the length of lines that just lie on each other: they may be others that came near by chance. */
    private static final double LOOSE = 0.3;
    private static final double LONG = 5, SHORT = 0.2;
    private final Lines fixed, moved;

    /**
     * @param length  of lines that lie on lines, metres, each counting up to a few
     * @param places  different positions across x and across y at which they do
     * @param offsets what is left between those lines, metres, across x and across y
     * @param box     about them, in the frame of the fixed plan
     */
    record Score(Point shift, double length, int placesX, int placesY, double[] offsetsX, double[] offsetsY, Box box) { }

    Match(Lines fixed, Lines moved) {
        this.fixed = fixed;
        this.moved = moved;
    }

    Score by(Point shift) {
        List<Double> x = new ArrayList<>(), y = new ArrayList<>();
        Box[] box = {Box.EMPTY};
        int[] places = new int[2];
        double length = along(true, shift.x(), shift.y(), x, places, box) + along(false, shift.y(), shift.x(), y, places, box);
        return new Score(shift, length, places[0], places[1], flat(x), flat(y), box[0]);
    }

    /**
     * Where lines agree best about a shift, along one axis: the densest narrow window of what is left between lines that lie beside each
     * other, and its middle, each by the length along which they do.
     */
    double settled(boolean acrossX, Point shift) {
        double by = acrossX ? shift.x() : shift.y(), along = acrossX ? shift.y() : shift.x();
        List<double[]> off = new ArrayList<>();
        Lines.Line[] a = fixed.across(acrossX), b = moved.across(acrossX);
        int first = 0;
        for (Lines.Line f : a) {
            while (first < b.length && b[first].at() + by < f.at() - ABOUT) first++;
            for (int j = first; j < b.length && b[j].at() + by <= f.at() + ABOUT; j++) {
                double both = Math.min(f.to(), b[j].to() + along) - Math.max(f.from(), b[j].from() + along);
                if (both > SHORT) off.add(new double[] {f.at() - b[j].at() - by, Math.min(LONG, both)});
            }
        }
        off.sort((p, q) -> Double.compare(p[0], q[0]));
        double best = 0, sum = 0, moment = 0, middle = 0;
        int end = 0;
        for (int i = 0; i < off.size(); i++) {
            while (end < off.size() && off.get(end)[0] <= off.get(i)[0] + WINDOW) {
                sum += off.get(end)[1];
                moment += off.get(end)[0] * off.get(end++)[1];
            }
            if (sum > best) {
                best = sum;
                middle = moment / sum;
            }
            sum -= off.get(i)[1];
            moment -= off.get(i)[0] * off.get(i)[1];
        }
        return middle;
    }

    private static double[] flat(List<Double> v) {
        double[] a = v.stream().mapToDouble(d -> d).toArray();
        Arrays.sort(a);
        return a;
    }

    private double along(boolean acrossX, double by, double along, List<Double> off, int[] places, Box[] box) {
        Lines.Line[] a = fixed.across(acrossX), b = moved.across(acrossX);
        double sum = 0, last = Double.NEGATIVE_INFINITY;
        int first = 0;
        for (Lines.Line f : a) {
            while (first < b.length && b[first].at() + by < f.at() - NEAR) first++;
            double best = 0, offset = 0, from = 0, to = 0, worth = 0;
            for (int j = first; j < b.length && b[j].at() + by <= f.at() + NEAR; j++) {
                double low = Math.max(f.from(), b[j].from() + along), high = Math.min(f.to(), b[j].to() + along);
                double w = (high - low) * (1 - (1 - LOOSE) * Math.abs(f.at() - b[j].at() - by) / NEAR);
                if (w > worth) {
                    worth = w;
                    best = high - low;
                    offset = f.at() - b[j].at() - by;
                    from = low;
                    to = high;
                }
            }
            if (best < SHORT) continue;
            sum += Math.min(LONG, best) * worth / best;
            off.add(offset);
            box[0] = acrossX ? box[0].with(new Point(f.at(), from)).with(new Point(f.at(), to))
                : box[0].with(new Point(from, f.at())).with(new Point(to, f.at()));
            if (f.at() - last > 0.1) {
                places[acrossX ? 0 : 1]++;
                last = f.at();
            }
        }
        return sum;
    }
}
