package brightlintel.drawing;

/** Where in a file. */
public sealed interface Location {
    record Line(long number) implements Location { }

    record Offset(long bytes) implements Location { }

    record Page(int number, long bytesIntoContent) implements Location { }

    record Whole() implements Location { }
}
