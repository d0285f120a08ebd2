package brightlintel.read.dwg;

/**
 * What both ways of packing have in common: bytes read one by one, and what was there before repeated. What is more than the room for it is
 * left out.
 */
abstract class Unpacker {
    final byte[] in, out;
    final int inEnd, outEnd;
    int from, to;
    private final int begin;

    Unpacker(byte[] in, int from, int packed, byte[] out, int to, int size) {
        this.in = in;
        this.from = from;
        this.inEnd = from + packed;
        this.out = out;
        this.to = to;
        this.begin = to;
        this.outEnd = to + size;
    }

    final int next() {
        if (from >= inEnd) throw new Damaged("packed data end early");
        return in[from++] & 255;
    }

    final void repeat(int length, int back) {
        if (to - back < begin) throw new Damaged("a copy from before the page");
        int n = Math.min(length, outEnd - to);
        for (int i = 0; i < n; i++, to++) out[to] = out[to - back];
    }
}
