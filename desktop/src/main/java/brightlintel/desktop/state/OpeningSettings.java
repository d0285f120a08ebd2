package brightlintel.desktop.state;

import brightlintel.building.KindId;
import brightlintel.building.Opening;
import brightlintel.building.OpeningKind;
import java.util.Optional;

/**
 * Metres. Sill and head are assumed until somebody says otherwise.
 *
 * @param way how a door opens; nothing for a passage without one
 * @param kind that the next one is of
 */
public record OpeningSettings(boolean window, double lastWidth, double sill, double head, boolean hingeFar, boolean opensLeft,
                              Optional<Opening.Filling.Way> way, Opening.Filling.Sash sash, Optional<KindId> kind) {
    public static final OpeningSettings DOOR = new OpeningSettings(false, 0.9, 0, 2.1, false, true,
        Optional.of(Opening.Filling.Way.SINGLE), Opening.Filling.Sash.HUNG, Optional.empty());
    public static final OpeningSettings WINDOW = new OpeningSettings(true, 1.2, 0.9, 2.1, false, true, Optional.empty(),
        Opening.Filling.Sash.HUNG, Optional.empty());

    public OpeningSettings withWidth(double w) {
        return new OpeningSettings(window, w, sill, head, hingeFar, opensLeft, way, sash, Optional.empty());
    }

    public OpeningSettings withHeights(double s, double h) {
        return new OpeningSettings(window, lastWidth, s, h, hingeFar, opensLeft, way, sash, Optional.empty());
    }

    public OpeningSettings otherHand() {
        return new OpeningSettings(window, lastWidth, sill, head, !hingeFar, opensLeft, way, sash, kind);
    }

    public OpeningSettings otherSide() {
        return new OpeningSettings(window, lastWidth, sill, head, hingeFar, !opensLeft, way, sash, kind);
    }

    public OpeningSettings with(Optional<Opening.Filling.Way> w) {
        return new OpeningSettings(window, lastWidth, sill, head, hingeFar, opensLeft, w, sash, Optional.empty());
    }

    public OpeningSettings with(Opening.Filling.Sash s) {
        return new OpeningSettings(window, lastWidth, sill, head, hingeFar, opensLeft, way, s, Optional.empty());
    }

    /** As a kind is. */
    public OpeningSettings with(OpeningKind k) {
        Optional<Opening.Filling.Way> w = k.filling() instanceof Opening.Filling.Door d ? Optional.of(d.way()) : Optional.empty();
        return new OpeningSettings(window, k.width(), k.sill(), k.head(), hingeFar, opensLeft, w,
            k.filling() instanceof Opening.Filling.Window(Opening.Filling.Sash x) ? x : sash, Optional.of(k.id()));
    }

    /** Whether its openings are drawn with this tool. */
    public boolean draws(OpeningKind k) {
        return !(k.filling() instanceof Opening.Filling.Glazed) && window == k.filling() instanceof Opening.Filling.Window;
    }

    /** @param reversed whether it was drawn against its wall's direction */
    public Opening.Filling filling(boolean reversed) {
        if (window) return new Opening.Filling.Window(sash);
        return way.<Opening.Filling>map(x -> new Opening.Filling.Door(hingeFar != reversed, opensLeft,
            x)).orElseGet(Opening.Filling.Empty::new);
    }
}
