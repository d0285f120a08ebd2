package brightlintel.place;

import brightlintel.clear.Cleared;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Box;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;
import java.util.Arrays;

/**
 * Where the plan is, without strays far from it.
 *
 * @param main      box of the main cluster, in the coordinates that were asked for
 * @param strays    strokes left aside
 * @param strokes   strokes looked at
 */
public record Extent(Box main, int strays, int strokes) {
    /** A cluster with fewer than this share of the strokes is a stray, if it lies apart. */
    private static final double STRAY_SHARE = 0.02;
    /** Apart: by more than this many times the size of the bulk. */
    private static final double APART = 0.6;
    private static final int ROUNDS = 4;
    /** Of a curve that is cut: places at which it is looked at. */
    private static final int STEPS = 16;

    /** @param map from the strokes' shifted file units: a turned plan has another upright box than the file */
    public static Extent of(Strokes s, Cleared shown, Affine map) {
        double[][] box = new double[4][s.size() + s.marks()];
        int n = 0;
        double[] xy = s.xy();
        for (int i = 0; i < s.size(); i++) {
            if (!shown.strokeShown(i) || s.entityOf(i) instanceof Entity.Endless) continue;
            if (shown.strokeCut(i)) {
                put(box, n++, cut(s.curveOf(i), shown.stretches(i), map));
                continue;
            }
            double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = Double.NEGATIVE_INFINITY, maxY = maxX;
            for (int c = 4 * s.firstChord(i); c < 4 * s.firstChord(i + 1); c += 2) {
                double x = map.a() * xy[c] + map.c() * xy[c + 1] + map.tx(), y = map.b() * xy[c] + map.d() * xy[c + 1] + map.ty();
                minX = Math.min(minX, x);
                maxX = Math.max(maxX, x);
                minY = Math.min(minY, y);
                maxY = Math.max(maxY, y);
            }
            box[0][n] = minX;
            box[1][n] = maxX;
            box[2][n] = minY;
            box[3][n++] = maxY;
        }
        // a drawing that is nothing but pictures, texts or fills is where they are; a scan counts beside strokes too
        boolean bare = n == 0;
        for (int i = 0; i < s.marks(); i++)
            if ((bare || s.mark(i) instanceof Strokes.PictureMark) && shown.markShown(i)) {
                Box b = s.mark(i) instanceof Strokes.PictureMark m ? shown.cropped(m.box()) : s.mark(i).box();
                if (!b.isEmpty()) put(box, n++, b.mapped(map));
            }
        boolean[] in = new boolean[n];
        Arrays.fill(in, true);
        for (int round = 0; round < ROUNDS; round++)
            if (!dropStrays(box[0], box[1], in) & !dropStrays(box[2], box[3], in)) break;
        Box main = Box.EMPTY;
        int kept = 0;
        for (int i = 0; i < n; i++)
            if (in[i]) {
                kept++;
                main = main.with(new Point(box[0][i], box[2][i])).with(new Point(box[1][i], box[3][i]));
            }
        return new Extent(main, n - kept, n);
    }

    private static void put(double[][] box, int i, Box b) {
        box[0][i] = b.minX();
        box[1][i] = b.maxX();
        box[2][i] = b.minY();
        box[3][i] = b.maxY();
    }

    private static Box cut(Curve c, double[] stretches, Affine map) {
        Box b = Box.EMPTY;
        for (int i = 0; i < stretches.length; i += 2)
            for (int k = 0; k <= STEPS; k++) b = b.with(map.apply(c.at(stretches[i] + (stretches[i + 1] - stretches[i]) * k / STEPS)));
        return b;
    }

    /** Indexes by rising value. Single precision is enough to part clusters, and lets value and index share a long. */
    private static int[] rising(double[] value, boolean[] in) {
        long[] keys = new long[in.length];
        int n = 0;
        for (int i = 0; i < in.length; i++) {
            if (!in[i]) continue;
            int bits = Float.floatToIntBits((float) value[i]);
            keys[n++] = (long) (bits ^ (bits >> 31 & 0x7fffffff)) << 32 | i;
        }
        keys = Arrays.copyOf(keys, n);
        Arrays.parallelSort(keys);
        int[] order = new int[n];
        for (int k = 0; k < n; k++) order[k] = (int) keys[k];
        return order;
    }

    /** Along one axis: joins intervals into clusters over small gaps, and drops the small clusters that lie apart. */
    private static boolean dropStrays(double[] min, double[] max, boolean[] in) {
        int[] order = rising(min, in);
        int n = order.length;
        if (n < 8) return false;
        double[] middle = new double[n];
        for (int k = 0; k < n; k++) middle[k] = (min[order[k]] + max[order[k]]) / 2;
        Arrays.sort(middle);
        double gap = APART * Math.max(middle[n - 1 - n / 10] - middle[n / 10], 1e-12);
        boolean dropped = false;
        int begin = 0;
        double reach = max[order[0]];
        for (int k = 1; k <= n; k++) {
            if (k < n && min[order[k]] <= reach + gap) {
                reach = Math.max(reach, max[order[k]]);
                continue;
            }
            if (k - begin < Math.max(2, STRAY_SHARE * n) && k - begin < n) {
                for (int j = begin; j < k; j++) in[order[j]] = false;
                dropped = true;
            }
            begin = k;
            if (k < n) reach = max[order[k]];
        }
        return dropped;
    }
}
