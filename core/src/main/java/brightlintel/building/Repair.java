package brightlintel.building;

import brightlintel.drawing.Names;
import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;

/** Something mended in the working copy; the original stays as it is. */
public sealed interface Repair {
    /** A stroke drawn a second time is set aside in favour of the other. */
    record Doubled(StrokeRef dropped, StrokeRef kept) implements Repair { }

    /**
     * All over a drawing, by kinds. A recipe: {@code repair.Mending} works out what it changes.
     *
     * @param tolerance metres in the building: the largest gap that is closed and end that is cut back
     * @param asOne     layers that hold one thing in several parts, as walls do that lie partly on another layer; names in lower case.
     *                  Else each layer is mended alone
     */
    record Mended(Set<Mend> kinds, double tolerance, Set<String> asOne) implements Repair {
        /** A real opening is wider than any gap that may be closed. */
        public static final double MOST = 0.05, LEAST = 1e-4;

        public Mended {
            kinds = Collections.unmodifiableSortedSet(new TreeSet<>(kinds));
            Set<String> keys = new TreeSet<>();
            asOne.forEach(l -> keys.add(Names.key(l)));
            asOne = Collections.unmodifiableSet(keys);
            if (!(tolerance >= LEAST && tolerance <= MOST))
                throw new IllegalArgumentException("tolerance " + tolerance + " is not within " + LEAST + ".." + MOST);
        }

        /** Each layer alone. */
        public Mended(Set<Mend> kinds, double tolerance) {
            this(kinds, tolerance, Set.of());
        }
    }
}
