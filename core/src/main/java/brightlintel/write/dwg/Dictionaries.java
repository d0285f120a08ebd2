package brightlintel.write.dwg;

import brightlintel.drawing.Header;
import brightlintel.drawing.Paper;
import brightlintel.geom.Vec3;
import brightlintel.read.dwg.Kind;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The named objects that every file has, and the layouts. */
final class Dictionaries {
    static final int WITH_DEFAULT = Kind.FIRST_CLASS, PLACEHOLDER = Kind.FIRST_CLASS + 1, LAYOUT = Kind.FIRST_CLASS + 2;
    private final Objects objects;
    private final BitsOut data, references;

    Dictionaries(Objects objects) {
        this.objects = objects;
        data = objects.data();
        references = objects.references();
    }

    void write(List<Holder> sheets, Header header) {
        Map<String, Long> root = new LinkedHashMap<>();
        root.put("ACAD_GROUP", Register.GROUPS);
        root.put("ACAD_LAYOUT", Register.LAYOUTS);
        root.put("ACAD_MLINESTYLE", Register.MULTILINES);
        root.put("ACAD_PLOTSETTINGS", Register.PLOT_SETTINGS);
        root.put("ACAD_PLOTSTYLENAME", Register.PLOT_STYLES);
        dictionary(Kind.DICTIONARY, Register.ROOT, 0, root);
        dictionary(Kind.DICTIONARY, Register.GROUPS, Register.ROOT, Map.of());
        dictionary(Kind.DICTIONARY, Register.PLOT_SETTINGS, Register.ROOT, Map.of());
        Map<String, Long> layouts = new LinkedHashMap<>();
        sheets.forEach(s -> layouts.put(s.layoutName(), s.layout()));
        dictionary(Kind.DICTIONARY, Register.LAYOUTS, Register.ROOT, layouts);
        dictionary(Kind.DICTIONARY, Register.MULTILINES, Register.ROOT, Map.of("Standard", Register.MULTILINE));
        dictionary(WITH_DEFAULT, Register.PLOT_STYLES, Register.ROOT, Map.of("Normal", Register.PLOT_STYLE));
        owned(PLACEHOLDER, Register.PLOT_STYLE, Register.PLOT_STYLES);
        tie(Register.PLOT_STYLES);
        objects.end();
        multiline();
        for (int i = 0; i < sheets.size(); i++) layout(sheets.get(i), i, header);
    }

    /** An object with its owner as its one reactor. */
    private void owned(int kind, long handle, long owner) {
        objects.begin(kind, handle);
        data.bitLong(owner == 0 ? 0 : 1);
    }

    private void tie(long owner) {
        references.handle(4, owner);
        if (owner != 0) references.handle(4, owner);
        references.handle(3, 0);
    }

    private void dictionary(int kind, long handle, long owner, Map<String, Long> items) {
        owned(kind, handle, owner);
        data.bitLong(items.size());
        data.bitShort(1);
        data.rawByte(0);
        items.keySet().forEach(data::text);
        tie(owner);
        items.values().forEach(h -> references.handle(2, h));
        if (kind == WITH_DEFAULT) references.handle(5, Register.PLOT_STYLE);
        objects.end();
    }

    private void multiline() {
        owned(Kind.MLINESTYLE, Register.MULTILINE, Register.MULTILINES);
        data.text("Standard");
        data.text("");
        data.bitShort(0);
        data.bitShort(256);
        data.bitDoubles(Math.PI / 2, Math.PI / 2);
        data.rawByte(2);
        for (double side : new double[] {0.5, -0.5}) {
            data.bitDouble(side);
            data.bitShort(256);
            data.bitShort(0x7fff);
        }
        tie(Register.MULTILINES);
        objects.end();
    }

    /** A plot scale of one, as nothing else is known; a sheet that is not known is an A3. */
    private void layout(Holder sheet, int order, Header header) {
        owned(LAYOUT, sheet.layout(), Register.LAYOUTS);
        boolean model = order == 0;
        data.text("");
        data.text("none_device");
        data.bitShort(model ? 1712 : 688);
        double wide = sheet.paper().map(p -> p.width() * 1000).orElse(420.0), high = sheet.paper().map(p -> p.height() * 1000)
            .orElse(297.0);
        data.bitDoubles(7.5, 20, 7.5, 20, wide, high);
        data.text("");
        data.bitDoubles(0, 0);
        MeasureStyle.shorts(data, sheet.paper().map(Paper::isInches).orElse(false) ? 0 : 1, 0, model ? 0 : 5);
        data.bitDoubles(0, 0, 0, 0);
        data.text("");
        data.bitDoubles(1, 1);
        data.text("");
        data.bitShort(16);
        data.bitDoubles(1, 0, 0);
        data.text(sheet.layoutName());
        data.bitLong(order);
        data.bitShort(1);
        data.point(Vec3.ZERO);
        data.flat(0, 0);
        data.flat(wide, high);
        data.point(Vec3.ZERO);
        data.point(new Vec3(1, 0, 0));
        data.point(new Vec3(0, 1, 0));
        data.bitDouble(0);
        data.bitShort(0);
        data.point(model ? header.point("$EXTMIN").orElse(Vec3.ZERO) : Vec3.ZERO);
        data.point(model ? header.point("$EXTMAX").orElse(Vec3.ZERO) : Vec3.ZERO);
        tie(Register.LAYOUTS);
        references.handle(4, sheet.record());
        references.handle(4, model ? Register.WINDOW : 0);
        references.handle(5, 0);
        references.handle(5, 0);
        objects.end();
    }
}
