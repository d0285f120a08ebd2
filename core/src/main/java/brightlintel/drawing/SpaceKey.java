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

    record Model() implements SpaceKey { }

    record Layout(String name) implements SpaceKey { }

    record Page(int number) implements SpaceKey { }
}
