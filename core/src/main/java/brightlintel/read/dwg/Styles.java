package brightlintel.read.dwg;

import brightlintel.drawing.Style;
import java.util.HashMap;
import java.util.Map;

/** Styles of entities, one object for all that look alike: the last of each slot is tried before the whole table. */
final class Styles {
    private static final int SLOTS = 1 << 10;
    private final Records records;
    private final Style[] cached = new Style[SLOTS];
    private final long[] layers = new long[SLOTS];
    private final Map<Style, Style> all = new HashMap<>();

    Styles(Records records) {
        this.records = records;
    }

    Style of(EntityHead h, EntityHead.Ties t) {
        String lineType = switch (h.lineType()) {
            case 0 -> "";
            case 1 -> "ByBlock";
            case 2 -> "Continuous";
            default -> records.lineType(t.lineType());
        };
        double scale = h.lineTypeScale() > 0 && Double.isFinite(h.lineTypeScale()) ? h.lineTypeScale() : 1;
        int slot = (int) (t.layer() * 31 + h.colour().index() * 7L + h.weight()) & SLOTS - 1;
        Style s = cached[slot];
        if (s != null && layers[slot] == t.layer() && s.colour().equals(h.colour()) && s.visible() == h.visible()
            && s.lineTypeScale() == scale && s.weight() == h.weight()
            && s.lineType().equals(lineType)) return s;
        String layer = records.layer(t.layer());
        layers[slot] = t.layer();
        return cached[slot] = all.computeIfAbsent(new Style(layer.isEmpty() ? "0" : layer, h.colour(), lineType, scale, h.weight(),
            h.visible()), x -> x);
    }
}
