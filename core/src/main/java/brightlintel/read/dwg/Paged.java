package brightlintel.read.dwg;

import brightlintel.drawing.Code;
import brightlintel.drawing.Location;
import brightlintel.drawing.Report;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The layout in pages of 2004, 2010, 2013 and 2018: a masked head leads to a map of pages and a map of parts; pages are compressed one by
 * one. A page that is lost or damaged leaves a hole of noughts in its part.
 */
final class Paged {
    private static final int HEAD = 0x80, HEAD_SIZE = 0x6C, PAGE_MAP = 0x41630E3B, PART_MAP = 0x4163003B;
    static final int FIRST_PAGE = 0x100, PAGE_HEAD = 32, DATA_PAGE = 0x4163043B, MASK = 0x4164536B;
    private static final int MOST_PAGES = 2_000_000;
    private final byte[] file;
    private final Report.Builder report;
    private final Map<Integer, Long> addresses = new HashMap<>();
    private final Map<String, Part> parts = new HashMap<>();

    /** @param pages number, compressed size and place in the part of each */
    private record Part(String name, long size, int pageSize, boolean compressed, List<long[]> pages) { }

    private Paged(byte[] file, Report.Builder report) {
        this.file = file;
        this.report = report;
    }

    static Container open(byte[] file, Version version, Charset charset, Report.Builder report) {
        Paged p = new Paged(file, report);
        try {
            p.maps();
        } catch (Damaged e) {
            report.say(Code.PART_LOST, new Location.Whole(), e.getMessage());
            return Salvage.of(file, version, charset, report);
        }
        byte[] template = p.part("AcDb:Template", false);
        return new Container(version, charset, p.part("AcDb:Header", true), p.part("AcDb:Classes", true), p.part("AcDb:Handles", true),
            p.part("AcDb:AcDbObjects", true), p.parts.containsKey("AcDb:Template") ? Container.metric(template, version) : -1);
    }

    private void maps() {
        byte[] head = Container.roomy(unmasked());
        long at = Container.longAt(head, 0x54) + FIRST_PAGE;
        int partMap = Container.intAt(head, 0x5C);
        pageMap(systemPage(at, PAGE_MAP));
        Long place = addresses.get(partMap);
        if (place == null) throw new Damaged("no page " + partMap + " for the map of parts");
        partMap(systemPage(place, PART_MAP));
    }

    /** A head hidden under a sequence of numbers that all files share. */
    private byte[] unmasked() {
        byte[] out = Arrays.copyOfRange(file, HEAD, HEAD + HEAD_SIZE);
        int seed = 1;
        for (int i = 0; i < out.length; i++) {
            seed = seed * 0x343fd + 0x269ec3;
            out[i] ^= (byte) (seed >> 16);
        }
        if (!new String(out, 0, 11, StandardCharsets.ISO_8859_1).equals("AcFssFcAJMB")) throw new Damaged("the masked head");
        return out;
    }

    private byte[] systemPage(long at, int type) {
        if (Container.intAt(file, at) != type) throw new Damaged("no map at byte " + at);
        long size = Container.intAt(file, at + 4), packed = Container.intAt(file, at + 8);
        if (size < 0 || size > Container.most(file) || packed < 0 || at + 20 + packed > file.length - Bits.ROOM)
            throw new Damaged("a map of " + size + " bytes");
        byte[] out = new byte[(int) size + Bits.ROOM];
        byte[] head = Arrays.copyOfRange(file, (int) at, (int) at + 20);
        Arrays.fill(head, 16, 20, (byte) 0);
        if (PageSum.of(PageSum.of(0, head, 0, 20), file, (int) at + 20, (int) packed) != Container.intAt(file, at + 16))
            report.say(Code.CHECKSUM_WRONG, new Location.Offset(at), "map of pages");
        Unpacking.unpack(file, (int) at + 20, (int) packed, out, 0, (int) size);
        return out;
    }

    private void pageMap(byte[] map) {
        long address = FIRST_PAGE;
        int end = map.length - Bits.ROOM;
        for (int at = 0; at + 8 <= end && addresses.size() < MOST_PAGES; at += 8) {
            int number = Container.intAt(map, at);
            long size = Container.intAt(map, at + 4) & 0xffffffffL;
            if (number > 0) addresses.put(number, address);
            else at += 16;
            address += size;
        }
    }

    private void partMap(byte[] map) {
        int n = Container.intAt(map, 0), at = 20;
        for (int i = 0; i < n && at + 96 <= map.length - Bits.ROOM; i++) {
            long size = Container.longAt(map, at);
            int count = Container.intAt(map, at + 8), pageSize = Container.intAt(map, at + 12), packing = Container.intAt(map, at + 20);
            int k = at + 32;
            while (k < at + 96 && map[k] != 0) k++;
            String name = new String(map, at + 32, k - at - 32, StandardCharsets.ISO_8859_1);
            at += 96;
            List<long[]> list = new ArrayList<>();
            for (int p = 0; p < count && at + 16 <= map.length - Bits.ROOM; p++, at += 16)
                list.add(new long[] {Container.intAt(map, at), Container.intAt(map, at + 4), Container.longAt(map, at + 8)});
            if (!name.isEmpty()) parts.put(name, new Part(name, size, pageSize, packing == 2, list));
        }
    }

    private byte[] part(String name, boolean needed) {
        Part p = parts.get(name);
        // what pages can hold at most; a size beyond it is not believed
        long most = p == null ? 0 : (long) p.pages.size() * Math.max(0, p.pageSize);
        if (p == null || p.size < 0 || most > Container.most(file)) {
            if (needed) report.say(Code.PART_LOST, new Location.Whole(), name);
            return Container.NONE;
        }
        byte[] out = new byte[(int) Math.min(p.size, most) + Bits.ROOM];
        for (long[] page : p.pages) {
            Long place = addresses.get((int) page[0]);
            try {
                if (place == null) throw new Damaged("not in the map");
                page(p, place, page[2], out);
            } catch (Damaged e) {
                report.say(Code.PAGE_DAMAGED, new Location.Offset(place == null ? 0 : place), name);
            }
        }
        return out;
    }

    /** Its own head is masked by where it lies. */
    private void page(Part p, long at, long into, byte[] out) {
        int mask = MASK ^ (int) at, size = out.length - Bits.ROOM;
        if ((Container.intAt(file, at) ^ mask) != DATA_PAGE) throw new Damaged("no page at byte " + at);
        long packed = (Container.intAt(file, at + 8) ^ mask) & 0xffffffffL;
        if (into < 0 || into >= size || packed > file.length - Bits.ROOM - at - PAGE_HEAD)
            throw new Damaged("a page of " + packed + " bytes");
        if (PageSum.of(0, file, (int) at + PAGE_HEAD, (int) packed) != (Container.intAt(file, at + 28) ^ mask))
            report.say(Code.CHECKSUM_WRONG, new Location.Offset(at), p.name);
        int room = (int) Math.min(p.pageSize, size - into);
        if (p.compressed) Unpacking.unpack(file, (int) at + PAGE_HEAD, (int) packed, out, (int) into, room);
        else System.arraycopy(file, (int) at + PAGE_HEAD, out, (int) into, (int) Math.min(packed, room));
    }
}
