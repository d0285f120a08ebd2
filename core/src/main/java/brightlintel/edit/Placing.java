package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Scale;
import brightlintel.building.UnderlayId;
import brightlintel.correct.KnownLength;
import brightlintel.geom.Point;
import java.util.function.UnaryOperator;

/** Size, direction and datum of an underlay. The file stays as it is. */
public final class Placing {
    private Placing() { }

    private static Edit place(String name, UnderlayId u, UnaryOperator<Placement> f) {
        return Edit.of(name, p -> p.withUnderlay(u, x -> x.with(f.apply(x.placement()))));
    }

    public static Edit unit(UnderlayId u, double metresPerUnit) {
        return place("edit.unit", u, p -> p.withScale(Given.stated(Scale.even(metresPerUnit))));
    }

    /** The evidence names what was measured, for the screen that asks why. */
    public static Edit knownLength(UnderlayId u, KnownLength k, String evidence) {
        return place("edit.known-length", u, p -> p.withScale(Given.read(p.scale().value().times(k.factor()), 1, evidence)));
    }

    /** Adds to the turn so far. */
    public static Edit turnBy(UnderlayId u, double radians) {
        return place("edit.turn", u, p -> p.withTurn(Given.stated(brightlintel.geom.Angles.signed(p.turn().value() + radians))));
    }

    public static Edit turnTo(UnderlayId u, double radians) {
        return place("edit.turn", u, p -> p.withTurn(Given.stated(brightlintel.geom.Angles.signed(radians))));
    }

    /** The point that lies here now becomes 0,0. */
    public static Edit datum(UnderlayId u, Point inBuilding) {
        return place("edit.datum", u, p -> p.withAnchor(Given.stated(p.toFile(inBuilding)), Given.stated(Point.ORIGIN)));
    }

    /** The point that lies here now comes to lie there. */
    public static Edit move(UnderlayId u, Point from, Point to) {
        return place("edit.move-underlay", u, p -> p.withAnchor(Given.stated(p.toFile(from)), Given.stated(to)));
    }

    public static Edit mirror(UnderlayId u) {
        return place("edit.mirror", u, p -> p.withMirrored(!p.mirrored()));
    }
}
