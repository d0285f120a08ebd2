package brightlintel.read.dwg;

import brightlintel.drawing.Code;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/**
 * The layout of 2007: pages as blocks of 255 bytes that carry means of mending, the bytes of the blocks in turn, packed in a way of their
 * own. We take the bytes and leave the mending; the checksums of objects tell what it would have mended.
 */
final class Paged2007 {
    private static final int HEAD = 0x80, HEAD_BLOCKS = 3, HEAD_PACKED_AT = 32, HEAD_SIZE = 0x110, PAGES = 0x480, BLOCK = 255,
        SYSTEM_DATA = 239, PAGE_DATA = 251;
    private static final int MOST_PAGES = 2_000_000, PART_HEAD = 64, PART_PAGE = 56, WHOLE = 1;
    private final byte[] file;
    private final Report.Builder report;
    private final Map<Long, Long> addresses = new HashMap<>();
    private final Map<String, Part> parts = new HashMap<>();

    private record Page(long into, long number, long size, long packed) { }

    /** @param encoding {@link #WHOLE} where the data stand in one piece and their means of mending behind them */
    private record Part(long size, long encoding, List<Page> pages) { }

    private Paged2007(byte[] file, Report.Builder report) {
        this.file = file;
        this.report = report;
    }

    static Container open(byte[] file, Report.Builder report) {
        Paged2007 p = new Paged2007(file, report);
        p.maps();
        return new Container(Version.R2007, StandardCharsets.UTF_16LE, p.part("AcDb:Header"), p.part("AcDb:Classes"),
            p.part("AcDb:Handles"), p.part("AcDb:AcDbObjects"),
            p.parts.containsKey("AcDb:Template") ? Container.metric(p.part("AcDb:Template"), Version.R2007) : -1);
    }

    private void maps() {
        byte[] head = deal(HEAD, HEAD_BLOCKS, SYSTEM_DATA);
        byte[] h = unpacked(head, HEAD_PACKED_AT, Container.intAt(head, 24), HEAD_SIZE);
        either("map of pages", second ->
            pageMap(systemPage(PAGES + Container.longAt(h, second ? 0x28 : 0x38), Container.longAt(h, 0x50), Container.longAt(h, 0x58),
            Container.longAt(h, 0x18))));
        either("map of parts", second -> {
            Long place = addresses.get(Container.longAt(h, second ? 0xB8 : 0xC0));
            if (place == null) throw new Damaged("no page for the map of parts");
            partMap(systemPage(place, Container.longAt(h, 0xB0), Container.longAt(h, 0xC8), Container.longAt(h, 0xD8)));
        });
    }

    /** Each map stands in the file twice. */
    private void either(String name, Consumer<Boolean> read) {
        try {
            read.accept(false);
        } catch (Damaged e) {
            report.say(Code.PAGE_DAMAGED, new Location.Whole(), name);
            read.accept(true);
        }
    }

    /** Bytes of blocks that were dealt out in turn, the first of each block, gathered block by block. */
    private byte[] deal(long at, int blocks, int dataEach) {
        if (at < 0 || blocks < 1 || at + (long) blocks * BLOCK > file.length - Bits.ROOM)
            throw new Damaged("a page at byte " + at + " beyond the end");
        byte[] out = new byte[blocks * dataEach + Bits.ROOM];
        for (int b = 0, k = 0; b < blocks; b++)
            for (int i = 0, from = (int) at + b; i < dataEach; i++, from += blocks) out[k++] = file[from];
        return out;
    }

    /** @param packed size in bytes, negative for what is not packed */
    private byte[] unpacked(byte[] data, int from, long packed, long size) {
        if (size < 0 || size > Container.most(file) || Math.abs(packed) > data.length - Bits.ROOM - from)
            throw new Damaged("a page of " + size + " bytes");
        byte[] out = new byte[(int) size + Bits.ROOM];
        if (packed > 0) Unpacking2007.unpack(data, from, (int) packed, out, 0, (int) size);
        else System.arraycopy(data, from, out, 0, (int) Math.min(size, -packed));
        return out;
    }

    /** @param copies how many times the data are repeated within the blocks */
    private byte[] systemPage(long at, long packed, long size, long copies) {
        if (packed < 0 || packed > file.length || copies < 1 || copies > 64) throw new Damaged("a map of " + packed + " bytes");
        long blocks = ((packed + 7 & ~7) * copies + SYSTEM_DATA - 1) / SYSTEM_DATA;
        if (blocks * BLOCK > file.length) throw new Damaged("a map of " + packed + " bytes");
        return unpacked(deal(at, (int) blocks, SYSTEM_DATA), 0, packed, size);
    }

    private void pageMap(byte[] map) {
        long address = PAGES;
        for (int at = 0; at + 16 <= map.length - Bits.ROOM && addresses.size() < MOST_PAGES; at += 16) {
            long size = Container.longAt(map, at), number = Container.longAt(map, at + 8);
            if (number == 0 || size < 0 || size > file.length) break;
            if (number > 0) addresses.put(number, address);
            address += size;
        }
    }

    private void partMap(byte[] map) {
        int end = map.length - Bits.ROOM, at = 0;
        while (at + PART_HEAD <= end) {
            long size = Container.longAt(map, at), name = Container.longAt(map, at + 32), encoding = Container.longAt(map, at + 48),
                count = Container.longAt(map, at + 56);
            at += PART_HEAD;
            if (name < 0 || name > end - at || count < 0 || count * PART_PAGE > end - at - name) throw new Damaged("the map of parts");
            String word = new String(map, at, (int) name, StandardCharsets.UTF_16LE).replace("\0", "");
            at += (int) name;
            List<Page> list = new ArrayList<>();
            for (int i = 0; i < count; i++, at += PART_PAGE)
                list.add(new Page(Container.longAt(map, at), Container.longAt(map, at + 16), Container.longAt(map, at + 24),
                    Container.longAt(map, at + 32)));
            if (!word.isEmpty()) parts.put(word, new Part(size, encoding, list));
        }
    }

    private byte[] part(String name) {
        Part p = parts.get(name);
        long most = p == null ? -1 : p.pages.stream().mapToLong(g -> Math.clamp(g.size, 0, Integer.MAX_VALUE)).sum();
        if (p == null || p.size < 0 || most > Container.most(file)) {
            report.say(Code.PART_LOST, new Location.Whole(), name);
            return Container.NONE;
        }
        byte[] out = new byte[(int) Math.min(p.size, most) + Bits.ROOM];
        for (Page g : p.pages) {
            Long place = addresses.get(g.number);
            try {
                if (place == null) throw new Damaged("not in the map");
                page(place, p, g, out);
            } catch (Damaged e) {
                report.say(Code.PAGE_DAMAGED, new Location.Offset(place == null ? 0 : place), name);
            }
        }
        return out;
    }

    private void page(long at, Part p, Page g, byte[] out) {
        if (g.packed < 0 || g.packed > file.length || g.into < 0 || g.into > out.length - Bits.ROOM)
            throw new Damaged("a page of " + g.packed + " bytes");
        int blocks = (int) (((g.packed + 7 & ~7) + PAGE_DATA - 1) / PAGE_DATA);
        long packed = g.packed < g.size ? g.packed : -g.packed;
        if (at > file.length) throw new Damaged("a page at byte " + at + " beyond the end");
        byte[] data = p.encoding == WHOLE ? unpacked(file, (int) at, packed, g.size)
            : unpacked(deal(at, blocks, PAGE_DATA), 0, packed, g.size);
        System.arraycopy(data, 0, out, (int) g.into, (int) Math.min(g.size, out.length - Bits.ROOM - g.into));
    }
}
