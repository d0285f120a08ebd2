package brightlintel.read.dxf;

import brightlintel.read.CodePages;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/** Makes texts of slices of bytes. Names come again and again: short ASCII values are kept once. */
final class SliceTexts {
    private static final int SLOTS = 1 << 10, SHORT = 40;
    private final String[] names = new String[SLOTS];
    private final byte[][] nameBytes = new byte[SLOTS][];
    private Charset charset = Charset.forName("windows-1252");

    /** For what is beyond plain ASCII, from now on. */
    void charset(Charset c) {
        charset = c;
    }

    String text(byte[] b, int from, int to) {
        int n = to - from;
        if (n > SHORT) return CodePages.decode(charset, b, from, n);
        int h = n;
        for (int i = from; i < to; i++) {
            if (b[i] < 0 || b[i] == '\\') return CodePages.decode(charset, b, from, n);
            h = h * 31 + b[i];
        }
        int slot = (h ^ (h >>> 15)) & SLOTS - 1;
        if (nameBytes[slot] != null && Arrays.equals(nameBytes[slot], 0, nameBytes[slot].length, b, from, to)) return names[slot];
        nameBytes[slot] = Arrays.copyOfRange(b, from, to);
        return names[slot] = new String(b, from, n, StandardCharsets.US_ASCII);
    }
}
