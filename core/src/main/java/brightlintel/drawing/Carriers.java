package brightlintel.drawing;

import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Set;

/**
 * References that carry a good part of the whole drawing: a plan that was put in as one block, or bound from another file. What came
 * in through one is drawn as if it stood at the top; a reference within it is put there as any other.
 */
public final class Carriers {
    /** Strokes that make a plan at least; of all strokes. */
    private static final int FEW = 50;
    private static final double SHARE = 0.2;
    private final Set<Strokes.Path> carriers = Collections.newSetFromMap(new IdentityHashMap<>());
    private final Set<String> blocks = new HashSet<>();

    private Carriers() { }

    public static Carriers of(Strokes s) {
        Map<Strokes.Path, Integer> counts = new IdentityHashMap<>();
        for (int i = 0; i < s.size(); i++) for (Strokes.Path p = s.pathOf(i); p != null; p = p.outer()) counts.merge(p, 1, Integer::sum);
        Carriers out = new Carriers();
        // from the outside in: what is in no carrier is a thing of its own
        for (boolean more = true; more;) {
            more = false;
            for (Map.Entry<Strokes.Path, Integer> e : counts.entrySet()) {
                Strokes.Path p = e.getKey();
                boolean carries = e.getValue() >= FEW && e.getValue() >= SHARE * s.size() && (p.outer() == null
                    || out.carriers.contains(p.outer()));
                if (!carries || !out.carriers.add(p)) continue;
                out.blocks.add(p.block());
                more = true;
            }
        }
        return out;
    }

    /** Names of the blocks that carry. */
    public Set<String> blocks() {
        return blocks;
    }

    /** The outermost reference that is put there as one thing; null for what is drawn by itself. */
    public Strokes.Path thing(Strokes.Path p) {
        Strokes.Path out = null;
        for (Strokes.Path x = p; x != null && !carriers.contains(x); x = x.outer()) out = x;
        return out;
    }

    /** The innermost carrier that something came in through; null for none. */
    public Strokes.Path carrying(Strokes.Path p) {
        Strokes.Path x = p;
        while (x != null && !carriers.contains(x)) x = x.outer();
        return x;
    }
}
