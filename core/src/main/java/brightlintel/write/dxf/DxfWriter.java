package brightlintel.write.dxf;

import brightlintel.drawing.Block;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Layer;
import brightlintel.drawing.RawDrawing;
import brightlintel.drawing.Space;
import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Vec3;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * A whole drawing as R2000 text. Every kind that is understood is written with all its figures; kinds known by name only are left out and
 * returned, counted. Text beyond ASCII is written by its code, so that no code page can spoil it.
 */
public final class DxfWriter {
    private static final List<String> KEPT_HEADER = List.of("$INSUNITS", "$MEASUREMENT", "$LUNITS", "$LTSCALE", "$DIMSCALE", "$DIMLFAC");
    private final RawDrawing d;
    private final Pairs out;
    private final EntityPairs entities;
    private final Map<String, Integer> leftOut = new LinkedHashMap<>();

    private DxfWriter(RawDrawing d, Pairs out) {
        this.d = d;
        this.out = out;
        this.entities = new EntityPairs(out);
    }

    /** @return kinds that were left out, with their numbers */
    public static Map<String, Integer> write(RawDrawing d, OutputStream to) throws IOException {
        try {
            BufferedWriter w = new BufferedWriter(new OutputStreamWriter(to, StandardCharsets.US_ASCII), 1 << 16);
            DxfWriter writer = new DxfWriter(d, new Pairs(w));
            writer.all();
            w.flush();
            return writer.leftOut;
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    private void all() {
        header();
        out.p(0, "SECTION").p(2, "CLASSES").p(0, "ENDSEC");
        out.p(0, "SECTION").p(2, "TABLES");
        table("VPORT", 0);
        out.p(0, "ENDTAB");
        lineTypes();
        layers();
        table("STYLE", 1);
        record("STYLE", "AcDbTextStyleTableRecord", "Standard").p(70, 0).p(40, 0.0).p(41, 1.0).p(50, 0.0).p(71, 0).p(42, 2.5).p(3, "txt").p(4, "");
        out.p(0, "ENDTAB");
        for (String t : List.of("VIEW", "UCS")) {
            table(t, 0);
            out.p(0, "ENDTAB");
        }
        table("APPID", 1);
        record("APPID", "AcDbRegAppTableRecord", "ACAD").p(70, 0);
        out.p(0, "ENDTAB");
        table("DIMSTYLE", 0);
        out.p(100, "AcDbDimStyleTable").p(0, "ENDTAB");
        blockRecords();
        out.p(0, "ENDSEC");
        blocks();
        out.p(0, "SECTION").p(2, "ENTITIES");
        space(new SpaceKey.Model(), false);
        for (Space s : d.spaces()) if (!(s.key() instanceof SpaceKey.Model)) space(s.key(), true);
        out.p(0, "ENDSEC").p(0, "SECTION").p(2, "OBJECTS").p(0, "DICTIONARY").p(5, "C").p(100, "AcDbDictionary").p(3, "ACAD_GROUP").p(350, "D")
            .p(0, "DICTIONARY").p(5, "D").p(330, "C").p(100, "AcDbDictionary").p(0, "ENDSEC").p(0, "EOF");
    }

    private void header() {
        out.p(0, "SECTION").p(2, "HEADER").p(9, "$ACADVER").p(1, "AC1015").p(9, "$DWGCODEPAGE").p(3, "ANSI_1252").p(9, "$HANDSEED").p(5, "FFFFFFF");
        for (String name : KEPT_HEADER)
            d.header().word(name).ifPresent(v -> out.p(9, name).p(name.startsWith("$DIM") || name.equals("$LTSCALE") ? 40 : 70, v));
        for (String name : List.of("$EXTMIN", "$EXTMAX")) d.header().point(name).ifPresent(v -> out.p(9, name).at(10, v));
        out.p(0, "ENDSEC");
    }

    private void table(String name, int n) {
        out.p(0, "TABLE").p(2, name).p(5, out.next()).p(330, "0").p(100, "AcDbSymbolTable").p(70, n);
    }

    private Pairs record(String kind, String marker, String name) {
        return out.p(0, kind).p(5, out.next()).p(100, "AcDbSymbolTableRecord").p(100, marker).p(2, EntityPairs.ascii(name));
    }

    private void lineTypes() {
        TreeSet<String> names = new TreeSet<>(String.CASE_INSENSITIVE_ORDER);
        names.addAll(List.of("ByBlock", "ByLayer", "Continuous"));
        for (Layer l : d.layers()) if (!l.lineType().isEmpty()) names.add(l.lineType());
        for (Entity e : everything()) if (!e.style().lineType().isEmpty()) names.add(e.style().lineType());
        table("LTYPE", names.size());
        for (String n : names) record("LTYPE", "AcDbLinetypeTableRecord", n).p(70, 0).p(3, "").p(72, 65).p(73, 0).p(40, 0.0);
        out.p(0, "ENDTAB");
    }

    private List<Entity> everything() {
        List<Entity> all = new ArrayList<>();
        d.spaces().forEach(s -> all.addAll(s.entities()));
        d.blocks().values().forEach(b -> all.addAll(b.entities()));
        return all;
    }

    private void layers() {
        List<Layer> list = new ArrayList<>(d.layers().stream().filter(Layer::declared).toList());
        table("LAYER", list.size());
        for (Layer l : list) {
            record("LAYER", "AcDbLayerTableRecord", l.name()).p(70, (l.frozen() ? 1 : 0) + (l.locked() ? 4 : 0)).p(62, l.off() ? -l.colour().index() : l.colour().index());
            l.colour().rgb().ifPresent(rgb -> out.p(420, rgb));
            out.p(6, EntityPairs.ascii(l.lineType().isEmpty() ? "Continuous" : l.lineType()));
        }
        out.p(0, "ENDTAB");
    }

    private List<String> blockNames() {
        List<String> names = new ArrayList<>(List.of("*Model_Space", "*Paper_Space"));
        d.blocks().values().forEach(b -> names.add(b.name()));
        return names;
    }

    private void blockRecords() {
        table("BLOCK_RECORD", blockNames().size());
        for (String n : blockNames()) record("BLOCK_RECORD", "AcDbBlockTableRecord", n);
        out.p(0, "ENDTAB");
    }

    private void blocks() {
        out.p(0, "SECTION").p(2, "BLOCKS");
        for (String n : List.of("*Model_Space", "*Paper_Space")) block(n, Vec3.ZERO, List.of());
        for (Block b : d.blocks().values()) block(b.name(), b.base(), b.entities());
        out.p(0, "ENDSEC");
    }

    private void block(String name, Vec3 base, List<Entity> inside) {
        String n = EntityPairs.ascii(name);
        out.p(0, "BLOCK").p(5, out.next()).p(100, "AcDbEntity").p(8, "0").p(100, "AcDbBlockBegin").p(2, n).p(70, name.startsWith("*") ? 1 : 0).at(10, base).p(3, n).p(1, "");
        inside.forEach(e -> one(e, false));
        out.p(0, "ENDBLK").p(5, out.next()).p(100, "AcDbEntity").p(8, "0").p(100, "AcDbBlockEnd");
    }

    private void space(SpaceKey key, boolean paper) {
        d.space(key).ifPresent(s -> s.entities().forEach(e -> one(e, paper)));
    }

    private void one(Entity e, boolean paper) {
        if (!entities.write(e, paper)) leftOut.merge(e.kind(), 1, Integer::sum);
    }
}
