package brightlintel.find;

import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;

/**
 * What a later revision of a drawing has that the earlier had not, what is gone from it, and what lies elsewhere. Only what is shown
 * counts:
 * a frozen layer that was cleaned up is nothing that anybody has to look at. Places are file units as in the file, since the two may be
 * shifted otherwise.
 *
 * @param same  strokes that lie as they lay
 * @param texts of what is written
 */
public record Differences(List<Curve> added, List<Curve> gone, List<Moved> moved, int same, Texts texts) {
    /** Coordinates that differ by less than this share of the largest are one: below what a file's figures tell. */
    private static final double EQUAL = 1e-11;

    public Differences {
        added = List.copyOf(added);
        gone = List.copyOf(gone);
        moved = List.copyOf(moved);
    }

    public record Moved(Curve from, Curve to) { }

    /** @param reworded stands where it stood and says something else */
    public record Texts(List<Point> added, List<Point> gone, List<Point> reworded) {
        public Texts {
            added = List.copyOf(added);
            gone = List.copyOf(gone);
            reworded = List.copyOf(reworded);
        }
    }

    /** One of the two. @param strokeShown by stroke @param markShown by {@link Strokes#mark(int)} */
    public record Side(Strokes strokes, Finder finder, IntPredicate strokeShown, IntPredicate markShown) { }

    public boolean isNothing() {
        return added.isEmpty() && gone.isEmpty() && moved.isEmpty() && texts.added.isEmpty() && texts.gone.isEmpty()
            && texts.reworded.isEmpty();
    }

    /** Share of the strokes of the earlier one that are there still, moved or not. */
    public double kept() {
        int before = same + moved.size() + gone.size();
        return before == 0 ? 1 : (same + moved.size()) / (double) before;
    }

    public static Differences of(Side was, Side now) {
        double cell = EQUAL * Math.max(largest(was.strokes), largest(now.strokes));
        Lying<Place> lying = new Lying<>(now.strokes.size(), i -> now.strokeShown.test(i) ? Place.of(now.strokes, i, cell) : null);
        boolean[] taken = new boolean[now.strokes.size()];
        List<Integer> left = new ArrayList<>();
        int same = 0;
        for (int i = 0; i < was.strokes.size(); i++) {
            if (!was.strokeShown.test(i)) continue;
            if (lying.take(Place.of(was.strokes, i, cell), taken)) same++;
            else left.add(i);
        }
        List<Curve> gone = new ArrayList<>();
        List<Moved> moved = new ArrayList<>();
        for (int i : left) {
            Curve before = curve(was.strokes, i);
            Found f = now.finder.find(was.finder.ref(i, 0, 1)).filter(x -> !taken[x.index()]
                && now.strokeShown.test(x.index())).orElse(null);
            if (f == null) {
                gone.add(before);
                continue;
            }
            taken[f.index()] = true;
            Curve after = curve(now.strokes, f.index());
            if (f.by() == Found.By.PLACE || Finder.samePlace(before, after)) same++;
            else moved.add(new Moved(before, after));
        }
        List<Curve> added = new ArrayList<>();
        for (int i = 0; i < taken.length; i++) if (!taken[i] && now.strokeShown.test(i)) added.add(curve(now.strokes, i));
        return new Differences(added, gone, moved, same, texts(was, now, cell));
    }

    /** Numbers by key, each given out once, those of one key in rising order. */
    private static final class Lying<K> {
        private final Map<K, Integer> first = new HashMap<>();
        private final int[] next;

        /** @param key null for what is not to be found */
        Lying(int size, IntFunction<K> key) {
            next = new int[size];
            for (int i = size - 1; i >= 0; i--) {
                K k = key.apply(i);
                if (k == null) continue;
                Integer after = first.put(k, i);
                next[i] = after == null ? -1 : after;
            }
        }

        boolean take(K k, boolean[] taken) {
            Integer at = first.get(k);
            if (at == null) return false;
            taken[at] = true;
            if (next[at] < 0) first.remove(k);
            else first.put(k, next[at]);
            return true;
        }
    }

    private static Curve curve(Strokes s, int stroke) {
        return s.curveOf(stroke).mapped(Affine.move(s.origin()));
    }

    private static double largest(Strokes s) {
        double most = Math.max(Math.abs(s.origin().x()), Math.abs(s.origin().y()));
        double[] xy = s.xy();
        for (int i = 0; i < 4 * s.chords(); i++) if (Double.isFinite(xy[i])) most = Math.max(most, Math.abs(xy[i]));
        return most;
    }

    /** Where a stroke lies, whichever way it runs. */
    private record Place(long x0, long y0, long x1, long y1, long midX, long midY) {
        static Place of(Strokes s, int stroke, double cell) {
            double[] xy = s.xy();
            Point o = s.origin();
            int first = 4 * s.firstChord(stroke), last = 4 * (s.firstChord(stroke + 1) - 1);
            Point mid = s.isStraight(stroke) ? null : s.curveOf(stroke).at(0.5);
            long ax = at(xy[first] + o.x(), cell), ay = at(xy[first + 1] + o.y(), cell);
            long bx = at(xy[last + 2] + o.x(), cell), by = at(xy[last + 3] + o.y(), cell);
            long mx = mid == null ? 0 : at(mid.x() + o.x(), cell), my = mid == null ? 0 : at(mid.y() + o.y(), cell);
            boolean turned = ax > bx || ax == bx && ay > by;
            return turned ? new Place(bx, by, ax, ay, mx, my) : new Place(ax, ay, bx, by, mx, my);
        }

        private static long at(double v, double cell) {
            return cell == 0 ? 0 : Math.round(v / cell);
        }
    }

    // ---- what is written

    private record Written(String words, long x, long y) { }

    private static Texts texts(Side was, Side now, double cell) {
        List<Strokes.TextMark> before = shown(was), after = shown(now);
        double coarse = Math.max(cell, 1e-9);
        Lying<Written> lying = new Lying<>(after.size(), i -> key(after.get(i), now.strokes, coarse, true));
        boolean[] taken = new boolean[after.size()];
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < before.size(); i++) if (!lying.take(key(before.get(i), was.strokes, coarse, true), taken)) left.add(i);
        Lying<Written> places = new Lying<>(after.size(), i -> taken[i] ? null : key(after.get(i), now.strokes, coarse, false));
        List<Point> gone = new ArrayList<>(), reworded = new ArrayList<>(), added = new ArrayList<>();
        for (int i : left) {
            boolean stands = places.take(key(before.get(i), was.strokes, coarse, false), taken);
            (stands ? reworded : gone).add(middle(before.get(i), was.strokes));
        }
        for (int i = 0; i < taken.length; i++) if (!taken[i]) added.add(middle(after.get(i), now.strokes));
        return new Texts(added, gone, reworded);
    }

    private static List<Strokes.TextMark> shown(Side s) {
        List<Strokes.TextMark> out = new ArrayList<>();
        List<Strokes.TextMark> all = s.strokes.texts();
        for (int i = 0; i < all.size(); i++) if (s.markShown.test(i)) out.add(all.get(i));
        return out;
    }

    /** A text stands where its own place is, whatever it says. */
    private static Written key(Strokes.TextMark t, Strokes s, double cell, boolean words) {
        Point p = t.map().apply(new Point(0, 0)).plus(s.origin());
        return new Written(words ? t.plain() : "", Math.round(p.x() / cell), Math.round(p.y() / cell));
    }

    private static Point middle(Strokes.TextMark t, Strokes s) {
        return t.box().centre().plus(s.origin());
    }
}
