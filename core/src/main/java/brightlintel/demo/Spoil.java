package brightlintel.demo;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;

/** Spoils a file in one of the ways that files are spoiled: for tests and for the damage campaign. */
public final class Spoil {
    private static final String[] FIGURES = {"1e400", "-1e308", "nan", "99999999999", "0", "-1", "abc", "", "2147483648"};

    private static final int HEAD = 0x400, PAGE = 0x7400;

    private Spoil() { }

    public static byte[] of(byte[] whole, Random r) {
        return whole.length > 4 && whole[0] == 'A' && whole[1] == 'C' && whole[2] == '1' ? packed(whole, r) : text(whole, r);
    }

    /** A bit-packed file is cut, has bits flipped or sizes made huge (at its head as often as anywhere), or pages swapped. */
    private static byte[] packed(byte[] whole, Random r) {
        return switch (r.nextInt(7)) {
            case 0 -> Arrays.copyOf(whole, r.nextInt(whole.length));
            case 1 -> flipped(whole, r);
            case 2 -> sizes(whole, r, whole.length);
            case 3 -> sizes(whole, r, Math.min(HEAD, whole.length));
            case 4 -> swapped(whole, r);
            case 5 -> flippedHead(whole, r);
            default -> moved(whole, r);
        };
    }

    private static byte[] sizes(byte[] whole, Random r, int within) {
        byte[] out = whole.clone();
        int[] huge = {-1, Integer.MAX_VALUE, 0x7fffff, 0, 0xffff, Integer.MIN_VALUE};
        for (int i = 0; i < 1 + r.nextInt(6); i++) {
            int at = 6 + r.nextInt(Math.max(1, within - 10)), v = huge[r.nextInt(huge.length)];
            for (int k = 0; k < 4; k++) out[at + k] = (byte) (v >>> 8 * k);
        }
        return out;
    }

    private static byte[] flippedHead(byte[] whole, Random r) {
        byte[] out = whole.clone();
        for (int i = 0; i < 1 + r.nextInt(4); i++) out[6 + r.nextInt(Math.min(HEAD, out.length) - 6)] ^= (byte) (1 << r.nextInt(8));
        return out;
    }

    private static byte[] swapped(byte[] whole, Random r) {
        byte[] out = whole.clone();
        int n = Math.min(PAGE, whole.length / 4), a = r.nextInt(whole.length - n), b = r.nextInt(whole.length - n);
        System.arraycopy(whole, a, out, b, n);
        System.arraycopy(whole, b, out, a, n);
        return out;
    }

    private static byte[] text(byte[] whole, Random r) {
        return switch (r.nextInt(5)) {
            case 0 -> Arrays.copyOf(whole, r.nextInt(whole.length));
            case 1 -> flipped(whole, r);
            case 2 -> figures(whole, r);
            case 3 -> lines(whole, r);
            default -> moved(whole, r);
        };
    }

    private static byte[] flipped(byte[] whole, Random r) {
        byte[] out = whole.clone();
        for (int i = 0; i < 1 + r.nextInt(60); i++) out[r.nextInt(out.length)] ^= (byte) (1 << r.nextInt(8));
        return out;
    }

    private static byte[] figures(byte[] whole, Random r) {
        String[] lines = new String(whole, StandardCharsets.ISO_8859_1).split("\n", -1);
        for (int i = 0; i < 40; i++) lines[r.nextInt(lines.length)] = FIGURES[r.nextInt(FIGURES.length)];
        return String.join("\n", lines).getBytes(StandardCharsets.ISO_8859_1);
    }

    private static byte[] lines(byte[] whole, Random r) {
        StringBuilder b = new StringBuilder();
        for (String l : new String(whole, StandardCharsets.ISO_8859_1).split("\n", -1)) if (r.nextInt(300) > 0) b.append(l).append('\n');
        return b.toString().getBytes(StandardCharsets.ISO_8859_1);
    }

    private static byte[] moved(byte[] whole, Random r) {
        byte[] out = whole.clone();
        int n = r.nextInt(Math.min(2000, out.length)), from = r.nextInt(out.length - n), to = r.nextInt(out.length - n);
        System.arraycopy(whole, from, out, to, n);
        return out;
    }
}
