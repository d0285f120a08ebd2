package brightlintel.building;

import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Ring;
import java.util.Optional;

/** File + space + perhaps a cut-out + placement + clearing. One underlay may serve several storeys. fade: 0 full, 1 gone. */
public record Underlay(UnderlayId id, FileId file, String sha256, SpaceKey space, Optional<Ring> cutOut, Placement placement, Clearing clearing,
                       double fade, boolean locked) {
    public Underlay with(Placement p) {
        return new Underlay(id, file, sha256, space, cutOut, p, clearing, fade, locked);
    }

    public Underlay with(Clearing c) {
        return new Underlay(id, file, sha256, space, cutOut, placement, c, fade, locked);
    }
}
