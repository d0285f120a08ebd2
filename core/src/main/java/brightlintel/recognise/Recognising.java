package brightlintel.recognise;

import brightlintel.building.Cast;
import brightlintel.building.Clearing;
import brightlintel.building.Underlay;
import brightlintel.correct.Reckoning;
import brightlintel.correct.look.Drawn;
import brightlintel.drawing.Progress;
import brightlintel.drawing.RawDrawing;
import brightlintel.place.PlacedDrawing;
import brightlintel.repair.Mender;
import brightlintel.role.Casting;
import brightlintel.role.RoleFinding;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A drawing with what was found of it as it was received: what is recognised of it as it lies now. What roles set aside is looked at all
 * the same, since rooms are named by texts and told by roles; what somebody hid is not.
 */
public final class Recognising {
    private final Mender mender;
    private final Reckoning reckoning;
    private final RoleFinding roles;

    private Recognising(Mender mender, Reckoning reckoning) {
        this.mender = mender;
        this.reckoning = reckoning;
        this.roles = RoleFinding.of(reckoning);
    }

    /** Looks through all that is drawn: once for each drawing. */
    public static Recognising of(RawDrawing raw, Underlay u, Mender mender) {
        return new Recognising(mender, Reckoning.of(Drawn.asReceived(raw, u.space(), mender.received().strokes())));
    }

    /** @param u     where it lies, and what of it is hidden; casts: what its parts stand for */
    public Recognised of(Underlay u, List<Cast> casts, Progress progress) {
        Clearing c = u.clearing();
        Clearing whole = c.withRoles(c.roles(), Set.of()).withMended(c.mended().or(() -> Optional.of(Casting.recipe(casts))));
        return Recognised.of(new PlacedDrawing(u.with(whole), mender), reckoning, roles, casts, progress);
    }
}
