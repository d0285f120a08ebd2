package brightlintel.geom;

import java.util.Arrays;
import java.util.function.IntConsumer;

/**
 * A packed tree over segments in the order of a Hilbert curve, 16 to a node, built once from the bottom up. Leaves keep no boxes of their
 * own (a segment is its box); inner nodes keep floats rounded outwards, which halves the memory walked. Idea: packed Hilbert R-tree
 * (Kamel and Faloutsos, 1993).
 */
final class PackedIndex implements SegmentIndex {
    private static final int FAN_BITS = 4, FAN = 1 << FAN_BITS, MANY = 1000;
    private static final ThreadLocal<Hits> SPARE = new ThreadLocal<>();
    private final double[] xy;
    private final int[] order;
    private final float[][] boxes;

    PackedIndex(double[] xy) {
        this.xy = xy;
        int n = xy.length / 4;
        order = hilbertOrder(xy, n);
        int levels = 0;
        for (int c = n; c > 1 || levels == 0 && c == 1; c = (c + FAN - 1) / FAN) levels++;
        boxes = new float[levels][];
        int below = n;
        for (int level = 0; level < levels; level++) {
            int count = (below + FAN - 1) / FAN;
            boxes[level] = level == 0 ? leafBoxes(count, n) : innerBoxes(boxes[level - 1], count, below);
            below = count;
        }
    }

    private static int[] hilbertOrder(double[] xy, int n) {
        double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = Double.NEGATIVE_INFINITY, maxY = maxX;
        for (int i = 0; i < xy.length; i += 2) {
            minX = Math.min(minX, xy[i]);
            maxX = Math.max(maxX, xy[i]);
            minY = Math.min(minY, xy[i + 1]);
            maxY = Math.max(maxY, xy[i + 1]);
        }
        double fx = maxX > minX ? 65535 / (maxX - minX) : 0, fy = maxY > minY ? 65535 / (maxY - minY) : 0;
        long[] keys = new long[n];
        double left = minX, low = minY;
        Chunks.of(n, (from, to) -> {
            for (int i = from; i < to; i++) {
                int x = (int) (((xy[4 * i] + xy[4 * i + 2]) / 2 - left) * fx), y = (int) (((xy[4 * i + 1] + xy[4 * i + 3]) / 2 - low) * fy);
                keys[i] = (hilbert(x, y) << 31) | i;
            }
        });
        Arrays.parallelSort(keys);
        int[] order = new int[n];
        for (int i = 0; i < n; i++) order[i] = (int) (keys[i] & 0x7fffffff);
        return order;
    }

    /** Place of a cell on the Hilbert curve of 65536 x 65536 cells. */
    private static long hilbert(int x, int y) {
        long d = 0;
        for (int s = 1 << 15; s > 0; s >>= 1) {
            int rx = (x & s) > 0 ? 1 : 0, ry = (y & s) > 0 ? 1 : 0;
            d += (long) s * s * ((3 * rx) ^ ry);
            if (ry == 0) {
                if (rx == 1) {
                    x = 65535 - x;
                    y = 65535 - y;
                }
                int swap = x;
                x = y;
                y = swap;
            }
        }
        return d;
    }

    private float[] leafBoxes(int count, int n) {
        float[] out = new float[4 * count];
        Chunks.of(count, (from, to) -> {
            for (int node = from; node < to; node++) leafBox(node, n, out);
        });
        return out;
    }

    private void leafBox(int node, int n, float[] out) {
        double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = Double.NEGATIVE_INFINITY, maxY = maxX;
        for (int k = node * FAN; k < Math.min(n, node * FAN + FAN); k++) {
            int i = 4 * order[k];
            minX = Math.min(minX, Math.min(xy[i], xy[i + 2]));
            maxX = Math.max(maxX, Math.max(xy[i], xy[i + 2]));
            minY = Math.min(minY, Math.min(xy[i + 1], xy[i + 3]));
            maxY = Math.max(maxY, Math.max(xy[i + 1], xy[i + 3]));
        }
        out[4 * node] = Math.nextDown((float) minX);
        out[4 * node + 1] = Math.nextDown((float) minY);
        out[4 * node + 2] = Math.nextUp((float) maxX);
        out[4 * node + 3] = Math.nextUp((float) maxY);
    }

    private static float[] innerBoxes(float[] below, int count, int belowCount) {
        float[] out = new float[4 * count];
        for (int node = 0; node < count; node++) {
            float minX = Float.POSITIVE_INFINITY, minY = minX, maxX = Float.NEGATIVE_INFINITY, maxY = maxX;
            for (int k = node * FAN; k < Math.min(belowCount, node * FAN + FAN); k++) {
                minX = Math.min(minX, below[4 * k]);
                minY = Math.min(minY, below[4 * k + 1]);
                maxX = Math.max(maxX, below[4 * k + 2]);
                maxY = Math.max(maxY, below[4 * k + 3]);
            }
            out[4 * node] = minX;
            out[4 * node + 1] = minY;
            out[4 * node + 2] = maxX;
            out[4 * node + 3] = maxY;
        }
        return out;
    }

    @Override public void query(Box box, IntConsumer hit) {
        if (order.length == 0 || box.isEmpty()) return;
        // room for a million hits is not made anew for each of sixty frames a second; a query within a query makes its own
        Hits hits = SPARE.get();
        SPARE.remove();
        if (hits == null) hits = new Hits();
        hits.size = 0;
        int top = boxes.length - 1;
        for (int node = 0; node < boxes[top].length / 4; node++) descend(top, node, box, hits);
        hits.inOrder(order.length, hit);
        SPARE.set(hits);
    }

    private void descend(int level, int node, Box q, Hits hits) {
        float[] b = boxes[level];
        if (b[4 * node] > q.maxX() || b[4 * node + 2] < q.minX() || b[4 * node + 1] > q.maxY() || b[4 * node + 3] < q.minY()) return;
        if (b[4 * node] >= q.minX() && b[4 * node + 2] <= q.maxX() && b[4 * node + 1] >= q.minY() && b[4 * node + 3] <= q.maxY()) {
            // all that hangs on it lies one behind another
            long wide = 1L << FAN_BITS * (level + 1);
            hits.addAll(order, (int) (node * wide), (int) Math.min(order.length, (node + 1) * wide));
            return;
        }
        if (level > 0) {
            int last = Math.min(boxes[level - 1].length / 4, node * FAN + FAN);
            for (int k = node * FAN; k < last; k++) descend(level - 1, k, q, hits);
            return;
        }
        for (int k = node * FAN; k < Math.min(order.length, node * FAN + FAN); k++) {
            int i = 4 * order[k];
            if (Math.min(xy[i], xy[i + 2]) <= q.maxX() && Math.max(xy[i], xy[i + 2]) >= q.minX()
                && Math.min(xy[i + 1], xy[i + 3]) <= q.maxY() && Math.max(xy[i + 1], xy[i + 3]) >= q.minY()) hits.add(order[k]);
        }
    }

    private static final class Hits {
        private int[] list = new int[16];
        private long[] bits = new long[0];
        private int size;

        void add(int i) {
            if (size == list.length) list = Arrays.copyOf(list, 2 * size);
            list[size++] = i;
        }

        void addAll(int[] from, int begin, int end) {
            if (size + end - begin > list.length) list = Arrays.copyOf(list, Math.max(2 * list.length, size + end - begin));
            System.arraycopy(from, begin, list, size, end - begin);
            size += end - begin;
        }

        void inOrder(int of, IntConsumer hit) {
            if (size > MANY) marked(of, hit);
            else {
                Arrays.sort(list, 0, size);
                for (int i = 0; i < size; i++) hit.accept(list[i]);
            }
        }

        /** A bit for each of all: quicker than sorting many. */
        private void marked(int of, IntConsumer hit) {
            int words = (of >> 6) + 1;
            if (bits.length < words) bits = new long[words];
            else Arrays.fill(bits, 0, words, 0);
            for (int i = 0; i < size; i++) bits[list[i] >> 6] |= 1L << list[i];
            for (int w = 0; w < words; w++)
                for (long b = bits[w]; b != 0; b &= b - 1) hit.accept(w << 6 | Long.numberOfTrailingZeros(b));
        }
    }
}
