package brightlintel.correct;

import brightlintel.correct.lie.Astray;
import brightlintel.correct.lie.DatumFinding;
import brightlintel.correct.lie.TurnFinding;
import brightlintel.correct.look.Drawn;
import brightlintel.correct.look.Look;
import brightlintel.correct.size.SizeFinding;
import brightlintel.correct.size.SizeKind;
import brightlintel.correct.size.Sizing;
import brightlintel.drawing.Strokes;
import brightlintel.geom.Affine;
import brightlintel.geom.Point;
import brightlintel.geom.Unstretched;
import java.util.Set;

/**
 * All that a drawing says of its size, its turn, its datum and of what lies astray, each with what it rests on. Cost n log n in strokes.
 */
public record Reckoning(Look look, SizeFinding size, TurnFinding turn, DatumFinding datum, Astray astray) {
    public static Reckoning of(Drawn d) {
        Look look = Look.at(d);
        SizeFinding size = Sizing.of(look);
        TurnFinding turn = TurnFinding.of(look);
        return new Reckoning(look, size, turn, DatumFinding.of(look, turn.whole(), size.metresPerUnit()), Astray.of(d));
    }

    /** The same with some kinds of evidence of size struck out. */
    public Reckoning without(Set<SizeKind> struck) {
        return struck.isEmpty() ? this : new Reckoning(look, Sizing.of(look, struck), turn, datum, astray);
    }

    /**
     * What is seen of a sheet that was stretched once it is as long both ways as it was drawn: tags and leaves are round again. The same
     * strokes in the same order; what was found of its size, turn and datum stays.
     */
    public Reckoning unstretched() {
        if (!size.isStretched()) return this;
        Drawn d = look.drawn();
        Affine even = Affine.scale(size.metresPerUnitX() / size.metresPerUnit(), size.metresPerUnitY() / size.metresPerUnit());
        Strokes s = d.strokes().mapped(even, Unstretched::of);
        return new Reckoning(Look.at(new Drawn(d.file(), d.space(), s, d.strokeShown(), d.markShown())), size.even(), turn, datum, astray);
    }

    /** The proposed datum, or the strokes' own origin where there is none; shifted file units. */
    Point zero() {
        return datum.best().map(DatumFinding.Proposal::at).orElse(Point.ORIGIN);
    }

    /** A point in metres, turned upright. @param turn by which the plan lies turned */
    Point upright(Point shifted, double turn) {
        return shifted.times(size.metresPerUnit()).turn(-turn);
    }

    /** From shifted file units. */
    public Point inFile(Point p) {
        return p.plus(look.strokes().origin());
    }
}
