package brightlintel.write.dwg;

import brightlintel.read.dwg.Crc;
import java.util.Arrays;

/** The objects of a file, one after another, and the map that tells where each lies. */
final class Objects {
    private static final int SECTION = 2030;
    private final int begin;
    private final BitsOut file = new BitsOut();
    private final BitsOut data = new BitsOut();
    private final BitsOut references = new BitsOut();
    private final BitsOut body = new BitsOut();
    private long[] places = new long[4096];
    private int type;
    private long handle;

    /** @param begin where in the file the first object lies */
    Objects(int begin) {
        this.begin = begin;
    }

    /** Values of the object that is being written. */
    BitsOut data() {
        return data;
    }

    /** References of the object that is being written. */
    BitsOut references() {
        return references;
    }

    Objects begin(int objectType, long objectHandle) {
        type = objectType;
        handle = objectHandle;
        data.clear();
        references.clear();
        data.handle(0, handle);
        data.bitShort(0);
        return this;
    }

    void end() {
        body.clear();
        body.bitShort(type);
        body.rawLong((int) (body.bits() + 32 + data.bits()));
        body.append(data);
        body.append(references);
        body.align();
        int place = file.size();
        file.modularShort(body.size());
        file.append(body);
        file.rawShort(Crc.of(Crc.SEED, file.array(), place, file.size() - place));
        if (handle >= places.length) places = Arrays.copyOf(places, (int) Math.max(handle + 1, 2L * places.length));
        places[(int) handle] = begin + place + 1L;
    }

    byte[] bytes() {
        return file.toBytes();
    }

    /** Differences from one to the next, in sections with a checksum each. */
    byte[] map() {
        BitsOut out = new BitsOut(), section = new BitsOut();
        long lastHandle = 0, lastPlace = 0;
        for (int h = 1; h < places.length; h++) {
            if (places[h] == 0) continue;
            if (section.size() > SECTION - 20) {
                section(out, section);
                lastHandle = 0;
                lastPlace = 0;
            }
            section.modular(h - lastHandle);
            section.signedModular(places[h] - 1 - lastPlace);
            lastHandle = h;
            lastPlace = places[h] - 1;
        }
        if (section.size() > 0) section(out, section);
        section(out, section);
        return out.toBytes();
    }

    private static void section(BitsOut out, BitsOut section) {
        int from = out.size(), n = section.size() + 2;
        out.few(n, 16);
        out.append(section);
        out.few(Crc.of(Crc.SEED, out.array(), from, n), 16);
        section.clear();
    }
}
