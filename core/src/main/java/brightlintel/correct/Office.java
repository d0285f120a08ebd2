package brightlintel.correct;

import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Names;
import brightlintel.drawing.Strokes;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;

/** Whether two drawings look as if one office had made them, so that what was found of one is worth offering to the other. */
public final class Office {
    /** Layers that are in use in both, of all that are in use in either. */
    private static final double ALIKE = 0.5;
    private static final int LEAST = 3;
    private static final Set<String> EVERYWHERE = Set.of("0", "defpoints");

    private Office() { }

    /** Drawn in the model both, or on sheets both; the same word for the unit; layers called alike. A file without layers is like none. */
    public static boolean isAlike(Drawn a, Drawn b) {
        if (a.isOnPaper() != b.isOnPaper()) return false;
        if (!Objects.equals(UnitChoice.saidBy(a.file().header()), UnitChoice.saidBy(b.file().header()))) return false;
        Set<String> own = layers(a), other = layers(b), both = new TreeSet<>(own), all = new TreeSet<>(own);
        both.retainAll(other);
        all.addAll(other);
        return both.size() >= LEAST && both.size() >= ALIKE * all.size();
    }

    private static Set<String> layers(Drawn d) {
        Strokes s = d.strokes();
        Set<String> out = new TreeSet<>();
        int[] count = s.countByLayer();
        for (int i = 0; i < count.length; i++) {
            String name = Names.key(s.layers().get(i).name());
            if (count[i] > 0 && !EVERYWHERE.contains(name)) out.add(name);
        }
        return out;
    }
}
