package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.Evidence;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Scale;
import brightlintel.building.UnderlayId;
import brightlintel.correct.KnownLength;
import brightlintel.geom.Angles;
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

    public static Edit knownLength(UnderlayId u, KnownLength k) {
        return place("edit.known-length", u,
            p -> p.withScale(Given.read(p.scale().value().times(k.factor()), 1, new Evidence.KnownLength(k.drawn(), k.truth()))));
    }

    /** A sheet drawn at one to so many. @param paperUnit metres that one drawing unit is on paper */
    public static Edit plottedAt(UnderlayId u, double paperUnit, double denominator) {
        return place("edit.plotted", u,
            p -> p.withScale(Given.read(Scale.even(paperUnit * denominator), 1, new Evidence.Plotted(denominator))));
    }

    /** Adds to the turn so far. */
    public static Edit turnBy(UnderlayId u, double radians) {
        return place("edit.turn", u, p -> p.withTurn(Given.stated(Angles.signed(p.turn().value() + radians))));
    }

    public static Edit turnTo(UnderlayId u, double radians) {
        return place("edit.turn", u, p -> p.withTurn(Given.stated(Angles.signed(radians))));
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
