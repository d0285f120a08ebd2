package brightlintel.drawing;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What entities and layers refer to by name. Line types by name in lower case. */
public record Tables(Map<String, LineType> lineTypes, List<DimensionStyle> dimensionStyles) {
    public static final Tables NONE = new Tables(Map.of(), List.of());

    public Tables {
        lineTypes = Collections.unmodifiableMap(new LinkedHashMap<>(lineTypes));
        dimensionStyles = List.copyOf(dimensionStyles);
    }

    public Optional<LineType> lineType(String name) {
        return Optional.ofNullable(lineTypes.get(Names.key(name)));
    }

    public Optional<DimensionStyle> dimensionStyle(String name) {
        return dimensionStyles.stream().filter(s -> s.name().equalsIgnoreCase(name)).findFirst();
    }
}
