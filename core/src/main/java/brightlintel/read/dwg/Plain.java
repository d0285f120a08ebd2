package brightlintel.read.dwg;

import brightlintel.drawing.Code;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import java.nio.charset.Charset;
import java.util.Arrays;

/** The layout without pages (R2000): a short list at the head tells where each part lies. */
final class Plain {
    private static final int LIST = 0x15, ENTRY = 9, MOST = 64, TEMPLATE = 4, KEPT = 3, LARGEST = 1 << 20;

    private Plain() { }

    static Container open(byte[] file, Charset charset, Report.Builder report) {
        byte[][] parts = new byte[KEPT][];
        int metric = -1;
        int n = Container.intAt(file, LIST);
        if (n < 1 || n > MOST) {
            report.say(Code.PART_LOST, new Location.Offset(LIST), "list of parts");
            n = 0;
        }
        for (int i = 0; i < n; i++) {
            int at = LIST + 4 + ENTRY * i, number = file[at];
            long from = Container.intAt(file, at + 1), size = Container.intAt(file, at + 5);
            if (number >= 0 && number < KEPT) parts[number] = Container.part(file, from, size, name(number), report);
            else if (number == TEMPLATE && size > 0)
                metric = Container.metric(Container.part(file, from, size, "template", report), Version.R2000);
        }
        for (int i = 0; i < KEPT; i++) {
            byte[] mark = i == 0 ? Marks.HEADER : i == 1 ? Marks.CLASSES : new byte[0];
            if (parts[i] == null || !Marks.begins(parts[i], 0, mark)) parts[i] = found(file, mark, name(i), report);
        }
        return new Container(Version.R2000, charset, parts[0], parts[1], parts[2], file, metric);
    }

    /** A part that the list does not lead to, by its first bytes. */
    private static byte[] found(byte[] file, byte[] mark, String name, Report.Builder report) {
        report.say(Code.PART_LOST, new Location.Whole(), name);
        int at = mark.length == 0 ? -1 : Marks.find(file, mark);
        return at < 0 ? Container.NONE : Container.roomy(Arrays.copyOfRange(file, at, Math.min(at + LARGEST, file.length - Bits.ROOM)));
    }

    private static String name(int part) {
        return switch (part) {
            case 0 -> "header";
            case 1 -> "classes";
            default -> "map of objects";
        };
    }
}
