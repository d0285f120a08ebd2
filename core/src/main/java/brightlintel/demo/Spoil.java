package brightlintel.demo;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;

/** Spoils a file in one of the ways that files are spoiled: for tests and for the damage campaign. */
public final class Spoil {
    private static final String[] FIGURES = {"1e400", "-1e308", "nan", "99999999999", "0", "-1", "abc", "", "2147483648"};

    private Spoil() { }

    public static byte[] of(byte[] whole, Random r) {
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
        int n = r.nextInt(2000), from = r.nextInt(out.length - n), to = r.nextInt(out.length - n);
        System.arraycopy(whole, from, out, to, n);
        return out;
    }
}
