package brightlintel.correct.look;

import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Rows of strokes of one length, side by side at one distance: flights of steps, and the lines between parked cars. */
public final class Steps {
    /** Of the distance; of the length. */
    private static final double EVEN = 0.02, ALIKE = 0.02;

    private Steps() { }

    /**
     * What a row may be: so many strokes, each so many times as long as it is away from the next. Fewer steps than six may be a bench,
     * more than in a flight of a house are tiles or boards; a step is 0.8 to 3 m long for 0.28, a bay for a car 5 m for 2.5; frame and
     * panes
     * of a window are a few lines, 0.6 to 3 m long, 0.04 to 0.2 apart.
     */
    private enum Sort {
        STEPS(6, 24, 2.6, 11), BAYS(4, 80, 1.75, 2.35), WINDOWS(3, 5, 3, 40);

        private final int least, most;
        private final double shortest, longest;

        Sort(int least, int most, double shortest, double longest) {
            this.least = least;
            this.most = most;
            this.shortest = shortest;
            this.longest = longest;
        }
    }

    /** @param tread from step to step, file units */
    public record Flight(double tread, int steps, Point at, List<Integer> strokes) {
        public Flight {
            strokes = List.copyOf(strokes);
        }
    }

    static List<Flight> of(Frame f) {
        return of(f, Sort.STEPS);
    }

    /** Rows of lines as between parked cars; their tread is the width of a bay. */
    static List<Flight> bays(Frame f) {
        return of(f, Sort.BAYS);
    }

    /** Frames and panes of windows; their tread is how far apart these are. */
    static List<Flight> windows(Frame f) {
        return of(f, Sort.WINDOWS);
    }

    private static List<Flight> of(Frame f, Sort sort) {
        List<Flight> out = new ArrayList<>();
        of(f, sort, true, out);
        of(f, sort, false, out);
        return out;
    }

    /** Strokes with the same ends across lie behind each other once they are sorted by those: then a row is a run of even steps. */
    private static void of(Frame f, Sort sort, boolean level, List<Flight> out) {
        List<Frame.Line> all = f.lines(level);
        all.sort(Comparator.comparingDouble(Frame.Line::from).thenComparingDouble(Frame.Line::to));
        for (int i = 0; i < all.size(); ) {
            int k = i + 1;
            double hair = ALIKE * all.get(i).length();
            while (k < all.size() && all.get(k).from() - all.get(i).from() < hair
                && Math.abs(all.get(k).to() - all.get(i).to()) < hair) k++;
            if (k - i >= sort.least) rows(f, sort, level, all.subList(i, k), out);
            i = k;
        }
    }

    private static void rows(Frame f, Sort sort, boolean level, List<Frame.Line> alike, List<Flight> out) {
        Frame.Line[] l = alike.toArray(Frame.Line[]::new);
        Arrays.sort(l, Comparator.comparingDouble(Frame.Line::v));
        int begin = 0;
        for (int i = 1; i <= l.length; i++) {
            double d = i < l.length ? l[i].v() - l[i - 1].v() : -1, first = begin + 1 < l.length ? l[begin + 1].v() - l[begin].v() : 0;
            if (i < l.length && (i == begin + 1 || Math.abs(d - first) < EVEN * first)) continue;
            row(f, sort, level, l, begin, i, out);
            begin = i < l.length ? i - 1 : i;
        }
    }

    private static void row(Frame f, Sort sort, boolean level, Frame.Line[] l, int from, int to, List<Flight> out) {
        int n = to - from;
        if (n < sort.least || n > sort.most) return;
        double tread = (l[to - 1].v() - l[from].v()) / (n - 1), wide = l[from].length();
        if (!(wide > sort.shortest * tread && wide < sort.longest * tread)) return;
        List<Integer> strokes = new ArrayList<>();
        for (int i = from; i < to; i++) strokes.add(l[i].stroke());
        double u = (l[from].from() + l[from].to()) / 2, v = (l[from].v() + l[to - 1].v()) / 2;
        out.add(new Flight(tread, n, f.out(level, u, v), strokes));
    }
}
