package brightlintel.drawing;

/** One place of a file where a plan can be drawn. */
public sealed interface SpaceKey {
    record Model() implements SpaceKey { }

    record Layout(String name) implements SpaceKey { }

    record Page(int number) implements SpaceKey { }
}
