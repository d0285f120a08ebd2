package brightlintel.read.dwg;

import java.nio.charset.StandardCharsets;

/** Handles as people and the text form write them. */
final class Handles {
    private Handles() { }

    static String word(long handle) {
        int n = Math.max(1, (67 - Long.numberOfLeadingZeros(handle)) / 4);
        byte[] b = new byte[n];
        for (int i = n - 1, shift = 0; i >= 0; i--, shift += 4)
            b[i] = (byte) Character.toUpperCase(Character.forDigit((int) (handle >>> shift) & 15, 16));
        return new String(b, StandardCharsets.ISO_8859_1);
    }
}
