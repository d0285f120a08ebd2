package brightlintel.solid;

import brightlintel.building.Opening;
import brightlintel.building.Wall;
import brightlintel.geom.Curve;
import brightlintel.geom.Point;

/** How a door's leaf stands open in plan, metres. @param swing from the open leaf to the shut one */
public record Leaf(Point hinge, Point open, Point shut, Curve.EllipticArc swing) {
    public static Leaf of(Opening o, Wall w, Opening.Filling.Door d) {
        double face = d.opensLeft() ? w.left() : -w.right();
        Point hinge = w.reference().at(d.hingeFar() ? o.end() : o.start(), face),
            shut = w.reference().at(d.hingeFar() ? o.start() : o.end(), face);
        Point along = shut.minus(hinge), out = along.left().times(d.opensLeft() == !d.hingeFar() ? 1 : -1);
        return new Leaf(hinge, hinge.plus(out), shut, new Curve.EllipticArc(hinge, out, along, 0, Math.PI / 2));
    }
}
