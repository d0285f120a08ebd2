package brightlintel.correct.look;

import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.Arrays;
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

    private record Line(double v, double from, double to, int segment) { }

    static List<Flight> of(Frame f) {
        List<Flight> out = new ArrayList<>();
        of(f, true, out);
        of(f, false, out);
        return out;
    }

    /** Strokes with the same ends across lie behind each other once they are sorted by those: then a row is a run of even steps. */
    private static void of(Frame f, boolean level, List<Flight> out) {
        Segments s = f.segments();
        List<Line> all = new ArrayList<>();
        for (int i = 0; i < s.size(); i++) {
            if (level ? !f.isLevel(i) : !f.isPlumb(i)) continue;
            double u0 = level ? s.x0(i) : s.y0(i), u1 = level ? s.x1(i) : s.y1(i);
            all.add(new Line(level ? (s.y0(i) + s.y1(i)) / 2 : (s.x0(i) + s.x1(i)) / 2, Math.min(u0, u1), Math.max(u0, u1), i));
        }
        all.sort((a, b) -> a.from != b.from ? Double.compare(a.from, b.from) : Double.compare(a.to, b.to));
        for (int i = 0; i < all.size(); ) {
            int k = i + 1;
            double hair = ALIKE * (all.get(i).to - all.get(i).from);
            while (k < all.size() && all.get(k).from - all.get(i).from < hair && Math.abs(all.get(k).to - all.get(i).to) < hair) k++;
            if (k - i >= LEAST) rows(f, level, all.subList(i, k), out);
            i = k;
        }
    }

    private static void rows(Frame f, boolean level, List<Line> alike, List<Flight> out) {
        Line[] l = alike.toArray(Line[]::new);
        Arrays.sort(l, (a, b) -> Double.compare(a.v, b.v));
        int begin = 0;
        for (int i = 1; i <= l.length; i++) {
            double d = i < l.length ? l[i].v - l[i - 1].v : -1, first = begin + 1 < l.length ? l[begin + 1].v - l[begin].v : 0;
            if (i < l.length && (i == begin + 1 || Math.abs(d - first) < EVEN * first)) continue;
            row(f, level, l, begin, i, out);
            begin = i < l.length ? i - 1 : i;
        }
    }

    private static void row(Frame f, boolean level, Line[] l, int from, int to, List<Flight> out) {
        int n = to - from;
        if (n < LEAST || n > MOST) return;
        double tread = (l[to - 1].v - l[from].v) / (n - 1), wide = l[from].to - l[from].from;
        if (!(wide > SHORT * tread && wide < LONG * tread)) return;
        List<Integer> strokes = new ArrayList<>();
        for (int i = from; i < to; i++) strokes.add(f.segments().stroke(l[i].segment));
        double u = (l[from].from + l[from].to) / 2, v = (l[from].v + l[to - 1].v) / 2;
        out.add(new Flight(tread, n, level ? f.out(u, v) : f.out(v, u), strokes));
    }
}
