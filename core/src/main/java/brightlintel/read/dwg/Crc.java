package brightlintel.read.dwg;

/** The sixteen-bit checksum of headers, maps and objects. */
public final class Crc {
    public static final int SEED = 0xC0C1;
    private static final int[] TABLE = new int[256];

    static {
        for (int i = 0; i < 256; i++) {
            int c = i;
            for (int k = 0; k < 8; k++) c = (c & 1) != 0 ? c >>> 1 ^ 0xA001 : c >>> 1;
            TABLE[i] = c;
        }
    }

    private Crc() { }

    public static int of(int seed, byte[] b, int from, int n) {
        int c = seed;
        for (int i = from; i < from + n; i++) c = c >>> 8 ^ TABLE[(c ^ b[i]) & 255];
        return c;
    }
}
