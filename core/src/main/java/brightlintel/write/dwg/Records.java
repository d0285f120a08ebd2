package brightlintel.write.dwg;

import brightlintel.drawing.Colour;
import brightlintel.drawing.DimensionStyle;
import brightlintel.drawing.Layer;
import brightlintel.drawing.LineType;
import brightlintel.drawing.Names;
import brightlintel.drawing.RawDrawing;
import brightlintel.read.dwg.Kind;
import brightlintel.read.dwg.Weights;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;

/** The tables that entities refer to, each with the object that lists it. */
final class Records {
    private static final int TEXT_AREA = 256, WORD = 2, SHAPE = 4, ABSOLUTE = 1, FROZEN = 1, OFF = 2, LOCKED = 8, PLOTTED = 16;
    private static final double SCREEN = 1.6;
    private final Objects objects;
    private final Register register;
    private final RawDrawing drawing;
    private final BitsOut data, references;

    Records(Objects objects, Register register, RawDrawing drawing) {
        this.objects = objects;
        this.register = register;
        this.drawing = drawing;
        data = objects.data();
        references = objects.references();
    }

    void write(List<Holder> holders) {
        blocks(holders);
        layers();
        textStyle();
        lineTypes();
        control(Kind.VIEW_CONTROL, Register.VIEWS, List.of(), List.of());
        control(Kind.UCS_CONTROL, Register.SYSTEMS, List.of(), List.of());
        control(Kind.VPORT_CONTROL, Register.WINDOWS, List.of(Register.WINDOW), List.of());
        window();
        control(Kind.APPID_CONTROL, Register.APPLICATIONS, List.of(Register.APPLICATION), List.of());
        record(Kind.APPID, Register.APPLICATION, "ACAD");
        data.rawByte(0);
        tied(Register.APPLICATIONS);
        measures();
        control(Kind.VIEWPORT_HEADS, Register.VIEWPORT_HEADS, List.of(), List.of());
    }

    /** @param owned records of which the list does not count */
    private void control(int kind, long handle, List<Long> listed, List<Long> owned) {
        objects.begin(kind, handle);
        data.bitLong(0);
        data.bitLong(listed.size());
        if (kind == Kind.DIMSTYLE_CONTROL) data.rawByte(0);
        references.handle(4, 0);
        references.handle(3, 0);
        listed.forEach(h -> references.handle(2, h));
        owned.forEach(h -> references.handle(3, h));
        objects.end();
    }

    private void record(int kind, long handle, String name) {
        objects.begin(kind, handle);
        data.bitLong(0);
        data.text(name);
        data.bit(false);
        data.bitShort(0);
        data.bit(false);
    }

    /** Ends a record with its list, no dictionary, no other drawing, and what it refers to. */
    private void tied(long control, long... to) {
        references.handle(4, control);
        references.handle(3, 0);
        references.handle(5, 0);
        for (long h : to) references.handle(5, h);
        objects.end();
    }

    private void blocks(List<Holder> holders) {
        List<Long> own = new ArrayList<>();
        holders.stream().skip(2).forEach(h -> own.add(h.record()));
        control(Kind.BLOCK_CONTROL, Register.BLOCKS, own, List.of(holders.get(0).record(), holders.get(1).record()));
        for (Holder h : holders) {
            boolean external = !h.external().isEmpty() && h.entities().isEmpty();
            record(Kind.BLOCK_HEADER, h.record(), h.name());
            data.bit(h.layout() == 0 && h.name().startsWith("*"));
            data.bit(h.entities().stream().anyMatch(e -> e.kind().equals("ATTDEF")));
            data.bit(external);
            data.bit(false);
            data.bit(false);
            data.point(h.base());
            data.text(external ? h.external() : "");
            data.rawByte(0);
            data.text("");
            data.bitLong(0);
            references.handle(4, Register.BLOCKS);
            references.handle(3, 0);
            references.handle(5, 0);
            references.handle(3, h.begin());
            if (!external) {
                int n = h.entities().size();
                references.handle(4, n == 0 ? 0 : h.first());
                references.handle(4, n == 0 ? 0 : h.first() + n - 1);
            }
            references.handle(3, h.end());
            references.handle(5, h.layout());
            objects.end();
        }
    }

    private void layers() {
        Map<String, Layer> all = new TreeMap<>();
        all.put("0", Layer.plain("0", Colour.PLAIN));
        drawing.layers().forEach(l -> all.put(Names.key(l.name()), l));
        List<Long> listed = new ArrayList<>();
        all.values().forEach(l -> listed.add(register.layer(l.name())));
        control(Kind.LAYER_CONTROL, Register.LAYERS, listed, List.of());
        for (Layer l : all.values()) {
            record(Kind.LAYER, register.layer(l.name()), l.name());
            data.bitShort((l.frozen() ? FROZEN : 0) + (l.off() ? OFF : 0) + (l.locked() ? LOCKED : 0) + (l.plotted() ? PLOTTED : 0)
                + (Weights.number(l.weight()) << 5));
            data.bitShort(Entities.index(l.colour()));
            tied(Register.LAYERS, Register.PLOT_STYLE, l.lineType().isEmpty() ? Register.CONTINUOUS : register.lineType(l.lineType()));
        }
    }

    private void textStyle() {
        control(Kind.STYLE_CONTROL, Register.STYLES, List.of(Register.STANDARD_TEXT), List.of());
        record(Kind.STYLE, Register.STANDARD_TEXT, "Standard");
        data.bit(false);
        data.bit(false);
        data.bitDoubles(0, 1, 0);
        data.rawByte(0);
        data.bitDouble(2.5);
        data.text("txt");
        data.text("");
        tied(Register.STYLES);
    }

    /** Those of the drawing, those that are only named, and the three that every file has. */
    private void lineTypes() {
        Map<String, LineType> all = new TreeMap<>();
        drawing.tables().lineTypes().values().forEach(t -> all.put(Names.key(t.name()), t));
        Function<String, LineType> plain = n -> new LineType(n, "", 0, List.of());
        for (Layer l : drawing.layers())
            if (!l.lineType().isEmpty()) all.computeIfAbsent(Names.key(l.lineType()), _ -> plain.apply(l.lineType()));
        register.lineTypesNamed().forEach(n -> all.computeIfAbsent(n, plain));
        for (String n : List.of("ByBlock", "ByLayer", "Continuous")) all.put(Names.key(n), plain.apply(n));
        List<Long> listed = all.keySet().stream().map(register::lineType).filter(h -> h != Register.BY_BLOCK && h != Register.BY_LAYER)
            .toList();
        control(Kind.LTYPE_CONTROL, Register.LINE_TYPES, listed, List.of(Register.BY_BLOCK, Register.BY_LAYER));
        all.forEach((key, t) -> lineType(register.lineType(key), t));
    }

    private void lineType(long handle, LineType t) {
        record(Kind.LTYPE, handle, t.name());
        data.text(t.description());
        data.bitDouble(t.length());
        data.rawByte('A');
        data.rawByte(t.dashes().size());
        byte[] area = new byte[TEXT_AREA];
        int used = 0;
        for (LineType.Dash d : t.dashes()) {
            byte[] word = d.text().getBytes(BitsOut.CHARSET);
            boolean fits = word.length > 0 && used + word.length < TEXT_AREA;
            data.bitDouble(d.length());
            data.bitShort(fits ? used : d.shape());
            data.flat(d.dx(), d.dy());
            data.bitDoubles(d.height(), d.turn());
            data.bitShort((fits ? WORD : d.shape() != 0 ? SHAPE : 0) + (d.absolute() ? ABSOLUTE : 0));
            if (fits) {
                System.arraycopy(word, 0, area, used, word.length);
                used += word.length + 1;
            }
        }
        data.raw(area);
        long[] fonts = new long[t.dashes().size()];
        for (int i = 0; i < fonts.length; i++) fonts[i] = t.dashes().get(i).text().isEmpty() ? 0 : Register.STANDARD_TEXT;
        tied(Register.LINE_TYPES, fonts);
    }

    /** The window onto the model: from above, over all of it. */
    private void window() {
        var min = drawing.header().point("$EXTMIN");
        var max = drawing.header().point("$EXTMAX");
        double width = 1000, height = 1000, x = 0, y = 0;
        if (min.isPresent() && max.isPresent() && max.get().x() > min.get().x() && max.get().y() > min.get().y()) {
            width = max.get().x() - min.get().x();
            height = max.get().y() - min.get().y();
            x = (min.get().x() + max.get().x()) / 2;
            y = (min.get().y() + max.get().y()) / 2;
        }
        record(Kind.VPORT, Register.WINDOW, "*Active");
        double high = Math.max(height, width / SCREEN);
        data.bitDoubles(high, high * SCREEN);
        data.flat(x, y);
        data.bitDoubles(0, 0, 0, 0, 0, 1, 0, 50, 0, 0);
        data.few(0, 4);
        data.rawByte(0);
        data.flat(0, 0);
        data.flat(1, 1);
        data.bit(false);
        data.bitShort(1000);
        data.bit(true);
        data.two(0);
        data.bit(false);
        data.flat(10, 10);
        data.bit(false);
        data.bit(false);
        data.bitShort(0);
        data.bitDouble(0);
        data.flat(0, 0);
        data.flat(10, 10);
        data.bit(false);
        data.bit(true);
        data.bitDoubles(0, 0, 0, 1, 0, 0, 0, 1, 0, 0);
        data.bitShort(0);
        tied(Register.WINDOWS, 0, 0);
    }

    private void measures() {
        Map<String, DimensionStyle> all = new TreeMap<>();
        all.put("standard", new DimensionStyle("Standard", 1, 1, 2.5));
        drawing.tables().dimensionStyles().forEach(s -> all.put(Names.key(s.name()), s));
        register.measuresNamed().forEach(n -> all.computeIfAbsent(n, k -> new DimensionStyle(k, 1, 1, 2.5)));
        control(Kind.DIMSTYLE_CONTROL, Register.MEASURES, all.keySet().stream().map(register::measure).toList(), List.of());
        all.forEach((key, s) -> {
            record(Kind.DIMSTYLE, register.measure(key), s.name());
            MeasureStyle.write(data, s);
            MeasureStyle.weights(data);
            data.bit(false);
            tied(Register.MEASURES, Register.STANDARD_TEXT, 0, 0, 0, 0);
        });
    }
}
