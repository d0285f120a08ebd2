package brightlintel.read.dxf;

import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.math.BigInteger;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** Decimal numbers from bytes, exact: by two exact factors where that can be (Clinger 1990), else by a wide product. */
final class Numbers {
    private static final VarHandle EIGHT = MethodHandles.byteArrayViewVarHandle(long[].class, ByteOrder.LITTLE_ENDIAN);
    private static final long ZEROS = 0x3030303030303030L;
    private static final long[] WHOLE_TENS = {1, 10, 100, 1000, 10_000, 100_000, 1_000_000, 10_000_000, 100_000_000};
    private static final double[] TENS = new double[23];

    /**
     * Powers of five from 5^-40 to 5^40: their first 128 bits. Each is worked out when it is first asked for: a file has figures of one or
     * two sorts.
     */
    private static final int FIVES = 40;
    private static final long[] HIGH = new long[2 * FIVES + 1], LOW = new long[2 * FIVES + 1];

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
        double v = of(mantissa, exponent);
        if (Double.isNaN(v)) return slow(b, from, to);
        return negative ? -v : v;
    }

    /** Eight bytes at once, the first of them lowest. */
    static long eight(byte[] b, int at) {
        return (long) EIGHT.get(b, at);
    }

    /** How many of eight bytes, from the first on, are digits. Those from ten on carry into the top bit of their byte. */
    static int digits(long eight) {
        long v = eight ^ ZEROS;
        return Long.numberOfTrailingZeros((v + 0x7676767676767676L | v) & 0x8080808080808080L) >>> 3;
    }

    /** The first n of eight bytes, all digits, behind those of the mantissa. They are added up in pairs, then fours, then all. */
    static long append(long mantissa, long eight, int n) {
        if (n == 0) return mantissa;
        long v = (eight ^ ZEROS) << 64 - 8 * n;
        v = v * 10 + (v >>> 8);
        return mantissa * WHOLE_TENS[n]
            + ((v & 0x000000FF000000FFL) * 0x000F424000000064L + (v >>> 16 & 0x000000FF000000FFL) * 0x0000271000000001L >>> 32);
    }

    /** mantissa * 10^exponent, or NaN where that cannot be told quickly. */
    static double of(long mantissa, int exponent) {
        if (mantissa <= 1L << 53 && exponent <= 22 && exponent >= -22)
            return exponent < 0 ? mantissa / TENS[-exponent] : mantissa * TENS[exponent];
        return scaled(mantissa, exponent);
    }

    /**
     * Nearest double to w * 10^q by one or two wide products, or NaN where they cannot tell (Lemire 2021, "Number parsing at a gigabyte per
     * second").
     */
    private static double scaled(long w, int q) {
        if (w == 0 || q < -FIVES || q > FIVES) return Double.NaN;
        int zeros = Long.numberOfLeadingZeros(w);
        w <<= zeros;
        // the first of the bits is never nought, so nought is one that nobody asked for yet; two threads work out the same
        if (HIGH[q + FIVES] == 0) five(q);
        VarHandle.acquireFence();
        long five = HIGH[q + FIVES], hi = Math.unsignedMultiplyHigh(w, five), lo = w * five;
        if ((hi & 0x1ff) == 0x1ff) {
            long more = Math.unsignedMultiplyHigh(w, LOW[q + FIVES]), sum = lo + more;
            if (Long.compareUnsigned(sum, lo) < 0) hi++;
            if (sum == -1 && (hi & 0x1ff) == 0x1ff) return Double.NaN;
            lo = sum;
        }
        int top = (int) (hi >>> 63);
        long m = hi >>> top + 9;
        if ((lo == 0 || lo == -1) && (hi & 0x1ff) == 0 && (m & 3) == 1) return Double.NaN;
        m = m + (m & 1) >>> 1;
        int exponent = (217706 * q >> 16) + 1086 + top - zeros;
        if (m >= 1L << 53) {
            m = 1L << 52;
            exponent++;
        }
        return exponent < 1 || exponent > 2046 ? Double.NaN : Double.longBitsToDouble(m & (1L << 52) - 1 | (long) exponent << 52);
    }

    private static void five(int q) {
        BigInteger five = BigInteger.valueOf(5).pow(Math.abs(q));
        BigInteger bits = q >= 0 ? five.shiftLeft(128).shiftRight(five.bitLength()) : BigInteger.ONE.shiftLeft(127 + five.bitLength())
            .divide(five).add(BigInteger.ONE);
        LOW[q + FIVES] = bits.longValue();
        VarHandle.releaseFence();
        HIGH[q + FIVES] = bits.shiftRight(64).longValue();
    }

    private static double slow(byte[] b, int from, int to) {
        if (from >= to || to - from > 400) return Double.NaN;
        String s = new String(b, from, to - from, StandardCharsets.US_ASCII).replace(',', '.').replace('d', 'e').replace('D', 'e');
        if (s.endsWith("f") || s.endsWith("F")) return Double.NaN;
        try {
            return Double.parseDouble(s);
        } catch (NumberFormatException e) {
            String low = s.toLowerCase(Locale.ROOT);
            return low.contains("inf") || low.contains("1.#") ? Double.POSITIVE_INFINITY : Double.NaN;
        }
    }
}
