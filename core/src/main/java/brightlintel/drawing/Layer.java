package brightlintel.drawing;

/** @param declared false for a layer that entities name but no table lists */
public record Layer(String name, Colour colour, boolean off, boolean frozen, boolean locked, String lineType, boolean declared) {
    public boolean startsHidden() {
        return off || frozen;
    }
}
