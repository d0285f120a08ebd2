package brightlintel.drawing;

/**
 * What a file may ask of us. On by default; a file that asks for more is stopped there, with a report.
 *
 * @param strokes  of all flattened together: a block that holds itself ten times over nine deep asks for 10^9
 * @param unfolded bytes that strokes, texts and fills may take together once they are flattened: a share of what the program has
 */
public record ReadLimits(long bytes, int entities, int strokes, long unfolded, int depth, int textLength) {
    private static final double SHARE = 0.5;
    public static final ReadLimits DEFAULT = new ReadLimits(2L << 30, 20_000_000, 12_000_000,
        (long) (SHARE * Runtime.getRuntime().maxMemory()), 48, 100_000);
}
