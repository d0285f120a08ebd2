package brightlintel.drawing;

/**
 * A picture at its full size, beyond the pixels that were kept of it: in squares, whole and halved again and again. Asked by those who
 * paint it large; safe from any thread.
 */
public interface Detail {
    /** Pixels of a square. */
    int SIDE = 256;

    /** Of the full size. */
    int width();

    int height();

    /** How often it is halved, the full size counted. */
    int levels();

    /** Whether squares can be had by now. */
    boolean isThere();

    /** Asks for them to be made, behind whoever asks; once. */
    void want();

    /**
     * Rows from the top; squares at the right and lower edge may be smaller.
     *
     * @param level 0 the full size, 1 half of it
     * @return null where it cannot be had
     */
    Pixels square(int level, int column, int row);

    /** Nothing but what the full size was. */
    record Thinned(int width, int height) implements Detail {
        @Override public int levels() {
            return 0;
        }

        @Override public boolean isThere() {
            return false;
        }

        @Override public void want() { }

        @Override public Pixels square(int level, int column, int row) {
            return null;
        }
    }
}
