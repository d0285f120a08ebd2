package brightlintel.read.dwg;

/** Pages packed by repeating what was there before (2004 and later, but for 2007). */
final class Unpacking extends Unpacker {
    private int literal;

    private Unpacking(byte[] in, int from, int packed, byte[] out, int to, int size) {
        super(in, from, packed, out, to, size);
    }

    static void unpack(byte[] in, int from, int packed, byte[] out, int to, int size) {
        new Unpacking(in, from, packed, out, to, size).run();
    }

    /** A run of noughts stands for 255 each. */
    private int longNumber() {
        int total = 0, b = next();
        while (b == 0) {
            total += 255;
            b = next();
        }
        return total + b;
    }

    /** @return the operation that follows, or -1 where it is still to be read */
    private int literals() {
        int b = next();
        if ((b & 0xF0) != 0) {
            literal = 0;
            return b;
        }
        literal = b == 0 ? 15 + longNumber() + 3 : b + 3;
        return -1;
    }

    private void run() {
        int op = literals();
        copyLiterals();
        while (to < outEnd) {
            if (op < 0) op = next();
            if (op == 0x11) return;
            int length, back;
            if (op >= 0x40) {
                length = (op >> 4) - 1;
                back = next() << 2 | op >> 2 & 3;
                literal = op & 3;
            } else {
                if (op > 0x20) length = op - 0x1E;
                else if (op == 0x20) length = longNumber() + 0x21;
                else if (op > 0x11) length = (op & 0x0F) + 2;
                else if (op == 0x10) length = longNumber() + 9;
                else throw new Damaged("no such operation: " + op);
                int a = next(), b = next();
                back = (a >> 2 | b << 6) + (op < 0x20 ? 0x3FFF : 0);
                literal = a & 3;
            }
            op = literal == 0 ? literals() : -1;
            repeat(length, back + 1);
            copyLiterals();
        }
    }

    private void copyLiterals() {
        if (literal > inEnd - from) throw new Damaged("packed data end early");
        int n = Math.min(literal, outEnd - to);
        System.arraycopy(in, from, out, to, n);
        from += literal;
        to += n;
        literal = 0;
    }
}
