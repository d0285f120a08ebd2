package brightlintel.flatten;

import brightlintel.drawing.Header;
import brightlintel.drawing.Layer;
import brightlintel.drawing.LineType;
import brightlintel.drawing.Strokes;
import brightlintel.drawing.Style;
import brightlintel.drawing.Tables;
import brightlintel.geom.Affine3;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Line types resolved: by layer, by block, scaled by the drawing, the entity and the references around it. */
final class Dashes {
    private static final int MOST = 4096;
    private final double drawingScale;
    private final List<Strokes.Dashing> all = new ArrayList<>();
    private final Map<Strokes.Dashing, Integer> numbers = new HashMap<>();

    Dashes(Header header) {
        this.drawingScale = header.number("$LTSCALE").filter(v -> v > 0).orElse(1.0);
    }

    List<Strokes.Dashing> all() {
        return all;
    }

    /** @param block the number of the reference around, for by-block; @return -1 for an unbroken line */
    int of(Tables tables, Style style, Layer layer, int block, Affine3 map) {
        if (tables.lineTypes().isEmpty()) return -1;
        String name = style.lineType().isEmpty() ? layer.lineType() : style.lineType();
        if (name.isEmpty() || name.equalsIgnoreCase("Continuous")) return -1;
        if (name.equalsIgnoreCase("ByBlock")) return block;
        LineType type = tables.lineType(name).orElse(null);
        if (type == null || type.dashes().size() < 2 || !(type.repeat() > 0)) return -1;
        double scale = drawingScale * style.lineTypeScale() * Math.sqrt(Math.abs(map.x().x() * map.y().y() - map.x().y() * map.y().x()));
        if (!(scale > 0) || !Double.isFinite(scale)) return -1;
        Strokes.Dashing d = new Strokes.Dashing(type, (float) scale);
        Integer known = numbers.get(d);
        if (known != null) return known;
        if (all.size() >= MOST) return -1;
        all.add(d);
        numbers.put(d, all.size() - 1);
        return all.size() - 1;
    }
}
