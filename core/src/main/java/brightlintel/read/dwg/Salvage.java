package brightlintel.read.dwg;

import brightlintel.drawing.Report;
import java.nio.charset.Charset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A paged file whose maps are lost, as when its end is cut off: pages tell by their heads that they are pages, of which part, and where in
 * it.
 */
final class Salvage {
    private static final int STEP = 0x20, PAGE = 0x7400, OBJECTS = 0x0DCA;

    /** @param at in the file, of its data */
    private record Page(int at, int packed, long into) { }

    private Salvage() { }

    static Container of(byte[] file, Version version, Charset charset, Report.Builder report) {
        byte[] header = Container.NONE, classes = Container.NONE, objects = Container.NONE;
        boolean sure = false;
        for (List<Page> pages : pages(file).values()) {
            byte[] part = part(file, pages);
            if (Marks.begins(part, 0, Marks.HEADER)) header = part;
            else if (Marks.begins(part, 0, Marks.CLASSES)) classes = part;
            else if (part.length > Bits.ROOM && Container.intAt(part, 0) == OBJECTS) {
                objects = part;
                sure = true;
            } else if (!sure && part.length > objects.length) objects = part;
        }
        if (objects == Container.NONE) throw new Damaged("no pages of objects found");
        return new Container(version, charset, header, classes, Container.NONE, objects, -1);
    }

    private static Map<Integer, List<Page>> pages(byte[] file) {
        Map<Integer, List<Page>> parts = new HashMap<>();
        int end = file.length - Bits.ROOM - Paged.PAGE_HEAD;
        for (int at = Paged.FIRST_PAGE; at <= end; at += STEP) {
            int mask = Paged.MASK ^ at;
            if ((Container.intAt(file, at) ^ mask) != Paged.DATA_PAGE) continue;
            int number = Container.intAt(file, at + 4) ^ mask, packed = Container.intAt(file, at + 8) ^ mask;
            long into = (Container.intAt(file, at + 16) ^ mask) & 0xffffffffL | (long) (Container.intAt(file, at + 20) ^ mask) << 32;
            if (packed > 0 && packed <= end - at && into >= 0 && into < Container.most(file) - PAGE && into % PAGE == 0)
                parts.computeIfAbsent(number, _ -> new ArrayList<>()).add(new Page(at + Paged.PAGE_HEAD, packed, into));
        }
        return parts;
    }

    private static byte[] part(byte[] file, List<Page> pages) {
        long size = pages.stream().mapToLong(Page::into).max().orElse(0) + PAGE;
        byte[] out = new byte[(int) size + Bits.ROOM];
        for (Page p : pages) {
            try {
                Unpacking.unpack(file, p.at, p.packed, out, (int) p.into, PAGE);
            } catch (Damaged e) {
                // what came before the damage stands
            }
        }
        return out;
    }
}
