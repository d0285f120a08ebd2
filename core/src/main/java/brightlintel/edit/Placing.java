package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.Evidence;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Scale;
import brightlintel.building.Straightening;
import brightlintel.building.UnderlayId;
import brightlintel.correct.FourPoints;
import brightlintel.correct.KnownLength;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Size, direction and datum of an underlay. The file stays as it is; what is locked stays where it is. */
public final class Placing {
    private Placing() { }

    static Edit place(String name, UnderlayId u, UnaryOperator<Placement> f) {
        return Edit.of(name, p -> p.withUnderlay(u, x -> x.locked() ? x : x.with(f.apply(x.placement()))));
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
        return place("edit.datum", u, p -> p.withAnchor(Given.stated(p.toStraightened(inBuilding)), Given.stated(Point.ORIGIN)));
    }

    /** The point that lies here now comes to lie there. */
    public static Edit move(UnderlayId u, Point from, Point to) {
        return place("edit.move-underlay", u, p -> p.withAnchor(Given.stated(p.toStraightened(from)), Given.stated(to)));
    }

    /** The datum point comes to lie there. */
    public static Edit putAt(UnderlayId u, Point inBuilding) {
        return place("edit.move-underlay", u, p -> p.withAnchor(p.fileAnchor(), Given.stated(inBuilding)));
    }

    public static Edit mirror(UnderlayId u) {
        return place("edit.mirror", u, p -> p.withMirrored(!p.mirrored()));
    }

    /** A sheet that is longer one way than the other. @param remains metres, the largest by which a known length is off */
    public static Edit stretched(UnderlayId u, Scale s, double remains) {
        return place("edit.stretch", u, p -> p.withScale(Given.read(s, 1, new Evidence.Stretched(remains))));
    }

    /** Takes perspective out: level with the first rectangle, whose first corner stays where it is on the board. */
    public static Edit straighten(UnderlayId u, FourPoints.Fitted f) {
        return place("edit.straighten", u, p -> {
            Point corner = f.straightening().rectangles().getFirst().corners().getFirst(), there = p.apply(corner);
            return p.straightened(Optional.of(f.straightening()))
                .withScale(Given.read(Scale.even(f.straightening().metres()), 1, new Evidence.Straightened(f.remains(), f.pixel())))
                .withTurn(Given.read(0.0, 1, new Evidence.Straightened(f.remains(), f.pixel()))).withMirrored(false)
                .withAnchor(new Given<>(f.straightening().map().apply(corner), p.fileAnchor().why()), new Given<>(there, p.at().why()));
        });
    }

    /** The same, with the first rectangle where its corners truly are: turned and put as nearly as four points allow. */
    public static Edit straightenOnto(UnderlayId u, FourPoints.Fitted f, List<Point> truth) {
        Point along = truth.get(1).minus(truth.get(0)).plus(truth.get(2).minus(truth.get(3)));
        Straightening s = f.straightening();
        List<Point> flat = s.rectangles().getFirst().corners().stream().map(s.map()::apply).toList();
        Evidence said = new Evidence.Straightened(f.remains(), f.pixel());
        return place("edit.straighten", u, p -> p.straightened(Optional.of(s)).withScale(Given.read(Scale.even(s.metres()), 1, said))
            .withTurn(Given.read(along.angle(), 1, said)).withMirrored(false)
            .withAnchor(Given.read(middle(flat), 1, said), Given.read(middle(truth), 1, said)));
    }

    private static Point middle(List<Point> p) {
        Point sum = Point.ORIGIN;
        for (Point q : p) sum = sum.plus(q);
        return sum.times(1.0 / p.size());
    }

    /** As it was photographed. */
    public static Edit unstraighten(UnderlayId u) {
        return place("edit.unstraighten", u, p -> {
            Optional<Straightening> s = p.straightening();
            if (s.isEmpty()) return p;
            Point corner = s.get().rectangles().getFirst().corners().getFirst(), there = p.apply(corner);
            return p.straightened(Optional.empty()).withAnchor(new Given<>(corner, p.fileAnchor().why()), new Given<>(there, p.at().why()));
        });
    }
}
