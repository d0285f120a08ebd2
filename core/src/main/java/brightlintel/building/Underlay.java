package brightlintel.building;

import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Ring;
import java.util.Optional;

/**
 * One space of a file, perhaps a cut-out of it, laid in the building. One underlay may serve several storeys, and a storey may have
 * several.
 *
 * @param cutOut the part of the sheet that is this plan, file units
 * @param fade   0 full, 1 gone
 */
public record Underlay(UnderlayId id, FileId file, String sha256, SpaceKey space, Optional<Ring> cutOut, Placement placement,
    Clearing clearing,
                       double fade, boolean locked) {
    public Underlay {
        if (!(fade >= 0 && fade <= 1)) throw new IllegalArgumentException("fade " + fade + " is not within 0..1");
    }

    public Underlay with(Placement p) {
        return new Underlay(id, file, sha256, space, cutOut, p, clearing, fade, locked);
    }

    public Underlay withFade(double f) {
        return new Underlay(id, file, sha256, space, cutOut, placement, clearing, f, locked);
    }

    public Underlay with(Clearing c) {
        return new Underlay(id, file, sha256, space, cutOut, placement, c, fade, locked);
    }
}
