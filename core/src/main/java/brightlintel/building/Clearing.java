package brightlintel.building;

import java.util.Set;
import java.util.TreeSet;

/** What of an underlay is set aside. A recipe, not strokes: the original stays as it is. Layer names in lower case. */
public record Clearing(Set<String> layersOff) {
    public static final Clearing NONE = new Clearing(Set.of());

    public Clearing {
        layersOff = java.util.Collections.unmodifiableSortedSet(new TreeSet<>(layersOff));
    }

    public boolean hides(String layer) {
        return layersOff.contains(brightlintel.drawing.Names.key(layer));
    }
}
