package brightlintel.write.dxf;

import brightlintel.drawing.Block;
import brightlintel.drawing.DimensionStyle;
import brightlintel.drawing.Entity;
import brightlintel.drawing.Layer;
import brightlintel.drawing.LineType;
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
import java.util.Optional;
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
    private final List<Sheet> sheets = new ArrayList<>();
    private final String textStyle;
    private final Map<String, Integer> leftOut = new LinkedHashMap<>();

    private DxfWriter(RawDrawing d, Pairs out) {
        this.d = d;
        this.out = out;
        this.entities = new EntityPairs(out);
        this.textStyle = out.next();
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
        out.p(0, "STYLE").p(5, textStyle).p(100, "AcDbSymbolTableRecord").p(100, "AcDbTextStyleTableRecord").p(2, "Standard").p(70, 0)
            .p(40, 0.0).p(41, 1.0).p(50, 0.0).p(71, 0).p(42, 2.5).p(3, "txt").p(4, "");
        out.p(0, "ENDTAB");
        for (String t : List.of("VIEW", "UCS")) {
            table(t, 0);
            out.p(0, "ENDTAB");
        }
        table("APPID", 1);
        record("APPID", "AcDbRegAppTableRecord", "ACAD").p(70, 0);
        out.p(0, "ENDTAB");
        dimensionStyles();
        blockRecords();
        out.p(0, "ENDSEC");
        blocks();
        out.p(0, "SECTION").p(2, "ENTITIES");
        for (int i = 0; i < 2; i++) for (Entity e : sheets.get(i).space.entities()) one(e, i == 1);
        out.p(0, "ENDSEC");
        objects();
        out.p(0, "EOF");
    }

    private void objects() {
        out.p(0, "SECTION").p(2, "OBJECTS").p(0, "DICTIONARY").p(5, "C").p(100, "AcDbDictionary").p(3, "ACAD_GROUP").p(350, "D")
            .p(3, "ACAD_LAYOUT").p(350, "E")
            .p(0, "DICTIONARY").p(5, "D").p(330, "C").p(100, "AcDbDictionary").p(0, "DICTIONARY").p(5, "E").p(330, "C")
            .p(100, "AcDbDictionary");
        for (Sheet s : sheets) out.p(3, EntityPairs.ascii(s.name)).p(350, s.layout);
        for (int i = 0; i < sheets.size(); i++) {
            Sheet s = sheets.get(i);
            out.p(0, "LAYOUT").p(5, s.layout).p(330, "E").p(100, "AcDbPlotSettings").p(1, "");
            s.space.paper().ifPresent(p -> out.p(44, p.width() * 1000).p(45, p.height() * 1000).p(72, p.isInches() ? 0 : 1));
            out.p(100, "AcDbLayout").p(1, EntityPairs.ascii(s.name)).p(70, 1).p(71, i).p(330, s.record);
        }
        entities.pictures().forEach((file, handle) -> out.p(0, "IMAGEDEF").p(5, handle).p(100, "AcDbRasterImageDef").p(90, 0)
            .p(1, EntityPairs.ascii(file)));
        out.p(0, "ENDSEC");
    }

    private void header() {
        out.p(0, "SECTION").p(2, "HEADER").p(9, "$ACADVER").p(1, "AC1015").p(9, "$DWGCODEPAGE").p(3, "ANSI_1252").p(9, "$HANDSEED")
            .p(5, "FFFFFFF");
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
        d.tables().lineTypes().values().forEach(t -> names.add(t.name()));
        for (Layer l : d.layers()) if (!l.lineType().isEmpty()) names.add(l.lineType());
        d.everything().map(e -> e.style().lineType()).filter(t -> !t.isEmpty()).forEach(names::add);
        table("LTYPE", names.size());
        for (String n : names) lineType(d.tables().lineType(n).orElse(new LineType(n, "", 0, List.of())));
        out.p(0, "ENDTAB");
    }

    private void lineType(LineType t) {
        record("LTYPE", "AcDbLinetypeTableRecord", t.name()).p(70, 0).p(3, EntityPairs.ascii(t.description())).p(72, 65)
            .p(73, t.dashes().size()).p(40, t.length());
        for (LineType.Dash d : t.dashes()) {
            boolean text = !d.text().isEmpty();
            out.p(49, d.length()).p(74, (text ? 2 : d.shape() != 0 ? 4 : 0) + (d.absolute() ? 1 : 0));
            if (!text && d.shape() == 0) continue;
            out.p(75, d.shape()).p(340, textStyle).p(46, d.height()).p(50, Math.toDegrees(d.turn())).p(44, d.dx()).p(45, d.dy());
            if (text) out.p(9, EntityPairs.ascii(d.text()));
        }
    }

    private void dimensionStyles() {
        table("DIMSTYLE", d.tables().dimensionStyles().size());
        out.p(100, "AcDbDimStyleTable");
        for (DimensionStyle s : d.tables().dimensionStyles())
            out.p(0, "DIMSTYLE").p(105, out.next()).p(100, "AcDbSymbolTableRecord").p(100, "AcDbDimStyleTableRecord")
                .p(2, EntityPairs.ascii(s.name())).p(70, 0)
                .p(40, s.scale()).p(140, s.textHeight()).p(144, s.factor());
        out.p(0, "ENDTAB");
    }

    private void layers() {
        List<Layer> list = new ArrayList<>(d.layers().stream().filter(Layer::declared).toList());
        table("LAYER", list.size());
        for (Layer l : list) {
            record("LAYER", "AcDbLayerTableRecord", l.name()).p(70, (l.frozen() ? 1 : 0) + (l.locked() ? 4 : 0))
                .p(62, l.off() ? -l.colour().index() : l.colour().index());
            l.colour().rgb().ifPresent(rgb -> out.p(420, rgb));
            out.p(6, EntityPairs.ascii(l.lineType().isEmpty() ? "Continuous" : l.lineType()));
            if (!l.plotted()) out.p(290, 0);
            out.p(370, l.weight());
        }
        out.p(0, "ENDTAB");
    }

    /** A sheet: the first is the current one, whose content stands among the entities. */
    private record Sheet(String name, String block, String record, String layout, Space space) { }

    private void blockRecords() {
        List<Space> drawn = d.spaces().stream().filter(s -> !(s.key() instanceof SpaceKey.Model)).toList();
        table("BLOCK_RECORD", d.blocks().size() + 1 + Math.max(1, drawn.size()));
        sheet("Model", "*Model_Space", d.space(new SpaceKey.Model()).orElse(Space.model(List.of())));
        if (drawn.isEmpty()) sheet("Layout1", "*Paper_Space", new Space(new SpaceKey.Layout("Layout1"), Optional.empty(), List.of()));
        for (int i = 0; i < drawn.size(); i++) sheet(drawn.get(i).key().name(), "*Paper_Space" + (i == 0 ? "" : i - 1), drawn.get(i));
        d.blocks().values().forEach(b -> record("BLOCK_RECORD", "AcDbBlockTableRecord", b.name()));
        out.p(0, "ENDTAB");
    }

    private void sheet(String name, String block, Space space) {
        Sheet s = new Sheet(name, block, out.next(), out.next(), space);
        sheets.add(s);
        out.p(0, "BLOCK_RECORD").p(5, s.record).p(100, "AcDbSymbolTableRecord").p(100, "AcDbBlockTableRecord").p(2, block).p(340, s.layout);
    }

    private void blocks() {
        out.p(0, "SECTION").p(2, "BLOCKS");
        for (int i = 0; i < sheets.size(); i++)
            block(new Block(sheets.get(i).block, Vec3.ZERO, i < 2 ? List.of() : sheets.get(i).space.entities(), ""), i > 1);
        for (Block b : d.blocks().values()) block(b, false);
        out.p(0, "ENDSEC");
    }

    /** A drawing that was read in from beside the file is written as a block of its own. */
    private void block(Block b, boolean paper) {
        String n = EntityPairs.ascii(b.name());
        boolean external = !b.external().isEmpty() && b.entities().isEmpty();
        out.p(0, "BLOCK").p(5, out.next()).p(100, "AcDbEntity").p(8, "0").p(100, "AcDbBlockBegin").p(2, n)
            .p(70, (b.name().startsWith("*") ? 1 : 0) + (external ? 4 : 0))
            .at(10, b.base()).p(3, n).p(1, external ? EntityPairs.ascii(b.external()) : "");
        b.entities().forEach(e -> one(e, paper));
        out.p(0, "ENDBLK").p(5, out.next()).p(100, "AcDbEntity").p(8, "0").p(100, "AcDbBlockEnd");
    }

    private void one(Entity e, boolean paper) {
        if (!entities.write(e, paper)) leftOut.merge(e.kind(), 1, Integer::sum);
    }
}
