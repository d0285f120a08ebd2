package brightlintel.drawing;

/**
 * @param lineType      "" by layer
 * @param lineTypeScale of this entity's pattern, beside the drawing's own
 * @param weight        hundredths of a millimetre on paper, or one of the three words below
 */
public record Style(String layer, Colour colour, String lineType, double lineTypeScale, int weight, boolean visible) {
    public static final int WEIGHT_BY_LAYER = -1, WEIGHT_BY_BLOCK = -2, WEIGHT_DEFAULT = -3;
    public static final Style PLAIN = on("0");

    public static Style on(String layer) {
        return new Style(layer, Colour.BY_LAYER, "", 1, WEIGHT_BY_LAYER, true);
    }
}
