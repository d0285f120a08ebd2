package brightlintel.geom;

import java.util.Arrays;

/** Parts what lies together from the few things that lie far from it. Cost n log n. */
public final class Clusters {
    /** A cluster with fewer than this share of the strokes is a stray, if it lies apart. */
    private static final double STRAY_SHARE = 0.02;
    /** Apart: by more than this many times the size of the bulk. */
    private static final double APART = 0.6;
    private static final int ROUNDS = 4;

    private Clusters() { }

    /**
     * @param box smallest and largest x, then y, of each thing
     * @return which of the first n belong to the main cluster
     */
    public static boolean[] main(double[][] box, int n) {
        boolean[] in = new boolean[n];
        Arrays.fill(in, true);
        for (int round = 0; round < ROUNDS; round++)
            if (!dropStrays(box[0], box[1], in) & !dropStrays(box[2], box[3], in)) break;
        return in;
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
