package brightlintel.write.dwg;

import brightlintel.drawing.DimensionStyle;
import brightlintel.drawing.Header;
import brightlintel.geom.Vec3;
import java.util.List;

/** The header's long row of settings: the usual ones but for those that the drawing speaks of. */
final class Settings {
    private static final int DAY = 2461000;
    private final BitsOut out = new BitsOut();
    private final Header header;
    private final List<Holder> holders;

    private Settings(Header header, List<Holder> holders) {
        this.header = header;
        this.holders = holders;
    }

    static byte[] of(Header header, List<Holder> holders, long freeHandle) {
        Settings s = new Settings(header, holders);
        s.general();
        s.shorts(0, 0, 0, 0, 0, 8, 6, 6, 6, 6, 6, 6, 3, 70, 0, 48, 4, 0, 50);
        s.scales();
        s.times(freeHandle);
        s.space("$P");
        s.space("$");
        s.measures();
        s.lists();
        return s.out.toBytes();
    }

    private void shorts(int... v) {
        MeasureStyle.shorts(out, v);
    }

    private void bits(String v) {
        for (char c : v.toCharArray()) out.bit(c == '1');
    }

    private void to(int code, long... handles) {
        for (long h : handles) out.handle(code, h);
    }

    private double number(String name, double usual) {
        return header.number(name).orElse(usual);
    }

    private void general() {
        out.bitDoubles(412148564080.0, 1, 1, 1);
        for (String s : new String[] {"m", "", "", ""}) out.text(s);
        out.bitLong(0);
        out.bitLong(0);
        to(5, 0);
        bits("10" + "0" + "0" + "1" + "1" + "0" + "1" + "0");
        bits("1" + "0" + "0" + "0" + "1" + "1" + "1" + "0" + "1" + "0" + "1");
        shorts(1, 3020, (int) number("$LUNITS", 2), 4, 0, 2, 1, 0);
    }

    private void scales() {
        out.bitDouble(number("$LTSCALE", 1));
        out.bitDoubles(2.5, 1, 1, 0, 0, 0, 0, 0);
        out.bitDoubles(0, 0, 0, 0, 0);
        out.bitDoubles(0, 0, 0, 0, 0.5, 1, 1);
        out.text("");
    }

    private void times(long freeHandle) {
        for (int i = 0; i < 2; i++) {
            out.bitLong(DAY);
            out.bitLong(0);
        }
        for (int i = 0; i < 4; i++) out.bitLong(0);
        out.bitShort(256);
        to(0, freeHandle);
        to(5, Register.LAYER_0, Register.STANDARD_TEXT, Register.BY_LAYER, Register.STANDARD_MEASURE, Register.MULTILINE);
        out.bitDouble(0);
    }

    private void space(String prefix) {
        out.point(header.point(prefix + "INSBASE").orElse(Vec3.ZERO));
        out.point(header.point(prefix + "EXTMIN").orElse(new Vec3(1e20, 1e20, 1e20)));
        out.point(header.point(prefix + "EXTMAX").orElse(new Vec3(-1e20, -1e20, -1e20)));
        Vec3 low = header.point(prefix + "LIMMIN").orElse(Vec3.ZERO), high = header.point(prefix + "LIMMAX").orElse(new Vec3(420, 297, 0));
        out.flat(low.x(), low.y());
        out.flat(high.x(), high.y());
        out.bitDoubles(0, 0, 0, 0, 1, 0, 0, 0, 1, 0);
        to(5, 0, 0);
        out.bitShort(0);
        to(5, 0);
        for (int i = 0; i < 6; i++) out.point(Vec3.ZERO);
    }

    private void measures() {
        MeasureStyle.write(out, new DimensionStyle("", number("$DIMLFAC", 1), number("$DIMSCALE", 1), number("$DIMTXT", 2.5)));
        to(5, Register.STANDARD_TEXT, 0, 0, 0, 0);
        MeasureStyle.weights(out);
    }

    private void lists() {
        to(3, Register.BLOCKS, Register.LAYERS, Register.STYLES, Register.LINE_TYPES, Register.VIEWS, Register.SYSTEMS, Register.WINDOWS,
            Register.APPLICATIONS, Register.MEASURES,
            Register.VIEWPORT_HEADS);
        to(5, Register.GROUPS, Register.MULTILINES, Register.ROOT);
        shorts(1, 50);
        out.text("");
        out.text("");
        to(5, Register.LAYOUTS, Register.PLOT_SETTINGS, Register.PLOT_STYLES);
        out.bitLong(0x2A1D);
        out.bitShort((int) number("$INSUNITS", 0));
        out.bitShort(0);
        out.text("");
        out.text("");
        to(5, holders.get(1).record(), holders.get(0).record(), Register.BY_LAYER, Register.BY_BLOCK, Register.CONTINUOUS);
        shorts(0, 0, 0, 0);
    }
}
