package brightlintel.drawing;

import java.util.List;

/**
 * A hatch or filled shape in its place: painted, never snapped to. Coordinates are shifted file units, like those of strokes. Nothing in the
 * arrays is to be changed.
 *
 * @param rings  outlines, x and y in turn; holes by the even-odd rule
 * @param lines  the pattern cut to the outlines, x0 y0 x1 y1; empty for a plain fill
 * @param colour 0xRRGGBB
 */
public record FillMark(List<double[]> rings, double[] lines, int layer, int colour, Entity entity) {
    public FillMark {
        rings = List.copyOf(rings);
    }
}
