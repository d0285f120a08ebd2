package brightlintel.read.dwg;

import brightlintel.drawing.Code;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import java.nio.charset.Charset;

/** The layout without pages (R2000): a short list at the head tells where each part lies. */
final class Plain {
    private static final int LIST = 0x15, ENTRY = 9, MOST = 64, TEMPLATE = 4;

    private Plain() { }

    static Container open(byte[] file, Charset charset, Report.Builder report) {
        byte[][] parts = new byte[5][];
        int metric = -1;
        int n = Container.intAt(file, LIST);
        if (n < 1 || n > MOST) throw new Damaged("a list of " + n + " parts");
        for (int i = 0; i < n; i++) {
            int at = LIST + 4 + ENTRY * i, number = file[at];
            long from = Container.intAt(file, at + 1), size = Container.intAt(file, at + 5);
            if (number >= 0 && number < 3) parts[number] = Container.part(file, from, size, name(number), report);
            else if (number == TEMPLATE && size > 0) metric = Container.metric(Container.part(file, from, size, "template", report), Version.R2000);
        }
        for (int i = 0; i < 3; i++)
            if (parts[i] == null) {
                parts[i] = Container.NONE;
                report.say(Code.PART_LOST, new Location.Whole(), name(i));
            }
        return new Container(Version.R2000, charset, parts[0], parts[1], parts[2], file, metric);
    }

    private static String name(int part) {
        return switch (part) {
            case 0 -> "header";
            case 1 -> "classes";
            default -> "map of objects";
        };
    }
}
