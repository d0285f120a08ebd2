package brightlintel.read.dwg;

import brightlintel.drawing.Colour;
import brightlintel.drawing.DimensionStyle;
import brightlintel.drawing.Layer;
import brightlintel.drawing.LineType;
import brightlintel.drawing.Paper;
import brightlintel.geom.Vec3;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What entities refer to, by handle: layers, line types, blocks, styles of measures, layouts, files of pictures. */
final class Records {
    private static final int FROZEN = 1, OFF = 2, LOCKED = 8, PLOTTED = 16, DASH_TEXT = 2, DASH_SHAPE = 4, DASH_UPRIGHT = 1;

    /** @param external path of the drawing it stands for, or "" */
    record BlockHead(String name, Vec3 base, String external) { }

    private record LayerRecord(Layer layer, long lineType) { }

    private final Version version;
    private final Charset charset;
    private final Map<Long, LayerRecord> layers = new LinkedHashMap<>();
    private final Map<Long, LineType> lineTypes = new LinkedHashMap<>();
    private final Map<Long, BlockHead> blocks = new LinkedHashMap<>();
    private final Map<Long, DimensionStyle> dimensionStyles = new LinkedHashMap<>();
    private final Map<Long, String> textStyles = new HashMap<>();
    private final Map<Long, String> layoutOfBlock = new HashMap<>();
    private final Map<Long, Paper> paperOfBlock = new HashMap<>();
    private final Map<Long, String> begun = new HashMap<>();
    private final Map<Long, String> pictureFiles = new HashMap<>();

    Records(Version version, Charset charset) {
        this.version = version;
        this.charset = charset;
    }

    void read(ObjectBits o, int kind) {
        o.begin();
        Bits in = o.data();
        int reactors = in.bitLong();
        boolean extension = !(version.from(Version.R2004) && in.bit());
        if (version.from(Version.R2013)) in.bit();
        switch (kind) {
            case Kind.LAYER -> layer(o, reactors, extension);
            case Kind.LTYPE -> lineType(o);
            case Kind.BLOCK_HEADER -> block(o);
            case Kind.STYLE -> textStyles.put(o.handle(), name(o));
            case Kind.DIMSTYLE -> dimensionStyle(o);
            case Kind.LAYOUT -> layout(o, reactors, extension);
            default -> pictureFile(o);
        }
    }

    private String name(ObjectBits o) {
        String name = o.text();
        Bits in = o.data();
        if (version.from(Version.R2007)) in.bitShort();
        else {
            in.bit();
            in.bitShort();
            in.bit();
        }
        return name;
    }

    private static void owners(ObjectBits o, int reactors, boolean extension) {
        o.reference();
        o.skipReferences(reactors);
        if (extension) o.reference();
    }

    private void layer(ObjectBits o, int reactors, boolean extension) {
        String name = name(o);
        Bits in = o.data();
        int flags = in.bitShort() & 0xffff;
        Colour colour = o.colour();
        owners(o, reactors, extension);
        o.reference();
        o.reference();
        if (version.from(Version.R2007)) o.reference();
        Layer l = new Layer(name, colour, (flags & OFF) != 0, (flags & FROZEN) != 0, (flags & LOCKED) != 0, "", Weights.of(flags >> 5 & 31),
            (flags & PLOTTED) != 0, true);
        layers.put(o.handle(), new LayerRecord(l, o.reference()));
    }

    private void lineType(ObjectBits o) {
        String name = name(o), description = o.text();
        Bits in = o.data();
        double length = in.bitDouble();
        in.rawByte();
        int n = in.rawByte();
        boolean words = false;
        record Piece(double length, int code, double dx, double dy, double scale, double turn, int flags) { }
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double l = in.bitDouble();
            int code = in.bitShort();
            double dx = in.rawDouble(), dy = in.rawDouble(), scale = in.bitDouble(), turn = in.bitDouble();
            pieces.add(new Piece(l, code, dx, dy, scale, turn, in.bitShort()));
            words |= (pieces.getLast().flags & DASH_TEXT) != 0;
        }
        byte[] area = new byte[!version.from(Version.R2007) ? 256 : words ? 512 : 0];
        for (int i = 0; i < area.length; i++) area[i] = (byte) in.rawByte();
        List<LineType.Dash> dashes = new ArrayList<>();
        for (Piece p : pieces)
            dashes.add((p.flags & (DASH_TEXT | DASH_SHAPE)) == 0 ? LineType.Dash.plain(p.length)
                : new LineType.Dash(p.length, (p.flags & DASH_TEXT) != 0 ? word(area, p.code) : "",
                (p.flags & DASH_SHAPE) != 0 ? p.code : 0, p.scale, p.turn, (p.flags & DASH_UPRIGHT) != 0, p.dx, p.dy));
        lineTypes.put(o.handle(), new LineType(name, description, length, dashes));
    }

    private String word(byte[] area, int from) {
        int step = version.from(Version.R2007) ? 2 : 1, end = Math.max(0, from);
        if (from < 0 || from >= area.length) return "";
        while (end + step <= area.length && (area[end] != 0 || step == 2 && area[end + 1] != 0)) end += step;
        return new String(area, from, end - from, step == 2 ? StandardCharsets.UTF_16LE : charset);
    }

    private void block(ObjectBits o) {
        String name = name(o);
        Bits in = o.data();
        in.bit();
        in.bit();
        boolean external = in.bit(), overlaid = in.bit();
        in.bit();
        if (version.from(Version.R2004)) in.bitLong();
        Vec3 base = in.bitPoint();
        String path = o.text();
        blocks.put(o.handle(), new BlockHead(name, base.isFinite() ? base : Vec3.ZERO, external || overlaid ? path.isEmpty()
            ? name : path : ""));
    }

    private void dimensionStyle(ObjectBits o) {
        String name = name(o);
        Bits in = o.data();
        o.text();
        o.text();
        double scale = in.bitDouble();
        for (int i = 0; i < 8; i++) in.bitDouble();
        if (version.from(Version.R2007)) {
            in.bitDouble();
            in.bitDouble();
            in.bitShort();
            o.colour();
        }
        in.skip(6);
        for (int i = 0; i < (version.from(Version.R2007) ? 4 : 3); i++) in.bitShort();
        double height = in.bitDouble();
        for (int i = 0; i < 3; i++) in.bitDouble();
        dimensionStyles.put(o.handle(), new DimensionStyle(name, in.bitDouble(), scale, height));
    }

    /** The settings for plotting come first. */
    private void layout(ObjectBits o, int reactors, boolean extension) {
        Bits in = o.data();
        o.text();
        o.text();
        in.bitShort();
        for (int i = 0; i < 4; i++) in.bitDouble();
        double width = in.bitDouble(), height = in.bitDouble();
        o.text();
        in.bitDouble();
        in.bitDouble();
        int unit = in.bitShort();
        for (int i = 0; i < 2; i++) in.bitShort();
        for (int i = 0; i < 4; i++) in.bitDouble();
        if (!version.from(Version.R2004)) o.text();
        in.bitDouble();
        in.bitDouble();
        o.text();
        in.bitShort();
        for (int i = 0; i < 3; i++) in.bitDouble();
        if (version.from(Version.R2004)) for (int i = 0; i < 3; i++) in.bitShort();
        String name = o.text();
        owners(o, reactors, extension);
        if (version.from(Version.R2004)) o.reference();
        if (version.from(Version.R2007)) o.reference();
        long block = o.reference();
        layoutOfBlock.put(block, name);
        Paper.ofLayout(width, height, unit).ifPresent(p -> paperOfBlock.put(block, p));
    }

    private void pictureFile(ObjectBits o) {
        Bits in = o.data();
        in.bitLong();
        in.rawDouble();
        in.rawDouble();
        pictureFiles.put(o.handle(), o.text());
    }

    List<Layer> layers() {
        return layers.values().stream().map(r -> {
            Layer l = r.layer;
            LineType t = lineTypes.get(r.lineType);
            return new Layer(l.name(), l.colour(), l.off(), l.frozen(), l.locked(), t == null ? "" : t.name(), l.weight(), l.plotted(),
                true);
        }).toList();
    }

    /** "" where the file has lost it. */
    String layer(long handle) {
        LayerRecord r = layers.get(handle);
        return r == null ? "" : r.layer.name();
    }

    String lineType(long handle) {
        LineType t = lineTypes.get(handle);
        return t == null ? "" : t.name();
    }

    List<LineType> lineTypes() {
        return List.copyOf(lineTypes.values());
    }

    /** The object that begins a block: a block without a name of its own has its number only here. */
    void begun(ObjectBits o) {
        o.begin();
        EntityHead head = EntityHead.read(o);
        long owner = head.ties(o).owner();
        if (head.mode() == 0) begun.put(owner, o.text());
    }

    /** Once all are read. */
    void settle() {
        begun.forEach((handle, name) -> blocks.computeIfPresent(handle, (_, b) -> b.name.matches("[*].") && name.startsWith(b.name)
            ? new BlockHead(name, b.base, b.external) : b));
    }

    Map<Long, BlockHead> blocks() {
        return blocks;
    }

    String block(long handle) {
        BlockHead b = blocks.get(handle);
        return b == null ? "" : b.name;
    }

    List<DimensionStyle> dimensionStyles() {
        return List.copyOf(dimensionStyles.values());
    }

    String dimensionStyle(long handle) {
        DimensionStyle s = dimensionStyles.get(handle);
        return s == null ? "" : s.name();
    }

    String textStyle(long handle) {
        return textStyles.getOrDefault(handle, "");
    }

    /** Name of the layout that a block holds, or "". */
    Optional<Paper> paper(long block) {
        return Optional.ofNullable(paperOfBlock.get(block));
    }

    String layout(long block) {
        return layoutOfBlock.getOrDefault(block, "");
    }

    String pictureFile(long handle) {
        return pictureFiles.getOrDefault(handle, "");
    }
}
