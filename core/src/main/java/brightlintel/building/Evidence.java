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

    /** As an earlier version wrote it down. */
    record Note(String text) implements Evidence { }
}
