package brightlintel.drawing;

/**
 * @param weight   hundredths of a millimetre on paper, {@link Style#WEIGHT_DEFAULT} where the file leaves it open
 * @param plotted  false where the file keeps the layer off paper
 * @param declared false for a layer that entities name but no table lists
 */
public record Layer(String name, Colour colour, boolean off, boolean frozen, boolean locked, String lineType, int weight, boolean plotted,
    boolean declared) {
    /** The name of the layer that every drawing has. */
    public static final String ZERO = "0";

    public static Layer plain(String name, Colour colour) {
        return new Layer(name, colour, false, false, false, "", Style.WEIGHT_DEFAULT, true, true);
    }

    /** Named by an entity only. */
    public static Layer undeclared(String name) {
        return new Layer(name, Colour.PLAIN, false, false, false, "", Style.WEIGHT_DEFAULT, true, false);
    }

    public boolean startsHidden() {
        return off || frozen;
    }
}
