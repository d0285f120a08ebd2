package brightlintel.read.dwg;

import brightlintel.drawing.Code;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import java.nio.charset.Charset;
import java.util.Arrays;

/**
 * The parts of a file, out of its pages. Each has {@link Bits#ROOM} bytes to spare; a part that is missing or lost is empty.
 *
 * @param objects where the map's places count from; in the oldest layout that is the whole file
 * @param metric  the file's word on metric or imperial, -1 where it has none
 */
record Container(Version version, Charset charset, byte[] header, byte[] classes, byte[] map, byte[] objects, int metric) {
    private static final long LARGEST = 1L << 30, MOST_PACKED = 512;
    static final byte[] NONE = new byte[Bits.ROOM];

    /** Behind the template's description, in wide units since 2007; an empty part means the format's own default, imperial. */
    static int metric(byte[] template, Version version) {
        int size = template.length - Bits.ROOM;
        if (size < 2) return 0;
        int text = shortAt(template, 0), at = 2 + (version.from(Version.R2007) ? 2 : 1) * text;
        return at + 2 <= size ? template[at] & 255 : 0;
    }

    /** What unpacking may make of a file at most: no size beyond it is believed. */
    static long most(byte[] file) {
        return Math.min(LARGEST, MOST_PACKED * file.length + (1 << 20));
    }

    static byte[] roomy(byte[] b) {
        return Arrays.copyOf(b, b.length + Bits.ROOM);
    }

    /** A piece of the file as a part of its own; what lies beyond the end is left out. */
    static byte[] part(byte[] file, long from, long size, String what, Report.Builder report) {
        long end = file.length - Bits.ROOM;
        if (from < 0 || size < 0 || from >= end) {
            report.say(Code.PART_LOST, new Location.Offset(from), what);
            return NONE;
        }
        if (from + size > end) report.say(Code.FILE_ENDS_EARLY, new Location.Offset(end));
        return roomy(Arrays.copyOfRange(file, (int) from, (int) Math.min(end, from + size)));
    }

    static int shortAt(byte[] b, int at) {
        return b[at] & 255 | (b[at + 1] & 255) << 8;
    }

    static int intAt(byte[] b, long at) {
        if (at < 0 || at + 4 > b.length - Bits.ROOM) throw new Damaged("no data at " + at);
        int i = (int) at;
        return b[i] & 255 | (b[i + 1] & 255) << 8 | (b[i + 2] & 255) << 16 | b[i + 3] << 24;
    }

    static long longAt(byte[] b, long at) {
        return intAt(b, at) & 0xffffffffL | (long) intAt(b, at + 4) << 32;
    }
}
