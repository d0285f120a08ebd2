package brightlintel.write.dwg;

import brightlintel.drawing.Names;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/** Handles: those of the parts that every file has, and those of what the drawing names. */
final class Register {
    static final long BLOCKS = 1, LAYERS = 2, STYLES = 3, LINE_TYPES = 5, VIEWS = 6, SYSTEMS = 7, WINDOWS = 8, APPLICATIONS = 9,
        MEASURES = 0xA, VIEWPORT_HEADS = 0xB,
        ROOT = 0xC, GROUPS = 0xD, PLOT_STYLES = 0xE, PLOT_STYLE = 0xF, LAYER_0 = 0x10, STANDARD_TEXT = 0x11, APPLICATION = 0x12,
        BY_BLOCK = 0x14, BY_LAYER = 0x15,
        CONTINUOUS = 0x16, MULTILINES = 0x17, MULTILINE = 0x18, PLOT_SETTINGS = 0x19, LAYOUTS = 0x1A, STANDARD_MEASURE = 0x1D,
        WINDOW = 0x1E;
    private static final long FREE = 0x30;
    private final Map<String, Long> layers = new LinkedHashMap<>(), lineTypes = new LinkedHashMap<>(), measures = new LinkedHashMap<>(),
        blocks = new LinkedHashMap<>();
    private long next = FREE;

    Register() {
        layers.put("0", LAYER_0);
        lineTypes.put("byblock", BY_BLOCK);
        lineTypes.put("bylayer", BY_LAYER);
        lineTypes.put("continuous", CONTINUOUS);
        measures.put("standard", STANDARD_MEASURE);
    }

    long next() {
        return next++;
    }

    /** The first of n in a row. */
    long next(int n) {
        long first = next;
        next += n;
        return first;
    }

    long layer(String name) {
        return layers.computeIfAbsent(Names.key(name), _ -> next());
    }

    long lineType(String name) {
        return lineTypes.computeIfAbsent(Names.key(name), _ -> next());
    }

    long measure(String name) {
        return name.isEmpty() ? STANDARD_MEASURE : measures.computeIfAbsent(Names.key(name), _ -> next());
    }

    /** In lower case; those that only entities name among them. */
    Set<String> lineTypesNamed() {
        return lineTypes.keySet();
    }

    Set<String> measuresNamed() {
        return measures.keySet();
    }

    void block(String name, long handle) {
        blocks.put(Names.key(name), handle);
    }

    /** 0 for a block that the drawing has lost. */
    long block(String name) {
        return blocks.getOrDefault(Names.key(name), 0L);
    }
}
