package brightlintel.building;

import java.util.List;

/** Who said a value. */
public sealed interface Why {
    record Assumed() implements Why { }

    record Stated() implements Why { }

    /** @param confidence 0..1 */
    record Read(double confidence, List<Evidence> evidence) implements Why {
        public Read {
            evidence = List.copyOf(evidence);
        }
    }
}
