package brightlintel.read.dwg;

import java.util.Arrays;

/** Handles and where their objects lie, in the order of the file. */
final class ObjectMap {
    private long[] handles = new long[1024];
    private long[] places = new long[1024];
    private int size;
    private boolean broken;

    /** Reads as far as it makes sense. */
    static ObjectMap read(byte[] part) {
        ObjectMap m = new ObjectMap();
        try {
            m.sections(part, new Bits(part, 0, 8L * (part.length - Bits.ROOM)));
        } catch (Damaged e) {
            m.broken = true;
        }
        return m;
    }

    /** The last section is empty; each has its checksum behind it, the high byte first. */
    private void sections(byte[] part, Bits in) {
        while (in.left() >= 16) {
            int from = (int) (in.position() >> 3), n = in.rawByte() << 8 | in.rawByte();
            if (n <= 2) return;
            long end = in.position() + 8L * (n - 2), handle = 0, place = 0;
            while (in.position() < end) {
                handle += in.modular();
                place += in.signedModular();
                add(handle, place);
            }
            in.seek(end);
            if (Crc.of(Crc.SEED, part, from, n) != (in.rawByte() << 8 | in.rawByte())) broken = true;
        }
        broken = true;
    }

    private void add(long handle, long place) {
        if (size == handles.length) {
            handles = Arrays.copyOf(handles, 2 * size);
            places = Arrays.copyOf(places, 2 * size);
        }
        handles[size] = handle;
        places[size++] = place;
    }

    int size() {
        return size;
    }

    long handle(int i) {
        return handles[i];
    }

    long[] places() {
        return Arrays.copyOf(places, size);
    }

    long place(int i) {
        return places[i];
    }

    /** It ended before it should, or made no sense. */
    boolean isBroken() {
        return broken;
    }
}
