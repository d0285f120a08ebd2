package brightlintel.read.dwg;

/** The checksum of pages: two sums that run along, folded now and then. */
final class PageSum {
    private static final int FOLD = 0xFFF1, RUN = 0x15B0;

    private PageSum() { }

    /** @param seed the sum of what came before, 0 at the beginning */
    static int of(int seed, byte[] b, int from, int n) {
        long low = seed & 0xffff, high = seed >>> 16;
        for (int i = from, end = from + n; i < end; ) {
            for (int stop = Math.min(end, i + RUN); i < stop; i++) {
                low += b[i] & 255;
                high += low;
            }
            low %= FOLD;
            high %= FOLD;
        }
        return (int) (high << 16 | low);
    }
}
