package brightlintel.read;

/**
 * What a file may ask of us. On by default; a file that asks for more is stopped there, with a report.
 *
 * @param strokes of all flattened together: a block that holds itself ten times over nine deep asks for 10^9
 */
public record ReadLimits(long bytes, int entities, int strokes, int depth, int textLength) {
    public static final ReadLimits DEFAULT = new ReadLimits(2L << 30, 20_000_000, 12_000_000, 48, 100_000);
}
