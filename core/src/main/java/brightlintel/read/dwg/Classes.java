package brightlintel.read.dwg;

import java.util.HashMap;
import java.util.Map;

/** The kinds of objects that a file defines for itself, by number. */
final class Classes {
    private static final int ENTITY = 0x1F2, MOST = 4096;

    private Classes() { }

    /** @return what was read up to where it made no sense */
    static Map<Integer, DwgClass> read(Container c, int maintenance) {
        Map<Integer, DwgClass> out = new HashMap<>();
        try {
            Version v = c.version();
            Bits in = new Bits(c.classes(), 8L * Marks.CLASSES.length, 8L * (c.classes().length - Bits.ROOM));
            long end = 8L * (in.rawLong() & 0xffffffffL);
            if (v.longSizes(maintenance)) in.rawLong();
            end += in.position();
            Strings strings = new Strings(v, c.charset());
            strings.over(in, v.from(Version.R2007) ? texts(c, in) : null);
            if (v.from(Version.R2004)) {
                in.bitShort();
                in.rawShort();
                in.bit();
            }
            while (in.position() + 16 < end && out.size() < MOST) {
                int number = in.bitShort();
                in.bitShort();
                strings.text();
                strings.text();
                String name = strings.text();
                in.bit();
                boolean entity = (in.bitShort() & 0xffff) == ENTITY;
                if (v.from(Version.R2004)) {
                    in.bitLong();
                    in.bitShort();
                    in.bitShort();
                    in.bitLong();
                    in.bitLong();
                }
                if (number < Kind.FIRST_CLASS) break;
                out.put(number, new DwgClass(number, name, entity));
            }
        } catch (Damaged e) {
            // classes read so far stand
        }
        return out;
    }

    /** Texts stand at the end, before a flag that the length in bits leads to. */
    private static Bits texts(Container c, Bits in) {
        long from = in.position(), flag = from + (in.rawLong() & 0xffffffffL) - 1;
        Bits b = new Bits(c.classes(), 0, 0);
        Strings.before(b, c.classes(), flag, from);
        return b;
    }
}
