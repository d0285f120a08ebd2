package brightlintel.drawing;

/** @param lineType "" by layer */
public record Style(String layer, Colour colour, String lineType, boolean visible) {
    public static final Style PLAIN = new Style("0", Colour.BY_LAYER, "", true);
}
