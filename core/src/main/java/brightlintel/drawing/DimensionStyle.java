package brightlintel.drawing;

/**
 * What a style of written measures says of size; evidence of unit and plot scale.
 *
 * @param factor     by which measured lengths are multiplied before they are written
 * @param scale      of everything about the measure's look; 0 where it follows the layout
 * @param textHeight before scale
 */
public record DimensionStyle(String name, double factor, double scale, double textHeight) { }
