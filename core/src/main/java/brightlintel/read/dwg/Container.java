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
    static final byte[] HEADER_MARK = bytes(0xCF, 0x7B, 0x1F, 0x23, 0xFD, 0xDE, 0x38, 0xA9, 0x5F, 0x7C, 0x68, 0xB8, 0x4E, 0x6D, 0x33, 0x5F);
    static final byte[] CLASSES_MARK = bytes(0x8D, 0xA1, 0xC4, 0xB8, 0xC4, 0xA9, 0xF8, 0xC5, 0xC0, 0xDC, 0xF4, 0x5F, 0xE7, 0xCF, 0xB6, 0x8A);
    static final byte[] NONE = new byte[Bits.ROOM];

    private static byte[] bytes(int... v) {
        byte[] b = new byte[v.length];
        for (int i = 0; i < v.length; i++) b[i] = (byte) v[i];
        return b;
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

    static int intAt(byte[] b, long at) {
        if (at < 0 || at + 4 > b.length - Bits.ROOM) throw new Damaged("no data at " + at);
        int i = (int) at;
        return b[i] & 255 | (b[i + 1] & 255) << 8 | (b[i + 2] & 255) << 16 | b[i + 3] << 24;
    }

    static long longAt(byte[] b, long at) {
        return intAt(b, at) & 0xffffffffL | (long) intAt(b, at + 4) << 32;
    }
}
