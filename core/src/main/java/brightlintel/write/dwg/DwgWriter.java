package brightlintel.write.dwg;

import brightlintel.drawing.Block;
import brightlintel.drawing.Entity;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Vec3;
import brightlintel.read.dwg.Crc;
import brightlintel.read.dwg.Kind;
import brightlintel.read.dwg.Marks;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A whole drawing as DWG of R2000. Pictures, leaders that carry a text and kinds known by name only are left out and returned, counted.
 * True colours become the nearest of the list.
 */
public final class DwgWriter {
    private static final int HEAD = 97, AUX = 123, LIST = 0x15, PARTS = 6, CODE_PAGE = 30, OBJECT = 0x1F3;
    private final RawDrawing drawing;
    private final Register register = new Register();
    private final List<Holder> holders = new ArrayList<>();
    private final List<Holder> sheets = new ArrayList<>();

    private DwgWriter(RawDrawing drawing) {
        this.drawing = drawing;
    }

    /** @return kinds that were left out, with their numbers */
    public static Map<String, Integer> write(RawDrawing d, OutputStream to) throws IOException {
        to.write(new DwgWriter(d).all());
        Map<String, Integer> left = new LinkedHashMap<>();
        d.everything().filter(e -> Shapes.type(e) == 0).forEach(e -> left.merge(e.kind(), 1, Integer::sum));
        return left;
    }

    private byte[] all() {
        hold();
        BitsOut file = new BitsOut();
        file.raw(new byte[HEAD]);
        int aux = file.size();
        aux(file);
        int auxSize = file.size() - aux, preview = file.size();
        preview(file);
        // the header names the first free handle, so that objects come before it in time, behind it in place
        byte[] classes = part(Marks.CLASSES, classes().toBytes(), Marks.CLASSES_END);
        int headerAt = file.size(), headerSize = part(Marks.HEADER, Settings.of(drawing.header(), holders, Integer.MAX_VALUE),
            Marks.HEADER_END).length;
        Objects objects = objects(headerAt + headerSize + 8 + classes.length);
        byte[] header = part(Marks.HEADER, Settings.of(drawing.header(), holders, register.next()), Marks.HEADER_END);
        file.raw(header);
        file.raw(new byte[headerSize + 8 - header.length]);
        int classesAt = file.size();
        file.raw(classes);
        file.raw(objects.bytes());
        int mapAt = file.size();
        byte[] map = objects.map();
        file.raw(map);
        int metricAt = file.size();
        drawing.header().whole("$MEASUREMENT").ifPresent(m -> {
            file.rawShort(0);
            file.rawShort(m);
        });
        int metricSize = file.size() - metricAt;
        byte[] out = file.toBytes();
        head(out, preview, new int[][] {{headerAt, header.length}, {classesAt, classes.length}, {mapAt, map.length}, {0, 0},
            {metricAt, metricSize}, {aux, auxSize}});
        return out;
    }

    /** Model first, then the current sheet, then other sheets and blocks. */
    private void hold() {
        List<Entity> model = drawing.space(new SpaceKey.Model()).map(Space::entities).orElse(List.of());
        sheets.add(Holder.of("*Model_Space", Vec3.ZERO, "", model, Holder.MODEL, "Model", Optional.empty(), register));
        for (Space s : drawing.spaces())
            if (!(s.key() instanceof SpaceKey.Model)) {
                int n = sheets.size() - 1;
                String name = "*Paper_Space" + (n == 0 ? "" : n - 1);
                sheets.add(Holder.of(name, Vec3.ZERO, "", s.entities(), n == 0 ? Holder.SHEET : Holder.BLOCK, s.key().name(), s.paper(),
                    register));
            }
        if (sheets.size() == 1)
            sheets.add(Holder.of("*Paper_Space", Vec3.ZERO, "", List.of(), Holder.SHEET, "Layout1", Optional.empty(), register));
        holders.addAll(sheets);
        for (Block b : drawing.blocks().values()) {
            Holder h = Holder.of(b.name(), b.base(), b.external(), b.entities(), Holder.BLOCK, "", Optional.empty(), register);
            register.block(b.name(), h.record());
            holders.add(h);
        }
    }

    private Objects objects(int at) {
        Objects objects = new Objects(at);
        Entities entities = new Entities(objects, register);
        holders.forEach(entities::write);
        new Records(objects, register, drawing).write(holders);
        new Dictionaries(objects).write(sheets, drawing.header());
        return objects;
    }

    private static BitsOut classes() {
        BitsOut out = new BitsOut();
        String[][] names = {{"AcDbDictionaryWithDefault", "ACDBDICTIONARYWDFLT"}, {"AcDbPlaceHolder", "ACDBPLACEHOLDER"},
            {"AcDbLayout", "LAYOUT"}};
        for (int i = 0; i < names.length; i++) {
            out.bitShort(Kind.FIRST_CLASS + i);
            out.bitShort(0);
            out.text("ObjectDBX Classes");
            out.text(names[i][0]);
            out.text(names[i][1]);
            out.bit(false);
            out.bitShort(OBJECT);
        }
        return out;
    }

    private static byte[] part(byte[] mark, byte[] data, byte[] end) {
        BitsOut out = new BitsOut();
        out.raw(mark);
        out.rawLong(data.length);
        out.raw(data);
        out.rawShort(Crc.of(Crc.SEED, out.array(), mark.length, out.size() - mark.length));
        out.raw(end);
        return out.toBytes();
    }

    /** No picture. */
    private static void preview(BitsOut out) {
        out.raw(Marks.PREVIEW);
        out.rawLong(1);
        out.rawByte(0);
        out.raw(Marks.PREVIEW_END);
    }

    /** What the last save was made with. */
    private static void aux(BitsOut out) {
        int begin = out.size();
        out.raw(new byte[] {(byte) 0xFF, 0x77, 0x01});
        for (int v : new int[] {23, 0}) out.rawShort(v);
        out.rawLong(1);
        out.rawLong(-1);
        for (int v : new int[] {1, 0}) out.rawShort(v);
        out.rawLong(0);
        for (int v : new int[] {23, 0, 23, 0, 5, 2195, 5, 2195}) out.rawShort(v);
        for (int v : new int[] {0, 1}) out.rawShort(v);
        out.raw(new byte[AUX - (out.size() - begin)]);
    }

    private static void head(byte[] file, int preview, int[][] parts) {
        BitsOut out = new BitsOut();
        out.raw("AC1015".getBytes(StandardCharsets.US_ASCII));
        out.raw(new byte[] {0, 0, 0, 0, 0, 0, 1});
        out.rawLong(preview);
        out.rawByte(23);
        out.rawByte(0);
        out.rawShort(CODE_PAGE);
        out.rawLong(PARTS);
        for (int i = 0; i < PARTS; i++) {
            out.rawByte(i);
            out.rawLong(parts[i][0]);
            out.rawLong(parts[i][1]);
        }
        out.rawShort(Crc.of(Crc.SEED, out.array(), 0, LIST + 4 + 9 * PARTS));
        out.raw(Marks.HEAD_END);
        System.arraycopy(out.array(), 0, file, 0, HEAD);
    }
}
