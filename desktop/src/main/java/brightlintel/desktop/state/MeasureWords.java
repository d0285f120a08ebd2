package brightlintel.desktop.state;

import brightlintel.building.Placement;
import brightlintel.building.Underlay;
import brightlintel.building.Units;
import brightlintel.desktop.text.Words;
import brightlintel.geom.Angles;
import brightlintel.geom.Point;
import brightlintel.lengths.LengthFormat;
import brightlintel.measure.Measured;
import java.util.Optional;

/** What was measured, in words: in the building, in the other units, and as the drawing in hand has it. */
public record MeasureWords(Workspace w) {
    /** The figure alone, as it is copied. */
    public String value(Measured m) {
        return value(m, w.lengths());
    }

    public String otherUnits(Measured m) {
        boolean metric = w.project().units() == Units.METRIC;
        return value(m, new LengthFormat(metric ? Units.FEET_AND_INCHES : Units.METRIC));
    }

    private static String value(Measured m, LengthFormat f) {
        return switch (m.quantity()) {
            case LENGTH -> f.position(m.value());
            case AREA -> f.areaExact(m.value());
            case ANGLE -> LengthFormat.angle(m.value());
        };
    }

    /** In units of the file, before it was put in its place; nothing where no drawing is in hand. */
    public Optional<String> inDrawing(Measured m) {
        return w.underlay().map(Underlay::placement).map(p -> {
            double v = m.mapped(p::toFile).value();
            return m.quantity() == Measured.Quantity.ANGLE ? LengthFormat.angle(v) : LengthFormat.plain(v, digits(p, m));
        });
    }

    /** As fine as the building's figures are: a millimetre or a square centimetre. */
    private static int digits(Placement p, Measured m) {
        double unit = p.scale().value().mean(), finest = m.quantity() == Measured.Quantity.AREA ? unit * unit * 1e3 : unit * 1e3;
        return Math.clamp((long) Math.ceil(Math.log10(finest)), 0, 4);
    }

    /** The figure with what else belongs to it. */
    public String said(Measured m) {
        LengthFormat f = w.lengths();
        String v = value(m);
        return switch (m) {
            case Measured.Distance(Point a, Point b) -> Words.of("measure.words", v, f.position(Math.abs(b.x() - a.x())),
                f.position(Math.abs(b.y() - a.y())), LengthFormat.angle(Angles.positive(b.minus(a).angle())));
            case Measured.Chain c -> Words.of("measure.chain", v, c.points().size() - 1);
            case Measured.Area a -> Words.of("measure.area", v, f.position(a.perimeter()));
            case Measured.Radius _ -> Words.of("measure.radius", v, f.position(2 * m.value()));
            case Measured.Gap g when g.isParallel() -> Words.of("measure.parallel", v);
            case Measured.Gap g -> Words.of("measure.nearest", v, LengthFormat.angle(g.between()));
            case Measured.Angle _ -> v;
        };
    }
}
