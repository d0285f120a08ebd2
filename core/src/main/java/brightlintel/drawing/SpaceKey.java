package brightlintel.drawing;

/** One place of a file where a plan can be drawn. */
public sealed interface SpaceKey {
    /** As people call it. */
    default String name() {
        return switch (this) {
            case Model _ -> "Model";
            case Layout l -> l.name;
            case Page p -> "Page " + p.number;
        };
    }

    record Model() implements SpaceKey {
        // as a record does it, but not put together at run time: it is asked for in every call, however short
        @Override public boolean equals(Object o) {
            return o instanceof Model;
        }

        @Override public int hashCode() {
            return 0;
        }
    }

    record Layout(String name) implements SpaceKey { }

    record Page(int number) implements SpaceKey { }
}
