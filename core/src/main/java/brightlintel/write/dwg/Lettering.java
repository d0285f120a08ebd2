package brightlintel.write.dwg;

import brightlintel.drawing.Entity;
import brightlintel.drawing.Entity.TextSort;
import brightlintel.geom.Vec3;

/** The figures of texts and of written measures. */
final class Lettering {
    private static final int FLAT = 1, UNALIGNED = 2, UPRIGHT = 4, UNTURNED = 8, USUAL_WIDTH = 16, FORWARD = 32, LEFT = 64, ON_BASE = 128,
        HIDDEN = 1;
    private final BitsOut out;

    Lettering(BitsOut out) {
        this.out = out;
    }

    void text(Entity.Text t) {
        if (t.sort() == TextSort.MTEXT) {
            longText(t);
            return;
        }
        int across = t.across().ordinal(), upward = t.upward().ordinal();
        double z = t.at().z();
        int left = (z == 0 ? FLAT : 0) + (across == 0 && upward == 0 ? UNALIGNED : 0) + UPRIGHT + (t.rotation() == 0 ? UNTURNED : 0)
            + (t.widthFactor() == 1 ? USUAL_WIDTH : 0) + FORWARD
            + (across == 0 ? LEFT : 0) + (upward == 0 ? ON_BASE : 0);
        out.rawByte(left);
        if (z != 0) out.rawDouble(z);
        out.flat(t.at().x(), t.at().y());
        if ((left & UNALIGNED) == 0) {
            out.doubleLike(t.anchor().x(), t.at().x());
            out.doubleLike(t.anchor().y(), t.at().y());
        }
        out.extrusion(t.extrusion());
        out.noThickness();
        if (t.rotation() != 0) out.rawDouble(t.rotation());
        out.rawDouble(t.height());
        if (t.widthFactor() != 1) out.rawDouble(t.widthFactor());
        out.text(t.raw());
        if (across != 0) out.bitShort(across);
        if (upward != 0) out.bitShort(upward);
        if (t.sort() == TextSort.TEXT) return;
        out.text(t.tag());
        out.bitShort(0);
        out.rawByte(t.shown() ? 0 : HIDDEN);
        if (t.sort() == TextSort.ATTDEF) out.text("");
    }

    private void longText(Entity.Text t) {
        out.point(t.at());
        out.point(t.extrusion());
        out.point(new Vec3(Math.cos(t.rotation()), Math.sin(t.rotation()), 0));
        out.bitDoubles(t.width(), t.height());
        int row = switch (t.upward()) {
            case TOP -> 0;
            case MIDDLE -> 1;
            default -> 2;
        };
        out.bitShort(3 * row + Math.min(2, t.across().ordinal()) + 1);
        out.bitShort(1);
        out.bitDoubles(t.height(), t.width());
        out.text(t.raw());
        out.bitShort(1);
        out.bitDouble(1);
        out.bit(false);
    }

    void measure(Entity.Dimension d) {
        out.point(d.extrusion());
        out.flat(d.textAt().x(), d.textAt().y());
        out.bitDouble(d.textAt().z());
        out.rawByte(0);
        out.text(d.override());
        out.bitDoubles(0, 0, 1, 1, 1, 0);
        out.bitShort(5);
        out.bitShort(1);
        out.bitDouble(1);
        out.bitDouble(Double.isFinite(d.measured()) ? d.measured() : 0);
        out.flat(0, 0);
        switch (d.sort()) {
            case 0, 1 -> {
                points(d.first(), d.second(), d.at());
                out.bitDouble(0);
                if (d.sort() == 0) out.bitDouble(d.rotation());
            }
            case 2 -> {
                out.flat(d.at().x(), d.at().y());
                points(d.first(), d.second(), d.arc(), d.at());
            }
            case 3 -> {
                points(d.arc(), d.at());
                out.bitDouble(0);
            }
            case 4 -> {
                points(d.at(), d.arc());
                out.bitDouble(0);
            }
            case 5 -> points(d.at(), d.first(), d.second(), d.arc());
            default -> {
                points(d.at(), d.first(), d.second());
                out.rawByte(0);
            }
        }
    }

    private void points(Vec3... p) {
        for (Vec3 v : p) out.point(v);
    }
}
