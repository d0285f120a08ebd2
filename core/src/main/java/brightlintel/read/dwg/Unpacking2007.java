package brightlintel.read.dwg;

/** Pages packed as in 2007: repeats of what was there before, and new bytes whose pieces stand the other way round. */
final class Unpacking2007 extends Unpacker {
    private static final int RUN = 32;
    /**
     * For each length under {@link #RUN}: where its pieces begin in the source, in the order of the target; each ends where a piece before
     * it began.
     */
    private static final int[][] PIECES = {
        {}, {0}, {1, 0}, {2, 1, 0}, {0}, {4, 0}, {5, 1, 0}, {6, 5, 1, 0}, {0}, {8, 0}, {9, 1, 0}, {10, 9, 1, 0}, {8, 0}, {12, 8, 0},
            {13, 9, 1, 0}, {14, 13, 9, 1, 0}, {8, 0},
        {9, 8, 0}, {17, 9, 1, 0}, {18, 17, 16, 8, 0}, {16, 8, 0}, {20, 16, 8, 0}, {21, 20, 16, 8, 0}, {22, 21, 20, 16, 8, 0}, {16, 8, 0},
        {17, 16, 8, 0},
        {25, 17, 16, 8, 0}, {26, 25, 17, 16, 8, 0}, {24, 16, 8, 0}, {28, 24, 16, 8, 0}, {29, 28, 24, 16, 8, 0}, {30, 26, 18, 10, 2, 1, 0}};
    private static final int[] WHOLE_RUN = {24, 16, 8, 0};
    private int op;

    private Unpacking2007(byte[] in, int from, int packed, byte[] out, int to, int size) {
        super(in, from, packed, out, to, size);
    }

    static void unpack(byte[] in, int from, int packed, byte[] out, int to, int size) {
        new Unpacking2007(in, from, packed, out, to, size).run();
    }

    private void run() {
        op = next();
        int length = 0;
        if ((op & 0xF0) == 0x20) {
            next();
            next();
            length = next() & 7;
        }
        while (from < inEnd) {
            literals(length == 0 ? literalLength() : length);
            if (from >= inEnd || to >= outEnd) return;
            op = next();
            do {
                repeat();
                length = op & 7;
                if (length != 0 || from >= inEnd) break;
                op = next();
                if (op >> 4 == 15) op &= 15;
                else if (op >> 4 == 0) break;
            } while (true);
        }
    }

    private int literalLength() {
        int n = op + 8;
        if (n != 0x17) return n;
        int more = next();
        n += more;
        if (more != 255) return n;
        do {
            more = next() | next() << 8;
            n += more;
            if (n > out.length) throw new Damaged("a run of " + n + " bytes");
        } while (more == 0xFFFF);
        return n;
    }

    private void literals(int length) {
        if (length > inEnd - from || length > outEnd - to) throw new Damaged("packed data end early");
        int left = length;
        for (; left >= RUN; left -= RUN) pieces(WHOLE_RUN, RUN);
        if (left > 0) pieces(PIECES[left], left);
    }

    private void pieces(int[] starts, int length) {
        int end = length;
        for (int s : starts) {
            System.arraycopy(in, from + s, out, to, end - s);
            to += end - s;
            end = s;
        }
        from += length;
    }

    /** The operation's last byte tells in its low bits how many new bytes follow. */
    private void repeat() {
        int length, back;
        switch (op >> 4) {
            case 0 -> {
                length = (op & 15) + 0x13;
                back = next();
                op = next();
                length += op >> 3 & 0x10;
                back += ((op & 0x78) << 5) + 1;
            }
            case 1 -> {
                length = (op & 15) + 3;
                back = next();
                op = next();
                back += ((op & 0xF8) << 5) + 1;
            }
            case 2 -> {
                back = next();
                back |= next() << 8;
                length = op & 7;
                if ((op & 8) == 0) {
                    op = next();
                    length += op & 0xF8;
                } else {
                    back++;
                    length += next() << 3;
                    op = next();
                    length += ((op & 0xF8) << 8) + 0x100;
                }
            }
            default -> {
                length = op >> 4;
                back = op & 15;
                op = next();
                back += ((op & 0xF8) << 1) + 1;
            }
        }
        repeat(length, back);
    }
}
