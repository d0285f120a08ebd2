package brightlintel.building;

import brightlintel.drawing.SpaceKey;
import brightlintel.geom.Ring;
import java.util.Optional;

/**
 * One space of a file, perhaps a cut-out of it, laid in the building. One underlay may serve several storeys, and a storey may have
 * several.
 *
 * @param cutOut the part of the sheet that is this plan, file units
 * @param locked its place and size stand: no correction changes them
 */
public record Underlay(UnderlayId id, FileId file, String sha256, SpaceKey space, Optional<Ring> cutOut, Placement placement,
    Clearing clearing,
                       Appearance appearance, boolean locked) {
    public Underlay with(Placement p) {
        return new Underlay(id, file, sha256, space, cutOut, p, clearing, appearance, locked);
    }

    public Underlay with(Appearance a) {
        return new Underlay(id, file, sha256, space, cutOut, placement, clearing, a, locked);
    }

    public Underlay with(Clearing c) {
        return new Underlay(id, file, sha256, space, cutOut, placement, c, appearance, locked);
    }

    /** The same of other bytes of its file. */
    public Underlay of(String sha256) {
        return new Underlay(id, file, sha256, space, cutOut, placement, clearing, appearance, locked);
    }

    /** Another part of its sheet, or all of it. */
    public Underlay withCutOut(Optional<Ring> c) {
        return new Underlay(id, file, sha256, space, c, placement, clearing, appearance, locked);
    }

    public Underlay withLocked(boolean l) {
        return new Underlay(id, file, sha256, space, cutOut, placement, clearing, appearance, l);
    }
}
