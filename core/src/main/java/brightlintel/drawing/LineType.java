package brightlintel.drawing;

import java.util.List;

/**
 * A pattern along a line, in drawing units before scales. A line that is unbroken has no dashes.
 *
 * @param length of one repeat as the file has it
 */
public record LineType(String name, String description, double length, List<Dash> dashes) {
    public LineType {
        dashes = List.copyOf(dashes);
    }

    /**
     * @param length above 0 a dash, below 0 a gap, 0 a dot
     * @param text   written on the line after this piece, "" for none; kept empty for shapes of a shape file
     * @param shape  number in a shape file, 0 for none; its picture is not known here
     * @param height of the text, by which the style's own height (0: free) is multiplied
     * @param turn   radians; upright with the paper where absolute
     */
    public record Dash(double length, String text, int shape, double height, double turn, boolean absolute, double dx, double dy) {
        public static Dash plain(double length) {
            return new Dash(length, "", 0, 0, 0, false, 0, 0);
        }
    }

    public double repeat() {
        return dashes.stream().mapToDouble(d -> Math.abs(d.length())).sum();
    }
}
