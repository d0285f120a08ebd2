package brightlintel.read.dwg;

import java.util.Arrays;

/** Rows of bytes that begin and end the parts of a file. */
public final class Marks {
    public static final byte[] HEAD_END = bytes(0x95, 0xA0, 0x4E, 0x28, 0x99, 0x82, 0x1A, 0xE5, 0x5E, 0x41, 0xE0, 0x5F, 0x9D, 0x3A, 0x4D,
        0x00);
    public static final byte[] PREVIEW = bytes(0x1F, 0x25, 0x6D, 0x07, 0xD4, 0x36, 0x28, 0x28, 0x9D, 0x57, 0xCA, 0x3F, 0x9D, 0x44, 0x10,
        0x2B);
    public static final byte[] PREVIEW_END = inverse(PREVIEW);
    public static final byte[] HEADER = bytes(0xCF, 0x7B, 0x1F, 0x23, 0xFD, 0xDE, 0x38, 0xA9, 0x5F, 0x7C, 0x68, 0xB8, 0x4E, 0x6D, 0x33,
        0x5F);
    public static final byte[] HEADER_END = inverse(HEADER);
    public static final byte[] CLASSES = bytes(0x8D, 0xA1, 0xC4, 0xB8, 0xC4, 0xA9, 0xF8, 0xC5, 0xC0, 0xDC, 0xF4, 0x5F, 0xE7, 0xCF, 0xB6,
        0x8A);
    public static final byte[] CLASSES_END = inverse(CLASSES);

    private Marks() { }

    private static byte[] bytes(int... v) {
        byte[] b = new byte[v.length];
        for (int i = 0; i < v.length; i++) b[i] = (byte) v[i];
        return b;
    }

    /** Each end is its beginning with all bits turned over. */
    private static byte[] inverse(byte[] mark) {
        byte[] b = mark.clone();
        for (int i = 0; i < b.length; i++) b[i] = (byte) ~b[i];
        return b;
    }

    static boolean begins(byte[] b, int at, byte[] mark) {
        return at + mark.length <= b.length && Arrays.equals(b, at, at + mark.length, mark, 0, mark.length);
    }

    /** @return where a mark first stands, or -1 */
    static int find(byte[] b, byte[] mark) {
        for (int i = 0; i + mark.length <= b.length; i++) if (b[i] == mark[0] && begins(b, i, mark)) return i;
        return -1;
    }
}
