package brightlintel.drawing;

/** Where in a file. */
public sealed interface Location {
    /**
     * For JSON and logs. A method of each and no switch over patterns: that one is put together at run time, a tenth of a second in a short
     * call.
     */
    String plain();

    record Line(long number) implements Location {
        @Override public String plain() {
            return "line " + number;
        }
    }

    record Offset(long bytes) implements Location {
        @Override public String plain() {
            return "byte " + bytes;
        }
    }

    record Page(int number, long bytesIntoContent) implements Location {
        @Override public String plain() {
            return "page " + number + " byte " + bytesIntoContent;
        }
    }

    record Whole() implements Location {
        @Override public String plain() {
            return "file";
        }
    }
}
