package brightlintel.trace;

import brightlintel.drawing.Pixels;
import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import brightlintel.place.LaidPicture;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A dark line of a picture as a stroke: what is dark is told by the light round the place, the line is followed both ways as far as it is
 * dark, and
 * its middle is where the dark lies across it. Pixels, y up from the lower edge.
 */
public final class DarkLine {
    /** Pixels round the place whose light tells what is dark; gaps in a line; how far across it is looked; the shortest line. */
    private static final int ROUND = 48, GAP = 3, ACROSS = 12, SHORTEST = 10;
    private static final int LONGEST = 20_000, ANGLES = 180, ROUNDS = 4, TRIES = 24;
    /** Pixels: as near to one that is none, another is the same speck. */
    private static final double SPECK = 4;
    /** Of 255: less between dark and light is no line. */
    private static final double CONTRAST = 40;
    private final Pixels p;
    private final double dark;

    private DarkLine(Pixels p, double dark) {
        this.p = p;
        this.dark = dark;
    }

    /** In metres, where a place of the building lies on a line of the picture, or near one. */
    public static Optional<Piece> at(LaidPicture picture, Point place, double reach) {
        Point px = picture.toBuilding().inverse().apply(place);
        double perPixel = picture.toBuilding().meanScale();
        return in(picture.pixels(), px, Math.max(2, reach / perPixel)).map(l -> l.mapped(picture.toBuilding()));
    }

    /** In pixels. */
    static Optional<Piece> in(Pixels p, Point at, double reach) {
        Optional<Double> dark = threshold(p, at);
        if (dark.isEmpty()) return Optional.empty();
        DarkLine d = new DarkLine(p, dark.get());
        return d.near(at, reach);
    }

    /** Half way between what is light and what is dark round a place (Otsu). */
    private static Optional<Double> threshold(Pixels p, Point at) {
        int[] count = new int[256];
        int n = 0;
        double sum = 0;
        for (int y = (int) at.y() - ROUND; y <= at.y() + ROUND; y++) for (int x = (int) at.x() - ROUND; x <= at.x() + ROUND; x++) {
            if (x < 0 || y < 0 || x >= p.width() || y >= p.height()) continue;
            int l = light(p, x, y);
            count[l]++;
            n++;
            sum += l;
        }
        double best = -1, low = 0, high = 0, below = 0, sumBelow = 0;
        for (int t = 0; t < 255; t++) {
            below += count[t];
            sumBelow += (double) t * count[t];
            if (below == 0 || below == n) continue;
            double a = sumBelow / below, b = (sum - sumBelow) / (n - below), between = below * (n - below) * (b - a) * (b - a);
            if (between <= best) continue;
            best = between;
            low = a;
            high = b;
        }
        return high - low < CONTRAST ? Optional.empty() : Optional.of((low + high) / 2);
    }

    private static int light(Pixels p, int x, int y) {
        int c = p.at(x, p.height() - 1 - y);
        int alpha = c >>> 24, l = ((c >> 16 & 255) * 299 + (c >> 8 & 255) * 587 + (c & 255) * 114) / 1000;
        return 255 - (255 - l) * alpha / 255;
    }

    private boolean isDark(double x, double y) {
        int i = (int) Math.floor(x), k = (int) Math.floor(y);
        return i >= 0 && k >= 0 && i < p.width() && k < p.height() && light(p, i, k) < dark;
    }

    /** The line of the nearest dark that is one: specks lie about. */
    private Optional<Piece> near(Point at, double reach) {
        List<Point> dark = new ArrayList<>();
        for (int y = (int) (at.y() - reach); y <= at.y() + reach; y++) for (int x = (int) (at.x() - reach); x <= at.x() + reach; x++) {
            Point c = new Point(x + 0.5, y + 0.5);
            if (c.distance(at) <= reach && isDark(c.x(), c.y())) dark.add(c);
        }
        dark.sort(Comparator.comparingDouble(at::distance));
        List<Point> tried = new ArrayList<>();
        for (Point c : dark) {
            if (tried.size() >= TRIES || tried.stream().anyMatch(t -> t.distance(c) < SPECK)) continue;
            tried.add(c);
            Optional<Piece> l = from(c);
            if (l.isPresent()) return l;
        }
        return Optional.empty();
    }

    /** The longest way through a dark place that stays dark, set to the middle of the dark across it until it stays there. */
    private Optional<Piece> from(Point seed) {
        double most = 0, angle = 0;
        for (int i = 0; i < ANGLES; i++) {
            Point u = Point.polar(Math.PI * i / ANGLES, 1);
            double l = way(seed, u) + way(seed, u.times(-1));
            if (l <= most) continue;
            most = l;
            angle = Math.PI * i / ANGLES;
        }
        Point u = Point.polar(angle, 1), on = seed;
        double from = -way(seed, u.times(-1)), to = way(seed, u);
        for (int i = 0; i < ROUNDS; i++) {
            List<Point> middles = middles(on, u, from, to);
            if (middles.size() < SHORTEST / 2) return Optional.empty();
            Point mean = middles.stream().reduce(Point.ORIGIN, Point::plus).times(1.0 / middles.size());
            double xx = 0, xy = 0;
            for (Point m : middles) {
                double x = u.dot(m.minus(mean)), y = u.left().dot(m.minus(mean));
                xx += x * x;
                xy += x * y;
            }
            u = u.plus(u.left().times(xx > 0 ? xy / xx : 0)).unit();
            on = mean;
            from = -way(on, u.times(-1));
            to = way(on, u);
        }
        return to - from < SHORTEST ? Optional.empty() : Optional.of(Piece.straight(on.plus(u.times(from)), on.plus(u.times(to))));
    }

    /** How far it stays dark, over small gaps. */
    private double way(Point a, Point u) {
        double last = 0;
        for (double s = 0.5; s < LONGEST; s += 0.5) {
            Point q = a.plus(u.times(s));
            if (isDark(q.x(), q.y())) last = s;
            else if (s - last > GAP) break;
        }
        return last;
    }

    /** Where the dark lies across a line, at each pixel along it; not where another line crosses. */
    private List<Point> middles(Point on, Point u, double from, double to) {
        List<Point> out = new ArrayList<>();
        Point n = u.left();
        double[] wide = new double[(int) (to - from) + 1];
        List<Point> all = new ArrayList<>();
        for (int i = 0; i < wide.length; i++) {
            Point q = on.plus(u.times(from + i));
            double up = edge(q, n), down = edge(q, n.times(-1));
            wide[i] = up + down;
            all.add(q.plus(n.times((up - down) / 2)));
        }
        double[] sorted = wide.clone();
        Arrays.sort(sorted);
        double usual = sorted[sorted.length / 2];
        for (int i = 0; i < wide.length; i++) if (wide[i] > 0 && wide[i] <= 1.6 * usual + 1) out.add(all.get(i));
        return out;
    }

    /** To the edge of the dark, one way. */
    private double edge(Point q, Point n) {
        double s = 0;
        while (s < ACROSS && isDark(q.x() + n.x() * s, q.y() + n.y() * s)) s += 0.25;
        return s;
    }
}
