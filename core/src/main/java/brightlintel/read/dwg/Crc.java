package brightlintel.read.dwg;

/** The sixteen-bit checksum of headers, maps and objects. */
public final class Crc {
    public static final int SEED = 0xC0C1;
    private static final int[][] TABLES = new int[4][256];

    static {
        for (int i = 0; i < 256; i++) {
            int c = i;
            for (int k = 0; k < 8; k++) c = (c & 1) != 0 ? c >>> 1 ^ 0xA001 : c >>> 1;
            TABLES[0][i] = c;
        }
        for (int t = 1; t < 4; t++) for (int i = 0; i < 256; i++) TABLES[t][i] = TABLES[t - 1][i] >>> 8 ^ TABLES[0][TABLES[t - 1][i] & 255];
    }

    private Crc() { }

    /** Four bytes a step: each table tells what a byte does that so many others follow. */
    public static int of(int seed, byte[] b, int from, int n) {
        int c = seed, i = from, end = from + n;
        int[] t0 = TABLES[0], t1 = TABLES[1], t2 = TABLES[2], t3 = TABLES[3];
        for (; i + 4 <= end; i += 4) c = t3[(c ^ b[i]) & 255] ^ t2[(c >>> 8 ^ b[i + 1]) & 255] ^ t1[b[i + 2] & 255] ^ t0[b[i + 3] & 255];
        for (; i < end; i++) c = c >>> 8 ^ t0[(c ^ b[i]) & 255];
        return c;
    }
}
