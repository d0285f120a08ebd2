package brightlintel.building;

/** A kind of fault in what was drawn, and its mending; the strictest first. */
public enum Mend {
    /** Drawn a second time: one of them stays. */
    DOUBLED,
    /** Pieces of one line that lie over each other: one line. */
    OVERLAPS,
    /** Pieces of one line end to end, where nothing else meets: one line. */
    FRAGMENTS,
    /** A circle drawn in many short pieces: an arc again. */
    ARCS,
    /** Less than a few millimetres that hang on nothing: dropped. */
    CRUMBS,
    /** What falls short of a corner, of another line or of its own continuation: lengthened. */
    GAPS,
    /** What runs on behind a corner or another line: cut back. */
    OVERSHOOTS,
    /** Dashes drawn one by one: one line. */
    DASHES
}
