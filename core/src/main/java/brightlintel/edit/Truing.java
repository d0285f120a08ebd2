package brightlintel.edit;

import brightlintel.building.Edit;
import brightlintel.building.Evidence;
import brightlintel.building.Given;
import brightlintel.building.Placement;
import brightlintel.building.Project;
import brightlintel.building.Scale;
import brightlintel.building.UnderlayId;
import brightlintel.correct.InLine;
import brightlintel.correct.lie.DatumFinding;
import brightlintel.correct.lie.TurnFinding;
import brightlintel.correct.line.Lining;
import brightlintel.correct.size.Opinion;
import brightlintel.correct.size.SizeFinding;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;

/** What was found of an underlay's size, turn and place, taken: each a step of its own. What is locked stays where it is. */
public final class Truing {
    private Truing() { }

    public static Edit size(UnderlayId u, SizeFinding s) {
        Evidence[] why = s.opinions().stream().filter(o -> o.agrees(s.metresPerUnit())).map(Truing::evidence).toArray(Evidence[]::new);
        return Placing.place("edit.true-size", u, p -> p.withScale(new Given<>(new Scale(s.metresPerUnitX(), s.metresPerUnitY()),
            Given.read(0, s.confidence(), why).why())));
    }

    /** The same size for other drawings of one sheet or office, as one step. What is locked stays as it is. */
    public static Edit sizeAlso(List<UnderlayId> others, Given<Scale> size) {
        return also("edit.true-size-also", others, p -> p.withScale(size));
    }

    /** The same turn. */
    public static Edit turnAlso(List<UnderlayId> others, Given<Double> turn) {
        return also("edit.true-turn-also", others, p -> p.withTurn(turn));
    }

    private static Edit also(String name, List<UnderlayId> others, UnaryOperator<Placement> f) {
        return Edit.of(name, p -> {
            Project out = p;
            for (UnderlayId u : others) out = out.withUnderlay(u, x -> x.locked() ? x : x.with(f.apply(x.placement())));
            return out;
        });
    }

    private static Evidence evidence(Opinion o) {
        return new Evidence.Weighed(o.kind().name().toLowerCase(Locale.ROOT), o.count(), o.of());
    }

    /** Stands upright, and its texts can be read. */
    public static Edit upright(UnderlayId u, TurnFinding t) {
        return Placing.place("edit.true-upright", u, p -> p.withTurn(Given.read(Angles.signed(-t.whole()), t.share(),
            new Evidence.Weighed("directions", (int) Math.round(100 * t.share()), 100))));
    }

    /** A point of the file becomes 0,0. @param inFile file units */
    public static Edit datum(UnderlayId u, DatumFinding.Kind kind, Point inFile) {
        Evidence why = new Evidence.Weighed(kind.name().toLowerCase(Locale.ROOT), 1, 1);
        return Placing.place("edit.true-datum", u, p -> p.withAnchor(Given.read(inFile, 1, why), Given.read(Point.ORIGIN, 1, why)));
    }

    /** Comes to lie on the drawing of another storey. */
    public static Edit inLine(UnderlayId u, InLine l) {
        Evidence why = new Evidence.Weighed(l.aligned().by() == Lining.By.GRID ? "grid" : "lines", l.aligned().lines(),
            l.aligned().lines());
        return Placing.place("edit.true-in-line", u, p -> p.withTurn(new Given<>(l.turn(), Given.read(0, 1, why).why()))
            .withAnchor(Given.read(l.anchor(), 1, why), Given.read(l.at(), 1, why)));
    }

    /**
     * Two of its points come to lie as near to where they belong as turning and moving allow: the middle between them exactly.
     *
     * @param own   file units; there: building, metres; two of each
     */
    public static Edit twoPairs(UnderlayId u, List<Point> own, List<Point> there) {
        Point middle = own.get(0).towards(own.get(1), 0.5), to = there.get(0).towards(there.get(1), 0.5);
        double way = there.get(1).minus(there.get(0)).angle();
        return Placing.place("edit.two-pairs", u, p -> {
            double now = p.apply(own.get(1)).minus(p.apply(own.get(0))).angle();
            return p.withTurn(Given.stated(Angles.signed(p.turn().value() + way - now)))
                .withAnchor(Given.stated(p.straightening().map(s -> s.map().apply(middle)).orElse(middle)), Given.stated(to));
        });
    }
}
