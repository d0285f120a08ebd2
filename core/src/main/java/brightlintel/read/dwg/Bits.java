package brightlintel.read.dwg;

import brightlintel.geom.Vec3;
import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteOrder;

/**
 * Reads bit-packed values. Names of the reads follow the published specification's codes, which are given behind each. The array must have
 * {@link #ROOM} bytes to spare behind its data; nothing is read beyond the limit.
 */
final class Bits {
    static final int ROOM = 16;
    private static final VarHandle LONG = MethodHandles.byteArrayViewVarHandle(long[].class, ByteOrder.BIG_ENDIAN);
    private static final Damaged PAST_THE_END = new Damaged("data end early");
    private byte[] bytes;
    private long at;
    private long limit;

    Bits(byte[] bytes, long fromBit, long limitBit) {
        over(bytes, fromBit, limitBit);
    }

    /** To be used again over other bits. */
    void over(byte[] data, long fromBit, long limitBit) {
        bytes = data;
        limit = Math.clamp(limitBit, 0, 8L * (data.length - ROOM));
        at = fromBit;
        if (fromBit < 0 || fromBit > limit) throw PAST_THE_END;
    }

    long position() {
        return at;
    }

    void seek(long bit) {
        if (bit < 0 || bit > limit) throw PAST_THE_END;
        at = bit;
    }

    void skip(long bits) {
        seek(at + bits);
    }

    long left() {
        return limit - at;
    }

    /** The next 64 bits, the first on top; what lies beyond the data is nought. */
    private long peek() {
        int i = (int) (at >>> 3), s = (int) (at & 7);
        long v = (long) LONG.get(bytes, i);
        return s == 0 ? v : v << s | (bytes[i + 8] & 255) >>> 8 - s;
    }

    private void need(int bits) {
        if (at + bits > limit) throw PAST_THE_END;
    }

    /** B. */
    boolean bit() {
        need(1);
        boolean v = (bytes[(int) (at >>> 3)] >> 7 - (at & 7) & 1) != 0;
        at++;
        return v;
    }

    /** BB. */
    int two() {
        return few(2);
    }

    /** Up to 32 bits. */
    int few(int n) {
        need(n);
        int v = (int) (peek() >>> 64 - n);
        at += n;
        return v;
    }

    /** RC. */
    int rawByte() {
        return few(8);
    }

    /** RS. */
    int rawShort() {
        int v = few(16);
        return v >>> 8 | (v & 255) << 8;
    }

    /** RL. */
    int rawLong() {
        need(32);
        int v = Integer.reverseBytes((int) (peek() >>> 32));
        at += 32;
        return v;
    }

    /** RLL. */
    long rawLongLong() {
        need(64);
        long v = Long.reverseBytes(peek());
        at += 64;
        return v;
    }

    /** RD. */
    double rawDouble() {
        return Double.longBitsToDouble(rawLongLong());
    }

    /** BS. */
    int bitShort() {
        return switch (two()) {
            case 0 -> (short) rawShort();
            case 1 -> rawByte();
            case 2 -> 0;
            default -> 256;
        };
    }

    /** BL. */
    int bitLong() {
        return switch (two()) {
            case 0 -> rawLong();
            case 1 -> rawByte();
            case 2 -> 0;
            default -> throw new Damaged("no such length of a number");
        };
    }

    /** BLL. */
    long bitLongLong() {
        int n = few(3);
        long v = 0;
        for (int i = 0; i < n; i++) v |= (long) rawByte() << 8 * i;
        return v;
    }

    /** BD. */
    double bitDouble() {
        return switch (two()) {
            case 0 -> rawDouble();
            case 1 -> 1;
            case 2 -> 0;
            default -> throw new Damaged("no such length of a figure");
        };
    }

    /** DD: as another figure but for the bytes that differ. */
    double doubleLike(double other) {
        long o = Double.doubleToRawLongBits(other);
        return switch (two()) {
            case 0 -> other;
            case 1 -> Double.longBitsToDouble(o & 0xffffffff00000000L | rawLong() & 0xffffffffL);
            case 2 -> {
                long high = rawShort() & 0xffffL;
                yield Double.longBitsToDouble(o & 0xffff000000000000L | high << 32 | rawLong() & 0xffffffffL);
            }
            default -> rawDouble();
        };
    }

    /** BT. */
    double thickness() {
        return bit() ? 0 : bitDouble();
    }

    /** BE. */
    Vec3 extrusion() {
        return bit() ? Vec3.UP : bitPoint();
    }

    /** 3BD. */
    Vec3 bitPoint() {
        double x = bitDouble(), y = bitDouble();
        return new Vec3(x, y, bitDouble());
    }

    /** 2RD, at a height. */
    Vec3 rawPoint(double z) {
        double x = rawDouble();
        return new Vec3(x, rawDouble(), z);
    }

    /** H: a reference, from the handle of the object that makes it. */
    long handle(long from) {
        int code = few(4), n = few(4);
        if (n > 8) throw new Damaged("a handle of " + n + " bytes");
        long v = 0;
        for (int i = 0; i < n; i++) v = v << 8 | rawByte();
        return switch (code) {
            case 6 -> from + 1;
            case 8 -> from - 1;
            case 10 -> from + v;
            case 12 -> from - v;
            default -> v;
        };
    }

    /** MC without a sign: seven bits a byte, the lowest first. */
    long modular() {
        long v = 0;
        for (int shift = 0; shift < 63; shift += 7) {
            int b = rawByte();
            v |= (long) (b & 127) << shift;
            if (b < 128) return v;
        }
        throw new Damaged("a number without end");
    }

    /** MC: the last byte's bit of 64 is the sign. */
    long signedModular() {
        long v = 0;
        for (int shift = 0; shift < 63; shift += 7) {
            int b = rawByte();
            if (b < 128) {
                v |= (long) (b & 63) << shift;
                return (b & 64) != 0 ? -v : v;
            }
            v |= (long) (b & 127) << shift;
        }
        throw new Damaged("a number without end");
    }

    /** MS: fifteen bits a word. */
    long modularShort() {
        long v = 0;
        for (int shift = 0; shift < 45; shift += 15) {
            int w = rawShort();
            v |= (long) (w & 0x7fff) << shift;
            if (w < 0x8000) return v;
        }
        throw new Damaged("a size without end");
    }

    /** A count, held against what is left before it is believed. */
    int count(long n, int leastBitsEach) {
        if (n < 0 || n * leastBitsEach > left()) throw new Damaged("a count of " + n);
        return (int) n;
    }
}
