package brightlintel.desktop.state;

import brightlintel.building.Given;
import brightlintel.building.KindId;
import brightlintel.building.Side;
import brightlintel.building.WallKind;
import java.util.Optional;

/** What the next wall will be; kept from one to the next. @param kind that it is of */
public record WallSettings(Given<Double> thickness, Side side, Optional<KindId> kind) {
    public static final WallSettings USUAL = new WallSettings(Given.assumed(0.24), Side.CENTRE, Optional.empty());

    /** Another thickness is of no kind. */
    public WallSettings with(Given<Double> t) {
        return new WallSettings(t, side, Optional.empty());
    }

    public WallSettings with(Side s) {
        return new WallSettings(thickness, s, kind);
    }

    public WallSettings with(WallKind k) {
        return new WallSettings(Given.stated(k.thickness()), side, Optional.of(k.id()));
    }
}
