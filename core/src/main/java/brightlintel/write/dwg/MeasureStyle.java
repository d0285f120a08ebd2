package brightlintel.write.dwg;

import brightlintel.drawing.DimensionStyle;

/** The row of settings of written measures, which a style and the header both have: the usual ones but for those that we know. */
final class MeasureStyle {
    private MeasureStyle() { }

    /** All but the weights of its lines, before which the header has its references. */
    static void write(BitsOut out, DimensionStyle s) {
        out.text("");
        out.text("");
        out.bitDoubles(s.scale(), 2.5, 0.625, 3.75, 1.25, 0, 0, 0, 0);
        bits(out, false, false, true, true, false, false);
        shorts(out, 1, 8, 0);
        out.bitDoubles(s.textHeight(), 2.5, 0, 0.04, s.factor(), 0, 1, 0.625, 0);
        out.bit(false);
        out.bitShort(2);
        bits(out, true, false, false, false);
        shorts(out, 0, 0, 0);
        shorts(out, 0, 2, 2, 2, 2, 0, 0, 2, ',', 0, 0);
        bits(out, false, false);
        shorts(out, 1, 8, 0, 0);
        out.bit(false);
        out.bitShort(3);
    }

    static void weights(BitsOut out) {
        shorts(out, -2, -2);
    }

    static void shorts(BitsOut out, int... v) {
        for (int s : v) out.bitShort(s);
    }

    static void bits(BitsOut out, boolean... v) {
        for (boolean b : v) out.bit(b);
    }
}
