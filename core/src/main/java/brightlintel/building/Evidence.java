package brightlintel.building;

/** What a value that was read rests on. Values, not sentences: the window has the words. Lengths in metres. */
public sealed interface Evidence {
    /** The file names its unit. */
    record HeaderUnit(double metresPerUnit) implements Evidence { }

    /** Two points whose true distance is known. @param drawn in the size that held before */
    record KnownLength(double drawn, double truth) implements Evidence { }

    /** A drawn wall was crossed. */
    record ReadAcross(double thickness) implements Evidence { }

    /** A sheet drawn at one to so many. */
    record Plotted(double denominator) implements Evidence { }

    /** A scale written on the sheet. */
    record ScaleNote(String text, double denominator) implements Evidence { }

    /** Known lengths across each other. @param remains the largest by which one of them is off */
    record Stretched(double remains) implements Evidence { }

    /** Rectangles picked on a photograph. @param remains the largest by which a corner is off; pixel: what one of its pixels is */
    record Straightened(double remains, double pixel) implements Evidence { }

    /** What the program weighed. @param kind of the things it rests on; count: of them that agree; of: all that were asked */
    record Weighed(String kind, int count, int of) implements Evidence { }

    /** As an earlier version wrote it down. */
    record Note(String text) implements Evidence { }
}
