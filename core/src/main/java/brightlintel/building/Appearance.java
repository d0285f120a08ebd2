package brightlintel.building;

/**
 * How an underlay lies on the board.
 *
 * @param shown whether it is there at all: what is not shown is not snapped to either
 * @param width of its lines, in those that are usual
 * @param fade  0 full, 1 gone
 */
public record Appearance(boolean shown, Ink ink, double width, double fade) {
    public static final double THINNEST = 0.25, BROADEST = 8;

    public Appearance {
        if (!(width >= THINNEST && width <= BROADEST))
            throw new IllegalArgumentException("width " + width + " is not within " + THINNEST + ".." + BROADEST);
        if (!(fade >= 0 && fade <= 1)) throw new IllegalArgumentException("fade " + fade + " is not within 0..1");
    }

    public static Appearance faded(double fade) {
        return new Appearance(true, Ink.USUAL, 1, fade);
    }

    public Appearance withShown(boolean s) {
        return new Appearance(s, ink, width, fade);
    }

    public Appearance with(Ink i) {
        return new Appearance(shown, i, width, fade);
    }

    public Appearance withWidth(double w) {
        return new Appearance(shown, ink, w, fade);
    }

    public Appearance withFade(double f) {
        return new Appearance(shown, ink, width, f);
    }
}
