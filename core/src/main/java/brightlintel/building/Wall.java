package brightlintel.building;

import brightlintel.geom.Piece;
import brightlintel.geom.Point;

/**
 * ONE straight or arc piece; joints are solved from shared ends, never stored.
 *
 * @param base of its body: on its storey's floor, or on a level
 */
public record Wall(ElementId id, Piece reference, Side side, Given<Double> thickness, Stand base, Top top, Provenance from)
    implements StoreyElement {
    public Wall {
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

    public Wall with(Piece r) {
        return new Wall(id, r, side, thickness, base, top, from);
    }

    public Wall with(Provenance p) {
        return new Wall(id, reference, side, thickness, base, top, p);
    }

    public Wall withId(ElementId i) {
        return new Wall(i, reference, side, thickness, base, top, from);
    }

    public Wall withThickness(Given<Double> t) {
        return new Wall(id, reference, side, t, base, top, from);
    }

    public Wall withSide(Side s) {
        return new Wall(id, reference, s, thickness, base, top, from);
    }

    public Wall withTop(Top t) {
        return new Wall(id, reference, side, thickness, base, t, from);
    }

    public Wall withBase(Stand b) {
        return new Wall(id, reference, side, thickness, b, top, from);
    }
}
