package brightlintel.correct.look;

import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Flights of steps: strokes of one length, side by side at one distance, a row of them. */
public final class Steps {
    /** Fewer may be a bench; more than in a flight of a house are tiles or boards. */
    private static final int LEAST = 6, MOST = 24;
    /** Of the distance; of the length. How long a step is for its tread: 0.8 to 3 m for 0.28. */
    private static final double EVEN = 0.02, ALIKE = 0.02, SHORT = 2.6, LONG = 11;

    private Steps() { }

    /** @param tread from step to step, file units */
    public record Flight(double tread, int steps, Point at, List<Integer> strokes) {
        public Flight {
            strokes = List.copyOf(strokes);
        }
    }

    static List<Flight> of(Frame f) {
        List<Flight> out = new ArrayList<>();
        of(f, true, out);
        of(f, false, out);
        return out;
    }

    /** Strokes with the same ends across lie behind each other once they are sorted by those: then a row is a run of even steps. */
    private static void of(Frame f, boolean level, List<Flight> out) {
        List<Frame.Line> all = f.lines(level);
        all.sort(Comparator.comparingDouble(Frame.Line::from).thenComparingDouble(Frame.Line::to));
        for (int i = 0; i < all.size(); ) {
            int k = i + 1;
            double hair = ALIKE * all.get(i).length();
            while (k < all.size() && all.get(k).from() - all.get(i).from() < hair
                && Math.abs(all.get(k).to() - all.get(i).to()) < hair) k++;
            if (k - i >= LEAST) rows(f, level, all.subList(i, k), out);
            i = k;
        }
    }

    private static void rows(Frame f, boolean level, List<Frame.Line> alike, List<Flight> out) {
        Frame.Line[] l = alike.toArray(Frame.Line[]::new);
        Arrays.sort(l, Comparator.comparingDouble(Frame.Line::v));
        int begin = 0;
        for (int i = 1; i <= l.length; i++) {
            double d = i < l.length ? l[i].v() - l[i - 1].v() : -1, first = begin + 1 < l.length ? l[begin + 1].v() - l[begin].v() : 0;
            if (i < l.length && (i == begin + 1 || Math.abs(d - first) < EVEN * first)) continue;
            row(f, level, l, begin, i, out);
            begin = i < l.length ? i - 1 : i;
        }
    }

    private static void row(Frame f, boolean level, Frame.Line[] l, int from, int to, List<Flight> out) {
        int n = to - from;
        if (n < LEAST || n > MOST) return;
        double tread = (l[to - 1].v() - l[from].v()) / (n - 1), wide = l[from].length();
        if (!(wide > SHORT * tread && wide < LONG * tread)) return;
        List<Integer> strokes = new ArrayList<>();
        for (int i = from; i < to; i++) strokes.add(l[i].stroke());
        double u = (l[from].from() + l[from].to()) / 2, v = (l[from].v() + l[to - 1].v()) / 2;
        out.add(new Flight(tread, n, f.out(level, u, v), strokes));
    }
}
