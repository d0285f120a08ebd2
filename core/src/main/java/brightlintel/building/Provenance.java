package brightlintel.building;

import java.util.List;

/** How an element came about, and the strokes it stands on. */
public record Provenance(Way way, List<Support> on) {
    public static final Provenance BY_HAND = new Provenance(new Way.ByHand(), List.of());

    public Provenance {
        on = List.copyOf(on);
    }

    public sealed interface Way {
        record ByHand() implements Way { }

        record Proposed(double confidence) implements Way { }

        record Repeated(ElementId of) implements Way { }
    }
}
