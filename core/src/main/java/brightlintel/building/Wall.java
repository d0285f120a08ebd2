package brightlintel.building;

import brightlintel.geom.Piece;
import brightlintel.geom.Point;
import java.util.Optional;
import java.util.Set;

/**
 * ONE straight or arc piece; joints are solved from shared ends, never stored.
 *
 * @param kind that it is of; its thickness is the kind's then
 * @param base of its body: on its storey's floor, or on a level
 * @param stance whether it is joined with what it meets
 * @param runs the ends at which it runs through the corner, and what meets it there ends at its face
 */
public record Wall(ElementId id, Piece reference, Side side, Given<Double> thickness, Stand base, Top top, Provenance from,
                   Optional<KindId> kind, Set<End> runs, Stance stance) implements StoreyElement {
    public enum End { START, END }

    /** Whether it meets others at its ends, or ends by itself where it is drawn. */
    public enum Stance { JOINED, FREE }

    public Wall(ElementId id, Piece reference, Side side, Given<Double> thickness, Stand base, Top top, Provenance from,
                Optional<KindId> kind) {
        this(id, reference, side, thickness, base, top, from, kind, Set.of(), Stance.JOINED);
    }

    /** Of no kind. */
    public Wall(ElementId id, Piece reference, Side side, Given<Double> thickness, Stand base, Top top, Provenance from) {
        this(id, reference, side, thickness, base, top, from, Optional.empty());
    }

    public Wall {
        runs = Set.copyOf(runs);
        // what was saved before there was a choice
        if (stance == null) stance = Stance.JOINED;
        if (!(thickness.value() > 0.001 && thickness.value() < 20))
            throw new IllegalArgumentException("thickness " + thickness.value() + " is not within 0.001..20");
        if (!(reference.length() > 1e-6)) throw new IllegalArgumentException("wall without length");
    }

    /** Offset of the left face from the reference, to the left; never negative. */
    public double left() {
        return side.leftShare() * thickness.value();
    }

    /** Offset of the right face from the reference, to the right; never negative. */
    public double right() {
        return thickness.value() - left();
    }

    public double length() {
        return reference.length();
    }

    public Point middle(double along) {
        return reference.at(along, (left() - right()) / 2);
    }

    /** Whether a place lies in its body, or beyond its faces and ends by so much, metres. */
    public boolean holds(Point p, double more) {
        Point u = reference.unroll(p);
        return u.x() >= -more && u.x() <= length() + more && u.y() <= left() + more && u.y() >= -right() - more;
    }

    public Wall with(Piece r) {
        return new Wall(id, r, side, thickness, base, top, from, kind, runs, stance);
    }

    public Wall with(Provenance p) {
        return new Wall(id, reference, side, thickness, base, top, p, kind, runs, stance);
    }

    public Wall withId(ElementId i) {
        return new Wall(i, reference, side, thickness, base, top, from, kind, runs, stance);
    }

    @Override public Wall withId(ElementId i, Provenance p) {
        return new Wall(i, reference, side, thickness, base, top, p, kind, runs, stance);
    }

    /** Another than its kind's: it is of no kind then. */
    public Wall withThickness(Given<Double> t) {
        return new Wall(id, reference, side, t, base, top, from, Optional.empty(), runs, stance);
    }

    /** As thick as its kind. */
    public Wall with(WallKind k) {
        Given<Double> t = thickness.value() == k.thickness() ? thickness : Given.stated(k.thickness());
        return new Wall(id, reference, side, t, base, top, from, Optional.of(k.id()), runs, stance);
    }

    public Wall withoutKind() {
        return new Wall(id, reference, side, thickness, base, top, from, Optional.empty(), runs, stance);
    }

    public Wall withSide(Side s) {
        return new Wall(id, reference, s, thickness, base, top, from, kind, runs, stance);
    }

    public Wall withTop(Top t) {
        return new Wall(id, reference, side, thickness, base, t, from, kind, runs, stance);
    }

    public Wall withBase(Stand b) {
        return new Wall(id, reference, side, thickness, b, top, from, kind, runs, stance);
    }

    public Wall withRuns(Set<End> r) {
        return new Wall(id, reference, side, thickness, base, top, from, kind, r, stance);
    }

    /** Drawn the other way, its body where it was. */
    public Wall turnedRound() {
        Set<End> r = runs.size() == 1 ? Set.of(runs.contains(End.START) ? End.END : End.START) : runs;
        return new Wall(id, reference.reversed(), side.flipped(), thickness, base, top, from, kind, r, stance);
    }

    public Wall with(Stance s) {
        return new Wall(id, reference, side, thickness, base, top, from, kind, runs, s);
    }

    public boolean isFree() {
        return stance == Stance.FREE;
    }
}
