package brightlintel.desktop.state;

import brightlintel.building.Opening;
import java.util.Optional;

/**
 * Metres. Sill and head are assumed until somebody says otherwise.
 *
 * @param way how a door opens; nothing for a passage without one
 */
public record OpeningSettings(boolean window, double lastWidth, double sill, double head, boolean hingeFar, boolean opensLeft,
                              Optional<Opening.Filling.Way> way, Opening.Filling.Sash sash) {
    public static final OpeningSettings DOOR = new OpeningSettings(false, 0.9, 0, 2.1, false, true,
        Optional.of(Opening.Filling.Way.SINGLE), Opening.Filling.Sash.HUNG);
    public static final OpeningSettings WINDOW = new OpeningSettings(true, 1.2, 0.9, 2.1, false, true, Optional.empty(),
        Opening.Filling.Sash.HUNG);

    public OpeningSettings withWidth(double w) {
        return new OpeningSettings(window, w, sill, head, hingeFar, opensLeft, way, sash);
    }

    public OpeningSettings withHeights(double s, double h) {
        return new OpeningSettings(window, lastWidth, s, h, hingeFar, opensLeft, way, sash);
    }

    public OpeningSettings otherHand() {
        return new OpeningSettings(window, lastWidth, sill, head, !hingeFar, opensLeft, way, sash);
    }

    public OpeningSettings otherSide() {
        return new OpeningSettings(window, lastWidth, sill, head, hingeFar, !opensLeft, way, sash);
    }

    public OpeningSettings with(Optional<Opening.Filling.Way> w) {
        return new OpeningSettings(window, lastWidth, sill, head, hingeFar, opensLeft, w, sash);
    }

    public OpeningSettings with(Opening.Filling.Sash s) {
        return new OpeningSettings(window, lastWidth, sill, head, hingeFar, opensLeft, way, s);
    }

    /** @param reversed whether it was drawn against its wall's direction */
    public Opening.Filling filling(boolean reversed) {
        if (window) return new Opening.Filling.Window(sash);
        return way.<Opening.Filling>map(x -> new Opening.Filling.Door(hingeFar != reversed, opensLeft,
            x)).orElseGet(Opening.Filling.Empty::new);
    }
}
