package brightlintel.repair;

import brightlintel.building.Mend;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Curve;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A drawing after its repair: as many strokes as before, each in its place in the table, so that whatever was said of one still holds.
 *
 * @param strokes some of them reshaped
 * @param into    by stroke: itself, the stroke that it became part of, or below 0 where it was dropped
 * @param counts  how many of each kind were mended; of kinds without any nothing
 * @param bits    what was added or taken away, shifted file units
 */
public record Repaired(Strokes strokes, int[] into, Map<Mend, Integer> counts, List<Bit> bits) {
    /** A piece of line that is new, or gone. */
    public record Bit(Mend kind, Curve curve, boolean added) { }

    public Repaired {
        counts = Map.copyOf(counts);
        bits = List.copyOf(bits);
    }

    /** Whether a stroke is no longer one of its own. */
    public boolean isGone(int stroke) {
        return stroke < into.length && into[stroke] != stroke;
    }

    /** The strokes of the file that one of these was made of, itself among them. */
    public List<Integer> sources(int stroke) {
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < into.length; i++) if (last(i) == stroke) out.add(i);
        return out;
    }

    /** What a stroke is now: what it became part of may have become part of another. */
    public int last(int stroke) {
        int i = stroke;
        while (i >= 0 && into[i] != i) i = into[i];
        return i;
    }

    public int total() {
        return counts.values().stream().mapToInt(n -> n).sum();
    }
}
