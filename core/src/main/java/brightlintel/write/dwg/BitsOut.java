package brightlintel.write.dwg;

import brightlintel.drawing.TextCodes;
import brightlintel.geom.Vec3;
import java.nio.charset.Charset;
import java.nio.charset.CharsetEncoder;
import java.util.Arrays;

/** Writes bit-packed values; names follow those of the reading side. */
final class BitsOut {
    /** Western European, number 30 of the format's list. */
    static final Charset CHARSET = Charset.forName("windows-1252");
    private final CharsetEncoder encoder = CHARSET.newEncoder();
    private byte[] bytes = new byte[1024];
    private long at;

    long bits() {
        return at;
    }

    /** Whole bytes, the last filled up with noughts. */
    int size() {
        return (int) (at + 7 >> 3);
    }

    byte[] array() {
        return bytes;
    }

    byte[] toBytes() {
        return Arrays.copyOf(bytes, size());
    }

    void clear() {
        Arrays.fill(bytes, 0, size(), (byte) 0);
        at = 0;
    }

    void align() {
        at = at + 7 & ~7;
        few(0, 0);
    }

    void bit(boolean v) {
        few(v ? 1 : 0, 1);
    }

    void two(int v) {
        few(v, 2);
    }

    /** Up to 32 bits, the lowest of v. */
    void few(long v, int n) {
        room(n);
        for (int left = n; left > 0; ) {
            int i = (int) (at >>> 3), free = 8 - (int) (at & 7), take = Math.min(free, left);
            bytes[i] |= (byte) ((v >>> left - take & (1 << take) - 1) << free - take);
            at += take;
            left -= take;
        }
    }

    private void room(int bits) {
        if ((at + bits >> 3) + 16 > bytes.length) bytes = Arrays.copyOf(bytes, (int) Math.max(2L * bytes.length, (at + bits >> 3) + 1024));
    }

    void rawByte(int v) {
        few(v & 255, 8);
    }

    void raw(byte[] b) {
        raw(b, b.length);
    }

    private void raw(byte[] b, int n) {
        room(8 * n);
        if ((at & 7) == 0) {
            System.arraycopy(b, 0, bytes, (int) (at >>> 3), n);
            at += 8L * n;
        } else for (int i = 0; i < n; i++) rawByte(b[i]);
    }

    /** All bits of another. */
    void append(BitsOut other) {
        int whole = (int) (other.at >>> 3), rest = (int) (other.at & 7);
        raw(other.bytes, whole);
        if (rest > 0) few((other.bytes[whole] & 255) >>> 8 - rest, rest);
    }

    void rawShort(int v) {
        few(Short.reverseBytes((short) v) & 0xffff, 16);
    }

    void rawLong(int v) {
        few(Integer.reverseBytes(v) & 0xffffffffL, 32);
    }

    void rawDouble(double v) {
        long b = Double.doubleToRawLongBits(v);
        rawLong((int) b);
        rawLong((int) (b >>> 32));
    }

    void bitShort(int v) {
        if (v == 0) two(2);
        else if (v == 256) two(3);
        else if (v > 0 && v < 256) {
            two(1);
            rawByte(v);
        } else {
            two(0);
            rawShort(v);
        }
    }

    void bitLong(int v) {
        if (v == 0) two(2);
        else if (v > 0 && v < 256) {
            two(1);
            rawByte(v);
        } else {
            two(0);
            rawLong(v);
        }
    }

    void bitDouble(double v) {
        long b = Double.doubleToRawLongBits(v);
        if (b == 0) two(2);
        else if (v == 1) two(1);
        else {
            two(0);
            rawDouble(v);
        }
    }

    void bitDoubles(double... v) {
        for (double x : v) bitDouble(x);
    }

    /** DD: as few bytes as tell it from another figure. */
    void doubleLike(double v, double other) {
        long a = Double.doubleToRawLongBits(v), b = Double.doubleToRawLongBits(other);
        if (a == b) two(0);
        else if (a >>> 32 == b >>> 32) {
            two(1);
            rawLong((int) a);
        } else if (a >>> 48 == b >>> 48) {
            two(2);
            rawShort((int) (a >>> 32));
            rawLong((int) a);
        } else {
            two(3);
            rawDouble(v);
        }
    }

    /** BT of nothing: shapes have no thickness here. */
    void noThickness() {
        bit(true);
    }

    /** BE. */
    void extrusion(Vec3 up) {
        boolean usual = up.equals(Vec3.UP);
        bit(usual);
        if (!usual) point(up);
    }

    /** 3BD. */
    void point(Vec3 p) {
        bitDoubles(p.x(), p.y(), p.z());
    }

    /** 2RD. */
    void flat(double x, double y) {
        rawDouble(x);
        rawDouble(y);
    }

    /** H. */
    void handle(int code, long v) {
        int n = v == 0 ? 0 : 8 - Long.numberOfLeadingZeros(v) / 8;
        few(code, 4);
        few(n, 4);
        for (int i = n - 1; i >= 0; i--) rawByte((int) (v >>> 8 * i));
    }

    /** TV: with its closing nought; what the code page lacks by its number. */
    void text(String s) {
        if (s.isEmpty()) {
            bitShort(0);
            return;
        }
        byte[] t = TextCodes.stored(s, encoder::canEncode).getBytes(CHARSET);
        int n = Math.min(t.length, Short.MAX_VALUE - 1);
        bitShort(n + 1);
        raw(t, n);
        rawByte(0);
    }

    void modular(long v) {
        while (v >= 128) {
            rawByte((int) (v & 127 | 128));
            v >>>= 7;
        }
        rawByte((int) v);
    }

    void signedModular(long v) {
        long a = Math.abs(v);
        while (a >= 64) {
            rawByte((int) (a & 127 | 128));
            a >>>= 7;
        }
        rawByte((int) (v < 0 ? a | 64 : a));
    }

    void modularShort(long v) {
        while (v >= 0x8000) {
            rawShort((int) (v & 0x7fff | 0x8000));
            v >>>= 15;
        }
        rawShort((int) v);
    }
}
