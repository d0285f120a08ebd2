package brightlintel.desktop.state;

/** Metres. Sill and head are assumed until somebody says otherwise. */
public record OpeningSettings(boolean window, double lastWidth, double sill, double head, boolean hingeFar, boolean opensLeft) {
    public static final OpeningSettings DOOR = new OpeningSettings(false, 0.9, 0, 2.1, false, true);
    public static final OpeningSettings WINDOW = new OpeningSettings(true, 1.2, 0.9, 2.1, false, true);

    public OpeningSettings withWidth(double w) {
        return new OpeningSettings(window, w, sill, head, hingeFar, opensLeft);
    }

    public OpeningSettings otherHand() {
        return new OpeningSettings(window, lastWidth, sill, head, !hingeFar, opensLeft);
    }

    public OpeningSettings otherSide() {
        return new OpeningSettings(window, lastWidth, sill, head, hingeFar, !opensLeft);
    }
}
