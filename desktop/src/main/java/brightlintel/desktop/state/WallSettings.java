package brightlintel.desktop.state;

import brightlintel.building.Given;
import brightlintel.building.Side;

/** What the next wall, opening and slab will be; kept from one to the next. */
public record WallSettings(Given<Double> thickness, Side side) {
    public static final WallSettings USUAL = new WallSettings(Given.assumed(0.24), Side.CENTRE);

    public WallSettings with(Given<Double> t) {
        return new WallSettings(t, side);
    }

    public WallSettings with(Side s) {
        return new WallSettings(thickness, s);
    }
}
