package brightlintel.read.dxf;

import java.nio.charset.StandardCharsets;

/** Decimal numbers from bytes. Exact: the quick way is taken only where both factors are exact in a double (Clinger 1990). */
final class Numbers {
    private static final double[] TENS = new double[23];

    static {
        TENS[0] = 1;
        for (int i = 1; i < TENS.length; i++) TENS[i] = TENS[i - 1] * 10;
    }

    private Numbers() { }

    /** NaN where the bytes are no number. A decimal comma is read as a point. */
    static double parse(byte[] b, int from, int to) {
        int i = from;
        boolean negative = false;
        if (i < to && (b[i] == '-' || b[i] == '+')) negative = b[i++] == '-';
        long mantissa = 0;
        int digits = 0, exponent = 0;
        boolean any = false;
        for (; i < to && b[i] >= '0' && b[i] <= '9'; i++) {
            any = true;
            if (digits < 18) {
                mantissa = mantissa * 10 + (b[i] - '0');
                if (mantissa != 0) digits++;
            } else return slow(b, from, to);
        }
        if (i < to && (b[i] == '.' || b[i] == ',')) {
            for (i++; i < to && b[i] >= '0' && b[i] <= '9'; i++) {
                any = true;
                if (digits >= 18) return slow(b, from, to);
                mantissa = mantissa * 10 + (b[i] - '0');
                if (mantissa != 0) digits++;
                exponent--;
            }
        }
        if (!any) return slow(b, from, to);
        if (i < to) {
            if (b[i] != 'e' && b[i] != 'E' && b[i] != 'd' && b[i] != 'D') return slow(b, from, to);
            i++;
            boolean down = false;
            if (i < to && (b[i] == '-' || b[i] == '+')) down = b[i++] == '-';
            int e = 0;
            if (i >= to) return Double.NaN;
            for (; i < to; i++) {
                if (b[i] < '0' || b[i] > '9' || e > 9999) return slow(b, from, to);
                e = e * 10 + (b[i] - '0');
            }
            exponent += down ? -e : e;
        }
        if (mantissa > 1L << 53 || exponent > 22 || exponent < -22) return slow(b, from, to);
        double v = exponent < 0 ? mantissa / TENS[-exponent] : mantissa * TENS[exponent];
        return negative ? -v : v;
    }

    private static double slow(byte[] b, int from, int to) {
        if (from >= to || to - from > 400) return Double.NaN;
        String s = new String(b, from, to - from, StandardCharsets.US_ASCII).replace(',', '.').replace('d', 'e').replace('D', 'e');
        if (s.endsWith("f") || s.endsWith("F")) return Double.NaN;
        try {
            return Double.parseDouble(s);
        } catch (NumberFormatException e) {
            String low = s.toLowerCase(java.util.Locale.ROOT);
            return low.contains("inf") || low.contains("1.#") ? Double.POSITIVE_INFINITY : Double.NaN;
        }
    }
}
