package brightlintel.read.dxf;

import brightlintel.drawing.Colour;
import brightlintel.drawing.DimensionStyle;
import brightlintel.drawing.Layer;
import brightlintel.drawing.LineType;
import brightlintel.drawing.Names;
import brightlintel.drawing.Style;
import brightlintel.drawing.Tables;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The records of the tables that matter to a plan, in whatever order they stand. */
final class TableReader {
    private static final int MOST_DASHES = 256;
    private final Map<String, Layer> layers = new LinkedHashMap<>();
    private final Map<String, LineType> lineTypes = new LinkedHashMap<>();
    private final List<DimensionStyle> dimensionStyles = new ArrayList<>();
    private final Map<String, String> blockOfHandle = new LinkedHashMap<>();

    void record(String kind, Groups g) {
        switch (kind) {
            case "LAYER" -> layer(g);
            case "LTYPE" -> lineType(g);
            case "DIMSTYLE" -> {
                if (g.has(2)) dimensionStyles.add(new DimensionStyle(g.text(2, ""), g.number(144, 1), g.number(40, 1), g.number(140, 0)));
            }
            case "BLOCK_RECORD" -> blockOfHandle.put(g.text(5, "").toUpperCase(Locale.ROOT), g.text(2, ""));
            default -> { }
        }
    }

    /** By name in lower case; more may be put in. */
    Map<String, Layer> layers() {
        return layers;
    }

    Tables tables() {
        return new Tables(lineTypes, dimensionStyles);
    }

    /** Name of the block whose record has this handle. */
    Optional<String> block(String handle) {
        return Optional.ofNullable(blockOfHandle.get(handle.toUpperCase(Locale.ROOT)));
    }

    private void layer(Groups g) {
        String name = g.text(2, "");
        if (name.isEmpty()) return;
        int index = g.whole(62, 7), flags = g.whole(70, 0);
        Optional<Integer> rgb = g.has(420) ? Optional.of(g.whole(420, 0) & 0xffffff) : Optional.empty();
        layers.put(Names.key(name), new Layer(name, new Colour(Math.abs(index), rgb), index < 0, (flags & 1) != 0, (flags & 4) != 0,
            g.text(6, ""),
            g.whole(370, Style.WEIGHT_DEFAULT), g.whole(290, 1) != 0, true));
    }

    /** Each piece begins with its length; what belongs to it follows. */
    private void lineType(Groups g) {
        String name = g.text(2, "");
        if (name.isEmpty()) return;
        List<LineType.Dash> dashes = new ArrayList<>();
        for (int i = 0; i < g.size() && dashes.size() < MOST_DASHES; i++) if (g.code(i) == 49) dashes.add(dash(g, i));
        lineTypes.put(Names.key(name), new LineType(name, g.text(3, ""), g.number(40, 0), g.allFinite() ? dashes : List.of()));
    }

    private static LineType.Dash dash(Groups g, int at) {
        double length = g.number(at), height = 1, turn = 0, dx = 0, dy = 0;
        int flags = 0, shape = 0;
        String text = "";
        for (int i = at + 1; i < g.size() && g.code(i) != 49; i++)
            switch (g.code(i)) {
                case 74 -> flags = (int) g.number(i);
                case 75 -> shape = (int) g.number(i);
                case 46 -> height = g.number(i);
                case 50 -> turn = Math.toRadians(g.number(i));
                case 44 -> dx = g.number(i);
                case 45 -> dy = g.number(i);
                case 9 -> text = g.text(i);
                default -> { }
            }
        if ((flags & 6) == 0) return LineType.Dash.plain(length);
        return new LineType.Dash(length, (flags & 2) != 0 ? text : "", (flags & 4) != 0 ? shape : 0, height, turn, (flags & 1) != 0, dx,
            dy);
    }
}
